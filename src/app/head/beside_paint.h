#pragma once
#include "core/procedure/head_work.h"

class QPainter;
class QRectF;

namespace bombo {

/// What is read beside a rod in silence, the edge cut through: callipers between shell and hoop, a gauge on
/// the film, a thumb. @pre isSilent(kind)
void paintBeside(QPainter& painter, const QRectF& area, TapKind kind);

} // namespace bombo
