#include "core/life/life.h"
#include "core/life/play_time.h"

#include "core/units/dice.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace life_test {

constexpr std::int64_t kBegin = 1'780'000'000;
constexpr std::int64_t kDay = 86400;

Entry evening(std::int64_t at) {
    Entry entry;
    entry.at = at;
    entry.drumId = "plover";
    return entry;
}

/// Heads that wear by a power of the hours, each drum in its own way and heard with scatter; wires that creep
/// by the logarithm of strokes. What is said of the shows to go holds as often as it says.
TEST(Life, TheHorizonHoldsAsOftenAsItSays) {
    int all = 0, held = 0, wide = 0, allWires = 0, heldWires = 0;
    double width = 0.0;
    for (std::uint64_t seed = 1; seed <= 300; ++seed) {
        Dice dice(seed);
        Drum drum = testing::plover();
        drum.fittedAt = {kBegin, kBegin, kBegin};
        const double life = 60.0 * std::exp(0.45 * dice.normal()); // hours until a quarter longer
        const double power = dice.uniform(0.8, 1.4);
        const double rings = 1.0 + 0.1 * dice.normal(); // against its prediction, new
        const double wiresLife = 180.0 * std::exp(0.45 * dice.normal());
        std::vector<Entry> entries;
        std::int64_t at = kBegin + kDay;
        const double until = dice.uniform(0.25, 0.85) * std::min(life, wiresLife);
        double hours = 0.0;
        while (hours < until) {
            Entry entry = evening(at);
            const double worn = 0.25 * std::pow(hours / life, power);
            entry.figures.ringPredicted = Seconds{0.4};
            entry.figures.ringHeard = Seconds{0.4 * rings * (1.0 + worn) * (1.0 + 0.06 * dice.normal())};
            entry.figures.wiresSlack =
                Turns{0.125 * std::round(8.0 * (std::log1p(3.0 * hours / wiresLife) / std::log(4.0)))};
            entries.push_back(entry);
            hours += kShowHours;
            at += static_cast<std::int64_t>(dice.uniform(1.0, 5.0) * kDay);
        }
        if (entries.size() < 3)
            continue;
        const auto plays = playsOf(entries);
        const std::int64_t now = entries.back().at;
        const PartLife batter = lifeOf(drum, Part::Batter, entries, plays, now);
        const double togo = (life - hoursPlayed(plays, kBegin, now + 1)) / kShowHours;
        EXPECT_EQ(batter.because, DueBecause::RingsLonger);
        ++all;
        held += togo >= batter.low && togo <= batter.high ? 1 : 0;
        const double twice = batter.high - batter.low;
        wide += togo >= batter.low - 0.5 * twice && togo <= batter.high + 0.5 * twice ? 1 : 0;
        width += twice;
        const PartLife wires = lifeOf(drum, Part::Wires, entries, plays, now);
        const double wiresToGo = (wiresLife - hoursPlayed(plays, kBegin, now + 1)) / kShowHours;
        ++allWires;
        heldWires += wiresToGo >= wires.low && wiresToGo <= wires.high ? 1 : 0;
    }
    std::printf("batter %d of %d within, %d within twice as wide, mean width %.1f shows; wires %d of %d\n",
                held, all, wide, width / all, heldWires, allWires);
    EXPECT_GE(held, all * 63 / 100);
    EXPECT_GE(wide, all * 92 / 100);
    EXPECT_GE(heldWires, allWires * 62 / 100);
}

/// Batters that nobody heard with the wires off, looked at once: coating and dish come at shares of a hidden
/// life that differ from head to head, by steps and not by the program's chances.
TEST(Life, ALookAtTheHeadNarrowsTheHorizonAndItStillHolds) {
    int all = 0, held = 0, spoken = 0;
    double with = 0.0, without = 0.0; // how far the middle is off, as a factor
    for (std::uint64_t seed = 1; seed <= 600; ++seed) {
        Dice dice(seed);
        Drum drum = testing::plover();
        drum.fittedAt = {kBegin, kBegin, kBegin};
        const double life = 60.0 * std::exp(0.45 * dice.normal()); // hours
        const double until = dice.uniform(0.2, 1.1) * life;
        std::vector<Entry> entries;
        for (double hours = 0.0; hours < until; hours += kShowHours)
            entries.push_back(evening(kBegin + kDay + static_cast<std::int64_t>(entries.size()) * 2 * kDay));
        const double share = static_cast<double>(entries.size()) * kShowHours / life;
        const auto plays = playsOf(entries);
        const std::int64_t now = entries.back().at;
        const PartLife unseen = lifeOf(drum, Part::Batter, entries, plays, now);
        HeadLook& look = entries.back().figures.batter.look;
        look.coating = share > 1.0 + 0.25 * dice.normal() ? 2 : share > 0.55 + 0.2 * dice.normal() ? 1 : 0;
        if (dice.uniform(0.0, 1.0) < 0.5)
            look.isDished = share > 0.95 + 0.25 * dice.normal();
        const PartLife seen = lifeOf(drum, Part::Batter, entries, plays, now);
        EXPECT_EQ(seen.because, DueBecause::Looks);
        EXPECT_EQ(seen.amount, look.isDished.value_or(false) ? 3.0 : static_cast<double>(*look.coating));
        const double togo = std::max(0.0, (life - seen.hours) / kShowHours);
        ++all;
        held += togo >= seen.low && togo <= seen.high ? 1 : 0;
        with += std::abs(std::log(seen.used / share));
        without += std::abs(std::log(unseen.used / share));
        spoken += look.isDished.value_or(false) || *look.coating == 2 ? 1 : 0;
    }
    std::printf("looks: %d of %d within; the middle off by %.0f %% with, %.0f %% without; bad %d\n", held,
                all, 100.0 * (std::exp(with / all) - 1.0), 100.0 * (std::exp(without / all) - 1.0), spoken);
    EXPECT_GE(held, all * 64 / 100); // 68 less two standard errors
    EXPECT_LT(with, without);
}

