#include "core/log/what_moved.h"

#include "core/acoustics/film.h"
#include "support/drums.h"
#include "support/season.h"

#include <gtest/gtest.h>

#include <array>
#include <cmath>

namespace bombo {
namespace what_moved_test {

using testing::HiddenSeason;

constexpr std::int64_t kDay = 86400;

/// How many of the errors lie within one and within two of the stated ones.
struct Coverage {
    int all = 0, one = 0, two = 0;
    double squares = 0;
    void add(double error, double stated) {
        ++all;
        one += std::abs(error) <= stated ? 1 : 0;
        two += std::abs(error) <= 2.0 * stated ? 1 : 0;
        squares += error * error;
    }
    double within1() const { return static_cast<double>(one) / all; }
    double within2() const { return static_cast<double>(two) / all; }
    double rms() const { return std::sqrt(squares / all); }
};

Weather anyWeather(Dice& dice) {
    return {Celsius{dice.uniform(9.0, 27.0)}, dice.uniform(0.3, 0.75), Pascal{101325}};
}

/// Seasons of ten evenings of drums whose nature nobody told: each part of what moved them lies within its
/// error as often as an error promises.
TEST(WhatMoved, PartsLieWithinTheirErrorsOverSeasonsWithAHiddenTruth) {
    Coverage weather, settled, backedOff, other;
    double untold = 0.0; // of the weather, had nobody reckoned it
    int rodsLost = 0, named = 0, rightly = 0, wrongly = 0;
    for (std::uint64_t seed = 1; seed <= 60; ++seed) {
        HiddenSeason season(seed, seed % 3 == 0 ? 10 : seed % 3 == 1 ? 8 : 7);
        Dice dice(seed * 77);
        season.fitBatter(season.now, 2800.0);
        std::vector<Stay> stays;
        season.leaveUntil(season.now + 3600, season.weather, false);
        HeadReading left = season.hear(HeadSide::Batter);
        for (int evening = 0; evening < 10; ++evening) {
            const double days = evening < 3 ? dice.uniform(0.3, 2.0) : dice.uniform(1.0, 12.0);
            const auto parts = season.leaveUntil(season.now + static_cast<std::int64_t>(days * kDay),
                                                 anyWeather(dice), true);
            const HeadReading found = season.hear(HeadSide::Batter);
            const Tension perTurn{season.perTurn[0]};
            const SettlingBelief settling = settlingOf(season.drum, HeadSide::Batter, stays, perTurn);
            const Moved moved = whatMoved(season.drum, HeadSide::Batter, left, found,
                                          season.drum.fittedAt.batter, settling, perTurn);
            const double sum = moved.weather.cents.value + moved.settled.cents.value +
                               moved.backedOff.cents.value + moved.unexplained.cents.value;
            EXPECT_NEAR(sum, moved.total.cents.value, 1e-9);
            weather.add(moved.weather.cents.value - parts[0].weather, moved.weather.error.value);
            settled.add(moved.settled.cents.value - parts[0].settled, moved.settled.error.value);
            backedOff.add(moved.backedOff.cents.value - parts[0].backedOff, moved.backedOff.error.value);
            other.add(moved.unexplained.cents.value - parts[0].other, moved.unexplained.error.value);
            untold += parts[0].weather * parts[0].weather;
            rodsLost += parts[0].rod >= 0 && parts[0].backedOff < -5.0 ? 1 : 0;
            if (moved.rod) {
                ++named;
                const int space = std::abs(moved.rod->rod - parts[0].rod);
                const bool isIt = moved.rod->rod == parts[0].rod || moved.rod->orOpposite == parts[0].rod;
                rightly += isIt ? 1 : 0;
                wrongly += parts[0].rod < 0 || (!isIt && space > 1 && space < season.drum.rods - 1) ? 1 : 0;
            }
            stays.push_back({left, found, season.drum.fittedAt.batter});
            left = found;
        }
    }
    for (const auto& [name, part] : {std::pair{"weather", weather},
                                     {"settled", settled},
                                     {"backed off", backedOff},
                                     {"unexplained", other}}) {
        std::printf("%-12s within one error %.2f, two %.2f, rms %.1f cents\n", name, part.within1(),
                    part.within2(), part.rms());
        EXPECT_GE(part.within1(), 0.63) << name;
        EXPECT_GE(part.within2(), 0.93) << name;
    }
    std::printf("weather untold %.1f cents; rods lost plainly %d, named %d, rightly %d, wrongly %d\n",
                std::sqrt(untold / weather.all), rodsLost, named, rightly, wrongly);
    EXPECT_LT(weather.rms(), 0.5 * std::sqrt(untold / weather.all));
    EXPECT_GE(named, rodsLost / 2);
    EXPECT_LE(wrongly, named / 8);
}

TEST(WhatMoved, NothingMovedNothing) {
    HiddenSeason season(5);
    const HeadReading now = season.hear(HeadSide::Batter);
    HeadReading later = now;
    later.at += kDay;
    const Moved moved = whatMoved(season.drum, HeadSide::Batter, now, later, 0, {}, Tension{1500});
    for (const Share& part : {moved.weather, moved.settled, moved.backedOff, moved.unexplained})
        EXPECT_NEAR(part.cents.value, 0.0, 1.0);
    EXPECT_FALSE(moved.rod);
}

/// What is foretold of a cold hall holds as often as it says.
TEST(WhatMoved, WhatIsForetoldHoldsAsOftenAsItSays) {
    Coverage coverage;
    for (std::uint64_t seed = 1; seed <= 150; ++seed) {
        HiddenSeason season(seed + 500);
        Dice dice(seed);
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
            const HeadReading now = season.hear(side);
            const std::int64_t later = season.now + static_cast<std::int64_t>(dice.uniform(0.1, 6.0) * kDay);
            const Weather there = anyWeather(dice);
            const Expected expected =
                expectedAt(season.drum, side, now, later, weatherNow(there), season.drum.fittedAt.batter, {});
            HiddenSeason then = season;
            then.leaveUntil(later, there, dice.uniform(0.0, 1.0) < 0.5);
            const double truly = centsBetween(now.heard.edge, then.truePitch(side)).value;
            coverage.add(expected.moves.value - truly, expected.error.value);
            EXPECT_NEAR(centsBetween(now.heard.edge, expected.edge).value, expected.moves.value, 0.1);
        }
    }
    std::printf("foretold: within one error %.2f, two %.2f, rms %.1f cents\n", coverage.within1(),
                coverage.within2(), coverage.rms());
    EXPECT_GE(coverage.within1(), 0.64);
    EXPECT_GE(coverage.within2(), 0.93);
}

TEST(Settling, TheTimeConstantOfADrumIsLearned) {
    SettlingBelief quick;
    SettlingBelief slow;
    for (const double from : {1.0, 3.0, 9.0, 24.0, 60.0}) {
        const auto fell = [&](double tau) {
            return 30.0 * (std::exp(-from / tau) - std::exp(-2.5 * from / tau));
        };
        quick.learn({from, 2.5 * from, Cents{fell(4.0)}, Cents{2.0}});
        slow.learn({from, 2.5 * from, Cents{fell(48.0)}, Cents{2.0}});
    }
    EXPECT_LT(quick.timeConstant().hours, 9.0);
    EXPECT_GT(slow.timeConstant().hours, 24.0);
    EXPECT_LT(quick.timeConstant().low, quick.timeConstant().high);
    EXPECT_GT(slow.toCome(12.0).cents, 2.0 * quick.toCome(12.0).cents);
    // Nothing comes between an hour and the same hour; all of it from the beginning on.
    EXPECT_EQ(SettlingBelief().between(5.0, 5.0).cents, Cents{0.0});
    EXPECT_NEAR(SettlingBelief().toCome(0.0).cents.value, 28.0, 4.0);
}

TEST(WeatherThen, WhatNobodySaidComesFromTheSeasonAndIsWide) {
    const std::int64_t july = 1783900800; // 13 July 2026
    const std::int64_t january = 1768262400;
    const WeatherThen summer = weatherThen({}, july);
    EXPECT_FALSE(summer.isKnown);
    EXPECT_GT(summer.weather.temperature, weatherThen({}, january).weather.temperature);
    EXPECT_GT(summer.weather.relativeHumidity, weatherThen({}, january).weather.relativeHumidity);
    const WeatherThen said = weatherThen({Celsius{11}, 0.5, {}}, july);
    EXPECT_TRUE(said.isKnown);
    EXPECT_EQ(said.weather.temperature, Celsius{11});
    const Drum drum = testing::plover();
    const auto error = [&](const WeatherThen& to) {
        return carriedBetween(drum, HeadSide::Batter, Tension{2800}, said, to, 20.0).standardError;
    };
    EXPECT_GT(error(summer), 2.0 * error(weatherNow({Celsius{11}, 0.52, Pascal{101325}})));
}

} // namespace what_moved_test
} // namespace bombo
