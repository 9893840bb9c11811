#include "core/acoustics/radiation.h"

#include "core/acoustics/bessel.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <vector>

namespace bombo {
namespace {

constexpr double kLargestKa = 12.0;
constexpr int kNodes = 40;

/// Hankel transforms of the three shapes at x = (radial wavenumber) * a.
std::array<double, kRadialShapes> transforms(int m, double x) {
    std::array<double, kRadialShapes> w{};
    for (int n = 0; n < kRadialShapes; ++n)
        w[static_cast<std::size_t>(n)] = besselOverlap(m, shapeZeros(m)[static_cast<std::size_t>(n)], x);
    return w;
}

void addProducts(ShapeMatrix& sum, const std::array<double, kRadialShapes>& w, double weight) {
    const Eigen::Map<const Eigen::Vector3d> v(w.data());
    sum += weight * v * v.transpose();
}

/// Composite Simpson rule over [0, length] for the outer product of transforms at x(t).
template <class XOfT> ShapeMatrix integrate(int m, double length, int intervals, XOfT xOfT) {
    ShapeMatrix sum = ShapeMatrix::Zero();
    const double step = length / intervals;
    for (int i = 0; i <= intervals; ++i) {
        const double weight = (i == 0 || i == intervals) ? 1.0 : (i % 2 == 1 ? 4.0 : 2.0);
        addProducts(sum, transforms(m, xOfT(step * i)), weight * step / 3.0);
    }
    return sum;
}

double nodeOf(int index) {
    return 0.5 * kLargestKa * (1.0 + std::cos(std::numbers::pi * (index + 0.5) / kNodes));
}

/// Chebyshev coefficients of the load over ka, one table for each m.
struct RadiationTable {
    std::array<ShapeMatrix, kNodes> mass;
    std::array<ShapeMatrix, kNodes> resistance;

    explicit RadiationTable(int m) {
        std::vector<RadiationLoad> samples;
        samples.reserve(kNodes);
        for (int i = 0; i < kNodes; ++i)
            samples.push_back(radiationLoadByQuadrature(m, nodeOf(i)));
        for (int k = 0; k < kNodes; ++k) {
            ShapeMatrix massSum = ShapeMatrix::Zero();
            ShapeMatrix resistanceSum = ShapeMatrix::Zero();
            for (int i = 0; i < kNodes; ++i) {
                const double c = std::cos(std::numbers::pi * k * (i + 0.5) / kNodes);
                massSum += c * samples[static_cast<std::size_t>(i)].mass;
                resistanceSum += c * samples[static_cast<std::size_t>(i)].resistance;
            }
            const double scale = (k == 0 ? 1.0 : 2.0) / kNodes;
            mass[static_cast<std::size_t>(k)] = scale * massSum;
            resistance[static_cast<std::size_t>(k)] = scale * resistanceSum;
        }
    }
};

/// Each made when it is first asked for: a table takes some 30 ms, and the edge pitch needs only one of them.
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

} // namespace

const std::array<double, kRadialShapes>& shapeZeros(int m) {
    static const auto zeros = [] {
        std::array<std::array<double, kRadialShapes>, kHighestM + 1> all{};
        for (int order = 0; order <= kHighestM; ++order) {
            const auto found = besselZeros(order, kRadialShapes);
            std::copy(found.begin(), found.end(), all[static_cast<std::size_t>(order)].begin());
        }
        return all;
    }();
    return zeros[static_cast<std::size_t>(m)];
}

RadiationLoad radiationLoadByQuadrature(int m, double ka) {
    // Evanescent part: x^2 = ka^2 + t^2 removes the root singularity; the tail falls as t^-4 beyond 80.
    constexpr double longest = 80.0;
    constexpr int intervals = 640;
    RadiationLoad load;
    load.mass = integrate(m, longest, intervals, [ka](double t) { return std::hypot(ka, t); });
    load.resistance =
        ka > 0.0
            ? integrate(m, ka, 160, [ka](double t) { return std::sqrt(std::max(0.0, (ka - t) * (ka + t))); })
            : ShapeMatrix(ShapeMatrix::Zero());
    return load;
}

RadiationLoad radiationLoad(int m, double ka) {
    const RadiationTable& table = tableOf(m);
    const double x = std::clamp(ka, 0.0, kLargestKa) / (0.5 * kLargestKa) - 1.0;
    RadiationLoad load{table.mass[0] + x * table.mass[1], table.resistance[0] + x * table.resistance[1]};
    double before = 1.0;
    double now = x;
    for (std::size_t k = 2; k < kNodes; ++k) {
        const double next = 2.0 * x * now - before;
        load.mass += next * table.mass[k];
        load.resistance += next * table.resistance[k];
        before = now;
        now = next;
    }
    return load;
}

} // namespace bombo
