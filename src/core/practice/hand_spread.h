#pragma once
/// How alike the taps of a hand are at one place.
#include "core/reading/microphone_check.h"

#include <optional>
#include <span>

namespace bombo {

/// Taps that are asked for.
inline constexpr int kTapsOfAHand = 12;

/// Spreads are standard deviations of the taps that are not astray, so that one slip does not count.
struct HandSpread {
    int taps = 0;   ///< with a pitch near the others'
    int astray = 0; ///< without one, or beyond four spreads (by the median deviation) and 15 cents: another
                    ///< place, another blow
    Hertz middle;   ///< the median
    Cents pitch;    ///< of one tap, hand and ear together
    double levelDb = 0;
    double error = 0; ///< one standard error of the logarithm of `pitch`
};

/// @return empty with fewer than four taps that have a pitch
std::optional<HandSpread> handSpread(std::span<const TapAtMicrophone> taps);

} // namespace bombo
