/// A new batter taken above pitch to seat it, rested overnight, and brought down again.
#include "core/acoustics/film.h"
#include "core/procedure/head_work.h"
#include "support/heads.h"

#include <gtest/gtest.h>

namespace bombo {
namespace stretch_test {

using testing::allMoved;
using testing::heardAll;

HeadBrief stretching() {
    HeadBrief brief = testing::batterTo300();
    brief.seating = Seating::StretchOvernight;
    return brief;
}

HeadWork raisedAbove(const HeadBrief& brief) {
    HeadWork work = *markFingerTight(freshHead(8), brief);
    while (work.stage == HeadStage::Raising)
        work = *markGroupTurned(work, stretched(brief));
    return work;
}

TEST(Stretch, TheTargetStandsAMinorThirdHigherAndNeverOverTheSafeLoad) {
    const HeadBrief brief = stretching();
    const HeadBrief above = stretched(brief);
    EXPECT_NEAR(centsBetween(brief.target, above.target).value, kStretch.value, 1e-6);
    EXPECT_GT(above.targetTension.value, brief.targetTension.value);

    HeadBrief high = brief;
    high.target = Hertz{520.0}; // a minor third above it the film would be over its limit
    EXPECT_LT(filmLoad(high.drum.head(HeadSide::Batter), stretched(high).targetTension), kFilmLoadLimit);
    EXPECT_GE(stretched(high).target, high.target);
}

TEST(Stretch, OnlyANewBatterIsTakenAbove) {
    const HeadBrief brief = stretching();
    EXPECT_TRUE(markFingerTight(freshHead(8), brief)->above);
    EXPECT_FALSE(markFingerTight(*chooseCondition(freshHead(8), HeadCondition::FromSlack), brief)->above);
    HeadBrief thin = brief;
    thin.side = HeadSide::SnareSide;
    EXPECT_FALSE(markFingerTight(freshHead(8), thin)->above);
    EXPECT_FALSE(markFingerTight(freshHead(8), testing::batterTo300())->above);
}

TEST(Stretch, MoreRoundsThanToPitchAndAfterTheNightDownTogether) {
    const HeadBrief brief = stretching();
    HeadWork work = raisedAbove(brief);
    EXPECT_GT(work.meanTurns().value, raisedAbove(testing::batterTo300()).meanTurns().value);
    EXPECT_EQ(markRested(work, brief).fault(), StepRefusal::NotStretched); // not even there yet
    work = heardAll(std::move(work), stretched(brief), stretched(brief).target.value);
    ASSERT_EQ(work.stage, HeadStage::Done);
    ASSERT_TRUE(work.above);

    const Turns stood = work.meanTurns();
    work = *markRested(std::move(work), brief);
    EXPECT_FALSE(work.above);
    ASSERT_EQ(work.moves.size() % 4, 0U); // every pair, round by round
    for (std::size_t i = 0; i < work.moves.size(); ++i) {
        EXPECT_LT(work.moves[i].turns.value, 0.0);
        EXPECT_GE(work.moves[i].turns, Turns{} - brief.largestStep); // a hoop pulled on one side warps
        EXPECT_EQ(work.moves[i].turns, work.moves[i - i % 4].turns);
    }
    work = allMoved(std::move(work));
    EXPECT_LT(work.meanTurns().value, stood.value);
    EXPECT_EQ(work.stage, HeadStage::Tapping);
    EXPECT_LT(tensionNow(work, brief).value, brief.targetTension.value); // the last turns go upwards
    EXPECT_GT(tensionNow(work, brief).value, 0.8 * brief.targetTension.value);
    work = heardAll(std::move(work), brief, brief.target.value);
    EXPECT_EQ(work.stage, HeadStage::Done);
    EXPECT_EQ(markRested(work, brief).fault(), StepRefusal::NotStretched);
}

} // namespace stretch_test
} // namespace bombo
