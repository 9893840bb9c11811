/// The Wires station through the real window: fit by the rule, the sweep on a practice drum, buzz with
/// others.
#include "app/listening/ear.h"
#include "driver.h"

#include "app/wires/buzz_picture.h"
#include "app/wires/underside.h"
#include "core/practice/practice_drum.h"
#include "core/record/stations.h"
#include "core/record/wires_say.h"
#include "store/demo.h"
#include "store/sound_file.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QTabBar>
#include <gtest/gtest.h>

namespace bombo {
namespace wires_test {

using testing::Program;

class WiresStation : public ::testing::Test {
protected:
    WiresStation() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        open();
        p().controller.goTo(Station::Wires);
    }
    void open() { m_program = std::make_unique<Program>(book()); }
    Program& p() { return *m_program; }
    const WireWork& wires() { return p().session().wires; }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("season.bombo")); }
    QString text(const char* label) { return p().find<QLabel>(QString::fromLatin1(label))->text(); }
    void view(int index) { // a click on the tab, as a hand would
        auto* views = p().find<QTabBar>(QStringLiteral("wireViews"));
        QTest::mouseClick(views, Qt::LeftButton, {}, views->tabRect(index).center());
        ASSERT_EQ(views->currentIndex(), index);
    }
    void type(const char* field, const char* figure) {
        auto* box = p().find<QDoubleSpinBox>(QString::fromLatin1(field));
        box->setFocus();
        box->selectAll();
        QTest::keyClicks(box, QString::fromLatin1(figure));
        QTest::keyClick(box, Qt::Key_Return);
    }

    QTemporaryDir m_folder;

private:
    std::unique_ptr<Program> m_program;
};

TEST_F(WiresStation, MeasuredByTheRuleTheyAreShiftedAndClamped) {
    view(0);
    EXPECT_EQ(text("step"), QStringLiteral("Measure strands and gaps"));
    type("fitStrands", "288");
    type("fitPlate", "18");
    type("fitTravel", "8");
    type("fitStrainerGap", "6.5");
    type("fitButtGap", "0.5");
    ASSERT_TRUE(p().session().layout);
    EXPECT_NEAR(p().session().layout->strands.value, 0.288, 1e-9);
    EXPECT_EQ(p().session().layout->travel, Turns{8.0});
    EXPECT_EQ(text("step"), QStringLiteral("Shift them to the strainer"));
    EXPECT_TRUE(text("fitSays").contains(QStringLiteral("4 turns tighter, 4 turns looser")));
    auto* underside = p().window.findChild<UndersideView*>();
    EXPECT_TRUE(
        underside->accessibleDescription().contains(QStringLiteral("Shift them 3 mm towards the strainer")));
    type("fitStrainerGap", "3.1");
    type("fitButtGap", "3.1");
    EXPECT_EQ(text("step"), QStringLiteral("They lie well"));
    open(); // it is all there tomorrow
    view(0);
    EXPECT_EQ(p().find<QDoubleSpinBox>(QStringLiteral("fitButtGap"))->value(), 3.1);
}

TEST_F(WiresStation, WhatIsWrongIsAnsweredInOrder) {
    view(0);
    type("fitTravel", "10");
    type("fitKnob", "10");
    p().choose(QStringLiteral("fitSymptom"), 3);
    const QStringList lines = text("fitRemedy").split(QLatin1Char('\n'));
    ASSERT_EQ(lines.size(), 2);
    EXPECT_TRUE(lines[0].contains(QStringLiteral("set the range again: knob back 5 turns")));
    EXPECT_TRUE(lines[1].contains(QStringLiteral("stretched")));
    EXPECT_TRUE(text("fitSays").contains(QStringLiteral("Less than a turn is left to tighten")));
}

TEST_F(WiresStation, AKnobBeyondItsTravelIsRefusedAndTheFigureComesBack) {
    view(0);
    type("fitTravel", "6");
    type("fitKnob", "9");
    EXPECT_FALSE(p().session().layout->knob);
    EXPECT_LT(p().find<QDoubleSpinBox>(QStringLiteral("fitKnob"))->value(), 0.0); // "not counted" again
}

