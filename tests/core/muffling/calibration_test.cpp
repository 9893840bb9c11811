#include "core/muffling/calibration.h"
#include "core/muffling/muffling.h"
#include "support/drums.h"
#include "support/padded_head.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace calibration_test {

using testing::plover;

DrumState tuned() {
    return drumState(plover(), Tension{3700}, Tension{3600});
}

/// What the reference of tests/core/support makes of a thing at 0 degrees, as if it were heard: partials of
/// which most is one of the drum's own modes.
std::vector<HeardBoth> heardByReference(const Pad& pad) {
    const auto rate = [](double omega) { return 4.0 + 0.003 * omega; };
    std::vector<HeardBoth> heard;
    const std::vector<CoupledMode> modes = coupledModes(tuned());
    for (const testing::PaddedPartial& partial : testing::paddedPartials(tuned(), {pad}, rate, 620.0))
        for (const CoupledMode& mode : modes)
            if (!partial.sine && partial.share > 0.6 && partial.m == mode.m && partial.order == mode.order &&
                mode.frequency.value < 600.0)
                heard.push_back({mode.m, mode.order, mode.frequency, Hertz{partial.hertz},
                                 t60OfRate(rate(kTwoPi * mode.frequency.value)), t60OfRate(partial.rate)});
    return heard;
}

TEST(Calibration, FindsMassAndLossOfAThingAgain) {
    const Pad truth = [] {
        Pad pad{Metres{0.115}, Radians{0.6}, {}};
        pad.kind.mass = Kilograms{0.006};
        pad.kind.lossFactor = 0.35;
        pad.kind.lossRises = 0.0;
        return pad;
    }();
    Pad braked = truth;
    braked.kind.lossFactor = 0.0;
    braked.kind.resistance = 6.0;
    for (const Pad& pad : {truth, braked}) {
        std::vector<HeardBoth> heard;
        for (const MuffledPartial& partial : predictMuffling(plover(), tuned(), {pad}).partials) {
            const bool under =
                partial.m == 0 || std::abs(std::cos(partial.m * (partial.antinode.value - 0.6))) > 0.99;
            if (under && partial.frequencyBefore.value < 900.0)
                heard.push_back({partial.m, partial.order, partial.frequencyBefore, partial.frequencyAfter,
                                 partial.t60Before, partial.t60After});
        }
        ASSERT_GE(heard.size(), 4U);
        Pad blank = pad;
        blank.kind = PadKind{.id = "own:sponge"};
        const auto kind = calibrateKind(tuned(), blank, heard);
        ASSERT_TRUE(kind);
        EXPECT_EQ(kind->id, "own:sponge");
        // What the partials that were not heard lose by themselves is guessed, and moves the others a little.
        EXPECT_NEAR(kind->mass.value, 0.006, 0.0002);
        const auto takes = [](const PadKind& k) { // at 350 Hz, N s/m
            return k.lossFactor * kTwoPi * 350.0 * k.mass.value + k.resistance;
        };
        EXPECT_NEAR(takes(*kind) / takes(pad.kind), 1.0, 0.03);
    }
}

TEST(Calibration, FindsAThingFromAnIndependentSolution) {
    // The reference knows nothing of parts, film springs or elimination. Above its resonance a thing lets
    // partials rise, so that not the sign of a shift tells its mass. 6 g mix the partials so strongly that
    // the two solutions differ by up to a quarter in a single ring.
    for (const double grams : {1.5, 3.0, 6.0}) {
        Pad truth{Metres{0.105}, Radians{0.0}, {}};
        truth.kind.mass = Kilograms{1e-3 * grams};
        truth.kind.lossFactor = 0.3;
        truth.kind.lossRises = 0.0;
        const std::vector<HeardBoth> heard = heardByReference(truth);
        ASSERT_GE(heard.size(), 3U) << grams;
        Pad blank = truth;
        blank.kind = PadKind{.id = "own:coin"};
        const auto kind = calibrateKind(tuned(), blank, heard);
        ASSERT_TRUE(kind) << grams;
        EXPECT_NEAR(1e3 * kind->mass.value, grams, (grams < 5.0 ? 0.05 : 0.10) * grams);
        EXPECT_NEAR(kind->lossFactor + kind->resistance / (kTwoPi * 350.0 * kind->mass.value), 0.3, 0.06)
            << grams << " g by " << heard.size();
    }
}

TEST(Calibration, WhatNoMassCanDoIsRefused) {
    // Every partial rises by 10 cents, the lowest too: the head was tuned between the two hearings.
    const Pad pad{Metres{0.115}, Radians{0.6}, {}};
    std::vector<HeardBoth> heard;
    for (const CoupledMode& mode : coupledModes(tuned(), {.highestM = 1}))
        heard.push_back(
            {mode.m, mode.order, mode.frequency, mode.frequency * 1.006, Seconds{0.4}, Seconds{0.3}});
    EXPECT_EQ(calibrateKind(tuned(), pad, heard).fault(), CalibrationFault::DoesNotFit);
}

TEST(Calibration, NothingIsMadeUp) {
    const Pad pad{Metres{0.115}, Radians{0.6}, {}};
    EXPECT_EQ(calibrateKind(tuned(), pad, {}).fault(), CalibrationFault::TooFewPartials);
    std::vector<HeardBoth> same;
    for (const CoupledMode& mode : coupledModes(tuned(), {.highestM = 1}))
        same.push_back({mode.m, mode.order, mode.frequency, mode.frequency, Seconds{0.4}, Seconds{0.4}});
    EXPECT_EQ(calibrateKind(tuned(), pad, same).fault(), CalibrationFault::NothingChanged);
}

} // namespace calibration_test
} // namespace bombo
