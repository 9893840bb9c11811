#include "app/numbers/numbers.h"
#include "app/session/units_shown.h"
#include "app/session/wording.h"
#include "app/theme/load_wedge.h"
#include "app/theme/palette.h"
#include "app/tone/cutaway.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace bombo {
namespace {

constexpr double kSwing = 17.0; // pixels at the largest deflection
constexpr double kNearLimit = 0.6;

struct CutawayPaintText {
    Q_DECLARE_TR_FUNCTIONS(CutawayPaint)
};

struct HeadPen {
    QColor colour;
    double width;
    Qt::PenStyle style;
};

QPainterPath bowOf(const QRectF& shell, double y, const std::vector<double>& shape, double swing) {
    QPainterPath bow(QPointF(shell.left(), y));
    for (std::size_t i = 1; i < shape.size(); ++i)
        bow.lineTo(shell.left() +
                       shell.width() * static_cast<double>(i) / static_cast<double>(shape.size() - 1),
                   y + swing * shape[i]);
    return bow;
}

/// A head at rest with, faint, its bow in the mode; or in motion, with its rest faint.
void paintHead(QPainter& painter, const QRectF& shell, double y, const HeadPen& pen,
               const std::vector<double>& shape, double swing) {
    QColor faint = pen.colour;
    faint.setAlpha(110);
    painter.setBrush(Qt::NoBrush);
    const QLineF rest(shell.left() - 4, y, shell.right() + 4, y);
    if (swing == 0.0) {
        painter.setPen(QPen(faint, 1.5, Qt::DotLine));
        painter.drawPath(bowOf(shell, y, shape, 13.0));
        painter.setPen(QPen(pen.colour, pen.width, pen.style));
        painter.drawLine(rest);
        return;
    }
    painter.setPen(QPen(faint, 1.5, Qt::DotLine));
    painter.drawLine(rest);
    painter.setPen(QPen(pen.colour, pen.width, pen.style));
    painter.drawPath(bowOf(shell, y, shape, swing));
}

QString headWords(const CutawayHead& head) {
    if (head.now)
        return CutawayPaintText::tr("now %1, %2 cents away")
            .arg(hertzText(*head.now), centsText(centsBetween(head.wanted, *head.now)));
    return CutawayPaintText::tr("wanted, muted; %1 open").arg(hertzText(head.open));
}

QString filmWords(const CutawayHead& head) {
    const QString film = CutawayPaintText::tr("film load %1 %").arg(qRound(100 * head.filmLoad));
    if (head.capped)
        return CutawayPaintText::tr("%1, held at a limit").arg(film);
    return head.filmLoad > kNearLimit ? CutawayPaintText::tr("%1, near its limit").arg(film) : film;
}

QString turnWords(const CutawayHead& head) {
    return CutawayPaintText::tr("%1 ± %2 turns from finger-tight")
        .arg(figures(std::round(head.turns.value * 8.0) / 8.0, 3))
        .arg(number(head.turnsError.value, head.turnsError.value < 0.1 ? 2 : 1));
}

QString centreWords(const CutawayPicture& picture) {
    if (picture.ratioReversed)
        return CutawayPaintText::tr("the lowest edge tone is the snare side's");
    if (picture.centreNow)
        return CutawayPaintText::tr("now %1; ratio %2")
            .arg(hertzText(*picture.centreNow))
            .arg(number(picture.edgeOverCentre, 2));
    return CutawayPaintText::tr("centre pitch; edge over centre %1").arg(number(picture.edgeOverCentre, 2));
}

QString wireState(const CutawayPicture& picture) {
    if (picture.wiresOff)
        return CutawayPaintText::tr("played with the lever off");
    return picture.strainer
               ? CutawayPaintText::tr("strainer %1 from contact").arg(turnsText(*picture.strainer))
               : CutawayPaintText::tr("strainer not set yet");
}

void paintLeader(QPainter& painter, QPointF from, QPointF to) {
    painter.setPen(QPen(ink().quiet, 1));
    painter.setBrush(ink().quiet);
    painter.drawEllipse(from, 2.5, 2.5);
    painter.drawPolyline(QPolygonF{from, QPointF(to.x() - 22, to.y()), QPointF(to.x() - 8, to.y())});
}

void paintHeadFigures(QPainter& painter, QPointF at, double width, const QString& name,
                      const CutawayHead& head, HeadSide side, bool isRoomy) {
    const Palette& p = ink();
    painter.setPen(side == HeadSide::Batter ? p.batter : p.snareSide);
    painter.setFont(typeface(15, QFont::DemiBold));
    painter.drawText(QRectF(at.x(), at.y(), width, 20), Qt::AlignLeft, name);
    if (unitsShown().details) {
        painter.setPen(p.quiet);
        painter.setFont(typeface(14));
        painter.drawText(QRectF(at.x() + 84, at.y(), width - 84, 20), Qt::AlignLeft,
                         tensionText(head.tension));
    }
    painter.setPen(p.ink);
    painter.setFont(typeface(26, QFont::Bold));
    painter.drawText(QRectF(at.x(), at.y() + 18, width, 34), Qt::AlignLeft | Qt::AlignVCenter,
                     pitchText(head.wanted));
    painter.setFont(typeface(14));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(at.x(), at.y() + 52, width, 20), Qt::AlignLeft, headWords(head));
    constexpr double wedge = 74;
    paintLoadWedge(painter, QRectF(at.x(), at.y() + 78, wedge, 14), head.filmLoad, side);
    painter.setPen(p.ink);
    painter.setFont(typeface(14));
    painter.drawText(QRectF(at.x() + wedge + 8, at.y() + 75, width - wedge - 8, 20), Qt::AlignLeft,
                     filmWords(head));
    if (isRoomy)
        painter.drawText(QRectF(at.x(), at.y() + 97, width, 20), Qt::AlignLeft, turnWords(head));
}

} // namespace

