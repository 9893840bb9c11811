#include "core/log/entry.h"
#include "core/procedure/head_rounds.h"
#include "core/record/entry_figures.h"
#include "core/record/head_heard.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "core/record/muffling_says.h"
#include "core/record/proof.h"
#include "core/record/strokes_say.h"

#include <cmath>

namespace bombo {

namespace {

Json padsJson(const std::vector<Pad>& pads) {
    Json laid = Json::array();
    for (const Pad& pad : pads)
        laid.push_back({{"kind", pad.kind.id},
                        {"radius_m", pad.fromCentre.value},
                        {"angle_deg", pad.angle.value * 180.0 / std::numbers::pi}});
    return laid;
}

const char* knownName(Known known) {
    switch (known) {
    case Known::Measured:
        return "measured";
    case Known::Predicted:
        return "predicted";
    case Known::Said:
        return "said";
    case Known::ByGauge:
        break;
    }
    return "by_gauge";
}

/// Every line of the proof with where its figure comes from.
Json proofJson(const Session& session) {
    Json lines = Json::array();
    if (!targetsOf(session))
        return lines;
    for (const ProofLine& line : proofLines(session))
        lines.push_back({{"item", proofItemName(line.item)},
                         {"wanted", line.wanted},
                         {"reached", line.reached ? Json(*line.reached) : Json()},
                         {"known", line.reached ? Json(knownName(line.known)) : Json()},
                         {"verdict", proofVerdictName(line.verdict)},
                         {"stale", line.isStale}});
    return lines;
}

Json seconds(const std::optional<Seconds>& time) {
    return time ? Json(time->value) : Json();
}

Json saysJson(const StrokesSay& says) {
    return {{"ring_s", seconds(says.ring)}, {"ring_error_s", seconds(says.ringError)},
            {"tone_s", seconds(says.tone)}, {"tone_error_s", seconds(says.toneError)},
            {"buzz_s", seconds(says.buzz)}, {"buzz_error_s", seconds(says.buzzError)},
            {"strokes", says.strokes}};
}

/// What the search for a fault saw of the batter that is on.
Json lookJson(const Session& session) {
    Json look = Json::object();
    if (!session.faults || session.drum.fittedAt.batter > session.faults->begunAt) // seen of the one before
        return look;
    for (const FaultAnswer& answer : session.faults->answers) {
        if (answer.test == "coating_look" && answer.level &&
            *answer.level < static_cast<int>(kCoatingLooks.size()))
            look["coating"] = kCoatingLooks[static_cast<std::size_t>(*answer.level)];
        if (answer.test == "slack_dish" && answer.level)
            look["dished"] = *answer.level == 1;
    }
    return look;
}

/// Where a head stands by the count: no ear heard it since it was turned.
Json countedJson(const HeadWork& work, const HeadBrief& brief, const FinishedRound& heard,
                 const TurnResponse& response) {
    const Tension tension = tensionNow(work, brief);
    const double turns = work.meanTurns().value - meanOf(heard.rodTurns).value;
    const double byCount = kCentsPerShare * response.line.slopeSpread() * std::abs(turns) / tension.value;
    return {{"measured_hz",
             edgePitch(drumState(brief.drum, tension, tension, airAt(brief.weather)), brief.side).value},
            {"error_cents", std::hypot(errorOf(heard).value, byCount)},
            {"counted", true}};
}

} // namespace

Json setupSummary(const Session& session) {
    auto headJson = [&](HeadSide side) {
        const HeadBrief brief = briefFor(session, side);
        const HeadWork& work = session.head(side);
        const Drum& drum = session.drum;
        Json head{{"target_hz", brief.target.value},
                  {"turns", work.rodTurns},
                  {"counted_from_slack",
                   work.stage != HeadStage::FingerTight && work.condition != HeadCondition::AsItStands},
                  {"measured_hz", nullptr},
                  {"widest_cents", nullptr},
                  {"within_tolerance", work.withinTolerance},
                  {"head", drum.head(side).id},
                  {"fitted_at", side == HeadSide::Batter ? drum.fittedAt.batter : drum.fittedAt.snareSide},
                  {"played_before_hours",
                   side == HeadSide::Batter ? drum.playedBefore.batter : drum.playedBefore.snareSide}};
        const bool isTurnedSince = !work.history.empty() && work.history.back().rodTurns != work.rodTurns;
        if (const auto estimate = lastEstimate(work); estimate && !isTurnedSince) {
            head["measured_hz"] = estimate->mean.value;
            head["widest_cents"] = estimate->widest.value;
        }
        if (const FinishedRound* round = work.history.empty() ? nullptr : heardHere(work)) {
            const TurnResponse response = turnResponseOf(work, brief);
            if (isTurnedSince) {
                head.update(countedJson(work, brief, *round, response));
            } else {
                head["error_cents"] = errorOf(*round).value;
                head["rods_cents"] = rodsOf(*round);
            }
            head["per_turn_n_per_m"] = response.perTurn().value;
            head["per_turn_error_n_per_m"] = response.line.slopeSpread();
        }
        if (const FinishedRound* round = asFound(work))
            head["found"] = {{"measured_hz", estimateOf(*round).mean.value},
                             {"error_cents", errorOf(*round).value},
                             {"rods_cents", rodsOf(*round)}};
        if (side == HeadSide::Batter)
            if (Json look = lookJson(session); !look.empty())
                head["look"] = std::move(look);
        return head;
    };
    Json experiments = Json::array();
    for (const ExperimentResult& result : session.experiments)
        experiments.push_back({{"what", result.what},
                               {"before", saysJson(result.before)},
                               {"after", saysJson(result.after)},
                               {"kept", result.kept}});
    Json microphone;
    if (session.microphone)
        microphone = {{"angle_deg", session.microphone->angle.value * 180.0 / std::numbers::pi},
                      {"distance_m", session.microphone->fromCentre.value},
                      {"height_m", session.microphone->height.value}};
    const auto metres = [](const std::optional<Metres>& length) {
        return length ? Json(length->value) : Json();
    };
    Json layout;
    if (session.layout)
        layout = {{"strainer_gap_m", metres(session.layout->strainerGap)},
                  {"butt_gap_m", metres(session.layout->buttGap)}};
    Json blind;
    if (session.blind)
        blind = {{"trials", session.blind->trials},
                 {"before", session.blind->before},
                 {"after", session.blind->after}};
    return {{"drum", session.drum.name},
            {"tone", session.tone.name},
            {"batter", headJson(HeadSide::Batter)},
            {"snare_side", headJson(HeadSide::SnareSide)},
            {"strainer_turns", session.wires.begun ? Json(session.wires.strainer.value) : Json()},
            {"ring_predicted_s", mufflingOf(session).ringAfter.value},
            {"heard", saysJson(strokesSay(session))},
            {"pads", padsJson(session.pads)},
            {"microphone", microphone},
            {"wire_layout", layout},
            {"proof", proofJson(session)},
            {"experiments", experiments},
            {"blind", blind},
            {"wires",
             {{"set", wiresText(session.drum.wires)},
              {"slack_turns", session.drum.wires.slackTurns},
              {"fitted_at", session.drum.fittedAt.wires}}},
            {"diameter_m", session.drum.shell.diameter.value},
            {"stars", session.stars},
            {"weather_said", session.weatherAt > 0},
            {"temperature_c", session.weather.temperature.value},
            {"relative_humidity", session.weather.relativeHumidity},
            {"pressure_pa", session.weather.pressure.value},
            {"note", noteNow(session)}};
}

} // namespace bombo
