#include "core/tuning/correction.h"
#include "core/tuning/targets.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace inverse_test {

using testing::chase;
using testing::plover;

/// Tensions from slack to the limits of both films.
std::vector<std::pair<Tension, Tension>> grid() {
    std::vector<std::pair<Tension, Tension>> all;
    for (double batter : {400.0, 1200.0, 3000.0, 7000.0, 15000.0})
        for (double snareSide : {350.0, 900.0, 2000.0, 3600.0, 5000.0})
            all.emplace_back(Tension{batter}, Tension{snareSide});
    return all;
}

void expectBack(const PitchWish& wish, Tension batter, Tension snareSide) {
    const auto found = solveTensions(plover(), wish);
    ASSERT_TRUE(found) << limitName(found.fault().limit) << " at " << batter.value << ", " << snareSide.value;
    EXPECT_NEAR(found->batter / batter, 1.0, 2e-4) << batter.value << ", " << snareSide.value;
    EXPECT_NEAR(found->snareSide / snareSide, 1.0, 5e-4) << batter.value << ", " << snareSide.value;
}

TEST(Inverse, OfTheForwardModelOverAGrid) {
    int straight = 0;
    for (const auto& [batter, snareSide] : grid()) {
        const NamedPitches p = namedPitches(drumState(plover(), batter, snareSide));
        expectBack(BothEdges{p.batterEdge, p.snareSideEdge}, batter, snareSide);
        expectBack(EdgeAndInterval{p.batterEdge, centsBetween(p.batterEdge, p.snareSideEdge)}, batter,
                   snareSide);
        expectBack(EdgeAndFilmLoad{p.batterEdge, filmLoad(plover().snareSideHead, snareSide)}, batter,
                   snareSide);
        expectBack(CentreAndInterval{p.centre, centsBetween(p.batterEdge, p.snareSideEdge)}, batter,
                   snareSide);
        if (p.ratioReversed)
            continue;
        ++straight;
        expectBack(CentreAndRatio{p.centre, p.edgeOverCentre}, batter, snareSide);
    }
    EXPECT_GE(straight, 8); // the ratio means something on a good part of the grid
}

TEST(Inverse, TurnCountsFollowTheResponse) {
    const TurnModel turns = turnModelPrior(plover());
    const auto found = solveTensions(plover(), CountedTurns{Turns{2.0}, Turns{1.5}});
    ASSERT_TRUE(found);
    EXPECT_NEAR(found->batter.value, turns.batter.at(Turns{2.0}).value, 1e-6);
    EXPECT_NEAR(found->snareSide.value, turns.snareSide.at(Turns{1.5}).value, 1e-6);
    EXPECT_DOUBLE_EQ(found->batterError.value, turns.batter.spreadAt(Turns{2.0}).value);
    EXPECT_GT(found->batterError / found->batter, 0.2); // counted turns alone are a rough guide
}

TEST(Inverse, SaysWhichLimitStandsInTheWayAndTheNearest) {
    const struct {
        PitchWish wish;
        TargetLimit limit;
    } rows[]{
        {BothEdges{Hertz{1500}, Hertz{400}}, TargetLimit::BatterFilm},
        {BothEdges{Hertz{30}, Hertz{400}}, TargetLimit::BatterFingerTight},
        {BothEdges{Hertz{300}, Hertz{2000}}, TargetLimit::SnareSideFilm},
        {BothEdges{Hertz{300}, Hertz{50}}, TargetLimit::SnareSideFingerTight},
        {EdgeAndFilmLoad{Hertz{300}, 0.9}, TargetLimit::SnareSideFilm},
        {EdgeAndFilmLoad{Hertz{300}, 0.001}, TargetLimit::SnareSideFingerTight},
        {CountedTurns{Turns{2}, Turns{20}}, TargetLimit::SnareSideFilm},
        {CountedTurns{Turns{60}, Turns{2}}, TargetLimit::BatterFilm},
        {CentreAndRatio{Hertz{260}, 1.2}, TargetLimit::SnareSideFilm},
    };
    for (const auto& row : rows) {
        const auto found = solveTensions(plover(), row.wish);
        ASSERT_FALSE(found) << limitName(row.limit);
        EXPECT_STREQ(limitName(found.fault().limit), limitName(row.limit));
        const TensionPair& nearest = found.fault().nearest;
        EXPECT_LE(nearest.batterLoad, kFilmLoadLimit + 1e-9);
        EXPECT_LE(nearest.snareSideLoad, kFilmLoadLimit + 1e-9);
        EXPECT_GE(nearest.batter.value, kFingerTight.value - 1e-6);
        EXPECT_GE(nearest.snareSide.value, kFingerTight.value - 1e-6);
    }
}

