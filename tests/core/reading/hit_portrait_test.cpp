#include "core/reading/hit_portrait.h"
#include "core/reading/hits_together.h"
#include "core/units/dice.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace hit_portrait_test {

constexpr double kRate = 48000;

struct Voice {
    double frequency;
    double t60;
    double amplitude;
};

/// Damped sines with noise of its own decay above 2.5 kHz, and a quiet room.
Tap hit(const std::vector<Voice>& voices, double buzzT60 = 0.0, double room = 1e-5) {
    Tap tap;
    tap.sampleRate = kRate;
    Dice dice(3);
    tap.before.resize(4800);
    for (float& s : tap.before)
        s = static_cast<float>(room * dice.normal());
    tap.after.resize(48000);
    double last = 0.0;
    for (std::size_t i = 0; i < tap.after.size(); ++i) {
        const double t = static_cast<double>(i) / kRate;
        double s = room * dice.normal();
        for (const Voice& v : voices)
            s += v.amplitude * std::exp(-6.9078 * t / v.t60) * std::sin(2.0 * M_PI * v.frequency * t);
        const double noise = dice.normal();
        if (buzzT60 > 0.0)
            s += 0.1 * std::exp(-6.9078 * t / buzzT60) * (noise - last); // differenced: bright
        last = noise;
        tap.after[i] = static_cast<float>(s);
    }
    return tap;
}

TEST(HitPortrait, FindsBodyEdgeAndRing) {
    const auto portrait = portraitOf(hit({{190, 0.4, 0.3}, {285, 0.4, 0.15}, {402, 0.4, 0.1}}));
    ASSERT_TRUE(portrait);
    EXPECT_NEAR(portrait->centre.value, 190.0, 0.05);
    ASSERT_TRUE(portrait->edge);
    EXPECT_NEAR(portrait->edge->value, 285.0, 0.05);
    ASSERT_TRUE(portrait->ring);
    EXPECT_NEAR(portrait->ring->value, 0.4, 0.04); // one common decay: its T60 within 10 %
    EXPECT_FALSE(portrait->buzz);
}

TEST(HitPortrait, HumDoesNotHideTheLength) {
    Tap tap = hit({{190, 0.4, 0.3}, {285, 0.4, 0.15}});
    const auto quiet = lengthsOf(tap);
    auto addHum = [](std::vector<float>& samples, double first) {
        for (std::size_t i = 0; i < samples.size(); ++i)
            samples[i] += static_cast<float>(
                0.03 * std::sin(2.0 * M_PI * 100.02 * (first + static_cast<double>(i)) / kRate));
    };
    addHum(tap.before, -4800.0);
    addHum(tap.after, 0.0);
    const auto hummed = lengthsOf(tap);
    ASSERT_TRUE(quiet.tone && hummed.tone);
    EXPECT_NEAR(hummed.tone->value / quiet.tone->value, 1.0, 0.1);
}

TEST(HitPortrait, WiresHaveALengthOfTheirOwn) {
    for (const double buzz : {0.15, 0.3, 0.5}) {
        const auto portrait = portraitOf(hit({{190, 0.4, 0.3}, {285, 0.4, 0.15}}, buzz));
        ASSERT_TRUE(portrait);
        ASSERT_TRUE(portrait->buzz) << buzz;
        // Noise in frames of 12 ms scatters by half a decibel over the 30 dB that are read.
        EXPECT_NEAR(portrait->buzz->value, buzz, 0.12 * buzz);
        EXPECT_NEAR(portrait->ring->value, 0.4, 0.04);
    }
}

TEST(HitPortrait, AStrokeNearTheEdgeHasNoCentre) {
    Expectation expected;
    expected.modes = {{{0, 1}, Hertz{200}}, {{1, 1}, Hertz{300}}, {{2, 1}, Hertz{432}}};
    expected.wanted = {0, 1};
    expected.spread = Cents{80.0};
    const Tap edge = hit({{300, 0.4, 0.3}, {432, 0.4, 0.15}});
    EXPECT_FALSE(portraitFrom(edge, readTap(edge), expected)->centreFound);
    EXPECT_TRUE(portraitOf(edge)->centreFound); // nobody said where it should be
    const Tap middle = hit({{202, 0.4, 0.3}, {300, 0.4, 0.15}, {432, 0.4, 0.1}});
    EXPECT_TRUE(portraitFrom(middle, readTap(middle), expected)->centreFound);
}

TEST(HitPortrait, BrightnessFollowsTheHighPart) {
    const auto dark = portraitOf(hit({{190, 0.4, 0.3}, {285, 0.4, 0.1}}));
    const auto bright = portraitOf(hit({{190, 0.4, 0.3}, {285, 0.4, 0.1}}, 0.4));
    EXPECT_LT(dark->brightness.value, 300.0);
    EXPECT_GT(bright->brightness.value, 1.5 * dark->brightness.value);
}

TEST(HitPortrait, NoisyRoomGivesNoRingRatherThanAWrongOne) {
    const auto portrait = portraitOf(hit({{190, 0.3, 0.3}, {285, 0.3, 0.15}}, 0.0, 0.1));
    ASSERT_TRUE(portrait);
    EXPECT_NEAR(portrait->centre.value, 190.0, 1.5);
    if (portrait->ring) {
        EXPECT_NEAR(portrait->ring->value, 0.3, 0.06);
    }
}

TEST(HitPortrait, WhatIsNoHitIsRefused) {
    EXPECT_EQ(portraitOf(hit({})).fault(), PortraitFault::TooQuiet);
    Tap clipped = hit({{190, 0.4, 3.0}});
    for (float& s : clipped.after)
        s = std::clamp(s, -1.0F, 1.0F);
    EXPECT_EQ(portraitOf(clipped).fault(), PortraitFault::Clipped);
    Tap twice = hit({{190, 0.4, 0.3}});
    twice.struckTwice = true;
    EXPECT_EQ(portraitOf(twice).fault(), PortraitFault::StruckTwice);
}

TEST(HitPortrait, OneOddStrokeAmongThreeDoesNotCount) {
    const auto usual = portraitOf(hit({{190, 0.4, 0.3}, {285, 0.4, 0.15}}, 0.3)).value();
    HitPortrait odd = usual;
    odd.centre = Hertz{240};
    odd.ring = Seconds{2.0};
    odd.buzz.reset();
    const HitPortrait middle = together({usual, odd, usual});
    EXPECT_EQ(middle.centre, usual.centre);
    EXPECT_EQ(middle.ring, usual.ring);
    EXPECT_EQ(middle.buzz, usual.buzz);
    EXPECT_NEAR(middle.edge->value, usual.edge->value, 1e-9);
}

} // namespace hit_portrait_test
} // namespace bombo
