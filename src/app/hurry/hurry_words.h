#pragma once
/// The plan before a show in words.
#include "core/procedure/quick_plan.h"

#include <QString>

namespace bombo {

/// "Tap half the batter, 4 rods: wires off, snare side muted".
QString quickText(const QuickStep& step);
/// "1:25" of seconds.
QString minutesText(Seconds time);

} // namespace bombo
