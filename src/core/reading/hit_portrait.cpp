#include "core/reading/hit_portrait.h"

#include "core/reading/bands.h"
#include "core/reading/steady_sound.h"

#include "core/units/median.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kFrame = 0.012; // seconds
constexpr double kBrightest = 12000.0;

double levelIn(std::span<const float> samples, double rate, double from, double to) {
    if (samples.size() < 16)
        return 0.0;
    return bandPower(powerSpectrum(samples, rate, 1024, 0.0), from, to);
}

/// Time by which the band falls 60 dB, after the last frames above two levels; what sounded before is taken
/// off.
std::optional<Seconds> fallTime(const Tap& hit, double from, double to) {
    const double before = levelIn(hit.before, hit.sampleRate, from, to);
    std::vector<double> power;
    const double length = static_cast<double>(hit.after.size()) / hit.sampleRate;
    for (double t = 0.0; t + kFrame <= length; t += 0.5 * kFrame)
        power.push_back(levelIn(stretch(hit, t, t + kFrame), hit.sampleRate, from, to));
    if (power.empty())
        return std::nullopt;
    const double peak = *std::max_element(power.begin(), power.end());
    auto lastAbove = [&](double db) -> std::optional<double> {
        const double level = peak * std::pow(10.0, -db / 10.0);
        // Interpolated in decibels between the last frame above and the next one.
        for (std::size_t i = power.size(); i-- > 0;) {
            const double here = power[i] - before;
            if (here < level)
                continue;
            if (i + 1 == power.size())
                return std::nullopt; // it never falls so far within the recording
            const double next = std::max(power[i + 1] - before, 1e-6 * level);
            const double share = std::log(here / level) / std::log(here / next);
            return 0.5 * kFrame * (static_cast<double>(i) + std::clamp(share, 0.0, 1.0));
        }
        return std::nullopt;
    };
    const auto start = lastAbove(5.0);
    for (const double db : {35.0, 20.0}) {
        if (peak * std::pow(10.0, -db / 10.0) < 4.0 * before)
            continue; // noise would be taken for the end of the decay
        const auto end = lastAbove(db);
        if (start && end && *end > *start)
            return Seconds{60.0 / (db - 5.0) * (*end - *start)};
    }
    return std::nullopt;
}

double loudness(const Partial& p) {
    return p.amplitude * p.amplitude * p.t60.value;
}

Hertz brightnessOf(const Tap& hit) {
    const auto spectrum = powerSpectrum(stretch(hit, 0.0, 0.15), hit.sampleRate, 8192, 0.0);
    double sum = 0.0;
    double moment = 0.0;
    const double top = std::min(kBrightest, 0.45 * hit.sampleRate);
    for (std::size_t i = 0; i < spectrum.power.size(); ++i) {
        const double f = static_cast<double>(i) * spectrum.binWidth;
        if (f < kLowestPartial.value || f > top)
            continue;
        sum += spectrum.power[i];
        moment += f * spectrum.power[i];
    }
    return {sum > 0.0 ? moment / sum : 0.0};
}

template <class T> std::optional<T> median(std::vector<T> values) {
    return values.empty() ? std::nullopt : std::optional(medianOf(std::move(values)));
}

/// The partial nearest to where the lowest (0,1) is expected, within twice the spread; end where none is.
std::vector<Partial>::const_iterator nearestTo(const std::vector<Partial>& partials,
                                               const std::optional<Expectation>& expected, double least) {
    auto nearest = partials.end();
    if (!expected)
        return nearest;
    const auto wanted = std::find_if(expected->modes.begin(), expected->modes.end(), [](const auto& mode) {
        return mode.mode == Mode{0, 1};
    });
    if (wanted == expected->modes.end())
        return nearest;
    const auto away = [&](const Partial& p) {
        return std::abs(centsBetween(wanted->frequency, p.frequency).value);
    };
    for (auto p = partials.begin(); p != partials.end(); ++p)
        if (loudness(*p) >= least && away(*p) < 2.0 * expected->spread.value &&
            (nearest == partials.end() || away(*p) < away(*nearest)))
            nearest = p;
    return nearest;
}

} // namespace

