#include "core/record/json_enum.h"
#include "core/record/json_values.h"
#include "core/record/state_check.h"

namespace bombo {

BOMBO_STORED_NAMES(Station, {{Station::Drum, "drum"},
                             {Station::Tone, "tone"},
                             {Station::SnareSide, "snare_side"},
                             {Station::Batter, "batter"},
                             {Station::Wires, "wires"},
                             {Station::Muffling, "muffling"},
                             {Station::Proof, "proof"}})
BOMBO_STORED_NAMES(SoundSource, {{SoundSource::Practice, "practice"},
                                 {SoundSource::File, "file"},
                                 {SoundSource::Microphone, "microphone"}})
BOMBO_STORED_NAMES(ReminderKind, {{ReminderKind::RestOver, "rest_over"},
                                  {ReminderKind::Recheck, "recheck"},
                                  {ReminderKind::BatterWorn, "batter_worn"},
                                  {ReminderKind::SnareSideWorn, "snare_side_worn"},
                                  {ReminderKind::WiresWorn, "wires_worn"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Reminder, kind, due)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Context, station, source, nearestRod, showAt, reminder, note,
                                                noteAt)

std::string contextText(const Context& context) {
    return Json(context).dump();
}

Result<Context, InputProblem> contextFromText(const std::string& text) {
    try {
        const Context context = parsedJson(text).get<Context>();
        if (auto problem = faultIn(context, kMostRods))
            return failure(*problem);
        return context;
    } catch (const Json::exception& problem) {
        return failure(InputProblem{"context", problem.what()});
    }
}

} // namespace bombo
