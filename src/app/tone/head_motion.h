#pragma once
/// How both heads bend in the lowest modes, along the cut through the drum.
#include "core/acoustics/coupled_modes.h"

#include <vector>

namespace bombo {

enum class MotionKind { Together, Against, Edge };
inline constexpr std::array kMotions{MotionKind::Together, MotionKind::Against, MotionKind::Edge};

struct HeadMotion {
    Hertz frequency;
    std::vector<double> batter;    ///< deflection from the left hoop to the right, the larger head peaks at 1
    std::vector<double> snareSide; ///< likewise; same sign: the same way
};

/// Lowest (0,1), lowest m = 0 mode with the heads against each other, lowest (1,1); by MotionKind.
std::vector<HeadMotion> headMotions(const DrumState& drum);

} // namespace bombo
