#include "core/record/commands/drum.h"

#include "core/record/commands/with_head.h"
#include "core/record/heads_say.h"

namespace bombo {
namespace {

bool isOtherShell(const Drum& one, const Drum& other) {
    return one.rods != other.rods || one.shell.diameter != other.shell.diameter ||
           one.shell.depth != other.shell.depth;
}

/// Both heads begin anew, and nothing stays that was said of places or rods of the other shell.
void beginOnOtherShell(Session& session) {
    beginAnew(session, HeadSide::SnareSide, HeadCondition::FromSlack);
    beginAnew(session, HeadSide::Batter, HeadCondition::FromSlack);
    session.pads.clear();
    session.card = {};
    session.experiment.reset();
    session.goingBack.reset();
    session.strokes.clear();
    session.openRing.reset();
    if (session.path == Path::OwnSkip)
        session.path = Path::OppositePairs; // the skip may miss rods now
    session.nearestRod.reset();
}

/// With its tone still within reach, or not at all.
Outcome ifToneIsInReach(Session session) {
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
    if (isOther)
        beginOnOtherShell(session);
    return ifToneIsInReach(std::move(session));
}

Outcome FitHead::carryOut(Session session) const {
    Drum changed = session.drum;
    const bool isBatter = side == HeadSide::Batter;
    (isBatter ? changed.batterHead : changed.snareSideHead) = head;
    (isBatter ? changed.fittedAt.batter : changed.fittedAt.snareSide) = at;
    (isBatter ? changed.playedBefore.batter : changed.playedBefore.snareSide) = hoursBefore;
    (isBatter ? changed.guessed.batter : changed.guessed.snareSide) = false;
    const auto checked = checkedDrum(changed);
    if (!checked)
        return failure(Refusal::NoSuchDrum);
    session.drum = *checked;
    beginAnew(session, side, HeadCondition::New);
    return ifToneIsInReach(std::move(session));
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
    return ifToneIsInReach(std::move(session));
}

Session onDrumAsItIs(Session session, const Drum& now) {
    const Drum then = session.drum;
    session.drum = now;
    if (isOtherShell(then, now))
        beginOnOtherShell(session);
    for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
        const bool isNew = side == HeadSide::Batter ? then.fittedAt.batter != now.fittedAt.batter
                                                    : then.fittedAt.snareSide != now.fittedAt.snareSide;
        if (isNew || then.head(side) != now.head(side))
            beginAnew(session, side, isNew ? HeadCondition::New : HeadCondition::FromSlack);
    }
    if (then.wires != now.wires || then.fittedAt.wires != now.fittedAt.wires) {
        session.wires = {};
        session.wiresAt = session.clock;
    }
    return session;
}

} // namespace bombo
