/// The air around a drum that stands in no baffle, against an integral equation of its own and closed forms.
#include "core/acoustics/exterior.h"

#include "core/acoustics/bessel.h"
#include "core/acoustics/coupled_modes.h"
#include "core/units/quantities.h"
#include "support/exterior_layer.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace exterior_test {

struct Place {
    int m;
    double ka, depth;
    int shape;
};

class Exterior : public ::testing::TestWithParam<Place> {};

// Off the table's nodes. The table's rings and the layer differ by at most 0.9 % of a head's own mass (the
// rim), which moves the lowest pitch by 2 cents; resistances are a difference of near equals where heads move
// together.
TEST_P(Exterior, MeetsTheIntegralEquation) {
    const auto [m, ka, depth, n] = GetParam();
    const double zero = shapeZeros(m)[static_cast<std::size_t>(n)];
    const auto layer = testing::exteriorByLayer(m, ka, depth, [&](double r) { return besselJ(m, zero * r); });
    const ExteriorLoad load = ExteriorAir(m, depth).at(ka);
    EXPECT_NEAR(load.own.mass(n, n), layer.ownMass, 0.006 * layer.ownMass);
    EXPECT_NEAR(load.across.mass(n, n), layer.acrossMass, 0.006 * layer.ownMass);
    const double least = 2e-5; // (2,1) hardly radiates
    EXPECT_NEAR(load.own.resistance(n, n), layer.ownResistance, 0.01 * layer.ownResistance + least);
    EXPECT_NEAR(load.across.resistance(n, n), layer.acrossResistance, 0.01 * layer.ownResistance + least);
}

INSTANTIATE_TEST_SUITE_P(Places, Exterior,
                         ::testing::Values(Place{0, 0.45, 0.45, 0}, Place{0, 0.75, 0.9, 0},
                                           Place{0, 1.3, 0.7, 0}, Place{0, 0.6, 1.6, 1},
                                           Place{1, 0.7, 0.5, 0}, Place{1, 1.4, 0.9, 0},
                                           Place{1, 1.0, 0.35, 1}, Place{2, 1.2, 0.8, 0},
                                           Place{3, 1.5, 0.6, 0}));

TEST(ExteriorAir, RadiatesLongWavesAsTwoSmallSourcesInTheOpen) {
    // rho c k^2 V^2 / (4 pi) each, half of what a baffle makes of it, and as much on the other.
    for (const double depth : {0.4, 0.9}) {
        const double ka = 0.25;
        const ExteriorLoad load = ExteriorAir(0, depth).at(ka);
        const double zero = shapeZeros(0)[0];
        const double volume = besselJ(1, zero) / zero; // per 2 pi, of J_0(zero r)
        const double expected = ka * volume * volume / 2.0;
        EXPECT_NEAR(load.own.resistance(0, 0), expected, 0.04 * expected) << depth;
        // sin(kD)/(kD) of two sources, each a little before its head (0.6 radii: the usual end correction).
        const double distance = ka * (depth + 1.2);
        EXPECT_NEAR(load.across.resistance(0, 0), expected * std::sin(distance) / distance, 0.06 * expected)
            << depth;
    }
}

TEST(ExteriorAir, TakesNoPowerFromNowhere) {
    for (int m = 0; m <= kHighestM; ++m)
        for (const double depth : {0.25, 0.6, 1.2, 2.2})
            for (double ka = 0.1; ka < 6.0; ka += 0.37) {
                const ExteriorLoad load = ExteriorAir(m, depth).at(ka);
                // Alike or against: of the first shape, never negative but for the table's rounding.
                EXPECT_GT(load.own.resistance(0, 0) - std::abs(load.across.resistance(0, 0)), -3e-4)
                    << m << ' ' << depth << ' ' << ka;
                EXPECT_TRUE(load.own.mass.isApprox(load.own.mass.transpose()));
            }
}

TEST(ExteriorAir, IsThatOfABaffleForShortWavesAndManyDiameters) {
    const ExteriorLoad load = ExteriorAir(4, 0.9).at(1.0);
    EXPECT_NEAR(load.own.mass(0, 0) / radiationMass(4, 1.0)(0, 0), 1.0, 0.03);
    EXPECT_LT(std::abs(load.across.mass(0, 0)), 0.01 * load.own.mass(0, 0));
    EXPECT_NEAR(load.own.mass(3, 3), radiationMass(4, 1.0)(3, 3), 1e-12); // beyond the first three shapes
}

