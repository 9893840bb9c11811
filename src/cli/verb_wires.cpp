#include "cli/verbs.h"
#include "core/acoustics/film.h"
#include "core/tuning/targets.h"

namespace bombo::cli {
namespace {

struct Answers {
    std::vector<WireTest> tests;
    std::vector<RattleTest> rattles;
};

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
    const auto dynamic = named<Dynamic>(*dynamicText, {{"whisper", Dynamic::Whisper},
                                                       {"soft", Dynamic::Soft},
                                                       {"medium", Dynamic::Medium},
                                                       {"loud", Dynamic::Loud}});
    if (!dynamic)
        return InputProblem{"dynamic", "must be whisper, soft, medium or loud"};
    if (*answer != "answered" && *answer != "not")
        return InputProblem{"answer", "must be answered or not, or for a loud stroke rattled or clean"};
    answers.tests.push_back({Turns{*turns}, *place, *dynamic, *answer == "answered"});
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
    const WireAdvice advice = adviseWires({.slackTurns = drum->wires.slackTurns,
                                           .snareSideFilmLoad = targets->snareSide.filmLoad,
                                           .margin = tone->wireMargin,
                                           .current = Turns{*current},
                                           .tests = answers.tests,
                                           .rattles = answers.rattles});
    Json warnings = Json::array();
    if (advice.noUsableSpan)
        warnings.push_back("rattle begins before choking ends: tighten the snare side or change the wires");
    return Json{
        {"advice", adviceName(advice.advice)},
        {"recommended_turns", advice.recommended.value},
        {"error_turns", advice.error.value},
        {"next_test", advice.nextTest ? Json{{"turns", advice.nextTest->value}} : Json()},
        {"span", {{"rattle_turns", advice.rattleBelow.value}, {"choke_turns", advice.chokeAbove.value}}},
        {"margin_turns", std::min(advice.recommended.value - advice.rattleBelow.value,
                                  advice.chokeAbove.value - advice.recommended.value)},
        {"warnings", warnings}};
}

} // namespace bombo::cli
