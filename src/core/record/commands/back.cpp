#include "core/record/commands/back.h"

#include "core/record/commands/muffling.h"
#include "core/record/commands/with_head.h"
#include "core/record/heads_say.h"

namespace bombo {

Tone toneOf(const BackTo& plan, Tone tone, const Shell& shell) {
    const auto batter = plan.pitchOf(HeadSide::Batter);
    const auto snareSide = plan.pitchOf(HeadSide::SnareSide);
    if (batter)
        tone.batterEdgeAt14 = *batter * (shell.diameter / inches(14));
    if (batter && snareSide)
        tone.snareSideAbove = centsBetween(*batter, *snareSide);
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
        std::vector<RodMove> moves = movesOfAll(work, session.path, head->all, session.largestStep);
        moves.insert(moves.end(), head->own.begin(), head->own.end());
        Outcome after = withHead(session, side, beginMoves(work, std::move(moves)), false);
        if (!after)
            return after;
        session = std::move(after).value();
    }
    session.goingBack = GoingBack{to, plan.strainerTo, plan.padsThen};
    // A plan made elsewhere may ask for what this drum cannot have.
    if (plan.strainerTo && (plan.strainerTo->value < 0.0 || plan.strainerTo->value > kFarthestStrainer))
        session.goingBack->strainer.reset();
    if (plan.padsThen && !LayPads{*plan.padsThen}.carryOut(session))
        session.goingBack->pads.reset();
    return session;
}

} // namespace bombo
