#pragma once
/// A head with things on it, for tests: some 90 shapes of the head and more, each thing spread evenly over
/// its face and moving with the film under it, one dense complex eigenproblem. No Green's function, no
/// elimination, no parts.
#include "core/acoustics/coupled_modes.h"
#include "core/muffling/kinds.h"

#include <vector>

namespace bombo::testing {

/// How a partial is left by the things.
struct PaddedPartial {
    int m = 0;
    int order = 1;     ///< of the drum's own mode of which it holds most
    bool sine = false; ///< the member with a node along the axis
    double share = 0;  ///< of its energy in that mode
    double hertz = 0;
    double rate = 0;   ///< of decay, 1/s
    double energy = 0; ///< of the film's velocity after a blow a fifth of the radius out, any direction
};

/// @param pads alike on both sides of the strainer's axis
/// @param rate of decay of the drum's own modes by omega, 1/s
/// @param below partials up to this pitch, Hz
/// @param finest shapes of the head are kept up to this zero of the Bessel functions
std::vector<PaddedPartial> paddedPartials(const DrumState& state, const std::vector<Pad>& pads,
                                          double (*rate)(double omega), double below, double finest = 26.0);

/// 60 dB from the fall between 5 and 35 dB of all of them below so many hertz.
double ringOf(const std::vector<PaddedPartial>& partials, double below);

} // namespace bombo::testing
