#include "core/tuning/targets.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

Hertz edgeAt(const Drum& drum, HeadSide side, Tension tension, const Air& air) {
    // The held head's tension plays no part; any value will do.
    return edgePitch(drumState(drum, tension, tension, air), side);
}

/// Edge pitch grows with tension, nearly as its square root: secant steps in logarithms, kept in bounds.
Tension solveTension(const Drum& drum, HeadSide side, Hertz wished, const Air& air, Tension low,
                     Tension high) {
    double x = std::log(std::sqrt(low.value * high.value));
    double slope = 0.5;
    double residual = std::log(edgeAt(drum, side, Tension{std::exp(x)}, air) / wished);
    for (int i = 0; i < 30 && std::abs(residual) > 1e-9; ++i) {
        const double next = std::clamp(x - residual / slope, std::log(low.value), std::log(high.value));
        if (next == x)
            break;
        const double nextResidual = std::log(edgeAt(drum, side, Tension{std::exp(next)}, air) / wished);
        slope = std::clamp((nextResidual - residual) / (next - x), 0.2, 0.8);
        x = next;
        residual = nextResidual;
    }
    return {std::exp(x)};
}

} // namespace

Result<Tension, OutOfReach> tensionForEdgePitch(const Drum& drum, HeadSide side, Hertz wished,
                                                const Air& air) {
    const bool batter = side == HeadSide::Batter;
    const Tension highest = tensionAtLoad(drum.head(side), kFilmLoadLimit);
    const Hertz top = edgeAt(drum, side, highest, air);
    if (wished > top)
        return failure(
            OutOfReach{batter ? TargetLimit::BatterFilm : TargetLimit::SnareSideFilm, wished, top});
    const Hertz bottom = edgeAt(drum, side, kFingerTight, air);
    if (wished < bottom)
        return failure(OutOfReach{batter ? TargetLimit::BatterFingerTight : TargetLimit::SnareSideFingerTight,
                                  wished, bottom});
    return solveTension(drum, side, wished, air, kFingerTight, highest);
}

Tension tensionFromHeard(const Drum& drum, HeadSide side, Hertz heard, const Air& air) {
    return solveTension(drum, side, heard, air, Tension{20.0}, tensionAtLoad(drum.head(side), 1.0));
}

Hertz batterEdgeWish(const Tone& tone, const Shell& shell) {
    return tone.batterEdgeAt14 * (inches(14) / shell.diameter);
}

Result<Targets, OutOfReach> targetsForPitches(const Drum& drum, Hertz batterEdge, Hertz snareSideEdge,
                                              const Air& air) {
    const auto batter = tensionForEdgePitch(drum, HeadSide::Batter, batterEdge, air);
    if (!batter)
        return failure(batter.fault());

    Targets targets;
    targets.snareSideWished = snareSideEdge;
    targets.batter = {batterEdge, *batter, filmLoad(drum.batterHead, *batter)};
    const auto snareSide = tensionForEdgePitch(drum, HeadSide::SnareSide, snareSideEdge, air);
    if (snareSide) {
        targets.snareSide = {snareSideEdge, *snareSide, filmLoad(drum.snareSideHead, *snareSide)};
    } else {
        const Hertz nearest = snareSide.fault().nearest;
        const Tension tension = snareSide.fault().limit == TargetLimit::SnareSideFilm
                                    ? tensionAtLoad(drum.snareSideHead, kFilmLoadLimit)
                                    : kFingerTight;
        targets.snareSide = {nearest, tension, filmLoad(drum.snareSideHead, tension)};
        targets.limit = snareSide.fault().limit;
    }
    targets.pitches = namedPitches(drumState(drum, targets.batter.tension, targets.snareSide.tension, air));
    return targets;
}

Result<Targets, OutOfReach> targetsFor(const Drum& drum, const Tone& tone, const Air& air) {
    const Hertz batter = batterEdgeWish(tone, drum.shell);
    return targetsForPitches(drum, batter, moved(batter, tone.snareSideAbove), air);
}

} // namespace bombo
