/// What is advised from a heard edge and centre pitch, on drums that are not quite the model's.
#include "core/acoustics/pitches.h"
#include "core/tuning/correction.h"
#include "core/tuning/inverse.h"
#include "core/units/dice.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace correction_test {

using testing::plover;

constexpr Tension kBatter{3700.0};
constexpr Tension kSnareSide{3569.0};

Correction corrected(double edgeOff, double centreOff) {
    const Drum drum = plover();
    const DrumState state = drumState(drum, kBatter, kSnareSide, airAt({}));
    const NamedPitches true_ = namedPitches(state);
    HeardDrum heard;
    heard.batterEdge = true_.batterEdge * (1.0 + edgeOff);
    heard.centre = true_.centre * (1.0 + centreOff);
    const auto found = correctBoth(drum, heard, kBatter, kSnareSide, turnModelPrior(drum), airAt({}));
    EXPECT_TRUE(found);
    return *found;
}

TEST(Correction, NeedsNoTurnWhereTheAirIsTheOpenAirs) {
    // The exterior table and the integral equation differ by 2 cents of the centre pitch at most.
    for (const double cents : {-2.0, 0.0, 2.0}) {
        const Correction advice = corrected(0.0, std::exp2(cents / 1200.0) - 1.0);
        EXPECT_LE(std::abs(advice.snareSide.exact.value), 1.0 / 16.0) << cents;
        EXPECT_LE(std::abs(advice.batter.exact.value), 1.0 / 16.0) << cents;
    }
}

TEST(Correction, SaysHowFarItMayBeOff) {
    // Drums whose centre lies off the model's by its spread, and taps read to two cents: nothing is to be
    // turned, so that all that is advised is error. A standard error holds it in 68 of 100, twice that in 95.
    Dice dice(20);
    constexpr int drums = 100;
    int within = 0;
    int withinTwice = 0;
    for (int i = 0; i < drums; ++i) {
        const double reading = 2.0 / 1731.0;
        const Correction advice =
            corrected(reading * dice.normal(), kCentrePitchSpread * dice.normal() + reading * dice.normal());
        const double off = std::abs(advice.snareSide.exact.value) / advice.snareSide.error.value;
        within += off <= 1.0;
        withinTwice += off <= 2.0;
    }
    EXPECT_NEAR(within, 0.68 * drums, 0.10 * drums);
    EXPECT_GE(withinTwice, 0.90 * drums);
}

TEST(Correction, BothEdgesHeardNeedNoCentre) {
    const Drum drum = plover();
    const NamedPitches pitches = namedPitches(drumState(drum, kBatter, kSnareSide, airAt({})));
    HeardDrum heard;
    heard.batterEdge = pitches.batterEdge;
    heard.snareSideEdge = pitches.snareSideEdge;
    const auto found = correctBoth(drum, heard, kBatter, kSnareSide, turnModelPrior(drum), airAt({}));
    ASSERT_TRUE(found);
    EXPECT_LT(std::abs(found->snareSide.exact.value), 1e-3);
    EXPECT_LT(found->snareSide.error.value, 0.01); // nothing to turn, nothing to be off by
}

} // namespace correction_test
} // namespace bombo
