#include "core/practice/ear_exercise.h"

#include "core/units/dice.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

struct Played {
    HiddenNature nature;
    PracticeState state;
};

/// A batter without a flaw at that tension.
Played evenAt(const Drum& drum, double tension) {
    Played played{drawNature(drum, 1), {}};
    HiddenHead& batter = played.nature.batter;
    std::fill(batter.unevenTurns.begin(), batter.unevenTurns.end(), 0.0);
    std::fill(batter.friction.begin(), batter.friction.end(), 0.0);
    batter.neighbourShare = 0.0;
    batter.pitchOff = 0.0;
    batter.anisotropy1 = 1.0;
    batter.damping = 1.0;
    batter.glide = 4.0;
    const Turns turns{(tension - batter.fingerTension) / batter.perTurn};
    played.state.batterTurns.assign(static_cast<std::size_t>(drum.rods), turns);
    played.state.snareSideTurns.assign(static_cast<std::size_t>(drum.rods), Turns{1.5});
    return played;
}

/// Rods tighter and slacker in turn around the drum, twice, so that the (1,1) splits by as many cents; the
/// first rod stands half way between its two directions and wakes both.
void split(Played& played, const Drum& drum, double tension, double cents) {
    // Own deviations of a cos 2x move one of the pair up by a / 2 and the other as far down.
    const double toTurns = std::numbers::ln2 / 600.0 * tension / played.nature.batter.perTurn;
    for (int rod = 0; rod < drum.rods; ++rod) {
        const double facing =
            2.0 * (rodAngle(rod, drum.rods).value - rodAngle(0, drum.rods).value) + std::numbers::pi / 2.0;
        Turns& turns = played.state.batterTurns[static_cast<std::size_t>(rod)];
        turns = turns + Turns{cents * std::cos(facing) * toTurns};
    }
}

} // namespace

EarRange rangeOf(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return {15.0, 1.0, 300.0};
    case EarExercise::Wavers:
        return {20.0, 2.0, 200.0};
    case EarExercise::Longer:
        break;
    }
    return {0.2, 0.02, 2.0};
}

const char* earExerciseName(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return "higher";
    case EarExercise::Wavers:
        return "wavers";
    case EarExercise::Longer:
        break;
    }
    return "longer";
}

EarPair earPair(EarExercise exercise, const Drum& drum, Tension tension, double difference,
                const PracticeRoom& room, double sampleRate, std::uint64_t seed) {
    Dice dice(seed);
    EarPair pair;
    pair.isSecond = dice.uniform(0.0, 1.0) < 0.5;
    // The pair as a whole stands a little higher or lower each time: no pitch can be learnt by heart.
    const double base = tension.value * std::exp2(dice.uniform(-100.0, 100.0) / 600.0);
    PracticeSound sound;
    sound.sampleRate = sampleRate;
    sound.length = Seconds{1.1};
    sound.leadIn = Seconds{0.05};
    sound.room = room;
    sound.room.seed = seed % 1000 + 1;
    for (const bool second : {false, true}) {
        const bool isIt = second == pair.isSecond;
        const double up = exercise == EarExercise::Higher ? (isIt ? 0.5 : -0.5) * difference : 0.0;
        const double tight = base * std::exp2(up / 600.0);
        Played played = evenAt(drum, tight);
        if (exercise == EarExercise::Wavers && isIt)
            split(played, drum, tight, difference);
        if (exercise == EarExercise::Longer) // a decay rate less by the share is a ring longer by it
            played.nature.batter.damping =
                isIt ? 1.0 / std::sqrt(1.0 + difference) : std::sqrt(1.0 + difference);
        PracticeTap tap{.side = HeadSide::Batter, .rod = 0, .stroke = seed * 2 + (second ? 1 : 0)};
        tap.hands.sloppiness = 0.5;
        (second ? pair.second : pair.first) =
            practiceTap(drum, played.nature, played.state, tap, kPracticeWeather, sound);
    }
    return pair;
}

} // namespace bombo
