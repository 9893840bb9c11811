#include "core/log/liked.h"

#include "core/units/dice.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace liked_test {

Entry liked(double batter, std::optional<double> celsius, int stars = 5) {
    Entry entry;
    entry.figures.batter.left = HeardHead{Hertz{batter}, Cents{2}, {}};
    if (celsius)
        entry.figures.weather.temperature = Celsius{*celsius};
    entry.figures.words.stars = stars;
    return entry;
}

std::vector<Entry> pitches(const std::vector<double>& cold, const std::vector<double>& warm) {
    std::vector<Entry> entries;
    for (const double cents : cold)
        entries.push_back(liked(moved(Hertz{300}, Cents{cents}).value, 10.0));
    for (const double cents : warm)
        entries.push_back(liked(moved(Hertz{300}, Cents{cents}).value, 21.0));
    return entries;
}

/// A season of one player's own taste.
std::vector<Entry> season(Dice& dice, double higherInTheCold, int evenings) {
    const char* const players[] = {"Ada", "Ben"};
    const char* const places[] = {"Attic", "Cellar", "Hall"};
    std::vector<Entry> entries;
    for (int i = 0; i < evenings; ++i) {
        const bool isCold = dice.uniform(0, 1) < 0.45;
        const double cents = 8.0 * dice.normal() + (isCold ? higherInTheCold : 0.0);
        Entry entry =
            liked(moved(Hertz{300}, Cents{cents}).value,
                  isCold ? dice.uniform(4, 14.9) : dice.uniform(15.1, 27), dice.uniform(0, 1) < 0.8 ? 4 : 2);
        entry.figures.strainer = Turns{1.5 + 0.2 * dice.normal()};
        entry.figures.ringHeard = Seconds{0.4 * std::exp(0.1 * dice.normal())};
        entry.figures.words.player = players[static_cast<int>(dice.uniform(0, 2))];
        entry.figures.words.place = places[static_cast<int>(dice.uniform(0, 3))];
        entries.push_back(std::move(entry));
    }
    return entries;
}

TEST(Liked, ARangeHoldsWhatGotTheStarsAndNothingElse) {
    std::vector<Entry> entries;
    for (const double hertz : {296.0, 300.0, 302.0, 298.0})
        entries.push_back(liked(hertz, 20));
    entries.push_back(liked(340, 20, 2)); // played, and not liked
    entries.push_back(liked(200, 20, 0)); // nobody judged
    EXPECT_EQ(likedOf(entries).range(Differs::BatterPitch), nullptr) << "four are too few";
    entries.push_back(liked(304, 20, 4));
    const Liked found = likedOf(entries);
    const LikedFigure* pitch = found.range(Differs::BatterPitch);
    ASSERT_NE(pitch, nullptr);
    EXPECT_EQ(pitch->low, 296);
    EXPECT_EQ(pitch->middle, 300);
    EXPECT_EQ(pitch->high, 304);
    EXPECT_EQ(pitch->liked, 5);
    EXPECT_EQ(pitch->points.size(), 6U);
    EXPECT_EQ(found.starred, 6);
    EXPECT_EQ(found.range(Differs::Ring), nullptr) << "nobody wrote it down";
    EXPECT_TRUE(found.shifts.empty());
    EXPECT_TRUE(likedOf({}).figures.empty());
}

/// Of the 70 ways to call four of eight evenings cold, one puts the four highest there and one the four
/// lowest: 2/70. With one pair the other way about there are four at least as far apart: 4/70 is more than
/// one in twenty.
TEST(Liked, IsSaidWhereItIsRarerThanOneInTwentyByEveryWayToDealThem) {
    const Liked apart = likedOf(pitches({20, 22, 24, 26}, {0, 2, 4, 6}));
    ASSERT_EQ(apart.shifts.size(), 1U);
    const LikedShift& shift = apart.shifts.front();
    EXPECT_EQ(shift.when, LikedShift::When::Cold);
    EXPECT_EQ(shift.what, Differs::BatterPitch);
    EXPECT_NEAR(shift.by, 20.0, 1e-9);
    EXPECT_NEAR(shift.error, std::sqrt(2.0 * (20.0 / 3.0) / 4.0), 1e-9); // squares 9 + 1 + 1 + 9
    EXPECT_EQ(shift.there, 4);
    EXPECT_EQ(shift.others, 4);
    EXPECT_TRUE(likedOf(pitches({4, 22, 24, 26}, {0, 2, 6, 20})).shifts.empty());
    EXPECT_TRUE(likedOf(pitches({20, 22, 24}, {0, 2, 4, 6, 3, 1})).shifts.empty())
        << "three evenings are too few";
}

