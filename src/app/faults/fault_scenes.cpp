#include "app/faults/fault_scenes.h"

#include "app/theme/palette.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {

namespace {

/// From where to where down the square a scene and its marks reach.
struct Extent {
    double top = 0.0;
    double bottom = 1.0;
};
Extent extentOf(FaultScene scene) {
    switch (scene) {
    case FaultScene::Section:
    case FaultScene::Slack:
        return {0.14, 0.98};
    case FaultScene::Lifted:
        return {0.10, 0.82};
    case FaultScene::Strainer:
        return {0.06, 0.94};
    case FaultScene::TwoDrums:
        return {0.14, 0.80};
    case FaultScene::Microphone:
        return {0.12, 0.90};
    case FaultScene::Listener:
        return {0.36, 0.92};
    case FaultScene::Hoop:
        return {0.40, 0.84};
    case FaultScene::Walls:
        return {0.16, 0.88};
    case FaultScene::Sky:
    case FaultScene::Calendar:
        return {0.10, 0.88};
    case FaultScene::Underside:
    case FaultScene::Above:
    case FaultScene::Rod:
        break;
    }
    return {};
}

} // namespace

SceneBox::SceneBox(const QRectF& area, FaultScene scene) {
    const Extent shown = extentOf(scene);
    const double side = std::min(area.width(), area.height() / (shown.bottom - shown.top));
    const double middle = 0.5 * (shown.top + shown.bottom);
    box = QRectF(area.center().x() - 0.5 * side, area.center().y() - middle * side, side, side);
}

namespace {

constexpr double kRadius = 0.40;

void paintRods(QPainter& painter, const SceneBox& s, int rods) {
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().ink);
    for (int rod = 0; rod < rods; ++rod) {
        const double angle = 2.0 * std::numbers::pi * (rod + 0.5) / rods;
        const QPointF at =
            s.at(0.5 - (kRadius + 0.012) * std::cos(angle), 0.5 + (kRadius + 0.012) * std::sin(angle));
        painter.drawRect(QRectF(at - QPointF(3.5, 3.5), QSizeF(7, 7)));
    }
}

void paintHead(QPainter& painter, const SceneBox& s, const QPen& film) {
    painter.setPen(QPen(ink().ink, 1.5));
    painter.setBrush(ink().rail);
    painter.drawEllipse(s.at(0.5, 0.5), s.length(kRadius + 0.025), s.length(kRadius + 0.025));
    painter.setPen(film);
    painter.setBrush(ink().card);
    painter.drawEllipse(s.at(0.5, 0.5), s.length(kRadius), s.length(kRadius));
}

void paintUnderside(QPainter& painter, const SceneBox& s, int rods, int strands) {
    paintHead(painter, s, QPen(ink().snareSide, 2.5, Qt::DashLine));
    paintRods(painter, s, rods);
    painter.setPen(QPen(ink().quiet, 1.4));
    const int drawn = std::clamp(strands, 2, 24);
    for (int i = 0; i < drawn; ++i) {
        const double y = 0.5 + 0.10 * (static_cast<double>(i) / (drawn - 1) - 0.5);
        painter.drawLine(s.at(0.19, y), s.at(0.81, y));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().ink);
    painter.drawRect(QRectF(s.at(0.145, 0.435), s.at(0.19, 0.565)));
    painter.drawRect(QRectF(s.at(0.81, 0.435), s.at(0.855, 0.565)));
    painter.setPen(QPen(ink().ink, 1.5));
    painter.setBrush(ink().card);
    painter.drawRect(QRectF(s.at(0.02, 0.42), s.at(0.06, 0.58)));
    painter.drawRect(QRectF(s.at(0.94, 0.44), s.at(0.98, 0.56)));
    painter.setPen(QPen(ink().quiet, 2));
    for (const double y : {0.47, 0.53}) {
        painter.drawLine(s.at(0.06, y), s.at(0.145, y));
        painter.drawLine(s.at(0.855, y), s.at(0.94, y));
    }
}

/// Shell, hoops and both films cut through. @param dish by which the batter hangs @param lift of its hoop
void paintSection(QPainter& painter, const SceneBox& s, double dish, double lift) {
    const Palette& p = ink();
    painter.setPen(QPen(p.quiet, 1.5));
    painter.setBrush(p.band);
    for (const double x : {0.13, 0.83})
        painter.drawRect(QRectF(s.at(x, 0.40), s.at(x + 0.04, 0.72)));
    painter.setPen(QPen(p.quiet, 3));
    for (const double x : {0.075, 0.925})
        painter.drawLine(s.at(x, 0.47), s.at(x, 0.65));
    const double top = 0.39 - lift;
    QPainterPath film(s.at(0.09, top + 0.07));
    film.lineTo(s.at(0.14, top));
    film.quadTo(s.at(0.5, top + 2.0 * dish), s.at(0.86, top));
    film.lineTo(s.at(0.91, top + 0.07));
    painter.setPen(QPen(p.batter, 3));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(film);
    QPainterPath below(s.at(0.09, 0.66));
    below.lineTo(s.at(0.14, 0.73));
    below.lineTo(s.at(0.86, 0.73));
    below.lineTo(s.at(0.91, 0.66));
    painter.setPen(QPen(p.snareSide, 2.5, Qt::DashLine));
    painter.drawPath(below);
    painter.setPen(QPen(p.ink, 1.5)); // the wires
    painter.drawLine(s.at(0.18, 0.755), s.at(0.82, 0.755));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (const double x : {0.05, 0.90}) {
        painter.drawRect(QRectF(s.at(x, top - 0.025), s.at(x + 0.05, top + 0.09)));
        painter.drawRect(QRectF(s.at(x, 0.64), s.at(x + 0.05, 0.755)));
    }
}

