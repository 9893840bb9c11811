#pragma once
/// What SQLite itself finds wrong with a file. Private to this folder.
#include "store/sqlite/sql.h"

#include <optional>

namespace bombo {

/// @param table one alone, or empty for all
std::optional<WorkbookProblem> damageIn(const QSqlDatabase& database, const QString& table,
                                        const QString& path);

} // namespace bombo
