#include "support/fault_asking.h"

#include "core/record/json_values.h"
#include "core/units/median.h"

#include <algorithm>
#include <chrono>
#include <fstream>
#include <stdexcept>

namespace bombo::testing {
namespace {

/// Of the tests of a complaint that were not asked, the first in the order of the causes' odds: to each its
/// most telling check, and then what is left.
std::optional<std::size_t> fixedOrder(const FaultNet& net, const FaultCase& faultCase) {
    const std::size_t complaint = *indexOf(net.complaints, faultCase.complaint);
    std::vector<std::size_t> order;
    const auto add = [&](std::size_t test) {
        if (net.tests[test].asked[complaint] && std::find(order.begin(), order.end(), test) == order.end())
            order.push_back(test);
    };
    for (const CauseOdds& cause : priorOdds(net, faultCase.complaint)) {
        std::optional<std::size_t> best;
        double most = 0.3;
        for (std::size_t i = 0; i < net.tests.size(); ++i)
            if (const auto& under = net.tests[i].under[cause.cause];
                !under.empty() && net.tests[i].asked[complaint] &&
                under.back() - net.tests[i].usual.back() > most) {
                most = under.back() - net.tests[i].usual.back();
                best = i;
            }
        if (best)
            add(*best);
    }
    for (std::size_t i = 0; i < net.tests.size(); ++i)
        add(i);
    for (const std::size_t test : order)
        if (std::none_of(faultCase.answers.begin(), faultCase.answers.end(),
                         [&](const FaultAnswer& a) { return a.test == net.tests[test].id; }))
            return test;
    return std::nullopt;
}

} // namespace

int AskedScore::medianQuestions() const {
    return medianOf(questions);
}
int AskedScore::mostQuestions() const {
    return *std::max_element(questions.begin(), questions.end());
}

FaultNet faultNetOf(const std::string& folder) {
    std::ifstream file(folder + "/faults.json");
    auto net = faultNetFromJson(Json::parse(file));
    if (!net)
        throw std::runtime_error("faults.json: " + net.fault().text());
    return std::move(net).value();
}

void searchFor(const FaultNet& net, const FaultyDrum& drum, const std::string& complaint,
               std::span<const FaultFigure> figures, std::uint64_t seed, AskingOrder order,
               AskedScore& score) {
    Dice dice(seed);
    FaultCase faultCase = begunCase(complaint, 0);
    FaultsSay say;
    for (;;) {
        const auto before = std::chrono::steady_clock::now();
        say = faultsSay(net, faultCase, figures);
        const std::chrono::duration<double, std::milli> took = std::chrono::steady_clock::now() - before;
        score.slowestMs = std::max(score.slowestMs, took.count());
        if (faultCase.answers.empty())
            score.foretold += say.toGo;
        std::optional<std::size_t> test;
        if (order == AskingOrder::Telling && !say.stands && say.next)
            test = say.next->test;
        if (order == AskingOrder::Fixed && say.causes.front().odds < kStandsFrom)
            test = fixedOrder(net, faultCase);
        if (!test)
            break;
        faultCase.answers.push_back({net.tests[*test].id, drum.answer(net.tests[*test], complaint, dice)});
    }
    ++score.cases;
    const std::string& found = net.causes[say.causes[0].cause].id;
    const bool isFirst = found == drum.cause;
    score.first += isFirst;
    score.two += isFirst || net.causes[say.causes[1].cause].id == drum.cause;
    score.questions.push_back(static_cast<int>(faultCase.answers.size()));
    score.stated += say.causes[0].odds;
    if (!isFirst)
        score.missed.push_back(drum.cause + " taken for " + complaint + ": " + found);
}

} // namespace bombo::testing
