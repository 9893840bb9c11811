#include "core/reading/hit_portrait.h"

#include "core/reading/bands.h"
#include "core/reading/partial_in_room.h"
#include "core/reading/steady_sound.h"

#include <algorithm>
#include <cmath>
#include <tuple>
#include <utility>

namespace bombo {
namespace {

constexpr double kFrame = 0.012; // seconds
constexpr double kBrightest = 12000.0;
constexpr double kLeastFallError = 0.06; // shares of T60 by which strokes alike to the hand differ; estimate
constexpr double kShortFallError = 0.15; // where noise leaves 15 dB of fall
constexpr double kRoomTakesOver = 1.5;   // whole fall over its first part: of drums alone it stays below 1.3
constexpr double kFirstFallError = 0.10; // of the first part, where the rest is a room's

double levelIn(std::span<const float> samples, double rate, double from, double to) {
    if (samples.size() < 16)
        return 0.0;
    return bandPower(powerSpectrum(samples, rate, 1024, 0.0), from, to);
}

/// Time by which the band falls 60 dB, after the last frames above two levels; what sounded before is taken
/// off.
struct FallTime {
    Seconds t60;
    Seconds error;
};
std::optional<FallTime> fallTime(const Tap& hit, double from, double to) {
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
    std::vector<Seconds> found; // by the longer stretch first
    for (const double db : {35.0, 20.0}) {
        if (peak * std::pow(10.0, -db / 10.0) < 4.0 * before)
            continue; // noise would be taken for the end of the decay
        const auto end = lastAbove(db);
        if (start && end && *end > *start)
            found.push_back(Seconds{60.0 / (db - 5.0) * (*end - *start)});
    }
    if (found.size() == 2) {
        const double apart = std::abs(found[0].value - found[1].value);
        if (found[0].value > kRoomTakesOver * found[1].value)
            return FallTime{found[1], Seconds{std::max(kFirstFallError * found[1].value, 0.25 * apart)}};
        // No drum falls quite evenly: what its first fall and the whole of it differ by.
        return FallTime{found[0], Seconds{std::max(kLeastFallError * found[0].value, 0.5 * apart)}};
    }
    if (found.size() == 1)
        return FallTime{found[0], Seconds{kShortFallError * found[0].value}};
    return std::nullopt;
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

/// A partial's frequency and standard error in the room; where that finds nothing to hold on to, as its band
/// has it, and unsure.
std::pair<Hertz, Hertz> measured(const PartialInRoom& room, const Partial& partial) {
    constexpr double unsure = 0.015; // of the frequency: 26 cents
    constexpr double near = 0.03;
    const auto found = room.measured(partial);
    if (found && std::abs(found->frequency / partial.frequency - 1.0) < near)
        return {found->frequency, found->standardError};
    return {partial.frequency, partial.frequency * unsure};
}

} // namespace

double loudness(const Partial& p) {
    return p.amplitude * p.amplitude * p.t60.value;
}

HitLengths lengthsOf(const Tap& heard) {
    const Tap hit = withoutLines(heard, steadyLinesBefore(heard));
    HitLengths lengths;
    if (const auto fall = fallTime(hit, kLowestPartial.value, kHighestPartial.value)) {
        lengths.tone = fall->t60;
        lengths.toneError = fall->error;
    }
    lengths.wires = wiresSound(hit, 0.012, 0.06); // a short buzz is over soon after the blow
    if (!lengths.wires)
        return lengths;
    if (const auto fall =
            fallTime(hit, kLowestBuzz.value, std::min(kHighestBuzz.value, 0.45 * hit.sampleRate))) {
        lengths.buzz = fall->t60;
        lengths.buzzError = fall->error;
    }
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
    auto centre = nearestTo(std::as_const(portrait.partials), expected, 0.1 * kBodyShare * loudest);
    portrait.centreFound = !expected || centre != portrait.partials.cend();
    if (centre == portrait.partials.cend())
        centre = std::find_if(portrait.partials.cbegin(), portrait.partials.cend(),
                              [&](const Partial& p) { return loudness(p) >= kBodyShare * loudest; });
    if (centre == portrait.partials.cend())
        return failure(PortraitFault::NoTone);
    const PowerSpectrum before = spectrumBefore(hit);
    const PartialInRoom room(hit, before, portrait.partials);
    const auto [centreAt, centreError] = measured(room, *centre);
    portrait.centre = centreAt;
    portrait.centreError = centreError;
    double best = 0.001 * loudest;
    const Partial* edge = nullptr;
    for (const Partial& p : portrait.partials) {
        const double ratio = p.frequency / centre->frequency;
        if (ratio > kLowestEdgeRatio && ratio < kHighestEdgeRatio && loudness(p) > best) {
            best = loudness(p);
            edge = &p;
        }
    }
    if (edge != nullptr)
        std::tie(portrait.edge, portrait.edgeError) = measured(room, *edge);
    const HitLengths lengths = lengthsOf(hit);
    portrait.ring = lengths.tone;
    portrait.ringError = lengths.toneError;
    portrait.buzz = lengths.buzz;
    portrait.buzzError = lengths.buzzError;
    portrait.wires = lengths.wires;
    if (lengths.wires) {
        portrait.centreError = blurredByWires(portrait.centreError, portrait.centre);
        if (portrait.edge)
            portrait.edgeError = blurredByWires(*portrait.edgeError, *portrait.edge);
    }
    portrait.brightness = brightnessOf(hit);
    return portrait;
}

} // namespace bombo
