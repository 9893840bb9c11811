#include "core/muffling/heard_level.h"

#include "core/acoustics/bessel.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

using Complex = std::complex<double>;
constexpr double kPlayerAngle = 0.25 * std::numbers::pi; // from the head's axis

/// Integral of the shape times J_m(x s) s ds over 0..1.
double transformOf(const CoupledMode& mode, double x) {
    const ShapeVector transforms = shapeTransforms(mode.m, x);
    double sum = 0.0;
    for (std::size_t n = 0; n < transforms.size(); ++n)
        sum += mode.batterShape[n] * transforms[n];
    return sum;
}

/// All lengths in radii of the head.
Complex closeField(const CoupledMode& mode, double ka, double r, double z) {
    // Below k with x = k sin t, above with x = k cosh u, so that the root at k is regular; three points to
    // the shortest wave of the integrand.
    const auto field = [&](double x) { return transformOf(mode, x) * besselJ(mode.m, x * r); };
    Complex sum = 0.0;
    constexpr int below = 16;
    for (int i = 0; i < below; ++i) {
        const double t = 0.5 * std::numbers::pi * (i + 0.5) / below;
        const double x = ka * std::sin(t);
        const double travels = ka * std::cos(t) * z;
        sum += field(x) * x * Complex(std::sin(travels), std::cos(travels)) * -1.0 *
               (0.5 * std::numbers::pi / below);
    }
    // exp(-12) is beyond hearing, and so are the shapes beyond their own last zero.
    const double last = std::min(12.0 / z + ka, 40.0);
    const int above = static_cast<int>(std::ceil(4.0 * last * (1.0 + r) / std::numbers::pi)) + 24;
    const double reach = std::sqrt(last * last - ka * ka); // x^2 = ka^2 + y^2, y from 0 to it
    for (int i = 0; i < above; ++i) {
        const double y = reach * (i + 0.5) / above;
        const double x = std::sqrt(ka * ka + y * y);
        sum += field(x) * std::exp(-y * z) * (reach / above);
    }
    return sum;
}

} // namespace

HeardParts heardParts(const CoupledMode& mode, const DrumState& state, const HearingPoint& point) {
    const double a = state.radius.value;
    const double ka = 2.0 * std::numbers::pi * mode.frequency.value / state.air.soundSpeed * a;
    HeardParts parts{};
    switch (point.from) {
    case HeardFrom::Head:
        parts[0] = 1.0;
        break;
    case HeardFrom::Player:
        parts[0] = transformOf(mode, ka * std::sin(kPlayerAngle));
        break;
    case HeardFrom::Room:
        for (int i = 0; i < kHeardDirections; ++i) { // over the hemisphere, its surface by sin(theta)
            const double step = 0.5 * std::numbers::pi / kHeardDirections;
            const double theta = step * (i + 0.5);
            parts[static_cast<std::size_t>(i)] =
                transformOf(mode, ka * std::sin(theta)) * std::sqrt(std::sin(theta) * step);
        }
        break;
    case HeardFrom::Microphone:
        parts[0] =
            closeField(mode, ka, point.microphone.fromCentre.value / a, point.microphone.height.value / a);
        break;
    }
    return parts;
}

double heardLevel(std::span<const Motion> motions, double omega, const HearingPoint& point) {
    if (point.from == HeardFrom::Head) {
        double power = 0.0;
        for (const Motion& motion : motions)
            power += motion.by.squaredNorm();
        return omega * std::sqrt(power);
    }
    if (point.from == HeardFrom::Microphone) {
        Complex sum = 0.0;
        for (const Motion& motion : motions) {
            const double turn = motion.m * point.microphone.angle.value;
            sum += (*motion.parts)[0] * (motion.by[0] * std::cos(turn) + motion.by[1] * std::sin(turn));
        }
        return omega * omega * std::abs(sum);
    }
    double power = 0.0;
    for (int m = 0; m <= kHighestM; ++m)
        for (std::size_t direction = 0; direction < kHeardDirections; ++direction) {
            Eigen::Vector2cd sum = Eigen::Vector2cd::Zero();
            for (const Motion& motion : motions)
                if (motion.m == m)
                    sum += (*motion.parts)[direction] * motion.by;
            power += sum.squaredNorm();
        }
    return omega * omega * std::sqrt(power);
}

double hearingGain(const CoupledMode& mode, const DrumState& state, const HearingPoint& point,
                   double member) {
    const HeardParts parts = heardParts(mode, state, point);
    const Motion motion{mode.m, &parts, {std::cos(mode.m * member), std::sin(mode.m * member)}};
    return heardLevel({&motion, 1}, 2.0 * std::numbers::pi * mode.frequency.value, point);
}

} // namespace bombo
