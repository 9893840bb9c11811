#pragma once
/// What was practised in a workbook, for a spreadsheet.
#include "core/record/rig.h"

#include <QString>

namespace bombo {

/// One line a round or a task, the oldest first; figures with a point, units in their own column.
QString practiceCsv(const PlaceRig& rig);

} // namespace bombo
