#include "core/record/head_heard.h"

#include "core/procedure/head_rounds.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kTapScatter = 2.0;   // cents of one rod
constexpr double kRoundScatter = 1.0; // of a whole round: finger, room, stool (estimate)

} // namespace

const FinishedRound* asFound(const HeadWork& work) {
    if (work.condition != HeadCondition::AsItStands || work.history.empty())
        return nullptr;
    const FinishedRound& first = work.history.front();
    const bool isUntouched = std::all_of(first.rodTurns.begin(), first.rodTurns.end(),
                                         [](Turns turns) { return turns.value == 0.0; });
    return isUntouched && !isSilent(first.way.kind) ? &first : nullptr;
}

Cents errorOf(const FinishedRound& round) {
    double squares = 0.0;
    int rods = 0;
    for (const auto& reading : round.readings)
        if (reading) {
            const double own =
                errorInCents(reading->standardError.value_or(Hertz{}), reading->frequency).value;
            squares += own * own + kTapScatter * kTapScatter;
            ++rods;
        }
    return {std::hypot(std::sqrt(squares) / std::max(1, rods), kRoundScatter)};
}

std::vector<double> rodsOf(const FinishedRound& round) {
    std::vector<double> cents;
    for (const Cents heard : estimateOf(round).heard)
        cents.push_back(std::round(10.0 * heard.value) / 10.0);
    return cents;
}

} // namespace bombo
