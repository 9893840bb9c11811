/// How rounds are tapped, through the real window: repeats, halves, kinds, asking again, markers, waiting.
#include "app/listening/ear.h"
#include "core/record/strokes_say.h"
#include "driver.h"

#include "app/card/card_dialog.h"
#include "app/listening/heard_words.h"
#include "store/demo.h"
#include "store/sound_file.h"
#include "support/synthesis.h"

#include <QSignalSpy>
#include <gtest/gtest.h>

namespace bombo {
namespace rounds_test {

using testing::Program;

class RoundsOnScreen : public ::testing::Test {
protected:
    RoundsOnScreen() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        m_program = std::make_unique<Program>(book());
        p().controller.goTo(Station::Batter);
        EXPECT_TRUE(p().controller.perform(FingerTight{HeadSide::Batter}));
        while (work().stage == HeadStage::Raising)
            EXPECT_TRUE(p().controller.perform(GroupTurned{HeadSide::Batter}));
    }
    Program& p() { return *m_program; }
    const HeadWork& work() { return p().session().batter; }
    QString path(const char* name) const { return QDir(m_folder.path()).filePath(QLatin1String(name)); }
    QString book() const { return path("season.bombo"); }
    QString text(const char* label) { return p().find<QLabel>(QString::fromLatin1(label))->text(); }
    void choose(const char* name, int index) { p().choose(QString::fromLatin1(name), index); }
    /// A file of taps at these pitches, with a marker for each if they are named.
    QString taps(const char* name, const std::vector<double>& hz,
                 const std::vector<std::string>& marks = {}) {
        auto sound = testing::silence(0.4 + 0.8 * static_cast<double>(hz.size()));
        std::vector<Marker> markers;
        for (std::size_t i = 0; i < hz.size(); ++i) {
            const double at = 0.3 + 0.8 * static_cast<double>(i);
            testing::addTones(sound, testing::edgeTap(hz[i], 0.4, 0.3), at);
            if (i < marks.size())
                markers.push_back({Seconds{at}, marks[i]});
        }
        EXPECT_TRUE(writeSoundFile(path(name).toStdString(), sound, 48000, markers));
        return path(name);
    }
    void give(const QString& file) {
        QSignalSpy done(&p().controller.ear().listener(), &Listener::fileDone);
        p().controller.ear().openSoundFiles({file});
        ASSERT_TRUE(p().waitFor([&] { return done.count() == 1; }));
    }

private:
    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(RoundsOnScreen, TwoTapsARodAndHalfTheRods) {
    choose("tapCount", 1);
    choose("tapExtent", 1);
    EXPECT_EQ(work().way, (RoundWay{.half = true, .tapsPerRod = 2}));
    EXPECT_TRUE(text("count").contains(QStringLiteral("rod 1 of 4")));
    EXPECT_TRUE(text("count").contains(QStringLiteral("tap 1 of 2")));
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    ASSERT_TRUE(p().spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return !w.history.empty(); }));
    const FinishedRound& round = work().history.front();
    EXPECT_GE(round.readings[0]->taps, 2);
    EXPECT_FALSE(round.readings[5]);
    // The rods that were not tapped show what their opposites read.
    auto* view = p().find<HoopView>(QStringLiteral("hoop"));
    EXPECT_TRUE(view->picture().pegs[5].byOpposite);
    EXPECT_EQ(view->picture().pegs[5].heard, view->picture().pegs[1].heard);
    EXPECT_TRUE(view->accessibleDescription().contains(QStringLiteral("not tapped")));
}

