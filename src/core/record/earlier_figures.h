#pragma once
/// Figures of the catalogue that kept drums still carry and that are known better today.
#include "core/drum/drum.h"

namespace bombo {

/// Wood was taken to swell as little as solid wood does along its grain at best.
inline void renewSwelling(Shell& shell) {
    if (shell.expansionPerHumidity == 4e-4 || shell.expansionPerHumidity == 4.5e-4)
        shell.expansionPerHumidity = 1.3e-3;
}

} // namespace bombo
