#include "app/drum/rod_mark.h"
#include "app/head/hoop_picture.h"
#include "app/session/wording.h"
#include "app/theme/head_ink.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>

namespace bombo {
namespace {

struct HoopPaintText {
    Q_DECLARE_TR_FUNCTIONS(HoopPaint)
};

double niceStep(double span) {
    for (const double step : {10.0, 20.0, 25.0, 50.0, 100.0, 200.0, 250.0, 500.0})
        if (span / step <= 7.0)
            return step;
    return 1000.0;
}

void paintCentsField(QPainter& painter, const HoopMap& map, const HoopPicture& picture) {
    const Palette& p = ink();
    const QRectF field = map.field();
    const double bandTop = map.yOf(picture.tolerance.value);
    const double bandBottom = map.yOf(-picture.tolerance.value);
    painter.fillRect(
        QRectF(field.left() - 44, bandTop, field.width() + 44, std::max(3.0, bandBottom - bandTop)), p.band);
    painter.setFont(typeface(13));
    const double step = niceStep(map.high() - map.low());
    for (double cents = std::ceil(map.low() / step) * step; cents <= map.high() + 1e-9; cents += step) {
        const double y = map.yOf(cents);
        painter.setPen(QPen(p.line, 1, cents == 0.0 ? Qt::SolidLine : Qt::DotLine));
        painter.drawLine(QPointF(field.left() - 4, y), QPointF(field.right(), y));
        painter.setPen(p.quiet);
        painter.drawText(QRectF(map.area().left() + 6, y - 10, 52, 20), Qt::AlignRight | Qt::AlignVCenter,
                         centsText(Cents{cents}));
    }
    painter.drawText(QRectF(map.area().left() + 14, map.area().top() + 5, 400, 18), Qt::AlignLeft,
                     HoopPaintText::tr("cents from target; shaded: close enough"));
}

void paintBracket(QPainter& painter, double x, double y) {
    painter.setPen(QPen(ink().quiet, 2));
    painter.drawLine(QPointF(x - 22, y - 5), QPointF(x - 22, y + 5));
    painter.drawLine(QPointF(x + 22, y - 5), QPointF(x + 22, y + 5));
    painter.drawLine(QPointF(x - 22, y), QPointF(x - 15, y));
    painter.drawLine(QPointF(x + 15, y), QPointF(x + 22, y));
}

void paintCentsPeg(QPainter& painter, const HoopMap& map, const HoopPicture& picture, int rod) {
    const Palette& p = ink();
    const HoopPeg& peg = picture.pegs[static_cast<std::size_t>(rod)];
    const double x = map.xOf(rod);
    if (peg.expected) // an open bracket where it should come to rest
        paintBracket(painter, x, map.yOf(peg.expected->value));
    if (!peg.heard)
        return;
    const double y = map.yOf(peg.heard->value);
    const double zero = map.yOf(0.0);
    const bool now = peg.inMove;
    const QColor colour = now ? p.accent : headColour(picture.side);
    // A rod that was not tapped stands on a thin stem: what it shows is its opposite's.
    painter.setPen(QPen(colour, now ? 8 : peg.byOpposite ? 1.5 : 5, Qt::SolidLine, Qt::FlatCap));
    painter.drawLine(QPointF(x, zero), QPointF(x, y));
    painter.setPen(QPen(colour, peg.byOpposite ? 1.5 : 3.4, now ? Qt::SolidLine : headLine(picture.side)));
    painter.setBrush(now ? colour : p.card);
    const double r = now ? 15 : 10;
    painter.drawEllipse(QPointF(x, y), r, r);
    if (peg.error && *peg.error > kClear) { // a rough figure: how far it may be off, up and down
        const double reach = std::abs(map.yOf(peg.error->value) - zero);
        painter.setPen(QPen(p.quiet, 2));
        for (const double end : {y - reach, y + reach}) {
            painter.drawLine(QPointF(x, y + (end > y ? r : -r)), QPointF(x, end));
            painter.drawLine(QPointF(x - 7, end), QPointF(x + 7, end));
        }
        painter.setPen(QPen(colour, 2));
    }
    if (peg.moved) { // a tick inside: this one was turned
        painter.setPen(QPen(colour, 2.4));
        painter.drawPolyline(QPolygonF{QPointF(x - 4, y), QPointF(x - 1, y + 3), QPointF(x + 5, y - 4)});
    }
    if (peg.outliers > 0) { // a stroke across: a tap was left out
        painter.setPen(QPen(colour, 2));
        painter.drawLine(QPointF(x - r - 5, y + 4), QPointF(x - r + 3, y - 4));
    }
    painter.setPen(p.ink);
    painter.setFont(typeface(now ? 19 : 15, now ? QFont::Bold : QFont::Normal));
    // The figure stands on the far side of zero from the peg's foot; beside the peg where the field ends
    // there.
    const bool up = y <= zero;
    const bool roomThere = up ? y - r - 24 > map.area().top() + 20 : y + r + 24 < map.strip().top() - 2;
    const QRectF text =
        !roomThere ? QRectF(x + r + 5, y - 12, 60, 24) : QRectF(x - 40, up ? y - r - 25 : y + r + 1, 80, 24);
    painter.drawText(text, roomThere ? Qt::AlignCenter : Qt::AlignLeft | Qt::AlignVCenter,
                     centsText(*peg.heard));
}

void paintTurnsPeg(QPainter& painter, const HoopMap& map, const HoopPicture& picture, int rod) {
    const Palette& p = ink();
    const HoopPeg& peg = picture.pegs[static_cast<std::size_t>(rod)];
    const double x = map.xOf(rod);
    const double foot = map.yOf(0.0);
    const double y = map.yOf(peg.turned.value);
    const QColor colour = peg.inMove ? p.accent : headColour(picture.side);
    painter.setPen(QPen(p.line, 2));
    painter.setBrush(Qt::NoBrush);
    if (picture.isNet)
        painter.drawLine(QPointF(x - 34, foot), QPointF(x + 34, foot));
    else
        painter.drawRect(QRectF(x - 13, map.yOf(std::max(picture.countedTotal.value, 0.0)), 26,
                                foot - map.yOf(picture.countedTotal.value)));
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    if (peg.turned.value > 0.0 || picture.isNet)
        painter.drawRect(QRectF(x - 13, y, 26, foot - y).normalized());
    if (peg.wanted) // a bracket, as where a rod should come to rest
        paintBracket(painter, x, map.yOf(peg.wanted->value));
    painter.setPen(QPen(colour, 3.4));
    painter.setBrush(peg.inMove ? colour : p.card);
    const double r = peg.inMove ? 15 : 10;
    painter.drawEllipse(QPointF(x, y), r, r);
    painter.setPen(p.ink);
    painter.setFont(typeface(peg.inMove ? 18 : 15, peg.inMove ? QFont::Bold : QFont::Normal));
    if (peg.turned.value != 0.0 || peg.inMove) {
        const bool isBack = picture.isNet && peg.turned.value < 0.0;
        const QRectF figure(x - 50, isBack ? y + r + 2 : y - r - 26, 100, 24);
        const double half = 0.5 * painter.fontMetrics().horizontalAdvance(turnsFigure(peg.turned)) + 3;
        painter.fillRect(QRectF(x - half, figure.top() + 3, 2 * half, 19),
                         p.card); // no frame runs through it
        painter.drawText(figure, Qt::AlignCenter, turnsFigure(peg.turned));
    }
}

void paintTurnsField(QPainter& painter, const HoopMap& map, const HoopPicture& picture) {
    const Palette& p = ink();
    painter.setFont(typeface(13));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(map.area().left() + 14, map.area().top() + 4, 500, 18), Qt::AlignLeft,
                     !picture.pegs.empty() && picture.pegs[0].wanted
                         ? HoopPaintText::tr("your turns; brackets: the shortest way")
                     : picture.fromStanding ? HoopPaintText::tr("turns since it was found standing")
                     : picture.countedTotal.value > 0.0 && !picture.isNet
                         ? HoopPaintText::tr("turns since finger-tight; frames: the counted rounds, %1")
                               .arg(turnsText(picture.countedTotal))
                         : HoopPaintText::tr("turns since finger-tight"));
}

/// The hoop itself: a strip cut at the strainer, an ear for each rod, opposite rods joined below.
void paintStrip(QPainter& painter, const HoopMap& map, const HoopPicture& picture) {
    const Palette& p = ink();
    const QRectF strip = map.strip();
    const int rods = map.rods();
    if (rods % 2 == 0)
        for (int rod = 0; rod < rods / 2; ++rod) {
            const HoopPeg& peg = picture.pegs[static_cast<std::size_t>(rod)];
            const HoopPeg& other = picture.pegs[static_cast<std::size_t>(rod + rods / 2)];
            const bool now = peg.inMove && other.inMove;
            painter.setPen(now ? QPen(p.accent, 3.5) : QPen(p.line, 1.3));
            painter.setBrush(Qt::NoBrush);
            const auto [left, right] = std::minmax({map.xOf(rod), map.xOf(rod + rods / 2)});
            const double depth = map.area().bottom() - strip.bottom() - 6;
            QPainterPath arc(QPointF(left, strip.bottom()));
            arc.cubicTo(QPointF(left + 20, strip.bottom() + 1.32 * depth),
                        QPointF(right - 20, strip.bottom() + 1.32 * depth), QPointF(right, strip.bottom()));
            painter.drawPath(arc);
        }
    painter.setPen(QPen(headColour(picture.side), 2, headLine(picture.side)));
    painter.setBrush(p.rail);
    painter.drawRoundedRect(strip, 6, 6);
    for (int rod = 0; rod < rods; ++rod) {
        const HoopPeg& peg = picture.pegs[static_cast<std::size_t>(rod)];
        const bool now = peg.inMove || peg.due;
        const QRectF ear(map.xOf(rod) - 19, strip.top() - 3, 38, strip.height() + 6);
        painter.setPen(QPen(now ? p.accent : p.line, 1.5));
        painter.setBrush(now ? p.accent : p.card);
        painter.drawRoundedRect(ear, 5, 5);
        painter.setPen(now ? p.onAccent : p.ink);
        painter.setFont(typeface(now ? 20 : 16, now ? QFont::Bold : QFont::DemiBold));
        painter.drawText(ear, Qt::AlignCenter, QString::number(rod + 1));
        if (picture.marked == rod)
            paintRodMark(painter, {ear.right() + 8, strip.center().y()});
        if (peg.due) { // a stick's tip pointing down at the head in front of the rod
            const double x = map.xOf(rod);
            const double y = map.field().bottom() + 2;
            painter.setPen(QPen(p.accent, 4, Qt::SolidLine, Qt::RoundCap));
            painter.drawLine(QPointF(x + 30, y - 46), QPointF(x + 5, y - 8));
            painter.setPen(Qt::NoPen);
            painter.setBrush(p.accent);
            painter.drawEllipse(QPointF(x + 4, y - 6), 6, 6);
        }
        if (picture.selected == rod) {
            painter.setPen(QPen(p.ink, 2, Qt::SolidLine));
            painter.setBrush(Qt::NoBrush);
            painter.drawRoundedRect(ear.adjusted(-4, -4, 4, 4), 7, 7);
        }
    }
    painter.setPen(p.quiet);
    painter.setFont(typeface(13));
    const double y = map.area().bottom() - 24;
    const QString round = picture.side == HeadSide::Batter
                              ? HoopPaintText::tr("round it counter-clockwise \u2192")
                              : HoopPaintText::tr("drum upturned, counter-clockwise \u2192");
    painter.drawText(QRectF(map.area().right() - 334, map.area().top() + 4, 320, 18),
                     Qt::AlignRight | Qt::AlignVCenter, round);
    if (!picture.nearest) {
        painter.drawText(QRectF(strip.left(), y, 120, 20), Qt::AlignLeft | Qt::AlignVCenter,
                         HoopPaintText::tr("strainer"));
        painter.drawText(QRectF(strip.right() - 160, y, 160, 20), Qt::AlignRight | Qt::AlignVCenter,
                         HoopPaintText::tr("back at the strainer"));
        return;
    }
    // Not cut at the strainer: a notch where the hoop passes it, and you before the nearest rod.
    const double x = map.strainerX();
    painter.setPen(QPen(p.ink, 2.5));
    painter.drawLine(QPointF(x, strip.top() - 6), QPointF(x, strip.bottom() + 6));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(x - 60, strip.bottom() + 4, 120, 20), Qt::AlignCenter,
                     HoopPaintText::tr("strainer"));
    painter.drawText(QRectF(map.xOf(*picture.nearest) - 60, strip.bottom() + 4, 120, 20), Qt::AlignCenter,
                     HoopPaintText::tr("you"));
}

} // namespace

void paintHoop(QPainter& painter, const HoopMap& map, const HoopPicture& picture) {
    painter.setRenderHint(QPainter::Antialiasing);
    if (picture.showsCents)
        paintCentsField(painter, map, picture);
    else
        paintTurnsField(painter, map, picture);
    paintStrip(painter, map, picture);
    for (int rod = 0; rod < map.rods(); ++rod)
        if (picture.showsCents)
            paintCentsPeg(painter, map, picture, rod);
        else
            paintTurnsPeg(painter, map, picture, rod);
}

} // namespace bombo
