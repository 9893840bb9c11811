#pragma once
#include "core/record/session.h"
#include "core/tuning/correction.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include <string>
#include <tuple>

namespace bombo {

/// From what is heard of both heads to one turn on each that reaches pitch and ratio together.
class CorrectionPanel : public QWidget {
    Q_OBJECT
public:
    explicit CorrectionPanel(QWidget* parent = nullptr);
    void show(const Session& session, const Targets& targets);

signals:
    void bothTurned(bombo::Turns batter, bombo::Turns snareSide);

private:
    void compute();

    QDoubleSpinBox* m_batterEdge;
    QDoubleSpinBox* m_snareSideEdge;
    QDoubleSpinBox* m_centre;
    QComboBox* m_how;
    QLabel* m_advice;
    QPushButton* m_done;
    std::optional<Session> m_session;
    std::optional<Targets> m_targets;
    std::optional<Correction> m_correction;
    /// What the fields are of: a drum, its rounds and turns. Another drum, a round or a turn makes them out
    /// of date.
    std::tuple<std::string, int, int, int, int> m_prefilled{{}, -1, -1, -1, -1};
};

} // namespace bombo
