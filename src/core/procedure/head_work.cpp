#include "core/procedure/head_work.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kShortOfTarget = 0.9; // counted rounds stop here: turns alone are not trusted to the end

void turn(HeadWork& work, const RodMove& move) {
    for (int rod : move.rods)
        work.rodTurns[static_cast<std::size_t>(rod)] += move.turns;
}

void openRound(HeadWork& work) {
    work.stage = HeadStage::Tapping;
    work.taps.assign(work.rodTurns.size(), {});
    work.askedAgain.reset();
}

std::vector<std::optional<RodPitches>> pitchesOf(const FinishedRound& round) {
    std::vector<std::optional<RodPitches>> pitches;
    for (const auto& r : round.readings)
        pitches.push_back(r ? std::optional(RodPitches{r->frequency, r->second}) : std::nullopt);
    return pitches;
}

Turns meanOf(const std::vector<Turns>& turns) {
    Turns sum;
    for (Turns t : turns)
        sum += t;
    return turns.empty() ? sum : sum / static_cast<double>(turns.size());
}

void closeRound(HeadWork& work, const HeadBrief& brief) {
    FinishedRound finished{work.rodTurns, {}, work.predicted, brief.weather, work.way};
    if (!work.history.empty() && work.history.back().way.kind != work.way.kind)
        finished.predicted.clear(); // promised from taps of the other kind
    for (const auto& taps : work.taps)
        finished.readings.push_back(taps.empty() ? std::nullopt : std::optional(settle(taps).middle));
    work.history.push_back(std::move(finished));

    const EvennessEstimate now = estimateEvenness(pitchesOf(work.history.back()));
    constexpr double asShown = 0.5; // cents: what is shown as within, rounded, counts as within
    const auto& readings = work.history.back().readings;
    work.withinTolerance = std::all_of(readings.begin(), readings.end(), [&](const auto& r) {
        return !r ||
               std::abs(centsBetween(brief.target, r->frequency).value) <= brief.tolerance.value + asShown;
    });
    work.moves.clear();
    work.movesDone = 0;
    work.predicted.clear();
    if (work.withinTolerance) {
        work.stage = HeadStage::Done;
        return;
    }
    MovePlan plan = planMoves(now, brief.target, work.rodTurns, turnResponseOf(work, brief),
                              brief.drum.head(brief.side), {.tolerance = brief.tolerance});
    work.heldByFilm = plan.heldByFilm;
    work.moves = std::move(plan.moves);
    work.predicted = std::move(plan.predicted);
    work.predictedError = plan.predictedError;
    // No move helps: either the taps' noise hid that it is even already, or a limit stands in the way.
    work.withinTolerance = work.moves.empty() && plan.reachesTolerance;
    work.stage = work.moves.empty() ? HeadStage::Done : HeadStage::Turning;
}

/// Tension that a round heard, carried from its own weather to the brief's.
Tension tensionIn(const FinishedRound& round, const HeadBrief& brief) {
    const Hertz mean = estimateEvenness(pitchesOf(round)).mean;
    const Tension then = tensionFromHeard(brief.drum, brief.side, mean, airAt(round.weather));
    return tensionInWeather(brief.drum, brief.side, then, round.weather, brief.weather);
}

} // namespace

int HeadWork::rodsHeard() const {
    return static_cast<int>(std::count_if(
        taps.begin(), taps.end(), [this](const auto& rod) { return isSettled(rod, way.tapsPerRod); }));
}

int HeadWork::rodsToHear() const {
    return static_cast<int>(taps.size()) / (way.half ? 2 : 1);
}

int HeadWork::tapsAtMost() const {
    int most = 0;
    for (const int rod : rodsOfRound(*this)) {
        const auto& heard = taps[static_cast<std::size_t>(rod)];
        if (heard.empty() && way.tapsPerRod == 1)
            ++most;
        else if (rod == askedAgain || !isSettled(heard, way.tapsPerRod))
            most += std::max(1, kMostTapsAtARod - static_cast<int>(heard.size()));
    }
    return most;
}

Turns HeadWork::meanTurns() const {
    return meanOf(rodTurns);
}

