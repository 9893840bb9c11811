#pragma once
/// Why a drum cannot be computed, in the user's words.
#include "core/units/result.h"

#include <QString>

namespace bombo {

/// @param problem of checkedDrum()
QString drumProblemText(const InputProblem& problem);

} // namespace bombo
