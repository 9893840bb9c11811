#include "app/head/finding_words.h"
#include "app/head/head_page.h"
#include "app/head/prep_words.h"
#include "app/session/wording.h"
#include "core/record/heads_say.h"
#include "core/record/stations.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct StepWordsText {
    Q_DECLARE_TR_FUNCTIONS(StepWords)
};

QString nowWords(const std::vector<int>& rods) {
    const QString which = rodsText(rods);
    return rods.size() == 2 ? StepWordsText::tr("Now both %1").arg(which)
                            : StepWordsText::tr("Now %1").arg(which);
}

QString turnWords(Turns turns) {
    return turns.value >= 0.0 ? StepWordsText::tr("%1 tighter").arg(turnsText(turns))
                              : StepWordsText::tr("%1 looser").arg(turnsText(turns));
}

StepWords raisingWords(const HeadWork& work, const RodMove& move, Path path) {
    const auto order = turningOrder(static_cast<int>(work.rodTurns.size()), path, work.skip);
    StepWords words{StepKind::Turn,
                    move.turns,
                    nowWords(move.rods),
                    turnWords(move.turns),
                    {},
                    {},
                    StepWordsText::tr("Turned")};
    words.count =
        (move.rods.size() == 2 ? StepWordsText::tr("pair %1 of %2") : StepWordsText::tr("rod %1 of %2"))
            .arg(work.group + 1)
            .arg(order.size());
    words.count += QLatin1Char('\n') +
                   StepWordsText::tr("round %1 of %2").arg(work.round + 1).arg(work.countedRounds.size());
    const auto next = static_cast<std::size_t>(work.group) + 1;
    if (next < order.size())
        words.detail =
            StepWordsText::tr(
                "then %1 the same. Equal turns keep the hoop level and the film in the middle; stop if "
                "the resistance jumps.")
                .arg(rodsText(order[next]));
    else if (work.round + 1 < static_cast<int>(work.countedRounds.size()))
        words.detail = StepWordsText::tr("then the next round, %1 each")
                           .arg(turnsText(work.countedRounds[static_cast<std::size_t>(work.round) + 1]));
    else
        words.detail = StepWordsText::tr("then tap the round");
    return words;
}

StepWords tappingWords(const Session& session, const HeadWork& work, int rod) {
    StepWords words{StepKind::Tap, {}, StepWordsText::tr("Now one tap, let it ring"), {}, {}, {}, {}};
    const auto& taps = work.taps[static_cast<std::size_t>(rod)];
    words.count = StepWordsText::tr("rod %1 of %2")
                      .arg(std::min(work.rodsHeard() + 1, work.rodsToHear()))
                      .arg(work.rodsToHear());
    words.figure = StepWordsText::tr("Rod %1").arg(rod + 1);
    words.detail =
        work.way.kind == TapKind::FingerDamped
            ? StepWordsText::tr("30 mm in from the hoop. Other head muted, a light finger on the middle. The "
                                "same place and "
                                "strength at every rod, so that only its tension differs.")
            : StepWordsText::tr(
                  "30 mm in from the hoop. Other head muted, nothing on this one. The same place and "
                  "strength at every rod, so that only its tension differs.");
    if (work.askedAgain == rod)
        words.now = StepWordsText::tr("Now the same rod once more");
    else if (!taps.empty() && work.way.tapsPerRod == 1)
        words.now = StepWordsText::tr("Rough: ±%1 cents. One more tap here")
                        .arg(std::lround(errorOf(taps.front()).value_or(Cents{}).value));
    else if (taps.size() >= 2)
        words.now = StepWordsText::tr("Now one more in the same place");
    if (taps.size() >= 2 && static_cast<int>(taps.size()) >= work.way.tapsPerRod) {
        words.detail = StepWordsText::tr("Its taps lie %1 cents apart: one more decides.")
                           .arg(std::lround(settle(taps).spread.value));
    }
    if (!taps.empty())
        words.count += QLatin1Char('\n') + StepWordsText::tr("tap %1").arg(taps.size() + 1);
    else if (work.way.tapsPerRod > 1)
        words.count += QLatin1Char('\n') + StepWordsText::tr("tap 1 of %1").arg(work.way.tapsPerRod);
    if (isSilent(work.way.kind)) {
        const bool practice = session.source == SoundSource::Practice;
        switch (work.way.kind) {
        case TapKind::HoopGap:
            words.kind = StepKind::HoopGap;
            words.now = StepWordsText::tr("Now measure the hoop gap");
            words.detail = StepWordsText::tr(
                "From the lug up to the hoop, beside the rod, with callipers: always the same two "
                "points, to a twentieth of a millimetre.");
            words.button = practice ? StepWordsText::tr("Measure it") : StepWordsText::tr("Enter the gap");
            break;
        case TapKind::Feel:
            words.kind = StepKind::Feel;
            words.now = StepWordsText::tr("Now feel this rod");
            words.detail =
                StepWordsText::tr("A sixteenth on and back with the key, or the thumb beside it, against the "
                                  "rods before it. Only the difference counts.");
            words.button = practice ? StepWordsText::tr("Feel it") : StepWordsText::tr("Enter it");
            break;
        default:
            words.kind = StepKind::Gauge;
            words.now = StepWordsText::tr("Now read the gauge");
            words.detail = StepWordsText::tr(
                "Set it on the film beside the rod, always as far from the hoop, and let it "
                "come to rest. The mark, not a pitch.");
            words.button = practice ? StepWordsText::tr("Read it") : StepWordsText::tr("Enter the mark");
        }
        return words;
    }
    switch (session.source) {
    case SoundSource::Practice:
        words.button = StepWordsText::tr("Tap");
        break;
    case SoundSource::File:
        words.button = StepWordsText::tr("Give sound files\u2026");
        break;
    case SoundSource::Microphone:
        words.button = StepWordsText::tr("Listening");
        break;
    }
    return words;
}

