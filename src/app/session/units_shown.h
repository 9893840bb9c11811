#pragma once
/// In which units figures are shown. Set from the settings; main thread only.
#include "core/units/quantities.h"

namespace bombo {

struct UnitsShown {
    Hertz a4{440.0};          ///< reference pitch of note names
    bool millimetres = false; ///< lengths; inches otherwise
    bool details = false;     ///< also tensions in N/m
    bool operator==(const UnitsShown&) const = default;
};
inline constexpr Hertz kLowestA4{392.0};
inline constexpr Hertz kHighestA4{494.0};

const UnitsShown& unitsShown();
void setUnitsShown(const UnitsShown& units);

} // namespace bombo
