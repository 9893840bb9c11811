#include "core/faults/ring_causes.h"

#include <algorithm>

namespace bombo {
namespace {

/// 0 at `none`, 1 at `full`, straight between.
double ramp(double value, double none, double full) {
    return std::clamp((value - none) / (full - none), 0.0, 1.0);
}

} // namespace

std::vector<RingFinding> ringCauses(const RingEvidence& evidence) {
    if (evidence.ring.value <= 1.1 * evidence.wanted.value)
        return {};
    std::vector<RingFinding> findings;
    constexpr double worthSaying = 0.15; // less lies within what usual drums and hands do
    const auto say = [&](RingCause cause, double weight, std::optional<double> figure) {
        if (weight >= worthSaying)
            findings.push_back({cause, weight, figure});
    };
    if (evidence.widest) {
        // Splits half as wide as the spread of the rods: the ear hears a beat from some 8 cents on.
        const double beyond = evidence.widest->value - evidence.tolerance.value;
        say(RingCause::SplitPair, ramp(beyond, 1.0, 25.0), evidence.widest->value);
    } else if (evidence.beat)
        say(RingCause::SplitPair, ramp(evidence.beat->value, 1.0, 6.0), std::nullopt);
    double worn = evidence.dished ? 0.8 : 0.0;
    if (evidence.damping) // a head that has lost its coating rings longer than its kind
        worn = std::max(worn, ramp(1.0 / *evidence.damping, 1.15, 1.8));
    say(RingCause::WornHead, worn, evidence.damping);
    if (evidence.meanPlace)
        say(RingCause::OffCentreStrokes, ramp(*evidence.meanPlace, 0.28, 0.5), *evidence.meanPlace);
    if (evidence.atMicrophone && evidence.inRoom)
        say(RingCause::CloseMicrophone, ramp(*evidence.atMicrophone / *evidence.inRoom, 1.05, 1.4),
            *evidence.atMicrophone / *evidence.inRoom);
    say(RingCause::LowTuning, 0.6 * ramp(evidence.centre.value, 200.0, 140.0), evidence.centre.value);
    std::stable_sort(findings.begin(), findings.end(),
                     [](const RingFinding& a, const RingFinding& b) { return a.weight > b.weight; });
    if (findings.empty())
        findings.push_back({RingCause::Taste, 1.0, std::nullopt});
    return findings;
}

} // namespace bombo
