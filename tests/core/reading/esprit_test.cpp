#include "core/reading/esprit.h"
#include "core/reading/spectrum.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace esprit_test {

using testing::addNoise;
using testing::addTones;
using testing::silence;
using testing::Tone1;

std::vector<float> ringing(const std::vector<Tone1>& tones, double rate = 48000) {
    auto sound = silence(0.9, rate);
    addTones(sound, tones, 0.0, rate);
    return sound;
}

TEST(PartialsInBand, OneCleanPartialExactly) {
    struct Row {
        double hz, t60, amplitude;
    };
    for (const Row& row :
         {Row{150, 0.9, 0.3}, Row{262, 0.4, 0.05}, Row{450, 0.06, 0.5}, Row{912.3, 0.2, 0.01}}) {
        const auto partials =
            partialsInBand(ringing({{row.hz, row.t60, row.amplitude}}), 48000, {.centre = Hertz{row.hz + 6}});
        ASSERT_FALSE(partials.empty()) << row.hz;
        EXPECT_NEAR(centsBetween(Hertz{row.hz}, partials[0].frequency).value, 0.0, 0.05) << row.hz;
        EXPECT_NEAR(partials[0].t60.value / row.t60, 1.0, 0.01) << row.hz;
        EXPECT_NEAR(partials[0].amplitude / row.amplitude, 1.0, 0.02) << row.hz;
    }
}

TEST(PartialsInBand, ResolvesACloseOne) {
    for (double apart : {1.5, 3.0, 8.0, 20.0}) {
        const auto partials = partialsInBand(ringing({{300.0, 0.8, 0.3}, {300.0 + apart, 0.8, 0.2, 1.4}}),
                                             48000, {.centre = Hertz{300.0}, .longest = Seconds{0.8}});
        ASSERT_GE(partials.size(), 2U) << apart;
        const auto [low, high] = std::minmax(partials[0].frequency, partials[1].frequency);
        EXPECT_NEAR(low.value, 300.0, 0.05) << apart;
        EXPECT_NEAR(high.value, 300.0 + apart, 0.05) << apart;
    }
}

TEST(PartialsInBand, StatesItsErrorHonestly) {
    // Over many noises the real error must be what is stated: within a factor of 1.6 either way (40 draws: 11
    // %).
    double squares = 0.0;
    double stated = 0.0;
    constexpr int draws = 40;
    for (unsigned seed = 1; seed <= draws; ++seed) {
        auto sound = ringing({{300.0, 0.4, 0.3}});
        addNoise(sound, 0.01, seed);
        const auto partials = partialsInBand(sound, 48000, {.centre = Hertz{303.0}});
        ASSERT_FALSE(partials.empty());
        squares += std::pow(partials[0].frequency.value - 300.0, 2) / draws;
        stated += partials[0].standardError.value / draws;
    }
    EXPECT_GT(std::sqrt(squares) / stated, 1.0 / 1.6);
    EXPECT_LT(std::sqrt(squares) / stated, 1.6);
}

TEST(PartialsInBand, HumIsNoPartial) {
    auto sound = silence(0.9);
    testing::addSteady(sound, 150.0, 0.3);
    EXPECT_TRUE(partialsInBand(sound, 48000, {.centre = Hertz{150.0}}).empty()); // it does not decay
}

TEST(PartialsInBand, TooShortASoundGivesNothing) {
    EXPECT_TRUE(partialsInBand(std::vector<float>(100, 0.1F), 48000, {.centre = Hertz{300.0}}).empty());
    EXPECT_TRUE(partialsInBand({}, 48000, {.centre = Hertz{300.0}}).empty());
}

TEST(PartialsInBand, OtherRates) {
    for (double rate : {8000.0, 44100.0, 192000.0}) {
        const auto partials =
            partialsInBand(ringing({{350.0, 0.4, 0.3}}, rate), rate, {.centre = Hertz{345.0}});
        ASSERT_FALSE(partials.empty()) << rate;
        EXPECT_NEAR(partials[0].frequency.value, 350.0, 0.02) << rate;
    }
}

TEST(PowerSpectrumOf, FindsTheBinAndTheLevel) {
    auto sound = silence(0.5);
    testing::addSteady(sound, 1000.0, 0.5);
    const PowerSpectrum spectrum = powerSpectrum(sound, 48000, 65536, 0.0);
    const auto highest = std::max_element(spectrum.power.begin(), spectrum.power.end());
    EXPECT_NEAR(static_cast<double>(highest - spectrum.power.begin()) * spectrum.binWidth, 1000.0,
                spectrum.binWidth);
    EXPECT_DOUBLE_EQ(spectrum.at(Hertz{1000.0}),
                     spectrum.power[static_cast<std::size_t>(std::lround(1000.0 / spectrum.binWidth))]);
}

TEST(PowerSpectrumOf, EmptySoundHasNoPower) {
    const PowerSpectrum spectrum = powerSpectrum({}, 48000, 4096, 0.0);
    EXPECT_EQ(spectrum.at(Hertz{440.0}), 0.0);
}

} // namespace esprit_test
} // namespace bombo
