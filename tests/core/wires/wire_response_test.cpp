#include "core/practice/wire_contact.h"
#include "core/wires/wire_response.h"
#include "support/drums.h"

#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace wire_response_test {

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
    // comparison of accelerations. Over seven tunings, whose choke points lie up to 8 dB apart, each against
    // the mean of all (no one of them is better known than the others), they agree to 3 dB, a quarter of a
    // turn.
    const std::array states{tuned(3700, 2000), tuned(3700, 1000), tuned(3700, 3000), tuned(3700, 4000),
                            tuned(3700, 6000), tuned(6000, 2000), tuned(2000, 2000)};
    for (const StrokePlace place : kPlaces) {
        std::array<double, states.size()> apart{};
        double mean = 0.0;
        for (std::size_t i = 0; i < states.size(); ++i) {
            apart[i] =
                20.0 * std::log10(wireDrive(plover(), states[i], place) / simulatedChoke(states[i], place));
            mean += apart[i] / static_cast<double>(states.size());
        }
        for (std::size_t i = 0; i < states.size(); ++i)
            EXPECT_NEAR(apart[i], mean, 3.0)
                << states[i].batter.tension.value << ' ' << states[i].snareSide.tension.value;
    }
}

TEST(WireResponse, ATighterSnareSideGivesRoom) {
    const DrumState state = tuned(3700, 3000);
    const Turns reach{1.8};
    EXPECT_EQ(chokeShift(plover(), state, state, StrokePlace::Edge, reach), Turns{0.0});
    const EighthMore more = eighthMore(plover(), state, Tension{1500}, reach);
    EXPECT_GT(more.loadThen, more.loadNow);
    EXPECT_NEAR(more.raised.value, 600.0 * std::log2(3187.5 / 3000.0), 1e-9);
    // There and back again ends where it began; what is farther from contact moves more.
    const DrumState tight = tuned(3700, 4500);
    const Turns there = reach + chokeShift(plover(), state, tight, StrokePlace::Edge, reach);
    EXPECT_NEAR(chokeShift(plover(), tight, state, StrokePlace::Edge, there).value, (reach - there).value,
                1e-12);
    EXPECT_NEAR(chokeShift(plover(), state, tight, StrokePlace::Edge, 2.0 * reach).value,
                2.0 * (there - reach).value, 1e-12);
}

TEST(WireResponse, VelocitiesAreThoseOfOneNewtonSecond) {
    // Momentum at the place of the blow: the modal impulse is the shape there.
    for (const StrokeMode& mode : strokeModes(plover(), tuned(3700, 3000), StrokePlace::Middle)) {
        EXPECT_LE(std::abs(mode.velocity * mode.mass.value), 1.2);
        EXPECT_GT(mode.rate, 0.0);
        EXPECT_LE(mode.frequency.value, 1500.0);
    }
}

TEST(StrikeLength, ATighterKnobNeverBuzzesLonger) {
    for (const StrokePlace place : kPlaces) {
        const auto modes = strokeModes(plover(), tuned(3700, 3000), place);
        Seconds before{100.0};
        for (double db = 50.0; db >= -6.0; db -= 1.5) {
            const Seconds now = strikeLength(modes, db);
            EXPECT_LE(now, before);
            before = now;
        }
        EXPECT_EQ(before, Seconds{}); // choked
    }
}

TEST(StrikeLength, OneModeFallsByItsOwnRate) {
    // The bounce goes on to 0.148 of the pull: exp(-r t) = 0.148 10^(-dB / 20). The peak itself comes a
    // quarter of a period late, 1.25 ms.
    StrokeMode mode;
    mode.frequency = Hertz{200};
    mode.rate = 12.0;
    mode.velocity = 1.0;
    mode.under = {0.3, 0.5, 0.5, 0.3};
    const double bounces = -std::log(std::numbers::pi * 0.09 / 1.91);
    EXPECT_NEAR(strikeLength({mode}, 20.0).value, (0.5 * std::log(100.0) + bounces) / 12.0, 0.0015);
    EXPECT_NEAR(strikeLength({mode}, 40.0).value, (0.5 * std::log(10000.0) + bounces) / 12.0, 0.0015);
}

