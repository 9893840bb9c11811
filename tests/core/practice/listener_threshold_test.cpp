#include "core/practice/ear_exercise.h"
#include "core/practice/listener_threshold.h"
#include "core/units/dice.h"
#include "core/units/median.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdio>

namespace bombo {
namespace listener_threshold_test {

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

/// Among four the same listener: a fifth of the guesses is right by luck, and less is told in a trial.
TEST(ListenerThreshold, IsFoundAmongFourSoundsToo) {
    std::vector<double> off;
    int withinTwo = 0;
    Dice dice(17);
    for (int listener = 0; listener < 120; ++listener) {
        const double truth = std::exp(dice.uniform(std::log(5.0), std::log(40.0)));
        ListenerThreshold staircase(15.0, 1.0, 150.0, 4);
        while (staircase.trials() < 30) {
            const double difference = staircase.next();
            // One of them is heard higher than it is by luck alone: noise of its own in each.
            const double apart = 0.954 * difference / truth;
            const double due = apart + dice.normal();
            const double others = std::max({dice.normal(), dice.normal(), dice.normal()});
            const bool isSlip = dice.uniform(0, 1) < 0.03;
            staircase.answer(difference, isSlip ? dice.uniform(0, 1) < 0.25 : due > others);
        }
        const double ln = std::abs(std::log(staircase.threshold() / truth));
        off.push_back(ln);
        withinTwo += ln < 2.0 * staircase.error();
    }
    std::printf("among four: half within %.0f %%, within two errors %d of 120\n",
                100.0 * (std::exp(medianOf(off)) - 1.0), withinTwo);
    EXPECT_LT(medianOf(off), std::log(1.2));
    EXPECT_GE(withinTwo, 108);
}

/// Who names what is heard by the nearest of three names, with noise of their own.
TEST(ListenerThreshold, IsFoundByNamesToo) {
    std::vector<double> off;
    int withinTwo = 0;
    Dice dice(27);
    for (int listener = 0; listener < 120; ++listener) {
        const double truth = std::exp(dice.uniform(std::log(120.0), std::log(450.0)));
        const double noise = truth / (2.0 * 0.887); // three in four named right at the threshold
        ListenerThreshold staircase(200.0, 100.0, 500.0, 3, ListenerThreshold::Telling::Name);
        while (staircase.trials() < 40) {
            const double step = playable(EarExercise::Interval, staircase.next());
            const int due = std::min(2, static_cast<int>(dice.uniform(0, 3)));
            const double heard = due * step + noise * dice.normal();
            const int said = std::clamp(static_cast<int>(std::lround(heard / step)), 0, 2);
            const bool isSlip = dice.uniform(0, 1) < 0.03;
            staircase.answer(step, isSlip ? dice.uniform(0, 1) < 1.0 / 3.0 : said == due);
        }
        const double ln = std::abs(std::log(staircase.threshold() / truth));
        off.push_back(ln);
        withinTwo += ln < 2.0 * staircase.error();
    }
    std::printf("names: half within %.0f %%, within two errors %d of 120\n",
                100.0 * (std::exp(medianOf(off)) - 1.0), withinTwo);
    EXPECT_LT(medianOf(off), std::log(1.2));
    EXPECT_GE(withinTwo, 108);
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

} // namespace listener_threshold_test
} // namespace bombo
