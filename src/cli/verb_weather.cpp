#include "cli/verbs.h"
#include "core/acoustics/pitches_in_weather.h"

#include <cmath>

namespace bombo::cli {
namespace {

Json stateJson(const NamedPitches& pitches, Tension batter, Tension snareSide, const Weather& weather) {
    Json j = pitchesJson(pitches);
    j["batter_tension_n_per_m"] = batter.value;
    j["snare_side_tension_n_per_m"] = snareSide.value;
    j["sound_speed_m_per_s"] = airAt(weather).soundSpeed;
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
    const Json before =
        stateJson(targets->pitches, targets->batter.tension, targets->snareSide.tension, *from);
    Json answer{{"before", before}};
    for (const ShellFollows follows : {ShellFollows::ThisEvening, ShellFollows::AfterDays}) {
        const PitchesInWeather there =
            pitchesInWeather(*drum, targets->batter.tension, targets->snareSide.tension, *from, *to, follows);
        if (there.isSlack())
            return Cannot{"there a head falls slack: it swells more than it was drawn down; tune it there"};
        const Json after = stateJson(there.pitches, there.batter, there.snareSide, *to);
        const Json above = pitchesJson(there.above);
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
