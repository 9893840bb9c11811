#include "core/acoustics/bessel.h"
#include "core/acoustics/coupled_modes.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace coupled_modes_test {

using testing::plover;

DrumState ploverAt(double batter, double snareSide) {
    return drumState(plover(), Tension{batter}, Tension{snareSide});
}

const CoupledMode& modeOf(const std::vector<CoupledMode>& modes, int m, int order) {
    for (const CoupledMode& mode : modes)
        if (mode.m == m && mode.order == order)
            return mode;
    throw std::runtime_error("no such mode");
}

double lowest(const DrumState& state, int m, const ModeOptions& options = {}) {
    ModeOptions one = options;
    one.lowestM = one.highestM = m;
    one.perM = 1;
    return coupledModes(state, one).front().frequency.value;
}

TEST(CoupledModes, WithoutAirTheHeadsAreTextbookMembranes) {
    const DrumState state = ploverAt(3000, 2000);
    const auto modes = coupledModes(state, {.perM = 3, .air = AirCoupling::None});
    for (int m = 0; m <= kHighestM; ++m) {
        std::vector<double> expected;
        for (const HeadState& head : {state.batter, state.snareSide})
            for (double zero : besselZeros(m, 3))
                expected.push_back(zero / (2.0 * std::numbers::pi * state.radius.value) *
                                   std::sqrt(head.tension.value / head.arealDensity.value));
        std::sort(expected.begin(), expected.end());
        for (int order = 1; order <= 3; ++order)
            EXPECT_NEAR(modeOf(modes, m, order).frequency.value /
                            expected[static_cast<std::size_t>(order - 1)],
                        1.0, 1e-7);
    }
}

TEST(CoupledModes, OutsideAirLowersTheLowestModes) {
    // Known of such drums: (0,1) by 11 to 21 %, (1,1) by 5 to 7 %; the bounds leave room for drums beside
    // those.
    for (double tension : {1500.0, 3000.0, 5000.0}) {
        const DrumState state = ploverAt(tension, tension);
        const double centre = lowest(state, 0) / lowest(state, 0, {.air = AirCoupling::Inside});
        const double edge = lowest(state, 1) / lowest(state, 1, {.air = AirCoupling::Inside});
        EXPECT_GT(centre, 0.76);
        EXPECT_LT(centre, 0.91);
        EXPECT_GT(edge, 0.90);
        EXPECT_LT(edge, 0.97);
    }
}

TEST(CoupledModes, LowestTogetherThenAgainst) {
    const auto modes = coupledModes(ploverAt(3700, 3600), {.highestM = 0, .perM = 2});
    EXPECT_EQ(modes[0].relativePhaseDeg, 0.0); // both heads the same way
    EXPECT_EQ(modes[1].relativePhaseDeg, 180.0);
    EXPECT_LT(modes[0].frequency, modes[1].frequency);
}

double logSensitivity(int m, double byBatter, double bySnareSide) {
    const double step = 1.02;
    const double up =
        lowest(ploverAt(3700 * std::pow(step, byBatter), 3600 * std::pow(step, bySnareSide)), m);
    return std::log(up / lowest(ploverAt(3700, 3600), m)) / std::log(step);
}

TEST(CoupledModes, CentreDependsOnBothHeadsEdgeOnTheBatter) {
    EXPECT_NEAR(logSensitivity(0, 1, 0), 0.28, 0.06);
    EXPECT_NEAR(logSensitivity(0, 0, 1), 0.20, 0.06);
    EXPECT_NEAR(logSensitivity(1, 1, 0), 0.47, 0.03);
    EXPECT_NEAR(logSensitivity(1, 0, 1), 0.01, 0.02);
}

double ratioAt(double batter, double snareSide) {
    const DrumState state = ploverAt(batter, snareSide);
    return lowest(state, 1) / lowest(state, 0);
}

TEST(CoupledModes, RatioMovesWithEachHeadAndReverses) {
    EXPECT_LT(ratioAt(3700, 4200), ratioAt(3700, 3600)); // tightening the snare side lowers edge over centre
    EXPECT_GT(ratioAt(4200, 3600), ratioAt(3700, 3600)); // tightening the batter raises it
    // With the snare side so slack that the lowest (1,1) is its own, the direction is the other way round.
    const auto modes = coupledModes(ploverAt(5000, 600), {.lowestM = 1, .highestM = 1, .perM = 1});
    ASSERT_GT(modes.front().snareSideShare, 0.5);
    EXPECT_GT(ratioAt(5000, 700), ratioAt(5000, 600));
}

