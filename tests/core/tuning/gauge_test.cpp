#include "core/acoustics/tension_field.h"
#include "core/practice/practice_drum.h"
#include "core/tuning/evenness.h"
#include "core/tuning/gauge.h"
#include "core/tuning/targets.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <array>
#include <cmath>
#include <random>

namespace bombo {
namespace gauge_test {

using testing::plover;

double markOf(double tension, double gain = 0.02, double power = 0.9) {
    return 100.0 * std::pow(gain * tension / 100.0, power);
}

TEST(GaugeScale, OnePointAnchorsItTwoFarOnesGiveItsSlope) {
    EXPECT_FALSE(learnGaugeScale({}).isKnown);
    const GaugeScale one = learnGaugeScale({{markOf(3000), Tension{3000}}});
    EXPECT_TRUE(one.isKnown);
    EXPECT_NEAR(one.at(markOf(3000)).value, 3000.0, 3.0);
    EXPECT_GT(one.spreadAt(markOf(1500)), 0.15); // the slope is still a guess
    const GaugeScale two = learnGaugeScale({{markOf(1500), Tension{1500}}, {markOf(4500), Tension{4500}}});
    EXPECT_NEAR(two.line.slope, 1.0 / 0.9, 0.02);
    EXPECT_NEAR(two.at(markOf(2600)).value, 2600.0, 30.0);
    EXPECT_LT(two.spreadAt(markOf(2600)), 0.04);
}

TEST(GaugeScale, ABrokenGaugeIsNotBelievedToFall) {
    const GaugeScale scale = learnGaugeScale({{80.0, Tension{1500}}, {40.0, Tension{4500}}});
    EXPECT_GE(scale.line.slope, 0.3);
}

/// Deviations of rods, cents of pitch, with an odd part: one side of the hoop pulled down.
Eigen::VectorXd own(const EvennessEstimate& estimate) {
    return Eigen::Map<const Eigen::VectorXd>(estimate.deviation.data(),
                                             static_cast<Eigen::Index>(estimate.deviation.size()));
}

Eigen::VectorXd leaning(int rods, double cents) {
    Eigen::VectorXd field(rods);
    for (int i = 0; i < rods; ++i)
        field[i] = cents * std::cos(rodAngle(i, rods).value);
    return field;
}

std::vector<std::optional<RodPitches>> heard(const Eigen::VectorXd& field, double hz) {
    const Eigen::VectorXd at = heardKernel(static_cast<int>(field.size()), 1) * field;
    std::vector<std::optional<RodPitches>> round;
    for (const double cents : at)
        round.push_back(RodPitches{moved(Hertz{hz}, Cents{cents}), std::nullopt});
    return round;
}

TEST(LocalReadings, TheGaugeSeesWhatTapsCannot) {
    const Eigen::VectorXd field = leaning(8, 40.0);
    std::vector<std::optional<double>> marks;
    for (const double cents : field)
        marks.push_back(markOf(3000 * std::exp2(cents / 600.0), 0.02, 1.0));
    const EvennessEstimate deaf = estimateEvenness(heard(field, 300));
    EXPECT_LT(widestOwn(deaf).value, 1.0);
    EXPECT_FALSE(deaf.oddPartKnown);
    const EvennessEstimate seen = estimateEvenness(heard(field, 300), {localFromGauge(marks, GaugeScale{})});
    EXPECT_TRUE(seen.oddPartKnown);
    // 17 cents a mark against a prior of 60: nine tenths of it are believed.
    EXPECT_NEAR(own(seen).dot(field) / field.squaredNorm(), 0.92, 0.03);
}

TEST(LocalReadings, ALowHoopIsATightRod) {
    const Drum drum = plover();
    const TurnResponse response = learnTurnResponse(drum, HeadSide::Batter, {{Turns{2.0}, Tension{3000}}});
    std::vector<std::optional<Metres>> gaps;
    for (int i = 0; i < 8; ++i)
        gaps.push_back(Metres{0.010 + (i == 2 ? -0.0002 : 0.0)});
    const LocalReadings local = localFromHoopGap(gaps, response, Turns{2.0});
    const double turnsDeeper = 0.0002 / kThreadPitch.value;
    const double expected =
        kCentsPerShare * turnsDeeper * response.perTurn().value / response.at(Turns{2.0}).value;
    EXPECT_NEAR((*local.deviation[2] - *local.deviation[3]).value, expected, 1e-6);
    EXPECT_GT(expected, 5.0);
}

TEST(LocalReadings, ALeaningHeadIsPutRightRodByRod) {
    const Drum drum = plover();
    const Hertz target{300};
    const double tension = tensionForEdgePitch(drum, HeadSide::Batter, target, {})->value;
    const TurnResponse response = learnTurnResponse(drum, HeadSide::Batter, {{Turns{2.0}, Tension{tension}}});
    const Eigen::VectorXd field = leaning(8, 50.0);
    std::vector<std::optional<double>> marks;
    for (const double cents : field)
        marks.push_back(markOf(tension * std::exp2(cents / 600.0), 0.02, 1.0));
    const EvennessEstimate now = estimateEvenness(heard(field, 300), {localFromGauge(marks, GaugeScale{})});
    const MovePlan plan = planMoves(now, target, std::vector<Turns>(8, Turns{2.0}), response, drum.batterHead,
                                    {.tolerance = Cents{5.0}});
    ASSERT_FALSE(plan.moves.empty());
    Eigen::VectorXd after = field;
    for (const RodMove& move : plan.moves)
        for (const int rod : move.rods)
            after[rod] += kCentsPerShare * response.perTurn().value * move.turns.value / tension;
    EXPECT_LT(after.cwiseAbs().maxCoeff(), kLocalTolerance * 5.0 + 4.0); // what an eighth and the prior leave
    EXPECT_GT(field.cwiseAbs().maxCoeff(), 40.0);
    EXPECT_TRUE(plan.reachesTolerance);
}

TEST(EstimateFromGauge, ReadsEachRodByItself) {
    std::vector<Hertz> implied(6, Hertz{300});
    implied[1] = moved(Hertz{300}, Cents{30});
    const EvennessEstimate e = estimateFromGauge(implied);
    EXPECT_TRUE(e.isLocal);
    EXPECT_NEAR(e.heard[1].value, 25.0, 1e-9); // 30 against a mean that it raised by 5
    EXPECT_NEAR(own(e).sum(), 0.0, 1e-9);
    EXPECT_NEAR(e.widest.value, 25.0, 1e-9);
}

/// How often what is read beside rods holds its error, against the own deviations of practice drums, whose
/// gauge has a power of its own, whose rods lose part of a turn to friction, and whose neighbours share a
/// pull.
struct Coverage {
    int within = 0, withinTwo = 0, readings = 0;
};
template <class Read> Coverage coverageOf(Read read) {
    Coverage coverage;
    for (std::uint64_t seed = 1; seed <= 60; ++seed) {
        const int rods = std::array{6, 7, 8, 10}[seed % 4];
        const Drum drum = plover(rods);
        const HiddenNature nature = drawNature(drum, 500 + seed);
        PracticeState state;
        state.batterTurns.assign(static_cast<std::size_t>(rods), Turns{2.25});
        state.snareSideTurns = state.batterTurns;
        const LocalReadings local = read(drum, nature, state);
        const auto truth = trueOwnDeviation(nature, state, HeadSide::Batter);
        for (std::size_t rod = 0; rod < truth.size(); ++rod) {
            const double off = std::abs((*local.deviation[rod] - truth[rod]).value);
            coverage.within += off < local.spread.value;
            coverage.withinTwo += off < 2.0 * local.spread.value;
            ++coverage.readings;
        }
    }
    return coverage;
}
/// 68 and 95 of a hundred are honest; more is careful. 465 readings of 60 drums scatter by 3.
void expectHonest(const Coverage& coverage) {
    EXPECT_GT(coverage.within, 0.62 * coverage.readings);
    EXPECT_GT(coverage.withinTwo, 0.9 * coverage.readings);
}

TEST(LocalReadings, AGaugeHoldsItsErrorOnStrangeDrums) {
    expectHonest(coverageOf([](const Drum& drum, const HiddenNature& nature, PracticeState state) {
        const auto marksAt = [&](const PracticeState& at, std::uint64_t stroke) {
            std::vector<std::optional<double>> marks;
            for (int rod = 0; rod < drum.rods; ++rod)
                marks.emplace_back(practiceGauge(nature, at, HeadSide::Batter, rod,
                                                 stroke + static_cast<std::uint64_t>(rod)));
            return marks;
        };
        std::vector<GaugePoint> points;
        for (const double turns : {1.5, 2.25}) { // a round that was both read and heard, twice
            PracticeState there = state;
            there.batterTurns.assign(there.batterTurns.size(), Turns{turns});
            double sum = 0.0;
            for (const auto& mark : marksAt(there, 100))
                sum += *mark / drum.rods;
            points.push_back({sum, Tension{trueMeanTension(nature, there, HeadSide::Batter)}});
        }
        return localFromGauge(marksAt(state, 7), learnGaugeScale(points));
    }));
}

TEST(LocalReadings, AHoopGapHoldsItsErrorOnStrangeDrums) {
    expectHonest(coverageOf([](const Drum& drum, const HiddenNature& nature, const PracticeState& state) {
        std::vector<std::optional<Metres>> gaps;
        for (int rod = 0; rod < drum.rods; ++rod)
            gaps.emplace_back(Metres{1e-3 * practiceGap(nature, state, HeadSide::Batter, rod,
                                                        static_cast<std::uint64_t>(7 + rod))});
        const TurnResponse response =
            learnTurnResponse(drum, HeadSide::Batter,
                              {{Turns{2.25}, Tension{trueMeanTension(nature, state, HeadSide::Batter)}}});
        return localFromHoopGap(gaps, response, Turns{2.25});
    }));
}

TEST(LocalReadings, FeelHoldsItsErrorOnStrangeDrums) {
    expectHonest(coverageOf([](const Drum& drum, const HiddenNature& nature, const PracticeState& state) {
        std::vector<std::optional<double>> steps;
        for (int rod = 0; rod < drum.rods; ++rod)
            steps.emplace_back(
                practiceFeel(nature, state, HeadSide::Batter, rod, static_cast<std::uint64_t>(7 + rod)));
        return localFromFeel(steps);
    }));
}

} // namespace gauge_test
} // namespace bombo
