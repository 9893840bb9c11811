#include "core/acoustics/air.h"
#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/acoustics/tension_field.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace heads_and_air_test {

using testing::coated25;
using testing::film76;
using testing::plover;

TEST(AirProperties, KnownValues) {
    const Air normal = airAt({Celsius{20.0}, 0.0, Pascal{101325.0}});
    EXPECT_NEAR(normal.density, 1.2041, 5e-4); // dry air, handbook
    EXPECT_NEAR(normal.soundSpeed, 343.2, 0.2);
    EXPECT_NEAR(airAt({Celsius{0.0}, 0.0}).soundSpeed, 331.3, 0.2);
    EXPECT_NEAR(airAt({Celsius{0.0}, 0.0}).density, 1.2929, 1e-3);
}

TEST(AirProperties, DampAirIsLighterAndFaster) {
    const Air dry = airAt({Celsius{30.0}, 0.0});
    const Air damp = airAt({Celsius{30.0}, 1.0});
    EXPECT_LT(damp.density, dry.density);
    EXPECT_GT(damp.soundSpeed, dry.soundSpeed);
    EXPECT_NEAR(dry.density - damp.density, 0.0184, 1e-3); // 42.4 hPa of vapour at 5/8 of dry air's weight
}

TEST(FilmLoad, IsStressOverYield) {
    // 2500 N/m on 0.25 mm: 10 MPa, a tenth of 100 MPa.
    EXPECT_NEAR(filmLoad(coated25(), Tension{2500}), 0.10, 1e-12);
    EXPECT_NEAR(tensionAtLoad(coated25(), 0.10).value, 2500, 1e-9);
    EXPECT_GT(filmLoad(film76(), Tension{2500}), 3.0 * filmLoad(coated25(), Tension{2500}));
}

TEST(TensionPerTurn, SofterThanEitherSpringAlone) {
    const Drum drum = plover();
    const double film = 4.5e9 * 0.00025 / 0.62 * (0.0254 / 24.0) / drum.shell.radius().value;
    const double got = tensionPerTurnPrior(drum, HeadSide::Batter).value;
    EXPECT_LT(got, film);
    EXPECT_LT(got, 1800.0);
    EXPECT_GT(got, tensionPerTurnPrior(drum, HeadSide::SnareSide).value); // thick film is stiffer
}

TEST(Damping, ConvertsBetweenRateAndT60) {
    EXPECT_NEAR(t60OfRate(std::log(1000.0)).value, 1.0, 1e-12);
    for (double t60 : {0.06, 0.3, 0.9})
        EXPECT_NEAR(t60OfRate(rateOfT60(Seconds{t60})).value, t60, 1e-12);
}

TEST(Damping, EveryModeDiesAndLossyFilmDiesSooner) {
    Drum drum = plover();
    const DrumState state = drumState(drum, Tension{3700}, Tension{3600});
    Drum lossy = drum;
    lossy.batterHead.lossFactor *= 3.0;
    for (const CoupledMode& mode : coupledModes(state)) {
        const double rate = decayRate(mode, drum);
        EXPECT_GT(rate, 0.0);
        EXPECT_GT(decayRate(mode, lossy), rate);
        EXPECT_LT(t60OfRate(rate).value, 3.0);
    }
}

TEST(Pitches, EdgeIsAboveCentreAndMutedIsNearOpen) {
    const NamedPitches p = namedPitches(drumState(plover(), Tension{3700}, Tension{3600}));
    EXPECT_GT(p.batterEdge, p.centre);
    EXPECT_GT(p.snareSideEdge, p.batterEdge);
    EXPECT_NEAR(p.batterEdgeOpen / p.batterEdge, 1.0, 0.05);
    EXPECT_NEAR(p.edgeOverCentre, p.batterEdgeOpen / p.centre, 1e-12);
    EXPECT_GT(p.edgeOverCentre, 1.2); // far from the 1.593 of the bare membrane, and still musical
    EXPECT_LT(p.edgeOverCentre, 1.8);
}

TEST(Pitches, OpenEdgeBelongsToTheHeadThatMovesMost) {
    // A slack snare side takes the lowest (1,1); the batter's is then the second.
    const NamedPitches p = namedPitches(drumState(plover(), Tension{5000}, Tension{600}));
    EXPECT_LT(p.snareSideEdgeOpen, p.batterEdgeOpen);
}

TEST(Pitches, MutedModesHoldTheEdgePitchFirst) {
    const DrumState state = drumState(plover(), Tension{3700}, Tension{3600});
    for (HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        const auto modes = mutedModes(state, side);
        for (const CoupledMode& mode : modes)
            if (mode.m == 1 && mode.order == 1) {
                EXPECT_NEAR(mode.frequency / edgePitch(state, side), 1.0, 1e-9);
            }
    }
}

TEST(TensionField, OneRodIsHeardAsMuchAtItsOpposite) {
    // Design, section 3: with one of 8 rods up by x: x (1/8, 1/16, 0, 1/16, 1/8, 1/16, 0, 1/16) over the mean
    // part.
    const Eigen::MatrixXd kernel = heardKernel(8, 1);
    const double expected[] = {2, 1, 0, 1, 2, 1, 0, 1};
    for (int i = 0; i < 8; ++i)
        EXPECT_NEAR(kernel(i, 0), expected[i] / 8.0, 1e-12) << i;
}

TEST(TensionField, EqualDeviationIsHeardInFull) {
    for (int rods : {6, 7, 8, 10})
        for (int m : {1, 2})
            EXPECT_LT(
                (heardKernel(rods, m) * Eigen::VectorXd::Ones(rods) - Eigen::VectorXd::Ones(rods)).norm(),
                1e-12);
}

TEST(TensionField, OddHarmonicsAreSilent) {
    for (int rods : {6, 8, 10})
        for (int harmonic : {1, 3}) {
            Eigen::VectorXd field(rods);
            for (int j = 0; j < rods; ++j)
                field[j] = std::cos(harmonic * rodAngle(j, rods).value);
            if (2 * harmonic == rods)
                continue; // aliases: not an odd field on so few rods
            EXPECT_LT((heardKernel(rods, 1) * field).norm(), 1e-9) << rods << ' ' << harmonic;
        }
}

TEST(TensionField, SecondHarmonicSplitsThePairAtItsAngle) {
    constexpr int rods = 8;
    constexpr double angle = 0.6;
    Eigen::VectorXd field(rods);
    for (int j = 0; j < rods; ++j)
        field[j] = 30.0 * std::cos(2.0 * (rodAngle(j, rods).value - angle));
    const PairSplit split = pairSplit(field, 1);
    EXPECT_NEAR(split.half.value, 15.0, 1e-9);
    EXPECT_NEAR(split.angle.value, angle, 1e-9);
    EXPECT_NEAR(pairSplit(field, 2).half.value, 0.0, 1e-9); // (2,1) feels only the fourth
}

} // namespace heads_and_air_test
} // namespace bombo
