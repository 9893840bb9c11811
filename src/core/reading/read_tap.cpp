#include "core/reading/read_tap.h"

#include "core/reading/bands.h"
#include "core/reading/clarity.h"
#include "core/reading/find_partials.h"
#include "core/reading/gate.h"
#include "core/reading/glide_track.h"
#include "core/reading/partial_in_room.h"
#include "core/reading/steady_sound.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bombo {
namespace {

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

Tap cutAt(Tap tap, Seconds end) {
    tap.after.resize(std::min(tap.after.size(), static_cast<std::size_t>(end.value * tap.sampleRate)));
    return tap;
}

/// Wires sound on louder than the click of the blow; where they are no more than bright beside the tone, a
/// room that answers the click from afar must not be taken for them.
bool wiresRattle(const Tap& tap) {
    constexpr double surely = -4.0; // dB
    constexpr double perhaps = 2.0;
    const auto clarity = clarityOf(tap);
    return clarity && (*clarity < surely || (*clarity < perhaps && wiresSound(tap)));
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

/// The energy a listener gets from a partial once the blow itself is over: what stick, hand and wires throw
/// in is as loud, but gone by then.
double weightOf(const Partial& partial) {
    constexpr double blow = 0.05; // s
    const double left = partial.amplitude * std::exp(-rateOfT60(partial.t60) * blow);
    return left * left * partial.t60.value;
}

std::optional<Hertz> wantedOf(const std::optional<Expectation>& expected) {
    if (expected)
        for (const ExpectedMode& mode : expected->modes)
            if (mode.mode == expected->wanted)
                return mode.frequency;
    return std::nullopt;
}

/// The strongest partial, of one mode if that is given.
const Partial* strongest(const std::vector<Partial>& partials, std::optional<Mode> mode) {
    const Partial* best = nullptr;
    for (const Partial& partial : partials)
        if ((!mode || partial.mode == mode) && (best == nullptr || weightOf(partial) > weightOf(*best)))
            best = &partial;
    return best;
}

} // namespace

const char* verdictName(Verdict verdict) {
    switch (verdict) {
    case Verdict::Clear:
        return "clear";
    case Verdict::Rough:
        return "rough";
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
    case Verdict::Ambiguous:
        return "ambiguous";
    case Verdict::NotThisHead:
        return "not_this_head";
    case Verdict::Drowned:
        return "drowned";
    }
    return "no_tone";
}

const char* cautionName(Caution caution) {
    switch (caution) {
    case Caution::None:
        return "none";
    case Caution::WiresOn:
        return "wires_on";
    case Caution::Gated:
        return "gated";
    case Caution::GainFollows:
        return "gain_follows";
    }
    return "none";
}

Reading readTap(const Tap& heard, const ReadingOptions& options) {
    constexpr double leastGlide = 4.0; // cents
    constexpr double glideShows = 3.0; // standard errors
    Reading reading;
    const float peak = peakOf(heard.after);
    const auto steady = steadyLinesBefore(heard);
    const Tap cleaned = steady.empty() ? Tap{} : withoutLines(heard, steady);
    const auto dead = goesDeadAt(heard);
    const Tap cut = dead ? cutAt(steady.empty() ? heard : cleaned, *dead) : Tap{};
    const Tap& tap = dead ? cut : steady.empty() ? heard : cleaned;
    const bool gainFollows = !dead && floorSinks(heard);
    if (dead)
        reading.caution = Caution::Gated;
    else if (gainFollows)
        reading.caution = Caution::GainFollows;
    reading.levelDb = 20.0 * std::log10(static_cast<double>(peak) + 1e-9);

    const double noise = meanSquare(tap.before);
    const double overNoise = meanSquare(stretch(tap, 0.003, 0.1)) / std::max(noise, 1e-20);
    if (reading.levelDb < -70.0 || overNoise < 1.5) {
        reading.verdict = Verdict::TooQuiet;
        return reading;
    }
    const PowerSpectrum before = spectrumBefore(tap);
    reading.partials = findPartials(tap, before, options.mostPartials, wantedOf(options.expected));
    if (isClipped(heard.after, peak)) {
        reading.verdict = Verdict::Clipped;
        return reading;
    }
    // Loose wires fall back on the head as a second blow does, but they go on.
    const bool wiresFallBack = tap.struckTwice && wiresSound(tap) && wiresSound(tap, 0.15, 0.25);
    if (tap.struckTwice && !wiresFallBack) {
        reading.verdict = Verdict::StruckTwice;
        return reading;
    }
    if (wiresFallBack || wiresRattle(tap))
        reading.caution = Caution::WiresOn;
    if (swells(tap)) {
        reading.verdict = Verdict::NoTone;
        return reading;
    }
    const std::vector<Hertz> lines = steadyLines(tap, before, reading.partials);
    std::optional<Mode> wanted;
    if (options.expected && !reading.partials.empty()) {
        const Naming naming = namePartials(reading.partials, *options.expected, lines);
        if (naming.wanted != WantedMode::Found) {
            reading.verdict = naming.wanted == WantedMode::Drowned   ? Verdict::Drowned
                              : naming.wanted == WantedMode::Unheard ? Verdict::Ambiguous
                                                                     : Verdict::NotThisHead;
            return reading;
        }
        wanted = options.expected->wanted;
    }
    const Partial* chosen = strongest(reading.partials, wanted);
    if (chosen == nullptr) {
        reading.verdict = overNoise < 6.0 ? Verdict::TooQuiet : Verdict::NoTone;
        return reading;
    }
    const PartialInRoom room(tap, before, reading.partials);
    auto found = room.measured(*chosen);
    if (!found) {
        reading.verdict = Verdict::NoTone;
        return reading;
    }
    const auto showsGlide = [](const DrivenPartial& partial) {
        return partial.glide.value > leastGlide &&
               partial.glide.value > glideShows * partial.glideError.value;
    };
    // What falls far looks like a pair, too.
    std::optional<Cents> fell = glideFollowed(tap.after, tap.sampleRate, found->frequency);
    if (fell && found->beat)
        if (const auto one = room.measured(*chosen, false)) {
            found = one;
            fell = glideFollowed(tap.after, tap.sampleRate, one->frequency);
        }
    if (room.goesOn(*found, steady)) {
        reading.verdict = Verdict::Drowned;
        return reading;
    }
    reading.frequency = found->frequency;
    reading.standardError = found->standardError;
    if (reading.caution == Caution::WiresOn)
        reading.standardError = blurredByWires(found->standardError, found->frequency);
    if (!gainFollows)
        reading.t60 = found->t60;
    reading.beat = found->beat;
    if (fell || showsGlide(*found))
        reading.glide = fell.value_or(found->glide);
    if (const Partial* second = wanted == Mode{1, 1} ? strongest(reading.partials, Mode{2, 1}) : nullptr)
        if (const auto pair = room.measured(*second)) {
            reading.second = pair->frequency;
            reading.secondError = pair->standardError;
        }
    reading.verdict = reading.error() <= options.clear ? Verdict::Clear : Verdict::Rough;
    return reading;
}

} // namespace bombo
