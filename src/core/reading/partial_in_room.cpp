#include "core/reading/partial_in_room.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace bombo {
namespace {

constexpr double kCloseCents =
    130.0; ///< partials nearer than this are one split pair: heads uneven by 65 cents

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

/// Where nothing pushes and no glide shows, a sum of exponentials is all there is, and finer. A glide that
/// cannot be ruled out, on short taps, stays in the error.
DrivenPartial inTheDry(DrivenPartial found, const Pair& near) {
    constexpr double still = 0.2;       // 1/s
    constexpr double glideKnown = 2.5;  // cents
    constexpr double agree = 4.0;       // standard errors
    constexpr double leftOfGlide = 0.3; // of the error that a free glide brings
    constexpr double leftOfPushes = 0.7;
    constexpr double pushesShow = 0.1;                 // 1/s
    constexpr double finest = 0.3 / kCentsOfFrequency; // of the frequency: no drum is nearer to its model
    if (found.roomPower > still || found.glide.value > 3.0 * found.glideError.value ||
        found.beat.has_value() != near.beat.has_value() ||
        std::abs(found.frequency.value - near.mean.value) >
            agree * std::hypot(found.standardError.value, near.error.value))
        return found;
    const double glides = found.glideError.value > glideKnown ? leftOfGlide : 0.0;
    const double pushes = leftOfPushes * std::min(1.0, found.roomPower / pushesShow);
    found.standardError = Hertz{std::hypot(
        near.error.value, std::max(glides, pushes) * found.standardError.value, finest * near.mean.value)};
    found.frequency = near.mean;
    found.t60 = near.t60;
    found.beat = near.beat;
    return found;
}

} // namespace

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

std::optional<DrivenPartial> PartialInRoom::measured(const Partial& chosen, bool mayBePair) const {
    constexpr double recentre = 8.0; // Hz
    constexpr double pairMustShow =
        4.0; // of the logarithm of density: it has more to turn, and rooms make pairs of single partials
    const Partial& base = longestBeside(m_partials, chosen);
    const Pair near = withNeighbours(m_partials, base);
    auto one = drivenPartial(m_tap.after, m_tap.sampleRate, optionsAt(near.mean));
    if (one && std::abs(one->frequency.value - near.mean.value) > recentre)
        if (auto again = drivenPartial(m_tap.after, m_tap.sampleRate, optionsAt(one->frequency)))
            one = again;
    if (const auto pair = mayBePair ? pairAt(base) : std::nullopt) {
        DrivenOptions options = optionsAt(near.mean);
        options.pair = pair;
        const auto both = drivenPartial(m_tap.after, m_tap.sampleRate, options);
        if (one && both && both->logDensity > one->logDensity + pairMustShow)
            one = both;
    }
    return one ? std::optional(inTheDry(*one, near)) : one;
}

bool PartialInRoom::goesOn(const DrivenPartial& found, const std::vector<SteadyLine>& taken) const {
    constexpr double lasts = 0.6;     // s
    constexpr double share = 0.01;    // of its amplitude
    constexpr double standsOut = 3.0; // over the floor beside it
    if (found.t60.value < lasts || m_tap.before.size() < 1024)
        return false;
    // A line that was taken away leaves something of itself where the tap is short.
    constexpr double beside = 8.0; // Hz
    for (const SteadyLine& line : taken)
        if (std::abs(line.frequency.value - found.frequency.value) < beside &&
            std::hypot(line.cosine, line.sine) > share * found.amplitude)
            return true;
    const auto before = [&](double away) {
        return amplitudeAt(m_tap.before, m_tap.sampleRate, found.frequency + Hertz{away});
    };
    const double floor = 0.25 * (before(-45.0) + before(-30.0) + before(30.0) + before(45.0));
    return before(0.0) > std::max(share * found.amplitude, standsOut * floor);
}

DrivenOptions PartialInRoom::optionsAt(Hertz centre) const {
    return {.centre = centre, .pair = std::nullopt, .neighbours = besides(centre), .noise = noiseAt(centre)};
}

/// Other partials that reach into the band, strongest first.
std::vector<Partial> PartialInRoom::besides(Hertz centre) const {
    const double own = std::max(28.0, 0.15 * centre.value); // Hz; nearer ones are what the room makes of it
    constexpr double reach = 130.0;                         // Hz
    constexpr double least = 0.05;                          // of the strongest
    std::vector<Partial> others;
    double strongest = 0.0;
    for (const Partial& p : m_partials) {
        strongest = std::max(strongest, p.amplitude);
        const double away = std::abs(p.frequency.value - centre.value);
        if (away > own && away < reach)
            others.push_back(p);
    }
    std::erase_if(others, [&](const Partial& p) { return p.amplitude < least * strongest; });
    std::sort(others.begin(), others.end(),
              [](const Partial& a, const Partial& b) { return a.amplitude > b.amplitude; });
    return others;
}

/// The two strongest partials there that last alike.
std::optional<std::pair<Partial, Partial>> PartialInRoom::pairAt(const Partial& base) const {
    const Partial* twin = nullptr;
    for (const Partial& p : m_partials)
        if (&p != &base && std::abs(centsBetween(base.frequency, p.frequency).value) <= kCloseCents &&
            p.amplitude >= 0.08 * base.amplitude && p.t60.value >= kLastAlike * base.t60.value &&
            (twin == nullptr || p.amplitude > twin->amplitude))
            twin = &p;
    return twin == nullptr ? std::nullopt : std::optional(std::pair(base, *twin));
}

double PartialInRoom::noiseAt(Hertz centre) const {
    constexpr double reach = 60.0; // Hz
    double sum = 0.0;
    int count = 0;
    for (std::size_t i = 0; i < m_before.power.size(); ++i)
        if (std::abs(static_cast<double>(i) * m_before.binWidth - centre.value) < reach) {
            sum += m_before.power[i];
            ++count;
        }
    return count == 0 ? 0.0 : sum / count;
}

} // namespace bombo
