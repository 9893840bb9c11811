#include "core/faults/player_or_drum.h"
#include "core/record/strokes_say.h"
#include "core/units/dice.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace player_or_drum_test {

/// Twenty strokes of hands and a drum that scatter so.
std::vector<Backbeat> strokes(double levelDb, double place, double ring, double aimed = 0.2,
                              std::size_t count = kBackbeats) {
    Dice dice(11);
    std::vector<Backbeat> all;
    for (std::size_t i = 0; i < count; ++i)
        all.push_back({-12.0 + levelDb * dice.normal(), std::abs(aimed + place * dice.normal()),
                       Seconds{0.4 * std::exp(ring * dice.normal())}});
    return all;
}

TEST(PlayerOrDrum, SaysWhoWanders) {
    EXPECT_EQ(scatterOf(strokes(0.8, 0.03, 0.02)).verdict, PlayerOrDrum::Steady);
    EXPECT_EQ(scatterOf(strokes(6.0, 0.03, 0.02)).verdict, PlayerOrDrum::StrokesWander);
    EXPECT_EQ(scatterOf(strokes(0.8, 0.2, 0.02)).verdict, PlayerOrDrum::StrokesWander);
    EXPECT_EQ(scatterOf(strokes(0.8, 0.03, 0.25)).verdict, PlayerOrDrum::DrumWanders);
    EXPECT_EQ(scatterOf(strokes(0.8, 0.03, 0.02, 0.5)).verdict, PlayerOrDrum::OffMiddle);
}

TEST(PlayerOrDrum, TooFewSayNothing) {
    const StrokeScatter scatter = scatterOf(strokes(6, 0.2, 0.2, 0.2, kFewestBackbeats - 1));
    EXPECT_EQ(scatter.verdict, PlayerOrDrum::TooFew);
    EXPECT_EQ(scatter.strokes, kFewestBackbeats - 1);
    EXPECT_FALSE(scatter.place);
    EXPECT_EQ(scatterOf(std::vector<Backbeat>{}).verdict, PlayerOrDrum::TooFew);
}

TEST(PlayerOrDrum, OneSlipDoesNotCount) {
    auto some = strokes(0.8, 0.03, 0.02);
    some.front() = {-40.0, 0.9, Seconds{2.0}};
    EXPECT_EQ(scatterOf(some).verdict, PlayerOrDrum::Steady);
}

TEST(PlayerOrDrum, WithoutPlacesTheLevelsStillSpeak) {
    auto some = strokes(6.0, 0.0, 0.02);
    for (Backbeat& stroke : some)
        stroke.place.reset();
    const StrokeScatter scatter = scatterOf(some);
    EXPECT_FALSE(scatter.place);
    EXPECT_EQ(scatter.verdict, PlayerOrDrum::StrokesWander);
    // A ring that wanders is not held against the drum while nobody knows where the strokes landed.
    some = strokes(0.8, 0.03, 0.25);
    for (Backbeat& stroke : some)
        stroke.place.reset();
    EXPECT_EQ(scatterOf(some).verdict, PlayerOrDrum::Unclear);
}

TEST(PlayerOrDrum, SpreadIsTheStandardDeviation) {
    // 400 strokes of a known spread: the median deviation times 1.4826 comes within a tenth of it.
    const StrokeScatter scatter = scatterOf(strokes(2.0, 0.05, 0.06, 0.3, 400));
    EXPECT_NEAR(scatter.levelDb, 2.0, 0.2);
    EXPECT_NEAR(scatter.place.value(), 0.05, 0.005);
    EXPECT_NEAR(scatter.ring.value(), 0.06, 0.006);
    EXPECT_LT(std::abs(scatter.ringByPlace.value()), 0.15);
}

TEST(PlaceFromBalance, GrowsOutwardAndGivesTheUsualPlaceBack) {
    EXPECT_NEAR(placeFromBalance(0.0), 0.2, 1e-6);
    EXPECT_NEAR(placeFromBalance(0.0, 0.4), 0.4, 1e-6);
    // Near the middle the ratio is 1.92 r / 1: twice as far out is 6 dB and a little more.
    EXPECT_NEAR(placeFromBalance(-6.0206), 0.1, 0.005);
    double before = 0.0;
    for (double db = -20.0; db <= 8.0; db += 2.0) {
        const double place = placeFromBalance(db);
        EXPECT_GT(place, before);
        EXPECT_LE(place, 0.95);
        before = place;
    }
    EXPECT_NEAR(placeFromBalance(60.0), 0.95, 1e-6); // more than any place gives
}

} // namespace player_or_drum_test
} // namespace bombo
