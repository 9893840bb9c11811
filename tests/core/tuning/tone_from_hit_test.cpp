#include "core/tuning/targets.h"
#include "core/tuning/tone_from_hit.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace tone_from_hit_test {

using testing::chase;
using testing::plover;

HitPortrait portraitAt(const Targets& targets) {
    HitPortrait hit;
    hit.centre = targets.pitches.centre;
    hit.edge = targets.pitches.batterEdgeOpen;
    hit.ring = Seconds{0.31};
    hit.buzz = Seconds{0.2};
    hit.brightness = Hertz{1500};
    return hit;
}

TEST(ToneFromHit, AHitOfThisDrumLeadsBackToItsOwnTargets) {
    const Targets was = targetsFor(plover(), chase()).value();
    const ToneFromHit made = toneFromHit(plover(), portraitAt(was));
    EXPECT_EQ(made.limit, TargetLimit::None);
    const Targets again = targetsFor(plover(), made.tone).value();
    EXPECT_NEAR(centsBetween(was.batter.edgePitch, again.batter.edgePitch).value, 0.0, 0.5);
    EXPECT_NEAR(centsBetween(was.snareSide.edgePitch, again.snareSide.edgePitch).value, 0.0, 3.0);
    EXPECT_EQ(made.tone.ring, Seconds{0.31});
    EXPECT_NEAR(buzzAt(made.tone.wireMargin, made.tone.ring).value, 0.2, 1e-9);
    EXPECT_EQ(made.tone.origin, "recording");
    EXPECT_FALSE(made.tone.wiresOff);
}

TEST(ToneFromHit, WhatThisDrumCannotReachIsSaid) {
    HitPortrait high = portraitAt(targetsFor(plover(), chase()).value());
    high.centre = Hertz{520};
    high.edge = Hertz{780};
    const ToneFromHit made = toneFromHit(plover(), high);
    EXPECT_NE(made.limit, TargetLimit::None);
    EXPECT_LT(made.centreReached.value, 520.0);
    EXPECT_TRUE(targetsFor(plover(), made.tone)); // the nearest that it can
}

TEST(ToneFromHit, WithoutAnEdgeTheUsualIntervalIsTaken) {
    HitPortrait hit = portraitAt(targetsFor(plover(), chase()).value());
    hit.edge.reset();
    hit.buzz.reset();
    hit.ring.reset();
    const ToneFromHit made = toneFromHit(plover(), hit);
    EXPECT_FALSE(made.edgeOverCentreHeard);
    EXPECT_NEAR(made.tone.snareSideAbove.value, 500.0, 0.5);
    EXPECT_NEAR(made.centreReached.value, hit.centre.value, 0.05);
    EXPECT_TRUE(made.tone.wiresOff);
    EXPECT_FALSE(made.ringTaken);
}

TEST(Wires, BuzzLengthAndMarginAreEachOthersInverse) {
    for (const double margin : {0.0, 0.3, 0.55, 0.8, 1.0})
        EXPECT_NEAR(wireMarginFor(buzzAt(margin, Seconds{0.4}), Seconds{0.4}), margin, 1e-12);
    EXPECT_GT(buzzAt(0.2, Seconds{0.4}), buzzAt(0.8, Seconds{0.4}));
}

} // namespace tone_from_hit_test
} // namespace bombo
