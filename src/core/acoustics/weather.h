#pragma once
/// What heat, damp and height do to the air and to a tuned head.
#include "core/acoustics/air.h"
#include "core/drum/drum.h"

namespace bombo {

/// Pressure of the standard atmosphere at a height above the sea, -500 to 11,000 m. Source: ICAO standard
/// atmosphere, troposphere.
Pascal pressureAt(Metres altitude);
/// The inverse of pressureAt.
Metres altitudeOf(Pascal pressure);

/// The tension of a head that was tuned to `tension` in the weather `from`, after the drum has taken on the
/// weather `to` without a rod being turned. Film and shell swell by their own rates, the film's modulus falls
/// with heat, and hoop and lugs give in series with the film; never below 0. Source: docs/physics.md,
/// section 5.
Tension tensionInWeather(const Drum& drum, HeadSide side, Tension tension, const Weather& from,
                         const Weather& to);

} // namespace bombo
