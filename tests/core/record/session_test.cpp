#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "core/record/proof.h"
#include "core/record/stations.h"
#include "core/record/strokes_say.h"
#include "core/record/wires_say.h"
#include "support/drums.h"
#include "support/sessions.h"

#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace session_test {

using testing::chase;
using testing::done;
using testing::finishHead;
using testing::fresh;
using testing::plover;

TEST(SessionCommands, ApplyIsPure) {
    const Session before = fresh();
    const Session copy = before;
    const auto after = apply(before, FingerTight{HeadSide::Batter});
    ASSERT_TRUE(after);
    EXPECT_TRUE(before == copy);
    EXPECT_TRUE(*after == *apply(before, FingerTight{HeadSide::Batter}));
    EXPECT_EQ(after->clock, before.clock + 1);
}

TEST(SessionCommands, EveryCommandHasAStableName) {
    const std::vector<Command> commands{GoTo{},
                                        ChooseTone{},
                                        ChooseSource{},
                                        FingerTight{},
                                        GroupTurned{},
                                        BeginTapping{},
                                        TapHeard{},
                                        MoveMade{},
                                        CorrectCount{},
                                        StartHeadAgain{},
                                        SetStrainer{},
                                        AnswerWires{},
                                        TakeBackCardTap{},
                                        AddPad{},
                                        MovePad{},
                                        RemovePad{},
                                        SetNote{},
                                        MarkSaved{},
                                        SetWish{},
                                        ChooseSchool{},
                                        SetWeather{},
                                        BothTurned{},
                                        ChooseWay{},
                                        AskAgain{},
                                        CardTapHeard{},
                                        StartCard{},
                                        ChooseHandling{},
                                        StrokeHeard{},
                                        ChooseCondition{},
                                        Prepared{},
                                        GaugeRead{},
                                        ChooseGauge{},
                                        Resists{},
                                        RetraceHead{},
                                        SetNearestRod{},
                                        SetReminder{},
                                        BeginHurry{},
                                        EndHurry{},
                                        BeginTrial{},
                                        EndTrial{},
                                        SetHand{},
                                        Rested{},
                                        MeasureWires{},
                                        SetNeighbours{},
                                        JudgeWires{},
                                        VoiceHeard{},
                                        LayPads{},
                                        PlaceMicrophone{},
                                        KeepKind{},
                                        BeginExperiment{},
                                        EndExperiment{},
                                        JudgeBlind{},
                                        SetStars{},
                                        DescribeDrum{},
                                        FitHead{},
                                        FitWires{},
                                        GoBack{},
                                        Complain{},
                                        AnswerFault{},
                                        TakeCause{},
                                        JudgeRemedy{},
                                        StepBackInFaults{},
                                        LeaveFaults{},
                                        KeepFound{},
                                        KeepEarResult{},
                                        KeepTuningResult{}};
    ASSERT_EQ(commands.size(), std::variant_size_v<Command>);
    std::vector<std::string> names;
    for (const Command& c : commands)
        names.emplace_back(commandName(c));
    EXPECT_EQ(names[6], "tap_heard");
    std::sort(names.begin(), names.end());
    EXPECT_EQ(std::unique(names.begin(), names.end()), names.end());
}

TEST(SessionCommands, RefusalsLeaveNothingBehind) {
    struct Row {
        Command command;
        Refusal refusal;
    };
    Tone tooHigh = chase();
    tooHigh.batterEdgeAt14 = Hertz{3000};
    Pad beyond;
    beyond.fromCentre = Metres{0.3};
    Pad landing;
    landing.fromCentre = Metres{0.0};
    const Row rows[] = {{GroupTurned{}, Refusal::WrongStage},
                        {MoveMade{}, Refusal::WrongStage},
                        {TapHeard{}, Refusal::WrongStage},
                        {BeginTapping{}, Refusal::WrongStage},
                        {CorrectCount{HeadSide::Batter, 9, Turns{0.1}}, Refusal::NoSuchRod},
                        {ChooseTone{tooHigh}, Refusal::ToneOutOfReach},
                        {SetWeather{{Celsius{70}, 0.5, Pascal{101325}}}, Refusal::WeatherOutOfRange},
                        {SetWeather{{Celsius{20}, 1.5, Pascal{101325}}}, Refusal::WeatherOutOfRange},
                        {SetWeather{{Celsius{20}, 0.5, Pascal{20000}}}, Refusal::WeatherOutOfRange},
                        {SetStrainer{Turns{-0.1}}, Refusal::StrainerOutOfRange},
                        {SetStrainer{Turns{6.1}}, Refusal::StrainerOutOfRange},
                        {AddPad{beyond}, Refusal::PadBeyondHoop},
                        {AddPad{landing}, Refusal::PadOnLandingArea},
                        {MovePad{0, {}}, Refusal::NoSuchPad},
                        {RemovePad{0}, Refusal::NoSuchPad}};
    for (const Row& row : rows) {
        const auto after = apply(fresh(), row.command);
        ASSERT_FALSE(after) << commandName(row.command);
        EXPECT_EQ(after.fault(), row.refusal) << commandName(row.command);
    }
}

