#include "core/record/session.h"

#include <algorithm>

namespace bombo {
namespace {

using Outcome = Result<Session, Refusal>;

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

Refusal refusalOf(TrialFault fault) {
    switch (fault) {
    case TrialFault::NoSuchRod:
        return Refusal::NoSuchRod;
    case TrialFault::RodsNotNeighbours:
    case TrialFault::TooManyRods:
        return Refusal::TrialNeedsNeighbours;
    case TrialFault::WouldBeSlack:
        return Refusal::TrialWouldSlacken;
    case TrialFault::FilmLoad:
        return Refusal::TrialPassesFilm;
    case TrialFault::TurnsOutOfRange:
        break;
    }
    return Refusal::TrialTurnsOutOfRange;
}

Refusal refusalOf(PadProblem problem) {
    switch (problem) {
    case PadProblem::OnLandingArea:
        return Refusal::PadOnLandingArea;
    case PadProblem::Overlaps:
        return Refusal::PadsOverlap;
    case PadProblem::BeyondHoop:
    case PadProblem::None:
        break;
    }
    return Refusal::PadBeyondHoop;
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

constexpr std::size_t kLongestName = 120; // bytes

/// Figures that a thing on a head can have.
bool isUsable(const PadKind& kind) {
    const auto within = [](double value, double low, double high) { return value >= low && value <= high; };
    return within(kind.mass.value, 0.0, 0.5) && within(kind.lossFactor, 0.0, 2.0) &&
           within(kind.radius.value, 0.001, 0.2) && within(kind.resistance, 0.0, 500.0) &&
           within(kind.stiffness, 0.0, 1e5) && within(kind.delay.value, 0.0, 0.5);
}

Outcome withPads(Session session, std::vector<Pad> others, const Pad& pad, std::size_t at) {
    const PadProblem problem = checkPad(pad, others, session.drum.shell);
    if (problem != PadProblem::None)
        return failure(refusalOf(problem));
    others.insert(others.begin() + static_cast<std::ptrdiff_t>(at), pad);
    session.pads = std::move(others);
    session.padsAt = session.clock;
    return session;
}

struct Applier {
    Session session;

    /// The session with its new tone, wish or school, if the drum can have it.
    Outcome withinReach() {
        if (!targetsOf(session))
            return failure(Refusal::ToneOutOfReach);
        session.toneAt = session.clock;
        return session;
    }

    Outcome operator()(const GoTo& c) {
        session.station = c.station;
        return session;
    }
    Outcome operator()(const ChooseTone& c) {
        session.tone = c.tone;
        session.wish = {}; // it was a wish within the other tone
        return withinReach();
    }
    Outcome operator()(const SetWish& c) {
        session.wish = c.wish;
        for (double* part :
             {&session.wish.high, &session.wish.longer, &session.wish.wire, &session.wish.feel})
            *part = std::clamp(*part, -1.0, 1.0);
        return withinReach();
    }
    Outcome operator()(const ChooseSchool& c) {
        session.school = c.school;
        return withinReach();
    }
    Outcome operator()(const SetWeather& c) {
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
    Outcome operator()(const ChooseSource& c) {
        session.source = c.source;
        return session;
    }
    Outcome operator()(const FingerTight& c) {
        const HeadBrief brief = briefFor(session, c.side);
        return withHead(session, c.side, markFingerTight(session.head(c.side), brief), true);
    }
    Outcome operator()(const GroupTurned& c) {
        const HeadBrief brief = briefFor(session, c.side);
        return withHead(session, c.side, markGroupTurned(session.head(c.side), brief), true);
    }
    Outcome operator()(const BeginTapping& c) {
        return withHead(session, c.side, beginTapping(session.head(c.side), c.startRod, c.direction), false);
    }
    Outcome operator()(const TapHeard& c) {
        const HeadBrief brief = briefFor(session, c.side);
        return withReading(c.side, hearTap(session.head(c.side), brief, c.reading, c.rod));
    }
    Outcome operator()(const GaugeRead& c) {
        const HeadBrief brief = briefFor(session, c.side);
        return withReading(c.side, readGauge(session.head(c.side), brief, c.mark));
    }
    Outcome withReading(HeadSide side, Result<HeadWork, StepRefusal> work) {
        const std::size_t rounds = session.head(side).history.size();
        Outcome after = withHead(session, side, std::move(work), false);
        if (after && after->head(side).history.size() > rounds)
            (side == HeadSide::Batter ? after->batterHeardAt : after->snareSideHeardAt) = after->clock;
        return after;
    }
    Outcome operator()(const MoveMade& c) {
        return withHead(session, c.side, markMoved(session.head(c.side)), true);
    }
    Outcome operator()(const CorrectCount& c) {
        return withHead(session, c.side, correctCount(session.head(c.side), c.rod, c.by), true);
    }
    Outcome operator()(const StartHeadAgain& c) {
        HeadWork fresh = freshHead(session.drum.rods);
        fresh.way = session.head(c.side).way; // a habit of the hands, not of the head
        fresh.skip = session.head(c.side).skip;
        fresh.condition = HeadCondition::FromSlack;
        fresh.direction = session.leftHanded ? Direction::Clockwise : Direction::CounterClockwise;
        return withHead(session, c.side, std::move(fresh), true);
    }
    Outcome operator()(const ChooseWay& c) {
        return withHead(session, c.side, chooseWay(session.head(c.side), c.way), false);
    }
    Outcome operator()(const AskAgain& c) {
        return withHead(session, c.side, askAgain(session.head(c.side), c.rod), false);
    }
    Outcome operator()(const ChooseHandling& c) {
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
    Outcome operator()(const ChooseCondition& c) {
        return withHead(session, c.side, chooseCondition(session.head(c.side), c.condition), false);
    }
    Outcome operator()(const Prepared& c) {
        const HeadBrief brief = briefFor(session, c.side);
        const auto after = markPrepared(session.head(c.side), brief);
        const bool begun = after && after->stage != HeadStage::FingerTight;
        return withHead(session, c.side, after, begun);
    }
    Outcome operator()(const ChooseGauge& c) {
        session.gauge = c.gauge;
        return session;
    }
    Outcome operator()(const Resists& c) {
        return withHead(session, c.side, setResists(session.head(c.side), c.resists), false);
    }
    Outcome operator()(const BeginTrial& c) {
        const auto trial = trialOn(session, c);
        if (!trial)
            return failure(trial.fault());
        const HeadBrief brief = briefFor(session, c.side);
        return withHead(session, c.side, beginTrial(session.head(c.side), brief, *trial), false);
    }
    Outcome operator()(const EndTrial& c) {
        return withHead(session, c.side, endTrial(session.head(c.side)), false);
    }
    Outcome operator()(const Rested& c) {
        Session pitched = session;
        pitched.head(c.side).above = false;
        const HeadBrief brief = briefFor(pitched, c.side);
        return withHead(session, c.side, markRested(session.head(c.side), brief), true);
    }
    Outcome operator()(const RetraceHead& c) {
        return withHead(session, c.side, retrace(session.head(c.side)), true);
    }
    Outcome operator()(const SetNearestRod& c) {
        if (c.rod && (*c.rod < 0 || *c.rod >= session.drum.rods))
            return failure(Refusal::NoSuchRod);
        session.nearestRod = c.rod;
        return session;
    }
    Outcome operator()(const SetHand& c) {
        session.leftHanded = c.left;
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
            HeadWork& work = session.head(side);
            if (work.rodsHeard() == 0) // a round that is half heard goes on as it began
                work.direction = c.left ? Direction::Clockwise : Direction::CounterClockwise;
        }
        return session;
    }
    Outcome operator()(const SetReminder& c) {
        session.reminder = c.reminder;
        return session;
    }
    Outcome operator()(const BeginHurry& c) {
        if (!(c.minutes >= kFewestMinutes && c.minutes <= kMostMinutes))
            return failure(Refusal::MinutesOutOfRange);
        session.hurry =
            Hurry{c.minutes, c.until, session.hurry ? session.hurry->tolerance : session.tolerance};
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
    Outcome operator()(const EndHurry&) {
        if (session.hurry)
            session.tolerance = session.hurry->tolerance;
        session.hurry.reset();
        return session;
    }
    /// With nothing on the head and the lever off, as it is at Muffling, its ring teaches the drum's own
    /// damping.
    void learnOpenRing() {
        if (session.station != Station::Muffling || !session.pads.empty() || !targetsOf(session))
            return;
        if (const auto heard = strokesSay(session).ring)
            session.openRing = OpenRing{
                *heard, predictMuffling(session.drum, knownState(session), {}).ringBefore, session.clock};
    }
    Outcome operator()(const StrokeHeard& c) {
        if (!strokesHold(session))
            session.strokes.clear();
        if (session.strokes.size() >= kMostStrokes)
            session.strokes.erase(session.strokes.begin());
        session.strokes.push_back(c.stroke);
        session.strokes.back().strainer = session.wires.strainer;
        session.strokesAt = session.clock;
        learnOpenRing();
        return session;
    }
    Outcome operator()(const CardTapHeard& c) {
        const auto place = nextPlace(session.card);
        if (!place)
            return failure(Refusal::CardFull);
        session.card.at(*place).push_back(c.reading);
        session.card.weather = session.weather;
        session.cardAt = session.clock;
        return session;
    }
    Outcome operator()(const StartCard&) {
        session.card = {};
        session.cardAt = session.clock;
        return session;
    }
    Outcome operator()(const BothTurned& c) {
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
    Outcome operator()(const SetStrainer& c) {
        if (c.turns.value < 0.0 || c.turns.value > kFarthestStrainer)
            return failure(Refusal::StrainerOutOfRange);
        session.wires.strainer = c.turns;
        session.wires.begun = true;
        session.wiresAt = session.clock;
        return session;
    }
    Outcome operator()(const AnswerWires& c) {
        auto& tests = session.wires.tests;
        const WireTest test{session.wires.strainer, c.place, c.dynamic, c.answered};
        const auto same = std::find_if(tests.begin(), tests.end(), [&](const WireTest& t) {
            return t.turns == test.turns && t.place == test.place && t.dynamic == test.dynamic;
        });
        if (same != tests.end())
            *same = test; // the same stroke at the same stop again: the newer answer counts
        else
            tests.push_back(test);
        session.wires.begun = true;
        session.wiresAt = session.clock;
        return session;
    }
    Outcome operator()(const AnswerRattle& c) {
        auto& rattles = session.wires.rattles;
        const RattleTest test{session.wires.strainer, c.rattled};
        const auto same = std::find_if(rattles.begin(), rattles.end(),
                                       [&](const RattleTest& t) { return t.turns == test.turns; });
        if (same != rattles.end())
            *same = test;
        else
            rattles.push_back(test);
        session.wires.begun = true;
        session.wiresAt = session.clock;
        return session;
    }
    Outcome operator()(const MeasureWires& c) {
        if (checkLayout(c.layout))
            return failure(Refusal::LayoutOutOfRange);
        session.wires.layout = c.layout;
        return session;
    }
    Outcome operator()(const SetNeighbours& c) {
        if (c.neighbours.size() > kMostNeighbours)
            return failure(Refusal::NeighbourOutOfRange);
        for (const Neighbour& neighbour : c.neighbours)
            if (checkNeighbour(neighbour))
                return failure(Refusal::NeighbourOutOfRange);
        session.wires.neighbours = c.neighbours;
        return session;
    }
    Outcome operator()(const JudgeWires& c) {
        session.wires.judging = c.judging;
        return session;
    }
    Outcome operator()(const VoiceHeard& c) {
        session.wires.voice = VoiceAnswer{c.gainDb, session.wires.strainer};
        return session;
    }
    Outcome operator()(const LayPads& c) {
        if (c.pads.size() > kMostPads)
            return failure(Refusal::TooManyPads);
        std::vector<Pad> laid;
        for (const Pad& pad : c.pads) {
            const PadProblem problem = checkPad(pad, laid, session.drum.shell);
            if (problem != PadProblem::None)
                return failure(refusalOf(problem));
            laid.push_back(pad);
        }
        session.pads = std::move(laid);
        session.padsAt = session.clock;
        return session;
    }
    Outcome operator()(const PlaceMicrophone& c) {
        if (c.microphone &&
            (c.microphone->height < kLowestMicrophone || c.microphone->height > kHighestMicrophone ||
             c.microphone->fromCentre.value < 0.0 || c.microphone->fromCentre > kFarthestMicrophone))
            return failure(Refusal::MicrophoneOutOfRange);
        session.microphone = c.microphone;
        return session;
    }
    Outcome operator()(const KeepKind& c) {
        if (!isOwnKind(c.kind) || c.kind.id.size() > kLongestName || !isUsable(c.kind))
            return failure(Refusal::KindOutOfRange);
        std::erase_if(session.ownKinds, [&](const PadKind& kind) { return kind.id == c.kind.id; });
        session.ownKinds.push_back(c.kind);
        return session;
    }
    Outcome operator()(const BeginExperiment& c) {
        if (session.experiment)
            return failure(Refusal::ExperimentUnderWay);
        if (c.what.size() > kLongestName)
            return failure(Refusal::TooLongAName);
        const StrokesSay before = strokesSay(session);
        if (before.strokes == 0)
            return failure(Refusal::NothingHeardYet);
        session.experiment = Experiment{c.what, session.pads, session.wires.strainer, before, session.clock};
        return session;
    }
    Outcome operator()(const EndExperiment& c) {
        if (!session.experiment)
            return failure(Refusal::NoExperiment);
        const Experiment experiment = *session.experiment;
        const Changed changed = changedSince(session);
        if (!c.keep && std::max(session.batterAt, session.snareSideAt) > experiment.at)
            return failure(Refusal::HeadsTurnedInIt);
        // What was heard before the change is not what the change did.
        const StrokesSay after = changed == Changed::Nothing ? StrokesSay{} : strokesSay(session);
        session.experiments.push_back({experiment.what, experiment.before, after, c.keep});
        session.experiment.reset();
        if (c.keep)
            return session;
        if (session.pads != experiment.pads) {
            session.pads = experiment.pads;
            session.padsAt = session.clock;
        }
        if (session.wires.strainer != experiment.strainer) {
            session.wires.strainer = experiment.strainer;
            session.wiresAt = session.clock;
        }
        return session;
    }
    Outcome operator()(const JudgeBlind& c) {
        session.blind = c.result;
        return session;
    }
    Outcome operator()(const SetStars& c) {
        if (c.stars < 0 || c.stars > kMostStars)
            return failure(Refusal::StarsOutOfRange);
        session.stars = c.stars;
        return session;
    }
    Outcome operator()(const AddPad& c) {
        if (session.pads.size() >= kMostPads)
            return failure(Refusal::TooManyPads);
        return withPads(session, session.pads, c.pad, session.pads.size());
    }
    Outcome operator()(const MovePad& c) {
        if (c.index < 0 || c.index >= static_cast<int>(session.pads.size()))
            return failure(Refusal::NoSuchPad);
        std::vector<Pad> others = session.pads;
        others.erase(others.begin() + c.index);
        return withPads(session, std::move(others), c.pad, static_cast<std::size_t>(c.index));
    }
    Outcome operator()(const RemovePad& c) {
        if (c.index < 0 || c.index >= static_cast<int>(session.pads.size()))
            return failure(Refusal::NoSuchPad);
        session.pads.erase(session.pads.begin() + c.index);
        session.padsAt = session.clock;
        return session;
    }
    Outcome operator()(const SetNote& c) {
        session.note = c.note;
        return session;
    }
    Outcome operator()(const MarkSaved&) {
        session.savedAt = session.clock;
        return session;
    }
};

} // namespace

Session newSession(Drum drum, Tone tone, std::uint64_t practiceSeed) {
    Session session;
    session.batter = freshHead(drum.rods);
    session.snareSide = freshHead(drum.rods);
    session.drum = std::move(drum);
    session.tone = std::move(tone);
    session.practiceSeed = practiceSeed;
    session.weather.relativeHumidity = 0.5; // a usual room
    return session;
}

Result<Session, Refusal> apply(Session session, const Command& command) {
    ++session.clock;
    return std::visit(Applier{std::move(session)}, command);
}

const char* commandName(const Command& command) {
    static constexpr std::array names{
        "go_to",          "choose_tone",     "choose_source", "finger_tight",     "group_turned",
        "begin_tapping",  "tap_heard",       "move_made",     "correct_count",    "start_again",
        "set_strainer",   "answer_wires",    "answer_rattle", "add_pad",          "move_pad",
        "remove_pad",     "set_note",        "mark_saved",    "set_wish",         "choose_school",
        "set_weather",    "both_turned",     "choose_way",    "ask_again",        "card_tap",
        "start_card",     "choose_handling", "stroke_heard",  "choose_condition", "prepared",
        "gauge_read",     "choose_gauge",    "resists",       "retrace",          "nearest_rod",
        "reminder",       "begin_hurry",     "end_hurry",     "begin_trial",      "end_trial",
        "set_hand",       "rested",          "measure_wires", "set_neighbours",   "judge_wires",
        "voice_heard",    "lay_pads",        "microphone",    "keep_kind",        "begin_experiment",
        "end_experiment", "judge_blind",     "set_stars"};
    static_assert(names.size() == std::variant_size_v<Command>);
    return names[command.index()];
}

Result<UnevenTrial, Refusal> trialOn(const Session& session, const BeginTrial& wish) {
    const HeadWork& work = session.head(wish.side);
    const HeadBrief brief = briefFor(session, wish.side);
    const auto trial =
        planTrial(wish.kind, wish.rods, wish.amount, work.rodTurns, turnResponseOf(work, brief),
                  session.drum.head(wish.side), slackFloor(work, brief));
    if (!trial)
        return failure(refusalOf(trial.fault()));
    return *trial;
}

} // namespace bombo
