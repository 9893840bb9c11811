#pragma once
/// What can still be read of a damaged workbook, in a new one.
#include "store/records.h"

#include <map>

namespace bombo {

struct Rescued {
    std::map<QString, int> rows; ///< by table, those that were brought over
    QStringList lost;            ///< what was not, a sentence each; English
};

/// Reads the file without asking whether it is whole, from both ends of each table where its middle cannot be
/// read. The file itself is only read. Drums that are lost are taken from their sessions.
/// @param to must not exist; it is there afterwards whole or not at all
Result<Rescued, WorkbookProblem> rescueWorkbook(const QString& from, const QString& to);

} // namespace bombo
