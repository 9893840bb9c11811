#include "core/record/session_sound.h"

#include "core/record/drum_now.h"
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"
#include "core/record/wires_say.h"

#include <algorithm>

namespace bombo {
namespace {

bool isTouched(const HeadWork& work) {
    return work.stage != HeadStage::FingerTight;
}

} // namespace

double wireMarginNow(const Session& session) {
    if (!session.wires.begun)
        return wireMarginWanted(briefOf(session));
    const WireAdvice advice = wireAdviceOf(session);
    const double span = advice.chokeAbove.value - advice.rattleBelow.value;
    if (span <= 0.0)
        return 0.5; // no usable span: neither loose nor tight
    return std::clamp((session.wires.strainer.value - advice.rattleBelow.value) / span, 0.0, 1.0);
}

PreviewStroke wantedStroke(const Session& session) {
    const Targets targets = targetsOf(session).value();
    const ToneBrief brief = briefOf(session);
    PreviewStroke stroke;
    stroke.heads = tunedState(session.drum, targets, airAt(session.weather));
    stroke.ring = ringWanted(brief);
    if (!session.tone.wiresOff)
        stroke.buzz = buzzAt(wireMarginWanted(brief), *stroke.ring);
    return stroke;
}

std::optional<PreviewStroke> presentStroke(const Session& session) {
    if (!isTouched(session.batter) && !isTouched(session.snareSide))
        return std::nullopt;
    PreviewStroke stroke;
    stroke.heads = knownState(session);
    stroke.pads = session.pads;
    stroke.damping = dampingLearned(session);
    if (!session.tone.wiresOff)
        stroke.buzz = buzzAt(wireMarginNow(session), mufflingOf(session).ringAfter);
    return stroke;
}

bool canSound(const Session& session, const EntryFigures& then) {
    const auto has = [&](HeadSide side) {
        const HeadFigures& head = then.head(side);
        return head.left && (head.kind.empty() || head.kind == session.drum.head(side).id);
    };
    return has(HeadSide::Batter) && has(HeadSide::SnareSide);
}

std::optional<PreviewStroke> strokeThen(const Session& session, const EntryFigures& then) {
    if (!canSound(session, then))
        return std::nullopt;
    const Air air = airAt(session.weather);
    const auto tension = [&](HeadSide side) {
        return tensionFromHeard(session.drum, side, then.head(side).left->edge, air);
    };
    Session stood = session;
    if (then.strainer) {
        stood.wires.strainer = *then.strainer;
        stood.wires.begun = true;
    }
    PreviewStroke stroke;
    stroke.heads = drumState(session.drum, tension(HeadSide::Batter), tension(HeadSide::SnareSide), air);
    stroke.pads = then.padsKnown ? padsIn(then, session) : session.pads;
    stroke.damping = dampingLearned(session);
    stroke.ring = then.ringHeard;
    const std::optional<Seconds> ring = then.ringHeard ? then.ringHeard : then.ringPredicted;
    if (!session.tone.wiresOff)
        stroke.buzz = buzzAt(wireMarginNow(stood), ring ? *ring : mufflingOf(session).ringAfter);
    return stroke;
}

Tone toneOfSetup(const Session& session) {
    const Targets targets = targetsOf(session).value();
    auto edge = [&](HeadSide side) {
        const auto now = session.head(side).history.empty() ? std::nullopt : edgeNow(session, side);
        return now ? now->pitch : targets.head(side).edgePitch;
    };
    const bool heardBatter = !session.batter.history.empty();
    Tone tone = session.tone; // its spans and reasons still hold
    tone.id.clear();
    tone.name.clear();
    tone.origin = "own";
    tone.buzz.reset();
    tone.brightness.reset();
    tone.batterEdgeAt14 = edge(HeadSide::Batter) * (session.drum.shell.diameter / inches(14));
    tone.snareSideAbove = centsBetween(edge(HeadSide::Batter), edge(HeadSide::SnareSide));
    tone.ring = heardBatter ? mufflingOf(session).ringAfter : ringWanted(briefOf(session));
    tone.wireMargin = wireMarginNow(session);
    return tone;
}

} // namespace bombo
