#include "core/log/settling.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr int kFalls = 41;          // A from 0 to 100 cents
constexpr double kFallStep = 2.5;   // cents
constexpr double kUsualFall = 25.0; // cents, and the spread of it among heads
constexpr double kFallSpread = 15.0;
constexpr int kTimes = 33; // tau by steps of a fourth root of two, from 1.5 hours to 16 days
constexpr double kShortest = 1.5;
constexpr double kUsualTime = 12.0; // hours
const double kTimeSpread = std::log(3.0);
// Creep is no single exponential, and taps differ from evening to evening.
constexpr double kModelError = 3.0; // cents

double timeAt(int i) {
    return kShortest * std::exp2(0.25 * i);
}
double fallAt(int j) {
    return kFallStep * j;
}
/// Share of A that comes between two ages.
double share(double from, double to, double tau) {
    return std::exp(-from / tau) - std::exp(-to / tau);
}

void toSumOne(std::vector<double>& weights) {
    double sum = 0.0;
    for (const double w : weights)
        sum += w;
    for (double& w : weights)
        w /= sum;
}

} // namespace

SettlingBelief::SettlingBelief() {
    for (int i = 0; i < kTimes; ++i)
        for (int j = 0; j < kFalls; ++j) {
            const double byTime = std::log(timeAt(i) / kUsualTime) / kTimeSpread;
            const double byFall = (fallAt(j) - kUsualFall) / kFallSpread;
            m_weight.push_back(std::exp(-0.5 * (byTime * byTime + byFall * byFall)));
        }
    toSumOne(m_weight);
}

void SettlingBelief::learn(const SettlingSeen& seen) {
    const double error = std::hypot(seen.error.value, kModelError);
    std::size_t at = 0;
    for (int i = 0; i < kTimes; ++i) {
        const double part = share(seen.fromHours, seen.toHours, timeAt(i));
        for (int j = 0; j < kFalls; ++j, ++at) {
            const double off = (seen.fell.value - part * fallAt(j)) / error;
            m_weight[at] *= std::exp(-0.5 * off * off) + 1e-6; // one odd reading does not decide
        }
    }
    toSumOne(m_weight);
}

Fall SettlingBelief::between(double fromHours, double toHours) const {
    double mean = 0.0;
    double square = 0.0;
    std::size_t at = 0;
    for (int i = 0; i < kTimes; ++i) {
        const double part = share(fromHours, toHours, timeAt(i));
        for (int j = 0; j < kFalls; ++j, ++at) {
            const double fall = part * fallAt(j);
            mean += m_weight[at] * fall;
            square += m_weight[at] * fall * fall;
        }
    }
    return {Cents{mean}, Cents{std::sqrt(std::max(0.0, square - mean * mean))}};
}

SettlingBelief::TimeConstant SettlingBelief::timeConstant() const {
    const auto quantile = [&](double wanted) {
        double sum = 0.0;
        std::size_t at = 0;
        for (int i = 0; i < kTimes; ++i) {
            for (int j = 0; j < kFalls; ++j, ++at)
                sum += m_weight[at];
            if (sum >= wanted)
                return timeAt(i);
        }
        return timeAt(kTimes - 1);
    };
    return {quantile(0.5), quantile(0.16), quantile(0.84)};
}

} // namespace bombo
