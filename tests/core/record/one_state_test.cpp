/// Everything that is said goes by where the drum is now, and what belongs to a setup stays with it.
#include "core/drum/beds.h"
#include "core/life/life.h"
#include "core/life/used_heads.h"
#include "core/record/drum_now.h"
#include "core/record/entry_figures.h"
#include "core/record/fault_evidence.h"
#include "core/record/session_sound.h"
#include "core/record/stations.h"
#include "core/record/wires_say.h"
#include "support/sessions.h"

#include <algorithm>
#include <gtest/gtest.h>

namespace bombo {
namespace one_state_test {

using testing::chase;
using testing::done;
using testing::fresh;
using testing::fullSession;
using testing::readAgain;
using testing::textOf;

RodReading heardAt(const Session& session, HeadSide side, double cents = 0.0) {
    RodReading reading;
    reading.frequency = moved(briefFor(session, side).target, Cents{cents});
    reading.standardError = Hertz{0.1};
    return reading;
}

Session tapping(Session session, HeadSide side = HeadSide::Batter) {
    session = done(session, FingerTight{side});
    return done(session, BeginTapping{side, 0, Direction::CounterClockwise});
}

TEST(OneState, ASilentRoundBesideTapsCanBeReadAgain) {
    for (const TapKind kind : {TapKind::Gauge, TapKind::HoopGap, TapKind::Feel}) {
        Session s = fullSession();
        s = done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
        s = done(s, ChooseWay{HeadSide::Batter, {kind}});
        const double mark = kind == TapKind::Gauge ? 70.0 : kind == TapKind::HoopGap ? 8.0 : 0.0;
        while (nextRodToTap(s.batter))
            s = done(s, GaugeRead{HeadSide::Batter, mark});
        EXPECT_EQ(s.batter.way.kind, TapKind::FingerDamped); // the next round is heard again
        EXPECT_EQ(textOf(readAgain(s)), textOf(s));
    }
    // A show that was begun from a silent way gives it back.
    Session s = done(fullSession(), ChooseWay{HeadSide::Batter, {TapKind::Gauge}});
    s = done(s, BeginHurry{5.0, 1'790'000'000});
    while (nextRodToTap(s.batter))
        s = done(s, TapHeard{HeadSide::Batter, heardAt(s, HeadSide::Batter)});
    s = done(s, EndHurry{});
    EXPECT_EQ(s.batter.way.kind, TapKind::Gauge);
    EXPECT_EQ(textOf(readAgain(s)), textOf(s));
}

TEST(OneState, ARoundOfWhichEverythingWasHeardIsClosed) {
    Session s = tapping(fresh());
    for (int rod = 0; rod < 6; ++rod)
        s = done(s, TapHeard{HeadSide::Batter, heardAt(s, HeadSide::Batter)});
    s = done(s, ChooseWay{HeadSide::Batter, {.half = true}}); // four of eight would have done
    EXPECT_NE(s.batter.stage, HeadStage::Tapping);
    EXPECT_EQ(s.batter.history.size(), 1U);
    EXPECT_EQ(s.batterHeardAt, s.clock);
}

TEST(OneState, AskingForOneRodKeepsTheTapsForEachOfTheRest) {
    Session s = tapping(fresh());
    s = done(s, ChooseWay{HeadSide::Batter, {.tapsPerRod = 2}});
    while (nextRodToTap(s.batter))
        s = done(s, TapHeard{HeadSide::Batter, heardAt(s, HeadSide::Batter)});
    s = done(s, AskAgain{HeadSide::Batter, 3});
    while (nextRodToTap(s.batter))
        s = done(s, TapHeard{HeadSide::Batter, heardAt(s, HeadSide::Batter)});
    EXPECT_EQ(s.batter.way.tapsPerRod, 2);
}

TEST(OneState, ATrialTurnsBackOnlyWhatItTurned) {
    Session s = done(fresh(), FingerTight{HeadSide::Batter});
    while (s.batter.stage == HeadStage::Raising)
        s = done(s, GroupTurned{HeadSide::Batter});
    while (nextRodToTap(s.batter))
        s = done(s, TapHeard{HeadSide::Batter, heardAt(s, HeadSide::Batter)});
    const std::vector<Turns> before = s.batter.rodTurns;
    s = done(s, BeginTrial{HeadSide::Batter, TrialKind::SlackenNear, {2, 3}, Turns{0.25}});
    s = done(s, MoveMade{HeadSide::Batter});
    s = done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
    s = done(s, EndTrial{HeadSide::Batter});
    while (s.batter.stage == HeadStage::Turning)
        s = done(s, MoveMade{HeadSide::Batter});
    EXPECT_EQ(s.batter.rodTurns, before);
    // Listened to before any move, there is nothing to turn back.
    s = done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
    while (nextRodToTap(s.batter))
        s = done(s, TapHeard{HeadSide::Batter, heardAt(s, HeadSide::Batter)});
    s = done(s, BeginTrial{HeadSide::Batter, TrialKind::SlackenNear, {2}, Turns{0.25}});
    s = done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
    EXPECT_FALSE(s.batter.trial);
    EXPECT_EQ(s.batter.rodTurns, before);
}

Entry entryWith(double batterHz, double snareSideHz) {
    Entry then;
    then.at = 1'780'000'000;
    then.drumId = "plover";
    then.figures.batter.left = HeardHead{Hertz{batterHz}, Cents{2.0}, {}};
    then.figures.snareSide.left = HeardHead{Hertz{snareSideHz}, Cents{2.0}, {}};
    return then;
}

TEST(OneState, GoingBackWithOneHeadUnknownAimsAtThatEntry) {
    Session s = testing::finishHead(fresh(), HeadSide::SnareSide);
    const Entry then = entryWith(330.0, 450.0);
    const BackTo plan = backTo(drumNow(s, {}, 1'790'000'000), then, SameAs::Pitches, {}, {});
    ASSERT_FALSE(plan.batter);
    s = done(s, GoBack{plan, s.tone, "then"});
    const Targets targets = targetsOf(s).value();
    EXPECT_NEAR(targets.batter.edgePitch.value, 330.0, 0.5);
    EXPECT_NEAR(targets.snareSide.edgePitch.value, 450.0, 0.5);
}

TEST(OneState, GoingBackNeverTurnsFurtherAtOnceThanTheLargestStep) {
    Session s = fullSession();
    s.largestStep = Turns{0.25};
    const Entry then = entryWith(briefFor(s, HeadSide::Batter).target.value * 0.7, 400.0);
    const BackTo plan = backTo(drumNow(s, {}, 1'790'000'000), then, SameAs::Pitches, {}, {});
    ASSERT_TRUE(plan.batter);
    ASSERT_LT(plan.batter->all.value, -0.25);
    s = done(s, GoBack{plan, s.tone, "then"});
    Turns sum;
    for (const RodMove& move : s.batter.moves) {
        EXPECT_LE(std::abs(move.turns.value), 0.75);
        if (std::find(move.rods.begin(), move.rods.end(), 0) != move.rods.end())
            sum += move.turns;
    }
    EXPECT_NEAR(sum.value, plan.batter->net[0].value, 1e-9);
    for (std::size_t i = 0; i < s.batter.moves.size() - plan.batter->own.size(); ++i)
        EXPECT_LE(std::abs(s.batter.moves[i].turns.value), 0.25);
}

TEST(OneState, WhatAnEntrySaysBeyondThisDrumIsLeftOutAndSaid) {
    const Session s = fullSession();
    Entry then = entryWith(300.0, 400.0);
    then.figures.strainer = Turns{7.5};
    then.figures.padsKnown = true;
    then.figures.pads = {{"gel-pad", Metres{0.4}, Radians{0.0}}, {"gel-pad", Metres{0.12}, Radians{1.0}}};
    const BackTo plan = backTo(drumNow(s, {}, 1'790'000'000), then, SameAs::Pitches, {}, padKinds());
    EXPECT_FALSE(plan.strainerTo);
    const auto said = [&](NotTheSame what) {
        return std::any_of(plan.but.begin(), plan.but.end(),
                           [&](const Reservation& one) { return one.what == what; });
    };
    EXPECT_TRUE(said(NotTheSame::StrainerBeyond));
    EXPECT_TRUE(said(NotTheSame::PadOffDrum) || said(NotTheSame::UnknownPad));
    EXPECT_LE(plan.padsThen->size(), 1U);
    const Session after = done(s, GoBack{plan, s.tone, "then"});
    EXPECT_EQ(textOf(readAgain(after)), textOf(after));
}

TEST(OneState, ADrumOfAnotherSizeKeepsNothingOfTheOldShell) {
    Session s = fullSession();
    HeardStroke stroke;
    stroke.centre = Hertz{200};
    stroke.tone = Seconds{0.4};
    s = done(s, StrokeHeard{stroke});
    s = done(s, BeginExperiment{"one"});
    Drum smaller = s.drum;
    smaller.shell.diameter = inches(10);
    s = done(s, DescribeDrum{smaller});
    EXPECT_FALSE(s.experiment);
    EXPECT_EQ(textOf(readAgain(s)), textOf(s));
}

TEST(OneState, StarsAndNoteBelongToTheSetupTheyWereGivenTo) {
    Session s = done(fullSession(), SetStars{5});
    s = done(s, SetNote{"loved it"});
    s = done(s, JudgeBlind{{8, 5, 2}});
    s = done(s, MarkSaved{});
    EXPECT_EQ(s.stars, 5);
    EXPECT_EQ(noteNow(s), "loved it"); // still the same setup: said once more, it is the same
    const Session saved = s;
    s = done(s, SetStrainer{Turns{2.0}});
    EXPECT_EQ(s.stars, 0);
    EXPECT_FALSE(s.blind);
    EXPECT_EQ(noteNow(s), "");
    // Undo brings the work back, and what was said with it: context is never undone.
    Session undone = s;
    static_cast<Work&>(undone) = saved;
    EXPECT_EQ(undone.stars, 5);
    EXPECT_EQ(noteNow(undone), "loved it");
    // What was not saved yet is not lost: it goes into the next entry.
    s = done(s, SetNote{"typed before the knob was turned"});
    s = done(s, SetStars{3});
    s = done(s, SetStrainer{Turns{2.25}});
    EXPECT_EQ(s.stars, 3);
    EXPECT_EQ(noteNow(s), "typed before the knob was turned");
    // Another tone is another setup, saved or not.
    Tone storm = s.tone;
    storm.id = "storm";
    s = done(s, ChooseTone{storm});
    EXPECT_EQ(s.stars, 0);
    EXPECT_EQ(textOf(readAgain(s)), textOf(s));
    EXPECT_EQ(apply(s, SetNote{std::string(5000, 'n')}).fault(), Refusal::NoteTooLong);
}

TEST(OneState, FaultsAndOwnTonesGoByTheTurnsSince) {
    Session s = fullSession();
    const double heard = toneOfSetup(s).batterEdgeAt14.value;
    s = done(s, BothTurned{Turns{0.5}, {}});
    EXPECT_GT(toneOfSetup(s).batterEdgeAt14.value, 1.02 * heard);
    const auto figures = faultFigures(s, {}, 1'790'000'000);
    const auto pitch = std::find_if(figures.begin(), figures.end(),
                                    [](const FaultFigure& one) { return one.measure == "batter_pitch"; });
    ASSERT_NE(pitch, figures.end());
    EXPECT_GT(pitch->value, 30.0); // cents above its target now
    EXPECT_GT(pitch->error, 3.0);  // by the count, not by ear
}

TEST(OneState, AGaugesPointStaysInTheWeatherItWasReadIn) {
    Session s = done(fullSession(), ChooseGauge{{"mine", {}}});
    s = done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
    s = done(s, ChooseWay{HeadSide::Batter, {TapKind::Gauge}});
    while (nextRodToTap(s.batter))
        s = done(s, GaugeRead{HeadSide::Batter, 70.0});
    const auto before = gaugesFound(s);
    ASSERT_EQ(before.size(), 1U);
    Weather cold = s.weather;
    cold.temperature = Celsius{2.0};
    EXPECT_EQ(gaugesFound(done(s, SetWeather{cold})), before);
}

TEST(OneState, AnotherSkipWaitsForTheEndOfARoundOnEitherHead) {
    Session s = fresh();
    s.drum.rods = 10;
    s = newSession(s.drum, chase(), 8);
    ChooseHandling handling;
    handling.path = Path::OwnSkip;
    handling.skip = 3;
    s = done(s, handling);
    s = done(s, FingerTight{HeadSide::Batter});
    for (int group = 0; group < 5; ++group)
        s = done(s, GroupTurned{HeadSide::Batter});
    handling.skip = 7;
    EXPECT_EQ(apply(s, handling).fault(), Refusal::RoundUnderWay);
    handling.skip = 3;
    EXPECT_TRUE(apply(s, handling));
}

TEST(OneState, TheNextTestOfTheWiresLiesOnTheKnob) {
    for (const double slack : {0.0, 2.0, 4.0, 5.0, 6.0}) {
        Sweep sweep;
        sweep.slackTurns = slack;
        const WireAdvice advice = adviseWires(sweep);
        if (advice.nextTest) {
            EXPECT_LE(advice.nextTest->value, kFarthestStrainer) << slack;
        }
    }
}

TEST(OneState, EachBedHasItsOwnRodsOnAnOddCount) {
    EXPECT_EQ(rodsBesideBeds(7), (std::vector<int>{0, 3, 6}));
    EXPECT_EQ(rodsBesideBeds(5), (std::vector<int>{0, 2, 4}));
    EXPECT_EQ(rodsBesideBeds(8), (std::vector<int>{0, 3, 4, 7}));
}

Entry playedAt(std::int64_t at, int offset) {
    Entry entry = entryWith(300.0, 400.0);
    entry.at = at;
    entry.utcOffset = offset;
    return entry;
}

TEST(OneState, AnEveningIsOneShowWhateverTheClockOfTheWorldSays) {
    constexpr std::int64_t midnight = 1'782'864'000; // UTC
    constexpr std::int64_t hour = 3600;
    // 17:00 and 20:30 five hours west of Greenwich, and an hour after midnight two hours east of it.
    for (const auto& [first, second, offset] :
         {std::tuple{midnight + 22 * hour, midnight + 25 * hour + 1800, -5 * 3600},
          std::tuple{midnight + 18 * hour, midnight + 23 * hour, 2 * 3600}})
        EXPECT_EQ(playsOf(std::vector{playedAt(first, offset), playedAt(second, offset)}).size(), 1U);
    EXPECT_EQ(playsOf(std::vector{playedAt(midnight, 0), playedAt(midnight + 20 * hour, 0)}).size(), 2U);
    // A head put on between two entries of a day has that evening's show.
    const std::vector<Play> plays =
        playsOf(std::vector{playedAt(midnight + 10 * hour, 0), playedAt(midnight + 20 * hour, 0)});
    ASSERT_EQ(plays.size(), 1U);
    EXPECT_GT(hoursPlayed(plays, midnight + 12 * hour, midnight + 48 * hour), 0.0);
    EXPECT_EQ(hoursPlayed(plays, 0, midnight + 12 * hour), 0.0);
    // An entry with nothing measured is no show.
    Entry slip;
    slip.at = midnight;
    slip.isRestorable = true;
    EXPECT_TRUE(playsOf(std::vector{slip}).empty());
}

TEST(OneState, AHeadThatGoesOnAThirdDrumKeepsTheHoursOfTheFirst) {
    constexpr std::int64_t day = 86400;
    constexpr std::int64_t start = 1'780'000'000;
    Drum second = testing::plover();
    second.fittedAt.batter = start + 20 * day; // what is on now; the one before came with 12 hours
    std::vector<Entry> entries;
    for (int i = 1; i <= 3; ++i) {
        Entry entry = playedAt(start + i * day, 0);
        entry.figures.batter.kind = second.batterHead.id;
        entry.figures.batter.fittedAt = start;
        entry.figures.batter.playedBefore = 12.0;
        entries.push_back(entry);
    }
    Drum third = second;
    third.id = "third";
    const std::vector<HeadSpec> kinds{second.batterHead};
    const auto used =
        usedHeads(third, HeadSide::Batter, std::vector<Drum>{second}, entries, kinds, start + 30 * day);
    const auto off =
        std::find_if(used.begin(), used.end(), [](const UsedHead& one) { return one.hours > 15.0; });
    ASSERT_NE(off, used.end());
    EXPECT_NEAR(off->hours, 12.0 + 3 * kShowHours, 1e-9);
}

} // namespace one_state_test
} // namespace bombo
