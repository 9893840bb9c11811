#include "app/drum/picture_tile.h"

#include "app/theme/fitted_type.h"
#include "app/theme/scale.h"

#include <QPainter>

namespace bombo {

PictureTile::PictureTile(const QString& name, Paint paint, QSize picture)
    : m_paint(std::move(paint)), m_picture(picture) {
    setText(name);
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
}

QSize PictureTile::sizeHint() const {
    const int words = QFontMetrics(typeface(13, QFont::DemiBold)).horizontalAdvance(text()) + 16;
    return scaled(
        QSize(std::max(m_picture.width() + 14, words), m_picture.height() + (text().isEmpty() ? 12 : 32)));
}

QSize PictureTile::minimumSizeHint() const {
    return {scaled(m_picture.width() + 14), sizeHint().height()}; // the name gives way
}

void PictureTile::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    const QRectF area = drawnRect(*this);
    painter.setPen(QPen(isChecked()                  ? p.accent
                        : hasFocus() || underMouse() ? p.ink
                                                     : p.line,
                        isChecked() || hasFocus() ? 2.5 : 1));
    painter.setBrush(p.card);
    painter.drawRoundedRect(area.adjusted(1.5, 1.5, -1.5, -1.5), 4, 4);
    if (isChecked() && hasFocus()) { // both at once, and not by colour alone
        painter.setPen(QPen(p.ink, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(area.adjusted(5, 5, -5, -5));
    }
    painter.save();
    m_paint(painter,
            QRectF(0.5 * (area.width() - m_picture.width()), 6, m_picture.width(), m_picture.height()));
    painter.restore();
    painter.setPen(p.ink);
    painter.setFont(
        typefaceFor(text(), area.width() - 6.0, 13, isChecked() ? QFont::DemiBold : QFont::Normal));
    painter.drawText(QRectF(0, m_picture.height() + 6.0, area.width(), 22), Qt::AlignCenter, text());
}

} // namespace bombo
