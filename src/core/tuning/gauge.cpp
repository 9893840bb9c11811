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
    return {std::exp(mean[0] + mean[1] * std::log(mark))};
}

double GaugeScale::spreadAt(double mark) const {
    const Eigen::Vector2d x(1.0, std::log(mark));
    return std::sqrt(x.dot(covariance * x) + kMarkNoise * kMarkNoise);
}

GaugeScale learnGaugeScale(const std::vector<GaugePoint>& points) {
    GaugeScale scale;
    const Eigen::Vector2d prior(0.0, 1.0);
    Eigen::Matrix2d precision = Eigen::Matrix2d::Zero();
    precision(0, 0) = 1e-4; // nothing is known of the dial's own unit
    precision(1, 1) = 1.0 / (kSlopeSpread * kSlopeSpread);
    Eigen::Vector2d weighted = precision * prior;
    for (const GaugePoint& point : points) {
        const Eigen::Vector2d x(1.0, std::log(point.mark));
        precision += x * x.transpose() / (kPointNoise * kPointNoise);
        weighted += x * std::log(point.tension.value) / (kPointNoise * kPointNoise);
    }
    scale.covariance = precision.inverse();
    scale.mean = scale.covariance * weighted;
    scale.mean[1] = std::clamp(scale.mean[1], 0.3, 3.0); // a gauge that falls as the film tightens is broken
    scale.isKnown = !points.empty();
    return scale;
}

LocalReadings localFromGauge(const std::vector<std::optional<double>>& marks, const GaugeScale& scale) {
    std::vector<std::optional<double>> cents;
    for (const auto& mark : marks)
        cents.push_back(mark ? std::optional(kCentsPerShare * scale.mean[1] * std::log(*mark))
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
