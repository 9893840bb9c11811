#pragma once
/// One function a command, for apply() alone: the session after it, or why it cannot be.
#include "core/record/session.h"

namespace bombo {

using Outcome = Result<Session, Refusal>;

Outcome carryOut(Session session, const GoTo& c);
Outcome carryOut(Session session, const ChooseTone& c);
Outcome carryOut(Session session, const SetWish& c);
Outcome carryOut(Session session, const ChooseSchool& c);
Outcome carryOut(Session session, const SetWeather& c);
Outcome carryOut(Session session, const ChooseSource& c);
Outcome carryOut(Session session, const FingerTight& c);
Outcome carryOut(Session session, const GroupTurned& c);
Outcome carryOut(Session session, const BeginTapping& c);
Outcome carryOut(Session session, const TapHeard& c);
Outcome carryOut(Session session, const GaugeRead& c);
Outcome carryOut(Session session, const MoveMade& c);
Outcome carryOut(Session session, const CorrectCount& c);
Outcome carryOut(Session session, const StartHeadAgain& c);
Outcome carryOut(Session session, const ChooseWay& c);
Outcome carryOut(Session session, const AskAgain& c);
Outcome carryOut(Session session, const ChooseHandling& c);
Outcome carryOut(Session session, const ChooseCondition& c);
Outcome carryOut(Session session, const Prepared& c);
Outcome carryOut(Session session, const ChooseGauge& c);
Outcome carryOut(Session session, const Resists& c);
Outcome carryOut(Session session, const BeginTrial& c);
Outcome carryOut(Session session, const EndTrial& c);
Outcome carryOut(Session session, const Rested& c);
Outcome carryOut(Session session, const RetraceHead& c);
Outcome carryOut(Session session, const SetNearestRod& c);
Outcome carryOut(Session session, const SetHand& c);
Outcome carryOut(Session session, const SetReminder& c);
Outcome carryOut(Session session, const BeginHurry& c);
Outcome carryOut(Session session, const EndHurry& c);
Outcome carryOut(Session session, const StrokeHeard& c);
Outcome carryOut(Session session, const CardTapHeard& c);
Outcome carryOut(Session session, const StartCard& c);
Outcome carryOut(Session session, const BothTurned& c);
Outcome carryOut(Session session, const SetStrainer& c);
Outcome carryOut(Session session, const AnswerWires& c);
Outcome carryOut(Session session, const AnswerRattle& c);
Outcome carryOut(Session session, const MeasureWires& c);
Outcome carryOut(Session session, const SetNeighbours& c);
Outcome carryOut(Session session, const JudgeWires& c);
Outcome carryOut(Session session, const VoiceHeard& c);
Outcome carryOut(Session session, const LayPads& c);
Outcome carryOut(Session session, const PlaceMicrophone& c);
Outcome carryOut(Session session, const KeepKind& c);
Outcome carryOut(Session session, const BeginExperiment& c);
Outcome carryOut(Session session, const EndExperiment& c);
Outcome carryOut(Session session, const JudgeBlind& c);
Outcome carryOut(Session session, const SetStars& c);
Outcome carryOut(Session session, const AddPad& c);
Outcome carryOut(Session session, const MovePad& c);
Outcome carryOut(Session session, const RemovePad& c);
Outcome carryOut(Session session, const SetNote& c);
Outcome carryOut(Session session, const MarkSaved& c);

} // namespace bombo
