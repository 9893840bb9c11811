#include "core/reading/gate.h"

#include "core/reading/bands.h"
#include "core/reading/clarity.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <vector>

namespace bombo {

std::optional<Seconds> goesDeadAt(const Tap& tap) {
    constexpr double frame = 0.008;   // s
    constexpr std::size_t within = 3; // frames
    constexpr double falls = 1000.0;  // in power
    constexpr std::size_t before = 2; // frames that belong to the blow
    std::vector<double> power;
    const double length = static_cast<double>(tap.after.size()) / tap.sampleRate;
    for (double t = 0.0; t + frame <= length; t += frame) {
        double sum = 0.0;
        for (const float s : stretch(tap, t, t + frame))
            sum += static_cast<double>(s) * s;
        power.push_back(sum);
    }
    if (power.size() < before + 2 * within)
        return std::nullopt;
    std::optional<std::size_t> dead;
    double later = 0.0; // the highest from `within` frames on
    for (std::size_t i = power.size() - within; i-- > before;) {
        later = std::max(later, power[i + within]);
        if (power[i] > falls * later)
            dead = i;
        else if (dead)
            break; // that was where the fall began
    }
    if (!dead)
        return std::nullopt;
    return Seconds{frame * static_cast<double>(*dead + 1)};
}

bool floorSinks(const Tap& tap) {
    constexpr double sinks = 3.3;   // in power
    constexpr double heard = 1e-11; // mean square: below, the floor is the converter's
    const auto powers = brightPowers(tap, 1000.0);
    const auto frame = static_cast<std::size_t>(0.06 * tap.sampleRate);
    const auto meanFrom = [&](std::size_t from, std::size_t count) {
        return std::accumulate(powers.begin() + static_cast<std::ptrdiff_t>(from),
                               powers.begin() + static_cast<std::ptrdiff_t>(from + count), 0.0) /
               static_cast<double>(count);
    };
    const std::size_t settles = std::min<std::size_t>(64, tap.before.size()); // of the filter
    // A loud blow begins a little before its onset is told; that is not the floor.
    const auto blow = static_cast<std::size_t>(0.006 * tap.sampleRate);
    if (tap.before.size() < frame + blow)
        return false;
    const double before = meanFrom(settles, tap.before.size() - settles - blow);
    if (before < heard)
        return false;
    for (auto from = tap.before.size() + static_cast<std::size_t>(0.15 * tap.sampleRate);
         from + frame <= powers.size(); from += frame / 3)
        if (meanFrom(from, frame) * sinks < before)
            return true;
    return false;
}

} // namespace bombo
