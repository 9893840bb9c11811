#include "core/reading/clarity.h"

#include <algorithm>
#include <cmath>

namespace bombo {

std::vector<double> brightPowers(const Tap& tap, double corner) {
    const double pole = std::exp(-kTwoPi * corner / tap.sampleRate);
    double low = 0.0;
    double lower = 0.0;
    std::vector<double> powers;
    powers.reserve(tap.before.size() + tap.after.size());
    for (const std::vector<float>* part : {&tap.before, &tap.after})
        for (const float s : *part) { // two one-pole high-passes, one behind the other
            low = pole * low + (1.0 - pole) * s;
            const double once = s - low;
            lower = pole * lower + (1.0 - pole) * once;
            powers.push_back((once - lower) * (once - lower));
        }
    return powers;
}

std::optional<double> clarityOf(const Tap& tap) {
    constexpr double clickEnds = 0.006; // s
    constexpr double roomFrom = 0.008;
    constexpr double roomUntil = 0.1;
    constexpr double overFloor = 4.0;
    constexpr double silent = 1e-12;
    const auto powers = brightPowers(tap, 4000.0);
    double floor = 0.0;
    for (std::size_t i = 0; i < tap.before.size(); ++i)
        floor += powers[i] / static_cast<double>(tap.before.size());
    double click = 0.0;
    double after = 0.0;
    for (std::size_t i = 0; i < tap.after.size(); ++i) {
        const double t = static_cast<double>(i) / tap.sampleRate;
        const double power = powers[tap.before.size() + i] - floor;
        if (t < clickEnds)
            click += power;
        else if (t >= roomFrom && t < roomUntil)
            after += power;
    }
    if (click < overFloor * floor * clickEnds * tap.sampleRate + silent)
        return std::nullopt;
    return 10.0 * std::log10(click / std::max(after, silent));
}

} // namespace bombo
