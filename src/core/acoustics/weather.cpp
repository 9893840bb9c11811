#include "core/acoustics/weather.h"

#include "core/acoustics/film.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kSeaLevel = 101325.0; // Pa
constexpr double kLapse = 2.25577e-5;  // 1/m
constexpr double kExponent = 5.25588;

} // namespace

Pascal pressureAt(Metres altitude) {
    return {kSeaLevel * std::pow(1.0 - kLapse * altitude.value, kExponent)};
}

Metres altitudeOf(Pascal pressure) {
    return {(1.0 - std::pow(pressure.value / kSeaLevel, 1.0 / kExponent)) / kLapse};
}

Tension tensionInWeather(const Drum& drum, HeadSide side, Tension tension, const Weather& from,
                         const Weather& to) {
    const HeadSpec& head = drum.head(side);
    const double warmer = to.temperature.value - from.temperature.value;
    const double damper = to.relativeHumidity - from.relativeHumidity;
    auto filmStiffness = [&](const Weather& weather) { // N/m for each metre that the hoop is pulled down
        const double factor = 1.0 + head.modulusPerKelvin * (weather.temperature.value - 20.0);
        return filmPerTurn(head, drum.shell).value * std::max(factor, 0.1) / kThreadPitch.value;
    };
    const double rig = drum.hoop.perTurn.value / kThreadPitch.value;
    // How far the hoop was pulled in all, shared by film and rig; the pull stays, the film's own length does
    // not.
    const double pulled = tension.value * (1.0 / filmStiffness(from) + 1.0 / rig);
    const double film = head.expansionPerKelvin * warmer + head.expansionPerHumidity * damper;
    const double shell = drum.shell.expansionPerKelvin * warmer + drum.shell.expansionPerHumidity * damper;
    const double slackened = (film - shell) * drum.shell.radius().value;
    return {std::max(0.0, (pulled - slackened) / (1.0 / filmStiffness(to) + 1.0 / rig))};
}

} // namespace bombo
