#include "core/tuning/gauge.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kMarkNoise = 0.02;   // share: how well a gauge repeats beside the same rod
constexpr double kPointNoise = 0.03;  // share: mean mark against heard tension
constexpr double kSlopeSpread = 0.3;  // of a gauge nobody has calibrated
constexpr double kGapNoise = 0.05e-3; // metres: callipers on a hoop

/// Deviations from their mean, each measured to `spread`.
LocalReadings around(std::vector<std::optional<double>> cents, double spread) {
    double sum = 0.0;
    int count = 0;
    for (const auto& value : cents)
        if (value) {
            sum += *value;
            ++count;
        }
    LocalReadings local;
    local.spread = Cents{spread};
    for (const auto& value : cents)
        local.deviation.push_back(value ? std::optional(Cents{*value - sum / count}) : std::nullopt);
    return local;
}

} // namespace

Tension GaugeScale::at(double mark) const {
    return {std::exp(line.at(std::log(mark)))};
}

double GaugeScale::spreadAt(double mark) const {
    return std::hypot(line.spreadAt(std::log(mark)), kMarkNoise);
}

GaugeScale learnGaugeScale(const std::vector<GaugePoint>& points) {
    std::vector<LinePoint> seen;
    for (const GaugePoint& point : points)
        seen.push_back({std::log(point.mark), std::log(point.tension.value), kPointNoise});
    // Nothing is known of the dial's own unit.
    GaugeScale scale{learnLine(
        {.start = 0.0, .slope = 1.0, .startVariance = 1e4, .slopeVariance = kSlopeSpread * kSlopeSpread},
        seen)};
    scale.line.slope =
        std::clamp(scale.line.slope, 0.3, 3.0); // a gauge that falls as the film tightens is broken
    scale.isKnown = !points.empty();
    return scale;
}

LocalReadings localFromGauge(const std::vector<std::optional<double>>& marks, const GaugeScale& scale) {
    std::vector<std::optional<double>> cents;
    for (const auto& mark : marks)
        cents.push_back(mark ? std::optional(kCentsPerShare * scale.line.slope * std::log(*mark))
                             : std::nullopt);
    return around(std::move(cents), kCentsPerShare * kMarkNoise);
}

LocalReadings localFromFeel(const std::vector<std::optional<double>>& steps) {
    std::vector<std::optional<double>> cents;
    for (const auto& step : steps)
        cents.push_back(step ? std::optional(kFeelStep.value * *step) : std::nullopt);
    return around(std::move(cents), kFeelStep.value);
}

LocalReadings localFromHoopGap(const std::vector<std::optional<Metres>>& gaps, const TurnResponse& response,
                               Turns turns) {
    const double tension = std::max(response.at(turns).value, 0.5 * kFingerTight.value);
    const double centsPerMetre = kCentsPerShare * response.perTurn().value / tension / kThreadPitch.value;
    std::vector<std::optional<double>> cents;
    for (const auto& gap : gaps)
        cents.push_back(gap ? std::optional(-centsPerMetre * gap->value) : std::nullopt);
    return around(std::move(cents), centsPerMetre * kGapNoise);
}

} // namespace bombo
