/// What is no tap, or a spoilt one, from the stream of sound to the verdict.
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace nuisance_test {

using testing::addNoise;
using testing::addSteady;
using testing::addTones;
using testing::edgeTap;
using testing::expecting;
using testing::silence;

std::vector<Reading> heard(const std::vector<float>& sound, double edge) {
    std::vector<Reading> readings;
    for (const Tap& tap : tapsIn(sound))
        readings.push_back(readTap(tap, {.expected = expecting(edge)}));
    return readings;
}

TEST(Nuisance, AVoiceGivesNoFigure) {
    for (const double pitch : {110.0, 160.0, 215.0})
        for (const double edge : {220.0, 320.0}) { // harmonics of the voice lie right on some of them
            auto sound = silence(2.0);
            addNoise(sound, 0.0015, 4);
            double phase = 0;
            for (std::size_t i = 19200; i < sound.size(); ++i) {
                const double t = static_cast<double>(i) / 48000.0 - 0.4;
                const double syllable = std::pow(std::sin(std::numbers::pi * t / 0.35), 2);
                phase += 2.0 * std::numbers::pi * pitch * (1.0 + 0.08 * std::sin(9.0 * t)) / 48000.0;
                double s = 0;
                for (int k = 1; k <= 14; ++k)
                    s += std::sin(k * phase) / k;
                sound[i] += static_cast<float>(0.12 * syllable * s);
            }
            for (const Reading& reading : heard(sound, edge))
                EXPECT_FALSE(reading.hasFigure()) << pitch << " Hz, head at " << edge;
        }
}

TEST(Nuisance, AClickTrackGivesNoFigure) {
    auto sound = silence(3.0);
    addNoise(sound, 0.0015, 4);
    for (int beat = 0; beat < 5; ++beat)
        addTones(sound, {{1000, 0.05, 0.4}, {1600, 0.05, 0.2}}, 0.3 + 0.5 * beat);
    const auto readings = heard(sound, 300.0);
    EXPECT_EQ(readings.size(), 5U);
    for (const Reading& reading : readings)
        EXPECT_FALSE(reading.hasFigure());
}

TEST(Nuisance, TapsFasterThanTheTailAreReadAllTheSame) {
    auto sound = silence(3.0);
    addNoise(sound, 0.0015, 4);
    for (int i = 0; i < 6; ++i)
        addTones(sound, edgeTap(300.0, 0.8), 0.3 + 0.35 * i); // the tail before still rings 26 dB down
    const auto readings = heard(sound, 300.0);
    ASSERT_EQ(readings.size(), 6U);
    for (const Reading& reading : readings)
        if (reading.verdict == Verdict::Clear) {
            EXPECT_NEAR(reading.frequency->value, 300.0, 0.3); // 2 cents: one tail under another
        }
    EXPECT_EQ(readings.front().verdict, Verdict::Clear);
}

TEST(Nuisance, TalkAndHumUnderATapDoNotMoveIt) {
    auto sound = silence(1.6);
    addNoise(sound, 0.0015, 4);
    for (int k = 1; k <= 8; ++k)
        addSteady(sound, 50.0 * k, 0.02 / k);
    addTones(sound, edgeTap(322.0, 0.4), 0.4);
    const auto readings = heard(sound, 322.0);
    ASSERT_EQ(readings.size(), 1U);
    ASSERT_EQ(readings[0].verdict, Verdict::Clear);
    EXPECT_NEAR(readings[0].frequency->value, 322.0, 0.2);
}

} // namespace nuisance_test
} // namespace bombo
