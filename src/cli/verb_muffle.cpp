#include "cli/verbs.h"
#include "core/muffling/muffling.h"
#include "core/tuning/targets.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

const char* padProblemText(PadProblem problem) {
    switch (problem) {
    case PadProblem::BeyondHoop:
        return "reaches beyond the hoop; move it in";
    case PadProblem::OnLandingArea:
        return "lies where the stick lands; move it out";
    case PadProblem::Overlaps:
        return "overlaps another pad; move it away";
    case PadProblem::None:
        break;
    }
    return "";
}

} // namespace

Answer muffle(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto tone = toneAt(in, shelf);
    if (!tone)
        return tone.fault();
    const auto targets = targetsFor(*drum, *tone);
    if (!targets)
        return Cannot{"this drum cannot reach the tone; see plan"};
    std::vector<Pad> pads;
    if (in.contains("items")) {
        if (!in["items"].is_array())
            return InputProblem{"items", "must be an array"};
        for (const Json& entry : in["items"]) {
            const std::string at = fmt::format("items[{}]", pads.size());
            const auto kind = textAt(entry, "kind");
            if (!kind)
                return InputProblem{at + "." + kind.fault().key, kind.fault().message};
            if (*kind != PadKind{}.id)
                return InputProblem{at + ".kind", "must be \"gel-pad\""};
            const auto radius = numberAt(entry, "radius_m");
            if (!radius)
                return InputProblem{at + "." + radius.fault().key, radius.fault().message};
            const auto angle = numberAt(entry, "angle_deg");
            if (!angle)
                return InputProblem{at + "." + angle.fault().key, angle.fault().message};
            const Pad pad{Metres{*radius}, Radians{*angle * std::numbers::pi / 180.0}, {}};
            const PadProblem problem = checkPad(pad, pads, drum->shell);
            if (problem != PadProblem::None)
                return InputProblem{at, padProblemText(problem)};
            pads.push_back(pad);
        }
    }
    double target = tone->ring.value;
    if (in.contains("target_t60_s")) {
        const auto wished = numberAt(in, "target_t60_s");
        if (!wished)
            return wished.fault();
        target = *wished;
    }
    const auto state = tunedState(*drum, *targets);
    const MufflingPrediction prediction = predictMuffling(*drum, state, pads);
    Json partials = Json::array();
    for (const MuffledPartial& p : prediction.partials)
        partials.push_back({{"m", p.m},
                            {"frequency_hz", p.frequencyAfter.value},
                            {"t60_before_s", p.t60Before.value},
                            {"t60_after_s", p.t60After.value}});
    return Json{{"partials", partials},
                {"ring_before_s", prediction.ringBefore.value},
                {"ring_s", prediction.ringAfter.value},
                {"target_t60_s", target}};
}

} // namespace bombo::cli
