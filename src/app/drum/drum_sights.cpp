#include "app/drum/drum_sights.h"

#include "app/drum/rod_mark.h"

#include "app/theme/palette.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <set>

namespace bombo {
namespace {

struct DrumSightsText {
    Q_DECLARE_TR_FUNCTIONS(DrumSights)
};

QRectF squareIn(const QRectF& area) {
    const double side = std::min(area.width(), area.height()) - 4.0;
    return {area.center().x() - side / 2, area.center().y() - side / 2, side, side};
}

QRectF within(const QRectF& circle, double share) {
    const double inset = 0.5 * (1.0 - share) * circle.width();
    return circle.adjusted(inset, inset, -inset, -inset);
}

} // namespace

HeadSight sightOf(const HeadSpec& head) {
    if (head.coating == "cloth")
        return HeadSight::Cloth;
    if (head.plies > 1)
        return head.coating == "clear" ? HeadSight::TwoClear : HeadSight::TwoCoated;
    if (head.reinforcement == "dot")
        return HeadSight::Dot;
    if (head.reinforcement == "ring")
        return HeadSight::Ring;
    if (head.vents > 0)
        return HeadSight::Vents;
    if (head.coating == "textured")
        return HeadSight::Textured;
    return head.coating == "clear" ? HeadSight::Clear : HeadSight::Coated;
}

QString sightName(HeadSight sight) {
    switch (sight) {
    case HeadSight::Coated:
        return DrumSightsText::tr("white, rough");
    case HeadSight::Clear:
        return DrumSightsText::tr("clear");
    case HeadSight::Textured:
        return DrumSightsText::tr("for brushes");
    case HeadSight::Dot:
        return DrumSightsText::tr("with a dot");
    case HeadSight::Ring:
        return DrumSightsText::tr("with a ring");
    case HeadSight::Vents:
        return DrumSightsText::tr("with holes");
    case HeadSight::TwoClear:
        return DrumSightsText::tr("two plies, clear");
    case HeadSight::TwoCoated:
        return DrumSightsText::tr("two plies, white");
    case HeadSight::Cloth:
        break;
    }
    return DrumSightsText::tr("like cloth");
}

void paintHeadSight(QPainter& painter, const QRectF& area, HeadSight sight) {
    const Palette& p = ink();
    const QRectF circle = squareIn(area);
    const bool isClear = sight == HeadSight::Clear || sight == HeadSight::TwoClear;
    painter.setPen(QPen(p.ink, 2));
    painter.setBrush(isClear ? QBrush(Qt::NoBrush) : QBrush(p.rail));
    painter.drawEllipse(circle);
    QPainterPath edge;
    edge.addEllipse(circle);
    painter.save();
    painter.setClipPath(edge);
    painter.setPen(QPen(p.quiet, 1.2));
    if (isClear) { // light slides over it
        for (const double at : {0.36, 0.46})
            painter.drawLine(QPointF(circle.left() + at * circle.width(), circle.top()),
                             QPointF(circle.left() + (at - 0.3) * circle.width(), circle.bottom()));
    } else if (sight == HeadSight::Textured || sight == HeadSight::Cloth) {
        const double step = sight == HeadSight::Cloth ? 5.0 : 7.0;
        for (double x = circle.left(); x < circle.right() + circle.height(); x += step) {
            painter.drawLine(QPointF(x, circle.top()), QPointF(x - circle.height(), circle.bottom()));
            if (sight == HeadSight::Cloth)
                painter.drawLine(QPointF(x - circle.height(), circle.top()), QPointF(x, circle.bottom()));
        }
    } else { // grains of the coating
        for (int i = 0; i < 40; ++i) {
            const double angle = 2.399963 * i; // the golden angle: evenly over the disc
            const double r = 0.47 * circle.width() * std::sqrt((i + 0.5) / 40.0);
            painter.drawPoint(circle.center() + QPointF(r * std::cos(angle), r * std::sin(angle)));
        }
    }
    painter.restore();
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.ink, 2));
    switch (sight) {
    case HeadSight::Dot:
        painter.setBrush(p.ink);
        painter.drawEllipse(within(circle, 0.3));
        break;
    case HeadSight::Ring:
        painter.setPen(QPen(p.ink, 4));
        painter.drawEllipse(within(circle, 0.78));
        break;
    case HeadSight::TwoClear:
    case HeadSight::TwoCoated:
        painter.drawEllipse(within(circle, 0.88));
        break;
    case HeadSight::Vents:
        painter.setBrush(p.card);
        for (int i = 0; i < 8; ++i) {
            const double angle = (i + 0.5) * std::numbers::pi / 4.0;
            painter.drawEllipse(
                circle.center() + 0.4 * circle.width() * QPointF(std::cos(angle), std::sin(angle)), 2.2, 2.2);
        }
        break;
    default:
        break;
    }
}

