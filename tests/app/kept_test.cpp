/// What is done stays done, and what is heard goes where it belongs: undo, restarts, other drums and haste.
#include "answer_next.h"
#include "core/record/heads_say.h"
#include "driver.h"

#include "app/drum/sessions_dialog.h"
#include "app/listening/ear.h"
#include "app/logbook/bin_dialog.h"
#include "app/practice/practice_player.h"
#include "app/reminder/reminder_dialog.h"
#include "store/demo.h"
#include "store/sound_file.h"
#include "support/synthesis.h"

#include <QApplication>
#include <QDateTime>
#include <QLabel>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QSignalSpy>
#include <QTabBar>
#include <gtest/gtest.h>

namespace bombo {
namespace kept_test {

using testing::Program;

class Kept : public ::testing::Test {
protected:
    Kept() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        open();
    }
    void open() { m_program = std::make_unique<Program>(book()); }
    void restart() {
        m_program.reset();
        open();
    }
    Program& p() { return *m_program; }
    const Session& session() { return p().session(); }
    SessionController& controller() { return p().controller; }
    Ear& ear() { return p().controller.ear(); }
    QString path(const char* name) const { return QDir(m_folder.path()).filePath(QString::fromLatin1(name)); }
    QString book() const { return path("season.bombo"); }
    QString notice() { return p().window.noticeBar()->text(); }
    int undoSteps() { return controller().undoStack().index(); }
    /// Both heads stand and are tapped, the batter is in front.
    void tapBoth() {
        for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
            ASSERT_TRUE(controller().perform(ChooseCondition{side, HeadCondition::AsItStands}));
            while (session().head(side).stage == HeadStage::FingerTight)
                ASSERT_TRUE(controller().perform(Prepared{side}));
        }
        controller().goTo(Station::Batter);
    }
    bool read() {
        return p().waitFor([&] { return !ear().isReading(); });
    }

private:
    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

// Undo and what it leaves alone

TEST_F(Kept, ANoteOutlivesUndoAnotherStepAndARestart) {
    controller().perform(SetStrainer{Turns{1}});
    controller().goTo(Station::Proof);
    auto* note = p().find<QPlainTextEdit>(QStringLiteral("note"));
    note->setFocus();
    QTest::keyClicks(note, QStringLiteral("felt under the lamp"));
    controller().undoStack().undo();
    EXPECT_EQ(session().wires.strainer, Turns{});
    EXPECT_EQ(session().note, "felt under the lamp");
    controller().perform(SetStars{3});
    EXPECT_EQ(p().find<QPlainTextEdit>(QStringLiteral("note"))->toPlainText(),
              QStringLiteral("felt under the lamp"));
    restart();
    EXPECT_EQ(session().note, "felt under the lamp");
    EXPECT_EQ(session().stars, 3);
    EXPECT_EQ(session().station, Station::Proof);
}

TEST_F(Kept, UndoGoesBackToNoOtherSourceOfSound) {
    controller().perform(SetStrainer{Turns{1}});
    ear().chooseSource(SoundSource::File);
    controller().undoStack().undo();
    EXPECT_EQ(session().source, SoundSource::File);
    restart();
    EXPECT_EQ(session().source, SoundSource::File);
}

TEST_F(Kept, WhatIsAtHandStaysForTheNextSessionAndTheOtherDrum) {
    WireLayout layout;
    layout.travel = Turns{7.0};
    ASSERT_TRUE(controller().perform(MeasureWires{layout}));
    ASSERT_TRUE(controller().perform(SetNeighbours{{neighbourAt("tom", NeighbourKind::Tom, Hertz{110})}}));
    ASSERT_TRUE(controller().perform(PlaceMicrophone{MicrophonePlace{}}));
    ASSERT_TRUE(controller().perform(KeepKind{PadKind{.id = "own:felt", .mass = Kilograms{0.004}}}));
    EXPECT_EQ(undoSteps(), 0); // none of it was done to the drum
    controller().startFresh();
    ASSERT_TRUE(session().layout);
    EXPECT_EQ(session().layout->travel, Turns{7.0});
    EXPECT_EQ(session().neighbours.size(), 1U);
    EXPECT_TRUE(session().microphone);
    EXPECT_EQ(session().ownKinds.size(), 1U);
    controller().chooseDrum("wren");
    EXPECT_FALSE(session().layout); // another drum's wires
    EXPECT_EQ(session().neighbours.size(), 1U);
    EXPECT_EQ(session().ownKinds.size(), 1U);
    restart();
    controller().chooseDrum("plover");
    EXPECT_EQ(session().layout->travel, Turns{7.0});
}

TEST_F(Kept, AGaugeOfAnOldWorkbookIsNotCountedTwice) {
    QFile packed(QStringLiteral(BOMBO_TEST_DATA "/workbooks/whole_job_v3.bombo.z"));
    ASSERT_TRUE(packed.open(QIODevice::ReadOnly));
    QFile old(path("old.bombo"));
    ASSERT_TRUE(old.open(QIODevice::WriteOnly));
    old.write(qUncompress(packed.readAll()));
    old.close();
    ASSERT_TRUE(controller().openWorkbook(old.fileName()));
    ASSERT_EQ(session().gauge.name, "Lamp");
    EXPECT_EQ(gaugePoints(session()).size(), 1U);
    controller().chooseGauge(QStringLiteral("another"));
    controller().chooseGauge(QStringLiteral("Lamp"));
    EXPECT_EQ(gaugePoints(session()).size(), 1U);
    ASSERT_TRUE(controller().openWorkbook(old.fileName())); // and after it was opened again
    EXPECT_EQ(gaugePoints(session()).size(), 1U);
}

TEST_F(Kept, TheHandIsTheWorkbooks) {
    controller().setLeftHanded(true);
    EXPECT_EQ(session().batter.direction, Direction::Clockwise);
    controller().chooseDrum("nightjar");
    EXPECT_TRUE(session().leftHanded);
    EXPECT_EQ(session().batter.direction, Direction::Clockwise);
    restart();
    EXPECT_TRUE(session().leftHanded);
}

// Where a reading goes

TEST_F(Kept, ATapInTheAirIsNotFiledOnTheOtherHead) {
    tapBoth();
    controller().practice().strike();
    controller().goTo(Station::SnareSide);
    ASSERT_TRUE(read());
    EXPECT_EQ(session().batter.rodsHeard(), 0);
    EXPECT_EQ(session().snareSide.rodsHeard(), 0);
    EXPECT_TRUE(notice().contains(QStringLiteral("put aside"))) << notice().toStdString();
    EXPECT_FALSE(ear().lastReading()); // nor shown there
    controller().goTo(Station::Batter);
    controller().practice().strike();
    ASSERT_TRUE(p().waitFor([&] { return session().batter.rodsHeard() == 1; }));
}

TEST_F(Kept, ATapInTheAirIsNotFiledOnAnotherDrum) {
    tapBoth();
    controller().chooseDrum("wren");
    tapBoth();
    controller().practice().strike();
    controller().chooseDrum("plover");
    ASSERT_EQ(session().station, Station::Batter);
    ASSERT_TRUE(read());
    EXPECT_EQ(session().batter.rodsHeard(), 0);
    EXPECT_TRUE(notice().contains(QStringLiteral("put aside")));
}

TEST_F(Kept, AWorkbookThatCannotBeOpenedLeavesTheGoodOneAndTheTapInIt) {
    tapBoth();
    QFile letter(path("letter.bombo"));
    ASSERT_TRUE(letter.open(QIODevice::WriteOnly));
    letter.write("Dear band");
    letter.close();
    controller().practice().strike();
    EXPECT_FALSE(controller().openWorkbook(letter.fileName()));
    ASSERT_TRUE(controller().hasSession());
    EXPECT_EQ(controller().workbookPath(), book());
    ASSERT_TRUE(p().waitFor([&] { return session().batter.rodsHeard() == 1; }));
}

TEST_F(Kept, ANewWorkbookWhileATapIsInTheAir) {
    tapBoth();
    controller().practice().strike();
    ASSERT_TRUE(controller().newWorkbook(path("new.bombo")));
    EXPECT_FALSE(controller().hasSession());
    ASSERT_TRUE(read());
    EXPECT_FALSE(ear().lastReading());
}

TEST_F(Kept, TwoHumsOfTwoDrumsAreNoAnswer) {
    controller().goTo(Station::Wires);
    ear().hearVoice(false);
    ASSERT_TRUE(ear().voiceWithout());
    controller().chooseDrum("wren");
    controller().goTo(Station::Wires);
    EXPECT_FALSE(ear().voiceWithout());
    ear().hearVoice(true);
    EXPECT_FALSE(session().wires.voice);
    controller().chooseDrum("plover");
    ASSERT_TRUE(ear().voiceWithout()); // still waits there
    ear().hearVoice(true);
    EXPECT_TRUE(session().wires.voice);
}

TEST_F(Kept, AMarkerForARodThatIsNotThereIsNotCounted) {
    tapBoth();
    ear().chooseSource(SoundSource::File);
    auto sound = testing::silence(2.2);
    std::vector<Marker> markers;
    for (const auto& [at, name] : {std::pair{0.3, "rod 2"}, {1.1, "rod 9"}}) {
        testing::addTones(sound,
                          testing::edgeTap(briefFor(session(), HeadSide::Batter).target.value, 0.4, 0.3), at);
        markers.push_back({Seconds{at}, name});
    }
    const QString file = path("nine.wav");
    ASSERT_TRUE(writeSoundFile(file.toStdString(), sound, 48000, markers));
    ear().openSoundFiles({file});
    ASSERT_TRUE(p().waitFor([&] { return notice().contains(QStringLiteral("nine.wav")); }));
    EXPECT_EQ(session().batter.rodsHeard(), 1);
    EXPECT_TRUE(notice().contains(QStringLiteral("taps taken 1"))) << notice().toStdString();
    EXPECT_TRUE(notice().contains(QStringLiteral("left over 1"))) << notice().toStdString();
}

TEST_F(Kept, FilesThatWaitGoNowhereElse) {
    tapBoth();
    ear().chooseSource(SoundSource::File);
    auto sound = testing::silence(1.2);
    testing::addTones(sound, testing::edgeTap(282.0, 0.4, 0.3), 0.3);
    const QStringList files{path("one.wav"), path("two.wav")};
    for (const QString& file : files)
        ASSERT_TRUE(writeSoundFile(file.toStdString(), sound, 48000));
    ear().openSoundFiles(files);
    controller().goTo(Station::SnareSide);
    ASSERT_TRUE(p().waitFor([&] { return notice().contains(QStringLiteral("files were waiting")); }));
    EXPECT_EQ(session().snareSide.rodsHeard(), 0);
    EXPECT_EQ(session().batter.rodsHeard(), 0);
}

TEST_F(Kept, OneStrikeAtTheWiresIsOneStep) {
    controller().goTo(Station::Wires);
    controller().perform(SetStrainer{Turns{1}});
    const int before = undoSteps();
    controller().practice().strikeWires(StrokePlace::Middle, Dynamic::Loud);
    ASSERT_TRUE(p().waitFor([&] { return undoSteps() > before && !ear().isReading(); }));
    EXPECT_EQ(undoSteps(), before + 1);
    EXPECT_EQ(session().wires.tests.size(), 1U);
    EXPECT_EQ(session().wires.rattles.size(), 1U);
    EXPECT_EQ(session().strokes.size(), 1U);
    controller().undoStack().undo();
    EXPECT_TRUE(session().wires.tests.empty());
    EXPECT_TRUE(session().wires.rattles.empty());
    EXPECT_TRUE(session().strokes.empty());
}

TEST_F(Kept, TheCardTakesBackItsOwnTap) {
    ear().openCard(true);
    controller().practice().strike();
    ASSERT_TRUE(p().waitFor([&] { return session().card.at(CardPlace::BatterEdge).size() == 1; }));
    controller().perform(SetStrainer{Turns{1}});
    controller().perform(TakeBackCardTap{});
    EXPECT_TRUE(session().card.at(CardPlace::BatterEdge).empty());
    EXPECT_EQ(session().wires.strainer, Turns{1});
    controller().undoStack().undo();
    EXPECT_EQ(session().card.at(CardPlace::BatterEdge).size(), 1U);
    ear().openCard(false);
}

// The logbook

TEST_F(Kept, AnUnchangedSetupIsSavedOnce) {
    controller().perform(SetStrainer{Turns{1}});
    controller().goTo(Station::Proof);
    const std::size_t before = controller().logEntries().size();
    for (int i = 0; i < 10; ++i)
        p().click(QStringLiteral("primary"));
    EXPECT_EQ(controller().logEntries().size(), before + 1);
    EXPECT_TRUE(notice().contains(QStringLiteral("in the logbook already")));
    controller().setNote(QStringLiteral("with the felt"));
    p().click(QStringLiteral("primary")); // a note is worth an entry
    EXPECT_EQ(controller().logEntries().size(), before + 2);
}

TEST_F(Kept, ASetupThatIsBroughtBackBringsNoOldHasteAndStandsInFront) {
    const qint64 past = QDateTime::currentSecsSinceEpoch() - 3600;
    controller().perform(ChooseWay{HeadSide::Batter, {TapKind::Open, false, 2}});
    controller().beginHurry(5.0);
    controller().perform(SetReminder{Reminder{ReminderKind::Recheck, past}});
    controller().setNote(QStringLiteral("in haste"));
    ASSERT_TRUE(controller().saveToLog());
    const qint64 entry = controller().logEntries().front().id;
    controller().perform(EndHurry{});
    controller().perform(SetReminder{});
    controller().chooseDrum("wren");
    ASSERT_TRUE(controller().openLogEntry(entry));
    EXPECT_EQ(session().drum.id, "plover");
    EXPECT_FALSE(session().hurry);
    EXPECT_FALSE(session().reminder);
    EXPECT_EQ(session().batter.way, (RoundWay{TapKind::Open, false, 2}));
    EXPECT_EQ(session().note, "in haste");
    restart();
    EXPECT_EQ(session().drum.id, "plover");
    EXPECT_EQ(session().note, "in haste");
}

// Notices and keys

TEST_F(Kept, TwoNoticesAtOnceAreBothToBeRead) {
    controller().tell(QStringLiteral("The first trouble."));
    controller().say(QStringLiteral("A note."));
    controller().tell(QStringLiteral("The second trouble."));
    EXPECT_EQ(notice(), QStringLiteral("The first trouble.\nA note.\nThe second trouble."));
    controller().tell(QStringLiteral("The first trouble.")); // again: not twice
    EXPECT_EQ(notice(), QStringLiteral("A note.\nThe second trouble.\nThe first trouble."));
    controller().tell(QStringLiteral("A third.")); // the note gives way
    EXPECT_EQ(notice(), QStringLiteral("The second trouble.\nThe first trouble.\nA third."));
    for (int i = 0; i < 3; ++i)
        p().click(QStringLiteral("noticeClose"));
    EXPECT_FALSE(p().window.noticeBar()->isVisible());
}

TEST_F(Kept, ADueReminderIsSaidOnceBesideAShowThatIsOver) {
    const qint64 past = QDateTime::currentSecsSinceEpoch() - 60;
    controller().perform(BeginHurry{5.0, past});
    controller().perform(SetReminder{Reminder{ReminderKind::RestOver, past - 60}});
    QSignalSpy notices(&controller(), &SessionController::notice);
    for (int i = 0; i < 3; ++i)
        controller().perform(SetStars{i});
    EXPECT_EQ(notices.count(), 0);
}

TEST_F(Kept, ABouncingFootSwitchAndAHeldKeyCountOnce) {
    controller().goTo(Station::Batter);
    p().click(QStringLiteral("fingerTight"));
    p().find<QPushButton>(QStringLiteral("primary"))->setFocus();
    PrimaryButton::setBounce(PrimaryButton::kBounce);
    const int before = session().batter.group;
    for (int i = 0; i < 3; ++i) // within a few milliseconds
        p().press(Qt::Key_Space);
    EXPECT_EQ(session().batter.group, before + 1);
    p().click(QStringLiteral("primary")); // a double click is no two rods either
    EXPECT_EQ(session().batter.group, before + 1);
    PrimaryButton::setBounce(0);
    for (int i = 0; i < 5; ++i) { // the keyboard repeats a key that is held
        QKeyEvent held(QEvent::KeyPress, Qt::Key_PageDown, Qt::NoModifier, {}, true);
        QApplication::sendEvent(&p().window, &held);
        QKeyEvent space(QEvent::KeyPress, Qt::Key_Space, Qt::NoModifier, QStringLiteral(" "), true);
        QApplication::sendEvent(p().find<QPushButton>(QStringLiteral("primary")), &space);
    }
    EXPECT_EQ(session().batter.group, before + 1);
    p().press(Qt::Key_PageDown);
    EXPECT_EQ(session().batter.group, before + 2);
}

// Nothing is out of reach

TEST_F(Kept, AnEarlierSessionIsOpenedAgainWithItsTurnsAndUndo) {
    tapBoth();
    const Session first = session();
    const int steps = undoSteps();
    controller().startFresh();
    EXPECT_EQ(session().batter.stage, HeadStage::FingerTight);
    SessionsDialog dialog(controller());
    auto* list = dialog.findChild<QListWidget*>(QStringLiteral("sessionList"));
    ASSERT_EQ(list->count(), 2);
    list->setCurrentRow(1);
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("openSession")), Qt::LeftButton);
    EXPECT_EQ(static_cast<const Work&>(session()), static_cast<const Work&>(first));
    EXPECT_EQ(undoSteps(), steps);
    restart(); // and a start goes on with it
    EXPECT_EQ(static_cast<const Work&>(session()), static_cast<const Work&>(first));
    controller().undoStack().undo();
    EXPECT_EQ(undoSteps(), steps - 1);
}

