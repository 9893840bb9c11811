#pragma once
/// A recorded hit as a tone for the drum at hand.
#include "core/reading/hit_portrait.h"
#include "core/tuning/inverse.h"
#include "core/tuning/tone.h"

namespace bombo {

/// What this drum can do of a recorded hit, and what it cannot.
struct ToneFromHit {
    Tone tone;                             ///< id and name are empty: the user gives them
    TargetLimit limit = TargetLimit::None; ///< what stands in the way of the hit's pitches
    Hertz centreHeard;
    Hertz centreReached;                       ///< of this drum at the tone's targets
    std::optional<double> edgeOverCentreHeard; ///< empty: not heard, the usual interval was taken
    double edgeOverCentreReached = 0;
    bool ringTaken = false; ///< the recording's ring was clear enough; else the usual ring was taken
};

/// Pitches through the inverse for centre pitch and ratio (or centre pitch and a fourth between the edges);
/// ring as heard; the wires' margin from buzz length over ring.
ToneFromHit toneFromHit(const Drum& drum, const HitPortrait& hit, const Air& air = {});

} // namespace bombo
