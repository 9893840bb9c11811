#include "core/tuning/turns_in_weather.h"

#include <cmath>

namespace bombo {

Result<TurnsInWeather, OutOfReach> turnsInWeather(const Drum& drum, HeadSide side,
                                                  const CarriedTension& there, const Air& air, Hertz wanted,
                                                  const TurnResponse& response) {
    const auto needed = tensionForEdgePitch(drum, side, wanted, air);
    if (!needed)
        return failure(needed.fault());
    const double perTurn = response.perTurn().value;
    const double turns = (*needed - there.tension).value / perTurn;
    return TurnsInWeather{Turns{turns}, Turns{std::hypot(there.standardError.value / perTurn,
                                                         turns * response.perTurnShare())}};
}

} // namespace bombo
