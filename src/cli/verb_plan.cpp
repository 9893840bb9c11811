#include "cli/verbs.h"
#include "core/procedure/paths.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

Json headPlan(HeadSide side, const TensionPair& pair, const TurnModel& turns) {
    const bool batter = side == HeadSide::Batter;
    const Tension tension = batter ? pair.batter : pair.snareSide;
    const TurnResponse& response = turns.head(side);
    const Turns needed = response.turnsFor(tension);
    Json rounds = Json::array();
    for (Turns t : countedRounds(needed * 0.9))
        rounds.push_back(t.value);
    const NamedPitches& p = pair.pitches;
    return {{"edge_pitch_hz", (batter ? p.batterEdge : p.snareSideEdge).value},
            {"edge_pitch_open_hz", (batter ? p.batterEdgeOpen : p.snareSideEdgeOpen).value},
            {"tension_n_per_m", tension.value},
            {"tension_standard_error_n_per_m", (batter ? pair.batterError : pair.snareSideError).value},
            {"film_load", batter ? pair.batterLoad : pair.snareSideLoad},
            {"turns_from_finger_tight", needed.value},
            {"turns_standard_error", response.spreadAt(needed).value / response.perTurn().value},
            {"counted_rounds_turns", rounds}};
}

Json pairJson(const Drum& drum, const TensionPair& pair) {
    const TurnModel turns = turnModelPrior(drum);
    const Sensitivities& s = pair.sensitivities;
    return {{"batter", headPlan(HeadSide::Batter, pair, turns)},
            {"snare_side", headPlan(HeadSide::SnareSide, pair, turns)},
            {"centre_pitch_hz", pair.pitches.centre.value},
            {"edge_over_centre", pair.pitches.edgeOverCentre},
            {"ratio_reversed", pair.ratioReversed},
            {"film_load_limit", kFilmLoadLimit},
            {"sensitivity",
             {{"batter_edge", s.batterEdge},
              {"snare_side_edge", s.snareSideEdge},
              {"centre", s.centre},
              {"edge_over_centre", s.edgeOverCentre}}}};
}

Answer planForWish(const Drum& drum, const PitchWish& wish, const Air& air) {
    const auto solved = solveTensions(drum, wish, air);
    if (!solved) {
        const TensionPair& near = solved.fault().nearest;
        return Cannot{fmt::format(
            "impossible on this drum: {} ({}). The nearest it can do: batter edge {:.1f} Hz, snare-side edge "
            "{:.1f} Hz, centre {:.1f} Hz, edge over centre {:.3f}",
            limitWords(solved.fault().limit), limitName(solved.fault().limit), near.pitches.batterEdge.value,
            near.pitches.snareSideEdge.value, near.pitches.centre.value, near.pitches.edgeOverCentre)};
    }
    Json plan = pairJson(drum, *solved);
    plan["limit"] = limitName(TargetLimit::None);
    return plan;
}

} // namespace

Answer plan(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto weather = weatherAt(in);
    if (!weather)
        return weather.fault();
    const Air air = airAt(*weather);
    const auto wish = pitchWishAt(in);
    if (!wish)
        return wish.fault();
    if (*wish)
        return planForWish(*drum, **wish, air);

    const auto brief = briefAt(in, shelf);
    if (!brief)
        return brief.fault();
    const auto targets = targetsFor(*drum, *brief, air);
    if (!targets)
        return Cannot{
            fmt::format("a batter edge pitch of {:.1f} Hz is out of reach: {} ({}); the nearest is {:.1f} Hz",
                        targets.fault().wished.value, limitWords(targets.fault().limit),
                        limitName(targets.fault().limit), targets.fault().nearest.value)};
    // The tensions are known; solving for their own pitches brings the error bars.
    const auto pair =
        solveTensions(*drum, BothEdges{targets->pitches.batterEdge, targets->pitches.snareSideEdge}, air);
    Json plan = pairJson(*drum, pair ? *pair : pair.fault().nearest);
    plan["limit"] = limitName(targets->limit);
    plan["snare_side_wished_hz"] = targets->snareSideWished.value;
    plan["ring_s"] = ringWanted(*brief).value;
    plan["wire_margin"] = wireMarginWanted(*brief);
    return plan;
}

} // namespace bombo::cli
