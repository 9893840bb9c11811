#include "app/reminder/calendar_file.h"

#include "app/files/file_questions.h"

#include <QCoreApplication>
#include <QCryptographicHash>

namespace bombo {
namespace {

struct CalendarFileText {
    Q_DECLARE_TR_FUNCTIONS(CalendarFile)
};

QByteArray utc(const QDateTime& time) {
    return time.toUTC().toString(QStringLiteral("yyyyMMdd'T'HHmmss'Z'")).toLatin1();
}

/// Text value with what the format gives a meaning to escaped.
QByteArray escaped(QString text) {
    text.replace(QLatin1Char('\\'), QStringLiteral("\\\\"));
    text.replace(QLatin1Char(';'), QStringLiteral("\\;"));
    text.replace(QLatin1Char(','), QStringLiteral("\\,"));
    text.replace(QLatin1Char('\n'), QStringLiteral("\\n"));
    return text.toUtf8();
}

/// A content line: at most 75 octets, continued after a space, never inside a character.
QByteArray folded(const QByteArray& line) {
    QByteArray out;
    int length = 0;
    for (const char c : line) {
        const bool startsCharacter = (static_cast<unsigned char>(c) & 0xC0U) != 0x80U;
        if (length >= 72 && startsCharacter) {
            out += "\r\n ";
            length = 1;
        }
        out += c;
        ++length;
    }
    return out + "\r\n";
}

} // namespace

QString askForCalendar(Settings& settings, QWidget* parent) {
    return askWhereToSave(settings, FileKind::Calendar, parent, CalendarFileText::tr("Save for a calendar"),
                          QStringLiteral("bombo.ics"), CalendarFileText::tr("Calendar (*.ics)"));
}

QString reminderText(const Reminder& reminder, const QString& drum) {
    switch (reminder.kind) {
    case ReminderKind::RestOver:
        return CalendarFileText::tr("%1: the head has rested; tap its round once more").arg(drum);
    case ReminderKind::BatterWorn:
        return CalendarFileText::tr("%1: look whether the batter head is worn").arg(drum);
    case ReminderKind::SnareSideWorn:
        return CalendarFileText::tr("%1: look whether the snare-side head is worn").arg(drum);
    case ReminderKind::WiresWorn:
        return CalendarFileText::tr("%1: look whether the wires are worn").arg(drum);
    case ReminderKind::Recheck:
        break;
    }
    return CalendarFileText::tr("%1: look at its tuning again").arg(drum);
}

QByteArray calendarFile(const std::vector<CalendarEvent>& events, const QDateTime& made) {
    QByteArray file;
    const auto write = [&](std::initializer_list<QByteArray> lines) {
        for (const QByteArray& line : lines)
            file += folded(line);
    };
    write({"BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//Bombo//Reminder//EN"});
    for (const CalendarEvent& event : events) {
        const QByteArray summary = escaped(event.summary);
        const QByteArray id =
            QCryptographicHash::hash(event.of.toUtf8(), QCryptographicHash::Sha256).toHex().left(32);
        write({"BEGIN:VEVENT", "UID:" + id + "@bombo",
               "SEQUENCE:" + QByteArray::number(made.toSecsSinceEpoch() / 60), "DTSTAMP:" + utc(made),
               "DTSTART:" + utc(QDateTime::fromSecsSinceEpoch(event.at)), "DURATION:PT15M",
               "SUMMARY:" + summary});
        if (!event.about.isEmpty())
            write({"DESCRIPTION:" + escaped(event.about)});
        write({"BEGIN:VALARM", "ACTION:DISPLAY", "TRIGGER:PT0S", "DESCRIPTION:" + summary, "END:VALARM",
               "END:VEVENT"});
    }
    write({"END:VCALENDAR"});
    return file;
}

} // namespace bombo
