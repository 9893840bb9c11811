#pragma once
/// From a damaged workbook to its newest whole copy.
#include "store/backups.h"
#include "store/records.h"

namespace bombo {

struct WayBack {
    Backup copy;
    /// What the damaged file holds beyond the copy, as far as it can still be read.
    int steps = 0;
    int setups = 0;
    QDateTime lastStep;     ///< not valid if there is none
    bool isCounted = false; ///< false: it cannot be read, or not to its end; there may be more
};

/// The newest copy that is whole. Reads copies and file, writes nothing.
std::optional<WayBack> wayBack(const QString& workbook);

/// Puts a copy in the place of the workbook, which must be closed. The damaged file stays beside it with all
/// that belongs to it, and so does the copy.
/// @return the name that the damaged file has now
Result<QString, WorkbookProblem> goBackTo(const Backup& copy, const QString& workbook);

} // namespace bombo
