#pragma once
/// The way back to an entry, in words.
#include "core/life/life.h"
#include "core/log/back_to.h"
#include "core/log/compare.h"

#include <QString>
#include <QStringList>

namespace bombo {

/// "3 Oct", with the year where it is another one than `now`'s.
QString dayText(std::int64_t at, std::int64_t now);
/// "every rod 1/8 turn tighter, then rods 2 and 6 1/16 turn tighter"; "stays as it is".
QString headBackText(const HeadBack& head);
/// "gel pad at 2 o'clock, ring of felt".
QString padList(const std::vector<Pad>& pads);
/// The first thing to do, in a few words.
QString backHeadline(const BackTo& plan);
/// Everything, in the order of work, a line each.
QStringList backSteps(const BackTo& plan);
/// What cannot be brought back, or not so; a sentence each.
QStringList backReservations(const BackTo& plan);
/// How sure it is, from how the heads are known.
QString backSureness(const BackTo& plan);
QString sameAsName(SameAs same);

QString partName(Part part);
/// Shows; beyond them a figure says nothing.
inline constexpr double kShowsForeseen = 50.0;
/// "3 to 5 more shows", "due now".
QString horizonText(const PartLife& life);
QString lifeReason(const PartLife& life);

QString differsName(Differs what);
/// One of its figures with the unit.
QString figureText(Differs what, double value);
/// "301.0 Hz → 297.6 Hz", "0.37 s → 0.42 s".
QString differenceText(const Difference& difference);

} // namespace bombo
