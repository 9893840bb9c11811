#pragma once
/// What wears, for how many more shows it is good, and what to expect of the drum tonight.
#include "app/logbook/biography.h"

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

private:
    void saveCalendar();
    /// Of what is due first.
    void remind();

    SessionController& m_controller;
    DueView* m_view;
    QLabel* m_tonight;
    QPushButton* m_calendar;
    QPushButton* m_remind;
    std::vector<std::pair<PartLife, DueDays>> m_due; ///< parts whose day can be said
};

} // namespace bombo
