#include "core/record/json_values.h"

namespace bombo {

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
