#include "app/listening/cue_sounds.h"

#include <cmath>
#include <numbers>

namespace bombo {
namespace {

struct Note {
    double hz; ///< 0: a rest
    double seconds;
};

void play(std::vector<float>& sound, const Note& note) {
    const auto count = static_cast<std::size_t>(note.seconds * kCueRate);
    for (std::size_t i = 0; i < count; ++i) {
        const double place = (static_cast<double>(i) + 0.5) / static_cast<double>(count);
        const double swell = std::pow(std::sin(std::numbers::pi * place), 2);
        const double angle = 2.0 * std::numbers::pi * note.hz * static_cast<double>(i) / kCueRate;
        sound.push_back(static_cast<float>(0.25 * swell * std::sin(angle)));
    }
}

} // namespace

std::vector<float> cueSound(Cue cue) {
    std::vector<float> sound;
    if (cue == Cue::Heard) {
        play(sound, {1760.0, 0.08});
    } else {
        for (const Note& note : {Note{523.0, 0.12}, Note{0.0, 0.04}, Note{392.0, 0.14}})
            play(sound, note);
    }
    return sound;
}

} // namespace bombo
