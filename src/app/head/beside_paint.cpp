#include "app/head/beside_paint.h"

#include "app/theme/palette.h"

#include <QPainter>
#include <QPainterPath>

namespace bombo {

void paintBeside(QPainter& painter, const QRectF& area, TapKind kind) {
    const Palette& p = ink();
    const double size = std::min(area.width(), area.height());
    const QPointF corner(area.center().x() - 0.5 * size, area.center().y() - 0.5 * size);
    const auto at = [&](double x, double y) { return corner + QPointF(x * size, y * size); };
    const auto block = [&](double x, double y, double width, double height) {
        return QRectF(at(x, y), at(x + width, y + height));
    };
    // Shell, film over its edge, hoop and the lug below it, as on the left side of the drum.
    painter.setPen(QPen(p.quiet, 1.5));
    painter.setBrush(p.band);
    painter.drawRect(block(0.30, 0.36, 0.08, 0.60));
    painter.drawRect(block(0.14, 0.74, 0.16, 0.16));
    painter.setPen(QPen(p.quiet, 4));
    painter.drawLine(at(0.21, 0.48), at(0.21, 0.74)); // the rod
    const double dent = kind == TapKind::HoopGap ? 0.0 : 0.03;
    QPainterPath film(at(0.22, 0.50));
    film.lineTo(at(0.30, 0.36));
    film.quadTo(at(0.55, 0.36 + 2.0 * dent), at(0.98, 0.36));
    painter.setPen(QPen(p.ink, 3));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(film);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawRect(block(0.15, 0.30, 0.12, 0.20));
    painter.drawRect(block(0.17, 0.24, 0.08, 0.06));

    painter.setPen(QPen(p.accent, 5, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    if (kind == TapKind::HoopGap) { // jaws at the hoop's lower edge and at the lug
        painter.drawPolyline(QPolygonF{at(0.13, 0.52), at(0.05, 0.52), at(0.05, 0.72), at(0.12, 0.72)});
    } else if (kind == TapKind::Gauge) { // a body on two feet, its pin on the film
        painter.setBrush(p.accentSoft);
        painter.drawRect(block(0.44, 0.06, 0.32, 0.18));
        painter.drawLine(at(0.46, 0.24), at(0.46, 0.36));
        painter.drawLine(at(0.74, 0.24), at(0.74, 0.36));
        painter.drawLine(at(0.60, 0.24), at(0.60, 0.38));
    } else { // a thumb
        painter.setBrush(p.accentSoft);
        painter.save();
        painter.translate(at(0.52, 0.36));
        painter.rotate(24.0);
        painter.drawRoundedRect(QRectF(-0.08 * size, -0.34 * size, 0.16 * size, 0.34 * size), 0.08 * size,
                                0.08 * size);
        painter.restore();
    }
}

} // namespace bombo
