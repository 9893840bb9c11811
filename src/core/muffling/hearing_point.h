#pragma once
/// What of a mode reaches an ear or a microphone.
#include "core/acoustics/coupled_modes.h"

namespace bombo {

/// A microphone close to the batter. Beyond the hoop it hears the film within it from farther off.
struct MicrophonePlace {
    Radians angle{}; ///< counter-clockwise from the strainer
    Metres fromCentre{0.13};
    Metres height{0.05}; ///< over the head
    bool operator==(const MicrophonePlace&) const = default;
};
inline constexpr Metres kLowestMicrophone{0.005};
inline constexpr Metres kHighestMicrophone{0.5};
inline constexpr Metres kFarthestMicrophone{0.5}; ///< from the middle

enum class HeardFrom {
    Head,      ///< the film itself, its velocity, all round alike: what an ear close over it has
    Player,    ///< 45 degrees over the batter, turned all ways by a moving head and a room's walls
    Room,      ///< all directions
    Microphone ///< a close one
};
struct HearingPoint {
    HeardFrom from = HeardFrom::Head;
    MicrophonePlace microphone{}; ///< of HeardFrom::Microphone
    bool operator==(const HearingPoint&) const = default;
};

/// Pressure that a member of a mode gives where it is heard from by 1 m of its amplitude, in units of its
/// own; those of one point compare with each other. Head: omega. Far: the radial part of the Rayleigh
/// integral, omega^2 integral of shape J_m(k r sin theta) r dr. Close: each radial part's evanescent field,
/// omega^2 c_n J_m(k_n r) exp(-kappa_n z) / kappa_n, with kappa_n^2 = k_n^2 - k^2. Source: docs/physics.md,
/// section 12.
/// @param member direction of an antinode, rad; only a close microphone hears it
double hearingGain(const CoupledMode& mode, const DrumState& state, const HearingPoint& point, double member);

} // namespace bombo
