#include "core/faults/head_faults.h"

#include "core/acoustics/hoop_field.h"
#include "core/drum/beds.h"
#include "core/procedure/head_rounds.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr Cents kFall{8.0};            // what two rounds of sloppy taps do not differ by in the mean
constexpr double kFollows = 0.4;       // of the pitch that the turns should bring
constexpr Cents kWorthExpecting{20.0}; // less than this may hide in the taps
constexpr Turns kAlike{0.125};         // what counting by eighths can mean by "the same"
constexpr Cents kFarApart{20.0};
constexpr Cents kBedsApart{8.0};
constexpr Radians kBedHalf{0.3}; // from a bed's middle to its end: ten centimetres in all on 14 in; estimate
constexpr double kStands = 0.65; // of what its turn should have done beside it

Hertz meanHeard(const FinishedRound& round) {
    double sum = 0.0;
    int count = 0;
    for (const auto& reading : round.readings)
        if (reading) {
            sum += std::log2(reading->frequency.value);
            ++count;
        }
    return {std::exp2(sum / std::max(count, 1))};
}

Turns apart(const std::vector<Turns>& turns) {
    const auto [low, high] = std::minmax_element(turns.begin(), turns.end());
    return *high - *low;
}

/// By how much the mean pitch should rise when every rod is turned `by` from where the round was heard.
Cents expectedRise(const FinishedRound& from, Turns by, const HeadBrief& brief) {
    const double tension =
        tensionFromHeard(brief.drum, brief.side, meanHeard(from), airAt(from.weather)).value;
    // Before anything is learned: what a drum like this gains a turn. A learned figure would have got used to
    // the fault.
    const double gain = tensionPerTurnPrior(brief.drum, brief.side).value * by.value;
    return {600.0 * std::log2(std::max(0.1, 1.0 + gain / std::max(tension, 1.0)))};
}

/// A rod that was turned unlike the rest between two rounds, in cents beside it.
struct TurnedRod {
    int rod = 0;
    double expected = 0; ///< > 0: that its turn should have brought
    double moved = 0;    ///< the same way
    double error = 0;
};

/// By two rounds of a gauge: what its marks followed beside every rod. Taps cannot say it: they hear a rod
/// and its opposite as one.
std::vector<TurnedRod> turnedRods(const HeadWork& work, const HeadBrief& brief) {
    const std::size_t rounds = work.history.size();
    if (rounds < 2)
        return {};
    const FinishedRound& last = work.history[rounds - 1];
    const FinishedRound& before = work.history[rounds - 2];
    if (last.way.kind != TapKind::Gauge || before.way.kind != TapKind::Gauge)
        return {};
    const LocalReadings was = localOf(work, before, brief);
    const LocalReadings is = localOf(work, last, brief);
    const Turns common = meanOf(last.rodTurns) - meanOf(before.rodTurns);
    const TurnResponse response = turnResponseOf(work, brief);
    const double tension = response.at((meanOf(before.rodTurns) + meanOf(last.rodTurns)) / 2.0).value;
    const double perTurn = kCentsPerShare * response.perTurn().value / std::max(tension, 100.0);
    std::vector<TurnedRod> turned;
    for (std::size_t rod = 0; rod < last.rodTurns.size(); ++rod) {
        // A rod that nobody turned cannot stand: what moves beside it comes from its neighbours.
        const bool isTurned = last.rodTurns[rod] != before.rodTurns[rod];
        if (!was.deviation[rod] || !is.deviation[rod] || !isTurned)
            continue;
        const Turns own = last.rodTurns[rod] - before.rodTurns[rod] - common;
        const double expected = perTurn * own.value;
        // In shares of the head's mean: a rod that lost of every turn stands low, and a little more of its
        // own little looks like much.
        const double stood = std::exp2(was.deviation[rod]->value / 600.0);
        const double stands = std::exp2(is.deviation[rod]->value / 600.0);
        const double moved = kCentsPerShare * (stands - stood) * (expected < 0.0 ? -1.0 : 1.0);
        turned.push_back(
            {static_cast<int>(rod), std::abs(expected), moved, std::hypot(stood, stands) * is.spread.value});
    }
    return turned;
}

std::vector<int> standingRods(const std::vector<TurnedRod>& turned) {
    std::vector<int> standing;
    for (const TurnedRod& rod : turned)
        if (rod.expected - rod.moved > 3.0 * rod.error && rod.moved < kStands * rod.expected)
            standing.push_back(rod.rod);
    return standing;
}

