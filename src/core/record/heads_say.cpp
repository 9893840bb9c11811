#include "core/acoustics/pitches.h"
#include "core/procedure/head_rounds.h"
#include "core/record/reckoned_memo.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace bombo {

ToneBrief briefOf(const Session& session) {
    return {session.tone, session.wish, session.school};
}

Result<Targets, OutOfReach> targetsOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().targets, [&] {
        return targetsFor(session.drum, briefOf(session), airAt(session.weather), turnModelOf(reckoned));
    });
}

TurnModel turnModelOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().turnModel, [&] {
        HeadBrief batter;
        batter.drum = session.drum;
        batter.weather = session.weather;
        HeadBrief snareSide = batter;
        snareSide.side = HeadSide::SnareSide;
        return TurnModel{turnResponseOf(session.batter, batter),
                         turnResponseOf(session.snareSide, snareSide)};
    });
}

namespace {

HeadBrief makeBrief(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const auto targets = targetsOf(reckoned);
    HeadBrief brief;
    brief.drum = session.drum;
    brief.side = side;
    if (targets) {
        brief.target = targets->head(side).edgePitch;
        brief.targetTension = targets->head(side).tension;
    }
    brief.path = session.path;
    brief.tolerance = session.tolerance;
    brief.weather = session.weather;
    brief.largestStep = session.largestStep;
    brief.seating = session.seating;
    brief.strays = session.strays;
    brief.gauge = learnGaugeScale(gaugePoints(session));
    brief.gaugeName = session.gauge.name;
    if (targets && session.head(side).above)
        brief = stretched(std::move(brief));
    if (session.hurry) {
        brief.mostMoves = quickMoves(quickPlanOf(session), side);
        brief.largestMove = kQuickMove;
    }
    return brief;
}

} // namespace

HeadBrief briefFor(const Reckoned& reckoned, HeadSide side) {
    Reckoned::Memo& memo = reckoned.memo();
    return once(side == HeadSide::Batter ? memo.batterBrief : memo.snareSideBrief,
                [&] { return makeBrief(reckoned, side); });
}

std::vector<QuickStep> quickPlanOf(const Session& session) {
    return quickPlan(session.drum, session.path, session.hurry->minutes);
}

TrialPrediction trialPrediction(const Reckoned& reckoned, HeadSide side, const UnevenTrial& trial) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const HeadBrief brief = briefFor(reckoned, side);
    const auto now = lastEstimate(work);
    const TurnResponse response = turnResponseOf(work, brief);
    return predictTrial(trial, session.drum.rods, now ? now->mean : brief.target, work.meanTurns(), response,
                        eveningOf(work, brief, response));
}

DrumState knownState(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().known, [&] {
        // A head that was never touched is taken to be at its target: that is where it will be.
        const auto tension = [&](HeadSide side) {
            const HeadBrief brief = briefFor(reckoned, side);
            const HeadWork& work = session.head(side);
            return work.stage == HeadStage::FingerTight ? brief.targetTension : tensionNow(work, brief);
        };
        return drumState(session.drum, tension(HeadSide::Batter), tension(HeadSide::SnareSide),
                         airAt(session.weather));
    });
}

std::optional<EdgeNow> edgeNow(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    if (work.stage == HeadStage::FingerTight)
        return std::nullopt;
    const FinishedRound* round = work.history.empty() ? nullptr : heardHere(work);
    if (round != nullptr && round->rodTurns == work.rodTurns)
        return EdgeNow{estimateOf(*round).mean, Cents{3.0}, false};
    const HeadBrief brief = briefFor(reckoned, side);
    const Tension tension = tensionNow(work, brief);
    const Tension spread = turnResponseOf(work, brief).spreadAt(work.meanTurns());
    const bool wasHeard = std::any_of(work.history.begin(), work.history.end(),
                                      [](const FinishedRound& one) { return !isSilent(one.way.kind); });
    return EdgeNow{edgePitch(drumState(session.drum, tension, tension, airAt(session.weather)), side),
                   Cents{std::hypot(3.0, kCentsPerShare * (spread / tension))}, !wasHeard};
}

namespace {

std::vector<GaugePoint> pointsFound(const Session& session, const std::string& gauge) {
    std::vector<GaugePoint> points;
    HeadBrief brief;
    brief.drum = session.drum;
    brief.weather = session.weather;
    brief.gaugeName = gauge;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        brief.side = side;
        const auto here = gaugePointsOf(session.head(side), brief);
        points.insert(points.end(), here.begin(), here.end());
    }
    return points;
}

} // namespace

std::vector<GaugePoint> gaugePoints(const Session& session) {
    std::vector<GaugePoint> points = session.gauge.points;
    const auto here = pointsFound(session, session.gauge.name);
    points.insert(points.end(), here.begin(), here.end());
    return points;
}

std::vector<GaugeRecord> gaugesFound(const Session& session) {
    std::set<std::string> names{session.gauge.name};
    for (const HeadWork* work : {&session.batter, &session.snareSide})
        for (const FinishedRound& round : work->history)
            if (!round.gauge.empty())
                names.insert(round.gauge);
    std::vector<GaugeRecord> found;
    for (const std::string& name : names)
        if (auto points = pointsFound(session, name); !points.empty())
            found.push_back({name, std::move(points)});
    return found;
}

} // namespace bombo
