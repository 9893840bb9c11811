#pragma once
/// What depends on the clock on the wall: reminders, and minutes before a show.
#include "core/record/context.h"

#include <QObject>
#include <QTimer>
#include <set>
#include <string>

namespace bombo {

class SessionController;

class WallClock : public QObject {
    Q_OBJECT
public:
    WallClock(SessionController& controller, QObject* parent);

    /// Waits for whatever comes due next, or says at once what is due already. Each is said once.
    void follow();
    /// The reminders of the drums that are not in front, as they come due; each is said once.
    void sayOthers();
    /// Another workbook: what was said before is said again.
    void begin();
    /// A round was finished: what was due before it reminded of just that.
    void dropMet();
    /// A new head or new wires are on: they are not worn.
    void dropWorn(ReminderKind part);

private:
    SessionController& m_controller;
    QTimer m_timer;
    qint64 m_timeUpSaid = 0;   ///< the show before which it was said last that time is up
    qint64 m_reminderSaid = 0; ///< when what was said last was due
    std::set<std::pair<std::string, qint64>> m_othersSaid; ///< drum and hour
    qint64 m_nextOther = 0;                                ///< 0: none
};

} // namespace bombo
