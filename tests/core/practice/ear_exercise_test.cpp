/// Sounds for the ear: what is asked for is what the program's own ear, or a plain figure of the sound,
/// finds.
#include "core/practice/ear_exercise.h"
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "core/units/median.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace ear_exercise_test {

std::optional<Reading> heard(const std::vector<float>& sound) {
    const auto taps = tapsIn(sound, 48000.0);
    return taps.empty() ? std::nullopt : std::optional(readTap(taps[0], {}));
}

/// Partials of the pair that is heard at the edge: the lowest two, within three semitones of 262 Hz.
std::vector<Partial> edgePartials(const std::vector<float>& sound) {
    std::vector<Partial> found;
    if (const auto reading = heard(sound))
        for (const Partial& partial : reading->partials)
            if (std::abs(centsBetween(Hertz{262.0}, partial.frequency).value) < 300.0)
                found.push_back(partial);
    return found;
}

/// Where the pair lies as a whole; of the stronger most.
double edgeOf(const std::vector<float>& sound) {
    double sum = 0.0;
    double weight = 0.0;
    for (const Partial& partial : edgePartials(sound)) {
        sum += partial.amplitude * partial.amplitude * partial.frequency.value;
        weight += partial.amplitude * partial.amplitude;
    }
    return weight > 0.0 ? sum / weight : 0.0;
}

EarSounds soundsFor(EarExercise exercise, double difference, const PracticeRoom& room, std::uint64_t seed) {
    return earSounds(exercise, testing::plover(), Tension{3000}, Tension{2400}, difference, room, 48000.0,
                     seed);
}
const std::vector<float>& dueOf(const EarSounds& pair) {
    return pair.sounds[static_cast<std::size_t>(pair.due)];
}
const std::vector<float>& otherOf(const EarSounds& pair) {
    return pair.sounds[static_cast<std::size_t>(1 - pair.due)];
}

// The ear of the program hears of a pair what was asked for; rooms move a figure by some cents.
TEST(EarExercise, TheHigherOneIsHigherByAsMuch) {
    std::vector<double> off;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        const EarSounds pair = soundsFor(EarExercise::Higher, 80.0, {}, seed);
        const double first = edgeOf(pair.sounds[0]);
        const double second = edgeOf(pair.sounds[1]);
        if (first == 0.0 || second == 0.0)
            continue;
        const double cents = 1200.0 * std::log2(second / first);
        off.push_back((pair.due == 1 ? cents : -cents) - 80.0);
    }
    ASSERT_GE(off.size(), 8U);
    EXPECT_NEAR(medianOf(off), 0.0, 12.0);
}

TEST(EarExercise, TheLongerOneRingsLongerAndTheWaveringOneBeats) {
    const auto energyLate = [](const std::vector<float>& sound) {
        double late = 0;
        double all = 0;
        for (std::size_t i = 0; i < sound.size(); ++i) {
            all += static_cast<double>(sound[i]) * sound[i];
            if (i > sound.size() / 4)
                late += static_cast<double>(sound[i]) * sound[i];
        }
        return late / all;
    };
    int longer = 0;
    int unlike = 0;
    const PracticeRoom dry{.kind = RoomKind::Dry};
    for (std::uint64_t seed = 1; seed <= 10; ++seed) {
        const EarSounds ring = soundsFor(EarExercise::Longer, 1.0, dry, seed);
        longer += (energyLate(ring.sounds[1]) > energyLate(ring.sounds[0])) == (ring.due == 1);
        const EarSounds beat = soundsFor(EarExercise::Wavers, 100.0, dry, seed);
        const auto isSplit = [](const std::vector<float>& sound) { // by as much as was asked for
            const auto reading = heard(sound);
            if (!reading)
                return false;
            for (std::size_t i = 1; i < reading->partials.size(); ++i)
                if (std::abs(centsBetween(reading->partials[i - 1].frequency, reading->partials[i].frequency)
                                 .value -
                             100.0) < 15.0)
                    return true;
            return false;
        };
        unlike += isSplit(dueOf(beat)) && !isSplit(otherOf(beat));
    }
    EXPECT_EQ(longer, 10);
    EXPECT_GE(unlike, 8);
}

// Of rods side by side the ear of the program finds the low one, as low as was asked for.
TEST(EarExercise, TheLowRodIsLow) {
    const int count = answersOf(EarExercise::LowRod, testing::plover());
    ASSERT_EQ(count, 4) << "of eight: opposite rods sound alike";
    int found = 0;
    std::vector<double> off;
    for (std::uint64_t seed = 1; seed <= 10; ++seed) {
        const EarSounds rods = soundsFor(EarExercise::LowRod, 60.0, {.kind = RoomKind::Dry}, seed);
        ASSERT_EQ(rods.sounds.size(), static_cast<std::size_t>(count));
        std::vector<double> pitches;
        for (const auto& sound : rods.sounds)
            pitches.push_back(edgeOf(sound));
        const auto lowest = std::min_element(pitches.begin(), pitches.end());
        found += lowest - pitches.begin() == rods.due;
        // The one at a right angle is as far above the mean.
        const double across = pitches[static_cast<std::size_t>((rods.due + 2) % count)];
        off.push_back(1200.0 * std::log2(across / *lowest) - 120.0);
    }
    EXPECT_GE(found, 9);
    EXPECT_NEAR(medianOf(off), 0.0, 15.0);
}

