#pragma once
/// What is kept of clear taps in front of a rod, and the middle of several at one place.
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
    bool operator==(const RodReading&) const = default;
};

/// What is kept of a reading. @pre its verdict is Clear
RodReading rodReadingFrom(const Reading& reading);

/// Taps at one place agree when they lie this near to their middle.
inline constexpr Cents kTapsAgree{6.0};
/// Taps at one place beyond which no more are asked for: what still scatters then is a fact to be told.
inline constexpr int kMostTapsAtARod = 5;

/// Several taps at one place.
struct SettledTaps {
    RodReading middle;         ///< the median of those that agree, figure by figure
    std::vector<int> outliers; ///< which of the taps lie off, 0-based in order of time
    Cents spread;              ///< between the lowest and the highest of those that agree
};

/// The middle of taps at one place, with those that stand apart from the median by more than kTapsAgree and
/// four times the median deviation named and left out. Never an outlier among fewer than three.
/// @pre not empty
SettledTaps settle(const std::vector<RodReading>& taps);

/// Whether no further tap is needed: at least `least` of them agree, or kMostTapsAtARod were made.
bool isSettled(const std::vector<RodReading>& taps, int least);

} // namespace bombo
