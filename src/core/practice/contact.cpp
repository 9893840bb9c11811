#include "core/practice/contact.h"

#include "core/practice/practice_sound.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

struct Ring {
    double frequency; ///< Hz
    double t60;       ///< s
    double level;     ///< against the blow
};

struct TouchNature {
    double lasts;      ///< s, of the force on the film
    double noiseLasts; ///< s
    double noise;      ///< level against the blow
    double noiseUpTo;  ///< Hz; 0: as bright as it comes
    std::array<Ring, 2> rings;
};

constexpr std::array<TouchNature, 4> kTouches{{
    {0.0, 0.002, 0.3, 0.0, {}},
    {0.0010, 0.0010, 0.5, 0.0, {{{2700.0, 0.09, 0.05}, {4300.0, 0.06, 0.04}}}},
    {0.0018, 0.0015, 0.4, 0.0, {{{1150.0, 0.04, 0.06}, {2350.0, 0.03, 0.05}}}},
    {0.0035, 0.0080, 0.4, 350.0, {}},
}};

const TouchNature& touchOf(Striker striker) {
    return kTouches[static_cast<std::size_t>(striker)];
}

std::size_t samplesIn(double seconds, const PracticeSound& sound) {
    return static_cast<std::size_t>(seconds * sound.sampleRate);
}

void addRing(std::vector<float>& samples, std::size_t from, double sampleRate, const Ring& ring,
             double peak) {
    const double rate = kRateOf60Db / ring.t60;
    const std::size_t to =
        std::min(samples.size(), from + static_cast<std::size_t>(1.2 * ring.t60 * sampleRate));
    for (std::size_t i = from; i < to; ++i) {
        const double t = static_cast<double>(i - from) / sampleRate;
        samples[i] += static_cast<float>(peak * ring.level * std::exp(-rate * t) *
                                         std::sin(kTwoPi * ring.frequency * t));
    }
}

/// Noise with a half sine for an envelope, `upTo` Hz and duller where that is not 0.
void addBurst(std::vector<float>& samples, std::size_t from, std::size_t length, double sampleRate,
              double level, double upTo, Dice& dice) {
    const double pole = upTo > 0.0 ? std::exp(-kTwoPi * upTo / sampleRate) : 0.0;
    const double louder = std::sqrt((1.0 + pole) / (1.0 - pole)); // what the low-pass takes of white noise
    double low = 0.0;
    for (std::size_t i = 0; i < length && from + i < samples.size(); ++i) {
        low = pole * low + (1.0 - pole) * dice.normal();
        const double envelope =
            std::sin(std::numbers::pi * static_cast<double>(i) / static_cast<double>(length));
        samples[from + i] += static_cast<float>(level * envelope * louder * low);
    }
}

} // namespace

double throughContact(Striker striker, double hertz) {
    if (striker == Striker::Finger) {
        constexpr double soft = 700.0; // Hz
        return std::exp(-std::pow(hertz / soft, 2));
    }
    const double periods = touchOf(striker).lasts * hertz;
    const double aside = 1.0 - 4.0 * periods * periods;
    if (std::abs(aside) < 1e-6)
        return std::numbers::pi / 4.0;
    return std::abs(std::cos(std::numbers::pi * periods) / aside);
}

void addContact(std::vector<float>& samples, const PracticeSound& sound, Striker striker, double peak,
                Dice& dice) {
    const TouchNature& touch = touchOf(striker);
    const std::size_t lead = samplesIn(sound.leadIn.value, sound);
    addBurst(samples, lead, samplesIn(touch.noiseLasts, sound), sound.sampleRate, peak * touch.noise,
             touch.noiseUpTo, dice);
    for (const Ring& ring : touch.rings)
        if (ring.level > 0.0 && ring.frequency < 0.45 * sound.sampleRate)
            addRing(samples, lead, sound.sampleRate, ring, peak);
}

void addHandling(std::vector<float>& samples, const PracticeSound& sound, double peak, Dice& dice) {
    constexpr double about = 0.08; // s, left alone about the blow
    const double end = static_cast<double>(samples.size()) / sound.sampleRate;
    const auto somewhere = [&] {
        const double early = std::max(0.0, sound.leadIn.value - about);
        const double late = std::max(0.0, end - sound.leadIn.value - about);
        const double at = dice.uniform(0.0, early + late);
        return at < early ? at : at - early + sound.leadIn.value + about;
    };
    const int knocks = 2 + static_cast<int>(dice.uniform(0.0, 2.999));
    for (int knock = 0; knock < knocks; ++knock) {
        const double level = std::exp(dice.uniform(std::log(0.02), std::log(0.1)));
        const Ring thump{dice.uniform(55.0, 140.0), dice.uniform(0.08, 0.2), level};
        addRing(samples, samplesIn(somewhere(), sound), sound.sampleRate, thump, peak);
    }
    addBurst(samples, samplesIn(somewhere(), sound), samplesIn(dice.uniform(0.02, 0.06), sound),
             sound.sampleRate, 0.02 * peak, 1500.0, dice);
}

} // namespace bombo
