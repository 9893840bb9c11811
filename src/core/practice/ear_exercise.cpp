#include "core/practice/ear_exercise.h"

#include "core/acoustics/pitches.h"
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

/// A drum without a flaw at those tensions.
Played evenAt(const Drum& drum, Tension batter, Tension snareSide) {
    Played played{drawNature(drum, 1), {}};
    for (HiddenHead* head : {&played.nature.batter, &played.nature.snareSide}) {
        std::fill(head->friction.begin(), head->friction.end(), 0.0);
        head->neighbourShare = 0.0;
        head->pitchOff = 0.0;
        head->anisotropy1 = 1.0;
        head->damping = 1.0;
        head->glide = 4.0;
    }
    played.state.batterTurns = evenTurns(played.nature, played.state, HeadSide::Batter, batter);
    played.state.snareSideTurns = evenTurns(played.nature, played.state, HeadSide::SnareSide, snareSide);
    return played;
}

/// Own deviations of `cents` cos 2x of each rod's tension, from `towards` on.
void pullUnevenly(Played& played, const Drum& drum, Tension tension, double cents, double towards) {
    const double toTurns = std::numbers::ln2 / 600.0 * tension.value / played.nature.batter.perTurn;
    for (int rod = 0; rod < drum.rods; ++rod) {
        Turns& turns = played.state.batterTurns[static_cast<std::size_t>(rod)];
        turns = turns + Turns{cents * std::cos(2.0 * (rodAngle(rod, drum.rods).value - towards)) * toTurns};
    }
}

/// Rods tighter and slacker in turn around the drum, twice, so that the (1,1) splits by as many cents; the
/// first rod stands half way between its two directions and wakes both. Own deviations of a cos 2x move one
/// of the pair up by a / 2 and the other as far down.
void split(Played& played, const Drum& drum, Tension tension, double cents) {
    pullUnevenly(played, drum, tension, cents, rodAngle(0, drum.rods).value - std::numbers::pi / 4.0);
}

constexpr double kBeatsAbout = 5.0;   ///< a second: neither a wobble nor a roughness
constexpr double kCloseFloor = -85.0; ///< dB against a tap
constexpr float kTapPeak = 0.35F;
constexpr double kStruckAbout = 0.5;
constexpr double kMostApart = 0.45; ///< of the radius, from there either way
constexpr int kNamesOffered = 3;
constexpr int kOctave = 12; ///< semitones
/// Cents between the two partials of the batter's (1,1) that beat so often a second.
double centsForBeat(double beat, Hertz edge) {
    return 1200.0 * std::log2(1.0 + beat / edge.value);
}

struct One {
    Played played;
    PracticeTap tap;
};

} // namespace

EarRange rangeOf(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return {15.0, 1.0, 300.0};
    case EarExercise::LowRod:
        return {15.0, 1.0, 150.0};
    case EarExercise::Wavers:
        return {20.0, 2.0, 200.0};
    case EarExercise::FasterBeat:
        return {0.3, 0.03, 2.0};
    case EarExercise::NearerEdge:
        return {0.15, 0.02, 2.0 * kMostApart};
    case EarExercise::LooserWires:
        return {0.4, 0.05, 3.0};
    case EarExercise::Interval:
        return {200.0, 100.0, 500.0};
    case EarExercise::Longer:
        break;
    }
    return {0.2, 0.02, 2.0};
}

EarUnit unitOf(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
    case EarExercise::LowRod:
    case EarExercise::Wavers:
    case EarExercise::Interval:
        return EarUnit::InCents;
    case EarExercise::LooserWires:
        return EarUnit::InTurns;
    case EarExercise::FasterBeat:
    case EarExercise::Longer:
    case EarExercise::NearerEdge:
        break;
    }
    return EarUnit::AsShare;
}

std::optional<EarExercise> earExerciseNamed(std::string_view name) {
    for (const EarExercise exercise : kEarExercises)
        if (name == earExerciseName(exercise))
            return exercise;
    return std::nullopt;
}

