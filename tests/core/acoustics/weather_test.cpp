#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/acoustics/weather.h"
#include "support/drums.h"
#include "support/resting_tension.h"

#include <gtest/gtest.h>

#include <cmath>
#include <string>
#include <tuple>

namespace bombo {
namespace weather_test {

using testing::plover;
using testing::restingTension;

Drum ash() {
    Drum drum = plover();
    drum.shell.expansionPerHumidity = 1.3e-3;
    return drum;
}

TEST(Weather, PressureFallsWithHeight) {
    // The standard atmosphere's tabulated values.
    EXPECT_NEAR(pressureAt(Metres{0}).value, 101325, 0.5);
    EXPECT_NEAR(pressureAt(Metres{1000}).value, 89874, 20);
    EXPECT_NEAR(pressureAt(Metres{3000}).value, 70108, 30);
    for (double height : {-100.0, 0.0, 1500.0, 4000.0})
        EXPECT_NEAR(altitudeOf(pressureAt(Metres{height})).value, height, 1e-6);
}

TEST(Weather, ThinAirLoadsTheHeadsLess) {
    Weather mountain;
    mountain.pressure = pressureAt(Metres{3000});
    const Hertz valley = namedPitches(drumState(plover(), Tension{3700}, Tension{3600})).batterEdge;
    const Hertz height =
        namedPitches(drumState(plover(), Tension{3700}, Tension{3600}, airAt(mountain))).batterEdge;
    EXPECT_GT(height, valley);
    EXPECT_LT(centsBetween(valley, height).value,
              120.0); // a third less air, which lowers (1,1) by 3 to 10 % in all
}

constexpr Weather at(double celsius, double humidity) {
    return {Celsius{celsius}, humidity, Pascal{101325}};
}

TEST(Weather, NothingChangesWhenTheWeatherDoesNot) {
    const Weather damp{Celsius{12}, 0.8, Pascal{99000}};
    const CarriedTension same = tensionInWeather(plover(), HeadSide::Batter, Tension{3700}, damp, damp);
    EXPECT_NEAR(same.tension.value, 3700.0, 1e-9);
    EXPECT_EQ(same.standardError.value, 0.0);
}

TEST(Weather, FilmHoopRodsAndShellComeToRestWhereTheirForcesMeet) {
    for (const char* material : {"wood", "metal"})
        for (const Weather& to : {at(5, 0.5), at(35, 0.5), at(20, 0.8), at(2, 0.9)}) {
            Drum drum = ash();
            if (std::string(material) == "metal") {
                drum.shell.expansionPerKelvin = 23e-6;
                drum.shell.expansionPerHumidity = 0.0;
            }
            const Weather from = at(20, 0.5);
            EXPECT_NEAR(
                tensionInWeather(drum, HeadSide::Batter, Tension{3700}, from, to, ShellFollows::AfterDays)
                    .tension.value,
                restingTension(drum, 3700, from, to, 1.0), 0.01);
            EXPECT_NEAR(tensionInWeather(drum, HeadSide::Batter, Tension{3700}, from, to).tension.value,
                        restingTension(drum, 3700, from, to, 0.1), 0.01);
        }
}

double centsOf(double tension) {
    return 600.0 * std::log2(tension / 3700.0);
}

TEST(Weather, SteelRodsAgainstTheShellMakeAFewCents) {
    // The film's own part left out: what rods do over 15 K, shorter in the cold under a wooden shell, longer
    // than an aluminium one.
    for (const auto& [shell, least, most] : {std::tuple{5e-6, 1.0, 4.0}, std::tuple{23e-6, -6.0, -1.0}}) {
        Drum drum = ash();
        drum.shell.expansionPerKelvin = shell;
        drum.batterHead.expansionPerKelvin = shell;
        drum.batterHead.modulusPerKelvin = 0.0;
        const double cents = centsOf(
            tensionInWeather(drum, HeadSide::Batter, Tension{3700}, at(20, 0.5), at(5, 0.5)).tension.value);
        EXPECT_GT(cents, least);
        EXPECT_LT(cents, most);
    }
}

TEST(Weather, DampLowersAWoodenDrumThisEveningAndRaisesItOnceTheShellHasFollowed) {
    const Weather dry = at(20, 0.3);
    const Weather damp = at(20, 0.8);
    const CarriedTension evening =
        tensionInWeather(ash(), HeadSide::Batter, Tension{3700}, dry, damp, ShellFollows::ThisEvening);
    const CarriedTension days =
        tensionInWeather(ash(), HeadSide::Batter, Tension{3700}, dry, damp, ShellFollows::AfterDays);
    EXPECT_LT(evening.tension.value, 3700.0);
    EXPECT_GT(days.tension.value, 3700.0);
    // What handbooks leave open must lie within two errors: a shell that does not follow at all and one that
    // takes on a quarter in an evening; one that swells by a thousandth and one by two.
    auto swelling = [&](double perHumidity) {
        Drum drum = ash();
        drum.shell.expansionPerHumidity = perHumidity;
        return restingTension(drum, 3700, dry, damp, 1.0);
    };
    EXPECT_NEAR(swelling(0.0), evening.tension.value, 2.0 * evening.standardError.value);
    EXPECT_NEAR(swelling(0.25 * 1.3e-3), evening.tension.value, 2.0 * evening.standardError.value);
    EXPECT_NEAR(swelling(1e-3), days.tension.value, 2.0 * days.standardError.value);
    EXPECT_NEAR(swelling(2e-3), days.tension.value, 2.0 * days.standardError.value);
    EXPECT_NEAR(swelling(0.4e-3), days.tension.value, 2.0 * days.standardError.value);
    EXPECT_GT(days.standardError.value, 2.0 * evening.standardError.value);
}

TEST(Weather, OfMetalThereIsOneFigure) {
    Drum drum = plover();
    drum.shell.expansionPerHumidity = 0.0;
    auto carried = [&](ShellFollows follows) {
        return tensionInWeather(drum, HeadSide::Batter, Tension{3700}, at(20, 0.3), at(10, 0.8), follows);
    };
    EXPECT_EQ(carried(ShellFollows::ThisEvening).tension, carried(ShellFollows::AfterDays).tension);
    EXPECT_GT(carried(ShellFollows::AfterDays).standardError.value, 0.0); // the film's own
}

TEST(Weather, HeatSoftensTheFilm) {
    Drum drum = plover();
    drum.shell.expansionPerKelvin = 12e-6;      // as rods do
    drum.batterHead.expansionPerKelvin = 12e-6; // no mismatch: only the modulus is left
    const double hot =
        tensionInWeather(drum, HeadSide::Batter, Tension{3700}, at(20, 0.4), at(35, 0.4)).tension.value;
    EXPECT_LT(hot, 3700.0);
    EXPECT_GT(hot, 3400.0);
}

TEST(Weather, AWideSwingNeverPullsBelowNothing) {
    EXPECT_GE(tensionInWeather(plover(), HeadSide::SnareSide, Tension{20}, Weather{Celsius{0}},
                               Weather{Celsius{60}})
                  .tension.value,
              0.0);
}

} // namespace weather_test
} // namespace bombo
