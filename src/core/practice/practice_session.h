#pragma once
#include "core/practice/practice_drum.h"
#include "core/record/session.h"

namespace bombo {

/// The practice drum turned as the session's ledger says.
inline PracticeState practiceStateOf(const Session& session) {
    return {session.batter.rodTurns, session.snareSide.rodTurns, session.wires.strainer};
}

} // namespace bombo
