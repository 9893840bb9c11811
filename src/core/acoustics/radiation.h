#pragma once
/// Outside air on a baffled circular head: added mass and radiated power of its clamped shapes.
#include "core/acoustics/head_shapes.h"

#include <Eigen/Core>

namespace bombo {

using ShapeColumn = Eigen::Matrix<double, kRadialShapes, 1>;
using ShapeMatrix = Eigen::Matrix<double, kRadialShapes, kRadialShapes>;

struct RadiationLoad {
    ShapeMatrix mass;       ///< dimensionless; times rho a^3 gives kg (per azimuthal factor)
    ShapeMatrix resistance; ///< dimensionless; times rho a^3 omega gives kg/s (per azimuthal factor)
};

/// Rayleigh integral in the wavenumber domain for the shapes of head_shapes.h.
/// @param m   0..kHighestM
/// @param ka  wavenumber times radius, 0 to 12; clamped to that range
/// Interpolated (four points) in a table made on first use; 1e-5 of the largest entry. Source:
/// docs/physics.md, section 3.
ShapeMatrix radiationMass(int m, double ka);
ShapeMatrix radiationResistance(int m, double ka);

/// The same by direct quadrature, for reference and tests.
RadiationLoad radiationLoadByQuadrature(int m, double ka);

} // namespace bombo
