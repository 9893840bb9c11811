#pragma once
/// How new film settles: it creeps under its load, fast at first, and the pitch comes down with it.
#include "core/units/quantities.h"

#include <vector>

namespace bombo {

/// What was seen of a head between two readings, no rod turned, weather and lost rods taken off.
struct SettlingSeen {
    double fromHours = 0; ///< since the head was put on
    double toHours = 0;   ///< >= fromHours
    Cents fell;           ///< positive: the pitch came down
    Cents error{3.0};     ///< one standard error of it
};

struct Fall {
    Cents cents; ///< positive: down
    Cents error; ///< one standard error
};

/// Belief about fall(t) = A (1 - exp(-t / tau)), as weights on a grid of A and log tau. The prior: heads of a
/// drum come down by 25 cents, more or less, with a time constant of half a day (estimates, wide: a factor of
/// three either way).
class SettlingBelief {
public:
    SettlingBelief();
    void learn(const SettlingSeen& seen);
    /// Between two ages of a head. @param fromHours <= toHours
    Fall between(double fromHours, double toHours) const;
    /// What is still to come of a head of this age.
    Fall toCome(double hours) const { return between(hours, 1e7); }
    /// Median of the time constant, and the middle 68 of a hundred.
    struct TimeConstant {
        double hours, low, high;
    };
    TimeConstant timeConstant() const;

private:
    std::vector<double> m_weight; ///< row by row: tau, then A; sums to 1
};

} // namespace bombo
