#pragma once
/// What works here, in words.
#include "core/log/liked.h"

#include <QString>

namespace bombo {

/// "In the cold (below 15 °C) you like the batter higher, by 18 ± 3 cents: 9 evenings against 14."
QString likedShiftText(const LikedShift& shift);
/// "296.0 to 304.0 Hz".
QString likedRangeText(const LikedFigure& figure);

} // namespace bombo
