#pragma once
/// How strongly unevenness is heard on this head, against the first-order kernel.
#include "core/drum/drum.h"

#include <vector>

namespace bombo {

/// What turning rods unequally did between two full rounds of taps.
struct EveningObservation {
    std::vector<double> turned;      ///< turns by rod
    std::vector<double> heardBefore; ///< edge pitch by rod, cents against the mean of the round
    std::vector<double> heardAfter;
    double centsPerTurn = 0; ///< of the mean pitch when all rods are turned alike, there
};

/// Gaussian belief about the factor g of heardKernel for the (1,1) pair: hoop and film spread what a rod
/// does, film that is stiffer one way, neighbours that share a pull and friction move it further.
struct EveningShare {
    double mean = 1.0;
    double spread = 0.15; ///< one standard deviation
    double second = 1.0;  ///< the factor for the (2,1) pair
    bool operator==(const EveningShare&) const = default;
};

/// Bayesian regression of the change that was heard, mean taken off, on the change that g = 1 would make;
/// each reading trusted to 4 cents. Stays within 0.1 and 1.6; the (2,1) pair's factor goes with it.
EveningShare learnEvening(const std::vector<EveningObservation>& seen, const EveningShare& prior = {});
/// Before anything was heard: by hoop and film, see heardShare.
EveningShare eveningPrior(const Drum& drum, HeadSide side);

/// Below this share every second rod high is not heard through the (2,1) pair either.
inline constexpr double kSecondHeard = 0.2;

} // namespace bombo
