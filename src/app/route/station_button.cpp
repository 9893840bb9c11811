#include "app/route/station_button.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/scale.h"
#include "core/record/stations.h"

#include <QPainter>
#include <QPainterPath>

namespace bombo {
namespace {

constexpr double kMarkX = 26;

} // namespace

void paintStationMark(QPainter& painter, QPointF centre, double size, StationState state, bool current) {
    const Palette& p = ink();
    const QColor colour = current ? p.accent : p.ink;
    const double r = 0.5 * size;
    painter.setPen(QPen(colour, 2.2));
    painter.setBrush(p.rail);
    switch (state) {
    case StationState::Open:
        painter.drawEllipse(centre, r, r);
        break;
    case StationState::Done:
        painter.setBrush(colour);
        painter.drawEllipse(centre, r, r);
        painter.setPen(QPen(p.rail, 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(QPolygonF{centre + QPointF(-0.45 * r, 0.05 * r),
                                       centre + QPointF(-0.1 * r, 0.4 * r),
                                       centre + QPointF(0.5 * r, -0.35 * r)});
        break;
    case StationState::Doing:
        painter.setBrush(colour);
        painter.drawPolygon(QPolygonF{centre + QPointF(0, -1.25 * r), centre + QPointF(1.25 * r, 0),
                                      centre + QPointF(0, 1.25 * r), centre + QPointF(-1.25 * r, 0)});
        break;
    case StationState::Stale:
        painter.drawPolygon(QPolygonF{centre + QPointF(0, -1.1 * r), centre + QPointF(1.2 * r, 0.9 * r),
                                      centre + QPointF(-1.2 * r, 0.9 * r)});
        break;
    }
}

StationButton::StationButton(Station station, QWidget* parent) : QAbstractButton(parent), m_station(station) {
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setText(stationName(station));
    setCursor(Qt::PointingHandCursor);
}

void StationButton::show(StationState state, bool current, const QString& detail) {
    m_state = state;
    m_current = current;
    m_detail = detail;
    setChecked(current);
    setAccessibleName(tr("%1: %2").arg(text(), stateName(state)));
    setAccessibleDescription(detail);
    update();
}

void StationButton::setEnds(bool first, bool last) {
    m_first = first;
    m_last = last;
}

QSize StationButton::sizeHint() const {
    return scaled(QSize(176, 52));
}

void StationButton::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    const QRectF area = drawnRect(*this);
    const double middle = area.center().y();
    if (m_current)
        painter.fillRect(area.adjusted(8, 2, 0, -2), p.paper);
    else if (underMouse())
        painter.fillRect(area.adjusted(8, 2, 0, -2), p.line);
    painter.setPen(QPen(p.quiet, 2));
    painter.drawLine(QPointF(kMarkX, m_first ? middle : area.top()),
                     QPointF(kMarkX, m_last ? middle : area.bottom() + 1));
    paintStationMark(painter, {kMarkX, middle}, 17, m_state, m_current);

    painter.setFont(typeface(16, m_current ? QFont::Bold : QFont::Normal));
    painter.setPen(p.ink);
    const QRectF words = area.adjusted(48, 0, -8, 0);
    const QString state = m_detail.isEmpty() ? stateName(m_state) : m_detail;
    painter.drawText(words.adjusted(0, 6, 0, -words.height() / 2 + 4), Qt::AlignLeft | Qt::AlignVCenter,
                     text());
    painter.setFont(typeface(13));
    painter.setPen(p.quiet);
    painter.drawText(
        words.adjusted(0, words.height() / 2 - 2, 0, -6), Qt::AlignLeft | Qt::AlignVCenter,
        painter.fontMetrics().elidedText(state, Qt::ElideRight, static_cast<int>(words.width())));
    if (hasFocus()) {
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(p.ink, 2));
        painter.drawRoundedRect(area.adjusted(9, 3, -2, -3), 4, 4);
    }
}

} // namespace bombo
