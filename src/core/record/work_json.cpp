#include "core/record/earlier_figures.h"
#include "core/record/json_enum.h"
#include "core/record/json_values.h"
#include "core/record/pad_json.h"
#include "core/record/state_check.h"
#include "core/record/tap_kind_json.h"

namespace bombo {

// With defaults: what was kept by an earlier version lacks the newer fields.
BOMBO_STORED_NAMES(HeadStage, {{HeadStage::FingerTight, "finger_tight"},
                               {HeadStage::Raising, "raising"},
                               {HeadStage::Tapping, "tapping"},
                               {HeadStage::Turning, "turning"},
                               {HeadStage::Done, "done"}})
BOMBO_STORED_NAMES(Path, {{Path::OppositePairs, "opposite_pairs"},
                          {Path::Star, "star"},
                          {Path::OnceRound, "once_round"},
                          {Path::OwnSkip, "own_skip"}})
BOMBO_STORED_NAMES(TrialKind, {{TrialKind::SlackenNear, "slacken_near"},
                               {TrialKind::SlackenBeds, "slacken_beds"},
                               {TrialKind::TightenBeds, "tighten_beds"}})
BOMBO_STORED_NAMES(Direction,
                   {{Direction::CounterClockwise, "counter_clockwise"}, {Direction::Clockwise, "clockwise"}})
BOMBO_STORED_NAMES(Dynamic, {{Dynamic::Whisper, "whisper"},
                             {Dynamic::Soft, "soft"},
                             {Dynamic::Medium, "medium"},
                             {Dynamic::Loud, "loud"}})
BOMBO_STORED_NAMES(SnareSideLevel, {{SnareSideLevel::AsTone, "as_tone"},
                                    {SnareSideLevel::Interval, "interval"},
                                    {SnareSideLevel::LittleAbove, "little_above"},
                                    {SnareSideLevel::Matched, "matched"},
                                    {SnareSideLevel::NearLimit, "near_limit"},
                                    {SnareSideLevel::EdgeOverCentre, "edge_over_centre"},
                                    {SnareSideLevel::CountedTurns, "counted_turns"}})
BOMBO_STORED_NAMES(HeadOrder, {{HeadOrder::SnareSideFirst, "snare_side_first"},
                               {HeadOrder::BatterFirst, "batter_first"},
                               {HeadOrder::BothAsOne, "both_as_one"}})
BOMBO_STORED_NAMES(HeadCondition, {{HeadCondition::New, "new"},
                                   {HeadCondition::FromSlack, "from_slack"},
                                   {HeadCondition::AsItStands, "as_it_stands"}})
BOMBO_STORED_NAMES(Seating, {{Seating::Palm, "palm"},
                             {Seating::RestOvernight, "rest_overnight"},
                             {Seating::None, "none"},
                             {Seating::StretchOvernight, "stretch_overnight"}})
BOMBO_STORED_NAMES(StrayRule, {{StrayRule::ToTarget, "to_target"},
                               {StrayRule::RaiseOnly, "raise_only"},
                               {StrayRule::LowerOnly, "lower_only"}})
BOMBO_STORED_NAMES(WiresAway, {{WiresAway::Stick, "stick"},
                               {WiresAway::Lifted, "lifted"},
                               {WiresAway::Removed, "removed"}})
BOMBO_STORED_NAMES(TurnCause, {{TurnCause::Round, "round"},
                               {TurnCause::Move, "move"},
                               {TurnCause::BothHeads, "both_heads"},
                               {TurnCause::Correction, "correction"},
                               {TurnCause::Trial, "trial"}})
BOMBO_STORED_NAMES(StrokePlace, {{StrokePlace::Middle, "middle"}, {StrokePlace::Edge, "edge"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(HeadSpec, id, name, thickness, arealDensity, modulus, poisson,
                                                yield, lossFactor, source, plies, coating, reinforcement,
                                                vents, modulusPerKelvin, expansionPerKelvin,
                                                expansionPerHumidity)
void to_json(Json& nlohmann_json_j, const Shell& nlohmann_json_t) {
    NLOHMANN_JSON_EXPAND(NLOHMANN_JSON_PASTE(NLOHMANN_JSON_TO, diameter, depth, material, expansionPerKelvin,
                                             expansionPerHumidity))
}
void from_json(const Json& nlohmann_json_j, Shell& nlohmann_json_t) {
    const Shell nlohmann_json_default_obj;
    NLOHMANN_JSON_EXPAND(NLOHMANN_JSON_PASTE(NLOHMANN_JSON_FROM_WITH_DEFAULT, diameter, depth, material,
                                             expansionPerKelvin, expansionPerHumidity))
    renewSwelling(nlohmann_json_t);
}
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Hoop, kind, perTurn)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(WireSet, strands, material, mass, slackTurns)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(FittedAt, batter, snareSide, wires)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PlayedBefore, batter, snareSide)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Guessed, shell, batter, snareSide, wires, hoop)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Drum, id, name, shell, rods, batterHead, snareSideHead, wires,
                                                hoop, fittedAt, playedBefore, guessed, markedRod)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(ToneReasons, batter, snareSide, wires, muffling)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Tone, id, name, reason, batterEdgeAt14, snareSideAbove, ring,
                                                wireMargin, pitchSpan, intervalSpan, ringSpan, wireSpan,
                                                reasons, muffling, wiresOff, origin, buzz, brightness)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Wish, high, longer, wire, feel)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(School, level, interval, edgeOverCentre, order)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(Weather, temperature, relativeHumidity, pressure)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(RodReading, frequency, standardError, t60, second, beat,
                                                levelDb, taps, outliers, gauge, secondError)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(RoundWay, kind, half, tapsPerRod)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(FinishedRound, rodTurns, readings, predicted, weather, way,
                                                gauge)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(RodMove, rods, turns)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(LedgerLine, rods, turns, cause, round)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(UnevenTrial, kind, rods, moves)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(HeadWork, stage, condition, skip, prepared, above, resists,
                                                rodTurns, ledger, countedRounds, round, group, startRod,
                                                direction, way, taps, askedAgain, tapsPerRodBefore, moves,
                                                movesDone, predicted, predictedError, withinTolerance,
                                                heldByFilm, trial, history)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(PitchCard, taps, weather)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(WireTest, turns, place, dynamic, answered)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(RattleTest, turns, rattled)
