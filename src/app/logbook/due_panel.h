#pragma once
/// What wears, for how many more shows it is good, and what to expect of the drum tonight.
#include "app/logbook/biography.h"
#include "app/reminder/calendar_file.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace bombo {

class DueView;

class DuePanel : public QFrame {
    Q_OBJECT
public:
    explicit DuePanel(SessionController& controller, QWidget* parent = nullptr);
    void show(Biography& biography);

    /// What is due as a calendar file. @return false: it cannot be written, and was said
    bool saveCalendar(const QString& path);

private:
    SessionController& m_controller;
    DueView* m_view;
    QLabel* m_tonight;
    QPushButton* m_calendar;
    std::vector<CalendarEvent> m_events;
};

} // namespace bombo