TEST(EarExercise, TheFasterBeatIsFasterByAsMuch) {
    const auto beat = [](const std::vector<float>& sound) {
        const auto pair = edgePartials(sound);
        return pair.size() == 2 ? (pair[1].frequency - pair[0].frequency).value : 0.0;
    };
    std::vector<double> ratios;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        const EarSounds pair = soundsFor(EarExercise::FasterBeat, 1.0, {.kind = RoomKind::Dry}, seed);
        const double due = beat(dueOf(pair));
        const double other = beat(otherOf(pair));
        if (due > 0.0 && other > 0.0)
            ratios.push_back(due / other);
    }
    ASSERT_GE(ratios.size(), 8U);
    EXPECT_NEAR(medianOf(ratios), 2.0, 0.3);
}

TEST(EarExercise, NearerTheEdgeTheHeadsLowestToneIsWeaker) {
    int weaker = 0;
    for (std::uint64_t seed = 1; seed <= 10; ++seed) {
        const EarSounds pair = soundsFor(EarExercise::NearerEdge, 0.6, {.kind = RoomKind::Dry}, seed);
        const auto lowest = [](const std::vector<float>& sound) { // against the strongest
            const auto reading = heard(sound);
            double strongest = 1e-9;
            for (const Partial& partial : reading->partials)
                strongest = std::max(strongest, partial.amplitude);
            return reading->partials.front().amplitude / strongest;
        };
        ASSERT_TRUE(heard(dueOf(pair)) && heard(otherOf(pair)));
        weaker += lowest(dueOf(pair)) < lowest(otherOf(pair));
    }
    EXPECT_EQ(weaker, 10);
}

TEST(EarExercise, LooserWiresHissLonger) {
    int longer = 0;
    for (std::uint64_t seed = 1; seed <= 10; ++seed) {
        const EarSounds pair = soundsFor(EarExercise::LooserWires, 1.5, {.kind = RoomKind::Dry}, seed);
        const auto lateHiss = [](const std::vector<float>& sound) {
            double sum = 0.0;
            for (std::size_t i = 48000 / 10; i < 48000 / 5; ++i)
                sum += std::pow(static_cast<double>(sound[i]) - 2.0 * sound[i - 1] + sound[i - 2], 2);
            return sum;
        };
        longer += lateHiss(dueOf(pair)) > lateHiss(otherOf(pair));
    }
    EXPECT_EQ(longer, 10);
}

// Each head is read by itself: they lie apart by the name that is due, not by the others.
TEST(EarExercise, TheHeadsLieApartByTheNameThatIsDue) {
    std::vector<double> off;
    for (const double step : {100.0, 300.0, 500.0})
        for (std::uint64_t seed = 1; seed <= 6; ++seed) {
            const EarSounds both = soundsFor(EarExercise::Interval, step, {.kind = RoomKind::Dry}, seed);
            ASSERT_EQ(both.sounds.size(), 2U);
            ASSERT_EQ(both.intervals.size(), 3U);
            EXPECT_DOUBLE_EQ((both.intervals[1] - both.intervals[0]).value, step);
            EXPECT_GE(both.intervals.front().value, 0.0);
            EXPECT_LE(both.intervals.back().value, 1200.0);
            const auto pitch = [](const std::vector<float>& sound) { // the lowest: the edge pitch of a tap
                const auto reading = heard(sound);
                return reading && !reading->partials.empty() ? reading->partials.front().frequency.value
                                                             : 0.0;
            };
            const double low = pitch(both.sounds[0]);
            const double high = pitch(both.sounds[1]);
            if (low == 0.0 || high == 0.0)
                continue;
            off.push_back(std::abs(1200.0 * std::log2(high / low) -
                                   both.intervals[static_cast<std::size_t>(both.due)].value));
        }
    ASSERT_GE(off.size(), 14U);
    EXPECT_LT(medianOf(off), 15.0);
}

TEST(EarExercise, TheAnswerIsNotAlwaysTheSameAndSeedsRepeat) {
    for (const EarExercise exercise : kEarExercises) {
        const int count = answersOf(exercise, testing::plover());
        std::vector<int> due(static_cast<std::size_t>(count));
        for (std::uint64_t seed = 1; seed <= 40; ++seed)
            ++due[static_cast<std::size_t>(earSounds(exercise, testing::plover(), Tension{3000},
                                                     Tension{2400}, rangeOf(exercise).usual,
                                                     {.kind = RoomKind::Dry}, 16000.0, seed)
                                               .due)];
        for (const int times : due)
            EXPECT_GT(times, 20 / count) << earExerciseName(exercise);
    }
    const auto again = [] { return soundsFor(EarExercise::Higher, 20.0, {}, 9).sounds; };
    EXPECT_EQ(again(), again());
    EXPECT_NE(again()[0], again()[1]);
}

} // namespace ear_exercise_test
} // namespace bombo
