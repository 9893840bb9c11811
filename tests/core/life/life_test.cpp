#include "core/life/life.h"

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

} // namespace life_test
} // namespace bombo
