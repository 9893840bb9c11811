#include "core/acoustics/damping.h"
#include "core/muffling/muffling.h"
#include "support/drums.h"

#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace muffling_test {

using testing::plover;

DrumState tuned() {
    return drumState(plover(), Tension{3700}, Tension{3600});
}
Pad padAt(double fromCentre, double degrees) {
    return {Metres{fromCentre}, Radians{degrees * std::numbers::pi / 180.0}, {}};
}
MufflingPrediction predict(const std::vector<Pad>& pads) {
    return predictMuffling(plover(), tuned(), pads);
}

TEST(CheckPad, PlacesThatAreRefused) {
    const Shell shell = plover().shell; // radius 165 mm
    EXPECT_EQ(checkPad(padAt(0.12, 30), {}, shell), PadProblem::None);
    EXPECT_EQ(checkPad(padAt(0.16, 30), {}, shell), PadProblem::BeyondHoop);
    EXPECT_EQ(checkPad(padAt(0.02, 30), {}, shell), PadProblem::OnLandingArea);
    EXPECT_EQ(checkPad(padAt(0.12, 32), {padAt(0.12, 30)}, shell), PadProblem::Overlaps);
    EXPECT_EQ(checkPad(padAt(0.12, 60), {padAt(0.12, 30)}, shell), PadProblem::None);
}

TEST(Muffling, WithoutPadsNothingChanges) {
    const MufflingPrediction p = predict({});
    EXPECT_EQ(p.ringBefore, p.ringAfter);
    for (const MuffledPartial& partial : p.partials) {
        EXPECT_EQ(partial.t60Before, partial.t60After);
        EXPECT_EQ(partial.frequencyBefore, partial.frequencyAfter);
    }
}

TEST(Muffling, RingBeforeDoesNotDependOnThePads) {
    EXPECT_NEAR(predict({padAt(0.12, 70)}).ringBefore.value, predict({}).ringBefore.value, 1e-9);
}

TEST(Muffling, APadLowersWhatLiesBelowItsOwnPitchAndRaisesTheRest) {
    // 2.2 g on film resonate between 300 and 400 Hz: below that they are carried along, above they lag
    // behind.
    for (double r : {0.10, 0.14}) {
        const MufflingPrediction p = predict({padAt(r, 130)});
        EXPECT_LT(p.ringAfter, p.ringBefore);
        bool rises = false;
        for (const MuffledPartial& partial : p.partials) {
            if (partial.frequencyBefore.value < 300.0) {
                EXPECT_LE(partial.frequencyAfter.value, partial.frequencyBefore.value + 1e-9);
                EXPECT_LE(partial.t60After.value, partial.t60Before.value + 1e-12);
            }
            rises = rises || partial.frequencyAfter.value > 1.01 * partial.frequencyBefore.value;
        }
        EXPECT_TRUE(rises) << r;
    }
}

TEST(Muffling, FirstOrderShiftOfAPointMass) {
    // A light mass M where the shape is w lowers a mode of modal mass m by M w^2 / (2 m) of its frequency.
    Pad light = padAt(0.10, 0);
    light.kind.mass = Kilograms{1e-6};
    light.kind.lossFactor = 0.0; // with a loss a partial that dies fast sinks more
    light.kind.radius = Metres{1e-6};
    const MufflingPrediction p = predictMuffling(plover(), tuned(), {light});
    for (const CoupledMode& mode : coupledModes(tuned(), {.highestM = 0}))
        for (const MuffledPartial& partial : p.partials)
            if (partial.m == 0 && partial.order == mode.order) {
                const double w = shapeAt(0, mode.batterShape, 0.10 / tuned().radius.value);
                const double expected = 0.5 * 1e-6 * w * w / mode.modalMass.value;
                EXPECT_NEAR(1.0 - partial.frequencyAfter / partial.frequencyBefore, expected,
                            0.02 * expected + 1e-12);
            }
}

TEST(Muffling, OneMemberOfAPairAvoidsASinglePad) {
    Pad small = padAt(0.13, 75); // a wide one reaches beyond the nodal line
    small.kind.radius = Metres{1e-4};
    const MufflingPrediction p = predict({small});
    for (int m = 1; m <= 3; ++m) {
        std::vector<MuffledPartial> pair;
        for (const MuffledPartial& partial : p.partials)
            if (partial.m == m && partial.order == 1)
                pair.push_back(partial);
        ASSERT_EQ(pair.size(), 2U);
        const auto [kept, calmed] = std::minmax(
            pair[0], pair[1], [](const auto& a, const auto& b) { return a.t60After > b.t60After; });
        EXPECT_NEAR(kept.t60After / kept.t60Before, 1.0, 1e-4); // its nodal line runs through the pad
        EXPECT_LT(calmed.t60After / calmed.t60Before, 0.93);
    }
}

TEST(Muffling, TurningAllPadsTogetherChangesNothing) {
    const auto ring = [](double by) {
        return predict({padAt(0.12, 20 + by), padAt(0.12, 95 + by)}).ringAfter.value;
    };
    EXPECT_NEAR(ring(0), ring(57), 1e-9); // the player hears no angle
}

TEST(Muffling, ASecondPadAtARightAngleCatchesTheOtherMember) {
    const double one = predict({padAt(0.13, 0)}).ringAfter.value;
    const double sameLine = predict({padAt(0.13, 0), padAt(0.13, 180)}).ringAfter.value;
    const double across = predict({padAt(0.13, 0), padAt(0.13, 65)}).ringAfter.value;
    EXPECT_LT(across, one);
    EXPECT_LT(across, sameLine);
}

TEST(Muffling, PartialsComeInPitchOrderPairsTwice) {
    const MufflingPrediction p = predict({});
    for (std::size_t i = 1; i < p.partials.size(); ++i)
        EXPECT_LE(p.partials[i - 1].frequencyBefore, p.partials[i].frequencyBefore);
    EXPECT_EQ(p.partials.size(), 3U + 2U * 3U * 4U);
}

} // namespace muffling_test
} // namespace bombo
