#include "core/practice/turn_feel.h"

#include <cmath>

namespace bombo {

std::optional<TurnFeel> turnFeel(std::span<const FeelTap> taps, const RodPull& pull) {
    if (taps.size() < 3)
        return std::nullopt;
    const auto count = static_cast<double>(taps.size() - 1);
    TurnFeel feel;
    double sum = 0.0;
    double earSquare = 0.0;  // of each turn, the mean
    double meanSquare = 0.0; // of the mean of all
    for (std::size_t i = 0; i < taps.size(); ++i) {
        const bool isEnd = i == 0 || i + 1 == taps.size();
        meanSquare += std::pow((isEnd ? 1.0 : 2.0) * taps[i].error.value / count, 2);
        if (i == 0)
            continue;
        const double up = centsBetween(taps[i - 1].pitch, taps[i].pitch).value / pull.centsPerTurn;
        feel.turned.push_back(Turns{i % 2 == 1 ? up : -up});
        sum += feel.turned.back().value;
        earSquare += (std::pow(taps[i].error.value, 2) + std::pow(taps[i - 1].error.value, 2)) / count;
    }
    const double perTurn2 = pull.centsPerTurn * pull.centsPerTurn;
    const double mean = sum / count;
    double scatter = 0.0;
    for (const Turns& one : feel.turned)
        scatter += std::pow(one.value - mean, 2) / (count - 1.0);
    feel.mean = Turns{mean};
    feel.earError = Turns{std::sqrt(earSquare / perTurn2)};
    feel.spread = Turns{std::sqrt(std::max(0.0, scatter - earSquare / perTurn2))};
    // The hand's own scatter is in the mean as well.
    const double hand = feel.spread.value / std::sqrt(count);
    feel.meanError = Turns{std::sqrt(meanSquare / perTurn2 + hand * hand + std::pow(mean * pull.error, 2))};
    feel.left = centsBetween(taps.front().pitch, taps.back().pitch);
    return feel;
}

} // namespace bombo
