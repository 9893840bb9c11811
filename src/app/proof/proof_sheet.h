#pragma once
/// A setup as one page: what was wanted and reached, how it is known, and all that finds it again.
#include "app/proof/sheet_content.h"

#include <QRectF>

class QPagedPaintDevice;
class QPainter;

namespace bombo {

void paintSheet(QPainter& painter, const QRectF& page, const SheetContent& content);

/// One page on A4 with margins. @return false when the device cannot be written to
bool printSheet(QPagedPaintDevice& device, const SheetContent& content);

} // namespace bombo
