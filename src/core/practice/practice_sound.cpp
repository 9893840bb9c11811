#include "core/practice/practice_sound.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bombo {
namespace {

double fromDb(double db) {
    return std::pow(10.0, db / 20.0);
}

} // namespace

namespace {

/// One voice whose pitch settles and whose first part dies faster, told anew every millisecond.
void addLiving(std::vector<double>& sum, std::size_t lead, const Voice& voice, double sampleRate) {
    constexpr double firstStage = 0.5;  // of the rate, in addition
    constexpr double firstLasts = 0.03; // s
    const auto block = static_cast<std::size_t>(0.001 * sampleRate);
    double angle = 0.0;
    double envelope = voice.amplitude;
    for (std::size_t from = lead; from < sum.size(); from += block) {
        const double t = static_cast<double>(from - lead) / sampleRate;
        const double own = envelope / voice.amplitude;
        const double step = kTwoPi * voice.frequency * (1.0 + voice.bend * own * own) / sampleRate;
        const double fades =
            std::exp(-voice.rate * (1.0 + firstStage * std::exp(-t / firstLasts)) / sampleRate);
        double re = envelope * std::cos(angle);
        double im = envelope * std::sin(angle);
        const double c = fades * std::cos(step);
        const double s = fades * std::sin(step);
        const std::size_t to = std::min(sum.size(), from + block);
        for (std::size_t i = from; i < to; ++i) {
            sum[i] += im;
            const double turned = re * c - im * s;
            im = im * c + re * s;
            re = turned;
        }
        angle += step * static_cast<double>(to - from);
        envelope = std::hypot(re, im);
        if (envelope < 1e-7 * voice.amplitude)
            return;
    }
}

} // namespace

std::vector<double> voicesSummed(const std::vector<Voice>& voices, const PracticeSound& sound) {
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    const auto length = static_cast<std::size_t>(sound.length.value * sound.sampleRate);
    std::vector<double> sum(lead + length, 0.0);
    if (sound.room.kind != RoomKind::Dry) {
        for (const Voice& voice : voices)
            if (voice.frequency < 0.45 * sound.sampleRate && voice.amplitude != 0.0)
                addLiving(sum, lead, voice, sound.sampleRate);
        return sum;
    }
    // Recursive rotation of (re, im), several voices side by side so that none waits for itself.
    constexpr std::size_t abreast = 8;
    std::size_t next = 0;
    while (next < voices.size()) {
        std::array<double, abreast> re{};
        std::array<double, abreast> im{};
        std::array<double, abreast> c{};
        std::array<double, abreast> s{};
        for (std::size_t taken = 0; taken < abreast && next < voices.size(); ++next) {
            const Voice& voice = voices[next];
            if (voice.frequency > 0.45 * sound.sampleRate)
                continue;
            const double decay = std::exp(-voice.rate / sound.sampleRate);
            const double angle = kTwoPi * voice.frequency / sound.sampleRate;
            im[taken] = voice.amplitude;
            c[taken] = decay * std::cos(angle);
            s[taken] = decay * std::sin(angle);
            ++taken;
        }
        for (std::size_t i = lead; i < sum.size(); ++i) {
            double together = 0.0;
            for (std::size_t v = 0; v < abreast; ++v)
                together += re[v];
            sum[i] += together;
            for (std::size_t v = 0; v < abreast; ++v) {
                const double turned = re[v] * c[v] + im[v] * s[v];
                im[v] = im[v] * c[v] - re[v] * s[v];
                re[v] = turned;
            }
        }
    }
    return sum;
}

std::vector<float> scaledTo(double peak, const std::vector<double>& sum) {
    double highest = 1e-12;
    for (double value : sum)
        highest = std::max(highest, std::abs(value));
    std::vector<float> samples(sum.size());
    for (std::size_t i = 0; i < sum.size(); ++i)
        samples[i] = static_cast<float>(sum[i] * peak / highest);
    return samples;
}

void addRoom(std::vector<float>& samples, const PracticeSound& sound, double peak, Dice& dice) {
    const double noise = peak * fromDb(sound.noiseDb);
    const double hum = peak * fromDb(sound.humDb);
    if (sound.room.kind == RoomKind::Dry) // every other room has a floor of its own
        for (float& sample : samples)
            sample += static_cast<float>(noise * dice.rough());
    if (sound.humDb < -150.0)
        return; // below what a float can hold beside the tap
    for (std::size_t i = 0; i < samples.size(); ++i) {
        const double t = static_cast<double>(i) / sound.sampleRate;
        samples[i] +=
            static_cast<float>(hum * (std::sin(kTwoPi * 50.0 * t) + 0.5 * std::sin(kTwoPi * 150.0 * t) +
                                      0.3 * std::sin(kTwoPi * 250.0 * t)));
    }
}

void hearHere(std::vector<float>& samples, const PracticeSound& sound, double radius, double angle,
              std::uint64_t stroke, double peak, Dice& dice) {
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    hearInRoom(samples, sound.room, sound.sampleRate, lead, radius * std::cos(angle),
               radius * std::sin(angle), stroke);
    addRoom(samples, sound, peak, dice);
    passDriver(samples, sound.room, sound.sampleRate, lead);
}

} // namespace bombo
