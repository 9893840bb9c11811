#include "core/practice/wire_contact.h"
#include "core/wires/wire_response.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace {

using testing::plover;

DrumState tuned(double batter, double snareSide) {
    return drumState(plover(), Tension{batter}, Tension{snareSide}, {});
}

/// The modes that move the wires most, for the time simulation.
std::array<ContactMode, kContactModes> forSimulation(const DrumState& state, StrokePlace place,
                                                     double impulse) {
    auto modes = strokeModes(plover(), state, place);
    const auto weight = [](const StrokeMode& mode) {
        return std::abs(mode.velocity) * mode.frequency.value *
               std::max(std::abs(mode.under[2]), std::abs(mode.under[3]));
    };
    std::sort(modes.begin(), modes.end(),
              [&](const StrokeMode& a, const StrokeMode& b) { return weight(a) > weight(b); });
    std::array<ContactMode, kContactModes> felt{};
    for (std::size_t i = 0; i < felt.size(); ++i)
        felt[i] = {.frequency = modes[i].frequency.value,
                   .rate = modes[i].rate,
                   .mass = modes[i].mass.value,
                   .blow = impulse * modes[i].velocity,
                   .under = modes[i].under};
    return felt;
}

/// Pull, as an acceleration, at which the simulated wires no longer leave the head: by bisection of its
/// logarithm, to a hundredth of a decade.
double simulatedChoke(const DrumState& state, StrokePlace place) {
    const auto modes = forSimulation(state, place, 0.02);
    double low = 0.0;
    double high = 6.0;
    while (high - low > 0.01) {
        const double middle = 0.5 * (low + high);
        const auto contact =
            wireContact(modes, {.mass = 1e-5, .pull = std::pow(10.0, middle), .seed = 3}, 48000, 0.06);
        (contact.apart > 0.02 ? low : high) = middle;
    }
    return std::pow(10.0, 0.5 * (low + high));
}

TEST(WireResponse, AMiddleStrokeThrowsHarderThanOneNearTheEdge) {
    for (const double snareSide : {1500.0, 3000.0, 5000.0})
        EXPECT_GT(wireDrive(plover(), tuned(3700, snareSide), StrokePlace::Middle),
                  wireDrive(plover(), tuned(3700, snareSide), StrokePlace::Edge))
            << snareSide;
}

TEST(WireResponse, TheDriveFollowsTheTimeSimulation) {
    // In the simulation strands differ in pull, sit on a spring and press back; the drive is a bare
    // comparison of accelerations. Where tuning moves the choke point of a stroke near the edge by up to 8
    // dB, they agree to 2.5 dB, a fifth of a turn; at the middle, where few modes beat against each other,
    // to 4.5 dB.
    for (const auto& [place, agree] :
         {std::pair{StrokePlace::Edge, 2.5}, std::pair{StrokePlace::Middle, 4.5}}) {
        const DrumState from = tuned(3700, 2000);
        const double simulated = simulatedChoke(from, place);
        const double reckoned = wireDrive(plover(), from, place);
        for (const DrumState& to : {tuned(3700, 1000), tuned(3700, 3000), tuned(3700, 4000),
                                    tuned(3700, 6000), tuned(6000, 2000), tuned(2000, 2000)}) {
            const double bySimulation = 20.0 * std::log10(simulatedChoke(to, place) / simulated);
            const double byDrive = 20.0 * std::log10(wireDrive(plover(), to, place) / reckoned);
            EXPECT_NEAR(byDrive, bySimulation, agree)
                << to.batter.tension.value << ' ' << to.snareSide.tension.value;
        }
    }
}

TEST(WireResponse, ATighterSnareSideGivesRoom) {
    const DrumState state = tuned(3700, 3000);
    EXPECT_EQ(chokeShift(plover(), state, state, StrokePlace::Edge), Turns{0.0});
    const EighthMore more = eighthMore(plover(), state, Tension{1500});
    EXPECT_GT(more.loadThen, more.loadNow);
    EXPECT_NEAR(more.raised.value, 600.0 * std::log2(3187.5 / 3000.0), 1e-9);
    const Turns there = chokeShift(plover(), state, tuned(3700, 4500), StrokePlace::Edge);
    const Turns back = chokeShift(plover(), tuned(3700, 4500), state, StrokePlace::Edge);
    EXPECT_NEAR(there.value, -back.value, 1e-12);
}

TEST(WireResponse, VelocitiesAreThoseOfOneNewtonSecond) {
    // Momentum at the place of the blow: the modal impulse is the shape there.
    for (const StrokeMode& mode : strokeModes(plover(), tuned(3700, 3000), StrokePlace::Middle)) {
        EXPECT_LE(std::abs(mode.velocity * mode.mass.value), 1.2);
        EXPECT_GT(mode.rate, 0.0);
        EXPECT_LE(mode.frequency.value, 1500.0);
    }
}

} // namespace
} // namespace bombo
