#include "core/practice/listener_threshold.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace bombo {
namespace {

constexpr std::size_t kSteps = 81;
constexpr double kSlip = 0.04;
constexpr double kThreeInFour = 0.6745; ///< of the standard normal
constexpr double kNamedInThree = 0.887; ///< likewise, where 4 Phi - 1 is three times three in four
constexpr double kSureEnough = 0.2;     ///< error of the logarithm

constexpr double kFarthest = 8.0; ///< of the logarithm of d / t that is tabled, both ways
constexpr double kTableStep = 0.02;

double normalBelow(double x) {
    return 0.5 * std::erfc(-x / std::numbers::sqrt2);
}

/// The loudest of m in the listener's head is the right one; `apart` in standard deviations of one.
double toldAmong(int sounds, double apart) {
    constexpr double step = 0.05;
    double sum = 0.0;
    for (double x = -6.0; x <= 6.0; x += step)
        sum += std::exp(-0.5 * x * x) * std::pow(normalBelow(x + apart), sounds - 1);
    return sum * step / std::sqrt(2.0 * std::numbers::pi);
}

/// Of three names in a row: beyond the middle between two of them the wrong one is nearer.
double named(double halfApart) {
    return (4.0 * normalBelow(halfApart) - 1.0) / 3.0;
}

double entropyOf(const std::vector<double>& chances) {
    double entropy = 0.0;
    for (const double chance : chances)
        if (chance > 0.0)
            entropy -= chance * std::log(chance);
    return entropy;
}

} // namespace

ListenerThreshold::ListenerThreshold(double usual, double smallest, double largest, int answers,
                                     Telling telling) {
    for (double log = -kFarthest; log <= kFarthest + kTableStep; log += kTableStep)
        m_right.push_back(kSlip / answers +
                          (1.0 - kSlip) *
                              (telling == Telling::Name
                                   ? named(kNamedInThree * std::exp(log))
                                   : toldAmong(answers, std::numbers::sqrt2 * kThreeInFour * std::exp(log))));
    const double spread = std::log(2.5);
    for (std::size_t i = 0; i < kSteps; ++i) {
        const double log =
            std::log(smallest) + std::log(largest / smallest) * static_cast<double>(i) / (kSteps - 1);
        m_logs.push_back(log);
        const double off = (log - std::log(usual)) / spread;
        m_chances.push_back(std::exp(-0.5 * off * off));
    }
    const double sum = std::accumulate(m_chances.begin(), m_chances.end(), 0.0);
    for (double& chance : m_chances)
        chance /= sum;
}

double ListenerThreshold::chanceRight(double difference, double threshold) const {
    const double log = std::clamp(std::log(difference / threshold), -kFarthest, kFarthest);
    const double place = (log + kFarthest) / kTableStep;
    const auto at = static_cast<std::size_t>(place);
    const double share = place - static_cast<double>(at);
    return (1.0 - share) * m_right[at] + share * m_right[at + 1];
}

double ListenerThreshold::differenceAt(std::size_t index) const {
    return std::exp(m_logs[index]);
}

double ListenerThreshold::next() const {
    double best = threshold();
    double least = 1e300;
    std::vector<double> right(m_chances.size());
    std::vector<double> wrong(m_chances.size());
    for (std::size_t i = 0; i < kSteps; i += 2) {
        const double difference = differenceAt(i);
        double isRight = 0.0;
        for (std::size_t k = 0; k < kSteps; ++k) {
            const double chance = chanceRight(difference, std::exp(m_logs[k]));
            right[k] = m_chances[k] * chance;
            wrong[k] = m_chances[k] * (1.0 - chance);
            isRight += right[k];
        }
        for (std::size_t k = 0; k < kSteps; ++k) {
            right[k] /= isRight;
            wrong[k] /= 1.0 - isRight;
        }
        const double left = isRight * entropyOf(right) + (1.0 - isRight) * entropyOf(wrong);
        if (left < least) {
            least = left;
            best = difference;
        }
    }
    return best;
}

void ListenerThreshold::answer(double difference, bool isRight) {
    double sum = 0.0;
    for (std::size_t k = 0; k < kSteps; ++k) {
        const double chance = chanceRight(difference, std::exp(m_logs[k]));
        m_chances[k] *= isRight ? chance : 1.0 - chance;
        sum += m_chances[k];
    }
    for (double& chance : m_chances)
        chance /= sum;
    ++m_trials;
}

double ListenerThreshold::threshold() const {
    double below = 0.0;
    for (std::size_t k = 0; k < kSteps; ++k) {
        if (below + m_chances[k] >= 0.5) {
            const double share = (0.5 - below) / m_chances[k] - 0.5;
            const double step = m_logs[1] - m_logs[0];
            return std::exp(m_logs[k] + share * step);
        }
        below += m_chances[k];
    }
    return std::exp(m_logs.back());
}

double ListenerThreshold::error() const {
    double mean = 0.0;
    double square = 0.0;
    for (std::size_t k = 0; k < kSteps; ++k) {
        mean += m_chances[k] * m_logs[k];
        square += m_chances[k] * m_logs[k] * m_logs[k];
    }
    return std::sqrt(std::max(0.0, square - mean * mean));
}

bool ListenerThreshold::isDone() const {
    return m_trials >= kMostTrials || (m_trials >= kFewestTrials && error() < kSureEnough);
}

} // namespace bombo