TEST(SessionCommands, PadsAreAddedMovedAndTakenOff) {
    Pad pad;
    pad.fromCentre = Metres{0.12};
    Session s = done(fresh(), AddPad{pad});
    pad.angle = Radians{2.0};
    EXPECT_EQ(apply(s, AddPad{Pad{Metres{0.121}, Radians{0.0}, {}}}).fault(), Refusal::PadsOverlap);
    s = done(s, AddPad{pad});
    ASSERT_EQ(s.pads.size(), 2U);
    pad.fromCentre = Metres{0.10};
    s = done(s, MovePad{1, pad});
    EXPECT_EQ(s.pads[1], pad);
    s = done(s, MovePad{1, Pad{Metres{0.101}, Radians{2.0}, {}}}); // its own old place is not in its way
    s = done(s, RemovePad{0});
    EXPECT_EQ(s.pads.size(), 1U);
    EXPECT_EQ(s.pads[0].angle, Radians{2.0});
}

TEST(SessionCommands, ANewAnswerToTheSameStrokeReplacesTheOld) {
    Session s = done(fresh(), SetStrainer{Turns{1}});
    s = done(s, AnswerWires{{StrokePlace::Edge, Dynamic::Whisper, true, {}}});
    s = done(s, AnswerWires{{StrokePlace::Edge, Dynamic::Whisper, false, {}}});
    s = done(s, AnswerWires{{StrokePlace::Middle, Dynamic::Loud, {}, true}});
    s = done(s, AnswerWires{{StrokePlace::Middle, Dynamic::Loud, {}, false}});
    ASSERT_EQ(s.wires.tests.size(), 1U);
    EXPECT_FALSE(s.wires.tests[0].answered);
    ASSERT_EQ(s.wires.rattles.size(), 1U);
    s = done(s, SetStrainer{Turns{2}});
    s = done(s, AnswerWires{{StrokePlace::Edge, Dynamic::Whisper, false, {}}});
    EXPECT_EQ(s.wires.tests.size(), 2U);
}

TEST(SessionStations, GoFromOpenToDoneAndTurnStale) {
    Session s = fresh();
    EXPECT_EQ(stationState(s, Station::Tone), StationState::Open);
    EXPECT_EQ(stationState(s, Station::Batter), StationState::Open);
    s = done(s, ChooseTone{chase()});
    EXPECT_EQ(stationState(s, Station::Tone), StationState::Done);
    s = done(s, FingerTight{HeadSide::Batter});
    EXPECT_EQ(stationState(s, Station::Batter), StationState::Doing);
    s = finishHead(s, HeadSide::Batter);
    EXPECT_EQ(stationState(s, Station::Batter), StationState::Done);

    Pad pad;
    pad.fromCentre = Metres{0.12};
    s = done(s, AddPad{pad});
    EXPECT_EQ(stationState(s, Station::Muffling), StationState::Done);
    s = done(s, CorrectCount{HeadSide::Batter, 0, Turns{0.25}});
    EXPECT_EQ(stationState(s, Station::Muffling),
              StationState::Stale); // the head moved after the pad was laid

    Tone other = chase();
    other.batterEdgeAt14 = Hertz{290};
    s = done(s, ChooseTone{other});
    EXPECT_EQ(stationState(s, Station::Batter), StationState::Stale);
}

