#include "app/drum/drum_problem.h"
#include "app/head/finding_words.h"
#include "app/session/wording.h"
#include "core/record/commands/command.h"
#include "driver.h"
#include "store/usual_drum.h"

#include <functional>
#include <gtest/gtest.h>

namespace bombo {
namespace wording_test {

TEST(Wording, Turns) {
    const std::pair<double, const char*> rows[]{
        {0.125, "1/8 turn"},    {-0.25, "1/4 turn"},  {0.4375, "7/16 turn"}, {1.0, "1 turn"},
        {1.375, "1 3/8 turns"}, {2.5, "2 1/2 turns"}, {0.0, "0 turns"},      {0.0625, "1/16 turn"}};
    for (const auto& [turns, text] : rows)
        EXPECT_EQ(turnsText(Turns{turns}), QLatin1String(text));
}

TEST(Wording, CentsHaveARealMinusSign) {
    EXPECT_EQ(centsText(Cents{12.4}), QStringLiteral("+12"));
    EXPECT_EQ(centsText(Cents{-3.2}), QStringLiteral("\u22123"));
    EXPECT_EQ(centsText(Cents{-0.3}), QStringLiteral("0"));
}

TEST(Wording, Pitches) {
    EXPECT_EQ(pitchText(Hertz{262.3}), testing::shown(QStringLiteral("262.3 Hz  C4 +4")));
    EXPECT_EQ(noteWords(Hertz{370.0}), QStringLiteral("F\u266F4")); // a real sharp
    EXPECT_EQ(noteWords(Hertz{436.0}), QStringLiteral("A4 \u221216"));
}

TEST(Wording, WhatIsWrongWithADrumIsSaidWithoutItsKey) {
    const Drum usual = usualDrum();
    const std::vector<std::function<void(Drum&)>> spoilt{
        [](Drum& d) { d.shell.diameter = Metres{3.0}; },
        [](Drum& d) { d.shell.depth = Metres{3.0}; },
        [](Drum& d) { d.rods = 40; },
        [](Drum& d) { d.markedRod = 40; },
        [](Drum& d) { d.fittedAt.wires = -5; },
        [](Drum& d) { d.playedBefore.batter = -5.0; },
        [](Drum& d) { d.batterHead.thickness = Metres{1.0}; },
        [](Drum& d) { d.batterHead.arealDensity = ArealDensity{90.0}; },
        [](Drum& d) { d.batterHead.modulus = Pascal{1.0}; },
        [](Drum& d) { d.snareSideHead.poisson = 2.0; },
        [](Drum& d) { d.snareSideHead.yield = Pascal{1.0}; },
        [](Drum& d) { d.hoop.perTurn.value = 1e6; },
        [](Drum& d) { d.wires.strands = 900; },
        [](Drum& d) { d.wires.mass.value = 7.0; },
        [](Drum& d) { d.wires.slackTurns = 99.0; }};
    QStringList said;
    for (const auto& spoil : spoilt) {
        Drum drum = usual;
        spoil(drum);
        const auto checked = checkedDrum(drum);
        ASSERT_FALSE(checked);
        said << drumProblemText(checked.fault());
        EXPECT_TRUE(said.back().contains(QLatin1String("To be checked"))) << checked.fault().key;
        EXPECT_FALSE(said.back().contains(QLatin1Char('_'))) << checked.fault().key;
    }
    EXPECT_EQ(said.removeDuplicates(), 0);
    EXPECT_FALSE(drumProblemText({"another", "is wrong"}).isEmpty());
}

TEST(Wording, RodsCountFromOne) {
    EXPECT_EQ(rodsText({2}), QStringLiteral("rod 3"));
    EXPECT_EQ(rodsText({1, 5}), QStringLiteral("rods 2 and 6"));
}

TEST(Wording, EveryVerdictAndRefusalHasASentence) {
    for (int v = 0; v <= static_cast<int>(Verdict::Drowned); ++v) {
        EXPECT_FALSE(verdictText(static_cast<Verdict>(v)).isEmpty()) << v;
        EXPECT_EQ(remedyText(static_cast<Verdict>(v)).isEmpty(), static_cast<Verdict>(v) == Verdict::Clear)
            << v;
    }
    for (int r = 0; r <= static_cast<int>(Refusal::NoSuchPad); ++r)
        EXPECT_GT(refusalText(static_cast<Refusal>(r)).size(), 10) << r;
    for (TargetLimit limit :
         {TargetLimit::BatterFilm, TargetLimit::BatterFingerTight, TargetLimit::SnareSideFilm,
          TargetLimit::SnareSideFingerTight, TargetLimit::None}) {
        const QString text = outOfReachText({limit, Hertz{500}, Hertz{420}});
        EXPECT_TRUE(text.contains(testing::shown(QStringLiteral("420.0 Hz")))) << text.toStdString();
    }
}

TEST(Wording, UndoKnowsEveryStepByName) {
    for (const Command& command :
         {Command{ChooseTone{}}, Command{FingerTight{}}, Command{GroupTurned{}}, Command{BeginTapping{}},
          Command{TapHeard{}}, Command{MoveMade{}}, Command{CorrectCount{}}, Command{StartHeadAgain{}},
          Command{SetStrainer{}}, Command{AnswerWires{}}, Command{StrokeHeard{}}, Command{AddPad{}},
          Command{MovePad{}}, Command{RemovePad{}}, Command{MarkSaved{}}}) {
        const QString stored = QString::fromLatin1(commandName(command));
        EXPECT_NE(commandLabel(stored), stored) << stored.toStdString();
    }
}

TEST(FindingWords, RodsBesideTheBedsAreToldWithTheirCentsAndWhatBedsMake) {
    const QString lower = findingText({HeadFault::BedsDiffer, {0, 4}, Cents{-31.2}, Cents{49.6}});
    EXPECT_TRUE(lower.contains(QStringLiteral("read 31 cents lower"))) << lower.toStdString();
    EXPECT_TRUE(lower.contains(QStringLiteral("some 50 cents"))) << lower.toStdString();
    const QString higher = findingText({HeadFault::BedsDiffer, {0, 4}, Cents{12.0}, Cents{49.6}});
    EXPECT_TRUE(higher.contains(QStringLiteral("read 12 cents higher"))) << higher.toStdString();
    for (const HeadFault fault : {HeadFault::FallsBack, HeadFault::PitchStaysBehind,
                                  HeadFault::EqualTurnsUnequalPitch, HeadFault::RodStands}) {
        const QString words = findingText({fault, {2}, Cents{23.0}});
        EXPECT_FALSE(words.contains(QLatin1Char('%'))) << words.toStdString();
        EXPECT_TRUE(words.front().isUpper()) << words.toStdString();
    }
    EXPECT_FALSE((lower + higher).contains(QLatin1Char('%')));
}

} // namespace wording_test
} // namespace bombo
