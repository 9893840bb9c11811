#pragma once
/// The pitches drummers name, from the modes of the two-head system.
#include "core/acoustics/coupled_modes.h"

namespace bombo {

struct NamedPitches {
    Hertz batterEdge;        ///< (1,1) of the batter with the snare side muted
    Hertz batterEdgeOpen;    ///< the same with both heads free
    Hertz snareSideEdge;     ///< (1,1) of the snare side with the batter muted
    Hertz snareSideEdgeOpen; ///< the same with both heads free
    Hertz centre;            ///< lowest (0,1), both heads free
    double edgeOverCentre;   ///< batterEdgeOpen / centre
    bool ratioReversed; ///< the lowest (1,1) is the snare side's own: the ratio answers the other way round
};

/// @pre tensions > 0
NamedPitches namedPitches(const DrumState& drum);

/// Edge pitch of one head with the other muted: the lowest m = 1 mode.
Hertz edgePitch(const DrumState& drum, HeadSide side);

/// All modes of one head with the other muted, ascending within each m.
std::vector<CoupledMode> mutedModes(const DrumState& drum, HeadSide side);

} // namespace bombo
