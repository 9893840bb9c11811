#include "core/preview/level_match.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace bombo {
namespace {

constexpr double kHighestPeak = 0.9;
constexpr double kCompared = 0.3; // s

double rmsOf(const std::vector<float>& samples, double rate) {
    const std::size_t count = std::min(samples.size(), static_cast<std::size_t>(kCompared * rate));
    double sum = 0.0;
    for (std::size_t i = 0; i < count; ++i)
        sum += static_cast<double>(samples[i]) * samples[i];
    return count > 0 ? std::sqrt(sum / static_cast<double>(count)) : 0.0;
}

double peakOf(const std::vector<float>& samples) {
    float peak = 0.0F;
    for (const float sample : samples)
        peak = std::max(peak, std::abs(sample));
    return peak;
}

void scale(std::vector<float>& samples, double rms, double level) {
    if (rms <= 0.0)
        return;
    for (float& sample : samples)
        sample = static_cast<float>(sample * (level / rms));
}

} // namespace

void matchLevels(std::vector<float>& one, double oneRate, std::vector<float>& other, double otherRate,
                 double level) {
    const double ones = rmsOf(one, oneRate);
    const double others = rmsOf(other, otherRate);
    for (const auto& [samples, rms] : {std::pair{&one, ones}, {&other, others}})
        if (rms > 0.0)
            level = std::min(level, kHighestPeak * rms / peakOf(*samples));
    scale(one, ones, level);
    scale(other, others, level);
}

} // namespace bombo
