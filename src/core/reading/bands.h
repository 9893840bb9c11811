#pragma once
/// The two bands of a tap: what the heads say and what the wires say.
#include "core/reading/spectrum.h"
#include "core/tap/tap_splitter.h"

#include <cmath>

namespace bombo {

inline constexpr Hertz kLowestPartial{80.0}; ///< partials of the heads
inline constexpr Hertz kHighestPartial{2000.0};
inline constexpr Hertz kLowestBuzz{2500.0}; ///< noise of the wires
inline constexpr Hertz kHighestBuzz{9500.0};

/// The part of a tap between two times after its onset, in seconds; shorter where the tap ends.
std::span<const float> stretch(const Tap& tap, double fromSeconds, double toSeconds);
/// Power between two frequencies in Hz, in proportion to the mean square there.
double bandPower(const PowerSpectrum& spectrum, double from, double to);
/// What wires that rattle along move a pitch by and nobody knows how: they weigh on the film for a part of
/// each swing. One standard error, as a share of the frequency: 8 cents. Estimate; practice drums with bodies
/// for wires are told within it (tests).
inline constexpr double kWiresBlur = 8.0 / kCentsOfFrequency;
/// An error with that in it.
inline Hertz blurredByWires(Hertz error, Hertz frequency) {
    return {std::hypot(error.value, kWiresBlur * frequency.value)};
}

/// Wires answer as broad noise that outlasts the blow; looked for between two times after the onset, in
/// seconds.
bool wiresSound(const Tap& tap, double from = 0.04, double to = 0.12);

} // namespace bombo
