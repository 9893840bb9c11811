#include "core/reading/rod_reading.h"

#include "core/units/median.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

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

double usualError(const std::vector<RodReading>& taps) {
    std::vector<double> errors;
    for (const RodReading& tap : taps)
        if (const auto error = errorOf(tap))
            errors.push_back(error->value);
    return errors.empty() ? 0.0 : medianOf(std::move(errors));
}

/// How far from their middle taps with these errors still agree, cents.
double agreeWithin(const std::vector<RodReading>& taps) {
    return std::max(kTapsAgree.value, 2.0 * usualError(taps));
}

/// Logarithm in cents of two taps taken together: clear ones count alike, others by their errors.
double togetherOf(const RodReading& a, const RodReading& b) {
    const auto weight = [](const RodReading& tap) {
        return std::pow(std::max(kClear, errorOf(tap).value_or(kClear)).value, -2.0);
    };
    return (weight(a) * logOf(a) + weight(b) * logOf(b)) / (weight(a) + weight(b));
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

std::optional<Cents> errorOf(const RodReading& reading) {
    if (!reading.standardError)
        return std::nullopt;
    return errorInCents(*reading.standardError, reading.frequency);
}

RodReading rodReadingFrom(const Reading& reading) {
    RodReading kept;
    kept.frequency = reading.frequency.value();
    kept.standardError = reading.standardError;
    kept.t60 = reading.t60;
    kept.second = reading.second;
    kept.secondError = reading.secondError;
    kept.beat = reading.beat;
    kept.levelDb = reading.levelDb;
    return kept;
}

SettledTaps settle(const std::vector<RodReading>& taps) {
    constexpr double asDeviations = 4.0 * 1.4826; // the median deviation of a normal spread is 1/1.4826 of it
    const std::vector<double> away = distances(taps);
    const double far = std::max(agreeWithin(taps), asDeviations * medianOf(away));
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
    const double log = agreeing.size() == 2 ? togetherOf(agreeing[0], agreeing[1]) : medianOf(logs);
    middle.frequency = Hertz{std::exp2(log / 1200.0)};
    middle.t60 = middleOf(agreeing, &RodReading::t60);
    middle.second = middleOf(agreeing, &RodReading::second);
    middle.secondError = middleOf(agreeing, &RodReading::secondError);
    middle.beat = middleOf(agreeing, &RodReading::beat);
    middle.levelDb = medianOf(levels);
    // How well the place is known: what one tap promises, or what the taps show, whichever is more. The room
    // is the same for all of them, so that more taps do not take it away.
    const double shown = settled.spread.value / 2.0 / std::sqrt(static_cast<double>(agreeing.size())) *
                         std::log(2.0) / 1200.0 * middle.frequency.value;
    std::optional<Hertz> promised = middleOf(agreeing, &RodReading::standardError);
    if (promised && agreeing.size() == 2)
        promised = std::min(agreeing[0].standardError.value_or(*promised),
                            agreeing[1].standardError.value_or(*promised));
    middle.standardError = Hertz{std::max(shown, promised ? promised->value : 0.0)};
    return settled;
}

bool isSettled(const std::vector<RodReading>& taps, int least) {
    const auto count = static_cast<int>(taps.size());
    if (count < std::max(1, least))
        return false;
    if (count == 1)
        return errorOf(taps.front()).value_or(Cents{}) <= kUsable;
    if (count >= kMostTapsAtARod)
        return true;
    const std::vector<double> away = distances(taps);
    const double within = agreeWithin(taps);
    const auto agreeing = std::count_if(away.begin(), away.end(), [count, within](double cents) {
        // Two taps have their median half way between them.
        return cents <= (count == 2 ? 0.5 * within : within);
    });
    return agreeing >= std::max(2, least - 1);
}

} // namespace bombo
