/// From an entry to the drum brought back, on practice drums whose nature nobody told.
#include "core/practice/practice_session.h"
#include "core/reading/read_tap.h"
#include "core/record/drum_now.h"
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

} // namespace going_back_test
} // namespace bombo
