#include "app/tone/head_motion.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr int kPoints = 41;

HeadMotion motionOf(const CoupledMode& mode) {
    HeadMotion motion{mode.frequency, {}, {}};
    double peak = 1e-12;
    for (int i = 0; i < kPoints; ++i) {
        const double x = 2.0 * i / (kPoints - 1) - 1.0;
        const double side = mode.m % 2 == 1 && x < 0.0 ? -1.0 : 1.0;
        motion.batter.push_back(side * shapeAt(mode.m, mode.batterShape, std::abs(x)));
        motion.snareSide.push_back(side * shapeAt(mode.m, mode.snareSideShape, std::abs(x)));
        peak = std::max({peak, std::abs(motion.batter.back()), std::abs(motion.snareSide.back())});
    }
    for (std::vector<double>* head : {&motion.batter, &motion.snareSide})
        for (double& deflection : *head)
            deflection /= peak;
    return motion;
}

} // namespace

std::vector<HeadMotion> headMotions(const DrumState& drum) {
    const auto bodies = coupledModes(drum, {.lowestM = 0, .highestM = 0, .perM = 3});
    const auto edge = coupledModes(drum, {.lowestM = 1, .highestM = 1, .perM = 1});
    const auto against = std::find_if(bodies.begin(), bodies.end(), [](const CoupledMode& mode) {
        return std::abs(mode.relativePhaseDeg) > 90.0;
    });
    return {motionOf(bodies.front()), motionOf(against == bodies.end() ? bodies.back() : *against),
            motionOf(edge.front())};
}

} // namespace bombo
