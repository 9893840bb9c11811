/// How rounds of taps are made: order, repeats, halves, kinds.
#include "core/procedure/head_work.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace rounds_test {

using testing::plover;

HeadBrief brief(int rods = 8) {
    HeadBrief b;
    b.drum = plover(rods);
    b.target = Hertz{300};
    b.targetTension = *tensionForEdgePitch(b.drum, HeadSide::Batter, b.target, {});
    return b;
}

RodReading at(double cents) {
    RodReading r;
    r.frequency = Hertz{280.0 * std::exp2(cents / 1200.0)};
    return r;
}

HeadWork tapping(int rods = 8, int start = 0, Direction direction = Direction::CounterClockwise) {
    return *beginTapping(*markFingerTight(freshHead(rods), brief(rods)), start, direction);
}

HeadWork with(HeadWork work, const RoundWay& way) {
    auto changed = chooseWay(std::move(work), way);
    EXPECT_TRUE(changed);
    return *changed;
}

/// Taps what is due until the round closes; the cents by rod.
HeadWork tapOut(HeadWork work, const std::vector<double>& cents) {
    while (const auto rod = nextRodToTap(work))
        work = *hearTap(work, brief(static_cast<int>(work.taps.size())),
                        at(cents[static_cast<std::size_t>(*rod)]));
    return work;
}

TEST(Rounds, FromAnyRodEitherWayEachRodOnce) {
    for (const int rods : {5, 6, 7, 8, 10, 12})
        for (const Direction way : {Direction::Clockwise, Direction::CounterClockwise})
            for (int start = 0; start < rods; ++start) {
                HeadWork work = tapping(rods, start, way);
                std::vector<int> order;
                while (const auto rod = nextRodToTap(work)) {
                    order.push_back(*rod);
                    work = *hearTap(work, brief(rods), at(0));
                }
                ASSERT_EQ(order.size(), static_cast<std::size_t>(rods));
                EXPECT_EQ(order.front(), start);
                const int step = way == Direction::CounterClockwise ? 1 : rods - 1;
                for (std::size_t i = 1; i < order.size(); ++i)
                    EXPECT_EQ(order[i], (order[i - 1] + step) % rods);
            }
}

/// Patience is for places that were left: tapping on without a turn is none of them.
TEST(Rounds, TappedAgainWithoutATurnItIsToldToTurnAsBefore) {
    HeadWork work = tapOut(tapping(), std::vector<double>(8, 90.0)); // 29 cents under the target
    ASSERT_EQ(work.stage, HeadStage::Turning);
    for (int again = 0; again < 10; ++again) {
        work = tapOut(*beginTapping(work, 0, Direction::CounterClockwise), std::vector<double>(8, 90.0));
        EXPECT_EQ(work.stage, HeadStage::Turning) << again;
        EXPECT_FALSE(work.moves.empty()) << again;
    }
}

TEST(Rounds, SeveralTapsARodAndAThirdWhereTwoDisagree) {
    HeadWork work = with(tapping(), {.tapsPerRod = 2});
    EXPECT_EQ(work.tapsAtMost(), 8 * kMostTapsAtARod);
    work = *hearTap(work, brief(), at(0));
    EXPECT_EQ(nextRodToTap(work), 0);
    work = *hearTap(work, brief(), at(30));
    EXPECT_EQ(nextRodToTap(work), 0); // they disagree
    EXPECT_EQ(work.rodsHeard(), 0);
    work = *hearTap(work, brief(), at(1));
    EXPECT_EQ(nextRodToTap(work), 1);
    EXPECT_EQ(work.rodsHeard(), 1);
    while (nextRodToTap(work))
        work = *hearTap(work, brief(), at(0));
    const RodReading& first = *work.history.back().readings[0];
    EXPECT_NEAR(centsBetween(Hertz{280}, first.frequency).value, 0.5, 0.01);
    EXPECT_EQ(first.taps, 3);
    EXPECT_EQ(first.outliers, 1);
    EXPECT_EQ(work.history.back().readings[1]->taps, 2);
}

