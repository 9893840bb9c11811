#include "app/listening/heard_words.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "core/reading/rod_reading.h"
#include "core/record/heads_say.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct HeardWordsText {
    Q_DECLARE_TR_FUNCTIONS(HeardWords)
};

constexpr double kLowInput = -34.0; ///< dB full scale, peak: noise of the input comes near
constexpr double kGoodInput = -14.0;
constexpr double kMuchGlide = 10.0; ///< cents

QString clearRemedy(const Reading& reading, SoundSource source) {
    if (source == SoundSource::Microphone && reading.levelDb < kLowInput)
        return HeardWordsText::tr("The input is low: turn it up by about %1 dB.")
            .arg(3 * std::lround((kGoodInput - reading.levelDb) / 3.0));
    if (reading.glide && reading.glide->value > kMuchGlide)
        return HeardWordsText::tr("It began %1 cents sharp and settled: tap softer.")
            .arg(std::lround(reading.glide->value));
    if (reading.beat)
        return HeardWordsText::tr(
            "Two close partials: the head is uneven here. Evening the rods brings them together.");
    return {};
}

HeardWords cautionWords(Caution caution, long wide) {
    switch (caution) {
    case Caution::WiresOn:
        return {HeardWordsText::tr("Wires on: ±%1 cents").arg(wide),
                HeardWordsText::tr("Throw the lever off for a finer figure.")};
    case Caution::Gated:
        return {
            HeardWordsText::tr("Cut off by the microphone: ±%1 cents").arg(wide),
            HeardWordsText::tr(
                "Its driver shuts when it grows quiet: turn noise suppression off in the sound settings.")};
    case Caution::GainFollows:
        return {HeardWordsText::tr("The microphone turns its own level: ±%1 cents").arg(wide),
                HeardWordsText::tr("The pitch holds, the ring does not: turn automatic gain off in the sound "
                                   "settings.")};
    case Caution::None:
        break;
    }
    return {};
}

} // namespace

HeardWords heardWords(const Reading& reading, SoundSource source) {
    if (!reading.hasFigure())
        return {HeardWordsText::tr("Again: %1").arg(verdictText(reading.verdict)),
                remedyText(reading.verdict)};
    const long wide = std::lround(std::ceil(reading.error().value));
    const bool again = reading.error() > kUsable;
    if (reading.caution != Caution::None) {
        const HeardWords words = cautionWords(reading.caution, wide);
        return {again ? HeardWordsText::tr("%1. One more tap here").arg(words.verdict) : words.verdict,
                words.remedy};
    }
    if (again)
        return {HeardWordsText::tr("Rough: ±%1 cents. One more tap here").arg(wide),
                remedyText(Verdict::Rough)};
    if (reading.verdict == Verdict::Rough)
        return {HeardWordsText::tr("Rough: ±%1 cents, taken").arg(wide), remedyText(Verdict::Rough)};
    const QString remedy = clearRemedy(reading, source);
    if (reading.beat)
        return {HeardWordsText::tr("Clear, beats %1 times a second").arg(number(reading.beat->value, 1)),
                remedy};
    constexpr double finest = 0.1; // cents
    return {HeardWordsText::tr("Clear, ±%1 cents").arg(number(std::max(finest, reading.error().value), 1)),
            remedy};
}

HeardWords silentWords(SoundSource source, bool wasHeard) {
    if (wasHeard)
        return {HeardWordsText::tr("Ready for the next tap"),
                HeardWordsText::tr("This head was tapped before: the picture shows its last round.")};
    return {HeardWordsText::tr("Nothing heard yet"),
            source == SoundSource::File
                ? HeardWordsText::tr("Give WAV or FLAC files of edge taps, or drop them here.")
                : HeardWordsText::tr("The last tap and its partials will stand here.")};
}

HeardWords strokeWords(const HitPortrait& stroke, const Session& session) {
    QString remedy;
    if (!stroke.ring)
        return {HeardWordsText::tr("Heard, but noise hides how long it rings"),
                HeardWordsText::tr("Come nearer or wait for a quiet moment.")};
    const double tone = stroke.ring->value;
    switch (session.station) {
    case Station::Wires:
        if (!stroke.wires)
            remedy = HeardWordsText::tr("No wires stand out: too soft a stroke, lever off, or too tight.");
        else if (!stroke.buzz)
            remedy = HeardWordsText::tr("The wires sound on to the end of it: too loose.");
        else if (stroke.buzz->value > kLongBuzz * tone)
            remedy = HeardWordsText::tr("They outlast the tone: tighter, if both are to end together.");
        else if (stroke.buzz->value < tone / kLongBuzz)
            remedy = HeardWordsText::tr("The wires stop before the tone: dry. Looser for more of them.");
        else
            remedy = HeardWordsText::tr("Tone and wires end together.");
        break;
    case Station::Muffling:
    case Station::Proof: {
        const double wanted = ringWanted(briefOf(session)).value;
        const double off = tone - wanted;
        if (std::abs(off) < 0.1 * wanted)
            remedy = HeardWordsText::tr("As long as wanted, %1 s.").arg(number(wanted, 2));
        else
            remedy = (off > 0.0 ? HeardWordsText::tr("%1 s longer than wanted.")
                                : HeardWordsText::tr("%1 s shorter than wanted."))
                         .arg(number(std::abs(off), 2));
        break;
    }
    default:
        break;
    }
    const long wide = std::lround(std::ceil(stroke.centreError.value));
    const QString centre =
        stroke.centreFound ? HeardWordsText::tr("Centre %1 ±%2 Hz").arg(pitchText(stroke.centre)).arg(wide)
                           : HeardWordsText::tr("Near the edge: hardly any centre");
    if (!stroke.buzz)
        return {centre, remedy};
    const QString wires = HeardWordsText::tr("Wires %1 s").arg(number(stroke.buzz->value, 2));
    return {stroke.centreFound ? HeardWordsText::tr("%1, centre %2 ±%3 Hz")
                                     .arg(wires)
                                     .arg(std::lround(stroke.centre.value)) // one line
                                     .arg(wide)
                               : HeardWordsText::tr("%1.  %2").arg(wires, centre),
            remedy};
}

HeardWords noStrokeWords(const Session& session) {
    const QString again = session.source == SoundSource::File
                              ? HeardWordsText::tr("Give WAV or FLAC files of whole strokes.")
                              : HeardWordsText::tr("Its ring, wires and centre pitch will stand here.");
    return {
        HeardWordsText::tr("No stroke heard yet"),
        session.station == Station::Wires
            ? HeardWordsText::tr("Long hiss after the tone: too loose. Like a tom near the edge: too tight.")
            : again};
}

HeardWords waitingWords(const QString& microphone) {
    return {HeardWordsText::tr("Waiting for %1").arg(microphone),
            HeardWordsText::tr("Plug it in and tap on. Nothing of the round is lost.")};
}

} // namespace bombo
