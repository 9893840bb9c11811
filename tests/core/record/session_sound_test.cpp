#include "core/record/drum_now.h"
#include "core/record/heads_say.h"
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

TEST(SessionSound, AnEntrySoundsAsTheDrumDidThen) {
    const Session s = done(fullSession(), SetStrainer{Turns{2.25}});
    const EntryFigures then = entryOf(s, 1'790'000'000).figures;
    const PreviewStroke there = presentStroke(s).value();
    const PreviewStroke again = strokeThen(s, then).value();
    EXPECT_NEAR(again.heads.batter.tension / there.heads.batter.tension, 1.0, 0.005);
    EXPECT_NEAR(again.heads.snareSide.tension / there.heads.snareSide.tension, 1.0, 0.005);
    EXPECT_EQ(again.pads, there.pads);
    // On the drum as it is today, retuned and bare, it is still that of then.
    Session today = done(done(s, BothTurned{Turns{-0.5}, Turns{0.25}}), SetStrainer{Turns{0.25}});
    today = done(today, LayPads{{}});
    const PreviewStroke later = strokeThen(today, then).value();
    EXPECT_EQ(later.heads.batter.tension, again.heads.batter.tension);
    EXPECT_EQ(later.pads, again.pads);
    EXPECT_EQ(later.buzz.has_value(), again.buzz.has_value());
    EXPECT_LT(*later.buzz, *presentStroke(today)->buzz) << "not as loose as the knob is today";
    // What cannot be had to sound is not made up.
    EntryFigures missing = then;
    missing.snareSide.left.reset();
    EXPECT_FALSE(strokeThen(s, missing));
    EntryFigures other = then;
    other.batter.kind = "another head";
    EXPECT_FALSE(strokeThen(s, other));
    EXPECT_TRUE(canSound(s, then) && !canSound(s, missing) && !canSound(s, other));
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
