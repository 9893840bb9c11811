#pragma once
/// Every turn of every rod of a head: where each stands, and how it came there.
#include "app/session/session_controller.h"

#include <QDialog>
#include <QLabel>
#include <QTableWidget>

namespace bombo {

class LedgerDialog : public QDialog {
    Q_OBJECT
public:
    LedgerDialog(SessionController& controller, HeadSide side, QWidget* parent = nullptr);

private:
    void refresh();
    void correct(Turns by);

    SessionController& m_controller;
    HeadSide m_side;
    QLabel* m_lead;
    QTableWidget* m_net;
    QTableWidget* m_lines;
    QPushButton* m_retrace;
};

} // namespace bombo