TEST(Life, OfAHeadPutOnSinceNothingWasSeen) {
    Drum drum = testing::plover();
    drum.fittedAt = {kBegin + 10 * kDay, kBegin, kBegin};
    std::vector<Entry> entries;
    for (int day = 0; day < 20; ++day)
        entries.push_back(evening(kBegin + day * kDay));
    entries[5].figures.batter.look.isDished = true; // of the head before
    const auto plays = playsOf(entries);
    EXPECT_EQ(lifeOf(drum, Part::Batter, entries, plays, entries.back().at).because, DueBecause::Age);
    entries[15].figures.batter.look.coating = 1;
    const PartLife life = lifeOf(drum, Part::Batter, entries, plays, entries.back().at);
    EXPECT_EQ(life.because, DueBecause::Looks);
    EXPECT_EQ(life.amount, 1.0);
    // What a look at the batter says is nothing of the head below.
    EXPECT_EQ(lifeOf(drum, Part::SnareSide, entries, plays, entries.back().at).because, DueBecause::Age);
}

TEST(Life, HoursCountFromWhenThePartWasPutOn) {
    std::vector<Entry> entries;
    for (int day = 0; day < 10; ++day)
        entries.push_back(evening(kBegin + day * kDay));
    entries.push_back(evening(kBegin + 9 * kDay + 600)); // twice that day
    const auto plays = playsOf(entries, 3.0);
    EXPECT_EQ(plays.size(), 10U);
    EXPECT_EQ(hoursPlayed(plays, kBegin, kBegin + 5 * kDay), 15.0);
    Drum drum = testing::plover();
    drum.fittedAt.snareSide = kBegin + 4 * kDay;
    const PartLife life = lifeOf(drum, Part::SnareSide, entries, plays, kBegin + 20 * kDay, 3.0);
    EXPECT_EQ(life.shows, 6);
    EXPECT_EQ(life.hours, 18.0);
    EXPECT_EQ(life.because, DueBecause::Age);
    EXPECT_LT(life.low, life.high);
    drum.fittedAt.snareSide = 0;
    EXPECT_EQ(lifeOf(drum, Part::SnareSide, entries, plays, kBegin + 20 * kDay, 3.0).because,
              DueBecause::NotKnown);
}

TEST(Life, HoursThatSomebodySaidStandForTheUsualShow) {
    std::vector<Entry> entries;
    for (int day = 0; day < 4; ++day)
        entries.push_back(evening(kBegin + day * kDay));
    entries.push_back(evening(kBegin + 3 * kDay + 600)); // once more that day
    entries[1].figures.words.hours = 6.0;
    entries[2].figures.words.hours = 0.0; // tuned, not played
    entries[3].figures.words.hours = 1.0;
    entries[4].figures.words.hours = 1.5;
    const auto plays = playsOf(entries);
    ASSERT_EQ(plays.size(), 3U);
    EXPECT_EQ(plays[0].hours, kShowHours);
    EXPECT_EQ(plays[1].hours, 6.0);
    EXPECT_EQ(plays[2].hours, 2.5);
    entries[3].figures.words.hours.reset(); // said of one of the day's entries
    EXPECT_EQ(playsOf(entries)[2].hours, 1.5);
}

TEST(Life, WornOutIsDueNow) {
    Drum drum = testing::plover();
    drum.fittedAt = {kBegin, kBegin, kBegin};
    std::vector<Entry> entries;
    for (int show = 0; show < 24; ++show) {
        entries.push_back(evening(kBegin + show * kDay));
        entries.back().figures.ringPredicted = Seconds{0.4};
        entries.back().figures.ringHeard = Seconds{0.4 * (1.0 + 0.02 * show)};
    }
    const PartLife life = lifeOf(drum, Part::Batter, entries, playsOf(entries), entries.back().at);
    EXPECT_GT(life.used, 1.0);
    EXPECT_TRUE(life.isDue());
    EXPECT_GT(life.amount, 0.25);
    EXPECT_EQ(lifeOf(drum, Part::Batter, {}, {}, kBegin).shows, 0); // an empty logbook is no fault
}

