#include "core/reading/heterodyne.h"
#include "core/reading/read_tap.h"
#include "core/units/dice.h"
#include "core/units/median.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace glide_test {

using testing::addNoise;
using testing::edgeTap;
using testing::expecting;
using testing::silence;
using testing::tapOf;

constexpr double kOnset = 0.3;

/// An edge tap of which every partial starts `cents` sharp and settles with the square of its amplitude.
std::vector<float> glidingTap(double edge, double t60, double cents, double noise) {
    auto sound = silence(1.3);
    const auto first = static_cast<std::size_t>(kOnset * 48000);
    for (const auto& tone : edgeTap(edge, t60)) {
        double phase = tone.phase;
        for (std::size_t i = first; i < sound.size(); ++i) {
            const double t = static_cast<double>(i - first) / 48000;
            const double amplitude = std::exp(-std::log(1000.0) / tone.t60 * t);
            sound[i] += static_cast<float>(tone.amplitude * amplitude * std::sin(phase));
            const double falling = std::exp(-2.0 * std::log(1000.0) / tone.t60 * t);
            phase += 2.0 * std::numbers::pi * tone.hz * std::exp2(cents * falling / 1200.0) / 48000;
        }
    }
    addNoise(sound, noise, 5);
    return sound;
}

TEST(Glide, InitialAndSettledPitchOfAHardStroke) {
    for (const double edge : {190.0, 262.0, 340.0})
        for (const double cents : {15.0, 30.0, 60.0}) {
            const Reading reading =
                readTap(tapOf(glidingTap(edge, 0.5, cents, 1e-3), kOnset), {.expected = expecting(edge)});
            ASSERT_EQ(reading.verdict, Verdict::Clear) << edge << ' ' << cents;
            ASSERT_TRUE(reading.glide) << edge << ' ' << cents;
            // The first milliseconds are the click's: what is extrapolated to them is known to a fifth.
            EXPECT_NEAR(reading.glide->value / cents, 1.0, 0.2) << edge << ' ' << cents;
            // The fit takes the extra pitch to fall as a clean exponential; to a thirtieth it does.
            EXPECT_NEAR(centsBetween(Hertz{edge}, *reading.frequency).value, 0.0, std::max(0.5, cents / 30.0))
                << edge << ' ' << cents;
        }
}

/// A tom that falls much further than the square of its amplitude says: its first part dies faster than its
/// settled one, in a tail of reflections.
std::vector<float> fallingTom(double settled, double cents, std::uint64_t seed) {
    auto sound = silence(1.6);
    const auto first = static_cast<std::size_t>(kOnset * 48000);
    double phase = 0.4;
    for (std::size_t i = first; i < sound.size(); ++i) {
        const double t = static_cast<double>(i - first) / 48000;
        const double envelope = 0.7 * std::exp(-16.0 * t) + 0.3 * std::exp(-7.0 * t);
        const double low = std::sin(phase);
        sound[i] += static_cast<float>(0.3 * envelope * low);
        sound[i] += static_cast<float>(0.02 * std::exp(-9.0 * t) * std::sin(2.02 * phase + 1.0));
        phase += 2.0 * std::numbers::pi * settled * std::exp2(cents * std::exp(-9.0 * t) / 1200.0) / 48000;
    }
    Dice dice(seed);
    const std::vector<float> dry = sound;
    for (int wall = 0; wall < 6; ++wall) {
        const auto late = static_cast<std::size_t>(dice.uniform(0.003, 0.03) * 48000);
        const auto gain = static_cast<float>(dice.uniform(0.03, 0.15));
        for (std::size_t i = late; i < sound.size(); ++i)
            sound[i] += gain * dry[i - late];
    }
    addNoise(sound, 5e-4, seed);
    return sound;
}

