#include "core/record/session_sound.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace session_sound_test {

using testing::chase;
using testing::done;
using testing::fresh;
using testing::fullSession;

TEST(SessionSound, NothingIsThereBeforeAHeadWasTouched) {
    EXPECT_FALSE(presentStroke(fresh()));
    EXPECT_TRUE(presentStroke(done(fresh(), FingerTight{HeadSide::SnareSide})));
}

TEST(SessionSound, WhatThereIsHasThePadsAndTheStrainer) {
    const Session s = fullSession();
    const PreviewStroke there = presentStroke(s).value();
    EXPECT_EQ(there.pads, s.pads);
    EXPECT_FALSE(there.ring); // as it rings, not as it was wished
    const Session tighter = done(s, SetStrainer{Turns{2.25}});
    EXPECT_GT(wireMarginNow(tighter), wireMarginNow(s));
    EXPECT_LT(presentStroke(tighter)->buzz, there.buzz);
}

TEST(SessionSound, WhatIsWantedFollowsTheWish) {
    const Session s = done(fresh(), ChooseTone{chase()});
    const PreviewStroke longer = wantedStroke(done(s, SetWish{{.longer = 1.0}}));
    EXPECT_GT(longer.ring, wantedStroke(s).ring);
    Tone off = chase();
    off.wiresOff = true;
    EXPECT_FALSE(wantedStroke(done(s, ChooseTone{off})).buzz);
}

TEST(SessionSound, ASetupBecomesAToneThatLeadsBackToIt) {
    const Session s = fullSession();
    const Tone own = toneOfSetup(s);
    EXPECT_EQ(own.origin, "own");
    const auto targets = targetsFor(s.drum, own, airAt(s.weather));
    ASSERT_TRUE(targets);
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        EXPECT_NEAR(centsBetween(lastEstimate(s.head(side))->mean, targets->head(side).edgePitch).value, 0.0,
                    0.1);
    EXPECT_EQ(own.ring, predictMuffling(s.drum, knownState(s), s.pads).ringAfter);
    EXPECT_NEAR(own.wireMargin, wireMarginNow(s), 1e-12);
}

} // namespace session_sound_test
} // namespace bombo
