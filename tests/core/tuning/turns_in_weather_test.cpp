#include "core/tuning/turns_in_weather.h"

#include "core/acoustics/pitches.h"
#include "core/practice/practice_drum.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace turns_in_weather_test {

using testing::plover;

constexpr Tension kTuned{3500.0};
const Weather kHere{Celsius{20}, 0.5, Pascal{101325}};
const Weather kColdHall{Celsius{5}, 0.5, Pascal{101325}};

TurnsInWeather adviceFor(const Drum& drum, HeadSide side, const Weather& to, Tension tuned = kTuned) {
    const Hertz wanted = edgePitch(drumState(drum, tuned, tuned, airAt(kHere)), side);
    return *turnsInWeather(drum, side,
                           tensionInWeather(drum, side, tuned, kHere, to, ShellFollows::ThisEvening),
                           airAt(to), wanted, turnModelPrior(drum).head(side));
}

TEST(TurnsInWeather, NoneWhereNothingChanges) {
    EXPECT_NEAR(adviceFor(plover(), HeadSide::Batter, kHere).turns.value, 0.0, 1e-6);
    EXPECT_NEAR(adviceFor(plover(), HeadSide::Batter, kHere).error.value, 0.0, 1e-6);
}

TEST(TurnsInWeather, MadeThereTheyBringThePitchBack) {
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        for (const double celsius : {-5.0, 5.0, 35.0}) {
            const Weather to{Celsius{celsius}, 0.5, Pascal{101325}};
            const Hertz wanted = edgePitch(drumState(plover(), kTuned, kTuned, airAt(kHere)), side);
            const Tension carried =
                tensionInWeather(plover(), side, kTuned, kHere, to, ShellFollows::ThisEvening).tension;
            const double perTurn = turnModelPrior(plover()).head(side).perTurn().value;
            const Tension after{carried.value + perTurn * adviceFor(plover(), side, to).turns.value};
            const Hertz heard = edgePitch(drumState(plover(), after, after, airAt(to)), side);
            EXPECT_NEAR(centsBetween(wanted, heard).value, 0.0, 0.5) << celsius;
        }
}

// On practice drums, whose gain a turn nobody was told, the pitch comes nearer than it was left, and the
// error that is stated covers what is missing.
TEST(TurnsInWeather, StrangeDrumsComeNearer) {
    int nearer = 0;
    int covered = 0;
    constexpr int drums = 30;
    for (std::uint64_t seed = 0; seed < drums; ++seed) {
        const Drum drum = plover();
        const HiddenNature nature = drawNature(drum, 6200 + seed);
        PracticeState state;
        state.batterTurns = state.snareSideTurns = std::vector<Turns>(8, Turns{2.0});
        const Tension tuned{trueMeanTension(nature, state, HeadSide::Batter)};
        const TurnsInWeather advice = adviceFor(drum, HeadSide::Batter, kColdHall, tuned);
        const Tension carried =
            tensionInWeather(drum, HeadSide::Batter, tuned, kHere, kColdHall, ShellFollows::ThisEvening)
                .tension;
        state.batterTurns.assign(8, Turns{2.0 + advice.turns.value});
        const double gained = trueMeanTension(nature, state, HeadSide::Batter) - tuned.value;
        const auto offAt = [&](double tension) { // cents, in the cold air, which weighs on the head itself
            const Tension both{tension};
            return std::abs(
                centsBetween(edgePitch(drumState(drum, tuned, tuned, airAt(kHere)), HeadSide::Batter),
                             edgePitch(drumState(drum, both, both, airAt(kColdHall)), HeadSide::Batter))
                    .value);
        };
        const double left = offAt(carried.value);
        const double after = offAt(carried.value + gained);
        nearer += after < left;
        // What two of its errors are worth in cents, by what its own turns did there.
        covered += after < 2.0 * std::abs(advice.error.value / advice.turns.value) * (left + after) + 1.0;
    }
    EXPECT_GE(nearer, drums - 1);
    EXPECT_GE(covered, drums * 9 / 10);
}

} // namespace turns_in_weather_test
} // namespace bombo