TEST_F(RoundsOnScreen, OneKeyOrTwoAndHowEvenIsChosenBeforeTheHeadIsRaised) {
    EXPECT_TRUE(p().controller.perform(StartHeadAgain{HeadSide::Batter}));
    EXPECT_TRUE(text("beginSentence").contains(QStringLiteral("in pairs with two keys")));
    p().click(QStringLiteral("changeBegin"));
    auto* path = p().find<QComboBox>(QStringLiteral("turnPath"));
    ASSERT_TRUE(path->isVisible());
    choose("turnPath", 1);
    choose("evenWithin", 0);
    EXPECT_EQ(p().session().path, Path::Star);
    EXPECT_EQ(p().session().tolerance, Cents{5.0});
    choose("strays", 1);
    choose("wiresAway", 2);
    EXPECT_EQ(p().session().strays, StrayRule::RaiseOnly);
    EXPECT_TRUE(text("step").contains(QStringLiteral("Off and away")));
    p().click(QStringLiteral("changeBegin")); // that is how
    EXPECT_FALSE(path->isVisible());
    EXPECT_EQ(
        text("beginSentence"),
        QStringLiteral(
            "The same head from slack, the wires taken off, seated by palm. Turned across with one key, at "
            "most 1/2 turn at a time, only ever tightened, until it is even to ±5 cents."));
    p().click(QStringLiteral("fingerTight"));
    EXPECT_FALSE(path->isVisible());
    EXPECT_EQ(text("now"), QStringLiteral("Now rod 1")); // one key
    for (int i = 0; i < 2; ++i)
        p().press(Qt::Key_Z, Qt::ControlModifier);
    p().press(Qt::Key_Z, Qt::ControlModifier);
    p().press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(p().session().tolerance, Cents{8.0});
}

TEST_F(RoundsOnScreen, ChangingTheKindBeginsTheRoundAgain) {
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    ASSERT_TRUE(p().spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.rodsHeard() == 3; }));
    choose("tapKind", 1);
    EXPECT_EQ(work().way.kind, TapKind::Open);
    EXPECT_EQ(work().rodsHeard(), 0);
    p().press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(work().rodsHeard(), 3); // nothing was lost
    EXPECT_EQ(work().way.kind, TapKind::FingerDamped);
}

TEST_F(RoundsOnScreen, AnOddTapIsNamedAskedAgainAndLeftOut) {
    p().controller.ear().chooseSource(SoundSource::File);
    std::vector<double> even(8, 282.0);
    even[5] = 289.0;
    give(taps("round.wav", even));
    ASSERT_EQ(work().history.size(), 1U);
    EXPECT_TRUE(text("rodText").contains(QStringLiteral("Rod 6 does not fit the others")));
    EXPECT_EQ(p().find<QPushButton>(QStringLiteral("tapAgain"))->text(), QStringLiteral("Tap rod 6 again"));
    p().click(QStringLiteral("tapAgain"));
    EXPECT_EQ(text("step"), QStringLiteral("Rod 6"));
    EXPECT_EQ(text("now"), QStringLiteral("Now the same rod once more"));
    give(taps("again.wav", {282.0, 282.0, 282.0}));
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("left over 1")));
    ASSERT_EQ(work().history.size(), 1U);
    EXPECT_NEAR(work().history[0].readings[5]->frequency.value, 282.0, 0.1);
    EXPECT_EQ(work().history[0].readings[5]->outliers, 1);
    EXPECT_FALSE(strayRod(work()));
}

TEST_F(RoundsOnScreen, MarkersNameTheRods) {
    p().controller.ear().chooseSource(SoundSource::File);
    give(taps("marked.wav", {281.0, 284.0, 300.0}, {"rod 5", "rod 2"})); // the third is not marked
    ASSERT_EQ(work().rodsHeard(), 2);
    EXPECT_NEAR(work().taps[4][0].frequency.value, 281.0, 0.1);
    EXPECT_NEAR(work().taps[1][0].frequency.value, 284.0, 0.1);
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("without a marker left out 1")));
    EXPECT_EQ(text("step"), QStringLiteral("Rod 1"));
}

