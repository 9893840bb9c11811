#pragma once
/// What the rounds say is wrong with a head, and how good the last prediction was, in words.
#include "core/faults/head_faults.h"

#include <QString>

namespace bombo {

/// What it is, whose fault it is not, and what to do.
QString findingText(const HeadFinding& finding);
/// How far the last round lay from what the moves before it had promised, at the rod where it was farthest;
/// empty when nothing was promised.
std::optional<Cents> missedBy(const HeadWork& work, Hertz target);

} // namespace bombo
