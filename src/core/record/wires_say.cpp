#include "core/record/reckoned_memo.h"

#include <algorithm>

namespace bombo {

Sweep sweepOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return {.slackTurns = session.drum.wires.slackTurns,
            .snareSideFilmLoad = filmLoad(session.drum.snareSideHead, knownState(reckoned).snareSide.tension),
            .margin = wireMarginWanted(briefOf(session)),
            .current = session.wires.strainer,
            .judging = session.wires.judging,
            .tests = session.wires.tests,
            .rattles = session.wires.rattles};
}

namespace {

WireAdvice makeWireAdvice(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    Sweep sweep = sweepOf(reckoned);
    const WireAdvice advice = adviseWires(sweep);
    if (sweep.judging != WireJudging::EqualLengths)
        return advice;
    // Where both last alike follows from the span and from what was heard; the span is found first.
    std::vector<LengthPoint> points;
    if (strokesHold(session))
        for (const HeardStroke& stroke : session.strokes)
            if (stroke.buzz && stroke.tone)
                points.push_back({stroke.strainer, *stroke.buzz, *stroke.tone});
    sweep.equalLengths = whereLengthsMeet(points, advice.rattle.turns, advice.chokeAbove);
    return adviseWires(sweep);
}

} // namespace

WireAdvice wireAdviceOf(const Reckoned& reckoned) {
    return once(reckoned.memo().wireAdvice, [&] { return makeWireAdvice(reckoned); });
}

std::vector<Calming> calmingsOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().calmings, [&] {
        const WireAdvice advice = wireAdviceOf(reckoned);
        const Turns room = advice.chokeAbove - session.wires.strainer;
        const Turns pulled = session.wires.strainer - advice.contact;
        return calmings(session.drum, knownState(reckoned), session.neighbours,
                        {.tighter = Turns{session.wires.begun ? std::max(0.0, room.value) : 0.0},
                         .pulled = std::max(Turns{0.125}, pulled)});
    });
}

} // namespace bombo