HitLengths lengthsOf(const Tap& heard) {
    const Tap hit = withoutLines(heard, steadyLinesBefore(heard));
    HitLengths lengths;
    lengths.tone = fallTime(hit, kLowestPartial.value, kHighestPartial.value);
    lengths.wires = wiresSound(hit, 0.012, 0.06); // a short buzz is over soon after the blow
    if (lengths.wires)
        lengths.buzz = fallTime(hit, kLowestBuzz.value, std::min(kHighestBuzz.value, 0.45 * hit.sampleRate));
    return lengths;
}

Result<HitPortrait, PortraitFault> portraitOf(const Tap& hit) {
    return portraitFrom(hit, readTap(hit));
}

Result<HitPortrait, PortraitFault> portraitFrom(const Tap& hit, const Reading& reading,
                                                const std::optional<Expectation>& expected) {
    if (reading.verdict == Verdict::TooQuiet)
        return failure(PortraitFault::TooQuiet);
    if (reading.verdict == Verdict::Clipped)
        return failure(PortraitFault::Clipped);
    if (reading.verdict == Verdict::StruckTwice)
        return failure(PortraitFault::StruckTwice);

    HitPortrait portrait;
    portrait.partials = reading.partials;
    double loudest = 0.0;
    for (const Partial& p : reading.partials)
        loudest = std::max(loudest, loudness(p));
    constexpr double strong = 0.01; // of the loudest: 20 dB below is still the body
    auto centre = nearestTo(std::as_const(portrait.partials), expected, 0.1 * strong * loudest);
    portrait.centreFound = !expected || centre != portrait.partials.cend();
    if (centre == portrait.partials.cend())
        centre = std::find_if(portrait.partials.cbegin(), portrait.partials.cend(),
                              [&](const Partial& p) { return loudness(p) >= strong * loudest; });
    if (centre == portrait.partials.cend())
        return failure(PortraitFault::NoTone);
    portrait.centre = centre->frequency;
    double best = 0.001 * loudest;
    for (const Partial& p : portrait.partials) {
        const double ratio = p.frequency / portrait.centre;
        if (ratio > 1.2 && ratio < 1.85 && loudness(p) > best) {
            best = loudness(p);
            portrait.edge = p.frequency;
        }
    }
    const HitLengths lengths = lengthsOf(hit);
    portrait.ring = lengths.tone;
    portrait.buzz = lengths.buzz;
    portrait.wires = lengths.wires;
    portrait.brightness = brightnessOf(hit);
    return portrait;
}

HitPortrait middleOf(std::vector<HitPortrait> hits) {
    std::sort(hits.begin(), hits.end(),
              [](const HitPortrait& a, const HitPortrait& b) { return a.centre < b.centre; });
    HitPortrait middle = hits[hits.size() / 2];
    std::vector<double> ratios;
    std::vector<Seconds> rings;
    std::vector<Seconds> buzzes;
    std::vector<Hertz> brightness;
    for (const HitPortrait& hit : hits) {
        if (hit.edge)
            ratios.push_back(*hit.edge / hit.centre);
        if (hit.ring)
            rings.push_back(*hit.ring);
        if (hit.buzz)
            buzzes.push_back(*hit.buzz);
        brightness.push_back(hit.brightness);
    }
    const auto ratio = median(ratios);
    middle.edge = ratio ? std::optional(middle.centre * *ratio) : std::nullopt;
    middle.ring = median(rings);
    // Wires count as on when most hits had them.
    middle.buzz = 2 * buzzes.size() > hits.size() ? median(buzzes) : std::nullopt;
    middle.brightness = *median(brightness);
    return middle;
}

} // namespace bombo
