#pragma once
/// What a saved setup says of itself in figures, read from the summary in its entry of the logbook.
#include "core/units/quantities.h"
#include "core/units/result.h"

#include <optional>
#include <string>

namespace bombo {

struct SetupFigures {
    std::optional<Hertz> batter; ///< edge pitches, means of the last round
    std::optional<Hertz> snareSide;
    std::optional<Cents> evenTo;   ///< the batter's farthest rod from its mean
    std::optional<Turns> strainer; ///< from first contact
    std::optional<Seconds> ring;   ///< predicted, with what lies on the head
    std::optional<Celsius> temperature;
    std::string note;
};

/// A figure that is not there, not one, or beyond what a drum can have is empty.
/// @return the fault where the text holds no JSON object at all
Result<SetupFigures, InputProblem> setupFiguresFrom(const std::string& summary);

} // namespace bombo