TEST(StrikeLength, FollowsTheLastStrikeOfTheTimeSimulation) {
    // Light bodies on the same modes, from just above choke to thirty times its pull below. The simulation
    // ends with the loosest of twelve strands (some 2 dB), the reckoning with all of them: within two fifths
    // of the simulated length or 65 ms. Not so near the edge just above choke: the slow lowest mode is
    // reckoned to keep strands bouncing that the fast ones threw, and the simulation's come to rest
    // (docs/performance.md).
    for (const StrokePlace place : kPlaces) {
        const DrumState state = tuned(3700, 3000);
        const auto modes = forSimulation(state, place, 0.02);
        const double choke = simulatedChoke(state, place);
        for (const double downDb : {6.0, 12.0, 18.0, 24.0, 30.0}) {
            const auto contact = wireContact(
                modes, {.mass = 1e-5, .pull = choke * std::pow(10.0, -downDb / 20.0), .seed = 3}, 48000, 1.5);
            const double reckoned = strikeLength(strokeModes(plover(), state, place), downDb).value;
            if (place == StrokePlace::Edge && downDb < 12.0) {
                EXPECT_NEAR(reckoned, contact.lastStrike, 0.11);
                continue;
            }
            EXPECT_NEAR(reckoned, contact.lastStrike, std::max(0.065, 0.41 * contact.lastStrike))
                << downDb << " dB, " << static_cast<int>(place);
        }
    }
}

TEST(WirePull, GrowsInAStraightLineFromContactAndBendsAsALineLoadDoes) {
    const auto at = [](double knob) {
        return wirePull(plover(), Tension{3000}, Turns{knob}, Turns{2.0}, Turns{0.5});
    };
    const WirePull one = at(2.0);
    EXPECT_NEAR(at(3.5).force / one.force, 2.0, 1e-9);
    EXPECT_NEAR(at(1.25).force / one.force, 0.5, 1e-9);
    EXPECT_NEAR(at(3.5).bend / one.bend, 2.0, 1e-9);
    EXPECT_GT(at(3.5).raised, one.raised);
    EXPECT_GT(at(0.0).force, 0.0); // strands that only lie there
    EXPECT_LT(at(0.0).force, 0.05 * one.force);
    EXPECT_GT(one.raised.value, 0.0);
    // The same by summing the disc's Green's function numerically along the line.
    const double a = plover().shell.radius().value;
    double bend = 0.0;
    constexpr int steps = 200000;
    for (int i = 0; i < steps; ++i) {
        const double x = 0.8 * a * (i + 0.5) / steps;
        bend += 2.0 * std::log(a / x) / (2.0 * std::numbers::pi * 3000.0) * one.force / (2.0 * steps);
    }
    EXPECT_NEAR(one.bend.value / bend, 1.0, 1e-4);
    // A tighter head sinks and rises less under the same pull.
    const WirePull tight = wirePull(plover(), Tension{6000}, Turns{2.0}, Turns{2.0}, Turns{0.5});
    EXPECT_NEAR(tight.bend / one.bend, 0.5, 1e-9);
    EXPECT_LT(tight.raised, one.raised);
}

TEST(TightEnough, IsWhereTheSpanReachesATurn) {
    const DrumState state = tuned(3700, 2800);
    const Turns reach{1.6};
    EXPECT_EQ(tightEnough(plover(), state, Turns{1.2}, reach).value(), Tension{2800});
    const auto there = tightEnough(plover(), state, Turns{0.9}, reach);
    ASSERT_TRUE(there);
    EXPECT_GT(*there, Tension{2800});
    const auto spanAt = [&](Tension tension) {
        DrumState after = state;
        after.snareSide.tension = tension;
        return 0.9 + chokeShift(plover(), state, after, StrokePlace::Edge, reach).value;
    };
    EXPECT_GE(spanAt(*there), 1.0);
    EXPECT_LT(spanAt(*there - Tension{200}), 1.0);
    EXPECT_FALSE(tightEnough(plover(), state, Turns{-3.0}, reach)); // the film's limit comes first
}

TEST(LengthsMeet, FromTheSpanFirstThenFromWhatWasHeard) {
    const KnobPlace guess = whereLengthsMeet({}, Turns{0.7}, Turns{2.2});
    EXPECT_NEAR(guess.turns.value, 0.7 + 0.3 * 1.5, 1e-9);
    // A drum whose buzz equals its tone at 1.6 turns, a tenth longer an eighth below.
    std::vector<LengthPoint> heard;
    for (const double turns : {1.0, 1.25, 1.5, 1.75, 2.0})
        for (int i = 0; i < 4; ++i)
            heard.push_back({Turns{turns}, Seconds{0.4 * std::exp(-0.8 * (turns - 1.6))}, Seconds{0.4}});
    const KnobPlace found = whereLengthsMeet(heard, Turns{0.7}, Turns{2.2});
    EXPECT_NEAR(found.turns.value, 1.6, 0.08);
    EXPECT_LT(found.error, guess.error);
    EXPECT_GT(found.error.value, 0.0);
}

} // namespace wire_response_test
} // namespace bombo
