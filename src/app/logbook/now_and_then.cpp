#include "app/logbook/now_and_then.h"

#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/head_ink.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

struct NowAndThenText {
    Q_DECLARE_TR_FUNCTIONS(NowAndThen)
};

constexpr double kKnobRoom = 34.0;
constexpr double kArrowRoom = 26.0;
constexpr double kCaptionHigh = 17.0;
constexpr double kWiresHigh = 9.0;
constexpr double kPadHigh = 5.0;

std::optional<Hertz> pitchThen(const HeadFigures& head) {
    return head.left ? std::optional(head.left->edge) : head.wanted;
}

/// What lies on the head, seen from the side; the strainer is at the left.
void paintPad(QPainter& painter, const QRectF& shell, const Pad& pad, double scale) {
    const double middle = shell.center().x();
    const double half = scale * pad.kind.radius.value;
    const double top = pad.kind.beneath ? shell.top() + 2.0 : shell.top() - 2.0 - kPadHigh;
    const auto lump = [&](double from, double to) {
        const double wide = std::max(6.0, to - from);
        painter.drawRoundedRect(QRectF(0.5 * (from + to - wide), top, wide, kPadHigh), 2, 2);
    };
    const double along = -std::cos(pad.angle.value);
    const double rim = 0.5 * shell.width();
    switch (pad.kind.footprint) {
    case Footprint::Disc:
        lump(middle + along * scale * pad.fromCentre.value - half,
             middle + along * scale * pad.fromCentre.value + half);
        break;
    case Footprint::Ring:
        lump(shell.left(), shell.left() + half);
        lump(shell.right() - half, shell.right());
        break;
    case Footprint::Across:
        lump(middle - std::max(half, std::abs(along) * rim), middle + std::max(half, std::abs(along) * rim));
        break;
    case Footprint::Arc:
        lump(middle + along * (rim - 0.5 * half) - 0.5 * half,
             middle + along * (rim - 0.5 * half) + 0.5 * half);
        break;
    }
}

void paintPitch(QPainter& painter, const QRectF& shell, const DrumSketch& sketch, HeadSide side) {
    const QString text = sketch.head(side) ? hertzText(*sketch.head(side)) : NowAndThenText::tr("not known");
    const bool isAbove = side == HeadSide::Batter;
    const double high = std::min(17.0, 0.5 * shell.height() - 1.0);
    const QRectF place(shell.left() + 5, isAbove ? shell.top() + 1 : shell.bottom() - 1 - high,
                       shell.width() - 10, high);
    painter.setPen(headColour(side));
    painter.setFont(typefaceFor(text, place.width(), high < 17.0 ? 11 : 13, QFont::DemiBold));
    painter.drawText(place, Qt::AlignCenter, text);
    painter.setPen(QPen(headColour(side), 3, headLine(side)));
    const double y = isAbove ? shell.top() : shell.bottom();
    painter.drawLine(QPointF(shell.left() - 3, y), QPointF(shell.right() + 3, y));
}

void paintSketch(QPainter& painter, const QRectF& box, const DrumSketch& sketch, double scale) {
    const double wide = scale * sketch.shell.diameter.value;
    const double high = scale * sketch.shell.depth.value;
    const double bottom = box.bottom() - kWiresHigh;
    const double middle = box.left() + kKnobRoom + 0.5 * (box.width() - kKnobRoom);
    const QRectF shell(middle - 0.5 * wide, bottom - high, wide, high);
    painter.setPen(ink().quiet);
    painter.setFont(typefaceFor(sketch.when, box.width() - kKnobRoom, 12));
    painter.drawText(
        QRectF(box.left() + kKnobRoom, shell.top() - kPadHigh - kCaptionHigh, box.width() - kKnobRoom, 15),
        Qt::AlignCenter, sketch.when);
    painter.setPen(QPen(ink().quiet, 1));
    painter.setBrush(ink().rail);
    for (const double x : {shell.left(), shell.right() - 4.0})
        painter.drawRect(QRectF(x, shell.top(), 4.0, shell.height()));
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        paintPitch(painter, shell, sketch, side);
    painter.setPen(QPen(ink().ink, 1));
    painter.setBrush(ink().band);
    for (const Pad& pad : sketch.pads.value_or(std::vector<Pad>{}))
        paintPad(painter, shell, pad, scale);
    QPainterPath coil(QPointF(shell.left() + 0.12 * wide, shell.bottom() + 6));
    for (double x = 0; x <= 0.76 * wide; x += 1.5)
        coil.lineTo(shell.left() + 0.12 * wide + x, shell.bottom() + 6 + 2.0 * std::sin(x * 1.1));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(coil);
    if (!sketch.strainer)
        return;
    const QPointF knob(shell.left() - 14, shell.center().y() - 7);
    painter.setPen(QPen(ink().ink, 1.4));
    painter.setBrush(ink().card);
    painter.drawEllipse(knob, 6, 6);
    painter.drawLine(knob, knob + QPointF(0, -6));
    const QString turns = turnsFigure(*sketch.strainer);
    painter.setFont(typefaceFor(turns, kKnobRoom, 12));
    painter.drawText(QRectF(knob.x() - 20, knob.y() + 8, 40, 15), Qt::AlignCenter, turns);
}

void paintTowards(QPainter& painter, QPointF middle) {
    painter.setPen(QPen(ink().accent, 2.4, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(middle - QPointF(8, 0), middle + QPointF(8, 0));
    painter.drawPolyline(
        QPolygonF({middle + QPointF(3, -5), middle + QPointF(8, 0), middle + QPointF(3, 5)}));
}

} // namespace

NowAndThen nowAndThen(const BackTo& plan, const EntryFigures& then, const std::vector<Pad>& padsNow,
                      const Shell& shellNow, const Shell& shellThen) {
    DrumSketch now{.when = NowAndThenText::tr("now"), .shell = shellNow, .pads = padsNow};
    if (plan.batter)
        now.batter = plan.batter->now;
    if (plan.snareSide)
        now.snareSide = plan.snareSide->now;
    if (plan.strainerTo && plan.strainerBy)
        now.strainer = *plan.strainerTo - *plan.strainerBy;
    return {now, DrumSketch{.when = {},
                            .shell = shellThen,
                            .batter = pitchThen(then.batter),
                            .snareSide = pitchThen(then.snareSide),
                            .strainer = then.strainer,
                            .pads = plan.padsThen}};
}

QString sketchText(const DrumSketch& sketch) {
    const auto pitch = [](const std::optional<Hertz>& of) {
        return of ? hertzText(*of) : NowAndThenText::tr("not known");
    };
    return NowAndThenText::tr("%1: batter %2, snare side %3")
        .arg(sketch.when, pitch(sketch.batter), pitch(sketch.snareSide));
}

void paintNowAndThen(QPainter& painter, const QRectF& area, const NowAndThen& drums) {
    const double wide = 0.5 * (area.width() - kArrowRoom);
    const QRectF left(area.left(), area.top(), wide, area.height());
    const QRectF right(area.right() - wide, area.top(), wide, area.height());
    // One scale for both, so that a smaller drum looks smaller.
    double scale = 1e9;
    for (const DrumSketch& drum : drums)
        scale = std::min({scale, (wide - kKnobRoom - 6.0) / drum.shell.diameter.value,
                          (area.height() - kCaptionHigh - kWiresHigh - kPadHigh) / drum.shell.depth.value});
    paintSketch(painter, left, drums[0], scale);
    paintSketch(painter, right, drums[1], scale);
    paintTowards(painter, QPointF(area.center().x(), area.bottom() - kWiresHigh - 0.4 * area.height()));
}

} // namespace bombo
