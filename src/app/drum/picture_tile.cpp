#include "app/drum/picture_tile.h"

#include "app/theme/fitted_type.h"

#include <QPainter>

namespace bombo {

PictureTile::PictureTile(const QString& name, Paint paint, QSize picture)
    : m_paint(std::move(paint)), m_picture(picture) {
    setText(name);
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
}

QSize PictureTile::sizeHint() const {
    const int words = QFontMetrics(typeface(13, QFont::DemiBold)).horizontalAdvance(text()) + 16;
    return {std::max(m_picture.width() + 14, words), m_picture.height() + (text().isEmpty() ? 12 : 32)};
}

QSize PictureTile::minimumSizeHint() const {
    return {m_picture.width() + 14, sizeHint().height()}; // the name gives way
}

void PictureTile::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(isChecked()                  ? p.accent
                        : hasFocus() || underMouse() ? p.ink
                                                     : p.line,
                        isChecked() || hasFocus() ? 2.5 : 1));
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1.5, 1.5, -1.5, -1.5), 4, 4);
    if (isChecked() && hasFocus()) { // both at once, and not by colour alone
        painter.setPen(QPen(p.ink, 1, Qt::DotLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(rect()).adjusted(5, 5, -5, -5));
    }
    painter.save();
    m_paint(painter, QRectF(0.5 * (width() - m_picture.width()), 6, m_picture.width(), m_picture.height()));
    painter.restore();
    painter.setPen(p.ink);
    painter.setFont(typefaceFor(text(), width() - 6.0, 13, isChecked() ? QFont::DemiBold : QFont::Normal));
    painter.drawText(QRectF(0, m_picture.height() + 6.0, width(), 22), Qt::AlignCenter, text());
}

} // namespace bombo
