#include "core/record/json_values.h"

namespace bombo {

NLOHMANN_JSON_SERIALIZE_ENUM(Station, {{Station::Drum, "drum"},
                                       {Station::Tone, "tone"},
                                       {Station::SnareSide, "snare_side"},
                                       {Station::Batter, "batter"},
                                       {Station::Wires, "wires"},
                                       {Station::Muffling, "muffling"},
                                       {Station::Proof, "proof"}})
NLOHMANN_JSON_SERIALIZE_ENUM(SoundSource, {{SoundSource::Practice, "practice"},
                                           {SoundSource::File, "file"},
                                           {SoundSource::Microphone, "microphone"}})
NLOHMANN_JSON_SERIALIZE_ENUM(ReminderKind,
                             {{ReminderKind::RestOver, "rest_over"}, {ReminderKind::Recheck, "recheck"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Reminder, kind, due)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Context, station, source, nearestRod, showAt, reminder, note)

std::string contextText(const Context& context) {
    return Json(context).dump();
}

Result<Context, InputProblem> contextFromText(const std::string& text) {
    try {
        return Json::parse(text).get<Context>();
    } catch (const Json::exception& problem) {
        return failure(InputProblem{"context", problem.what()});
    }
}

} // namespace bombo
