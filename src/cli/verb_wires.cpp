#include "cli/verbs.h"
#include "cli/wire_inputs.h"
#include "core/acoustics/film.h"
#include "core/tuning/targets.h"
#include "core/wires/wire_response.h"

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
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return drum.fault();
    const auto tone = toneAt(in, shelf);
    if (!tone)
        return tone.fault();
    const auto current = numberAt(in, "strainer_turns");
    if (!current)
        return current.fault();
    const auto targets = targetsFor(*drum, *tone);
    if (!targets)
        return Cannot{"this drum cannot reach the tone; see plan"};
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
    const Sweep sweep{.slackTurns = drum->wires.slackTurns,
                      .snareSideFilmLoad = targets->snareSide.filmLoad,
                      .margin = tone->wireMargin,
                      .current = Turns{*current},
                      .tests = answers.tests,
                      .rattles = answers.rattles};
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
             {"warnings", warnings}};
    const EighthMore more =
        eighthMore(*drum, drumState(*drum, targets->batter.tension, targets->snareSide.tension),
                   tensionPerTurnPrior(*drum, HeadSide::SnareSide));
    out["snare_side_eighth_more"] = {{"room_turns", more.room.value},
                                     {"film_load_now", more.loadNow},
                                     {"film_load_then", more.loadThen},
                                     {"raised_cents", more.raised.value}};
    if (in.contains("layout")) {
        const auto layout = layoutAt(in["layout"]);
        if (!layout)
            return InputProblem{"layout." + layout.fault().key, layout.fault().message};
        out["fit"] = fitJson(drum->shell, *layout);
    }
    return out;
}

} // namespace bombo::cli
