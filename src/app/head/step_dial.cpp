#include "app/head/step_dial.h"

#include "app/head/beside_paint.h"
#include "app/head/prep_paint.h"
#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QPainter>
#include <QPainterPath>
#include <numbers>

namespace bombo {
namespace {

QPointF onCircle(QPointF centre, double radius, double clockwiseFromTop) {
    return centre + radius * QPointF(std::sin(clockwiseFromTop), -std::cos(clockwiseFromTop));
}

/// Square head of the rod, seen from above.
void paintRod(QPainter& painter, QPointF centre, double size) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().ink);
    painter.drawRect(QRectF(centre.x() - size / 2, centre.y() - size / 2, size, size));
}

} // namespace

void paintTurn(QPainter& painter, const QRectF& area, Turns turns) {
    const Palette& p = ink();
    const QPointF centre = area.center();
    const double radius = 0.5 * std::min(area.width(), area.height()) - 8;
    const double angle = 2.0 * std::numbers::pi * turns.value;
    const double shown = std::clamp(angle, -2.0 * std::numbers::pi, 2.0 * std::numbers::pi);
    painter.setPen(QPen(p.quiet, 1.5));
    painter.setBrush(p.card);
    painter.drawEllipse(centre, radius, radius);
    for (int eighth = 0; eighth < 8; ++eighth) { // marks at eighths of a turn, to measure by eye
        const double at = eighth * std::numbers::pi / 4;
        painter.drawLine(onCircle(centre, radius, at),
                         onCircle(centre, radius - (eighth % 2 == 0 ? 9 : 5), at));
    }
    painter.setPen(QPen(p.accent, 2.5));
    painter.setBrush(p.accentSoft);
    const QRectF circle(centre.x() - radius, centre.y() - radius, 2 * radius, 2 * radius);
    painter.drawPie(circle, 90 * 16, static_cast<int>(std::lround(-shown * 180.0 / std::numbers::pi * 16.0)));
    const double way = turns.value >= 0.0 ? 1.0 : -1.0;
    const double arrow = 0.72 * radius;
    QPainterPath sweep(onCircle(centre, arrow, 0.0));
    for (int i = 1; i <= 40; ++i)
        sweep.lineTo(onCircle(centre, arrow, shown * i / 40.0 * 0.94));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.accent, 5, Qt::SolidLine, Qt::FlatCap));
    painter.drawPath(sweep);
    const QPointF tip = onCircle(centre, arrow, shown + way * 0.05);
    const QPointF back = onCircle(centre, arrow, shown - way * 0.22);
    const QPointF out = (back - centre) * 0.16;
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.accent);
    painter.drawPolygon(QPolygonF{tip, back + out, back - out});
    paintRod(painter, centre, 0.34 * radius);
}

void paintTapPlace(QPainter& painter, const QRectF& area) {
    const Palette& p = ink();
    const double size = std::min(area.width(), area.height());
    const QPointF centre = area.center();
    // A piece of the hoop at the top, the head below it, the mark 30 mm in.
    const QPointF middle(centre.x(), centre.y() + 1.1 * size);
    const double hoop = 1.5 * size;
    painter.save();
    painter.setClipRect(area);
    painter.setPen(QPen(p.ink, 7));
    painter.setBrush(p.card);
    painter.drawEllipse(middle, hoop, hoop);
    painter.restore();
    const double top = middle.y() - hoop;
    paintRod(painter, {centre.x(), top}, 0.16 * size);
    const QPointF mark(centre.x(), top + 0.36 * size);
    painter.setPen(QPen(p.quiet, 1.2));
    painter.drawLine(QPointF(centre.x() - 0.3 * size, top + 6), QPointF(centre.x() - 0.3 * size, mark.y()));
    painter.drawLine(QPointF(centre.x() - 0.34 * size, mark.y()), QPointF(centre.x(), mark.y()));
    painter.setFont(typeface(13));
    painter.drawText(QRectF(centre.x() - 0.30 * size + 5, top + 0.08 * size, 60, 20),
                     QStringLiteral("30 mm"));
    painter.setPen(QPen(p.accent, 6, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(mark + QPointF(0.36 * size, 0.34 * size), mark + QPointF(7, 7));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.accent);
    painter.drawEllipse(mark, 9, 9);
}

void paintReading(QPainter& painter, const QRectF& area, StepKind kind) {
    if (kind == StepKind::Tap)
        paintTapPlace(painter, area);
    else
        paintBeside(painter, area,
                    kind == StepKind::HoopGap ? TapKind::HoopGap
                    : kind == StepKind::Feel  ? TapKind::Feel
                                              : TapKind::Gauge);
}

StepDial::StepDial(QWidget* parent) : QWidget(parent) {
    setMinimumSize(150, 150);
    setAccessibleName(tr("Step, drawn"));
}

void StepDial::show(StepKind kind, Turns turns, PrepKind prep, HeadSide side) {
    m_side = side;
    m_kind = kind;
    m_prep = prep;
    m_turns = turns;
    const QString way = turns.value >= 0.0 ? tr("tighter, clockwise") : tr("looser, counter-clockwise");
    describe(this, kind == StepKind::Turn ? tr("%1 %2").arg(turnsText(turns), way) : QString());
    update();
}

void StepDial::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    const Palette& p = ink();
    const QRectF area = drawnRect(*this).adjusted(4, 4, -4, -4);
    const double r = 0.5 * std::min(area.width(), area.height()) - 8;
    switch (m_kind) {
    case StepKind::Turn:
        paintTurn(painter, area, m_turns);
        break;
    case StepKind::Tap:
    case StepKind::Gauge:
    case StepKind::HoopGap:
    case StepKind::Feel:
        paintReading(painter, area, m_kind);
        break;
    case StepKind::Prepare:
        paintPrep(painter, area, m_prep, m_side);
        break;
    case StepKind::Fingers: // a rod with a touch on either side
        painter.setPen(QPen(p.quiet, 1.5));
        painter.setBrush(p.card);
        painter.drawEllipse(area.center(), r, r);
        painter.setPen(QPen(p.accent, 9, Qt::SolidLine, Qt::RoundCap));
        painter.drawArc(QRectF(area.center().x() - 0.5 * r, area.center().y() - 0.5 * r, r, r), 20 * 16,
                        60 * 16);
        painter.drawArc(QRectF(area.center().x() - 0.5 * r, area.center().y() - 0.5 * r, r, r), 200 * 16,
                        60 * 16);
        paintRod(painter, area.center(), 0.34 * r);
        break;
    case StepKind::Settled:
    case StepKind::Limit:
        painter.setPen(QPen(p.ink, 3));
        painter.setBrush(p.band);
        painter.drawEllipse(area.center(), r, r);
        painter.setPen(QPen(p.ink, 9, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        if (m_kind == StepKind::Settled)
            painter.drawPolyline(QPolygonF{area.center() + QPointF(-0.42 * r, 0.02 * r),
                                           area.center() + QPointF(-0.1 * r, 0.36 * r),
                                           area.center() + QPointF(0.46 * r, -0.34 * r)});
        else
            painter.drawLine(area.center() + QPointF(-0.42 * r, 0), area.center() + QPointF(0.42 * r, 0));
        break;
    }
}

} // namespace bombo
