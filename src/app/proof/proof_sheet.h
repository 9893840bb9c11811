#pragma once
/// The proof as one page: what was wanted and reached, how it is known, and all that finds the setup again.
#include "core/record/session.h"

#include <QRectF>
#include <QString>
#include <QStringList>

class QPagedPaintDevice;
class QPainter;

namespace bombo {

/// What stands on the page beside the lines of the proof, line by line.
QStringList sheetLines(const Session& session);
/// @param made "26 November 2026, 20:05", where the page says when
void paintSheet(QPainter& painter, const QRectF& page, const Reckoned& reckoned, const QString& made);

/// One page on A4 with margins. @return false when the device cannot be written to
bool printSheet(QPagedPaintDevice& device, const Session& session, const QString& made);

} // namespace bombo
