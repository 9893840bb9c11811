#include "cli/tuned_drum.h"
#include "cli/wire_inputs.h"
#include "core/wires/wire_sweep.h"

#include <cmath>

namespace bombo::cli {
namespace {

const char* calmingName(CalmingKind kind) {
    switch (kind) {
    case CalmingKind::RetuneNeighbour:
        return "retune_neighbour";
    case CalmingKind::ShortenNeighbour:
        return "shorten_neighbour";
    case CalmingKind::TightenWires:
        return "tighten_wires";
    case CalmingKind::RetuneBoth:
        return "retune_both_heads";
    case CalmingKind::SlackenBedRods:
        return "slacken_bed_rods";
    case CalmingKind::LeverOff:
        break;
    }
    return "lever_off";
}

} // namespace

Answer buzz(const Json& in, const Shelf& shelf) {
    const auto tuned = tunedDrumAt(in, shelf);
    if (!tuned)
        return tuned.fault();
    const auto& [drum, tone, targets, state] = *tuned;
    const auto neighbours = neighboursAt(in);
    if (!neighbours)
        return neighbours.fault();
    double room = 0.0;
    if (in.contains("room_to_choke_turns")) {
        const auto turns = numberAt(in, "room_to_choke_turns");
        if (!turns)
            return turns.fault();
        if (*turns < 0.0 || *turns > 10.0)
            return InputProblem{"room_to_choke_turns", "must lie between 0 and 10"};
        room = *turns;
    }
    // Where the knob stands is not said: as on a usual drum that has so much room.
    const WireAdvice usual = adviseWires({.slackTurns = drum.wires.slackTurns,
                                          .snareSideFilmLoad = targets.snareSide.filmLoad,
                                          .current = {}});
    const Turns pulled = std::max(Turns{0.25}, usual.reach() - Turns{room});
    constexpr std::size_t most = 20;
    Json found = Json::array();
    const auto all = meetings(drum, state, *neighbours);
    for (const Meeting& meeting : all) {
        if (found.size() == most)
            break;
        found.push_back({{"neighbour", (*neighbours)[static_cast<std::size_t>(meeting.neighbour)].name},
                         {"theirs_hz", meeting.theirs.value},
                         {"ours_hz", meeting.ours.value},
                         {"mode", {meeting.m, meeting.order}},
                         {"apart_cents", centsBetween(meeting.ours, meeting.theirs).value},
                         {"under_strongest_db", 10.0 * std::log10(all.front().energy / meeting.energy)}});
    }
    Json remedies = Json::array();
    for (const Calming& calming :
         calmings(drum, state, *neighbours, {.tighter = Turns{room}, .pulled = pulled})) {
        Json remedy{{"kind", calmingName(calming.kind)}};
        if (calming.neighbour >= 0)
            remedy["neighbour"] = (*neighbours)[static_cast<std::size_t>(calming.neighbour)].name;
        if (calming.kind == CalmingKind::RetuneNeighbour || calming.kind == CalmingKind::RetuneBoth) {
            remedy["cents"] = calming.by.value;
            remedy["to_hz"] = calming.to.value;
        }
        if (calming.kind == CalmingKind::TightenWires || calming.kind == CalmingKind::SlackenBedRods)
            remedy["turns"] = calming.turns.value;
        if (calming.kind == CalmingKind::ShortenNeighbour)
            remedy["length_factor"] = calming.factor;
        if (calming.kind != CalmingKind::LeverOff)
            remedy["gain_db"] = calming.gainDb;
        remedies.push_back(remedy);
    }
    return Json{{"meetings", found}, {"remedies", remedies}};
}

} // namespace bombo::cli
