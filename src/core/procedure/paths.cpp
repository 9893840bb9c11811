#include "core/procedure/paths.h"

#include <array>
#include <cmath>
#include <numeric>

namespace bombo {
namespace {

/// 0..count-1 in strides coprime to the count and as near to the golden section as can be, so that
/// neighbours in time are far apart in place.
std::vector<int> spread(int count) {
    int stride = 1;
    double nearest = count;
    for (int candidate = 1; candidate < count; ++candidate) {
        const double distance = std::abs(candidate - 0.5 * count);
        if (std::gcd(candidate, count) == 1 && distance < nearest) {
            nearest = distance;
            stride = candidate;
        }
    }
    std::vector<int> order;
    for (int i = 0; i < count; ++i)
        order.push_back(i * stride % count);
    return order;
}

} // namespace

std::vector<int> missedRods(int rods, int skip) {
    std::vector<bool> reached(static_cast<std::size_t>(rods), false);
    const int step = (skip % rods + rods) % rods;
    for (int i = 0, rod = 0; i < rods; ++i, rod = (rod + step) % rods)
        reached[static_cast<std::size_t>(rod)] = true;
    std::vector<int> missed;
    for (int rod = 0; rod < rods; ++rod)
        if (!reached[static_cast<std::size_t>(rod)])
            missed.push_back(rod);
    return missed;
}

std::vector<std::vector<int>> turningOrder(int rods, Path path, int skip) {
    std::vector<std::vector<int>> order;
    if (path == Path::OwnSkip && missedRods(rods, skip).empty()) {
        for (int i = 0; i < rods; ++i)
            order.push_back({i * skip % rods});
        return order;
    }
    if (path == Path::OnceRound) {
        for (int rod = 0; rod < rods; ++rod)
            order.push_back({rod});
        return order;
    }
    if (rods % 2 == 1) {
        for (int rod : spread(rods))
            order.push_back({rod});
        return order;
    }
    for (int pair : spread(rods / 2)) {
        if (path == Path::OppositePairs) {
            order.push_back({pair, pair + rods / 2});
        } else {
            order.push_back({pair});
            order.push_back({pair + rods / 2});
        }
    }
    return order;
}

std::vector<int> tappingOrder(int rods, int start, Direction direction) {
    const int step = direction == Direction::CounterClockwise ? 1 : rods - 1;
    std::vector<int> order;
    for (int i = 0; i < rods; ++i)
        order.push_back((start + i * step) % rods);
    return order;
}

std::vector<Turns> countedRounds(Turns total, Turns largest) {
    struct Step {
        int eighths;
        double until; ///< share of the way up to which rounds of this size go
    };
    constexpr std::array steps{Step{8, 0.25}, Step{4, 0.5}, Step{2, 1.0}, Step{1, 1.0}};
    const int all = static_cast<int>(std::floor(total.value * 8.0 + 1e-9));
    std::vector<Turns> rounds;
    int done = 0;
    for (const Step& step : steps) {
        const int until = static_cast<int>(step.until * all);
        while (step.eighths <= largest.value * 8.0 + 1e-9 && done + step.eighths <= until) {
            rounds.push_back(Turns{step.eighths / 8.0});
            done += step.eighths;
        }
    }
    return rounds;
}

} // namespace bombo
