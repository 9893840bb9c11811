#include "core/log/set_list.h"

#include "core/acoustics/film.h"
#include "core/units/dice.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

namespace bombo {
namespace set_list_test {

DrumInShow drumWith(std::vector<std::pair<double, double>> tones, std::pair<double, double> now) {
    DrumInShow drum;
    drum.drum = testing::plover();
    drum.turns = turnModelPrior(drum.drum);
    drum.now = {Tension{now.first}, Tension{now.second}, {}, {}};
    for (const auto& [batter, snareSide] : tones)
        drum.tones.push_back(DrumInTone{Tension{batter}, Tension{snareSide}, {}, {}});
    return drum;
}

TEST(SetList, EqualTurnsTakeADrumFromToneToTone) {
    const DrumInShow drum = drumWith({{2900, 2100}, {2500, 2100}}, {2900, 2100});
    const ToneChange change = changeBetween(drum, *drum.tones[0], *drum.tones[1], Seconds{300});
    const double perTurn = drum.turns.batter.perTurn().value;
    EXPECT_NEAR(change.batter.value, -400.0 / perTurn, 1.0 / 32.0 + 1e-9);
    EXPECT_EQ(change.snareSide, Turns{});
    EXPECT_FALSE(change.snareSideStays);
    EXPECT_EQ(change.takes, Seconds{80.0}); // four pairs
    EXPECT_GT(change.batterError.value, 1.0);
    const ToneChange none = changeBetween(drum, *drum.tones[0], *drum.tones[0], Seconds{0});
    EXPECT_EQ(none.takes, Seconds{0.0});
}

TEST(SetList, WithoutTimeTheSnareSideStaysAndSaysHowFarItIsOff) {
    const DrumInShow drum = drumWith({{2900, 2100}, {2500, 2500}}, {2900, 2100});
    const ToneChange change = changeBetween(drum, *drum.tones[0], *drum.tones[1], Seconds{100});
    EXPECT_TRUE(change.snareSideStays);
    EXPECT_EQ(change.snareSide, Turns{});
    EXPECT_NEAR(change.snareSideOff.value, 600.0 * std::log2(2100.0 / 2500.0), 1e-9);
    const ToneChange both = changeBetween(drum, *drum.tones[0], *drum.tones[1], Seconds{600});
    EXPECT_FALSE(both.snareSideStays);
    EXPECT_GT(both.snareSide.value, 0.0);
}

TEST(SetList, KnobAndMufflersAreCounted) {
    DrumInShow drum = drumWith({{2900, 2100}, {2900, 2100}}, {2900, 2100});
    const Pad pad{Metres{0.12}, Radians{1.0}, padKinds().front()};
    drum.tones[0]->strainer = Turns{1.5};
    drum.tones[0]->pads = std::vector<Pad>{pad};
    drum.tones[1]->strainer = Turns{1.0};
    drum.tones[1]->pads = std::vector<Pad>{};
    const ToneChange change = changeBetween(drum, *drum.tones[0], *drum.tones[1], Seconds{60});
    EXPECT_EQ(change.strainer, Turns{-0.5});
    EXPECT_EQ(change.padsMoved, 1);
    EXPECT_EQ(change.takes, kKnobTakes + kPadTakes);
}

/// Two tones in turn with no time between: with two drums each keeps its own, and nobody turns a rod in the
/// show.
TEST(SetList, ASecondDrumSavesTheTurning) {
    const std::vector<std::pair<double, double>> tones{{2900, 2100}, {2300, 2400}};
    const std::vector<DrumInShow> drums{drumWith(tones, tones[0]), drumWith(tones, {2800, 2100})};
    const std::vector<ShowNumber> show{{0, 0}, {1, 10}, {0, 0}, {1, 0}, {0, 0}, {1, 0}};
    const auto steps = planShow(drums, show);
    ASSERT_EQ(steps.size(), 6U);
    for (const ShowStep& step : steps)
        EXPECT_TRUE(step.fits);
    for (const std::size_t i : {2U, 4U})
        EXPECT_EQ(steps[i].drum, steps[0].drum);
    for (const std::size_t i : {3U, 5U}) {
        EXPECT_EQ(steps[i].drum, steps[1].drum);
        EXPECT_EQ(steps[i].change.takes, Seconds{0.0});
    }
    EXPECT_NE(steps[0].drum, steps[1].drum);
    // With one drum there is no way.
    const auto alone = planShow({drums[0]}, show);
    EXPECT_GT(std::count_if(alone.begin(), alone.end(), [](const ShowStep& step) { return !step.fits; }), 2);
}

// A snare side that there was no time for is not in the tone: the same tone once more still asks for it.
TEST(SetList, ASnareSideThatStayedIsStillToBeDone) {
    const DrumInShow drum = drumWith({{2900, 2100}, {2500, 2500}}, {2900, 2100});
    const auto steps = planShow({drum}, {{0, 0}, {1, 2}, {1, 0}, {1, 10}, {0, 10}});
    ASSERT_TRUE(steps[1].change.snareSideStays);
    EXPECT_TRUE(steps[2].change.snareSideStays) << "still no time";
    EXPECT_NEAR(steps[2].change.snareSideOff.value, steps[1].change.snareSideOff.value, 1e-9);
    EXPECT_EQ(steps[3].change.batter, Turns{});
    EXPECT_GT(steps[3].change.snareSide.value, 0.0) << "now there is";
    EXPECT_FALSE(steps[3].change.snareSideStays);
    EXPECT_LT(steps[4].change.snareSide.value, 0.0) << "and it goes back from there";
}

// A drum that nobody heard seems to stand just where it should: it is taken only where another has no time.
TEST(SetList, ADrumThatNobodyHeardIsNotPreferred) {
    const std::vector<std::pair<double, double>> tones{{2900, 2100}, {2300, 2400}};
    std::vector<DrumInShow> drums{drumWith(tones, {2600, 2100}), drumWith(tones, tones[0])};
    const std::vector<ShowNumber> calm{{0, 10}, {1, 10}};
    EXPECT_EQ(planShow(drums, calm)[0].drum, 1U) << "it saves the turning";
    drums[1].isGuessed = true;
    for (const ShowStep& step : planShow(drums, calm))
        EXPECT_EQ(step.drum, 0U);
    const auto hurried = planShow(drums, {{0, 0}, {1, 10}});
    EXPECT_EQ(hurried[0].drum, 1U) << "nothing else would be ready";
}

TEST(SetList, MovesComeInTheOrderOfWork) {
    ShowStep calm{0U, {}, true};
    ShowStep busy{0U, {}, true};
    busy.change.batter = Turns{-0.125};
    busy.change.snareSide = Turns{0.25};
    busy.change.strainer = Turns{-0.5};
    busy.change.padsMoved = 2;
    const std::vector<ShowMove> wanted{{0, ShowMoveKind::Play, {}},
                                       {1, ShowMoveKind::SnareSide, Turns{0.25}},
                                       {1, ShowMoveKind::Batter, Turns{-0.125}},
                                       {1, ShowMoveKind::Strainer, Turns{-0.5}},
                                       {1, ShowMoveKind::Pads, {}},
                                       {1, ShowMoveKind::Play, {}}};
    EXPECT_EQ(showMoves({calm, busy}), wanted);
    EXPECT_TRUE(showMoves({}).empty());
}

/// Against every choice written out.
TEST(SetList, TheBestOfAllChoicesIsFound) {
    for (std::uint64_t seed = 1; seed <= 20; ++seed) {
        Dice dice(seed);
        std::vector<std::pair<double, double>> tones;
        for (int i = 0; i < 3; ++i)
            tones.push_back({dice.uniform(2000, 3200), dice.uniform(1700, 2600)});
        std::vector<DrumInShow> drums{drumWith(tones, {2600, 2000}), drumWith(tones, {2900, 2300})};
        drums[1].tones[2].reset(); // one that it cannot have
        std::vector<ShowNumber> show;
        for (int i = 0; i < 6; ++i)
            show.push_back({static_cast<std::size_t>(dice.uniform(0, 2.99)), dice.uniform(0, 6)});
        const auto costOf = [&](const std::vector<std::size_t>& choice) {
            std::vector<DrumInTone> at{drums[0].now, drums[1].now};
            std::tuple<int, int, double> cost{0, 0, 0.0};
            for (std::size_t i = 0; i < show.size(); ++i) {
                const DrumInShow& drum = drums[choice[i]];
                if (!drum.tones[show[i].tone])
                    return std::tuple<int, int, double>{1000, 0, 0.0};
                const auto change = changeBetween(drum, at[choice[i]], *drum.tones[show[i].tone],
                                                  Seconds{60.0 * show[i].minutes});
                std::get<0>(cost) += change.takes.value > 60.0 * show[i].minutes ? 1 : 0;
                std::get<1>(cost) +=
                    change.snareSideStays && std::abs(change.snareSideOff.value) > 25.0 ? 1 : 0;
                std::get<2>(cost) += change.takes.value;
                const Tension snareSide = at[choice[i]].snareSide;
                at[choice[i]] = *drum.tones[show[i].tone];
                if (change.snareSideStays)
                    at[choice[i]].snareSide = snareSide;
            }
            return cost;
        };
        auto least = std::tuple<int, int, double>{1000, 1000, 1e9};
        for (unsigned mask = 0; mask < 64; ++mask) {
            std::vector<std::size_t> choice;
            for (unsigned i = 0; i < 6; ++i)
                choice.push_back(mask >> i & 1U);
            least = std::min(least, costOf(choice));
        }
        std::vector<std::size_t> chosen;
        for (const ShowStep& step : planShow(drums, show))
            chosen.push_back(*step.drum);
        EXPECT_EQ(costOf(chosen), least) << seed;
    }
}

/// Forty numbers on five drums stand in more ways than are gone on with. Still no dearer than to bring each
/// drum into one tone when that is first played, and to leave it there.
TEST(SetList, ALongShowIsPlannedWellThoughNotEveryWayIsKept) {
    Dice dice(5);
    std::vector<std::pair<double, double>> tones;
    for (int tone = 0; tone < 5; ++tone)
        tones.push_back({dice.uniform(2000, 3200), dice.uniform(1700, 2600)});
    std::vector<DrumInShow> drums;
    for (int drum = 0; drum < 5; ++drum)
        drums.push_back(drumWith(tones, {dice.uniform(2000, 3200), dice.uniform(1700, 2600)}));
    std::vector<ShowNumber> show;
    double fixed = 0.0; // seconds, drum by tone
    for (std::size_t tone = 0; tone < 5; ++tone) {
        show.push_back({tone, 10.0});
        const DrumInShow& drum = drums[tone];
        fixed += changeBetween(drum, drum.now, *drum.tones[tone], Seconds{600.0}).takes.value;
    }
    for (int number = 0; number < 35; ++number)
        show.push_back({static_cast<std::size_t>(dice.uniform(0, 4.99)), 0.0});
    double seconds = 0.0;
    for (const ShowStep& step : planShow(drums, show)) {
        EXPECT_TRUE(step.fits);
        EXPECT_FALSE(isOffInterval(step.change));
        seconds += step.change.takes.value;
    }
    EXPECT_LE(seconds, fixed);
    EXPECT_GT(fixed, 0.0);
}

TEST(SetList, AToneThatNoDrumHasIsSaid) {
    DrumInShow drum = drumWith({{2900, 2100}}, {2900, 2100});
    drum.tones.push_back(std::nullopt);
    const auto steps = planShow({drum}, {{1, 5}, {0, 5}});
    EXPECT_FALSE(steps[0].drum);
    EXPECT_FALSE(steps[0].fits);
    EXPECT_TRUE(steps[1].fits);
    EXPECT_TRUE(planShow({drum}, {}).empty());
}

/// Misfits, snare sides off, seconds and turns of a plan.
std::tuple<int, int, double, double> priceOf(const std::vector<ShowStep>& steps) {
    std::tuple<int, int, double, double> price{0, 0, 0.0, 0.0};
    for (const ShowStep& step : steps) {
        std::get<0>(price) += step.fits ? 0 : 1;
        std::get<1>(price) += isOffInterval(step.change) ? 1 : 0;
        std::get<2>(price) += step.change.takes.value;
        std::get<3>(price) += std::abs(step.change.batter.value) + std::abs(step.change.snareSide.value);
    }
    return price;
}

std::vector<ShowNumber> reordered(const std::vector<ShowNumber>& show,
                                  const std::vector<std::size_t>& order) {
    std::vector<ShowNumber> other = show;
    for (std::size_t place = 0; place < show.size(); ++place)
        other[place].tone = show[order[place]].tone;
    return other;
}

/// Against all 720 orders of six numbers.
TEST(SetList, TheOrderThatCostsLeastIsNearlyAlwaysFound) {
    int best = 0;
    int better = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        Dice dice(900 + seed);
        std::vector<std::pair<double, double>> tones;
        for (int i = 0; i < 4; ++i)
            tones.push_back({dice.uniform(2000, 3200), dice.uniform(1700, 2600)});
        std::vector<DrumInShow> drums{drumWith(tones, {2600, 2000})};
        if (seed % 2 == 0)
            drums.push_back(drumWith(tones, {2900, 2300}));
        std::vector<ShowNumber> show;
        for (int i = 0; i < 6; ++i)
            show.push_back({static_cast<std::size_t>(dice.uniform(0, 3.99)), dice.uniform(0, 5)});
        const auto asItWas = priceOf(planShow(drums, show));
        const ShowOrder found = leastOrder(drums, show, {});
        const auto price = priceOf(planShow(drums, reordered(show, found.numbers)));
        EXPECT_LE(price, asItWas) << seed;
        better += price < asItWas ? 1 : 0;
        EXPECT_EQ(found.misfitsLess, std::get<0>(asItWas) - std::get<0>(price)) << seed;
        EXPECT_NEAR(found.less.value, std::get<2>(asItWas) - std::get<2>(price), 1e-9) << seed;
        EXPECT_NEAR(found.turnsLess.value, std::get<3>(asItWas) - std::get<3>(price), 1e-9) << seed;
        std::vector<std::size_t> order{0, 1, 2, 3, 4, 5};
        auto least = asItWas;
        do
            least = std::min(least, priceOf(planShow(drums, reordered(show, order))));
        while (std::next_permutation(order.begin(), order.end()));
        best += price == least ? 1 : 0;
    }
    EXPECT_GE(best, 10) << "of 12";
    EXPECT_GE(better, 6) << "or there was nothing to find";
}

TEST(SetList, ANumberThatStaysKeepsItsPlace) {
    const std::vector<std::pair<double, double>> tones{{2900, 2100}, {2300, 2100}};
    const std::vector<DrumInShow> drums{drumWith(tones, tones[0])};
    const std::vector<ShowNumber> show{{0, 0}, {1, 5}, {0, 5}, {1, 5}, {0, 5}};
    const ShowOrder all = leastOrder(drums, show, {});
    EXPECT_NEAR(all.less.value, 3 * 80.0, 1e-9) << "one change instead of four";
    EXPECT_TRUE(all.isBetter());
    const ShowOrder held = leastOrder(drums, show, {true, false, false, true, true});
    EXPECT_EQ(held.numbers, (std::vector<std::size_t>{0, 2, 1, 3, 4}));
    EXPECT_NEAR(held.less.value, 2 * 80.0, 1e-9);
    const ShowOrder none = leastOrder(drums, show, {true, true, true, true, true});
    EXPECT_EQ(none.numbers, (std::vector<std::size_t>{0, 1, 2, 3, 4}));
    EXPECT_FALSE(none.isBetter());
    EXPECT_TRUE(leastOrder(drums, {}, {}).numbers.empty());
}

/// Every change takes its 80 s in any order of these; how far is turned differs.
TEST(SetList, OfOrdersAsLongTheOneWithFewerTurnsIsTaken) {
    const std::vector<std::pair<double, double>> tones{
        {2000, 2100}, {3200, 2100}, {2300, 2100}, {2900, 2100}};
    const std::vector<DrumInShow> drums{drumWith(tones, tones[0])};
    const ShowOrder found = leastOrder(drums, {{0, 5}, {1, 5}, {2, 5}, {3, 5}}, {true});
    EXPECT_EQ(found.numbers, (std::vector<std::size_t>{0, 2, 3, 1})); // ever upwards
    EXPECT_NEAR(found.less.value, 0.0, 1e-9);
    EXPECT_GT(found.turnsLess.value, 0.5);
    EXPECT_TRUE(found.isBetter());
}

} // namespace set_list_test
} // namespace bombo