TEST(SessionWish, MovesTheTargetsAndAnotherToneForgetsIt) {
    const Session plain = done(fresh(), ChooseTone{chase()});
    const Session higher = done(plain, SetWish{{.high = 1.0, .longer = 1.0, .wire = 1.0}});
    EXPECT_NEAR(centsBetween(targetsOf(plain)->batter.edgePitch, targetsOf(higher)->batter.edgePitch).value,
                chase().pitchSpan.value, 0.1);
    EXPECT_NEAR(ringWanted(briefOf(higher)) / ringWanted(briefOf(plain)), chase().ringSpan, 1e-12);
    EXPECT_LT(wireMarginWanted(briefOf(higher)), wireMarginWanted(briefOf(plain)));
    EXPECT_EQ(done(higher, ChooseTone{chase()}).wish, Wish{});
    EXPECT_EQ(done(plain, SetWish{{.high = 7.0}}).wish.high, 1.0); // the tone's range ends there
}

TEST(SessionSchool, CountedTurnsFollowWhatTheBatterLearned) {
    Session s = done(fresh(), ChooseTone{chase()});
    s = finishHead(done(s, FingerTight{HeadSide::Batter}), HeadSide::Batter);
    s = done(s, ChooseSchool{{.level = SnareSideLevel::CountedTurns}});
    const TurnModel turns = turnModelOf(s);
    const Turns batter = turns.batter.turnsFor(targetsOf(s)->batter.tension);
    const Turns snareSide = turns.snareSide.turnsFor(targetsOf(s)->snareSide.tension);
    EXPECT_NEAR((snareSide - batter).value, kCountedMore.value, 1e-6);
}

TEST(SessionWeather, WhatWasHeardWarmIsCarriedIntoTheCold) {
    Session s = done(fresh(), ChooseTone{chase()});
    s = finishHead(done(s, FingerTight{HeadSide::Batter}), HeadSide::Batter);
    ASSERT_EQ(stationState(s, Station::Batter), StationState::Done);
    const Weather indoors = s.weather;
    const Weather outdoors{Celsius{5}, 0.8, Pascal{101325}};
    const Tension warm = knownState(s).batter.tension;
    s = done(s, SetWeather{outdoors});
    EXPECT_EQ(stationState(s, Station::Batter), StationState::Stale); // to be heard again
    EXPECT_NEAR(knownState(s).batter.tension.value,
                tensionInWeather(s.drum, HeadSide::Batter, warm, indoors, outdoors).tension.value, 1e-6);
    EXPECT_NE(knownState(s).batter.tension, warm);
}

TEST(SessionStations, ProofIsStaleOnceSomethingChanged) {
    Session s = done(done(fresh(), ChooseTone{chase()}), MarkSaved{});
    EXPECT_EQ(stationState(s, Station::Proof), StationState::Done);
    s = done(s, SetStrainer{Turns{1}});
    EXPECT_EQ(stationState(s, Station::Proof), StationState::Stale);
}

TEST(SessionDerived, UntouchedHeadsAreTakenAtTheirTargets) {
    const Session s = fresh();
    const auto targets = targetsOf(s);
    ASSERT_TRUE(targets);
    EXPECT_EQ(knownState(s).batter.tension, targets->batter.tension);
    EXPECT_EQ(knownState(s).snareSide.tension, targets->snareSide.tension);
}

TEST(SessionText, RoundTripsAFullSession) {
    const Session s = testing::fullSession();
    const Session back = testing::readAgain(s);
    EXPECT_TRUE(back == s);
    EXPECT_EQ(testing::textOf(back), testing::textOf(s));
    EXPECT_FALSE(back.pads.empty());
    EXPECT_FALSE(back.note.empty());
}

TEST(SessionText, KeepsThePlaceOfAnInterruptedRound) {
    Session s = done(done(fresh(), ChooseTone{chase()}), FingerTight{HeadSide::SnareSide});
    s = done(s, BeginTapping{HeadSide::SnareSide, 5, Direction::Clockwise});
    RodReading heard;
    heard.frequency = Hertz{380};
    s = done(s, TapHeard{HeadSide::SnareSide, heard});
    s = done(s, TapHeard{HeadSide::SnareSide, heard});
    const auto back = workFromText(workText(s));
    ASSERT_TRUE(back);
    EXPECT_EQ(nextRodToTap(back->snareSide), 3); // 5, 4, then 3
    EXPECT_EQ(back->snareSide.direction, Direction::Clockwise);
    EXPECT_EQ(back->snareSide.rodsHeard(), 2);
}

