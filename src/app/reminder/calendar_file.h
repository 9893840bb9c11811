#pragma once
/// What is to be remembered as a calendar file that other programs and telephones read.
#include "core/record/session.h"

#include <QDateTime>
#include <QString>
#include <vector>

class QWidget;

namespace bombo {

class Settings;

struct CalendarEvent {
    std::int64_t at = 0; ///< seconds since 1970, UTC
    QString summary;
    QString about; ///< in sentences; may be empty
    QString of;    ///< what it is of, by ids: saved again it takes the place of the earlier one
};

/// Events of a quarter of an hour with an alarm at their start. Source: RFC 5545.
/// @param made when the file is written
QByteArray calendarFile(const std::vector<CalendarEvent>& events, const QDateTime& made);

/// Asks where a calendar file goes. @return empty: given up
QString askForCalendar(Settings& settings, QWidget* parent);

/// What the reminder is about: "Plover: the new head has rested; tap it once more".
QString reminderText(const Reminder& reminder, const QString& drum);

} // namespace bombo
