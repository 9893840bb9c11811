#include "cli/verbs.h"
#include "core/reading/steady_tone.h"
#include "store/sound_file.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

std::string remedy(SteadyFault fault, const std::string& file, double referenceHz) {
    switch (fault) {
    case SteadyFault::TooShort:
        return fmt::format("{} is shorter than a second; record the tone for three", file);
    case SteadyFault::NoTone:
        return fmt::format("{} holds no steady tone within 100 cents of {} Hz; check --reference-hz", file,
                           referenceHz);
    case SteadyFault::Unsteady:
        return fmt::format("the tone in {} wavers or stops; play one steady tone through the whole recording",
                           file);
    case SteadyFault::OutOfRange:
        break;
    }
    return fmt::format("{} Hz cannot be measured in {}; take a tone between 80 and 4000 Hz", referenceHz,
                       file);
}

} // namespace

Answer calibrate(const std::string& file, double referenceHz) {
    const auto sound = readSoundFile(file);
    if (!sound)
        return Cannot{problemText(sound.fault())};
    const auto tone = steadyTone(sound->samples, sound->sampleRate, Hertz{referenceHz});
    if (!tone)
        return Cannot{remedy(tone.fault(), file, referenceHz)};
    const Cents sharp = clockOffset(tone->frequency, Hertz{referenceHz});
    Json warnings = Json::array();
    if (std::abs(sharp.value) > kFarthestClock.value)
        warnings.push_back(
            fmt::format("no clock is off by {:.0f} cents: this was another tone", sharp.value));
    return Json{{"heard_hz", tone->frequency.value},
                {"standard_error_hz", tone->standardError.value},
                {"clock_cents", sharp.value},
                {"level_db", tone->levelDb},
                {"warnings", warnings}};
}

} // namespace bombo::cli
