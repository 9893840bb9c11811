/// Taps in rooms that share no formula with the ear. Seeds from 900000 on are kept for judging: nothing was
/// tuned on them.
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "core/units/dice.h"
#include "core/units/median.h"
#include "support/rooms.h"

#include <gtest/gtest.h>

namespace bombo {
namespace rooms_test {

using testing::RoomTap;
using testing::TestRoom;

constexpr std::uint64_t kJudging = 900'000;

struct Judged {
    int taps = 0;
    int read = 0;
    int wrongAndClear = 0;
    int withinOne = 0;
    int withinTwo = 0;
    std::vector<double> off;     ///< cents
    std::vector<double> hannOff; ///< likewise, of the plain spectrum's peak
};

Judged judged(double rt60, double directDb, int count) {
    Judged result;
    for (int i = 0; i < count; ++i) {
        const std::uint64_t seed = kJudging + static_cast<std::uint64_t>(i);
        Dice dice(seed);
        RoomTap tap{.edge = dice.uniform(160.0, 440.0),
                    .t60 = std::exp(dice.uniform(std::log(0.2), std::log(0.8))),
                    .glide = dice.uniform(0.0, 15.0),
                    .pair = dice.uniform(0.0, 1.0) < 0.3 ? dice.uniform(1.5, 4.0) : 0.0,
                    .secondCents = 25.0 * dice.normal(),
                    .seed = seed};
        const auto taps =
            tapsIn(testing::tapInRoom(tap, {rt60, directDb, dice.uniform(30.0, 45.0), 48000, seed}));
        ++result.taps;
        if (taps.empty())
            continue;
        Expectation expected = testing::expectingInRoom(tap.edge, dice.uniform(-100.0, 100.0));
        expected.spread = Cents{150.0};
        const Reading reading = readTap(taps[0], {.expected = expected});
        const auto off = [&](double hz) { return std::abs(1200.0 * std::log2(hz / tap.edge)); };
        result.hannOff.push_back(off(testing::hannPeak(taps[0], tap.edge)));
        if (!reading.hasFigure())
            continue;
        const double away = off(reading.frequency->value);
        ++result.read;
        result.off.push_back(away);
        result.wrongAndClear += away > 30.0 && reading.verdict == Verdict::Clear;
        result.withinOne += away < reading.error().value;
        result.withinTwo += away < 2.0 * reading.error().value;
    }
    return result;
}

class Rooms : public ::testing::TestWithParam<std::tuple<double, double, double>> {};

TEST_P(Rooms, AreReadWithAnErrorThatHoldsThem) {
    const auto [rt60, directDb, median] = GetParam();
    const Judged all = judged(rt60, directDb, 150);
    EXPECT_GE(all.read, 0.97 * all.taps);
    EXPECT_EQ(all.wrongAndClear, 0);
    EXPECT_LE(medianOf(all.off), median);
    EXPECT_LE(medianOf(all.off), medianOf(all.hannOff));
    // A normal error's 68 and 95 of 100; with 150 taps a share scatters by 4 and 2 of 100.
    EXPECT_GE(all.withinOne, 0.60 * all.read);
    EXPECT_LE(all.withinOne, 0.84 * all.read);
    EXPECT_GE(all.withinTwo, 0.89 * all.read);
}

INSTANTIATE_TEST_SUITE_P(Ear, Rooms,
                         ::testing::Values(std::tuple(0.25, 20.0, 2.0), std::tuple(0.45, 12.0, 3.0),
                                           std::tuple(0.45, 6.0, 4.0), std::tuple(0.8, 6.0, 4.5)));

TEST(TapInRoom, IsReadAtSixteenAndFortyFourKilohertz) {
    for (const double rate : {16000.0, 44100.0}) {
        const auto sound =
            testing::tapInRoom({.edge = 262.0, .t60 = 0.5}, {.rt60 = 0.35, .directDb = 12.0, .rate = rate});
        const auto taps = tapsIn(sound, rate);
        ASSERT_EQ(taps.size(), 1U) << rate;
        const Reading reading = readTap(taps[0], {.expected = testing::expectingInRoom(262.0, 40.0)});
        ASSERT_TRUE(reading.hasFigure()) << rate;
        EXPECT_LT(std::abs(centsBetween(Hertz{262.0}, *reading.frequency).value), 3.0 * reading.error().value)
            << rate;
    }
}

} // namespace rooms_test
} // namespace bombo
