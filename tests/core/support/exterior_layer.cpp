#include "support/exterior_layer.h"

#include "core/dense/dense.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <vector>

namespace bombo::testing {
namespace {

using Complex = std::complex<double>;
constexpr double kPi = std::numbers::pi;

/// A ring of the surface: from one end to the other along the contour.
struct Ring {
    double r, z;   ///< its middle
    double dr, dz; ///< half of it
    double nr, nz; ///< outward
    double length() const { return 2.0 * std::hypot(dr, dz); }
};

std::vector<double> edges(double length, double finest, double share) {
    std::vector<double> at{0.0};
    while (at.back() < length) {
        const double step = std::clamp(share * at.back(), finest, 0.07);
        at.push_back(at.back() + 1.6 * step > length ? length : at.back() + step);
    }
    return at;
}

std::vector<Ring> contour(double depth, double finest, double share) {
    std::vector<Ring> rings;
    const auto cap = edges(1.0, finest, share);
    for (std::size_t i = 0; i + 1 < cap.size(); ++i)
        rings.push_back(
            {1.0 - 0.5 * (cap[i] + cap[i + 1]), 0.5 * depth, 0.5 * (cap[i + 1] - cap[i]), 0.0, 0.0, 1.0});
    const auto side = edges(0.5 * depth, finest, share);
    for (std::size_t i = 0; i + 1 < side.size(); ++i)
        rings.push_back(
            {1.0, 0.5 * depth - 0.5 * (side[i] + side[i + 1]), 0.0, 0.5 * (side[i + 1] - side[i]), 1.0, 0.0});
    return rings;
}

struct Kernel {
    Complex layer{}, slope{};
};

/// cos(m phi) around the axis at (r0, z0), times r0: trapezoid rule in an angle that is dense where the ring
/// is near.
Kernel around(int m, double k, double r0, double z0, const Ring& at) {
    constexpr int points = 36;
    const double near = std::clamp(std::hypot(at.r - r0, at.z - z0) / std::max(r0, 1e-6), 1e-9, 2.0);
    const double stretch = std::asinh(kPi / near);
    Kernel sum;
    for (int i = 0; i < points; ++i) {
        // x = (1 - cos(pi t)) / 2 gives the rule a smooth end.
        const double t = (i + 0.5) / points;
        const double x = 0.5 * (1.0 - std::cos(kPi * t));
        const double phi = near * std::sinh(stretch * x);
        const double element =
            near * stretch * std::cosh(stretch * x) * 0.5 * kPi * std::sin(kPi * t) / points;
        const double s = std::sin(0.5 * phi);
        const double distance =
            std::sqrt(std::pow(at.r - r0, 2) + std::pow(at.z - z0, 2) + 4.0 * at.r * r0 * s * s);
        const Complex wave = std::exp(Complex(0.0, -k * distance)) / (4.0 * kPi * distance) *
                             (2.0 * element * r0 * std::cos(m * phi));
        sum.layer += wave;
        sum.slope += wave * Complex(-1.0 / distance, -k) *
                     ((at.r - r0 * std::cos(phi)) * at.nr + (at.z - z0) * at.nz) / distance;
    }
    return sum;
}

/// A whole ring of surface felt at the middle of another.
Kernel felt(int m, double k, const Ring& from, double mirror, const Ring& at) {
    const double away = std::hypot(at.r - from.r, at.z - mirror * from.z) / from.length();
    Kernel sum;
    if (away < 1e-9) { // its own: both halves towards the middle, where the layer has a logarithm
        constexpr int points = 12;
        for (const double half : {-1.0, 1.0})
            for (int i = 0; i < points; ++i) {
                const double t = (i + 0.5) / points;
                const double u = half * t * t * t;
                const Kernel one = around(m, k, from.r + u * from.dr, mirror * (from.z + u * from.dz), at);
                const double weight = 3.0 * t * t / points * 0.5 * from.length();
                sum.layer += weight * one.layer;
                sum.slope += weight * one.slope;
            }
        return sum;
    }
    const int points = away < 2.0 ? 12 : away < 6.0 ? 4 : 2;
    for (int i = 0; i < points; ++i) {
        const double u = -1.0 + (2.0 * i + 1.0) / points;
        const Kernel one = around(m, k, from.r + u * from.dr, mirror * (from.z + u * from.dz), at);
        sum.layer += from.length() / points * one.layer;
        sum.slope += from.length() / points * one.slope;
    }
    return sum;
}

} // namespace

LayerLoad exteriorByLayer(int m, double ka, double depth, const std::function<double(double)>& shape,
                          double finest, double share) {
    const std::vector<Ring> rings = contour(depth, finest, share);
    const auto size = static_cast<Eigen::Index>(rings.size());
    Eigen::MatrixXcd layer[2]{Eigen::MatrixXcd(size, size), Eigen::MatrixXcd(size, size)};
    Eigen::MatrixXcd slope[2] = {layer[0], layer[1]};
    Eigen::VectorXcd wanted(size);
    for (Eigen::Index i = 0; i < size; ++i) {
        const Ring& at = rings[static_cast<std::size_t>(i)];
        wanted[i] = at.nz > 0.0 ? shape(at.r) : 0.0;
        for (Eigen::Index j = 0; j < size; ++j) {
            const Kernel upper = felt(m, ka, rings[static_cast<std::size_t>(j)], 1.0, at);
            const Kernel lower = felt(m, ka, rings[static_cast<std::size_t>(j)], -1.0, at);
            for (const int parity : {0, 1}) {
                const double sign = parity == 0 ? 1.0 : -1.0;
                layer[parity](i, j) = upper.layer + sign * lower.layer;
                slope[parity](i, j) = upper.slope + sign * lower.slope - (i == j ? 0.5 : 0.0);
            }
        }
    }
    Complex load[2]{};
    for (const int parity : {0, 1}) {
        const Eigen::VectorXcd pressure = layer[parity] * solved(slope[parity], wanted);
        for (Eigen::Index i = 0; i < size; ++i) {
            const Ring& at = rings[static_cast<std::size_t>(i)];
            if (at.nz > 0.0)
                load[parity] += at.r * at.length() * wanted[i] * pressure[i];
        }
    }
    const Complex own = 0.5 * (load[0] + load[1]);
    const Complex across = 0.5 * (load[0] - load[1]);
    return {-own.real(), -across.real(), own.imag(), across.imag()};
}

} // namespace bombo::testing
