#include "core/record/commands/back.h"

#include "core/record/commands/with_head.h"
#include "core/record/heads_say.h"

namespace bombo {

Tone toneOf(const BackTo& plan, Tone tone, const Shell& shell) {
    if (plan.batter)
        tone.batterEdgeAt14 = plan.batter->wanted * (shell.diameter / inches(14));
    if (plan.batter && plan.snareSide)
        tone.snareSideAbove = centsBetween(plan.batter->wanted, plan.snareSide->wanted);
    return tone;
}

Outcome GoBack::carryOut(Session session) const {
    session.tone = toneOf(plan, tone, session.drum.shell);
    session.tone.name = to;
    session.wish = {};
    session.school.level = SnareSideLevel::AsTone;
    session.toneAt = session.clock;
    if (!targetsOf(session))
        return failure(Refusal::ToneOutOfReach);
    for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
        const auto& head = plan.head(side);
        if (!head)
            continue;
        const HeadWork& work = session.head(side);
        std::vector<RodMove> moves;
        if (head->all.value != 0.0)
            for (std::vector<int>& rods : turningOrder(session.drum.rods, session.path, work.skip))
                moves.push_back({std::move(rods), head->all});
        moves.insert(moves.end(), head->own.begin(), head->own.end());
        Outcome after = withHead(session, side, beginMoves(work, std::move(moves)), false);
        if (!after)
            return after;
        session = std::move(after).value();
    }
    session.goingBack = GoingBack{to, plan.strainerTo, plan.padsThen};
    return session;
}

} // namespace bombo
