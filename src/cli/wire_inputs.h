#pragma once
#include "cli/verbs.h"
#include "core/wires/sympathy.h"
#include "core/wires/wire_fit.h"

namespace bombo::cli {

/// {"strands_m", "plate_m", "wall_m"[, "strainer_drop_m", "butt_drop_m", "m_per_turn", "travel_turns",
/// "knob_turns", "strainer_gap_m", "butt_gap_m", "attachment": strap or cord, "school": strainer_first or
/// butt_first]}
Result<WireLayout, InputProblem> layoutAt(const Json& in);
Json fitJson(const Shell& shell, const WireLayout& layout);

/// "neighbours": of "name", "kind", and "pitch_hz" or "partials" of "frequency_hz", "t60_s", "level_db"
Result<std::vector<Neighbour>, InputProblem> neighboursAt(const Json& in);

} // namespace bombo::cli
