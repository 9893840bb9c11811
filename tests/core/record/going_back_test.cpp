/// From an entry to the drum brought back, on practice drums whose nature nobody told.
#include "core/practice/practice_session.h"
#include "core/reading/read_tap.h"
#include "core/record/drum_now.h"
#include "core/record/heads_say.h"
#include "core/record/session_sound.h"
#include "core/tap/taps_in.h"
#include "core/units/dice.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace going_back_test {

using testing::done;

constexpr std::array kBoth{HeadSide::SnareSide, HeadSide::Batter};
constexpr std::int64_t kThen = 1'790'000'000;

/// A drum that stays itself from one session to the next, as its hands left it and as a season moved it.
struct Stood {
    HiddenNature nature;
    std::vector<Turns> batter, snareSide; ///< in truth, before this session
    PracticeState under(const Session& s) const {
        PracticeState state = practiceStateOf(s);
        state.batterStood = state.snareSideStood = false;
        for (std::size_t rod = 0; rod < batter.size(); ++rod) {
            state.batterTurns[rod] += batter[rod];
            state.snareSideTurns[rod] += snareSide[rod];
        }
        return state;
    }
};

/// Goes on with a head until it is done or `rounds` were heard.
Session work(Session s, HeadSide side, const Stood& drum, std::size_t rounds, std::uint64_t& stroke) {
    for (int presses = 0; presses < 400; ++presses) {
        const HeadWork& head = s.head(side);
        if (head.stage == HeadStage::Done || head.history.size() >= rounds)
            break;
        if (head.stage == HeadStage::FingerTight) {
            s = done(s, Prepared{side});
        } else if (head.stage == HeadStage::Raising) {
            s = done(s, GroupTurned{side});
        } else if (head.stage == HeadStage::Turning) {
            s = done(s, MoveMade{side});
        } else {
            const auto heard =
                practiceTap(s.drum, drum.nature, drum.under(s),
                            {.side = side, .rod = *nextRodToTap(head), .stroke = stroke++}, s.weather);
            for (const Tap& tap : tapsIn(heard))
                if (const Reading reading =
                        readTap(tap, {.expected = expectationNow(s.head(side), briefFor(s, side))});
                    reading.hasFigure())
                    s = done(s, TapHeard{side, rodReadingFrom(reading)});
        }
    }
    return s;
}

TEST(GoingBack, PracticeDrumsComeHomeInOnePassAfterASeason) {
    int within5 = 0, all = 0;
    std::vector<double> offs;
    for (std::uint64_t seed = 201; seed <= 207; ++seed) {
        const int rods = seed % 2 == 0 ? 8 : 10;
        Session s = newSession(testing::plover(rods), testing::chase(), seed);
        s = done(s, SetWeather{kPracticeWeather});
        Stood drum{drawNature(s.drum, seed), std::vector<Turns>(static_cast<std::size_t>(rods)),
                   std::vector<Turns>(static_cast<std::size_t>(rods))};
        std::uint64_t stroke = 1;
        for (const HeadSide side : kBoth)
            s = work(s, side, drum, 9, stroke);
        ASSERT_EQ(s.batter.stage, HeadStage::Done);
        const Entry then = entryOf(s, kThen);
        ASSERT_TRUE(then.figures.batter.left && then.figures.batter.perTurn);
        const PracticeState wanted = drum.under(s);
        const auto pitch = [&](const PracticeState& state, HeadSide side, const Weather& weather) {
            const Tension t{trueMeanTension(drum.nature, state, side)};
            Drum swelling = s.drum;
            swelling.shell.expansionPerHumidity = drum.nature.swells;
            const Tension here =
                tensionInWeather(swelling, side, t, kPracticeWeather, weather, ShellFollows::AfterDays)
                    .tension;
            return edgePitch(drumState(s.drum, here, here, airAt(weather)), side);
        };

        // A season: other tones, rods that backed off, another evening's weather.
        Dice dice(seed * 13);
        const PracticeState left = drum.under(s);
        drum.batter = left.batterTurns;
        drum.snareSide = left.snareSideTurns;
        for (auto* head : {&drum.batter, &drum.snareSide}) {
            const double alike = dice.uniform(-0.22, 0.22);
            for (Turns& turns : *head)
                turns += Turns{alike + 0.01 * dice.normal()};
            (*head)[static_cast<std::size_t>(dice.uniform(0, rods - 0.01))] +=
                Turns{-dice.uniform(0.0, 0.15)};
        }
        const Weather tonight{Celsius{dice.uniform(12, 26)}, dice.uniform(0.35, 0.65), Pascal{101325}};
        Session again = newSession(s.drum, testing::chase(), seed);
        again = done(again, SetWeather{tonight});
        for (const HeadSide side : kBoth) {
            again = done(again, ChooseCondition{side, HeadCondition::AsItStands});
            again = work(again, side, drum, 1, stroke);
        }
        const std::vector<Entry> entries{then};
        const DrumNow now = drumNow(again, entries, kThen + 40 * 86400);
        EXPECT_EQ(now.batter.by, KnownBy::Heard);
        const std::vector<HeadSpec> heads{testing::coated25(), testing::film76()};
        const BackTo plan = backTo(now, then, SameAs::Pitches, heads, padKinds());
        again = done(again, GoBack{plan, testing::chase(), "the day it was good"});
        EXPECT_EQ(again.tone.name, "the day it was good");
        for (const HeadSide side : kBoth) {
            again = work(again, side, drum, again.head(side).history.size() + 1, stroke);
            const double off =
                centsBetween(pitch(wanted, side, kPracticeWeather), pitch(drum.under(again), side, tonight))
                    .value;
            offs.push_back(off);
            ++all;
            within5 += std::abs(off) <= 5.0 ? 1 : 0;
        }
    }
    std::printf("came home: %d of %d within 5 cents:", within5, all);
    for (const double off : offs)
        std::printf(" %.1f", off);
    std::printf("\n");
    EXPECT_GE(within5, all * 9 / 10);
}

