#include "cli/verbs.h"
#include "core/acoustics/weather.h"

namespace bombo::cli {
namespace {

Json stateJson(const Drum& drum, Tension batter, Tension snareSide, const Weather& weather) {
    const Air air = airAt(weather);
    Json j = pitchesJson(namedPitches(drumState(drum, batter, snareSide, air)));
    j["batter_tension_n_per_m"] = batter.value;
    j["snare_side_tension_n_per_m"] = snareSide.value;
    j["sound_speed_m_per_s"] = air.soundSpeed;
    return j;
}

} // namespace

Answer weather(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto brief = briefAt(in, shelf);
    if (!brief)
        return brief.fault();
    const auto from = weatherAt(in, "from");
    if (!from)
        return from.fault();
    if (!in.contains("to"))
        return InputProblem{"to", "is missing; give temperature_c, relative_humidity or altitude_m"};
    const auto to = weatherAt(in, "to", *from); // what is not said stays as it was
    if (!to)
        return to.fault();
    const auto targets = targetsFor(*drum, *brief, airAt(*from));
    if (!targets)
        return Cannot{"this drum cannot reach the tone; see plan"};
    auto taken = [&](HeadSide side) {
        return tensionInWeather(*drum, side, targets->head(side).tension, *from, *to);
    };
    const Tension batter = taken(HeadSide::Batter);
    const Tension snareSide = taken(HeadSide::SnareSide);
    if (batter.value < 1.0 || snareSide.value < 1.0)
        return Cannot{"there a head falls slack: it swells more than it was drawn down; tune it there"};
    const Json before = stateJson(*drum, targets->batter.tension, targets->snareSide.tension, *from);
    const Json after = stateJson(*drum, batter, snareSide, *to);
    Json cents;
    for (const char* key : {"batter_edge_hz", "snare_side_edge_hz", "centre_hz"})
        cents[std::string(key, std::string(key).size() - 3)] =
            centsBetween(Hertz{before[key].get<double>()}, Hertz{after[key].get<double>()}).value;
    return Json{{"before", before}, {"after", after}, {"change_cents", cents}};
}

} // namespace bombo::cli
