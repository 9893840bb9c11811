#pragma once
/// Where in the job a beginner stands, told from the session alone: leaving off and coming back need nothing.
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <array>

namespace bombo {

enum class GuideStep {
    Drum,
    ChooseTone,
    ToneChosen,
    PrepareSnareSide,
    PrepareBatter,
    Raise,
    Tap,
    TapAgain,
    Turn,
    SnareSideEven,
    BatterEven,
    NotEven, ///< as near as it goes
    WiresTouch,
    WiresTry,
    WiresFound,
    Strike,
    Muffle,
    Prove,
    Saved,
};
inline constexpr int kGuideSteps = static_cast<int>(GuideStep::Saved) + 1;

GuideStep guideStepOf(const Reckoned& reckoned);

} // namespace bombo
