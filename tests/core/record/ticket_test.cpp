#include "core/record/hand_at_work.h"
#include "core/record/ticket.h"
#include "core/record/wires_say.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace ticket_test {

using testing::done;
using testing::fresh;

Session tapping(HeadSide side) {
    Session s = done(fresh(), FingerTight{side});
    s = done(s, BeginTapping{side, 0, Direction::CounterClockwise});
    return done(s, GoTo{side == HeadSide::Batter ? Station::Batter : Station::SnareSide});
}

Reading clearReading(Hertz pitch) {
    Reading reading;
    reading.frequency = pitch;
    reading.standardError = Hertz{0.2};
    reading.verdict = Verdict::Clear;
    return reading;
}

HitPortrait stroke(bool wires, std::optional<double> buzz = std::nullopt) {
    HitPortrait hit;
    hit.centre = Hertz{210};
    hit.ring = Seconds{0.4};
    hit.wires = wires;
    if (buzz)
        hit.buzz = Seconds{*buzz};
    return hit;
}

TEST(Ticket, ATapBelongsToTheHeadThatItWasAskedFor) {
    Session s = tapping(HeadSide::Batter);
    const Due asked = dueNow(s, {});
    EXPECT_EQ(asked.kind, DueKind::RodTap);
    EXPECT_EQ(asked.side, HeadSide::Batter);
    EXPECT_EQ(asked.rod, 0);
    EXPECT_TRUE(isStillDue(asked, dueNow(s, {}), true));
    // On to the snare side, which is being tapped as well.
    Session other = done(s, FingerTight{HeadSide::SnareSide});
    other = done(other, BeginTapping{HeadSide::SnareSide, 0, Direction::CounterClockwise});
    other = done(other, GoTo{Station::SnareSide});
    EXPECT_FALSE(isStillDue(asked, dueNow(other, {}), true));
    EXPECT_FALSE(isStillDue(asked, dueNow(other, {}), false));
    // The card is opened in front of it.
    EXPECT_FALSE(isStillDue(asked, dueNow(s, {.card = true}), false));
    // Another tap of the same round: a hand goes on to the next rod, the practice drum was struck at the
    // first.
    TapHeard tap{HeadSide::Batter, {}};
    tap.reading.frequency = Hertz{300};
    s = done(s, tap);
    EXPECT_TRUE(isStillDue(asked, dueNow(s, {}), false));
    EXPECT_FALSE(isStillDue(asked, dueNow(s, {}), true));
}

TEST(Ticket, ARoundThatIsOverTakesNoMore) {
    Session s = tapping(HeadSide::Batter);
    const Due asked = dueNow(s, {});
    TapHeard tap{HeadSide::Batter, {}};
    tap.reading.frequency = Hertz{300};
    while (nextRodToTap(s.batter))
        s = done(s, tap);
    EXPECT_FALSE(isStillDue(asked, dueNow(s, {}), false));
    while (s.batter.stage == HeadStage::Turning)
        s = done(s, MoveMade{HeadSide::Batter});
    if (s.batter.stage != HeadStage::Tapping)
        s = done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
    EXPECT_EQ(dueNow(s, {}).kind, DueKind::RodTap);
    EXPECT_FALSE(isStillDue(asked, dueNow(s, {}), false)); // the next round is another
}

TEST(Ticket, NothingIsDueInSilenceOrWithTheKey) {
    Session s = fresh();
    for (const Station station : kStations)
        if (station <= Station::Batter) {
            s = done(s, GoTo{station});
            EXPECT_EQ(dueNow(s, {}).kind, DueKind::Nothing);
            EXPECT_FALSE(isStillDue(dueNow(s, {}), dueNow(s, {}), false));
        }
    s = tapping(HeadSide::Batter);
    s = done(s, ChooseWay{HeadSide::Batter, {TapKind::Gauge, false, 1}});
    EXPECT_EQ(dueNow(s, {}).kind, DueKind::Nothing); // a mark is read, not a tap
    EXPECT_FALSE(filing(s, {}, {clearReading(Hertz{300}), {}, {}, {}}));
}

TEST(Ticket, AStrokeIsOfTheDrumAsItStood) {
    Session s = done(testing::fullSession(), GoTo{Station::Muffling});
    const Due asked = dueNow(s, {});
    EXPECT_EQ(asked.kind, DueKind::Stroke);
    EXPECT_TRUE(isStillDue(asked, dueNow(done(s, SetStars{3}), {}), true));
    EXPECT_FALSE(isStillDue(asked, dueNow(done(s, GoTo{Station::Proof}), {}), true)); // there the lever is on
    EXPECT_FALSE(isStillDue(asked, dueNow(done(s, RemovePad{0}), {}), true));
    EXPECT_FALSE(isStillDue(asked, dueNow(done(s, SetStrainer{Turns{2}}), {}), true));
    EXPECT_EQ(dueNow(done(s, GoTo{Station::Wires}), {.strokes = StrokesOf::Neighbours}).kind,
              DueKind::Nothing);
}

