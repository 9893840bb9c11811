#pragma once
#include "core/record/session.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QTableWidget>
#include <QWidget>

namespace bombo {

/// The schools of the snare side's level side by side: what each gives on this drum and what it costs.
class SchoolPanel : public QWidget {
    Q_OBJECT
public:
    explicit SchoolPanel(QWidget* parent = nullptr);
    void show(const Session& session);

signals:
    void schoolChosen(const bombo::School& school);

protected:
    void showEvent(QShowEvent* event) override;

private:
    void fill();
    void choose(SnareSideLevel level);

    std::optional<Session> m_session;
    bool m_filled = false;
    bool m_showing = false;
    QTableWidget* m_table;
    QComboBox* m_interval;
    QDoubleSpinBox* m_ratio;
    QComboBox* m_order;
    QLabel* m_cost;
};

} // namespace bombo
