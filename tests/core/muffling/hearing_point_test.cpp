#include "core/acoustics/bessel.h"
#include "core/muffling/muffling.h"
#include "support/drums.h"

#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace {

using testing::plover;

DrumState tuned() {
    return drumState(plover(), Tension{3700}, Tension{3600});
}
Pad padAt(double degrees) {
    return {Metres{0.13}, Radians{degrees * std::numbers::pi / 180.0}, {}};
}
HearingPoint closeAt(double degrees, double height = 0.04) {
    return {HeardFrom::Microphone,
            {Radians{degrees * std::numbers::pi / 180.0}, Metres{0.12}, Metres{height}}};
}

TEST(HearingPoint, AnglesMatterToAMicrophoneAndToNobodyElse) {
    // With the microphone over the pad, the member that the pad calms is the one it hears best; turned by the
    // quarter of a (1,1) pattern it hears the one that goes on ringing.
    const auto ring = [](const HearingPoint& point, double pad) {
        return predictMuffling(plover(), tuned(), {padAt(pad)}, point).ringAfter.value;
    };
    EXPECT_LT(ring(closeAt(0), 0), 0.97 * ring(closeAt(0), 90));
    for (const HeardFrom from : {HeardFrom::Head, HeardFrom::Player, HeardFrom::Room})
        EXPECT_NEAR(ring({from, {}}, 0), ring({from, {}}, 67), 1e-9);
    // Pad and microphone turned together: the same again.
    EXPECT_NEAR(ring(closeAt(20), 80), ring(closeAt(140), 200), 1e-9);
}

TEST(HearingPoint, ACloseFieldFallsWithHeightAsItsWavenumberSays) {
    // A single radial shape: exp(-kappa z) with kappa^2 = (j / a)^2 - k^2.
    CoupledMode mode;
    mode.m = 2;
    mode.frequency = Hertz{400};
    mode.batterShape[0] = 1.0;
    const DrumState state = tuned();
    const double a = state.radius.value;
    const double k = 2.0 * std::numbers::pi * 400.0 / state.air.soundSpeed;
    const double kappa = std::sqrt(std::pow(shapeZeros(2)[0] / a, 2) - k * k);
    const double low = hearingGain(mode, state, closeAt(0, 0.03), 0.0);
    const double high = hearingGain(mode, state, closeAt(0, 0.08), 0.0);
    EXPECT_NEAR(high / low, std::exp(-kappa * 0.05), 1e-9);
    EXPECT_NEAR(hearingGain(mode, state, closeAt(45), 0.0), 0.0, 1e-9 * low); // its nodal line
}

TEST(HearingPoint, FarOffTheCircularModesCarry) {
    // The pattern of a mode with diameters cancels itself at low pitch: by (k a)^m and more.
    const DrumState state = tuned();
    std::vector<double> gains;
    for (int m = 0; m <= 2; ++m) {
        CoupledMode mode;
        mode.m = m;
        mode.frequency = Hertz{200};
        mode.batterShape[0] = 1.0;
        gains.push_back(hearingGain(mode, state, {HeardFrom::Room, {}}, 0.0));
        EXPECT_GT(hearingGain(mode, state, {HeardFrom::Player, {}}, 0.0), 0.0);
    }
    EXPECT_LT(gains[1], 0.5 * gains[0]);
    EXPECT_LT(gains[2], 0.5 * gains[1]);
    // On the axis alone a piston-like shape gives omega^2 times its mean displacement, J1(j) / j.
    CoupledMode piston;
    piston.frequency = Hertz{0.5};
    piston.batterShape[0] = 1.0;
    const double zero = shapeZeros(0)[0];
    const double omega = 2.0 * std::numbers::pi * 0.5;
    EXPECT_NEAR(hearingGain(piston, state, {HeardFrom::Player, {}}, 0.0),
                omega * omega * besselJ(1, zero) / zero, 1e-6);
}

TEST(HearingPoint, BeyondTheHoopItHearsLess) {
    HearingPoint near = closeAt(0);
    near.microphone.fromCentre = Metres{0.15};
    HearingPoint far = near;
    far.microphone.fromCentre = Metres{0.22};
    const CoupledMode mode = coupledModes(tuned(), {.lowestM = 1, .highestM = 1}).front();
    EXPECT_LT(hearingGain(mode, tuned(), far, 0.0), 0.7 * hearingGain(mode, tuned(), near, 0.0));
}

} // namespace
} // namespace bombo
