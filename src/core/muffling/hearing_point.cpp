#include "core/muffling/hearing_point.h"

#include "core/acoustics/bessel.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr double kPlayerAngle = 0.25 * std::numbers::pi; // from the head's axis

/// Integral of the shape times J_m(ka sin(theta) s) s ds over 0..1.
double farPart(const CoupledMode& mode, double kaSin) {
    double sum = 0.0;
    for (int n = 0; n < kRadialShapes; ++n) {
        const double zero = shapeZeros(mode.m)[static_cast<std::size_t>(n)];
        sum += mode.batterShape[n] * besselOverlap(mode.m, zero, kaSin);
    }
    return sum;
}

double closePart(const CoupledMode& mode, const DrumState& state, const MicrophonePlace& microphone,
                 double k) {
    const double a = state.radius.value;
    const double inside = std::min(microphone.fromCentre.value, 0.92 * a);
    const double z = std::hypot(microphone.height.value, microphone.fromCentre.value - inside);
    double sum = 0.0;
    for (int n = 0; n < kRadialShapes; ++n) {
        const double kn = shapeZeros(mode.m)[static_cast<std::size_t>(n)] / a;
        const double kappa = std::sqrt(std::max(kn * kn - k * k, 1.0 / (a * a)));
        sum += mode.batterShape[n] * besselJ(mode.m, kn * inside) * std::exp(-kappa * z) / kappa;
    }
    return sum / a;
}

} // namespace

double hearingGain(const CoupledMode& mode, const DrumState& state, const HearingPoint& point,
                   double member) {
    const double omega = 2.0 * std::numbers::pi * mode.frequency.value;
    const double k = omega / state.air.soundSpeed;
    const double ka = k * state.radius.value;
    switch (point.from) {
    case HeardFrom::Head:
        break; // its velocity
    case HeardFrom::Player:
        return omega * omega * std::abs(farPart(mode, ka * std::sin(kPlayerAngle)));
    case HeardFrom::Room: {
        double power = 0.0;
        constexpr int angles = 6;
        for (int i = 0; i < angles; ++i) { // over the hemisphere, its surface by sin(theta)
            const double theta = 0.5 * std::numbers::pi * (i + 0.5) / angles;
            power += std::pow(farPart(mode, ka * std::sin(theta)), 2) * std::sin(theta) * 0.5 *
                     std::numbers::pi / angles;
        }
        return omega * omega * std::sqrt(power);
    }
    case HeardFrom::Microphone:
        return omega * omega *
               std::abs(closePart(mode, state, point.microphone, k) *
                        std::cos(mode.m * (point.microphone.angle.value - member)));
    }
    return omega;
}

} // namespace bombo
