#include "core/record/commands/rounds.h"
#include "core/record/commands/with_head.h"
#include "core/record/heads_say.h"

namespace bombo {
namespace {

Outcome withReading(const Session& session, HeadSide side, Result<HeadWork, StepRefusal> work) {
    const std::size_t rounds = session.head(side).history.size();
    Outcome after = withHead(session, side, std::move(work), false);
    if (after && after->head(side).history.size() > rounds)
        (side == HeadSide::Batter ? after->batterHeardAt : after->snareSideHeardAt) = after->clock;
    return after;
}

} // namespace

Outcome BeginTapping::carryOut(Session session) const {
    return withHead(session, side, beginTapping(session.head(side), startRod, direction), false);
}

Outcome TapHeard::carryOut(Session session) const {
    const HeadBrief brief = briefFor(session, side);
    return withReading(session, side, hearTap(session.head(side), brief, reading, rod));
}

Outcome GaugeRead::carryOut(Session session) const {
    const HeadBrief brief = briefFor(session, side);
    return withReading(session, side, readGauge(session.head(side), brief, mark));
}

Outcome ChooseWay::carryOut(Session session) const {
    auto work = chooseWay(session.head(side), way);
    if (work)
        work = closedIfFull(std::move(work).value(), briefFor(session, side));
    return withReading(session, side, std::move(work));
}

Outcome AskAgain::carryOut(Session session) const {
    return withHead(session, side, askAgain(session.head(side), rod), false);
}

} // namespace bombo
