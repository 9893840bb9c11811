#pragma once
/// T = T0 + k turns for one head of one drum, learned from its own log.
#include "core/acoustics/film.h"

#include <Eigen/Dense>
#include <vector>

namespace bombo {

/// One finished round of taps: how far the rods stood, what tension was heard.
struct TurnObservation {
    Turns meanTurns; ///< net since finger-tight, mean over the rods
    Tension tension; ///< from the mean edge pitch
};

/// Gaussian belief about (T0, k). Bayesian linear regression from a wide prior.
struct TurnResponse {
    Eigen::Vector2d mean; ///< N/m at finger-tight, N/m per turn
    Eigen::Matrix2d covariance;

    Tension at(Turns turns) const { return {mean[0] + mean[1] * turns.value}; }
    /// Standard deviation of at(turns).
    Tension spreadAt(Turns turns) const;
    Tension perTurn() const { return {mean[1]}; }
    /// Turns since finger-tight for a tension; 0 or more.
    Turns turnsFor(Tension tension) const;
};

/// @param observations in any order; each is trusted to 2 % of its tension plus 20 N/m
TurnResponse learnTurnResponse(const Drum& drum, HeadSide side,
                               const std::vector<TurnObservation>& observations);

} // namespace bombo
