#pragma once
#include "core/acoustics/coupled_modes.h"

namespace bombo {

/// Decay rate of a mode, 1/s in amplitude exp(-rate t): film and collar (each head's loss factor by its share
/// of the strain energy), edge, hoop and stand (constant), radiation. A real drum is not baffled, so that
/// its m = 0 modes radiate less than the Rayleigh integral says; they are counted at half. Estimates, see
/// docs/physics.md, section 6.
double decayRate(const CoupledMode& mode, const Drum& drum);

} // namespace bombo
