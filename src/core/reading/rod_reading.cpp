#include "core/reading/rod_reading.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

/// @pre not empty
double medianOf(std::vector<double> values) {
    const std::size_t half = values.size() / 2;
    std::sort(values.begin(), values.end());
    return values.size() % 2 == 1 ? values[half] : 0.5 * (values[half - 1] + values[half]);
}

/// The median of one optional figure over the taps that have it.
template <class Quantity>
std::optional<Quantity> middleOf(const std::vector<RodReading>& taps,
                                 std::optional<Quantity> RodReading::*figure) {
    std::vector<double> values;
    for (const RodReading& tap : taps)
        if (tap.*figure)
            values.push_back((tap.*figure)->value);
    return values.empty() ? std::nullopt : std::optional(Quantity{medianOf(std::move(values))});
}

double logOf(const RodReading& tap) {
    return 1200.0 * std::log2(tap.frequency.value);
}

/// Distance of each tap to the median of all, cents.
std::vector<double> distances(const std::vector<RodReading>& taps) {
    std::vector<double> logs;
    for (const RodReading& tap : taps)
        logs.push_back(logOf(tap));
    const double middle = medianOf(logs);
    for (double& value : logs)
        value = std::abs(value - middle);
    return logs;
}

} // namespace

RodReading rodReadingFrom(const Reading& reading) {
    RodReading kept;
    kept.frequency = reading.frequency.value();
    kept.standardError = reading.standardError;
    kept.t60 = reading.t60;
    kept.second = reading.second;
    kept.beat = reading.beat;
    kept.levelDb = reading.levelDb;
    return kept;
}

SettledTaps settle(const std::vector<RodReading>& taps) {
    constexpr double asDeviations = 4.0 * 1.4826; // the median deviation of a normal spread is 1/1.4826 of it
    const std::vector<double> away = distances(taps);
    const double far = std::max(kTapsAgree.value, asDeviations * medianOf(away));
    SettledTaps settled;
    std::vector<RodReading> agreeing;
    for (std::size_t i = 0; i < taps.size(); ++i) {
        if (taps.size() >= 3 && away[i] > far)
            settled.outliers.push_back(static_cast<int>(i));
        else
            agreeing.push_back(taps[i]);
    }
    std::vector<double> logs;
    std::vector<double> levels;
    for (const RodReading& tap : agreeing) {
        logs.push_back(logOf(tap));
        levels.push_back(tap.levelDb);
    }
    const auto [lowest, highest] = std::minmax_element(logs.begin(), logs.end());
    settled.spread = Cents{*highest - *lowest};
    RodReading& middle = settled.middle;
    middle = agreeing.front();
    middle.taps = static_cast<int>(taps.size());
    middle.outliers = static_cast<int>(settled.outliers.size());
    if (agreeing.size() == 1)
        return settled;
    middle.frequency = Hertz{std::exp2(medianOf(logs) / 1200.0)};
    middle.t60 = middleOf(agreeing, &RodReading::t60);
    middle.second = middleOf(agreeing, &RodReading::second);
    middle.beat = middleOf(agreeing, &RodReading::beat);
    middle.levelDb = medianOf(levels);
    // How well the place is known: what one tap promises, or what the taps show, whichever is more.
    const double shown = settled.spread.value / 2.0 / std::sqrt(static_cast<double>(agreeing.size())) *
                         std::log(2.0) / 1200.0 * middle.frequency.value;
    const auto promised = middleOf(agreeing, &RodReading::standardError);
    middle.standardError = Hertz{std::max(shown, promised ? promised->value : 0.0)};
    return settled;
}

bool isSettled(const std::vector<RodReading>& taps, int least) {
    const auto count = static_cast<int>(taps.size());
    if (count < std::max(1, least))
        return false;
    if (count == 1 || count >= kMostTapsAtARod)
        return true;
    const std::vector<double> away = distances(taps);
    const auto agreeing = std::count_if(away.begin(), away.end(), [count](double cents) {
        // Two taps have their median half way between them.
        return cents <= (count == 2 ? 0.5 * kTapsAgree.value : kTapsAgree.value);
    });
    return agreeing >= std::max(2, least - 1);
}

} // namespace bombo
