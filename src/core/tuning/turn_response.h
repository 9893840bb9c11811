#pragma once
/// T = T0 + k turns for one head of one drum, learned from its own log.
#include "core/acoustics/film.h"
#include "core/tuning/line_belief.h"

#include <vector>

namespace bombo {

/// One finished round of taps: how far the rods stood, what tension was heard.
struct TurnObservation {
    Turns meanTurns;     ///< net since finger-tight, mean over the rods
    Tension tension;     ///< from the mean edge pitch
    Tension weathered{}; ///< standard error of what weather made of it since
};

/// Gaussian belief about (T0, k). Bayesian linear regression from a wide prior.
struct TurnResponse {
    LineBelief line; ///< N/m at finger-tight, N/m per turn

    Tension at(Turns turns) const { return {line.at(turns.value)}; }
    /// Standard deviation of at(turns).
    Tension spreadAt(Turns turns) const { return {line.spreadAt(turns.value)}; }
    Tension perTurn() const { return {line.slope}; }
    /// One standard deviation of perTurn() as a share of it.
    double perTurnShare() const { return line.slopeSpread() / line.slope; }
    /// Turns since the count began for a tension; 0 or more.
    Turns turnsFor(Tension tension) const;
};

/// Where the count of turns began.
struct TurnStart {
    Tension tension = kFingerTight;
    Tension spread = kFingerTightSpread; ///< one standard deviation
};
/// A head that was found standing at tension: anything from slack to tight, until it is heard.
inline constexpr TurnStart kFoundStanding{Tension{2000.0}, Tension{1500.0}};

/// @param observations in any order; each is trusted to 2 % of its tension plus 20 N/m
TurnResponse learnTurnResponse(const Drum& drum, HeadSide side,
                               const std::vector<TurnObservation>& observations, const TurnStart& start = {});

} // namespace bombo