TEST(Liked, NobodyIsToldOfATasteThatIsNone) {
    Dice dice(71);
    int told = 0;
    constexpr int logbooks = 200;
    for (int i = 0; i < logbooks; ++i)
        told += likedOf(season(dice, 0.0, 36)).shifts.empty() ? 0 : 1;
    // One of twenty at most; three standard deviations of so many draws above it.
    EXPECT_LE(told, logbooks / 20 + 3 * std::sqrt(logbooks * 0.05 * 0.95));
}

TEST(Liked, ATasteForTheColdIsFoundWithItsError) {
    Dice dice(72);
    int found = 0;
    int within = 0;
    int withinTwo = 0;
    constexpr int logbooks = 200;
    for (int i = 0; i < logbooks; ++i)
        for (const LikedShift& shift : likedOf(season(dice, 18.0, 40)).shifts)
            if (shift.when == LikedShift::When::Cold && shift.what == Differs::BatterPitch) {
                ++found;
                within += std::abs(shift.by - 18.0) <= shift.error ? 1 : 0;
                withinTwo += std::abs(shift.by - 18.0) <= 2.0 * shift.error ? 1 : 0;
            }
    EXPECT_GE(found, 0.95 * logbooks);
    EXPECT_NEAR(within, 0.68 * found, 0.11 * found); // three standard deviations of 200
    EXPECT_GE(withinTwo, 0.90 * found);
}

TEST(Liked, AnOldLogbookOfManyPlayersIsJudgedByItsMeans) {
    Dice dice(73);
    const std::vector<Entry> entries = season(dice, 4.0, 3000);
    const Liked found = likedOf(entries);
    ASSERT_FALSE(found.shifts.empty());
    EXPECT_EQ(found.shifts.front().when, LikedShift::When::Cold);
    EXPECT_NEAR(found.shifts.front().by, 4.0, 3.0 * found.shifts.front().error);
    EXPECT_LT(found.shifts.front().error, 0.5);
}

TEST(Liked, APlayerWhoPlaysInOnePlaceOnlyIsSaidOnce) {
    std::vector<Entry> entries;
    for (int i = 0; i < 8; ++i)
        for (const bool isAda : {true, false}) {
            Entry entry = liked(moved(Hertz{300}, Cents{(isAda ? 30.0 : 0.0) + i}).value, {});
            entry.figures.words.player = isAda ? "Ada" : "Ben";
            entry.figures.words.place = isAda ? "Attic" : "Cellar";
            entries.push_back(entry);
        }
    EXPECT_EQ(likedOf(entries).shifts.size(), 1U);
}

TEST(Liked, ATonesFiguresBecomeOnesOwn) {
    std::vector<Entry> entries;
    for (int i = 0; i < 5; ++i) {
        Entry entry = liked(moved(Hertz{340}, Cents{10.0 * i}).value, 20);
        entry.figures.ringHeard = Seconds{0.30 + 0.02 * i};
        entries.push_back(entry);
    }
    Tone tone;
    tone.id = "chase";
    tone.name = "Chase";
    const auto made = likedTone(likedOf(entries), tone, inches(13));
    ASSERT_TRUE(made);
    EXPECT_EQ(made->origin, "own");
    EXPECT_TRUE(made->id.empty());
    EXPECT_NEAR(made->batterEdgeAt14.value, moved(Hertz{340}, Cents{20}).value * 13.0 / 14.0, 1e-9);
    EXPECT_NEAR(made->pitchSpan.value, 20.0, 1e-9);
    EXPECT_NEAR(made->ring.value, 0.34, 1e-12);
    EXPECT_NEAR(made->ringSpan, 0.34 / 0.30, 1e-9);
    EXPECT_EQ(made->snareSideAbove, tone.snareSideAbove) << "not known: as the tone has it";
    entries.pop_back();
    EXPECT_FALSE(likedTone(likedOf(entries), tone, inches(13)));
}

} // namespace liked_test
} // namespace bombo
