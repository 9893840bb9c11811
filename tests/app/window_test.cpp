/// How the window behaves: size, keyboard, names for the screen reader, and files that are not what they
/// should be.
#include "app/listening/ear.h"
#include "driver.h"

#include "app/session/wording.h"
#include "app/theme/fitted_pages.h"
#include "app/theme/scale.h"
#include "store/demo.h"
#include "store/sound_file.h"
#include "support/synthesis.h"

#include <QLineEdit>
#include <QScopeGuard>
#include <QScrollBar>
#include <QTimer>
#include <gtest/gtest.h>

namespace bombo {
namespace window_test {

using testing::Program;

class Window : public ::testing::Test {
protected:
    Window() { EXPECT_TRUE(createDemoWorkbook(book())); }
    QString path(const char* name) const { return QDir(m_folder.path()).filePath(QLatin1String(name)); }
    QString book() const { return path("season.bombo"); }
    static void write(const QString& file, const QByteArray& bytes) {
        QFile out(file);
        ASSERT_TRUE(out.open(QIODevice::WriteOnly));
        out.write(bytes);
    }

    /// At the batter, listening for the first tap, sound files chosen.
    static void listenToFiles(Program& p) {
        p.controller.goTo(Station::Batter);
        ASSERT_TRUE(p.controller.perform(FingerTight{HeadSide::Batter}));
        while (p.session().batter.stage == HeadStage::Raising)
            ASSERT_TRUE(p.controller.perform(GroupTurned{HeadSide::Batter}));
        p.controller.ear().chooseSource(SoundSource::File);
    }

