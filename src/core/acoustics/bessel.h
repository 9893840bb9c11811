#pragma once
/// Bessel functions of the first kind and their zeros, as the circular head needs them.
#include <vector>

namespace bombo {

/// J_m(x), m >= 0.
double besselJ(int m, double x);
/// dJ_m/dx.
double besselJPrime(int m, double x);
/// First `count` positive zeros of J_m, ascending (clamped head).
std::vector<double> besselZeros(int m, int count);
/// First `count` zeros of J'_m, ascending; for m = 0 the first is 0 (plane wave in a rigid tube).
std::vector<double> besselPrimeZeros(int m, int count);
/// Integral of J_m(p s) J_m(q s) s ds over 0..1 for J_m(p) = 0. Closed form (Lommel).
double besselOverlap(int m, double p, double q);

} // namespace bombo
