#include "core/drum/beds.h"
#include "core/faults/head_faults.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace head_faults_test {

using testing::plover;

HeadBrief brief(HeadSide side = HeadSide::Batter, int rods = 8) {
    HeadBrief b;
    b.drum = plover(rods);
    b.side = side;
    b.target = Hertz{300};
    b.targetTension = *tensionForEdgePitch(b.drum, HeadSide::Batter, b.target, {});
    return b;
}

FinishedRound round(double turns, const std::vector<double>& cents, double hz = 290.0) {
    FinishedRound r;
    for (const double off : cents) {
        r.rodTurns.push_back(Turns{turns});
        RodReading reading;
        reading.frequency = moved(Hertz{hz}, Cents{off});
        r.readings.push_back(reading);
    }
    return r;
}

HeadWork withRounds(const std::vector<FinishedRound>& rounds) {
    HeadWork work = freshHead(static_cast<int>(rounds.front().rodTurns.size()));
    work.history = rounds;
    work.rodTurns = rounds.back().rodTurns;
    work.stage = HeadStage::Done;
    return work;
}

const std::vector<double> kEven(8, 0.0);

bool names(const std::vector<HeadFinding>& findings, HeadFault fault) {
    for (const HeadFinding& finding : findings)
        if (finding.fault == fault)
            return true;
    return false;
}

TEST(HeadFaults, ASoundHeadHasNone) {
    EXPECT_TRUE(headFindings(freshHead(8), brief()).empty());
    EXPECT_TRUE(headFindings(withRounds({round(2.0, kEven)}), brief()).empty());
    // A little lower without a turn is what two rounds of taps differ by.
    EXPECT_TRUE(headFindings(withRounds({round(2.0, kEven), round(2.0, kEven, 289.2)}), brief()).empty());
}

TEST(HeadFaults, APitchThatFallsWithoutATurnIsSettling) {
    const auto findings = headFindings(withRounds({round(2.0, kEven), round(2.0, kEven, 286.0)}), brief());
    ASSERT_TRUE(names(findings, HeadFault::FallsBack));
    EXPECT_NEAR(findings[0].amount.value, 24.0, 0.2); // 1200 log2(290 / 286)
}

TEST(HeadFaults, APitchThatDoesNotFollowIsSaid) {
    const double gain = tensionPerTurnPrior(plover(), HeadSide::Batter).value * 0.25;
    const double before = tensionFromHeard(plover(), HeadSide::Batter, Hertz{290}, {}).value;
    // Quarter of the expected tension came: roughly a quarter of the cents.
    const double hz = 290.0 * std::sqrt((before + 0.25 * gain) / before);
    EXPECT_TRUE(names(headFindings(withRounds({round(2.0, kEven), round(2.25, kEven, hz)}), brief()),
                      HeadFault::PitchStaysBehind));
    const double full = 290.0 * std::sqrt((before + gain) / before);
    EXPECT_FALSE(names(headFindings(withRounds({round(2.0, kEven), round(2.25, kEven, full)}), brief()),
                       HeadFault::PitchStaysBehind));
}

TEST(HeadFaults, EqualTurnsUnequalPitchIsNotTheUsersFault) {
    std::vector<double> oval(8);
    for (std::size_t i = 0; i < 8; ++i)
        oval[i] = i % 4 < 2 ? 30.0 : -30.0;
    EXPECT_TRUE(
        names(headFindings(withRounds({round(2.0, oval)}), brief()), HeadFault::EqualTurnsUnequalPitch));
    // Not when the rods were turned unequally, nor on a head whose earlier turns nobody counted.
    HeadWork unequal = withRounds({round(2.0, oval)});
    unequal.history[0].rodTurns[3] += Turns{0.5};
    EXPECT_FALSE(names(headFindings(unequal, brief()), HeadFault::EqualTurnsUnequalPitch));
    HeadWork found = withRounds({round(0.0, oval)});
    found.condition = HeadCondition::AsItStands;
    EXPECT_FALSE(names(headFindings(found, brief()), HeadFault::EqualTurnsUnequalPitch));
}

// What is named from some border on is told as a figure on both sides of it.
TEST(HeadSigns, SayHowMuchAlsoOfWhatIsNotNamed) {
    EXPECT_FALSE(headSigns(freshHead(8), brief()).fell);
    EXPECT_FALSE(headSigns(withRounds({round(2.0, kEven)}), brief()).fell);
    for (const double cents : {-3.0, 2.0, 24.0}) {
        const double hz = 290.0 * std::exp2(-cents / 1200.0);
        const HeadSigns signs = headSigns(withRounds({round(2.0, kEven), round(2.0, kEven, hz)}), brief());
        EXPECT_NEAR(signs.fell.value().value, cents, 1e-6);
        EXPECT_FALSE(signs.followed); // nothing was turned
    }
    const double gain = tensionPerTurnPrior(plover(), HeadSide::Batter).value * 0.25;
    const Air air = airAt(FinishedRound{}.weather);
    const double before = tensionFromHeard(plover(), HeadSide::Batter, Hertz{290}, air).value;
    for (const double share : {0.2, 0.9}) {
        const double expected = 600.0 * std::log2((before + gain) / before);
        const double hz = 290.0 * std::exp2(share * expected / 1200.0);
        const HeadSigns signs = headSigns(withRounds({round(2.0, kEven), round(2.25, kEven, hz)}), brief());
        EXPECT_NEAR(signs.followed.value(), share, 1e-6);
        EXPECT_NEAR(signs.followedError, 8.0 / expected, 1e-6);
        EXPECT_FALSE(signs.fell);
    }
    std::vector<double> oval(8);
    for (std::size_t i = 0; i < 8; ++i)
        oval[i] = i % 4 < 2 ? 12.0 : -12.0; // too little to be named
    const HeadSigns first = headSigns(withRounds({round(2.0, oval), round(2.25, kEven, 330.0)}), brief());
    EXPECT_NEAR(first.apart.value().value, 12.0, 2.0);
    HeadWork found = withRounds({round(0.0, oval)});
    found.condition = HeadCondition::AsItStands;
    EXPECT_FALSE(headSigns(found, brief()).apart);
}

TEST(HeadFaults, RodsBesideTheBedsReadOtherwise) {
    EXPECT_EQ(rodsBesideBeds(8), (std::vector<int>{0, 3, 4, 7}));
    EXPECT_EQ(rodsBesideBeds(10), (std::vector<int>{0, 4, 5, 9}));
    std::vector<double> beds(8, 0.0);
    for (const int rod : rodsBesideBeds(8))
        beds[static_cast<std::size_t>(rod)] = -14.0;
    const HeadWork work = withRounds({round(2.0, beds)});
    EXPECT_TRUE(names(headFindings(work, brief(HeadSide::SnareSide)), HeadFault::BedsDiffer));
    for (const HeadFinding& finding : headFindings(work, brief(HeadSide::SnareSide)))
        if (finding.fault == HeadFault::BedsDiffer) { // with what beds of a millimetre would do there
            EXPECT_GT(finding.usual.value, 15.0);
            EXPECT_LT(finding.usual.value, 200.0);
        }
    EXPECT_FALSE(names(headFindings(work, brief()), HeadFault::BedsDiffer)); // the batter's edge has no beds
}

} // namespace head_faults_test
} // namespace bombo
