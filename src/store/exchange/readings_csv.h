#pragma once
/// Every reading of every rod that the logbook keeps, as a table for a spreadsheet.
#include "store/workbook.h"

namespace bombo {

/// A row a reading: the entry, its drum and tone, head, round (empty: as it was left, of an entry that keeps
/// figures alone), how it was read, rod, pitch, error, mark, turns, and the weather of the round. Comma,
/// point and heads with their units; UTF-8.
/// @param drumId one drum alone, or all
/// @param leftOut takes what was damaged, a sentence each; English
Workbook::Outcome<QString> readingsCsv(const Workbook& book, const std::optional<std::string>& drumId,
                                       QStringList& leftOut);

} // namespace bombo
