#pragma once
/// Which partial is which mode: the whole pattern against the model's prediction for this head.
#include "core/reading/esprit.h"

#include <optional>
#include <vector>

namespace bombo {

struct ExpectedMode {
    Mode mode;
    Hertz frequency;
};

/// Where the model expects the partials of one head, and how sure it is of their common pitch.
struct Expectation {
    std::vector<ExpectedMode> modes;
    Cents spread{300.0};   ///< standard deviation of the common shift
    Cents furthest{900.0}; ///< a shift beyond this is not this head
};

/// Gives each partial the mode it matches and returns the common shift of the pattern. The ratios of a head's
/// modes hardly depend on its tension, so one shift is sought that explains the most energy: the sum over
/// partials of (level above -40 dB) x exp(-(distance/35 cents)^2 / 2), less the prior's cost of the shift.
/// Empty when no shift within `furthest` puts a partial on (1,1).
std::optional<Cents> namePartials(std::vector<Partial>& partials, const Expectation& expected);

} // namespace bombo
