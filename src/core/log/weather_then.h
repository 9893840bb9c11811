#pragma once
/// The weather of an entry, and how well it is known.
#include "core/acoustics/weather.h"
#include "core/log/entry.h"

namespace bombo {

struct WeatherThen {
    Weather weather;
    Celsius temperatureError{0.5}; ///< one standard error: of a thermometer on the wall,
    double humidityError = 0.05;   ///< of a hygrometer beside it
    bool isKnown = true;           ///< the temperature was said
};

/// What was not said is taken from the season: rooms where people play stay near 20 C, drier in winter than
/// in summer (estimates; wide). @param at seconds since 1970, UTC
WeatherThen weatherThen(const WeatherSaid& said, std::int64_t at);
/// A weather that was said in full.
inline WeatherThen weatherNow(const Weather& weather) {
    return {weather};
}

/// A tension carried from one day to another, no rod turned, with all that is not known of it: what a shell
/// takes on of the damp between an evening and days, and what is not known of either weather.
CarriedTension carriedBetween(const Drum& drum, HeadSide side, Tension tension, const WeatherThen& from,
                              const WeatherThen& to, double hours);

} // namespace bombo
