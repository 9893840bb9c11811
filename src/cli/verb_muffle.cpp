#include "cli/muffling_inputs.h"
#include "cli/tuned_drum.h"
#include "core/acoustics/film.h"
#include "core/procedure/ring_plans.h"

namespace bombo::cli {
namespace {

const char* schoolName(RingSchool school) {
    switch (school) {
    case RingSchool::TuneOut:
        return "tune_out";
    case RingSchool::LetRing:
        return "let_ring";
    case RingSchool::MaskWithWires:
        return "mask_with_wires";
    case RingSchool::Shorten:
        return "shorten";
    case RingSchool::Muffle:
        break;
    }
    return "muffle";
}

Json planJson(const RingPlan& plan) {
    Json out{{"school", schoolName(plan.school)}, {"ring_s", plan.ring.value}, {"reaches", plan.reaches}};
    switch (plan.school) {
    case RingSchool::TuneOut:
        out["batter_turns"] = plan.batter.value;
        out["centre_cents"] = plan.centre.value;
        out["film_load"] = plan.filmLoad;
        break;
    case RingSchool::MaskWithWires:
        out["knob_turns"] = plan.knob.value;
        out["buzz_s"] = plan.buzz->value;
        break;
    case RingSchool::LetRing:
        break;
    case RingSchool::Shorten:
    case RingSchool::Muffle:
        out["items"] = itemsJson(plan.pads);
        out["start_db"] = plan.startDb;
        out["rebound_loss"] = plan.reboundLoss;
        break;
    }
    return out;
}

/// The wires as they stand, for the school that masks the ring with them.
std::optional<InputProblem> readWires(const Json& in, const Drum& drum, const Tone& tone,
                                      const Targets& targets, RingPlanWish& wish) {
    if (!in.contains("strainer_turns"))
        return std::nullopt;
    const auto knob = numberAt(in, "strainer_turns");
    if (!knob)
        return knob.fault();
    const WireAdvice advice = adviseWires({.slackTurns = drum.wires.slackTurns,
                                           .snareSideFilmLoad = targets.snareSide.filmLoad,
                                           .margin = tone.wireMargin,
                                           .current = Turns{*knob}});
    wish.knob = Turns{*knob};
    wish.whisperChoke = advice.choke(StrokePlace::Middle, Dynamic::Whisper).turns;
    wish.contact = advice.contact;
    wish.loosest = advice.rattleBelow;
    return std::nullopt;
}

const char* whyNot(CalibrationFault fault) {
    switch (fault) {
    case CalibrationFault::TooFewPartials:
        return "no partial that this drum has was heard both times";
    case CalibrationFault::NothingChanged:
        return "nothing changed between the two hearings: lay it further in";
    case CalibrationFault::DoesNotFit:
        break;
    }
    return "no mass at that place moves the partials so: check the place and that nothing else was changed, "
           "and hear both again";
}

} // namespace

Answer muffle(const Json& in, const Shelf& shelf) {
    const auto tuned = tunedDrumAt(in, shelf);
    if (!tuned)
        return tuned.fault();
    const auto& [drum, tone, targets, state] = *tuned;
    if (in.contains("calibrate")) {
        const auto calibration = calibrationAt(in["calibrate"]);
        if (!calibration)
            return InputProblem{"calibrate." + calibration.fault().key, calibration.fault().message};
        const auto kind = calibrateKind(state, calibration->pad, calibration->partials);
        if (!kind)
            return Cannot{whyNot(kind.fault())};
        return Json{{"kind", kindJson(*kind)}};
    }
    const auto pads = itemsAt(in, drum.shell);
    if (!pads)
        return pads.fault();
    const auto microphone = microphoneAt(in);
    if (!microphone)
        return microphone.fault();
    Seconds target = tone.ring;
    if (in.contains("target_t60_s")) {
        const auto wished = numberAt(in, "target_t60_s");
        if (!wished)
            return wished.fault();
        if (*wished < 0.02 || *wished > 10.0)
            return InputProblem{"target_t60_s", "must lie between 0.02 and 10"};
        target = Seconds{*wished};
    }
    RingPlanWish wish{.ring = target, .laid = {}, .perTurn = tensionPerTurnPrior(drum, HeadSide::Batter)};
    if (auto problem = readWires(in, drum, tone, targets, wish))
        return *problem;

    const MufflingPrediction prediction = predictMuffling(drum, state, *pads);
    Json partials = Json::array();
    for (const MuffledPartial& p : prediction.partials)
        partials.push_back({{"m", p.m},
                            {"frequency_hz", p.frequencyAfter.value},
                            {"t60_before_s", p.t60Before.value},
                            {"t60_after_s", p.t60After.value}});
    const auto ringFrom = [&tuned, &pads, &microphone](HeardFrom from) {
        const HearingPoint point{from, microphone->value_or(MicrophonePlace{})};
        return predictMuffling(tuned->drum, tuned->state, *pads, point).ringAfter.value;
    };
    Json heard{{"player_s", ringFrom(HeardFrom::Player)}, {"room_s", ringFrom(HeardFrom::Room)}};
    if (*microphone)
        heard["microphone_s"] = ringFrom(HeardFrom::Microphone);
    Json suggestions = Json::array();
    for (const RingPlan& plan : ringPlans(drum, state, wish))
        suggestions.push_back(planJson(plan));
    return Json{{"partials", partials},
                {"ring_before_s", prediction.ringBefore.value},
                {"ring_s", prediction.ringAfter.value},
                {"heard", heard},
                {"start_db", prediction.startDb},
                {"rebound_loss", prediction.reboundLoss},
                {"target_t60_s", target.value},
                {"suggestions", suggestions}};
}

} // namespace bombo::cli
