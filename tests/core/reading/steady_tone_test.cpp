#include "core/reading/steady_tone.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace steady_tone_test {

using testing::addNoise;
using testing::addSteady;
using testing::silence;

std::vector<float> tone(double hz, double seconds = 3.0, double noise = 0.003) {
    auto sound = silence(seconds);
    addSteady(sound, hz, 0.2);
    addNoise(sound, noise, 11);
    return sound;
}

TEST(SteadyTone, ToAHundredthOfACent) {
    for (const double hz : {100.0, 220.3, 440.0, 441.7, 1000.0, 3500.0}) {
        const auto heard = steadyTone(tone(hz), 48000, Hertz{hz * 1.02});
        ASSERT_TRUE(heard) << hz;
        // Three seconds of a tone 36 dB over the noise: the bound is below a millicent; the mean over an
        // eighth of a second leaks a little.
        EXPECT_NEAR(centsBetween(Hertz{hz}, heard->frequency).value, 0.0, 0.01) << hz;
        EXPECT_NEAR(heard->levelDb, 20 * std::log10(0.2), 0.3) << hz;
        EXPECT_LT(heard->standardError.value, 0.01) << hz;
    }
}

TEST(SteadyTone, GivesTheClockOffAndBack) {
    // A card that says 48000 but takes 48027.7 samples a second: a tone of 440 Hz reads a cent flat.
    const auto heard = steadyTone(tone(440.0 * 48000 / 48027.7), 48000, Hertz{440});
    ASSERT_TRUE(heard);
    const Cents sharp = clockOffset(heard->frequency, Hertz{440});
    EXPECT_NEAR(sharp.value, -1.0, 0.01);
    EXPECT_NEAR(trueRate(48000, sharp), 48027.7, 0.3);
    // The corrected clock reads the truth.
    const auto again = steadyTone(tone(440.0 * 48000 / 48027.7), trueRate(48000, sharp), Hertz{440});
    EXPECT_NEAR(again->frequency.value, 440.0, 1e-3);
}

TEST(SteadyTone, WithHumAndASecondToneBeside) {
    auto sound = tone(440);
    addSteady(sound, 50, 0.1);
    addSteady(sound, 150, 0.05);
    addSteady(sound, 523.3, 0.2);
    const auto heard = steadyTone(sound, 48000, Hertz{440});
    ASSERT_TRUE(heard);
    EXPECT_NEAR(heard->frequency.value, 440.0, 0.01);
}

TEST(SteadyTone, SaysWhatIsWrong) {
    EXPECT_EQ(steadyTone(tone(440, 0.5), 48000, Hertz{440}).fault(), SteadyFault::TooShort);
    EXPECT_EQ(steadyTone(tone(440), 48000, Hertz{600}).fault(), SteadyFault::NoTone);
    EXPECT_EQ(steadyTone(tone(440, 3, 0.5), 48000, Hertz{700}).fault(), SteadyFault::NoTone);
    EXPECT_EQ(steadyTone(silence(3), 48000, Hertz{440}).fault(), SteadyFault::NoTone);
    EXPECT_EQ(steadyTone(tone(440), 48000, Hertz{50}).fault(), SteadyFault::OutOfRange);
    EXPECT_EQ(steadyTone(tone(440), 48000, Hertz{9000}).fault(), SteadyFault::OutOfRange);

    auto stops = tone(440);
    std::fill(stops.begin() + 72000, stops.end(), 0.0F);
    EXPECT_EQ(steadyTone(stops, 48000, Hertz{440}).fault(), SteadyFault::Unsteady);
    auto drum = silence(3); // a note that dies away
    testing::addTones(drum, {{440, 1.5, 0.5}}, 0.0);
    EXPECT_EQ(steadyTone(drum, 48000, Hertz{440}).fault(), SteadyFault::Unsteady);
    auto two = tone(440);
    addSteady(two, 441.5, 0.2); // beats
    EXPECT_EQ(steadyTone(two, 48000, Hertz{440}).fault(), SteadyFault::Unsteady);
    auto sung = silence(3); // vibrato of 30 cents, five times a second
    double phase = 0;
    for (std::size_t i = 0; i < sung.size(); ++i) {
        const double t = static_cast<double>(i) / 48000;
        phase += 2 * std::numbers::pi * 440 * std::exp2(30 * std::sin(2 * std::numbers::pi * 5 * t) / 1200) /
                 48000;
        sung[i] = static_cast<float>(0.2 * std::sin(phase));
    }
    EXPECT_EQ(steadyTone(sung, 48000, Hertz{440}).fault(), SteadyFault::Unsteady);
}

} // namespace steady_tone_test
} // namespace bombo