int answersOf(EarExercise exercise, const Drum& drum) {
    if (exercise == EarExercise::Interval)
        return kNamesOffered;
    // Opposite rods are heard alike: only half the hoop can be told apart.
    return exercise == EarExercise::LowRod ? std::clamp(drum.rods / 2, 2, 5) : 2;
}

double playable(EarExercise exercise, double difference) {
    return exercise == EarExercise::Interval ? 100.0 * std::clamp(std::round(difference / 100.0), 1.0, 5.0)
                                             : difference;
}

const char* earExerciseName(EarExercise exercise) {
    static constexpr std::array names{"higher", "low_rod",     "wavers",       "faster_beat",
                                      "longer", "nearer_edge", "looser_wires", "interval"};
    return names.at(static_cast<std::size_t>(exercise));
}

namespace {

/// Both pulled so that the one that is asked for lies `difference` above (below, beyond) the other.
One tapFor(EarExercise exercise, const Drum& drum, Tension batter, Tension snareSide, double difference,
           int index, int due) {
    const bool isIt = index == due;
    const double half = (isIt ? 0.5 : -0.5) * difference;
    const double up = exercise == EarExercise::Higher ? half : 0.0;
    const Tension tight = batter * std::exp2(up / 600.0);
    One one{evenAt(drum, tight, snareSide), {.side = HeadSide::Batter, .rod = 0}};
    switch (exercise) {
    case EarExercise::LowRod: // heard half as far from the mean as the rods stand
        one.tap.rod = index;
        pullUnevenly(one.played, drum, tight, -2.0 * difference, rodAngle(due, drum.rods).value);
        break;
    case EarExercise::Wavers:
        if (isIt)
            split(one.played, drum, tight, difference);
        break;
    case EarExercise::FasterBeat: {
        const Hertz edge =
            edgePitch(drumState(drum, tight, snareSide, airAt(kPracticeWeather)), HeadSide::Batter);
        const double beat = kBeatsAbout * std::pow(1.0 + difference, isIt ? 0.5 : -0.5);
        split(one.played, drum, tight, centsForBeat(beat, edge));
        break;
    }
    case EarExercise::Longer: // a decay rate less by the share is a ring longer by it
        one.played.nature.batter.damping =
            isIt ? 1.0 / std::sqrt(1.0 + difference) : std::sqrt(1.0 + difference);
        break;
    case EarExercise::NearerEdge: // as a stick strikes: nothing held
        one.tap.radius = kStruckAbout + half;
        one.tap.hands.finger = one.tap.hands.mutes = false;
        break;
    case EarExercise::Higher:
    case EarExercise::LooserWires:
    case EarExercise::Interval:
        break;
    }
    return one;
}

struct BothTensions {
    Tension batter;
    Tension snareSide;
};

/// Tensions at which the edge pitches lie so far apart, around the same middle as before. The air makes pitch
/// not quite a root of tension, and each head feels the other a little: a few rounds settle both.
BothTensions apart(const Drum& drum, BothTensions now, Cents interval) {
    const auto pitchesAt = [&](const BothTensions& both) {
        const DrumState state = drumState(drum, both.batter, both.snareSide, airAt(kPracticeWeather));
        return std::pair(edgePitch(state, HeadSide::Batter), edgePitch(state, HeadSide::SnareSide));
    };
    const auto [batter, snareSide] = pitchesAt(now);
    const double middle = std::sqrt(batter.value * snareSide.value);
    const double half = std::exp2(interval.value / 2400.0);
    for (int round = 0; round < 6; ++round) {
        const auto [low, high] = pitchesAt(now);
        now.batter = now.batter * std::pow(middle / half / low.value, 2.0);
        now.snareSide = now.snareSide * std::pow(middle * half / high.value, 2.0);
    }
    return now;
}

/// The batter, then the snare side, each with the other muted.
EarSounds namedInterval(const Drum& drum, BothTensions own, double difference, const PracticeSound& sound,
                        std::uint64_t seed, Dice& dice) {
    EarSounds all;
    const int step = static_cast<int>(std::lround(difference / 100.0));
    const auto oneOf = [&](int count) {
        return std::min(count - 1, static_cast<int>(dice.uniform(0.0, count)));
    };
    const int lowest = oneOf(kOctave - (kNamesOffered - 1) * step + 1);
    for (int name = 0; name < kNamesOffered; ++name)
        all.intervals.push_back(Cents{100.0 * (lowest + name * step)});
    all.due = oneOf(kNamesOffered);
    const BothTensions both = apart(drum, own, all.intervals[static_cast<std::size_t>(all.due)]);
    const Played played = evenAt(drum, both.batter, both.snareSide);
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        PracticeTap tap{.side = side, .rod = 0, .stroke = seed * 8 + (side == HeadSide::Batter ? 0U : 1U)};
        tap.hands.sloppiness = 0.5;
        all.sounds.push_back(practiceTap(drum, played.nature, played.state, tap, kPracticeWeather, sound));
    }
    return all;
}

