#include "core/acoustics/damping.h"

#include <cmath>
#include <numbers>

namespace bombo {

double decayRate(const CoupledMode& mode, const Drum& drum) {
    constexpr double hoopAndStand = 4.0; // 1/s; estimate
    const double omega = 2.0 * std::numbers::pi * mode.frequency.value;
    const double loss =
        mode.batterShare * drum.batterHead.lossFactor + mode.snareSideShare * drum.snareSideHead.lossFactor;
    double rate = hoopAndStand + 0.5 * loss * omega;
    if (mode.radiationT60)
        rate += rateOfT60(*mode.radiationT60);
    return rate;
}

std::vector<DampedMode> dampedModes(std::vector<CoupledMode> modes, const Drum& drum, double damping) {
    std::vector<DampedMode> damped;
    for (CoupledMode& mode : modes) {
        const double rate = damping * decayRate(mode, drum);
        const double omega = kTwoPi * mode.frequency.value;
        damped.push_back({std::move(mode), omega, rate});
    }
    return damped;
}

} // namespace bombo
