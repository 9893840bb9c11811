#include "core/reading/heterodyne.h"

#include <cmath>
#include <numbers>

namespace bombo {

SlowSamples heterodyne(std::span<const float> sound, double sampleRate, Hertz centre, Hertz width) {
    const auto length = static_cast<std::size_t>(2.0 * sampleRate / width.value);
    const auto step = std::max<std::size_t>(1, length / 4);
    SlowSamples slow;
    slow.rate = sampleRate / static_cast<double>(step);
    slow.firstAt = 0.5 * static_cast<double>(length) / sampleRate;
    if (length == 0 || sound.size() < length)
        return slow;
    std::vector<std::complex<double>> turned(sound.size());
    const double angle = -2.0 * std::numbers::pi * centre.value / sampleRate;
    for (std::size_t i = 0; i < sound.size(); ++i)
        turned[i] = static_cast<double>(sound[i]) * std::polar(1.0, angle * static_cast<double>(i));
    std::vector<double> window(length);
    double sum = 0.0;
    for (std::size_t i = 0; i < length; ++i) {
        window[i] = 0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (static_cast<double>(i) + 0.5) /
                                         static_cast<double>(length));
        sum += window[i];
    }
    for (std::size_t at = 0; at + length <= sound.size(); at += step) {
        std::complex<double> mean{};
        for (std::size_t i = 0; i < length; ++i)
            mean += window[i] * turned[at + i];
        slow.samples.push_back(mean / sum);
    }
    return slow;
}

std::vector<double> unwrappedPhase(const std::vector<std::complex<double>>& samples) {
    std::vector<double> phase;
    for (const auto& sample : samples) {
        double next = std::arg(sample);
        if (!phase.empty())
            next += 2.0 * std::numbers::pi * std::round((phase.back() - next) / (2.0 * std::numbers::pi));
        phase.push_back(next);
    }
    return phase;
}

} // namespace bombo
