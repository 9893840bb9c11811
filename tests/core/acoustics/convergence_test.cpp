/// The promise on accuracy: within 0.02 % of a converged solution, over the whole range of drums.
#include "core/acoustics/bessel.h"
#include "support/reference_drum.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace convergence_test {

struct Row {
    double diameterIn, depthIn;
    double batterDensity, batterTension; ///< kg/m^2, N/m
    double snareSideDensity, snareSideTension;
};

DrumState stateOf(const Row& row) {
    DrumState state;
    state.radius = inches(row.diameterIn) / 2.0;
    state.depth = inches(row.depthIn);
    state.batter = {ArealDensity{row.batterDensity}, Tension{row.batterTension}};
    state.snareSide = {ArealDensity{row.snareSideDensity}, Tension{row.snareSideTension}};
    return state;
}

/// Corners of the promised range (10 x 3 to 15 x 10 in, 0.05 mm film to two plies, 300 N/m to the film's
/// limit) and three drums from its middle.
const std::vector<Row> kDrums{{10, 3, 0.264, 300, 0.0695, 300},    {10, 3, 0.50, 25000, 0.0695, 3500},
                              {10, 10, 0.264, 13000, 0.106, 300},  {15, 3, 0.264, 300, 0.0695, 3500},
                              {15, 3, 0.50, 25000, 0.106, 5300},   {15, 10, 0.50, 300, 0.0695, 300},
                              {15, 10, 0.264, 13000, 0.106, 5300}, {13, 6, 0.385, 3700, 0.106, 3600},
                              {14, 5, 0.385, 2500, 0.106, 4000},   {12, 4, 0.264, 4500, 0.0706, 2400}};

class Converged : public ::testing::TestWithParam<AirCoupling> {};

TEST_P(Converged, EveryModeIsWithinAFiftiethOfAPercent) {
    double worst = 0.0;
    for (const Row& row : kDrums)
        for (int m = 0; m <= kHighestM; ++m) {
            const DrumState state = stateOf(row);
            const auto ours =
                coupledModes(state, {.lowestM = m, .highestM = m, .perM = 3, .air = GetParam()});
            const auto reference = testing::ReferenceDrum(state, m, GetParam()).lowestHz(3);
            for (std::size_t i = 0; i < 3; ++i) {
                const double error = ours[i].frequency.value / reference[i] - 1.0;
                worst = std::max(worst, std::abs(error));
                EXPECT_LT(std::abs(error), 2e-4) << row.diameterIn << " x " << row.depthIn << " in, T "
                                                 << row.batterTension << ", m=" << m << ", order " << i + 1;
                // Fewer shapes can only make a drum stiffer: the error has a sign.
                EXPECT_GT(error, -1e-4);
            }
        }
    RecordProperty("worst_percent", std::to_string(100 * worst));
    EXPECT_LT(worst, 1.2e-4) << "docs/physics.md says 0.011 %";
}

INSTANTIATE_TEST_SUITE_P(Air, Converged, ::testing::Values(AirCoupling::Inside, AirCoupling::InBaffle),
                         [](const auto& test) {
                             return std::string(test.param == AirCoupling::InBaffle ? "InBaffle" : "Inside");
                         });

TEST(Reference, IsConvergedItself) {
    for (const int m : {0, 1, 4}) {
        const DrumState state = stateOf(kDrums.front());
        const auto coarse = testing::ReferenceDrum(state, m, AirCoupling::InBaffle, 8, 10).lowestHz(3);
        const auto fine = testing::ReferenceDrum(state, m, AirCoupling::InBaffle, 12, 14).lowestHz(3);
        for (std::size_t i = 0; i < 3; ++i)
            EXPECT_NEAR(coarse[i] / fine[i], 1.0, 5e-5) << m << ' ' << i;
    }
}

TEST(CoupledModes, RigidHeadsLeaveTheCavityAlone) {
    // Heads so stiff that they stand still: what is left are the tones of a closed cylinder, c/(2h) along it
    // and j'(1,1) c/(2 pi a) across.
    DrumState state = stateOf({14, 6, 0.3, 1e9, 0.3, 1e9});
    const auto along =
        coupledModes(state, {.lowestM = 0, .highestM = 0, .perM = 1, .air = AirCoupling::Inside});
    EXPECT_NEAR(along[0].frequency.value,
                std::min(state.air.soundSpeed / (2 * state.depth.value),
                         besselPrimeZeros(0, 2)[1] * state.air.soundSpeed /
                             (2 * std::numbers::pi * state.radius.value)),
                0.5);
    const auto across =
        coupledModes(state, {.lowestM = 1, .highestM = 1, .perM = 1, .air = AirCoupling::Inside});
    EXPECT_NEAR(across[0].frequency.value,
                1.84118 * state.air.soundSpeed / (2 * std::numbers::pi * state.radius.value), 0.3);
}

} // namespace convergence_test
} // namespace bombo
