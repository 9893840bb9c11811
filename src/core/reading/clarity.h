#pragma once
/// The blow's own click against what follows it.
#include "core/tap/tap_splitter.h"

#include <optional>
#include <vector>

namespace bombo {

/// Squares of what lies above `corner` Hz, sample by sample: of what sounded before the tap, then of the tap.
std::vector<double> brightPowers(const Tap& tap, double corner);

/// How far the click of the blow, its first 6 ms above 4 kHz, stands over what follows from 8 to 100 ms, dB.
/// It reaches a near microphone once; from afar the room sends it back as loudly, and wires that rattle along
/// go on louder than it. Above 4 kHz a head that is tapped lightly hardly rings. Empty where there is no
/// click, or where the floor hides it.
std::optional<double> clarityOf(const Tap& tap);

} // namespace bombo
