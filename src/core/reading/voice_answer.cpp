#include "core/reading/voice_answer.h"

#include "core/reading/bands.h"
#include "core/units/median.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace bombo {
namespace {

constexpr double kVoiceFrame = 0.04;     // s
constexpr double kLeast = 0.5;           // s of voice
constexpr double kQuietest = -50.0;      // dB full scale
constexpr double kBelowLoudest = 15.0;   // dB
constexpr double kHighestVoice = 1000.0; // Hz

struct Frame {
    double voice; ///< power
    double hiss;
};

} // namespace

Result<double, VoiceFault> hissOverVoice(std::span<const float> samples, double sampleRate) {
    const auto length = static_cast<std::size_t>(kVoiceFrame * sampleRate);
    std::vector<Frame> frames;
    double loudest = 0.0;
    double loudestSquare = 0.0;
    for (std::size_t at = 0; at + length <= samples.size(); at += length) {
        const auto frame = samples.subspan(at, length);
        double square = 0.0;
        for (const float sample : frame)
            square += static_cast<double>(sample) * sample;
        loudestSquare = std::max(loudestSquare, square / static_cast<double>(length));
        const PowerSpectrum spectrum = powerSpectrum(frame, sampleRate, 4096, 0.0);
        frames.push_back(
            {bandPower(spectrum, kLowestPartial.value, kHighestVoice),
             bandPower(spectrum, kLowestBuzz.value, std::min(kHighestBuzz.value, 0.45 * sampleRate))});
        loudest = std::max(loudest, frames.back().voice);
    }
    if (10.0 * std::log10(loudestSquare + 1e-30) < kQuietest)
        return failure(VoiceFault::TooQuiet);
    std::vector<double> ratios;
    for (const Frame& frame : frames)
        if (frame.voice >= loudest * std::pow(10.0, -kBelowLoudest / 10.0))
            ratios.push_back(10.0 * std::log10((frame.hiss + 1e-30) / frame.voice));
    if (static_cast<double>(ratios.size()) * kVoiceFrame < kLeast)
        return failure(VoiceFault::TooShort);
    return medianOf(std::move(ratios));
}

} // namespace bombo
