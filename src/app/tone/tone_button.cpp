#include "app/tone/tone_button.h"
#include "app/language/language.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"
#include "app/theme/scale.h"

#include <QPainter>

namespace bombo {

ToneButton::ToneButton(const Tone& tone, QWidget* parent)
    : QAbstractButton(parent), m_words(catalogueText(tone.name).section(QLatin1Char(':'), 1).trimmed()) {
    setText(cueName(tone));
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
    setObjectName(QStringLiteral("tone-%1").arg(QString::fromStdString(tone.id)));
    setAccessibleName(catalogueText(tone.name));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void ToneButton::showAsk(const QString& ask) {
    m_ask = ask;
    setAccessibleDescription(ask);
    update();
}

void ToneButton::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    const QRectF frame = drawnRect(*this).adjusted(1.5, 1.5, -1.5, -1.5);
    if (isChecked() || hasFocus() || underMouse()) {
        painter.setPen(hasFocus() ? QPen(p.ink, 2)
                                  : QPen(isChecked() ? p.accent : p.line, isChecked() ? 2 : 1));
        painter.setBrush(isChecked() ? p.accentSoft : p.card);
        painter.drawRoundedRect(frame, 4, 4);
    }
    const QRectF words = frame.adjusted(9, 8, -5, -8);
    painter.setPen(p.ink);
    painter.setFont(typeface(17, QFont::DemiBold));
    painter.drawText(words, Qt::AlignTop | Qt::AlignLeft, text());
    painter.setFont(typeface(15));
    painter.drawText(words.adjusted(0, 24, 0, 0), Qt::AlignTop | Qt::AlignLeft,
                     QFontMetricsF(painter.font()).elidedText(m_words, Qt::ElideRight, words.width()));
    painter.setFont(typeface(13));
    painter.setPen(isChecked() ? p.ink : p.quiet);
    painter.drawText(words.adjusted(0, 46, 0, 0), Qt::AlignTop | Qt::AlignLeft, m_ask);
}

} // namespace bombo
