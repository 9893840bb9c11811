#pragma once
#include "core/units/quantities.h"

namespace bombo {

struct Weather {
    Celsius temperature{20.0};
    double relativeHumidity = 0.5; ///< 0 to 1; a usual room
    Pascal pressure{101325.0};
    bool operator==(const Weather&) const = default;
};

struct Air {
    double density = 1.204;     ///< kg/m^3
    double soundSpeed = 343.21; ///< m/s
};

/// Moist air as an ideal gas mixture, ratio of specific heats 1.4; saturation pressure after the Magnus
/// formula. Within 0.1 % between -10 and 40 C. Source: docs/physics.md, section 1.
Air airAt(const Weather& weather);

} // namespace bombo