TEST_F(Kept, SavingACopyStaysWhereOneIs) {
    const QString copy = path("stick.bombo");
    ASSERT_TRUE(controller().saveCopy(copy));
    EXPECT_EQ(controller().workbookPath(), QFileInfo(book()).canonicalFilePath());
    EXPECT_TRUE(notice().contains(QStringLiteral("still working in season.bombo"))) << notice().toStdString();
    ASSERT_TRUE(controller().perform(SetStars{4}));
    restart();
    EXPECT_EQ(session().stars, 4);
    const Program other(copy);
    EXPECT_EQ(other.session().stars, 0);
}

TEST_F(Kept, AWorkbookTakenAwayIsSaidBeforeSavedAndWrittenBack) {
    tapBoth();
    for (const char* part : {"", "-wal", "-shm"})
        QFile::remove(book() + QLatin1String(part));
    QSignalSpy moved(&controller(), &SessionController::workbookMoved);
    testing::answerNext<QMessageBox>(
        [](QMessageBox& box) { box.findChild<QPushButton*>(QStringLiteral("writeBack"))->click(); });
    EXPECT_FALSE(controller().saveToLog());
    EXPECT_FALSE(notice().contains(QStringLiteral("Saved")));
    EXPECT_EQ(moved.size(), 1);
    ASSERT_TRUE(p().waitFor([&] { return QFile::exists(book()); }));
    ASSERT_TRUE(controller().saveToLog());
    const Work work = session();
    restart();
    EXPECT_EQ(static_cast<const Work&>(session()), work);
}

