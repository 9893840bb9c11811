#pragma once
/// Two entries laid over each other: the one in hand hollow, the other full.
#include "app/logbook/compare_view.h"

#include <QRectF>

class QPainter;

namespace bombo {

/// Those that both entries say enough for, side by side. @pre hasOverlays()
void paintOverlays(QPainter& painter, const QRectF& box, const ComparePicture& picture);
/// Whether there is any.
bool hasOverlays(const ComparePicture& picture);

} // namespace bombo
