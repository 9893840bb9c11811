#pragma once
/// The work on one head for tests: Plover's batter on the way to 300 Hz.
#include "core/procedure/head_work.h"
#include "support/drums.h"

namespace bombo::testing {

inline HeadBrief batterTo300() {
    HeadBrief brief;
    brief.drum = plover();
    brief.target = Hertz{300};
    brief.targetTension = *tensionForEdgePitch(brief.drum, HeadSide::Batter, brief.target, {});
    return brief;
}

inline RodReading readingOf(double hz) {
    RodReading reading;
    reading.frequency = Hertz{hz};
    return reading;
}

/// The round under way, every rod at this pitch.
inline HeadWork heardAll(HeadWork work, const HeadBrief& brief, double hz) {
    while (nextRodToTap(work))
        work = *hearTap(work, brief, readingOf(hz));
    return work;
}

/// The moves at hand, all made.
inline HeadWork allMoved(HeadWork work) {
    while (work.stage == HeadStage::Turning)
        work = *markMoved(work);
    return work;
}

} // namespace bombo::testing
