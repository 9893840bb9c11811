#pragma once
#include "core/acoustics/coupled_modes.h"

namespace bombo {

/// Decay rate of a mode, 1/s in amplitude exp(-rate t): film and collar (each head's loss factor by its share
/// of the strain energy), edge, hoop and stand (constant), radiation. Estimates, see docs/physics.md,
/// section 6.
double decayRate(const CoupledMode& mode, const Drum& drum);

/// A mode with how fast it turns and dies.
struct DampedMode {
    CoupledMode mode;
    double omega = 0; ///< rad/s
    double rate = 0;  ///< of decay, 1/s
};
/// @param damping factor on the drum's own decay rates
std::vector<DampedMode> dampedModes(std::vector<CoupledMode> modes, const Drum& drum, double damping = 1.0);

} // namespace bombo
