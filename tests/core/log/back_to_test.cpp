#include "core/log/back_to.h"

#include "core/tuning/targets.h"
#include "support/drums.h"
#include "support/season.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

namespace bombo {
namespace back_to_test {

using testing::HiddenSeason;

constexpr std::array kSides{HeadSide::Batter, HeadSide::SnareSide};

EvennessEstimate roundOf(const HeadReading& heard) {
    std::vector<std::optional<RodPitches>> pitches;
    for (const Cents rod : heard.heard.rods)
        pitches.push_back(RodPitches{moved(heard.heard.edge, rod), {}, Cents{2.0}, {}});
    return estimateEvenness(pitches);
}

Entry entryNow(HiddenSeason& season) {
    Entry entry;
    entry.at = season.now;
    entry.drumId = season.drum.id;
    entry.toneId = "chase";
    for (const HeadSide side : kSides) {
        HeadFigures& head = entry.figures.head(side);
        head.left = season.hear(side).heard;
        head.kind = season.drum.head(side).id;
        head.fittedAt =
            side == HeadSide::Batter ? season.drum.fittedAt.batter : season.drum.fittedAt.snareSide;
    }
    entry.figures.weather = {season.weather.temperature, season.weather.relativeHumidity,
                             season.weather.pressure};
    entry.figures.strainer = Turns{1.5};
    entry.figures.padsKnown = true;
    return entry;
}

HeadNow headNow(HiddenSeason& season, HeadSide side, double slopeError) {
    const HeadReading heard = season.hear(side);
    HeadNow now;
    now.by = KnownBy::Heard;
    now.tension = tensionFromHeard(season.drum, side, heard.heard.edge, airAt(season.weather));
    now.error = now.tension * (1.5 / kCentsPerShare);
    now.rods = roundOf(heard);
    now.turns.assign(static_cast<std::size_t>(season.drum.rods), Turns{});
    const double slope = season.perTurn[side == HeadSide::Batter ? 0 : 1] * (1.0 + slopeError);
    now.response.line = {now.tension.value, slope, 900.0, 0.05 * 0.05 * slope * slope, 0.0};
    now.floor = Turns{-10.0};
    now.evening = eveningPrior(season.drum, side);
    return now;
}

DrumNow standing(HiddenSeason& season, Dice& dice) {
    DrumNow now;
    now.drum = season.drum;
    now.weather = weatherNow(season.weather);
    now.batter = headNow(season, HeadSide::Batter, 0.05 * dice.normal());
    now.snareSide = headNow(season, HeadSide::SnareSide, 0.05 * dice.normal());
    now.strainer = Turns{1.25};
    return now;
}

BackTo back(const DrumNow& now, const Entry& then, SameAs same = SameAs::Pitches) {
    const std::vector<HeadSpec> heads{testing::coated25(), testing::film76(),
                                      testing::film("thin", 1.9e-4, 0.27, 0.004)};
    return backTo(now, then, same, heads, padKinds());
}

bool says(const BackTo& plan, NotTheSame what) {
    return std::any_of(plan.but.begin(), plan.but.end(),
                       [&](const Reservation& one) { return one.what == what; });
}

/// A season goes by, hands turn the drum to something else a semitone away, and one pass brings the sound
/// back.
TEST(BackTo, OnePassBringsTheSoundBackAfterASeason) {
    int within5 = 0, all = 0, within1 = 0, within2 = 0;
    double widest = 0.0;
    for (std::uint64_t seed = 1; seed <= 80; ++seed) {
        HiddenSeason season(seed, seed % 2 == 0 ? 10 : 8);
        Dice dice(seed * 31);
        const Entry then = entryNow(season);
        std::array<Hertz, 2> wanted{season.truePitch(kSides[0]), season.truePitch(kSides[1])};
        for (int evening = 0; evening < 4; ++evening)
            season.leaveUntil(season.now + static_cast<std::int64_t>(86400.0 * dice.uniform(1.0, 9.0)),
                              {Celsius{dice.uniform(11.0, 26.0)}, dice.uniform(0.3, 0.7), Pascal{101325}},
                              true);
        for (const HeadSide side : kSides) { // played another tone in between
            const double t = season.tensions[side == HeadSide::Batter ? 0 : 1][0];
            const double share = std::exp2(dice.uniform(-100.0, 100.0) / 600.0) - 1.0;
            season.turn(side, std::vector<Turns>(
                                  static_cast<std::size_t>(season.drum.rods),
                                  Turns{share * t / season.perTurn[side == HeadSide::Batter ? 0 : 1]}));
        }
        const DrumNow now = standing(season, dice);
        const BackTo plan = back(now, then);
        for (const HeadSide side : kSides) {
            ASSERT_TRUE(plan.head(side));
            const HeadBack& head = *plan.head(side);
            season.turn(side, head.net);
            const std::size_t i = side == HeadSide::Batter ? 0 : 1;
            const double off = centsBetween(wanted[i], season.truePitch(side)).value;
            ++all;
            within5 += std::abs(off) <= 5.0 ? 1 : 0;
            within1 += std::abs(off) <= head.afterError.value ? 1 : 0;
            within2 += std::abs(off) <= 2.0 * head.afterError.value ? 1 : 0;
            widest = std::max(widest, std::abs(off));
        }
        EXPECT_EQ(*plan.strainerTo, Turns{1.5});
        EXPECT_EQ(*plan.strainerBy, Turns{0.25});
    }
    std::printf("back in one pass: within 5 cents %d of %d, widest %.1f; within one error %d, two %d\n",
                within5, all, widest, within1, within2);
    EXPECT_GE(within5, all * 4 / 5); // a turn is known to 5 % here, and some stood 150 cents off
    EXPECT_GE(within1, all * 63 / 100);
    EXPECT_GE(within2, all * 93 / 100);
}

TEST(BackTo, ThereIsNothingToDoWhereNothingChanged) {
    HiddenSeason season(3);
    Dice dice(3);
    const Entry then = entryNow(season);
    DrumNow now = standing(season, dice);
    now.strainer = Turns{1.5};
    const BackTo plan = back(now, then);
    EXPECT_TRUE(plan.isThere());
    EXPECT_TRUE(plan.but.empty());
    EXPECT_EQ(plan.batter->all, Turns{});
}

/// Colder by 9 degrees: the same pitch at the same tension, but it takes a turn to get there; the other
/// choices of what is to be the same give other moves.
TEST(BackTo, ColdTakesATurnUp) {
    HiddenSeason season(12);
    Dice dice(12);
    const Entry then = entryNow(season);
    season.leaveUntil(season.now + 7200, {Celsius{6}, 0.5, Pascal{101325}}, false);
    const DrumNow now = standing(season, dice);
    const BackTo plan = back(now, then);
    EXPECT_NE(plan.batter->off.value, 0.0);
    EXPECT_EQ(plan.batter->off.value > 0.0, plan.batter->net[0].value > 0.0);
    const BackTo feel = back(now, then, SameAs::Tensions);
    EXPECT_NEAR(feel.batter->tensionWanted / plan.batter->tensionWanted, 1.0, 0.02); // air alone
    const BackTo counted = back(now, then, SameAs::Counts); // from no beginning that both know
    EXPECT_TRUE(says(counted, NotTheSame::CountsDiffer));
    EXPECT_EQ(counted.batter->net, plan.batter->net);
}

TEST(BackTo, ByTheCountEveryRodGoesWhereItStood) {
    HiddenSeason season(4);
    Dice dice(4);
    Entry then = entryNow(season);
    DrumNow now = standing(season, dice);
    then.figures.batter.countedFromSlack = now.batter.countedFromSlack = true;
    then.figures.batter.turns.assign(8, Turns{2.0});
    then.figures.batter.turns[3] = Turns{2.125};
    now.batter.turns.assign(8, Turns{1.875});
    const BackTo plan = back(now, then, SameAs::Counts);
    EXPECT_EQ(plan.batter->all, Turns{0.125});
    EXPECT_EQ(plan.batter->net[3], Turns{0.25});
    EXPECT_EQ(plan.batter->net[0], Turns{0.125});
    EXPECT_TRUE(says(plan, NotTheSame::CountsDiffer)); // of the snare side
}

TEST(BackTo, WhatCannotBeBroughtBackIsSaid) {
    HiddenSeason season(7);
    Dice dice(7);
    const DrumNow now = standing(season, dice);
    const auto plan = [&](auto change) {
        Entry then = entryNow(season);
        change(then);
        return back(now, then);
    };
    EXPECT_TRUE(says(plan([](Entry& e) { e.figures.batter.left.reset(); }), NotTheSame::NoFigures));
    EXPECT_TRUE(says(plan([](Entry& e) { e.figures.batter.kind = "thin"; }), NotTheSame::HeadChanged));
    EXPECT_TRUE(says(plan([](Entry& e) { e.at = 1; }), NotTheSame::FreshHead));
    const BackTo high = plan([](Entry& e) { e.figures.batter.left->edge = Hertz{900}; });
    EXPECT_TRUE(says(high, NotTheSame::TooTight));
    EXPECT_NEAR(filmLoad(now.drum.batterHead, high.batter->tensionWanted), kFilmLoadLimit, 1e-9);
    EXPECT_TRUE(says(plan([](Entry& e) { e.figures.batter.left->edge = Hertz{40}; }), NotTheSame::TooSlack));
    EXPECT_TRUE(says(plan([](Entry& e) { e.figures.wires = "16 brass"; }), NotTheSame::OtherWires));
    EXPECT_TRUE(says(plan([](Entry& e) { e.figures.wiresSlack = Turns{-0.5}; }), NotTheSame::WiresStretched));
    EXPECT_TRUE(says(plan([](Entry& e) { e.figures.strainer.reset(); }), NotTheSame::NoStrainer));
    EXPECT_TRUE(says(plan([](Entry& e) {
                         e.figures.pads.push_back({"own:gone", Metres{0.1}, Radians{}});
                     }),
                     NotTheSame::UnknownPad));
    DrumNow unheard = now;
    unheard.batter.by = KnownBy::Nothing;
    const BackTo blind = back(unheard, entryNow(season));
    EXPECT_TRUE(says(blind, NotTheSame::NotHeard));
    EXPECT_FALSE(blind.batter);
    // Another drum: pitches go with the size.
    const BackTo other = plan([](Entry& e) {
        e.drumId = "nightjar";
        e.figures.diameter = inches(14);
        e.figures.batter.left->edge = Hertz{260};
    });
    EXPECT_TRUE(says(other, NotTheSame::OtherDrum));
    EXPECT_NEAR(other.batter->wanted.value, 260.0 * 14 / 13, 0.5);
}

TEST(BackTo, PadsAreLaidAndTakenOff) {
    HiddenSeason season(9);
    Dice dice(9);
    Entry then = entryNow(season);
    DrumNow now = standing(season, dice);
    const PadKind kind = padKinds().front();
    then.figures.pads = {{kind.id, Metres{0.12}, Radians{1.0}}, {kind.id, Metres{0.12}, Radians{3.0}}};
    now.pads = {{Metres{0.121}, Radians{1.02}, kind}, {Metres{0.1}, Radians{5.0}, kind}};
    const BackTo plan = back(now, then);
    ASSERT_EQ(plan.layOn.size(), 1U);
    EXPECT_EQ(plan.layOn[0].angle, Radians{3.0});
    ASSERT_EQ(plan.takeOff.size(), 1U);
    EXPECT_EQ(plan.takeOff[0].angle, Radians{5.0});
    then.figures.padsKnown = false;
    EXPECT_TRUE(back(now, then).takeOff.empty()); // nobody wrote down what lay there
}

} // namespace back_to_test
} // namespace bombo