/// The shell from the side, at the strainer.
void paintStrainer(QPainter& painter, const SceneBox& s) {
    const Palette& p = ink();
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.band);
    painter.drawRect(QRectF(s.at(0.08, 0.24), s.at(0.92, 0.78)));
    painter.setBrush(p.rail);
    painter.drawRect(QRectF(s.at(0.05, 0.16), s.at(0.95, 0.24)));
    painter.drawRect(QRectF(s.at(0.05, 0.78), s.at(0.95, 0.86)));
    painter.setPen(QPen(p.quiet, 3));
    for (const double x : {0.16, 0.84})
        painter.drawLine(s.at(x, 0.16), s.at(x, 0.86));
    painter.setBrush(p.card);
    painter.setPen(QPen(p.ink, 2));
    for (const double x : {0.16, 0.84})
        painter.drawRect(QRectF(s.at(x - 0.03, 0.42), s.at(x + 0.03, 0.60)));
    painter.drawRoundedRect(QRectF(s.at(0.40, 0.40), s.at(0.60, 0.72)), 4, 4); // its plate
    painter.setBrush(p.quiet);
    painter.drawRect(QRectF(s.at(0.46, 0.26), s.at(0.54, 0.46))); // lever, up: on
    painter.setBrush(p.ink);
    painter.drawEllipse(s.at(0.50, 0.53), s.length(0.038), s.length(0.038)); // knob
    painter.setBrush(p.card);
    painter.drawRect(QRectF(s.at(0.43, 0.62), s.at(0.57, 0.69))); // clamp
    painter.drawLine(s.at(0.50, 0.69), s.at(0.50, 0.90));         // strap
    painter.drawLine(s.at(0.46, 0.69), s.at(0.46, 0.90));
    painter.drawLine(s.at(0.54, 0.69), s.at(0.54, 0.90));
}

void paintRod(QPainter& painter, const SceneBox& s) {
    const Palette& p = ink();
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.rail);
    painter.drawRect(QRectF(s.at(0.22, 0.28), s.at(0.62, 0.36))); // hoop
    painter.setBrush(p.band);
    painter.drawRect(QRectF(s.at(0.50, 0.42), s.at(0.62, 0.95))); // shell
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(s.at(0.32, 0.60), s.at(0.50, 0.86)), 6, 6); // lug
    painter.setPen(QPen(p.ink, 2));
    painter.setBrush(p.quiet);
    painter.drawRect(QRectF(s.at(0.385, 0.28), s.at(0.415, 0.72))); // rod
    for (int i = 0; i < 9; ++i)
        painter.drawLine(s.at(0.385, 0.50 + 0.025 * i), s.at(0.415, 0.49 + 0.025 * i));
    painter.setBrush(p.ink);
    painter.drawRect(QRectF(s.at(0.35, 0.24), s.at(0.45, 0.28)));
    painter.drawRect(QRectF(s.at(0.38, 0.18), s.at(0.42, 0.24))); // its square head
}

void paintDrum(QPainter& painter, const QRectF& body, bool isThis) {
    const Palette& p = ink();
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(isThis ? p.band : p.card);
    painter.drawRect(body);
    painter.setBrush(p.rail);
    const double hoop = 0.09 * body.height() + 6;
    painter.drawRect(QRectF(body.left() - 5, body.top() - hoop, body.width() + 10, hoop));
    painter.drawRect(QRectF(body.left() - 5, body.bottom(), body.width() + 10, hoop));
    painter.setPen(QPen(p.quiet, 2.5));
    for (const double x : {0.2, 0.5, 0.8})
        painter.drawLine(QPointF(body.left() + x * body.width(), body.top()),
                         QPointF(body.left() + x * body.width(), body.bottom()));
    if (!isThis)
        return;
    painter.setPen(QPen(p.ink, 1.5));
    painter.drawLine(QPointF(body.left() + 8, body.bottom() + hoop + 4),
                     QPointF(body.right() - 8, body.bottom() + hoop + 4)); // its wires
}

