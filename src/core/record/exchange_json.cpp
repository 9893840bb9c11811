#include "core/record/json_values.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace bombo {
namespace {

/// "frequency" of "frequency_hz": what is left when a known unit is taken off the end.
std::string withoutUnit(const std::string& key) {
    for (const char* unit : {"_kg_per_m2", "_n_per_m", "_hz", "_deg", "_cents", "_pa", "_kg", "_m", "_s"})
        if (key.size() > std::string(unit).size() && key.ends_with(unit))
            return key.substr(0, key.size() - std::string(unit).size());
    return key;
}

InputProblem missing(const Json& j, const std::string& key) {
    const std::string stem = withoutUnit(key);
    for (const auto& [other, value] : j.items())
        if (other != key && (other == stem || other.starts_with(stem + "_")))
            return {key,
                    fmt::format("found \"{}\" instead; give the value in the unit of \"{}\"", other, key)};
    return {key, "is missing; add it"};
}

} // namespace

Result<double, InputProblem> numberAt(const Json& j, const std::string& key) {
    if (!j.is_object())
        return failure(InputProblem{key, "an object with this key was expected"});
    const auto found = j.find(key);
    if (found == j.end())
        return failure(missing(j, key));
    if (!found->is_number())
        return failure(InputProblem{key, "must be a number without quotes or unit"});
    const double value = found->get<double>();
    if (!std::isfinite(value))
        return failure(InputProblem{key, "must be a finite number"});
    return value;
}

Result<std::string, InputProblem> textAt(const Json& j, const std::string& key) {
    if (!j.is_object())
        return failure(InputProblem{key, "an object with this key was expected"});
    const auto found = j.find(key);
    if (found == j.end())
        return failure(missing(j, key));
    if (!found->is_string())
        return failure(InputProblem{key, "must be a text in quotes"});
    return found->get<std::string>();
}

namespace {

/// Collects the first problem while fields are read one after the other.
class Reader {
public:
    explicit Reader(const Json& j) : m_json(j) {}
    double number(const std::string& key) { return take(numberAt(m_json, key), 0.0); }
    double number(const std::string& key, double fallback) {
        return m_json.is_object() && m_json.contains(key) ? number(key) : fallback;
    }
    std::string text(const std::string& key) { return take(textAt(m_json, key), std::string()); }
    std::string text(const std::string& key, const std::string& fallback) {
        return m_json.is_object() && m_json.contains(key) ? text(key) : fallback;
    }
    void refuse(InputProblem problem) {
        if (!m_problem)
            m_problem = std::move(problem);
    }
    const std::optional<InputProblem>& problem() const { return m_problem; }

private:
    template <class T> T take(Result<T, InputProblem> result, T fallback) {
        if (result)
            return std::move(result).value();
        refuse(result.fault());
        return fallback;
    }
    const Json& m_json;
    std::optional<InputProblem> m_problem;
};

InputProblem within(const std::string& key, InputProblem problem) {
    problem.key = problem.key.empty() ? key : key + "." + problem.key;
    return problem;
}

Result<HeadSpec, InputProblem> headAt(const Json& j, const std::string& key,
                                      const std::vector<HeadSpec>& heads) {
    const auto found = j.find(key);
    if (found == j.end())
        return failure(InputProblem{key, "is missing; give a head's id or its figures"});
    if (found->is_string()) {
        const auto id = found->get<std::string>();
        const auto known =
            std::find_if(heads.begin(), heads.end(), [&](const HeadSpec& h) { return h.id == id; });
        if (known == heads.end())
            return failure(InputProblem{key, fmt::format("there is no head \"{}\" in the catalogue", id)});
        return *known;
    }
    auto head = headFromJson(*found);
    if (!head)
        return failure(within(key, head.fault()));
    return head;
}

} // namespace

Result<HeadSpec, InputProblem> headFromJson(const Json& j) {
    Reader read(j);
    HeadSpec head;
    head.id = read.text("id", "own");
    head.name = read.text("name", head.id);
    head.thickness = Metres{read.number("thickness_m")};
    head.arealDensity = ArealDensity{read.number("areal_density_kg_per_m2")};
    head.modulus = Pascal{read.number("modulus_pa", 4.5e9)};
    head.poisson = read.number("poisson", 0.38);
    head.yield = Pascal{read.number("yield_pa", 1e8)};
    head.lossFactor = read.number("loss_factor", 0.007);
    head.source = read.text("source", "estimate");
    if (read.problem())
        return failure(*read.problem());
    return head;
}

Result<Tone, InputProblem> toneFromJson(const Json& j) {
    Reader read(j);
    Tone tone;
    tone.id = read.text("id");
    tone.name = read.text("name");
    tone.reason = read.text("reason", "");
    tone.batterEdgeAt14 = Hertz{read.number("batter_edge_at_14_in_hz")};
    tone.snareSideAbove = Cents{read.number("snare_side_above_cents")};
    tone.ring = Seconds{read.number("ring_s")};
    tone.wireMargin = read.number("wire_margin");
    if (!read.problem() && (tone.batterEdgeAt14.value <= 0.0 || tone.ring.value <= 0.0))
        read.refuse(
            {tone.batterEdgeAt14.value <= 0.0 ? "batter_edge_at_14_in_hz" : "ring_s", "must be above 0"});
    if (read.problem())
        return failure(*read.problem());
    return tone;
}

