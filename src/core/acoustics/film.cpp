#include "core/acoustics/film.h"

namespace bombo {

Tension tensionPerTurnPrior(const HeadSpec& head, const Shell& shell) {
    constexpr double threadPitch = 0.0254 / 24.0; // m per turn, 24 threads an inch
    constexpr double rig = 1800.0;                // N/m per turn: hoop, collar, lugs in series; estimate
    const double film =
        head.modulus.value * head.thickness.value / (1.0 - head.poisson) * threadPitch / shell.radius().value;
    return {1.0 / (1.0 / film + 1.0 / rig)};
}

} // namespace bombo
