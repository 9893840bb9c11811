#pragma once
#include "core/procedure/preparation.h"

class QPainter;
class QRectF;

namespace bombo {

/// The drum cut through, and what the step does to it: wires lifted, hoop off or on, rims compared, middle
/// pressed.
void paintPrep(QPainter& painter, const QRectF& area, PrepKind step, HeadSide side);

} // namespace bombo
