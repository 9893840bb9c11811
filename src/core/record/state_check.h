#pragma once
/// Whether a state that was read from a file can be worked on: every size, index, range and reference that
/// the rest of core relies on. A state that the program itself made always passes.
#include "core/record/session.h"
#include "core/units/result.h"

#include <optional>

namespace bombo {

/// The first thing that cannot be, by its place in the stored state.
std::optional<InputProblem> faultIn(const Work& work);
/// @param rods of the drum that the context belongs to
std::optional<InputProblem> faultIn(const Context& context, int rods);
std::optional<InputProblem> faultIn(const DrumRig& rig);
std::optional<InputProblem> faultIn(const PlaceRig& rig);

} // namespace bombo
