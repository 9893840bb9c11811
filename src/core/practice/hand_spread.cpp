#include "core/practice/hand_spread.h"

#include "core/units/median.h"

#include <cmath>

namespace bombo {
namespace {

constexpr double kOfNormal = 1.4826; ///< standard deviation over the median deviation
constexpr double kFarCents = 15.0;
constexpr double kFarSpreads = 4.0;

double spreadAround(double middle, std::vector<double> values) {
    for (double& value : values)
        value = std::abs(value - middle);
    return kOfNormal * medianOf(std::move(values));
}

/// @pre more than one
double standardDeviation(const std::vector<double>& values) {
    double mean = 0.0;
    for (const double value : values)
        mean += value / static_cast<double>(values.size());
    double sum = 0.0;
    for (const double value : values)
        sum += (value - mean) * (value - mean);
    return std::sqrt(sum / static_cast<double>(values.size() - 1));
}

} // namespace

std::optional<HandSpread> handSpread(std::span<const TapAtMicrophone> taps) {
    std::vector<double> cents; // from 100 Hz
    for (const TapAtMicrophone& tap : taps)
        if (tap.pitch)
            cents.push_back(1200.0 * std::log2(tap.pitch->value / 100.0));
    if (cents.size() < 4)
        return std::nullopt;
    const double middle = medianOf(cents);
    const double wide = std::max(kFarCents, kFarSpreads * spreadAround(middle, cents));
    std::vector<double> near;
    std::vector<double> levels;
    for (const TapAtMicrophone& tap : taps) {
        if (!tap.pitch)
            continue;
        const double one = 1200.0 * std::log2(tap.pitch->value / 100.0);
        if (std::abs(one - middle) > wide)
            continue;
        near.push_back(one);
        levels.push_back(tap.peakDb);
    }
    HandSpread spread;
    spread.taps = static_cast<int>(near.size());
    spread.astray = static_cast<int>(taps.size()) - spread.taps;
    const double settled = medianOf(near);
    spread.middle = Hertz{100.0 * std::exp2(settled / 1200.0)};
    spread.pitch = Cents{standardDeviation(near)};
    spread.levelDb = standardDeviation(levels);
    spread.error = 1.0 / std::sqrt(2.0 * static_cast<double>(spread.taps - 1));
    return spread;
}

} // namespace bombo
