#include "core/reading/read_tap.h"
#include "core/reading/steady_sound.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace steady_sound_test {

using testing::addNoise;
using testing::addSteady;
using testing::addTones;
using testing::edgeTap;
using testing::expecting;
using testing::silence;
using testing::tapOf;

constexpr double kOnset = 0.3;

/// Mains hum with seven harmonics, the strongest a seventh of the tap's loudest partial.
void addHum(std::vector<float>& sound, double mains) {
    for (int k = 1; k <= 8; ++k)
        addSteady(sound, mains * k, 0.04 / k);
}

TEST(SteadySound, LinesOfHumAreFoundWithTheirPitchAndLevel) {
    auto sound = silence(1.0);
    addHum(sound, 50.07);
    addNoise(sound, 0.0005, 3);
    const auto lines = steadyLinesBefore(tapOf(sound, kOnset));
    ASSERT_EQ(lines.size(), 8U);
    for (std::size_t k = 1; k <= lines.size(); ++k) {
        const SteadyLine& line = lines[k - 1]; // strongest first: in the order of the harmonics
        const double amplitude = 0.04 / static_cast<double>(k);
        // Bound over 0.1 s of noise at this level: sqrt(6) / (pi T) times rms / amplitude / sqrt(4800),
        // times 5.
        const double error = 5.0 * std::sqrt(6.0) / (std::numbers::pi * 0.1) * 0.0005 / amplitude / 69.0;
        EXPECT_NEAR(line.frequency.value, 50.07 * static_cast<double>(k), error + 0.01) << k;
        EXPECT_NEAR(std::hypot(line.cosine, line.sine) / amplitude, 1.0, 0.02) << k;
    }
}

TEST(SteadySound, NothingIsTakenFromNoiseAloneNorFromADyingTone) {
    auto noise = silence(1.0);
    addNoise(noise, 0.01, 5);
    EXPECT_TRUE(steadyLinesBefore(tapOf(noise, kOnset)).empty());

    auto dying = silence(1.0);
    addTones(dying, {{230.0, 0.6, 0.2}}, 0.1); // the tail of the tap before
    addNoise(dying, 0.0002, 6);
    EXPECT_TRUE(steadyLinesBefore(tapOf(dying, kOnset)).empty());
}

TEST(SteadySound, TooShortABeforeGivesNothing) {
    auto sound = silence(1.0);
    addHum(sound, 50.0);
    Tap tap = tapOf(sound, kOnset);
    tap.before.erase(tap.before.begin(), tap.before.end() - 1200);
    EXPECT_TRUE(steadyLinesBefore(tap).empty());
    tap.before.clear();
    EXPECT_TRUE(steadyLinesBefore(tap).empty());
}

TEST(SteadySound, HumIsTakenAwayToAHundredthAndTheTapStays) {
    auto clean = silence(1.2);
    addTones(clean, edgeTap(251.0, 0.3), kOnset);
    addNoise(clean, 0.0003, 8);
    auto hummed = clean;
    addHum(hummed, 49.96);
    const Tap tap = tapOf(hummed, kOnset);
    const Tap wanted = tapOf(clean, kOnset);
    const Tap cleaned = withoutLines(tap, steadyLinesBefore(tap));
    double left = 0.0;
    double hum = 0.0;
    const std::size_t half = tap.after.size() / 2;
    for (std::size_t i = 0; i < half; ++i) {
        left += std::pow(cleaned.after[i] - wanted.after[i], 2);
        hum += std::pow(tap.after[i] - wanted.after[i], 2);
    }
    EXPECT_LT(left, 0.01 * hum); // in power: 20 dB over the first half second
}

TEST(SteadySound, ALineThatStopsWithTheTapIsLeftAlone) {
    auto sound = silence(1.2);
    addSteady(sound, 170.0, 0.05);
    std::fill(sound.begin() + static_cast<std::ptrdiff_t>(kOnset * 48000), sound.end(), 0.0F);
    addTones(sound, edgeTap(251.0, 0.3), kOnset);
    const Tap tap = tapOf(sound, kOnset);
    const auto lines = steadyLinesBefore(tap);
    ASSERT_EQ(lines.size(), 1U);
    EXPECT_EQ(withoutLines(tap, lines).after, tap.after);
}

TEST(SteadySound, ShortTapsUnderStrongHumAreReadRight) {
    int clear = 0;
    for (unsigned seed = 1; seed <= 40; ++seed) {
        const double edge = 160.0 + 7.0 * seed;
        auto sound = silence(1.2);
        addTones(sound, edgeTap(edge, 0.08), kOnset);
        addNoise(sound, 0.002, seed);
        addHum(sound, 50.0 + 0.01 * seed);
        const Reading reading =
            readTap(tapOf(sound, kOnset), {.expected = expecting(edge, seed % 2 == 0 ? 120.0 : -120.0)});
        if (reading.verdict != Verdict::Clear)
            continue;
        ++clear;
        EXPECT_NEAR(centsBetween(Hertz{edge}, *reading.frequency).value, 0.0, 10.0) << edge;
    }
    EXPECT_GE(clear, 30); // 15 with the hum left in, three of them wrong
}

} // namespace steady_sound_test
} // namespace bombo
