#pragma once
/// Response at a distance: someone hums, lever off and lever on, and the microphone hears whether the wires
/// answer.
#include "app/session/session_controller.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace bombo {

class VoicePanel : public QFrame {
    Q_OBJECT
public:
    explicit VoicePanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

private:
    void hear(bool leverOn);

    SessionController& m_controller;
    QLabel* m_says;
    QPushButton* m_off;
    QPushButton* m_on;
};

} // namespace bombo
