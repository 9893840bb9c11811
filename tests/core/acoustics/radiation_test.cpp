#include "core/acoustics/bessel.h"
#include "core/acoustics/radiation.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace {

TEST(Radiation, TableAgreesWithQuadrature) {
    for (int m = 0; m <= kHighestM; ++m)
        for (double ka : {0.05, 0.7, 1.9, 4.2, 9.0, 11.9}) {
            const RadiationLoad table = radiationLoad(m, ka);
            const RadiationLoad direct = radiationLoadByQuadrature(m, ka);
            const double massScale = direct.mass.cwiseAbs().maxCoeff();
            const double resistanceScale = std::max(1e-3, direct.resistance.cwiseAbs().maxCoeff());
            EXPECT_LT((table.mass - direct.mass).cwiseAbs().maxCoeff(), 1e-5 * massScale) << m << ' ' << ka;
            EXPECT_LT((table.resistance - direct.resistance).cwiseAbs().maxCoeff(), 1e-4 * resistanceScale);
        }
}

/// The potential of a disc by rings: an independent way to the added mass, in space instead of wavenumbers.
double staticMassInSpace(double zero) {
    constexpr int count = 700;
    double sum = 0.0;
    for (int i = 0; i < count; ++i)
        for (int k = 0; k < count; ++k) {
            const double r = (i + 0.5) / count;
            const double s = (k + (i == k ? 0.75 : 0.5)) / count; // off the logarithmic singularity
            const double modulus = std::sqrt(4.0 * r * s) / (r + s);
            sum += besselJ(0, zero * r) * besselJ(0, zero * s) * r * s * 4.0 * std::comp_ellint_1(modulus) /
                   (r + s);
        }
    return sum / (static_cast<double>(count) * count) / (2.0 * std::numbers::pi);
}

TEST(Radiation, StaticAddedMassAgreesWithTheSpaceIntegral) {
    // The midpoint rule over a logarithmic singularity is good to about its cell size, 1/700.
    for (int n = 0; n < 2; ++n) {
        const double zero = shapeZeros(0)[static_cast<std::size_t>(n)];
        EXPECT_NEAR(radiationLoadByQuadrature(0, 1e-4).mass(n, n) / staticMassInSpace(zero), 1.0, 4e-3) << n;
    }
}

TEST(Radiation, LongWavesRadiateLikeAMonopole) {
    // R = rho c k^2 V^2 / (2 pi) for a source of volume velocity V in a baffle; in the table's units ka
    // (J1(j)/j)^2.
    const double zero = shapeZeros(0)[0];
    const double volume = besselJ(1, zero) / zero;
    for (double ka : {0.02, 0.05})
        EXPECT_NEAR(radiationLoad(0, ka).resistance(0, 0) / (ka * volume * volume), 1.0, 2e-3) << ka;
}

TEST(Radiation, HigherModesRadiateLessAtLowFrequency) {
    const double ka = 0.3;
    double before = radiationLoad(0, ka).resistance(0, 0);
    for (int m = 1; m <= kHighestM; ++m) {
        const double now = radiationLoad(m, ka).resistance(0, 0);
        EXPECT_LT(now, 0.2 * before) << m; // each order adds two powers of ka
        EXPECT_GT(now, 0.0);
        before = now;
    }
}

TEST(Radiation, MatricesAreSymmetricAndPassive) {
    for (int m = 0; m <= kHighestM; ++m)
        for (double ka = 0.1; ka < 10.0; ka += 1.3) {
            const RadiationLoad load = radiationLoad(m, ka);
            EXPECT_LT((load.resistance - load.resistance.transpose()).norm(), 1e-9);
            const Eigen::SelfAdjointEigenSolver<ShapeMatrix> solver(load.resistance);
            EXPECT_GT(solver.eigenvalues().minCoeff(), -1e-6); // no motion takes energy out of still air
        }
}

TEST(Radiation, ArgumentIsClamped) {
    EXPECT_EQ(radiationLoad(0, 12.0).mass, radiationLoad(0, 40.0).mass);
    EXPECT_EQ(radiationLoad(1, 0.0).mass, radiationLoad(1, -1.0).mass);
}

} // namespace
} // namespace bombo
