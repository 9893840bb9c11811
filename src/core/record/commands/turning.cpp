#include "core/record/commands/turning.h"
#include "core/record/commands/with_head.h"
#include "core/record/heads_say.h"

#include <utility>

namespace bombo {
namespace {

Refusal refusalOf(TrialFault fault) {
    switch (fault) {
    case TrialFault::NoSuchRod:
        return Refusal::NoSuchRod;
    case TrialFault::RodsNotNeighbours:
    case TrialFault::TooManyRods:
        return Refusal::TrialNeedsNeighbours;
    case TrialFault::WouldBeSlack:
        return Refusal::TrialWouldSlacken;
    case TrialFault::FilmLoad:
        return Refusal::TrialPassesFilm;
    case TrialFault::TurnsOutOfRange:
        break;
    }
    return Refusal::TrialTurnsOutOfRange;
}

} // namespace

Result<UnevenTrial, Refusal> trialOn(const Session& session, const BeginTrial& wish) {
    const HeadWork& work = session.head(wish.side);
    const HeadBrief brief = briefFor(session, wish.side);
    const auto trial =
        planTrial(wish.kind, wish.rods, wish.amount, work.rodTurns, turnResponseOf(work, brief),
                  session.drum.head(wish.side), slackFloor(work, brief));
    if (!trial)
        return failure(refusalOf(trial.fault()));
    return *trial;
}

Outcome ChooseCondition::carryOut(Session session) const {
    return withHead(session, side, chooseCondition(session.head(side), condition), false);
}

Outcome Prepared::carryOut(Session session) const {
    const HeadBrief brief = briefFor(session, side);
    const auto after = markPrepared(session.head(side), brief);
    const bool begun = after && after->stage != HeadStage::FingerTight;
    return withHead(session, side, after, begun);
}

Outcome FingerTight::carryOut(Session session) const {
    const HeadBrief brief = briefFor(session, side);
    return withHead(session, side, markFingerTight(session.head(side), brief), true);
}

Outcome GroupTurned::carryOut(Session session) const {
    const HeadBrief brief = briefFor(session, side);
    return withHead(session, side, markGroupTurned(session.head(side), brief), true);
}

Outcome MoveMade::carryOut(Session session) const {
    return withHead(session, side, markMoved(session.head(side)), true);
}

Outcome BothTurned::carryOut(Session session) const {
    for (const auto& [side, by] :
         {std::pair{HeadSide::Batter, batter}, std::pair{HeadSide::SnareSide, snareSide}}) {
        if (by.value == 0.0)
            continue;
        Outcome after = withHead(session, side, turnAll(session.head(side), by), true);
        if (!after)
            return after;
        session = std::move(after).value();
    }
    return session;
}

Outcome CorrectCount::carryOut(Session session) const {
    return withHead(session, side, correctCount(session.head(side), rod, by), true);
}

Outcome Resists::carryOut(Session session) const {
    return withHead(session, side, setResists(session.head(side), resists), false);
}

Outcome RetraceHead::carryOut(Session session) const {
    return withHead(session, side, retrace(session.head(side)), true);
}

Outcome Rested::carryOut(Session session) const {
    Session pitched = session;
    pitched.head(side).above = false;
    const HeadBrief brief = briefFor(pitched, side);
    return withHead(session, side, markRested(session.head(side), brief), true);
}

Outcome StartHeadAgain::carryOut(Session session) const {
    beginAnew(session, side, HeadCondition::FromSlack);
    return session;
}

Outcome BeginTrial::carryOut(Session session) const {
    const auto trial = trialOn(session, *this);
    if (!trial)
        return failure(trial.fault());
    const HeadBrief brief = briefFor(session, side);
    return withHead(session, side, beginTrial(session.head(side), brief, *trial), false);
}

Outcome EndTrial::carryOut(Session session) const {
    return withHead(session, side, endTrial(session.head(side)), false);
}

} // namespace bombo
