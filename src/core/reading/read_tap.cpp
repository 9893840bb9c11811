#include "core/reading/read_tap.h"

#include "core/reading/bands.h"
#include "core/reading/glide.h"
#include "core/reading/steady_sound.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>

namespace bombo {
namespace {

constexpr double kCloseCents = 90.0; ///< partials nearer than this are one split pair

double meanSquare(std::span<const float> samples) {
    double sum = 0.0;
    for (float s : samples)
        sum += static_cast<double>(s) * s;
    return samples.empty() ? 0.0 : sum / static_cast<double>(samples.size());
}

float peakOf(std::span<const float> samples) {
    float peak = 0.0F;
    for (float s : samples)
        peak = std::max(peak, std::abs(s));
    return peak;
}

/// Flat tops: four or more neighbours at the same extreme, wherever the converter's ceiling lies.
bool isClipped(std::span<const float> samples, float peak) {
    if (peak < 0.05F)
        return false;
    int run = 0;
    int flatTops = 0;
    for (float s : samples) {
        run = std::abs(s) >= 0.9995F * peak ? run + 1 : 0;
        if (run == 4)
            ++flatTops;
    }
    return flatTops >= 2;
}

/// A voice or a bowed string grows for a tenth of a second and more; a struck head is loudest at once.
bool swells(const Tap& tap) {
    constexpr double frame = 0.03; // s
    constexpr double grown = 4.0;  // in power
    const double start = meanSquare(stretch(tap, 0.0, frame));
    for (double t = 2.0 * frame; t < 0.3; t += frame)
        if (meanSquare(stretch(tap, t, t + frame)) > grown * start)
            return true;
    return false;
}

/// What sounded before the tap; empty where that is too short to tell.
PowerSpectrum spectrumBefore(const Tap& tap) {
    return tap.before.size() > 256 ? powerSpectrum(tap.before, tap.sampleRate, 16384, 0.0)
                                   : PowerSpectrum{1.0, {}};
}

double amplitudeAt(std::span<const float> sound, double sampleRate, Hertz frequency) {
    std::complex<double> sum = 0.0;
    for (std::size_t i = 0; i < sound.size(); ++i)
        sum += static_cast<double>(sound[i]) * std::polar(1.0, -2.0 * std::numbers::pi * frequency.value *
                                                                   static_cast<double>(i) / sampleRate);
    return 2.0 * std::abs(sum) / static_cast<double>(sound.size());
}

/// Lines that sounded before the tap and can hide a partial: 20 dB over the middle of the spectrum around
/// them, and no more than 40 dB below the strongest partial.
std::vector<Hertz> steadyLines(const Tap& tap, const PowerSpectrum& spectrum,
                               const std::vector<Partial>& partials) {
    constexpr double above = 100.0;
    constexpr double leastShare = 0.01;
    std::vector<Hertz> lines;
    double strongest = 0.0;
    for (const Partial& partial : partials)
        strongest = std::max(strongest, partial.amplitude);
    if (tap.before.size() < 1024)
        return lines;
    const auto first = static_cast<std::size_t>(0.5 * kLowestPartial.value / spectrum.binWidth);
    const auto last = std::min(spectrum.power.size() - 1,
                               static_cast<std::size_t>(kHighestPartial.value / spectrum.binWidth));
    const double middle = middlePower(spectrum, first, last);
    for (std::size_t bin = std::max<std::size_t>(first, 1); bin < last; ++bin)
        if (spectrum.power[bin] > spectrum.power[bin - 1] && spectrum.power[bin] >= spectrum.power[bin + 1] &&
            spectrum.power[bin] > above * middle) {
            const Hertz frequency{static_cast<double>(bin) * spectrum.binWidth};
            if (amplitudeAt(tap.before, tap.sampleRate, frequency) > leastShare * strongest)
                lines.push_back(frequency);
        }
    return lines;
}

bool soundsBeside(const std::vector<Hertz>& lines, Hertz near, Hertz distance) {
    return std::any_of(lines.begin(), lines.end(),
                       [&](Hertz line) { return std::abs(line.value - near.value) < distance.value; });
}

struct Peak {
    Hertz frequency;
    double power;
};

std::vector<Peak> spectralPeaks(const Tap& tap, const PowerSpectrum& before, int most) {
    constexpr std::size_t size = 65536;
    const auto sound = stretch(tap, 0.003, 0.5);
    const auto spectrum = powerSpectrum(sound, tap.sampleRate, size, 30.0);
    std::vector<Peak> peaks;
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
    std::sort(peaks.begin(), peaks.end(), [](const Peak& a, const Peak& b) {
        return a.power * b.frequency.value * b.frequency.value >
               b.power * a.frequency.value * a.frequency.value;
    });
    double strongest = 0.0;
    for (const Peak& peak : peaks)
        strongest = std::max(strongest, peak.power);
    std::vector<Peak> kept;
    for (const Peak& peak : peaks) {
        if (static_cast<int>(kept.size()) >= most || peak.power < 1e-5 * strongest)
            break;
        const bool isNew = std::none_of(kept.begin(), kept.end(), [&](const Peak& k) {
            return std::abs(k.frequency.value - peak.frequency.value) < 12.0;
        });
        if (isNew)
            kept.push_back(peak);
    }
    return kept;
}

/// Every peak measured; what two bands both found is kept once, from the band whose centre is nearer.
std::vector<Partial> measurePartials(const Tap& tap, const std::vector<Peak>& peaks) {
    struct Found {
        Partial partial;
        double fromCentre;
    };
    std::vector<Found> found;
    for (const Peak& peak : peaks)
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

/// The energy a listener gets from a partial: amplitude squared times how long it lasts.
double weightOf(const Partial& partial) {
    return partial.amplitude * partial.amplitude * partial.t60.value;
}

/// The strongest partial, of one mode if that is given.
const Partial* strongest(const std::vector<Partial>& partials, std::optional<Mode> mode) {
    const Partial* best = nullptr;
    for (const Partial& partial : partials)
        if ((!mode || partial.mode == mode) && (best == nullptr || weightOf(partial) > weightOf(*best)))
            best = &partial;
    return best;
}

struct Pair {
    Hertz mean;
    Hertz error;
    Seconds t60;
    std::optional<Hertz> beat;
};

constexpr double kLastAlike = 0.5; ///< the two of a split pair last alike, to this factor

/// The chosen partial, or the one that outlasts it in the same place: a gliding partial looks like two,
/// itself and a shorter one a little higher (a third of the T60, as the extra tension falls with the square
/// of the amplitude), and the shorter may start the stronger.
const Partial& longestBeside(const std::vector<Partial>& partials, const Partial& chosen) {
    const Partial* longest = &chosen;
    for (const Partial& p : partials)
        if (std::abs(centsBetween(chosen.frequency, p.frequency).value) <= kCloseCents &&
            p.amplitude >= 0.25 * chosen.amplitude && p.t60 > longest->t60)
            longest = &p;
    return *longest;
}

/// The chosen partial with its close neighbours that last as long: the weighted mean is what the head's
/// tension there says.
Pair withNeighbours(const std::vector<Partial>& partials, const Partial& chosen) {
    double weight = 0.0;
    double sum = 0.0;
    double error = 0.0;
    double decay = 0.0;
    Hertz low = chosen.frequency;
    Hertz high = chosen.frequency;
    for (const Partial& p : partials) {
        if (std::abs(centsBetween(chosen.frequency, p.frequency).value) > kCloseCents ||
            p.amplitude < 0.08 * chosen.amplitude || p.t60.value < kLastAlike * chosen.t60.value)
            continue;
        weight += p.amplitude;
        sum += p.amplitude * p.frequency.value;
        error += std::pow(p.amplitude * p.standardError.value, 2);
        decay += p.amplitude / p.t60.value;
        low = std::min(low, p.frequency);
        high = std::max(high, p.frequency);
    }
    Pair pair{Hertz{sum / weight}, Hertz{std::sqrt(error) / weight}, Seconds{weight / decay}, std::nullopt};
    if (high > low)
        pair.beat = high - low;
    return pair;
}

/// The same band measured over three stretches; the spread of the weighted means.
Cents disagreement(const Tap& tap, Hertz centre) {
    std::vector<double> logs;
    constexpr std::array windows{std::pair{0.005, 0.35}, std::pair{0.02, 0.30}, std::pair{0.04, 0.35}};
    for (const auto& [start, longest] : windows) {
        const auto partials =
            partialsInBand(tap.after, tap.sampleRate,
                           {.centre = centre, .start = Seconds{start}, .longest = Seconds{longest}});
        std::vector<Partial> near;
        for (const Partial& p : partials)
            if (std::abs(p.frequency.value - centre.value) < 25.0)
                near.push_back(p);
        if (!near.empty())
            logs.push_back(std::log2(withNeighbours(near, longestBeside(near, near.front())).mean.value));
    }
    if (logs.size() < 2)
        return {1200.0};
    const auto [low, high] = std::minmax_element(logs.begin(), logs.end());
    return {1200.0 * (*high - *low)};
}

} // namespace

const char* verdictName(Verdict verdict) {
    switch (verdict) {
    case Verdict::Clear:
        return "clear";
    case Verdict::TooQuiet:
        return "too_quiet";
    case Verdict::Clipped:
        return "clipped";
    case Verdict::StruckTwice:
        return "struck_twice";
    case Verdict::WiresOn:
        return "wires_on";
    case Verdict::NoTone:
        return "no_tone";
    case Verdict::Unsteady:
        return "unsteady";
    case Verdict::NotThisHead:
        return "not_this_head";
    case Verdict::Drowned:
        return "drowned";
    }
    return "no_tone";
}

Reading readTap(const Tap& heard, const ReadingOptions& options) {
    constexpr double largestDisagreement = 12.0; // cents between windows
    Reading reading;
    const float peak = peakOf(heard.after);
    const auto steady = steadyLinesBefore(heard);
    const Tap cleaned = steady.empty() ? Tap{} : withoutLines(heard, steady);
    const Tap& tap = steady.empty() ? heard : cleaned;
    reading.levelDb = 20.0 * std::log10(static_cast<double>(peak) + 1e-9);

    const double noise = meanSquare(tap.before);
    const double overNoise = meanSquare(stretch(tap, 0.003, 0.1)) / std::max(noise, 1e-20);
    if (reading.levelDb < -70.0 || overNoise < 1.5) {
        reading.verdict = Verdict::TooQuiet;
        return reading;
    }
    const PowerSpectrum before = spectrumBefore(tap);
    reading.partials = measurePartials(tap, spectralPeaks(tap, before, options.mostPartials));
    if (isClipped(heard.after, peak)) {
        reading.verdict = Verdict::Clipped;
        return reading;
    }
    // Loose wires fall back on the head as a second blow does, but they go on.
    if (wiresSound(tap) && (!tap.struckTwice || wiresSound(tap, 0.15, 0.25))) {
        reading.verdict = Verdict::WiresOn;
        return reading;
    }
    if (tap.struckTwice) {
        reading.verdict = Verdict::StruckTwice;
        return reading;
    }
    if (swells(tap)) {
        reading.verdict = Verdict::NoTone;
        return reading;
    }
    const std::vector<Hertz> lines = steadyLines(tap, before, reading.partials);
    std::optional<Mode> wanted;
    if (options.expected && !reading.partials.empty()) {
        const Naming naming = namePartials(reading.partials, *options.expected, lines);
        if (naming.wanted != WantedMode::Found) {
            reading.verdict = naming.wanted == WantedMode::Drowned ? Verdict::Drowned : Verdict::NotThisHead;
            return reading;
        }
        wanted = options.expected->wanted;
    }
    const Partial* chosen = strongest(reading.partials, wanted);
    if (chosen == nullptr) {
        reading.verdict = overNoise < 6.0 ? Verdict::TooQuiet : Verdict::NoTone;
        return reading;
    }
    const Partial& base = longestBeside(reading.partials, *chosen);
    const Pair pair = withNeighbours(reading.partials, base);
    reading.frequency = pair.mean;
    reading.standardError = pair.error;
    reading.t60 = pair.t60;
    reading.beat = pair.beat;
    // A steady sound beside it pulls the phase of a dying partial, which looks like a glide towards it.
    const bool stands = pair.beat || soundsBeside(lines, base.frequency, kGlideWidest);
    if (const auto glide = stands ? std::nullopt : glideOf(tap, base)) {
        reading.glide = glide->by;
        reading.frequency = glide->settled;
        reading.standardError = glide->standardError;
    } else if (disagreement(tap, base.frequency).value > largestDisagreement) {
        reading.verdict = Verdict::Unsteady;
        return reading;
    }
    if (const Partial* second = wanted == Mode{1, 1} ? strongest(reading.partials, Mode{2, 1}) : nullptr)
        reading.second = withNeighbours(reading.partials, longestBeside(reading.partials, *second)).mean;
    reading.verdict = Verdict::Clear;
    return reading;
}

} // namespace bombo