TEST_F(WiresStation, FiveStopsAtMostToTheSetting) {
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    std::vector<Turns> stops;
    ASSERT_TRUE(p().spaceUntil([&] {
        if (wires().begun && (stops.empty() || stops.back() != wires().strainer))
            stops.push_back(wires().strainer);
        return p().session().station == Station::Muffling;
    }));
    EXPECT_LE(stops.size(), static_cast<std::size_t>(kMostTestStops + 1));
    p().controller.goTo(Station::Wires);
    EXPECT_TRUE(text("detail").contains(QStringLiteral("One more eighth on the snare side")));
    view(0);
    type("fitTravel", "8");
    type("fitKnob", "2");
    view(1);
    EXPECT_TRUE(text("fromLoose").endsWith(QStringLiteral("from its loose end")));
    EXPECT_GT(p().session().layout->knob->value + wires().strainer.value, 2.0);
    EXPECT_EQ(stationState(p().session(), Station::Wires), StationState::Done);
}

TEST_F(WiresStation, WhatIsHeardAnswersOnARealDrum) {
    // Strokes of a practice drum stand in for a real one, given as sound files.
    p().controller.ear().chooseSource(SoundSource::File);
    p().controller.perform(JudgeWires{WireJudging::Dry}); // then whispers tell most
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    p().press(Qt::Key_Space);
    ASSERT_TRUE(wires().begun);
    const Stroke due = *nextStroke(sweepOf(p().session()));
    const HiddenNature nature = drawNature(p().session().drum, p().session().practiceSeed);
    PracticeState state;
    state.batterTurns.assign(8, Turns{2.0});
    state.snareSideTurns.assign(8, Turns{2.0});
    const auto give = [&](Turns strainer, const char* name) {
        state.strainer = strainer;
        const auto stroke =
            practiceWireStroke(p().session().drum, nature, state, StrokePlace::Middle, Dynamic::Medium, 5);
        const QString file = QDir(m_folder.path()).filePath(QString::fromLatin1(name));
        ASSERT_TRUE(writeSoundFile(file.toStdString(), stroke.samples, 48000));
        p().controller.ear().openSoundFiles({file});
    };
    give(Turns{1.0}, "answers.wav");
    ASSERT_TRUE(p().waitFor([&] { return wires().tests.size() == 1; }));
    EXPECT_EQ(wires().tests[0].place, due.place);
    EXPECT_EQ(wires().tests[0].dynamic, due.dynamic);
    EXPECT_TRUE(wires().tests[0].answered);
    if (!nextStroke(sweepOf(p().session())))
        p().press(Qt::Key_Space); // nothing more to learn there: the knob is turned on
    const auto next = nextStroke(sweepOf(p().session()));
    ASSERT_TRUE(next);
    ASSERT_FALSE(next->asksRattle);
    give(2.0 * chokeOf(nature, StrokePlace::Middle, Dynamic::Medium), "choked.wav");
    ASSERT_TRUE(p().waitFor([&] { return wires().tests.size() == 2; }));
    EXPECT_FALSE(wires().tests[1].answered);
    p().press(Qt::Key_Z, Qt::ControlModifier); // and can be taken back
    EXPECT_EQ(wires().tests.size(), 1U);
}

TEST_F(WiresStation, NeighboursAreEnteredAndCalmed) {
    view(2);
    EXPECT_EQ(text("step"), QStringLiteral("Which of them sets it off?"));
    auto* name = p().find<QLineEdit>(QStringLiteral("neighbourName"));
    name->setFocus();
    QTest::keyClicks(name, QStringLiteral("high tom"));
    type("neighbourPitch", "185");
    p().click(QStringLiteral("neighbourAdd"));
    p().choose(QStringLiteral("neighbourKind"), 3);
    type("neighbourPitch", "220");
    p().click(QStringLiteral("neighbourAdd"));
    ASSERT_EQ(p().session().neighbours.size(), 2U);
    EXPECT_EQ(p().session().neighbours[0].name, "high tom");
    EXPECT_EQ(p().session().neighbours[1].name, "voice"); // without a name of its own
    EXPECT_TRUE(text("remedies").contains(QStringLiteral("high tom to")));
    EXPECT_TRUE(text("remedies").contains(QStringLiteral("lever off")));
    auto* buzz = p().window.findChild<BuzzView*>();
    EXPECT_TRUE(buzz->accessibleDescription().contains(QStringLiteral("meets")));
    p().choose(QStringLiteral("neighbourList"), 0);
    p().click(QStringLiteral("neighbourRemove"));
    ASSERT_EQ(p().session().neighbours.size(), 1U);
    EXPECT_FALSE(text("remedies").contains(QStringLiteral("high tom")));
    p().press(Qt::Key_Z, Qt::ControlModifier); // takes back work, not what stands around
    EXPECT_EQ(p().session().neighbours.size(), 1U);
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    p().press(Qt::Key_Space); // on to the strainer
    EXPECT_EQ(p().find<QTabBar>(QStringLiteral("wireViews"))->currentIndex(), 1);
}

