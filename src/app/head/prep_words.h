#pragma once
/// The steps before the count starts, in words: what, which rods, why, and how one knows that it is done.
#include "app/head/head_page.h"
#include "core/record/reckoned.h"

namespace bombo {

/// The step that is at hand. @pre the head's stage is FingerTight
StepWords prepWords(const Reckoned& reckoned, HeadSide side);
/// "1 and 5, then 3 and 7, 2 and 6": groups of rods in the order to turn them.
QString orderText(const std::vector<std::vector<int>>& groups);

} // namespace bombo
