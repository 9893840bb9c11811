#pragma once
/// What is kept of taps in front of a rod, and the middle of several at one place.
#include "core/reading/read_tap.h"

#include <vector>

namespace bombo {

/// What is kept of a clear tap in front of a rod, or of several that agree.
struct RodReading {
    Hertz frequency;
    std::optional<Hertz> standardError;
    std::optional<Seconds> t60;
    std::optional<Hertz> second; ///< the (2,1) pair
    std::optional<Hertz> beat;
    double levelDb = 0;
    int taps = 1;     ///< it is the middle of
    int outliers = 0; ///< of them, left out
    std::optional<double> gauge =
        std::nullopt; ///< mark of a tension gauge; then `frequency` is implied by it
    std::optional<Hertz> secondError = std::nullopt; ///< standard error of `second`
    bool operator==(const RodReading&) const = default;
};

/// What is kept of a reading. @pre it has a figure
RodReading rodReadingFrom(const Reading& reading);
/// One standard error; empty where none was stated.
std::optional<Cents> errorOf(const RodReading& reading);

/// A single tap with a wider error than this is asked for once more: no round can use it.
inline constexpr Cents kUsable{25.0};

/// Taps at one place agree when they lie this near to their middle, or within twice their errors.
inline constexpr Cents kTapsAgree{6.0};
/// Taps at one place beyond which no more are asked for: what still scatters then is a fact to be told.
inline constexpr int kMostTapsAtARod = 5;

/// Several taps at one place.
struct SettledTaps {
    RodReading middle;         ///< of those that agree: of two the mean by their errors, of more the median
    std::vector<int> outliers; ///< which of the taps lie off, 0-based in order of time
    Cents spread;              ///< between the lowest and the highest of those that agree
};

/// The middle of taps at one place, with those that stand apart from the median by more than kTapsAgree and
/// four times the median deviation named and left out. Never an outlier among fewer than three.
/// @pre not empty
SettledTaps settle(const std::vector<RodReading>& taps);

/// Whether no further tap is needed: at least `least` of them agree, and one alone is fine enough; or
/// kMostTapsAtARod were made.
bool isSettled(const std::vector<RodReading>& taps, int least);

} // namespace bombo
