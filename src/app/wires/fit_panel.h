#pragma once
/// What a rule says of the wires, what follows, and what to do when something is wrong.
#include "app/session/session_controller.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFrame>
#include <QLabel>

namespace bombo {

/// What to do, in words. @pre from fitWires of that layout
QString fitWords(const WireFit& fit, const WireLayout& layout);
QString fitProblemText(FitProblem problem);
QString fitStepText(const FitStep& step);

class FitPanel : public QFrame {
    Q_OBJECT
public:
    explicit FitPanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

private:
    WireLayout entered() const;
    void measure();
    void diagnose();
    QDoubleSpinBox* length(const char* name, const QString& label, double lowest, double highest);

    SessionController& m_controller;
    class QFormLayout* m_form;
    QDoubleSpinBox* m_strands;
    QDoubleSpinBox* m_plate;
    QDoubleSpinBox* m_wall;
    QDoubleSpinBox* m_strainerGap;
    QDoubleSpinBox* m_buttGap;
    QDoubleSpinBox* m_travel; ///< turns; 0: not known
    QDoubleSpinBox* m_knob;
    QComboBox* m_attachment;
    QComboBox* m_school;
    QComboBox* m_symptom;
    QLabel* m_says;
    QLabel* m_remedy;
};

} // namespace bombo
