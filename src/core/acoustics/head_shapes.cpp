#include "core/acoustics/head_shapes.h"

#include "core/acoustics/bessel.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr std::size_t kLast = kBesselShapes;
constexpr double kLastNorm = 0.05;

/// Integral of x^m (1 - x^2) J_m(k x) x dx over 0..1 (Sonine).
double bumpTransform(int m, double k) {
    if (k < 1e-3)
        return 0.5 * std::pow(0.5 * k, m) / std::tgamma(m + 3.0);
    return 2.0 * besselJ(m + 2, k) / (k * k);
}

struct ShapeFamily {
    std::array<double, kBesselShapes> zeros{};
    std::array<double, kBesselShapes> slopes{}; ///< J_{m+1}(j_mn): minus the slope at the hoop over j_mn
    std::array<double, kBesselShapes> parts{};  ///< of x^m (1 - x^2) in the Bessel shapes
    double scale = 1.0;                         ///< of what is left
    ShapeVector norms{};
    ShapeVector strains{};

    explicit ShapeFamily(int m) {
        const auto found = besselZeros(m, kBesselShapes);
        std::copy(found.begin(), found.end(), zeros.begin());
        double norm = 1.0 / ((m + 1.0) * (m + 2.0) * (m + 3.0));
        double strain = 2.0 / (m + 2.0);
        for (std::size_t n = 0; n < kLast; ++n) {
            const double zero = zeros[n];
            slopes[n] = besselJ(m + 1, zero);
            norms[n] = 0.5 * slopes[n] * slopes[n];
            strains[n] = zero * zero * norms[n];
            parts[n] = bumpTransform(m, zero) / norms[n];
            norm -= parts[n] * parts[n] * norms[n];
            strain -= parts[n] * parts[n] * strains[n];
        }
        scale = std::sqrt(kLastNorm / norm);
        norms[kLast] = kLastNorm;
        strains[kLast] = scale * scale * strain;
    }
};

const ShapeFamily& shapeFamilyOf(int m) {
    static const std::array<ShapeFamily, kHighestM + 1> all{ShapeFamily(0), ShapeFamily(1), ShapeFamily(2),
                                                            ShapeFamily(3), ShapeFamily(4)};
    return all[static_cast<std::size_t>(m)];
}

} // namespace

const std::array<double, kBesselShapes>& shapeZeros(int m) {
    return shapeFamilyOf(m).zeros;
}
const ShapeVector& shapeNorms(int m) {
    return shapeFamilyOf(m).norms;
}
const ShapeVector& shapeStrains(int m) {
    return shapeFamilyOf(m).strains;
}

ShapeVector shapeValues(int m, double radius) {
    const ShapeFamily& family = shapeFamilyOf(m);
    ShapeVector values{};
    double left = std::pow(radius, m) * (1.0 - radius * radius);
    for (std::size_t n = 0; n < kLast; ++n) {
        values[n] = besselJ(m, family.zeros[n] * radius);
        left -= family.parts[n] * values[n];
    }
    values[kLast] = family.scale * left;
    return values;
}

ShapeVector shapeTransforms(int m, double k) {
    const ShapeFamily& family = shapeFamilyOf(m);
    const double atK = besselJ(m, k);
    ShapeVector transforms{};
    double left = bumpTransform(m, k);
    for (std::size_t n = 0; n < kLast; ++n) {
        const double p = family.zeros[n];
        transforms[n] = std::abs(p - k) < 1e-6 * p ? besselOverlap(m, p, k)
                                                   : p * family.slopes[n] * atK / ((p - k) * (p + k));
        left -= family.parts[n] * transforms[n];
    }
    transforms[kLast] = family.scale * left;
    return transforms;
}

double shapeAt(int m, const ShapeVector& shape, double radius) {
    const ShapeVector values = shapeValues(m, radius);
    double sum = 0.0;
    for (std::size_t n = 0; n < shape.size(); ++n)
        sum += shape[n] * values[n];
    return sum;
}

} // namespace bombo
