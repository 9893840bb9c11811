#include "core/procedure/quick_plan.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace quick_plan_test {

using testing::plover;

TEST(QuickPlan, FitsIntoTheMinutesAndFollowsOnItself) {
    for (const int rods : {5, 6, 8, 10})
        for (const double minutes : {3.0, 5.0, 8.0, 15.0, 30.0}) {
            const auto plan = quickPlan(plover(rods), Path::OppositePairs, minutes);
            ASSERT_FALSE(plan.empty());
            Seconds at{};
            for (const QuickStep& step : plan) {
                EXPECT_EQ(step.from, at);
                EXPECT_GT(step.takes.value, 0.0);
                at += step.takes;
            }
            EXPECT_LE(at.value, 60.0 * minutes + 1e-9) << rods << " rods, " << minutes << " minutes";
            EXPECT_EQ(plan.back().kind, QuickKind::Rest);
        }
}

TEST(QuickPlan, FiveMinutesAreForTheHeadThatIsPlayed) {
    const auto plan = quickPlan(plover(), Path::OppositePairs, 5.0);
    EXPECT_EQ(quickMoves(plan, HeadSide::SnareSide), 0);
    EXPECT_EQ(quickMoves(plan, HeadSide::Batter), 4); // every pair of eight rods can have its move
    EXPECT_EQ(plan.front().kind, QuickKind::TapHalf);
    EXPECT_EQ(plan.front().count, 4);
}

TEST(QuickPlan, MoreTimeNeverBringsFewerMoves) {
    for (const Path path : {Path::OppositePairs, Path::Star}) {
        int before = 0;
        for (double minutes = kFewestMinutes; minutes <= kMostMinutes; minutes += 0.5) {
            const auto plan = quickPlan(plover(10), path, minutes);
            const int moves = quickMoves(plan, HeadSide::Batter) + quickMoves(plan, HeadSide::SnareSide);
            EXPECT_GE(moves, before) << minutes;
            before = moves;
        }
        EXPECT_EQ(before, 10); // both heads, every pair
    }
}

TEST(QuickPlan, OneKeyTakesLonger) {
    const auto pairs = quickPlan(plover(10), Path::OppositePairs, 4.0);
    const auto star = quickPlan(plover(10), Path::Star, 4.0);
    EXPECT_GE(quickMoves(pairs, HeadSide::Batter), quickMoves(star, HeadSide::Batter));
    EXPECT_GT(quickMoves(star, HeadSide::Batter), 0);
}

} // namespace quick_plan_test
} // namespace bombo
