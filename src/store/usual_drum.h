#pragma once
/// What stands in where nothing is known of a drum.
#include "core/drum/drum.h"

namespace bombo {

inline const std::string kUsualBatter = "single-coated-25";
inline const std::string kUsualSnareSide = "snare-film-76";

std::string newDrumId();

/// 14 by 5.5 inches in wood, eight rods, with what most drums carry; everything but its size is guessed. Its
/// id is new each time; it has no name.
Drum usualDrum();

} // namespace bombo
