/// Several strokes together: sounds made here, whose pitches and decays are known, and recorded strokes.
#include "core/reading/hits_together.h"
#include "core/units/dice.h"
#include "core/units/median.h"
#include "support/rooms.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace hits_together_test {

using testing::addNoise;
using testing::addTones;
using testing::silence;
using testing::tapOf;

/// A stroke on one drum: centre 171, edge 262 Hz, each ringing 0.35 s; where it lands decides how loud each
/// is.
HitPortrait stroke(double centreLevel, double edgeLevel, std::uint64_t seed) {
    auto sound = silence(1.4);
    addTones(sound, {{171.0, 0.35, centreLevel}, {262.0, 0.35, edgeLevel}, {412.0, 0.2, 0.1}}, 0.3);
    addNoise(sound, 1e-3, static_cast<unsigned>(seed));
    return portraitOf(tapOf(sound, 0.3)).value();
}

TEST(HitsTogether, AStrokeNearTheEdgeDoesNotMoveTheCentre) {
    // Two strokes in which the centre hardly sounds take the edge for it.
    const std::vector<HitPortrait> hits{stroke(0.4, 0.2, 1), stroke(0.01, 0.4, 2), stroke(0.35, 0.25, 3),
                                        stroke(0.02, 0.4, 4), stroke(0.4, 0.3, 5)};
    const HitPortrait all = together(hits);
    EXPECT_EQ(all.hits, 5);
    EXPECT_NEAR(all.centre.value, 171.0, 0.5);
    ASSERT_TRUE(all.edge);
    EXPECT_NEAR(all.edge->value, 262.0, 0.8);
}

TEST(HitsTogether, MoreStrokesKnowMore) {
    const HitPortrait one = stroke(0.4, 0.2, 7);
    EXPECT_GT(one.centreError.value, 0.0);
    ASSERT_TRUE(one.ringError);
    std::vector<HitPortrait> hits;
    for (std::uint64_t seed = 10; seed < 16; ++seed)
        hits.push_back(stroke(0.4, 0.2, seed));
    const HitPortrait all = together(hits);
    EXPECT_LT(all.centreError, one.centreError);
    EXPECT_LT(*all.ringError, *one.ringError);
    EXPECT_NEAR(all.ring->value, 0.35, 2.0 * all.ringError->value);
}

TEST(HitsTogether, StrokesWithNothingInCommonSaySo) {
    HitPortrait a = stroke(0.4, 0.2, 20);
    HitPortrait b = a;
    b.centre = Hertz{210.0};
    b.partials = {};
    const HitPortrait all = together({a, b});
    EXPECT_GT(errorInCents(all.centreError, all.centre).value, 100.0);
}

/// A drum of another nature in rooms: the edge of five strokes together against its truth.
TEST(HitsTogether, TheStatedErrorHoldsInRooms) {
    int within = 0;
    int withinTwo = 0;
    int judged = 0;
    for (std::uint64_t drum = 1; drum <= 60; ++drum) {
        Dice dice(drum * 77);
        testing::RoomTap tap{.edge = dice.uniform(180.0, 380.0), .t60 = dice.uniform(0.25, 0.7)};
        std::vector<HitPortrait> hits;
        for (std::uint64_t i = 0; i < 5; ++i) {
            tap.seed = drum * 10 + i;
            const testing::TestRoom room{.rt60 = 0.4, .directDb = 9.0, .snrDb = 35.0, .seed = drum};
            const auto sound = testing::tapInRoom(tap, room);
            if (auto hit = portraitOf(tapOf(sound, testing::kRoomLead)))
                hits.push_back(std::move(hit).value());
        }
        if (hits.size() < 3)
            continue;
        const HitPortrait all = together(hits);
        // Which of the partials is the lowest strong one is drawn with the drum: the one at the edge is
        // judged.
        const bool atCentre = std::abs(centsBetween(Hertz{tap.edge}, all.centre).value) < 60.0;
        const Hertz found = atCentre ? all.centre : all.edge.value_or(all.centre);
        const Hertz error = atCentre ? all.centreError : all.edgeError.value_or(all.centreError);
        const double off = std::abs(found.value - tap.edge);
        if (off > 0.035 * tap.edge)
            continue;
        ++judged;
        within += off <= error.value;
        withinTwo += off <= 2.0 * error.value;
    }
    ASSERT_GE(judged, 36);
    EXPECT_GE(within, 0.55 * judged);
    EXPECT_GE(withinTwo, 0.85 * judged);
}

} // namespace hits_together_test
} // namespace bombo
