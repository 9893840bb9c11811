#pragma once
/// What differs between two entries, or an entry and the drum now, and what of it can be heard.
#include "core/log/entry.h"

#include <span>

namespace bombo {

enum class Differs {
    BatterPitch,
    SnareSidePitch,
    Interval, ///< snare side above batter
    Evenness,
    Strainer,
    Ring,
    Pads,
    BatterHead,
    SnareSideHead,
    Wires,
    Temperature,
};

struct Difference {
    Differs what = Differs::BatterPitch;
    double from = 0; ///< Hz, cents, turns, s, number of pads, C; 0 for heads and wires
    double to = 0;
    double by = 0;    ///< cents for pitches; else to - from; ring: share of `from`
    double steps = 0; ///< in just noticeable differences; 0 where it is not heard by itself
    bool isHeard() const { return steps >= 1.0; }
    bool operator==(const Difference&) const = default;
};

// Just noticeable differences (estimates): of short drum tones side by side, by listeners who play.
inline constexpr Cents kPitchJnd{12.0};
inline constexpr Cents kEvennessJnd{8.0}; ///< of the widest rod: beating begins to be heard
inline constexpr double kRingJnd = 0.15;  ///< share of the ring time
inline constexpr Turns kStrainerJnd{0.125};

/// A figure of an entry in its own unit (see Difference); empty where it is not known, or is none.
std::optional<double> figureOf(const EntryFigures& of, Differs what);

/// What is known in both and differs by more than its figures are rounded, the most plainly heard first.
std::vector<Difference> differences(const EntryFigures& from, const EntryFigures& to);
/// Of two entries: when heads and wires were put on tells nothing of two drums.
std::vector<Difference> differences(const Entry& from, const Entry& to);

/// Which figure goes with the stars over several entries of one tone: the one whose distance from the best
/// entries' own middle explains them best.
struct ExplainsStars {
    Differs what = Differs::BatterPitch;
    double best = 0;        ///< middle of the entries with the most stars, in the figure's own unit
    double correlation = 0; ///< of stars with the distance from it: -1 to 0
    int entries = 0;
};
/// Empty with fewer than five starred entries, where all have the same stars, or where nothing goes with them
/// more than chance would (one in twenty, by as many figures as were looked at).
std::optional<ExplainsStars> explainsStars(std::span<const Entry> entries);

} // namespace bombo
