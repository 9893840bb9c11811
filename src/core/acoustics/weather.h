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

/// Whether what swells in the shell (wood, plastics) has had the time to take on the damp of the air: a
/// lacquered shell hardly follows in an evening and does in days.
enum class ShellFollows { ThisEvening, AfterDays };

struct CarriedTension {
    Tension tension;
    Tension standardError; ///< by what is not known of how film and shell swell; 0 where the damp is the same
};

/// The tension of a head that was tuned to `tension` in the weather `from`, after the drum has taken on the
/// weather `to` without a rod being turned. Film, shell and rods grow by their own rates, the film's modulus
/// falls with heat, and hoop and lugs give in series with the film; never below 0. Source: docs/physics.md,
/// section 5.
CarriedTension tensionInWeather(const Drum& drum, HeadSide side, Tension tension, const Weather& from,
                                const Weather& to, ShellFollows follows = ShellFollows::ThisEvening);

} // namespace bombo
