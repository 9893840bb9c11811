#pragma once
/// Files that go out of a workbook and come in, by their endings: .json and .csv.
#include "store/exchange/import_plan.h"
#include "store/workbook.h"

namespace bombo {

/// What cannot be read or written, in the language of the program, with the file and what to do.
struct ExchangeProblem {
    QString text;
};

/// What goes out: by the file's ending everything (.json) or the entries as a table (.csv), or every reading
/// of every rod as a table.
enum class Exported { ByEnding, Readings };
/// @param drumId one drum alone, or all
std::optional<ExchangeProblem> exportTo(const QString& file, const Workbook& book,
                                        const std::optional<std::string>& drumId,
                                        Exported what = Exported::ByEnding);
/// Writes bytes to a file, whole or not at all.
std::optional<ExchangeProblem> writeFile(const QString& file, const QByteArray& bytes);
/// Reads a file and says what it would add; nothing is written.
Result<ImportPlan, ExchangeProblem> importPlanOf(const QString& file, const Workbook& book);

} // namespace bombo