TEST(SessionCommands, BothHeadsTurnedAtOnceAreHeardAgain) {
    Session s = done(fresh(), ChooseTone{chase()});
    const Session found = done(s, BothTurned{Turns{0.25}, Turns{}}); // not begun: from how it stands
    EXPECT_EQ(found.batter.condition, HeadCondition::AsItStands);
    EXPECT_EQ(found.batter.stage, HeadStage::Tapping);
    EXPECT_EQ(found.batter.meanTurns(), Turns{0.25});
    EXPECT_EQ(found.snareSide, s.snareSide);
    s = testing::fullSession();
    const Turns before = s.batter.rodTurns[3];
    const Session after = done(s, BothTurned{Turns{0.25}, Turns{}});
    EXPECT_EQ(after.batter.rodTurns[3], before + Turns{0.25});
    EXPECT_EQ(after.snareSide, s.snareSide); // not turned, not asked again
    EXPECT_EQ(after.batter.stage, HeadStage::Tapping);
    EXPECT_EQ(stationState(after, Station::Wires), StationState::Stale);
}

TEST(SessionSchool, OrderOfTheHeadsLeadsTheWay) {
    Session s = fresh();
    EXPECT_EQ(stationAfter(s, Station::Drum), Station::Tone);
    EXPECT_EQ(stationAfter(s, Station::Tone), Station::SnareSide);
    EXPECT_EQ(stationAfter(s, Station::Batter), Station::Wires);
    s = done(s, ChooseSchool{{.order = HeadOrder::BatterFirst}});
    EXPECT_EQ(stationAfter(s, Station::Tone), Station::Batter);
    EXPECT_EQ(stationAfter(s, Station::Batter), Station::SnareSide);
    EXPECT_EQ(stationAfter(s, Station::SnareSide), Station::Wires);
    EXPECT_EQ(stationAfter(s, Station::Proof), Station::Proof);
}

TEST(SessionText, OpensWhatAnEarlierVersionKept) {
    Session s = testing::fullSession();
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        for (FinishedRound& round : s.head(side).history)
            round.weather = {}; // earlier versions knew no other
    Json older = Json::parse(workText(s));
    for (const char* added : {"wish", "school", "weatherAt"})
        older.erase(added);
    for (const char* added : {"reasons", "pitchSpan", "origin", "buzz"})
        older["tone"].erase(added);
    older["drum"].erase("hoop");
    older["drum"]["batterHead"].erase("plies");
    older.erase("card");
    for (const char* head : {"batter", "snareSide"}) {
        older[head].erase("way");
        older[head].erase("askedAgain");
        Json heard = Json::array(); // one tap a rod at most
        for (const Json& taps : older[head]["taps"])
            heard.push_back(taps.empty() ? Json() : taps[0]);
        older[head].erase("taps");
        older[head]["heard"] = heard;
        for (Json& round : older[head]["history"]) {
            round.erase("weather");
            round.erase("way");
            for (Json& reading : round["readings"]) {
                reading.erase("taps");
                reading.erase("outliers");
            }
        }
    }
    const auto back = workFromText(older.dump());
    ASSERT_TRUE(back) << back.fault().text();
    EXPECT_TRUE(*back == static_cast<const Work&>(s)); // all of them stood at their defaults
}

TEST(SessionText, RefusesDamagedTexts) {
    const std::string good = workText(fresh());
    for (const std::string& text :
         {std::string(), std::string("{}"), std::string("[1,2"), good.substr(0, good.size() / 2)})
        EXPECT_FALSE(workFromText(text)) << text.substr(0, 30);
    Json spoilt = Json::parse(good);
    spoilt["batter"]["rodTurns"] = {0.0, 0.0};
    EXPECT_FALSE(workFromText(spoilt.dump())); // two rods on an eight-rod drum
    spoilt = Json::parse(good);
    spoilt["drum"]["rods"] = 40;
    EXPECT_FALSE(workFromText(spoilt.dump()));
}

