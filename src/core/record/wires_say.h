#pragma once
/// What a session says of its wires. Derived, never stored.
#include "core/record/reckoned.h"
#include "core/wires/sympathy.h"
#include "core/wires/wire_sweep.h"

#include <vector>

namespace bombo {

/// What is known of the wires.
Sweep sweepOf(const Reckoned& reckoned);
WireAdvice wireAdviceOf(const Reckoned& reckoned);
/// What calms the wires beside the session's neighbours; see calmings().
std::vector<Calming> calmingsOf(const Reckoned& reckoned);

} // namespace bombo