TEST(Inverse, TheNearestIsNoWorseThanItsNeighbours) {
    const CentreAndRatio wish{Hertz{260}, 1.2};
    const auto found = solveTensions(plover(), wish);
    ASSERT_FALSE(found);
    auto miss = [&](Tension batter, Tension snareSide) {
        const NamedPitches p = namedPitches(drumState(plover(), batter, snareSide));
        return std::hypot(std::log(p.centre / wish.centre), std::log(p.edgeOverCentre / wish.edgeOverCentre));
    };
    const TensionPair& nearest = found.fault().nearest;
    const double here = miss(nearest.batter, nearest.snareSide);
    for (double by : {0.97, 1.03}) {
        EXPECT_LE(here, miss(nearest.batter * by, nearest.snareSide) + 1e-5);
        if (by < 1.0) { // the snare side stands at its limit; only down is open
            EXPECT_LE(here, miss(nearest.batter, nearest.snareSide * by) + 1e-5);
        }
    }
}

TEST(Inverse, ARatioBeyondTheReversalIsRefusedNotMisread) {
    // A far higher ratio than the drum has before its lowest (1,1) passes to the snare side.
    const auto found = solveTensions(plover(), CentreAndRatio{Hertz{150}, 2.6});
    ASSERT_FALSE(found);
    EXPECT_FALSE(found.fault().nearest.ratioReversed); // the nearest lies on the side where the advice holds
    EXPECT_NE(found.fault().limit, TargetLimit::None);
    // Edge pitches are still solved there, but the reversal is said.
    const NamedPitches p = namedPitches(drumState(plover(), Tension{6000}, Tension{500}));
    ASSERT_TRUE(p.ratioReversed);
    const auto edges = solveTensions(plover(), BothEdges{p.batterEdge, p.snareSideEdge});
    ASSERT_TRUE(edges);
    EXPECT_TRUE(edges->ratioReversed);
}

TEST(Inverse, SensitivitiesAreTheSlopesOfTheForwardModel) {
    const DrumState at = drumState(plover(), Tension{3700}, Tension{3600});
    const Sensitivities s = sensitivitiesAt(at);
    DrumState tighter = at;
    tighter.snareSide.tension = Tension{3600 * 1.05};
    const double ratio = namedPitches(tighter).edgeOverCentre / namedPitches(at).edgeOverCentre;
    EXPECT_NEAR(std::log(ratio) / std::log(1.05), s.edgeOverCentre[1], 0.01);
    EXPECT_LT(s.edgeOverCentre[1], 0.0);     // tightening the snare side lowers it
    EXPECT_GT(s.edgeOverCentre[0], 0.0);     // tightening the batter raises it
    EXPECT_NEAR(s.batterEdge[1], 0.0, 1e-6); // muted: not its business
    EXPECT_NEAR(s.snareSideEdge[0], 0.0, 1e-6);
}

TEST(Inverse, ErrorBarsCoverAHeadOfAnotherMass) {
    // The same wish on a drum whose heads are both one standard deviation off: the answer moves by about as
    // much as the bars say, and the bars are neither empty nor absurd.
    const CentreAndRatio wish{Hertz{205}, 1.45};
    const auto nominal = solveTensions(plover(), wish);
    ASSERT_TRUE(nominal);
    Drum heavy = plover();
    heavy.batterHead.arealDensity = heavy.batterHead.arealDensity * (1.0 + kArealDensitySpread);
    const auto other = solveTensions(heavy, wish);
    ASSERT_TRUE(other);
    EXPECT_LT(std::abs(other->batter.value - nominal->batter.value), 1.05 * nominal->batterError.value);
    EXPECT_LT(std::abs(other->snareSide.value - nominal->snareSide.value),
              1.05 * nominal->snareSideError.value);
    EXPECT_GT(nominal->batterError / nominal->batter, 0.01);
    EXPECT_LT(nominal->snareSideError / nominal->snareSide, 0.3);
}