    QString tapsFile(const char* name, int taps, double hz = 282.0) const {
        auto sound = testing::silence(0.4 + 0.8 * taps);
        for (int i = 0; i < taps; ++i)
            testing::addTones(sound, testing::edgeTap(hz, 0.4, 0.3), 0.3 + 0.8 * i);
        EXPECT_TRUE(writeSoundFile(path(name).toStdString(), sound, 48000));
        return path(name);
    }

private:
    QTemporaryDir m_folder;
};

TEST_F(Window, FitsTheSmallScreenAtEveryStep) {
    Program p(book(), {1024, 700});
    const auto usual = qScopeGuard([] { setScale(*qApp, 1.0); });
    p.click(QStringLiteral("station-1"));
    p.click(QStringLiteral("tone-newsreel"));
    p.press(Qt::Key_Space);
    const auto fits = [&] {
        QApplication::processEvents();
        return p.window.findChild<PageFrame*>()->fits() && p.window.size() == QSize(1024, 700);
    };
    bool always = true;
    EXPECT_TRUE(p.spaceUntil(
        [&] {
            always = always && fits();
            return p.session().station == Station::Proof;
        },
        600));
    for (const Station station : {Station::Muffling, Station::Proof}) { // also with what was heard there
        p.controller.goTo(station);
        p.click(QStringLiteral("stroke"));
        EXPECT_TRUE(p.waitFor([&] { return p.controller.ear().lastStroke().has_value(); }));
        always = always && fits();
    }
    EXPECT_TRUE(always) << p.window.width() << 'x' << p.window.height();
    for (QScrollBar* bar : p.window.findChildren<QScrollBar*>())
        if (bar->isVisible() &&
            qobject_cast<QAbstractItemView*>(bar->parentWidget()->parentWidget()) == nullptr) {
            EXPECT_EQ(bar->maximum(), 0); // no work screen scrolls
        }
}

TEST_F(Window, EveryButtonIsReachedByTab) {
    Program p(book());
    for (const Station station : kStations) {
        p.controller.goTo(station);
        QApplication::processEvents();
        QSet<QWidget*> reached;
        for (int i = 0; i < 80; ++i) {
            QTest::keyClick(QApplication::focusWidget() != nullptr ? QApplication::focusWidget() : &p.window,
                            Qt::Key_Tab);
            reached.insert(QApplication::focusWidget());
        }
        for (QAbstractButton* button : p.window.page(station)->findChildren<QAbstractButton*>())
            if (button->isVisible() && button->isEnabled() && button->inherits("QPushButton")) {
                EXPECT_TRUE(reached.contains(button))
                    << stationName(station).toStdString() << ": " << button->text().toStdString();
            }
    }
}

TEST_F(Window, PaintedViewsHaveNamesAndSummaries) {
    Program p(book());
    p.controller.goTo(Station::Tone);
    p.controller.goTo(Station::Wires);
    p.controller.goTo(Station::Muffling);
    p.controller.goTo(Station::Batter);
    int views = 0;
    for (const char* type : {"bombo::HoopView", "bombo::CutawayView", "bombo::SweepView",
                             "bombo::HeadFromAbove", "bombo::RingView", "bombo::TapView", "bombo::LoadWedge",
                             "bombo::StepDial", "bombo::LevelMeter", "bombo::StandView"})
        for (QWidget* widget : p.window.findChildren<QWidget*>())
            if (widget->inherits(type)) {
                ++views;
                EXPECT_FALSE(widget->accessibleName().isEmpty()) << type;
            }
    EXPECT_GE(views, 15);
    for (const char* name : {"hoop", "cutaway", "sweep", "head", "ring"})
        for (QWidget* widget : p.window.findChildren<QWidget*>(QLatin1String(name)))
            if (widget->isVisible() || QLatin1String(name) != QLatin1String("hoop")) {
                EXPECT_GT(widget->accessibleDescription().size(), 20) << name;
            }
}

TEST_F(Window, StationsAreToldByWord) {
    Program p(book());
    EXPECT_EQ(p.find<QAbstractButton>(QStringLiteral("station-3"))->accessibleName(),
              QStringLiteral("Batter: open"));
    p.controller.goTo(Station::Batter);
    p.press(Qt::Key_Space);
    EXPECT_EQ(p.find<QAbstractButton>(QStringLiteral("station-3"))->accessibleName(),
              QStringLiteral("Batter: under way"));
}

TEST_F(Window, ClickedLesserButtonsLeaveTheSpaceBarWithTheBigOne) {
    Program p(book());
    p.controller.goTo(Station::Batter);
    QApplication::processEvents();
    p.click(QStringLiteral("fingerTight"));
    p.press(Qt::Key_Space);
    p.click(QStringLiteral("undo"));
    EXPECT_EQ(p.session().batter.group, 0);
    p.press(Qt::Key_Space); // goes on; does not undo once more
    EXPECT_EQ(p.session().batter.group, 1);
}

TEST_F(Window, BothThemesPaintEveryPage) {
    Program p(book());
    for (const ThemeChoice theme : {ThemeChoice::Night, ThemeChoice::Day}) {
        applyTheme(*qApp, theme);
        for (const Station station : kStations) {
            p.controller.goTo(station);
            QApplication::processEvents();
            const QImage image = p.window.grab().toImage();
            EXPECT_EQ(image.pixelColor(image.width() - 4, image.height() / 2), ink().paper)
                << stationName(station).toStdString();
        }
    }
}

TEST_F(Window, AWorkbookThatCannotBeOpenedLeavesTheOldOneInPlace) {
    Program p(book());
    const qint64 session = p.controller.sessionId();
    write(path("letter.bombo"), "Dear band, the projector is mended and the organ tuned.");
    EXPECT_FALSE(p.controller.openWorkbook(path("letter.bombo")));
    EXPECT_TRUE(p.window.noticeBar()->isVisible());
    EXPECT_TRUE(p.window.noticeBar()->text().contains(path("letter.bombo")));
    EXPECT_EQ(p.controller.sessionId(), session);
    EXPECT_EQ(p.controller.workbookPath(), book());
    p.click(QStringLiteral("noticeClose"));
    EXPECT_FALSE(p.window.noticeBar()->isVisible());
    EXPECT_FALSE(p.controller.openWorkbook(path("missing.bombo")));
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("is not there")));
}

