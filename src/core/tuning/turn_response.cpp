#include "core/tuning/turn_response.h"

#include <algorithm>
#include <cmath>

namespace bombo {

Tension TurnResponse::spreadAt(Turns turns) const {
    const Eigen::Vector2d x(1.0, turns.value);
    return {std::sqrt(x.dot(covariance * x))};
}

Turns TurnResponse::turnsFor(Tension tension) const {
    return {std::max(0.0, (tension.value - mean[0]) / mean[1])};
}

TurnResponse learnTurnResponse(const Drum& drum, HeadSide side,
                               const std::vector<TurnObservation>& observations, const TurnStart& start) {
    const Tension perTurn = tensionPerTurnPrior(drum, side);
    const double perTurnSpread = kTensionPerTurnSpread * perTurn.value;
    const Eigen::Vector2d priorMean(start.tension.value, perTurn.value);
    Eigen::Matrix2d precision = Eigen::Matrix2d::Zero();
    precision(0, 0) = 1.0 / (start.spread.value * start.spread.value);
    precision(1, 1) = 1.0 / (perTurnSpread * perTurnSpread);

    Eigen::Vector2d weighted = precision * priorMean;
    for (const TurnObservation& seen : observations) {
        const double noise = 0.02 * seen.tension.value + 20.0;
        const Eigen::Vector2d x(1.0, seen.meanTurns.value);
        precision += x * x.transpose() / (noise * noise);
        weighted += x * seen.tension.value / (noise * noise);
    }
    TurnResponse response;
    response.covariance = precision.inverse();
    response.mean = response.covariance * weighted;
    response.mean[1] = std::max(response.mean[1], 0.1 * perTurn.value);
    return response;
}

} // namespace bombo