/// Turned by the count and not heard since the entry, as between two numbers of a show: what is expected of
/// the drum has the turns in it, with an error that holds, and asks for them back.
TEST(GoingBack, TurnsThatNobodyHeardAreCountedOnTheEntry) {
    int within1 = 0, within2 = 0, all = 0;
    for (std::uint64_t seed = 301; seed <= 305; ++seed) {
        const auto rods = static_cast<std::size_t>(8);
        Session s = done(newSession(testing::plover(), testing::chase(), seed), SetWeather{kPracticeWeather});
        Stood drum{drawNature(s.drum, seed), std::vector<Turns>(rods), std::vector<Turns>(rods)};
        std::uint64_t stroke = 1;
        for (const HeadSide side : kBoth)
            s = work(s, side, drum, 9, stroke);
        const std::vector<Entry> entries{entryOf(s, kThen)};
        const PracticeState left = drum.under(s);
        drum.batter = left.batterTurns;
        drum.snareSide = left.snareSideTurns;
        const BothTurned turned{Turns{-0.375}, Turns{0.125}};
        Session show = done(newSession(s.drum, testing::chase(), seed), SetWeather{kPracticeWeather});
        show = done(show, turned);
        for (const HeadSide side : kBoth) {
            const auto expected = expectedNow(show, side, entries, kThen + 3600);
            ASSERT_TRUE(expected);
            const Tension truth{trueMeanTension(drum.nature, drum.under(show), side)};
            const Hertz sounds = edgePitch(drumState(s.drum, truth, truth, airAt(kPracticeWeather)), side);
            const double off = centsBetween(expected->edge, sounds).value;
            std::printf("%s: %.1f cents off, said %.1f\n", side == HeadSide::Batter ? "batter" : "snare side",
                        off, expected->error.value);
            ++all;
            within1 += std::abs(off) <= expected->error.value ? 1 : 0;
            within2 += std::abs(off) <= 2.0 * expected->error.value ? 1 : 0;
        }
        const std::vector<HeadSpec> heads{testing::coated25(), testing::film76()};
        const DrumNow now = drumNow(show, entries, kThen + 3600);
        EXPECT_EQ(now.batter.by, KnownBy::Counted);
        const BackTo plan = backTo(now, entries[0], SameAs::Pitches, heads, padKinds());
        ASSERT_TRUE(plan.batter && plan.snareSide);
        EXPECT_NEAR(plan.batter->all.value, 0.375, 1.0 / 16.0 + 1e-9);
        EXPECT_NEAR(plan.snareSide->all.value, -0.125, 1.0 / 16.0 + 1e-9);
    }
    EXPECT_GE(within1, all / 2) << "of ten, 68 of a hundred";
    EXPECT_GE(within2, all - 2);
    // A head that was let down since says nothing of the entry.
    Session slack = newSession(testing::plover(), testing::chase(), 301);
    const Entry entry = [&] {
        Entry made;
        made.at = kThen;
        made.figures.batter.left = HeardHead{Hertz{300}, Cents{2.0}, {}};
        return made;
    }();
    EXPECT_TRUE(expectedNow(slack, HeadSide::Batter, std::vector{entry}, kThen + 3600));
    EXPECT_FALSE(expectedNow(done(slack, FingerTight{HeadSide::Batter}), HeadSide::Batter, std::vector{entry},
                             kThen + 3600));
}

} // namespace going_back_test
} // namespace bombo
