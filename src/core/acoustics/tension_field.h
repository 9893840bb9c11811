#pragma once
/// What a tap hears of an uneven head.
#include "core/drum/drum.h"

#include <Eigen/Core>

namespace bombo {

/// Heard pitch of the pair (m,1) at rod i per rod j's own deviation, both in cents: to first order
/// (1/N) (1 + g cos 2m(theta_i - theta_j)). Equal deviations are heard in full; opposite rods cannot be told
/// apart; odd harmonics are silent. Source: docs/physics.md, section 7.
/// @return N x N, row = where it is heard
Eigen::MatrixXd heardKernel(int rods, int m, double anisotropy = 1.0);

/// Splitting of the pair (m,1): half the interval between its two partials and the angle of the higher one.
struct PairSplit {
    Cents half;    ///< >= 0
    Radians angle; ///< where the higher partial has its largest deflection; modulo pi/m
};
PairSplit pairSplit(const Eigen::VectorXd& deviationCents, int m, double anisotropy = 1.0);

} // namespace bombo
