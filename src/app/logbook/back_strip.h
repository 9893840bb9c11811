#pragma once
/// At a station on the way back to an entry: how it was there then, and one button that makes it so.
#include "app/session/session_controller.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace bombo {

class BackStrip : public QFrame {
    Q_OBJECT
public:
    enum class Of { Strainer, Pads };
    BackStrip(SessionController& controller, Of of, QWidget* parent = nullptr);
    /// Hides itself where one is not going back, or is there. @pre the controller has a session
    void refresh();

private:
    void makeSo();

    SessionController& m_controller;
    Of m_of;
    QLabel* m_words;
    QPushButton* m_so;
};

} // namespace bombo