/// Whispers near the edge, between where wires rattle and where they choke; close by, as loud as a tap.
std::vector<float> wiresFor(const Drum& drum, Tension batter, Tension snareSide, double difference, bool isIt,
                            std::uint64_t stroke, PracticeSound sound) {
    Played played = evenAt(drum, batter, snareSide);
    const Turns choke = chokeOf(played.nature, StrokePlace::Edge, Dynamic::Whisper);
    const Turns middle{0.5 * (choke.value + played.nature.rattle.value)};
    played.state.strainer = Turns{std::max(0.0, middle.value + (isIt ? -0.5 : 0.5) * difference)};
    sound.room = {.kind = RoomKind::Dry};
    sound.noiseDb = kCloseFloor;
    std::vector<float> samples =
        practiceWireStroke(drum, played.nature, played.state, StrokePlace::Edge, Dynamic::Whisper, stroke,
                           kPracticeWeather, sound, {.sloppiness = 0.5})
            .samples;
    const float peak = std::abs(*std::max_element(samples.begin(), samples.end(), [](float one, float other) {
        return std::abs(one) < std::abs(other);
    }));
    for (float& sample : samples)
        sample *= kTapPeak / peak;
    return samples;
}

} // namespace

EarSounds earSounds(EarExercise exercise, const Drum& drum, Tension batter, Tension snareSide,
                    double difference, const PracticeRoom& room, double sampleRate, std::uint64_t seed) {
    Dice dice(seed);
    EarSounds all;
    const int count = answersOf(exercise, drum);
    all.due = std::min(count - 1, static_cast<int>(dice.uniform(0.0, count)));
    // All together stand a little higher or lower each time: no pitch can be learnt by heart.
    const double moved = std::exp2(dice.uniform(-100.0, 100.0) / 600.0);
    PracticeSound sound = soundIn(room, sampleRate, seed);
    sound.length = Seconds{exercise == EarExercise::LowRod ? 0.7 : 1.1};
    sound.leadIn = Seconds{0.05};
    if (exercise == EarExercise::Interval)
        return namedInterval(drum, {batter * moved, snareSide * moved}, difference, sound, seed, dice);
    for (int index = 0; index < count; ++index) {
        const std::uint64_t stroke = seed * 8 + static_cast<std::uint64_t>(index);
        if (exercise == EarExercise::LooserWires) {
            all.sounds.push_back(
                wiresFor(drum, batter * moved, snareSide, difference, index == all.due, stroke, sound));
            continue;
        }
        One one = tapFor(exercise, drum, batter * moved, snareSide, difference, index, all.due);
        one.tap.stroke = stroke;
        one.tap.hands.sloppiness = 0.5;
        all.sounds.push_back(
            practiceTap(drum, one.played.nature, one.played.state, one.tap, kPracticeWeather, sound));
    }
    return all;
}

} // namespace bombo