TEST(ExteriorAir, LetsADrumSoundHigherThanInABaffle) {
    // Found by another exterior solver for usual drums: (0,1) by 34 to 56 cents, the snare-side edge by 20 to
    // 27, the batter edge by 7 to 9; a margin of 4 cents for other drums than those.
    const DrumState drum{Metres{0.1778},
                         Metres{0.1397},
                         {ArealDensity{0.385}, Tension{3200.0}},
                         {ArealDensity{0.106}, Tension{2200.0}},
                         Air{}};
    const auto cents = [&](int m, Held held) {
        ModeOptions options{.lowestM = m, .highestM = m, .perM = 1, .held = held};
        const Hertz open = coupledModes(drum, options).front().frequency;
        options.air = AirCoupling::InBaffle;
        return centsBetween(coupledModes(drum, options).front().frequency, open).value;
    };
    EXPECT_GT(cents(0, Held::Neither), 30.0);
    EXPECT_LT(cents(0, Held::Neither), 60.0);
    EXPECT_GT(cents(1, Held::Batter), 14.0); // a tighter snare-side head than theirs
    EXPECT_LT(cents(1, Held::Batter), 31.0);
    EXPECT_GT(cents(1, Held::SnareSide), 3.0);
    EXPECT_LT(cents(1, Held::SnareSide), 13.0);
    // And to ring two to three times as long where both heads go the same way.
    ModeOptions options{.lowestM = 0, .highestM = 0, .perM = 1};
    const double open = coupledModes(drum, options).front().radiationT60->value;
    options.air = AirCoupling::InBaffle;
    const double baffled = coupledModes(drum, options).front().radiationT60->value;
    EXPECT_GT(open / baffled, 3.0);
    EXPECT_LT(open / baffled, 12.0);
}

/// What the air makes of a mode as it really moves, both heads in all their shapes, without the table.
struct AirOnMode {
    double mass = 0; ///< units of rho a^3
    double resistance = 0;
};
AirOnMode airByLayer(const CoupledMode& mode, double ka, double depth) {
    const auto of = [&](double batter, double snareSide) {
        return testing::exteriorByLayer(mode.m, ka, depth, [&](double r) {
            return batter * shapeAt(mode.m, mode.batterShape, r) +
                   snareSide * shapeAt(mode.m, mode.snareSideShape, r);
        });
    };
    // Up at the batter is outwards, at the snare side inwards; the mixed term by the sum of both shapes.
    const auto batter = of(1.0, 0.0);
    const auto snareSide = of(0.0, 1.0);
    const auto both = of(1.0, 1.0);
    return {batter.ownMass + snareSide.ownMass - both.acrossMass + batter.acrossMass + snareSide.acrossMass,
            batter.ownResistance + snareSide.ownResistance - both.acrossResistance + batter.acrossResistance +
                snareSide.acrossResistance};
}

TEST(ExteriorAir, ABareDrumsPitchesAndRingsAreThoseOfTheSurfaceItself) {
    struct Drum {
        double radius, depth, batter, snareSide;
    };
    double worstRing = 0.0;
    double worstCents = 0.0;
    for (const Drum& d :
         {Drum{0.165, 0.152, 3700, 3600}, {0.178, 0.140, 2400, 4200}, {0.152, 0.102, 5000, 2600}}) {
        const DrumState drum{Metres{d.radius},
                             Metres{d.depth},
                             {ArealDensity{0.385}, Tension{d.batter}},
                             {ArealDensity{0.106}, Tension{d.snareSide}},
                             Air{}};
        for (const CoupledMode& mode : coupledModes(drum, {.highestM = 2, .perM = 2})) {
            const double omega = kTwoPi * mode.frequency.value;
            const double ka = omega * d.radius / drum.air.soundSpeed;
            if (ka > 1.75) // where the layer's own equation holds
                continue;
            const AirOnMode layer = airByLayer(mode, ka, d.depth / d.radius);
            const double scale =
                drum.air.density * std::pow(d.radius, 3) * (mode.m == 0 ? kTwoPi : std::numbers::pi);
            const double rate = 0.5 * scale * omega * layer.resistance / mode.modalMass.value;
            const double ours = rateOfT60(*mode.radiationT60);
            // The promise is on the ring: with the 4/s of hoop, edge and stand, and film that loses nothing.
            worstRing = std::max(worstRing, std::abs((4.0 + rate) / (4.0 + ours) - 1.0));
            EXPECT_NEAR((4.0 + rate) / (4.0 + ours), 1.0, 0.2) << mode.m << ' ' << mode.order << ' ' << ka;
            if (rate > 1.0) { // (2,1) radiates less, and that is told to a quarter: the table's rounding
                EXPECT_NEAR(ours / rate, 1.0, 0.2) << mode.m << ' ' << mode.order << ' ' << ka;
            }
            // Mass that the table has too much lowers the pitch by half its share of the modal mass.
            const ExteriorLoad load = ExteriorAir(mode.m, d.depth / d.radius).at(ka);
            const Eigen::Map<const ShapeColumn> batter(mode.batterShape.data());
            const Eigen::Map<const ShapeColumn> snareSide(mode.snareSideShape.data());
            const double table = batter.dot(load.own.mass * batter) +
                                 snareSide.dot(load.own.mass * snareSide) -
                                 2.0 * batter.dot(load.across.mass * snareSide);
            const double cents =
                1200.0 * std::log2(1.0 + 0.5 * scale * (layer.mass - table) / mode.modalMass.value);
            worstCents = std::max(worstCents, std::abs(cents));
            EXPECT_NEAR(cents, 0.0, 10.0) << mode.m << ' ' << mode.order; // the promise
        }
    }
    RecordProperty("worst_ring_percent", std::to_string(100.0 * worstRing));
    RecordProperty("worst_cents", std::to_string(worstCents));
}

} // namespace exterior_test
} // namespace bombo
