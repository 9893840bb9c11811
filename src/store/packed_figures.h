#pragma once
/// Figures of a logbook entry as bytes, read a hundred times faster than its summary. A copy: whatever is not
/// of this version is read from the summary again.
#include "core/log/entry.h"

#include <QByteArray>

namespace bombo {

QByteArray packedFigures(const EntryFigures& figures);
/// Empty where the bytes are damaged or of another version.
std::optional<EntryFigures> unpackedFigures(const QByteArray& bytes);

} // namespace bombo
