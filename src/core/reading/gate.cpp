#include "core/reading/gate.h"

#include "core/reading/bands.h"

#include <algorithm>
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

} // namespace bombo
