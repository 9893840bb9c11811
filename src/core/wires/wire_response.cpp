#include "core/wires/wire_response.h"

#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr Hertz kHighestFelt{1500.0};
constexpr Hertz kSoftTip{1800.0};

double radiusOf(StrokePlace place) {
    return place == StrokePlace::Edge ? 0.75 : 0.08;
}

} // namespace

std::vector<StrokeMode> strokeModes(const Drum& drum, const DrumState& state, StrokePlace place) {
    std::vector<StrokeMode> modes;
    for (const CoupledMode& mode : coupledModes(state)) {
        if (mode.frequency > kHighestFelt)
            continue;
        const double softTip = std::exp(-std::pow(mode.frequency / kSoftTip, 2));
        StrokeMode stroke{mode.frequency, decayRate(mode, drum), mode.modalMass,
                          shapeAt(mode.m, mode.batterShape, radiusOf(place)) * softTip /
                              mode.modalMass.value};
        for (std::size_t i = 0; i < kUnderWires.size(); ++i) // the stroke lies over the wires
            stroke.under[i] = shapeAt(mode.m, mode.snareSideShape, std::abs(kUnderWires[i])) *
                              (kUnderWires[i] < 0.0 && mode.m % 2 != 0 ? -1.0 : 1.0);
        modes.push_back(stroke);
    }
    std::sort(modes.begin(), modes.end(),
              [](const StrokeMode& a, const StrokeMode& b) { return a.frequency < b.frequency; });
    return modes;
}

double wireDrive(const Drum& drum, const DrumState& state, StrokePlace place) {
    constexpr double step = 5e-5; // s: thirteen to a period of the highest mode
    constexpr double until = 0.03;
    const auto modes = strokeModes(drum, state, place);
    std::array<double, kUnderWires.size()> highest{};
    for (double t = step; t < until; t += step) {
        std::array<double, kUnderWires.size()> falling{};
        for (const StrokeMode& mode : modes) {
            const double omega = 2.0 * std::numbers::pi * mode.frequency.value;
            // From rest with that velocity: the deflection is v/w sin(w t), the acceleration -v w sin(w t).
            const double acceleration =
                mode.velocity * omega * std::exp(-mode.rate * t) * std::sin(omega * t);
            for (std::size_t i = 0; i < falling.size(); ++i)
                falling[i] += acceleration * mode.under[i];
        }
        for (std::size_t i = 0; i < falling.size(); ++i)
            highest[i] = std::max(highest[i], falling[i]);
    }
    double sum = 0.0;
    for (const double one : highest)
        sum += one;
    return sum / static_cast<double>(highest.size());
}

Turns chokeShift(const Drum& drum, const DrumState& from, const DrumState& to, StrokePlace place) {
    const double ratio = wireDrive(drum, to, place) / wireDrive(drum, from, place);
    return {kTurnsPerDynamic * 2.0 * std::log10(ratio)};
}

EighthMore eighthMore(const Drum& drum, const DrumState& state, Tension perTurn) {
    DrumState then = state;
    then.snareSide.tension = state.snareSide.tension + 0.125 * perTurn;
    EighthMore more;
    more.room = chokeShift(drum, state, then, StrokePlace::Edge);
    more.loadNow = filmLoad(drum.snareSideHead, state.snareSide.tension);
    more.loadThen = filmLoad(drum.snareSideHead, then.snareSide.tension);
    more.raised = Cents{600.0 * std::log2(then.snareSide.tension / state.snareSide.tension)};
    return more;
}

} // namespace bombo
