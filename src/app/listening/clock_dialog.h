#pragma once
/// Compares the clock of an input device with a tone whose pitch is trusted.
#include "app/listening/listener.h"
#include "app/session/session_controller.h"

#include <QDialog>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <optional>

namespace bombo {

class ClockDialog : public QDialog {
    Q_OBJECT
public:
    explicit ClockDialog(SessionController& controller, QWidget* parent = nullptr);
    ~ClockDialog() override;

private:
    void measure();
    void showTone(const ToneReport& report);
    void showTap(const Reading& reading);
    void take(Hertz heard, const QString& how);
    void save(Cents sharp);
    void showKept();

    SessionController& m_controller;
    QLabel* m_device;
    QLabel* m_kept;
    QDoubleSpinBox* m_reference;
    QPushButton* m_measure;
    QLabel* m_result;
    QPushButton* m_save;
    QPushButton* m_forget;
    std::optional<Cents> m_sharp;
};

/// Why no steady tone was found, and what to do.
QString steadyFaultText(SteadyFault fault, Hertz reference);

} // namespace bombo
