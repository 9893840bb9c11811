/// Turns by feel, told by a rod whose pull is known but for an error, and by taps that err.
#include "core/practice/turn_feel.h"
#include "core/units/dice.h"
#include "core/units/median.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace turn_feel_test {

struct Hand {
    double mean;
    double spread;
};

/// @param pulls the rod's own cents a turn
std::vector<FeelTap> tapsOf(const Hand& hand, double pulls, double earCents, Dice& dice,
                            int turns = kTurnsByFeel) {
    double stands = 0.0;
    std::vector<FeelTap> taps;
    for (int i = 0; i <= turns; ++i) {
        if (i > 0)
            stands += (i % 2 == 1 ? 1.0 : -1.0) * (hand.mean + hand.spread * dice.normal());
        taps.push_back({Hertz{310.0 * std::exp2((pulls * stands + earCents * dice.normal()) / 1200.0)},
                        Cents{earCents}});
    }
    return taps;
}

TEST(TurnFeel, WithoutErrorsEachTurnIsWhatItWas) {
    Dice dice(1);
    const auto feel = turnFeel(tapsOf({0.22, 0.0}, 60.0, 0.0, dice), {60.0, 0.0});
    ASSERT_TRUE(feel);
    ASSERT_EQ(feel->turned.size(), static_cast<std::size_t>(kTurnsByFeel));
    for (const Turns one : feel->turned)
        EXPECT_NEAR(one.value, 0.22, 1e-9);
    EXPECT_NEAR(feel->spread.value, 0.0, 1e-9);
    EXPECT_NEAR(feel->left.value, 0.0, 1e-9);
    EXPECT_FALSE(turnFeel(std::vector<FeelTap>(2, {Hertz{300}, Cents{1}}), {60.0, 0.1}));
}

// The stated error is a promise: hands, rods and ears drawn anew each time.
TEST(TurnFeel, TheMeanLiesWithinItsErrorAndTheSpreadIsFound) {
    Dice dice(11);
    constexpr int hands = 600;
    int one = 0;
    int two = 0;
    std::vector<double> spreads;
    for (int i = 0; i < hands; ++i) {
        const Hand hand{dice.uniform(0.15, 0.35), 0.05};
        const double pulls = 60.0 * (1.0 + 0.15 * dice.normal());
        const auto feel = turnFeel(tapsOf(hand, pulls, 1.5, dice), {60.0, 0.15});
        const double off = std::abs(feel->mean.value - hand.mean);
        one += off < feel->meanError.value;
        two += off < 2.0 * feel->meanError.value;
        spreads.push_back(feel->spread.value);
    }
    EXPECT_NEAR(one, 0.68 * hands, 0.07 * hands);
    EXPECT_GE(two, 0.92 * hands);
    EXPECT_NEAR(medianOf(spreads), 0.05, 0.012);
}

TEST(TurnFeel, AnEarThatErrsMoreThanTheHandClaimsNoSpread) {
    Dice dice(3);
    int none = 0;
    for (int i = 0; i < 100; ++i)
        none += turnFeel(tapsOf({0.25, 0.0}, 60.0, 4.0, dice), {60.0, 0.1})->spread.value < 0.06 ? 1 : 0;
    EXPECT_GE(none, 80);
}

} // namespace turn_feel_test
} // namespace bombo
