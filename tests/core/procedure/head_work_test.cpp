#include "core/procedure/head_work.h"
#include "support/heads.h"

#include <gtest/gtest.h>
#include <random>

namespace bombo {
namespace head_work_test {

using testing::plover;

HeadBrief brief() {
    return testing::batterTo300();
}

RodReading reading(double hz) {
    return testing::readingOf(hz);
}

HeadWork tapping() {
    return *beginTapping(*markFingerTight(freshHead(8), brief()), 0, Direction::CounterClockwise);
}

/// A whole round of equal or given pitches.
HeadWork heardRound(HeadWork work, const std::vector<double>& hz) {
    for (std::size_t i = 0; i < work.taps.size(); ++i) {
        const auto rod = nextRodToTap(work);
        work = *hearTap(work, brief(), reading(hz[static_cast<std::size_t>(*rod)]));
    }
    return work;
}

TEST(HeadWork, FingerTightPlansTheCountedRounds) {
    const auto work = markFingerTight(freshHead(8), brief());
    ASSERT_TRUE(work);
    EXPECT_EQ(work->stage, HeadStage::Raising);
    EXPECT_EQ(work->countedRounds, plannedRounds(freshHead(8), brief()));
    Turns total;
    for (Turns t : work->countedRounds)
        total += t;
    const TurnResponse prior = turnResponseOf(freshHead(8), brief());
    EXPECT_LT(prior.at(total), brief().targetTension); // stops short: turns alone are not trusted to the end
    EXPECT_GT(prior.at(total).value, 0.8 * brief().targetTension.value);
}

TEST(HeadWork, LedgerCountsEveryGroupOfEveryRound) {
    HeadWork work = *markFingerTight(freshHead(8), brief());
    int presses = 0;
    while (work.stage == HeadStage::Raising) {
        const auto move = moveAtHand(work, brief().path);
        ASSERT_TRUE(move);
        EXPECT_EQ(move->rods.size(), 2U);
        work = *markGroupTurned(work, brief());
        ++presses;
    }
    EXPECT_EQ(presses, 4 * static_cast<int>(work.countedRounds.size()));
    for (Turns t : work.rodTurns)
        EXPECT_EQ(t, work.rodTurns.front()); // every rod the same
    EXPECT_EQ(work.stage, HeadStage::Tapping);
    EXPECT_EQ(work.meanTurns(), work.rodTurns.front());
}

TEST(HeadWork, RoundAsksEachRodInTurnFromAnyStartEitherWay) {
    for (Direction d : {Direction::CounterClockwise, Direction::Clockwise}) {
        HeadWork work = *beginTapping(tapping(), 5, d);
        const auto order = tappingOrder(8, 5, d);
        for (int rod : order) {
            ASSERT_EQ(nextRodToTap(work), rod);
            if (rod != order.back())
                work = *hearTap(work, brief(), reading(300));
        }
        EXPECT_EQ(work.rodsHeard(), 7);
    }
}

TEST(HeadWork, EvenAtPitchIsDone) {
    const HeadWork work = heardRound(tapping(), std::vector<double>(8, 300.6));
    EXPECT_EQ(work.stage, HeadStage::Done);
    EXPECT_TRUE(work.withinTolerance);
    EXPECT_EQ(work.history.size(), 1U);
    EXPECT_TRUE(work.moves.empty());
}

TEST(HeadWork, IsNeverCalledEvenWhileItWasHeardOtherwise) {
    std::mt19937 random(5);
    int even = 0;
    int finished = 0;
    for (int round = 0; round < 400; ++round) {
        std::normal_distribution<double> apart(0.0, 0.1 + 0.005 * round); // Hz
        std::vector<double> hertz(8);
        for (double& pitch : hertz)
            pitch = 300.6 + apart(random);
        const HeadWork work = heardRound(tapping(), hertz);
        finished += work.stage == HeadStage::Done;
        even += work.withinTolerance;
        if (work.withinTolerance) {
            EXPECT_LE(farthestHeard(*lastEstimate(work), brief().target), brief().tolerance + Cents{0.5});
        }
    }
    EXPECT_GT(even, 100);
    EXPECT_LT(finished, 400);
}

TEST(HeadWork, EvenButOffPitchIsNotDone) {
    const HeadWork work = heardRound(tapping(), std::vector<double>(8, 290));
    EXPECT_EQ(work.stage, HeadStage::Turning);
    EXPECT_FALSE(work.withinTolerance);
    ASSERT_FALSE(work.moves.empty());
    for (const RodMove& move : work.moves)
        EXPECT_GT(move.turns.value, 0.0);
    EXPECT_EQ(work.predicted.size(), 8U);
}

TEST(HeadWork, MovesGoIntoTheLedgerAndThenTheRoundIsTappedAgain) {
    HeadWork work = heardRound(tapping(), {300, 300, 290, 300, 300, 300, 290, 300});
    const auto before = work.rodTurns;
    const auto moves = work.moves;
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    EXPECT_EQ(work.stage, HeadStage::Tapping);
    EXPECT_EQ(work.rodsHeard(), 0);
    for (const RodMove& move : moves)
        for (int rod : move.rods)
            EXPECT_NEAR(
                (work.rodTurns[static_cast<std::size_t>(rod)] - before[static_cast<std::size_t>(rod)]).value,
                move.turns.value, 1e-12);
    EXPECT_FALSE(work.predicted.empty()); // said before the round is tapped
    work = heardRound(work, std::vector<double>(8, 300));
    EXPECT_EQ(work.history.back().predicted.size(), 8U); // and kept, to be judged afterwards
}

TEST(HeadWork, RefusesStepsOutOfPlace) {
    const HeadWork fresh = freshHead(8);
    EXPECT_EQ(markGroupTurned(fresh, brief()).fault(), StepRefusal::WrongStage);
    EXPECT_EQ(beginTapping(fresh, 0, Direction::Clockwise).fault(), StepRefusal::WrongStage);
    EXPECT_EQ(hearTap(fresh, brief(), reading(300)).fault(), StepRefusal::WrongStage);
    EXPECT_EQ(markMoved(fresh).fault(), StepRefusal::WrongStage);
    EXPECT_EQ(beginTapping(tapping(), 8, Direction::Clockwise).fault(), StepRefusal::NoSuchRod);
    EXPECT_EQ(beginTapping(tapping(), -1, Direction::Clockwise).fault(), StepRefusal::NoSuchRod);
    EXPECT_EQ(correctCount(tapping(), 12, Turns{0.125}).fault(), StepRefusal::NoSuchRod);
    EXPECT_EQ(markFingerTight(tapping(), brief()).fault(), StepRefusal::WrongStage);
}

TEST(HeadWork, CorrectedCountChangesOneRodOnly) {
    const HeadWork before = tapping();
    const HeadWork after = *correctCount(before, 4, Turns{0.125});
    for (std::size_t i = 0; i < 8; ++i)
        EXPECT_NEAR((after.rodTurns[i] - before.rodTurns[i]).value, i == 4 ? 0.125 : 0.0, 1e-12);
    EXPECT_EQ(after.stage, before.stage);
}

TEST(HeadWork, ExpectationNarrowsOnceTheHeadWasHeard) {
    const Expectation first = expectationNow(tapping(), brief());
    HeadWork work = heardRound(tapping(), std::vector<double>(8, 280));
    const Expectation later = expectationNow(work, brief());
    EXPECT_LT(later.spread, first.spread);
    for (const ExpectedMode& mode : later.modes)
        if (mode.mode == Mode{1, 1}) {
            EXPECT_NEAR(mode.frequency.value, 280.0, 1.0);
        }
}

TEST(HeadWork, TensionFollowsPitchAndTheTurnsSince) {
    HeadWork work = heardRound(tapping(), std::vector<double>(8, 280));
    const Tension heard = tensionNow(work, brief());
    EXPECT_NEAR(heard / tensionFromHeard(brief().drum, HeadSide::Batter, Hertz{280}, airAt(brief().weather)),
                1.0, 1e-6);
    EXPECT_GT(tensionNow(*turnAll(work, Turns{0.25}), brief()), heard);
    for (int rod = 0; rod < 8; ++rod) // miscounted before it was heard: it was heard as it stands
        work = *correctCount(work, rod, Turns{0.25});
    EXPECT_EQ(tensionNow(work, brief()), heard);
}

TEST(HeadWork, KeepsOfAReadingWhatTheRoundNeeds) {
    Reading full;
    full.verdict = Verdict::Clear;
    full.frequency = Hertz{301};
    full.standardError = Hertz{0.1};
    full.t60 = Seconds{0.4};
    full.second = Hertz{410};
    full.beat = Hertz{3};
    full.levelDb = -12;
    const RodReading kept = rodReadingFrom(full);
    EXPECT_EQ(kept.frequency, Hertz{301});
    EXPECT_EQ(kept.second, Hertz{410});
    EXPECT_EQ(kept.beat, Hertz{3});
    EXPECT_EQ(kept.levelDb, -12);
}

} // namespace head_work_test
} // namespace bombo