TEST(CoupledModes, FrequenciesRiseWithEachTension) {
    for (int m = 0; m <= kHighestM; ++m)
        for (double tension = 400; tension < 9000; tension *= 1.5) {
            EXPECT_GT(lowest(ploverAt(1.1 * tension, 3000), m), lowest(ploverAt(tension, 3000), m) - 1e-6);
            EXPECT_GT(lowest(ploverAt(3000, 1.1 * tension), m), lowest(ploverAt(3000, tension), m) - 1e-6);
        }
}

TEST(CoupledModes, ScaleLaw) {
    // Lengths and areal densities doubled, air the same, tensions such that T/sigma stays: every frequency
    // halves.
    const DrumState small = ploverAt(2000, 1500);
    DrumState large = small;
    large.radius = small.radius * 2.0;
    large.depth = small.depth * 2.0;
    large.batter = {small.batter.arealDensity * 2.0, small.batter.tension * 2.0};
    large.snareSide = {small.snareSide.arealDensity * 2.0, small.snareSide.tension * 2.0};
    for (int m = 0; m <= kHighestM; ++m)
        EXPECT_NEAR(lowest(large, m) / lowest(small, m), 0.5, 1e-6) << m;
}

TEST(CoupledModes, CompleteOrderedAndNormalised) {
    for (double batter : {300.0, 2500.0, 15000.0})
        for (double snareSide : {300.0, 3000.0, 6000.0}) {
            const auto modes = coupledModes(ploverAt(batter, snareSide));
            ASSERT_EQ(modes.size(), 3U * (kHighestM + 1));
            for (std::size_t i = 0; i < modes.size(); ++i) {
                const CoupledMode& mode = modes[i];
                EXPECT_NEAR(mode.batterShare + mode.snareSideShare, 1.0, 1e-9);
                EXPECT_GT(mode.modalMass.value, 0.0);
                if (mode.order > 1) {
                    EXPECT_GE(mode.frequency, modes[i - 1].frequency);
                }
                if (mode.radiationT60) {
                    EXPECT_GT(mode.radiationT60->value, 0.0);
                }
            }
        }
}

TEST(CoupledModes, EqualHeadsGiveNearlyDoubleRootsAndNoneIsLost) {
    DrumState state = ploverAt(3000, 3000);
    state.snareSide = state.batter;
    const auto modes =
        coupledModes(state, {.lowestM = 3, .highestM = 3, .perM = 4, .air = AirCoupling::None});
    ASSERT_EQ(modes.size(), 4U);
    EXPECT_NEAR(modes[0].frequency / modes[1].frequency, 1.0, 1e-6);
    EXPECT_NEAR(modes[2].frequency / modes[3].frequency, 1.0, 1e-6);
}

TEST(CoupledModes, AHeldHeadIsAWall) {
    const DrumState state = ploverAt(3000, 3000);
    DrumState other = state;
    other.snareSide.tension = Tension{700};
    const ModeOptions held{.lowestM = 1, .highestM = 1, .perM = 2, .held = Held::SnareSide};
    const auto one = coupledModes(state, held);
    const auto two = coupledModes(other, held);
    for (std::size_t i = 0; i < one.size(); ++i) {
        EXPECT_DOUBLE_EQ(one[i].frequency.value, two[i].frequency.value); // its tension plays no part
        EXPECT_NEAR(one[i].batterShare, 1.0, 1e-9);
    }
}

TEST(CoupledModes, ShapesVanishAtTheHoop) {
    for (const CoupledMode& mode : coupledModes(ploverAt(3700, 3600))) {
        EXPECT_NEAR(shapeAt(mode.m, mode.batterShape, 1.0), 0.0, 1e-9);
        EXPECT_NEAR(shapeAt(mode.m, mode.snareSideShape, 1.0), 0.0, 1e-9);
        if (mode.m > 0) {
            EXPECT_NEAR(shapeAt(mode.m, mode.batterShape, 0.0), 0.0, 1e-12);
        }
    }
}

} // namespace coupled_modes_test
} // namespace bombo
