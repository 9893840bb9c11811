#include "core/record/commands/command.h"
#include "core/record/fault_evidence.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

#include <algorithm>

namespace bombo {
namespace faults_commands_test {

using testing::done;

Session searching() {
    Session session = done(testing::fullSession(), Complain{"dull", 1'790'000'000});
    session = done(session, AnswerFault{{"thumb_snare", 2}});
    return done(session, AnswerFault{{"lever_off", std::nullopt}});
}

TEST(FaultCommands, NothingIsAnsweredBeforeAComplaint) {
    const Session fresh = testing::fullSession();
    EXPECT_EQ(apply(fresh, AnswerFault{{"thumb_snare", 1}}).fault(), Refusal::NothingLookedFor);
    EXPECT_EQ(apply(fresh, TakeCause{"uneven", {}}).fault(), Refusal::NothingLookedFor);
    EXPECT_EQ(apply(fresh, JudgeRemedy{Helped::Gone}).fault(), Refusal::NothingLookedFor);
    EXPECT_EQ(apply(fresh, StepBackInFaults{}).fault(), Refusal::NothingLookedFor);
    EXPECT_EQ(apply(searching(), JudgeRemedy{Helped::Gone}).fault(), Refusal::NothingLookedFor);
    EXPECT_EQ(apply(searching(), TakeCause{"", {}}).fault(), Refusal::NothingLookedFor);
}

TEST(FaultCommands, AnAnswerSaidAgainReplacesTheFirst) {
    const Session again = done(searching(), AnswerFault{{"thumb_snare", 0}});
    ASSERT_EQ(again.faults->answers.size(), 2U);
    EXPECT_EQ(again.faults->answers[0].level, 0);
    EXPECT_EQ(again.faults->answers[1].level, std::nullopt);
}

TEST(FaultCommands, EachStepBackTakesOneThing) {
    Session session = done(searching(), TakeCause{"snare_side_slack", {{"batter_pitch", -20, 3}}});
    session = done(session, JudgeRemedy{Helped::Better});
    EXPECT_EQ(session.faults->ended, Helped::Better);
    EXPECT_EQ(apply(session, AnswerFault{{"pads_off", 1}}).fault(), Refusal::NothingLookedFor);
    session = done(session, StepBackInFaults{});
    EXPECT_FALSE(session.faults->ended);
    EXPECT_EQ(session.faults->cause, "snare_side_slack");
    session = done(session, StepBackInFaults{});
    EXPECT_TRUE(session.faults->cause.empty());
    EXPECT_TRUE(session.faults->before.empty());
    for (int answers = 2; answers > 0; --answers) {
        EXPECT_EQ(session.faults->answers.size(), static_cast<std::size_t>(answers));
        session = done(session, StepBackInFaults{});
    }
    session = done(session, StepBackInFaults{});
    EXPECT_FALSE(session.faults);
}

TEST(FaultCommands, WhatACaseWasIsKeptOnceAndCanBeTakenBack) {
    Session session = testing::fullSession();
    session = done(session, KeepFound{{5, "plover", "uneven"}});
    session = done(session, KeepFound{{6, "plover", "batter_worn"}});
    session = done(session, KeepFound{{5, "plover", "hoop_bent"}}); // on second thoughts
    ASSERT_EQ(session.foundCauses.size(), 2U);
    EXPECT_EQ(session.foundCauses.back().cause, "hoop_bent");
    session = done(session, KeepFound{{5, "plover", ""}});
    ASSERT_EQ(session.foundCauses.size(), 1U);
    EXPECT_EQ(session.foundCauses[0].caseAt, 6);
    for (std::int64_t at = 100; at < 100 + static_cast<std::int64_t>(kMostFound) + 20; ++at)
        session = done(session, KeepFound{{at, "plover", "uneven"}});
    EXPECT_EQ(session.foundCauses.size(), kMostFound);
}

TEST(FaultCommands, TheSearchComesBackFromAFileAndNonsenseDoesNot) {
    Session session = done(searching(), TakeCause{"uneven", {{"batter_evenness", 1.5, 0.3}}});
    session = done(session, JudgeRemedy{Helped::No});
    session = done(session, TakeCause{"batter_worn", {}});
    session = done(session, JudgeRemedy{Helped::Gone});
    const auto again = workFromText(workText(session));
    ASSERT_TRUE(again);
    EXPECT_EQ(again->faults, session.faults);
    EXPECT_EQ(again->faults->tried, std::vector<std::string>{"uneven"});

    const auto refused = [&](const char* path, Json value) {
        Json bad = Json::parse(workText(session));
        bad[Json::json_pointer(path)] = std::move(value);
        return !workFromText(bad.dump());
    };
    EXPECT_TRUE(refused("/faults/answers/0/level", 12));
    EXPECT_TRUE(refused("/faults/answers/0/level", -1));
    EXPECT_TRUE(refused("/faults/complaint", ""));
    EXPECT_TRUE(refused("/faults/complaint", std::string(5000, 'x')));
    EXPECT_TRUE(refused("/faults/begunAt", -5));
    EXPECT_TRUE(refused("/faults/cause", "")); // it is over, but nothing has helped
    EXPECT_TRUE(refused("/faults/ended", "perhaps"));
    EXPECT_TRUE(refused("/faults/answers", "none"));
}

TEST(FaultCommands, EarResultsAndFoundCausesComeBackFromAFile) {
    Session session = testing::fullSession();
    session = done(session, KeepFound{{5, "plover", "uneven"}});
    session = done(session, KeepEarResult{{7, "Ida", "higher", 9.5, 0.2, 31}});
    session = done(session, KeepTuningResult{{.at = 8,
                                              .who = "Ida",
                                              .task = "uneven",
                                              .help = "figures",
                                              .isDone = true,
                                              .widestBefore = 31.0,
                                              .widestAfter = 5.5,
                                              .offAfter = -3.0,
                                              .passes = 2,
                                              .placements = 9,
                                              .fewest = 6,
                                              .load = 0.4,
                                              .seconds = 210.0}});
    const auto again = placeRigFromText(placeRigText(session));
    ASSERT_TRUE(again);
    EXPECT_EQ(again->tuningResults, session.tuningResults);
    EXPECT_EQ(again->foundCauses, session.foundCauses);
    EXPECT_EQ(again->earResults, session.earResults);
    Json bad = Json::parse(placeRigText(session));
    bad["earResults"][0]["threshold"] = -3;
    EXPECT_FALSE(placeRigFromText(bad.dump()));
    Json badTask = Json::parse(placeRigText(session));
    badTask["tuningResults"][0]["seconds"] = -1;
    EXPECT_FALSE(placeRigFromText(badTask.dump()));
    Json old = Json::parse(placeRigText(session)); // of a program that knew neither
    old.erase("earResults");
    old.erase("foundCauses");
    old.erase("tuningResults");
    ASSERT_TRUE(placeRigFromText(old.dump()));
    EXPECT_TRUE(placeRigFromText(old.dump())->earResults.empty());
}

// What is known counts in the net's units; what nobody measured is not there.
TEST(FaultFigures, AreThoseOfTheSession) {
    const auto figure = [](const std::vector<FaultFigure>& all, const std::string& id) {
        const auto found =
            std::find_if(all.begin(), all.end(), [&](const FaultFigure& one) { return one.measure == id; });
        return found == all.end() ? std::optional<double>() : std::optional(found->value);
    };
    const Session session = testing::fullSession();
    const std::vector<FaultFigure> all = faultFigures(session, {}, 1'790'000'000);
    const auto estimate = lastEstimate(session.batter);
    ASSERT_TRUE(estimate);
    EXPECT_NEAR(figure(all, "batter_pitch").value(),
                centsBetween(targetsOf(session)->batter.edgePitch, estimate->mean).value, 1e-9);
    EXPECT_EQ(figure(all, "weather_cents"), std::nullopt); // no entry to compare with

    const auto day = [&](std::int64_t fitted) {
        Session on = session;
        on.drum.fittedAt.batter = fitted;
        return figure(faultFigures(on, {}, 1'790'000'000), "batter_days");
    };
    EXPECT_EQ(day(0), std::nullopt); // nobody said when
    EXPECT_NEAR(day(1'790'000'000 - 94 * 86'400).value(), std::log10(94.0), 1e-9);
    EXPECT_NEAR(day(1'790'000'000 - 60).value(), std::log10(0.25), 1e-9);

    Session fresh = newSession(testing::plover(), testing::chase(), 1);
    EXPECT_TRUE(faultFigures(fresh, {}, 1'790'000'000).empty());
    fresh.drum.wires.slackTurns = 1.5;
    EXPECT_EQ(figure(faultFigures(fresh, {}, 1'790'000'000), "strand_slack"), 1.5);
    fresh.layout = WireLayout{};
    fresh.layout->strainerGap = Metres{0.012};
    fresh.layout->buttGap = Metres{0.004};
    EXPECT_NEAR(figure(faultFigures(fresh, {}, 1'790'000'000), "plates_apart").value(), 8.0, 1e-9);
    fresh.neighbours = {neighbourAt("high tom", NeighbourKind::Tom, Hertz{185})};
    EXPECT_TRUE(figure(faultFigures(fresh, {}, 1'790'000'000), "neighbour_apart"));
}

} // namespace faults_commands_test
} // namespace bombo
