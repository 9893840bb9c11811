#pragma once
/// The pitch of a steady reference tone, and what it says of a sound card's clock.
#include "core/units/quantities.h"
#include "core/units/result.h"

#include <cmath>
#include <span>

namespace bombo {

struct SteadyTone {
    Hertz frequency;
    Hertz standardError;
    double levelDb = 0; ///< of the tone, dB full scale
};

enum class SteadyFault {
    TooShort,   ///< less than a second
    NoTone,     ///< nothing stands out within 100 cents of where it was looked for
    Unsteady,   ///< it wavers: a voice, an instrument, two tones, or it stops and starts
    OutOfRange, ///< looked for outside 80 to 4000 Hz
};

/// The tone within 100 cents of `near`: phase against time by least squares, weighted alike, over the whole
/// stretch. Unsteady where the phase leaves the line by more than 0.3 rad (root mean square) or the level
/// wavers by more than 6 dB.
Result<SteadyTone, SteadyFault> steadyTone(std::span<const float> sound, double sampleRate, Hertz near);

/// By how much a clock reads sharp that shows `heard` where the truth is `reference`.
inline Cents clockOffset(Hertz heard, Hertz reference) {
    return centsBetween(reference, heard);
}
/// Clocks of sound cards are off by thousandths; more than this and it was another tone.
inline constexpr Cents kFarthestClock{30.0};

/// The rate at which samples really arrive, by a clock that reads `sharp` against its nominal rate.
inline double trueRate(double nominal, Cents sharp) {
    return nominal * std::exp2(-sharp.value / 1200.0);
}

} // namespace bombo
