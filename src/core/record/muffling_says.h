#pragma once
/// What a session says of its ring and of what lies on the batter. Derived, never stored.
#include "core/faults/ring_causes.h"
#include "core/procedure/ring_plans.h"
#include "core/record/reckoned.h"

#include <vector>

namespace bombo {

/// Factor on the batter's own decay rates that its open ring teaches, 1 before one was heard, or when the
/// heads were turned since.
double dampingLearned(const Session& session);
/// What lies on the batter and what it does, by all that is known.
MufflingPrediction mufflingOf(const Reckoned& reckoned, HeardFrom from = HeardFrom::Head);
/// Where the wish of a plan comes from: the session as it stands.
std::vector<RingPlan> ringPlansOf(const Reckoned& reckoned);
RingEvidence ringEvidence(const Reckoned& reckoned);

} // namespace bombo
