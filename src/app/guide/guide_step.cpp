#include "app/guide/guide_step.h"

#include "core/record/wires_say.h"

namespace bombo {
namespace {

GuideStep headStep(const HeadWork& work, HeadSide side) {
    switch (work.stage) {
    case HeadStage::FingerTight:
        return side == HeadSide::Batter ? GuideStep::PrepareBatter : GuideStep::PrepareSnareSide;
    case HeadStage::Raising:
        return GuideStep::Raise;
    case HeadStage::Tapping:
        return work.askedAgain ? GuideStep::TapAgain : GuideStep::Tap;
    case HeadStage::Turning:
        return GuideStep::Turn;
    case HeadStage::Done:
        break;
    }
    if (!work.withinTolerance && !work.trial)
        return GuideStep::NotEven;
    return side == HeadSide::Batter ? GuideStep::BatterEven : GuideStep::SnareSideEven;
}

} // namespace

GuideStep guideStepOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    switch (session.station) {
    case Station::Drum:
        return GuideStep::Drum;
    case Station::Tone:
        return session.toneAt == 0 ? GuideStep::ChooseTone : GuideStep::ToneChosen;
    case Station::SnareSide:
        return headStep(session.snareSide, HeadSide::SnareSide);
    case Station::Batter:
        return headStep(session.batter, HeadSide::Batter);
    case Station::Wires:
        if (!session.wires.begun)
            return GuideStep::WiresTouch;
        return wireAdviceOf(reckoned).advice == StrainerAdvice::TestMore ? GuideStep::WiresTry
                                                                         : GuideStep::WiresFound;
    case Station::Muffling:
        return session.strokes.empty() ? GuideStep::Strike : GuideStep::Muffle;
    case Station::Proof:
        break;
    }
    return session.savedAt > 0 && session.savedAt >= session.clock ? GuideStep::Saved : GuideStep::Prove;
}

} // namespace bombo
