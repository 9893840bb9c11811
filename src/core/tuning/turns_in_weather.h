#pragma once
/// The turns that bring a head's pitch back where the drum was carried to.
#include "core/acoustics/weather.h"
#include "core/tuning/targets.h"
#include "core/tuning/turn_response.h"

namespace bombo {

struct TurnsInWeather {
    Turns turns; ///< of every rod alike; < 0: looser
    Turns error; ///< one standard error, of the weather and of what a turn does
};

/// @param there the head's tension where it was taken, no rod turned @param air there
/// @param wanted its edge pitch, as it was
Result<TurnsInWeather, OutOfReach> turnsInWeather(const Drum& drum, HeadSide side,
                                                  const CarriedTension& there, const Air& air, Hertz wanted,
                                                  const TurnResponse& response);

} // namespace bombo
