#include "core/acoustics/bessel.h"
#include "core/muffling/muffling.h"
#include "support/drums.h"

#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace kinds_test {

using testing::plover;

const Metres kRadius{0.16};

PadKind kindNamed(const char* id) {
    return padKindNamed(id).value();
}
Pad padOf(const char* id, double fromCentre, double degrees) {
    return {Metres{fromCentre}, Radians{degrees * std::numbers::pi / 180.0}, kindNamed(id)};
}
DrumState tuned() {
    return drumState(plover(), Tension{3700}, Tension{3600});
}

/// Partials of (0,1) kind with and without one pad.
MuffledPartial lowest(const Pad& pad, const DrumState& state) {
    for (const MuffledPartial& partial : predictMuffling(plover(), state, {pad}).partials)
        if (partial.m == 0)
            return partial;
    return {};
}
double addedRate(const MuffledPartial& partial) {
    return std::log(1000.0) * (1.0 / partial.t60After.value - 1.0 / partial.t60Before.value);
}

TEST(PadKinds, EachHasItsOwnNameAndFiguresThatCanBe) {
    std::vector<std::string> names;
    for (const PadKind& kind : padKinds()) {
        names.push_back(kind.id);
        EXPECT_FALSE(isOwnKind(kind)) << kind.id;
        EXPECT_GT(kind.mass.value, 0.0) << kind.id;
        EXPECT_LT(kind.mass.value, 0.1) << kind.id;
        EXPECT_TRUE(kind.lossFactor > 0.0 || kind.resistance > 0.0) << kind.id;
        EXPECT_EQ(padKindNamed(kind.id), kind);
    }
    std::sort(names.begin(), names.end());
    EXPECT_EQ(std::unique(names.begin(), names.end()), names.end());
    EXPECT_EQ(padKinds().front(), PadKind{}); // what older sessions kept
    EXPECT_FALSE(padKindNamed("brick"));
}

TEST(PadKinds, PartsOfAPadMakeUpTheWholeOne) {
    EXPECT_NEAR(kindNamed("gel-pad-half").mass.value * 2.0, kindNamed("gel-pad").mass.value, 1e-12);
    EXPECT_NEAR(kindNamed("gel-pad-quarter").mass.value * 4.0, kindNamed("gel-pad").mass.value, 1e-12);
    EXPECT_NEAR(kindNamed("gel-pad-doubled").mass.value, 2.0 * kindNamed("gel-pad").mass.value, 1e-12);
}

TEST(FacePoints, SharesSumToOneAndLieOnTheHead) {
    for (const PadKind& kind : padKinds()) {
        double sum = 0.0;
        for (const FacePoint& point : facePoints({Metres{0.11}, Radians{1.0}, kind}, kRadius)) {
            EXPECT_GE(point.radius, 0.0);
            EXPECT_LE(point.radius, 1.0) << kind.id;
            EXPECT_GT(point.weight, 0.0);
            sum += point.weight;
        }
        EXPECT_NEAR(sum, 1.0, 1e-12) << kind.id;
    }
}

TEST(FacePoints, TheMeanOfSquaresOverADiscAndARing) {
    // Mean of r^2 over a disc of radius b around c: c^2 + b^2 / 2, exactly; over a ring from p to 1: (1 +
    // p^2) / 2.
    const auto meanSquare = [](const Pad& pad) {
        double sum = 0.0;
        for (const FacePoint& point : facePoints(pad, kRadius))
            sum += point.weight * point.radius * point.radius;
        return sum;
    };
    Pad disc{Metres{0.1}, Radians{0.7}, {}};
    disc.kind.radius = Metres{0.04};
    EXPECT_NEAR(meanSquare(disc), (0.1 * 0.1 + 0.5 * 0.04 * 0.04) / (0.16 * 0.16), 1e-12);
    const Pad ring = padOf("film-ring", 0.0, 0.0);
    const double inner = 1.0 - 0.025 / 0.16;
    EXPECT_NEAR(meanSquare(ring), 0.5 * (1.0 + inner * inner), 1e-9);
}

