#pragma once
/// The two heads and the air between and around them as one vibrating system.
#include "core/acoustics/air.h"
#include "core/acoustics/head_shapes.h"
#include "core/drum/drum.h"

#include <optional>
#include <vector>

namespace bombo {

/// Which air moves with the heads. InBaffle: outside as if each head stood in an endless wall, the closed
/// form against which the rest is checked.
enum class AirCoupling { None, Inside, InBaffle, Both };
/// A head held still by a palm or a stool acts as a rigid wall.
enum class Held { Neither, Batter, SnareSide };

struct HeadState {
    ArealDensity arealDensity;
    Tension tension;
};

/// What the acoustics need of a drum.
struct DrumState {
    Metres radius;
    Metres depth;
    HeadState batter;
    HeadState snareSide;
    Air air{};
};

struct CoupledMode {
    int m = 0;     ///< nodal diameters
    int order = 1; ///< 1 is the lowest of this m
    Hertz frequency;
    double batterShare = 0; ///< of the strain energy of both heads, 0..1
    double snareSideShare = 0;
    double relativePhaseDeg = 0;         ///< 0: heads move the same way; 180: against each other
    double amplitudeRatio = 0;           ///< snare-side peak over batter peak
    std::optional<Seconds> radiationT60; ///< empty if no outside air or no measurable loss
    ShapeVector batterShape{};           ///< the larger head peaks near 1
    ShapeVector snareSideShape{};
    Kilograms modalMass; ///< of this mode with the amplitudes above, air included
};

struct ModeOptions {
    int lowestM = 0;
    int highestM = kHighestM;
    int perM = 3; ///< modes for each m, lowest first
    AirCoupling air = AirCoupling::Both;
    Held held = Held::Neither;
};

/// Clamped circular heads (the shapes of head_shapes.h), rigid shell with the exact axial solution of
/// the cavity for each of its radial modes, outside the air around a closed drum without a baffle. Modes are
/// counted by inertia (Wittrick-Williams), so none is missed, then refined to 1e-8. Ascending within each m.
/// Source: docs/physics.md, sections 2 to 4.
/// @pre tensions, densities and lengths > 0
std::vector<CoupledMode> coupledModes(const DrumState& drum, const ModeOptions& options = {});

DrumState drumState(const Drum& drum, Tension batter, Tension snareSide, const Air& air = {});

} // namespace bombo
