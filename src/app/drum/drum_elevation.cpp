#include "app/drum/drum_elevation.h"
#include "app/language/language.h"

#include "app/session/wording.h"
#include "app/theme/palette.h"

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

void DrumButton::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF frame = QRectF(rect()).adjusted(2, 2, -2, -2);
    painter.setPen(QPen(isChecked()                  ? p.accent
                        : hasFocus() || underMouse() ? p.ink
                                                     : p.line,
                        isChecked() || hasFocus() ? 3 : 1));
    painter.setBrush(p.card);
    painter.drawRoundedRect(frame, 4, 4);
    // A drum alone in the list has room for a larger picture.
    const double picture = frame.height() > 240 ? 0.4 * frame.width() : 230;
    paintElevation(painter, QRectF(frame.left() + 14, frame.top() + 12, picture, frame.height() - 24),
                   m_drum);
    const double x = frame.left() + 14 + picture + 22;
    painter.translate(0, std::max(0.0, 0.5 * (frame.height() - 118)));
    painter.setPen(p.ink);
    painter.setFont(typeface(21, QFont::Bold));
    painter.drawText(QRectF(x, frame.top() + 12, frame.right() - x - 8, 28), Qt::AlignLeft | Qt::AlignVCenter,
                     text());
    painter.setFont(typeface(15));
    painter.drawText(QRectF(x, frame.top() + 40, frame.right() - x - 8, 22), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("%1, %2, %3 rods a side")
                         .arg(sizeText(m_drum.shell))
                         .arg(catalogueText(m_drum.shell.material))
                         .arg(m_drum.rods));
    painter.setPen(p.quiet);
    painter.setFont(typeface(14));
    painter.drawText(QRectF(x, frame.top() + 64, frame.right() - x - 8, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("batter %1").arg(catalogueText(m_drum.batterHead.name)));
    painter.drawText(QRectF(x, frame.top() + 84, frame.right() - x - 8, 20), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("%1, %2 %3 strands")
                         .arg(catalogueText(m_drum.snareSideHead.name))
                         .arg(m_drum.wires.strands)
                         .arg(catalogueText(m_drum.wires.material)));
}

} // namespace bombo
