/// How the work on a head begins, stops, and is found again: preparation, ledger, resistance, gauge.
#include "core/acoustics/pitches.h"
#include "core/procedure/head_work.h"
#include "support/heads.h"

#include <gtest/gtest.h>

namespace bombo {
namespace beginnings_test {

using testing::plover;

HeadBrief brief() {
    return testing::batterTo300();
}

RodReading reading(double hz) {
    return testing::readingOf(hz);
}

HeadWork prepared(HeadWork work) {
    while (work.stage == HeadStage::FingerTight)
        work = *markPrepared(work, brief());
    return work;
}

HeadWork heardAll(HeadWork work, double hz) {
    while (const auto rod = nextRodToTap(work))
        work = *hearTap(work, brief(), reading(hz));
    return work;
}

Turns netOf(const HeadWork& work, int rod) {
    Turns net;
    for (const LedgerLine& line : work.ledger)
        for (const int r : line.rods)
            if (r == rod)
                net += line.turns;
    return net;
}

TEST(Beginning, TheLastStepOfANewHeadStartsTheCount) {
    HeadWork work = freshHead(8);
    const std::size_t steps = preparationOf(work, brief()).size();
    for (std::size_t i = 0; i + 1 < steps; ++i) {
        work = *markPrepared(work, brief());
        EXPECT_EQ(work.stage, HeadStage::FingerTight);
        EXPECT_EQ(work.prepared, static_cast<int>(i) + 1);
    }
    work = *markPrepared(work, brief());
    EXPECT_EQ(work, *markFingerTight(freshHead(8), brief())); // the same as who did all that alone
    EXPECT_EQ(markPrepared(work, brief()).fault(), StepRefusal::WrongStage);
}

TEST(Beginning, AHeadThatStandsIsHeardFirst) {
    HeadWork work = prepared(*chooseCondition(freshHead(8), HeadCondition::AsItStands));
    EXPECT_EQ(work.stage, HeadStage::Tapping);
    EXPECT_TRUE(work.countedRounds.empty());
    // Nothing is known of it before a tap, and much afterwards.
    EXPECT_GT(expectationNow(work, brief()).spread.value, 1000.0);
    work = *hearTap(work, brief(), reading(260));
    EXPECT_LT(expectationNow(work, brief()).spread.value, 300.0);
    work = heardAll(work, 260);
    EXPECT_EQ(work.stage, HeadStage::Turning);
    const double heard = tensionFromHeard(plover(), HeadSide::Batter, Hertz{260}, {}).value;
    EXPECT_NEAR(tensionNow(work, brief()).value, heard, 0.01 * heard);
    for (const RodMove& move : work.moves)
        EXPECT_GT(move.turns.value, 0.0);
}

TEST(Beginning, AHeadFoundTooHighIsLetDownBelowItsCount) {
    HeadWork work = heardAll(prepared(*chooseCondition(freshHead(8), HeadCondition::AsItStands)), 340);
    ASSERT_EQ(work.stage, HeadStage::Turning);
    ASSERT_FALSE(work.moves.empty());
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    EXPECT_LT(work.meanTurns().value, 0.0); // below how it was found, far from slack
    EXPECT_GT(tensionNow(work, brief()).value, kFingerTight.value);
}

TEST(Beginning, ChangingTheBeginningKeepsTheLookOver) {
    HeadWork work = freshHead(8);
    for (int i = 0; i < 4; ++i)
        work = *markPrepared(work, brief());
    work = *chooseCondition(work, HeadCondition::FromSlack);
    EXPECT_EQ(work.prepared, 2);
    EXPECT_EQ(chooseCondition(*markFingerTight(work, brief()), HeadCondition::New).fault(),
              StepRefusal::WrongStage);
}

TEST(Ledger, HoldsEveryTurnAndAddsUpToWhereEachRodStands) {
    HeadWork work = *markFingerTight(freshHead(8), brief());
    while (work.stage == HeadStage::Raising)
        work = *markGroupTurned(work, brief());
    while (const auto rod = nextRodToTap(work))
        work = *hearTap(work, brief(), reading(*rod % 4 == 1 ? 280 : 290));
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    work = *correctCount(work, 4, Turns{0.125});
    work = *turnAll(work, Turns{-0.25});
    for (int rod = 0; rod < 8; ++rod)
        EXPECT_NEAR(netOf(work, rod).value, work.rodTurns[static_cast<std::size_t>(rod)].value, 1e-12);
    EXPECT_EQ(work.ledger.back().cause, TurnCause::BothHeads);
    EXPECT_EQ(work.ledger[work.ledger.size() - 2].cause, TurnCause::Correction);
    EXPECT_EQ(work.ledger.back().round, 1);
}

TEST(Ledger, RetraceLeadsEveryRodBackToItsFigure) {
    HeadWork work = *markFingerTight(freshHead(8), brief());
    while (work.stage == HeadStage::Raising)
        work = *markGroupTurned(work, brief());
    work = *correctCount(work, 1, Turns{0.25});
    work = *correctCount(work, 6, Turns{0.0625});
    const std::vector<Turns> wanted = work.rodTurns;
    work = *retrace(work);
    EXPECT_EQ(work.stage, HeadStage::Raising);
    EXPECT_TRUE(work.history.empty());
    while (work.stage == HeadStage::Raising)
        work = *markGroupTurned(work, brief());
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    EXPECT_EQ(work.stage, HeadStage::Tapping);
    for (std::size_t rod = 0; rod < 8; ++rod)
        EXPECT_NEAR(work.rodTurns[rod].value, wanted[rod].value, 1e-12) << rod;
}

TEST(Ledger, NothingToRetraceIsSaid) {
    EXPECT_EQ(retrace(freshHead(8)).fault(), StepRefusal::WrongStage);
    EXPECT_EQ(retrace(*markFingerTight(freshHead(8), brief())).fault(), StepRefusal::NothingToRetrace);
    const HeadWork standing = prepared(*chooseCondition(freshHead(8), HeadCondition::AsItStands));
    EXPECT_EQ(retrace(standing).fault(), StepRefusal::WrongStage);
}

TEST(Resistance, NothingIsTightenedUntilItIsCleared) {
    HeadWork work = *markFingerTight(freshHead(8), brief());
    work = *markGroupTurned(work, brief());
    work = *setResists(work, true);
    EXPECT_EQ(work.stage, HeadStage::Tapping); // it stops here and listens
    work = heardAll(work, 250);                // far too low
    EXPECT_EQ(work.stage, HeadStage::Done);
    EXPECT_TRUE(work.moves.empty());
    EXPECT_FALSE(work.withinTolerance);
    EXPECT_FALSE(work.heldByFilm);
    EXPECT_EQ(turnAll(work, Turns{0.25}).fault(), StepRefusal::HeadResists);
    EXPECT_TRUE(turnAll(work, Turns{-0.25}));
    work = *setResists(work, false);
    work = heardAll(*beginTapping(work, 0, Direction::CounterClockwise), 250);
    EXPECT_FALSE(work.moves.empty());
}

TEST(StrayRules, RaiseOnlyEndsAboveAndLowerOnlyBelow) {
    for (const StrayRule rule : {StrayRule::RaiseOnly, StrayRule::LowerOnly}) {
        const double up = rule == StrayRule::RaiseOnly ? 1.0 : -1.0;
        HeadBrief b = brief();
        b.strays = rule;
        HeadWork work = *beginTapping(*markFingerTight(freshHead(8), b), 0, Direction::CounterClockwise);
        work = *turnAll(work, Turns{2.0});
        while (const auto rod = nextRodToTap(work))
            work = *hearTap(work, b, reading(*rod % 4 == 1 ? 306 : *rod % 4 == 3 ? 294 : 300));
        ASSERT_FALSE(work.moves.empty());
        for (const RodMove& move : work.moves)
            EXPECT_GT(move.turns.value * up, 0.0);
        // All of them where the stray is that may not be turned back, 34 cents off.
        for (const Cents predicted : work.predicted)
            EXPECT_NEAR(up * predicted.value, 34.0 - 4.0, 14.0); // a sixteenth of a pair is 9 cents here
        while (work.stage == HeadStage::Turning)
            work = *markMoved(work);
        while (nextRodToTap(work))
            work = *hearTap(work, b, reading(moved(Hertz{300}, Cents{up * 31.0}).value));
        EXPECT_EQ(work.stage, HeadStage::Done); // even, and that is all this rule can do
        EXPECT_TRUE(work.withinTolerance);
    }
}

TEST(Hurry, FewAndSmallMoves) {
    HeadBrief b = brief();
    b.mostMoves = 2;
    b.largestMove = Turns{0.25};
    HeadWork work = *beginTapping(*markFingerTight(freshHead(8), b), 0, Direction::CounterClockwise);
    while (const auto rod = nextRodToTap(work))
        work = *hearTap(work, b, reading(250 + 8 * (*rod % 4)));
    EXPECT_LE(work.moves.size(), 2U);
    for (const RodMove& move : work.moves)
        EXPECT_LE(std::abs(move.turns.value), 0.25);
}

/// Marks of a gauge that reads in proportion to each rod's own tension.
double markAt(double hz) {
    return tensionFromHeard(plover(), HeadSide::Batter, Hertz{hz}, {}).value / 40.0;
}

HeadWork byGauge(HeadWork work) {
    work = *beginTapping(std::move(work), 0, Direction::CounterClockwise);
    return *chooseWay(work, {.kind = TapKind::Gauge, .half = true, .tapsPerRod = 3});
}

TEST(Gauge, ARoundByGaugeIsProvisional) {
    HeadWork work = byGauge(*turnAll(*markFingerTight(freshHead(8), brief()), Turns{1.5}));
    EXPECT_EQ(work.way.half, false); // every rod by itself, once
    EXPECT_EQ(work.way.tapsPerRod, 1);
    EXPECT_EQ(hearTap(work, brief(), reading(300)).fault(), StepRefusal::NotByGauge);
    EXPECT_EQ(readGauge(work, brief(), -2.0).fault(), StepRefusal::MarkOutOfRange);
    EXPECT_EQ(readGauge(work, brief(), std::nan("")).fault(), StepRefusal::MarkOutOfRange);
    HeadBrief there = brief(); // where the head is believed to stand, so that only the slack rod is off
    const Tension believed = tensionNow(work, there);
    there.target = edgePitch(drumState(there.drum, believed, believed, {}), HeadSide::Batter);
    for (int rod = 0; rod < 8; ++rod)
        work = *readGauge(work, there, rod == 2 ? 60.0 : 70.0);
    EXPECT_TRUE(isProvisional(work));
    ASSERT_EQ(work.stage, HeadStage::Turning);
    // Rod 3 alone is slack: the gauge tells it from its opposite, which taps could not.
    EXPECT_NE(std::find_if(work.moves.begin(), work.moves.end(),
                           [](const RodMove& m) { return m.rods == std::vector<int>{2}; }),
              work.moves.end());
    work = byGauge(std::move(work));
    work = *chooseWay(work, {.kind = TapKind::FingerDamped});
    EXPECT_EQ(readGauge(work, brief(), 70.0).fault(), StepRefusal::NotByGauge);
}

TEST(Gauge, ARoundOfEachKindCalibratesIt) {
    HeadWork work = *turnAll(*markFingerTight(freshHead(8), brief()), Turns{1.5});
    work = heardAll(*beginTapping(work, 0, Direction::CounterClockwise), 270);
    EXPECT_TRUE(gaugePointsOf(work, brief()).empty());
    work = byGauge(std::move(work));
    for (int rod = 0; rod < 8; ++rod)
        work = *readGauge(work, brief(), markAt(270));
    const auto points = gaugePointsOf(work, brief());
    ASSERT_EQ(points.size(), 1U);
    const double heard = tensionFromHeard(plover(), HeadSide::Batter, Hertz{270}, airAt({})).value;
    EXPECT_NEAR(points[0].tension.value, heard, 1e-4 * heard); // the way back from a pitch is a bisection
    EXPECT_NEAR(points[0].mark, heard / 40.0, 1e-4 * heard);

    // Another head, in silence, with that gauge: its marks stand for pitches now.
    HeadBrief known = brief();
    known.gauge = learnGaugeScale(points);
    HeadWork silent = byGauge(*turnAll(*markFingerTight(freshHead(8), known), Turns{1.0}));
    for (int rod = 0; rod < 8; ++rod)
        silent = *readGauge(silent, known, markAt(285));
    EXPECT_NEAR(centsBetween(Hertz{285}, lastEstimate(silent)->mean).value, 0.0, 12.0); // slope still a guess
}

TEST(Gauge, BesideTapsItFindsTheSideThatTapsAreDeafTo) {
    HeadBrief b = brief();
    HeadWork work = *turnAll(*markFingerTight(freshHead(8), b), Turns{2.0});
    const double tension = tensionFromHeard(b.drum, HeadSide::Batter, b.target, {}).value;
    work = byGauge(std::move(work));
    for (int rod = 0; rod < 8; ++rod) // one side of the hoop pulled down: 40 cents there, 40 less opposite
        work =
            *readGauge(work, b, tension / 40.0 * std::exp2(40.0 * std::cos(rodAngle(rod, 8).value) / 600.0));
    work = *beginTapping(work, 0, Direction::CounterClockwise);
    work = *chooseWay(work, {.kind = TapKind::FingerDamped});
    while (nextRodToTap(work))
        work = *hearTap(work, b, reading(300)); // all alike
    ASSERT_EQ(work.stage, HeadStage::Turning);
    for (const RodMove& move : work.moves)
        for (const int rod : move.rods)
            EXPECT_LT(move.turns.value * std::cos(rodAngle(rod, 8).value), 0.0) << rod;
}

TEST(Gauge, OfUnknownScaleSaysHowFarRodsAreApartOnly) {
    HeadWork work = byGauge(*turnAll(*markFingerTight(freshHead(8), brief()), Turns{1.5}));
    const double believed = tensionNow(work, brief()).value;
    for (int rod = 0; rod < 8; ++rod)
        work = *readGauge(work, brief(), 33.0);
    EXPECT_NEAR(tensionNow(work, brief()).value, believed, 0.02 * believed);
    EXPECT_NEAR(lastEstimate(work)->widest.value, 0.0, 1e-6);
    // The turns learn nothing from it.
    EXPECT_EQ(turnResponseOf(work, brief()).line, turnResponseOf(freshHead(8), brief()).line);
}

TEST(SettledDrum, APredictionIsKeptBesideWhatCame) {
    HeadWork work = *turnAll(*markFingerTight(freshHead(8), brief()), Turns{2.0});
    work = heardAll(*beginTapping(work, 0, Direction::CounterClockwise), 280);
    ASSERT_EQ(work.stage, HeadStage::Turning);
    const std::vector<Cents> promised = work.predicted;
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    work = heardAll(work, 299);
    EXPECT_EQ(work.history.back().predicted, promised);
}

HeadWork evenAt(double hz) {
    HeadWork work = *turnAll(*markFingerTight(freshHead(8), brief()), Turns{2.0});
    return heardAll(*beginTapping(work, 0, Direction::CounterClockwise), hz);
}

UnevenTrial slackTwo() {
    return *planTrial(TrialKind::SlackenNear, {2, 3}, Turns{0.5}, std::vector<Turns>(8, Turns{2.0}),
                      turnResponseOf(evenAt(300), brief()), plover().batterHead, Turns{0.0});
}

TEST(Trial, IsTurnedHeardAndNotEvenedAway) {
    HeadWork work = *beginTrial(evenAt(300), brief(), slackTwo());
    EXPECT_EQ(work.stage, HeadStage::Turning);
    EXPECT_EQ(work.predicted.size(), 8U);
    EXPECT_EQ(beginTrial(work, brief(), slackTwo()).fault(), StepRefusal::TrialUnderWay);
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    EXPECT_EQ(work.ledger.back().cause, TurnCause::Trial);
    while (const auto rod = nextRodToTap(work))
        work = *hearTap(work, brief(), reading(*rod % 4 < 2 ? 290 : 310)); // as uneven as it was wanted
    EXPECT_EQ(work.stage, HeadStage::Done);
    EXPECT_TRUE(work.moves.empty());
    EXPECT_TRUE(work.trial);
}

TEST(Trial, TheWayBackTurnsBackWhatWasTurned) {
    const HeadWork before = evenAt(300);
    HeadWork midway = *beginTrial(before, brief(), slackTwo());
    midway = *markMoved(*markMoved(midway)); // two of its moves, then a change of mind
    midway = *endTrial(midway);
    EXPECT_EQ(midway.moves.size(), 2U);
    HeadWork whole = *beginTrial(before, brief(), slackTwo());
    while (whole.stage == HeadStage::Turning)
        whole = *markMoved(whole);
    whole = *endTrial(whole);
    for (HeadWork work : {midway, whole}) {
        while (work.stage == HeadStage::Turning)
            work = *markMoved(work);
        EXPECT_EQ(work.rodTurns, before.rodTurns);
        EXPECT_EQ(work.stage, HeadStage::Tapping);
        EXPECT_FALSE(work.trial);
    }
    EXPECT_EQ(endTrial(before).fault(), StepRefusal::WrongStage);
    EXPECT_EQ(beginTrial(freshHead(8), brief(), slackTwo()).fault(), StepRefusal::WrongStage);
}

} // namespace beginnings_test
} // namespace bombo
