#pragma once
#include "app/session/session_controller.h"

#include <QPushButton>
#include <QWidget>

namespace bombo {

/// Hear what the targets promise, with wires and without, against the drum as it is.
class ListenBar : public QWidget {
    Q_OBJECT
public:
    explicit ListenBar(SessionController& controller, QWidget* parent = nullptr);
    /// @param reachable the tone is within reach of the drum
    void refresh(bool reachable);

private:
    SessionController& m_controller;
    QPushButton* m_wanted;
    QPushButton* m_wiresOff;
    QPushButton* m_present;
    QPushButton* m_blind;
};

} // namespace bombo
