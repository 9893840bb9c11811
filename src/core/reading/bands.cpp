#include "core/reading/bands.h"

#include <algorithm>

namespace bombo {

std::span<const float> stretch(const Tap& tap, double fromSeconds, double toSeconds) {
    const auto size = tap.after.size();
    const auto from = std::min(size, static_cast<std::size_t>(fromSeconds * tap.sampleRate));
    const auto to = std::min(size, static_cast<std::size_t>(toSeconds * tap.sampleRate));
    return std::span(tap.after).subspan(from, to - from);
}

double bandPower(const PowerSpectrum& spectrum, double from, double to) {
    double sum = 0.0;
    const auto last = std::min(spectrum.power.size(), static_cast<std::size_t>(to / spectrum.binWidth));
    for (auto bin = static_cast<std::size_t>(from / spectrum.binWidth); bin < last; ++bin)
        sum += spectrum.power[bin];
    return sum * spectrum.binWidth; // stretches of unlike length have unlike bins
}

bool wiresSound(const Tap& tap, double from, double to) {
    if (tap.sampleRate < 12000.0)
        return false;
    constexpr std::size_t size = 4096;
    const auto early = powerSpectrum(stretch(tap, from, to), tap.sampleRate, size, 0.0);
    const double top = std::min(kHighestBuzz.value, 0.45 * tap.sampleRate);
    const double buzz = bandPower(early, kLowestBuzz.value, top);
    const double tone = bandPower(early, kLowestPartial.value, kHighestPartial.value);
    double before = 0.0;
    if (tap.before.size() > 256)
        before = bandPower(powerSpectrum(tap.before, tap.sampleRate, size, 0.0), kLowestBuzz.value, top);
    return buzz > 20.0 * before && buzz > 0.004 * tone;
}

} // namespace bombo
