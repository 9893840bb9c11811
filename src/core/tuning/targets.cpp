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

Tension tensionAtLimit(const Drum& drum, TargetLimit limit) {
    if (limit == TargetLimit::BatterFilm)
        return tensionAtLoad(drum.batterHead, kFilmLoadLimit);
    if (limit == TargetLimit::SnareSideFilm)
        return tensionAtLoad(drum.snareSideHead, kFilmLoadLimit);
    return kFingerTight;
}

Hertz batterEdgeWish(const ToneBrief& brief, const Shell& shell) {
    return moved(brief.tone.batterEdgeAt14, brief.tone.pitchSpan * brief.wish.high) *
           (inches(14) / shell.diameter);
}

namespace {

/// A snare-side tension and, if its wish could not be had, what stood in the way.
struct Level {
    Tension tension;
    TargetLimit limit = TargetLimit::None;
    Hertz wished{};
};

Level bounded(const Drum& drum, Tension wished) {
    const Tension highest = tensionAtLoad(drum.snareSideHead, kFilmLoadLimit);
    if (wished > highest)
        return {highest, TargetLimit::SnareSideFilm};
    if (wished < kFingerTight)
        return {kFingerTight, TargetLimit::SnareSideFingerTight};
    return {wished};
}

Level levelForEdge(const Drum& drum, Hertz edge, const Air& air) {
    const auto tension = tensionForEdgePitch(drum, HeadSide::SnareSide, edge, air);
    if (tension)
        return {*tension, TargetLimit::None, edge};
    return {tensionAtLimit(drum, tension.fault().limit), tension.fault().limit, edge};
}

/// Snare-side tension at which `figure` (falling or rising in it) is as wished, by bisection in the
/// logarithm.
template <class Figure> Level levelWhere(const Drum& drum, double wished, Figure figure) {
    double low = std::log(kFingerTight.value);
    double high = std::log(tensionAtLoad(drum.snareSideHead, kFilmLoadLimit).value);
    const double atLow = figure(Tension{std::exp(low)});
    const double atHigh = figure(Tension{std::exp(high)});
    const bool rises = atHigh > atLow;
    if ((wished > atHigh) == rises && wished != atHigh)
        return {Tension{std::exp(high)}, TargetLimit::SnareSideFilm};
    if ((wished < atLow) == rises && wished != atLow)
        return {Tension{std::exp(low)}, TargetLimit::SnareSideFingerTight};
    for (int i = 0; i < 40 && high - low > 1e-7; ++i) {
        const double middle = 0.5 * (low + high);
        ((figure(Tension{std::exp(middle)}) < wished) == rises ? low : high) = middle;
    }
    return {Tension{std::exp(0.5 * (low + high))}};
}

Hertz centreAt(const Drum& drum, Tension batter, Tension snareSide, const Air& air) {
    return coupledModes(drumState(drum, batter, snareSide, air), {.lowestM = 0, .highestM = 0, .perM = 1})
        .front()
        .frequency;
}

/// The ratio falls as the snare side is tightened only while the lowest (1,1) is the batter's. Below that
/// reversal there is nothing to aim at, so that the search begins above it.
Level levelForRatio(const Drum& drum, double ratio, Tension batter, const Air& air) {
    auto open = [&](Tension snareSide) {
        return coupledModes(drumState(drum, batter, snareSide, air), {.lowestM = 1, .highestM = 1, .perM = 1})
            .front();
    };
    auto ratioAt = [&](Tension snareSide) {
        return open(snareSide).frequency / centreAt(drum, batter, snareSide, air);
    };
    const Tension highest = tensionAtLoad(drum.snareSideHead, kFilmLoadLimit);
    if (open(highest).batterShare < 0.5)
        return {highest, TargetLimit::RatioReversed};
    double low = std::log(kFingerTight.value);
    double high = std::log(highest.value);
    TargetLimit below = TargetLimit::SnareSideFingerTight;
    if (open(kFingerTight).batterShare < 0.5) { // where it passes over
        below = TargetLimit::RatioReversed;
        double reversed = low;
        double straight = high;
        for (int i = 0; i < 20; ++i) {
            const double middle = 0.5 * (reversed + straight);
            (open(Tension{std::exp(middle)}).batterShare < 0.5 ? reversed : straight) = middle;
        }
        low = straight;
    }
    if (ratio > ratioAt(Tension{std::exp(low)}))
        return {Tension{std::exp(low)}, below};
    if (ratio < ratioAt(highest))
        return {highest, TargetLimit::SnareSideFilm};
    for (int i = 0; i < 40 && high - low > 1e-7; ++i) {
        const double middle = 0.5 * (low + high);
        (ratioAt(Tension{std::exp(middle)}) > ratio ? low : high) = middle;
    }
    return {Tension{std::exp(0.5 * (low + high))}};
}

Level levelOf(const Drum& drum, const ToneBrief& brief, Hertz batterEdge, Tension batter, const Air& air,
              const TurnModel& turns) {
    switch (brief.school.level) {
    case SnareSideLevel::AsTone:
        return levelForEdge(drum, moved(batterEdge, brief.tone.snareSideAbove), air);
    case SnareSideLevel::Interval:
        return levelForEdge(drum, moved(batterEdge, brief.school.interval), air);
    case SnareSideLevel::LittleAbove:
        return levelForEdge(drum, moved(batterEdge, kLittleAbove), air);
    case SnareSideLevel::Matched:
        return levelForEdge(drum, batterEdge, air);
    case SnareSideLevel::NearLimit:
        return bounded(drum, tensionAtLoad(drum.snareSideHead, kNearLimitLoad));
    case SnareSideLevel::EdgeOverCentre:
        return levelForRatio(drum, brief.school.edgeOverCentre, batter, air);
    case SnareSideLevel::CountedTurns:
        return bounded(drum, turns.snareSide.at(turns.batter.turnsFor(batter) + kCountedMore));
    }
    return {kFingerTight};
}

Targets targetsAt(const Drum& drum, Tension batter, const Level& level, const Air& air) {
    Targets targets;
    targets.pitches = namedPitches(drumState(drum, batter, level.tension, air));
    targets.batter = {targets.pitches.batterEdge, batter, filmLoad(drum.batterHead, batter)};
    targets.snareSide = {targets.pitches.snareSideEdge, level.tension,
                         filmLoad(drum.snareSideHead, level.tension)};
    targets.limit = level.limit;
    targets.snareSideWished = level.wished.value > 0.0 ? level.wished : targets.snareSide.edgePitch;
    return targets;
}

} // namespace

