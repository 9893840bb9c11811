#include "cli/verbs.h"
#include "core/record/json_reader.h"
#include "core/tuning/correction.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

Result<HeardDrum, InputProblem> heardAt(const Json& in) {
    if (!in.contains("heard"))
        return failure(
            InputProblem{"heard", "is missing; give batter_edge_hz and centre_hz or snare_side_edge_hz"});
    const Json& j = in["heard"];
    Reader read(j);
    HeardDrum heard;
    heard.batterEdge = Hertz{read.number("batter_edge_hz")};
    const std::string how = read.text("edge_heard", "muted");
    read.needs("edge_heard", how == "muted" || how == "open", "must be \"muted\" or \"open\"");
    heard.edgeHeardOpen = how == "open";
    if (j.is_object() && j.contains("snare_side_edge_hz"))
        heard.snareSideEdge = Hertz{read.number("snare_side_edge_hz")};
    if (j.is_object() && j.contains("centre_hz"))
        heard.centre = Hertz{read.number("centre_hz")};
    read.needs("batter_edge_hz", heard.batterEdge.value > 0.0, "must be above 0");
    read.needs("snare_side_edge_hz", !heard.snareSideEdge || heard.snareSideEdge->value > 0.0,
               "must be above 0");
    read.needs("centre_hz", !heard.centre || heard.centre->value > 0.0, "must be above 0");
    if (read.problem())
        return failure(within("heard", *read.problem()));
    return heard;
}

Json stepJson(const CorrectionStep& step) {
    return {{"turns", step.turns.value},
            {"exact_turns", step.exact.value},
            {"turns_standard_error", step.error.value},
            {"alone", pitchesJson(step.alone)}};
}

} // namespace

Answer correct(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto heard = heardAt(in);
    if (!heard)
        return heard.fault();
    const auto weather = weatherAt(in);
    if (!weather)
        return weather.fault();
    const auto brief = briefAt(in, shelf);
    if (!brief)
        return brief.fault();
    const Air air = airAt(*weather);
    const auto targets = targetsFor(*drum, *brief, air);
    if (!targets)
        return Cannot{"this drum cannot reach the tone; see plan"};
    const auto correction = correctBoth(*drum, *heard, targets->batter.tension, targets->snareSide.tension,
                                        turnModelPrior(*drum), air);
    if (!correction)
        return correction.fault() == CorrectionFault::NothingToGoBy
                   ? Answer(InputProblem{"heard", "needs snare_side_edge_hz (muted) or centre_hz beside the "
                                                  "batter's edge pitch"})
                   : Answer(Cannot{"no pair of tensions of this drum sounds like that: a tap was misread, or "
                                   "the wrong drum or head is chosen"});
    Json warnings = Json::array();
    if (correction->disagrees && std::abs(correction->disagrees->value) > kCentresDisagree.value)
        warnings.push_back(fmt::format("the centre pitch heard is {:+.0f} cents from what the edges imply; "
                                       "hear it again with both heads free",
                                       correction->disagrees->value));
    return Json{
        {"now", pitchesJson(correction->now)},           {"batter", stepJson(correction->batter)},
        {"snare_side", stepJson(correction->snareSide)}, {"after_both", pitchesJson(correction->after)},
        {"wanted", pitchesJson(targets->pitches)},       {"warnings", warnings}};
}

} // namespace bombo::cli
