#pragma once
/// What the tasks on practice drums are called, and what is said of how they went.
#include "app/practice/ears_picture.h"
#include "core/practice/tom_job.h"
#include "core/record/rig.h"

#include <QString>

namespace bombo {

/// "One rod is low".
QString taskTitle(TuningTask task);
/// What to do, in one sentence.
QString taskGoal(const TuningJob& job);
/// "Figures and advice".
QString helpName(TuningHelp help);
/// What Bombo would turn: "rods 3 and 7 1/8 turn looser; rod 1 1/16 turn tighter".
QString movesText(const MovePlan& plan);
/// How it went, line by line.
QStringList scoreLines(const TuningJob& job, const TuningScore& score, Seconds took);
/// "4 min 10 s".
QString clockWords(Seconds seconds);
/// By ear nothing was heard.
QString benchSilence();
/// What a stroke with the wires on did; by ear only which it was.
QString wireReply(Dynamic dynamic, bool answered, bool rattled, bool showsFigures);
QString ringText(const RoundRing& ring);
/// Of one listener, the days before: how near the goal; at wires and tom how often the key was set.
/// @param task by its stored name, kTomTask among them
EarsPicture tuningPicture(const PlaceRig& rig, const char* task, const QString& who);
/// "Last time 6 cents off"; empty before there is one.
QString lastTime(const PlaceRig& rig, const char* task, const QString& who);

} // namespace bombo
