#include "app/listening/heard_words.h"

#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

QString tr(const char* text, const char* comment = nullptr, int n = -1) {
    return QCoreApplication::translate("HeardWords", text, comment, n);
}

constexpr double kLowInput = -34.0; ///< dB full scale, peak: noise of the input comes near
constexpr double kGoodInput = -14.0;
constexpr double kMuchGlide = 10.0; ///< cents

QString clearRemedy(const Reading& reading, SoundSource source) {
    if (source == SoundSource::Microphone && reading.levelDb < kLowInput)
        return tr("The input is low: turn it up by about %1 dB.")
            .arg(3 * std::lround((kGoodInput - reading.levelDb) / 3.0));
    if (reading.glide && reading.glide->value > kMuchGlide)
        return tr("It began %1 cents sharp and settled: tap softer.").arg(std::lround(reading.glide->value));
    if (reading.beat)
        return tr("Two close partials: the head is uneven here. Evening the rods brings them together.");
    return {};
}

} // namespace

HeardWords heardWords(const Reading& reading, SoundSource source) {
    if (reading.verdict != Verdict::Clear)
        return {tr("Again: %1").arg(verdictText(reading.verdict)), remedyText(reading.verdict)};
    const QString remedy = clearRemedy(reading, source);
    if (reading.beat)
        return {tr("Clear, beats %1 times a second").arg(reading.beat->value, 0, 'f', 1), remedy};
    const double sure = std::max(0.01, reading.standardError->value);
    return {tr("Clear, sure to %1 Hz").arg(sure, 0, 'f', 2), remedy};
}

HeardWords silentWords(SoundSource source) {
    return {tr("Nothing heard yet"), source == SoundSource::File
                                         ? tr("Give WAV or FLAC files of edge taps, or drop them here.")
                                         : tr("The last tap and its partials will stand here.")};
}

HeardWords waitingWords(const QString& microphone) {
    return {tr("Waiting for %1").arg(microphone), tr("Plug it in and tap on. Nothing of the round is lost.")};
}

} // namespace bombo
