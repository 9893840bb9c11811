#include "core/record/json_reader.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace bombo {
namespace {

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

int wholeNumber(Reader& read, const std::string& key, double fallback) {
    const double number = read.number(key, fallback);
    read.needs(key, number == std::floor(number), "must be a whole number");
    return static_cast<int>(std::clamp(number, -1000.0, 1000.0));
}

/// A shell's figures: its own, or those of its material in the catalogue, or those of a rigid ring.
void readShell(Reader& read, Shell& shell, const Catalogue& catalogue) {
    shell.diameter = Metres{read.number("diameter_m")};
    shell.depth = Metres{read.number("depth_m")};
    shell.material = read.text("material", "wood");
    const auto kind = std::find_if(catalogue.shells.begin(), catalogue.shells.end(),
                                   [&](const ShellKind& k) { return k.id == shell.material; });
    if (kind != catalogue.shells.end()) {
        shell.expansionPerKelvin = kind->expansionPerKelvin;
        shell.expansionPerHumidity = kind->expansionPerHumidity;
    }
    shell.expansionPerKelvin = read.number("expansion_per_kelvin", shell.expansionPerKelvin);
    shell.expansionPerHumidity = read.number("expansion_per_humidity", shell.expansionPerHumidity);
}

Result<Hoop, InputProblem> hoopFrom(const Json& j, const Catalogue& catalogue) {
    if (j.is_string()) {
        const auto kind =
            std::find_if(catalogue.hoops.begin(), catalogue.hoops.end(),
                         [&](const HoopKind& k) { return k.hoop.kind == j.get<std::string>(); });
        if (kind != catalogue.hoops.end())
            return kind->hoop;
        return failure(
            InputProblem{"", fmt::format("there is no hoop \"{}\" in the catalogue", j.get<std::string>())});
    }
    Reader read(j);
    Hoop hoop;
    hoop.kind = read.text("kind", hoop.kind);
    hoop.perTurn = Tension{read.number("per_turn_n_per_m", hoop.perTurn.value)};
    if (read.problem())
        return failure(*read.problem());
    return hoop;
}

Result<WireSet, InputProblem> wiresFrom(const Json& j) {
    Reader read(j);
    const WireSet usual;
    WireSet wires;
    wires.strands = wholeNumber(read, "strands", usual.strands);
    wires.material = read.text("material", usual.material);
    wires.mass = Kilograms{read.number("mass_kg", usual.mass.value)};
    wires.slackTurns = read.number("slack_turns", usual.slackTurns);
    if (read.problem())
        return failure(*read.problem());
    return wires;
}

/// `from(entry)` for each entry of the array at `key`, with the place named in a problem.
template <class T, class From>
std::optional<InputProblem> readAll(const Json& j, const std::string& key, std::vector<T>& into, From from) {
    if (!j.is_object() || !j.contains(key) || !j[key].is_array())
        return InputProblem{key, "an array was expected"};
    for (std::size_t i = 0; i < j[key].size(); ++i) {
        auto value = from(j[key][i]);
        if (!value)
            return within(fmt::format("{}.{}", key, i), value.fault());
        into.push_back(std::move(value).value());
    }
    return std::nullopt;
}

std::int64_t timeAt(Reader& read, const std::string& key) {
    const double time = read.number(key, 0.0);
    read.needs(key, time >= 0.0 && time <= kLatestTime && time == std::floor(time),
               "must be whole seconds since 1970");
    return static_cast<std::int64_t>(std::clamp(time, 0.0, kLatestTime));
}

/// What is known of its parts beside their figures: since when, and what was guessed.
std::optional<InputProblem> readHistory(const Json& j, Drum& drum) {
    Reader read(j);
    drum.markedRod = wholeNumber(read, "marked_rod", 0);
    if (read.problem())
        return read.problem();
    for (const char* key : {"fitted_at", "played_before_hours", "guessed"})
        if (j.contains(key) && !j[key].is_object())
            return InputProblem{key, "an object was expected"};
    if (j.contains("fitted_at")) {
        Reader fitted(j["fitted_at"]);
        drum.fittedAt = {timeAt(fitted, "batter"), timeAt(fitted, "snare_side"), timeAt(fitted, "wires")};
        if (fitted.problem())
            return within("fitted_at", *fitted.problem());
    }
    if (j.contains("played_before_hours")) {
        Reader hours(j["played_before_hours"]);
        drum.playedBefore = {hours.number("batter", 0.0), hours.number("snare_side", 0.0)};
        if (hours.problem())
            return within("played_before_hours", *hours.problem());
    }
    if (j.contains("guessed")) {
        Reader guess(j["guessed"]);
        drum.guessed = {guess.flag("shell", false), guess.flag("batter", false),
                        guess.flag("snare_side", false), guess.flag("wires", false),
                        guess.flag("hoop", false)};
        if (guess.problem())
            return within("guessed", *guess.problem());
    }
    return std::nullopt;
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
    head.plies = wholeNumber(read, "plies", head.plies);
    head.coating = read.text("coating", head.coating);
    head.reinforcement = read.text("reinforcement", head.reinforcement);
    head.vents = wholeNumber(read, "vents", head.vents);
    head.modulusPerKelvin = read.number("modulus_per_kelvin", head.modulusPerKelvin);
    head.expansionPerKelvin = read.number("expansion_per_kelvin", head.expansionPerKelvin);
    head.expansionPerHumidity = read.number("expansion_per_humidity", head.expansionPerHumidity);
    if (read.problem())
        return failure(*read.problem());
    return head;
}

Result<Catalogue, InputProblem> catalogueFromJson(const Json& heads, const Json& shells, const Json& hoops,
                                                  const Json& wires) {
    Catalogue catalogue;
    if (auto problem = readAll(heads, "heads", catalogue.heads, headFromJson))
        return failure(*problem);
    auto shellKind = [](const Json& j) -> Result<ShellKind, InputProblem> {
        Reader read(j);
        ShellKind kind{read.text("id"), read.text("name"), read.number("expansion_per_kelvin"),
                       read.number("expansion_per_humidity"), read.text("source")};
        if (read.problem())
            return failure(*read.problem());
        return kind;
    };
    if (auto problem = readAll(shells, "shells", catalogue.shells, shellKind))
        return failure(*problem);
    auto hoopKind = [](const Json& j) -> Result<HoopKind, InputProblem> {
        Reader read(j);
        HoopKind kind{read.text("name"), {}, read.text("source")};
        auto hoop = hoopFrom(j, {});
        if (!hoop || read.problem())
            return failure(hoop ? *read.problem() : hoop.fault());
        kind.hoop = std::move(hoop).value();
        return kind;
    };
    if (auto problem = readAll(hoops, "hoops", catalogue.hoops, hoopKind))
        return failure(*problem);
    auto wireKind = [](const Json& j) -> Result<WireKind, InputProblem> {
        Reader read(j);
        WireKind kind{read.text("id"), read.text("name"), {}, read.text("source")};
        auto set = wiresFrom(j);
        if (!set || read.problem())
            return failure(set ? *read.problem() : set.fault());
        kind.wires = std::move(set).value();
        return kind;
    };
    if (auto problem = readAll(wires, "wires", catalogue.wires, wireKind))
        return failure(*problem);
    return catalogue;
}

Result<Drum, InputProblem> drumFromJson(const Json& j, const Catalogue& catalogue) {
    if (!j.is_object())
        return failure(InputProblem{"drum", "an object with the drum's figures was expected"});
    Reader read(j);
    Drum drum;
    drum.id = read.text("id", "own");
    drum.name = read.text("name", drum.id);
    readShell(read, drum.shell, catalogue);
    drum.rods = wholeNumber(read, "rods", 8);
    if (read.problem())
        return failure(*read.problem());
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        auto head = headAt(j, side == HeadSide::Batter ? "batter" : "snare_side", catalogue.heads);
        if (!head)
            return failure(head.fault());
        (side == HeadSide::Batter ? drum.batterHead : drum.snareSideHead) = std::move(head).value();
    }
    if (j.contains("hoop")) {
        auto hoop = hoopFrom(j["hoop"], catalogue);
        if (!hoop)
            return failure(within("hoop", hoop.fault()));
        drum.hoop = std::move(hoop).value();
    }
    if (j.contains("wires")) {
        auto wires = wiresFrom(j["wires"]);
        if (!wires)
            return failure(within("wires", wires.fault()));
        drum.wires = std::move(wires).value();
    }
    if (auto problem = readHistory(j, drum))
        return failure(*problem);
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
            {"source", head.source},
            {"plies", head.plies},
            {"coating", head.coating},
            {"reinforcement", head.reinforcement},
            {"vents", head.vents},
            {"modulus_per_kelvin", head.modulusPerKelvin},
            {"expansion_per_kelvin", head.expansionPerKelvin},
            {"expansion_per_humidity", head.expansionPerHumidity}};
}

