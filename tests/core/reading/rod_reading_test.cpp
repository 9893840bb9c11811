#include "core/reading/rod_reading.h"

#include <gtest/gtest.h>

namespace bombo {
namespace rod_reading_test {

RodReading at(double cents, double error = 0.05) {
    RodReading r;
    r.frequency = Hertz{300.0 * std::exp2(cents / 1200.0)};
    r.standardError = Hertz{error};
    r.t60 = Seconds{0.4};
    return r;
}

double centsOf(const RodReading& r) {
    return centsBetween(Hertz{300}, r.frequency).value;
}

TEST(SettleTaps, OneTapStandsForItself) {
    const SettledTaps one = settle({at(3)});
    EXPECT_NEAR(centsOf(one.middle), 3.0, 1e-9);
    EXPECT_EQ(one.middle.standardError, Hertz{0.05});
    EXPECT_EQ(one.middle.taps, 1);
    EXPECT_TRUE(one.outliers.empty());
}

TEST(SettleTaps, TheOddOneIsNamedAndLeftOut) {
    for (const std::size_t odd : {0U, 1U, 2U}) {
        std::vector<RodReading> taps{at(1), at(2), at(1.5)};
        taps[odd] = at(45);
        const SettledTaps settled = settle(taps);
        EXPECT_EQ(settled.outliers, std::vector<int>{static_cast<int>(odd)});
        EXPECT_LT(centsOf(settled.middle), 2.1);
        EXPECT_EQ(settled.middle.taps, 3);
        EXPECT_EQ(settled.middle.outliers, 1);
        EXPECT_LE(settled.spread.value, 1.0 + 1e-9);
    }
}

TEST(SettleTaps, OfTwoThatDisagreeNeitherIsBlamed) {
    const SettledTaps settled = settle({at(0), at(30)});
    EXPECT_TRUE(settled.outliers.empty());
    EXPECT_NEAR(centsOf(settled.middle), 15.0, 1e-6);
    // 30 cents at 300 Hz are 5.2 Hz; half of that over the root of two is what the two show.
    EXPECT_NEAR(settled.middle.standardError->value, 5.24 / 2 / std::sqrt(2.0), 0.05);
}

TEST(SettleTaps, ScatterIsNotTakenForOutliers) {
    // Spread evenly: the median deviation is large, none stands apart.
    EXPECT_TRUE(settle({at(-20), at(-10), at(0), at(10), at(20)}).outliers.empty());
}

TEST(SettleTaps, OptionalFiguresAreTheMedianOfThoseThereAre) {
    RodReading with = at(0);
    with.second = Hertz{410};
    EXPECT_EQ(settle({at(1), with, at(2)}).middle.second, Hertz{410});
    EXPECT_FALSE(settle({at(1), at(2)}).middle.second);
}

TEST(IsSettled, AsksUntilEnoughAgree) {
    EXPECT_FALSE(isSettled({}, 1));
    EXPECT_TRUE(isSettled({at(0)}, 1));
    EXPECT_FALSE(isSettled({at(0)}, 2));
    EXPECT_TRUE(isSettled({at(0), at(5)}, 2));
    EXPECT_FALSE(isSettled({at(0), at(9)}, 2)); // a third decides
    EXPECT_FALSE(isSettled({at(0), at(9)}, 1)); // also where one tap would have done
    EXPECT_TRUE(isSettled({at(0), at(9), at(8)}, 2));
    EXPECT_FALSE(isSettled({at(0), at(20), at(40)}, 2));
    EXPECT_TRUE(isSettled({at(0), at(1), at(40)}, 3));                  // two agree, the odd one is named
    EXPECT_TRUE(isSettled({at(0), at(20), at(40), at(60), at(80)}, 3)); // more taps would not help
}

} // namespace rod_reading_test
} // namespace bombo
