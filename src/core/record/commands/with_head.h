#pragma once
/// A session with a head's work gone on by a step, or why it cannot; for the commands on heads.
#include "core/record/session.h"

namespace bombo {

/// Puts the head's new state in place; turning it makes later stations stale.
Outcome withHead(Session session, HeadSide side, Result<HeadWork, StepRefusal> work, bool turned);

/// The work on a head begins anew; what the hands are used to stays.
void beginAnew(Session& session, HeadSide side, HeadCondition condition);

} // namespace bombo
