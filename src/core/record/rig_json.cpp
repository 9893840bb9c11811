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
    auto read = drumRigAsFarAsRead(text);
    return read.damage.empty() ? Result<DrumRig, InputProblem>(std::move(read.rig))
                               : failure(read.damage.front());
}

namespace {

/// Reads one part into the rig if the rig is whole with it; else notes what is wrong and leaves the part as
/// it was.
template <class Rig, class Read> void readPart(AsFarAsRead<Rig>& into, const char* key, Read read) {
    Rig with = into.rig;
    try {
        read(with);
        if (auto problem = faultIn(with))
            into.damage.push_back(*problem);
        else
            into.rig = std::move(with);
    } catch (const Json::exception& problem) {
        into.damage.push_back({key, problem.what()});
    }
}

/// A list item by item: a damaged one is left out, the others stay.
template <class Rig, class Item>
void readItems(AsFarAsRead<Rig>& into, const Json& kept, const char* key, std::vector<Item> Rig::*list) {
    if (!kept.contains(key) || kept[key].is_null())
        return;
    if (!kept[key].is_array()) {
        into.damage.push_back({key, "must be a list"});
        return;
    }
    AsFarAsRead<Rig> whole = into;
    readPart(whole, key, [&](Rig& rig) { rig.*list = kept[key].get<std::vector<Item>>(); });
    if (whole.damage.size() == into.damage.size()) {
        into = std::move(whole);
        return;
    }
    for (const Json& item : kept[key])
        readPart(into, key, [&](Rig& rig) { (rig.*list).push_back(item.get<Item>()); });
}

template <class Rig> bool isObject(AsFarAsRead<Rig>& into, const Json& kept) {
    if (!kept.is_object())
        into.damage.push_back({"rig", "is no JSON object"});
    return kept.is_object();
}

} // namespace

AsFarAsRead<DrumRig> drumRigAsFarAsRead(const std::string& text) {
    const Json kept = parsedJson(text);
    AsFarAsRead<DrumRig> read;
    if (!isObject(read, kept))
        return read;
    readPart(read, "layout", [&](DrumRig& rig) {
        rig.layout = kept.value("layout", Json()).get<std::optional<WireLayout>>();
    });
    readPart(read, "microphone", [&](DrumRig& rig) {
        rig.microphone = kept.value("microphone", Json()).get<std::optional<MicrophonePlace>>();
    });
    readPart(read, "gauge", [&](DrumRig& rig) { rig.gauge.name = kept.value("gauge", std::string()); });
    return read;
}

std::string placeRigText(const PlaceRig& rig) {
    return Json(rig).dump();
}

Result<PlaceRig, InputProblem> placeRigFromText(const std::string& text) {
    auto read = placeRigAsFarAsRead(text);
    return read.damage.empty() ? Result<PlaceRig, InputProblem>(std::move(read.rig))
                               : failure(read.damage.front());
}

AsFarAsRead<PlaceRig> placeRigAsFarAsRead(const std::string& text) {
    const Json kept = parsedJson(text);
    AsFarAsRead<PlaceRig> read;
    if (!isObject(read, kept))
        return read;
    readPart(read, "leftHanded", [&](PlaceRig& rig) { rig.leftHanded = kept.value("leftHanded", false); });
    readItems(read, kept, "ownKinds", &PlaceRig::ownKinds);
    readItems(read, kept, "neighbours", &PlaceRig::neighbours);
    readItems(read, kept, "foundCauses", &PlaceRig::foundCauses);
    readItems(read, kept, "earResults", &PlaceRig::earResults);
    readItems(read, kept, "tuningResults", &PlaceRig::tuningResults);
    return read;
}

} // namespace bombo