TEST(Rounds, ARodIsAskedAgainWithoutLosingThePlace) {
    HeadWork work = tapping();
    EXPECT_EQ(work.tapsAtMost(), 8);
    for (int i = 0; i < 4; ++i)
        work = *hearTap(work, brief(), at(i == 1 ? 40 : 0));
    work = *askAgain(work, 1);
    EXPECT_EQ(nextRodToTap(work), 1);
    work = *hearTap(work, brief(), at(0)); // 40 and 0: a third decides
    EXPECT_EQ(nextRodToTap(work), 1);
    work = *hearTap(work, brief(), at(1));
    EXPECT_EQ(nextRodToTap(work), 4); // the place was kept
    work = tapOut(work, std::vector<double>(8, 0.0));
    EXPECT_NEAR(centsBetween(Hertz{280}, work.history.back().readings[1]->frequency).value, 0.5, 0.01);
    EXPECT_EQ(askAgain(work, 8).fault(), StepRefusal::NoSuchRod);
    EXPECT_EQ(askAgain(freshHead(8), 1).fault(), StepRefusal::WrongStage);
}

TEST(Rounds, AFinishedRoundOpensAgainForOneRod) {
    const HeadWork closed = tapOut(tapping(), {0, 0, 60, 0, 0, 0, 0, 0});
    ASSERT_EQ(closed.stage, HeadStage::Turning);
    HeadWork work = *askAgain(closed, 2);
    EXPECT_EQ(work.stage, HeadStage::Tapping);
    EXPECT_TRUE(work.history.empty());
    EXPECT_EQ(work.rodsHeard(), 8);
    EXPECT_EQ(nextRodToTap(work), 2);
    EXPECT_EQ(work.tapsAtMost(), kMostTapsAtARod - 1);
    work = *hearTap(work, brief(), at(0));
    work = *hearTap(work, brief(), at(0));
    ASSERT_EQ(work.history.size(), 1U);
    EXPECT_NEAR(centsBetween(Hertz{280}, work.history[0].readings[2]->frequency).value, 0.0, 1e-6);

    // Not once a move was made: what was heard then is past.
    HeadWork moved = *markMoved(closed);
    ASSERT_EQ(moved.stage, HeadStage::Turning);
    EXPECT_EQ(askAgain(moved, 2).fault(), StepRefusal::WrongStage);
}

TEST(Rounds, HalfARoundSaysAsMuchAsAWholeOne) {
    // What the (1,1) of a head can sound like: mean and second harmonic.
    std::vector<double> cents;
    for (int rod = 0; rod < 8; ++rod)
        cents.push_back(14.0 * std::cos(2.0 * (rodAngle(rod, 8).value - 0.4)));
    const HeadWork whole = tapOut(tapping(), cents);
    const HeadWork half = tapOut(with(tapping(8, 3), {.half = true}), cents);
    EXPECT_FALSE(half.history[0].readings[1]); // rods 4 to 7 were tapped
    EXPECT_TRUE(half.history[0].readings[3]);
    EXPECT_TRUE(half.history[0].readings[6]);
    const EvennessEstimate a = *lastEstimate(whole);
    const EvennessEstimate b = *lastEstimate(half);
    EXPECT_NEAR(a.mean.value, b.mean.value, 1e-9);
    for (std::size_t rod = 0; rod < 8; ++rod)
        EXPECT_NEAR(a.heard[rod].value, b.heard[rod].value, 1e-6) << rod;
    // Half the readings: the estimate leans a little more on its prior (2 cents against 60).
    for (std::size_t rod = 0; rod < 8; ++rod)
        EXPECT_NEAR(a.deviation[rod], b.deviation[rod], 0.2) << rod;
    EXPECT_EQ(half.moves.size(), whole.moves.size());
}

