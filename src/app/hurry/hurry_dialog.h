#pragma once
/// A few minutes before the show: what fits into them, and off.
#include "app/session/session_controller.h"

#include <QDialog>
#include <QDoubleSpinBox>
#include <QTableWidget>

namespace bombo {

class HurryDialog : public QDialog {
    Q_OBJECT
public:
    explicit HurryDialog(SessionController& controller, QWidget* parent = nullptr);

private:
    void refresh();

    SessionController& m_controller;
    QDoubleSpinBox* m_minutes;
    QTableWidget* m_plan;
};

} // namespace bombo