DrumState tunedState(const Drum& drum, const Targets& targets, const Air& air) {
    return drumState(drum, targets.batter.tension, targets.snareSide.tension, air);
}

Result<Targets, OutOfReach> targetsForPitches(const Drum& drum, Hertz batterEdge, Hertz snareSideEdge,
                                              const Air& air) {
    const auto batter = tensionForEdgePitch(drum, HeadSide::Batter, batterEdge, air);
    if (!batter)
        return failure(batter.fault());
    return targetsAt(drum, *batter, levelForEdge(drum, snareSideEdge, air), air);
}

Result<Targets, OutOfReach> targetsFor(const Drum& drum, const ToneBrief& brief, const Air& air,
                                       const TurnModel& turns) {
    const Hertz edge = batterEdgeWish(brief, drum.shell);
    const auto reached = tensionForEdgePitch(drum, HeadSide::Batter, edge, air);
    if (!reached)
        return failure(reached.fault());
    Tension batter = *reached;
    Level level = levelOf(drum, brief, edge, batter, air, turns);
    if (brief.wish.feel != 0.0) {
        constexpr double octavesOfTension = 0.25;
        const Hertz centre = centreAt(drum, batter, level.tension, air);
        batter = std::clamp(batter * std::exp2(octavesOfTension * brief.wish.feel), kFingerTight,
                            tensionAtLoad(drum.batterHead, kFilmLoadLimit));
        level = levelWhere(drum, centre.value,
                           [&](Tension snareSide) { return centreAt(drum, batter, snareSide, air).value; });
    }
    return targetsAt(drum, batter, level, air);
}

Result<Targets, OutOfReach> targetsFor(const Drum& drum, const ToneBrief& brief, const Air& air) {
    return targetsFor(drum, brief, air, turnModelPrior(drum));
}

Result<Targets, OutOfReach> targetsFor(const Drum& drum, const Tone& tone, const Air& air) {
    return targetsFor(drum, ToneBrief{tone, {}, {}}, air);
}

} // namespace bombo
