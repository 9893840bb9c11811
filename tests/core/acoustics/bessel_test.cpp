#include "core/acoustics/bessel.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace bessel_test {

TEST(Bessel, ZerosAgreeWithTables) { // Abramowitz and Stegun, table 9.5, ten digits
    EXPECT_NEAR(besselZeros(0, 3)[0], 2.4048255577, 1e-9);
    EXPECT_NEAR(besselZeros(0, 3)[2], 8.6537279129, 1e-9);
    EXPECT_NEAR(besselZeros(1, 1)[0], 3.8317059702, 1e-9);
    EXPECT_NEAR(besselZeros(2, 1)[0], 5.1356223018, 1e-9);
    EXPECT_NEAR(besselZeros(4, 2)[1], 11.0647094885, 1e-9);
    EXPECT_NEAR(besselPrimeZeros(1, 1)[0], 1.8411837813, 1e-9);
    EXPECT_NEAR(besselPrimeZeros(2, 1)[0], 3.0542369282, 1e-9);
    EXPECT_DOUBLE_EQ(besselPrimeZeros(0, 2)[0], 0.0); // plane wave
    EXPECT_NEAR(besselPrimeZeros(0, 2)[1], 3.8317059702, 1e-9);
}

TEST(Bessel, ZerosAreAscendingAndAreZeros) {
    for (int m = 0; m <= 4; ++m) {
        const auto zeros = besselZeros(m, 10);
        for (std::size_t i = 0; i < zeros.size(); ++i) {
            EXPECT_NEAR(besselJ(m, zeros[i]), 0.0, 1e-12);
            if (i > 0) {
                EXPECT_GT(zeros[i], zeros[i - 1] + 2.0);
            }
        }
        for (double q : besselPrimeZeros(m, 10))
            EXPECT_NEAR(besselJPrime(m, q), 0.0, 1e-10);
    }
}

TEST(Bessel, DerivativeAgreesWithDifferences) {
    for (int m = 0; m <= 4; ++m)
        for (double x = 0.5; x < 20.0; x += 1.7) {
            const double step = 1e-5;
            const double slope = (besselJ(m, x + step) - besselJ(m, x - step)) / (2.0 * step);
            EXPECT_NEAR(besselJPrime(m, x), slope, 1e-8); // central difference: error of order step^2
        }
}

TEST(Bessel, OverlapAgreesWithQuadrature) {
    for (int m = 0; m <= 4; ++m)
        for (double q : {0.0, 1.3, 5.0, 12.7}) {
            const double p = besselZeros(m, 2)[1];
            double sum = 0.0;
            constexpr int intervals =
                2000; // Simpson: relative error far below 1e-9 for these smooth functions
            for (int i = 0; i <= intervals; ++i) {
                const double s = static_cast<double>(i) / intervals;
                const double weight = i == 0 || i == intervals ? 1.0 : i % 2 == 1 ? 4.0 : 2.0;
                sum += weight * besselJ(m, p * s) * besselJ(m, q * s) * s;
            }
            EXPECT_NEAR(besselOverlap(m, p, q), sum / (3.0 * intervals), 1e-9) << m << ' ' << q;
        }
}

TEST(Bessel, OverlapOfAShapeWithItself) {
    for (int m = 0; m <= 4; ++m) {
        const double p = besselZeros(m, 1)[0];
        EXPECT_NEAR(besselOverlap(m, p, p), 0.5 * std::pow(besselJ(m + 1, p), 2), 1e-12);
        EXPECT_NEAR(besselOverlap(m, p, p * (1.0 + 1e-5)), besselOverlap(m, p, p),
                    1e-5); // no jump at the limit
    }
}

} // namespace bessel_test
} // namespace bombo
