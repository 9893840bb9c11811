#include "core/tuning/line_belief.h"

#include <Eigen/LU>
#include <cmath>

namespace bombo {

double LineBelief::spreadAt(double x) const {
    return std::sqrt(startVariance + 2.0 * x * covariance + x * x * slopeVariance);
}

double LineBelief::slopeSpread() const {
    return std::sqrt(slopeVariance);
}

LineBelief learnLine(const LineBelief& prior, const std::vector<LinePoint>& points) {
    Eigen::Matrix2d before;
    before << prior.startVariance, prior.covariance, prior.covariance, prior.slopeVariance;
    Eigen::Matrix2d precision = before.inverse();
    Eigen::Vector2d weighted = precision * Eigen::Vector2d(prior.start, prior.slope);
    for (const LinePoint& point : points) {
        const Eigen::Vector2d row(1.0, point.x);
        const double weight = 1.0 / (point.spread * point.spread);
        precision += weight * row * row.transpose();
        weighted += weight * point.y * row;
    }
    const Eigen::Matrix2d after = precision.inverse();
    const Eigen::Vector2d line = after * weighted;
    return {line[0], line[1], after(0, 0), after(1, 1), after(0, 1)};
}

} // namespace bombo
