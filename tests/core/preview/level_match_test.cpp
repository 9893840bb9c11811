#include "core/preview/level_match.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace level_match_test {

std::vector<float> tone(double peak, double seconds, double rate) {
    std::vector<float> samples;
    for (int i = 0; i < static_cast<int>(seconds * rate); ++i)
        samples.push_back(static_cast<float>(peak * std::sin(2.0 * 3.14159265358979 * 200.0 * i / rate)));
    return samples;
}
double rms(const std::vector<float>& samples, double rate) {
    double sum = 0.0;
    const int count = static_cast<int>(0.3 * rate);
    for (int i = 0; i < count; ++i)
        sum += std::pow(samples[static_cast<std::size_t>(i)], 2);
    return std::sqrt(sum / count);
}

TEST(MatchLevels, BothEndEquallyLoud) {
    auto one = tone(0.5, 0.6, 48000);
    auto other = tone(0.02, 0.4, 44100);
    matchLevels(one, 48000, other, 44100);
    EXPECT_NEAR(rms(one, 48000), 0.1, 1e-4);
    EXPECT_NEAR(rms(other, 44100), 0.1, 1e-4);
}

TEST(MatchLevels, APeakHoldsBothBack) {
    auto one = tone(0.02, 0.6, 48000);
    auto other = tone(0.02, 0.6, 48000);
    other[10] = 0.8F; // a click fifty times the tone
    matchLevels(one, 48000, other, 48000);
    EXPECT_NEAR(*std::max_element(other.begin(), other.end()), 0.9, 1e-4);
    EXPECT_NEAR(rms(one, 48000), rms(other, 48000), 1e-4);
}

TEST(MatchLevels, SilenceStaysSilent) {
    std::vector<float> silent(48000, 0.0F);
    std::vector<float> none;
    auto other = tone(0.5, 0.6, 48000);
    matchLevels(silent, 48000, other, 48000);
    EXPECT_EQ(rms(silent, 48000), 0.0);
    EXPECT_NEAR(rms(other, 48000), 0.1, 1e-4);
    matchLevels(none, 48000, other, 48000);
    EXPECT_TRUE(none.empty());
}

} // namespace level_match_test
} // namespace bombo
