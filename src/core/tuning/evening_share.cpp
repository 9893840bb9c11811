#include "core/tuning/evening_share.h"

#include "core/acoustics/hoop_field.h"
#include "core/acoustics/tension_field.h"

#include <algorithm>
#include <cmath>

namespace bombo {

EveningShare eveningPrior(const Drum& drum, HeadSide side) {
    EveningShare prior;
    prior.mean = heardShare(drum, side, 1);
    prior.second = heardShare(drum, side, 2);
    return prior;
}

EveningShare learnEvening(const std::vector<EveningObservation>& seen, const EveningShare& prior) {
    constexpr double readingSpread = 4.0; // cents: two rounds of taps, and rods that lose some of a turn
    double precision = 1.0 / (prior.spread * prior.spread);
    double weighted = precision * prior.mean;
    for (const EveningObservation& one : seen) {
        const int rods = static_cast<int>(one.turned.size());
        const auto byRod = [rods](const std::vector<double>& values) {
            return Eigen::Map<const Eigen::VectorXd>(values.data(), rods);
        };
        const Eigen::MatrixXd uneven =
            heardKernel(rods, 1) - Eigen::MatrixXd::Constant(rods, rods, 1.0 / rods);
        const Eigen::VectorXd full = one.centsPerTurn * uneven * byRod(one.turned);
        const Eigen::VectorXd change = byRod(one.heardAfter) - byRod(one.heardBefore);
        precision += full.squaredNorm() / (readingSpread * readingSpread);
        weighted += full.dot(change) / (readingSpread * readingSpread);
    }
    const double mean = std::clamp(weighted / precision, 0.1, 1.6);
    return {mean, 1.0 / std::sqrt(precision), prior.second * mean / prior.mean};
}

} // namespace bombo
