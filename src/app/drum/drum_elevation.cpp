#include "app/drum/drum_elevation.h"
#include "app/language/language.h"

#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/scale.h"

#include <QPainter>

namespace bombo {

void paintElevation(QPainter& painter, const QRectF& area, const Drum& drum) {
    const Palette& p = ink();
    const double scale = std::min(area.width() / inches(16).value, area.height() / inches(8).value);
    const double width = scale * drum.shell.diameter.value;
    const double height = scale * drum.shell.depth.value;
    const QRectF shell(area.center().x() - width / 2, area.center().y() - height / 2, width, height);
    painter.setPen(QPen(p.ink, 1.4));
    painter.setBrush(p.rail);
    painter.drawRect(shell);
    painter.setBrush(p.card);
    // Rods on the half that faces us: evenly round the shell, so closer together towards its sides.
    for (int rod = 0; rod < drum.rods; ++rod) {
        const double angle = rodAngle(rod, drum.rods).value;
        if (std::sin(angle) < 0.0)
            continue;
        const double x = shell.center().x() + 0.5 * width * std::cos(angle) * 0.97;
        painter.drawLine(QPointF(x, shell.top() - 4), QPointF(x, shell.bottom() + 4));
        painter.drawRoundedRect(QRectF(x - 4, shell.center().y() - 0.18 * height, 8, 0.36 * height), 2, 2);
    }
    painter.setBrush(p.ink);
    for (const double y : {shell.top(), shell.bottom()})
        painter.drawRoundedRect(QRectF(shell.left() - 4, y - 4, width + 8, 8), 3, 3);
}

DrumButton::DrumButton(const Drum& drum, QWidget* parent) : QAbstractButton(parent), m_drum(drum) {
    setCheckable(true);
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
    setText(QString::fromStdString(drum.name));
    setObjectName(QStringLiteral("drum-%1").arg(QString::fromStdString(drum.id)));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMaximumHeight(300);
}

void DrumButton::say(const QString& state, const QString& due) {
    m_state = state;
    m_due = due;
    setAccessibleDescription(due.isEmpty() ? state : state + QLatin1Char(' ') + due);
    update();
}

void DrumButton::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    const QRectF frame = drawnRect(*this).adjusted(2, 2, -2, -2);
    painter.setPen(QPen(isChecked()                  ? p.accent
                        : hasFocus() || underMouse() ? p.ink
                                                     : p.line,
                        isChecked() || hasFocus() ? 3 : 1));
    painter.setBrush(p.card);
    painter.drawRoundedRect(frame, 4, 4);
    // A drum alone in the list has room for a larger picture; a narrow one leaves room for the words.
    const double picture = frame.height() > 240 ? 0.4 * frame.width() : std::min(230.0, 0.3 * frame.width());
    paintElevation(painter, QRectF(frame.left() + 14, frame.top() + 12, picture, frame.height() - 24),
                   m_drum);
    const double x = frame.left() + 14 + picture + 22;
    const double width = frame.right() - x - 8;
    double y = frame.top() + 12 +
               std::max(0.0, 0.5 * (frame.height() -
                                    (118 + (m_state.isEmpty() ? 0 : 24) + (m_due.isEmpty() ? 0 : 20))));
    const auto write = [&](const QString& words, int pixels, QFont::Weight weight, int height) {
        painter.setFont(typefaceFor(words, width, pixels, weight));
        painter.drawText(QRectF(x, y, width, height), Qt::AlignLeft | Qt::AlignVCenter, words);
        y += height;
    };
    painter.setPen(p.ink);
    write(text(), 21, QFont::Bold, 28);
    write(tr("%1, %2, %3 rods a side")
              .arg(sizeText(m_drum.shell))
              .arg(catalogueText(m_drum.shell.material))
              .arg(m_drum.rods),
          15, QFont::Normal, 24);
    painter.setPen(p.quiet);
    write(tr("batter %1").arg(catalogueText(m_drum.batterHead.name)), 14, QFont::Normal, 20);
    write(tr("%1, %2 %3 strands")
              .arg(catalogueText(m_drum.snareSideHead.name))
              .arg(m_drum.wires.strands)
              .arg(catalogueText(m_drum.wires.material)),
          14, QFont::Normal, 20);
    y += 4;
    painter.setPen(p.ink);
    if (!m_state.isEmpty())
        write(m_state, 14, QFont::DemiBold, 20);
    painter.setPen(p.accent);
    if (!m_due.isEmpty())
        write(m_due, 14, QFont::DemiBold, 20);
}

} // namespace bombo
