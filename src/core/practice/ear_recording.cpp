#include "core/practice/ear_recording.h"

#include "core/units/dice.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr double kBeforeStroke = 0.05; ///< s
constexpr double kLength = 1.1;        ///< s, as of the practice drum
constexpr double kFade = 0.03;         ///< s, at the end
constexpr float kPeak = 0.35F;         ///< as loud as a tap
constexpr float kLeastPeak = 1e-4F;
constexpr int kSincHalf = 16; ///< samples either way

/// From a little before the loudest sample on, as loud as a tap. Empty where there is hardly any.
std::vector<float> strokeIn(const std::vector<float>& recorded, double rate) {
    const auto louder = [](float one, float other) { return std::abs(one) < std::abs(other); };
    const auto peak = std::max_element(recorded.begin(), recorded.end(), louder);
    if (peak == recorded.end() || std::abs(*peak) < kLeastPeak)
        return {};
    const auto before =
        std::min<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(kBeforeStroke * rate), peak - recorded.begin());
    const auto length = std::min<std::ptrdiff_t>(static_cast<std::ptrdiff_t>(kLength * rate),
                                                 recorded.end() - (peak - before));
    std::vector<float> stroke(peak - before, peak - before + length);
    const float gain = kPeak / std::abs(*peak);
    for (float& sample : stroke)
        sample *= gain;
    return stroke;
}

void fadeOut(std::vector<float>& samples, double rate) {
    const auto fade = std::min(samples.size(), static_cast<std::size_t>(kFade * rate));
    for (std::size_t i = 0; i < fade; ++i)
        samples[samples.size() - 1 - i] *= static_cast<float>(i) / static_cast<float>(fade);
}

/// A windowed sinc, told between its points by a straight line.
class Kernel {
public:
    explicit Kernel(double cut) {
        for (int i = 0; i <= kSincHalf * kPointsASample + 1; ++i) {
            const double x = static_cast<double>(i) / kPointsASample;
            const double arc = std::numbers::pi * cut * x;
            const double sinc = i == 0 ? 1.0 : std::sin(arc) / arc;
            const double window =
                0.5 + 0.5 * std::cos(std::numbers::pi * std::min(x, 1.0 * kSincHalf) / kSincHalf);
            m_points.push_back(cut * sinc * window);
        }
    }
    /// @param x in samples, at most kSincHalf either way
    double at(double x) const {
        const double place = std::abs(x) * kPointsASample;
        const auto point = static_cast<std::size_t>(place);
        const double share = place - static_cast<double>(point);
        return (1.0 - share) * m_points[point] + share * m_points[point + 1];
    }

private:
    static constexpr int kPointsASample = 256;
    std::vector<double> m_points;
};

/// Played so much faster; pitches rise by as much.
std::vector<float> faster(const std::vector<float>& samples, double ratio) {
    const auto count = static_cast<std::ptrdiff_t>(samples.size());
    const Kernel kernel(std::min(1.0, 1.0 / ratio));
    std::vector<float> played(static_cast<std::size_t>(static_cast<double>(count) / ratio));
    for (std::size_t i = 0; i < played.size(); ++i) {
        const double place = static_cast<double>(i) * ratio;
        const auto middle = static_cast<std::ptrdiff_t>(place);
        double sum = 0.0;
        for (std::ptrdiff_t at = std::max<std::ptrdiff_t>(0, middle - kSincHalf + 1);
             at <= std::min(count - 1, middle + kSincHalf); ++at)
            sum += kernel.at(place - static_cast<double>(at)) * samples[static_cast<std::size_t>(at)];
        played[i] = static_cast<float>(sum);
    }
    return played;
}

/// Of the amplitude, 1/s; empty where the stroke does not fall by 25 dB.
std::optional<double> decayRate(const std::vector<float>& stroke, double rate) {
    std::vector<double> left(stroke.size() + 1, 0.0);
    for (std::size_t i = stroke.size(); i > 0; --i)
        left[i - 1] = left[i] + static_cast<double>(stroke[i - 1]) * stroke[i - 1];
    const auto dropTo = [&](double db) {
        const double level = left[0] * std::pow(10.0, -db / 10.0);
        return std::find_if(left.begin(), left.end(), [&](double energy) { return energy <= level; }) -
               left.begin();
    };
    const auto from = dropTo(5.0);
    const auto to = dropTo(25.0);
    if (to <= from || to >= static_cast<std::ptrdiff_t>(0.95 * static_cast<double>(stroke.size())))
        return std::nullopt;
    return std::numbers::ln10 * rate / static_cast<double>(to - from); // 20 dB are a factor of ten
}

std::vector<float> shortened(std::vector<float> samples, double sampleRate, double byRate) {
    const auto begin = static_cast<std::size_t>(kBeforeStroke * sampleRate);
    for (std::size_t i = begin; i < samples.size(); ++i)
        samples[i] *= static_cast<float>(std::exp(-byRate * static_cast<double>(i - begin) / sampleRate));
    return samples;
}

} // namespace

bool canUseRecording(EarExercise exercise) {
    return exercise == EarExercise::Higher || exercise == EarExercise::Longer;
}

std::optional<EarSounds> earSoundsOf(EarExercise exercise, const std::vector<float>& recorded,
                                     double sampleRate, double difference, std::uint64_t seed) {
    const std::vector<float> stroke = strokeIn(recorded, sampleRate);
    const auto decay = stroke.empty() ? std::nullopt : decayRate(stroke, sampleRate);
    if (!canUseRecording(exercise) || !decay)
        return std::nullopt;
    Dice dice(seed);
    EarSounds both;
    both.due = dice.uniform(0.0, 1.0) < 0.5 ? 0 : 1;
    // Both together a little off what was recorded: it cannot be known again.
    const double moved = dice.uniform(0.0, 1.0);
    for (int index = 0; index < 2; ++index) {
        const bool isIt = index == both.due;
        if (exercise == EarExercise::Higher) {
            const double cents = 100.0 * (2.0 * moved - 1.0) + (isIt ? 0.5 : -0.5) * difference;
            both.sounds.push_back(faster(stroke, std::exp2(cents / 1200.0)));
        } else {
            const double factor = (1.0 + 0.3 * moved) * (isIt ? 1.0 : 1.0 + difference);
            both.sounds.push_back(shortened(stroke, sampleRate, *decay * (factor - 1.0)));
        }
        fadeOut(both.sounds.back(), sampleRate);
    }
    return both;
}

} // namespace bombo
