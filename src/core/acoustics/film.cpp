#include "core/acoustics/film.h"

namespace bombo {

Tension filmPerTurn(const HeadSpec& head, const Shell& shell) {
    return {head.modulus.value * head.thickness.value / (1.0 - head.poisson) * kThreadPitch.value /
            shell.radius().value};
}

Tension tensionPerTurnPrior(const Drum& drum, HeadSide side) {
    const double film = filmPerTurn(drum.head(side), drum.shell).value;
    return {1.0 / (1.0 / film + 1.0 / drum.hoop.perTurn.value)};
}

} // namespace bombo
