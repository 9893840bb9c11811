#pragma once
/// JSON of what lies on a head: a part of the work, and of the mufflers of the user's own. Private to this
/// folder.
#include "core/record/json_enum.h"
#include "core/record/json_values.h"

namespace bombo {

BOMBO_STORED_NAMES(Footprint, {{Footprint::Disc, "disc"},
                               {Footprint::Ring, "ring"},
                               {Footprint::Across, "across"},
                               {Footprint::Arc, "arc"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PadKind, id, mass, lossFactor, radius, footprint, resistance,
                                                stiffness, delay, withTension, beneath, partOfHead)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(Pad, fromCentre, angle, kind)

} // namespace bombo
