#pragma once
/// The sessions of the drum in front, to go on with an earlier one.
#include "app/session/session_controller.h"

#include <QDialog>
#include <QListWidget>

namespace bombo {

class SessionsDialog : public QDialog {
    Q_OBJECT
public:
    explicit SessionsDialog(SessionController& controller, QWidget* parent = nullptr);

private:
    void open();

    SessionController& m_controller;
    QListWidget* m_list;
};

} // namespace bombo
