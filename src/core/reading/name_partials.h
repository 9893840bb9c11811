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

struct CoupledMode;
/// Those of a model's modes that a reading looks for, below 2 kHz.
std::vector<ExpectedMode> expectedModes(const std::vector<CoupledMode>& modes);

/// Where the model expects the partials of one head, and how sure it is of their common pitch.
struct Expectation {
    std::vector<ExpectedMode> modes;
    Mode wanted{1, 1};     ///< the one that is to be measured: (1,1) near the hoop, (0,1) in the middle
    Cents spread{300.0};   ///< standard deviation of the common shift
    Cents furthest{900.0}; ///< a shift beyond this is not this head
};

enum class WantedMode {
    Found,
    Absent,  ///< no shift within `furthest` puts a partial on it
    Drowned, ///< the pattern of the others fits best where a steady line hides it
    Unheard, ///< the pattern fits best where the wanted one is not to be heard
};

struct Naming {
    WantedMode wanted = WantedMode::Absent;
    Cents shift; ///< of the pattern, where it was found or drowned
};

/// Gives each partial the mode it matches. The ratios of a head's modes hardly depend on its tension, so one
/// common shift is sought that explains the most energy: the sum over partials of (level above -40 dB) x
/// exp(-(distance/35 cents)^2 / 2), less the prior's cost of the shift. The shift can only be one that puts a
/// partial on the wanted mode, or one that puts the wanted mode within 15 Hz of a line that sounded before.
/// @param hidingLines steady lines that can hide a partial; may be empty
Naming namePartials(std::vector<Partial>& partials, const Expectation& expected,
                    const std::vector<Hertz>& hidingLines = {});

} // namespace bombo