void paintSky(QPainter& painter, const SceneBox& s) {
    const Palette& p = ink();
    paintDrum(painter, QRectF(s.at(0.08, 0.52), s.at(0.52, 0.76)), true);
    painter.setPen(QPen(p.ink, 2));
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(s.at(0.66, 0.14), s.at(0.74, 0.64)), 12, 12);
    painter.setBrush(p.accent);
    painter.drawEllipse(s.at(0.70, 0.68), s.length(0.06), s.length(0.06));
    painter.setPen(Qt::NoPen);
    painter.drawRect(QRectF(s.at(0.688, 0.40), s.at(0.712, 0.66)));
    QPainterPath drop(s.at(0.88, 0.40));
    drop.cubicTo(s.at(0.90, 0.50), s.at(0.95, 0.54), s.at(0.95, 0.60));
    drop.cubicTo(s.at(0.95, 0.70), s.at(0.81, 0.70), s.at(0.81, 0.60));
    drop.cubicTo(s.at(0.81, 0.54), s.at(0.86, 0.50), s.at(0.88, 0.40));
    painter.setPen(QPen(p.ink, 2));
    painter.setBrush(p.band);
    painter.drawPath(drop);
}

void paintCalendar(QPainter& painter, const SceneBox& s) {
    const Palette& p = ink();
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.card);
    painter.drawRect(QRectF(s.at(0.18, 0.18), s.at(0.82, 0.84)));
    painter.setBrush(p.rail);
    painter.drawRect(QRectF(s.at(0.18, 0.18), s.at(0.82, 0.29)));
    painter.setPen(QPen(p.line, 1));
    for (int i = 1; i < 5; ++i) {
        painter.drawLine(s.at(0.18, 0.29 + 0.11 * i), s.at(0.82, 0.29 + 0.11 * i));
        painter.drawLine(s.at(0.18 + 0.128 * i, 0.29), s.at(0.18 + 0.128 * i, 0.84));
    }
    painter.setPen(QPen(p.batter, 3)); // a head, day after day
    painter.setBrush(Qt::NoBrush);
    for (const QPointF at :
         {QPointF(0.244, 0.345), QPointF(0.5, 0.455), QPointF(0.628, 0.565), QPointF(0.372, 0.675)})
        painter.drawEllipse(s.at(at.x(), at.y()), s.length(0.035), s.length(0.035));
}

} // namespace

void paintScene(QPainter& painter, const SceneBox& s, FaultScene scene, int rods, int strands) {
    const Palette& p = ink();
    switch (scene) {
    case FaultScene::Underside:
        return paintUnderside(painter, s, rods, strands);
    case FaultScene::Above:
        paintHead(painter, s, QPen(p.batter, 2.5));
        return paintRods(painter, s, rods);
    case FaultScene::Section:
        return paintSection(painter, s, 0.0, 0.0);
    case FaultScene::Slack:
        return paintSection(painter, s, 0.06, 0.03);
    case FaultScene::Lifted:
        return paintSection(painter, s, 0.0, 0.22);
    case FaultScene::Strainer:
        return paintStrainer(painter, s);
    case FaultScene::Rod:
        return paintRod(painter, s);
    case FaultScene::TwoDrums:
        paintDrum(painter, QRectF(s.at(0.04, 0.48), s.at(0.44, 0.70)), true);
        return paintDrum(painter, QRectF(s.at(0.58, 0.34), s.at(0.96, 0.70)), false);
    case FaultScene::Microphone:
        paintDrum(painter, QRectF(s.at(0.14, 0.58), s.at(0.86, 0.80)), true);
        painter.setPen(QPen(p.ink, 2));
        painter.setBrush(p.quiet);
        painter.save();
        painter.translate(s.at(0.78, 0.44));
        painter.rotate(-35);
        painter.drawRoundedRect(QRectF(-s.length(0.10), -s.length(0.03), s.length(0.14), s.length(0.06)), 5,
                                5);
        painter.setBrush(p.card);
        painter.drawEllipse(QPointF(-s.length(0.10), 0), s.length(0.035), s.length(0.035));
        painter.restore();
        return;
    case FaultScene::Listener:
        paintDrum(painter, QRectF(s.at(0.02, 0.56), s.at(0.34, 0.74)), true);
        painter.setPen(QPen(p.quiet, 2, Qt::DotLine));
        painter.drawLine(s.at(0.36, 0.84), s.at(0.94, 0.84));
        for (int i = 0; i < 4; ++i)
            painter.drawLine(s.at(0.44 + 0.13 * i, 0.82), s.at(0.44 + 0.13 * i, 0.86));
        return;
    case FaultScene::Hoop:
        painter.setPen(QPen(p.ink, 2));
        painter.drawLine(s.at(0.02, 0.66), s.at(0.98, 0.66));
        painter.setBrush(p.rail);
        painter.save();
        painter.translate(s.at(0.5, 0.62));
        painter.rotate(-3);
        painter.drawRect(QRectF(-s.length(0.40), -s.length(0.03), s.length(0.80), s.length(0.06)));
        painter.restore();
        return;
    case FaultScene::Walls:
        painter.setPen(QPen(p.ink, 3));
        painter.drawPolyline(
            QPolygonF{s.at(0.08, 0.20), s.at(0.08, 0.84), s.at(0.92, 0.84), s.at(0.92, 0.20)});
        return paintDrum(painter, QRectF(s.at(0.28, 0.56), s.at(0.62, 0.74)), true);
    case FaultScene::Sky:
        return paintSky(painter, s);
    case FaultScene::Calendar:
        return paintCalendar(painter, s);
    }
}

} // namespace bombo