TEST(Handling, PathAndToleranceAreChosenButNotInTheMiddleOfARound) {
    Session s = done(fresh(), ChooseHandling{Path::Star, Cents{5.0}});
    EXPECT_EQ(s.path, Path::Star);
    EXPECT_EQ(briefFor(s, HeadSide::Batter).tolerance, Cents{5.0});
    EXPECT_EQ(workFromText(workText(s))->path, Path::Star);
    s = done(s, FingerTight{HeadSide::Batter});
    s = done(s, GroupTurned{HeadSide::Batter});
    EXPECT_EQ(apply(s, ChooseHandling{Path::OppositePairs, Cents{5.0}}).fault(), Refusal::RoundUnderWay);
    EXPECT_EQ(done(s, ChooseHandling{Path::Star, Cents{12.0}}).tolerance, Cents{12.0});
    EXPECT_EQ(apply(s, ChooseHandling{Path::Star, Cents{1.0}}).fault(), Refusal::ToleranceOutOfRange);
    EXPECT_EQ(apply(s, ChooseHandling{Path::Star, Cents{80.0}}).fault(), Refusal::ToleranceOutOfRange);
    while (s.batter.group > 0)
        s = done(s, GroupTurned{HeadSide::Batter});
    EXPECT_EQ(done(s, ChooseHandling{Path::OnceRound, Cents{5.0}}).path, Path::OnceRound); // between rounds
}

HeardStroke stroke(double tone, std::optional<double> buzz = std::nullopt) {
    HeardStroke heard{Hertz{190}, Seconds{tone}, std::nullopt, -12.0, buzz.has_value(), {}, {}};
    if (buzz)
        heard.buzz = Seconds{*buzz};
    return heard;
}

TEST(Strokes, TheMiddleOfThoseOfTheDrumAsItStands) {
    Session s = fresh();
    EXPECT_FALSE(strokesSay(s).ring);
    for (const double tone : {0.40, 0.90, 0.42})
        s = done(s, StrokeHeard{stroke(tone)});
    s = done(s, StrokeHeard{stroke(0.25, 0.3)});  // wires on: they take some of the tone
    EXPECT_EQ(strokesSay(s).ring, Seconds{0.42}); // one odd stroke does not count
    EXPECT_EQ(strokesSay(s).tone, Seconds{0.25});
    EXPECT_EQ(strokesSay(s).buzz, Seconds{0.3});
    // Another stop of the knob: the wires are others, the drum without them is the same.
    s = done(s, SetStrainer{Turns{1.0}});
    EXPECT_FALSE(strokesSay(s).buzz);
    EXPECT_EQ(strokesSay(s).ring, Seconds{0.42});
    // A pad makes all of them old.
    Pad pad;
    pad.fromCentre = Metres{0.13};
    s = done(s, AddPad{pad});
    EXPECT_FALSE(strokesSay(s).ring);
    s = done(s, StrokeHeard{stroke(0.3)});
    EXPECT_EQ(s.strokes.size(), 1U);
    const auto lines = proofLines(s);
    const auto ring = std::find_if(lines.begin(), lines.end(),
                                   [](const ProofLine& line) { return line.item == ProofItem::Ring; });
    ASSERT_NE(ring, lines.end());
    EXPECT_EQ(ring->known, Known::Measured);
    EXPECT_EQ(ring->reached, 0.3);
}

TEST(Strokes, NoMoreAreKeptThanSaySomething) {
    Session s = fresh();
    for (std::size_t i = 0; i < kMostStrokes + 5; ++i)
        s = done(s, StrokeHeard{stroke(0.1 + 0.001 * static_cast<double>(i))});
    EXPECT_EQ(s.strokes.size(), kMostStrokes);
    EXPECT_EQ(s.strokes.back().tone, Seconds{0.1 + 0.001 * (kMostStrokes + 4)});
}

