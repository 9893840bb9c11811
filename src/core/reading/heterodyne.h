#pragma once
/// One tone brought down to slow complex samples, for looking at its phase.
#include "core/units/quantities.h"

#include <algorithm>
#include <complex>
#include <span>
#include <vector>

namespace bombo {

struct SlowSamples {
    std::vector<std::complex<double>> samples;
    double rate = 0;    ///< Hz
    double firstAt = 0; ///< seconds after the start of the sound, of samples[0]
};

/// The sound times exp(-i 2 pi centre t), through a Hann-shaped mean of 2 / `width` seconds, `width` samples
/// a second of it twice over. Tones further than `width` from the centre are 31 dB down and more.
/// @param width Hz, > 0; half of what is let through
SlowSamples heterodyne(std::span<const float> sound, double sampleRate, Hertz centre, Hertz width);

/// The phase of slow samples without its jumps, radians.
std::vector<double> unwrappedPhase(const std::vector<std::complex<double>>& samples);

} // namespace bombo
