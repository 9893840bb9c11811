#include "core/acoustics/film.h"
#include "core/procedure/ring_plans.h"
#include "support/drums.h"

#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace ring_plans_test {

using testing::plover;

DrumState standing() {
    return drumState(plover(), Tension{2600}, Tension{3600});
}
RingPlanWish wishFor(double share) {
    RingPlanWish wish;
    wish.ring = share * Muffler(plover(), standing()).ringWith({});
    wish.perTurn = Tension{1500};
    wish.knob = Turns{1.5};
    wish.whisperChoke = Turns{4.4};
    wish.loosest = Turns{0.7};
    return wish;
}
RingPlan planOf(RingSchool school, const RingPlanWish& wish) {
    for (const RingPlan& plan : ringPlans(plover(), standing(), wish))
        if (plan.school == school)
            return plan;
    ADD_FAILURE() << "no such plan";
    return {};
}

TEST(RingPlans, OneASchoolEachWithItsRing) {
    const auto plans = ringPlans(plover(), standing(), wishFor(0.7));
    ASSERT_EQ(plans.size(), 5U);
    for (std::size_t i = 0; i < plans.size(); ++i) {
        EXPECT_EQ(static_cast<std::size_t>(plans[i].school), i);
        EXPECT_GT(plans[i].ring.value, 0.0);
    }
}

TEST(RingPlans, TuningOutGoesUpByEighthsWithinTheFilm) {
    const RingPlan plan = planOf(RingSchool::TuneOut, wishFor(0.85));
    EXPECT_GT(plan.batter.value, 0.0);
    EXPECT_NEAR(plan.batter.value * 8.0, std::round(plan.batter.value * 8.0), 1e-12);
    EXPECT_GT(plan.centre.value, 0.0);
    EXPECT_LE(plan.filmLoad, kFilmLoadLimit);
    DrumState raised = standing();
    raised.batter.tension = raised.batter.tension + plan.batter.value * Tension{1500};
    EXPECT_NEAR(plan.ring.value, Muffler(plover(), raised).ringWith({}).value, 1e-12);
    EXPECT_LT(plan.ring, Muffler(plover(), standing()).ringWith({}));
}

TEST(RingPlans, LettingItRingChangesNothing) {
    const RingPlan plan = planOf(RingSchool::LetRing, wishFor(0.6));
    EXPECT_EQ(plan.ring, Muffler(plover(), standing()).ringWith({}));
    EXPECT_FALSE(plan.reaches);
    EXPECT_TRUE(planOf(RingSchool::LetRing, wishFor(1.0)).reaches);
}

TEST(RingPlans, LongerWiresAreLooserButClean) {
    const RingPlan plan = planOf(RingSchool::MaskWithWires, wishFor(0.6));
    EXPECT_LE(plan.knob.value, 0.0);
    EXPECT_GE(1.5 + plan.knob.value, 0.7 - 1e-12);
    const auto modes = strokeModes(plover(), standing(), StrokePlace::Middle);
    const Turns choke = chokeTurns(Turns{4.4}, StrokePlace::Middle, Dynamic::Medium, Turns{});
    EXPECT_GE(plan.buzz.value(), strikeLength(modes, pullDb(choke, Turns{1.5}, Turns{})));
    RingPlanWish off = wishFor(0.6);
    off.knob.reset();
    EXPECT_EQ(ringPlans(plover(), standing(), off).size(), 4U); // without wires nothing masks
}

TEST(RingPlans, ShorteningKeepsTheStartAndMufflingCostsSome) {
    const RingPlan shorter = planOf(RingSchool::Shorten, wishFor(0.6));
    ASSERT_EQ(shorter.pads.size(), 1U);
    EXPECT_EQ(shorter.pads.front().kind.id, "loose-weight");
    EXPECT_NEAR(shorter.startDb, 0.0, 1e-9);
    const RingPlan muffled = planOf(RingSchool::Muffle, wishFor(0.6));
    EXPECT_TRUE(muffled.reaches);
    EXPECT_LT(muffled.startDb, 0.0);
    EXPECT_GT(muffled.reboundLoss, 0.0);
}

} // namespace ring_plans_test
} // namespace bombo
