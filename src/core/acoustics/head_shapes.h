#pragma once
/// The shapes in which a clamped circular head is reckoned, times cos(m theta).
#include <array>

namespace bombo {

inline constexpr int kHighestM = 4;
inline constexpr int kBesselShapes = 3; ///< J_m(j_mn r/a), n = 1, 2, 3
inline constexpr int kRadialShapes = 4; ///< these and what they leave of x^m (1 - x^2), x = r/a
/// Amplitudes by n, from 1.
using ShapeVector = std::array<double, kRadialShapes>;

/// Zeros j_mn of the Bessel shapes, by n. @param m 0..kHighestM
const std::array<double, kBesselShapes>& shapeZeros(int m);

/// Integral of the squared shape times x dx over 0..1, and of its squared gradient. The shapes are orthogonal
/// in both: the last one is x^m (1 - x^2) less its part in the others, scaled to a norm of 0.05. Air presses
/// on a head up to the hoop, where Bessel shapes can hardly follow it. Source: docs/physics.md, section 2.
const ShapeVector& shapeNorms(int m);
const ShapeVector& shapeStrains(int m);

/// All shapes at `radius` (0..1 of the head's radius), without the angular factor.
ShapeVector shapeValues(int m, double radius);
/// Their Hankel transforms, the integral of shape times J_m(k x) x dx over 0..1, k >= 0. Closed forms.
ShapeVector shapeTransforms(int m, double k);

/// Deflection in such a mix at `radius`, without the angular factor.
double shapeAt(int m, const ShapeVector& shape, double radius);

} // namespace bombo
