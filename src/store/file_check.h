#pragma once
/// The whole file looked through for damage, while it is in use.
#include "store/records.h"

#include <atomic>

namespace bombo {

/// Table by table until told to stop; from any thread, over a connection of its own.
/// @return what is wrong with it, if anything is
std::optional<WorkbookProblem> checkThoroughly(const QString& path, const std::atomic<bool>& stop);

} // namespace bombo