/// Shows by chance, at weekends, and in tours with pauses between: the day of the show after which a part is
/// due lies in what is said at least as often as it says, and no player's span is without use.
TEST(Life, TheDayItIsDueHoldsAtEveryKindOfPace) {
    for (const char* kind : {"chance", "weekends", "tours"}) {
        int held = 0;
        double factors = 0.0;
        constexpr int players = 600;
        for (std::uint64_t seed = 1; seed <= players; ++seed) {
            Dice dice(seed);
            const double often = dice.uniform(0.3, 1.0);
            double day = 0.0;
            int left = 0;
            const auto next = [&] {
                if (kind[0] == 'c') {
                    day -= 12.0 * often * std::log(1.0 - dice.uniform(0.0, 1.0));
                } else if (kind[0] == 'w') {
                    do
                        day += 1.0;
                    while (static_cast<int>(day) % 7 < 5 || dice.uniform(0.0, 1.0) > often);
                } else {
                    if (left-- == 0) {
                        left = static_cast<int>(dice.uniform(4.0, 12.0));
                        day += dice.uniform(10.0, 40.0);
                    }
                    day += dice.uniform(0.0, 3.0) < 2.0 ? 1.0 : 2.0;
                }
                return kBegin + static_cast<std::int64_t>(day * kDay);
            };
            std::vector<Play> plays;
            for (int shows = static_cast<int>(dice.uniform(4.0, 40.0)); shows > 0; --shows)
                plays.push_back({next(), kShowHours});
            const std::int64_t coming = next();
            const std::int64_t now =
                plays.back().at + static_cast<std::int64_t>(dice.uniform(0.0, 1.0) *
                                                            static_cast<double>(coming - plays.back().at));
            const int togo = static_cast<int>(dice.uniform(1.0, 16.0));
            std::int64_t due = coming;
            for (int i = 1; i < togo; ++i)
                due = next();
            PartLife life;
            life.because = DueBecause::Age;
            life.low = life.high = togo;
            const auto days = daysUntilDue(life, plays, now);
            ASSERT_TRUE(days);
            const double truth = static_cast<double>(due - now) / kDay;
            held += truth >= days->low && truth <= days->high ? 1 : 0;
            factors += std::log(days->high / days->low);
        }
        std::printf("%s: %d of %d within, latest over soonest %.1f\n", kind, held, players,
                    std::exp(factors / players));
        EXPECT_GE(held, players * 68 / 100) << kind;
        EXPECT_LE(std::exp(factors / players), kind[0] == 't' ? 9.0 : 4.0) << kind; // of latest to soonest
    }
}

TEST(Life, NoDayIsSaidWithoutAPace) {
    PartLife life;
    life.because = DueBecause::Age;
    life.low = 2.0;
    life.high = 5.0;
    std::vector<Play> plays;
    for (int i = 0; i < 3; ++i)
        plays.push_back({kBegin + 7 * i * kDay, kShowHours});
    EXPECT_FALSE(daysUntilDue(life, plays, kBegin + 15 * kDay)) << "three shows are no pace";
    plays.push_back({kBegin + 21 * kDay, kShowHours});
    const auto soon = daysUntilDue(life, plays, kBegin + 22 * kDay);
    ASSERT_TRUE(soon);
    EXPECT_LT(soon->low, 14.0);
    EXPECT_GT(soon->high, 35.0);
    const auto paused = daysUntilDue(life, plays, kBegin + 120 * kDay);
    ASSERT_TRUE(paused);
    EXPECT_GT(paused->low, 2.0 * soon->low) << "a long pause slows the pace";
    EXPECT_FALSE(daysUntilDue(life, plays, kBegin + 20 * kDay)) << "a clock before the last show";
    life.because = DueBecause::NotKnown;
    EXPECT_FALSE(daysUntilDue(life, plays, kBegin + 22 * kDay));
    life.because = DueBecause::RingsLonger;
    life.high = 0.2;
    const auto now = daysUntilDue(life, plays, kBegin + 22 * kDay);
    ASSERT_TRUE(now);
    EXPECT_EQ(now->high, 0.0) << "due already";
}

/// Two and four of a ballad for three minutes, a pause, a few tries, a roll: 178 s and 1 s were played.
TEST(Life, TimePlayedIsOfStretchesAndNotOfTries) {
    PlayTime time;
    double at = 100.0;
    for (int i = 0; i < 90; ++i, at += 2.0)
        time.stroke(Seconds{at});
    EXPECT_NEAR(time.played().value, 178.0, 1e-9);
    EXPECT_EQ(time.strokes(), 90);
    at += 60.0;
    for (int i = 0; i < PlayTime::kFewestStrokes - 1; ++i, at += 0.5)
        time.stroke(Seconds{at});
    EXPECT_NEAR(time.played().value, 178.0, 1e-9) << "tries";
    at += 60.0;
    for (int i = 0; i <= 50; ++i, at += 0.02)
        time.stroke(Seconds{at});
    EXPECT_NEAR(time.played().value, 179.0, 1e-9);
    EXPECT_EQ(time.strokes(), 141);
    time.stroke(Seconds{1.0}); // a clock that was set back
    EXPECT_NEAR(time.played().value, 179.0, 1e-9);
}

} // namespace life_test
} // namespace bombo
