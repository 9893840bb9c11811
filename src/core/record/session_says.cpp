/// What a session says of itself: all that follows from it and is never stored.
#include "core/procedure/head_rounds.h"
#include "core/record/backbeats.h"
#include "core/record/session.h"
#include "core/units/median.h"

#include <algorithm>
#include <map>
#include <set>

namespace bombo {

struct Reckoned::Memo {
    std::optional<TurnModel> turnModel;
    std::optional<Result<Targets, OutOfReach>> targets;
    std::optional<HeadBrief> batterBrief;
    std::optional<HeadBrief> snareSideBrief;
    std::optional<DrumState> known;
    std::optional<WireAdvice> wireAdvice;
    std::optional<std::vector<Calming>> calmings;
    std::map<HeardFrom, MufflingPrediction> muffling;
    std::optional<std::vector<RingPlan>> ringPlans;
    std::optional<Expectation> strokeExpectation;
};

Reckoned::Reckoned(const Session& session) : m_session(&session), m_memo(std::make_unique<Memo>()) {}
Reckoned::~Reckoned() = default;

namespace {

/// Computes a value the first time it is asked for.
template <class T, class Compute> const T& once(std::optional<T>& kept, Compute compute) {
    if (!kept)
        kept.emplace(compute());
    return *kept;
}

StationState headState(const HeadWork& work, int heardAt, int toneAt) {
    if (work.stage == HeadStage::FingerTight)
        return work.prepared > 0 ? StationState::Doing : StationState::Open;
    // What no ear confirmed is not done, nor what still stands above pitch.
    if (work.stage != HeadStage::Done || isProvisional(work) || work.above)
        return StationState::Doing;
    return heardAt < toneAt ? StationState::Stale : StationState::Done;
}

StationState laterState(bool begun, bool finished, int at, int lastTurned) {
    if (!begun)
        return StationState::Open;
    if (at < lastTurned)
        return StationState::Stale;
    return finished ? StationState::Done : StationState::Doing;
}

} // namespace

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

bool strokesHold(const Session& session) {
    return session.strokesAt >= std::max({session.batterAt, session.snareSideAt, session.padsAt});
}

StrokesSay strokesSay(const Session& session) {
    if (!strokesHold(session))
        return {};
    std::vector<Hertz> centres;
    std::vector<Seconds> rings;
    std::vector<Seconds> tones;
    std::vector<Seconds> buzzes;
    for (const HeardStroke& stroke : session.strokes) {
        centres.push_back(stroke.centre);
        if (!stroke.wires && stroke.tone)
            rings.push_back(*stroke.tone);
        if (!stroke.wires || stroke.strainer != session.wires.strainer)
            continue;
        if (stroke.buzz)
            buzzes.push_back(*stroke.buzz);
        if (stroke.tone)
            tones.push_back(*stroke.tone);
    }
    const auto median = []<class T>(std::vector<T>& values) -> std::optional<T> {
        return values.empty() ? std::nullopt : std::optional(medianOf(std::move(values)));
    };
    return {median(rings), median(tones), median(buzzes), median(centres),
            static_cast<int>(session.strokes.size())};
}

Expectation strokeExpectation(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().strokeExpectation, [&] {
        Expectation expected;
        expected.modes = expectedModes(coupledModes(knownState(reckoned)));
        const bool heard = !session.batter.history.empty() && !session.snareSide.history.empty();
        expected.spread = Cents{heard ? 80.0 : 350.0};
        if (heard) // a stroke near the edge hardly sounds the centre: the edge is not to be taken for it
            expected.furthest = Cents{250.0};
        expected.wanted = {0, 1};
        return expected;
    });
}

Station stationAfter(const Session& session, Station station) {
    const bool batterFirst = session.school.order == HeadOrder::BatterFirst;
    const Station first = batterFirst ? Station::Batter : Station::SnareSide;
    const Station second = batterFirst ? Station::SnareSide : Station::Batter;
    if (station == Station::Tone)
        return first;
    if (station == first)
        return second;
    if (station == second)
        return Station::Wires;
    return station == Station::Proof ? station : static_cast<Station>(static_cast<int>(station) + 1);
}

StationState stationState(const Reckoned& reckoned, Station station) {
    const Session& session = reckoned.session();
    const int lastTurned = std::max(session.batterAt, session.snareSideAt);
    const int wantedAt = std::max(session.toneAt, session.weatherAt);
    switch (station) {
    case Station::Drum:
        return StationState::Done;
    case Station::Tone:
        return session.toneAt > 0 ? StationState::Done : StationState::Open;
    case Station::SnareSide:
        return headState(session.snareSide, session.snareSideHeardAt, wantedAt);
    case Station::Batter:
        return headState(session.batter, session.batterHeardAt, wantedAt);
    case Station::Wires:
        return laterState(session.wires.begun, wireAdviceOf(reckoned).advice == StrainerAdvice::Leave,
                          session.wiresAt, lastTurned);
    case Station::Muffling:
        return laterState(session.padsAt > 0, true, session.padsAt, lastTurned);
    case Station::Proof:
        return laterState(session.savedAt > 0, true, session.savedAt,
                          std::max({lastTurned, session.wiresAt, session.padsAt, wantedAt}));
    }
    return StationState::Open;
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

Sweep sweepOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return {.slackTurns = session.drum.wires.slackTurns,
            .snareSideFilmLoad = filmLoad(session.drum.snareSideHead, knownState(reckoned).snareSide.tension),
            .margin = wireMarginWanted(briefOf(session)),
            .current = session.wires.strainer,
            .judging = session.wires.judging,
            .tests = session.wires.tests,
            .rattles = session.wires.rattles};
}

