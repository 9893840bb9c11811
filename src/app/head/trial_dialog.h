#pragma once
/// A head made uneven on purpose: what to try, what it should do and cost.
#include "app/session/session_controller.h"

#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QSpinBox>

namespace bombo {

class TrialDialog : public QDialog {
    Q_OBJECT
public:
    TrialDialog(SessionController& controller, HeadSide side, QWidget* parent = nullptr);

private:
    BeginTrial wish() const;
    void refresh();

    SessionController& m_controller;
    HeadSide m_side;
    QComboBox* m_kind;
    QComboBox* m_count;
    QSpinBox* m_first;
    QComboBox* m_amount;
    QLabel* m_moves;
    QLabel* m_does;
    QLabel* m_costs;
    QPushButton* m_begin;
};

/// "Edge pitch −14 cents; ..." of what a trial should do.
QString trialText(const TrialPrediction& prediction);

} // namespace bombo
