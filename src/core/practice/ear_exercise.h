#pragma once
/// Pairs of sounds for the ear, from the practice drum in its room: which of two is the higher, the longer,
/// the one that wavers.
#include "core/practice/practice_drum.h"

#include <array>

namespace bombo {

enum class EarExercise {
    Higher, ///< edge taps; difference in cents
    Wavers, ///< one of two is split; difference in cents between its two partials
    Longer, ///< ring; difference as a share
};
inline constexpr std::array kEarExercises{EarExercise::Higher, EarExercise::Wavers, EarExercise::Longer};

struct EarRange {
    double usual; ///< threshold of usual listeners
    double smallest;
    double largest;
};
/// In the exercise's unit.
EarRange rangeOf(EarExercise exercise);
/// Stored names: "higher", "wavers", "longer".
const char* earExerciseName(EarExercise exercise);

struct EarPair {
    std::vector<float> first;
    std::vector<float> second;
    bool isSecond = false; ///< the second is the higher, wavering, longer one
};

/// @param tension of the batter, N/m: at the pitch of the user's own drum
/// @param difference in the exercise's unit; @param room not a dry one: through overtones and walls
/// @param seed of everything that is drawn; strokes differ a little in strength, as hands do
EarPair earPair(EarExercise exercise, const Drum& drum, Tension tension, double difference,
                const PracticeRoom& room, double sampleRate, std::uint64_t seed);

} // namespace bombo
