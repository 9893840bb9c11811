#pragma once
/// Every command there is, and what becomes of a session by one.
#include "core/record/commands/back.h"
#include "core/record/commands/card.h"
#include "core/record/commands/context.h"
#include "core/record/commands/drum.h"
#include "core/record/commands/faults.h"
#include "core/record/commands/hurry.h"
#include "core/record/commands/muffling.h"
#include "core/record/commands/proof.h"
#include "core/record/commands/rig.h"
#include "core/record/commands/rounds.h"
#include "core/record/commands/tone.h"
#include "core/record/commands/turning.h"
#include "core/record/commands/wires.h"

#include <variant>

namespace bombo {

/// One thing that the user did. A new one is a struct in its family (with its stored name), its carryOut, and
/// its place here.
using Command = std::variant<
    GoTo, ChooseSource, SetNote, SetNearestRod, SetReminder, SetHand, ChooseGauge, MeasureWires,
    SetNeighbours, PlaceMicrophone, KeepKind, ChooseTone, SetWish, ChooseSchool, SetWeather, ChooseHandling,
    ChooseCondition, Prepared, FingerTight, GroupTurned, MoveMade, BothTurned, CorrectCount, Resists,
    RetraceHead, Rested, StartHeadAgain, BeginTrial, EndTrial, BeginTapping, TapHeard, GaugeRead, ChooseWay,
    AskAgain, BeginHurry, EndHurry, CardTapHeard, TakeBackCardTap, StartCard, SetStrainer, AnswerWires,
    JudgeWires, VoiceHeard, AddPad, MovePad, RemovePad, LayPads, StrokeHeard, BeginExperiment, EndExperiment,
    JudgeBlind, SetStars, MarkSaved, GoBack, DescribeDrum, FitHead, FitWires, Complain, AnswerFault,
    TakeCause, JudgeRemedy, StepBackInFaults, LeaveFaults, KeepFound, KeepEarResult, KeepTuningResult>;

/// The session after the command, or why it cannot be. Pure: equal input, equal output.
Outcome apply(Session session, const Command& command);
Touches touchedBy(const Command& command);
/// Stable name of a command for the journal, e.g. "tap_heard"; untranslated.
const char* commandName(const Command& command);

} // namespace bombo