TEST(Filing, StrokesAnswerInTheOrderInWhichTheyWereHeard) {
    // Four strokes one after the other, as files give them: answered, silent, answered, silent.
    Session s = done(testing::fullSession(), GoTo{Station::Wires});
    s.wires.tests.clear();
    s.wires.rattles.clear();
    s = done(s, SetStrainer{Turns{1.0}});
    const Attention attention{.strokes = StrokesOf::Wires};
    for (int i = 0; i < 4; ++i) {
        const auto due = nextStroke(sweepOf(s));
        if (!due) { // nothing more to learn at this stop: the next one
            s = done(s, SetStrainer{s.wires.strainer + Turns{0.25}});
            --i;
            continue;
        }
        const bool yes = i % 2 == 0;
        const int steps = s.clock;
        s = done(
            s, *filing(
                   s, attention,
                   {clearReading(Hertz{210}), stroke(yes, yes ? std::optional(0.3) : std::nullopt), {}, {}}));
        EXPECT_EQ(s.clock, steps + 1); // one stroke, one step
        if (due->asksRattle)
            EXPECT_FALSE(s.wires.rattles.back().rattled);
        else {
            EXPECT_EQ(s.wires.tests.back().place, due->place) << i;
            EXPECT_EQ(s.wires.tests.back().dynamic, due->dynamic) << i;
            EXPECT_EQ(s.wires.tests.back().answered, yes) << i;
        }
    }
    EXPECT_EQ(s.strokes.size(), 4U);
    // Beside the sweep a stroke is kept and answers nothing.
    const std::size_t tests = s.wires.tests.size();
    s = done(s, *filing(s, {}, {clearReading(Hertz{210}), stroke(true, 0.3), {}, {}}));
    EXPECT_EQ(s.wires.tests.size(), tests);
    EXPECT_EQ(s.strokes.size(), 5U);
}

TEST(Filing, NoiseThatHidesTheWiresAnswersNothing) {
    const Stroke loud{StrokePlace::Middle, Dynamic::Loud, true};
    EXPECT_FALSE(answerFrom(stroke(true), loud)); // they sound, but for how long is not known
    EXPECT_TRUE(answerFrom(stroke(true, 0.9), loud)->rattled.value());
    EXPECT_FALSE(answerFrom(stroke(true, 0.3), loud)->rattled.value());
    EXPECT_FALSE(answerFrom(stroke(false), loud)->rattled.value());
    HitPortrait hidden = stroke(true, 0.9);
    hidden.ring.reset();
    EXPECT_FALSE(answerFrom(hidden, loud));
    EXPECT_FALSE(answerFrom(stroke(false), {StrokePlace::Edge, Dynamic::Whisper, false})->answered.value());
}

TEST(Filing, WhatThePracticeDrumKnowsIsFiledWithItsStroke) {
    Session s = done(testing::fullSession(), GoTo{Station::Wires});
    const WireAnswer known{StrokePlace::Middle, Dynamic::Loud, true, true};
    const int steps = s.clock;
    Session heard = done(s, *filing(s, {.strokes = StrokesOf::Wires},
                                    {clearReading(Hertz{210}), stroke(true, 0.3), {}, known}));
    EXPECT_EQ(heard.clock, steps + 1);
    EXPECT_TRUE(heard.wires.rattles.back().rattled); // not what the short buzz would say
    EXPECT_EQ(heard.strokes.size(), s.strokes.size() + 1);
    // Too soft to be read: the answer alone.
    heard = done(s, *filing(s, {}, {{}, {}, {}, known}));
    EXPECT_TRUE(heard.wires.rattles.back().rattled);
    EXPECT_EQ(heard.strokes.size(), s.strokes.size());
    EXPECT_FALSE(filing(s, {}, {{}, {}, {}, {}}));
}

// A hand that taps less alike than usual makes each tap less sure; a usual one changes nothing, and the
// newest round counts.
TEST(Filing, AnUnsteadyHandWidensTheErrorOfATap) {
    const auto errorFiled = [](const Session& s) {
        const auto command =
            filing(s, {}, {clearReading(Hertz{300}), std::nullopt, std::nullopt, std::nullopt});
        return errorOf(std::get<TapHeard>(*command).reading)->value;
    };
    Session s = tapping(HeadSide::Batter);
    const double before = errorFiled(s);
    s = done(s, KeepEarResult{{100, "Ida", "same_tap", 1.5, 0.2, 12}});
    EXPECT_DOUBLE_EQ(errorFiled(s), before) << "as usual hands";
    s = done(s, KeepEarResult{{300, "Max", "same_tap", 6.0, 0.2, 12}});
    s = done(s, KeepEarResult{{200, "Max", "same_tap", 30.0, 0.2, 12}}); // older
    s = done(s, KeepEarResult{{400, "Max", "higher", 40.0, 0.2, 30}});   // of the ear
    EXPECT_NEAR(errorFiled(s), std::sqrt(before * before + 36.0 - kUsualHand.value * kUsualHand.value), 0.01);
    EXPECT_NEAR(handBeyondUsual(s).value, std::sqrt(32.0), 1e-9);
}

TEST(Filing, AMarkerForARodThatTheDrumDoesNotHaveIsRefused) {
    const Session s = tapping(HeadSide::Batter);
    const auto command = filing(s, {}, {clearReading(Hertz{300}), {}, 8, {}});
    ASSERT_TRUE(command);
    EXPECT_EQ(apply(s, *command).fault(), Refusal::NoSuchRod);
}

} // namespace ticket_test
} // namespace bombo
