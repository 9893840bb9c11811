#include "core/acoustics/tension_field.h"
#include "core/tuning/evenness.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>
#include <random>

namespace bombo {
namespace evenness_test {

using testing::plover;

/// What taps hear of a field of own deviations, in cents, around a pitch.
std::vector<std::optional<RodPitches>> heardOf(const Eigen::VectorXd& field, double hz,
                                               bool withSecond = true) {
    const int rods = static_cast<int>(field.size());
    const Eigen::VectorXd edge = heardKernel(rods, 1) * field;
    const Eigen::VectorXd second = heardKernel(rods, 2) * field;
    std::vector<std::optional<RodPitches>> readings;
    for (int i = 0; i < rods; ++i) {
        RodPitches r{moved(Hertz{hz}, Cents{edge[i]}), std::nullopt};
        if (withSecond)
            r.second = moved(Hertz{1.37 * hz}, Cents{second[i]});
        readings.push_back(r);
    }
    return readings;
}

Eigen::VectorXd own(const EvennessEstimate& estimate) {
    return Eigen::Map<const Eigen::VectorXd>(estimate.deviation.data(),
                                             static_cast<Eigen::Index>(estimate.deviation.size()));
}

Eigen::VectorXd evenField(int rods, unsigned seed, double size) {
    std::mt19937 engine(seed);
    std::uniform_real_distribution<double> any(-size, size);
    Eigen::VectorXd field(rods);
    for (int j = 0; j < rods; ++j)
        field[j] = rods % 2 == 0 && j >= rods / 2 ? field[j - rods / 2] : any(engine);
    return field.array() - field.mean();
}

TEST(EvennessEstimate, FindsTheEvenPartOfTheField) {
    for (int rods : {6, 8, 10})
        for (unsigned seed = 1; seed <= 5; ++seed) {
            const Eigen::VectorXd field = evenField(rods, seed, 40.0);
            const EvennessEstimate e = estimateEvenness(heardOf(field, 300.0));
            EXPECT_NEAR(e.mean.value, 300.0, 1.0);
            // Harmonics 2 and 4 are heard; on 10 rods nothing else is even. The prior shrinks a little.
            const Eigen::VectorXd expected = heardKernel(rods, 1) * field;
            const Eigen::VectorXd got = heardKernel(rods, 1) * own(e);
            EXPECT_LT((got - expected).cwiseAbs().maxCoeff(), 3.0) << rods << ' ' << seed;
        }
}

TEST(EvennessEstimate, ReadingsOfUnlikeErrorsDoNotMoveTheMean) {
    for (unsigned seed = 1; seed <= 5; ++seed) {
        const Eigen::VectorXd field = evenField(8, seed, 80.0);
        auto readings = heardOf(field, 300.0, false);
        for (std::size_t rod = 0; rod < readings.size();
             ++rod) // of each pair of neighbours one is hardly known
            readings[rod]->error = Cents{rod % 2 == 0 ? 0.5 : 12.0};
        const EvennessEstimate e = estimateEvenness(readings);
        EXPECT_NEAR(centsBetween(Hertz{300.0}, e.mean).value, 0.0, 4.0) << seed;
        const Eigen::VectorXd heard = heardKernel(8, 1) * field;
        for (std::size_t rod = 0; rod < readings.size(); ++rod)
            EXPECT_NEAR(e.heard[rod].value, heard[static_cast<Eigen::Index>(rod)], 6.0) << seed << ' ' << rod;
    }
}

TEST(EvennessEstimate, OnSixRodsTheSecondPairSaysNothingNew) {
    const Eigen::VectorXd field = evenField(6, 3, 40.0);
    auto readings = heardOf(field, 300.0);
    const EvennessEstimate alone = estimateEvenness(heardOf(field, 300.0, false));
    for (auto& reading : readings)
        reading->second = Hertz{411.0}; // flat all round, whatever the head does
    const EvennessEstimate with = estimateEvenness(readings);
    EXPECT_FALSE(with.fourthHarmonicKnown);
    for (std::size_t rod = 0; rod < 6; ++rod)
        EXPECT_NEAR(with.heard[rod].value, alone.heard[rod].value, 1e-9);
}

/// A head that hears its unevenness weakly: what lies 24 cents off is not done at a tolerance of 10.
TEST(PlanMoves, AWeakShareDoesNotHideWhatIsHeard) {
    constexpr double share = 0.45;
    Eigen::VectorXd field(8);
    for (int rod = 0; rod < 8; ++rod)
        field[rod] = 160.0 * std::cos(2.0 * rodAngle(rod, 8).value);
    const Eigen::VectorXd heard = heardKernel(8, 1, share) * field;
    ASSERT_GT(heard.cwiseAbs().maxCoeff(), 24.0);
    std::vector<std::optional<RodPitches>> readings;
    for (int rod = 0; rod < 8; ++rod)
        readings.push_back(RodPitches{moved(Hertz{300.0}, Cents{heard[rod]}), std::nullopt, {}, {}});
    const EvennessEstimate now = estimateEvenness(readings, {}, {share, 0.05});
    EXPECT_NEAR(now.deviation[0], field[0], 12.0); // shrunk a little by the prior
    MoveLimits limits;
    limits.evening = {share, 0.05};
    const MovePlan plan =
        planMoves(now, Hertz{300.0}, std::vector<Turns>(8, Turns{2.0}),
                  learnTurnResponse(plover(), HeadSide::Batter, {}), plover().batterHead, limits);
    EXPECT_FALSE(plan.moves.empty()) << "done at " << heard.cwiseAbs().maxCoeff() << " cents";
}

TEST(EvennessEstimate, OppositeRodsShareWhatTapsCannotTell) {
    Eigen::VectorXd field = Eigen::VectorXd::Zero(8);
    field[1] = 40.0; // one rod alone
    const EvennessEstimate e = estimateEvenness(heardOf(field, 300.0));
    EXPECT_NEAR(e.deviation[1], e.deviation[5], 1e-6);
    Eigen::VectorXd odd(8);
    for (int j = 0; j < 8; ++j)
        odd[j] = std::cos(rodAngle(j, 8).value);
    EXPECT_NEAR(own(e).dot(odd), 0.0, 1e-6); // along it, nothing was learnt
}

TEST(EvennessEstimate, SecondPairShowsEveryOtherRodHigh) {
    // Rods up and down in turn: (1,1) is deaf to it, (2,1) hears it.
    Eigen::VectorXd field(8);
    for (int j = 0; j < 8; ++j)
        field[j] = j % 2 == 0 ? 20.0 : -20.0;
    EXPECT_LT(widestOwn(estimateEvenness(heardOf(field, 300.0, false))).value, 1.0);
    const EvennessEstimate e = estimateEvenness(heardOf(field, 300.0));
    EXPECT_TRUE(e.fourthHarmonicKnown);
    EXPECT_GT(own(e).dot(field) / field.squaredNorm(), 0.9);
}

TEST(EvennessEstimate, ReportsWhatWasHeard) {
    const EvennessEstimate e = estimateEvenness({RodPitches{Hertz{300}, {}}, RodPitches{Hertz{303}, {}},
                                                 RodPitches{Hertz{297}, {}}, RodPitches{Hertz{300}, {}}});
    EXPECT_EQ(e.heard.size(), 4U);
    EXPECT_NEAR(e.widest.value, 17.3, 0.2);
    double sum = 0.0;
    for (Cents c : e.heard)
        sum += c.value;
    EXPECT_NEAR(sum, 0.0, 1e-9);
    EXPECT_FALSE(e.fourthHarmonicKnown);
}

MovePlan planFor(const std::vector<std::optional<RodPitches>>& readings, double target, double turns = 2.0,
                 MoveLimits limits = {.tolerance = Cents{8.0}}) {
    const Drum drum = plover(static_cast<int>(readings.size()));
    const EvennessEstimate e = estimateEvenness(readings);
    const TurnResponse response = learnTurnResponse(
        drum, HeadSide::Batter, {{Turns{turns}, tensionFromHeard(drum, HeadSide::Batter, e.mean, {})}});
    return planMoves(e, Hertz{target}, std::vector<Turns>(readings.size(), Turns{turns}), response,
                     drum.batterHead, limits);
}

TEST(PlanMoves, NothingToDoIsNoMove) {
    const MovePlan plan = planFor(heardOf(Eigen::VectorXd::Zero(8), 300.0), 300.0);
    EXPECT_TRUE(plan.moves.empty());
    EXPECT_TRUE(plan.reachesTolerance);
    EXPECT_FALSE(plan.heldByFilm);
}

TEST(PlanMoves, OneStrayPairIsOneMoveInTheRightDirection) {
    Eigen::VectorXd field = Eigen::VectorXd::Zero(8);
    field[2] = field[6] = -70.0;
    const MovePlan plan =
        planFor(heardOf(field, 300.0), moved(Hertz{300}, Cents{17.5}).value); // the other rods' pitch
    ASSERT_FALSE(plan.moves.empty());
    EXPECT_EQ(plan.moves[0].rods, (std::vector<int>{2, 6}));
    EXPECT_GT(plan.moves[0].turns.value, 0.0);
    EXPECT_LE(plan.moves.size(), 2U);
}

TEST(PlanMoves, MovesAreEighthsOfPairsEachVisitedOnce) {
    for (int rods : {6, 8, 10})
        for (unsigned seed = 1; seed <= 8; ++seed) {
            const MovePlan plan = planFor(heardOf(evenField(rods, seed, 60.0), 290.0), 300.0);
            std::vector<int> visited;
            for (const RodMove& move : plan.moves) {
                EXPECT_EQ(move.rods.size(), 2U);
                EXPECT_EQ(move.rods[1] - move.rods[0], rods / 2);
                const double eighths = move.turns.value * 8.0;
                EXPECT_NEAR(eighths, std::round(eighths), 1e-9); // sixteenths only to finish
                EXPECT_LE(std::abs(move.turns.value), 0.75);
                visited.insert(visited.end(), move.rods.begin(), move.rods.end());
            }
            std::sort(visited.begin(), visited.end());
            EXPECT_EQ(std::unique(visited.begin(), visited.end()), visited.end());
            for (std::size_t i = 1; i < plan.moves.size(); ++i)
                EXPECT_LE(std::abs(plan.moves[i].turns.value), std::abs(plan.moves[i - 1].turns.value));
        }
}

TEST(PlanMoves, PredictionIsBetterThanNow) {
    for (int rods : {6, 8, 10})
        for (unsigned seed = 1; seed <= 8; ++seed) {
            const auto readings = heardOf(evenField(rods, seed, 60.0), 290.0);
            const MovePlan plan = planFor(readings, 300.0);
            double widestNow = 0.0;
            double widestThen = 0.0;
            for (std::size_t i = 0; i < readings.size(); ++i) {
                widestNow = std::max(widestNow, std::abs(centsBetween(Hertz{300}, readings[i]->edge).value));
                widestThen = std::max(widestThen, std::abs(plan.predicted[i].value));
            }
            EXPECT_LT(widestThen, 0.5 * widestNow);
            EXPECT_GT(plan.predictedError.value, 0.0);
        }
}

TEST(PlanMoves, FarCorrectionsDoNotFallShort) {
    const Drum drum = plover();
    const std::vector<Turns> turns(8, Turns{1.5});
    const TurnResponse response = learnTurnResponse(drum, HeadSide::Batter, {});
    const double tension = response.at(Turns{1.5}).value;
    for (const double cents : {-200.0, -100.0, 100.0, 250.0}) { // of the target above the head as it is
        const MovePlan plan = planMoves(estimateEvenness(heardOf(Eigen::VectorXd::Zero(8), 250.0)),
                                        moved(Hertz{250}, Cents{cents}), turns, response, drum.batterHead,
                                        {.largestMove = Turns{2.0}});
        double mean = 0;
        for (const RodMove& move : plan.moves)
            mean += move.turns.value * static_cast<double>(move.rods.size()) / 8.0;
        // Pitch goes with the root of tension, tension with turns.
        const double reached = 600.0 * std::log2((tension + response.perTurn().value * mean) / tension);
        const double eighth = 600.0 / std::numbers::ln2 * response.perTurn().value * 0.125 /
                              (tension * std::exp2(cents / 600.0));
        EXPECT_NEAR(reached, cents, 0.5 * eighth) << cents;
        double predicted = 0;
        for (const Cents c : plan.predicted)
            predicted += c.value / 8.0;
        EXPECT_NEAR(predicted, reached - cents, 0.5) << cents; // cents of a mean are not the mean of cents
    }
}

TEST(PlanMoves, AtTheEndOneRodOfAPairTurnsASixteenth) {
    const Drum drum = plover(6);
    std::vector<Turns> turns(6, Turns{2.0});
    const TurnResponse response = learnTurnResponse(drum, HeadSide::Batter, {});
    const double pairBySixteenth = 600.0 / std::numbers::ln2 * response.perTurn().value * 0.0625 /
                                   response.at(Turns{2}).value / 3.0; // what it does to the mean
    Eigen::VectorXd field(6);
    field << -1.2, 0.6, 0.6, -1.2, 0.6, 0.6; // pair 1 and 4 is half a sixteenth low
    field *= pairBySixteenth;
    turns[0] = Turns{2.0625}; // it is ahead of its opposite
    const auto readings = heardOf(field, 300.0);
    const MovePlan plan =
        planMoves(estimateEvenness(readings), moved(Hertz{300}, Cents{0.5 * pairBySixteenth}), turns,
                  response, drum.batterHead, {.tolerance = Cents{3.0}});
    ASSERT_EQ(plan.moves.size(), 1U);
    EXPECT_EQ(plan.moves[0], (RodMove{{3}, Turns{0.0625}})); // the rod that lags behind
    EXPECT_TRUE(plan.reachesTolerance);
}

TEST(PlanMoves, OddRodCountsMoveSingleRods) {
    const MovePlan plan = planFor(heardOf(evenField(7, 3, 50.0), 290.0), 300.0);
    for (const RodMove& move : plan.moves)
        EXPECT_EQ(move.rods.size(), 1U);
    EXPECT_FALSE(plan.moves.empty());
}

TEST(PlanMoves, StopsAtTheFilmLimit) {
    const Drum drum = plover();
    const Tension nearLimit = tensionAtLoad(drum.batterHead, 0.695);
    const Hertz now = edgePitch(drumState(drum, nearLimit, nearLimit), HeadSide::Batter);
    const MovePlan plan =
        planFor(heardOf(Eigen::VectorXd::Zero(8), now.value), moved(now, Cents{80}).value, 9.0);
    EXPECT_TRUE(plan.heldByFilm);
    double own = nearLimit.value;
    for (const RodMove& move : plan.moves)
        own = std::max(own, nearLimit.value + move.turns.value * 3000.0);
    EXPECT_LE(own / drum.batterHead.thickness.value / drum.batterHead.yield.value, 0.72);
}

TEST(PlanMoves, StaysAboveFingerTight) {
    const MovePlan plan = planFor(heardOf(Eigen::VectorXd::Zero(8), 150.0), 100.0, 0.25);
    for (const RodMove& move : plan.moves)
        EXPECT_GE(move.turns.value, -0.25 - 1e-12);
    EXPECT_TRUE(plan.heldByFingerTight);
}

TEST(PlanMoves, ToleranceIsTheUsers) {
    const auto readings = heardOf(evenField(8, 4, 25.0), 300.0);
    const MovePlan wide = planFor(readings, 300.0, 2.0, {.tolerance = Cents{30.0}});
    const MovePlan strict = planFor(readings, 300.0, 2.0, {.tolerance = Cents{4.0}});
    EXPECT_LE(wide.moves.size(), strict.moves.size());
    EXPECT_TRUE(wide.reachesTolerance);
}

} // namespace evenness_test
} // namespace bombo