Json toJson(const Drum& drum) {
    Json json{{"id", drum.id},
              {"name", drum.name},
              {"diameter_m", drum.shell.diameter.value},
              {"depth_m", drum.shell.depth.value},
              {"material", drum.shell.material},
              {"expansion_per_kelvin", drum.shell.expansionPerKelvin},
              {"expansion_per_humidity", drum.shell.expansionPerHumidity},
              {"rods", drum.rods},
              {"batter", toJson(drum.batterHead)},
              {"snare_side", toJson(drum.snareSideHead)},
              {"hoop", {{"kind", drum.hoop.kind}, {"per_turn_n_per_m", drum.hoop.perTurn.value}}},
              {"wires",
               {{"strands", drum.wires.strands},
                {"material", drum.wires.material},
                {"mass_kg", drum.wires.mass.value},
                {"slack_turns", drum.wires.slackTurns}}}};
    if (drum.fittedAt != FittedAt{})
        json["fitted_at"] = {{"batter", drum.fittedAt.batter},
                             {"snare_side", drum.fittedAt.snareSide},
                             {"wires", drum.fittedAt.wires}};
    if (drum.playedBefore != PlayedBefore{})
        json["played_before_hours"] = {{"batter", drum.playedBefore.batter},
                                       {"snare_side", drum.playedBefore.snareSide}};
    if (drum.guessed.any())
        json["guessed"] = {{"shell", drum.guessed.shell},
                           {"batter", drum.guessed.batter},
                           {"snare_side", drum.guessed.snareSide},
                           {"wires", drum.guessed.wires},
                           {"hoop", drum.guessed.hoop}};
    if (drum.markedRod > 0)
        json["marked_rod"] = drum.markedRod;
    return json;
}

} // namespace bombo
