#include "core/reading/gate.h"
#include "core/reading/read_tap.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace gate_test {

using testing::addNoise;
using testing::addTones;
using testing::edgeTap;
using testing::expecting;
using testing::silence;
using testing::tapOf;

constexpr double kOnset = 0.3;

/// The driver shuts at this time after the blow: 60 dB in 10 ms.
std::vector<float> gated(std::vector<float> sound, double at) {
    const auto from = static_cast<std::size_t>((kOnset + at) * 48000);
    double gain = 1.0;
    for (std::size_t i = from; i < sound.size(); ++i)
        sound[i] *= static_cast<float>(gain *= std::exp(-std::log(1000.0) / 480.0));
    return sound;
}

std::vector<float> tapSound(double t60) {
    auto sound = silence(1.2);
    addTones(sound, edgeTap(262.0, t60), kOnset);
    addNoise(sound, 1e-3, 3);
    return sound;
}

TEST(Gate, WhereATailStopsDead) {
    for (const double at : {0.1, 0.16, 0.25}) {
        const auto dead = goesDeadAt(tapOf(gated(tapSound(0.5), at), kOnset));
        ASSERT_TRUE(dead) << at;
        EXPECT_NEAR(dead->value, at, 0.02) << at;
    }
}

TEST(Gate, ATailThatFadesIsNone) {
    for (const double t60 : {0.06, 0.12, 0.4, 0.9})
        EXPECT_FALSE(goesDeadAt(tapOf(tapSound(t60), kOnset))) << t60;
    EXPECT_FALSE(goesDeadAt(Tap{}));
}

/// Noise before and after, of these strengths, a loud blow's first four milliseconds at the end of the
/// former.
Tap floored(double before, double after) {
    Tap tap;
    tap.before.assign(4800, 0.0F);
    tap.after.assign(24000, 0.0F);
    addNoise(tap.before, before, 5);
    addNoise(tap.after, after, 6);
    for (std::size_t i = tap.before.size() - 192; i < tap.before.size(); ++i)
        tap.before[i] *= 20.0F;
    return tap;
}

TEST(Gate, AFloorThatSinksIsTheDriversABlowThatBeginsEarlyIsNot) {
    EXPECT_FALSE(floorSinks(floored(1e-3, 1e-3)));
    EXPECT_TRUE(floorSinks(floored(1e-3, 4e-4)));
    EXPECT_FALSE(floorSinks(floored(1e-3, 8e-4)));
}

TEST(Gate, WhatIsLeftIsReadAndTheCauseSaid) {
    const Reading reading =
        readTap(tapOf(gated(tapSound(0.5), 0.16), kOnset), {.expected = expecting(262.0, 40.0)});
    ASSERT_TRUE(reading.hasFigure());
    EXPECT_EQ(reading.caution, Caution::Gated);
    EXPECT_LT(std::abs(centsBetween(Hertz{262.0}, *reading.frequency).value), 3.0 * reading.error().value);
    EXPECT_LT(reading.error().value, 10.0);
}

} // namespace gate_test
} // namespace bombo
