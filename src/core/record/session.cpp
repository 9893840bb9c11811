#include "core/record/session.h"

#include "core/record/session_steps.h"

namespace bombo {
namespace {

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
    return std::visit([&](const auto& c) { return carryOut(std::move(session), c); }, command);
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
