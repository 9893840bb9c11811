#include "core/reading/find_partials.h"

#include "core/reading/bands.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct PeakFound {
    Hertz frequency;
    double power;
};

std::vector<PeakFound> spectralPeaks(const Tap& tap, const PowerSpectrum& before, int most,
                                     std::optional<Hertz> near) {
    constexpr std::size_t size = 65536;
    const auto sound = stretch(tap, 0.003, 0.5);
    const auto spectrum = powerSpectrum(sound, tap.sampleRate, size, 30.0);
    std::vector<PeakFound> peaks;
    const auto first = static_cast<std::size_t>(kLowestPartial.value / spectrum.binWidth);
    const auto last = std::min(spectrum.power.size() - 2,
                               static_cast<std::size_t>(kHighestPartial.value / spectrum.binWidth));
    for (std::size_t bin = std::max<std::size_t>(first, 1); bin < last; ++bin) {
        const double here = spectrum.power[bin];
        if (here <= spectrum.power[bin - 1] || here < spectrum.power[bin + 1])
            continue;
        const Hertz frequency{static_cast<double>(bin) * spectrum.binWidth};
        if (here < 6.0 * before.at(frequency))
            continue; // it was already sounding before the tap
        peaks.push_back({frequency, here});
    }
    // The wanted modes are the low ones: 6 dB an octave in their favour when not all peaks can be measured.
    std::sort(peaks.begin(), peaks.end(), [](const PeakFound& a, const PeakFound& b) {
        return a.power * b.frequency.value * b.frequency.value >
               b.power * a.frequency.value * a.frequency.value;
    });
    constexpr double about = 250.0; // cents
    const auto isNear = [&](const PeakFound& peak) {
        return near && std::abs(centsBetween(*near, peak.frequency).value) < about;
    };
    double strongest = 0.0;
    auto nearest = peaks.end();
    for (auto peak = peaks.begin(); peak != peaks.end(); ++peak) {
        strongest = std::max(strongest, peak->power);
        if (isNear(*peak) && (nearest == peaks.end() || peak->power > nearest->power))
            nearest = peak;
    }
    constexpr double leastPower = 1e-5; // of the strongest
    if (nearest != peaks.end() && nearest->power >= leastPower * strongest)
        std::rotate(peaks.begin(), nearest, nearest + 1);
    std::vector<PeakFound> kept;
    for (const PeakFound& peak : peaks) {
        if (static_cast<int>(kept.size()) >= most || peak.power < leastPower * strongest)
            break;
        const bool isNew = std::none_of(kept.begin(), kept.end(), [&](const PeakFound& k) {
            return std::abs(k.frequency.value - peak.frequency.value) < 12.0;
        });
        if (isNew)
            kept.push_back(peak);
    }
    return kept;
}

/// Every peak measured; what two bands both found is kept once, from the band whose centre is nearer.
std::vector<Partial> measurePartials(const Tap& tap, const std::vector<PeakFound>& peaks) {
    struct Found {
        Partial partial;
        double fromCentre;
    };
    std::vector<Found> found;
    for (const PeakFound& peak : peaks)
        for (const Partial& partial : partialsInBand(tap.after, tap.sampleRate, {.centre = peak.frequency}))
            found.push_back({partial, std::abs(partial.frequency.value - peak.frequency.value)});
    std::sort(found.begin(), found.end(),
              [](const Found& a, const Found& b) { return a.fromCentre < b.fromCentre; });

    std::vector<Partial> partials;
    double strongest = 0.0;
    for (const Found& f : found)
        if (f.fromCentre < 15.0)
            strongest = std::max(strongest, f.partial.amplitude);
    for (const Found& f : found) {
        const bool known = std::any_of(partials.begin(), partials.end(), [&](const Partial& p) {
            return std::abs(p.frequency.value - f.partial.frequency.value) < 0.8;
        });
        if (!known && f.fromCentre < 25.0 && f.partial.amplitude > 0.003 * strongest &&
            f.partial.amplitude < 3.0 * strongest && f.partial.t60.value > 0.03)
            partials.push_back(f.partial);
    }
    std::sort(partials.begin(), partials.end(),
              [](const Partial& a, const Partial& b) { return a.frequency < b.frequency; });
    return partials;
}

} // namespace

std::vector<Partial> findPartials(const Tap& tap, const PowerSpectrum& before, int most,
                                  std::optional<Hertz> near) {
    return measurePartials(tap, spectralPeaks(tap, before, most, near));
}

} // namespace bombo
