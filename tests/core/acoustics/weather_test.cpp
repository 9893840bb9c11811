#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/acoustics/weather.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace {

using testing::plover;

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

TEST(Weather, NothingChangesWhenTheWeatherDoesNot) {
    const Weather damp{Celsius{12}, 0.8, Pascal{99000}};
    EXPECT_NEAR(tensionInWeather(plover(), HeadSide::Batter, Tension{3700}, damp, damp).value, 3700.0, 1e-9);
}

TEST(Weather, FilmAloneShrinksInTheColdAsItsStrainSays) {
    // A shell that never moves, a hoop that never gives, a film whose modulus stays: the closed form is
    // T' = T + E t / (1 - nu) (alpha dT), strain for strain.
    Drum drum = plover();
    drum.shell.expansionPerKelvin = 0.0;
    drum.batterHead.modulusPerKelvin = 0.0;
    drum.hoop.perTurn = Tension{1e12};
    const double stiffness = drum.batterHead.modulus.value * drum.batterHead.thickness.value / (1 - 0.38);
    const Tension cold =
        tensionInWeather(drum, HeadSide::Batter, Tension{3700}, Weather{Celsius{20}}, Weather{Celsius{5}});
    EXPECT_NEAR(cold.value, 3700.0 + stiffness * drum.batterHead.expansionPerKelvin * 15.0, 0.01);
}

TEST(Weather, DampSlackensTheFilmAndHeatSoftensIt) {
    const Weather mild{Celsius{20}, 0.4, Pascal{101325}};
    const Weather damp{Celsius{20}, 0.9, Pascal{101325}};
    EXPECT_LT(tensionInWeather(plover(), HeadSide::SnareSide, Tension{3600}, mild, damp).value, 3600.0);
    Drum drum = plover();
    drum.shell.expansionPerKelvin =
        drum.batterHead.expansionPerKelvin; // no mismatch: only the modulus is left
    const Tension hot = tensionInWeather(drum, HeadSide::Batter, Tension{3700}, mild,
                                         Weather{Celsius{35}, 0.4, Pascal{101325}});
    EXPECT_LT(hot.value, 3700.0);
    EXPECT_GT(hot.value, 3400.0);
}

TEST(Weather, AWideSwingNeverPullsBelowNothing) {
    EXPECT_GE(tensionInWeather(plover(), HeadSide::SnareSide, Tension{20}, Weather{Celsius{0}},
                               Weather{Celsius{60}})
                  .value,
              0.0);
}

} // namespace
} // namespace bombo
