#pragma once
/// When to look at the drum again; also as a calendar file.
#include "app/session/session_controller.h"

#include <QComboBox>
#include <QDateTimeEdit>
#include <QDialog>

namespace bombo {

class ReminderDialog : public QDialog {
    Q_OBJECT
public:
    /// @param wished that is offered in place of the one that is set
    explicit ReminderDialog(SessionController& controller, QWidget* parent = nullptr,
                            std::optional<Reminder> wished = {});
    /// Writes the calendar file; false after a notice.
    bool saveCalendar(const QString& path);

private:
    Reminder chosen() const;

    SessionController& m_controller;
    QComboBox* m_kind;
    QDateTimeEdit* m_when;
};

} // namespace bombo