TEST_F(WiresStation, WhatWasHeardBecomesANeighbour) {
    p().click(QStringLiteral("stroke")); // any sound with partials will do
    ASSERT_TRUE(p().waitFor([&] { return p().controller.ear().lastReading().has_value(); }));
    view(2);
    p().click(QStringLiteral("neighbourHeard"));
    ASSERT_EQ(p().session().neighbours.size(), 1U);
    const auto& heard = p().controller.ear().lastReading()->partials;
    EXPECT_EQ(p().session().neighbours[0].partials.front().frequency, heard.front().frequency);
}

TEST_F(WiresStation, AVoiceIsAnsweredWhileTheKnobIsLooseEnough) {
    const HiddenNature nature = drawNature(p().session().drum, p().session().practiceSeed);
    const double choke = voiceChokeOf(nature).value;
    view(2);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("voiceOn"))->isEnabled()); // without comes first
    for (const auto& [turns, answers] : {std::pair{choke - 0.3, true}, {choke + 0.3, false}}) {
        ASSERT_TRUE(p().controller.perform(SetStrainer{Turns{std::round(8.0 * turns) / 8.0}}));
        p().click(QStringLiteral("voiceOff"));
        EXPECT_TRUE(text("voiceSays").contains(QStringLiteral("lever on")));
        p().click(QStringLiteral("voiceOn"));
        ASSERT_TRUE(wires().voice);
        EXPECT_EQ(wires().voice->answers(), answers) << turns;
        EXPECT_TRUE(text("voiceSays")
                        .startsWith(answers ? QStringLiteral("They answer") : QStringLiteral("No answer")));
    }
}

TEST_F(WiresStation, AVoiceFromFilesAndOneThatIsNone) {
    const QString quiet = QDir(m_folder.path()).filePath(QStringLiteral("quiet.wav"));
    ASSERT_TRUE(writeSoundFile(quiet.toStdString(), std::vector<float>(96000, 0.0F), 48000));
    view(2);
    p().controller.ear().hearVoiceFile(false, quiet);
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("No voice was heard")));
    EXPECT_FALSE(p().controller.ear().voiceWithout());
    p().controller.ear().hearVoiceFile(false, QStringLiteral("/no/such/hum.wav"));
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("hum.wav")));
    const HiddenNature nature = drawNature(p().session().drum, p().session().practiceSeed);
    PracticeState state;
    state.strainer = Turns{0.5};
    for (const bool on : {false, true}) {
        state.leverOn = on;
        const QString hum =
            QDir(m_folder.path()).filePath(on ? QStringLiteral("on.wav") : QStringLiteral("off.wav"));
        ASSERT_TRUE(writeSoundFile(hum.toStdString(), practiceVoice(nature, state, 1), 48000));
        p().controller.ear().hearVoiceFile(on, hum);
    }
    ASSERT_TRUE(wires().voice);
    EXPECT_TRUE(wires().voice->answers());
}

TEST_F(WiresStation, TheSettingIsJudgedByChoice) {
    p().controller.perform(SetStrainer{Turns{1.5}});
    p().controller.perform(AnswerWires{{StrokePlace::Edge, Dynamic::Whisper, true, {}}});
    std::vector<double> turns;
    for (const int judging : {4, 1, 3}) { // wet, loosest clean, dry
        p().choose(QStringLiteral("wireJudging"), judging);
        turns.push_back(wireAdviceOf(p().session()).recommended.value);
    }
    EXPECT_EQ(wires().judging, WireJudging::Dry);
    EXPECT_LT(turns[0], turns[1]);
    EXPECT_LT(turns[1], turns[2]);
}

} // namespace wires_test
} // namespace bombo
