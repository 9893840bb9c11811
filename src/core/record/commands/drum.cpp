#include "core/record/commands/drum.h"

namespace bombo {
namespace {

/// As after a change of the head: what the hands are used to stays, all else begins anew.
void beginAnew(Session& session, HeadSide side, HeadCondition condition) {
    HeadWork fresh = freshHead(session.drum.rods);
    const HeadWork& before = session.head(side);
    fresh.way = before.way;
    fresh.way.half = fresh.way.half && session.drum.rods % 2 == 0;
    fresh.skip = before.skip;
    fresh.condition = condition;
    fresh.direction = session.leftHanded ? Direction::Clockwise : Direction::CounterClockwise;
    session.head(side) = std::move(fresh);
    (side == HeadSide::Batter ? session.batterAt : session.snareSideAt) = session.clock;
}

bool isOtherShell(const Drum& one, const Drum& other) {
    return one.rods != other.rods || one.shell.diameter != other.shell.diameter ||
           one.shell.depth != other.shell.depth;
}

/// With its tone still within reach, or not at all.
Outcome withinReach(Session session) {
    if (!targetsOf(session))
        return failure(Refusal::ToneOutOfReach);
    return session;
}

} // namespace

Outcome DescribeDrum::carryOut(Session session) const {
    const auto checked = checkedDrum(drum);
    if (!checked || drum.id != session.drum.id)
        return failure(Refusal::NoSuchDrum);
    const bool isOther = isOtherShell(session.drum, drum);
    session.drum = *checked;
    if (isOther) {
        beginAnew(session, HeadSide::SnareSide, HeadCondition::FromSlack);
        beginAnew(session, HeadSide::Batter, HeadCondition::FromSlack);
        session.pads.clear(); // places on another head
        session.card = {};
        if (session.path == Path::OwnSkip)
            session.path = Path::OppositePairs; // the skip may miss rods now
        session.nearestRod.reset();
    }
    return withinReach(std::move(session));
}

Outcome FitHead::carryOut(Session session) const {
    Drum changed = session.drum;
    const bool isBatter = side == HeadSide::Batter;
    (isBatter ? changed.batterHead : changed.snareSideHead) = head;
    (isBatter ? changed.fittedAt.batter : changed.fittedAt.snareSide) = at;
    (isBatter ? changed.guessed.batter : changed.guessed.snareSide) = false;
    const auto checked = checkedDrum(changed);
    if (!checked)
        return failure(Refusal::NoSuchDrum);
    session.drum = *checked;
    beginAnew(session, side, HeadCondition::New);
    return withinReach(std::move(session));
}

Outcome FitWires::carryOut(Session session) const {
    Drum changed = session.drum;
    changed.wires = wires;
    changed.fittedAt.wires = at;
    changed.guessed.wires = false;
    const auto checked = checkedDrum(changed);
    if (!checked)
        return failure(Refusal::NoSuchDrum);
    session.drum = *checked;
    session.wires = {};
    session.wiresAt = session.clock;
    return withinReach(std::move(session));
}

Session onDrumAsItIs(Session session, const Drum& now) {
    const Drum then = session.drum;
    session.drum = now;
    const bool isOther = isOtherShell(then, now);
    for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
        const bool isBatter = side == HeadSide::Batter;
        const bool isNew = isBatter ? then.fittedAt.batter != now.fittedAt.batter
                                    : then.fittedAt.snareSide != now.fittedAt.snareSide;
        if (isOther || isNew || then.head(side) != now.head(side))
            beginAnew(session, side, isNew ? HeadCondition::New : HeadCondition::FromSlack);
    }
    if (then.wires != now.wires || then.fittedAt.wires != now.fittedAt.wires) {
        session.wires = {};
        session.wiresAt = session.clock;
    }
    if (isOther) {
        session.pads.clear();
        session.card = {};
        session.nearestRod.reset();
    }
    return session;
}

} // namespace bombo