TEST(CheckPad, ShapesThatMeet) {
    Shell shell = plover().shell; // radius 165 mm
    const auto check = [&](const Pad& pad, const std::vector<Pad>& others) {
        return checkPad(pad, others, shell);
    };
    EXPECT_EQ(check(padOf("film-ring", 0, 0), {}), PadProblem::None);
    EXPECT_EQ(check(padOf("film-ring", 0, 0), {padOf("film-ring", 0, 0)}), PadProblem::Overlaps);
    EXPECT_EQ(check(padOf("gel-pad", 0.148, 20), {padOf("film-ring", 0, 0)}), PadProblem::Overlaps);
    EXPECT_EQ(check(padOf("gel-pad", 0.110, 20), {padOf("film-ring", 0, 0)}), PadProblem::None);
    EXPECT_EQ(check(padOf("gel-pad", 0.130, 20), {padOf("hoop-cloth", 0, 30)}), PadProblem::Overlaps);
    EXPECT_EQ(check(padOf("gel-pad", 0.130, 200), {padOf("hoop-cloth", 0, 30)}), PadProblem::None);
    // Beneath the film the stick may land over it, and what lies above does not meet it.
    EXPECT_EQ(check(padOf("felt-strip", 0, 0), {padOf("gel-pad", 0.1, 0)}), PadProblem::None);
    EXPECT_EQ(check(padOf("inner-damper", 0.03, 0), {}), PadProblem::None);
    EXPECT_EQ(check(padOf("inner-damper", 0.10, 0), {padOf("felt-strip", 0, 0)}), PadProblem::Overlaps);
    EXPECT_EQ(check(padOf("wallet", 0.08, 0), {}), PadProblem::OnLandingArea);
    EXPECT_EQ(check(padOf("wallet", 0.13, 0), {}), PadProblem::BeyondHoop);
    EXPECT_EQ(check(padOf("ringed-head", 0, 0), {padOf("film-ring", 0, 0)}), PadProblem::None);
}

TEST(Muffling, APointLossAddsHalfItsDragOverTheMass) {
    // First-order perturbation: rate + R w^2 / (2 m), whatever the pitch.
    Pad pad{Metres{0.09}, Radians{0.0}, {}};
    pad.kind.radius = Metres{1e-5};
    pad.kind.mass = Kilograms{1e-9};
    pad.kind.lossFactor = 0.0;
    pad.kind.resistance = 0.0004; // more would be beyond first order: film gives way under a point
    const CoupledMode mode = coupledModes(tuned(), {.highestM = 0}).front();
    const double w = shapeAt(0, mode.batterShape, 0.09 / tuned().radius.value);
    EXPECT_NEAR(addedRate(lowest(pad, tuned())), 0.5 * 0.0004 * w * w / mode.modalMass.value, 2e-5);
}

TEST(Muffling, ASpringRaisesByHalfItsShareOfTheStiffness) {
    Pad pad{Metres{0.09}, Radians{0.0}, {}};
    pad.kind.radius = Metres{1e-5};
    pad.kind.mass = Kilograms{1e-12};
    pad.kind.stiffness = 0.1;
    const CoupledMode mode = coupledModes(tuned(), {.highestM = 0}).front();
    const double w = shapeAt(0, mode.batterShape, 0.09 / tuned().radius.value);
    const double omega = 2.0 * std::numbers::pi * mode.frequency.value;
    const double share = 0.1 * w * w / (mode.modalMass.value * omega * omega);
    const MuffledPartial partial = lowest(pad, tuned());
    EXPECT_NEAR(partial.frequencyAfter / partial.frequencyBefore - 1.0, 0.5 * share, 1e-3 * share);
}

