#include "app/theme/answer_button.h"

#include "app/theme/fitted_type.h"

#include <QPainter>

namespace bombo {

AnswerButton::AnswerButton(const QString& key, QWidget* parent) : PrimaryButton(parent), m_key(key) {
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void AnswerButton::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    const bool isReached = hasFocus() || underMouse();
    painter.setPen(QPen(isReached ? p.ink : p.quiet, hasFocus() ? 3 : 1.5));
    painter.setBrush(isDown() ? p.accentSoft : p.card);
    painter.drawRoundedRect(drawnRect(*this).adjusted(1.5, 1.5, -1.5, -1.5), 6, 6);
    const QRectF words = drawnRect(*this).adjusted(8, 6, -8, -6);
    const QRectF above(words.left(), words.top(), words.width(), words.height() - 17);
    painter.setPen(p.ink);
    // Two lines take nearly twice as much as one.
    painter.setFont(typefaceFor(text(), 1.7 * words.width(), 17, QFont::DemiBold));
    if (painter.fontMetrics().horizontalAdvance(text()) > words.width())
        painter.setFont(typefaceFor(text(), 1.7 * words.width(), 15, QFont::DemiBold));
    painter.drawText(above, Qt::AlignCenter | Qt::TextWordWrap, text());
    painter.setPen(p.quiet);
    painter.setFont(typeface(13));
    painter.drawText(QRectF(words.left(), words.bottom() - 17, words.width(), 17), Qt::AlignCenter, m_key);
}

} // namespace bombo
