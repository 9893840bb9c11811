#pragma once
/// The air around a closed drum by a layer of sources on its surface, for tests: an integral equation of the
/// second kind on graded rings, collocated. Not the rings inside the body of bench/exterior_air.cpp, and no
/// table.
#include <functional>

namespace bombo::testing {

/// Load of one shape's displacement, on itself and on the other head, both outwards, in units of rho a^3.
struct LayerLoad {
    double ownMass = 0, acrossMass = 0, ownResistance = 0, acrossResistance = 0;
};

/// @param ka     0.05 to 1.8: below the first resonance of the body's inside, at which the equation fails
/// @param depth  of the shell in radii
/// @param shape  displacement at a radius of 0 to 1, without cos(m theta)
/// @param finest length of the rings at the rim, and a share of their distance from it
LayerLoad exteriorByLayer(int m, double ka, double depth, const std::function<double(double)>& shape,
                          double finest = 0.004, double share = 0.28);

} // namespace bombo::testing
