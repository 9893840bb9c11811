#include "core/record/commands/hurry.h"

#include "core/record/commands/rounds.h"
#include "core/record/heads_say.h"

namespace bombo {
namespace {

/// The way of tapping from before the show.
void giveBack(Session& session, HeadSide side, const std::optional<RoundWay>& way) {
    if (!way)
        return; // kept by a version that did not note it
    // No other refusal can come: a way that was in force fits the drum, unless it has other rods now.
    if (auto after = ChooseWay{side, *way}.carryOut(session))
        session = std::move(after).value();
}

} // namespace

Outcome BeginHurry::carryOut(Session session) const {
    if (!(minutes >= kFewestMinutes && minutes <= kMostMinutes))
        return failure(Refusal::MinutesOutOfRange);
    if (!session.hurry) // else what was before the first of them comes back
        session.hurry = Hurry{minutes, session.tolerance, session.batter.way, session.snareSide.way};
    session.hurry->minutes = minutes;
    session.showAt = until;
    session.tolerance = std::max(session.tolerance, kQuickTolerance);
    const auto plan = quickPlanOf(session);
    std::optional<HeadSide> first;
    for (const QuickStep& step : plan) {
        if (step.kind != QuickKind::TapHalf)
            continue;
        first = first.value_or(step.side);
        HeadWork& work = session.head(step.side);
        if (work.stage == HeadStage::FingerTight) {
            work.condition = HeadCondition::AsItStands;
            work.prepared = 0;
            while (work.stage == HeadStage::FingerTight)
                work = markPrepared(work, briefFor(session, step.side)).value();
        } else {
            work = beginTapping(work, work.startRod, work.direction).value();
        }
        RoundWay way = work.way;
        way.kind = isSilent(way.kind) ? TapKind::FingerDamped : way.kind;
        way.half = session.drum.rods % 2 == 0;
        way.tapsPerRod = 1;
        work = chooseWay(work, way).value();
    }
    session.station = first == HeadSide::SnareSide ? Station::SnareSide : Station::Batter;
    return session;
}

Outcome EndHurry::carryOut(Session session) const {
    if (!session.hurry)
        return session;
    session.tolerance = session.hurry->tolerance;
    const Hurry before = *session.hurry;
    session.hurry.reset();
    session.showAt = 0;
    giveBack(session, HeadSide::Batter, before.batterWay);
    giveBack(session, HeadSide::SnareSide, before.snareSideWay);
    return session;
}

} // namespace bombo
