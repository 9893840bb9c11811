#pragma once
/// Someone hums or speaks beside the drum: do the wires answer?
#include "core/units/result.h"

#include <span>

namespace bombo {

enum class VoiceFault {
    TooQuiet, ///< nobody sounds louder than -50 dB full scale
    TooShort  ///< for less than half a second
};
/// How much hiss there is over a voice: power from 2.5 to 9.5 kHz against that from 80 Hz to 1 kHz, dB; the
/// median over the 40 ms frames within 15 dB of the loudest, so that single sibilants do not count.
/// @param samples full scale = 1; sampleRate in Hz, >= 22050
Result<double, VoiceFault> hissOverVoice(std::span<const float> samples, double sampleRate);

/// The wires answer when with the lever on the same voice has this much more hiss over it than with it off.
inline constexpr double kVoiceAnswersFrom = 6.0; // dB

} // namespace bombo
