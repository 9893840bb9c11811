#include "core/reading/name_partials.h"

#include "core/acoustics/coupled_modes.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace bombo {
namespace {

constexpr double kMatchSpread = 35.0; // cents: split pairs and the model's own error
constexpr double kFarthestMatch = 100.0;

/// What a room makes of one partial: several, side by side.
struct Lump {
    Hertz frequency; ///< the middle, by energy
    double amplitude = 0;
    double energy = 0;
    std::vector<std::size_t> members;
};

std::vector<Lump> lumpsOf(const std::vector<Partial>& partials) {
    constexpr double together = 45.0; // cents
    const auto energyOf = [&](std::size_t i) {
        return partials[i].amplitude * partials[i].amplitude * partials[i].t60.value;
    };
    std::vector<std::size_t> order(partials.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    std::sort(order.begin(), order.end(),
              [&](std::size_t a, std::size_t b) { return energyOf(a) > energyOf(b); });
    std::vector<Lump> lumps;
    for (const std::size_t i : order) {
        const Partial& p = partials[i];
        const auto home = std::find_if(lumps.begin(), lumps.end(), [&](const Lump& lump) {
            return std::abs(centsBetween(partials[lump.members.front()].frequency, p.frequency).value) <
                   together;
        });
        if (home == lumps.end()) {
            lumps.push_back({p.frequency, p.amplitude, energyOf(i), {i}});
            continue;
        }
        const double energy = home->energy + energyOf(i);
        home->frequency = home->frequency + (energyOf(i) / energy) * (p.frequency - home->frequency);
        home->amplitude = std::max(home->amplitude, p.amplitude);
        home->energy = energy;
        home->members.push_back(i);
    }
    return lumps;
}

/// 0 at -40 dB against the strongest, 1 at the strongest.
std::vector<double> weights(const std::vector<Lump>& lumps) {
    double strongest = 1e-12;
    for (const Lump& l : lumps)
        strongest = std::max(strongest, l.amplitude);
    std::vector<double> result;
    for (const Lump& l : lumps)
        result.push_back(std::max(0.0, 1.0 + std::log10(l.amplitude / strongest + 1e-12) / 2.0));
    return result;
}

struct Match {
    std::size_t expected = 0;
    double cents = 1e9;
};

Match nearestMode(Hertz frequency, const Expectation& expected, double shift) {
    Match best;
    for (std::size_t i = 0; i < expected.modes.size(); ++i) {
        const double cents = centsBetween(expected.modes[i].frequency, frequency).value - shift;
        if (std::abs(cents) < std::abs(best.cents))
            best = {i, cents};
    }
    return best;
}

/// A shift that the pattern may have, and what speaks for it beside the pattern.
struct Candidate {
    double shift; ///< cents
    double bonus; ///< of what is taken for the wanted mode
    WantedMode as;
};

/// Every partial in turn is taken for the wanted mode; or for another one, where that puts the wanted mode on
/// a line that would hide it, or where nothing is heard.
std::vector<Candidate> candidates(const std::vector<Lump>& partials, const std::vector<double>& weight,
                                  const Expectation& expected, Hertz wanted,
                                  const std::vector<Hertz>& lines) {
    constexpr double hides = 15.0; // Hz
    constexpr double hidden = 0.6; // as if it were there at -16 dB
    // That a tap does not sound it at all is unlikely; yet rooms have such places.
    constexpr double unheard = -0.5;
    std::vector<Candidate> all;
    for (std::size_t i = 0; i < partials.size(); ++i) {
        if (weight[i] < 0.05)
            continue;
        all.push_back({centsBetween(wanted, partials[i].frequency).value, weight[i], WantedMode::Found});
        for (const ExpectedMode& other : expected.modes) {
            const double shift = centsBetween(other.frequency, partials[i].frequency).value;
            const double would = wanted.value * std::exp2(shift / 1200.0);
            const bool onLine = std::any_of(lines.begin(), lines.end(),
                                            [&](Hertz line) { return std::abs(line.value - would) < hides; });
            const bool heardThere = std::any_of(partials.begin(), partials.end(), [&](const Lump& l) {
                return std::abs(centsBetween(Hertz{would}, l.frequency).value) < kFarthestMatch;
            });
            if (other.mode == expected.wanted || (!onLine && (heardThere || partials.size() < 2)))
                continue;
            all.push_back(onLine ? Candidate{shift, hidden, WantedMode::Drowned}
                                 : Candidate{shift, unheard, WantedMode::Unheard});
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
    const std::vector<Lump> lumps = lumpsOf(partials);
    const std::vector<double> weight = weights(lumps);
    double bestScore = -1e9;
    Naming best;
    double heardScore = -1e9;
    Naming heard; // the best of those that hear the wanted mode, or where it drowns
    for (const Candidate& candidate : candidates(lumps, weight, expected, wanted->frequency, hidingLines)) {
        if (std::abs(candidate.shift) > expected.furthest.value)
            continue;
        double score = candidate.bonus - 0.2 * std::pow(candidate.shift / expected.spread.value, 2);
        for (std::size_t i = 0; i < lumps.size(); ++i) {
            const double cents = nearestMode(lumps[i].frequency, expected, candidate.shift).cents;
            score += weight[i] * std::exp(-0.5 * std::pow(cents / kMatchSpread, 2));
        }
        if (candidate.as != WantedMode::Unheard && score > heardScore) {
            heardScore = score;
            heard = {candidate.as, Cents{candidate.shift}};
        }
        if (score > bestScore) {
            bestScore = score;
            best = {candidate.as, Cents{candidate.shift}};
        }
    }
    // Slack and uneven heads have no pattern to speak of: what lies within reach of the expectation is
    // believed.
    constexpr double withinReach = 2.0; // spreads
    if (best.wanted == WantedMode::Unheard &&
        std::abs(heard.shift.value) <= withinReach * expected.spread.value)
        best = heard;
    if (best.wanted == WantedMode::Absent || best.wanted == WantedMode::Unheard)
        return best;
    for (const Lump& lump : lumps) {
        const Match match = nearestMode(lump.frequency, expected, best.shift.value);
        if (std::abs(match.cents) < kFarthestMatch)
            for (const std::size_t i : lump.members)
                partials[i].mode = expected.modes[match.expected].mode;
    }
    return best;
}

} // namespace bombo
