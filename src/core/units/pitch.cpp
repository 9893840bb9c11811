#include "core/units/pitch.h"

#include <array>
#include <fmt/format.h>

namespace bombo {

NoteName nearestNote(Hertz frequency, Hertz a4) {
    static constexpr std::array<const char*, 12> names{"C",  "C#", "D",  "D#", "E",  "F",
                                                       "F#", "G",  "G#", "A",  "A#", "B"};
    constexpr int midiOfA4 = 69;
    const double midi = midiOfA4 + centsBetween(a4, frequency).value / 100.0;
    const int nearest = static_cast<int>(std::lround(midi));
    const int inOctave = ((nearest % 12) + 12) % 12;
    const int octave = (nearest - inOctave) / 12 - 1;
    return {fmt::format("{}{}", names[static_cast<std::size_t>(inOctave)], octave),
            Cents{100.0 * (midi - nearest)}};
}

std::string noteText(Hertz frequency, Hertz a4) {
    const NoteName note = nearestNote(frequency, a4);
    const long offset = std::lround(note.offset.value);
    return offset == 0 ? note.name : fmt::format("{} {:+d}", note.name, offset);
}

} // namespace bombo