TEST_F(RoundsOnScreen, ThePitchCardInAMinute) {
    CardDialog dialog(p().controller, &p().window);
    dialog.show();
    ASSERT_TRUE(QTest::qWaitForWindowActive(&dialog));
    const auto label = [&](const char* name) {
        return dialog.findChild<QLabel*>(QString::fromLatin1(name))->text();
    };
    EXPECT_TRUE(label("cardNow").contains(QStringLiteral("batter, near the hoop")));
    for (int i = 0; i < 30 && nextPlace(p().session().card); ++i) {
        QTest::keyClick(dialog.findChild<QPushButton*>(QStringLiteral("cardTap")), Qt::Key_Space);
        ASSERT_TRUE(p().waitFor([&] { return !p().controller.ear().listener().isReading(); }));
    }
    EXPECT_FALSE(nextPlace(p().session().card));
    EXPECT_EQ(work().rodsHeard(), 0); // none of them went into the round
    EXPECT_TRUE(label("cardSays").contains(QStringLiteral("The batter carries")));
    EXPECT_TRUE(label("cardSays").contains(QStringLiteral("it is one tone")));
    EXPECT_EQ(label("cardNow"), QStringLiteral("The card is full"));
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("cardUndo")), Qt::LeftButton);
    EXPECT_EQ(nextPlace(p().session().card), CardPlace::SnareSideMiddle);
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("cardAgain")), Qt::LeftButton);
    EXPECT_EQ(p().session().card, PitchCard{});
}

TEST_F(RoundsOnScreen, HurriedHandsAreAskedAgainAndTheRoundGetsThere) {
    p().settings.setPracticeSloppiness(3.0);
    p().settings.setPracticeHum(true);
    QSignalSpy heard(&p().controller.ear(), &Ear::readingHeard);
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    for (int i = 0; i < 60 && work().history.empty(); ++i) {
        p().press(Qt::Key_Space);
        ASSERT_TRUE(p().waitFor([&] { return !p().controller.ear().listener().isReading(); }));
    }
    EXPECT_EQ(work().history.size(), 1U);
    EXPECT_GE(heard.count(), 8);
}

TEST(HeardWords, SayWhatIsWrongAndWhatToDo) {
    Reading reading;
    reading.verdict = Verdict::Clear;
    reading.frequency = Hertz{300};
    reading.standardError = Hertz{0.03};
    reading.levelDb = -44.0;
    EXPECT_EQ(heardWords(reading, SoundSource::Microphone).remedy,
              QStringLiteral("The input is low: turn it up by about 30 dB."));
    EXPECT_TRUE(heardWords(reading, SoundSource::File).remedy.isEmpty()); // no knob to turn
    EXPECT_EQ(heardWords(reading, SoundSource::File).verdict,
              testing::shown(QStringLiteral("Clear, ±0.2 cents")));
    reading.glide = Cents{22};
    EXPECT_TRUE(heardWords(reading, SoundSource::File).remedy.contains(QStringLiteral("22 cents sharp")));
    reading.glide.reset();
    reading.beat = Hertz{2.5};
    EXPECT_TRUE(heardWords(reading, SoundSource::File)
                    .verdict.contains(testing::shown(QStringLiteral("beats 2.5 times a second"))));
    EXPECT_TRUE(heardWords(reading, SoundSource::File).remedy.contains(QStringLiteral("Two close partials")));
    reading.beat.reset();
    reading.standardError = Hertz{2.0}; // 11.5 cents: taken, and said to be rough
    reading.verdict = Verdict::Rough;
    EXPECT_EQ(heardWords(reading, SoundSource::File).verdict, QStringLiteral("Rough: ±12 cents, taken"));
    reading.standardError = Hertz{6.0};
    EXPECT_EQ(heardWords(reading, SoundSource::File).verdict,
              QStringLiteral("Rough: ±35 cents. One more tap here"));
    reading.caution = Caution::WiresOn;
    EXPECT_TRUE(heardWords(reading, SoundSource::File).remedy.contains(QStringLiteral("finer figure")));
    reading.caution = Caution::Gated;
    EXPECT_TRUE(heardWords(reading, SoundSource::File).remedy.contains(QStringLiteral("noise suppression")));
    reading.verdict = Verdict::WiresOn;
    EXPECT_TRUE(
        heardWords(reading, SoundSource::File).remedy.contains(QStringLiteral("Throw the lever off")));
}

} // namespace rounds_test
} // namespace bombo
