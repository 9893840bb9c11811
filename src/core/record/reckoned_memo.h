#pragma once
/// For what a session says of itself alone: the values that are computed once.
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"
#include "core/record/session.h"
#include "core/record/strokes_say.h"
#include "core/record/wires_say.h"

#include <map>

namespace bombo {

struct Reckoned::Memo {
    std::optional<TurnModel> turnModel;
    std::optional<Result<Targets, OutOfReach>> targets;
    std::optional<HeadBrief> batterBrief;
    std::optional<HeadBrief> snareSideBrief;
    std::optional<DrumState> known;
    std::optional<WireAdvice> wireAdvice;
    std::optional<std::vector<Calming>> calmings;
    std::map<HeardFrom, MufflingPrediction> muffling;
    std::optional<std::vector<RingPlan>> ringPlans;
    std::optional<Expectation> strokeExpectation;
};

/// Computes a value the first time it is asked for.
template <class T, class Compute> const T& once(std::optional<T>& kept, Compute compute) {
    if (!kept)
        kept.emplace(compute());
    return *kept;
}

} // namespace bombo
