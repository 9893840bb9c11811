#include "app/logbook/moved_bar.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/head_ink.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <cmath>

namespace bombo {
namespace {

struct Piece {
    QString name;
    Share share;
};

QString rodName(const Moved& moved) {
    if (!moved.rod)
        return MovedBar::tr("rods backing off");
    return moved.rod->orOpposite
               ? MovedBar::tr("rod %1 or %2").arg(moved.rod->rod + 1).arg(*moved.rod->orOpposite + 1)
               : MovedBar::tr("rod %1").arg(moved.rod->rod + 1);
}

std::vector<Piece> piecesOf(const Moved& moved) {
    return {{MovedBar::tr("weather"), moved.weather},
            {MovedBar::tr("film settling"), moved.settled},
            {rodName(moved), moved.backedOff},
            {MovedBar::tr("not explained"), moved.unexplained}};
}

/// Whole cents with their error: "−14 ± 4".
QString withError(const Share& share) {
    return MovedBar::tr("%1 ± %2").arg(centsText(share.cents),
                                       number(std::max(1.0, std::ceil(share.error.value)), 0));
}

} // namespace

QString movedText(const Moved& moved) {
    QStringList parts;
    for (const Piece& piece : piecesOf(moved))
        parts << MovedBar::tr("%1 %2").arg(piece.name).arg(withError(piece.share));
    return MovedBar::tr("%1 cents").arg(parts.join(QStringLiteral(", ")));
}

MovedBar::MovedBar(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("movedBar"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void MovedBar::explain(const QString& heading, HeadSide side, const Moved& moved) {
    m_heading = heading;
    m_side = side;
    m_moved = moved;
    setAccessibleName(heading);
    describe(this, movedText(moved));
    update();
}

void MovedBar::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    const QRectF area = drawnRect(*this);
    painter.setFont(typefaceFor(m_heading, area.width(), 14));
    painter.setPen(ink().quiet);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 20), Qt::AlignLeft | Qt::AlignVCenter,
                     m_heading);
    // Parts that go down hang below the line, those that go up stand above it; widths are shares of all of
    // them.
    const auto pieces = piecesOf(m_moved);
    double all = 0.0;
    for (const Piece& piece : pieces)
        all += std::max(1.0, std::abs(piece.share.cents.value));
    constexpr double gap = 3.0;
    constexpr double least = 78.0;
    const double spare = area.width() - gap * 3.0 - least * 4.0;
    const double middle = area.top() + 38.0;
    double x = area.left();
    for (const Piece& piece : pieces) {
        const double cents = piece.share.cents.value;
        const double width = least + std::max(0.0, spare) * std::max(1.0, std::abs(cents)) / all;
        const QRectF box(x, middle - 14, width, 28);
        const bool isUnknown = piece.name == pieces.back().name;
        painter.setPen(
            QPen(isUnknown ? ink().quiet : headColour(m_side), 1.2, isUnknown ? Qt::DotLine : Qt::SolidLine));
        painter.setBrush(isUnknown ? Qt::NoBrush : QBrush(ink().band));
        // An arrow's end says which way: a notch below for down, above for up.
        QPolygonF shape;
        const double tip = std::min(8.0, 0.2 * width);
        shape << box.topLeft();
        if (cents >= 0.5)
            shape << QPointF(box.left() + tip, box.top() - 5) << QPointF(box.left() + 2 * tip, box.top());
        shape << box.topRight() << box.bottomRight();
        if (cents <= -0.5)
            shape << QPointF(box.left() + 2 * tip, box.bottom())
                  << QPointF(box.left() + tip, box.bottom() + 5);
        shape << box.bottomLeft();
        painter.drawPolygon(shape);
        painter.setPen(ink().ink);
        const QString figure = withError(piece.share);
        painter.setFont(typefaceFor(figure, width - 8, 14, QFont::DemiBold));
        painter.drawText(box, Qt::AlignCenter, figure);
        painter.setPen(ink().quiet);
        painter.setFont(typefaceFor(piece.name, width, 12));
        painter.drawText(QRectF(x, middle + 18, width, 18), Qt::AlignHCenter | Qt::AlignVCenter, piece.name);
        x += width + gap;
    }
}

} // namespace bombo
