#pragma once
/// What a session says of its heads: targets, tensions, and the brief of their work. Derived, never stored.
#include "core/procedure/head_work.h"
#include "core/procedure/quick_plan.h"
#include "core/record/reckoned.h"
#include "core/record/rig.h"

#include <vector>

namespace bombo {

ToneBrief briefOf(const Session& session);
/// What turns do on both heads, as learned in this session.
TurnModel turnModelOf(const Reckoned& reckoned);
Result<Targets, OutOfReach> targetsOf(const Reckoned& reckoned);
/// @pre the tone is within reach of the drum (see targetsOf)
HeadBrief briefFor(const Reckoned& reckoned, HeadSide side);
/// What is to be done before the show. @pre session.hurry
std::vector<QuickStep> quickPlanOf(const Session& session);
TrialPrediction trialPrediction(const Reckoned& reckoned, HeadSide side, const UnevenTrial& trial);
/// Both heads as far as is known now.
DrumState knownState(const Reckoned& reckoned);
/// Edge pitch of a head as it stands now.
struct EdgeNow {
    Hertz pitch;
    Cents error;                ///< one standard error
    bool isCountedOnly = false; ///< no round of taps was heard on it in this session
};
/// As heard, if no rod was turned since, else with the turns that were counted since; empty before the head
/// was begun. @pre the tone is within reach
std::optional<EdgeNow> edgeNow(const Reckoned& reckoned, HeadSide side);
/// What is known of the gauge at hand, from other sessions and this one.
std::vector<GaugePoint> gaugePoints(const Session& session);
/// What this session found of each gauge that was used in it; those without a name count for the one at hand.
std::vector<GaugeRecord> gaugesFound(const Session& session);

} // namespace bombo
