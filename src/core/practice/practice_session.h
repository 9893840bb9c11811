#pragma once
#include "core/practice/practice_drum.h"
#include "core/record/session.h"

namespace bombo {

/// How far the rods were turned in truth: a count that was put right turned none of them.
inline std::vector<Turns> turnedRods(const HeadWork& work) {
    std::vector<Turns> turned = work.rodTurns;
    for (const LedgerLine& line : work.ledger)
        if (line.cause == TurnCause::Correction)
            for (const int rod : line.rods)
                turned[static_cast<std::size_t>(rod)] = turned[static_cast<std::size_t>(rod)] - line.turns;
    return turned;
}

/// The practice drum turned as the session's ledger says; its lever is off where the ring is listened to.
inline PracticeState practiceStateOf(const Session& session) {
    const auto stood = [](const HeadWork& work) { return work.condition == HeadCondition::AsItStands; };
    return {turnedRods(session.batter),
            turnedRods(session.snareSide),
            session.wires.strainer,
            session.pads,
            stood(session.batter),
            stood(session.snareSide),
            session.station != Station::Muffling};
}

} // namespace bombo
