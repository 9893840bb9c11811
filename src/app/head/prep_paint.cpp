#include "app/head/prep_paint.h"

#include "app/theme/palette.h"

#include <QPainter>
#include <QPainterPath>

namespace bombo {
namespace {

/// Where the parts of the section lie in its area.
struct Section {
    QRectF box; ///< square
    double at(double share) const { return box.left() + share * box.width(); }
    double down(double share) const { return box.top() + share * box.height(); }
    QPointF point(double x, double y) const { return {at(x), down(y)}; }
};

void arrow(QPainter& painter, QPointF from, QPointF to) {
    const QPointF along = (to - from) / std::max(1.0, std::hypot((to - from).x(), (to - from).y()));
    const QPointF across(-along.y(), along.x());
    painter.setPen(QPen(ink().accent, 5, Qt::SolidLine, Qt::FlatCap));
    painter.drawLine(from, to - 10 * along);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().accent);
    painter.drawPolygon(QPolygonF{to, to - 14 * along + 8 * across, to - 14 * along - 8 * across});
}

/// Film and hoop, `lift` above the edge as a share of the box, the middle dished by `dish`.
void head(QPainter& painter, const Section& s, double lift, double dish) {
    const Palette& p = ink();
    const double edge = 0.46 - lift;
    QPainterPath film(s.point(0.10, edge + 0.10));
    film.lineTo(s.point(0.16, edge));
    film.quadTo(s.point(0.50, edge + 2.0 * dish), s.point(0.84, edge));
    film.lineTo(s.point(0.90, edge + 0.10));
    painter.setPen(QPen(p.ink, 3));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(film);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (const double x : {0.05, 0.89}) // the hoop, cut
        painter.drawRect(QRectF(s.point(x, edge - 0.03), s.point(x + 0.06, edge + 0.15)));
}

void shell(QPainter& painter, const Section& s) {
    const Palette& p = ink();
    painter.setPen(QPen(p.quiet, 1.5));
    painter.setBrush(p.band);
    for (const double x : {0.15, 0.80})
        painter.drawRect(QRectF(s.point(x, 0.47), s.point(x + 0.05, 0.80)));
    painter.setPen(QPen(p.quiet, 3)); // rods
    for (const double x : {0.08, 0.92})
        painter.drawLine(s.point(x, 0.62), s.point(x, 0.74));
}

} // namespace

void paintPrep(QPainter& painter, const QRectF& area, PrepKind step, HeadSide side) {
    const double size = std::min(area.width(), area.height());
    const Section s{QRectF(area.center().x() - 0.5 * size, area.center().y() - 0.5 * size, size, size)};
    const Palette& p = ink();
    shell(painter, s);
    const bool lifted = step == PrepKind::TakeOff || step == PrepKind::PutOn;
    head(painter, s, lifted ? 0.26 : 0.0, step == PrepKind::Seat ? 0.05 : 0.0);
    switch (step) {
    case PrepKind::TakeOff:
        arrow(painter, s.point(0.5, 0.44), s.point(0.5, 0.26));
        break;
    case PrepKind::PutOn:
        arrow(painter, s.point(0.5, 0.26), s.point(0.5, 0.44));
        break;
    case PrepKind::WiresAway:           // strands drawn away from the film
        if (side == HeadSide::Batter) { // they lie below
            painter.setPen(QPen(p.ink, 2));
            painter.drawLine(s.point(0.15, 0.81), s.point(0.85, 0.81));
        }
        {
            const double strands = side == HeadSide::Batter ? 0.97 : 0.28;
            painter.setPen(QPen(p.accent, 3, Qt::DashLine));
            painter.drawLine(s.point(0.20, strands), s.point(0.80, strands));
            arrow(painter, s.point(0.5, side == HeadSide::Batter ? 0.83 : 0.44),
                  s.point(0.5, side == HeadSide::Batter ? 0.95 : 0.30));
        }
        break;
    case PrepKind::LookOver: // a ring round edge, hoop and rod
        painter.setPen(QPen(p.accent, 5));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(s.point(0.20, 0.52), 0.17 * size, 0.17 * size);
        painter.drawLine(s.point(0.32, 0.64), s.point(0.43, 0.75));
        break;
    case PrepKind::Centre: // the same gap on both sides
        for (const double x : {0.11, 0.84}) {
            painter.setPen(QPen(p.accent, 3));
            painter.drawLine(s.point(x, 0.30), s.point(x, 0.42));
            painter.drawLine(s.point(x + 0.05, 0.30), s.point(x + 0.05, 0.42));
        }
        painter.setPen(QPen(p.accent, 5));
        painter.drawLine(s.point(0.44, 0.33), s.point(0.56, 0.33));
        painter.drawLine(s.point(0.44, 0.39), s.point(0.56, 0.39));
        break;
    case PrepKind::Seat:
        arrow(painter, s.point(0.5, 0.24), s.point(0.5, 0.48));
        break;
    case PrepKind::LetDown:
    case PrepKind::Touch:
    case PrepKind::FingerTight:
        break; // drawn as a rod and what turns it
    }
}

} // namespace bombo
