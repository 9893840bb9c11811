#include "core/log/weather_then.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kDaysAYear = 365.2425;
constexpr double kEvening = 12.0; // hours within which a shell has hardly followed,
constexpr double kDays = 72.0;    // and after which it has

/// -1 in the middle of January, 1 in the middle of July, by the calendar of the north.
double summer(std::int64_t at) {
    const double year = std::fmod(static_cast<double>(at) / kSecondsADay, kDaysAYear) / kDaysAYear;
    return -std::cos(kTwoPi * (year - 15.0 / kDaysAYear));
}

} // namespace

WeatherThen weatherThen(const WeatherSaid& said, std::int64_t at) {
    WeatherThen then;
    then.weather = Weather{Celsius{20.5 + 1.5 * summer(at)}, 0.48 + 0.08 * summer(at), Pascal{101325.0}};
    if (said.temperature)
        then.weather.temperature = *said.temperature;
    else
        then.temperatureError = Celsius{3.0};
    if (said.humidity)
        then.weather.relativeHumidity = *said.humidity;
    else
        then.humidityError = 0.12;
    if (said.pressure)
        then.weather.pressure = *said.pressure;
    then.isKnown = said.temperature.has_value();
    return then;
}

CarriedTension carriedBetween(const Drum& drum, HeadSide side, Tension tension, const WeatherThen& from,
                              const WeatherThen& to, double hours) {
    const auto carried = [&](const Weather& here, const Weather& there, ShellFollows follows) {
        return tensionInWeather(drum, side, tension, here, there, follows);
    };
    const CarriedTension soon = carried(from.weather, to.weather, ShellFollows::ThisEvening);
    const CarriedTension late = carried(from.weather, to.weather, ShellFollows::AfterDays);
    const double share = std::clamp((hours - kEvening) / (kDays - kEvening), 0.0, 1.0);
    const auto between = [share](Tension a, Tension b) { return a * (1.0 - share) + b * share; };
    CarriedTension result{between(soon.tension, late.tension),
                          between(soon.standardError, late.standardError)};
    // How damp the days between were is not known: half of what lies between the two may be so or so.
    const double follows = 0.5 * share * std::abs((late.tension - soon.tension).value);

    const double kelvins = std::hypot(from.temperatureError.value, to.temperatureError.value);
    const double damp = std::hypot(from.humidityError, to.humidityError);
    Weather warmer = to.weather;
    warmer.temperature += Celsius{kelvins};
    Weather damper = to.weather;
    damper.relativeHumidity += damp;
    const double byHeat = (carried(to.weather, warmer, ShellFollows::ThisEvening).tension - tension).value;
    const auto byDamp = [&](ShellFollows how) {
        return (carried(to.weather, damper, how).tension - tension).value;
    };
    const double ofDamp =
        (1.0 - share) * byDamp(ShellFollows::ThisEvening) + share * byDamp(ShellFollows::AfterDays);
    result.standardError =
        Tension{std::hypot(std::hypot(result.standardError.value, follows), std::hypot(byHeat, ofDamp))};
    return result;
}

} // namespace bombo
