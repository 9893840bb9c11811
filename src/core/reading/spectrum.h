#pragma once
#include "core/units/quantities.h"

#include <span>
#include <vector>

namespace bombo {

/// Power spectrum of a stretch, zero-padded to a power of two of at least `size` samples.
struct PowerSpectrum {
    double binWidth = 0;       ///< Hz
    std::vector<double> power; ///< 0 Hz up to half the sample rate; scaled by the window's sum of squares

    double at(Hertz frequency) const;
};

/// Median of the powers of bins [first, last). @pre first < last <= power.size()
double middlePower(const PowerSpectrum& spectrum, std::size_t first, std::size_t last);

/// Window: one quarter-cosine rise, then an exponential fall by `fallDb` over the stretch (0 dB: Hann).
PowerSpectrum powerSpectrum(std::span<const float> samples, double sampleRate, std::size_t size,
                            double fallDb);

} // namespace bombo