StepWords turningWords(const HeadWork& work, const RodMove& move) {
    StepWords words{StepKind::Turn,
                    move.turns,
                    nowWords(move.rods),
                    turnWords(move.turns),
                    {},
                    {},
                    StepWordsText::tr("Turned")};
    words.count = StepWordsText::tr("move %1 of %2").arg(work.movesDone + 1).arg(work.moves.size());
    QStringList expected;
    for (int rod : work.predicted.empty() ? std::vector<int>{} : move.rods) // retraced turns promise nothing
        expected << StepWordsText::tr("%1: %2").arg(rod + 1).arg(
            centsText(work.predicted[static_cast<std::size_t>(rod)]));
    const auto next = static_cast<std::size_t>(work.movesDone) + 1;
    words.detail = next < work.moves.size()
                       ? StepWordsText::tr("then %1: %2")
                             .arg(rodsText(work.moves[next].rods), turnWords(work.moves[next].turns))
                       : StepWordsText::tr("then tap the round again");
    if (move.turns.value < 0.0 && work.movesDone + 1 == static_cast<int>(work.moves.size()))
        words.detail +=
            QStringLiteral("; ") + StepWordsText::tr("press the middle first, something was loosened");
    if (!expected.isEmpty())
        words.detail += QLatin1Char('\n') + StepWordsText::tr("After all moves expect %1 (within %2 cents)")
                                                .arg(expected.join(QStringLiteral(", ")))
                                                .arg(std::max(1L, std::lround(work.predictedError.value)));
    return words;
}

