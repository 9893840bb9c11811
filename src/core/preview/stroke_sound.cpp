#include "core/preview/stroke_sound.h"

#include "core/acoustics/damping.h"
#include "core/units/dice.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

/// Second-order section after the bilinear transform, Butterworth damping.
class Filter {
public:
    static Filter highPass(double frequency, double rate) { return {frequency, rate, true}; }
    static Filter lowPass(double frequency, double rate) { return {frequency, rate, false}; }
    double operator()(double in) {
        const double out = m_b0 * in + m_s1;
        m_s1 = m_b1 * in - m_a1 * out + m_s2;
        m_s2 = m_b0 * in - m_a2 * out;
        return out;
    }

private:
    Filter(double frequency, double rate, bool high) {
        const double k = std::tan(std::numbers::pi * std::min(frequency, 0.45 * rate) / rate);
        const double norm = 1.0 / (1.0 + std::numbers::sqrt2 * k + k * k);
        m_b0 = high ? norm : k * k * norm;
        m_b1 = high ? -2.0 * m_b0 : 2.0 * m_b0;
        m_a1 = 2.0 * (k * k - 1.0) * norm;
        m_a2 = (1.0 - std::numbers::sqrt2 * k + k * k) * norm;
    }
    double m_b0;
    double m_b1;
    double m_a1;
    double m_a2;
    double m_s1 = 0.0;
    double m_s2 = 0.0;
};

double rms(const std::vector<double>& samples, std::size_t from, std::size_t count) {
    double sum = 0.0;
    const std::size_t to = std::min(samples.size(), from + count);
    for (std::size_t i = from; i < to; ++i)
        sum += samples[i] * samples[i];
    return to > from ? std::sqrt(sum / static_cast<double>(to - from)) : 0.0;
}

/// @return peak of what was added
double addHeads(std::vector<double>& samples, const MufflingPrediction& prediction, double shorter,
                const StrokeSound& sound, std::size_t lead) {
    double peak = 0.0;
    for (const MuffledPartial& partial : prediction.partials) {
        const double omega = kTwoPi * partial.frequencyAfter.value / sound.sampleRate;
        const double fall = std::exp(-rateOfT60(partial.t60After * shorter) / sound.sampleRate);
        double level = partial.amplitudeAfter;
        for (std::size_t i = lead; i < samples.size(); ++i, level *= fall)
            samples[i] += level * std::sin(omega * static_cast<double>(i - lead));
    }
    for (double s : samples)
        peak = std::max(peak, std::abs(s));
    return peak;
}

void addBlow(std::vector<double>& samples, double peak, const StrokeSound& sound, std::size_t lead,
             Dice& dice) {
    const auto count = static_cast<std::size_t>(0.003 * sound.sampleRate);
    Filter low = Filter::lowPass(5000.0, sound.sampleRate);
    for (std::size_t i = 0; i < count && lead + i < samples.size(); ++i) {
        const double envelope =
            std::sin(std::numbers::pi * static_cast<double>(i) / static_cast<double>(count));
        samples[lead + i] += 0.3 * peak * envelope * low(dice.normal());
    }
}

void addWires(std::vector<double>& samples, Seconds buzz, Hertz lowest, double peak, const StrokeSound& sound,
              std::size_t lead, Dice& dice) {
    const double rate = rateOfT60(buzz);
    Filter high = Filter::highPass(2500.0, sound.sampleRate);
    Filter low = Filter::lowPass(9500.0, sound.sampleRate);
    for (std::size_t i = lead; i < samples.size(); ++i) {
        const double t = static_cast<double>(i - lead) / sound.sampleRate;
        const double rise = std::min(1.0, t / 0.002); // they are thrown off first, then fall back
        const double thrown = 0.65 + 0.35 * std::sin(kTwoPi * lowest.value * t);
        samples[i] += 0.22 * peak * rise * thrown * std::exp(-rate * t) * low(high(dice.normal()));
    }
}

} // namespace

std::vector<float> strokeSound(const Drum& drum, const PreviewStroke& stroke, const StrokeSound& sound) {
    const MufflingPrediction prediction =
        predictMuffling(drum, stroke.heads, stroke.pads, {}, stroke.damping);
    const double shorter = stroke.ring ? std::min(1.0, *stroke.ring / prediction.ringAfter) : 1.0;
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    std::vector<double> samples(lead + static_cast<std::size_t>(sound.length.value * sound.sampleRate), 0.0);
    Dice dice(1);
    const double peak = addHeads(samples, prediction, shorter, sound, lead);
    addBlow(samples, peak, sound, lead, dice);
    if (stroke.buzz)
        addWires(samples, *stroke.buzz, prediction.partials.front().frequencyAfter, peak, sound, lead, dice);

    const double level = rms(samples, lead, static_cast<std::size_t>(0.3 * sound.sampleRate));
    const double gain = level > 0.0 ? sound.level / level : 0.0;
    std::vector<float> out;
    out.reserve(samples.size());
    for (double s : samples)
        out.push_back(static_cast<float>(std::clamp(gain * s, -1.0, 1.0)));
    return out;
}

} // namespace bombo
