#include "core/reading/glide.h"

#include "core/reading/bands.h"
#include "core/reading/heterodyne.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {

std::optional<Glide> glideOf(const Tap& tap, const Partial& partial) {
    constexpr double start = 0.004; // after the blow's own click, s
    constexpr double span = 0.4;    // of the fall that is looked at, in T60
    constexpr double leastCents = 4.0;
    constexpr double leastSigmas = 4.0;
    constexpr double phaseFollows = 0.2; // rad, root mean square
    // The neighbouring modes lie a third of the pitch away.
    const double width = std::clamp(0.3 * partial.frequency.value, 40.0, kGlideWidest.value); // Hz
    const double rate = std::log(1000.0) / partial.t60.value;
    const double until = std::clamp(span * partial.t60.value, 0.12, 0.6);
    const SlowSamples slow =
        heterodyne(stretch(tap, start, start + until), tap.sampleRate, partial.frequency, Hertz{width});
    const auto count = static_cast<Eigen::Index>(slow.samples.size());
    if (count < 8)
        return std::nullopt;
    const std::vector<double> phase = unwrappedPhase(slow.samples);

    // phase = p0 + 2 pi (f t + extra (1 - exp(-2 rate t)) / (2 rate)), weighted by the amplitude.
    Eigen::MatrixXd slope(count, 3);
    Eigen::VectorXd seen(count);
    Eigen::VectorXd weight(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        const double t = start + slow.firstAt + static_cast<double>(i) / slow.rate;
        slope.row(i) << 1.0, 2.0 * std::numbers::pi * t,
            2.0 * std::numbers::pi * (1.0 - std::exp(-2.0 * rate * t)) / (2.0 * rate);
        seen[i] = phase[static_cast<std::size_t>(i)];
        weight[i] = std::abs(slow.samples[static_cast<std::size_t>(i)]);
    }
    weight /= weight.maxCoeff();
    const Eigen::MatrixXd scaled = weight.asDiagonal() * slope;
    const Eigen::MatrixXd inverse =
        (scaled.transpose() * scaled).ldlt().solve(Eigen::MatrixXd::Identity(3, 3));
    const Eigen::VectorXd fit = inverse * (scaled.transpose() * (weight.asDiagonal() * seen));
    const Eigen::VectorXd off = weight.asDiagonal() * (seen - slope * fit);
    // Neighbours share three quarters of their samples: the errors are as of a quarter as many.
    const double variance =
        4.0 * off.squaredNorm() / static_cast<double>(std::max<Eigen::Index>(1, count - 3));
    const double rms = std::sqrt(off.squaredNorm() / weight.squaredNorm());
    const Hertz settled = partial.frequency + Hertz{fit[1]};
    const double error = std::sqrt(variance * inverse(2, 2));
    const Cents by = centsBetween(settled, settled + Hertz{fit[2]});
    if (rms > phaseFollows || fit[2] < leastSigmas * error || by.value < leastCents)
        return std::nullopt;
    return Glide{settled, Hertz{std::sqrt(variance * inverse(1, 1))}, by};
}

} // namespace bombo
