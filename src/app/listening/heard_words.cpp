#include "app/listening/heard_words.h"

#include "app/session/wording.h"
#include "core/reading/rod_reading.h"

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
    if (!reading.hasFigure())
        return {tr("Again: %1").arg(verdictText(reading.verdict)), remedyText(reading.verdict)};
    if (reading.caution == Caution::WiresOn)
        return {tr("Wires on: ±%1 cents").arg(std::ceil(reading.error().value)),
                tr("Throw the lever off for a finer figure.")};
    if (reading.caution == Caution::Gated)
        return {
            tr("Cut off by the microphone: ±%1 cents").arg(std::ceil(reading.error().value)),
            tr("Its driver shuts when it grows quiet: turn noise suppression off in the sound settings.")};
    const long wide = std::lround(std::ceil(reading.error().value));
    if (reading.error() > kUsable)
        return {tr("Rough: ±%1 cents. One more tap here").arg(wide), remedyText(Verdict::Rough)};
    if (reading.verdict == Verdict::Rough)
        return {tr("Rough: ±%1 cents, taken").arg(wide), remedyText(Verdict::Rough)};
    const QString remedy = clearRemedy(reading, source);
    if (reading.beat)
        return {tr("Clear, beats %1 times a second").arg(reading.beat->value, 0, 'f', 1), remedy};
    constexpr double finest = 0.1; // cents
    return {tr("Clear, ±%1 cents").arg(std::max(finest, reading.error().value), 0, 'f', 1), remedy};
}

HeardWords silentWords(SoundSource source) {
    return {tr("Nothing heard yet"), source == SoundSource::File
                                         ? tr("Give WAV or FLAC files of edge taps, or drop them here.")
                                         : tr("The last tap and its partials will stand here.")};
}

HeardWords strokeWords(const HitPortrait& stroke, const Session& session) {
    QString remedy;
    if (!stroke.ring)
        return {tr("Heard, but noise hides how long it rings"),
                tr("Come nearer or wait for a quiet moment.")};
    const double tone = stroke.ring->value;
    switch (session.station) {
    case Station::Wires:
        if (!stroke.wires)
            remedy = tr("No wires stand out: too soft a stroke, lever off, or too tight.");
        else if (!stroke.buzz)
            remedy = tr("The wires sound on to the end of it: too loose.");
        else if (stroke.buzz->value > kLongBuzz * tone)
            remedy = tr("They outlast the tone: tighter, if both are to end together.");
        else if (stroke.buzz->value < tone / kLongBuzz)
            remedy = tr("The wires stop before the tone: dry. Looser for more of them.");
        else
            remedy = tr("Tone and wires end together.");
        break;
    case Station::Muffling:
    case Station::Proof: {
        const double wanted = ringWanted(briefOf(session)).value;
        const double off = tone - wanted;
        if (std::abs(off) < 0.1 * wanted)
            remedy = tr("As long as wanted, %1 s.").arg(wanted, 0, 'f', 2);
        else
            remedy = (off > 0.0 ? tr("%1 s longer than wanted.") : tr("%1 s shorter than wanted."))
                         .arg(std::abs(off), 0, 'f', 2);
        break;
    }
    default:
        break;
    }
    const QString centre = stroke.centreFound ? tr("Centre %1").arg(pitchText(stroke.centre))
                                              : tr("Near the edge: hardly any centre");
    if (!stroke.buzz)
        return {centre, remedy};
    const QString wires = tr("Wires %1 s").arg(stroke.buzz->value, 0, 'f', 2);
    return {stroke.centreFound
                ? tr("%1, centre %2 Hz").arg(wires).arg(std::lround(stroke.centre.value)) // one line
                : tr("%1.  %2").arg(wires, centre),
            remedy};
}

HeardWords noStrokeWords(const Session& session) {
    const QString again = session.source == SoundSource::File
                              ? tr("Give WAV or FLAC files of whole strokes.")
                              : tr("Its tone length, wires and centre pitch will stand here.");
    return {tr("No stroke heard yet"),
            session.station == Station::Wires
                ? tr("Long hiss after the tone: too loose. Like a tom near the edge: too tight.")
                : again};
}

HeardWords waitingWords(const QString& microphone) {
    return {tr("Waiting for %1").arg(microphone), tr("Plug it in and tap on. Nothing of the round is lost.")};
}

} // namespace bombo
