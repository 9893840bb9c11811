#include "app/session/wording.h"
#include "app/language/language.h"
#include "app/numbers/numbers.h"

#include "app/session/units_shown.h"
#include "core/record/stations.h"
#include "core/units/pitch.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QHash>
#include <cmath>

namespace bombo {
namespace {

struct WordingText {
    Q_DECLARE_TR_FUNCTIONS(Wording)
};

} // namespace

QString cueName(const Tone& tone) {
    return catalogueText(tone.name).section(QLatin1Char(':'), 0, 0);
}

QString cueName(const std::string& id, const std::vector<Tone>& tones) {
    for (const Tone& tone : tones)
        if (tone.id == id)
            return cueName(tone);
    return QString::fromStdString(id);
}

QString stationName(Station station) {
    switch (station) {
    case Station::Drum:
        return WordingText::tr("Drum");
    case Station::Tone:
        return WordingText::tr("Tone");
    case Station::SnareSide:
        return WordingText::tr("Snare side");
    case Station::Batter:
        return WordingText::tr("Batter");
    case Station::Wires:
        return WordingText::tr("Wires");
    case Station::Muffling:
        return WordingText::tr("Muffling");
    case Station::Proof:
        return WordingText::tr("Proof");
    }
    return {};
}

QString stateName(StationState state) {
    switch (state) {
    case StationState::Open:
        return WordingText::tr("open");
    case StationState::Doing:
        return WordingText::tr("under way");
    case StationState::Done:
        return WordingText::tr("done");
    case StationState::Stale:
        return WordingText::tr("check again");
    }
    return {};
}

QString sideName(HeadSide side) {
    return side == HeadSide::Batter ? WordingText::tr("batter") : WordingText::tr("snare side");
}

QString sourceName(SoundSource source) {
    switch (source) {
    case SoundSource::Practice:
        return WordingText::tr("Practice drum");
    case SoundSource::File:
        return WordingText::tr("Sound files");
    case SoundSource::Microphone:
        return WordingText::tr("Microphone");
    }
    return {};
}

QString dynamicName(Dynamic dynamic) {
    switch (dynamic) {
    case Dynamic::Whisper:
        return WordingText::tr("whisper");
    case Dynamic::Soft:
        return WordingText::tr("soft");
    case Dynamic::Medium:
        return WordingText::tr("medium");
    case Dynamic::Loud:
        return WordingText::tr("loud");
    }
    return {};
}

QString placeName(StrokePlace place) {
    return place == StrokePlace::Middle ? WordingText::tr("middle") : WordingText::tr("edge");
}

QString judgingName(WireJudging judging) {
    switch (judging) {
    case WireJudging::AsTone:
        return WordingText::tr("by the tone");
    case WireJudging::LoosestClean:
        return WordingText::tr("loosest clean");
    case WireJudging::EqualLengths:
        return WordingText::tr("equal lengths");
    case WireJudging::Dry:
        return WordingText::tr("dry");
    case WireJudging::Wet:
        return WordingText::tr("wet");
    }
    return {};
}

QString judgingMeaning(WireJudging judging) {
    switch (judging) {
    case WireJudging::AsTone:
        return WordingText::tr("So far into the clean span as the tone asks for.");
    case WireJudging::LoosestClean:
        return WordingText::tr(
            "The loosest setting that is clean at loud; a whisper is answered with the most room.");
    case WireJudging::EqualLengths:
        return WordingText::tr("Where the wires fall silent with the drum, by what was heard at the stops.");
    case WireJudging::Dry:
        return WordingText::tr(
            "The tightest setting that still answers a whisper near the edge: short buzz, least body.");
    case WireJudging::Wet:
        return WordingText::tr(
            "A quarter turn below clean: long buzz, a loud stroke may rattle on a little.");
    }
    return {};
}

QString kindName(const PadKind& kind) {
    static const QHash<QString, const char*> names{
        {QStringLiteral("gel-pad"), QT_TRANSLATE_NOOP("Wording", "gel pad")},
        {QStringLiteral("gel-pad-half"), QT_TRANSLATE_NOOP("Wording", "half a gel pad")},
        {QStringLiteral("gel-pad-quarter"), QT_TRANSLATE_NOOP("Wording", "quarter gel pad")},
        {QStringLiteral("gel-pad-doubled"), QT_TRANSLATE_NOOP("Wording", "doubled gel pad")},
        {QStringLiteral("film-ring"), QT_TRANSLATE_NOOP("Wording", "film ring")},
        {QStringLiteral("tape-tissue"), QT_TRANSLATE_NOOP("Wording", "tape and tissue")},
        {QStringLiteral("felt-piece"), QT_TRANSLATE_NOOP("Wording", "piece of felt")},
        {QStringLiteral("felt-strip"), QT_TRANSLATE_NOOP("Wording", "felt strip under the head")},
        {QStringLiteral("cloth"), QT_TRANSLATE_NOOP("Wording", "folded cloth")},
        {QStringLiteral("wallet"), QT_TRANSLATE_NOOP("Wording", "wallet")},
        {QStringLiteral("loose-weight"), QT_TRANSLATE_NOOP("Wording", "loose bouncing weight")},
        {QStringLiteral("hoop-cloth"), QT_TRANSLATE_NOOP("Wording", "cloth under the hoop")},
        {QStringLiteral("inner-damper"), QT_TRANSLATE_NOOP("Wording", "damper inside")},
        {QStringLiteral("ringed-head"), QT_TRANSLATE_NOOP("Wording", "ring in the head")},
        {QStringLiteral("vented-head"), QT_TRANSLATE_NOOP("Wording", "vents in the head")}};
    const QString id = QString::fromStdString(kind.id);
    if (isOwnKind(kind))
        return id.mid(4);
    const auto found = names.constFind(id);
    return found == names.constEnd() ? id : WordingText::tr(*found);
}

QString heardFromName(HeardFrom from) {
    switch (from) {
    case HeardFrom::Head:
        return WordingText::tr("at the head");
    case HeardFrom::Player:
        return WordingText::tr("at the player's ear");
    case HeardFrom::Room:
        return WordingText::tr("in the room");
    case HeardFrom::Microphone:
        return WordingText::tr("at the microphone");
    }
    return {};
}

QString outOfReachText(const OutOfReach& problem) {
    const QString wish = hertzText(problem.wished);
    const QString nearest = hertzText(problem.nearest);
    switch (problem.limit) {
    case TargetLimit::BatterFilm:
        return WordingText::tr("%1 on the batter would pass the safe film load; the highest is %2.")
            .arg(wish, nearest);
    case TargetLimit::BatterFingerTight:
        return WordingText::tr("%1 on the batter is below finger-tight; the lowest is %2.")
            .arg(wish, nearest);
    case TargetLimit::SnareSideFilm:
        return WordingText::tr("%1 on the snare side would pass the safe film load; the highest is %2.")
            .arg(wish, nearest);
    case TargetLimit::SnareSideFingerTight:
        return WordingText::tr("%1 on the snare side is below finger-tight; the lowest is %2.")
            .arg(wish, nearest);
    case TargetLimit::RatioReversed:
    case TargetLimit::NoSuchPair: // limits of the snare side's level, which is capped and never refused
    case TargetLimit::None:
        break;
    }
    return WordingText::tr("%1 is out of reach; the nearest is %2.").arg(wish, nearest);
}

QString verdictText(Verdict verdict) {
    switch (verdict) {
    case Verdict::Clear:
        return WordingText::tr("heard clearly");
    case Verdict::Rough:
        return WordingText::tr("heard roughly");
    case Verdict::TooQuiet:
        return WordingText::tr("too quiet");
    case Verdict::Clipped:
        return WordingText::tr("too loud for the input");
    case Verdict::StruckTwice:
        return WordingText::tr("two hits in one");
    case Verdict::WiresOn:
        return WordingText::tr("the wires hide it");
    case Verdict::NoTone:
        return WordingText::tr("no tone");
    case Verdict::Ambiguous:
        return WordingText::tr("two pitches it could be");
    case Verdict::NotThisHead:
        return WordingText::tr("not this head");
    case Verdict::Drowned:
        return WordingText::tr("drowned by another sound");
    }
    return {};
}

QString remedyText(Verdict verdict) {
    switch (verdict) {
    case Verdict::Clear:
        return {};
    case Verdict::Rough:
        return WordingText::tr("The room blurs it. Bring the microphone nearer for a finer figure.");
    case Verdict::TooQuiet:
        return WordingText::tr("Tap a little harder or come nearer, then tap the same rod again.");
    case Verdict::Clipped:
        return WordingText::tr("Turn the input gain down or tap softer, then tap the same rod again.");
    case Verdict::StruckTwice:
        return WordingText::tr("Let the key bounce off once, then tap the same rod again.");
    case Verdict::WiresOn:
        return WordingText::tr("Throw the lever off and hold the wires away, then tap again.");
    case Verdict::NoTone:
        return WordingText::tr("A knock, a voice or hum. Tap 30 mm in from the hoop, in front of the rod.");
    case Verdict::Ambiguous:
        return WordingText::tr(
            "Keep the finger still on the middle and mute the other head, then tap the same rod again.");
    case Verdict::NotThisHead:
        return WordingText::tr("No tone where this head can be. Is the other head muted?");
    case Verdict::Drowned:
        return WordingText::tr(
            "Hum or another instrument lies right on it. Stop that or come nearer, then tap again.");
    }
    return {};
}

namespace {

int sixteenthsOf(Turns turns) {
    return static_cast<int>(std::lround(std::abs(turns.value) * 16.0));
}

} // namespace

QString turnsFigure(Turns turns) {
    const int sixteenths = sixteenthsOf(turns);
    const int whole = sixteenths / 16;
    int top = sixteenths % 16;
    int bottom = 16;
    while (top != 0 && top % 2 == 0) {
        top /= 2;
        bottom /= 2;
    }
    QString number;
    if (whole > 0 || top == 0)
        number = QString::number(whole);
    if (top != 0)
        number += (number.isEmpty() ? QString() : QStringLiteral(" ")) +
                  QStringLiteral("%1/%2").arg(top).arg(bottom);
    return number;
}

QString turnsText(Turns turns) {
    const QString number = turnsFigure(turns);
    const int sixteenths = sixteenthsOf(turns);
    const bool one = sixteenths <= 16 && sixteenths > 0;
    return one ? WordingText::tr("%1 turn").arg(number) : WordingText::tr("%1 turns").arg(number);
}

QString centsText(Cents cents) {
    const long whole = std::lround(cents.value);
    if (whole == 0)
        return QStringLiteral("0");
    return (whole > 0 ? QStringLiteral("+%1") : QStringLiteral("\u2212%1")).arg(std::abs(whole));
}

QString hertzText(Hertz frequency) {
    return WordingText::tr("%1 Hz").arg(number(frequency.value, 1));
}

QString noteWords(Hertz frequency) {
    QString note = QString::fromStdString(noteText(frequency, unitsShown().a4));
    note.replace(QLatin1Char('-'), QChar(0x2212));
    note.replace(QLatin1Char('#'), QChar(0x266F));
    return note;
}

QString pitchText(Hertz frequency) {
    return hertzText(frequency) + QStringLiteral("  ") + noteWords(frequency);
}

QString sizeText(const Shell& shell) {
    if (unitsShown().millimetres)
        return WordingText::tr("%1 × %2 mm")
            .arg(number(1000.0 * shell.diameter.value, 0))
            .arg(number(1000.0 * shell.depth.value, 0));
    return WordingText::tr("%1 × %2 in")
        .arg(figures(toInches(shell.diameter), 3))
        .arg(figures(toInches(shell.depth), 3));
}

QString intervalName(Cents interval) {
    const QString names[]{
        WordingText::tr("unison"),      WordingText::tr("minor second"),  WordingText::tr("major second"),
        WordingText::tr("minor third"), WordingText::tr("major third"),   WordingText::tr("fourth"),
        WordingText::tr("tritone"),     WordingText::tr("fifth"),         WordingText::tr("minor sixth"),
        WordingText::tr("major sixth"), WordingText::tr("minor seventh"), WordingText::tr("major seventh"),
        WordingText::tr("octave")};
    return names[std::clamp(qRound(interval.value / 100.0), 0, 12)];
}

QString tensionText(Tension tension) {
    return WordingText::tr("%1 N/m").arg(number(tension.value, 0));
}

QString limitWords(TargetLimit limit) {
    const int percent = qRound(100 * kFilmLoadLimit);
    switch (limit) {
    case TargetLimit::SnareSideFilm:
        return WordingText::tr("the snare-side film would pass %1 % of its yield").arg(percent);
    case TargetLimit::BatterFilm:
        return WordingText::tr("the batter's film would pass %1 % of its yield").arg(percent);
    case TargetLimit::BatterFingerTight:
        return WordingText::tr("the batter would be looser than finger-tight");
    case TargetLimit::SnareSideFingerTight:
        return WordingText::tr("the snare side would be looser than finger-tight");
    case TargetLimit::RatioReversed:
        return WordingText::tr("beyond that edge and middle change places between the heads");
    case TargetLimit::NoSuchPair:
        return WordingText::tr("no pair of tensions gives both");
    case TargetLimit::None:
        break;
    }
    return {};
}

QString schoolName(SnareSideLevel level) {
    switch (level) {
    case SnareSideLevel::AsTone:
        return WordingText::tr("as the tone asks");
    case SnareSideLevel::Interval:
        return WordingText::tr("your own interval");
    case SnareSideLevel::LittleAbove:
        return WordingText::tr("a little above");
    case SnareSideLevel::Matched:
        return WordingText::tr("matched");
    case SnareSideLevel::NearLimit:
        return WordingText::tr("near its limit");
    case SnareSideLevel::EdgeOverCentre:
        return WordingText::tr("by the ratio");
    case SnareSideLevel::CountedTurns:
        return WordingText::tr("counted turns");
    }
    return {};
}

QString schoolCost(SnareSideLevel level) {
    switch (level) {
    case SnareSideLevel::AsTone:
        return WordingText::tr("The interval that suits the tone, capped by the film.");
    case SnareSideLevel::Interval:
        return WordingText::tr("Your interval on every drum; on small drums the film caps it sooner.");
    case SnareSideLevel::LittleAbove:
        return WordingText::tr("More body, slower answer: soft strokes near the edge may find no wire.");
    case SnareSideLevel::Matched:
        return WordingText::tr("Both heads sound as one pitch: round, little snap, late wires.");
    case SnareSideLevel::NearLimit:
        return WordingText::tr(
            "The quickest answer and the hardest snap; brittle, and the film has least to spare.");
    case SnareSideLevel::EdgeOverCentre:
        return WordingText::tr("A musical interval between edge and middle; the level follows the batter.");
    case SnareSideLevel::CountedTurns:
        return WordingText::tr(
            "A quarter turn a rod more than the batter: needs no ear, and is only as sure as the count.");
    }
    return {};
}

QString orderName(HeadOrder order) {
    switch (order) {
    case HeadOrder::SnareSideFirst:
        return WordingText::tr("snare side first");
    case HeadOrder::BatterFirst:
        return WordingText::tr("batter first");
    case HeadOrder::BothAsOne:
        return WordingText::tr("both as one");
    }
    return {};
}

QString wireWords(double margin) {
    return margin < 0.35   ? WordingText::tr("loose end of the clean span")
           : margin < 0.65 ? WordingText::tr("middle of the clean span")
                           : WordingText::tr("tight end of the clean span");
}

QString clockText(std::int64_t seconds) {
    return QDateTime::fromSecsSinceEpoch(seconds).time().toString(QStringLiteral("HH:mm"));
}

QString rodsText(const std::vector<int>& rods) {
    if (rods.size() == 1)
        return WordingText::tr("rod %1").arg(rods[0] + 1);
    QStringList numbers;
    for (std::size_t i = 0; i + 1 < rods.size(); ++i)
        numbers << QString::number(rods[i] + 1);
    return WordingText::tr("rods %1 and %2")
        .arg(numbers.join(QStringLiteral(", ")))
        .arg(rods.empty() ? 0 : rods.back() + 1);
}

QString setAsideText(const std::vector<SetAside>& left) {
    constexpr std::size_t most = 4;
    QStringList lines;
    for (const SetAside& one : left) {
        if (lines.size() == most) {
            lines << WordingText::tr("and %n more", nullptr, static_cast<int>(left.size() - most));
            break;
        }
        switch (one.what) {
        case SetAside::What::Drum:
            lines << WordingText::tr("the drum %1 (%2)").arg(one.name, one.why);
            break;
        case SetAside::What::Tone:
            lines << WordingText::tr("the tone %1 (%2)").arg(one.name, one.why);
            break;
        case SetAside::What::Step:
            lines << WordingText::tr("step %1 of the session (%2)").arg(one.name, one.why);
            break;
        case SetAside::What::Session:
            lines << WordingText::tr("the note and the place of a session (%1)").arg(one.why);
            break;
        case SetAside::What::Rig:
            lines << WordingText::tr("what is at hand (%1)").arg(one.why);
            break;
        case SetAside::What::Entry:
            lines << WordingText::tr("entry %1 of the logbook (%2)").arg(one.name, one.why);
            break;
        case SetAside::What::Backup:
            lines << WordingText::tr("today's backup could not be made (%1)").arg(one.why);
            break;
        }
    }
    return WordingText::tr(
               "Damaged in this workbook and left out, so that the rest works: %1. Nothing was removed from "
               "the file.")
        .arg(lines.join(QStringLiteral("; ")));
}

} // namespace bombo
