/// What may be wrong with a drum, and what to try next.
#include "cli/opened_workbook.h"
#include "core/faults/fault_search.h"
#include "core/record/fault_evidence.h"
#include "store/resources.h"

#include <algorithm>

namespace bombo::cli {
namespace {

const char* harmName(Harm harm) {
    switch (harm) {
    case Harm::None:
        return "none";
    case Harm::Turned:
        return "turned";
    case Harm::Irreversible:
        break;
    }
    return "irreversible";
}

/// In the order of the net: it makes no difference to the odds.
std::vector<FaultAnswer> answersIn(const Json& in, const FaultNet& net) {
    std::vector<FaultAnswer> answers;
    if (!in.contains("answers"))
        return answers;
    for (const FaultTest& test : net.tests) {
        if (!in["answers"].contains(test.id))
            continue;
        const std::string said = in["answers"][test.id].get<std::string>();
        const auto level = std::find(test.answers.begin(), test.answers.end(), said);
        answers.push_back({test.id, level == test.answers.end()
                                        ? std::nullopt
                                        : std::optional(static_cast<int>(level - test.answers.begin()))});
    }
    return answers;
}

Json testJson(const FaultTest& test, double bits) {
    return {{"id", test.id},
            {"answers", test.answers},
            {"cost", test.seconds},
            {"harm", harmName(test.harm)},
            {"tells_bits", bits}};
}

Json remedyJson(const FaultCause& cause) {
    Json steps = Json::array();
    for (const RemedyStep& step : cause.remedy)
        steps.push_back({{"station", step.station}, {"step", step.step}});
    return {{"cause", cause.id}, {"steps", steps}};
}

} // namespace

Answer faults(const std::string& workbook, const Json& in, std::int64_t now) {
    const FaultNet& net = faultNet();
    const auto complaint = textAt(in, "complaint");
    if (!complaint)
        return complaint.fault();
    FaultCase faultCase = begunCase(*complaint, 0);
    faultCase.answers = answersIn(in, net);
    std::vector<FaultFigure> figures;
    std::vector<FoundCause> found;
    std::string drumId;
    if (in.contains("drum")) {
        if (workbook.empty())
            return InputProblem{"--workbook", "is needed before faults where a drum is named"};
        const auto from = opened(workbook);
        if (!from)
            return from.fault();
        const auto session = sessionOf(*from, in["drum"].get<std::string>());
        if (!session)
            return session.fault();
        drumId = session->drum.id;
        figures = faultFigures(*session, of(*from, drumId), now);
        found = session->foundCauses;
    }
    const FaultsSay say = faultsSay(net, faultCase, figures, found, drumId);
    Json out{{"complaint", *complaint}, {"causes", Json::array()}, {"unexplained_odds", say.unexplained}};
    for (const CauseOdds& one : say.causes)
        if (one.odds >= 0.005)
            out["causes"].push_back({{"id", net.causes[one.cause].id}, {"odds", one.odds}});
    out["known"] = Json::array();
    for (const FaultFigure& figure : figures)
        out["known"].push_back(
            {{"measure", figure.measure}, {"value", figure.value}, {"standard_error", figure.error}});
    out["next_test"] = say.next && !say.stands ? testJson(net.tests[say.next->test], say.next->bits) : Json();
    out["remedy"] = say.stands ? remedyJson(net.causes[*say.stands]) : Json();
    return out;
}

} // namespace bombo::cli
