#include "core/acoustics/tension_field.h"
#include "core/tuning/uneven_trial.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace uneven_trial_test {

using testing::plover;

const std::vector<Turns> kStands(8, Turns{2.0});

TurnResponse response() {
    return learnTurnResponse(plover(), HeadSide::Batter, {{Turns{2.0}, Tension{3000}}});
}

Result<UnevenTrial, TrialFault> near(std::vector<int> rods, double amount,
                                     const std::vector<Turns>& stands = kStands) {
    return planTrial(TrialKind::SlackenNear, std::move(rods), Turns{amount}, stands, response(),
                     plover().batterHead, Turns{0.0});
}

double sumOf(const UnevenTrial& trial) {
    double sum = 0.0;
    for (const RodMove& move : trial.moves)
        sum += move.turns.value * static_cast<double>(move.rods.size());
    return sum;
}

TEST(UnevenTrial, TheOthersTakeUpWhatTheSlackRodsGive) {
    for (const auto& rods : {std::vector<int>{3}, {3, 4}, {7, 0, 1}}) {
        const auto trial = near(rods, 0.75);
        ASSERT_TRUE(trial);
        EXPECT_LE(std::abs(sumOf(*trial)), 0.0625 * 7); // to half an eighth a rod
        std::vector<int> slack;
        for (const RodMove& move : trial->moves)
            if (move.turns.value < 0.0)
                slack.insert(slack.end(), move.rods.begin(), move.rods.end());
        EXPECT_EQ(slack, trial->rods);
    }
}

TEST(UnevenTrial, BedsAreTheRodsBesideThem) {
    const auto trial = planTrial(TrialKind::TightenBeds, {}, Turns{0.25}, kStands, response(),
                                 plover().batterHead, Turns{0.0});
    ASSERT_TRUE(trial);
    EXPECT_EQ(trial->rods, (std::vector<int>{0, 3, 4, 7}));
    EXPECT_EQ(trial->moves.size(), 4U); // nobody else is turned
}

TEST(UnevenTrial, TheWayBackUndoesIt) {
    const auto trial = near({2, 3}, 0.5);
    std::vector<Turns> stands = kStands;
    for (const auto& moves : {trial->moves, wayBack(*trial)})
        for (const RodMove& move : moves)
            for (const int rod : move.rods)
                stands[static_cast<std::size_t>(rod)] += move.turns;
    EXPECT_EQ(stands, kStands);
    EXPECT_EQ(wayBack(*trial).front().rods, trial->moves.back().rods); // last first
}

TEST(UnevenTrial, PredictsWhatTheKernelHears) {
    const auto trial = near({2}, 0.5);
    const TrialPrediction said = predictTrial(*trial, 8, Hertz{300}, Turns{2.0}, response(), {});
    Eigen::VectorXd own = Eigen::VectorXd::Zero(8);
    for (const RodMove& move : trial->moves)
        for (const int rod : move.rods)
            own[rod] += kCentsPerShare * response().perTurn().value / response().at(Turns{2.0}).value *
                        move.turns.value;
    const Eigen::VectorXd heard = heardKernel(8, 1) * own;
    for (int rod = 0; rod < 8; ++rod)
        EXPECT_NEAR(said.heard[static_cast<std::size_t>(rod)].value, heard[rod], 1e-9);
    EXPECT_NEAR(said.meanShift.value, own.mean(), 1e-9);
    // What taps in front of the rods hear lies between the two partials of the pair.
    EXPECT_GE(said.pairSplit.value, heard.maxCoeff() - heard.minCoeff() - 1e-9);
    EXPECT_GT(said.beat.value, 0.5);
    const TrialPrediction more = predictTrial(*near({2}, 1.0), 8, Hertz{300}, Turns{2.0}, response(), {});
    EXPECT_GT(more.beat.value, said.beat.value);
    // Through a hoop that hides most of it the pair splits by so much less, and the mean moves as before.
    const TrialPrediction cast = predictTrial(*trial, 8, Hertz{300}, Turns{2.0}, response(), {.mean = 0.4});
    EXPECT_NEAR(cast.pairSplit.value, 0.4 * said.pairSplit.value, 1e-9);
    EXPECT_NEAR(cast.meanShift.value, said.meanShift.value, 1e-9);
}

TEST(UnevenTrial, RefusesWhatWouldBreakOrHangLoose) {
    EXPECT_EQ(near({1, 3}, 0.5).fault(), TrialFault::RodsNotNeighbours);
    EXPECT_EQ(near({1, 2, 3, 4}, 0.5).fault(), TrialFault::TooManyRods);
    EXPECT_EQ(near({8}, 0.5).fault(), TrialFault::NoSuchRod);
    EXPECT_EQ(near({}, 0.5).fault(), TrialFault::NoSuchRod);
    EXPECT_EQ(near({1}, 0.0).fault(), TrialFault::TurnsOutOfRange);
    EXPECT_EQ(near({1}, 1.5).fault(), TrialFault::TurnsOutOfRange);
    EXPECT_EQ(near({1}, std::nan("")).fault(), TrialFault::TurnsOutOfRange);
    EXPECT_EQ(near({1}, 0.5, std::vector<Turns>(8, Turns{0.25})).fault(), TrialFault::WouldBeSlack);
    const HeadSpec thin = testing::film76();
    EXPECT_EQ(planTrial(TrialKind::TightenBeds, {}, Turns{1.0}, kStands,
                        learnTurnResponse(plover(), HeadSide::SnareSide, {{Turns{2.0}, Tension{5000}}}), thin,
                        Turns{0.0})
                  .fault(),
              TrialFault::FilmLoad);
}

} // namespace uneven_trial_test
} // namespace bombo