TEST(Rounds, HalfARoundNeedsOppositeRods) {
    EXPECT_EQ(chooseWay(tapping(7), {.half = true}).fault(), StepRefusal::HalfNeedsEvenRods);
    EXPECT_EQ(chooseWay(tapping(), {.tapsPerRod = 0}).fault(), StepRefusal::TapsOutOfRange);
    EXPECT_EQ(chooseWay(tapping(), {.tapsPerRod = 4}).fault(), StepRefusal::TapsOutOfRange);
    EXPECT_FALSE(halfRoundIsEnough(tapping()));
    EXPECT_TRUE(halfRoundIsEnough(tapOut(tapping(), {9, 3, 0, 5, 8, 4, 1, 6})));
    EXPECT_FALSE(halfRoundIsEnough(tapOut(tapping(), {9, 3, 0, 5, 8, 14, 1, 6})));
    EXPECT_FALSE(halfRoundIsEnough(tapOut(tapping(7), std::vector<double>(7, 0.0))));
}

TEST(Rounds, TheTwoKindsOfTapNeverMeet) {
    HeadWork work = tapping();
    work = *hearTap(work, brief(), at(0));
    work = *hearTap(work, brief(), at(0));
    EXPECT_EQ(with(work, {.tapsPerRod = 1}).rodsHeard(), 2); // no change of kind: kept
    work = with(work, {.kind = TapKind::Open});
    EXPECT_EQ(work.rodsHeard(), 0); // begun again
    work = tapOut(work, {30, 0, -30, 0, 30, 0, -30, 0});
    ASSERT_EQ(work.history.size(), 1U);
    EXPECT_EQ(work.history[0].way.kind, TapKind::Open);
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    ASSERT_FALSE(work.predicted.empty());
    work = tapOut(with(work, {.kind = TapKind::FingerDamped}), std::vector<double>(8, 0.0));
    ASSERT_EQ(work.history.size(), 2U);
    EXPECT_TRUE(work.history[1].predicted.empty()); // not judged by what the other kind promised

    // And what turns do is learned from rounds of one kind: here the last alone.
    HeadWork alone = work;
    alone.history.erase(alone.history.begin());
    EXPECT_EQ(turnResponseOf(work, brief()).perTurn(), turnResponseOf(alone, brief()).perTurn());
    HeadWork mixed = work;
    mixed.history[0].way.kind = TapKind::FingerDamped;
    EXPECT_NE(turnResponseOf(mixed, brief()).perTurn(), turnResponseOf(alone, brief()).perTurn());
}

TEST(Rounds, ATapGoesToTheRodThatIsNamed) {
    HeadWork work = tapping();
    work = *hearTap(work, brief(), at(5), 6);
    EXPECT_EQ(work.taps[6].size(), 1U);
    EXPECT_EQ(nextRodToTap(work), 0); // still due
    EXPECT_EQ(hearTap(work, brief(), at(5), 8).fault(), StepRefusal::NoSuchRod);
    work = *askAgain(work, 2);
    work = *hearTap(work, brief(), at(5), 1); // another rod does not answer for the one that was asked for
    EXPECT_EQ(nextRodToTap(work), 2);
}

TEST(Rounds, AStrayTapIsNamed) {
    std::vector<double> cents;
    for (int rod = 0; rod < 8; ++rod)
        cents.push_back(20.0 * std::cos(2.0 * rodAngle(rod, 8).value));
    EXPECT_FALSE(strayRod(tapOut(tapping(), cents)));
    cents[5] += 35.0;
    const HeadWork work = tapOut(tapping(), cents);
    EXPECT_EQ(strayRod(work), 5);
    EXPECT_FALSE(strayRod(tapping()));
    cents[2] -= 40.0; // two at once: no telling which fits
    EXPECT_FALSE(strayRod(tapOut(tapping(), cents)));
}

} // namespace rounds_test
} // namespace bombo
