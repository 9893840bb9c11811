/// Two sounds from one recorded stroke: checked on tones whose pitch and decay are known.
#include "core/practice/ear_recording.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

namespace bombo {
namespace ear_recording_test {

constexpr double kRate = 44100.0;
constexpr double kPitch = 310.0;
constexpr double kDecay = 9.0; ///< 1/s

std::vector<float> stroke(double begin = 0.4, double length = 2.0) {
    std::vector<float> samples(static_cast<std::size_t>(kRate * length));
    for (std::size_t i = 0; i < samples.size(); ++i) {
        const double t = static_cast<double>(i) / kRate - begin;
        if (t >= 0.0)
            samples[i] = static_cast<float>(0.6 * std::exp(-kDecay * t) *
                                            std::sin(2.0 * std::numbers::pi * kPitch * t));
    }
    return samples;
}

/// By the crossings upwards between two times after the beginning, s.
double pitchOf(const std::vector<float>& samples) {
    const auto from = static_cast<std::size_t>(0.06 * kRate);
    const auto to = static_cast<std::size_t>(0.4 * kRate);
    double first = 0.0;
    double last = 0.0;
    int crossings = -1;
    for (std::size_t i = from; i < to; ++i)
        if (samples[i] < 0.0F && samples[i + 1] >= 0.0F) {
            last = static_cast<double>(i) + samples[i] / (samples[i] - samples[i + 1]);
            first = crossings < 0 ? last : first;
            ++crossings;
        }
    return crossings * kRate / (last - first);
}

/// Of the amplitude between 0.1 and 0.4 s, 1/s.
double decayOf(const std::vector<float>& samples) {
    const auto peak = [&](double from) {
        float highest = 0.0F;
        for (auto i = static_cast<std::size_t>(from * kRate);
             i < static_cast<std::size_t>((from + 0.01) * kRate); ++i)
            highest = std::max(highest, std::abs(samples[i]));
        return static_cast<double>(highest);
    };
    return std::log(peak(0.1) / peak(0.4)) / 0.3;
}

const std::vector<float>& dueOf(const EarSounds& both) {
    return both.sounds[static_cast<std::size_t>(both.due)];
}
const std::vector<float>& otherOf(const EarSounds& both) {
    return both.sounds[static_cast<std::size_t>(1 - both.due)];
}

TEST(EarRecording, TheHigherOneIsHigherByWhatWasAsked) {
    for (std::uint64_t seed = 1; seed <= 8; ++seed) {
        const auto both = earSoundsOf(EarExercise::Higher, stroke(), kRate, 40.0, seed);
        ASSERT_TRUE(both);
        EXPECT_NEAR(1200.0 * std::log2(pitchOf(dueOf(*both)) / pitchOf(otherOf(*both))), 40.0, 0.5);
    }
}

TEST(EarRecording, TheLongerOneDiesAwaySlowerByWhatWasAskedAndNeverGrows) {
    for (std::uint64_t seed = 1; seed <= 8; ++seed) {
        const auto both = earSoundsOf(EarExercise::Longer, stroke(), kRate, 0.5, seed);
        ASSERT_TRUE(both);
        EXPECT_NEAR(decayOf(otherOf(*both)) / decayOf(dueOf(*both)), 1.5, 0.05);
        EXPECT_GE(decayOf(dueOf(*both)), kDecay * 0.98);
    }
}

TEST(EarRecording, BothAreAnswersAndSeedsRepeat) {
    int second = 0;
    for (std::uint64_t seed = 1; seed <= 40; ++seed)
        second += earSoundsOf(EarExercise::Higher, stroke(), kRate, 20.0, seed)->due;
    EXPECT_GT(second, 10);
    EXPECT_LT(second, 30);
    EXPECT_EQ(earSoundsOf(EarExercise::Longer, stroke(), kRate, 0.2, 3)->sounds,
              earSoundsOf(EarExercise::Longer, stroke(), kRate, 0.2, 3)->sounds);
}

TEST(EarRecording, WhatHoldsNoStrokeMakesNoSounds) {
    const auto of = [](const std::vector<float>& samples) {
        return earSoundsOf(EarExercise::Higher, samples, kRate, 20.0, 1).has_value();
    };
    EXPECT_FALSE(of({}));
    EXPECT_FALSE(of(std::vector<float>(44100, 0.0F)));
    EXPECT_FALSE(of(std::vector<float>(88200, 0.2F))) << "it does not die away";
    EXPECT_FALSE(of(stroke(0.4, 0.45))) << "cut short";
    EXPECT_TRUE(of(stroke(0.0))) << "nothing before it";
    EXPECT_FALSE(earSoundsOf(EarExercise::LooserWires, stroke(), kRate, 0.2, 1));
}

} // namespace ear_recording_test
} // namespace bombo
