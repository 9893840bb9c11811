#include "core/reading/steady_tone.h"

#include "core/reading/heterodyne.h"
#include "core/reading/spectrum.h"

#include "core/dense/dense.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

namespace bombo {
namespace {

/// The highest bin within 100 cents of `near`, if it stands 20 dB over the middle of the bins around.
std::optional<Hertz> peakNear(std::span<const float> sound, double sampleRate, Hertz near) {
    const PowerSpectrum spectrum =
        powerSpectrum(sound, sampleRate, std::max<std::size_t>(sound.size(), 1 << 16), 0.0);
    auto binOf = [&](double cents) {
        return static_cast<std::size_t>(near.value * std::exp2(cents / 1200.0) / spectrum.binWidth);
    };
    std::size_t best = binOf(-100.0);
    for (std::size_t i = best; i <= binOf(100.0); ++i)
        if (spectrum.power[i] > spectrum.power[best])
            best = i;
    if (spectrum.power[best] <= 100.0 * middlePower(spectrum, binOf(-300.0), binOf(300.0)) ||
        spectrum.power[best] < 1e-12)
        return std::nullopt;
    return Hertz{static_cast<double>(best) * spectrum.binWidth};
}

} // namespace

Result<SteadyTone, SteadyFault> steadyTone(std::span<const float> sound, double sampleRate, Hertz near) {
    constexpr double width = 25.0; // Hz; a vibrato of 5 Hz is still seen
    constexpr double phaseFollows = 0.3;
    constexpr double wavers = 2.0; // between the quarters of the levels: 6 dB
    if (near.value < 80.0 || near.value > std::min(4000.0, 0.4 * sampleRate))
        return failure(SteadyFault::OutOfRange);
    if (static_cast<double>(sound.size()) < sampleRate)
        return failure(SteadyFault::TooShort);
    const auto peak = peakNear(sound, sampleRate, near);
    if (!peak)
        return failure(SteadyFault::NoTone);
    const SlowSamples slow = heterodyne(sound, sampleRate, *peak, Hertz{width});
    const std::vector<double> phase = unwrappedPhase(slow.samples);
    const auto count = static_cast<Eigen::Index>(phase.size());
    std::vector<double> levels;
    Eigen::MatrixXd slope(count, 2);
    for (Eigen::Index i = 0; i < count; ++i) {
        slope.row(i) << 1.0, 2.0 * std::numbers::pi * static_cast<double>(i) / slow.rate;
        levels.push_back(std::abs(slow.samples[static_cast<std::size_t>(i)]));
    }
    std::sort(levels.begin(), levels.end());
    const double middle = levels[levels.size() / 2];
    const Eigen::Map<const Eigen::VectorXd> seen(phase.data(), count);
    const Eigen::Vector2d fit = leastSquares(slope, seen);
    const double squares = (seen - slope * fit).squaredNorm();
    if (std::sqrt(squares / static_cast<double>(count)) > phaseFollows ||
        levels[levels.size() / 10] * wavers < middle || levels[levels.size() * 9 / 10] > wavers * middle)
        return failure(SteadyFault::Unsteady);
    // Neighbours share three quarters of their samples: the error is as of a quarter as many.
    const double variance = 4.0 * squares / static_cast<double>(count - 2);
    const double error = std::sqrt(variance * inverted(slope.transpose() * slope)(1, 1));
    return SteadyTone{*peak + Hertz{fit[1]}, Hertz{error}, 20.0 * std::log10(2.0 * middle + 1e-12)};
}

} // namespace bombo
