#pragma once
/// Where film, rods and rig come to rest in other weather, for tests: by forces, not by the formula of
/// core/acoustics/weather.
#include "core/acoustics/air.h"
#include "core/drum/drum.h"

namespace bombo::testing {

/// The tension that a drum taken elsewhere comes to rest at, by bisection of how far the hoop lies below the
/// edge: what the film pulls there against what rods and rig let it.
/// @param follows share of its swelling that the shell takes on
inline double restingTension(const Drum& drum, double tension, const Weather& from, const Weather& to,
                             double follows, HeadSide side = HeadSide::Batter) {
    const HeadSpec& head = drum.head(side);
    const double a = drum.shell.diameter.value / 2.0;
    const double rod = drum.shell.depth.value / 2.0; // lugs half way down
    const double rig = drum.hoop.perTurn.value / (0.0254 / 24.0);
    auto modulus = [&](const Weather& weather) {
        return head.modulus.value * head.thickness.value / (1.0 - head.poisson) *
               (1.0 + head.modulusPerKelvin * (weather.temperature.value - 20.0));
    };
    const double warmer = to.temperature.value - from.temperature.value;
    const double damper = to.relativeHumidity - from.relativeHumidity;
    const double shell =
        drum.shell.expansionPerKelvin * warmer + follows * drum.shell.expansionPerHumidity * damper;
    const double film = head.expansionPerKelvin * warmer + head.expansionPerHumidity * damper;
    // As it was: the hoop lay so far below the edge, and the rods reached beyond by what the rig gave.
    const double lay = tension / modulus(from) * a;
    const double reach = lay + tension / rig;
    const double reachThere = reach + rod * (shell - 12e-6 * warmer);
    double low = -0.01;
    double high = 0.02;
    for (int step = 0; step < 80; ++step) {
        const double hoop = 0.5 * (low + high);
        const double pulls = modulus(to) * (hoop / a + shell - film);
        (pulls < rig * (reachThere - hoop) ? low : high) = hoop;
    }
    return modulus(to) * (low / a + shell - film);
}

} // namespace bombo::testing
