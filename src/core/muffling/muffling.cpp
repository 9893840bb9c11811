#include "core/muffling/muffling.h"

#include "core/acoustics/damping.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kStrikeRadius = 0.2; // of the head's radius: a backbeat seldom hits the very middle

struct Decay {
    double amplitude;
    double rate; ///< 1/s
};

double energyAt(const std::vector<Decay>& decays, double time) {
    double sum = 0.0;
    for (const Decay& d : decays)
        sum += d.amplitude * d.amplitude * std::exp(-2.0 * d.rate * time);
    return sum;
}

double timeToFall(const std::vector<Decay>& decays, double db) {
    const double wanted = energyAt(decays, 0.0) * std::pow(10.0, -db / 10.0);
    double low = 0.0;
    double high = 20.0;
    for (int i = 0; i < 50; ++i) {
        const double middle = 0.5 * (low + high);
        (energyAt(decays, middle) > wanted ? low : high) = middle;
    }
    return 0.5 * (low + high);
}

Seconds ringTime(const std::vector<Decay>& decays) {
    return {2.0 * (timeToFall(decays, 35.0) - timeToFall(decays, 5.0))};
}

/// Mass ratio of the pads on the two members of a pair, in the basis cos(m theta), sin(m theta).
Eigen::Matrix2d padLoad(const CoupledMode& mode, const std::vector<Pad>& pads, double radius) {
    Eigen::Matrix2d load = Eigen::Matrix2d::Zero();
    for (const Pad& pad : pads) {
        const double shape = shapeAt(mode.m, mode.batterShape, pad.fromCentre.value / radius);
        const double angle = mode.m * pad.angle.value;
        const Eigen::Vector2d place(std::cos(angle), std::sin(angle));
        load += pad.kind.mass.value * shape * shape / mode.modalMass.value * place * place.transpose();
    }
    return load;
}

} // namespace

PadProblem checkPad(const Pad& pad, const std::vector<Pad>& others, const Shell& shell) {
    const double hoop = shell.radius().value;
    if (pad.fromCentre.value + pad.kind.radius.value > hoop)
        return PadProblem::BeyondHoop;
    if (pad.fromCentre.value - pad.kind.radius.value < kLandingArea * hoop)
        return PadProblem::OnLandingArea;
    for (const Pad& other : others) {
        const double dx = pad.fromCentre.value * std::cos(pad.angle.value) -
                          other.fromCentre.value * std::cos(other.angle.value);
        const double dy = pad.fromCentre.value * std::sin(pad.angle.value) -
                          other.fromCentre.value * std::sin(other.angle.value);
        if (std::hypot(dx, dy) < pad.kind.radius.value + other.kind.radius.value)
            return PadProblem::Overlaps;
    }
    return PadProblem::None;
}

MufflingPrediction predictMuffling(const Drum& drum, const DrumState& state, const std::vector<Pad>& pads) {
    const double lossFactor = pads.empty() ? 0.0 : pads.front().kind.lossFactor;
    MufflingPrediction prediction;
    std::vector<Decay> before;
    std::vector<Decay> after;
    for (const CoupledMode& mode : coupledModes(state)) {
        const double rate = decayRate(mode, drum);
        const double omega = 2.0 * std::numbers::pi * mode.frequency.value;
        const double strike = shapeAt(mode.m, mode.batterShape, kStrikeRadius);
        const Eigen::Matrix2d load = padLoad(mode, pads, state.radius.value);
        const Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d> solver(load);
        const int members = mode.m == 0 ? 1 : 2;
        // Strokes wander round the middle, so that on average both members of a pair get the same.
        const double share = mode.m == 0 ? 1.0 : std::sqrt(0.5);
        for (int member = 0; member < members; ++member) {
            const double ratio = mode.m == 0 ? load(0, 0) : solver.eigenvalues()[member];
            const double amplitude = std::abs(strike) * share / (mode.modalMass.value * omega);
            const double muffled = rate + 0.5 * lossFactor * omega * ratio / (1.0 + ratio);
            const Hertz lowered = mode.frequency / std::sqrt(1.0 + ratio);
            before.push_back({amplitude, rate});
            after.push_back({amplitude, muffled});
            prediction.partials.push_back({mode.m, mode.order, mode.frequency, lowered,
                                           t60FromDecayRate(rate), t60FromDecayRate(muffled), amplitude});
        }
    }
    std::sort(prediction.partials.begin(), prediction.partials.end(),
              [](const auto& a, const auto& b) { return a.frequencyBefore < b.frequencyBefore; });
    prediction.ringBefore = ringTime(before);
    prediction.ringAfter = ringTime(after);
    return prediction;
}

} // namespace bombo
