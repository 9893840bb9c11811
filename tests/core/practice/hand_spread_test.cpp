#include "core/practice/hand_spread.h"
#include "core/units/dice.h"
#include "core/units/median.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace hand_spread_test {

TapAtMicrophone tapAt(double cents, double levelDb) {
    TapAtMicrophone tap;
    tap.pitch = Hertz{300.0 * std::exp2(cents / 1200.0)};
    tap.peakDb = levelDb;
    return tap;
}

// Normal scatter is found as wide as it is, with the error that is stated.
TEST(HandSpread, FindsAKnownScatter) {
    Dice dice(5);
    int withinOne = 0;
    int withinTwo = 0;
    std::vector<double> ratios;
    constexpr int hands = 400;
    for (int hand = 0; hand < hands; ++hand) {
        std::vector<TapAtMicrophone> taps;
        for (int i = 0; i < kTapsOfAHand; ++i)
            taps.push_back(tapAt(5.0 * dice.normal(), -20.0 + 2.0 * dice.normal()));
        const auto spread = handSpread(taps);
        ASSERT_TRUE(spread);
        const double off = std::abs(std::log(spread->pitch.value / 5.0));
        withinOne += off < spread->error;
        withinTwo += off < 2.0 * spread->error;
        ratios.push_back(spread->pitch.value / 5.0);
        EXPECT_NEAR(centsBetween(Hertz{300.0}, spread->middle).value, 0.0, 8.0);
    }
    EXPECT_NEAR(medianOf(ratios), 1.0, 0.05);
    EXPECT_GE(withinOne, hands * 60 / 100);
    EXPECT_GE(withinTwo, hands * 90 / 100);
}

TEST(HandSpread, OneBlowElsewhereIsAstrayAndDoesNotCount) {
    std::vector<TapAtMicrophone> taps;
    for (int i = 0; i < 11; ++i)
        taps.push_back(tapAt(i % 2 == 0 ? 2.0 : -2.0, -20.0));
    const auto before = handSpread(taps);
    taps.push_back(tapAt(700.0, -5.0)); // another partial
    TapAtMicrophone unheard;
    taps.push_back(unheard);
    const auto after = handSpread(taps);
    ASSERT_TRUE(before && after);
    EXPECT_EQ(after->astray, 2);
    EXPECT_EQ(after->taps, 11);
    EXPECT_DOUBLE_EQ(after->pitch.value, before->pitch.value);
}

TEST(HandSpread, TooFewTapsSayNothing) {
    EXPECT_FALSE(handSpread({}));
    std::vector<TapAtMicrophone> taps(9);
    for (int i = 0; i < 3; ++i)
        taps.push_back(tapAt(0.0, -20.0));
    EXPECT_FALSE(handSpread(taps)) << "nine without a pitch tell nothing";
}

} // namespace hand_spread_test
} // namespace bombo
