#include "cli/round_inputs.h"
#include "core/faults/head_faults.h"
#include "core/procedure/head_rounds.h"
#include "core/tuning/evenness.h"
#include "core/tuning/targets.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace bombo::cli {
namespace {

TurnObservation observed(const Drum& drum, HeadSide side, const PastRound& round) {
    double mean = 0.0;
    for (double t : round.turns)
        mean += t / static_cast<double>(round.turns.size());
    return {Turns{mean}, tensionFromHeard(drum, side, estimateEvenness(round.heard).mean, {})};
}

std::string unheardWords(int rods, const EvennessEstimate& now) {
    if (now.oddPartKnown)
        return "nothing: what was measured beside each rod tells opposite rods apart";
    if (rods % 2 != 0)
        return "no rod has an opposite; each is heard by itself";
    std::string pairs;
    for (int i = 1; i <= rods / 2; ++i)
        pairs += fmt::format("{}{} and {}", pairs.empty() ? "" : ", ", i, i + rods / 2);
    return fmt::format(
        "taps cannot tell opposite rods apart ({}): if only one of a pair feels slack, turn that "
        "one by twice as much, or measure the hoop gap",
        pairs);
}

Json warningsOf(const Drum& drum, HeadSide side, const std::vector<std::optional<RodPitches>>& readings,
                const EvennessEstimate& now) {
    Json warnings = Json::array();
    const double load = filmLoad(drum.head(side), tensionFromHeard(drum, side, now.mean, {}));
    if (load > 0.99) // the model looks no further than yield
        warnings.push_back(
            fmt::format("{:.0f} Hz is more than this film can bear: another head or drum was heard, "
                        "or another partial",
                        now.mean.value));
    else if (load > kFilmLoadLimit)
        warnings.push_back(
            fmt::format("the film bears {:.0f} % of its yield already; keep clear", 100.0 * load));
    if (const auto stray = strayReading(readings))
        warnings.push_back(
            fmt::format("rod {} does not fit the others: tap it again; if it stays so, look at "
                        "the edge and the hoop there",
                        *stray + 1));
    return warnings;
}

/// "school": which way strays are brought to the rest.
std::optional<InputProblem> takeSchool(const Json& in, MoveLimits& limits) {
    const Json school = in.value("school", Json("to_target"));
    limits.strays = school == "raise_only"   ? StrayRule::RaiseOnly
                    : school == "lower_only" ? StrayRule::LowerOnly
                                             : StrayRule::ToTarget;
    if (school != "to_target" && school != "raise_only" && school != "lower_only")
        return InputProblem{"school", "must be to_target, raise_only or lower_only"};
    return std::nullopt;
}

/// The rounds as the work on a head would have them, oldest first, the last one `now`.
HeadWork workOf(const Drum& drum, const std::vector<PastRound>& newestFirst, const PastRound& now) {
    HeadWork work = freshHead(drum.rods);
    const auto finished = [&](const PastRound& past) {
        FinishedRound round;
        for (const double t : past.turns)
            round.rodTurns.push_back(Turns{t});
        for (const auto& pitches : past.heard) {
            RodReading reading;
            if (pitches)
                reading.frequency = pitches->edge;
            round.readings.push_back(pitches ? std::optional(reading) : std::nullopt);
        }
        round.way.half = std::any_of(past.heard.begin(), past.heard.end(), [](const auto& h) { return !h; });
        return round;
    };
    for (auto past = newestFirst.rbegin(); past != newestFirst.rend(); ++past)
        work.history.push_back(finished(*past));
    work.history.push_back(finished(now));
    work.rodTurns = work.history.back().rodTurns;
    return work;
}

/// How much of the pitch that equal turns should bring did come, from the round before to now.
void warnOfFollowing(Json& warnings, const HeadWork& work, const HeadBrief& brief) {
    for (const HeadFinding& finding : headFindings(work, brief)) {
        if (finding.fault == HeadFault::FallsBack)
            warnings.push_back(
                fmt::format("it fell {:.0f} cents though no rod was turned: a new head settles; "
                            "press the middle or let it rest, then tap again",
                            finding.amount.value));
        if (finding.fault == HeadFault::PitchStaysBehind)
            warnings.push_back(fmt::format("the pitch came up {:.0f} cents less than the turns should bring: "
                                           "rods that bind, or film that gives way",
                                           finding.amount.value));
    }
}

} // namespace

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
    const auto readings = roundAt(in, drum->rods);
    if (!readings)
        return readings.fault();
    const auto turns = numbersAt(in, "turns", drum->rods);
    if (!turns)
        return turns.fault();
    const auto history = historyAt(in, *turns);
    if (!history)
        return history.fault();
    if (*target <= 0.0)
        return InputProblem{"target_hz", "must be above 0"};
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
    for (double t : *turns)
        rodTurns.push_back(Turns{t});
    if (const auto problem = takeSchool(in, limits))
        return *problem;
    const auto marks = besideRodsAt(in, "gauge", drum->rods);
    if (!marks)
        return marks.fault();
    const auto gaps = besideRodsAt(in, "hoop_gap_mm", drum->rods);
    if (!gaps)
        return gaps.fault();
    std::vector<TurnObservation> seen{observed(*drum, *side, {*turns, *readings})};
    for (const PastRound& round : *history)
        seen.push_back(observed(*drum, *side, round));
    const TurnResponse response = learnTurnResponse(*drum, *side, seen);
    std::vector<LocalReadings> beside;
    if (!marks->empty())
        beside.push_back(localFromGauge(*marks, GaugeScale{}));
    if (!gaps->empty()) {
        std::vector<std::optional<Metres>> metres;
        for (const auto& gap : *gaps)
            metres.push_back(Metres{*gap / 1000.0});
        beside.push_back(localFromHoopGap(metres, response, seen.front().meanTurns));
    }
    const HeadWork work = workOf(*drum, *history, {*turns, *readings});
    HeadBrief brief;
    brief.drum = *drum;
    brief.side = *side;
    limits.evening = eveningOf(work, brief, response);
    const EvennessEstimate now = estimateEvenness(*readings, beside, limits.evening);
    const MovePlan plan = planMoves(now, Hertz{*target}, rodTurns, response, drum->head(*side), limits);

    Json out{{"mean_hz", now.mean.value},
             {"heard_cents", now.heard},
             {"widest_cents", now.widest.value},
             {"from_target_cents", centsBetween(Hertz{*target}, now.mean).value},
             {"moves", Json::array()},
             {"predicted_cents", plan.predicted},
             {"predicted_error_cents", plan.predictedError.value},
             {"reaches_tolerance", plan.reachesTolerance},
             {"held_by_film_load", plan.heldByFilm},
             {"done", plan.moves.empty() && plan.reachesTolerance &&
                          farthestHeard(now, Hertz{*target}) <= limits.tolerance},
             {"order", Json::array()},
             {"unheard", unheardWords(drum->rods, now)},
             {"turn_response",
              {{"per_turn_n_per_m", response.perTurn().value},
               {"standard_error_n_per_m", response.line.slopeSpread()}}},
             {"evening", {{"factor", limits.evening.mean}, {"standard_error", limits.evening.spread}}},
             {"warnings", warningsOf(*drum, *side, *readings, now)}};
    if (!history->empty())
        warnOfFollowing(out["warnings"], work, brief);
    for (const RodMove& move : plan.moves) {
        Json rods = Json::array();
        for (int rod : move.rods) {
            rods.push_back(rod + 1);
            out["order"].push_back(rod + 1);
        }
        out["moves"].push_back({{"rods", rods}, {"turns", move.turns.value}});
    }
    return out;
}

} // namespace bombo::cli
