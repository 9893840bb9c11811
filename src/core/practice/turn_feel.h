#pragma once
/// Turns made by feel: what the drum says they were.
#include "core/units/quantities.h"

#include <optional>
#include <span>
#include <vector>

namespace bombo {

/// Turned so often by feel, tighter and looser in turn, with a tap before each and after the last.
inline constexpr int kTurnsByFeel = 8;
inline constexpr Turns kTurnAskedFor{0.25};

struct FeelTap {
    Hertz pitch; ///< in front of the rod that is turned
    Cents error; ///< one standard error
};

/// What one rod does to the pitch in front of itself.
struct RodPull {
    double centsPerTurn = 0; ///< > 0
    double error = 0;        ///< one standard error, as a share of it
};

struct TurnFeel {
    std::vector<Turns> turned; ///< one after the other, each the way it was asked for
    Turns earError;            ///< one standard error of each, the ear's alone
    Turns mean;
    Turns meanError; ///< the ear's and what is not known of the rod's pull
    Turns spread;    ///< of the hand, the ear's share taken off; 0 where that covers it
    Cents left;      ///< by which the rod sounds higher at the end than at the beginning
};

/// Neighbouring turns share a tap: the mean is told by the sum of all steps up less all steps down.
/// @return empty with fewer than three taps
std::optional<TurnFeel> turnFeel(std::span<const FeelTap> taps, const RodPull& pull);

} // namespace bombo
