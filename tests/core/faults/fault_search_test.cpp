#include "support/fault_asking.h"

#include "core/faults/head_faults.h"
#include "core/practice/practice_drum.h"
#include "core/record/json_values.h"
#include "support/drawn_cases.h"
#include "support/heads.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <fstream>
#include <numeric>
#include <set>

namespace bombo {
namespace fault_search_test {

const FaultNet& net() {
    static const FaultNet read = testing::faultNetOf(BOMBO_DATA);
    return read;
}

double oddsSum(const FaultsSay& say) {
    return std::accumulate(say.causes.begin(), say.causes.end(), say.unexplained,
                           [](double sum, const CauseOdds& one) { return sum + one.odds; });
}
double oddsOf(const FaultsSay& say, const std::string& cause) {
    for (const CauseOdds& one : say.causes)
        if (net().causes[one.cause].id == cause)
            return one.odds;
    return -1;
}
std::size_t likeliest(const std::vector<double>& chances) {
    return static_cast<std::size_t>(std::max_element(chances.begin(), chances.end()) - chances.begin());
}

// The likeliest first, as the trade has it.
TEST(FaultNet, CausesStandInTheOrderOfTheTrade) {
    const std::vector<std::pair<std::string, std::vector<std::string>>> rows{
        {"dull", {"snare_side_slack", "batter_worn", "uneven", "wires_stretched", "drum_limits"}},
        {"papery", {"snare_side_slack", "batter_worn", "uneven", "wires_stretched", "drum_limits"}},
        {"rings", {"uneven", "tuned_low", "batter_worn", "struck_off_centre", "microphone_close"}},
        {"wavers", {"uneven", "tuned_low", "batter_worn", "struck_off_centre", "microphone_close"}},
        {"late_wires",
         {"snare_side_slack", "wires_tight", "wires_loose", "wires_off_centre", "plate_stands_up",
          "strand_bent"}},
        {"no_soft_answer",
         {"snare_side_slack", "wires_tight", "wires_loose", "wires_off_centre", "plate_stands_up",
          "strand_bent"}},
        {"loose_at_full_travel", {"clamped_long", "wires_stretched"}},
        {"lever_will_not_close", {"clamped_short", "clamped_long"}},
        {"buzz_with_others", {"shared_pitch", "neighbour_rings", "wires_loose", "snare_side_slack"}},
        {"buzz_always", {"snare_side_slack", "wires_loose", "strand_bent", "loose_fittings"}},
        {"wrinkle", {"hoop_bent", "head_off_centre", "dirt_under"}},
        {"rod_tight_low", {"rod_rough", "rod_bent", "hoop_bent", "drum_limits"}},
        {"out_of_tune", {"settling", "rods_back_off", "weather", "batter_worn"}},
        {"bad_in_microphone", {"pad_angle", "microphone_close", "room", "strokes_uneven"}}};
    for (const auto& [complaint, order] : rows) {
        double before = 1.0;
        const FaultsSay say = faultsSay(net(), begunCase(complaint, 0), {});
        for (const std::string& cause : order) {
            const double odds = oddsOf(say, cause);
            EXPECT_LT(odds, before) << complaint << ": " << cause;
            EXPECT_GT(odds, 0.01) << complaint << ": " << cause;
            before = odds;
        }
    }
    EXPECT_EQ(net().causes[priorOdds(net(), "tom_at_edge")[0].cause].id, "wires_tight");
    EXPECT_EQ(net().causes[priorOdds(net(), "never_same")[0].cause].id, "strokes_uneven");
}

// Whoever answers as the cause most likely shows is told that cause.
TEST(FaultNet, EveryCauseCanWin) {
    for (std::size_t cause = 0; cause < net().causes.size(); ++cause) {
        std::size_t best = 0;
        for (std::size_t i = 0; i < net().complaints.size(); ++i)
            if (net().complaints[i].by[cause] > net().complaints[best].by[cause])
                best = i;
        FaultCase faultCase = begunCase(net().complaints[best].id, 0);
        FaultsSay say = faultsSay(net(), faultCase, {});
        while (!say.stands && say.next) {
            const FaultTest& test = net().tests[say.next->test];
            const std::vector<double>& shows = test.under[cause].empty() ? test.usual : test.under[cause];
            faultCase = answered(faultCase, {test.id, static_cast<int>(likeliest(shows))});
            say = faultsSay(net(), faultCase, {});
            EXPECT_NEAR(oddsSum(say), 1.0, 1e-9);
        }
        ASSERT_TRUE(say.stands) << net().causes[cause].id;
        EXPECT_EQ(net().causes[*say.stands].id, net().causes[cause].id);
        EXPECT_LE(faultCase.answers.size(), kMostQuestions);
        EXPECT_FALSE(net().causes[cause].remedy.empty());
    }
}

// Who is never sure is asked everything that tells something, nothing irreversible before the rest, and gets
// an honest answer.
TEST(FaultNet, EveryTestCanBeAskedAndHardOnesLast) {
    std::set<std::string> asked;
    for (const Complaint& complaint : net().complaints) {
        FaultCase faultCase = begunCase(complaint.id, 0);
        bool wasHard = false;
        FaultsSay say = faultsSay(net(), faultCase, {});
        const double before = say.causes.front().odds;
        while (say.next && !say.stands) {
            const FaultTest& test = net().tests[say.next->test];
            EXPECT_FALSE(wasHard && test.harm != Harm::Irreversible) << complaint.id << ": " << test.id;
            wasHard = test.harm == Harm::Irreversible;
            EXPECT_TRUE(asked.insert(complaint.id + test.id).second) << "asked twice";
            asked.insert(test.id);
            faultCase = answered(faultCase, {test.id, std::nullopt});
            say = faultsSay(net(), faultCase, {});
        }
        EXPECT_DOUBLE_EQ(say.causes.front().odds, before) << "not sure tells nothing";
    }
    for (const FaultTest& test : net().tests)
        EXPECT_TRUE(asked.contains(test.id)) << test.id;
}

// The same net drawn by dice a million times: share of cases, among those with this complaint and these
// answers, in which a cause brought it. Shares no sum with the search.
TEST(FaultSearch, OddsAreThoseOfDrawnCases) {
    const FaultNet& n = net();
    const std::size_t complaint = *indexOf(n.complaints, "late_wires");
    const FaultTest& soft = n.tests[*indexOf(n.tests, "soft_middle")];
    const FaultTest& plates = n.tests[*indexOf(n.tests, "plates_centred")];
    FaultCase faultCase = begunCase("late_wires", 0);
    faultCase = answered(faultCase, {soft.id, 1});
    faultCase = answered(faultCase, {plates.id, 2});
    const FaultsSay say = faultsSay(n, faultCase, {});

    const testing::DrawnOdds drawn =
        testing::drawnOdds(n, complaint, {{&soft, 1}, {&plates, 2}}, 3'000'000, 5);
    ASSERT_GT(drawn.cases, 3000);
    for (const CauseOdds& one : say.causes)
        if (one.odds > 0.03) { // sampling: 0.008 there; three at once, which the search leaves out: as much
            EXPECT_NEAR(one.odds, drawn.brought[one.cause], 0.035) << n.causes[one.cause].id;
        }
}

TEST(FaultSearch, FiguresSpeakByHowSureTheyAre) {
    const FaultCase dull = begunCase("dull", 0);
    const double nothing = oddsOf(faultsSay(net(), dull, {}), "snare_side_slack");
    const std::vector<FaultFigure> low{{"snare_side_pitch", -400, 5}};
    const std::vector<FaultFigure> unsure{{"snare_side_pitch", -400, 400}};
    const std::vector<FaultFigure> right{{"snare_side_pitch", 5, 5}};
    const double sure = oddsOf(faultsSay(net(), dull, low), "snare_side_slack");
    const double maybe = oddsOf(faultsSay(net(), dull, unsure), "snare_side_slack");
    EXPECT_GT(sure, 0.9);
    EXPECT_LT(maybe, 0.75);
    EXPECT_GT(maybe, nothing);
    EXPECT_LT(oddsOf(faultsSay(net(), dull, right), "snare_side_slack"), 0.5 * nothing);
    // No step where the figure passes some border.
    double before = 1.0;
    for (double cents = -500; cents <= 0; cents += 10) {
        const std::vector<FaultFigure> figure{{"snare_side_pitch", cents, 5}};
        const double odds = oddsOf(faultsSay(net(), dull, figure), "snare_side_slack");
        EXPECT_LT(std::abs(odds - before), cents == -500 ? 1.0 : 0.12) << cents;
        before = odds;
    }
    EXPECT_FALSE(faultsSay(net(), dull, low).causes.front().reasons.empty());
}

TEST(FaultSearch, AnAnswerAgainstAFigureIsShownAndBothCount) {
    const std::vector<FaultFigure> low{{"snare_side_pitch", -400, 5}};
    const FaultCase firm = answered(begunCase("dull", 0), {"thumb_snare", 0});
    const FaultsSay say = faultsSay(net(), firm, low);
    ASSERT_EQ(say.contradictions.size(), 1U);
    EXPECT_EQ(net().causes[say.contradictions[0].cause].id, "snare_side_slack");
    EXPECT_GT(oddsOf(say, "snare_side_slack"), oddsOf(faultsSay(net(), firm, {}), "snare_side_slack"));
    EXPECT_LT(oddsOf(say, "snare_side_slack"),
              oddsOf(faultsSay(net(), begunCase("dull", 0), low), "snare_side_slack"));
}

TEST(FaultSearch, WhatWasFoundMovesTheOddsOnThisDrumMost) {
    const FaultCase buzz = begunCase("buzz_always", 0);
    const std::vector<FoundCause> found{{1, "nightjar", "loose_fittings"}};
    const double before = oddsOf(faultsSay(net(), buzz, {}), "loose_fittings");
    const double elsewhere = oddsOf(faultsSay(net(), buzz, {}, found, "plover"), "loose_fittings");
    const double here = oddsOf(faultsSay(net(), buzz, {}, found, "nightjar"), "loose_fittings");
    EXPECT_GT(elsewhere, before * 1.2);
    EXPECT_GT(here, elsewhere * 1.2);
    EXPECT_LT(here, 0.9);
}

TEST(FaultSearch, ARemedyThatDidNotHelpMakesRoomForOthers) {
    FaultCase faultCase = begunCase("wrinkle", 0);
    faultCase = remedied(faultCase, "hoop_bent", {});
    faultCase = judged(faultCase, Helped::No);
    EXPECT_TRUE(faultCase.cause.empty());
    const FaultsSay say = faultsSay(net(), faultCase, {});
    EXPECT_NE(net().causes[say.causes[0].cause].id, "hoop_bent");
    EXPECT_NEAR(oddsSum(say), 1.0, 1e-9);
}

TEST(FaultSearch, BearsWhatAnotherProgramWrote) {
    FaultCase faultCase = begunCase("dull", 0);
    faultCase.answers = {{"no_such_test", 1}, {"thumb_snare", 7}, {"thumb_snare", -1}, {"thumb_snare", 2}};
    faultCase.tried = {"no_such_cause"};
    const std::vector<FaultFigure> figures{{"no_such_measure", 1, 1}, {"batter_pitch", 1e9, 0}};
    const FaultsSay say =
        faultsSay(net(), faultCase, figures, std::vector<FoundCause>{{1, "x", "nothing"}}, "x");
    EXPECT_NEAR(oddsSum(say), 1.0, 1e-9);
    EXPECT_GT(oddsOf(say, "snare_side_slack"), 0.6);
}

// Every answer the other way about: odds stay odds.
TEST(FaultSearch, ContradictoryAnswersLeaveItOpen) {
    for (const Complaint& complaint : net().complaints) {
        FaultCase faultCase = begunCase(complaint.id, 0);
        int turn = 0;
        for (const FaultTest& test : net().tests)
            if (test.asked[*indexOf(net().complaints, complaint.id)])
                faultCase = answered(
                    faultCase, {test.id, ++turn % 2 == 0 ? 0 : static_cast<int>(test.answers.size()) - 1});
        const FaultsSay say = faultsSay(net(), faultCase, {});
        EXPECT_NEAR(oddsSum(say), 1.0, 1e-9);
        EXPECT_FALSE(say.next);
    }
}

TEST(FaultSearch, AFreshHeadIsNotAskedForBeforeThePress) {
    const FaultsSay say = faultsSay(net(), begunCase("papery", 0), {});
    ASSERT_TRUE(say.next);
    EXPECT_EQ(net().tests[say.next->test].harm, Harm::None);
    EXPECT_FALSE(say.after.empty());
    EXPECT_GE(say.toGo, 2);
    EXPECT_LE(say.toGo, 8);
}

// 300 drums whose fault was planted, a person who is wrong one time in ten. Figures: docs/performance.md; the
// second likeliest is promised in 95 of 100 and reached in 93 where nothing is known of the drum.
TEST(FaultSearch, FindsPlantedFaults) {
    testing::AskedScore asked;
    testing::AskedScore fixed;
    for (int i = 0; i < 300; ++i) {
        const std::uint64_t seed = 900'000 + static_cast<std::uint64_t>(i);
        Dice dice(seed * 31 + 5);
        const testing::FaultyDrum drum(net().causes[static_cast<std::size_t>(i) % net().causes.size()].id,
                                       seed);
        const std::string complaint = drum.complains(dice);
        searchFor(net(), drum, complaint, {}, seed, testing::AskingOrder::Telling, asked);
        searchFor(net(), drum, complaint, {}, seed, testing::AskingOrder::Fixed, fixed);
    }
    EXPECT_GE(asked.first, 240);
    EXPECT_GE(asked.two, 275);
    EXPECT_LE(asked.medianQuestions(), 4);
    EXPECT_LE(asked.mostQuestions(), 8);
    EXPECT_GE(fixed.medianQuestions(), 2 * asked.medianQuestions());
    // What is said to be so likely is right at least as often: 3 in 100 are left to chance.
    EXPECT_GE(asked.first, asked.stated - 9);
}

// With what the ear hears of the drum in a rehearsal room the fault is found as often with fewer questions.
TEST(FaultSearch, AnEarInARoomSavesQuestions) {
    testing::AskedScore with;
    testing::AskedScore without;
    for (const char* cause : {"snare_side_slack", "uneven", "tuned_low", "wires_tight", "wires_loose"})
        for (std::uint64_t seed = 950'000; seed < 950'003; ++seed) {
            Dice dice(seed);
            const testing::FaultyDrum drum(cause, seed);
            const std::string complaint = drum.complains(dice);
            searchFor(net(), drum, complaint, {}, seed, testing::AskingOrder::Telling, without);
            searchFor(net(), drum, complaint, drum.figures(dice), seed, testing::AskingOrder::Telling, with);
        }
    const auto sum = [](const testing::AskedScore& score) {
        return std::accumulate(score.questions.begin(), score.questions.end(), 0);
    };
    EXPECT_LT(sum(with), 0.7 * sum(without));
    EXPECT_GE(with.first, 13);
}

// Nobody is asked for what the workbook knows: whether the batter is fresh.
TEST(FaultSearch, AHeadWhoseDayIsKnownIsNotAskedFor) {
    const auto asksForIt = [](std::span<const FaultFigure> figures) {
        FaultCase faultCase = begunCase("out_of_tune", 0);
        for (;;) {
            const FaultsSay say = faultsSay(net(), faultCase, figures);
            if (!say.next || say.stands)
                return false;
            const std::string& test = net().tests[say.next->test].id;
            if (test == "head_fresh")
                return true;
            faultCase = answered(faultCase, {test, 0});
        }
    };
    EXPECT_TRUE(asksForIt({}));
    for (const double days : {0.5, 94.0}) {
        const std::vector<FaultFigure> known{{"batter_days", std::log10(days), 0.05}};
        EXPECT_FALSE(asksForIt(known)) << days;
        const double settling = oddsOf(faultsSay(net(), begunCase("out_of_tune", 0), known), "settling");
        EXPECT_TRUE(days < 2 ? settling > 0.8 : settling < 0.02) << settling;
    }
}

// A practice drum with a rod that loses much of its turn, by its own law: two rounds of a gauge point at it.
TEST(FaultSearch, AGaugeFindsTheRodThatRunsRough) {
    int found = 0;
    int blamed = 0;
    constexpr int drums = 12;
    for (std::uint64_t seed = 0; seed < drums; ++seed)
        for (const bool rough : {false, true}) {
            HeadBrief brief = testing::batterTo300();
            HiddenNature nature = drawNature(brief.drum, 4100 + seed);
            const std::size_t rod = seed % 8;
            if (rough)
                nature.batter.friction[rod] = 0.6;
            HeadWork work = *turnAll(*markFingerTight(freshHead(8), brief), Turns{1.5});
            std::uint64_t stroke = 0;
            const auto gaugeRound = [&] {
                work = *chooseWay(*beginTapping(std::move(work), 0, Direction::CounterClockwise),
                                  {.kind = TapKind::Gauge, .half = true, .tapsPerRod = 3});
                PracticeState state;
                state.batterTurns = state.snareSideTurns = work.rodTurns;
                while (const auto next = nextRodToTap(work))
                    work = *readGauge(work, brief,
                                      practiceGauge(nature, state, HeadSide::Batter, *next, ++stroke));
            };
            gaugeRound();
            work.rodTurns[rod] += Turns{0.5}; // the rod that is low is turned by itself
            gaugeRound();
            const HeadSigns signs = headSigns(work, brief);
            ASSERT_TRUE(signs.lazy);
            const std::vector<FaultFigure> lazy{{"rod_lazy", *signs.lazy, signs.lazyError}};
            const double before = oddsOf(faultsSay(net(), begunCase("rod_tight_low", 0), {}), "rod_rough");
            const double after = oddsOf(faultsSay(net(), begunCase("rod_tight_low", 0), lazy), "rod_rough");
            (rough ? found : blamed) += after > 1.2 * before;
        }
    EXPECT_GE(found, drums - 2);
    EXPECT_LE(blamed, 2);
}

TEST(FaultNet, ABrokenFileIsRefusedAndNamed) {
    std::ifstream file(BOMBO_DATA "/faults.json");
    const Json good = Json::parse(file);
    const auto refused = [&](const char* path, Json value) {
        Json bad = good;
        bad[Json::json_pointer(path)] = std::move(value);
        const auto read = faultNetFromJson(bad);
        return read ? std::string() : read.fault().key;
    };
    EXPECT_EQ(refused("/slip", 0.7), "slip");
    EXPECT_EQ(refused("/causes/2/share", -0.1), "causes[2].share");
    EXPECT_EQ(refused("/causes/1/id", good["causes"][0]["id"]), "causes[1].id");
    EXPECT_EQ(refused("/causes/0/kind", "elsewhere"), "causes[0].kind");
    EXPECT_EQ(refused("/complaints/0/causes/nobody", 0.5), "complaints[0].causes.nobody");
    EXPECT_EQ(refused("/tests/0/usual", Json::array({0.5, 0.2, 0.2})), "tests[0].usual");
    EXPECT_EQ(refused("/tests/0/causes/snare_side_slack", Json::array({1.0})),
              "tests[0].causes.snare_side_slack");
    EXPECT_EQ(refused("/tests/0/harm", "some"), "tests[0].harm");
    EXPECT_EQ(refused("/tests/0/known_by", "a_guess"), "tests[0].known_by");
    EXPECT_EQ(refused("/measures/0/spread", 0.0), "measures[0].spread");
    EXPECT_EQ(refused("/tests", Json::array()), "tests");
}

} // namespace fault_search_test
} // namespace bombo
