#include "core/acoustics/tension_field.h"
#include "core/tuning/evening_share.h"

#include <gtest/gtest.h>

namespace bombo {
namespace evening_share_test {

/// A head whose true factor is `share`: rods of one pair turned by `turns`, heard exactly.
EveningObservation observed(double share, double turns) {
    EveningObservation one;
    Eigen::VectorXd turned = Eigen::VectorXd::Zero(8);
    turned[1] = turned[5] = turns;
    one.centsPerTurn = 300.0;
    const Eigen::VectorXd heard = 300.0 * heardKernel(8, 1, share) * turned;
    one.turned.assign(turned.begin(), turned.end());
    one.heardBefore.assign(8, 0.0);
    for (const double cents : heard)
        one.heardAfter.push_back(cents - heard.mean());
    return one;
}

TEST(EveningShare, NothingSeenIsThePrior) {
    EXPECT_EQ(learnEvening({}), EveningShare{});
    EXPECT_EQ(learnEvening({observed(0.7, 0.0)}), EveningShare{}); // rods that were not turned teach nothing
}

TEST(EveningShare, ComesNearerWithEveryRound) {
    std::vector<EveningObservation> seen;
    double off = 0.3;
    double spread = EveningShare{}.spread;
    for (int round = 0; round < 4; ++round) {
        seen.push_back(observed(0.7, 0.25));
        const EveningShare learned = learnEvening(seen);
        EXPECT_LT(std::abs(learned.mean - 0.7), off);
        EXPECT_LT(learned.spread, spread);
        off = std::abs(learned.mean - 0.7);
        spread = learned.spread;
    }
    EXPECT_LT(off, 0.05); // what four rounds leave of a prior that was two deviations off
}

TEST(EveningShare, StaysWithinWhatAHeadCanDo) {
    EXPECT_EQ(learnEvening({observed(-3.0, 2.0)}).mean, 0.1);
    EXPECT_EQ(learnEvening({observed(9.0, 2.0)}).mean, 1.6);
}

} // namespace evening_share_test
} // namespace bombo