ShellSight sightOf(const std::string& material) {
    static const std::set<std::string> metals{"aluminium", "brass", "bronze", "copper", "steel", "titanium"};
    if (metals.contains(material))
        return ShellSight::Metal;
    return material == "acrylic" ? ShellSight::Clear : ShellSight::Wood;
}

QString sightName(ShellSight sight) {
    return sight == ShellSight::Wood    ? DrumSightsText::tr("wood")
           : sight == ShellSight::Metal ? DrumSightsText::tr("metal")
                                        : DrumSightsText::tr("see-through");
}

void paintShellSight(QPainter& painter, const QRectF& area, ShellSight sight) {
    const Palette& p = ink();
    const QRectF shell = area.adjusted(4, 0.18 * area.height(), -4, -0.18 * area.height());
    painter.setPen(QPen(p.ink, 1.5, sight == ShellSight::Clear ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(sight == ShellSight::Clear ? QBrush(Qt::NoBrush) : QBrush(p.rail));
    painter.drawRect(shell);
    painter.setPen(QPen(p.quiet, 1.2));
    if (sight == ShellSight::Wood)
        for (int i = 1; i < 5; ++i) { // grain
            QPainterPath grain(QPointF(shell.left(), shell.top() + shell.height() * i / 5));
            grain.cubicTo(shell.center() + QPointF(-12, (i - 2.5) * 9 - 6),
                          shell.center() + QPointF(6, (i - 2.5) * 9 + 6),
                          QPointF(shell.right(), shell.top() + shell.height() * i / 5));
            painter.drawPath(grain);
        }
    if (sight == ShellSight::Metal)
        for (const double at : {0.2, 0.26, 0.7}) // light along a bright cylinder
            painter.drawLine(QPointF(shell.left() + at * shell.width(), shell.top() + 2),
                             QPointF(shell.left() + at * shell.width(), shell.bottom() - 2));
}

void paintSize(QPainter& painter, const QRectF& area, Metres diameter, Metres depth, Metres widest) {
    const Palette& p = ink();
    const double scale = area.width() / widest.value;
    const double width = scale * diameter.value;
    const double height = std::min(scale * depth.value, area.height());
    const QRectF shell(area.center().x() - width / 2, area.bottom() - height - 3, width, height);
    painter.setPen(QPen(p.ink, 1.3));
    painter.setBrush(p.rail);
    painter.drawRect(shell);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (const double y : {shell.top(), shell.bottom()})
        painter.drawRect(QRectF(shell.left() - 2, y - 2, width + 4, 4));
}

void paintRods(QPainter& painter, const QRectF& area, int rods, int markedRod) {
    const Palette& p = ink();
    const QRectF circle = squareIn(area);
    painter.setPen(QPen(p.ink, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(within(circle, 0.78));
    const double size = std::max(3.0, 0.05 * circle.width());
    for (int rod = 0; rod < rods; ++rod) {
        // Seen from above, the strainer at the left, rods counted against the clock.
        const double angle = std::numbers::pi + rodAngle(rod, rods).value;
        const QPointF at =
            circle.center() + 0.44 * circle.width() * QPointF(std::cos(angle), std::sin(angle));
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.ink);
        painter.drawEllipse(at, size, size);
        if (rod + 1 == markedRod)
            paintRodMark(painter, at + QPointF(size + 7, 0));
    }
}

void paintStrands(QPainter& painter, const QRectF& area, int strands) {
    const Palette& p = ink();
    const QRectF band = area.adjusted(6, 4, -6, -4);
    const double height = std::min(band.height(), 1.45 * strands);
    const double top = band.center().y() - height / 2;
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (const double x : {band.left(), band.right() - 6})
        painter.drawRect(QRectF(x, top - 2, 6, height + 4));
    painter.setPen(QPen(p.ink, strands > 24 ? 0.8 : 1));
    for (int i = 0; i < strands; ++i) {
        const double y = top + height * (i + 0.5) / strands;
        painter.drawLine(QPointF(band.left() + 6, y), QPointF(band.right() - 6, y));
    }
}

} // namespace bombo
