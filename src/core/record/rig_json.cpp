#include "core/record/json_enum.h"
#include "core/record/json_values.h"
#include "core/record/pad_json.h"
#include "core/record/state_check.h"

namespace bombo {

BOMBO_STORED_NAMES(Attachment, {{Attachment::Strap, "strap"}, {Attachment::Cord, "cord"}})
BOMBO_STORED_NAMES(RefitSchool,
                   {{RefitSchool::StrainerFirst, "strainer_first"}, {RefitSchool::ButtFirst, "butt_first"}})
BOMBO_STORED_NAMES(NeighbourKind, {{NeighbourKind::Tom, "tom"},
                                   {NeighbourKind::BassDrum, "bass_drum"},
                                   {NeighbourKind::BassNote, "bass_note"},
                                   {NeighbourKind::Voice, "voice"},
                                   {NeighbourKind::Other, "other"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(WireLayout, strands, plate, wall, strainerDrop, buttDrop,
                                                attachment, school, travel, knob, perTurn, strainerGap,
                                                buttGap)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(NeighbourPartial, frequency, t60, levelDb)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(Neighbour, name, kind, partials)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(MicrophonePlace, angle, fromCentre, height)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(FoundCause, caseAt, drumId, cause)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(EarResult, at, who, exercise, threshold, error, trials)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(TuningResult, at, who, task, help, isDone, widestBefore, widestAfter,
                                   offAfter, passes, placements, fewest, load, seconds)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PlaceRig, ownKinds, neighbours, leftHanded, foundCauses,
                                                earResults, tuningResults)

std::string drumRigText(const DrumRig& rig) {
    return Json{{"layout", rig.layout}, {"microphone", rig.microphone}, {"gauge", rig.gauge.name}}.dump();
}

Result<DrumRig, InputProblem> drumRigFromText(const std::string& text) {
    try {
        const Json kept = Json::parse(text);
        DrumRig rig;
        rig.layout = kept.value("layout", Json()).get<std::optional<WireLayout>>();
        rig.microphone = kept.value("microphone", Json()).get<std::optional<MicrophonePlace>>();
        rig.gauge.name = kept.value("gauge", std::string());
        if (auto problem = faultIn(rig))
            return failure(*problem);
        return rig;
    } catch (const Json::exception& problem) {
        return failure(InputProblem{"rig", problem.what()});
    }
}

std::string placeRigText(const PlaceRig& rig) {
    return Json(rig).dump();
}

Result<PlaceRig, InputProblem> placeRigFromText(const std::string& text) {
    try {
        const PlaceRig rig = Json::parse(text).get<PlaceRig>();
        if (auto problem = faultIn(rig))
            return failure(*problem);
        return rig;
    } catch (const Json::exception& problem) {
        return failure(InputProblem{"rig", problem.what()});
    }
}

} // namespace bombo