StepWords doneWords(const HeadWork& work, const HeadBrief& brief) {
    const QString next = brief.side == HeadSide::SnareSide ? StepWordsText::tr("On to the batter")
                                                           : StepWordsText::tr("On to the wires");
    const auto estimate = lastEstimate(work);
    const QString spread =
        estimate ? StepWordsText::tr("Even to ± %1 cents").arg(std::lround(estimate->widest.value))
                 : StepWordsText::tr("Not heard yet");
    if (work.trial) {
        const auto missed = missedBy(work, brief.target);
        return {StepKind::Settled,
                {},
                StepWordsText::tr("Uneven on purpose"),
                spread.isEmpty()
                    ? QString()
                    : StepWordsText::tr("\u00b1 %1 cents").arg(std::lround(estimate->widest.value)),
                (missed ? StepWordsText::tr("It came within %1 cents of the prediction.")
                                  .arg(std::lround(missed->value)) +
                              QLatin1Char(' ')
                        : QString()) +
                    StepWordsText::tr("Play it. Keep it, or turn it back: every turn of it in turn."),
                {},
                next};
    }
    if (work.above)
        return {
            StepKind::Settled,
            {},
            StepWordsText::tr("Even, above pitch"),
            spread,
            StepWordsText::tr(
                "Leave it overnight so that it seats (Go, Remind me). Then all rods come down together and "
                "the last turns go upwards."),
            {},
            StepWordsText::tr("It has rested")};
    if (work.withinTolerance && isProvisional(work))
        return {StepKind::Settled,
                {},
                StepWordsText::tr("Even, in silence"),
                spread,
                brief.gauge.isKnown && work.way.kind == TapKind::Gauge
                    ? StepWordsText::tr("Provisional: tap a round as soon as it may be heard.")
                : work.way.kind == TapKind::Gauge
                    ? StepWordsText::tr("Provisional, and the pitch is a guess: this gauge was never read "
                                        "beside a pitch. Tap a "
                                        "round as soon as it may be heard.")
                    : StepWordsText::tr("Provisional, and the pitch is a guess from the turns. Tap a round "
                                        "as soon as it may be "
                                        "heard."),
                {},
                next};
    if (work.withinTolerance)
        return {StepKind::Settled,
                {},
                StepWordsText::tr("Even and at pitch"),
                spread,
                brief.side == HeadSide::SnareSide
                    ? StepWordsText::tr("New film drifts: look at it again tomorrow.")
                : brief.seating == Seating::RestOvernight && work.condition == HeadCondition::New
                    ? StepWordsText::tr(
                          "Leave it overnight now (Go, Remind me), then tap once more and bring it back.")
                    : StepWordsText::tr(
                          "Press the middle gently, or leave a new head overnight, then tap once more."),
                {},
                next};
    QString why =
        work.resists ? StepWordsText::tr(
                           "It resists, so nothing was tightened. Find the cause, clear it, then tap again.")
        : work.heldByFilm
            ? StepWordsText::tr("The film is near its limit: more turns would pass the safe load.")
            : StepWordsText::tr("No further eighth would bring it nearer; tap once more to be sure.");
    return {StepKind::Limit, {}, StepWordsText::tr("As near as it goes"), spread, why, {}, next};
}

} // namespace

bool needsAnotherRound(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const Station station = side == HeadSide::Batter ? Station::Batter : Station::SnareSide;
    return session.head(side).stage == HeadStage::Done &&
           stationState(reckoned, station) == StationState::Stale;
}

bool raisesOtherFirst(const Session& session, HeadSide side) {
    const HeadWork& work = session.head(side);
    const HeadStage other =
        session.head(side == HeadSide::Batter ? HeadSide::SnareSide : HeadSide::Batter).stage;
    return session.school.order == HeadOrder::BothAsOne && work.stage == HeadStage::Tapping &&
           work.history.empty() && work.rodsHeard() == 0 &&
           (other == HeadStage::FingerTight || other == HeadStage::Raising);
}

StepWords stepWords(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const auto move = moveAtHand(work, session.path);
    if (raisesOtherFirst(session, side))
        return {StepKind::Settled,
                {},
                StepWordsText::tr("Now the other head"),
                side == HeadSide::Batter ? StepWordsText::tr("Raise the snare side")
                                         : StepWordsText::tr("Raise the batter"),
                StepWordsText::tr(
                    "Both as one system: each moves the other, so both are raised before either is evened. "
                    "Then come back and tap here."),
                {},
                side == HeadSide::Batter ? StepWordsText::tr("On to the snare side")
                                         : StepWordsText::tr("On to the batter")};
    if (work.stage == HeadStage::Raising && move)
        return raisingWords(work, *move, session.path);
    if (work.stage == HeadStage::Turning && move)
        return turningWords(work, *move);
    if (const auto rod = nextRodToTap(work))
        return tappingWords(session, work, *rod);
    if (needsAnotherRound(reckoned, side))
        return {
            StepKind::Tap,
            {},
            StepWordsText::tr("Now listen again"),
            StepWordsText::tr("Tap the round"),
            StepWordsText::tr("The tone was changed since this head was heard: its target is another now."),
            {},
            StepWordsText::tr("Begin the round")};
    if (work.stage == HeadStage::Done)
        return doneWords(work, briefFor(reckoned, side));
    return prepWords(reckoned, side);
}

} // namespace bombo
