#include "cli/verbs.h"
#include "core/acoustics/coupled_modes.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

Result<double, InputProblem> inRange(const Json& j, const std::string& key, double low, double high) {
    auto value = numberAt(j, key);
    if (value && (*value < low || *value > high))
        return failure(
            InputProblem{key, fmt::format("{:g} is outside {:g} to {:g}; the nearest usable value is {:g}",
                                          *value, low, high, *value < low ? low : high)});
    return value;
}

Result<HeadState, InputProblem> headState(const Json& in, const std::string& key) {
    if (!in.contains(key) || !in[key].is_object())
        return failure(InputProblem{key, "is missing; give areal_density_kg_per_m2 and tension_n_per_m"});
    const auto density = inRange(in[key], "areal_density_kg_per_m2", 0.02, 2.0);
    if (!density)
        return failure(InputProblem{key + "." + density.fault().key, density.fault().message});
    const auto tension = inRange(in[key], "tension_n_per_m", 10.0, 60000.0);
    if (!tension)
        return failure(InputProblem{key + "." + tension.fault().key, tension.fault().message});
    return HeadState{ArealDensity{*density}, Tension{*tension}};
}

Result<DrumState, InputProblem> stateFrom(const Json& in, const Shelf& shelf) {
    const auto weather = weatherAt(in);
    if (!weather)
        return failure(weather.fault());
    const Air air = airAt(*weather);
    if (!in.contains("drum")) {
        const auto diameter = inRange(in, "diameter_m", 0.15, 0.6);
        if (!diameter)
            return failure(diameter.fault());
        const auto depth = inRange(in, "depth_m", 0.03, 0.6);
        if (!depth)
            return failure(depth.fault());
        const auto batter = headState(in, "batter");
        if (!batter)
            return failure(batter.fault());
        const auto snareSide = headState(in, "snare_side");
        if (!snareSide)
            return failure(snareSide.fault());
        return DrumState{Metres{*diameter / 2.0}, Metres{*depth}, *batter, *snareSide, air};
    }
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return failure(drum.fault());
    const auto batter = inRange(in, "batter_tension_n_per_m", 10.0, 60000.0);
    if (!batter)
        return failure(batter.fault());
    const auto snareSide = inRange(in, "snare_side_tension_n_per_m", 10.0, 60000.0);
    if (!snareSide)
        return failure(snareSide.fault());
    return drumState(*drum, Tension{*batter}, Tension{*snareSide}, air);
}

} // namespace

Answer modes(const Json& in, const Shelf& shelf) {
    const auto state = stateFrom(in, shelf);
    if (!state)
        return state.fault();
    ModeOptions options;
    if (in.contains("air")) {
        const auto air = textAt(in, "air");
        if (!air)
            return air.fault();
        if (*air == "none")
            options.air = AirCoupling::None;
        else if (*air == "inside")
            options.air = AirCoupling::Inside;
        else if (*air != "both")
            return InputProblem{"air", "must be \"none\", \"inside\" or \"both\""};
    }
    Json list = Json::array();
    for (const CoupledMode& mode : coupledModes(*state, options))
        list.push_back({{"m", mode.m},
                        {"frequency_hz", mode.frequency.value},
                        {"batter_share", mode.batterShare},
                        {"snare_side_share", mode.snareSideShare},
                        {"relative_phase_deg", mode.relativePhaseDeg},
                        {"amplitude_ratio", mode.amplitudeRatio},
                        {"radiation_t60_s", mode.radiationT60 ? Json(mode.radiationT60->value) : Json()}});
    return list;
}

} // namespace bombo::cli
