#include "cli/wire_inputs.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

constexpr std::array kKindNames{
    std::pair{"tom", NeighbourKind::Tom}, std::pair{"bass_drum", NeighbourKind::BassDrum},
    std::pair{"bass_note", NeighbourKind::BassNote}, std::pair{"voice", NeighbourKind::Voice},
    std::pair{"other", NeighbourKind::Other}};

const char* problemName(FitProblem problem) {
    switch (problem) {
    case FitProblem::LongerThanShell:
        return "longer_than_shell";
    case FitProblem::StrandsOnEdge:
        return "strands_on_edge";
    case FitProblem::PlatesOnFilm:
        return "plates_on_film";
    case FitProblem::OffCentre:
        return "off_centre";
    case FitProblem::GapsDisagree:
        return "gaps_disagree";
    case FitProblem::TravelUnknown:
        return "travel_unknown";
    case FitProblem::LittleTighter:
        return "little_tighter";
    case FitProblem::LittleLooser:
        break;
    }
    return "little_looser";
}

/// A number at a key that may be missing. @return what is wrong with it
std::optional<InputProblem> takeNumber(const Json& in, const char* key, std::optional<double>& into) {
    if (!in.contains(key))
        return std::nullopt;
    const auto number = numberAt(in, key);
    if (!number)
        return number.fault();
    into = *number;
    return std::nullopt;
}

Result<Neighbour, InputProblem> neighbourFrom(const Json& entry) {
    const auto name = textAt(entry, "name");
    if (!name)
        return failure(name.fault());
    const auto kindText = textAt(entry, "kind");
    if (!kindText)
        return failure(kindText.fault());
    std::optional<NeighbourKind> kind;
    for (const auto& [known, value] : kKindNames)
        if (*kindText == known)
            kind = value;
    if (!kind)
        return failure(InputProblem{"kind", "must be tom, bass_drum, bass_note, voice or other"});
    Neighbour neighbour{*name, *kind, {}};
    if (!entry.contains("partials")) {
        const auto pitch = numberAt(entry, "pitch_hz");
        if (!pitch)
            return failure(pitch.fault());
        neighbour = neighbourAt(*name, *kind, Hertz{*pitch});
    } else if (!entry["partials"].is_array()) {
        return failure(InputProblem{"partials", "must be an array"});
    } else {
        for (const Json& partial : entry["partials"]) {
            const auto frequency = numberAt(partial, "frequency_hz");
            if (!frequency)
                return failure(frequency.fault());
            const auto t60 = numberAt(partial, "t60_s");
            if (!t60)
                return failure(t60.fault());
            std::optional<double> level;
            if (const auto problem = takeNumber(partial, "level_db", level))
                return failure(*problem);
            neighbour.partials.push_back({Hertz{*frequency}, Seconds{*t60}, level.value_or(0.0)});
        }
    }
    if (const auto problem = checkNeighbour(neighbour))
        return failure(*problem);
    return neighbour;
}

} // namespace

Result<WireLayout, InputProblem> layoutAt(const Json& in) {
    if (!in.is_object())
        return failure(InputProblem{"layout", "must be an object"});
    std::optional<double> strands;
    std::optional<double> plate;
    std::optional<double> wall;
    std::optional<double> strainerDrop;
    std::optional<double> buttDrop;
    std::optional<double> perTurn;
    std::optional<double> travel;
    std::optional<double> knob;
    std::optional<double> strainerGap;
    std::optional<double> buttGap;
    const std::pair<const char*, std::optional<double>*> numbers[]{{"strands_m", &strands},
                                                                   {"plate_m", &plate},
                                                                   {"wall_m", &wall},
                                                                   {"strainer_drop_m", &strainerDrop},
                                                                   {"butt_drop_m", &buttDrop},
                                                                   {"m_per_turn", &perTurn},
                                                                   {"travel_turns", &travel},
                                                                   {"knob_turns", &knob},
                                                                   {"strainer_gap_m", &strainerGap},
                                                                   {"butt_gap_m", &buttGap}};
    for (const auto& [key, into] : numbers)
        if (const auto problem = takeNumber(in, key, *into))
            return failure(*problem);
    if (!strands)
        return failure(InputProblem{"strands_m", "is missing: the strands between the end plates"});
    WireLayout layout;
    layout.strands = Metres{*strands};
    layout.plate = Metres{plate.value_or(layout.plate.value)};
    layout.wall = Metres{wall.value_or(layout.wall.value)};
    layout.strainerDrop = Metres{strainerDrop.value_or(layout.strainerDrop.value)};
    layout.buttDrop = Metres{buttDrop.value_or(layout.buttDrop.value)};
    layout.perTurn = Metres{perTurn.value_or(layout.perTurn.value)};
    if (travel)
        layout.travel = Turns{*travel};
    if (knob)
        layout.knob = Turns{*knob};
    if (strainerGap)
        layout.strainerGap = Metres{*strainerGap};
    if (buttGap)
        layout.buttGap = Metres{*buttGap};
    const Json attachment = in.value("attachment", Json("strap"));
    if (attachment != "strap" && attachment != "cord")
        return failure(InputProblem{"attachment", "must be strap or cord"});
    layout.attachment = attachment == "cord" ? Attachment::Cord : Attachment::Strap;
    const Json school = in.value("school", Json("strainer_first"));
    if (school != "strainer_first" && school != "butt_first")
        return failure(InputProblem{"school", "must be strainer_first or butt_first"});
    layout.school = school == "butt_first" ? RefitSchool::ButtFirst : RefitSchool::StrainerFirst;
    if (const auto problem = checkLayout(layout))
        return failure(*problem);
    return layout;
}

Json fitJson(const Shell& shell, const WireLayout& layout) {
    const WireFit fit = fitWires(shell, layout);
    Json problems = Json::array();
    for (const FitProblem problem : fit.problems)
        problems.push_back(problemName(problem));
    return {{"length_m", fit.length.value},
            {"end_gap_m", fit.endGap.value},
            {"strainer_strap_m", fit.strainerStrap.value},
            {"butt_strap_m", fit.buttStrap.value},
            {"towards_strainer_m", fit.towardsStrainer.value},
            {"knob_before_clamping_turns", layout.travel ? Json(fit.knobBeforeClamping.value) : Json()},
            {"tighter_turns", fit.tighter ? Json(fit.tighter->value) : Json()},
            {"looser_turns", fit.looser ? Json(fit.looser->value) : Json()},
            {"problems", problems}};
}

Result<std::vector<Neighbour>, InputProblem> neighboursAt(const Json& in) {
    if (!in.contains("neighbours") || !in["neighbours"].is_array())
        return failure(InputProblem{"neighbours", "must be an array of instruments"});
    std::vector<Neighbour> neighbours;
    for (const Json& entry : in["neighbours"]) {
        const auto neighbour = neighbourFrom(entry);
        if (!neighbour)
            return failure(
                InputProblem{fmt::format("neighbours[{}].{}", neighbours.size(), neighbour.fault().key),
                             neighbour.fault().message});
        neighbours.push_back(*neighbour);
    }
    return neighbours;
}

} // namespace bombo::cli
