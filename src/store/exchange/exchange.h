#pragma once
/// Files that go out of a workbook and come in, by their endings: .json and .csv.
#include "store/exchange/import_plan.h"
#include "store/exchange/written_file.h"
#include "store/workbook.h"

namespace bombo {

/// What goes out: by the file's ending everything (.json) or the entries as a table (.csv), or every reading
/// of every rod as a table.
enum class Exported { ByEnding, Readings };
/// Where it went, and what was damaged and is not in it.
struct ExportDone {
    QStringList leftOut; ///< a sentence each; English
};
/// @param drumId one drum alone, or all
Result<ExportDone, ExchangeProblem> exportTo(const QString& file, const Workbook& book,
                                             const std::optional<std::string>& drumId,
                                             Exported what = Exported::ByEnding,
                                             Overwrite overwrite = Overwrite::No);
/// Reads a file and says what it would add; nothing is written.
Result<ImportPlan, ExchangeProblem> importPlanOf(const QString& file, const Workbook& book);
/// The same beside what a workbook keeps, Workbook::parcel without setups. Touches no workbook: may run in a
/// thread of its own.
Result<ImportPlan, ExchangeProblem> importPlanOf(const QString& file, const Parcel& here,
                                                 const Progress& progress);

} // namespace bombo
