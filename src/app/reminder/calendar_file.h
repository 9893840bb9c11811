#pragma once
/// A reminder as a calendar file that other programs and telephones read.
#include "core/record/session.h"

#include <QDateTime>
#include <QString>

namespace bombo {

/// One event of a quarter of an hour with an alarm at its start. Source: RFC 5545.
/// @param made when the file is written
QByteArray calendarFile(const Reminder& reminder, const QString& drum, const QDateTime& made);

/// What the reminder is about: "Plover: the new head has rested; tap it once more".
QString reminderText(const Reminder& reminder, const QString& drum);

} // namespace bombo
