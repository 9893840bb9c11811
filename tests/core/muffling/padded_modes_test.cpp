#include "core/acoustics/damping.h"
#include "core/muffling/muffling.h"
#include "core/muffling/padded_modes.h"
#include "support/drums.h"
#include "support/padded_head.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>
#include <map>
#include <numbers>
#include <random>

namespace bombo {
namespace padded_modes_test {

using testing::PaddedPartial;
using testing::paddedPartials;
using testing::plover;
using testing::ringOf;

DrumState tuned(double batter = 3700) {
    return drumState(plover(), Tension{batter}, Tension{3600});
}
Pad padOf(const char* id, double inward, double degrees = 0.0) {
    Pad pad{{}, Radians{degrees * std::numbers::pi / 180.0}, padKindNamed(id).value()};
    if (pad.kind.footprint == Footprint::Disc)
        pad.fromCentre = plover().shell.radius() - pad.kind.radius - Metres{inward};
    return pad;
}

/// The drum's own decay rate where a mode of its stands, as the reference asks for it by pitch.
double ownRate(double omega) {
    static const std::vector<std::pair<double, double>> table = [] {
        std::vector<std::pair<double, double>> rows;
        for (const double batter : {3700.0, 5000.0})
            for (const CoupledMode& mode : coupledModes(tuned(batter), {.perM = 2 * kRadialShapes}))
                rows.emplace_back(kTwoPi * mode.frequency.value, decayRate(mode, plover()));
        return rows;
    }();
    for (const auto& [at, rate] : table)
        if (std::abs(at - omega) < 1e-9 * omega)
            return rate;
    return 4.0 + 0.002 * omega;
}

/// Below the lowest mode that the program does not keep, (5,1), which lies a sixth above (4,1).
double keptBelow(const DrumState& state) {
    return 1.05 * coupledModes(state, {.lowestM = 4, .perM = 1}).front().frequency.value;
}

/// The reference is struck by a blow without length; the program's by a stick.
double ringByStick(std::vector<PaddedPartial> partials, double below) {
    for (PaddedPartial& partial : partials)
        partial.energy *= std::pow(stickGives(Hertz{partial.hertz}), 2);
    return ringOf(partials, below);
}

double ringBelow(const MufflingPrediction& prediction, double hertz) {
    std::vector<PaddedPartial> partials;
    for (const MuffledPartial& p : prediction.partials)
        partials.push_back({p.m, p.order, false, 1.0, p.frequencyAfter.value, rateOfT60(p.t60After),
                            p.amplitudeAfter * p.amplitudeAfter});
    return ringOf(partials, hertz);
}

struct Case {
    const char* what;
    std::vector<Pad> pads;
};
const std::vector<Case>& cases() {
    static const std::vector<Case> all{{"a gel pad near the hoop", {padOf("gel-pad", 0.01)}},
                                       {"a gel pad further in", {padOf("gel-pad", 0.022)}},
                                       {"a gel pad far in", {padOf("gel-pad", 0.054)}},
                                       {"a quarter", {padOf("gel-pad-quarter", 0.02)}},
                                       {"a doubled one", {padOf("gel-pad-doubled", 0.03)}},
                                       {"two", {padOf("gel-pad", 0.02, 45), padOf("gel-pad", 0.02, -45)}},
                                       {"felt", {padOf("felt-piece", 0.02)}},
                                       {"tape", {padOf("tape-tissue", 0.02)}},
                                       {"cloth", {padOf("cloth", 0.01)}},
                                       {"a wallet", {padOf("wallet", 0.01)}},
                                       {"a film ring", {padOf("film-ring", 0)}},
                                       {"a strip", {padOf("felt-strip", 0)}},
                                       {"cloth under the hoop", {padOf("hoop-cloth", 0)}},
                                       {"a damper inside", {padOf("inner-damper", 0.05)}},
                                       {"a ring and a pad", {padOf("film-ring", 0), padOf("gel-pad", 0.03)}}};
    return all;
}

/// Of the reference, each case once.
const std::vector<PaddedPartial>& referenceOf(std::size_t which) {
    static std::map<std::size_t, std::vector<PaddedPartial>> kept;
    const auto found = kept.find(which);
    if (found != kept.end())
        return found->second;
    return kept[which] = paddedPartials(tuned(), cases()[which].pads, ownRate, keptBelow(tuned()));
}

TEST(PaddedModes, RingByAnIndependentSolution) {
    // Some 90 shapes of the head and the thing spread over its face, solved at once. 10 % is what is
    // promised.
    const DrumState state = tuned();
    for (std::size_t which = 0; which < cases().size(); ++which) {
        const Case& c = cases()[which];
        const double told = ringBelow(predictMuffling(plover(), state, c.pads), keptBelow(state));
        const double truth = ringByStick(referenceOf(which), keptBelow(state));
        EXPECT_NEAR(told / truth, 1.0, 0.10) << c.what;
    }
}

TEST(PaddedModes, PartialsUnderSmallThingsByAnIndependentSolution) {
    // Those of the reference that still are mostly one of the drum's own modes, each against the partial of
    // the prediction that lies nearest, of the same side of the axis. First order was off by a factor of 3.8
    // here.
    const DrumState state = tuned();
    int compared = 0;
    for (std::size_t c = 0; c < 6; ++c) {
        const std::vector<MuffledPartial> told = predictMuffling(plover(), state, cases()[c].pads).partials;
        for (const PaddedPartial& r : referenceOf(c)) {
            if (r.share < 0.7 || r.hertz > keptBelow(state))
                continue;
            double pitch = 1.0;
            double ring = 1.0;
            double nearest = 1e9;
            for (const MuffledPartial& p : told) {
                // A pair's member with a node along the axis is told by where it moves most.
                if ((p.m > 0 && std::abs(std::cos(p.m * p.antinode.value)) < 0.5) != r.sine)
                    continue;
                const double off = std::log(p.frequencyAfter.value / r.hertz);
                const double longer = std::log(p.t60After.value / t60OfRate(r.rate).value);
                if (const double far = std::hypot(off / 0.02, longer / 0.25); far < nearest) {
                    nearest = far;
                    pitch = off;
                    ring = longer;
                }
            }
            EXPECT_NEAR(pitch, 0.0, 0.02)
                << cases()[c].what << " (" << r.m << ',' << r.order << ") at " << r.hertz << " ringing "
                << t60OfRate(r.rate).value << " share " << r.share;
            EXPECT_NEAR(std::exp(ring), 1.0, 0.25)
                << cases()[c].what << " (" << r.m << ',' << r.order << ") at " << r.hertz << " ringing "
                << t60OfRate(r.rate).value << " share " << r.share;
            ++compared;
        }
    }
    EXPECT_GT(compared, 60);
}

TEST(PaddedModes, FilmUnderASmallPadByItsClosedForm) {
    // Mean deflection of the film under an even load on a disc of radius b at r: [ln((a^2 - r^2) / (a b)) +
    // 1/4] / (2 pi T); tilted by a load that grows across it, 1 / (6 pi T). The air is left out by a head on
    // a very deep shell.
    DrumState state = tuned();
    state.depth = Metres{1e6};
    Pad pad{Metres{0.1}, Radians{0.4}, {}};
    pad.kind.radius = Metres{0.006};
    const Eigen::MatrixXd gives = filmGivesWay({partsOf(pad, state)}, state);
    ASSERT_EQ(gives.rows(), 3);
    const double a = state.radius.value;
    const double lift =
        (std::log((a * a - 0.01) / (a * 0.006)) + 0.25) / (kTwoPi * state.batter.tension.value);
    EXPECT_NEAR(gives(0, 0) / lift, 1.0, 0.03); // seven points for the disc
    const double tilt = 1.0 / (6.0 * std::numbers::pi * state.batter.tension.value);
    EXPECT_NEAR(gives(1, 1) / tilt, 1.0, 0.15);
    EXPECT_NEAR(gives(2, 2) / tilt, 1.0, 0.15);
    EXPECT_NEAR(gives(1, 2), 0.0, 1e-3 * tilt);
}

TEST(PaddedModes, WaysToMoveAreOrthonormalOverTheFace) {
    const DrumState state = tuned();
    for (const PadKind& kind : padKinds()) {
        const PadParts parts = partsOf({Metres{0.1}, Radians{0.7}, kind}, state);
        Eigen::VectorXd share(static_cast<Eigen::Index>(parts.points.size()));
        for (std::size_t i = 0; i < parts.points.size(); ++i)
            share[static_cast<Eigen::Index>(i)] = parts.points[i].weight;
        const Eigen::MatrixXd gram =
            parts.moves * share.cwiseInverse().asDiagonal() * parts.moves.transpose();
        EXPECT_NEAR((gram - Eigen::MatrixXd::Identity(gram.rows(), gram.cols())).norm(), 0.0, 1e-9)
            << kind.id;
        EXPECT_NEAR((parts.moves.row(0) - share.transpose()).norm(), 0.0, 1e-9) << kind.id; // lift
    }
}

TEST(PaddedModes, NoMotionIsToldTwice) {
    // Strongly coupled, two modes were once led to one motion.
    for (const double batter : {2000.0, 3700.0, 5000.0})
        for (const Case& c : cases()) {
            const std::vector<MuffledPartial> partials =
                predictMuffling(plover(), tuned(batter), c.pads).partials;
            for (std::size_t i = 0; i < partials.size(); ++i)
                for (std::size_t k = 0; k < i; ++k) {
                    const MuffledPartial& a = partials[i];
                    const MuffledPartial& b = partials[k];
                    if (a.m == b.m && a.order == b.order)
                        continue; // members of a pair may be alike
                    EXPECT_FALSE(std::abs(a.frequencyAfter / b.frequencyAfter - 1.0) < 1e-6 &&
                                 std::abs(a.t60After / b.t60After - 1.0) < 1e-6)
                        << c.what << " (" << a.m << "," << a.order << ") and (" << b.m << "," << b.order
                        << ")";
                    EXPECT_TRUE(std::isfinite(a.t60After.value)) << c.what;
                }
        }
}

TEST(PaddedModes, WhateverLiesThereEveryPartialIsOneThatADrumCanHave) {
    // Of 1600 heads and things at random the secants lost a partial on 8: an endless ring, or none.
    std::mt19937 random(1);
    std::uniform_real_distribution<> share(0.0, 1.0);
    for (int i = 0; i < 120; ++i) {
        const Muffler muffler(plover(), drumState(plover(), Tension{1000.0 + 5000.0 * share(random)},
                                                  Tension{800.0 + 3500.0 * share(random)}));
        const PadKind& kind =
            i % 2 == 0 ? *padKindNamed("wallet") : padKinds()[static_cast<std::size_t>(i / 2) % 15];
        Pad pad{{}, Radians{6.28 * share(random)}, kind};
        pad.fromCentre = (0.3 + 0.7 * share(random)) * (plover().shell.radius() - kind.radius);
        for (const MuffledPartial& p : muffler.with({pad}).partials) {
            EXPECT_TRUE(std::isfinite(p.t60After.value) && p.t60After.value > 0.0) << kind.id;
            EXPECT_TRUE(std::isfinite(p.frequencyAfter.value) && p.frequencyAfter.value > 0.0) << kind.id;
            EXPECT_TRUE(std::isfinite(p.amplitudeAfter)) << kind.id;
        }
        EXPECT_GT(muffler.roughRing({pad}).value, 0.0) << kind.id;
        EXPECT_LT(muffler.roughRing({pad}).value, 3.0) << kind.id;
    }
}

} // namespace padded_modes_test
} // namespace bombo
