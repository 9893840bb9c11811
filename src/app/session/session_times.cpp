/// SessionController: what depends on the clock on the wall, reminders and minutes before a show.
#include "app/reminder/calendar_file.h"
#include "app/reminder/desktop_notice.h"
#include "app/session/session_controller.h"

#include <QDateTime>

namespace bombo {
namespace {

const QString kReminder = QStringLiteral("reminder."); // and the drum's id: stored name, untranslated
constexpr qint64 kLongestWait = 24LL * 3600;           // s; then the timer looks again

} // namespace

bool SessionController::beginHurry(double minutes) {
    return perform(BeginHurry{minutes, QDateTime::currentSecsSinceEpoch() + std::llround(60.0 * minutes)});
}

/// Waits for whatever comes due next, or says at once what is due already.
void SessionController::followClock() {
    m_clock.stop();
    if (!hasSession())
        return;
    const qint64 now = QDateTime::currentSecsSinceEpoch();
    qint64 next = now + kLongestWait;
    if (const auto& hurry = session().hurry) {
        if (hurry->until > now)
            next = std::min<qint64>(next, hurry->until);
        else if (m_saidFor != hurry->until) {
            m_saidFor = hurry->until;
            say(tr("Time is up: leave the rods as they are, wires on."));
            notifyDesktop(tr("Time is up"), tr("Leave the rods as they are, wires on."));
        }
    }
    if (const auto& reminder = session().reminder) {
        if (reminder->due > now)
            next = std::min<qint64>(next, reminder->due);
        else if (m_saidFor != reminder->due) {
            m_saidFor = reminder->due;
            const QString text = reminderText(*reminder, QString::fromStdString(session().drum.name));
            say(text + tr("."));
            notifyDesktop(tr("Bombo"), text);
        }
    }
    m_clock.start(static_cast<int>(1000 * (next - now)));
}

/// The reminder of each drum lies beside its session, so that it can be said at start before the drum is
/// chosen.
void SessionController::keepReminder() {
    if (!hasSession() || isReadOnly())
        return;
    const QString key = kReminder + QString::fromStdString(session().drum.id);
    const QString text = session().reminder ? QStringLiteral("%1 %2")
                                                  .arg(static_cast<int>(session().reminder->kind))
                                                  .arg(session().reminder->due)
                                            : QString();
    if (m_keptReminder == key + text)
        return;
    m_keptReminder = key + text;
    if (m_journal.workbook()->value(key) == text)
        return;
    if (const auto kept = m_journal.workbook()->setValue(key, text); !kept)
        said(kept.fault());
}

/// At start: the reminders of the drums that are not in front.
void SessionController::sayOtherReminders() {
    const qint64 now = QDateTime::currentSecsSinceEpoch();
    for (const DrumRow& row : m_drums) {
        if (hasSession() && row.drum.id == session().drum.id)
            continue;
        const QStringList parts = m_journal.workbook()
                                      ->value(kReminder + QString::fromStdString(row.drum.id))
                                      .split(QLatin1Char(' '));
        if (parts.size() != 2 || parts[1].toLongLong() > now)
            continue;
        const Reminder reminder{parts[0].toInt() == 0 ? ReminderKind::RestOver : ReminderKind::Recheck,
                                parts[1].toLongLong()};
        say(reminderText(reminder, QString::fromStdString(row.drum.name)) + tr("."));
    }
}

/// A round that was finished after the reminder was due is what it reminded of.
void SessionController::dropMetReminder() {
    const auto& reminder = session().reminder;
    if (reminder && reminder->due <= QDateTime::currentSecsSinceEpoch())
        amend(apply(session(), SetReminder{}).value());
}

} // namespace bombo