TEST_F(Kept, TheBinIsThereAfterARestart) {
    const std::vector<Entry> all = controller().entries();
    ASSERT_TRUE(controller().deleteEntries({all[0].id}, true));
    ASSERT_TRUE(controller().deleteEntries({all[1].id}, true));
    restart();
    BinDialog dialog(controller());
    EXPECT_EQ(dialog.findChild<QListWidget*>(QStringLiteral("binList"))->count(), 2);
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("restoreFromBin")), Qt::LeftButton);
    EXPECT_EQ(controller().entries(), all);
    EXPECT_EQ(dialog.findChild<QListWidget*>(QStringLiteral("binList"))->count(), 0);
}

TEST_F(Kept, AVerdictThatIsUndoneTeachesTheHouseNothing) {
    ASSERT_TRUE(controller().perform(Complain{"dull", 1'790'000'000}));
    ASSERT_TRUE(controller().perform(TakeCause{"snare_side_slack", {}}));
    ASSERT_TRUE(controller().perform(JudgeRemedy{Helped::Gone}));
    ASSERT_EQ(session().foundCauses.size(), 1U);
    controller().undoStack().undo();
    EXPECT_TRUE(session().foundCauses.empty());
    restart();
    EXPECT_TRUE(session().foundCauses.empty());
    controller().undoStack().redo();
    EXPECT_EQ(session().foundCauses.size(), 1U);
}

TEST_F(Kept, AnotherReminderSaysWhatItReplaces) {
    ASSERT_TRUE(controller().perform(SetReminder{Reminder{ReminderKind::RestOver, 1'900'000'000}}));
    const ReminderDialog dialog(controller(), nullptr, Reminder{ReminderKind::WiresWorn, 1'910'000'000});
    EXPECT_TRUE(dialog.findChild<QLabel*>(QStringLiteral("reminderReplaces")));
}

TEST_F(Kept, AnExperimentIsHeardBesideItsOwnBefore) {
    HeardStroke stroke;
    stroke.centre = Hertz{200};
    stroke.tone = Seconds{0.4};
    ASSERT_TRUE(controller().perform(StrokeHeard{stroke})); // its sound is not there any more
    ASSERT_TRUE(controller().workbook()->keepRecording(
        controller().sessionId(), Take::Before, {48000, {1, 2}, QStringLiteral("2026-11-29T20:00:00Z")}));
    controller().goTo(Station::Proof);
    p().find<QTabBar>(QStringLiteral("proofViews"))->setCurrentIndex(2);
    p().click(QStringLiteral("experimentBegin"));
    ASSERT_TRUE(session().experiment);
    EXPECT_FALSE(ear().strokeSound(Take::Before)) << "that of an earlier experiment";
    EXPECT_TRUE(notice().contains(QStringLiteral("no longer there"))) << notice().toStdString();
}

TEST_F(Kept, SavedUndoneAndSavedAgainIsOneEntry) {
    tapBoth();
    ASSERT_TRUE(controller().saveToLog());
    const std::size_t all = controller().entries().size();
    controller().undoStack().undo();
    ASSERT_TRUE(controller().saveToLog());
    EXPECT_EQ(controller().entries().size(), all);
}

TEST_F(Kept, ANoteThatIsTooLongIsSaidAndCostsNothing) {
    controller().setNote(QStringLiteral("kept"));
    controller().setNote(QString(6000, QLatin1Char('n')));
    EXPECT_EQ(session().note, "kept");
    EXPECT_TRUE(notice().contains(QStringLiteral("too long")));
    restart();
    EXPECT_EQ(session().note, "kept");
}

} // namespace kept_test
} // namespace bombo
