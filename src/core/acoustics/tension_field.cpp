#include "core/acoustics/tension_field.h"

#include <cmath>
#include <complex>

namespace bombo {

Eigen::MatrixXd heardKernel(int rods, int m, double anisotropy) {
    Eigen::MatrixXd kernel(rods, rods);
    for (int i = 0; i < rods; ++i)
        for (int j = 0; j < rods; ++j) {
            const double angle = rodAngle(i, rods).value - rodAngle(j, rods).value;
            kernel(i, j) = (1.0 + anisotropy * std::cos(2.0 * m * angle)) / rods;
        }
    return kernel;
}

PairSplit pairSplit(const Eigen::VectorXd& deviationCents, int m, double anisotropy) {
    const int rods = static_cast<int>(deviationCents.size());
    std::complex<double> harmonic{};
    for (int j = 0; j < rods; ++j)
        harmonic += deviationCents[j] * std::polar(anisotropy / rods, 2.0 * m * rodAngle(j, rods).value);
    return {Cents{std::abs(harmonic)}, Radians{std::arg(harmonic) / (2.0 * m)}};
}

} // namespace bombo