TEST(Correction, FromEdgeAndCentreToBothHeadsInOneGo) {
    const Drum drum = plover();
    const TurnModel turns = turnModelPrior(drum);
    const Targets wanted = *targetsFor(drum, chase());
    const Tension batter = wanted.batter.tension * 0.86;
    const Tension snareSide = wanted.snareSide.tension * 1.12;
    const NamedPitches now = namedPitches(drumState(drum, batter, snareSide));
    for (const bool open : {false, true}) {
        const HeardDrum heard{open ? now.batterEdgeOpen : now.batterEdge, open, std::nullopt, now.centre};
        const auto fix = correctBoth(drum, heard, wanted.batter.tension, wanted.snareSide.tension, turns, {});
        ASSERT_TRUE(fix);
        EXPECT_NEAR(fix->batterNow / batter, 1.0, 1e-3);
        EXPECT_NEAR(fix->snareSideNow / snareSide, 1.0, 2e-3);
        EXPECT_GT(fix->batter.turns.value, 0.0);
        EXPECT_LT(fix->snareSide.turns.value, 0.0);
        // A sixteenth of a turn on every rod is 12 to 30 cents: what rounding may leave.
        EXPECT_LT(std::abs(centsBetween(wanted.pitches.centre, fix->after.centre).value), 12.0);
        EXPECT_LT(std::abs(centsBetween(wanted.batter.edgePitch, fix->after.batterEdge).value), 18.0);
        // Each alone leaves the other's part undone.
        EXPECT_GT(std::abs(fix->batter.alone.edgeOverCentre - wanted.pitches.edgeOverCentre),
                  2.0 * std::abs(fix->after.edgeOverCentre - wanted.pitches.edgeOverCentre));
        EXPECT_NEAR(fix->snareSide.alone.batterEdge / now.batterEdge, 1.0, 1e-4);
    }
}

TEST(Correction, BothEdgesMakeTheCentreACheck) {
    const Drum drum = plover();
    const NamedPitches now = namedPitches(drumState(drum, Tension{3000}, Tension{3000}));
    const HeardDrum heard{now.batterEdge, false, now.snareSideEdge, moved(now.centre, Cents{30})};
    const auto fix = correctBoth(drum, heard, Tension{3200}, Tension{3000}, turnModelPrior(drum), {});
    ASSERT_TRUE(fix && fix->disagrees);
    EXPECT_NEAR(fix->disagrees->value, 30.0, 0.5);
    EXPECT_EQ(fix->snareSide.turns.value, 0.0);
}

TEST(Correction, WhatCannotBeIsSaid) {
    const Drum drum = plover();
    const TurnModel turns = turnModelPrior(drum);
    const auto nothing =
        correctBoth(drum, {Hertz{300}, false, {}, {}}, Tension{3000}, Tension{3000}, turns, {});
    ASSERT_FALSE(nothing);
    EXPECT_EQ(nothing.fault(), CorrectionFault::NothingToGoBy);
    const auto wrong =
        correctBoth(drum, {Hertz{300}, false, {}, Hertz{390}}, Tension{3000}, Tension{3000}, turns, {});
    ASSERT_FALSE(wrong); // no centre pitch lies above its edge pitch
    EXPECT_EQ(wrong.fault(), CorrectionFault::DoNotFit);
}

TEST(CentreAndRatioWish, APairOnTheOtherBranchIsOfferedAndNotDenied) {
    // Tight batter over slack snare side: the lowest (1,1) is the snare side's. Such pairs exist; a wish for
    // their centre and ratio is refused because the ratio turns round there, with that very pair.
    for (const auto& [batter, snareSide] : {std::pair{12000.0, 600.0}, std::pair{9000.0, 500.0},
                                            std::pair{14000.0, 900.0}, std::pair{8000.0, 700.0}}) {
        const NamedPitches pitches = namedPitches(drumState(plover(), Tension{batter}, Tension{snareSide}));
        ASSERT_TRUE(pitches.ratioReversed);
        const auto found = solveTensions(plover(), CentreAndRatio{pitches.centre, pitches.edgeOverCentre});
        ASSERT_FALSE(found); // the advice about a ratio holds on the other branch only
        EXPECT_EQ(found.fault().limit, TargetLimit::RatioReversed) << batter << ' ' << snareSide;
        EXPECT_TRUE(found.fault().nearest.ratioReversed);
        EXPECT_NEAR(found.fault().nearest.pitches.centre / pitches.centre, 1.0, 1e-4);
        EXPECT_NEAR(found.fault().nearest.pitches.edgeOverCentre / pitches.edgeOverCentre, 1.0, 1e-4);
    }
}

} // namespace inverse_test
} // namespace bombo