BOMBO_STORED_NAMES(WireJudging, {{WireJudging::AsTone, "as_tone"},
                                 {WireJudging::LoosestClean, "loosest_clean"},
                                 {WireJudging::EqualLengths, "equal_lengths"},
                                 {WireJudging::Dry, "dry"},
                                 {WireJudging::Wet, "wet"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(VoiceAnswer, gainDb, strainer)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(WireWork, strainer, begun, tests, rattles, judging, voice)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(StrokePartial, m, order, frequency, t60, levelDb)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(HeardStroke, centre, tone, buzz, levelDb, wires, strainer,
                                                partials, centreError, toneError, buzzError)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(StrokesSay, ring, tone, buzz, centre, strokes, ringError,
                                                toneError, buzzError, centreError)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(OpenRing, heard, predicted, at)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(Experiment, what, pads, strainer, before, at)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(ExperimentResult, what, before, after, kept)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(BlindResult, trials, before, after)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(GoingBack, to, strainer, pads)
BOMBO_STORED_NAMES(Helped, {{Helped::Gone, "gone"}, {Helped::Better, "better"}, {Helped::No, "no"}})
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(FaultAnswer, test, level)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE(FaultFigure, measure, value, error)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(FaultCase, begunAt, complaint, answers, cause, before, tried,
                                                ended)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Hurry, minutes, tolerance, batterWay, snareSideWay)
NLOHMANN_DEFINE_TYPE_NON_INTRUSIVE_WITH_DEFAULT(Work, drum, tone, wish, school, weather, path, tolerance,
                                                strays, largestStep, seating, wiresAway, hurry, practiceSeed,
                                                snareSide, batter, wires, card, pads, strokes, openRing,
                                                experiment, experiments, blind, goingBack, faults, stars,
                                                clock, toneAt, weatherAt, snareSideAt, batterAt,
                                                snareSideHeardAt, batterHeardAt, wiresAt, padsAt, cardAt,
                                                strokesAt, savedAt, setupAt)

namespace {

/// Up to version 0.4 a round kept at most one tap a rod, under "heard".
void renewHead(Json& head) {
    if (!head.contains("heard") || head.contains("taps"))
        return;
    Json taps = Json::array();
    for (const Json& tap : head.at("heard"))
        taps.push_back(tap.is_null() ? Json::array() : Json::array({tap}));
    head["taps"] = std::move(taps);
}

} // namespace

std::string workText(const Work& work) {
    return Json(work).dump();
}

namespace {

Result<Work, InputProblem> workFrom(Json kept) {
    try {
        for (const char* head : {"batter", "snareSide"})
            renewHead(kept.at(head));
        const Work work = kept.get<Work>();
        if (auto problem = faultIn(work))
            return failure(*problem);
        return work;
    } catch (const Json::exception& problem) {
        return failure(InputProblem{"session", problem.what()});
    }
}

} // namespace

Result<Work, InputProblem> workFromText(const std::string& text) {
    if (text.size() > kLongestState)
        return failure(InputProblem{"session", "is too large for one"});
    return workFrom(parsedJson(text));
}

std::string setupText(const Session& session) {
    Json kept = static_cast<const Work&>(session);
    kept["note"] = noteNow(session);
    return kept.dump();
}

Result<Setup, InputProblem> setupFromText(const std::string& text) {
    if (text.size() > kLongestState)
        return failure(InputProblem{"work", "is too large for one"});
    const Json kept = parsedJson(text);
    auto work = workFrom(kept);
    if (!work)
        return failure(work.fault());
    const Json note = kept.value("note", Json(""));
    return Setup{std::move(work).value(), note.is_string() ? note.get<std::string>() : std::string()};
}

} // namespace bombo
