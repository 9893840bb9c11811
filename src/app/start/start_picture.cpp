#include "app/start/start_picture.h"

#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace bombo {
namespace {

/// The lowest mode of a round membrane along a diameter, -1 to 1.
double bow(double x) {
    return std::cyl_bessel_j(0.0, 2.404826 * std::abs(x));
}

QPainterPath bowOf(double left, double width, double y, double swing) {
    QPainterPath path(QPointF(left, y));
    constexpr int parts = 60;
    for (int i = 1; i <= parts; ++i)
        path.lineTo(left + width * i / parts, y + swing * bow(2.0 * i / parts - 1.0));
    return path;
}

void paintArrow(QPainter& painter, QPointF from, QPointF to) {
    painter.drawLine(from, to);
    const double way = to.y() > from.y() ? -1.0 : 1.0;
    painter.drawLine(to, to + QPointF(-5, 8 * way));
    painter.drawLine(to, to + QPointF(5, 8 * way));
}

} // namespace

StartPicture::StartPicture(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(tr("A snare drum cut through"));
    describe(this, tr("A stick falls on the batter head; the air between the heads carries it to the snare "
                      "side, under which the wires lie."));
}

void StartPicture::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    // True proportions of a shell of 14 by 6.5 inches, stick and words above it.
    const QRectF area = drawnRect(*this);
    const double width = std::min(0.86 * area.width(), 1.7 * (area.height() - 60.0));
    const double depth = width * 6.5 / 14.0;
    const double above = 0.3 * depth;
    const double left = 0.5 * (area.width() - width);
    const double top = std::max(above + 14.0, 0.5 * (area.height() - depth + above));
    const double bottom = top + depth;
    const double unit = width / 560.0;

    painter.setPen(QPen(p.ink, 2));
    painter.setBrush(p.rail);
    for (const double x : {left + 8 * unit, left + width - 20 * unit})
        painter.drawRect(QRectF(x, top + 2, 12 * unit, depth - 4));
    // Air between the heads.
    painter.setPen(QPen(p.quiet, 1.5));
    for (const double x : {0.3, 0.5, 0.7})
        paintArrow(painter, {left + x * width, top + 0.3 * depth}, {left + x * width, bottom - 0.26 * depth});

    painter.setBrush(Qt::NoBrush);
    const double swing = 0.13 * depth;
    painter.setPen(QPen(p.batter, 2, Qt::DotLine));
    painter.drawPath(bowOf(left + 14 * unit, width - 28 * unit, top, swing));
    painter.setPen(QPen(p.batter, 5 * unit));
    painter.drawLine(QPointF(left, top), QPointF(left + width, top));
    painter.setPen(QPen(p.snareSide, 2, Qt::DotLine));
    painter.drawPath(bowOf(left + 14 * unit, width - 28 * unit, bottom, 0.6 * swing));
    QPen dashed(p.snareSide, 4.5 * unit, Qt::DashLine);
    painter.setPen(dashed);
    painter.drawLine(QPointF(left, bottom), QPointF(left + width, bottom));
    // Wires lie on what moves.
    QPainterPath wires(QPointF(left + 0.17 * width, bottom + 14 * unit));
    constexpr int turns = 66;
    for (int i = 1; i <= turns; ++i) {
        const double x = 0.17 + 0.66 * i / turns;
        wires.lineTo(left + x * width,
                     bottom + 0.6 * swing * bow(2.0 * x - 1.0) + (i % 2 == 0 ? 5 : 17) * unit);
    }
    painter.setPen(QPen(p.ink, 1.8 * unit));
    painter.drawPath(wires);
    // Hoops.
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (const double x : {left - 8 * unit, left + width - 4 * unit})
        for (const double y : {top - 13 * unit, bottom - 13 * unit})
            painter.drawRoundedRect(QRectF(x, y, 12 * unit, 26 * unit), 3, 3);
    // The stick.
    const QPointF tip(left + 0.36 * width, top - 22 * unit);
    painter.setPen(QPen(p.ink, 7 * unit, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(tip, tip + QPointF(0.2 * width, -above + 14 * unit));
    painter.setBrush(p.ink);
    painter.setPen(Qt::NoPen);
    painter.drawEllipse(tip, 9 * unit, 9 * unit);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.accent, 2.5));
    for (const double r : {20.0, 34.0})
        painter.drawArc(QRectF(tip.x() - r * unit, top - 0.5 * r * unit, 2 * r * unit, r * unit), 190 * 16,
                        160 * 16);

    const int pixels = std::clamp(static_cast<int>(16 * unit), 13, 24);
    painter.setFont(typeface(pixels, QFont::DemiBold));
    painter.setPen(p.batter);
    painter.drawText(QRectF(left + 0.6 * width, top - 12 - pixels, 0.4 * width, pixels + 6), Qt::AlignLeft,
                     tr("the head you strike"));
    painter.setPen(p.snareSide);
    painter.drawText(QRectF(left + 0.05 * width, bottom - 14 - pixels, 0.5 * width, pixels + 8),
                     Qt::AlignLeft, tr("the head the wires lie on"));
    painter.setFont(typeface(pixels));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(left + 0.06 * width, top + 0.42 * depth, 0.24 * width - 8, 3 * pixels),
                     Qt::AlignLeft | Qt::TextWordWrap, tr("one air between them"));
}

} // namespace bombo
