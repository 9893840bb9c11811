#include "cli/verbs.h"
#include "core/procedure/head_work.h"
#include "core/record/session.h"
#include "store/sound_file.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace bombo::cli {
namespace {

const char* remedy(Verdict verdict) {
    switch (verdict) {
    case Verdict::Clear:
        return nullptr;
    case Verdict::Rough:
        return "the room blurs it; bring the microphone nearer for a finer figure";
    case Verdict::TooQuiet:
        return "does not stand out of the noise; tap a little harder or come nearer";
    case Verdict::Clipped:
        return "the input overloaded; turn the gain down or tap softer";
    case Verdict::StruckTwice:
        return "a second hit while the first sounded; let it ring out";
    case Verdict::WiresOn:
        return "the wires hide the tone; throw the lever off";
    case Verdict::NoTone:
        return "nothing that decays like a head";
    case Verdict::Ambiguous:
        return "two pitches it could be; mute the other head and keep the finger still";
    case Verdict::NotThisHead:
        return "no tone where this head can be";
    case Verdict::Drowned:
        return "a steady sound covers the tone; stop it or come nearer";
    }
    return nullptr;
}

Json medianOrNull(std::vector<double> values) {
    if (values.empty())
        return {};
    std::sort(values.begin(), values.end());
    return values[values.size() / 2];
}

Json tapJson(const Tap& tap, const Reading& reading, const std::optional<Marker>& marker) {
    Json partials = Json::array();
    for (const Partial& p : reading.partials)
        partials.push_back({{"frequency_hz", p.frequency.value},
                            {"t60_s", p.t60.value},
                            {"amplitude", p.amplitude},
                            {"mode", p.mode ? Json{p.mode->m, p.mode->n} : Json()}});
    const bool read = reading.hasFigure();
    const char* reason = remedy(reading.verdict);
    return {{"onset_s", tap.onset.value},
            {"verdict", verdictName(reading.verdict)},
            {"reason", reason ? Json(reason) : Json()},
            {"caution", cautionName(reading.caution)},
            {"frequency_hz", read ? valueOrNull(reading.frequency) : Json()},
            {"standard_error_hz", read ? valueOrNull(reading.standardError) : Json()},
            {"second_hz", read ? valueOrNull(reading.second) : Json()},
            {"t60_s", read ? valueOrNull(reading.t60) : Json()},
            {"beat_hz", read ? valueOrNull(reading.beat) : Json()},
            {"glide_cents", read ? valueOrNull(reading.glide) : Json()},
            {"at_start_hz", read && reading.glide
                                ? Json(reading.frequency->value * std::exp2(reading.glide->value / 1200.0))
                                : Json()},
            {"marker", marker ? Json(marker->name) : Json()},
            {"level_db", reading.levelDb},
            {"partials", partials}};
}

/// Some head whose edge pitch is known: ratios of film with air on it, as most drums have them. Source:
/// coupled modes of a 13 in batter from slack to tight, which stay within 25 cents of these.
Expectation anyHeadAt(Hertz edge) {
    Expectation expected;
    for (const auto& [mode, ratio] :
         {std::pair{Mode{1, 1}, 1.0}, {Mode{2, 1}, 1.43}, {Mode{3, 1}, 1.83}, {Mode{4, 1}, 2.21}})
        expected.modes.push_back({mode, Hertz{ratio * edge.value}});
    expected.spread = Cents{150.0};
    return expected;
}

/// The file's own name; with as much of its path as tells it from the others.
std::string nameAmong(const std::string& file, const std::vector<std::string>& files) {
    const auto name = std::filesystem::path(file).filename();
    const auto same = std::count_if(files.begin(), files.end(), [&](const std::string& other) {
        return std::filesystem::path(other).filename() == name;
    });
    return same > 1 ? file : name.string();
}

/// Without a stated pitch, a head may be anywhere between slack and its limit: a wide net about the middle.
Result<std::optional<Expectation>, InputProblem> expectationFrom(const ListenOptions& options,
                                                                 const Shelf& shelf) {
    if (options.drum.empty() && options.edgeHz <= 0.0)
        return std::optional<Expectation>();
    if (options.drum.empty())
        return std::optional(anyHeadAt(Hertz{options.edgeHz}));
    const auto drum = drumAt(Json{{"drum", options.drum}}, shelf);
    if (!drum)
        return failure(drum.fault());
    const auto side = sideAt(Json{{"head", options.head}});
    if (!side)
        return failure(side.fault());
    const Tension tension = options.edgeHz > 0.0 ? tensionFromHeard(*drum, *side, Hertz{options.edgeHz}, {})
                                                 : tensionAtLoad(drum->head(*side), 0.12);
    Expectation expected;
    for (const CoupledMode& mode : mutedModes(drumState(*drum, tension, tension), *side))
        if (mode.frequency.value < 2000.0)
            expected.modes.push_back({{mode.m, mode.order}, mode.frequency});
    expected.spread = options.edgeHz > 0.0 ? Cents{150.0} : Cents{700.0};
    expected.furthest = options.edgeHz > 0.0 ? Cents{900.0} : Cents{1600.0};
    return std::optional(std::move(expected));
}

} // namespace

Answer listen(const ListenOptions& options, const Shelf& shelf) {
    const auto expected = expectationFrom(options, shelf);
    if (!expected)
        return expected.fault();
    Json out = Json::object();
    std::string firstProblem;
    int read = 0;
    for (const std::string& file : options.files) {
        Json taps = Json::array();
        std::vector<double> tones;
        std::vector<double> buzzes;
        int clear = 0;
        const auto summary = splitSoundFile(
            file,
            [&](Tap&& tap, const auto& marker) {
                const Reading reading = readTap(tap, {.expected = *expected});
                clear += reading.hasFigure();
                const HitLengths lengths = lengthsOf(tap);
                if (lengths.tone)
                    tones.push_back(lengths.tone->value);
                if (lengths.buzz)
                    buzzes.push_back(lengths.buzz->value);
                taps.push_back(tapJson(tap, reading, marker));
                return true;
            },
            Cents{options.clockCents});
        if (!summary) { // the other files are answered all the same
            out[nameAmong(file, options.files)] = {{"problem", problemText(summary.fault())}};
            firstProblem = firstProblem.empty() ? problemText(summary.fault()) : firstProblem;
            continue;
        }
        ++read;
        if (options.round > 0 && clear != options.round)
            return Cannot{
                fmt::format("{} holds {} clear taps where {} were expected; see the verdicts without --round",
                            file, clear, options.round)};
        Json warnings = Json::array();
        if (summary->invalidSamples > 0)
            warnings.push_back(fmt::format("{} samples were not numbers and were taken as silence",
                                           summary->invalidSamples));
        if (summary->unmarkedHits > 0)
            warnings.push_back(fmt::format(
                "{} hits without a marker were left out, since the file has markers", summary->unmarkedHits));
        if (summary->oneChannelOnly)
            warnings.push_back(
                "the channels are of opposite phase and would cancel out; the louder one alone was read");
        if (summary->endsEarly)
            warnings.push_back("the file ends before its header says; what there is was read");
        out[nameAmong(file, options.files)] = {{"taps", taps},
                                               {"tone_t60_s", medianOrNull(std::move(tones))},
                                               {"buzz_t60_s", medianOrNull(std::move(buzzes))},
                                               {"sample_rate_hz", summary->sampleRate},
                                               {"length_s", summary->length.value},
                                               {"warnings", warnings}};
    }
    if (read == 0 && !firstProblem.empty())
        return Cannot{firstProblem};
    return out;
}

} // namespace bombo::cli
