#include "core/record/commands/tone.h"

#include "core/record/heads_say.h"

#include <algorithm>

namespace bombo {
namespace {

/// The session with its new tone, wish or school, if the drum can have it.
Outcome withinReach(Session session) {
    if (!targetsOf(session))
        return failure(Refusal::ToneOutOfReach);
    session.toneAt = session.clock;
    return session;
}

} // namespace

Outcome ChooseTone::carryOut(Session session) const {
    session.tone = tone;
    session.wish = {}; // it was a wish within the other tone
    return withinReach(std::move(session));
}

Outcome SetWish::carryOut(Session session) const {
    session.wish = wish;
    for (double* part : {&session.wish.high, &session.wish.longer, &session.wish.wire, &session.wish.feel})
        *part = std::clamp(*part, -1.0, 1.0);
    return withinReach(std::move(session));
}

Outcome ChooseSchool::carryOut(Session session) const {
    session.school = school;
    return withinReach(std::move(session));
}

Outcome SetWeather::carryOut(Session session) const {
    const Metres altitude = altitudeOf(weather.pressure);
    if (weather.temperature < kColdest || weather.temperature > kHottest || weather.relativeHumidity < 0.0 ||
        weather.relativeHumidity > 1.0 || altitude.value < -500.0 || altitude > kHighest)
        return failure(Refusal::WeatherOutOfRange);
    session.weather = weather;
    session.weatherAt = session.clock;
    if (!targetsOf(session))
        return failure(Refusal::ToneOutOfReach);
    return session;
}

Outcome ChooseHandling::carryOut(Session session) const {
    const auto midRound = [](const HeadWork& work) {
        return work.stage == HeadStage::Raising && work.group > 0;
    };
    const auto losesCount = [&](const HeadWork& work) {
        const bool otherOrder = path != session.path || (path == Path::OwnSkip && skip != work.skip);
        return otherOrder && midRound(work);
    };
    if (losesCount(session.batter) || losesCount(session.snareSide))
        return failure(Refusal::RoundUnderWay);
    if (skip < 1 || skip > kMostRods ||
        (path == Path::OwnSkip && !missedRods(session.drum.rods, skip).empty()))
        return failure(Refusal::SkipMissesRods);
    if (tolerance < kFinestTolerance || tolerance > kCoarsestTolerance)
        return failure(Refusal::ToleranceOutOfRange);
    if (std::find(kSteps.begin(), kSteps.end(), largestStep) == kSteps.end())
        return failure(Refusal::StepOutOfRange);
    session.path = path;
    session.largestStep = largestStep;
    session.tolerance = tolerance;
    session.seating = seating;
    session.wiresAway = wiresAway;
    session.strays = strays;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        session.head(side).skip = skip;
    return session;
}

} // namespace bombo