TEST_F(Window, TheStandViewCoversEverythingAtAnySize) {
    Program p(book());
    p.press(Qt::Key_F11);
    ASSERT_TRUE(p.window.isStandViewOpen());
    auto* stand = p.find<QWidget>(QStringLiteral("stand"));
    p.window.showNormal(); // the screen of the offscreen platform is smaller
    for (const QSize size : {QSize(1280, 800), QSize(1024, 700)}) {
        p.window.resize(size);
        EXPECT_TRUE(p.waitFor([&] { return stand->size() == size; })); // the menus are gone, too
        EXPECT_EQ(stand->geometry(), stand->parentWidget()->rect());
    }
}

TEST_F(Window, WithoutAWorkbookTheStartPageOffersTheDemo) {
    Program p;
    EXPECT_FALSE(p.controller.hasSession());
    EXPECT_NE(p.find<QPushButton>(QStringLiteral("openDemo")), nullptr);
    p.press(Qt::Key_F11); // nothing to show, nothing breaks
    EXPECT_FALSE(p.window.isStandViewOpen());
    ASSERT_TRUE(p.controller.newWorkbook(p.path(QStringLiteral("own.bombo"))));
    EXPECT_FALSE(p.controller.hasSession()); // no drum yet
    EXPECT_TRUE(p.find<QPushButton>(QStringLiteral("addFirstDrum"))->isEnabled());
}

TEST_F(Window, ReadOnlyIsShownAndACopyGoesOn) {
    QFile::setPermissions(book(), QFile::ReadOwner | QFile::ReadUser);
    Program p(book());
    ASSERT_TRUE(p.controller.hasSession());
    EXPECT_TRUE(p.controller.isReadOnly());
    EXPECT_TRUE(p.window.windowTitle().contains(QStringLiteral("read only")));
    p.controller.goTo(Station::Batter); // looking around is free
    EXPECT_EQ(p.session().station, Station::Batter);
    EXPECT_FALSE(p.controller.perform(FingerTight{HeadSide::Batter}));
    EXPECT_EQ(p.session().batter.stage, HeadStage::FingerTight);
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("Save a copy")));
    EXPECT_FALSE(p.controller.saveToLog());
    EXPECT_FALSE(p.controller.saveCopy(book())); // not over itself
    ASSERT_TRUE(p.controller.saveCopy(path("copy.bombo")));
    EXPECT_FALSE(p.controller.isReadOnly());
    p.controller.goTo(Station::Batter);
    EXPECT_TRUE(p.controller.perform(FingerTight{HeadSide::Batter}));
}

TEST_F(Window, ASecondWindowOnTheSameFileIsSafe) {
    Program one(book());
    Program two(book());
    ASSERT_EQ(one.controller.sessionId(), two.controller.sessionId());
    ASSERT_TRUE(one.controller.perform(SetStrainer{Turns{2}}));
    EXPECT_FALSE(two.controller.perform(SetStrainer{Turns{1}}));
    EXPECT_TRUE(two.window.noticeBar()->text().contains(QStringLiteral("Another window")));
    EXPECT_EQ(two.session().wires.strainer, Turns{2}); // it now shows what the other did
    EXPECT_TRUE(two.controller.perform(SetStrainer{Turns{1}}));
    one.controller.undoStack().undo(); // stale: must not undo the other's step unseen
    EXPECT_TRUE(one.waitFor([&] { return one.session().wires.strainer == Turns{1}; }));
}

