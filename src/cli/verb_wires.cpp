#include "cli/tuned_drum.h"
#include "cli/wire_inputs.h"
#include "core/acoustics/film.h"
#include "core/reading/voice_answer.h"
#include "core/wires/wire_response.h"
#include "store/sound_file.h"

namespace bombo::cli {
namespace {

struct Answers {
    std::vector<WireTest> tests;
    std::vector<RattleTest> rattles;
    bool late = false;
};

const char* dynamicName(Dynamic dynamic) {
    static constexpr std::array names{"whisper", "soft", "medium", "loud"};
    return names.at(static_cast<std::size_t>(dynamic));
}

template <class E>
std::optional<E> named(const std::string& name, std::initializer_list<std::pair<const char*, E>> names) {
    for (const auto& [known, value] : names)
        if (name == known)
            return value;
    return std::nullopt;
}

std::optional<InputProblem> readAnswer(const Json& entry, Answers& answers) {
    const auto turns = numberAt(entry, "turns");
    if (!turns)
        return turns.fault();
    const auto answer = textAt(entry, "answer");
    if (!answer)
        return answer.fault();
    if (*answer == "rattled" || *answer == "clean") {
        answers.rattles.push_back({Turns{*turns}, *answer == "rattled"});
        return std::nullopt;
    }
    const auto placeText = textAt(entry, "place");
    if (!placeText)
        return placeText.fault();
    const auto dynamicText = textAt(entry, "dynamic");
    if (!dynamicText)
        return dynamicText.fault();
    const auto place =
        named<StrokePlace>(*placeText, {{"middle", StrokePlace::Middle}, {"edge", StrokePlace::Edge}});
    if (!place)
        return InputProblem{"place", "must be \"middle\" or \"edge\""};
    std::optional<Dynamic> dynamic;
    for (const Dynamic known : kDynamics)
        if (*dynamicText == dynamicName(known))
            dynamic = known;
    if (!dynamic)
        return InputProblem{"dynamic", "must be whisper, soft, medium or loud"};
    const bool answered = *answer == "answered" || *answer == "late";
    if (!answered && *answer != "not" && *answer != "choked")
        return InputProblem{"answer",
                            "must be answered, late, not or choked, or for a loud stroke rattled or clean"};
    answers.late = answers.late || *answer == "late";
    answers.tests.push_back({Turns{*turns}, *place, *dynamic, answered});
    return std::nullopt;
}

const char* adviceName(StrainerAdvice advice) {
    switch (advice) {
    case StrainerAdvice::Tighten:
        return "tighten";
    case StrainerAdvice::Loosen:
        return "loosen";
    case StrainerAdvice::Leave:
        return "leave";
    case StrainerAdvice::TestMore:
        break;
    }
    return "test_more";
}

/// "school": by what the setting is judged; "as_tone" without it.
Result<WireJudging, InputProblem> judgingAt(const Json& in) {
    if (!in.contains("school"))
        return WireJudging::AsTone;
    const auto name = textAt(in, "school");
    if (!name)
        return failure(name.fault());
    const auto judging = named<WireJudging>(*name, {{"as_tone", WireJudging::AsTone},
                                                    {"loosest_clean", WireJudging::LoosestClean},
                                                    {"equal_lengths", WireJudging::EqualLengths},
                                                    {"dry", WireJudging::Dry},
                                                    {"wet", WireJudging::Wet}});
    if (!judging)
        return failure(InputProblem{"school", "must be as_tone, loosest_clean, equal_lengths, dry or wet"});
    return *judging;
}

/// "lengths": of "turns", "buzz_s" and "tone_s", as heard at the stops.
Result<std::vector<LengthPoint>, InputProblem> lengthsAt(const Json& in) {
    std::vector<LengthPoint> points;
    if (!in.contains("lengths"))
        return points;
    if (!in["lengths"].is_array())
        return failure(InputProblem{"lengths", "must be an array"});
    for (const Json& entry : in["lengths"]) {
        const auto turns = numberAt(entry, "turns");
        const auto buzz = numberAt(entry, "buzz_s");
        const auto tone = numberAt(entry, "tone_s");
        const std::string at = "lengths[" + std::to_string(points.size()) + "].";
        for (const auto* value : {&turns, &buzz, &tone})
            if (!*value)
                return failure(InputProblem{at + value->fault().key, value->fault().message});
        if (!(*buzz > 0.0) || !(*tone > 0.0))
            return failure(InputProblem{at + "buzz_s", "lengths are above 0"});
        points.push_back({Turns{*turns}, Seconds{*buzz}, Seconds{*tone}});
    }
    return points;
}

/// "voice": sound files of the same hum, "lever_off" and "lever_on". By how much more it hisses then, dB.
Result<double, InputProblem> voiceGainAt(const Json& in) {
    std::array<double, 2> hiss{};
    constexpr std::array keys{"lever_off", "lever_on"};
    for (std::size_t i = 0; i < keys.size(); ++i) {
        const auto path = textAt(in, keys.at(i));
        if (!path)
            return failure(path.fault());
        const auto sound = readSoundFile(*path);
        if (!sound)
            return failure(InputProblem{keys.at(i), problemText(sound.fault())});
        const auto heard = hissOverVoice(sound->samples, sound->sampleRate);
        if (!heard)
            return failure(InputProblem{keys.at(i), heard.fault() == VoiceFault::TooQuiet
                                                        ? "no voice is loud enough in it"
                                                        : "must hold at least half a second of voice"});
        hiss.at(i) = *heard;
    }
    return hiss[1] - hiss[0];
}

/// Where every stroke chokes, with its error.
Json chokesJson(const WireAdvice& advice) {
    Json chokes = Json::array();
    for (const StrokePlace place : kPlaces)
        for (const Dynamic dynamic : kDynamics) {
            const ChokePlace& choke = advice.choke(place, dynamic);
            chokes.push_back({{"place", place == StrokePlace::Edge ? "edge" : "middle"},
                              {"dynamic", dynamicName(dynamic)},
                              {"choke_turns", choke.turns.value},
                              {"error_turns", choke.error.value}});
        }
    return chokes;
}

/// What the strands do at the recommended stop, and how long they strike after a medium stroke there.
Json contactJson(const Drum& drum, const DrumState& state, const WireAdvice& advice) {
    const WirePull pull = wirePull(drum, state.snareSide.tension, advice.recommended,
                                   advice.choke(StrokePlace::Middle, Dynamic::Whisper).turns, advice.contact);
    const Seconds strikes = strikeLength(
        strokeModes(drum, state, StrokePlace::Middle),
        pullDb(advice.choke(StrokePlace::Middle, Dynamic::Medium).turns, advice.recommended, advice.contact));
    const auto enough = tightEnough(drum, state, advice.chokeAbove - advice.rattleBelow, advice.reach());
    return {{"strike_s", strikes.value},
            {"force_n", pull.force},
            {"strands_n", pull.strands},
            {"bend_m", pull.bend.value},
            {"raised_cents", pull.raised.value},
            {"snare_side_enough_n_m", enough ? Json(enough->value) : Json()}};
}

/// Where to go next and the first stroke to try there.
Json nextTestJson(const WireAdvice& advice, Sweep sweep) {
    if (!advice.nextTest)
        return {};
    Json next{{"turns", advice.nextTest->value}};
    sweep.current = *advice.nextTest;
    if (const auto stroke = nextStroke(sweep)) {
        next["place"] = stroke->place == StrokePlace::Edge ? "edge" : "middle";
        next["dynamic"] = dynamicName(stroke->dynamic);
        next["asks"] = stroke->asksRattle ? "rattled or clean" : "answered or not";
    }
    return next;
}

} // namespace

Answer wires(const Json& in, const Shelf& shelf) {
    const auto tuned = tunedDrumAt(in, shelf);
    if (!tuned)
        return tuned.fault();
    const auto& [drum, tone, targets, state] = *tuned;
    Answers answers;
    if (in.contains("tests")) {
        if (!in["tests"].is_array())
            return InputProblem{"tests", "must be an array"};
        int index = 0;
        for (const Json& entry : in["tests"]) {
            if (auto problem = readAnswer(entry, answers))
                return InputProblem{"tests[" + std::to_string(index) + "]." + problem->key, problem->message};
            ++index;
        }
    }
    // Where the knob stands: as said, else at the last stop that was tried.
    Turns current = answers.tests.empty() ? Turns{} : answers.tests.back().turns;
    if (in.contains("strainer_turns")) {
        const auto said = numberAt(in, "strainer_turns");
        if (!said)
            return said.fault();
        current = Turns{*said};
    }
    const auto judging = judgingAt(in);
    if (!judging)
        return judging.fault();
    const auto lengths = lengthsAt(in);
    if (!lengths)
        return lengths.fault();
    Sweep sweep{.slackTurns = drum.wires.slackTurns,
                .snareSideFilmLoad = targets.snareSide.filmLoad,
                .margin = tone.wireMargin,
                .current = current,
                .judging = *judging,
                .tests = answers.tests,
                .rattles = answers.rattles};
    const WireAdvice span = adviseWires(sweep);
    sweep.equalLengths = whereLengthsMeet(*lengths, span.rattle.turns, span.chokeAbove);
    const WireAdvice advice = adviseWires(sweep);
    Json warnings = Json::array();
    if (advice.noUsableSpan)
        warnings.push_back("rattle begins before choking ends: tighten the snare side or change the wires");
    if (advice.contradictory)
        warnings.push_back("two answers contradict each other: try the strokes at that stop again");
    if (advice.onePlaceOnly)
        warnings.push_back("strokes at one place only: the other is taken from usual drums");
    if (answers.late)
        warnings.push_back("late answers: the snare side is low, or the wires are near their loose end");
    Json out{{"advice", adviceName(advice.advice)},
             {"recommended_turns", advice.recommended.value},
             {"error_turns", advice.error.value},
             {"next_test", nextTestJson(advice, sweep)},
             {"span", {{"rattle_turns", advice.rattleBelow.value}, {"choke_turns", advice.chokeAbove.value}}},
             {"margin_turns", std::min(advice.recommended.value - advice.rattleBelow.value,
                                       advice.chokeAbove.value - advice.recommended.value)},
             {"chokes", chokesJson(advice)},
             {"contact", contactJson(drum, state, advice)},
             {"warnings", warnings}};
    const EighthMore more =
        eighthMore(drum, state, tensionPerTurnPrior(drum, HeadSide::SnareSide), advice.reach());
    out["snare_side_eighth_more"] = {{"room_turns", more.room.value},
                                     {"film_load_now", more.loadNow},
                                     {"film_load_then", more.loadThen},
                                     {"raised_cents", more.raised.value}};
    if (in.contains("voice")) {
        const auto gain = voiceGainAt(in["voice"]);
        if (!gain)
            return InputProblem{"voice." + gain.fault().key, gain.fault().message};
        out["voice"] = {{"gain_db", *gain}, {"answers", *gain >= kVoiceAnswersFrom}};
    }
    if (in.contains("layout")) {
        const auto layout = layoutAt(in["layout"]);
        if (!layout)
            return InputProblem{"layout." + layout.fault().key, layout.fault().message};
        out["fit"] = fitJson(drum.shell, *layout);
    }
    return out;
}

} // namespace bombo::cli
