#include "core/tuning/turn_response.h"

#include <algorithm>
#include <cmath>

namespace bombo {

Turns TurnResponse::turnsFor(Tension tension) const {
    return {std::max(0.0, (tension.value - line.start) / line.slope)};
}

TurnResponse learnTurnResponse(const Drum& drum, HeadSide side,
                               const std::vector<TurnObservation>& observations, const TurnStart& start) {
    const Tension perTurn = tensionPerTurnPrior(drum, side);
    const double perTurnSpread = kTensionPerTurnSpread * perTurn.value;
    std::vector<LinePoint> points;
    for (const TurnObservation& seen : observations)
        points.push_back({seen.meanTurns.value, seen.tension.value,
                          std::hypot(0.02 * seen.tension.value + 20.0, seen.weathered.value)});
    TurnResponse response{learnLine({.start = start.tension.value,
                                     .slope = perTurn.value,
                                     .startVariance = start.spread.value * start.spread.value,
                                     .slopeVariance = perTurnSpread * perTurnSpread},
                                    points)};
    response.line.slope = std::max(response.line.slope, 0.1 * perTurn.value);
    return response;
}

} // namespace bombo
