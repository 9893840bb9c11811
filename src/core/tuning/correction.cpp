#include "core/tuning/correction.h"

#include "core/tuning/targets.h"

#include <cmath>

namespace bombo {
namespace {

CorrectionStep stepFor(Tension now, Tension wanted, const TurnResponse& response) {
    constexpr double finest = 16.0; // a sixteenth is the least a hand can turn with purpose
    CorrectionStep step;
    step.exact = Turns{(wanted - now) / response.perTurn()};
    step.turns = Turns{std::round(step.exact.value * finest) / finest};
    const double slopeShare = response.perTurnShare();
    step.error = Turns{std::abs(step.exact.value) * slopeShare};
    return step;
}

/// Standard errors of both tensions found from a batter edge and the centre pitch, from what the model's
/// centre may be off; its edge is compared with a wanted edge of the same model.
std::pair<Tension, Tension> errorsByCentre(const Drum& drum, Tension batter, Tension snareSide,
                                           const Air& air) {
    const Sensitivities by = sensitivitiesAt(drumState(drum, batter, snareSide, air));
    const double determinant = by.batterEdge[0] * by.centre[1] - by.batterEdge[1] * by.centre[0];
    if (std::abs(determinant) < 1e-6)
        return {batter, snareSide}; // the pair tells nothing of it
    return {batter * std::abs(by.batterEdge[1] / determinant * kCentrePitchSpread),
            snareSide * std::abs(by.batterEdge[0] / determinant * kCentrePitchSpread)};
}

void widen(CorrectionStep& step, Tension error, const TurnResponse& response) {
    step.error = Turns{std::hypot(step.error.value, error / response.perTurn())};
}

} // namespace

Result<Correction, CorrectionFault> correctBoth(const Drum& drum, const HeardDrum& heard,
                                                Tension batterWanted, Tension snareSideWanted,
                                                const TurnModel& turns, const Air& air) {
    Correction correction;
    if (heard.snareSideEdge && !heard.edgeHeardOpen) {
        correction.batterNow = tensionFromHeard(drum, HeadSide::Batter, heard.batterEdge, air);
        correction.snareSideNow = tensionFromHeard(drum, HeadSide::SnareSide, *heard.snareSideEdge, air);
    } else if (heard.centre) {
        const auto pair =
            tensionsFromHeard(drum, {heard.batterEdge, heard.edgeHeardOpen, *heard.centre}, air);
        if (!pair)
            return failure(CorrectionFault::DoNotFit);
        correction.batterNow = pair->first;
        correction.snareSideNow = pair->second;
    } else {
        return failure(CorrectionFault::NothingToGoBy);
    }
    auto pitchesAt = [&](Tension batter, Tension snareSide) {
        return namedPitches(drumState(drum, batter, snareSide, air));
    };
    correction.now = pitchesAt(correction.batterNow, correction.snareSideNow);
    if (heard.centre && heard.snareSideEdge)
        correction.disagrees = centsBetween(correction.now.centre, *heard.centre);

    correction.batter = stepFor(correction.batterNow, batterWanted, turns.batter);
    correction.snareSide = stepFor(correction.snareSideNow, snareSideWanted, turns.snareSide);
    if (!heard.snareSideEdge || heard.edgeHeardOpen) {
        const auto [batterError, snareSideError] =
            errorsByCentre(drum, correction.batterNow, correction.snareSideNow, air);
        widen(correction.batter, batterError, turns.batter);
        widen(correction.snareSide, snareSideError, turns.snareSide);
    }
    auto turned = [](Tension now, const CorrectionStep& step, const TurnResponse& response) {
        return Tension{std::max(1.0, now.value + step.turns.value * response.perTurn().value)};
    };
    const Tension batter = turned(correction.batterNow, correction.batter, turns.batter);
    const Tension snareSide = turned(correction.snareSideNow, correction.snareSide, turns.snareSide);
    correction.batter.alone = pitchesAt(batter, correction.snareSideNow);
    correction.snareSide.alone = pitchesAt(correction.batterNow, snareSide);
    correction.after = pitchesAt(batter, snareSide);
    return correction;
}

} // namespace bombo
