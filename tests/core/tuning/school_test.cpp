/// Style, wish and school are apart: what each of them moves, and what it leaves alone.
#include "core/tuning/targets.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace school_test {

using testing::chase;
using testing::plover;

Targets with(const Wish& wish, const School& school = {}) {
    const auto targets = targetsFor(plover(), ToneBrief{chase(), wish, school});
    EXPECT_TRUE(targets);
    return *targets;
}

Targets at(SnareSideLevel level) {
    School school;
    school.level = level;
    return with({}, school);
}

TEST(School, EachGivesItsOwnSnareSide) {
    const Hertz batter = at(SnareSideLevel::AsTone).batter.edgePitch;
    EXPECT_NEAR(centsBetween(batter, at(SnareSideLevel::AsTone).snareSide.edgePitch).value, 500.0, 0.01);
    EXPECT_NEAR(centsBetween(batter, at(SnareSideLevel::LittleAbove).snareSide.edgePitch).value, 100.0, 0.01);
    EXPECT_NEAR(centsBetween(batter, at(SnareSideLevel::Matched).snareSide.edgePitch).value, 0.0, 0.01);
    EXPECT_NEAR(at(SnareSideLevel::NearLimit).snareSide.filmLoad, kNearLimitLoad, 1e-9);
    School third;
    third.level = SnareSideLevel::Interval;
    third.interval = Cents{400};
    EXPECT_NEAR(centsBetween(batter, with({}, third).snareSide.edgePitch).value, 400.0, 0.01);
    const TurnModel turns = turnModelPrior(plover());
    const Targets counted = at(SnareSideLevel::CountedTurns);
    EXPECT_NEAR(turns.snareSide.turnsFor(counted.snareSide.tension).value -
                    turns.batter.turnsFor(counted.batter.tension).value,
                kCountedMore.value, 1e-9);
    for (SnareSideLevel level :
         {SnareSideLevel::LittleAbove, SnareSideLevel::NearLimit, SnareSideLevel::CountedTurns})
        EXPECT_NEAR(at(level).batter.edgePitch / batter, 1.0, 1e-6); // a school is about the snare side
}

TEST(School, RatioIsReachedOrItsLimitNamed) {
    School school;
    school.level = SnareSideLevel::EdgeOverCentre;
    school.edgeOverCentre = 1.5;
    const Targets half = with({}, school);
    EXPECT_NEAR(half.pitches.edgeOverCentre, 1.5, 1e-4);
    EXPECT_EQ(half.limit, TargetLimit::None);
    school.edgeOverCentre = 1.05; // more air spring than this snare side can give
    const Targets low = with({}, school);
    EXPECT_EQ(low.limit, TargetLimit::SnareSideFilm);
    EXPECT_NEAR(low.snareSide.filmLoad, kFilmLoadLimit, 1e-9);
    school.edgeOverCentre = 3.0;
    const Targets high = with({}, school);
    EXPECT_TRUE(high.limit == TargetLimit::RatioReversed || high.limit == TargetLimit::SnareSideFingerTight);
    EXPECT_FALSE(high.pitches.ratioReversed);
}

TEST(Wish, HighMovesBothHeadsAndKeepsTheInterval) {
    const Targets higher = with({.high = 1.0});
    const Targets middle = with({});
    EXPECT_NEAR(centsBetween(middle.batter.edgePitch, higher.batter.edgePitch).value, chase().pitchSpan.value,
                0.01);
    EXPECT_NEAR(centsBetween(higher.batter.edgePitch, higher.snareSide.edgePitch).value, 500.0, 0.01);
    EXPECT_GT(higher.pitches.centre, middle.pitches.centre);
}

TEST(Wish, FeelKeepsTheCentrePitch) {
    const Targets middle = with({});
    for (const double feel : {-1.0, -0.5, 0.5}) {
        const Targets other = with({.feel = feel});
        EXPECT_EQ(other.limit, TargetLimit::None) << feel;
        EXPECT_NEAR(other.pitches.centre / middle.pitches.centre, 1.0, 1e-5) << feel;
        EXPECT_EQ(other.batter.tension > middle.batter.tension, feel > 0.0);
        EXPECT_EQ(other.snareSide.tension > middle.snareSide.tension, feel < 0.0); // the other head pays
    }
}

TEST(Wish, FeelStopsAtTheFilm) {
    School near;
    near.level = SnareSideLevel::NearLimit;
    const Targets softest = with({.feel = -1.0}, near); // the snare side has nothing left to give
    EXPECT_EQ(softest.limit, TargetLimit::SnareSideFilm);
    EXPECT_NEAR(softest.snareSide.filmLoad, kFilmLoadLimit, 1e-9);
}

TEST(Wish, RingAndWireStayInTheirSpans) {
    const ToneBrief longest{chase(), {.longer = 1.0, .wire = -1.0}, {}};
    EXPECT_NEAR(ringWanted(longest).value, 0.36 * chase().ringSpan, 1e-12);
    EXPECT_NEAR(wireMarginWanted(longest), 0.6 + chase().wireSpan, 1e-12);
    const ToneBrief plenty{chase(), {.wire = 1.0}, {}};
    EXPECT_NEAR(wireMarginWanted(plenty), 0.6 - chase().wireSpan, 1e-12);
    EXPECT_NEAR(ringWanted({chase(), {}, {}}).value, 0.36, 1e-12);
}

} // namespace school_test
} // namespace bombo