CutawayMap::CutawayMap(QRectF area, const Shell& shell) : m_area(area) {
    // One scale for every drum, so that a small drum looks small: 15 in across fills the left part.
    const double left = std::max(200.0, area.width() - 408);
    const double scale = std::min(left / inches(15).value, (area.height() - 110) / inches(8.5).value);
    const double width = scale * shell.diameter.value;
    const double height = scale * shell.depth.value;
    m_shell =
        QRectF(area.left() + 30 + 0.5 * (left - width), area.center().y() - 0.5 * height - 8, width, height);
    m_figuresX = area.left() + left + 72;
}

void paintCutaway(QPainter& painter, const CutawayMap& map, const CutawayPicture& picture,
                  const CutawayMoment& moment) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF s = map.shell();
    // Shell walls in section, hoops around their ends.
    painter.setPen(QPen(p.ink, 1.2));
    painter.setBrush(p.rail);
    for (const double x : {s.left(), s.right() - 9}) {
        painter.drawRect(QRectF(x, s.top(), 9, s.height()));
    }
    painter.setBrush(p.ink);
    for (const double y : {s.top(), s.bottom()})
        for (const double x : {s.left() - 9, s.right() + 3})
            painter.drawRoundedRect(QRectF(x, y - 8, 6, 16), 2, 2);
    const HeadMotion& shown =
        picture.motions[static_cast<std::size_t>(moment.motion.value_or(MotionKind::Together))];
    const double swing = moment.motion ? kSwing * std::sin(moment.phase) : 0.0;
    paintHead(painter, s, s.top(), {p.batter, 4, Qt::SolidLine}, shown.batter, swing);
    paintHead(painter, s, s.bottom(), {p.snareSide, 4, Qt::DashLine}, shown.snareSide, swing);
    // Wires under the snare side: a coil seen from the side.
    QPainterPath coil(QPointF(s.left() + 0.12 * s.width(), s.bottom() + 9));
    for (double x = 0; x <= 0.76 * s.width(); x += 1.0)
        coil.lineTo(s.left() + 0.12 * s.width() + x, s.bottom() + 9 + 3.0 * std::sin(x * 0.8));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(p.ink, 1.2));
    painter.drawPath(coil);

    const double x = map.figuresX();
    const double width = map.area().right() - x - 8;
    // Three blocks of 100, 72 and 100 pixels, spread over the height of the card as far as they stay near the
    // drum.
    const double gap = std::clamp((map.area().height() - 292) / 4.0, 4.0, 36.0);
    const bool isRoomy = gap > 20.0; // for a line more under each head
    const double top = map.area().center().y() - 136 - gap - 6;
    const double middle = top + 100 + gap;
    const double bottom = middle + 72 + gap;
    paintLeader(painter, {s.right() - 0.2 * s.width(), s.top()}, {x, top + 34});
    paintLeader(painter, {s.center().x() + 0.3 * s.width(), s.center().y()}, {x, middle + 30});
    paintLeader(painter, {s.right() - 0.2 * s.width(), s.bottom()}, {x, bottom + 34});
    paintHeadFigures(painter, {x, top}, width, CutawayPaintText::tr("Batter"), picture.batter,
                     HeadSide::Batter, isRoomy);
    painter.setPen(p.ink);
    painter.setFont(typeface(15, QFont::DemiBold));
    painter.drawText(QRectF(x, middle, width, 20), Qt::AlignLeft,
                     CutawayPaintText::tr("Both heads and the air"));
    painter.setFont(typeface(21, QFont::Bold));
    painter.drawText(QRectF(x, middle + 18, width, 30), Qt::AlignLeft | Qt::AlignVCenter,
                     pitchText(picture.centre));
    painter.setFont(typeface(14));
    painter.setPen(p.quiet);
    painter.drawText(QRectF(x, middle + 48, width, 20), Qt::AlignLeft, centreWords(picture));
    paintHeadFigures(painter, {x, bottom}, width, CutawayPaintText::tr("Snare side"), picture.snareSide,
                     HeadSide::SnareSide, isRoomy);

    painter.setPen(p.quiet);
    painter.setFont(typeface(14));
    const QString wires =
        CutawayPaintText::tr("strands: %1").arg(picture.strands) + QLatin1Char('\n') + wireState(picture);
    painter.drawText(QRectF(s.left() - 20, s.bottom() + 20, s.width() + 40, 40), Qt::AlignLeft, wires);
    const QString caption = moment.motion
                                ? CutawayPaintText::tr("%1, slowed down").arg(hertzText(shown.frequency))
                                : CutawayPaintText::tr("%1, to scale").arg(sizeText(picture.shell));
    painter.drawText(QRectF(s.left() - 40, s.top() - 38, s.width() + 80, 20), Qt::AlignHCenter, caption);
}

} // namespace bombo
