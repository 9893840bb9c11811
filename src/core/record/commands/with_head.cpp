#include "core/record/commands/with_head.h"

namespace bombo {
namespace {

Refusal refusalOf(StepRefusal refusal) {
    switch (refusal) {
    case StepRefusal::NoSuchRod:
        return Refusal::NoSuchRod;
    case StepRefusal::RoundFull:
        return Refusal::RoundFull;
    case StepRefusal::HalfNeedsEvenRods:
        return Refusal::HalfNeedsEvenRods;
    case StepRefusal::TapsOutOfRange:
        return Refusal::TapsOutOfRange;
    case StepRefusal::NotByGauge:
        return Refusal::NotByGauge;
    case StepRefusal::MarkOutOfRange:
        return Refusal::MarkOutOfRange;
    case StepRefusal::HeadResists:
        return Refusal::HeadResists;
    case StepRefusal::NothingToRetrace:
        return Refusal::NothingToRetrace;
    case StepRefusal::TrialUnderWay:
        return Refusal::TrialUnderWay;
    case StepRefusal::NotStretched:
        return Refusal::NotStretched;
    case StepRefusal::WrongStage:
        break;
    }
    return Refusal::WrongStage;
}

} // namespace

Outcome withHead(Session session, HeadSide side, Result<HeadWork, StepRefusal> work, bool turned) {
    if (!work)
        return failure(refusalOf(work.fault()));
    session.head(side) = std::move(work).value();
    if (turned)
        (side == HeadSide::Batter ? session.batterAt : session.snareSideAt) = session.clock;
    return session;
}

void beginAnew(Session& session, HeadSide side, HeadCondition condition) {
    HeadWork fresh = freshHead(session.drum.rods);
    const HeadWork& before = session.head(side);
    fresh.way = before.way; // habits of the hands, not of the head
    fresh.way.half = fresh.way.half && session.drum.rods % 2 == 0;
    fresh.skip = before.skip;
    fresh.condition = condition;
    fresh.direction = session.leftHanded ? Direction::Clockwise : Direction::CounterClockwise;
    session.head(side) = std::move(fresh);
    (side == HeadSide::Batter ? session.batterAt : session.snareSideAt) = session.clock;
}

} // namespace bombo
