#include "app/proof/proof_words.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct ProofWordsText {
    Q_DECLARE_TR_FUNCTIONS(ProofWords)
};

} // namespace

QString proofItemWords(ProofItem item) {
    switch (item) {
    case ProofItem::SnareSidePitch:
        return ProofWordsText::tr("Snare-side edge pitch");
    case ProofItem::SnareSideEvenness:
        return ProofWordsText::tr("Snare-side head even within");
    case ProofItem::BatterPitch:
        return ProofWordsText::tr("Batter edge pitch");
    case ProofItem::BatterEvenness:
        return ProofWordsText::tr("Batter head even within");
    case ProofItem::CentrePitch:
        return ProofWordsText::tr("Centre pitch");
    case ProofItem::EdgeOverCentre:
        return ProofWordsText::tr("Edge over centre");
    case ProofItem::Strainer:
        return ProofWordsText::tr("Strainer, from contact");
    case ProofItem::WireMargin:
        return ProofWordsText::tr("Turns left before rattle or choke");
    case ProofItem::Ring:
        return ProofWordsText::tr("Ring");
    case ProofItem::Buzz:
        return ProofWordsText::tr("Buzz of the wires");
    case ProofItem::Sympathy:
        return ProofWordsText::tr("Instruments that make the wires buzz");
    }
    return {};
}

QString proofValueText(ProofItem item, double value) {
    switch (item) {
    case ProofItem::SnareSidePitch:
    case ProofItem::BatterPitch:
    case ProofItem::CentrePitch:
        return pitchText(Hertz{value});
    case ProofItem::SnareSideEvenness:
    case ProofItem::BatterEvenness:
        return ProofWordsText::tr("± %1 cents").arg(number(value, 0));
    case ProofItem::EdgeOverCentre:
        return number(value, 2);
    case ProofItem::Strainer:
        return turnsText(Turns{value});
    case ProofItem::WireMargin:
        return value < 0.0 ? ProofWordsText::tr("%1 turns outside").arg(number(-value, 2))
                           : ProofWordsText::tr("%1 turns").arg(number(value, 2));
    case ProofItem::Ring:
    case ProofItem::Buzz:
        return ProofWordsText::tr("%1 s").arg(number(value, 2));
    case ProofItem::Sympathy:
        return value == 0.0 ? ProofWordsText::tr("none") : QString::number(static_cast<int>(value));
    }
    return {};
}

QString knownWords(const ProofLine& line) {
    if (!line.reached)
        return {};
    switch (line.known) {
    case Known::Measured:
        return ProofWordsText::tr("measured");
    case Known::Predicted:
        return ProofWordsText::tr("predicted");
    case Known::Said:
        return line.item == ProofItem::WireMargin ? ProofWordsText::tr("from your answers")
                                                  : ProofWordsText::tr("as counted");
    case Known::ByGauge:
        return ProofWordsText::tr("by gauge, provisional");
    }
    return {};
}

QString verdictWords(const ProofLine& line) {
    QString text;
    switch (line.verdict) {
    case ProofVerdict::Settled:
        text = ProofWordsText::tr("● settled");
        break;
    case ProofVerdict::Near:
        text = ProofWordsText::tr("◐ near");
        break;
    case ProofVerdict::Off:
        text = ProofWordsText::tr("○ off");
        break;
    case ProofVerdict::NotMeasured:
        return ProofWordsText::tr("–  not measured");
    }
    return line.isStale ? text + QStringLiteral(", ") + ProofWordsText::tr("△ check again") : text;
}

QString starsText(int stars) {
    return QString(stars, QChar(0x2605)) + QString(kMostStars - stars, QChar(0x2606));
}

QString playerOrDrumName(PlayerOrDrum verdict) {
    switch (verdict) {
    case PlayerOrDrum::TooFew:
        return ProofWordsText::tr("Play twenty backbeats");
    case PlayerOrDrum::Steady:
        return ProofWordsText::tr("Both are steady");
    case PlayerOrDrum::StrokesWander:
        return ProofWordsText::tr("The drum is fine, the strokes wander");
    case PlayerOrDrum::Unclear:
        return ProofWordsText::tr("The ring wanders, and it is not clear why");
    case PlayerOrDrum::DrumWanders:
        return ProofWordsText::tr("The strokes are alike, the drum is not");
    case PlayerOrDrum::OffMiddle:
        return ProofWordsText::tr("Steady, but off the middle");
    }
    return {};
}

QString playerOrDrumAdvice(PlayerOrDrum verdict) {
    switch (verdict) {
    case PlayerOrDrum::TooFew:
        return ProofWordsText::tr("As you would in the song, all alike, the microphone where it stays. "
                                  "A verdict appears after %1 strokes.")
            .arg(kFewestBackbeats);
    case PlayerOrDrum::Steady:
        return ProofWordsText::tr("What you hear is the drum: judge it, and change it, as it is.");
    case PlayerOrDrum::StrokesWander:
        return ProofWordsText::tr(
            "Mark the middle, lower the stand or the seat, and play again before anything is turned.");
    case PlayerOrDrum::Unclear:
        return ProofWordsText::tr(
            "Where the strokes land could not be heard. Play a little louder, the microphone nearer to "
            "the middle.");
    case PlayerOrDrum::DrumWanders:
        return ProofWordsText::tr(
            "Something moves: a loose rod, a strand, a pad that shifts. Look for it, then play again.");
    case PlayerOrDrum::OffMiddle:
        return ProofWordsText::tr(
            "So far out the edge sounds with every stroke and rings on. Move the drum under the stick.");
    }
    return {};
}

QString withErrorText(double value, const std::optional<double>& error, int decimals) {
    // Not parted at the end of a line.
    return error ? QStringLiteral("%1\u00a0±\u00a0%2").arg(number(value, decimals), number(*error, decimals))
                 : number(value, decimals);
}

QString strokesSayText(const StrokesSay& says) {
    QStringList parts;
    const auto add = [&](const char* what, const auto& value, const auto& error, int decimals) {
        if (value)
            parts << ProofWordsText::tr(what).arg(
                withErrorText(value->value, error ? std::optional(error->value) : std::nullopt, decimals));
    };
    add(QT_TRANSLATE_NOOP("ProofWords", "ring %1 s"), says.ring, says.ringError, 2);
    add(QT_TRANSLATE_NOOP("ProofWords", "tone with wires %1 s"), says.tone, says.toneError, 2);
    add(QT_TRANSLATE_NOOP("ProofWords", "buzz %1 s"), says.buzz, says.buzzError, 2);
    add(QT_TRANSLATE_NOOP("ProofWords", "centre %1 Hz"), says.centre, says.centreError, 1);
    return parts.isEmpty() ? ProofWordsText::tr("not heard") : parts.join(QStringLiteral(", "));
}

} // namespace bombo
