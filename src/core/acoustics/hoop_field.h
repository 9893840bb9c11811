#pragma once
/// How much of unequal rods reaches the tension of the film, through hoop and film.
#include "core/drum/drum.h"

namespace bombo {

/// A hoop as a ring that bends out of its plane and twists.
struct HoopBeam {
    double bending = 0; ///< E I, N m^2
    double torsion = 0; ///< G J, N m^2
};
/// By the hoop's kind; of a kind that is not known, pressed steel. Estimates from usual sections;
/// docs/physics.md, section 7.
HoopBeam hoopBeam(const std::string& kind);

/// The factor g of heardKernel: what a pattern cos 2 m theta of rod turns does to the pair (m,1), over what
/// the same turns would do if each rod's own tension stood over the whole sector before it. Rods pull through
/// the give of hoop, collar and lugs (Hoop::perTurn) on a ring on the edge of a film in plane stress
/// (Michell's solution, no motion along the edge); patterns of other wavelengths that the rods cannot tell
/// from it share the pull. Between 0 and 1.
/// @param m 1 or 2; with as few rods that 2 m is half their number or more the two patterns are one
double heardShare(const Drum& drum, HeadSide side, int m);
double heardShare(const Drum& drum, HeadSide side, int m, const HoopBeam& hoop);

/// By how much a tap beside the snare beds reads lower than one a quarter round from them, before any rod
/// evens it: two troughs in the snare-side edge, across from each other, let the film go slacker there, the
/// more the less the hoop follows them down. To first order, on an edge that the film has not been shaped to.
/// Source: docs/physics.md, section 7.
/// @param tension of the head, > 0
/// @param half    width of a trough from its middle to its end, 0.05 to 1 rad
Cents bedsLower(const Drum& drum, Tension tension, Metres depth, Radians half, const HoopBeam& hoop);

} // namespace bombo
