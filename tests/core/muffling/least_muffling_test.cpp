#include "core/muffling/least_muffling.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace least_muffling_test {

using testing::plover;

Muffler muffler(const HearingPoint& point = {}) {
    return {plover(), drumState(plover(), Tension{3000}, Tension{3600}), point};
}
MufflingPlan least(const Muffler& heard, double share, MufflingWish wish = {}) {
    wish.ring = share * heard.ringWith({});
    return leastMuffling(heard, plover().shell, wish);
}

TEST(LeastMuffling, NothingWhereNothingIsNeeded) {
    const MufflingPlan plan = least(muffler(), 1.0);
    EXPECT_TRUE(plan.pads.empty());
    EXPECT_TRUE(plan.reaches);
}

TEST(LeastMuffling, ReachesTheWishWithoutPassingItByMuch) {
    for (const double share : {0.9, 0.75, 0.6, 0.45}) {
        const MufflingPlan plan = least(muffler(), share);
        const double wished = share * muffler().ringWith({}).value;
        EXPECT_TRUE(plan.reaches) << share;
        EXPECT_LE(plan.ring.value, kRingReached * wished) << share;
        EXPECT_GT(plan.ring.value, 0.6 * wished) << share;
        EXPECT_NEAR(plan.ring.value, muffler().ringWith(plan.pads).value, 1e-12);
    }
}

TEST(LeastMuffling, AShorterRingNeverTakesFewerThings) {
    std::size_t things = 0;
    for (const double share : {0.95, 0.8, 0.65, 0.5, 0.35}) {
        const std::size_t now = least(muffler(), share).pads.size();
        EXPECT_GE(now, things) << share;
        things = now;
    }
}

TEST(LeastMuffling, EveryPlaceMayBeUsed) {
    const MufflingPlan plan = least(muffler(), 0.35);
    ASSERT_GE(plan.pads.size(), 1U);
    std::vector<Pad> laid;
    for (const Pad& pad : plan.pads) {
        EXPECT_EQ(checkPad(pad, laid, plover().shell), PadProblem::None);
        laid.push_back(pad);
    }
}

TEST(LeastMuffling, NoSingleThingWouldDoWhereTwoArePlanned) {
    // An exhaustive look at one pad of each usual kind on a fine grid.
    const Muffler heard = muffler();
    const double share = 0.4;
    const MufflingPlan plan = least(heard, share);
    ASSERT_GE(plan.pads.size(), 2U);
    for (const char* id : {"gel-pad-quarter", "gel-pad-half", "gel-pad", "gel-pad-doubled"})
        for (double inward = 0.010; inward <= 0.054 + 1e-9; inward += 0.002) {
            Pad pad{Metres{}, Radians{1.0}, padKindNamed(id).value()};
            pad.fromCentre = plover().shell.radius() - pad.kind.radius - Metres{inward};
            EXPECT_GT(heard.ringWith({pad}).value, kRingReached * share * heard.ringWith({}).value);
        }
}

/// The shortest ring of two gel pads, tried in all sizes, at three depths and eight directions of each other.
double shortestOfTwo(const Muffler& heard, const std::vector<PadKind>& kinds) {
    std::vector<Pad> first;
    for (const PadKind& kind : kinds)
        for (const double inward : {0.020, 0.035, 0.050})
            first.push_back({plover().shell.radius() - kind.radius - Metres{inward}, Radians{}, kind});
    double shortest = 1e9;
    for (std::size_t a = 0; a < first.size(); ++a)
        for (std::size_t b = a; b < first.size(); ++b)
            for (int turn = 1; turn < 8; ++turn) {
                Pad second = first[b];
                second.angle = Radians{0.25 * std::numbers::pi * turn};
                if (checkPad(second, {first[a]}, plover().shell) == PadProblem::None)
                    shortest = std::min(shortest, heard.ringWith({first[a], second}).value);
            }
    return shortest;
}

TEST(LeastMuffling, AnExhaustiveSearchFindsNoPairWhereItFindsNone) {
    const Muffler heard = muffler();
    MufflingWish wish;
    wish.mostItems = 2;
    wish.kinds = {padKindNamed("gel-pad-quarter").value(), padKindNamed("gel-pad-half").value()};
    const double open = heard.ringWith({}).value;
    const double shortest = shortestOfTwo(heard, wish.kinds);
    // Where a pair just reaches (6 % above the wish counts) it is found; far beyond, what is offered is
    // nearly the shortest there is.
    const MufflingPlan within = least(heard, 0.98 * shortest / open, wish);
    EXPECT_TRUE(within.reaches);
    EXPECT_LE(within.pads.size(), 2U);
    const MufflingPlan beyond = least(heard, 0.5 * shortest / open, wish);
    EXPECT_FALSE(beyond.reaches);
    EXPECT_LT(beyond.ring.value, 1.03 * shortest);
}

TEST(LeastMuffling, ATargetBeyondReachIsSaid) {
    MufflingWish wish;
    wish.mostItems = 1;
    wish.kinds = {padKindNamed("gel-pad-quarter").value()};
    const MufflingPlan plan = least(muffler(), 0.2, wish);
    EXPECT_FALSE(plan.reaches);
    EXPECT_EQ(plan.pads.size(), 1U); // the shortest that can be had
    EXPECT_LT(plan.ring, muffler().ringWith({}));
}

TEST(LeastMuffling, WhatIsLaidStays) {
    MufflingWish wish;
    wish.laid = {Pad{Metres{0.12}, Radians{0.0}, {}}};
    const MufflingPlan plan = least(muffler(), 0.4, wish);
    ASSERT_FALSE(plan.pads.empty());
    EXPECT_EQ(plan.pads.front(), wish.laid.front());
}

TEST(LeastMuffling, AMicrophoneDecidesTheDirection) {
    const HearingPoint point{HeardFrom::Microphone, {Radians{0.8}, Metres{0.12}, Metres{0.04}}};
    MufflingWish wish;
    wish.mostItems = 1;
    wish.kinds = {PadKind{}};
    const MufflingPlan plan = least(muffler(point), 0.3, wish); // the best that one pad can do there
    ASSERT_EQ(plan.pads.size(), 1U);
    Pad across = plan.pads.front();
    across.angle += Radians{1.5707963};
    EXPECT_LT(plan.ring, muffler(point).ringWith({across}));
}

} // namespace least_muffling_test
} // namespace bombo
