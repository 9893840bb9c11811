#include "cli/verbs.h"
#include "core/tuning/evenness.h"
#include "core/tuning/targets.h"

namespace bombo::cli {

Answer even(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto side = sideAt(in);
    if (!side)
        return side.fault();
    const auto target = numberAt(in, "target_hz");
    if (!target)
        return target.fault();
    const auto heard = numbersAt(in, "rods_hz", drum->rods);
    if (!heard)
        return heard.fault();
    const auto turns = numbersAt(in, "turns", drum->rods);
    if (!turns)
        return turns.fault();
    std::vector<std::optional<RodPitches>> readings;
    for (double hz : *heard) {
        if (hz <= 0.0)
            return InputProblem{"rods_hz", "every pitch must be above 0"};
        readings.push_back(RodPitches{Hertz{hz}, std::nullopt});
    }
    if (*target <= 0.0)
        return InputProblem{"target_hz", "must be above 0"};
    if (in.contains("second_hz")) {
        const auto second = numbersAt(in, "second_hz", drum->rods);
        if (!second)
            return second.fault();
        for (std::size_t i = 0; i < second->size(); ++i)
            if ((*second)[i] > 0.0)
                readings[i]->second = Hertz{(*second)[i]};
    }
    MoveLimits limits;
    if (in.contains("tolerance_cents")) {
        const auto tolerance = numberAt(in, "tolerance_cents");
        if (!tolerance)
            return tolerance.fault();
        if (*tolerance <= 0.0)
            return InputProblem{"tolerance_cents", "must be above 0"};
        limits.tolerance = Cents{*tolerance};
    }
    std::vector<Turns> rodTurns;
    double meanTurns = 0.0;
    for (double t : *turns) {
        rodTurns.push_back(Turns{t});
        meanTurns += t / drum->rods;
    }
    const EvennessEstimate now = estimateEvenness(readings);
    const Tension tension = tensionFromHeard(*drum, *side, now.mean, {});
    const TurnResponse response = learnTurnResponse(*drum, *side, {{Turns{meanTurns}, tension}});
    const MovePlan plan = planMoves(now, Hertz{*target}, rodTurns, response, drum->head(*side), limits);

    Json out{{"mean_hz", now.mean.value},
             {"heard_cents", now.heard},
             {"widest_cents", now.widest.value},
             {"from_target_cents", centsBetween(Hertz{*target}, now.mean).value},
             {"moves", Json::array()},
             {"predicted_cents", plan.predicted},
             {"predicted_error_cents", plan.predictedError.value},
             {"reaches_tolerance", plan.reachesTolerance},
             {"held_by_film_load", plan.heldByFilm}};
    for (const RodMove& move : plan.moves) {
        Json rods = Json::array();
        for (int rod : move.rods)
            rods.push_back(rod + 1);
        out["moves"].push_back({{"rods", rods}, {"turns", move.turns.value}});
    }
    return out;
}

} // namespace bombo::cli
