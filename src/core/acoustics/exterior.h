#pragma once
/// Outside air on the heads of a drum that stands in no baffle: what a head feels of its own motion, and of
/// the other head's through the air around the shell.
#include "core/acoustics/radiation.h"

#include <array>

namespace bombo {

/// Only the first shapes differ from those of a baffled head: the air that flows around the shell is that of
/// long waves.
inline constexpr int kExteriorShapes = 3;
inline constexpr double kLargestExteriorKa = 4.5;
inline constexpr double kLeastDepth = 0.25; ///< of the shell, in radii
inline constexpr double kMostDepth = 2.0;
/// The table's form, [m][part][depth][ka]; bench/exterior_air.cpp writes it, exterior.cpp reads it.
inline constexpr int kExteriorParts = 24; ///< own mass, across mass, own and across resistance; 6 each
inline constexpr int kExteriorDepths = 9; ///< terms in the logarithm of the depth
inline constexpr int kExteriorTerms = 18; ///< in ka

struct ExteriorLoad {
    RadiationLoad own;    ///< of a head's motion on itself
    RadiationLoad across; ///< of the one head's on the other, both counted outwards
};

/// The load of one m-family for a shell of one depth. Source: numerical solution of the exterior problem of a
/// rigid closed cylinder (bench/exterior_air.cpp, which makes the table); docs/physics.md, section 3. Masses
/// to 0.5 % of the head's own, resistances to 1 %.
class ExteriorAir {
public:
    /// @param m      0..kHighestM
    /// @param depth  of the shell in radii; clamped to kLeastDepth..kMostDepth
    ExteriorAir(int m, double depth);
    /// @param ka  wavenumber times radius, 0 to 12; above kLargestExteriorKa what differs from a baffled head
    ///            stays as there
    ExteriorLoad at(double ka) const;

private:
    using Parts = Eigen::Matrix<double, kExteriorParts, 1>;

    int m_m;
    std::array<Parts, kExteriorTerms> m_terms; ///< Chebyshev series in ka
};

} // namespace bombo
