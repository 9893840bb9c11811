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

template <class T> void put(T& into, double number) {
    into = T{number};
}
template <class T> void put(std::optional<T>& into, double number) {
    into = T{number};
}

/// A number at a key that may be missing: then `into` stays as it is. @return what is wrong with it
template <class T> std::optional<InputProblem> takeNumber(const Json& in, const char* key, T& into) {
    if (!in.contains(key))
        return std::nullopt;
    const auto number = numberAt(in, key);
    if (!number)
        return number.fault();
    put(into, *number);
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
            NeighbourPartial heard{Hertz{*frequency}, Seconds{*t60}};
            if (const auto problem = takeNumber(partial, "level_db", heard.levelDb))
                return failure(*problem);
            neighbour.partials.push_back(heard);
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
    if (!in.contains("strands_m"))
        return failure(InputProblem{"strands_m", "is missing: the strands between the end plates"});
    WireLayout layout;
    for (const auto& [key, into] :
         {std::pair{"strands_m", &layout.strands}, std::pair{"plate_m", &layout.plate},
          std::pair{"wall_m", &layout.wall}, std::pair{"strainer_drop_m", &layout.strainerDrop},
          std::pair{"butt_drop_m", &layout.buttDrop}, std::pair{"m_per_turn", &layout.perTurn}})
        if (const auto problem = takeNumber(in, key, *into))
            return failure(*problem);
    for (const auto& [key, into] :
         {std::pair{"travel_turns", &layout.travel}, std::pair{"knob_turns", &layout.knob}})
        if (const auto problem = takeNumber(in, key, *into))
            return failure(*problem);
    for (const auto& [key, into] :
         {std::pair{"strainer_gap_m", &layout.strainerGap}, std::pair{"butt_gap_m", &layout.buttGap}})
        if (const auto problem = takeNumber(in, key, *into))
            return failure(*problem);
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