TEST(Muffling, APadAtANodalLineDoesNothingToThatMode) {
    // A mode with a nodal circle: near j01 / j02 of the radius on a head alone, elsewhere with air and the
    // other.
    const DrumState state = tuned();
    for (const CoupledMode& mode : coupledModes(state, {.highestM = 0})) {
        // Where this mode's own shape crosses zero.
        double low = 0.2;
        double high = 0.75;
        if (shapeAt(0, mode.batterShape, low) * shapeAt(0, mode.batterShape, high) > 0.0)
            continue;
        for (int i = 0; i < 50; ++i) {
            const double middle = 0.5 * (low + high);
            (shapeAt(0, mode.batterShape, low) * shapeAt(0, mode.batterShape, middle) > 0.0 ? low : high) =
                middle;
        }
        Pad pad{low * state.radius, Radians{0.0}, {}};
        pad.kind.radius = Metres{1e-6};
        int found = 0;
        for (const MuffledPartial& partial : predictMuffling(plover(), state, {pad}).partials)
            if (partial.m == 0 && partial.order == mode.order) {
                EXPECT_NEAR(partial.t60After / partial.t60Before, 1.0, 1e-9);
                EXPECT_NEAR(partial.frequencyAfter / partial.frequencyBefore, 1.0, 1e-12);
                ++found;
            }
        EXPECT_EQ(found, 1);
        return;
    }
    FAIL() << "no mode with a nodal circle";
}

TEST(Muffling, AntinodesStandUnderAndBesideASinglePad) {
    Pad small = padOf("gel-pad", 0.13, 40); // a wide one reaches beyond the nodal line
    small.kind.radius = Metres{1e-4};
    const MufflingPrediction p = predictMuffling(plover(), tuned(), {small});
    for (int m = 1; m <= 3; ++m)
        for (const MuffledPartial& partial : p.partials) {
            if (partial.m != m || partial.order != 1)
                continue;
            const double off = std::cos(m * (partial.antinode.value - 40.0 * std::numbers::pi / 180.0));
            const bool calmed = partial.t60After.value < 0.97 * partial.t60Before.value;
            EXPECT_NEAR(std::abs(off), calmed ? 1.0 : 0.0, 1e-3) << m;
        }
}

TEST(Muffling, ARingTreatsBothMembersAlike) {
    const MufflingPrediction p = predictMuffling(plover(), tuned(), {padOf("film-ring", 0, 0)});
    for (int m = 1; m <= 4; ++m) {
        std::vector<double> t60;
        for (const MuffledPartial& partial : p.partials)
            if (partial.m == m && partial.order == 1)
                t60.push_back(partial.t60After.value);
        ASSERT_EQ(t60.size(), 2U);
        EXPECT_NEAR(t60[0] / t60[1], 1.0, 1e-6) << m;
    }
}

TEST(Muffling, ALooseWeightLeavesTheStartAndShortensTheRest) {
    Pad loose = padOf("loose-weight", 0.12, 30);
    Pad stuck = loose;
    stuck.kind.delay = Seconds{};
    const MufflingPrediction later = predictMuffling(plover(), tuned(), {loose});
    const MufflingPrediction atOnce = predictMuffling(plover(), tuned(), {stuck});
    EXPECT_NEAR(later.startDb, 0.0, 1e-9);
    EXPECT_NEAR(later.reboundLoss, 0.0, 1e-9);
    EXPECT_LT(atOnce.startDb, -0.1);
    EXPECT_GT(atOnce.reboundLoss, 0.005);
    EXPECT_LT(later.ringAfter.value, 0.9 * later.ringBefore.value);
    // Until it is back the mode falls by its own rate, then by the rate of the stuck one.
    const MuffledPartial late = lowest(loose, tuned());
    const double own = std::log(1000.0) / late.t60Before.value;
    const double with = std::log(1000.0) / lowest(stuck, tuned()).t60After.value;
    EXPECT_NEAR(late.t60After.value, 0.03 + (std::log(1000.0) - 0.03 * own) / with, 1e-9);
}

TEST(Muffling, AClothUnderTheHoopBrakesMoreOnATighterHead) {
    const Pad cloth = padOf("hoop-cloth", 0, 90);
    Pad lying = cloth;
    lying.kind.withTension = false;
    const auto ratio = [&](double tension) {
        const DrumState state = drumState(plover(), Tension{tension}, Tension{3600});
        return addedRate(lowest(cloth, state)) / addedRate(lowest(lying, state));
    };
    EXPECT_NEAR(ratio(kKindTension.value), 1.0, 1e-9);
    EXPECT_GT(ratio(4500), 1.3);
    EXPECT_LT(ratio(1200), 0.8);
}

} // namespace kinds_test
} // namespace bombo