TEST_F(Window, ADiskThatIsFullLosesNothing) {
    Program p(book());
    ASSERT_TRUE(p.controller.perform(SetStrainer{Turns{1}}));
    p.controller.workbook()->limitSize(1); // no smaller than it is: no page more
    bool refused = false;
    for (int i = 0; i < 100 && !refused; ++i)
        refused = !p.controller.perform(SetStrainer{Turns{1.0 + 0.01 * i}});
    ASSERT_TRUE(refused);
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("full")));
    const Turns kept = p.session().wires.strainer;
    EXPECT_GE(kept, Turns{1});
    p.controller.workbook()->limitSize(1000000);
    EXPECT_TRUE(p.controller.perform(SetStrainer{Turns{3}}));
    p.controller.undoStack().undo();
    EXPECT_EQ(p.session().wires.strainer, kept);
}

TEST_F(Window, SoundFilesFillTheRoundOneAfterTheOther) {
    Program p(book());
    listenToFiles(p);
    p.controller.ear().openSoundFiles({tapsFile("first.wav", 3), tapsFile("second.wav", 12)});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.history.size() == 1; }));
    EXPECT_NEAR(lastEstimate(p.session().batter)->mean.value, 282.0, 0.2);
    EXPECT_TRUE(p.waitFor(
        [&] { return p.window.noticeBar()->text().contains(QStringLiteral("second.wav: taps taken 5")); }));
}

TEST_F(Window, BadSoundFilesAreNamedAndTheRoundIsKept) {
    Program p(book());
    listenToFiles(p);
    p.controller.ear().openSoundFiles({tapsFile("good.wav", 2)});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.rodsHeard() == 2; }));
    EXPECT_TRUE(
        p.waitFor([&] { return p.window.noticeBar()->text().contains(QStringLiteral("goes on at rod 3")); }));
    write(path("letter.wav"), "Dear band");
    for (const QString& bad : {path("letter.wav"), path("missing.wav")}) {
        p.controller.ear().openSoundFiles({bad});
        EXPECT_TRUE(p.waitFor([&] { return p.window.noticeBar()->text().contains(bad); }))
            << bad.toStdString();
        EXPECT_EQ(p.session().batter.rodsHeard(), 2);
    }
}

TEST_F(Window, AWrongTapIsAskedAgainWithoutLosingThePlace) {
    Program p(book());
    listenToFiles(p);
    p.controller.ear().openSoundFiles({tapsFile("high.wav", 1, 1400.0)});
    EXPECT_TRUE(p.waitFor([&] { return p.controller.ear().lastReading().has_value(); }));
    EXPECT_EQ(p.controller.ear().lastReading()->verdict, Verdict::NotThisHead);
    EXPECT_EQ(p.session().batter.rodsHeard(), 0);
    EXPECT_TRUE(p.find<QLabel>(QStringLiteral("verdict"))->text().startsWith(QStringLiteral("Again")));
    EXPECT_EQ(p.find<QLabel>(QStringLiteral("step"))->text(), QStringLiteral("Rod 1"));
}

TEST_F(Window, FilesAtTheWrongMomentAreRefusedWithAWord) {
    Program p(book());
    p.controller.goTo(Station::Batter);
    p.controller.ear().openSoundFiles({tapsFile("early.wav", 2)});
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("No tap is due now")));
}

TEST_F(Window, ToneOutOfReachSaysTheNearest) {
    Program p(book());
    Tone tone = p.session().tone;
    tone.batterEdgeAt14 = Hertz{2000};
    EXPECT_FALSE(p.controller.perform(ChooseTone{tone}));
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("the highest is")));
}

TEST_F(Window, WithoutAMicrophoneTheOthersAreOffered) {
    if (!Microphone::devices().isEmpty())
        GTEST_SUCCEED() << "this machine has a microphone; the sound-server test covers it";
    Program p(book());
    p.controller.goTo(Station::Batter);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    if (Microphone::devices().isEmpty()) {
        EXPECT_TRUE(p.waitFor([&] {
            return p.window.noticeBar()->text().contains(QStringLiteral("No microphone was found"));
        }));
        EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("practice drum or sound files")));
        EXPECT_EQ(p.session().source, SoundSource::File);
    }
}

} // namespace window_test
} // namespace bombo
