#pragma once
/// Sounds for the ear, from the practice drum in its room: which of two is the higher, the longer, the one
/// that wavers; before which of a few rods the head is low.
#include "core/practice/practice_drum.h"

#include <array>
#include <optional>
#include <string_view>

namespace bombo {

enum class EarExercise {
    Higher,      ///< edge taps; difference in cents
    LowRod,      ///< taps in front of rods side by side, one of them low; in cents from the mean
    Wavers,      ///< one of two is split; difference in cents between its two partials
    FasterBeat,  ///< both are split; difference of the beats as a share
    Longer,      ///< ring; difference as a share
    NearerEdge,  ///< where the head was struck; difference as a share of its radius
    LooserWires, ///< strokes with the wires on; difference in turns of the knob
    Interval     ///< a tap on each head: how far apart they are, by name; cents between the names offered
};
inline constexpr std::array kEarExercises{
    EarExercise::Higher, EarExercise::LowRod,     EarExercise::Wavers,      EarExercise::FasterBeat,
    EarExercise::Longer, EarExercise::NearerEdge, EarExercise::LooserWires, EarExercise::Interval};

/// In what a difference is stated and kept.
enum class EarUnit { InCents, AsShare, InTurns };
EarUnit unitOf(EarExercise exercise);

struct EarRange {
    double usual; ///< threshold of usual listeners
    double smallest;
    double largest;
};
/// In the exercise's unit.
EarRange rangeOf(EarExercise exercise);
/// Among how many answers one is right; of LowRod as many as the head hears apart.
int answersOf(EarExercise exercise, const Drum& drum);
/// What can be played next to a difference that is wanted: names lie whole semitones apart.
double playable(EarExercise exercise, double difference);
/// Stored names: "higher", "low_rod", "wavers", "faster_beat", "longer", "nearer_edge", "looser_wires",
/// "interval".
const char* earExerciseName(EarExercise exercise);
/// Empty for a name of none of them.
std::optional<EarExercise> earExerciseNamed(std::string_view name);

struct EarSounds {
    std::vector<std::vector<float>> sounds;
    int due = 0;                    ///< which of them, or of the names, is the one that is asked for
    std::vector<Cents> intervals{}; ///< of Interval: those that are offered, the smallest first
};

/// @param batter, snareSide tensions, N/m: at the pitch of the user's own drum
/// @param difference in the exercise's unit, playable; @param room not a dry one: through overtones and walls
/// @param seed of everything that is drawn; strokes differ a little in strength, as hands do
EarSounds earSounds(EarExercise exercise, const Drum& drum, Tension batter, Tension snareSide,
                    double difference, const PracticeRoom& room, double sampleRate, std::uint64_t seed);

} // namespace bombo
