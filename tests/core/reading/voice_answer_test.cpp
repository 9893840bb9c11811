#include "core/practice/practice_drum.h"
#include "core/reading/voice_answer.h"
#include "core/units/dice.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace voice_answer_test {

constexpr double kRate = 48000;

/// A tone of 200 Hz with noise as loud as this over it, and sibilants in between.
std::vector<float> voice(double hiss, double seconds = 2.0, int sibilants = 0) {
    Dice dice(3);
    std::vector<float> samples;
    for (int i = 0; i < static_cast<int>(seconds * kRate); ++i) {
        const double t = i / kRate;
        const bool sharp = std::fmod(t, 0.5) < 0.04 * sibilants;
        samples.push_back(static_cast<float>(0.1 * std::sin(2.0 * 3.14159265358979 * 200.0 * t) +
                                             (sharp ? 0.1 : hiss) * dice.normal()));
    }
    return samples;
}

TEST(HissOverVoice, IsTheRatioOfTheBands) {
    // White noise of variance h^2 has h^2 x 7 kHz / 24 kHz in the band; the tone has 0.1^2 / 2.
    const double expected = 10.0 * std::log10(0.001 * 0.001 * 7.0 / 24.0 / 0.005);
    EXPECT_NEAR(hissOverVoice(voice(0.001), kRate).value(), expected, 0.5);
    EXPECT_NEAR(hissOverVoice(voice(0.01), kRate).value(), expected + 20.0, 0.5);
}

TEST(HissOverVoice, SibilantsDoNotCount) {
    EXPECT_NEAR(hissOverVoice(voice(0.001, 2.0, 2), kRate).value(),
                hissOverVoice(voice(0.001), kRate).value(), 0.5);
}

TEST(HissOverVoice, SaysWhyThereIsNoFigure) {
    EXPECT_EQ(hissOverVoice(voice(0.001, 0.3), kRate).fault(), VoiceFault::TooShort);
    auto quiet = voice(0.001);
    for (float& sample : quiet)
        sample *= 0.01F;
    EXPECT_EQ(hissOverVoice(quiet, kRate).fault(), VoiceFault::TooQuiet);
    EXPECT_EQ(hissOverVoice({}, kRate).fault(), VoiceFault::TooQuiet);
}

TEST(HissOverVoice, ThePracticeDrumAnswersWhileItsWiresAreLooseEnough) {
    const Drum drum = testing::plover();
    int answers = 0;
    for (std::uint64_t seed = 1; seed <= 10; ++seed) {
        const HiddenNature nature = drawNature(drum, seed);
        PracticeState state;
        state.leverOn = false;
        const double without = hissOverVoice(practiceVoice(nature, state, 1), kRate).value();
        state.leverOn = true;
        for (const double turns : {0.5, 1.0, 1.5, 2.0, 3.0}) {
            state.strainer = Turns{turns};
            const bool truth = Turns{turns} < voiceChokeOf(nature);
            const double gain = hissOverVoice(practiceVoice(nature, state, 2), kRate).value() - without;
            EXPECT_EQ(gain >= kVoiceAnswersFrom, truth) << seed << ' ' << turns << ' ' << gain;
            answers += truth;
        }
    }
    EXPECT_GT(answers, 10);
    EXPECT_LT(answers, 40);
}

} // namespace voice_answer_test
} // namespace bombo
