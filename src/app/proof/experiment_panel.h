#pragma once
/// One thing is changed; both are heard; kept or put back.
#include "app/proof/change_picture.h"
#include "app/session/session_controller.h"

#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace bombo {

class ExperimentPanel : public QFrame {
    Q_OBJECT
public:
    explicit ExperimentPanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

private:
    void begin();
    void end(bool keep);
    void keepAfter();

    SessionController& m_controller;
    QLineEdit* m_what;
    QLabel* m_now;
    QLabel* m_before;
    QLabel* m_after;
    QLabel* m_results;
    ChangeView* m_change;
    QPushButton* m_begin;
    QPushButton* m_keep;
    QPushButton* m_back;
};

} // namespace bombo