TEST(Glide, ATomThatFallsFarSaysBothEnds) {
    std::vector<double> shares;
    for (const double settled : {90.0, 134.5, 180.0})
        for (const double cents : {80.0, 150.0, 240.0})
            for (const std::uint64_t seed : {1U, 2U, 3U}) {
                const Reading reading = readTap(tapOf(fallingTom(settled, cents, seed), kOnset));
                ASSERT_TRUE(reading.hasFigure()) << settled << ' ' << cents;
                EXPECT_NEAR(centsBetween(Hertz{settled}, *reading.frequency).value, 0.0, 20.0)
                    << settled << ' ' << cents << ' ' << seed;
                if (!reading.glide)
                    continue;
                shares.push_back(reading.glide->value / cents);
                // Windows of a twentieth of a second smear what falls within them.
                EXPECT_NEAR(shares.back(), 1.0, 0.35) << settled << ' ' << cents << ' ' << seed;
            }
    ASSERT_GE(shares.size(), 25U); // of 27
    EXPECT_NEAR(medianOf(shares), 1.0, 0.1);
}

TEST(Glide, NoneIsFoundWhereThereIsNone) {
    for (const double edge : {170.0, 262.0, 400.0})
        for (const double t60 : {0.15, 0.4, 0.9}) {
            const Reading reading =
                readTap(tapOf(glidingTap(edge, t60, 0.0, 3e-3), kOnset), {.expected = expecting(edge)});
            ASSERT_EQ(reading.verdict, Verdict::Clear) << edge << ' ' << t60;
            EXPECT_FALSE(reading.glide) << edge << ' ' << t60;
        }
}

TEST(Glide, ASplitPairIsNoGlide) {
    auto sound = silence(1.3);
    testing::addTones(sound, {{300.0, 0.6, 0.3}, {303.5, 0.6, 0.2, 1.0}, {411.0, 0.5, 0.2}}, kOnset);
    const Reading reading = readTap(tapOf(sound, kOnset), {.expected = expecting(301.4)});
    ASSERT_EQ(reading.verdict, Verdict::Clear);
    EXPECT_TRUE(reading.beat);
    EXPECT_FALSE(reading.glide);
}

TEST(Heterodyne, PhaseOfASineIsALine) {
    auto sound = silence(0.5);
    testing::addSteady(sound, 303.0, 0.4);
    const SlowSamples slow = heterodyne(sound, 48000, Hertz{300}, Hertz{20});
    const auto phase = unwrappedPhase(slow.samples);
    ASSERT_GT(phase.size(), 10U);
    for (std::size_t i = 1; i < phase.size(); ++i) // 3 Hz further each second
        EXPECT_NEAR((phase[i] - phase[i - 1]) * slow.rate / (2 * std::numbers::pi), 3.0, 0.01);
    // Half of the amplitude turns the other way; 3 Hz off, a Hann mean of 0.1 s passes
    // sinc(0.3) / (1 - 0.3^2) = 0.9433.
    EXPECT_NEAR(std::abs(slow.samples[3]), 0.2 * 0.9433, 0.0005);
    EXPECT_TRUE(heterodyne(silence(0.05), 48000, Hertz{300}, Hertz{20}).samples.empty()); // too short
}

TEST(Glide, ASteadySoundBesideAShortTapIsNoGlide) {
    // As the tap dies, the line 21 Hz below takes over the phase; the figure must stay where the tap is.
    for (const double phase : {0.3, 1.4, 2.5, 4.0}) {
        auto sound = testing::silence(1.2);
        auto tones = testing::edgeTap(352.0, 0.11);
        tones.front().phase = phase;
        testing::addTones(sound, tones, 0.3);
        testing::addNoise(sound, 0.002, 9);
        testing::addSteady(sound, 331.0, 0.04);
        const Reading reading =
            readTap(testing::tapOf(sound, 0.3), {.expected = testing::expecting(352.0, 60.0)});
        ASSERT_EQ(reading.verdict, Verdict::Clear) << phase;
        EXPECT_FALSE(reading.glide) << phase;
        EXPECT_NEAR(reading.frequency->value, 352.0, 0.4) << phase; // 2 cents, at 40 dB over the noise
    }
}

} // namespace glide_test
} // namespace bombo
