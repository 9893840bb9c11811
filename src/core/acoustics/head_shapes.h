#pragma once
/// The shapes J_m(j_mn r/a) cos(m theta) in which a clamped circular head is reckoned.
#include <array>

namespace bombo {

inline constexpr int kHighestM = 4;
inline constexpr int kRadialShapes = 5;
/// Amplitudes by n, from 1.
using ShapeVector = std::array<double, kRadialShapes>;

/// Zeros j_mn of the shapes, by n. @param m 0..kHighestM
const ShapeVector& shapeZeros(int m);

/// Deflection in such a mix at `radius` (0..1 of the head's radius), without the angular factor.
double shapeAt(int m, const ShapeVector& shape, double radius);

} // namespace bombo
