#include "support/drawn_cases.h"

#include "core/units/dice.h"

#include <algorithm>

namespace bombo::testing {
namespace {

int levelBy(const std::vector<double>& chances, Dice& dice) {
    double at = dice.uniform(0, 1);
    for (std::size_t i = 0; i + 1 < chances.size(); ++i)
        if ((at -= chances[i]) < 0)
            return static_cast<int>(i);
    return static_cast<int>(chances.size()) - 1;
}

/// What a drum with these causes answers to a test.
int answerOf(const FaultNet& net, const FaultTest& test, const std::vector<bool>& has, Dice& dice) {
    int worst = levelBy(test.usual, dice);
    for (std::size_t i = 0; i < has.size(); ++i)
        if (has[i] && !test.under[i].empty())
            worst = std::max(worst, levelBy(test.under[i], dice));
    const int levels = static_cast<int>(test.answers.size());
    if (dice.uniform(0, 1) < net.slip)
        worst = (worst + 1 + static_cast<int>(dice.uniform(0, levels - 1))) % levels;
    return worst;
}

} // namespace

DrawnOdds drawnOdds(const FaultNet& net, std::size_t complaint,
                    const std::vector<std::pair<const FaultTest*, int>>& answers, int draws,
                    std::uint64_t seed) {
    Dice dice(seed);
    DrawnOdds drawn{0, std::vector<double>(net.causes.size(), 0.0)};
    const std::vector<double>& brings = net.complaints[complaint].by;
    // A cause that has no part in this complaint and shows in none of the tests tells nothing: it is not
    // drawn.
    std::vector<bool> tells(net.causes.size());
    for (std::size_t c = 0; c < tells.size(); ++c)
        tells[c] = brings[c] > 0 || std::any_of(answers.begin(), answers.end(), [&](const auto& answer) {
                       return !answer.first->under[c].empty();
                   });
    std::vector<bool> has(net.causes.size());
    std::vector<std::size_t> by;
    for (int i = 0; i < draws; ++i) {
        by.clear();
        for (std::size_t c = 0; c < has.size(); ++c) {
            has[c] = tells[c] && dice.uniform(0, 1) < net.causes[c].share;
            if (has[c] && dice.uniform(0, 1) < brings[c])
                by.push_back(c);
        }
        if (by.empty() || !std::all_of(answers.begin(), answers.end(), [&](const auto& answer) {
                return answerOf(net, *answer.first, has, dice) == answer.second;
            }))
            continue;
        ++drawn.cases;
        drawn.brought[by[static_cast<std::size_t>(dice.uniform(0, static_cast<double>(by.size())))]] += 1;
    }
    for (double& share : drawn.brought)
        share /= std::max(1.0, drawn.cases);
    return drawn;
}

} // namespace bombo::testing