Result<Drum, InputProblem> drumFromJson(const Json& j, const std::vector<HeadSpec>& heads) {
    if (!j.is_object())
        return failure(InputProblem{"drum", "an object with the drum's figures was expected"});
    Reader read(j);
    Drum drum;
    drum.id = read.text("id", "own");
    drum.name = read.text("name", drum.id);
    drum.shell = {Metres{read.number("diameter_m")}, Metres{read.number("depth_m")},
                  read.text("material", "wood")};
    const double rods = read.number("rods", 8);
    if (rods != std::floor(rods))
        read.refuse({"rods", "must be a whole number"});
    drum.rods = static_cast<int>(std::clamp(rods, -1000.0, 1000.0));
    if (read.problem())
        return failure(*read.problem());
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        auto head = headAt(j, side == HeadSide::Batter ? "batter" : "snare_side", heads);
        if (!head)
            return failure(head.fault());
        (side == HeadSide::Batter ? drum.batterHead : drum.snareSideHead) = std::move(head).value();
    }
    if (j.contains("wires")) {
        Reader wires(j["wires"]);
        drum.wires.strands = static_cast<int>(wires.number("strands", 20));
        drum.wires.material = wires.text("material", "steel");
        drum.wires.mass = Kilograms{wires.number("mass_kg", 0.016)};
        drum.wires.slackTurns = wires.number("slack_turns", 0.0);
        if (wires.problem())
            return failure(within("wires", *wires.problem()));
    }
    return checkedDrum(drum);
}

Json toJson(const HeadSpec& head) {
    return {{"id", head.id},
            {"name", head.name},
            {"thickness_m", head.thickness.value},
            {"areal_density_kg_per_m2", head.arealDensity.value},
            {"modulus_pa", head.modulus.value},
            {"poisson", head.poisson},
            {"yield_pa", head.yield.value},
            {"loss_factor", head.lossFactor},
            {"source", head.source}};
}

Json toJson(const Tone& tone) {
    return {{"id", tone.id},
            {"name", tone.name},
            {"reason", tone.reason},
            {"batter_edge_at_14_in_hz", tone.batterEdgeAt14.value},
            {"snare_side_above_cents", tone.snareSideAbove.value},
            {"ring_s", tone.ring.value},
            {"wire_margin", tone.wireMargin}};
}

Json toJson(const Drum& drum) {
    return {{"id", drum.id},
            {"name", drum.name},
            {"diameter_m", drum.shell.diameter.value},
            {"depth_m", drum.shell.depth.value},
            {"material", drum.shell.material},
            {"rods", drum.rods},
            {"batter", toJson(drum.batterHead)},
            {"snare_side", toJson(drum.snareSideHead)},
            {"wires",
             {{"strands", drum.wires.strands},
              {"material", drum.wires.material},
              {"mass_kg", drum.wires.mass.value},
              {"slack_turns", drum.wires.slackTurns}}}};
}

std::optional<Hertz> measuredHertz(const Json& summary, const char* head) {
    if (!summary.is_object() || !summary.contains(head) || !summary[head].is_object())
        return std::nullopt;
    const auto found = summary[head].find("measured_hz");
    if (found == summary[head].end() || !found->is_number())
        return std::nullopt;
    return Hertz{found->get<double>()};
}

Json setupSummary(const Session& session) {
    auto headJson = [&](HeadSide side) {
        const HeadBrief brief = briefFor(session, side);
        const HeadWork& work = session.head(side);
        Json head{{"target_hz", brief.target.value},
                  {"turns", work.rodTurns},
                  {"measured_hz", nullptr},
                  {"widest_cents", nullptr},
                  {"within_tolerance", work.withinTolerance}};
        if (const auto estimate = lastEstimate(work)) {
            head["measured_hz"] = estimate->mean.value;
            head["widest_cents"] = estimate->widest.value;
        }
        return head;
    };
    const MufflingPrediction muffling = predictMuffling(session.drum, knownState(session), session.pads);
    Json pads = Json::array();
    for (const Pad& pad : session.pads)
        pads.push_back({{"kind", pad.kind.id},
                        {"radius_m", pad.fromCentre.value},
                        {"angle_deg", pad.angle.value * 180.0 / std::numbers::pi}});
    return {{"drum", session.drum.name},
            {"tone", session.tone.name},
            {"batter", headJson(HeadSide::Batter)},
            {"snare_side", headJson(HeadSide::SnareSide)},
            {"strainer_turns", session.wires.begun ? Json(session.wires.strainer.value) : Json()},
            {"ring_predicted_s", muffling.ringAfter.value},
            {"pads", pads},
            {"temperature_c", session.weather.temperature.value},
            {"note", session.note}};
}

} // namespace bombo
