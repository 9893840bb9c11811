#pragma once
/// The sign for the badge or the strip of tape by which a drummer finds rod 1, the same on every picture.
#include "app/theme/palette.h"

#include <QPainter>

namespace bombo {

/// A strip of tape, upright, beside what it marks.
inline void paintRodMark(QPainter& painter, QPointF centre) {
    painter.save();
    painter.setPen(QPen(ink().card, 1));
    painter.setBrush(ink().ink);
    painter.drawRect(QRectF(centre.x() - 3.0, centre.y() - 8.0, 6.0, 16.0));
    painter.restore();
}

} // namespace bombo
