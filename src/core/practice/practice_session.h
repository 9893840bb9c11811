#pragma once
#include "core/practice/practice_drum.h"
#include "core/record/session.h"

namespace bombo {

/// The practice drum turned as the session's ledger says; its lever is off where the ring is listened to.
inline PracticeState practiceStateOf(const Session& session) {
    const auto stood = [](const HeadWork& work) { return work.condition == HeadCondition::AsItStands; };
    return {session.batter.rodTurns,
            session.snareSide.rodTurns,
            session.wires.strainer,
            session.pads,
            stood(session.batter),
            stood(session.snareSide),
            session.station != Station::Muffling};
}

} // namespace bombo
