#pragma once
/// Sound with known truth, made by the tests themselves. Deterministic by seed.
#include "core/reading/name_partials.h"
#include "core/tap/tap_splitter.h"

#include <cmath>
#include <numbers>
#include <random>
#include <vector>

namespace bombo::testing {

struct Tone1 {
    double hz;
    double t60;
    double amplitude;
    double phase = 0.3;
};

inline std::vector<float> silence(double seconds, double rate = 48000) {
    return std::vector<float>(static_cast<std::size_t>(seconds * rate), 0.0F);
}

/// Adds damped sines that start at `at` seconds.
inline void addTones(std::vector<float>& sound, const std::vector<Tone1>& tones, double at,
                     double rate = 48000) {
    const auto first = static_cast<std::size_t>(at * rate);
    for (const Tone1& tone : tones) { // to -120 dB
        const std::size_t last =
            std::min(sound.size(), first + static_cast<std::size_t>(2.0 * tone.t60 * rate));
        for (std::size_t i = first; i < last; ++i) {
            const double t = static_cast<double>(i - first) / rate;
            sound[i] += static_cast<float>(tone.amplitude * std::exp(-std::log(1000.0) / tone.t60 * t) *
                                           std::sin(2.0 * std::numbers::pi * tone.hz * t + tone.phase));
        }
    }
}

/// Steady sine over the whole length: hum, bleed.
inline void addSteady(std::vector<float>& sound, double hz, double amplitude, double rate = 48000) {
    for (std::size_t i = 0; i < sound.size(); ++i)
        sound[i] += static_cast<float>(amplitude *
                                       std::sin(2.0 * std::numbers::pi * hz * static_cast<double>(i) / rate));
}

/// White noise of a given root mean square between two times.
inline void addNoise(std::vector<float>& sound, double rms, unsigned seed, double from = 0.0, double to = 1e9,
                     double rate = 48000) {
    std::mt19937 engine(seed);
    std::normal_distribution<double> normal(0.0, rms);
    for (std::size_t i = 0; i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / rate;
        const double value = normal(engine);
        if (t >= from && t < to)
            sound[i] += static_cast<float>(value);
    }
}

/// The partials of an edge tap on a head whose (1,1) lies at `edge`: ratios of a membrane with outside air.
inline std::vector<Tone1> edgeTap(double edge, double t60 = 0.4, double level = 0.3) {
    return {{edge, t60, level},
            {edge * 0.66, 0.25 * t60, 0.25 * level, 1.1},
            {edge * 1.37, 0.8 * t60, 0.7 * level, 2.0},
            {edge * 1.74, 0.7 * t60, 0.4 * level, 0.7},
            {edge * 2.1, 0.5 * t60, 0.2 * level, 1.9}};
}

/// The pattern of edgeTap as a model would expect it, `off` cents beside the truth.
inline Expectation expecting(double edge, double off = 0.0) {
    const double e = edge * std::exp2(off / 1200.0);
    Expectation expected;
    expected.modes = {{{0, 1}, Hertz{0.66 * e}},
                      {{1, 1}, Hertz{e}},
                      {{2, 1}, Hertz{1.37 * e}},
                      {{3, 1}, Hertz{1.74 * e}},
                      {{4, 1}, Hertz{2.1 * e}}};
    return expected;
}

/// A single tap as the splitter would cut it: 100 ms of what was there before, then `after`.
inline Tap tapOf(const std::vector<float>& sound, double onset, double rate = 48000) {
    const auto at = static_cast<std::ptrdiff_t>(onset * rate);
    const auto from = std::max<std::ptrdiff_t>(0, at - static_cast<std::ptrdiff_t>(0.1 * rate));
    Tap tap;
    tap.sampleRate = rate;
    tap.onset = Seconds{onset};
    tap.before.assign(sound.begin() + from, sound.begin() + at);
    tap.after.assign(sound.begin() + at, sound.end());
    return tap;
}

} // namespace bombo::testing
