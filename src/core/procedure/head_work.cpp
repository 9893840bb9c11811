#include "core/procedure/head_work.h"

#include "core/acoustics/pitches.h"
#include "core/procedure/head_rounds.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <utility>

namespace bombo {
namespace {

constexpr double kShortOfTarget = 0.9; // counted rounds stop here: turns alone are not trusted to the end

void turn(HeadWork& work, const RodMove& move, TurnCause cause) {
    for (int rod : move.rods)
        work.rodTurns[static_cast<std::size_t>(rod)] += move.turns;
    work.ledger.push_back({move.rods, move.turns, cause, static_cast<int>(work.history.size())});
}

/// The counted rounds are over: rods that are to stand further than the rest come next, then taps.
void leaveRounds(HeadWork& work);

void openRound(HeadWork& work) {
    work.stage = HeadStage::Tapping;
    work.taps.assign(work.rodTurns.size(), {});
    work.askedAgain.reset();
}

void leaveRounds(HeadWork& work) {
    if (work.moves.empty())
        openRound(work);
    else
        work.stage = HeadStage::Turning;
}

constexpr Cents kNear{50.0};         // of the target: what was heard farther off was still being raised
constexpr Cents kAlike{1.0};         // a round no better than this is no better
constexpr std::size_t kPatience = 7; // places that were left: what they did not bring the next one won't

/// Rounds of taps near the target at other places than this one since the head was last even, the newest
/// first. Off again after it was even it has drifted, and older places say nothing any more.
std::vector<const FinishedRound*> placesTried(const HeadWork& work, Hertz target, double within) {
    std::vector<const FinishedRound*> places;
    const std::vector<Turns>* here = &work.rodTurns;
    for (auto round = std::next(work.history.rbegin()); round != work.history.rend(); ++round) {
        if (isSilent(*round))
            continue;
        const Cents farthest = farthestHeard(estimateOf(*round), target);
        if (farthest.value <= within)
            break;
        if (round->rodTurns != *here && farthest <= kNear)
            places.push_back(&*round);
        here = &round->rodTurns;
    }
    return places;
}

/// The one of those places that a plan would bring the head back to; null where it is none of them.
const FinishedRound* triedAt(const std::vector<const FinishedRound*>& places, std::vector<Turns> rodTurns,
                             const MovePlan& plan) {
    for (const RodMove& move : plan.moves)
        for (const int rod : move.rods)
            rodTurns[static_cast<std::size_t>(rod)] += move.turns;
    const auto found = std::find_if(places.begin(), places.end(),
                                    [&](const FinishedRound* place) { return place->rodTurns == rodTurns; });
    return found == places.end() ? nullptr : *found;
}

/// Taps of one kind are never kept beside a way of the other.
void takeWay(HeadWork& work, const RoundWay& way) {
    if (way.kind != work.way.kind)
        work.taps.assign(work.rodTurns.size(), {});
    work.way = way;
}

/// Moves that were planned are not made any more. Of a trial only those count that were made: the way back
/// turns no others.
void dropMoves(HeadWork& work) {
    if (work.trial && work.stage == HeadStage::Turning) {
        work.trial->moves.resize(static_cast<std::size_t>(work.movesDone));
        if (work.trial->moves.empty())
            work.trial.reset();
    }
    work.moves.clear();
    work.movesDone = 0;
    work.predicted.clear();
}

void closeRound(HeadWork& work, const HeadBrief& brief) {
    FinishedRound finished{work.rodTurns, {}, work.predicted, brief.weather, work.way, {}};
    if (work.way.kind == TapKind::Gauge)
        finished.gauge = brief.gaugeName;
    if (!work.history.empty() && work.history.back().way.kind != work.way.kind)
        finished.predicted.clear(); // promised from taps of the other kind
    for (const auto& taps : work.taps)
        finished.readings.push_back(taps.empty() ? std::nullopt : std::optional(settle(taps).middle));
    work.history.push_back(std::move(finished));

    const EvennessEstimate now = estimateNow(work, brief);
    constexpr double asShown = 0.5; // cents: what is shown as within, rounded, counts as within
    const double within = (now.isLocal ? kLocalTolerance : 1.0) * brief.tolerance.value + asShown;
    work.withinTolerance = farthestHeard(now, brief.target).value <= within;
    if (now.oddPartKnown && !now.isLocal) // rods that taps hear alike may still pull unlike
        work.withinTolerance =
            work.withinTolerance && widestOwn(now).value <= kLocalTolerance * brief.tolerance.value + asShown;
    if (const FinishedRound* heard = heardHere(work); heard != nullptr && isSilent(work.way.kind))
        takeWay(work, heard->way); // what was read beside the rods has served; the next round is heard again
    if (work.tapsPerRodBefore)     // a rod was asked for again: the next round goes on as the user chose
        work.way.tapsPerRod = *std::exchange(work.tapsPerRodBefore, std::nullopt);
    work.moves.clear();
    work.movesDone = 0;
    work.predicted.clear();
    if (work.withinTolerance || work.trial) {
        work.stage = HeadStage::Done;
        return;
    }
    const TurnResponse response = turnResponseOf(work, brief);
    const auto planTo = [&](Cents tolerance) {
        return planMoves(now, brief.target, work.rodTurns, response, brief.drum.head(brief.side),
                         {.tolerance = tolerance,
                          .largestMove = brief.largestMove,
                          .mostMoves = brief.mostMoves,
                          .evening = eveningOf(work, brief, response),
                          .strays = brief.strays,
                          .mayTighten = !work.resists,
                          .floor = slackFloor(work, brief)});
    };
    MovePlan plan = planTo(brief.tolerance);
    // What was heard beats what is expected: a place that was not even is not gone to again. Held to half the
    // tolerance, smaller steps are looked at, too. Where they lead to no other place, or after many of them,
    // this one is kept unless a better one was heard: taps in a room differ by more than fine steps do.
    const std::vector<const FinishedRound*> tried = placesTried(work, brief.target, within);
    if (triedAt(tried, work.rodTurns, plan) != nullptr)
        plan = planTo(brief.tolerance * 0.5);
    const auto isBetter = [&](const FinishedRound* place) {
        return farthestHeard(estimateOf(*place), brief.target) + kAlike < farthestHeard(now, brief.target);
    };
    const FinishedRound* back = triedAt(tried, work.rodTurns, plan);
    if (back != nullptr ? !isBetter(back)
                        : tried.size() >= kPatience && std::none_of(tried.begin(), tried.end(), isBetter)) {
        plan.moves.clear();
        plan.predicted.clear();
    }
    work.heldByFilm = plan.heldByFilm;
    work.moves = std::move(plan.moves);
    work.predicted = std::move(plan.predicted);
    work.predictedError = plan.predictedError;
    // No move helps: either the taps' noise hid that it is even already, or a limit stands in the way. Where
    // the round was heard beyond the tolerance it is as near as it goes, not even; a rule that turns one way
    // only aims beyond the target, and the plan alone knows how far.
    const bool oneWay = brief.strays != StrayRule::ToTarget;
    work.withinTolerance = work.moves.empty() && plan.reachesTolerance &&
                           (oneWay || farthestHeard(now, brief.target).value <= within);
    work.stage = work.moves.empty() ? HeadStage::Done : HeadStage::Turning;
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
    return countedRounds(turnResponseOf(work, brief).turnsFor(brief.targetTension) * kShortOfTarget,
                         brief.largestStep);
}

std::vector<PrepStep> preparationOf(const HeadWork& work, const HeadBrief& brief) {
    return preparation(work.condition, brief.side, brief.seating, static_cast<int>(work.rodTurns.size()),
                       brief.path, work.skip);
}

Result<HeadWork, StepRefusal> chooseCondition(HeadWork work, HeadCondition condition) {
    if (work.stage != HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    // The first two steps, wires away and the look, are those of every beginning.
    if (condition != work.condition)
        work.prepared = std::min(work.prepared, 2);
    work.condition = condition;
    return work;
}

Result<HeadWork, StepRefusal> markPrepared(HeadWork work, const HeadBrief& brief) {
    if (work.stage != HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    if (++work.prepared < static_cast<int>(preparationOf(work, brief).size()))
        return work;
    if (work.condition != HeadCondition::AsItStands)
        return markFingerTight(std::move(work), brief);
    openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> markFingerTight(HeadWork work, const HeadBrief& trueBrief) {
    if (work.stage != HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    work.above = work.condition == HeadCondition::New && trueBrief.side == HeadSide::Batter &&
                 trueBrief.seating == Seating::StretchOvernight &&
                 centsBetween(trueBrief.target, stretched(trueBrief).target) > 0.3 * kStretch;
    const HeadBrief brief = work.above ? stretched(trueBrief) : trueBrief;
    if (work.condition == HeadCondition::AsItStands)
        work.condition = HeadCondition::FromSlack; // it was let down after all
    work.prepared = static_cast<int>(preparationOf(work, brief).size());
    work.rodTurns.assign(static_cast<std::size_t>(brief.drum.rods), Turns{});
    work.ledger.clear();
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
    if (work.resists)
        return failure(StepRefusal::HeadResists);
    turn(work, *move, TurnCause::Round);
    ++work.group;
    if (work.group == static_cast<int>(turningOrder(brief.drum.rods, brief.path, work.skip).size())) {
        work.group = 0;
        ++work.round;
    }
    if (work.round == static_cast<int>(work.countedRounds.size()))
        leaveRounds(work);
    return work;
}

Result<HeadWork, StepRefusal> beginTapping(HeadWork work, int startRod, Direction direction) {
    if (work.stage == HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    if (startRod < 0 || startRod >= static_cast<int>(work.rodTurns.size()))
        return failure(StepRefusal::NoSuchRod);
    work.startRod = startRod;
    work.direction = direction;
    dropMoves(work);
    openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> chooseWay(HeadWork work, const RoundWay& way) {
    if (way.half && work.rodTurns.size() % 2 != 0)
        return failure(StepRefusal::HalfNeedsEvenRods);
    if (way.tapsPerRod < 1 || way.tapsPerRod > kMostTapsPerRod)
        return failure(StepRefusal::TapsOutOfRange);
    const bool otherKind = way.kind != work.way.kind;
    takeWay(work, way);
    work.tapsPerRodBefore.reset();
    if (isSilent(way.kind)) { // every rod by itself, once
        work.way.half = false;
        work.way.tapsPerRod = 1;
    }
    if (work.stage == HeadStage::Tapping && otherKind)
        openRound(work);
    return work;
}

HeadWork closedIfFull(HeadWork work, const HeadBrief& brief) {
    if (work.stage == HeadStage::Tapping && !nextRodToTap(work))
        closeRound(work, brief);
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
        dropMoves(work);
        work.predicted = last.predicted;
        const int chosen = work.way.kind == last.way.kind ? work.way.tapsPerRod : last.way.tapsPerRod;
        work.way = last.way;
        openRound(work);
        for (std::size_t i = 0; i < last.readings.size(); ++i)
            if (last.readings[i])
                work.taps[i].push_back(*last.readings[i]);
        // One figure a rod is what is left of them; asking for more of each would ask the whole round again.
        work.way.tapsPerRod = 1;
        if (chosen != 1)
            work.tapsPerRodBefore = chosen;
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
    if (isSilent(work.way.kind) != reading.gauge.has_value())
        return failure(StepRefusal::NotByGauge);
    const auto rod = namedRod ? namedRod : due;
    if (*rod < 0 || *rod >= static_cast<int>(work.taps.size()))
        return failure(StepRefusal::NoSuchRod);
    auto& taps = work.taps[static_cast<std::size_t>(*rod)];
    taps.push_back(reading);
    if (rod == work.askedAgain && isSettled(taps, work.way.tapsPerRod))
        work.askedAgain.reset();
    return closedIfFull(std::move(work), brief);
}

/// The first mark of the round under way, or this one if it is the first.
double firstMark(const HeadWork& work, double mark) {
    for (const int rod : rodsOfRound(work))
        if (const auto& taps = work.taps[static_cast<std::size_t>(rod)]; !taps.empty())
            return *taps.front().gauge;
    return mark;
}

/// Pitch that a mark stands for. A gauge that was never read beside a pitch, the hoop and the fingers say at
/// least how far the rods are apart: the first mark of the round is taken for the tension that the turns
/// promise.
Hertz impliedBy(const HeadWork& work, const HeadBrief& brief, double mark) {
    const double first = firstMark(work, mark);
    const Tension now = tensionNow(work, brief);
    const auto pitchAt = [&](Tension tension) {
        return edgePitch(drumState(brief.drum, tension, tension, airAt(brief.weather)), brief.side);
    };
    switch (work.way.kind) {
    case TapKind::HoopGap: {
        const double lower = (first - mark) * 1e-3 / kThreadPitch.value; // turns further down than the first
        return pitchAt(
            {std::max(0.3 * now.value, now.value + lower * turnResponseOf(work, brief).perTurn().value)});
    }
    case TapKind::Feel:
        return moved(pitchAt(now), (mark - first) * kFeelStep);
    default: {
        GaugeScale scale = brief.gauge;
        if (!scale.isKnown)
            scale.line.start = std::log(now.value) - scale.line.slope * std::log(first);
        return pitchAt(scale.at(mark));
    }
    }
}

Result<HeadWork, StepRefusal> readGauge(HeadWork work, const HeadBrief& brief, double mark) {
    if (!isSilent(work.way.kind))
        return failure(work.stage == HeadStage::Tapping ? StepRefusal::NotByGauge : StepRefusal::WrongStage);
    const MarkRange range = marksOf(work.way.kind);
    if (!(mark >= range.lowest && mark <= range.highest))
        return failure(StepRefusal::MarkOutOfRange);
    RodReading reading;
    reading.gauge = mark;
    reading.frequency = impliedBy(work, brief, mark);
    return hearTap(std::move(work), brief, reading);
}

MarkRange marksOf(TapKind kind) {
    switch (kind) {
    case TapKind::HoopGap:
        return {0.1, 60.0};
    case TapKind::Feel:
        return {kLoosestFeel, kTightestFeel};
    default:
        return {kLowestMark, kHighestMark};
    }
}

HeadBrief stretched(HeadBrief brief) {
    constexpr double room = 0.95; // of the safe load, for what is uneven on the way
    const Tension most = tensionAtLoad(brief.drum.head(brief.side), room * kFilmLoadLimit);
    const Air air = airAt(brief.weather);
    const Hertz wanted = moved(brief.target, kStretch);
    const Hertz highest = edgePitch(drumState(brief.drum, most, most, air), brief.side);
    brief.target = std::max(brief.target, std::min(wanted, highest));
    brief.targetTension = tensionFromHeard(brief.drum, brief.side, brief.target, air);
    return brief;
}

Result<HeadWork, StepRefusal> markRested(HeadWork work, const HeadBrief& brief) {
    constexpr double shortOf = 0.96; // of the tension: the last turns go upwards
    if (!work.above || work.stage != HeadStage::Done)
        return failure(StepRefusal::NotStretched);
    const double excess = tensionNow(work, brief).value - shortOf * brief.targetTension.value;
    const double down = std::floor(8.0 * excess / turnResponseOf(work, brief).perTurn().value) / 8.0;
    work.above = false;
    work.moves.clear();
    work.movesDone = 0;
    work.predicted.clear();
    if (down < 0.125) {
        openRound(work);
        return work;
    }
    work.moves = movesOfAll(work, brief.path, Turns{-down}, brief.largestStep);
    work.stage = HeadStage::Turning;
    return work;
}

std::vector<RodMove> movesOfAll(const HeadWork& work, Path path, Turns by, Turns largestStep) {
    std::vector<RodMove> moves;
    if (by.value == 0.0)
        return moves;
    const auto order = turningOrder(static_cast<int>(work.rodTurns.size()), path, work.skip);
    Turns left = by;
    const double step = std::max(0.125, largestStep.value);
    while (std::abs(left.value) > 1e-9) {
        const Turns now{std::copysign(std::min(std::abs(left.value), step), by.value)};
        for (const std::vector<int>& rods : order)
            moves.push_back({rods, now});
        left = left - now;
    }
    return moves;
}

Result<HeadWork, StepRefusal> setResists(HeadWork work, bool resists) {
    if (work.stage == HeadStage::FingerTight)
        return failure(StepRefusal::WrongStage);
    work.resists = resists;
    const bool turning = work.stage == HeadStage::Raising || work.stage == HeadStage::Turning;
    if (turning) { // what was planned may not be gone on with, or should be planned again
        dropMoves(work);
        openRound(work);
    }
    return work;
}

Result<HeadWork, StepRefusal> beginTrial(HeadWork work, const HeadBrief& brief, const UnevenTrial& trial) {
    if (work.trial)
        return failure(StepRefusal::TrialUnderWay);
    if (work.history.empty() || isProvisional(work) || work.stage == HeadStage::Raising)
        return failure(StepRefusal::WrongStage);
    if (work.resists)
        return failure(StepRefusal::HeadResists);
    const auto now = *lastEstimate(work);
    const TurnResponse response = turnResponseOf(work, brief);
    const TrialPrediction effect = predictTrial(trial, static_cast<int>(work.rodTurns.size()), now.mean,
                                                work.meanTurns(), response, eveningOf(work, brief, response));
    work.predicted.clear();
    for (std::size_t rod = 0; rod < work.rodTurns.size(); ++rod)
        work.predicted.push_back(centsBetween(brief.target, now.mean) + now.heard[rod] + effect.heard[rod]);
    work.predictedError = Cents{std::max(4.0, 0.2 * std::abs(effect.pairSplit.value))};
    work.trial = trial;
    work.moves = trial.moves;
    work.movesDone = 0;
    work.stage = HeadStage::Turning;
    return work;
}

Result<HeadWork, StepRefusal> beginMoves(HeadWork work, std::vector<RodMove> moves) {
    if (work.trial)
        return failure(StepRefusal::TrialUnderWay);
    if (work.stage == HeadStage::Raising || work.above)
        return failure(StepRefusal::WrongStage);
    const auto tightens = [](const RodMove& move) { return move.turns.value > 0.0; };
    if (work.resists && std::any_of(moves.begin(), moves.end(), tightens))
        return failure(StepRefusal::HeadResists);
    if (work.stage == HeadStage::FingerTight) {
        work.condition = HeadCondition::AsItStands;
        work.rodTurns.assign(work.rodTurns.size(), Turns{});
    }
    work.predicted.clear();
    work.moves = std::move(moves);
    work.movesDone = 0;
    leaveRounds(work);
    return work;
}

Result<HeadWork, StepRefusal> endTrial(HeadWork work) {
    if (!work.trial)
        return failure(StepRefusal::WrongStage);
    dropMoves(work);
    std::vector<RodMove> back = work.trial ? wayBack(*work.trial) : std::vector<RodMove>{};
    work.trial.reset();
    work.moves = std::move(back);
    if (work.moves.empty())
        openRound(work);
    else
        work.stage = HeadStage::Turning;
    return work;
}

Result<HeadWork, StepRefusal> retrace(HeadWork work) {
    if (work.stage == HeadStage::FingerTight || work.condition == HeadCondition::AsItStands)
        return failure(StepRefusal::WrongStage);
    const std::vector<Turns> wanted = work.rodTurns;
    const Turns least = *std::min_element(wanted.begin(), wanted.end());
    if (least.value < 0.125)
        return failure(StepRefusal::NothingToRetrace);
    work.countedRounds = countedRounds(least);
    Turns common;
    for (const Turns round : work.countedRounds)
        common += round;
    work.moves.clear();
    for (std::size_t rod = 0; rod < wanted.size(); ++rod)
        if (const Turns more = wanted[rod] - common; more.value > 1e-9)
            work.moves.push_back({{static_cast<int>(rod)}, more});
    work.rodTurns.assign(wanted.size(), Turns{});
    work.ledger.clear();
    work.history.clear(); // heard on a head that stood otherwise
    work.predicted.clear();
    work.movesDone = 0;
    work.round = 0;
    work.group = 0;
    work.resists = false;
    work.above = false;
    work.trial.reset();
    work.stage = HeadStage::Raising;
    return work;
}

Result<HeadWork, StepRefusal> markMoved(HeadWork work) {
    if (work.stage != HeadStage::Turning || work.movesDone >= static_cast<int>(work.moves.size()))
        return failure(StepRefusal::WrongStage);
    const RodMove& move = work.moves[static_cast<std::size_t>(work.movesDone)];
    if (work.resists && move.turns.value > 0.0)
        return failure(StepRefusal::HeadResists);
    turn(work, move, work.trial ? TurnCause::Trial : TurnCause::Move);
    ++work.movesDone;
    if (work.movesDone == static_cast<int>(work.moves.size()))
        openRound(work);
    return work;
}

Result<HeadWork, StepRefusal> turnAll(HeadWork work, Turns by) {
    if (work.resists && by.value > 0.0)
        return failure(StepRefusal::HeadResists);
    if (work.stage == HeadStage::FingerTight) {
        work.condition = HeadCondition::AsItStands;
        work.rodTurns.assign(work.rodTurns.size(), Turns{});
    }
    std::vector<int> every(work.rodTurns.size());
    std::iota(every.begin(), every.end(), 0);
    turn(work, {std::move(every), by}, TurnCause::BothHeads);
    if (work.stage != HeadStage::Raising) {
        dropMoves(work);
        openRound(work);
    }
    return work;
}

Result<HeadWork, StepRefusal> correctCount(HeadWork work, int rod, Turns by) {
    if (rod < 0 || rod >= static_cast<int>(work.rodTurns.size()))
        return failure(StepRefusal::NoSuchRod);
    // What was miscounted is taken to be the rod's last turn: rounds heard after it heard the rod as it
    // stands.
    const auto last = std::find_if(work.ledger.rbegin(), work.ledger.rend(), [&](const LedgerLine& line) {
        return line.cause != TurnCause::Correction &&
               std::find(line.rods.begin(), line.rods.end(), rod) != line.rods.end();
    });
    const int heardBefore = last == work.ledger.rend() ? 0 : last->round;
    for (auto round = work.history.begin() + heardBefore; round != work.history.end(); ++round)
        round->rodTurns[static_cast<std::size_t>(rod)] += by;
    turn(work, {{rod}, by}, TurnCause::Correction);
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

std::optional<RodMove> moveAtHand(const HeadWork& work, Path path) {
    if (work.stage == HeadStage::Turning && work.movesDone < static_cast<int>(work.moves.size()))
        return work.moves[static_cast<std::size_t>(work.movesDone)];
    if (work.stage == HeadStage::Raising && work.round < static_cast<int>(work.countedRounds.size())) {
        const auto order = turningOrder(static_cast<int>(work.rodTurns.size()), path, work.skip);
        return RodMove{order[static_cast<std::size_t>(work.group)],
                       work.countedRounds[static_cast<std::size_t>(work.round)]};
    }
    return std::nullopt;
}

} // namespace bombo
