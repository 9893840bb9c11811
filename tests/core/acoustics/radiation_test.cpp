#include "core/acoustics/bessel.h"
#include "core/acoustics/radiation.h"
#include "core/dense/dense.h"
#include "support/reference_drum.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace radiation_test {

TEST(Radiation, TableAgreesWithQuadrature) {
    for (int m = 0; m <= kHighestM; ++m)
        for (double ka : {0.05, 0.7, 1.9, 4.2, 9.0, 11.9}) {
            const RadiationLoad table{radiationMass(m, ka), radiationResistance(m, ka)};
            const RadiationLoad direct = radiationLoadByQuadrature(m, ka);
            const double massScale = direct.mass.cwiseAbs().maxCoeff();
            const double resistanceScale = std::max(1e-3, direct.resistance.cwiseAbs().maxCoeff());
            EXPECT_LT((table.mass - direct.mass).cwiseAbs().maxCoeff(), 1e-5 * massScale) << m << ' ' << ka;
            EXPECT_LT((table.resistance - direct.resistance).cwiseAbs().maxCoeff(), 1e-4 * resistanceScale);
        }
}

TEST(Radiation, SpaceIntegralMeetsThePiston) {
    // Closed form of the rigid piston in a baffle: R = 1 - J1(2ka)/ka, X = H1(2ka)/ka with Struve's H1, in
    // units of rho c S; Morse and Ingard. H1 by its power series.
    for (double ka : {0.1, 0.8, 2.0}) {
        const auto load = testing::rayleighInSpace(0, ka, 1, [](int, double) { return 1.0; });
        double struve = 0.0;
        for (int k = 0; k < 40; ++k)
            struve += (k % 2 == 0 ? 1.0 : -1.0) * std::pow(ka, 2 * k + 2) /
                      (std::tgamma(k + 1.5) * std::tgamma(k + 2.5));
        // 2 pi omega rho a^3 M = rho c pi a^2 X, so M = X / (2 ka); the same for R.
        EXPECT_NEAR(load.mass(0, 0) / (struve / ka / (2 * ka)), 1.0, 1e-4) << ka;
        EXPECT_NEAR(load.resistance(0, 0) / ((1.0 - besselJ(1, 2 * ka) / ka) / (2 * ka)), 1.0, 1e-4) << ka;
    }
}

TEST(Radiation, AgreesWithTheSpaceIntegral) {
    // The same physics in space instead of in wavenumbers; both are quadratures good to about 1e-4.
    for (int m = 0; m <= kHighestM; ++m) {
        const auto& zeros = shapeZeros(m);
        for (double ka : {0.02, 1.0, 3.5}) {
            const auto space = testing::rayleighInSpace(m, ka, 3, [&](int n, double r) {
                return besselJ(m, zeros[static_cast<std::size_t>(n)] * r);
            });
            const Eigen::Matrix3d mass = radiationMass(m, ka).topLeftCorner<3, 3>();
            const Eigen::Matrix3d resistance = radiationResistance(m, ka).topLeftCorner<3, 3>();
            EXPECT_LT((mass - space.mass).cwiseAbs().maxCoeff(), 3e-4 * mass.cwiseAbs().maxCoeff())
                << m << ' ' << ka;
            EXPECT_LT((resistance - space.resistance).cwiseAbs().maxCoeff(),
                      3e-4 * std::max(resistance.cwiseAbs().maxCoeff(), 1e-4))
                << m << ' ' << ka;
        }
    }
}

TEST(Radiation, LongWavesRadiateLikeAMonopole) {
    // R = rho c k^2 V^2 / (2 pi) for a source of volume velocity V in a baffle; in the table's units ka
    // (J1(j)/j)^2.
    const double zero = shapeZeros(0)[0];
    const double volume = besselJ(1, zero) / zero;
    for (double ka : {0.02, 0.05})
        EXPECT_NEAR(radiationResistance(0, ka)(0, 0) / (ka * volume * volume), 1.0, 2e-3) << ka;
}

TEST(Radiation, HigherModesRadiateLessAtLowFrequency) {
    const double ka = 0.3;
    double before = radiationResistance(0, ka)(0, 0);
    for (int m = 1; m <= kHighestM; ++m) {
        const double now = radiationResistance(m, ka)(0, 0);
        EXPECT_LT(now, 0.2 * before) << m; // each order adds two powers of ka
        EXPECT_GT(now, 0.0);
        before = now;
    }
}

TEST(Radiation, MatricesAreSymmetricAndPassive) {
    for (int m = 0; m <= kHighestM; ++m)
        for (double ka = 0.1; ka < 10.0; ka += 1.3) {
            const RadiationLoad load{radiationMass(m, ka), radiationResistance(m, ka)};
            EXPECT_LT((load.resistance - load.resistance.transpose()).norm(), 1e-9);
            EXPECT_GT(symmetricAxes(load.resistance).values.minCoeff(),
                      -1e-6); // no motion takes energy out of still air
        }
}

TEST(Radiation, ArgumentIsClamped) {
    EXPECT_EQ(radiationMass(0, 12.0), radiationMass(0, 40.0));
    EXPECT_EQ(radiationMass(1, 0.0), radiationMass(1, -1.0));
}

} // namespace radiation_test
} // namespace bombo
