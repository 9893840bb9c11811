#pragma once
/// Whether the ring is a fault or a taste, and school by school what would shorten it, with what it costs.
#include "app/muffling/ways_picture.h"
#include "app/session/session_controller.h"
#include "core/faults/ring_causes.h"
#include "core/procedure/ring_plans.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace bombo {

QString causeText(const RingFinding& finding);
QString ringSchoolName(RingSchool school);
/// "0.44 s: gel pad. Stroke -0.3 dB, rebound 2 % less."
QString ringPlanText(const RingPlan& plan);

class WaysPanel : public QFrame {
    Q_OBJECT
public:
    explicit WaysPanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

private:
    struct Line {
        QLabel* text;
        QPushButton* take;
    };
    void take(RingSchool school);

    SessionController& m_controller;
    QLabel* m_causes;
    WaysView* m_view;
    std::vector<Line> m_lines;
    std::vector<RingPlan> m_plans;
};

} // namespace bombo
