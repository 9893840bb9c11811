#include "core/tap/tap_splitter.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>
#include <limits>

namespace bombo {
namespace tap_splitter_test {

using testing::addNoise;
using testing::addSteady;
using testing::addTones;
using testing::edgeTap;
using testing::silence;

std::vector<Tap> split(const std::vector<float>& sound, double rate = 48000, std::size_t block = 1024) {
    TapSplitter splitter(rate);
    std::vector<Tap> taps;
    for (std::size_t i = 0; i < sound.size(); i += block)
        for (Tap& tap : splitter.push(std::span(sound).subspan(i, std::min(block, sound.size() - i))))
            taps.push_back(std::move(tap));
    for (Tap& tap : splitter.finish())
        taps.push_back(std::move(tap));
    return taps;
}

std::vector<float> round(int taps, double apart, double rate = 48000) {
    auto sound = silence(0.4 + taps * apart, rate);
    for (int i = 0; i < taps; ++i)
        addTones(sound, edgeTap(300.0, 0.4, 0.3), 0.3 + i * apart, rate);
    return sound;
}

TEST(TapSplitter, FindsEachOnsetToAMillisecond) {
    auto sound = round(6, 0.8);
    addNoise(sound, 0.001, 1);
    const auto taps = split(sound);
    ASSERT_EQ(taps.size(), 6U);
    for (std::size_t i = 0; i < taps.size(); ++i)
        EXPECT_NEAR(taps[i].onset.value, 0.3 + 0.8 * static_cast<double>(i), 0.001);
}

TEST(TapSplitter, BlockSizeDoesNotMatter) {
    auto sound = round(4, 0.7);
    addNoise(sound, 0.002, 2);
    const auto whole = split(sound, 48000, sound.size());
    for (std::size_t block :
         {1UL, 37UL, 480UL, 24000UL}) { // the last: a device that delivers half a second at once
        const auto taps = split(sound, 48000, block);
        ASSERT_EQ(taps.size(), whole.size()) << block;
        for (std::size_t i = 0; i < taps.size(); ++i) {
            EXPECT_DOUBLE_EQ(taps[i].onset.value, whole[i].onset.value);
            EXPECT_EQ(taps[i].after, whole[i].after);
        }
    }
}

TEST(TapSplitter, WorksAtEveryUsualRate) {
    for (double rate : {8000.0, 22050.0, 44100.0, 96000.0, 192000.0}) {
        auto sound = round(3, 0.8, rate);
        const auto taps = split(sound, rate);
        ASSERT_EQ(taps.size(), 3U) << rate;
        EXPECT_EQ(taps[0].sampleRate, rate);
        EXPECT_NEAR(taps[1].onset.value, 1.1, 0.002) << rate;
    }
}

TEST(TapSplitter, SilenceNoiseAndHumAreNoTaps) {
    EXPECT_TRUE(split(silence(3.0)).empty());
    auto noise = silence(5.0);
    addNoise(noise, 0.05, 3);
    EXPECT_TRUE(split(noise).empty());
    auto hum = silence(3.0);
    addSteady(hum, 50.0, 0.1);
    addSteady(hum, 150.0, 0.05);
    EXPECT_LE(split(hum).size(), 1U); // its sudden beginning may count once, its going on never
}

TEST(TapSplitter, TapEndsAtTheNextOnset) {
    const auto taps = split(round(3, 0.3));
    ASSERT_EQ(taps.size(), 3U);
    EXPECT_NEAR(static_cast<double>(taps[0].after.size()) / 48000.0, 0.3, 0.012);
}

TEST(TapSplitter, TailIsAtMostASecond) {
    auto sound = silence(4.0);
    addTones(sound, {{200.0, 6.0, 0.4}}, 0.3);
    const auto taps = split(sound);
    ASSERT_GE(taps.size(), 1U);
    EXPECT_LE(taps[0].after.size(), 48000U);
}

TEST(TapSplitter, TwoHitsInOneAreMarked) {
    auto sound = silence(1.5);
    addTones(sound, edgeTap(300.0, 0.2, 0.3), 0.30);
    addTones(sound, edgeTap(300.0, 0.2, 0.5), 0.39);
    const auto taps = split(sound);
    ASSERT_EQ(taps.size(), 1U);
    EXPECT_TRUE(taps[0].struckTwice);
}

TEST(TapSplitter, ASecondBlowIntoALoudTailIsNoticed) {
    // The level hardly rises, or falls where the second blow works against what still sounds.
    for (const double later : {0.04, 0.06, 0.09, 0.11})
        for (const double phase : {0.3, 1.9, 3.4, 5.0}) {
            auto sound = silence(1.5);
            auto tones = edgeTap(300.0, 0.7, 0.3);
            addTones(sound, tones, 0.3);
            for (auto& tone : tones)
                tone.phase += phase;
            addTones(sound, tones, 0.3 + later);
            addNoise(sound, 0.001, 3);
            const auto taps = split(sound);
            ASSERT_EQ(taps.size(), 1U) << later;
            EXPECT_TRUE(taps[0].struckTwice) << later << " s, phase " << phase;
        }
}

TEST(TapSplitter, OneBlowIsNotTakenForTwo) {
    // Close high partials beat; the room answers 12 ms later, 8 dB down.
    auto sound = silence(1.5);
    auto tones = edgeTap(300.0, 0.4, 0.3);
    tones.push_back({1630.0, 0.2, 0.05});
    tones.push_back({1690.0, 0.2, 0.05});
    addTones(sound, tones, 0.3);
    for (auto& tone : tones)
        tone.amplitude *= 0.4;
    addTones(sound, tones, 0.312);
    addNoise(sound, 0.001, 3);
    const auto taps = split(sound);
    ASSERT_EQ(taps.size(), 1U);
    EXPECT_FALSE(taps[0].struckTwice);
}

TEST(TapSplitter, AFarStrongerBlowOverridesATouch) {
    auto sound = silence(1.5);
    addTones(sound, edgeTap(300.0, 0.05, 0.01), 0.30);
    addTones(sound, edgeTap(300.0, 0.40, 0.60), 0.37);
    const auto taps = split(sound);
    ASSERT_EQ(taps.size(), 1U);
    EXPECT_FALSE(taps[0].struckTwice);
    EXPECT_NEAR(taps[0].onset.value, 0.37, 0.002);
}

TEST(TapSplitter, KeepsWhatSoundedBefore) {
    auto sound = round(2, 0.8);
    addNoise(sound, 0.01, 4);
    const auto taps = split(sound);
    ASSERT_EQ(taps.size(), 2U);
    EXPECT_NEAR(static_cast<double>(taps[0].before.size()), 4800.0, 480.0);
}

TEST(TapSplitter, BrokenSamplesAreSilence) {
    auto sound = round(2, 0.8);
    for (std::size_t i = 500; i < sound.size(); i += 997)
        sound[i] =
            i % 2 == 0 ? std::numeric_limits<float>::quiet_NaN() : std::numeric_limits<float>::infinity();
    for (const Tap& tap : split(sound))
        for (float s : tap.after)
            ASSERT_TRUE(std::isfinite(s));
}

TEST(TapSplitter, LevelFollowsTheSound) {
    TapSplitter splitter(48000);
    EXPECT_LT(splitter.levelDb(), -100.0);
    auto loud = silence(0.2);
    addSteady(loud, 440.0, 0.5);
    splitter.push(loud);
    EXPECT_NEAR(splitter.levelDb(), 20.0 * std::log10(0.5 / std::sqrt(2.0)), 1.0);
    splitter.push(silence(0.2));
    EXPECT_LT(splitter.levelDb(), -60.0);
}

TEST(TapSplitter, ManyShortTapsAreAllFound) {
    // F1 of the onsets over a long, noisy take: found within 5 ms, none besides.
    auto sound = silence(61.0);
    std::vector<double> truth;
    for (int i = 0; i < 100; ++i) {
        truth.push_back(0.4 + 0.6 * i + 0.013 * (i % 7));
        addTones(sound, edgeTap(180.0 + 2.5 * i, 0.15 + 0.002 * i, 0.1 + 0.003 * i), truth.back());
    }
    addNoise(sound, 0.001, 5);
    const auto taps = split(sound);
    int hits = 0;
    for (double t : truth)
        hits += std::any_of(taps.begin(), taps.end(),
                            [t](const Tap& tap) { return std::abs(tap.onset.value - t) < 0.005; });
    const double f1 = 2.0 * hits / static_cast<double>(truth.size() + taps.size());
    EXPECT_GE(f1, 0.99);
}

} // namespace tap_splitter_test
} // namespace bombo
