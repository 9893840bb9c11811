#pragma once
/// The modes of a head with rings along its hoop.
#include "core/acoustics/damping.h"
#include "core/muffling/kinds.h"

namespace bombo {

/// What things all along the hoop make of the modes: those of each m mix, both members alike. Mass and
/// stiffness by Rayleigh and Ritz in all modes given, loss to first order in the mixed shapes.
/// @return in the order of `modes`, each where most of it came from
std::vector<DampedMode> withRings(const std::vector<DampedMode>& modes, const std::vector<Pad>& rings,
                                  const DrumState& state);

} // namespace bombo
