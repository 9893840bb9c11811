#include "core/acoustics/weather.h"

#include "core/acoustics/film.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kSeaLevel = 101325.0; // Pa
constexpr double kLapse = 2.25577e-5;  // 1/m
constexpr double kExponent = 5.25588;

constexpr double kRodExpansion = 12e-6; // of steel, 1/K
constexpr double kRodToDepth = 0.5;     // a rod's length over the shell's: lugs half way down
constexpr double kFilmSwells = 0.15;    // standard error of what film swells by, as a share (estimate)
constexpr double kShellSwells = 0.4;    // of what a shell swells by, likewise
constexpr double kFollowsEvening = 0.1; // of its swelling that a shell takes on in an evening,
constexpr double kEveningError = 0.1;   // and its standard error (estimates)

} // namespace

Pascal pressureAt(Metres altitude) {
    return {kSeaLevel * std::pow(1.0 - kLapse * altitude.value, kExponent)};
}

Metres altitudeOf(Pascal pressure) {
    return {(1.0 - std::pow(pressure.value / kSeaLevel, 1.0 / kExponent)) / kLapse};
}

CarriedTension tensionInWeather(const Drum& drum, HeadSide side, Tension tension, const Weather& from,
                                const Weather& to, ShellFollows follows) {
    const HeadSpec& head = drum.head(side);
    const double radius = drum.shell.radius().value;
    const double rod = kRodToDepth * drum.shell.depth.value;
    const double warmer = to.temperature.value - from.temperature.value;
    const double damper = to.relativeHumidity - from.relativeHumidity;
    auto filmStiffness = [&](const Weather& weather) { // N/m for each metre that the hoop is pulled down
        const double factor = 1.0 + head.modulusPerKelvin * (weather.temperature.value - 20.0);
        return filmPerTurn(head, drum.shell).value * std::max(factor, 0.1) / kThreadPitch.value;
    };
    const double rig = drum.hoop.perTurn.value / kThreadPitch.value;
    // How far the hoop was pulled in all, shared by film and rig; the pull stays, what it draws over does
    // not.
    const double pulled = tension.value * (1.0 / filmStiffness(from) + 1.0 / rig);
    const double stiffness = 1.0 / (1.0 / filmStiffness(to) + 1.0 / rig);

    const bool evening = follows == ShellFollows::ThisEvening;
    const double share = evening ? kFollowsEvening : 1.0;
    const double swollen = drum.shell.expansionPerHumidity * damper; // once the shell has followed
    const double shell = drum.shell.expansionPerKelvin * warmer + share * swollen;
    const double film = head.expansionPerKelvin * warmer + head.expansionPerHumidity * damper;
    // A wider shell draws the film, a longer one its rods; a wider film and longer rods give way.
    const double drawn = (shell - film) * radius + (shell - kRodExpansion * warmer) * rod;

    const double ofShell = std::hypot(share * kShellSwells, evening ? kEveningError : 0.0) * swollen;
    const double ofFilm = kFilmSwells * head.expansionPerHumidity * damper;
    return {{std::max(0.0, (pulled + drawn) * stiffness)},
            {std::hypot(ofShell * (radius + rod), ofFilm * radius) * stiffness}};
}

} // namespace bombo
