#include "core/acoustics/radiation.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <vector>

namespace bombo {
namespace {

constexpr double kLargestKa = 12.0;
constexpr int kNodes = 40;
constexpr int kSteps = 240;

ShapeColumn transforms(int m, double x) {
    const ShapeVector w = shapeTransforms(m, x);
    return Eigen::Map<const ShapeColumn>(w.data());
}

/// Composite Simpson rule over [0, length] for the outer product of transforms at x(t).
template <class XOfT> ShapeMatrix integrate(int m, double length, int intervals, XOfT xOfT) {
    ShapeMatrix sum = ShapeMatrix::Zero();
    const double step = length / intervals;
    for (int i = 0; i <= intervals; ++i) {
        const double weight = (i == 0 || i == intervals) ? 1.0 : (i % 2 == 1 ? 4.0 : 2.0);
        const ShapeColumn w = transforms(m, xOfT(step * i));
        sum += (weight * step / 3.0) * w * w.transpose();
    }
    return sum;
}

double nodeOf(int index) {
    return 0.5 * kLargestKa * (1.0 + std::cos(std::numbers::pi * (index + 0.5) / kNodes));
}

/// Value at x in -1..1 of the Chebyshev series with these coefficients.
ShapeMatrix chebyshevSum(const std::vector<ShapeMatrix>& coefficients, double x) {
    ShapeMatrix sum = coefficients[0] + x * coefficients[1];
    double before = 1.0;
    double now = x;
    for (std::size_t k = 2; k < coefficients.size(); ++k) {
        const double next = 2.0 * x * now - before;
        sum += next * coefficients[k];
        before = now;
        now = next;
    }
    return sum;
}

/// The load at equal steps of ka, one table for each m. The quadrature is costly, so that it is done at few
/// Chebyshev nodes and their series fills the table.
struct RadiationTable {
    std::vector<RadiationLoad> entries; ///< at 0, 1 ... kSteps steps

    explicit RadiationTable(int m) {
        std::vector<RadiationLoad> samples;
        samples.reserve(kNodes);
        for (int i = 0; i < kNodes; ++i)
            samples.push_back(radiationLoadByQuadrature(m, nodeOf(i)));
        std::vector<ShapeMatrix> mass(kNodes, ShapeMatrix::Zero());
        std::vector<ShapeMatrix> resistance(kNodes, ShapeMatrix::Zero());
        for (std::size_t k = 0; k < kNodes; ++k)
            for (std::size_t i = 0; i < kNodes; ++i) {
                const double c = (k == 0 ? 1.0 : 2.0) / kNodes *
                                 std::cos(std::numbers::pi * static_cast<double>(k) *
                                          (static_cast<double>(i) + 0.5) / kNodes);
                mass[k] += c * samples[i].mass;
                resistance[k] += c * samples[i].resistance;
            }
        entries.reserve(kSteps + 1);
        for (int i = 0; i <= kSteps; ++i) {
            const double x = 2.0 * i / kSteps - 1.0;
            entries.push_back({chebyshevSum(mass, x), chebyshevSum(resistance, x)});
        }
    }
};

/// Each made when it is first asked for: a table takes some 15 ms, and the edge pitch needs only one of them.
template <int M> const RadiationTable& table() {
    static const RadiationTable made(M);
    return made;
}

const RadiationTable& tableOf(int m) {
    static_assert(kHighestM == 4);
    switch (m) {
    case 0:
        return table<0>();
    case 1:
        return table<1>();
    case 2:
        return table<2>();
    case 3:
        return table<3>();
    default:
        return table<4>();
    }
}

/// Four-point Lagrange interpolation in the table.
struct Stencil {
    std::size_t first;
    std::array<double, 4> weights;

    explicit Stencil(double ka) {
        const double at = std::clamp(ka, 0.0, kLargestKa) / kLargestKa * kSteps;
        first = static_cast<std::size_t>(std::clamp(std::floor(at) - 1.0, 0.0, kSteps - 3.0));
        const double t = at - static_cast<double>(first);
        weights = {-(t - 1.0) * (t - 2.0) * (t - 3.0) / 6.0, t * (t - 2.0) * (t - 3.0) / 2.0,
                   -t * (t - 1.0) * (t - 3.0) / 2.0, t * (t - 1.0) * (t - 2.0) / 6.0};
    }
};

} // namespace

RadiationLoad radiationLoadByQuadrature(int m, double ka) {
    // Evanescent part: x^2 = ka^2 + t^2 removes the root singularity; the tail falls as t^-4 beyond 120.
    constexpr double longest = 120.0;
    constexpr int intervals = 960;
    RadiationLoad load;
    load.mass = integrate(m, longest, intervals, [ka](double t) { return std::hypot(ka, t); });
    load.resistance =
        ka > 0.0
            ? integrate(m, ka, 160, [ka](double t) { return std::sqrt(std::max(0.0, (ka - t) * (ka + t))); })
            : ShapeMatrix(ShapeMatrix::Zero());
    return load;
}

ShapeMatrix radiationMass(int m, double ka) {
    const Stencil at(ka);
    const RadiationLoad* entry = &tableOf(m).entries[at.first];
    return at.weights[0] * entry[0].mass + at.weights[1] * entry[1].mass + at.weights[2] * entry[2].mass +
           at.weights[3] * entry[3].mass;
}

ShapeMatrix radiationResistance(int m, double ka) {
    const Stencil at(ka);
    const RadiationLoad* entry = &tableOf(m).entries[at.first];
    return at.weights[0] * entry[0].resistance + at.weights[1] * entry[1].resistance +
           at.weights[2] * entry[2].resistance + at.weights[3] * entry[3].resistance;
}

} // namespace bombo
