#pragma once
#include "core/reading/read_tap.h"

#include <QRectF>
#include <QString>

class QPainter;

namespace bombo {

/// The partials of a tap, one a row from low to high: name and pitch, then a wedge as thick as the partial is
/// strong (40 dB) and as long as it takes to fall by 60 dB, over a scale of seconds. The chosen one is filled
/// and bold. Where there is no room for all, the strongest of each name stay.
void paintPartials(QPainter& painter, const QRectF& area, const Reading& reading);
/// The same in words.
QString partialsSummary(const Reading& reading);

/// Level meter: -60 to 0 dB with the span marked where taps read well.
void paintLevel(QPainter& painter, const QRectF& area, double db);

} // namespace bombo