TEST(HurryBeforeAShow, HearsHeadsAsTheyStandAndEndsAsItWas) {
    Session s = fresh();
    s = done(s, ChooseHandling{Path::OppositePairs, Cents{5.0}});
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        s = done(s, ChooseWay{side, {TapKind::Open, false, 2}});
    const HeadWork before = s.batter;
    s = done(s, BeginHurry{5.0, 1000});
    EXPECT_EQ(s.station, Station::Batter);
    EXPECT_EQ(s.batter.stage, HeadStage::Tapping);
    EXPECT_EQ(s.batter.condition, HeadCondition::AsItStands);
    EXPECT_TRUE(s.batter.way.half);
    EXPECT_EQ(s.snareSide.stage, HeadStage::FingerTight); // left alone
    EXPECT_EQ(s.tolerance, kQuickTolerance);
    EXPECT_EQ(briefFor(s, HeadSide::Batter).mostMoves, 4);
    EXPECT_EQ(briefFor(s, HeadSide::SnareSide).mostMoves, 0);
    s = done(s, BeginHurry{15.0, 2000}); // more time than was thought: both heads
    EXPECT_EQ(s.station, Station::SnareSide);
    EXPECT_EQ(briefFor(s, HeadSide::SnareSide).mostMoves, 4);
    s = done(s, EndHurry{});
    EXPECT_EQ(s.tolerance, Cents{5.0});
    EXPECT_FALSE(s.hurry);
    EXPECT_EQ(s.showAt, 0);
    for (const HeadWork* work : {&s.batter, &s.snareSide}) // the way of tapping comes back, too
        EXPECT_EQ(work->way, before.way);
    for (const double minutes : {0.5, 99.0, std::nan("")})
        EXPECT_EQ(apply(s, BeginHurry{minutes, 0}).fault(), Refusal::MinutesOutOfRange);
}

TEST(HurryBeforeAShow, WorkUnderWayIsHeardFromWhereItIs) {
    Session s = done(fresh(), FingerTight{HeadSide::Batter});
    s = done(s, GroupTurned{HeadSide::Batter});
    const HeadWork before = s.batter;
    s = done(s, BeginHurry{5.0, 1000});
    EXPECT_EQ(s.batter.stage, HeadStage::Tapping);
    EXPECT_EQ(s.batter.rodTurns, before.rodTurns); // the count is kept
    EXPECT_EQ(s.batter.ledger, before.ledger);
}

TEST(Hands, ALeftHandGoesRoundTheOtherWay) {
    Session s = done(fresh(), SetHand{true});
    EXPECT_EQ(s.batter.direction, Direction::Clockwise);
    s = done(done(s, FingerTight{HeadSide::Batter}), BeginTapping{HeadSide::Batter, 2, s.batter.direction});
    TapHeard tap;
    tap.reading.frequency = Hertz{300};
    s = done(s, tap);
    EXPECT_EQ(nextRodToTap(s.batter), 1); // after rod 3 comes rod 2
    s = done(s, SetHand{false});          // not in the middle of a round
    EXPECT_EQ(nextRodToTap(s.batter), 1);
    EXPECT_EQ(s.snareSide.direction, Direction::CounterClockwise);
    s = done(done(s, SetHand{true}), StartHeadAgain{HeadSide::Batter});
    EXPECT_EQ(s.batter.direction, Direction::Clockwise);
}

TEST(SessionText, KeepsWhatIsNewerAndReadsWhatIsOlder) {
    Session s = done(fresh(), ChooseCondition{HeadSide::Batter, HeadCondition::AsItStands});
    s = done(s, SetNearestRod{3});
    s = done(s, SetReminder{Reminder{ReminderKind::RestOver, 1234567}});
    s = done(s, ChooseGauge{{"mine", {{70.0, Tension{2800}}}}});
    s = done(s, StrokeHeard{stroke(0.4)});
    s = done(s, BeginHurry{5.0, 99});
    EXPECT_TRUE(testing::readAgain(s) == s);
    // Work of before these were known.
    nlohmann::json older = nlohmann::json::parse(workText(fresh()));
    for (const char* key : {"hurry", "strokes", "strokesAt", "seating", "wiresAway", "strays", "largestStep"})
        older.erase(key);
    for (const char* head : {"batter", "snareSide"})
        for (const char* key : {"condition", "prepared", "resists", "ledger", "above"})
            older[head].erase(key);
    ASSERT_TRUE(workFromText(older.dump()));
    EXPECT_EQ(workText(*workFromText(older.dump())), workText(fresh()));
    for (const std::string& nothing : {std::string(), std::string("[]"), std::string("{\"note\": 3}")})
        EXPECT_FALSE(contextFromText(nothing)) << nothing;
    EXPECT_TRUE(*contextFromText("{}") == Context{});
    EXPECT_TRUE(*drumRigFromText("{}") == DrumRig{});
    EXPECT_TRUE(*placeRigFromText("{}") == PlaceRig{});
    EXPECT_FALSE(placeRigFromText("{\"ownKinds\": 1}"));
    EXPECT_FALSE(drumRigFromText("{\"layout\": []}"));
}

