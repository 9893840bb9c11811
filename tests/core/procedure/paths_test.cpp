#include "core/procedure/paths.h"

#include <algorithm>
#include <gtest/gtest.h>
#include <numeric>

namespace bombo {
namespace paths_test {

std::vector<int> flat(const std::vector<std::vector<int>>& groups) {
    std::vector<int> rods;
    for (const auto& group : groups)
        rods.insert(rods.end(), group.begin(), group.end());
    return rods;
}

std::vector<int> all(int rods) {
    std::vector<int> list(static_cast<std::size_t>(rods));
    std::iota(list.begin(), list.end(), 0);
    return list;
}

TEST(Paths, EveryPathVisitsEveryRodOnceOnEveryCount) {
    for (int rods = 3; rods <= 16; ++rods)
        for (Path path : {Path::OppositePairs, Path::Star, Path::OnceRound}) {
            auto visited = flat(turningOrder(rods, path));
            std::sort(visited.begin(), visited.end());
            EXPECT_EQ(visited, all(rods)) << rods;
        }
}

TEST(Paths, PairsAreOpposite) {
    for (int rods : {6, 8, 10, 12})
        for (const auto& group : turningOrder(rods, Path::OppositePairs)) {
            ASSERT_EQ(group.size(), 2U);
            EXPECT_EQ(group[1] - group[0], rods / 2);
        }
}

TEST(Paths, StarCrossesTheHeadEachTime) {
    for (int rods : {6, 8, 10, 12}) {
        const auto order = flat(turningOrder(rods, Path::Star));
        for (std::size_t i = 1; i < order.size(); i += 2)
            EXPECT_EQ((order[i] - order[i - 1] + rods) % rods, rods / 2);
    }
}

TEST(Paths, OnceRoundGoesRound) {
    EXPECT_EQ(flat(turningOrder(7, Path::OnceRound)), all(7));
}

TEST(Paths, AnOwnSkipVisitsEveryRodOnceOrNamesWhatItMisses) {
    for (int rods = 3; rods <= 16; ++rods)
        for (int skip = 1; skip < rods; ++skip) {
            const auto missed = missedRods(rods, skip);
            // A skip reaches every rod exactly when it shares no divisor with their number.
            EXPECT_EQ(missed.empty(), std::gcd(rods, skip) == 1) << rods << " by " << skip;
            if (!missed.empty())
                continue;
            auto visited = flat(turningOrder(rods, Path::OwnSkip, skip));
            EXPECT_EQ((visited[1] - visited[0] + rods) % rods, skip);
            std::sort(visited.begin(), visited.end());
            EXPECT_EQ(visited, all(rods));
        }
    EXPECT_EQ(missedRods(8, 2), (std::vector<int>{1, 3, 5, 7}));
    EXPECT_EQ(missedRods(10, 5).size(), 8U);
    EXPECT_EQ(missedRods(6, 0).size(), 5U);
    EXPECT_TRUE(missedRods(8, -3).empty()); // the other way round
}

TEST(Paths, TappingFromAnyRodEitherWay) {
    EXPECT_EQ(tappingOrder(6, 2, Direction::CounterClockwise), (std::vector<int>{2, 3, 4, 5, 0, 1}));
    EXPECT_EQ(tappingOrder(6, 2, Direction::Clockwise), (std::vector<int>{2, 1, 0, 5, 4, 3}));
    for (int rods = 5; rods <= 12; ++rods)
        for (int start = 0; start < rods; ++start)
            for (Direction d : {Direction::Clockwise, Direction::CounterClockwise}) {
                auto order = tappingOrder(rods, start, d);
                EXPECT_EQ(order.front(), start);
                std::sort(order.begin(), order.end());
                EXPECT_EQ(order, all(rods));
            }
}

TEST(CountedRounds, SumToTheTotalInEighthsAndNeverGrow) {
    for (double total = 0.0; total < 6.0; total += 0.07) {
        double sum = 0.0;
        double before = 1.0;
        for (Turns t : countedRounds(Turns{total})) {
            EXPECT_LE(t.value, before);
            EXPECT_TRUE(t.value == 0.5 || t.value == 0.25 || t.value == 0.125);
            before = t.value;
            sum += t.value;
        }
        EXPECT_NEAR(sum, std::floor(total * 8.0 + 1e-9) / 8.0, 1e-12) << total;
    }
}

TEST(CountedRounds, NoRoundTurnsFurtherThanTheSchoolAllows) {
    for (const double largest : {1.0, 0.5, 0.25, 0.125})
        for (double total = 0.0; total < 6.0; total += 0.07) {
            double sum = 0.0;
            double before = largest;
            for (const Turns t : countedRounds(Turns{total}, Turns{largest})) {
                EXPECT_LE(t.value, before) << total;
                before = t.value;
                sum += t.value;
            }
            EXPECT_NEAR(sum, std::floor(total * 8.0 + 1e-9) / 8.0, 1e-12) << largest << ' ' << total;
        }
    EXPECT_EQ(countedRounds(Turns{4.0}, Turns{1.0}).front(), Turns{1.0});
    EXPECT_EQ(countedRounds(Turns{2.0}, Turns{0.125}).size(), 16U);
}

TEST(CountedRounds, HalfTurnsOnlyWhileSlack) {
    const auto rounds = countedRounds(Turns{3.0});
    double halves = 0.0;
    for (Turns t : rounds)
        halves += t.value == 0.5 ? 0.5 : 0.0;
    EXPECT_GT(halves, 0.0);
    EXPECT_LE(halves, 1.5);
}

} // namespace paths_test
} // namespace bombo
