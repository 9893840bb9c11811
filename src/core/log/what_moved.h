#pragma once
/// What moved a head that nobody turned: weather, new film settling, rods that backed off, and the rest.
#include "core/log/settling.h"
#include "core/log/weather_then.h"

namespace bombo {

/// A head as it was heard one day.
struct HeadReading {
    std::int64_t at = 0; ///< seconds since 1970, UTC
    HeardHead heard;
    WeatherThen weather;
};

struct Share {
    Cents cents; ///< positive: up
    Cents error; ///< one standard error
};

/// A rod that lost turns. Of a rod and its opposite on even counts taps cannot tell which.
struct BackedOff {
    int rod = 0; ///< 0-based
    std::optional<int> orOpposite;
    Turns lost; ///< of that one rod; half of it each where both did
    Turns error;
};

struct Moved {
    Share total;   ///< as heard
    Share settled; ///< of new film
    Share weather;
    Share backedOff;
    Share unexplained;
    std::optional<BackedOff> rod;
    double hours = 0; ///< between the readings
};

/// The parts sum to the total: each is what was expected of it, moved by its share of what is left over.
/// @param drum as it was; @param side of both readings, before.at <= after.at
/// @param fittedAt when that head was put on; 0: long ago
/// @param perTurn tension a turn of every rod gives
Moved whatMoved(const Drum& drum, HeadSide side, const HeadReading& before, const HeadReading& after,
                std::int64_t fittedAt, const SettlingBelief& settling, Tension perTurn);

/// What is to be expected of a head until a later hour, no rod turned.
struct Expected {
    Cents moves; ///< of the edge pitch, by itself
    Cents error; ///< one standard error of the edge pitch then
    Share weather;
    Share settled;
    Hertz edge; ///< then
    Tension tension;
    Tension tensionError;
};
Expected expectedAt(const Drum& drum, HeadSide side, const HeadReading& now, std::int64_t at,
                    const WeatherThen& weather, std::int64_t fittedAt, const SettlingBelief& settling);

/// A head is left at the end of one entry and found at the beginning of the next: what lies between.
struct Stay {
    HeadReading left;
    HeadReading found;
    std::int64_t fittedAt = 0;
};
/// Of one drum's entries in order of time; where the head was changed between, or not heard, there is none.
std::vector<Stay> staysOf(const std::vector<Entry>& entries, HeadSide side);
/// How film settles on this drum, from all that it did between entries.
SettlingBelief settlingOf(const Drum& drum, HeadSide side, const std::vector<Stay>& stays, Tension perTurn);

} // namespace bombo