TEST(SessionKinds, CommandsChangeTheKindOfStateThatTheyName) {
    // Undo takes back work alone: what a command changes of the rest would come back out of step.
    Session s = testing::fullSession();
    Session at = s;
    for (const Command& command : std::vector<Command>{
             GoTo{Station::Wires}, ChooseSource{SoundSource::File}, SetNote{"later"}, SetNearestRod{2},
             SetReminder{Reminder{ReminderKind::Recheck, 7}}, ChooseGauge{{"mine", {}}},
             MeasureWires{WireLayout{}}, PlaceMicrophone{MicrophonePlace{}},
             KeepKind{PadKind{.id = "own:felt", .mass = Kilograms{0.004}}},
             SetNeighbours{{neighbourAt("tom", NeighbourKind::Tom, Hertz{110})}}, SetStrainer{Turns{2}},
             SetStars{3}, StrokeHeard{stroke(0.4)}, MarkSaved{}, LayPads{}, StartCard{}}) {
        const Session after = done(at, command);
        const bool work = static_cast<const Work&>(after) != static_cast<const Work&>(at);
        const bool context = static_cast<const Context&>(after) != static_cast<const Context&>(at);
        const bool rig = static_cast<const Rig&>(after) != static_cast<const Rig&>(at);
        const Touches touched = touchedBy(command);
        EXPECT_EQ(work, touched == Touches::Work) << commandName(command);
        EXPECT_EQ(context, touched == Touches::Context) << commandName(command);
        EXPECT_EQ(rig, touched == Touches::Rig) << commandName(command);
        at = after;
    }
    EXPECT_EQ(at.clock, s.clock + 6); // the steps that are counted are those of the work
}

TEST(Ledger, ACorrectedCountDoesNotChangeWhatWasHeard) {
    Session s = testing::fullSession();
    const Tension heard = knownState(s).batter.tension;
    for (int rod = 0; rod < s.drum.rods; ++rod)
        s = done(s, CorrectCount{HeadSide::Batter, rod, Turns{0.5}});
    EXPECT_NEAR(knownState(s).batter.tension.value, heard.value, 1e-9 * heard.value);
    EXPECT_EQ(s.batter.history.back().rodTurns, s.batter.rodTurns);
    // Turned after the round: what was miscounted is that turn, and the head stands otherwise than counted.
    s = done(s, BothTurned{Turns{0.25}, Turns{}});
    const Tension counted = knownState(s).batter.tension;
    for (int rod = 0; rod < s.drum.rods; ++rod)
        s = done(s, CorrectCount{HeadSide::Batter, rod, Turns{-0.25}});
    EXPECT_LT(knownState(s).batter.tension, counted);
    EXPECT_NEAR(knownState(s).batter.tension.value, heard.value, 0.02 * heard.value);
}

TEST(SessionWires, MeasuresAndNeighboursAreKeptAndChecked) {
    WireLayout layout;
    layout.travel = Turns{8.0};
    layout.strainerGap = Metres{0.004};
    Session s = done(fresh(), MeasureWires{layout});
    s = done(s, SetNeighbours{{neighbourAt("floor tom", NeighbourKind::Tom, Hertz{110})}});
    EXPECT_TRUE(testing::readAgain(s) == s);
    layout.strands = Metres{3.0};
    EXPECT_EQ(apply(s, MeasureWires{layout}).fault(), Refusal::LayoutOutOfRange);
    EXPECT_EQ(apply(s, SetNeighbours{{Neighbour{"nothing", NeighbourKind::Tom, {}}}}).fault(),
              Refusal::NeighbourOutOfRange);
    EXPECT_EQ(apply(s, SetNeighbours{std::vector<Neighbour>(
                           kMostNeighbours + 1, neighbourAt("tom", NeighbourKind::Tom, Hertz{110}))})
                  .fault(),
              Refusal::NeighbourOutOfRange);
    EXPECT_EQ(calmingsOf(s).back().kind, CalmingKind::LeverOff);
    s = done(s, SetNeighbours{});
    EXPECT_TRUE(calmingsOf(s).empty());
}

} // namespace session_test
} // namespace bombo
