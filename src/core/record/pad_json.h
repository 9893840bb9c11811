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
inline void to_json(Json& nlohmann_json_j, const PadKind& nlohmann_json_t) {
    NLOHMANN_JSON_EXPAND(NLOHMANN_JSON_PASTE(NLOHMANN_JSON_TO, id, mass, lossFactor, lossRises, radius,
                                             footprint, resistance, stiffness, delay, withTension, beneath,
                                             partOfHead))
}
inline void from_json(const Json& nlohmann_json_j, PadKind& nlohmann_json_t) {
    // Things kept before losses had an exponent: gel has one, what was calibrated was fitted without.
    PadKind nlohmann_json_default_obj;
    if (!nlohmann_json_j.value("id", std::string()).starts_with("gel-pad"))
        nlohmann_json_default_obj.lossRises = 0.0;
    NLOHMANN_JSON_EXPAND(NLOHMANN_JSON_PASTE(NLOHMANN_JSON_FROM_WITH_DEFAULT, id, mass, lossFactor, lossRises,
                                             radius, footprint, resistance, stiffness, delay, withTension,
                                             beneath, partOfHead))
}
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(Pad, fromCentre, angle, kind)

} // namespace bombo
