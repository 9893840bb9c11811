#include "core/record/head_check.h"

#include "core/procedure/paths.h"

#include <algorithm>

namespace bombo {
namespace {

// Far beyond what hands do, near enough that no sum of them leaves the range of what is reckoned with.
constexpr double kMostTurns = 60.0;
constexpr double kLargestTurn = 12.0; ///< of one line
constexpr double kMostCents = 12000.0;
constexpr std::size_t kMostRounds = 2000;
constexpr std::size_t kMostLines = 100000;
constexpr std::size_t kMostCounted = 200;
constexpr std::size_t kMostTapsKept = 100;
constexpr int kMostPrepared = 100;

void siftRods(Sieve& sieve, const std::string& at, const std::vector<int>& chosen, int rods) {
    sieve.needs(!chosen.empty(), at, "names no rod");
    sieve.atMost(chosen.size(), static_cast<std::size_t>(rods), at);
    for (const int rod : chosen)
        sieve.index(rod, static_cast<std::size_t>(rods), at);
    std::vector<int> sorted = chosen;
    std::sort(sorted.begin(), sorted.end());
    sieve.needs(std::adjacent_find(sorted.begin(), sorted.end()) == sorted.end(), at, "names a rod twice");
}

void siftMoves(Sieve& sieve, const std::string& at, const std::vector<RodMove>& moves, int rods) {
    sieve.atMost(moves.size(), kMostLines, at);
    for (const RodMove& move : moves) {
        siftRods(sieve, at + ".rods", move.rods, rods);
        sieve.between(move.turns, -kLargestTurn, kLargestTurn, at + ".turns");
    }
}

void siftTurns(Sieve& sieve, const std::string& at, const std::vector<Turns>& turns, int rods) {
    sieve.needs(turns.size() == static_cast<std::size_t>(rods), at, "has not one count a rod");
    for (const Turns each : turns)
        sieve.between(each, -kMostTurns, kMostTurns, at);
}

void siftPredicted(Sieve& sieve, const std::string& at, const std::vector<Cents>& predicted, int rods) {
    sieve.needs(predicted.empty() || predicted.size() == static_cast<std::size_t>(rods), at,
                "has not one figure a rod");
    for (const Cents each : predicted)
        sieve.between(each, -kMostCents, kMostCents, at);
}

/// What a round of that kind reads: a pitch, or a mark beside each rod.
void siftKind(Sieve& sieve, const std::string& at, const RodReading& reading, TapKind kind) {
    sieve.needs(isSilent(kind) == reading.gauge.has_value(), at, "is not of the round's kind");
    if (reading.gauge && isSilent(kind)) {
        const MarkRange marks = marksOf(kind);
        sieve.between(*reading.gauge, marks.lowest, marks.highest, at + ".gauge");
    }
}

void siftRound(Sieve& sieve, const std::string& at, const FinishedRound& round, int rods) {
    const auto count = static_cast<std::size_t>(rods);
    siftTurns(sieve, at + ".rodTurns", round.rodTurns, rods);
    sift(sieve, at + ".way", round.way, rods);
    sift(sieve, at + ".weather", round.weather);
    siftPredicted(sieve, at + ".predicted", round.predicted, rods);
    sieve.needs(round.readings.size() == count, at + ".readings", "has not one place a rod");
    for (std::size_t rod = 0; sieve.holds() && rod < count; ++rod) {
        const auto& reading = round.readings[rod];
        if (reading) {
            sift(sieve, at + ".readings", *reading);
            siftKind(sieve, at + ".readings", *reading, round.way.kind);
        }
        sieve.needs(reading || (round.way.half && round.readings[(rod + count / 2) % count]),
                    at + ".readings", "lacks a rod");
    }
}

void siftStage(Sieve& sieve, const std::string& at, const HeadWork& head, int rods, Path path) {
    if (head.stage == HeadStage::Raising) {
        sieve.index(head.round, head.countedRounds.size(), at + ".round");
        if (sieve.holds())
            sieve.index(head.group, turningOrder(rods, path, head.skip).size(), at + ".group");
    }
}

} // namespace

void sift(Sieve& sieve, const std::string& at, const RodReading& reading) {
    const bool silent = reading.gauge.has_value(); // then the pitch is implied, or not known
    sieve.between(reading.frequency, silent ? 0.0 : 1.0, kHighestPitchKept, at + ".frequency");
    sieve.between(reading.standardError, 0.0, kHighestPitchKept, at + ".standardError");
    sieve.between(reading.t60, 0.0, 1000.0, at + ".t60");
    sieve.between(reading.second, 1.0, kHighestPitchKept, at + ".second");
    sieve.between(reading.secondError, 0.0, kHighestPitchKept, at + ".secondError");
    sieve.between(reading.beat, 0.0, kHighestPitchKept, at + ".beat");
    sieve.between(reading.levelDb, -400.0, 400.0, at + ".levelDb");
    sieve.between(reading.taps, 0, 1000, at + ".taps");
    sieve.between(reading.outliers, 0, 1000, at + ".outliers");
}

void sift(Sieve& sieve, const std::string& at, const Weather& weather) {
    sieve.between(weather.temperature, -60.0, 80.0, at + ".temperature");
    sieve.between(weather.relativeHumidity, 0.0, 1.0, at + ".relativeHumidity");
    sieve.between(weather.pressure, 30000.0, 120000.0, at + ".pressure");
}

void sift(Sieve& sieve, const std::string& at, const RoundWay& way, int rods) {
    sieve.between(way.tapsPerRod, 1, kMostTapsPerRod, at + ".tapsPerRod");
    sieve.needs(!way.half || rods % 2 == 0, at + ".half", "needs an even count of rods");
}

void sift(Sieve& sieve, const std::string& at, const HeadWork& head, int rods, Path path) {
    const auto count = static_cast<std::size_t>(rods);
    siftTurns(sieve, at + ".rodTurns", head.rodTurns, rods);
    sieve.between(head.skip, 1, kMostRods, at + ".skip");
    sieve.between(head.prepared, 0, kMostPrepared, at + ".prepared");
    sieve.atMost(head.ledger.size(), kMostLines, at + ".ledger");
    for (const LedgerLine& line : head.ledger) {
        siftRods(sieve, at + ".ledger.rods", line.rods, rods);
        sieve.between(line.turns, -kMostTurns, kMostTurns, at + ".ledger.turns");
        sieve.between(line.round, 0, static_cast<double>(kMostRounds), at + ".ledger.round");
    }
    sieve.atMost(head.countedRounds.size(), kMostCounted, at + ".countedRounds");
    for (const Turns each : head.countedRounds)
        sieve.between(each, -kLargestTurn, kLargestTurn, at + ".countedRounds");
    sieve.between(head.round, 0, static_cast<double>(kMostCounted), at + ".round");
    sieve.between(head.group, 0, rods, at + ".group");
    sieve.index(head.startRod, count, at + ".startRod");
    sift(sieve, at + ".way", head.way, rods);
    sieve.needs(head.taps.size() == count, at + ".taps", "has not one place a rod");
    for (const auto& taps : head.taps) {
        sieve.atMost(taps.size(), kMostTapsKept, at + ".taps");
        for (const RodReading& tap : taps) {
            sift(sieve, at + ".taps", tap);
            if (head.stage == HeadStage::Tapping) // elsewhere they have served; older versions left them
                siftKind(sieve, at + ".taps", tap, head.way.kind);
        }
    }
    if (head.tapsPerRodBefore)
        sieve.between(*head.tapsPerRodBefore, 1, kMostTapsPerRod, at + ".tapsPerRodBefore");
    if (head.askedAgain)
        sieve.index(*head.askedAgain, count, at + ".askedAgain");
    siftMoves(sieve, at + ".moves", head.moves, rods);
    sieve.between(head.movesDone, 0, static_cast<double>(head.moves.size()), at + ".movesDone");
    siftPredicted(sieve, at + ".predicted", head.predicted, rods);
    sieve.between(head.predictedError, 0.0, kMostCents, at + ".predictedError");
    if (head.trial) {
        siftRods(sieve, at + ".trial.rods", head.trial->rods, rods);
        siftMoves(sieve, at + ".trial.moves", head.trial->moves, rods);
    }
    sieve.atMost(head.history.size(), kMostRounds, at + ".history");
    for (const FinishedRound& round : head.history)
        if (sieve.holds())
            siftRound(sieve, at + ".history", round, rods);
    if (sieve.holds())
        siftStage(sieve, at, head, rods, path);
}

} // namespace bombo
