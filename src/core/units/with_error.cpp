#include "core/units/with_error.h"

#include "core/units/median.h"

#include <cmath>

namespace bombo {

WithError medianWithError(const std::vector<WithError>& figures) {
    constexpr double inCommon =
        0.71; // share of a figure's error that the next one has too: half of its variance
    std::vector<double> values;
    std::vector<double> errors;
    for (const WithError& figure : figures) {
        values.push_back(figure.value);
        errors.push_back(figure.error);
    }
    const double middle = medianOf(values);
    const double stated = medianOf(std::move(errors));
    if (figures.size() == 1)
        return {middle, stated};
    for (double& value : values)
        value = std::abs(value - middle);
    const double shown = 1.48 * medianOf(std::move(values)) / std::sqrt(static_cast<double>(figures.size()));
    return {middle, std::hypot(shown, inCommon * stated)};
}

} // namespace bombo
