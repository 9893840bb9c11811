#include "cli/verbs.h"
#include "core/practice/practice_drum.h"
#include "store/sound_file.h"

#include <algorithm>

namespace bombo::cli {

Answer practice(const Json& in, const Shelf& shelf, const std::filesystem::path& out, bool mayReplace) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto side = sideAt(in);
    if (!side)
        return side.fault();
    const auto seed = numberAt(in, "seed");
    if (!seed)
        return seed.fault();
    const auto turns = numbersAt(in, "turns", drum->rods);
    if (!turns)
        return turns.fault();
    double firstStroke = 0.0;
    if (in.contains("first_stroke")) {
        const auto first = numberAt(in, "first_stroke");
        if (!first)
            return first.fault();
        firstStroke = *first;
    }
    PracticeHands hands;
    if (in.contains("sloppiness")) {
        const auto sloppiness = numberAt(in, "sloppiness");
        if (!sloppiness)
            return sloppiness.fault();
        if (*sloppiness < 0.0 || *sloppiness > 5.0)
            return InputProblem{"sloppiness", "must be from 0 (a machine) to 5"};
        hands.sloppiness = *sloppiness;
    }
    PracticeSound sound;
    if (in.contains("room")) {
        const std::string name = in["room"].is_string() ? in["room"].get<std::string>() : std::string();
        const auto kind = std::find(kRoomNames.begin(), kRoomNames.end(), name);
        if (kind == kRoomNames.end())
            return InputProblem{"room", "must be dry, bedroom, rehearsal or hall"};
        sound.room.kind = static_cast<RoomKind>(kind - kRoomNames.begin());
        sound.room.seed = static_cast<std::uint64_t>(*seed);
    }
    if (in.contains("far")) {
        if (!in["far"].is_boolean())
            return InputProblem{"far", "must be true (the microphone an arm's length away) or false"};
        sound.room.distance = in["far"].get<bool>() ? RoomDistance::Far : RoomDistance::Near;
    }
    if (in.contains("microphone")) {
        const std::string name =
            in["microphone"].is_string() ? in["microphone"].get<std::string>() : std::string();
        const auto kind = std::find(kMicrophoneNames.begin(), kMicrophoneNames.end(), name);
        if (kind == kMicrophoneNames.end())
            return InputProblem{"microphone", "must be good, built_in or follows_gain"};
        sound.room.microphone = static_cast<MicrophoneKind>(kind - kMicrophoneNames.begin());
    }
    if (in.contains("striker")) {
        const std::string name = in["striker"].is_string() ? in["striker"].get<std::string>() : std::string();
        const auto striker = std::find(kStrikerNames.begin(), kStrikerNames.end(), name);
        if (striker == kStrikerNames.end())
            return InputProblem{"striker", "must be finger, key, stick or mallet"};
        hands.striker = static_cast<Striker>(striker - kStrikerNames.begin());
    }
    if (in.contains("fidgets")) {
        if (!in["fidgets"].is_boolean())
            return InputProblem{"fidgets", "must be true (hands knock and rustle beside the taps) or false"};
        hands.fidgets = in["fidgets"].get<bool>();
    }
    const HiddenNature nature = drawNature(*drum, static_cast<std::uint64_t>(*seed));
    std::vector<Turns> rodTurns;
    for (double t : *turns)
        rodTurns.push_back(Turns{t});
    const PracticeState state{rodTurns, rodTurns, {}};
    std::vector<float> samples;
    std::vector<Marker> markers;
    for (int rod = 0; rod < drum->rods; ++rod) {
        const auto stroke = static_cast<std::uint64_t>(firstStroke) + static_cast<std::uint64_t>(rod);
        const auto tap =
            practiceTap(*drum, nature, state, {.side = *side, .rod = rod, .stroke = stroke, .hands = hands},
                        kPracticeWeather, sound);
        const double at = static_cast<double>(samples.size()) / sound.sampleRate;
        markers.push_back({Seconds{at} + sound.leadIn, "rod " + std::to_string(rod + 1)});
        samples.insert(samples.end(), tap.begin(), tap.end());
    }
    const auto written =
        writeSoundFile(out, samples, sound.sampleRate, markers, mayReplace ? Replace::Yes : Replace::No);
    if (!written)
        return Cannot{problemText(written.fault())};
    return Json{{"file", out.string()}, {"taps", drum->rods}, {"length_s", written->length.value}};
}

} // namespace bombo::cli
