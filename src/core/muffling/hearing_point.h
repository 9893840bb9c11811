#pragma once
/// Where a drum is heard from.
#include "core/acoustics/coupled_modes.h"

#include <array>
#include <complex>

namespace bombo {

/// A microphone close to the batter.
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

/// What a radial part gives in each direction that counts at a point; unused ones are 0.
inline constexpr int kHeardDirections = 6;
using HeardParts = std::array<std::complex<double>, kHeardDirections>;

} // namespace bombo
