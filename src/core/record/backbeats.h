#pragma once
/// What whole strokes tell of the hands that made them.
#include "core/faults/player_or_drum.h"
#include "core/record/work.h"

namespace bombo {

/// Those that compare with the last one, in order of time: strokes with and without wires do not, nor those
/// at two stops of the knob. Where each landed is told by the balance of edge and middle against the usual
/// one.
std::vector<Backbeat> backbeatsFrom(const std::vector<HeardStroke>& strokes);

} // namespace bombo
