/// Commands on the tone, the weather, how the heads are handled, and the heads.
#include "core/record/session_steps.h"

#include <algorithm>

namespace bombo {
namespace {

Refusal refusalOf(StepRefusal refusal) {
    switch (refusal) {
    case StepRefusal::NoSuchRod:
        return Refusal::NoSuchRod;
    case StepRefusal::RoundFull:
        return Refusal::RoundFull;
    case StepRefusal::HalfNeedsEvenRods:
        return Refusal::HalfNeedsEvenRods;
    case StepRefusal::TapsOutOfRange:
        return Refusal::TapsOutOfRange;
    case StepRefusal::NotByGauge:
        return Refusal::NotByGauge;
    case StepRefusal::MarkOutOfRange:
        return Refusal::MarkOutOfRange;
    case StepRefusal::HeadResists:
        return Refusal::HeadResists;
    case StepRefusal::NothingToRetrace:
        return Refusal::NothingToRetrace;
    case StepRefusal::TrialUnderWay:
        return Refusal::TrialUnderWay;
    case StepRefusal::NotStretched:
        return Refusal::NotStretched;
    case StepRefusal::WrongStage:
        break;
    }
    return Refusal::WrongStage;
}

/// Puts the head's new state in place; turning it makes later stations stale.
Outcome withHead(Session session, HeadSide side, Result<HeadWork, StepRefusal> work, bool turned) {
    if (!work)
        return failure(refusalOf(work.fault()));
    session.head(side) = std::move(work).value();
    if (turned)
        (side == HeadSide::Batter ? session.batterAt : session.snareSideAt) = session.clock;
    return session;
}

/// The session with its new tone, wish or school, if the drum can have it.
Outcome withinReach(Session session) {
    if (!targetsOf(session))
        return failure(Refusal::ToneOutOfReach);
    session.toneAt = session.clock;
    return session;
}

Outcome withReading(const Session& session, HeadSide side, Result<HeadWork, StepRefusal> work) {
    const std::size_t rounds = session.head(side).history.size();
    Outcome after = withHead(session, side, std::move(work), false);
    if (after && after->head(side).history.size() > rounds)
        (side == HeadSide::Batter ? after->batterHeardAt : after->snareSideHeardAt) = after->clock;
    return after;
}

} // namespace

Outcome carryOut(Session session, const GoTo& c) {
    session.station = c.station;
    return session;
}
Outcome carryOut(Session session, const ChooseTone& c) {
    session.tone = c.tone;
    session.wish = {}; // it was a wish within the other tone
    return withinReach(std::move(session));
}
Outcome carryOut(Session session, const SetWish& c) {
    session.wish = c.wish;
    for (double* part : {&session.wish.high, &session.wish.longer, &session.wish.wire, &session.wish.feel})
        *part = std::clamp(*part, -1.0, 1.0);
    return withinReach(std::move(session));
}
Outcome carryOut(Session session, const ChooseSchool& c) {
    session.school = c.school;
    return withinReach(std::move(session));
}
Outcome carryOut(Session session, const SetWeather& c) {
    const Metres altitude = altitudeOf(c.weather.pressure);
    if (c.weather.temperature < kColdest || c.weather.temperature > kHottest ||
        c.weather.relativeHumidity < 0.0 || c.weather.relativeHumidity > 1.0 || altitude.value < -500.0 ||
        altitude > kHighest)
        return failure(Refusal::WeatherOutOfRange);
    session.weather = c.weather;
    session.weatherAt = session.clock;
    if (!targetsOf(session))
        return failure(Refusal::ToneOutOfReach);
    return session;
}
Outcome carryOut(Session session, const ChooseSource& c) {
    session.source = c.source;
    return session;
}
Outcome carryOut(Session session, const FingerTight& c) {
    const HeadBrief brief = briefFor(session, c.side);
    return withHead(session, c.side, markFingerTight(session.head(c.side), brief), true);
}
Outcome carryOut(Session session, const GroupTurned& c) {
    const HeadBrief brief = briefFor(session, c.side);
    return withHead(session, c.side, markGroupTurned(session.head(c.side), brief), true);
}
Outcome carryOut(Session session, const BeginTapping& c) {
    return withHead(session, c.side, beginTapping(session.head(c.side), c.startRod, c.direction), false);
}
Outcome carryOut(Session session, const TapHeard& c) {
    const HeadBrief brief = briefFor(session, c.side);
    return withReading(session, c.side, hearTap(session.head(c.side), brief, c.reading, c.rod));
}
Outcome carryOut(Session session, const GaugeRead& c) {
    const HeadBrief brief = briefFor(session, c.side);
    return withReading(session, c.side, readGauge(session.head(c.side), brief, c.mark));
}
Outcome carryOut(Session session, const MoveMade& c) {
    return withHead(session, c.side, markMoved(session.head(c.side)), true);
}
Outcome carryOut(Session session, const CorrectCount& c) {
    return withHead(session, c.side, correctCount(session.head(c.side), c.rod, c.by), true);
}
Outcome carryOut(Session session, const StartHeadAgain& c) {
    HeadWork fresh = freshHead(session.drum.rods);
    fresh.way = session.head(c.side).way; // a habit of the hands, not of the head
    fresh.skip = session.head(c.side).skip;
    fresh.condition = HeadCondition::FromSlack;
    fresh.direction = session.leftHanded ? Direction::Clockwise : Direction::CounterClockwise;
    return withHead(session, c.side, std::move(fresh), true);
}
Outcome carryOut(Session session, const ChooseWay& c) {
    return withHead(session, c.side, chooseWay(session.head(c.side), c.way), false);
}
Outcome carryOut(Session session, const AskAgain& c) {
    return withHead(session, c.side, askAgain(session.head(c.side), c.rod), false);
}
Outcome carryOut(Session session, const ChooseHandling& c) {
    const auto midRound = [](const HeadWork& work) {
        return work.stage == HeadStage::Raising && work.group > 0;
    };
    if (c.path != session.path && (midRound(session.batter) || midRound(session.snareSide)))
        return failure(Refusal::RoundUnderWay);
    if (c.path == Path::OwnSkip && (c.skip < 1 || !missedRods(session.drum.rods, c.skip).empty()))
        return failure(Refusal::SkipMissesRods);
    if (c.tolerance < kFinestTolerance || c.tolerance > kCoarsestTolerance)
        return failure(Refusal::ToleranceOutOfRange);
    if (std::find(kSteps.begin(), kSteps.end(), c.largestStep) == kSteps.end())
        return failure(Refusal::StepOutOfRange);
    session.path = c.path;
    session.largestStep = c.largestStep;
    session.tolerance = c.tolerance;
    session.seating = c.seating;
    session.wiresAway = c.wiresAway;
    session.strays = c.strays;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        session.head(side).skip = c.skip;
    return session;
}
Outcome carryOut(Session session, const ChooseCondition& c) {
    return withHead(session, c.side, chooseCondition(session.head(c.side), c.condition), false);
}
Outcome carryOut(Session session, const Prepared& c) {
    const HeadBrief brief = briefFor(session, c.side);
    const auto after = markPrepared(session.head(c.side), brief);
    const bool begun = after && after->stage != HeadStage::FingerTight;
    return withHead(session, c.side, after, begun);
}
Outcome carryOut(Session session, const ChooseGauge& c) {
    session.gauge = c.gauge;
    return session;
}
Outcome carryOut(Session session, const Resists& c) {
    return withHead(session, c.side, setResists(session.head(c.side), c.resists), false);
}
Outcome carryOut(Session session, const BeginTrial& c) {
    const auto trial = trialOn(session, c);
    if (!trial)
        return failure(trial.fault());
    const HeadBrief brief = briefFor(session, c.side);
    return withHead(session, c.side, beginTrial(session.head(c.side), brief, *trial), false);
}
Outcome carryOut(Session session, const EndTrial& c) {
    return withHead(session, c.side, endTrial(session.head(c.side)), false);
}
Outcome carryOut(Session session, const Rested& c) {
    Session pitched = session;
    pitched.head(c.side).above = false;
    const HeadBrief brief = briefFor(pitched, c.side);
    return withHead(session, c.side, markRested(session.head(c.side), brief), true);
}
Outcome carryOut(Session session, const RetraceHead& c) {
    return withHead(session, c.side, retrace(session.head(c.side)), true);
}
Outcome carryOut(Session session, const SetNearestRod& c) {
    if (c.rod && (*c.rod < 0 || *c.rod >= session.drum.rods))
        return failure(Refusal::NoSuchRod);
    session.nearestRod = c.rod;
    return session;
}
Outcome carryOut(Session session, const SetHand& c) {
    session.leftHanded = c.left;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        HeadWork& work = session.head(side);
        if (work.rodsHeard() == 0) // a round that is half heard goes on as it began
            work.direction = c.left ? Direction::Clockwise : Direction::CounterClockwise;
    }
    return session;
}
Outcome carryOut(Session session, const SetReminder& c) {
    session.reminder = c.reminder;
    return session;
}
Outcome carryOut(Session session, const BeginHurry& c) {
    if (!(c.minutes >= kFewestMinutes && c.minutes <= kMostMinutes))
        return failure(Refusal::MinutesOutOfRange);
    session.hurry = Hurry{c.minutes, c.until, session.hurry ? session.hurry->tolerance : session.tolerance};
    session.tolerance = std::max(session.tolerance, kQuickTolerance);
    const auto plan = quickPlanOf(session);
    std::optional<HeadSide> first;
    for (const QuickStep& step : plan) {
        if (step.kind != QuickKind::TapHalf)
            continue;
        first = first.value_or(step.side);
        HeadWork& work = session.head(step.side);
        if (work.stage == HeadStage::FingerTight) {
            work.condition = HeadCondition::AsItStands;
            work.prepared = 0;
            while (work.stage == HeadStage::FingerTight)
                work = markPrepared(work, briefFor(session, step.side)).value();
        } else {
            work = beginTapping(work, work.startRod, work.direction).value();
        }
        RoundWay way = work.way;
        way.kind = isSilent(way.kind) ? TapKind::FingerDamped : way.kind;
        way.half = session.drum.rods % 2 == 0;
        way.tapsPerRod = 1;
        work = chooseWay(work, way).value();
    }
    session.station = first == HeadSide::SnareSide ? Station::SnareSide : Station::Batter;
    return session;
}
Outcome carryOut(Session session, const EndHurry&) {
    if (session.hurry)
        session.tolerance = session.hurry->tolerance;
    session.hurry.reset();
    return session;
}
Outcome carryOut(Session session, const BothTurned& c) {
    for (const auto& [side, by] :
         {std::pair{HeadSide::Batter, c.batter}, {HeadSide::SnareSide, c.snareSide}}) {
        if (by.value == 0.0)
            continue;
        Outcome after = withHead(session, side, turnAll(session.head(side), by), true);
        if (!after)
            return after;
        session = std::move(after).value();
    }
    return session;
}

} // namespace bombo
