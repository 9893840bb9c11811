#pragma once
/// How strongly unevenness is heard on this head, against the first-order kernel.
#include "core/units/quantities.h"

#include <vector>

namespace bombo {

/// What turning rods unequally did between two full rounds of taps.
struct EveningObservation {
    std::vector<double> turned;      ///< turns by rod
    std::vector<double> heardBefore; ///< edge pitch by rod, cents against the mean of the round
    std::vector<double> heardAfter;
    double centsPerTurn = 0; ///< of the mean pitch when all rods are turned alike, there
};

/// Gaussian belief about the factor g of heardKernel: film that is stiffer one way, neighbours that share a
/// pull and friction move it from 1.
struct EveningShare {
    double mean = 1.0;
    double spread = 0.15; ///< one standard deviation
    bool operator==(const EveningShare&) const = default;
};

/// Bayesian regression of the change that was heard, mean taken off, on the change that g = 1 would make;
/// each reading trusted to 4 cents. Stays within 0.4 and 1.6.
EveningShare learnEvening(const std::vector<EveningObservation>& seen);

} // namespace bombo
