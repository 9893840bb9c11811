#include "app/wires/set_words.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "core/record/heads_say.h"
#include "core/wires/wire_response.h"

#include <QCoreApplication>
#include <QStringList>
#include <cmath>

namespace bombo {
namespace {

struct SetWordsText {
    Q_DECLARE_TR_FUNCTIONS(SetWords)
};

QString roomWords(const Session& session, const WireAdvice& advice) {
    if (advice.noUsableSpan)
        return SetWordsText::tr(
            "It rattles before it stops choking: tighten the snare side, or the strands are worn.");
    const Turns knob = session.wires.strainer;
    return SetWordsText::tr("Room to rattle: %1 turns looser. Room to choke: %2 turns tighter.")
        .arg(number(std::max(0.0, (knob - advice.rattleBelow).value), 1))
        .arg(number(std::max(0.0, (advice.chokeAbove - knob).value), 1));
}

/// One more eighth on this drum's heads, by what their turns have done so far.
QString eighthWords(const Reckoned& reckoned, const WireAdvice& advice, const DrumState& state) {
    const Session& session = reckoned.session();
    const auto perTurn = [&](HeadSide side) {
        return turnResponseOf(session.head(side), briefFor(reckoned, side)).perTurn();
    };
    const auto roomText = [](Turns room) {
        if (std::abs(room.value) < 0.05)
            return SetWordsText::tr("no nearer, no further");
        return SetWordsText::tr("%1 turn %2")
            .arg(number(std::abs(room.value), 1))
            .arg(room.value >= 0.0 ? SetWordsText::tr("further") : SetWordsText::tr("nearer"));
    };
    const EighthMore more = eighthMore(session.drum, state, perTurn(HeadSide::SnareSide), advice.reach());
    DrumState batter = state;
    batter.batter.tension = state.batter.tension + 0.125 * perTurn(HeadSide::Batter);
    return SetWordsText::tr(
               "One more eighth on the snare side: %1 to choke, film load %2 to %3 %; on the batter: %4.")
        .arg(roomText(more.room))
        .arg(std::lround(100.0 * more.loadNow))
        .arg(std::lround(100.0 * more.loadThen))
        .arg(roomText(chokeShift(session.drum, state, batter, StrokePlace::Edge, advice.reach())));
}

/// From where on the head is tight enough; empty where the film's limit comes first.
QString enoughWords(const Session& session, const WireAdvice& advice, const DrumState& state) {
    const Turns span = advice.chokeAbove - advice.rattleBelow;
    if (span >= kEasySpan)
        return SetWordsText::tr("The snare-side head is tight enough.");
    const auto enough = tightEnough(session.drum, state, span, advice.reach());
    if (!enough)
        return {};
    const Cents up{600.0 * std::log2(*enough / state.snareSide.tension)};
    return SetWordsText::tr("Raise the snare-side head by %1 cents for a span of at least 1 turn.")
        .arg(centsText(up));
}

QString pullWords(const Session& session, const WireAdvice& advice, const DrumState& state) {
    const Turns whisper = advice.choke(StrokePlace::Middle, Dynamic::Whisper).turns;
    const WirePull pull =
        wirePull(session.drum, state.snareSide.tension, session.wires.strainer, whisper, advice.contact);
    const double belowChoke = pullDb(advice.choke(StrokePlace::Middle, Dynamic::Loud).turns,
                                     session.wires.strainer, advice.contact);
    const Seconds strikes = strikeLength(strokeModes(session.drum, state, StrokePlace::Middle), belowChoke);
    return SetWordsText::tr(
               "After a loud stroke they strike for %1 s. Their pull bends the head by %2 µm and lifts its "
               "own pitch by "
               "some %3 cents.")
        .arg(number(strikes.value, 2))
        .arg(number(1e6 * pull.bend.value, 0))
        .arg(number(pull.raised.value, 0));
}

} // namespace

QString setWords(const Reckoned& reckoned, const WireAdvice& advice) {
    const Session& session = reckoned.session();
    const DrumState state = knownState(reckoned);
    const QString pull =
        (pullWords(session, advice, state) + QLatin1Char(' ') + enoughWords(session, advice, state))
            .trimmed();
    return QStringList{roomWords(session, advice), eighthWords(reckoned, advice, state), pull}.join(
        QLatin1Char('\n'));
}

} // namespace bombo
