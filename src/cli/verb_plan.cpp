#include "cli/verbs.h"
#include "core/procedure/paths.h"
#include "core/tuning/turn_response.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

Json headPlan(const Drum& drum, HeadSide side, const HeadTarget& target) {
    const TurnResponse response = learnTurnResponse(drum, side, {});
    const Turns turns = response.turnsFor(target.tension);
    Json rounds = Json::array();
    for (Turns t : countedRounds(turns * 0.9))
        rounds.push_back(t.value);
    return {{"edge_pitch_hz", target.edgePitch.value},
            {"tension_n_per_m", target.tension.value},
            {"film_load", target.filmLoad},
            {"turns_from_finger_tight", turns.value},
            {"turns_standard_error", response.spreadAt(turns).value / response.perTurn().value},
            {"counted_rounds_turns", rounds}};
}

} // namespace

Answer plan(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    Result<Targets, OutOfReach> targets = failure(OutOfReach{});
    if (in.contains("batter_edge_hz")) {
        const auto batter = numberAt(in, "batter_edge_hz");
        if (!batter)
            return batter.fault();
        const auto snareSide = numberAt(in, "snare_side_edge_hz");
        if (!snareSide)
            return snareSide.fault();
        if (*batter <= 0.0 || *snareSide <= 0.0)
            return InputProblem{*batter <= 0.0 ? "batter_edge_hz" : "snare_side_edge_hz", "must be above 0"};
        targets = targetsForPitches(*drum, Hertz{*batter}, Hertz{*snareSide});
    } else {
        const auto tone = toneAt(in, shelf);
        if (!tone)
            return tone.fault();
        targets = targetsFor(*drum, *tone);
    }
    if (!targets)
        return Cannot{fmt::format(
            "a batter edge pitch of {:.1f} Hz is out of reach ({}); the nearest is {:.1f} Hz",
            targets.fault().wished.value, limitName(targets.fault().limit), targets.fault().nearest.value)};
    const NamedPitches& pitches = targets->pitches;
    return Json{{"batter", headPlan(*drum, HeadSide::Batter, targets->batter)},
                {"snare_side", headPlan(*drum, HeadSide::SnareSide, targets->snareSide)},
                {"centre_pitch_hz", pitches.centre.value},
                {"batter_edge_open_hz", pitches.batterEdgeOpen.value},
                {"snare_side_edge_open_hz", pitches.snareSideEdgeOpen.value},
                {"edge_over_centre", pitches.edgeOverCentre},
                {"film_load_limit", kFilmLoadLimit},
                {"limit", limitName(targets->limit)},
                {"snare_side_wished_hz", targets->snareSideWished.value}};
}

} // namespace bombo::cli
