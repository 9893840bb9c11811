#include "core/acoustics/air.h"

#include <cmath>

namespace bombo {

Air airAt(const Weather& weather) {
    constexpr double dryGas = 287.058;    // J/(kg K)
    constexpr double vapourGas = 461.495; // J/(kg K)
    constexpr double heatRatio = 1.4;
    const double celsius = weather.temperature.value;
    const double kelvin = celsius + 273.15;
    const double saturation = 611.2 * std::exp(17.62 * celsius / (243.12 + celsius));
    const double vapour = weather.relativeHumidity * saturation;
    const double density =
        (weather.pressure.value - vapour) / (dryGas * kelvin) + vapour / (vapourGas * kelvin);
    return {density, std::sqrt(heatRatio * weather.pressure.value / density)};
}

} // namespace bombo
