#include "app/reminder/wall_clock.h"

#include "app/reminder/calendar_file.h"
#include "app/reminder/desktop_notice.h"
#include "app/session/session_controller.h"

#include <QDateTime>

namespace bombo {
namespace {

constexpr qint64 kLongestWait = 24LL * 3600; // s; then the timer looks again

} // namespace

WallClock::WallClock(SessionController& controller, QObject* parent)
    : QObject(parent), m_controller(controller) {
    m_timer.setSingleShot(true);
    connect(&m_timer, &QTimer::timeout, this, [this] {
        if (m_controller.hasWorkbook())
            sayOthers(); // another window may have set some meanwhile
        follow();
    });
}

void WallClock::follow() {
    m_timer.stop();
    if (!m_controller.hasSession())
        return;
    const qint64 now = QDateTime::currentSecsSinceEpoch();
    qint64 next = now + kLongestWait;
    if (m_controller.session().hurry) {
        const qint64 showAt = m_controller.session().showAt;
        if (showAt > now)
            next = std::min<qint64>(next, showAt);
        else if (m_timeUpSaid != showAt) {
            m_timeUpSaid = showAt;
            m_controller.say(tr("Time is up: leave the rods as they are, wires on."));
            notifyDesktop(tr("Time is up"), tr("Leave the rods as they are, wires on."));
        }
    }
    if (const auto& reminder = m_controller.session().reminder) {
        if (reminder->due > now)
            next = std::min<qint64>(next, reminder->due);
        else if (m_reminderSaid != reminder->due) {
            m_reminderSaid = reminder->due;
            const QString text =
                reminderText(*reminder, QString::fromStdString(m_controller.session().drum.name));
            m_controller.say(text + tr("."));
            notifyDesktop(tr("Bombo"), text);
        }
    }
    if (m_nextOther > now)
        next = std::min(next, m_nextOther);
    m_timer.start(static_cast<int>(1000 * (next - now)));
}

void WallClock::begin() {
    m_othersSaid.clear();
    sayOthers();
    follow();
}

void WallClock::sayOthers() {
    const auto reminders = m_controller.workbook()->reminders();
    if (!reminders) {
        m_controller.tell(problemText(reminders.fault()));
        return;
    }
    const qint64 now = QDateTime::currentSecsSinceEpoch();
    m_nextOther = 0;
    for (const DrumReminder& one : *reminders) {
        const auto row = std::find_if(m_controller.drums().begin(), m_controller.drums().end(),
                                      [&](const DrumRow& r) { return r.drum.id == one.drumId; });
        const bool inFront = m_controller.hasSession() && one.drumId == m_controller.session().drum.id;
        if (inFront || row == m_controller.drums().end())
            continue;
        if (one.reminder.due > now) {
            m_nextOther =
                m_nextOther == 0 ? one.reminder.due : std::min<qint64>(m_nextOther, one.reminder.due);
        } else if (m_othersSaid.insert({one.drumId, one.reminder.due}).second) {
            const QString text = reminderText(one.reminder, QString::fromStdString(row->drum.name));
            m_controller.say(text + tr("."));
            notifyDesktop(tr("Bombo"), text);
        }
    }
}

void WallClock::dropMet() {
    const auto& reminder = m_controller.session().reminder;
    const bool isOfTuning =
        reminder && (reminder->kind == ReminderKind::RestOver || reminder->kind == ReminderKind::Recheck);
    if (isOfTuning && reminder->due <= QDateTime::currentSecsSinceEpoch())
        m_controller.perform(SetReminder{});
}

void WallClock::dropWorn(ReminderKind part) {
    const auto& reminder = m_controller.session().reminder;
    if (reminder && reminder->kind == part)
        m_controller.perform(SetReminder{});
}

} // namespace bombo
