#include "app/wires/underside.h"
#include "app/numbers/numbers.h"

#include "app/drum/rod_mark.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QCoreApplication>
#include <QPainter>
#include <cmath>

namespace bombo {
namespace {

struct UndersideText {
    Q_DECLARE_TR_FUNCTIONS(Underside)
};

/// A dimension between two points on one line, its figure above the middle of `words`.
void paintGap(QPainter& painter, QPointF from, QPointF to, QPointF words, const QString& text,
              const QColor& colour) {
    painter.setPen(QPen(colour, 1.5));
    painter.drawLine(from, to);
    for (const QPointF end : {from, to})
        painter.drawLine(end + QPointF(0, -5), end + QPointF(0, 5));
    painter.setFont(typeface(14, QFont::DemiBold));
    const double half = 0.5 * painter.fontMetrics().horizontalAdvance(text) + 2;
    painter.drawText(QRectF(words.x() - half, words.y() - 26, 2 * half, 20), Qt::AlignCenter, text);
}

void paintShell(QPainter& painter, const UndersideMap& map, const UndersidePicture& picture) {
    const Palette& p = ink();
    const double radius = picture.shell.radius().value;
    const QPointF centre = map.toPixel(0, 0);
    const double outer = map.pixels(radius);
    const double inner = map.pixels(radius - picture.layout.wall.value);
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.rail);
    painter.drawEllipse(centre, outer + 10, outer + 10); // the hoop
    painter.setPen(QPen(p.snareSide, 2, Qt::DashLine));
    painter.setBrush(p.card);
    painter.drawEllipse(centre, outer, outer);
    painter.setPen(QPen(p.quiet, 1, Qt::DotLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(centre, inner, inner);
    painter.setPen(QPen(p.ink, 5, Qt::SolidLine, Qt::FlatCap)); // the beds
    const QRectF edge(centre.x() - outer, centre.y() - outer, 2 * outer, 2 * outer);
    for (const int middle : {0, 180})
        painter.drawArc(edge, (middle - 14) * 16, 28 * 16);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (int rod = 0; rod < picture.rods; ++rod) { // from below the numbers run the other way round
        const double angle = rodAngle(rod, picture.rods).value;
        const QPointF at = centre + (outer + 5) * QPointF(-std::cos(angle), std::sin(angle));
        painter.drawRect(QRectF(at.x() - 3.5, at.y() - 3.5, 7, 7));
        if (picture.markedRod == rod)
            paintRodMark(painter, centre + (outer + 17) * QPointF(-std::cos(angle), std::sin(angle)));
    }
}

/// One end: plate, strap and clamp. @param way -1 at the strainer, 1 at the butt plate
void paintEnd(QPainter& painter, const UndersideMap& map, const UndersidePicture& picture, double way,
              double shift, double width) {
    const Palette& p = ink();
    const double radius = picture.shell.radius().value;
    const double inside = way * (0.5 * picture.layout.strands.value) + shift;
    const double outside = inside + way * picture.layout.plate.value;
    const double clamp = way * (radius + 0.022);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    painter.drawRect(
        QRectF(map.toPixel(inside, -0.5 * width), map.toPixel(outside, 0.5 * width)).normalized());
    painter.setPen(QPen(p.quiet, 2));
    painter.setBrush(p.band);
    if (picture.layout.attachment == Attachment::Strap) {
        painter.drawRect(
            QRectF(map.toPixel(outside, -0.32 * width), map.toPixel(clamp, 0.32 * width)).normalized());
    } else {
        for (const double y : {-0.3, 0.3})
            painter.drawLine(map.toPixel(outside, y * width), map.toPixel(clamp, y * width));
    }
    painter.setPen(QPen(p.ink, 1.5));
    painter.setBrush(p.card);
    painter.drawRect(
        QRectF(map.toPixel(clamp, -0.6 * width), map.toPixel(clamp + way * 0.018, 0.6 * width)).normalized());
    if (way < 0.0) { // lever and knob
        painter.setBrush(p.ink);
        painter.drawRect(
            QRectF(map.toPixel(clamp - 0.018, -0.15 * width), map.toPixel(clamp - 0.05, 0.15 * width))
                .normalized());
        painter.drawEllipse(map.toPixel(clamp - 0.009, 0.9 * width), 6, 6);
    }
}

} // namespace

QString millimetresText(Metres length) {
    const double tenths = std::round(10000.0 * length.value);
    return UndersideText::tr("%1 mm").arg(number(0.1 * tenths, std::fmod(tenths, 10.0) == 0.0 ? 0 : 1));
}

WireLayout usualLayout(const Drum& drum) {
    WireLayout layout;
    // Strands of a set for this size end a few millimetres inside the wall.
    layout.strands = Metres{std::max(0.1, drum.shell.diameter.value - 2.0 * layout.wall.value - 0.030)};
    return layout;
}

UndersidePicture undersidePicture(const Session& session) {
    UndersidePicture picture;
    picture.shell = session.drum.shell;
    picture.strands = session.drum.wires.strands;
    picture.rods = session.drum.rods;
    if (session.drum.markedRod > 0)
        picture.markedRod = session.drum.markedRod - 1;
    picture.isMeasured = session.layout.has_value();
    picture.layout = session.layout.value_or(usualLayout(session.drum));
    picture.fit = fitWires(picture.shell, picture.layout);
    return picture;
}

QString undersideSummary(const UndersidePicture& picture) {
    const double shift = picture.fit.towardsStrainer.value;
    QString text =
        UndersideText::tr(
            "From below, strainer on the left: wires %1 long, %2 to the shell's outer face at each end.")
            .arg(millimetresText(picture.fit.length), millimetresText(picture.fit.endGap));
    if (std::abs(shift) >= 0.0005)
        text += QLatin1Char(' ') + (shift > 0.0 ? UndersideText::tr("Shift them %1 towards the strainer.")
                                                : UndersideText::tr("Shift them %1 towards the butt plate."))
                                       .arg(millimetresText(Metres{std::abs(shift)}));
    return text;
}

void paintUnderside(QPainter& painter, const UndersideMap& map, const UndersidePicture& picture) {
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    paintShell(painter, map, picture);
    const double radius = picture.shell.radius().value;
    const double width = 0.11 * 2.0 * radius;
    // As it lies now: what must be shifted towards the strainer lies towards the butt plate.
    const double shift = picture.fit.towardsStrainer.value;
    const double half = 0.5 * picture.layout.strands.value;
    painter.setPen(QPen(p.quiet, 1.2));
    const int drawn = std::clamp(picture.strands, 1, 42);
    for (int i = 0; i < drawn; ++i) {
        const double across = width * (drawn == 1 ? 0.0 : static_cast<double>(i) / (drawn - 1) - 0.5) * 0.96;
        painter.drawLine(map.toPixel(-half + shift, across), map.toPixel(half + shift, across));
    }
    paintEnd(painter, map, picture, -1.0, shift, width);
    paintEnd(painter, map, picture, 1.0, shift, width);

    const double plate = picture.layout.plate.value;
    const double y = -0.5 * width - 0.030;
    const auto gapAt = [&](double way) {
        const double outer = way * radius;
        const double end = way * (half + plate) + shift;
        const auto& measured = way < 0.0 ? picture.layout.strainerGap : picture.layout.buttGap;
        const double gap = measured ? measured->value : way * (outer - end);
        const QPointF words = map.toPixel(outer, y) + QPointF(way * 52, 18); // clear of the hoop
        paintGap(painter, map.toPixel(end, y), map.toPixel(outer, y), words, millimetresText(Metres{gap}),
                 gap < 0.001 ? p.accent : p.ink);
    };
    gapAt(-1.0);
    gapAt(1.0);
    const double below = 0.5 * width + 0.040;
    paintGap(painter, map.toPixel(-half + shift, below), map.toPixel(half + shift, below),
             map.toPixel(shift, below),
             UndersideText::tr("strands %1").arg(millimetresText(picture.layout.strands)), p.quiet);
    if (std::abs(shift) >= 0.0005) { // the one thing to do
        const double way = shift > 0.0 ? -1.0 : 1.0;
        const QPointF tip = map.toPixel(0.28 * way * radius, -0.5 * width - 0.020);
        const QPointF tail = map.toPixel(-0.1 * way * radius, -0.5 * width - 0.020);
        painter.setPen(QPen(p.accent, 5, Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(tail, tip);
        painter.setPen(Qt::NoPen);
        painter.setBrush(p.accent);
        painter.drawPolygon(QPolygonF{tip + QPointF(16 * way, 0), tip + QPointF(0, -9), tip + QPointF(0, 9)});
        painter.setPen(p.accent);
        painter.setFont(typeface(16, QFont::Bold));
        painter.drawText(QRectF(map.toPixel(0, 0).x() - 90, tip.y() - 34, 180, 22), Qt::AlignCenter,
                         UndersideText::tr("shift %1").arg(millimetresText(Metres{std::abs(shift)})));
    }
    painter.setPen(p.quiet);
    painter.setFont(typeface(13));
    const double bottom = map.toPixel(0, radius).y() + 16;
    painter.drawText(
        QRectF(map.toPixel(-radius - 0.06, 0).x() - 30, map.toPixel(0, 1.4 * width).y(), 120, 20),
        Qt::AlignLeft, UndersideText::tr("strainer"));
    painter.drawText(QRectF(map.toPixel(radius + 0.06, 0).x() - 90, map.toPixel(0, 1.4 * width).y(), 120, 20),
                     Qt::AlignRight, UndersideText::tr("butt plate"));
    painter.drawText(QRectF(map.toPixel(0, 0).x() - 260, bottom, 520, 20), Qt::AlignCenter,
                     picture.isMeasured
                         ? UndersideText::tr("from below, true to scale; dotted: the inner wall")
                         : UndersideText::tr("from below; usual lengths, not measured on this drum yet"));
}

UndersideView::UndersideView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(UndersideText::tr("The underside"));
}

void UndersideView::show(const UndersidePicture& picture) {
    m_picture = picture;
    describe(this, undersideSummary(picture));
    update();
}

void UndersideView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintUnderside(painter, UndersideMap(drawnRect(*this).adjusted(8, 8, -8, -8), m_picture.shell.radius()),
                   m_picture);
}

} // namespace bombo
