#pragma once
#include "cli/verbs.h"
#include "core/muffling/calibration.h"
#include "core/muffling/hearing_point.h"

namespace bombo::cli {

/// "items": of "kind", and "radius_m" (discs) and "angle_deg" (all but rings). The kind is the name of one
/// that ships with the program or {"name", "mass_kg", "loss_factor", "across_m"[, "resistance_ns_m"]}.
Result<std::vector<Pad>, InputProblem> itemsAt(const Json& in, const Shell& shell);
Json itemsJson(const std::vector<Pad>& pads);

/// "microphone": {"angle_deg", "distance_m", "height_m"}; empty without it.
Result<std::optional<MicrophonePlace>, InputProblem> microphoneAt(const Json& in);

/// "calibrate": {"name", "radius_m", "angle_deg", "across_m", "partials": [{"m", "order", "without_hz",
/// "with_hz", "t60_without_s", "t60_with_s"}]}
struct CalibrationInput {
    Pad pad;
    std::vector<HeardBoth> partials;
};
Result<CalibrationInput, InputProblem> calibrationAt(const Json& in);
Json kindJson(const PadKind& kind);

} // namespace bombo::cli
