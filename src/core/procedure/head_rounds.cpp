#include "core/procedure/head_rounds.h"

#include "core/acoustics/pitches.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <numeric>

namespace bombo {
namespace {

bool isSilent(const FinishedRound& round) {
    return bombo::isSilent(round.way.kind);
}

RodPitches pitchesFrom(const RodReading& reading) {
    RodPitches pitches{reading.frequency, reading.second, errorOf(reading).value_or(Cents{}), {}};
    if (reading.second && reading.secondError)
        pitches.secondError = errorInCents(*reading.secondError, *reading.second);
    return pitches;
}

Turns sinceThen(const HeadWork& work, const FinishedRound& round) {
    return work.meanTurns() - meanOf(round.rodTurns);
}

} // namespace

std::vector<std::optional<RodPitches>> pitchesOf(const std::vector<std::optional<RodReading>>& readings) {
    std::vector<std::optional<RodPitches>> pitches;
    for (const auto& r : readings)
        pitches.push_back(r ? std::optional(pitchesFrom(*r)) : std::nullopt);
    return pitches;
}

EveningObservation observationOf(const EvennessEstimate& was, const EvennessEstimate& is,
                                 const std::vector<Turns>& before, const std::vector<Turns>& after,
                                 double centsPerTurn) {
    EveningObservation one;
    for (std::size_t rod = 0; rod < before.size(); ++rod) {
        one.turned.push_back((after[rod] - before[rod]).value);
        one.heardBefore.push_back(was.heard[rod].value);
        one.heardAfter.push_back(is.heard[rod].value);
    }
    one.centsPerTurn = centsPerTurn;
    return one;
}

EvennessEstimate estimateOf(const FinishedRound& round) {
    if (!isSilent(round))
        return estimateEvenness(pitchesOf(round.readings));
    std::vector<Hertz> implied;
    for (const auto& reading : round.readings)
        implied.push_back(reading->frequency);
    return estimateFromGauge(implied);
}

namespace {

/// Tension that a round heard, carried from its own weather to the brief's.
CarriedTension tensionIn(const FinishedRound& round, const HeadBrief& brief) {
    const Hertz mean = estimateOf(round).mean;
    const Tension then = tensionFromHeard(brief.drum, brief.side, mean, airAt(round.weather));
    return tensionInWeather(brief.drum, brief.side, then, round.weather, brief.weather);
}

} // namespace

const FinishedRound* heardHere(const HeadWork& work) {
    for (auto round = work.history.rbegin(); round != work.history.rend(); ++round) {
        if (round->rodTurns != work.history.back().rodTurns)
            break;
        if (!isSilent(*round))
            return &*round;
    }
    return nullptr;
}

Turns meanOf(const std::vector<Turns>& turns) {
    Turns sum;
    for (Turns t : turns)
        sum += t;
    return turns.empty() ? sum : sum / static_cast<double>(turns.size());
}

LocalReadings localOf(const HeadWork& work, const FinishedRound& round, const HeadBrief& brief) {
    std::vector<std::optional<double>> marks;
    for (const auto& reading : round.readings)
        marks.push_back(reading ? reading->gauge : std::nullopt);
    switch (round.way.kind) {
    case TapKind::HoopGap: {
        std::vector<std::optional<Metres>> gaps;
        for (const auto& mark : marks)
            gaps.push_back(mark ? std::optional(Metres{*mark * 1e-3}) : std::nullopt);
        return localFromHoopGap(gaps, turnResponseOf(work, brief), meanOf(round.rodTurns));
    }
    case TapKind::Feel:
        return localFromFeel(marks);
    default:
        return localFromGauge(marks, brief.gauge);
    }
}

EvennessEstimate estimateNow(const HeadWork& work, const HeadBrief& brief) {
    const FinishedRound& last = work.history.back();
    const FinishedRound* heard = heardHere(work);
    if (heard == nullptr)
        return estimateOf(last);
    std::vector<LocalReadings> beside;
    for (auto round = work.history.rbegin(); round != work.history.rend(); ++round) {
        if (round->rodTurns != last.rodTurns)
            break;
        if (isSilent(*round))
            beside.push_back(localOf(work, *round, brief));
    }
    return estimateEvenness(pitchesOf(heard->readings), beside,
                            eveningOf(work, brief, turnResponseOf(work, brief)));
}

EveningShare eveningOf(const HeadWork& work, const HeadBrief& brief, const TurnResponse& response) {
    std::vector<EveningObservation> seen;
    for (std::size_t i = 1; i < work.history.size(); ++i) {
        const FinishedRound& before = work.history[i - 1];
        const FinishedRound& after = work.history[i];
        if (isSilent(before) || before.way.half || after.way.half || before.way.kind != after.way.kind)
            continue;
        const Tension there = response.at((meanOf(before.rodTurns) + meanOf(after.rodTurns)) / 2.0);
        seen.push_back(
            observationOf(estimateOf(before), estimateOf(after), before.rodTurns, after.rodTurns,
                          kCentsPerShare * response.perTurn().value / std::max(there.value, 100.0)));
    }
    return learnEvening(seen, eveningPrior(brief.drum, brief.side));
}

bool halfRoundIsEnough(const HeadWork& work) {
    const std::size_t rods = work.rodTurns.size();
    for (auto round = work.history.rbegin(); rods % 2 == 0 && round != work.history.rend(); ++round) {
        if (round->way.half || isSilent(*round))
            continue;
        for (std::size_t i = 0; i < rods / 2; ++i) {
            const Hertz one = round->readings[i]->frequency;
            const Hertz other = round->readings[i + rods / 2]->frequency;
            if (std::abs(centsBetween(one, other).value) > kTapsAgree.value)
                return false;
        }
        return true;
    }
    return false;
}

std::optional<int> strayRod(const HeadWork& work) {
    const bool fresh =
        work.stage == HeadStage::Done || (work.stage == HeadStage::Turning && work.movesDone == 0);
    return fresh && !work.history.empty() && !isProvisional(work)
               ? strayReading(pitchesOf(heardHere(work)->readings))
               : std::nullopt;
}

TurnResponse turnResponseOf(const HeadWork& work, const HeadBrief& brief) {
    // Of the kind that was last heard: how a round sounds depends a little on the finger.
    TapKind kind = work.history.empty() ? TapKind::Open : work.history.back().way.kind;
    for (const FinishedRound& round : work.history)
        if (!isSilent(round))
            kind = round.way.kind;
    std::vector<TurnObservation> seen;
    for (const FinishedRound& round : work.history)
        // Only pitch and a gauge of known scale tell how tight the head is; the rest tells the rods apart.
        if (round.way.kind == kind && (!isSilent(round) || (kind == TapKind::Gauge && brief.gauge.isKnown))) {
            const CarriedTension carried = tensionIn(round, brief);
            seen.push_back({meanOf(round.rodTurns), carried.tension, carried.standardError});
        }
    return learnTurnResponse(brief.drum, brief.side, seen,
                             work.condition == HeadCondition::AsItStands ? kFoundStanding : TurnStart{});
}

std::optional<EvennessEstimate> lastEstimate(const HeadWork& work) {
    if (work.history.empty())
        return std::nullopt;
    const FinishedRound* heard = heardHere(work);
    return estimateOf(heard != nullptr ? *heard : work.history.back());
}

Turns slackFloor(const HeadWork& work, const HeadBrief& brief) {
    if (work.condition != HeadCondition::AsItStands)
        return {};
    const double room = tensionNow(work, brief).value - kFingerTight.value;
    return work.meanTurns() - Turns{std::max(0.0, room) / turnResponseOf(work, brief).perTurn().value};
}

bool isProvisional(const HeadWork& work) {
    return !work.history.empty() && heardHere(work) == nullptr;
}

std::vector<GaugePoint> gaugePointsOf(const HeadWork& work, const HeadBrief& brief) {
    std::vector<GaugePoint> points;
    for (std::size_t i = 1; i < work.history.size(); ++i) {
        const FinishedRound& one = work.history[i - 1];
        const FinishedRound& other = work.history[i];
        const bool gauged = one.way.kind == TapKind::Gauge || other.way.kind == TapKind::Gauge;
        if (!gauged || isSilent(one) == isSilent(other) || one.rodTurns != other.rodTurns)
            continue;
        const FinishedRound& read = isSilent(one) ? one : other;
        if (!read.gauge.empty() && read.gauge != brief.gaugeName)
            continue;
        std::vector<double> logs; // a half round leaves some rods out
        for (const auto& reading : read.readings)
            if (reading && reading->gauge)
                logs.push_back(std::log(*reading->gauge));
        if (logs.empty())
            continue;
        const double mean = std::accumulate(logs.begin(), logs.end(), 0.0) / static_cast<double>(logs.size());
        // The mark was read in the weather of its round: the tension of that hour goes with it.
        HeadBrief then = brief;
        then.weather = read.weather;
        points.push_back({std::exp(mean), tensionIn(isSilent(one) ? other : one, then).tension});
    }
    return points;
}

Tension tensionNow(const HeadWork& work, const HeadBrief& brief) {
    const TurnResponse response = turnResponseOf(work, brief);
    if (work.history.empty())
        return response.at(work.meanTurns());
    const FinishedRound* here = heardHere(work);
    const FinishedRound& last = here != nullptr ? *here : work.history.back();
    const Tension heard = tensionIn(last, brief).tension;
    const Turns since = sinceThen(work, last);
    return {std::max(30.0, heard.value + response.perTurn().value * since.value)};
}

Expectation expectationNow(const HeadWork& work, const HeadBrief& brief) {
    const bool unheard = work.history.empty();
    std::optional<Hertz> first;
    if (unheard && work.condition == HeadCondition::AsItStands)
        for (const auto& taps : work.taps)
            if (!first && !taps.empty() && !taps.front().gauge)
                first = taps.front().frequency;
    const Tension tension = first ? tensionFromHeard(brief.drum, brief.side, *first, airAt(brief.weather))
                                  : tensionNow(work, brief);
    Expectation expected;
    expected.modes =
        expectedModes(mutedModes(drumState(brief.drum, tension, tension, airAt(brief.weather)), brief.side));
    // Before anything was heard the turns are only a guess, and of a head found standing nothing is known;
    // afterwards the head is where it was left.
    const double guess = work.condition != HeadCondition::AsItStands ? 350.0 : first ? 200.0 : 1200.0;
    expected.spread = Cents{unheard ? guess : 80.0};
    expected.furthest = std::max(expected.furthest, 2.0 * expected.spread);
    return expected;
}

} // namespace bombo
