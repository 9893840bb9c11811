#pragma once
/// Entries as a table for a spreadsheet, and back.
#include "core/units/json.h"
#include "core/units/result.h"
#include "store/exchange/progress.h"
#include "store/records.h"

namespace bombo {

/// Comma, point and the heads with their units; UTF-8. Words with commas are quoted.
QString entriesCsv(const std::vector<Entry>& entries);

/// Entries of figures only. The separator (comma, semicolon, tab) and the decimal mark are found out; units
/// are read from the heads ("batter_hz", "Ring (ms)", "temperature [°F]") and from cells like "301,4 Hz".
/// Needs the columns saved_at, drum and tone; columns that it does not know are left out. A row with a figure
/// that cannot be, or with one that may mean two things, is left out and named with its line and column
/// (Parcel::leftOut). The fault is of the table as a whole.
Result<Parcel, InputProblem> entriesFromCsv(const QByteArray& bytes, const Progress& progress = {});

/// A figure or word of a setup that somebody wrote by hand and that no reader would show: of another kind, or
/// beyond what a drum can have.
std::optional<InputProblem> faultInSetup(const Json& setup);

// More is no logbook.
inline constexpr std::size_t kMostRows = 200000;
inline constexpr std::size_t kMostColumns = 200;
inline constexpr const char* kGivenUp = "given up"; ///< the fault's message after progress said so

} // namespace bombo
