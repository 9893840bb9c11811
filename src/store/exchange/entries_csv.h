#pragma once
/// Entries as a table for a spreadsheet, and back.
#include "core/units/result.h"
#include "store/records.h"

namespace bombo {

/// Comma, point and the heads with their units; UTF-8. Words with commas are quoted.
QString entriesCsv(const std::vector<Entry>& entries);

/// Entries of figures only. The separator (comma, semicolon, tab) and the decimal mark are found out; units
/// are read from the heads ("batter_hz", "Ring (ms)", "temperature [°F]") and from cells like "301,4 Hz".
/// Needs the columns saved_at, drum and tone; columns that it does not know are left out. The fault names
/// line and column.
Result<std::vector<KeptEntry>, InputProblem> entriesFromCsv(const QByteArray& bytes);

} // namespace bombo
