#pragma once
#include "core/record/session.h"
#include "core/record/stations.h"

#include <QAbstractButton>

namespace bombo {

/// Mark of a station's state, told by shape: hollow ring open, diamond under way, filled disc done, triangle
/// stale.
void paintStationMark(QPainter& painter, QPointF centre, double size, StationState state, bool current);

/// One stop of the route.
class StationButton : public QAbstractButton {
    Q_OBJECT
public:
    explicit StationButton(Station station, QWidget* parent = nullptr);
    Station station() const { return m_station; }
    void show(StationState state, bool current, const QString& detail);
    void setEnds(bool first, bool last);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Station m_station;
    StationState m_state = StationState::Open;
    bool m_current = false;
    bool m_first = false;
    bool m_last = false;
    QString m_detail;
};

} // namespace bombo
