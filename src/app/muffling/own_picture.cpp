#include "app/muffling/own_picture.h"

#include "app/numbers/numbers.h"
#include "app/theme/fitted_type.h"
#include "app/theme/parts.h"

#include <QPainter>
#include <QPolygonF>
#include <algorithm>

namespace bombo {
namespace {

constexpr double kLowestOwn = 120.0; // px: below it nothing is drawn

/// A head seen from the side with the stick over it, and the thing on it.
void paintStruckHead(QPainter& painter, const QRectF& box, bool hasThing, bool isNow) {
    const Palette& p = ink();
    const double y = box.bottom() - 6;
    painter.setPen(QPen(p.batter, 4));
    painter.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.ink);
    for (const double x : {box.left() - 3, box.right() - 3})
        painter.drawRoundedRect(QRectF(x, y - 8, 6, 16), 2, 2);
    if (hasThing) {
        painter.setPen(QPen(p.ink, 1.4));
        painter.setBrush(p.band);
        painter.drawRoundedRect(QRectF(box.right() - 0.3 * box.width(), y - 12, 20, 9), 3, 3);
    }
    const QPointF tip(box.left() + 0.42 * box.width(), y - 9);
    painter.setPen(QPen(isNow ? p.accent : p.quiet, 4, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(tip, tip + QPointF(0.26 * box.width(), -0.6 * box.height()));
}

} // namespace

void paintOwn(QPainter& painter, const QRectF& area, const OwnPicture& picture) {
    if (area.height() < kLowestOwn)
        return;
    const Palette& p = ink();
    painter.setRenderHint(QPainter::Antialiasing);
    double longest = 0.2;
    for (const OwnHearing& hearing : picture.hearings)
        longest = std::max(longest, hearing.tone.value_or(Seconds{}).value);
    const double wide = 0.5 * (area.width() - 24);
    for (std::size_t i = 0; i < picture.hearings.size(); ++i) {
        const OwnHearing& hearing = picture.hearings[i];
        const QRectF box(area.left() + static_cast<double>(i) * (wide + 24), area.top(), wide, area.height());
        const QString name = i == 0 ? OwnView::tr("without it") : OwnView::tr("with it");
        painter.setPen(hearing.isNow ? p.ink : p.quiet);
        painter.setFont(typefaceFor(name, wide, 14, hearing.isNow ? QFont::DemiBold : QFont::Normal));
        painter.drawText(QRectF(box.left(), box.top(), wide, 18), Qt::AlignLeft, name);
        const double headHigh = std::min(64.0, 0.4 * area.height());
        paintStruckHead(painter, QRectF(box.left() + 4, box.top() + 22, wide - 8, headHigh), i == 1,
                        hearing.isNow);
        // A dot for each stroke that is wanted, full once it was heard.
        double y = box.top() + 22 + headHigh + 16;
        painter.setPen(QPen(hearing.isNow ? p.accent : p.quiet, 1.6));
        for (int stroke = 0; stroke < picture.wanted; ++stroke) {
            painter.setBrush(stroke < hearing.strokes ? (hearing.isNow ? p.accent : p.quiet) : p.card);
            painter.drawEllipse(QPointF(box.left() + 10 + 20 * stroke, y), 6, 6);
        }
        y += 16;
        if (!hearing.tone || y + 44 > box.bottom())
            continue;
        const double right = box.left() + wide * hearing.tone->value / longest;
        painter.setPen(QPen(p.batter, 1.2));
        painter.setBrush(p.band);
        painter.drawPolygon(
            QPolygonF({QPointF(box.left(), y), QPointF(box.left(), y + 26), QPointF(right, y + 26)}));
        painter.setPen(p.ink);
        painter.setFont(typeface(13, QFont::DemiBold));
        painter.drawText(QRectF(box.left(), y + 28, wide, 16), Qt::AlignLeft,
                         OwnView::tr("%1 s").arg(number(hearing.tone->value, 2)));
    }
}

OwnView::OwnView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("ownView"));
    setAccessibleName(tr("Strokes without it and with it"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void OwnView::show(const OwnPicture& picture) {
    m_picture = picture;
    const auto& [without, with] = picture.hearings;
    describe(this, tr("Heard without it: %1 of %3 strokes; with it: %2 of %3.")
                       .arg(without.strokes)
                       .arg(with.strokes)
                       .arg(picture.wanted));
    update();
}

void OwnView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintOwn(painter, drawnRect(*this), m_picture);
}

} // namespace bombo
