#pragma once
/// A straight line that is learned from few points and a first guess.
#include <vector>

namespace bombo {

/// Gaussian belief about y = start + slope x.
struct LineBelief {
    double start = 0;
    double slope = 0;
    double startVariance = 0;
    double slopeVariance = 0;
    double covariance = 0; ///< of start and slope

    double at(double x) const { return start + slope * x; }
    /// One standard deviation of at(x).
    double spreadAt(double x) const;
    double slopeSpread() const;
    bool operator==(const LineBelief&) const = default;
};

struct LinePoint {
    double x = 0;
    double y = 0;
    double spread = 1; ///< one standard deviation of y, > 0
};

/// Bayesian linear regression.
/// @param prior variances > 0
LineBelief learnLine(const LineBelief& prior, const std::vector<LinePoint>& points);

} // namespace bombo
