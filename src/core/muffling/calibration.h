#pragma once
/// What a thing of one's own weighs and takes, from hearing the drum without it and with it.
#include "core/acoustics/coupled_modes.h"
#include "core/muffling/kinds.h"
#include "core/units/result.h"

#include <vector>

namespace bombo {

/// A partial heard without and with the thing at one place.
struct HeardBoth {
    int m = 0;
    int order = 1;
    Hertz without;
    Hertz with;
    Seconds t60Without;
    Seconds t60With;
};

enum class CalibrationFault {
    TooFewPartials, ///< that are modes of this drum
    NothingChanged, ///< the thing shortens nothing
    DoesNotFit      ///< no mass at that place moves the partials so
};
inline constexpr Kilograms kLightestThing{5e-5};
inline constexpr Kilograms kHeaviestThing{0.3};

/// Mass and loss of a thing from two hits on the same drum, without and with it, by the coupled modes of
/// PaddedModes, so that a partial above the thing's own resonance may rise: least squares over the partials,
/// of each pair the member under the thing, strays counted little. What it gains as loss is given as a drag
/// where that grows slower than the pitch, as loss of its mass otherwise; from a single partial as a drag.
/// DoesNotFit where the best leaves more than half of what the middle partial moved, or is the lightest thing
/// there can be.
/// @param pad where it lay; its radius and footprint are kept
/// @param others what lay there both times
Result<PadKind, CalibrationFault> calibrateKind(const DrumState& state, const Pad& pad,
                                                const std::vector<HeardBoth>& partials,
                                                const std::vector<Pad>& others = {});

} // namespace bombo
