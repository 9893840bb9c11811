#include "app/theme/choice_button.h"

#include "app/theme/fitted_type.h"
#include "app/theme/scale.h"

#include <QPainter>

namespace bombo {

ChoiceButton::ChoiceButton(const QString& title, const QString& meaning, const QString& key, bool isUsual)
    : m_key(key), m_isUsual(isUsual) {
    setProperty("primary", isUsual);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    say(title, meaning);
}

void ChoiceButton::say(const QString& title, const QString& meaning) {
    setText(title);
    m_meaning = meaning;
    describe(this, meaning);
    updateGeometry();
    update();
}

QSize ChoiceButton::sizeHint() const {
    const int words = std::max(QFontMetrics(typeface(21, QFont::Bold)).horizontalAdvance(text()) + 90,
                               QFontMetrics(typeface(15)).horizontalAdvance(m_meaning) + 60);
    return scaled(QSize(std::max(300, words), 78));
}

void ChoiceButton::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    const bool isFilled = m_isUsual && isEnabled();
    const bool isReached = hasFocus() || underMouse();
    painter.setPen(QPen(isReached ? p.ink : isFilled ? p.accent : p.line, hasFocus() ? 3 : 1.5));
    painter.setBrush(isFilled ? p.accent : isReached && isDown() ? p.accentSoft : p.card);
    painter.drawRoundedRect(drawnRect(*this).adjusted(1.5, 1.5, -1.5, -1.5), 6, 6);
    const QRectF words = drawnRect(*this).adjusted(22, 9, -22, -9);
    painter.setPen(isFilled ? p.onAccent : isEnabled() ? p.ink : p.quiet);
    const double key = QFontMetricsF(typeface(13)).horizontalAdvance(m_key) + 12;
    const double title = 0.54 * words.height();
    painter.setFont(typefaceFor(text(), words.width() - key, 21, QFont::Bold));
    painter.drawText(QRectF(words.left(), words.top(), words.width() - key, title),
                     Qt::AlignLeft | Qt::AlignVCenter, text());
    painter.setFont(typeface(13));
    painter.drawText(QRectF(words.left(), words.top(), words.width(), title),
                     Qt::AlignRight | Qt::AlignVCenter, m_key);
    painter.setPen(isFilled ? p.onAccent : p.quiet);
    painter.setFont(typefaceFor(m_meaning, words.width(), 15));
    painter.drawText(QRectF(words.left(), words.top() + title, words.width(), words.height() - title),
                     Qt::AlignLeft | Qt::AlignVCenter, m_meaning);
}

} // namespace bombo
