#include "core/wires/wire_fit.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace wire_fit_test {

Shell fourteenInch() {
    Shell shell;
    shell.diameter = Metres{0.356};
    return shell;
}

/// Strands that end just inside the wall, a knob of ten turns.
WireLayout usual() {
    WireLayout layout;
    layout.strands = Metres{0.310};
    layout.plate = Metres{0.020};
    layout.wall = Metres{0.006};
    layout.travel = Turns{10.0};
    return layout;
}

bool has(const WireFit& fit, FitProblem problem) {
    return std::find(fit.problems.begin(), fit.problems.end(), problem) != fit.problems.end();
}

TEST(WireFit, LengthsAddUpToTheShell) {
    const WireLayout layout = usual();
    const WireFit fit = fitWires(fourteenInch(), layout);
    EXPECT_NEAR(fit.length.value, 0.350, 1e-12);
    EXPECT_NEAR(2.0 * fit.endGap.value + fit.length.value, 0.356, 1e-12);
    EXPECT_NEAR(fit.strainerStrap.value, fit.endGap.value + layout.strainerDrop.value, 1e-12);
    EXPECT_TRUE(fit.problems.empty());
}

TEST(WireFit, CordRunsTwice) {
    WireLayout layout = usual();
    const Metres strap = fitWires(fourteenInch(), layout).buttStrap;
    layout.attachment = Attachment::Cord;
    EXPECT_NEAR(fitWires(fourteenInch(), layout).buttStrap.value, 2.0 * strap.value, 1e-12);
}

TEST(WireFit, WhatDoesNotFitIsNamed) {
    WireLayout layout = usual();
    layout.strands = Metres{0.330};
    EXPECT_TRUE(has(fitWires(fourteenInch(), layout), FitProblem::LongerThanShell));
    layout = usual();
    layout.strands = Metres{0.346}; // over the inner wall of 344 mm
    layout.plate = Metres{0.005};
    EXPECT_TRUE(has(fitWires(fourteenInch(), layout), FitProblem::StrandsOnEdge));
    layout.strands = Metres{0.254}; // a set for a smaller drum
    EXPECT_TRUE(has(fitWires(fourteenInch(), layout), FitProblem::PlatesOnFilm));
    layout = usual();
    layout.travel.reset();
    const WireFit unknown = fitWires(fourteenInch(), layout);
    EXPECT_TRUE(has(unknown, FitProblem::TravelUnknown));
    EXPECT_FALSE(unknown.tighter);
    EXPECT_GT(unknown.endGap.value, 0.0); // the rest is told all the same
}

TEST(WireFit, ShiftMakesTheGapsEqual) {
    WireLayout layout = usual();
    layout.strainerGap = Metres{0.007};
    layout.buttGap = Metres{-0.001};
    const WireFit fit = fitWires(fourteenInch(), layout);
    EXPECT_TRUE(has(fit, FitProblem::OffCentre));
    EXPECT_FALSE(has(fit, FitProblem::GapsDisagree));
    EXPECT_NEAR((*layout.strainerGap - fit.towardsStrainer).value,
                (*layout.buttGap + fit.towardsStrainer).value, 1e-12);
    layout.buttGap = Metres{0.012}; // 7 + 12 + 350 is not 356
    EXPECT_TRUE(has(fitWires(fourteenInch(), layout), FitProblem::GapsDisagree));
}

TEST(WireFit, TheSchoolsLeaveTravelBothWays) {
    WireLayout layout = usual();
    WireFit fit = fitWires(fourteenInch(), layout);
    EXPECT_EQ(fit.knobBeforeClamping, Turns{5.0});
    EXPECT_EQ(*fit.tighter, Turns{5.0});
    EXPECT_EQ(*fit.looser, Turns{5.0});
    layout.school = RefitSchool::ButtFirst;
    fit = fitWires(fourteenInch(), layout);
    EXPECT_EQ(fit.knobBeforeClamping, Turns{1.25});
    EXPECT_EQ(*fit.tighter + *fit.looser, *layout.travel);
    layout.knob = Turns{9.5};
    EXPECT_TRUE(has(fitWires(fourteenInch(), layout), FitProblem::LittleTighter));
    layout.knob = Turns{0.25};
    EXPECT_TRUE(has(fitWires(fourteenInch(), layout), FitProblem::LittleLooser));
}

TEST(WireFit, RangeFirstThenStrands) {
    WireLayout layout = usual();
    layout.knob = Turns{10.0};
    const auto steps = diagnoseWires(WireSymptom::LooseAtFullTravel, fourteenInch(), layout);
    ASSERT_EQ(steps.size(), 2U);
    EXPECT_EQ(steps[0].remedy, WireRemedy::ResetRange);
    EXPECT_EQ(steps[0].turns, Turns{5.0});
    EXPECT_NEAR(steps[0].length.value, 5.0 * layout.perTurn.value, 1e-12); // so that it is as tight as before
    EXPECT_EQ(steps[1].remedy, WireRemedy::ReplaceStrands);
}

TEST(WireFit, TheKnobIsTriedBeforeTheClamp) {
    WireLayout layout = usual();
    layout.knob = Turns{3.0};
    auto steps = diagnoseWires(WireSymptom::LeverWillNotClose, fourteenInch(), layout);
    ASSERT_EQ(steps.size(), 2U);
    EXPECT_EQ(steps[0], (FitStep{WireRemedy::LoosenKnob, Turns{3.0}, {}}));
    EXPECT_EQ(steps[1].remedy, WireRemedy::GiveOutStrap);
    layout.knob = Turns{0.0}; // nothing left to loosen
    EXPECT_EQ(diagnoseWires(WireSymptom::LeverWillNotClose, fourteenInch(), layout).front().remedy,
              WireRemedy::GiveOutStrap);
    layout.knob.reset();
    EXPECT_EQ(diagnoseWires(WireSymptom::NoContactWhenOn, fourteenInch(), layout).front().remedy,
              WireRemedy::TakeInStrap);
    layout.attachment = Attachment::Cord;
    steps = diagnoseWires(WireSymptom::PlateStandsUp, fourteenInch(), layout);
    EXPECT_NE(std::find(steps.begin(), steps.end(), FitStep{WireRemedy::UseStraps, {}, {}}), steps.end());
}

TEST(WireFit, LengthsThatNoDrumHasAreNamed) {
    EXPECT_FALSE(checkLayout(usual()));
    WireLayout layout = usual();
    layout.strands = Metres{3.05};
    EXPECT_EQ(checkLayout(layout)->key, "strands_m");
    layout = usual();
    layout.wall = Metres{std::nan("")};
    EXPECT_EQ(checkLayout(layout)->key, "wall_m");
    layout = usual();
    layout.knob = Turns{12.0};
    EXPECT_EQ(checkLayout(layout)->key, "knob_turns");
}

} // namespace wire_fit_test
} // namespace bombo
