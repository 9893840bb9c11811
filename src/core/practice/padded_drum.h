#pragma once
/// How the practice drum moves with things on its batter: a law of its own, so that the advice is never
/// tested against itself.
#include "core/acoustics/damping.h"
#include "core/muffling/kinds.h"
#include "core/practice/practice_drum.h"

#include <Eigen/Core>

namespace bombo {

/// A motion with things on. Its modal mass is 1 kg.
struct PaddedMotion {
    double omega = 0;      ///< rad/s
    double rate = 0;       ///< of decay, 1/s
    Eigen::VectorXd moves; ///< of every mode its cosine and its sine, in turn
};

/// Every thing as bodies at the points of its face, each on a spring of film (of a stiffness that only the
/// drum knows), and all modes of the drum in one dense complex eigenproblem, at 250 Hz and at 600. A thing
/// that is thrown off at first counts from the start: a stroke has no memory of it. Motions that die within
/// 20 ms are left out.
std::vector<PaddedMotion> paddedMotions(const std::vector<DampedMode>& modes, const HiddenNature& nature,
                                        const std::vector<Pad>& pads, const DrumState& heads);

} // namespace bombo
