/// What is read beside the rods in silence: hoop gap and feel, alone and together with taps.
#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/faults/head_faults.h"
#include "core/procedure/head_work.h"
#include "support/heads.h"

#include <gtest/gtest.h>

namespace bombo {
namespace beside_rods_test {

using testing::allMoved;
using testing::heardAll;

/// Where the head is believed to stand after these turns is its target, so that only what is uneven is off.
HeadBrief briefWhere(const HeadWork& work) {
    HeadBrief brief = testing::batterTo300();
    const Tension believed = tensionNow(work, brief);
    brief.target = edgePitch(drumState(brief.drum, believed, believed, {}), HeadSide::Batter);
    brief.targetTension = believed;
    return brief;
}

HeadWork raised() {
    return *turnAll(*markFingerTight(freshHead(8), testing::batterTo300()), Turns{1.5});
}

HeadWork begun(HeadWork work, TapKind kind) {
    work = *beginTapping(std::move(work), 0, Direction::CounterClockwise);
    return *chooseWay(work, {.kind = kind, .half = true, .tapsPerRod = 3});
}

HeadWork readAll(HeadWork work, const HeadBrief& brief, double usual, double atRodThree) {
    while (const auto rod = nextRodToTap(work))
        work = *readGauge(work, brief, rod == 2 ? atRodThree : usual);
    return work;
}

Turns planned(const HeadWork& work, int rod) {
    Turns sum;
    for (const RodMove& move : work.moves)
        for (const int r : move.rods)
            if (r == rod)
                sum += move.turns;
    return sum;
}

TEST(BesideRods, AHoopThatStandsHighAtOneRodIsDrawnDownThere) {
    HeadWork work = begun(raised(), TapKind::HoopGap);
    EXPECT_FALSE(work.way.half); // each rod by itself, once
    const HeadBrief brief = briefWhere(work);
    EXPECT_EQ(readGauge(work, brief, 0.0).fault(), StepRefusal::MarkOutOfRange);
    EXPECT_EQ(readGauge(work, brief, 80.0).fault(), StepRefusal::MarkOutOfRange);
    work = readAll(std::move(work), brief, 9.0, 9.0 + 0.25e3 * kThreadPitch.value); // a quarter turn behind
    EXPECT_TRUE(isProvisional(work));
    ASSERT_EQ(work.stage, HeadStage::Turning);
    EXPECT_NEAR(planned(work, 2).value, 0.25, 0.126); // within one step of the key
    EXPECT_EQ(planned(work, 6).value, 0.0);           // its opposite, which taps would not tell from it
}

TEST(BesideRods, ARodThatFeelsMuchLooserIsTightenedAndNotItsOpposite) {
    HeadWork work = begun(raised(), TapKind::Feel);
    const HeadBrief brief = briefWhere(work);
    EXPECT_EQ(readGauge(work, brief, 3.0).fault(), StepRefusal::MarkOutOfRange);
    work = readAll(std::move(work), brief, 0.0, kLoosestFeel);
    ASSERT_EQ(work.stage, HeadStage::Turning);
    EXPECT_GT(planned(work, 2).value, 0.0);
    EXPECT_LE(planned(work, 6).value, 0.0);
}

TEST(BesideRods, GapsAfterTapsTellOppositeRodsApartAndTheNextRoundIsHeard) {
    HeadWork work = begun(raised(), TapKind::FingerDamped);
    work = *chooseWay(work, {.kind = TapKind::FingerDamped});
    const HeadBrief brief = briefWhere(work);
    // Rods 3 and 7 are heard low; the gap says that it is rod 3 alone.
    while (const auto rod = nextRodToTap(work))
        work = *hearTap(
            work, brief,
            testing::readingOf(moved(brief.target, Cents{rod == 2 || rod == 6 ? -30.0 : 0.0}).value));
    ASSERT_EQ(work.stage, HeadStage::Turning);
    EXPECT_EQ(planned(work, 2), planned(work, 6));
    EXPECT_GT(planned(work, 2).value, 0.0);
    work = begun(std::move(work), TapKind::HoopGap);
    work = readAll(std::move(work), brief, 9.0, 9.3);
    EXPECT_FALSE(isProvisional(work)); // the taps still hold
    ASSERT_EQ(work.stage, HeadStage::Turning);
    EXPECT_GT(planned(work, 2).value, planned(work, 6).value);
    EXPECT_EQ(work.way.kind, TapKind::FingerDamped);
    ASSERT_TRUE(lastEstimate(work));
    EXPECT_FALSE(lastEstimate(work)->isLocal);
}

TEST(BesideRods, OnlyAGaugeIsCalibrated) {
    HeadWork work = heardAll(begun(raised(), TapKind::FingerDamped), briefWhere(raised()), 250.0);
    const HeadBrief brief = briefWhere(work);
    work = readAll(begun(std::move(work), TapKind::HoopGap), brief, 9.0, 9.0);
    EXPECT_TRUE(gaugePointsOf(work, brief).empty());
}

TEST(BesideRods, ARodWhoseMarkDoesNotFollowIsNamed) {
    HeadWork work = begun(raised(), TapKind::Gauge);
    const HeadBrief brief = briefWhere(work);
    work = readAll(std::move(work), brief, 70.0, 50.0);
    ASSERT_EQ(work.stage, HeadStage::Turning);
    ASSERT_GE(planned(work, 2).value, 0.125);
    HeadWork stuck = readAll(begun(allMoved(work), TapKind::Gauge), brief, 70.0, 51.0);
    const auto findings = headFindings(stuck, brief);
    ASSERT_FALSE(findings.empty());
    EXPECT_EQ(findings.front().fault, HeadFault::RodStands);
    EXPECT_EQ(findings.front().rods, std::vector<int>{2});
    const HeadWork freed = readAll(begun(allMoved(work), TapKind::Gauge), brief, 70.0, 69.0);
    for (const HeadFinding& finding : headFindings(freed, brief))
        EXPECT_NE(finding.fault, HeadFault::RodStands);
}

} // namespace beside_rods_test
} // namespace bombo
