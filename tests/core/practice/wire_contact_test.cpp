#include "core/practice/wire_contact.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace wire_contact_test {

constexpr double kRate = 48000;

/// One mode that moves all places alike, and others that do not take part.
std::array<ContactMode, kContactModes> oneMode(double hz, double rate, double mass, double blow) {
    std::array<ContactMode, kContactModes> modes;
    for (ContactMode& mode : modes)
        mode = {.frequency = 1000.0, .rate = 50.0, .mass = 1.0};
    modes[0] = {.frequency = hz, .rate = rate, .mass = mass, .blow = blow, .under = {1, 1, 1, 1}};
    return modes;
}

/// Two modes against each other, so that the head starts from rest, as it does below a blow on the batter.
std::array<ContactMode, kContactModes> fromRest() {
    auto modes = oneMode(200, 20, 0.005, 0.4);
    modes[1] = {.frequency = 330, .rate = 30, .mass = 0.005, .blow = -0.4, .under = {1, 1, 1, 1}};
    return modes;
}

/// Highest deceleration of its outward motion while it is alone.
double driveFromRest() {
    double highest = 0;
    for (double t = 0; t < 0.1; t += 1e-5)
        highest =
            std::max(highest, 0.4 * 2.0 * std::numbers::pi *
                                  (200 * std::exp(-20 * t) * std::sin(2.0 * std::numbers::pi * 200 * t) -
                                   330 * std::exp(-30 * t) * std::sin(2.0 * std::numbers::pi * 330 * t)));
    return highest;
}

TEST(WireContact, WithoutMassTheHeadSwingsAsIfAlone) {
    const auto contact = wireContact(oneMode(200, 20, 0.005, 0.4), {.mass = 0.0, .pull = 100}, kRate, 0.3);
    ASSERT_EQ(contact.head.size(), 14400U);
    for (std::size_t i = 0; i < contact.head.size(); i += 97) {
        const double t = static_cast<double>(i) / kRate;
        // Exact rotation: only rounding is left.
        EXPECT_NEAR(contact.head[i], 0.4 * std::exp(-20.0 * t) * std::sin(2.0 * std::numbers::pi * 200.0 * t),
                    1e-9);
    }
}

TEST(WireContact, BodiesLeaveWhereTheHeadFallsBackFasterThanTheyArePulled) {
    const double drive = driveFromRest();
    const auto held = wireContact(fromRest(), {.mass = 1e-5, .pull = 2.0 * drive}, kRate, 0.3);
    EXPECT_EQ(held.apart, 0.0);
    EXPECT_EQ(held.lastStrike, 0.0);
    const auto thrown = wireContact(fromRest(), {.mass = 1e-5, .pull = 0.3 * drive}, kRate, 0.3);
    EXPECT_GT(thrown.apart, 0.1);
    EXPECT_GT(thrown.lastStrike, 0.005); // more than one swing of the head
}

TEST(WireContact, LooserWiresGoOnForLonger) {
    const double drive = driveFromRest();
    double before = 0.0;
    for (const double share : {0.3, 0.1, 0.03, 0.01}) {
        const auto contact = wireContact(fromRest(), {.mass = 0.002, .pull = share * drive}, kRate, 0.9);
        EXPECT_GT(contact.lastStrike, before) << share;
        before = contact.lastStrike;
    }
}

TEST(WireContact, HeavyWiresTakeTheTonesEnergy) {
    auto late = [](double mass) {
        const auto contact =
            wireContact(oneMode(200, 8, 0.005, 0.4), {.mass = mass, .pull = 60}, kRate, 0.25);
        double sum = 0;
        for (std::size_t i = contact.head.size() - 2400; i < contact.head.size(); ++i)
            sum += contact.head[i] * contact.head[i];
        return sum;
    };
    EXPECT_LT(late(0.002), 0.7 * late(0.0));
}

TEST(WireContact, TheStepIsShortEnough) {
    // Chaotic after many strikes, but its shares settle: 48 and 192 kHz agree to a tenth.
    const auto modes = oneMode(200, 20, 0.005, 0.4);
    const WireBodies wires{.mass = 0.002, .pull = 120};
    const double coarse = wireContact(modes, wires, kRate, 0.1).apart;
    const double fine = wireContact(modes, wires, 4.0 * kRate, 0.1).apart;
    EXPECT_NEAR(coarse, fine, 0.1 * fine);
    EXPECT_GT(fine, 0.1);
}

TEST(WireContact, SameSeedSameSound) {
    const auto modes = oneMode(200, 20, 0.005, 0.4);
    const WireBodies wires{.mass = 0.002, .pull = 60, .seed = 3};
    EXPECT_EQ(wireContact(modes, wires, kRate, 0.2).wires, wireContact(modes, wires, kRate, 0.2).wires);
    EXPECT_NE(wireContact(modes, wires, kRate, 0.2).wires,
              wireContact(modes, {.mass = 0.002, .pull = 60, .seed = 4}, kRate, 0.2).wires);
}

} // namespace wire_contact_test
} // namespace bombo
