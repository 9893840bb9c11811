#include "core/practice/practice_session.h"
#include "core/procedure/pitch_card.h"
#include "core/record/json_values.h"
#include "core/record/strokes_say.h"
#include "core/tap/taps_in.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace pitch_card_test {

using testing::done;
using testing::plover;

RodReading at(Hertz f) {
    RodReading r;
    r.frequency = f;
    r.standardError = Hertz{0.05};
    return r;
}

/// A card of a drum whose tensions are known.
PitchCard cardOf(const DrumState& state) {
    const NamedPitches p = namedPitches(state);
    PitchCard card;
    for (int i = 0; i < kCardTaps; ++i) {
        card.at(CardPlace::BatterEdge).push_back(at(p.batterEdge));
        card.at(CardPlace::BatterMiddle).push_back(at(p.centre));
        card.at(CardPlace::SnareSideEdge).push_back(at(p.snareSideEdge));
        card.at(CardPlace::SnareSideMiddle).push_back(at(p.centre));
    }
    return card;
}

TEST(PitchCard, AsksPlaceAfterPlace) {
    PitchCard card;
    std::vector<CardPlace> order;
    while (const auto place = nextPlace(card)) {
        order.push_back(*place);
        card.at(*place).push_back(at(Hertz{300}));
    }
    ASSERT_EQ(order.size(), 12U);
    for (std::size_t i = 0; i < order.size(); ++i)
        EXPECT_EQ(order[i], kCardPlaces[i / 3]);
}

TEST(PitchCard, GivesBackTheTensionsThatMadeIt) {
    for (const double batter : {1800.0, 3200.0})
        for (const double snareSide : {1200.0, 1900.0}) {
            const DrumState state = drumState(plover(), Tension{batter}, Tension{snareSide}, airAt({}));
            PitchCard card = cardOf(state);
            const auto says = whatItSays(plover(), card);
            ASSERT_TRUE(says);
            EXPECT_NEAR(says->batter->value, batter, 1.0);
            EXPECT_NEAR(says->snareSide->value, snareSide, 1.0);
            EXPECT_FALSE(says->snareSideInferred);
            EXPECT_NEAR(says->centreOffModel->value, 0.0, 0.05);
            EXPECT_NEAR(says->sidesApart->value, 0.0, 1e-9);

            // Two places of one head alone: the other head's tension follows from the body tone.
            card.at(CardPlace::SnareSideEdge).clear();
            card.at(CardPlace::SnareSideMiddle).clear();
            const auto half = whatItSays(plover(), card);
            ASSERT_TRUE(half->snareSide);
            EXPECT_TRUE(half->snareSideInferred);
            EXPECT_NEAR(half->snareSide->value, snareSide, 0.01 * snareSide);
        }
}

TEST(PitchCard, SaysNothingBeforeTheFirstEdge) {
    EXPECT_FALSE(whatItSays(plover(), {}));
    PitchCard card;
    card.at(CardPlace::BatterEdge).push_back(at(Hertz{300}));
    const auto says = whatItSays(plover(), card);
    ASSERT_TRUE(says);
    EXPECT_TRUE(says->batter);
    EXPECT_FALSE(says->snareSide);
    EXPECT_FALSE(says->centre);
}

/// Fills the session's card from the practice drum, as the program does; counts the strokes.
Session heardCard(Session s, int& strokes) {
    const HiddenNature nature = drawNature(s.drum, s.practiceSeed);
    while (const auto place = nextPlace(s.card)) {
        PracticeTap tap{.side = headOf(*place), .stroke = static_cast<std::uint64_t>(strokes)};
        if (isMiddle(*place)) {
            tap.rod.reset();
            tap.hands.mutes = false;
        }
        if (++strokes > 60)
            break;
        for (const Tap& one : tapsIn(practiceTap(s.drum, nature, practiceStateOf(s), tap))) {
            const Reading reading = readTap(one, {.expected = cardExpectation(s)});
            if (reading.hasFigure())
                s = done(s, CardTapHeard{rodReadingFrom(reading)});
        }
    }
    return s;
}

TEST(PitchCard, OfPracticeDrumsInAMinute) {
    for (const std::uint64_t seed : {3U, 8U, 21U, 34U}) {
        Session s = newSession(plover(), testing::chase(), seed);
        const HiddenNature nature = drawNature(s.drum, seed);
        const std::vector<Turns> turns(8, Turns{1.75});
        s.batter.rodTurns = turns;
        s.snareSide.rodTurns = turns;
        int strokes = 0;
        s = heardCard(s, strokes);
        ASSERT_FALSE(nextPlace(s.card)) << seed;
        EXPECT_LE(strokes, 20) << seed; // three seconds each: a minute
        const auto says = cardSays(s);
        ASSERT_TRUE(says && says->snareSide && says->centreOffModel) << seed;
        // One rod's pitch stands for the head: its unevenness is in it, half an eighth of a turn or so.
        EXPECT_NEAR(says->batter->value / trueMeanTension(nature, practiceStateOf(s), HeadSide::Batter), 1.0,
                    0.15)
            << seed;
        EXPECT_LT(std::abs(says->sidesApart->value), 4.0) << seed; // one mode, heard twice
        EXPECT_LT(std::abs(says->centreOffModel->value), 60.0) << seed;
    }
}

TEST(PitchCard, CommandsFillItAndUndoByValue) {
    Session s = testing::fresh();
    for (int i = 0; i < 12; ++i)
        s = done(s, CardTapHeard{at(Hertz{300})});
    EXPECT_EQ(apply(s, CardTapHeard{at(Hertz{300})}).fault(), Refusal::CardFull);
    // The last tap is taken back, whatever was done in between.
    const Session back1 = done(done(s, SetStars{2}), TakeBackCardTap{});
    EXPECT_EQ(nextPlace(back1.card), CardPlace::SnareSideMiddle);
    EXPECT_EQ(back1.stars, 2);
    EXPECT_EQ(apply(testing::fresh(), TakeBackCardTap{}).fault(), Refusal::CardEmpty);
    EXPECT_GT(s.cardAt, 0);
    const auto back = workFromText(workText(s));
    ASSERT_TRUE(back);
    EXPECT_EQ(back->card, s.card);
    EXPECT_EQ(done(s, StartCard{}).card, PitchCard{});
}

} // namespace pitch_card_test
} // namespace bombo