/// What the last two rounds heard alike say of each other; empty where they cannot be compared.
struct Change {
    Cents by; ///< of the mean
    bool turned = false;
    Cents expected; ///< of the turns between them
};
std::optional<Change> lastChange(const HeadWork& work, const HeadBrief& brief) {
    const std::size_t rounds = work.history.size();
    if (rounds < 2 || isProvisional(work) ||
        work.history[rounds - 2].way.kind != work.history[rounds - 1].way.kind)
        return std::nullopt;
    const FinishedRound& before = work.history[rounds - 2];
    const FinishedRound& last = work.history[rounds - 1];
    const Turns by = meanOf(last.rodTurns) - meanOf(before.rodTurns);
    return Change{centsBetween(meanHeard(before), meanHeard(last)), before.rodTurns != last.rodTurns,
                  expectedRise(before, by, brief)};
}

/// How far apart the first round was; empty unless every rod was turned alike from nothing before it.
std::optional<Cents> apartAtEqualTurns(const HeadWork& work) {
    if (work.condition == HeadCondition::AsItStands || work.history.empty())
        return std::nullopt;
    const FinishedRound& first = work.history.front();
    if (isSilent(first.way.kind) || apart(first.rodTurns) > kAlike)
        return std::nullopt;
    HeadWork then = work;
    then.history.resize(1);
    const auto estimate = lastEstimate(then);
    return estimate ? std::optional(estimate->widest) : std::nullopt;
}

} // namespace

HeadSigns headSigns(const HeadWork& work, const HeadBrief& brief) {
    HeadSigns signs;
    if (const auto change = lastChange(work, brief)) {
        if (!change->turned)
            signs.fell = Cents{-change->by.value};
        if (change->expected > kWorthExpecting) {
            signs.followed = change->by / change->expected;
            signs.followedError = kFall / change->expected;
        }
    }
    signs.apart = apartAtEqualTurns(work);
    const std::vector<TurnedRod> turned = turnedRods(work, brief);
    double most = kWorthExpecting.value;
    for (const TurnedRod& rod : turned)
        most = std::max(most, rod.expected);
    for (const TurnedRod& rod : turned) {
        if (rod.expected < 0.5 * most) // little is told by a rod that was hardly turned
            continue;
        const double lazy = 1.0 - rod.moved / rod.expected;
        if (!signs.lazy || lazy > *signs.lazy) {
            signs.lazy = lazy;
            signs.lazyError = rod.error / rod.expected;
        }
    }
    return signs;
}

std::vector<HeadFinding> headFindings(const HeadWork& work, const HeadBrief& brief) {
    std::vector<HeadFinding> findings;
    if (std::vector<int> standing = standingRods(turnedRods(work, brief)); !standing.empty())
        findings.push_back({HeadFault::RodStands, std::move(standing), {}});
    if (work.history.empty() || isProvisional(work))
        return findings;
    const FinishedRound& last = work.history.back();
    if (const auto change = lastChange(work, brief)) {
        if (!change->turned && change->by < -kFall)
            findings.push_back({HeadFault::FallsBack, {}, -change->by});
        if (change->expected > kWorthExpecting && change->by < kFollows * change->expected)
            findings.push_back({HeadFault::PitchStaysBehind, {}, change->expected - change->by});
    }
    const EvennessEstimate now = *lastEstimate(work);
    if (work.history.size() == 1)
        if (const auto wide = apartAtEqualTurns(work); wide && *wide > kFarApart)
            findings.push_back({HeadFault::EqualTurnsUnequalPitch, {}, *wide});
    const std::vector<int> beds = rodsBesideBeds(static_cast<int>(last.rodTurns.size()));
    if (brief.side == HeadSide::SnareSide && beds.size() < last.rodTurns.size()) {
        double atBeds = 0.0;
        for (const int rod : beds)
            atBeds += now.heard[static_cast<std::size_t>(rod)].value / static_cast<double>(beds.size());
        double sum = 0.0;
        for (const Cents heard : now.heard)
            sum += heard.value;
        const double others = (sum - atBeds * static_cast<double>(beds.size())) /
                              static_cast<double>(last.rodTurns.size() - beds.size());
        if (std::abs(atBeds - others) > kBedsApart.value)
            findings.push_back({HeadFault::BedsDiffer, beds, Cents{atBeds - others},
                                bedsLower(brief.drum, tensionNow(work, brief), Metres{0.001}, kBedHalf,
                                          hoopBeam(brief.drum.hoop.kind))});
    }
    return findings;
}

} // namespace bombo
