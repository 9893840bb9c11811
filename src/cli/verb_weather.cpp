#include "cli/verbs.h"
#include "core/acoustics/weather.h"

#include <cmath>

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
    const Json before = stateJson(*drum, targets->batter.tension, targets->snareSide.tension, *from);
    Json answer{{"before", before}};
    for (const ShellFollows follows : {ShellFollows::ThisEvening, ShellFollows::AfterDays}) {
        auto carried = [&](HeadSide side) {
            return tensionInWeather(*drum, side, targets->head(side).tension, *from, *to, follows);
        };
        const CarriedTension batter = carried(HeadSide::Batter);
        const CarriedTension snareSide = carried(HeadSide::SnareSide);
        if (batter.tension.value < 1.0 || snareSide.tension.value < 1.0)
            return Cannot{"there a head falls slack: it swells more than it was drawn down; tune it there"};
        auto at = [&](double deviation) {
            auto of = [&](const CarriedTension& head) {
                return std::max(Tension{1.0}, head.tension + deviation * head.standardError);
            };
            return stateJson(*drum, of(batter), of(snareSide), *to);
        };
        const Json after = at(0.0);
        const Json above = at(1.0); // shell and film of one drum err together
        Json cents;
        Json error;
        for (const char* key : {"batter_edge_hz", "snare_side_edge_hz", "centre_hz"}) {
            const Hertz then{after[key].get<double>()};
            const std::string name(key, std::string(key).size() - 3);
            cents[name] = centsBetween(Hertz{before[key].get<double>()}, then).value;
            error[name] = std::abs(centsBetween(then, Hertz{above[key].get<double>()}).value);
        }
        const std::string days = follows == ShellFollows::AfterDays ? "_after_days" : "";
        answer[days.empty() ? "after" : "after_days"] = after;
        answer["change_cents" + days] = cents;
        answer["standard_error_cents" + days] = error;
    }
    return answer;
}

} // namespace bombo::cli
