#include "core/tuning/targets.h"
#include "core/tuning/turn_response.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace targets_test {

using testing::chase;
using testing::plover;

TEST(Targets, InverseOfTheForwardModel) {
    const Drum drum = plover();
    for (HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        for (double load : {0.06, 0.12, 0.25, 0.45, 0.69}) {
            const Tension tension = tensionAtLoad(drum.head(side), load);
            if (tension < kFingerTight)
                continue;
            const Hertz pitch = edgePitch(drumState(drum, tension, tension), side);
            const auto found = tensionForEdgePitch(drum, side, pitch, {});
            ASSERT_TRUE(found) << load;
            EXPECT_NEAR(*found / tension, 1.0, 1e-6) << load;
        }
}

TEST(Targets, ToneGivesBothHeadsAndThePitches) {
    const auto targets = targetsFor(plover(), chase());
    ASSERT_TRUE(targets);
    EXPECT_NEAR(targets->batter.edgePitch.value, 280.0 * 14.0 / 13.0, 1e-4);
    EXPECT_NEAR(centsBetween(targets->batter.edgePitch, targets->snareSide.edgePitch).value, 500.0, 1e-3);
    const NamedPitches check =
        namedPitches(drumState(plover(), targets->batter.tension, targets->snareSide.tension));
    EXPECT_NEAR(check.batterEdge / targets->batter.edgePitch, 1.0,
                1e-6); // the model gives back what was asked
    EXPECT_NEAR(check.snareSideEdge / targets->snareSide.edgePitch, 1.0, 1e-6);
    EXPECT_EQ(targets->limit, TargetLimit::None);
    EXPECT_NEAR(targets->batter.filmLoad, filmLoad(plover().batterHead, targets->batter.tension), 1e-12);
}

TEST(Targets, SnareSideIsCappedByItsFilm) {
    Tone tone = chase();
    tone.snareSideAbove = Cents{1500};
    const auto targets = targetsFor(plover(), tone);
    ASSERT_TRUE(targets);
    EXPECT_EQ(targets->limit, TargetLimit::SnareSideFilm);
    EXPECT_NEAR(targets->snareSide.filmLoad, kFilmLoadLimit, 1e-9);
    EXPECT_LT(targets->snareSide.edgePitch, targets->snareSideWished);
}

TEST(Targets, BatterOutOfReachSaysHowFarItGoes) {
    Tone tone = chase();
    tone.batterEdgeAt14 = Hertz{2000};
    const auto high = targetsFor(plover(), tone);
    ASSERT_FALSE(high);
    EXPECT_EQ(high.fault().limit, TargetLimit::BatterFilm);
    EXPECT_LT(high.fault().nearest, high.fault().wished);
    EXPECT_TRUE(targetsForPitches(plover(), high.fault().nearest * 0.9999, Hertz{350}));
    tone.batterEdgeAt14 = Hertz{20};
    const auto low = targetsFor(plover(), tone);
    ASSERT_FALSE(low);
    EXPECT_EQ(low.fault().limit, TargetLimit::BatterFingerTight);
    EXPECT_GT(low.fault().nearest, low.fault().wished);
}

TEST(Targets, HeardPitchIsReadBackBelowFingerTight) {
    const Drum drum = plover();
    const Hertz slack = edgePitch(drumState(drum, Tension{120}, Tension{120}), HeadSide::Batter);
    EXPECT_NEAR(tensionFromHeard(drum, HeadSide::Batter, slack, {}).value, 120.0, 0.1);
}

TEST(Targets, ColdAirMovesTheTargetTensionALittle) {
    const Air cold = airAt({Celsius{5.0}});
    const auto warm = tensionForEdgePitch(plover(), HeadSide::SnareSide, Hertz{400}, {});
    const auto chilled = tensionForEdgePitch(plover(), HeadSide::SnareSide, Hertz{400}, cold);
    ASSERT_TRUE(warm && chilled);
    EXPECT_GT(*chilled, *warm); // denser air loads the film more
    EXPECT_LT(*chilled / *warm, 1.08);
}

TEST(TurnResponseLearning, PriorIsWideAndAtFingerTight) {
    const Drum drum = plover();
    const TurnResponse prior = learnTurnResponse(drum, HeadSide::Batter, {});
    EXPECT_NEAR(prior.at(Turns{0}).value, kFingerTight.value, 1e-9);
    EXPECT_NEAR(prior.perTurn().value, tensionPerTurnPrior(drum, HeadSide::Batter).value, 1e-9);
    EXPECT_GT(prior.spreadAt(Turns{2}).value, 0.3 * prior.perTurn().value);
}

TEST(TurnResponseLearning, LearnsTheDrumFromItsLog) {
    const Drum drum = plover();
    std::vector<TurnObservation> seen;
    for (double turns : {1.5, 2.0, 2.25, 2.75}) // a drum stiffer than the prior: T = 300 + 1900 turns
        seen.push_back({Turns{turns}, Tension{300.0 + 1900.0 * turns}});
    const TurnResponse learned = learnTurnResponse(drum, HeadSide::Batter, seen);
    EXPECT_NEAR(learned.perTurn().value, 1900.0, 80.0);
    EXPECT_NEAR(learned.at(Turns{2.5}).value, 300.0 + 1900.0 * 2.5, 80.0);
    EXPECT_LT(learned.spreadAt(Turns{2.5}).value,
              learnTurnResponse(drum, HeadSide::Batter, {}).spreadAt(Turns{2.5}).value / 4);
    EXPECT_NEAR(learned.turnsFor(learned.at(Turns{2.0})).value, 2.0, 1e-9);
    EXPECT_EQ(learned.turnsFor(Tension{-500}).value, 0.0);
}

TEST(TurnResponseLearning, ANonsensicalLogCannotTurnTheSlope) {
    const Drum drum = plover();
    const TurnResponse odd =
        learnTurnResponse(drum, HeadSide::Batter,
                          {{Turns{1}, Tension{6000}}, {Turns{2}, Tension{3000}}, {Turns{3}, Tension{500}}});
    EXPECT_GT(odd.perTurn().value, 0.0); // turning tighter never loosens
}

} // namespace targets_test
} // namespace bombo
