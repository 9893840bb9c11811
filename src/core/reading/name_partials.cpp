#include "core/reading/name_partials.h"

#include "core/acoustics/coupled_modes.h"

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

/// A shift that the pattern may have, and what speaks for it beside the pattern.
struct Candidate {
    double shift; ///< cents
    double bonus; ///< of what is taken for the wanted mode
    bool drowned;
};

/// Every partial in turn is taken for the wanted mode; or for another one, where that puts the wanted mode on
/// a line that would hide it.
std::vector<Candidate> candidates(const std::vector<Partial>& partials, const std::vector<double>& weight,
                                  const Expectation& expected, Hertz wanted,
                                  const std::vector<Hertz>& lines) {
    constexpr double hides = 15.0; // Hz
    constexpr double hidden = 0.6; // as if it were there at -16 dB
    std::vector<Candidate> all;
    for (std::size_t i = 0; i < partials.size(); ++i) {
        if (weight[i] < 0.05)
            continue;
        all.push_back({centsBetween(wanted, partials[i].frequency).value, weight[i], false});
        for (const ExpectedMode& other : expected.modes) {
            const double shift = centsBetween(other.frequency, partials[i].frequency).value;
            const double would = wanted.value * std::exp2(shift / 1200.0);
            const bool onLine = std::any_of(lines.begin(), lines.end(),
                                            [&](Hertz line) { return std::abs(line.value - would) < hides; });
            if (other.mode != expected.wanted && onLine)
                all.push_back({shift, hidden, true});
        }
    }
    return all;
}

} // namespace

std::vector<ExpectedMode> expectedModes(const std::vector<CoupledMode>& modes) {
    std::vector<ExpectedMode> expected;
    for (const CoupledMode& mode : modes)
        if (mode.frequency.value < 2000.0)
            expected.push_back({{mode.m, mode.order}, mode.frequency});
    return expected;
}

Naming namePartials(std::vector<Partial>& partials, const Expectation& expected,
                    const std::vector<Hertz>& hidingLines) {
    const auto wanted = std::find_if(expected.modes.begin(), expected.modes.end(),
                                     [&](const ExpectedMode& e) { return e.mode == expected.wanted; });
    if (partials.empty() || wanted == expected.modes.end())
        return {};
    const std::vector<double> weight = weights(partials);
    double bestScore = -1e9;
    Naming best;
    for (const Candidate& candidate :
         candidates(partials, weight, expected, wanted->frequency, hidingLines)) {
        if (std::abs(candidate.shift) > expected.furthest.value)
            continue;
        double score = candidate.bonus - 0.2 * std::pow(candidate.shift / expected.spread.value, 2);
        for (std::size_t i = 0; i < partials.size(); ++i) {
            const double cents = nearestMode(partials[i], expected, candidate.shift).cents;
            score += weight[i] * std::exp(-0.5 * std::pow(cents / kMatchSpread, 2));
        }
        if (score > bestScore) {
            bestScore = score;
            best = {candidate.drowned ? WantedMode::Drowned : WantedMode::Found, Cents{candidate.shift}};
        }
    }
    if (best.wanted == WantedMode::Absent)
        return best;
    for (Partial& partial : partials) {
        const Match match = nearestMode(partial, expected, best.shift.value);
        if (std::abs(match.cents) < kFarthestMatch)
            partial.mode = expected.modes[match.expected].mode;
    }
    return best;
}

} // namespace bombo
