#include "core/drum/drum.h"

#include <fmt/format.h>
#include <optional>

namespace bombo {
namespace {

std::optional<InputProblem> outside(const char* key, double value, double low, double high,
                                    const char* unit) {
    if (value >= low && value <= high)
        return std::nullopt;
    return InputProblem{key,
                        fmt::format("{:g} {} is outside {:g} to {:g} {}; the nearest usable value is {:g}",
                                    value, unit, low, high, unit, value < low ? low : high)};
}

std::optional<InputProblem> headProblem(const std::string& key, const HeadSpec& head) {
    if (auto p = outside((key + ".thickness_m").c_str(), head.thickness.value, 2e-5, 1e-3, "m"))
        return p;
    if (auto p =
            outside((key + ".areal_density_kg_per_m2").c_str(), head.arealDensity.value, 0.02, 2.0, "kg/m2"))
        return p;
    if (auto p = outside((key + ".modulus_pa").c_str(), head.modulus.value, 1e8, 2e10, "Pa"))
        return p;
    if (auto p = outside((key + ".poisson").c_str(), head.poisson, 0.0, 0.49, ""))
        return p;
    return outside((key + ".yield_pa").c_str(), head.yield.value, 1e6, 1e9, "Pa");
}

} // namespace

Result<Drum, InputProblem> checkedDrum(Drum drum) {
    if (auto p = outside("diameter_m", drum.shell.diameter.value, 0.15, 0.6, "m"))
        return failure(*p);
    if (auto p = outside("depth_m", drum.shell.depth.value, 0.03, 0.6, "m"))
        return failure(*p);
    if (auto p = outside("rods", drum.rods, kFewestRods, kMostRods, "rods"))
        return failure(*p);
    if (auto p = outside("marked_rod", drum.markedRod, 0, drum.rods, ""))
        return failure(*p);
    for (const std::int64_t time : {drum.fittedAt.batter, drum.fittedAt.snareSide, drum.fittedAt.wires})
        if (auto p = outside("fitted_at", static_cast<double>(time), 0.0, kLatestTime, "s"))
            return failure(*p);
    for (const double hours : {drum.playedBefore.batter, drum.playedBefore.snareSide})
        if (auto p = outside("played_before_hours", hours, 0.0, kMostPlayedBefore, "hours"))
            return failure(*p);
    if (auto p = headProblem("batter", drum.batterHead))
        return failure(*p);
    if (auto p = headProblem("snare_side", drum.snareSideHead))
        return failure(*p);
    if (auto p = outside("hoop.per_turn_n_per_m", drum.hoop.perTurn.value, 200, 20000, "N/m"))
        return failure(*p);
    if (auto p = outside("wires.strands", drum.wires.strands, 1, 60, "strands"))
        return failure(*p);
    if (auto p = outside("wires.mass_kg", drum.wires.mass.value, 0.001, 0.1, "kg"))
        return failure(*p);
    if (auto p = outside("wires.slack_turns", drum.wires.slackTurns, -10.0, 10.0, "turns"))
        return failure(*p);
    return drum;
}

} // namespace bombo