HeadWork freshHead(int rods) {
    HeadWork work;
    work.rodTurns.assign(static_cast<std::size_t>(rods), Turns{});
    work.taps.resize(static_cast<std::size_t>(rods));
    return work;
}

std::vector<Turns> plannedRounds(const HeadWork& work, const HeadBrief& brief) {
    return countedRounds(turnResponseOf(work, brief).turnsFor(brief.targetTension) * kShortOfTarget);
}

Result<HeadWork, StepRefusal> markFingerTight(HeadWork work, const HeadBrief& brief) {
    if (work.stage != HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    work.rodTurns.assign(static_cast<std::size_t>(brief.drum.rods), Turns{});
    work.countedRounds = plannedRounds(work, brief);
    work.round = 0;
    work.group = 0;
    work.stage = HeadStage::Raising;
    if (work.countedRounds.empty())
        openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> markGroupTurned(HeadWork work, const HeadBrief& brief) {
    const auto move = moveAtHand(work, brief.path);
    if (work.stage != HeadStage::Raising || !move)
        return failure(StepRefusal::WrongStage);
    turn(work, *move);
    ++work.group;
    if (work.group == static_cast<int>(turningOrder(brief.drum.rods, brief.path).size())) {
        work.group = 0;
        ++work.round;
    }
    if (work.round == static_cast<int>(work.countedRounds.size()))
        openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> beginTapping(HeadWork work, int startRod, Direction direction) {
    if (work.stage == HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    if (startRod < 0 || startRod >= static_cast<int>(work.rodTurns.size()))
        return failure(StepRefusal::NoSuchRod);
    work.startRod = startRod;
    work.direction = direction;
    work.moves.clear();
    work.movesDone = 0;
    work.predicted.clear();
    openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> chooseWay(HeadWork work, const RoundWay& way) {
    if (way.half && work.rodTurns.size() % 2 != 0)
        return failure(StepRefusal::HalfNeedsEvenRods);
    if (way.tapsPerRod < 1 || way.tapsPerRod > kMostTapsPerRod)
        return failure(StepRefusal::TapsOutOfRange);
    const bool otherKind = way.kind != work.way.kind;
    work.way = way;
    if (work.stage == HeadStage::Tapping && otherKind)
        openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> askAgain(HeadWork work, int rod) {
    if (rod < 0 || rod >= static_cast<int>(work.rodTurns.size()))
        return failure(StepRefusal::NoSuchRod);
    const bool justClosed = !work.history.empty() && work.history.back().rodTurns == work.rodTurns &&
                            (work.stage == HeadStage::Turning || work.stage == HeadStage::Done);
    if (justClosed) {
        const FinishedRound last = work.history.back();
        work.history.pop_back();
        work.moves.clear();
        work.movesDone = 0;
        work.predicted = last.predicted;
        work.way = last.way;
        openRound(work);
        for (std::size_t i = 0; i < last.readings.size(); ++i)
            if (last.readings[i])
                work.taps[i].push_back(*last.readings[i]);
        // One figure a rod is what is left of them; asking for more of each would ask the whole round again.
        work.way.tapsPerRod = 1;
    }
    if (work.stage != HeadStage::Tapping)
        return failure(StepRefusal::WrongStage);
    work.askedAgain = rod;
    return work;
}

Result<HeadWork, StepRefusal> hearTap(HeadWork work, const HeadBrief& brief, const RodReading& reading,
                                      std::optional<int> namedRod) {
    const auto due = nextRodToTap(work);
    if (!due)
        return failure(work.stage == HeadStage::Tapping ? StepRefusal::RoundFull : StepRefusal::WrongStage);
    const auto rod = namedRod ? namedRod : due;
    if (*rod < 0 || *rod >= static_cast<int>(work.taps.size()))
        return failure(StepRefusal::NoSuchRod);
    auto& taps = work.taps[static_cast<std::size_t>(*rod)];
    taps.push_back(reading);
    if (rod == work.askedAgain && isSettled(taps, work.way.tapsPerRod))
        work.askedAgain.reset();
    if (!nextRodToTap(work))
        closeRound(work, brief);
    return work;
}

Result<HeadWork, StepRefusal> markMoved(HeadWork work) {
    if (work.stage != HeadStage::Turning || work.movesDone >= static_cast<int>(work.moves.size()))
        return failure(StepRefusal::WrongStage);
    turn(work, work.moves[static_cast<std::size_t>(work.movesDone)]);
    ++work.movesDone;
    if (work.movesDone == static_cast<int>(work.moves.size()))
        openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> turnAll(HeadWork work, Turns by) {
    if (work.stage == HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    for (Turns& rod : work.rodTurns)
        rod += by;
    if (work.stage != HeadStage::Raising) {
        work.moves.clear();
        work.movesDone = 0;
        work.predicted.clear();
        openRound(work);
    }
    return work;
}

Result<HeadWork, StepRefusal> correctCount(HeadWork work, int rod, Turns by) {
    if (rod < 0 || rod >= static_cast<int>(work.rodTurns.size()))
        return failure(StepRefusal::NoSuchRod);
    work.rodTurns[static_cast<std::size_t>(rod)] += by;
    return work;
}

std::vector<int> rodsOfRound(const HeadWork& work) {
    auto order = tappingOrder(static_cast<int>(work.rodTurns.size()), work.startRod, work.direction);
    if (work.way.half)
        order.resize(order.size() / 2);
    return order;
}

std::optional<int> nextRodToTap(const HeadWork& work) {
    if (work.stage != HeadStage::Tapping)
        return std::nullopt;
    if (work.askedAgain)
        return work.askedAgain;
    for (const int rod : rodsOfRound(work))
        if (!isSettled(work.taps[static_cast<std::size_t>(rod)], work.way.tapsPerRod))
            return rod;
    return std::nullopt;
}

bool halfRoundIsEnough(const HeadWork& work) {
    const std::size_t rods = work.rodTurns.size();
    for (auto round = work.history.rbegin(); rods % 2 == 0 && round != work.history.rend(); ++round) {
        if (round->way.half)
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
    return fresh && !work.history.empty() ? strayReading(pitchesOf(work.history.back())) : std::nullopt;
}

std::optional<RodMove> moveAtHand(const HeadWork& work, Path path) {
    if (work.stage == HeadStage::Turning && work.movesDone < static_cast<int>(work.moves.size()))
        return work.moves[static_cast<std::size_t>(work.movesDone)];
    if (work.stage == HeadStage::Raising && work.round < static_cast<int>(work.countedRounds.size())) {
        const auto order = turningOrder(static_cast<int>(work.rodTurns.size()), path);
        return RodMove{order[static_cast<std::size_t>(work.group)],
                       work.countedRounds[static_cast<std::size_t>(work.round)]};
    }
    return std::nullopt;
}

TurnResponse turnResponseOf(const HeadWork& work, const HeadBrief& brief) {
    std::vector<TurnObservation> seen;
    for (const FinishedRound& round : work.history)
        if (round.way.kind == work.history.back().way.kind)
            seen.push_back({meanOf(round.rodTurns), tensionIn(round, brief)});
    return learnTurnResponse(brief.drum, brief.side, seen);
}

std::optional<EvennessEstimate> lastEstimate(const HeadWork& work) {
    if (work.history.empty())
        return std::nullopt;
    return estimateEvenness(pitchesOf(work.history.back()));
}

Tension tensionNow(const HeadWork& work, const HeadBrief& brief) {
    const TurnResponse response = turnResponseOf(work, brief);
    if (work.history.empty())
        return response.at(work.meanTurns());
    const Tension heard = tensionIn(work.history.back(), brief);
    const Turns since = work.meanTurns() - meanOf(work.history.back().rodTurns);
    return {std::max(30.0, heard.value + response.perTurn().value * since.value)};
}

Expectation expectationNow(const HeadWork& work, const HeadBrief& brief) {
    const Tension tension = tensionNow(work, brief);
    Expectation expected;
    for (const CoupledMode& mode :
         mutedModes(drumState(brief.drum, tension, tension, airAt(brief.weather)), brief.side))
        if (mode.frequency.value < 2000.0)
            expected.modes.push_back({{mode.m, mode.order}, mode.frequency});
    // Before anything was heard the turns are only a guess; afterwards the head is where it was left.
    expected.spread = work.history.empty() ? Cents{350.0} : Cents{80.0};
    return expected;
}

} // namespace bombo
