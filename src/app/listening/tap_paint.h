#pragma once
#include "core/reading/read_tap.h"

#include <QRectF>
#include <QString>

class QPainter;

namespace bombo {

/// The partials of a tap, each a fall from its height (level, 40 dB) over its T60 (to scale within the
/// picture), placed by pitch; the chosen one filled.
void paintPartials(QPainter& painter, const QRectF& area, const Reading& reading);
/// The same in words.
QString partialsSummary(const Reading& reading);

/// Level meter: -60 to 0 dB with the span marked where taps read well.
void paintLevel(QPainter& painter, const QRectF& area, double db);

} // namespace bombo