namespace {

WireAdvice makeWireAdvice(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    Sweep sweep = sweepOf(reckoned);
    const WireAdvice advice = adviseWires(sweep);
    if (sweep.judging != WireJudging::EqualLengths)
        return advice;
    // Where both last alike follows from the span and from what was heard; the span is found first.
    std::vector<LengthPoint> points;
    if (strokesHold(session))
        for (const HeardStroke& stroke : session.strokes)
            if (stroke.buzz && stroke.tone)
                points.push_back({stroke.strainer, *stroke.buzz, *stroke.tone});
    sweep.equalLengths = whereLengthsMeet(points, advice.rattle.turns, advice.chokeAbove);
    return adviseWires(sweep);
}

} // namespace

WireAdvice wireAdviceOf(const Reckoned& reckoned) {
    return once(reckoned.memo().wireAdvice, [&] { return makeWireAdvice(reckoned); });
}

std::vector<Calming> calmingsOf(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return once(reckoned.memo().calmings, [&] {
        const WireAdvice advice = wireAdviceOf(reckoned);
        const Turns room = advice.chokeAbove - session.wires.strainer;
        const Turns pulled = session.wires.strainer - advice.contact;
        return calmings(session.drum, knownState(reckoned), session.neighbours,
                        {.tighter = Turns{session.wires.begun ? std::max(0.0, room.value) : 0.0},
                         .pulled = std::max(Turns{0.125}, pulled)});
    });
}

double dampingLearned(const Session& session) {
    if (!session.openRing || session.openRing->at < std::max(session.batterAt, session.snareSideAt))
        return 1.0;
    return std::clamp(session.openRing->predicted / session.openRing->heard, 0.4, 2.5);
}

namespace {

HearingPoint pointOf(const Session& session, HeardFrom from) {
    return {from, session.microphone.value_or(MicrophonePlace{})};
}

Muffler mufflerOf(const Reckoned& reckoned, HeardFrom from) {
    const Session& session = reckoned.session();
    return {session.drum, knownState(reckoned), pointOf(session, from), dampingLearned(session)};
}

std::vector<RingPlan> makeRingPlans(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    const WireAdvice advice = wireAdviceOf(reckoned);
    RingPlanWish wish{.ring = ringWanted(briefOf(session)),
                      .laid = {},
                      .perTurn = turnModelOf(reckoned).batter.perTurn(),
                      .damping = dampingLearned(session)};
    for (const Pad& pad : session.pads) // what belongs to the head stays with it
        if (pad.kind.partOfHead)
            wish.laid.push_back(pad);
    if (session.wires.begun && !session.tone.wiresOff)
        wish.knob = session.wires.strainer;
    wish.whisperChoke = advice.choke(StrokePlace::Middle, Dynamic::Whisper).turns;
    wish.contact = advice.contact;
    wish.loosest = advice.rattleBelow;
    return ringPlans(session.drum, knownState(reckoned), wish);
}

} // namespace

MufflingPrediction mufflingOf(const Reckoned& reckoned, HeardFrom from) {
    auto& kept = reckoned.memo().muffling;
    if (const auto known = kept.find(from); known != kept.end())
        return known->second;
    return kept.emplace(from, mufflerOf(reckoned, from).with(reckoned.session().pads)).first->second;
}

std::vector<RingPlan> ringPlansOf(const Reckoned& reckoned) {
    return once(reckoned.memo().ringPlans, [&] { return makeRingPlans(reckoned); });
}

RingEvidence ringEvidence(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    RingEvidence evidence;
    const auto heard = strokesSay(session).ring;
    evidence.ring = heard ? *heard : mufflingOf(reckoned).ringAfter;
    evidence.wanted = ringWanted(briefOf(session));
    evidence.tolerance = session.tolerance;
    if (const auto estimate = lastEstimate(session.batter))
        evidence.widest = estimate->widest;
    if (session.openRing)
        evidence.damping = dampingLearned(session);
    evidence.meanPlace = scatterOf(session).meanPlace;
    if (session.microphone) {
        evidence.atMicrophone = mufflingOf(reckoned, HeardFrom::Microphone).ringAfter;
        evidence.inRoom = mufflingOf(reckoned, HeardFrom::Room).ringAfter;
    }
    evidence.centre = namedPitches(knownState(reckoned)).centre;
    return evidence;
}

std::vector<Backbeat> backbeatsOf(const Session& session) {
    return strokesHold(session) ? backbeatsFrom(session.strokes) : std::vector<Backbeat>{};
}

StrokeScatter scatterOf(const Session& session) {
    return scatterOf(backbeatsOf(session));
}

Changed changedSince(const Session& session) {
    const Experiment& experiment = session.experiment.value();
    std::vector<Changed> changes;
    if (session.pads != experiment.pads)
        changes.push_back(Changed::Pads);
    if (session.wires.strainer != experiment.strainer)
        changes.push_back(Changed::Strainer);
    if (std::max(session.batterAt, session.snareSideAt) > experiment.at)
        changes.push_back(Changed::Heads);
    return changes.empty() ? Changed::Nothing : changes.size() == 1 ? changes.front() : Changed::Several;
}

Expectation cardExpectation(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    return expectationAt(session.drum, session.card, nextPlace(session.card).value(), knownState(reckoned));
}

std::optional<CardSays> cardSays(const Session& session) {
    return whatItSays(session.drum, session.card);
}

} // namespace bombo
