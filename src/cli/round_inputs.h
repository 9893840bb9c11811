#pragma once
#include "cli/verbs.h"
#include "core/tuning/evenness.h"

namespace bombo::cli {

/// A round of taps: "readings" of {"rod", "frequency_hz"[, "partials"]}, several at a rod settled to one, one
/// of two opposite rods enough; or "rods_hz" with "second_hz", one a rod.
/// @param where what stands before the key in a problem's name
Result<std::vector<std::optional<RodPitches>>, InputProblem> roundAt(const Json& in, int rods,
                                                                     const std::string& where = {});

/// What was measured beside each rod, one figure a rod: "gauge" (marks above 0) or "hoop_gap_mm" (above 0);
/// empty without the key.
Result<std::vector<std::optional<double>>, InputProblem> besideRodsAt(const Json& in, const std::string& key,
                                                                      int rods);

struct PastRound {
    std::vector<double> turns; ///< one a rod, as they stood when it was tapped
    std::vector<std::optional<RodPitches>> heard;
};
/// "history": rounds with the moves that were made after each, oldest first; given newest first.
Result<std::vector<PastRound>, InputProblem> historyAt(const Json& in, const std::vector<double>& turnsNow);

} // namespace bombo::cli
