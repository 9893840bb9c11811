#include "core/record/reckoned_memo.h"

#include <algorithm>

namespace bombo {

double dampingLearned(const Session& session) {
    if (!session.openRing || session.openRing->at < std::max(session.batterAt, session.snareSideAt))
        return 1.0;
    return std::clamp(session.openRing->predicted / session.openRing->heard, 0.4, 2.5);
}

namespace {

HearingPoint pointOf(const Session& session, HeardFrom from) {
    return {from, session.microphone.value_or(MicrophonePlace{})};
}

Muffler mufflerOf(const Reckoned& reckoned, HeardFrom from) {
    const Session& session = reckoned.session();
    return {session.drum, knownState(reckoned), pointOf(session, from), dampingLearned(session)};
}

std::vector<RingPlan> makeRingPlans(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    const WireAdvice advice = wireAdviceOf(reckoned);
    RingPlanWish wish{.ring = ringWanted(briefOf(session)),
                      .laid = {},
                      .perTurn = turnModelOf(reckoned).batter.perTurn(),
                      .damping = dampingLearned(session)};
    for (const Pad& pad : session.pads) // what belongs to the head stays with it
        if (pad.kind.partOfHead)
            wish.laid.push_back(pad);
    if (session.wires.begun && !session.tone.wiresOff)
        wish.knob = session.wires.strainer;
    wish.whisperChoke = advice.choke(StrokePlace::Middle, Dynamic::Whisper).turns;
    wish.contact = advice.contact;
    wish.loosest = advice.rattleBelow;
    return ringPlans(session.drum, knownState(reckoned), wish);
}

} // namespace

MufflingPrediction mufflingOf(const Reckoned& reckoned, HeardFrom from) {
    auto& kept = reckoned.memo().muffling;
    if (const auto known = kept.find(from); known != kept.end())
        return known->second;
    return kept.emplace(from, mufflerOf(reckoned, from).with(reckoned.session().pads)).first->second;
}

std::vector<RingPlan> ringPlansOf(const Reckoned& reckoned) {
    return once(reckoned.memo().ringPlans, [&] { return makeRingPlans(reckoned); });
}

RingEvidence ringEvidence(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    RingEvidence evidence;
    const auto heard = strokesSay(session).ring;
    evidence.ring = heard ? *heard : mufflingOf(reckoned).ringAfter;
    evidence.wanted = ringWanted(briefOf(session));
    evidence.tolerance = session.tolerance;
    if (const auto estimate = lastEstimate(session.batter))
        evidence.widest = estimate->widest;
    if (session.openRing)
        evidence.damping = dampingLearned(session);
    evidence.meanPlace = scatterOf(session).meanPlace;
    if (session.microphone) {
        evidence.atMicrophone = mufflingOf(reckoned, HeardFrom::Microphone).ringAfter;
        evidence.inRoom = mufflingOf(reckoned, HeardFrom::Room).ringAfter;
    }
    evidence.centre = namedPitches(knownState(reckoned)).centre;
    return evidence;
}

} // namespace bombo
