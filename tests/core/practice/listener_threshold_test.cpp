#include "core/practice/ear_exercise.h"
#include "core/practice/listener_threshold.h"
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "core/units/dice.h"
#include "core/units/median.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>

namespace bombo {
namespace {

/// A listener of another nature than the staircase's: a Weibull function, three slips in a hundred.
bool hears(double difference, double threshold, Dice& dice) {
    const double told = 1.0 - std::exp2(-std::pow(difference / threshold, 1.4));
    const double right = dice.uniform(0, 1) < 0.03 ? 0.5 : 0.5 + 0.5 * told;
    return dice.uniform(0, 1) < right;
}

TEST(ListenerThreshold, IsFoundWithinAFifthInThirtyTrials) {
    std::vector<double> off;
    int withinOne = 0;
    int withinTwo = 0;
    Dice dice(7);
    for (int listener = 0; listener < 240; ++listener) {
        const double truth =
            std::exp(dice.uniform(std::log(5.0), std::log(40.0))); // cents, three in four right
        ListenerThreshold staircase(15.0, 1.0, 300.0);
        while (staircase.trials() < 30) {
            const double difference = staircase.next();
            staircase.answer(difference, hears(difference, truth, dice));
        }
        const double ln = std::abs(std::log(staircase.threshold() / truth));
        off.push_back(ln);
        withinOne += ln < staircase.error();
        withinTwo += ln < 2.0 * staircase.error();
    }
    std::printf("thresholds: half within %.0f %%, within one error %d of 240, two %d\n",
                100.0 * (std::exp(medianOf(off)) - 1.0), withinOne, withinTwo);
    EXPECT_LT(medianOf(off), std::log(1.2));
    // The stated error is a promise: 68 and 95 of 100.
    EXPECT_GE(withinOne, 144);
    EXPECT_GE(withinTwo, 218);
}

TEST(ListenerThreshold, StaysWithinItsLimitsWhateverIsAnswered) {
    for (const bool right : {true, false}) {
        ListenerThreshold staircase(15.0, 1.0, 300.0);
        for (int i = 0; i < 200; ++i) {
            const double difference = staircase.next();
            EXPECT_GE(difference, 1.0);
            EXPECT_LE(difference, 300.0 * 1.0001);
            staircase.answer(difference, right);
            ASSERT_TRUE(std::isfinite(staircase.threshold()));
            ASSERT_TRUE(std::isfinite(staircase.error()));
        }
        EXPECT_TRUE(staircase.isDone());
        if (right)
            EXPECT_LT(staircase.threshold(), 3.0);
        else
            EXPECT_GT(staircase.threshold(), 100.0);
    }
}

TEST(ListenerThreshold, GetsHarderWhenRightAndEndsWhenSure) {
    ListenerThreshold staircase(15.0, 1.0, 300.0);
    const double before = staircase.next();
    for (int i = 0; i < 4; ++i)
        staircase.answer(staircase.next(), true);
    EXPECT_LT(staircase.next(), before);
    EXPECT_FALSE(staircase.isDone());
    Dice dice(3);
    while (!staircase.isDone()) {
        const double difference = staircase.next();
        staircase.answer(difference, hears(difference, 12.0, dice));
    }
    EXPECT_GE(staircase.trials(), kFewestTrials);
    EXPECT_LE(staircase.trials(), kMostTrials);
}

std::optional<Reading> heard(const std::vector<float>& sound) {
    const auto taps = tapsIn(sound, 48000.0);
    return taps.empty() ? std::nullopt : std::optional(readTap(taps[0], {}));
}

// The ear of the program hears of a pair what was asked for; rooms move a figure by some cents.
TEST(EarExercise, TheHigherOneIsHigherByAsMuch) {
    std::vector<double> off;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        const EarPair pair =
            earPair(EarExercise::Higher, testing::plover(), Tension{3000}, 80.0, {}, 48000.0, seed);
        const auto first = heard(pair.first);
        const auto second = heard(pair.second);
        if (!first || !second || !first->hasFigure() || !second->hasFigure())
            continue;
        const double cents = centsBetween(*first->frequency, *second->frequency).value;
        off.push_back((pair.isSecond ? cents : -cents) - 80.0);
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
        const EarPair ring =
            earPair(EarExercise::Longer, testing::plover(), Tension{3000}, 1.0, dry, 48000.0, seed);
        longer += (energyLate(ring.second) > energyLate(ring.first)) == ring.isSecond;
        const EarPair beat =
            earPair(EarExercise::Wavers, testing::plover(), Tension{3000}, 100.0, dry, 48000.0, seed);
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
        unlike += isSplit(beat.isSecond ? beat.second : beat.first) &&
                  !isSplit(beat.isSecond ? beat.first : beat.second);
    }
    EXPECT_EQ(longer, 10);
    EXPECT_GE(unlike, 8);
}

TEST(EarExercise, TheAnswerIsNotAlwaysTheSameAndSeedsRepeat) {
    int second = 0;
    for (std::uint64_t seed = 1; seed <= 40; ++seed)
        second += earPair(EarExercise::Higher, testing::plover(), Tension{3000}, 20.0,
                          {.kind = RoomKind::Dry}, 16000.0, seed)
                      .isSecond;
    EXPECT_GT(second, 10);
    EXPECT_LT(second, 30);
    const auto again = [] {
        return earPair(EarExercise::Higher, testing::plover(), Tension{3000}, 20.0, {}, 16000.0, 9);
    };
    EXPECT_EQ(again().first, again().first);
    EXPECT_NE(again().first, again().second);
}

} // namespace
} // namespace bombo
