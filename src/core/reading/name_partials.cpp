#include "core/reading/name_partials.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kMatchSpread = 35.0; // cents: split pairs and the model's own error
constexpr double kFarthestMatch = 100.0;

/// 0 at -40 dB against the strongest, 1 at the strongest.
std::vector<double> weights(const std::vector<Partial>& partials) {
    double strongest = 1e-12;
    for (const Partial& p : partials)
        strongest = std::max(strongest, p.amplitude);
    std::vector<double> result;
    for (const Partial& p : partials)
        result.push_back(std::max(0.0, 1.0 + std::log10(p.amplitude / strongest + 1e-12) / 2.0));
    return result;
}

struct Match {
    std::size_t expected = 0;
    double cents = 1e9;
};

Match nearestMode(const Partial& partial, const Expectation& expected, double shift) {
    Match best;
    for (std::size_t i = 0; i < expected.modes.size(); ++i) {
        const double cents = centsBetween(expected.modes[i].frequency, partial.frequency).value - shift;
        if (std::abs(cents) < std::abs(best.cents))
            best = {i, cents};
    }
    return best;
}

} // namespace

std::optional<Cents> namePartials(std::vector<Partial>& partials, const Expectation& expected) {
    const auto edge = std::find_if(expected.modes.begin(), expected.modes.end(), [](const ExpectedMode& e) {
        return e.mode == Mode{1, 1};
    });
    if (partials.empty() || edge == expected.modes.end())
        return std::nullopt;
    const std::vector<double> weight = weights(partials);
    double bestScore = -1e9;
    std::optional<Cents> bestShift;
    // Every partial in turn is taken for (1,1): the shift can only be one of these.
    for (std::size_t candidate = 0; candidate < partials.size(); ++candidate) {
        const double shift = centsBetween(edge->frequency, partials[candidate].frequency).value;
        if (std::abs(shift) > expected.furthest.value || weight[candidate] < 0.05)
            continue;
        double score = -0.5 * std::pow(shift / expected.spread.value, 2) * 0.4;
        for (std::size_t i = 0; i < partials.size(); ++i) {
            const double cents = nearestMode(partials[i], expected, shift).cents;
            score += weight[i] * std::exp(-0.5 * std::pow(cents / kMatchSpread, 2));
        }
        score += weight[candidate];
        if (score > bestScore) {
            bestScore = score;
            bestShift = Cents{shift};
        }
    }
    if (!bestShift)
        return std::nullopt;
    for (Partial& partial : partials) {
        const Match match = nearestMode(partial, expected, bestShift->value);
        if (std::abs(match.cents) < kFarthestMatch)
            partial.mode = expected.modes[match.expected].mode;
    }
    return bestShift;
}

} // namespace bombo
