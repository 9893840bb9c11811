#pragma once
#include "core/units/quantities.h"

#include <string>

namespace bombo {

/// Nearest note of twelve-tone equal temperament and the distance from it.
struct NoteName {
    std::string name; ///< e.g. "C4" or "F#3"; untranslated
    Cents offset;     ///< -50 to +50
};

/// @param frequency > 0
/// @param a4        the reference pitch, usually 440 Hz
NoteName nearestNote(Hertz frequency, Hertz a4 = {440.0});

/// "C4 +2" as shown to people.
std::string noteText(Hertz frequency, Hertz a4 = {440.0});

} // namespace bombo
