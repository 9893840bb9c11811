#pragma once
/// What the parts of the practice drum share of its hidden nature: never for advice.
#include "core/acoustics/coupled_modes.h"
#include "core/practice/practice_drum.h"

namespace bombo {

/// Its heads as they stand in that weather, even.
DrumState meanState(const Drum& drum, const HiddenNature& nature, const PracticeState& state,
                    const Weather& weather);
/// The modes of this drum, which are not quite the model's.
std::vector<CoupledMode> trueModes(const DrumState& drum, const HiddenNature& nature,
                                   const ModeOptions& options = {});
/// Pull of the strainer over the mass it holds, m/s^2.
double wirePull(Turns strainer, const HiddenNature& nature);
/// Of the strands' mass, what the head carries along.
double movingWires(const Drum& drum);

std::uint64_t mix(std::uint64_t a, std::uint64_t b);
std::uint64_t natureSeed(const HiddenNature& nature);

} // namespace bombo
