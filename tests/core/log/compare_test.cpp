#include "core/log/compare.h"

#include "core/units/dice.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

namespace bombo {
namespace compare_test {

EntryFigures some() {
    EntryFigures figures;
    figures.batter.left = HeardHead{Hertz{300}, Cents{2}, {}};
    figures.batter.evenTo = Cents{5};
    figures.batter.kind = "coated";
    figures.batter.fittedAt = 1000;
    figures.snareSide.left = HeardHead{Hertz{400}, Cents{2}, {}};
    figures.strainer = Turns{1.5};
    figures.ringPredicted = Seconds{0.4};
    figures.weather.temperature = Celsius{20};
    figures.padsKnown = true;
    return figures;
}

TEST(Compare, AlikeIsNoDifference) {
    EXPECT_TRUE(differences(some(), some()).empty());
    EXPECT_TRUE(differences({}, some()).empty()); // nothing is known in both
}

TEST(Compare, WhatIsHeardComesFirstAndIsMarked) {
    EntryFigures now = some();
    now.batter.left->edge = moved(Hertz{300}, Cents{5});      // below what is heard
    now.snareSide.left->edge = moved(Hertz{400}, Cents{-40}); // well above
    now.weather.temperature = Celsius{11};
    now.strainer = Turns{1.25};
    now.batter.kind = "clear";
    const auto found = differences(some(), now);
    ASSERT_FALSE(found.empty());
    EXPECT_EQ(found.front().what, Differs::SnareSidePitch);
    EXPECT_NEAR(found.front().by, -40.0, 1e-9);
    const auto of = [&](Differs what) {
        for (const Difference& one : found)
            if (one.what == what)
                return one;
        ADD_FAILURE() << "not found";
        return Difference{};
    };
    EXPECT_FALSE(of(Differs::BatterPitch).isHeard());
    EXPECT_TRUE(of(Differs::Strainer).isHeard());
    EXPECT_EQ(of(Differs::Strainer).by, -0.25);
    EXPECT_FALSE(of(Differs::Temperature).isHeard()); // not by itself
    EXPECT_FALSE(of(Differs::BatterHead).isHeard());
}

TEST(Compare, WhenAHeadWasPutOnTellsNothingOfTwoDrums) {
    Entry one{1, 0, "plover", "chase", false, some()};
    Entry two = one;
    two.figures.batter.fittedAt = 2000;
    two.figures.wiresFittedAt = 3000;
    ASSERT_EQ(differences(one, two).size(), 1U);
    EXPECT_EQ(differences(one, two).front().what, Differs::BatterHead) << "another one of its kind";
    two.drumId = "wren";
    EXPECT_TRUE(differences(one, two).empty());
    two.figures.batter.kind = "clear";
    ASSERT_EQ(differences(one, two).size(), 1U);
    EXPECT_EQ(differences(one, two).front().what, Differs::BatterHead);
}

TEST(Compare, PadsMovedByAHandAreNoDifference) {
    EntryFigures a = some();
    EntryFigures b = some();
    a.pads = {{"gel-pad", Metres{0.12}, Radians{1.0}}, {"gel-pad", Metres{0.12}, Radians{3.0}}};
    b.pads = {{"gel-pad", Metres{0.121}, Radians{3.02}}, {"gel-pad", Metres{0.119}, Radians{1.0}}};
    EXPECT_TRUE(differences(a, b).empty());
    b.pads.pop_back();
    ASSERT_EQ(differences(a, b).size(), 1U);
    EXPECT_EQ(differences(a, b)[0].what, Differs::Pads);
    b.padsKnown = false;
    EXPECT_TRUE(differences(a, b).empty());
}

std::vector<Entry> season(std::uint64_t seed, double follows) {
    Dice dice(seed);
    std::vector<Entry> entries;
    for (int i = 0; i < 14; ++i) {
        Entry entry;
        entry.figures = some();
        const double off = 30.0 * dice.normal();
        entry.figures.batter.left->edge = moved(Hertz{300}, Cents{off});
        entry.figures.snareSide.left->edge = moved(Hertz{400}, Cents{30.0 * dice.normal()});
        entry.figures.strainer = Turns{1.5 + 0.25 * dice.normal()};
        entry.figures.ringPredicted = Seconds{0.4 + 0.06 * dice.normal()};
        const double stars =
            follows * (5.0 - std::abs(off) / 14.0) + (1.0 - follows) * dice.uniform(1.0, 5.0);
        entry.figures.words.stars = std::clamp(static_cast<int>(std::lround(stars)), 1, 5);
        entries.push_back(entry);
    }
    return entries;
}

TEST(ExplainsStars, FindsThePitchThatPeopleLiked) {
    int right = 0, found = 0, byChance = 0;
    for (std::uint64_t seed = 1; seed <= 60; ++seed) {
        if (const auto explained = explainsStars(season(seed, 1.0))) {
            ++found;
            right += explained->what == Differs::BatterPitch || explained->what == Differs::Interval ? 1 : 0;
            if (explained->what == Differs::BatterPitch) {
                EXPECT_NEAR(explained->best, 300.0, 10.0);
            }
        }
        byChance += explainsStars(season(seed + 1000, 0.0)) ? 1 : 0;
    }
    std::printf("found %d, right %d of 60; by chance %d of 60\n", found, right, byChance);
    EXPECT_GE(right, 50);
    EXPECT_LE(byChance, 5); // it promises one in twenty
}

TEST(ExplainsStars, SaysNothingOfFewOrOfEqualStars) {
    auto entries = season(1, 1.0);
    for (Entry& entry : entries)
        entry.figures.words.stars = 4;
    EXPECT_FALSE(explainsStars(entries));
    entries = season(1, 1.0);
    entries.resize(4);
    EXPECT_FALSE(explainsStars(entries));
}

} // namespace compare_test
} // namespace bombo
