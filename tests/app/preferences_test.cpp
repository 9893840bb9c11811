/// The page of settings, a second start, and files of settings that cannot be used.
#include "answer_next.h"
#include "driver.h"

#include "app/preferences/preferences_dialog.h"
#include "app/start/first_window.h"
#include "app/theme/movement.h"
#include "app/tone/cutaway_view.h"
#include "store/demo.h"

#include <atomic>
#include <gtest/gtest.h>
#include <thread>

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QKeySequenceEdit>
#include <QMenuBar>
#include <QSignalSpy>

namespace bombo {
namespace preferences_test {

using testing::Program;

class Preferences : public ::testing::Test {
protected:
    Preferences() : m_book(m_folder.filePath(QStringLiteral("house.bombo"))) {
        EXPECT_TRUE(createDemoWorkbook(m_book));
        m_program = std::make_unique<Program>(m_book);
    }
    Program& p() { return *m_program; }
    /// Opens the page by its key, does this in it, and leaves it.
    void inPreferences(const std::function<void(QDialog*)>& act) {
        bool isSeen = false;
        testing::answerNext<PreferencesDialog>([&](PreferencesDialog& dialog) {
            isSeen = true;
            act(&dialog);
            dialog.accept();
        });
        const QKeySequence key(Qt::CTRL | Qt::Key_Comma);
        for (QAction* action : p().window.findChildren<QAction*>())
            if (action->shortcut() == key)
                action->trigger();
        EXPECT_TRUE(isSeen);
    }
    static void chooseIn(QDialog* dialog, const char* name, int index) {
        auto* box = dialog->findChild<QComboBox*>(QLatin1String(name));
        ASSERT_NE(box, nullptr) << name;
        box->setCurrentIndex(index);
        emit box->activated(index);
    }

    QTemporaryDir m_folder;
    QString m_book;
    std::unique_ptr<Program> m_program;
};

TEST_F(Preferences, WhatIsChosenHoldsAtOnceAndIsInTheMenus) {
    inPreferences([&](QDialog* dialog) {
        chooseIn(dialog, "prefLook", 2);
        chooseIn(dialog, "prefWords", 2);
        chooseIn(dialog, "prefLengths", 1);
        dialog->findChild<QDoubleSpinBox*>(QStringLiteral("prefA4"))->setValue(442.0);
        dialog->findChild<QCheckBox*>(QStringLiteral("prefLeft"))->click();
        dialog->findChild<QCheckBox*>(QStringLiteral("prefTensions"))->click();
        dialog->findChild<QCheckBox*>(QStringLiteral("prefGuide"))->click();
    });
    EXPECT_EQ(p().settings.theme(), ThemeChoice::Night);
    EXPECT_EQ(p().settings.wordsPercent(), 125);
    EXPECT_TRUE(unitsShown().millimetres);
    EXPECT_DOUBLE_EQ(p().settings.units().a4.value, 442.0);
    EXPECT_TRUE(p().settings.units().details);
    EXPECT_TRUE(p().settings.leftHanded());
    EXPECT_TRUE(p().session().leftHanded);
    EXPECT_EQ(p().settings.guide(), true);
    for (QMenu* menu : p().window.menuBar()->findChildren<QMenu*>())
        emit menu->aboutToShow();
    int checked = 0;
    for (const QAction* action : p().window.findChildren<QAction*>()) {
        const QString text = action->text().remove(QLatin1Char('&'));
        for (const char* name : {"Night", "125 %", "Lengths in millimetres", "Tensions in N/m",
                                 "Left-handed: rounds run clockwise", "Walk me through"})
            if (text == QLatin1String(name)) {
                EXPECT_TRUE(action->isChecked()) << name;
                ++checked;
            }
    }
    EXPECT_EQ(checked, 6);
    inPreferences([&](QDialog* dialog) { // and the page shows what the settings are
        EXPECT_EQ(dialog->findChild<QComboBox*>(QStringLiteral("prefLook"))->currentIndex(), 2);
        EXPECT_TRUE(dialog->findChild<QCheckBox*>(QStringLiteral("prefLeft"))->isChecked());
        chooseIn(dialog, "prefLook", 1);
        chooseIn(dialog, "prefWords", 0);
    });
    setUnitsShown({});
}

TEST_F(Preferences, WhoeverWantsNoMovementGetsStillPictures) {
    p().controller.goTo(Station::Tone);
    const auto swing = [&](const char* button) {
        p().click(QLatin1String(button));
        return p().find<CutawayView>(QStringLiteral("cutaway"))->isMoving();
    };
    setPicturesMove(true);
    EXPECT_TRUE(swing("motionEdge"));
    EXPECT_FALSE(swing("motionStill"));
    inPreferences(
        [&](QDialog* dialog) { dialog->findChild<QCheckBox*>(QStringLiteral("prefMovement"))->click(); });
    EXPECT_EQ(p().settings.picturesMove(), false);
    EXPECT_FALSE(swing("motionEdge"));
    EXPECT_EQ(p().find<CutawayView>(QStringLiteral("cutaway"))->motion(), MotionKind::Edge); // bent, at rest
    setPicturesMove(true);
    const MainWindow next(p().controller); // as it starts with these settings
    EXPECT_FALSE(picturesMove());
    setPicturesMove(std::nullopt);
}

TEST_F(Preferences, TheRoomOfThePracticeDrumIsChosenInListenAndKept) {
    const auto entry = [&](const char* name) -> QAction* {
        for (QMenu* menu : p().window.menuBar()->findChildren<QMenu*>())
            emit menu->aboutToShow();
        for (QAction* action : p().window.findChildren<QAction*>())
            if (action->text().remove(QLatin1Char('&')) == QLatin1String(name))
                return action;
        ADD_FAILURE() << name;
        return nullptr;
    };
    EXPECT_TRUE(entry("Rehearsal room")->isChecked()) << "to begin with";
    entry("Hall")->trigger();
    entry("Microphone an arm's length away")->trigger();
    entry("Built into a laptop: it shuts when it grows quiet")->trigger();
    // As the next start reads it.
    const PracticeRoom kept = Settings(p().path(QStringLiteral("settings.ini"))).practiceRoom();
    EXPECT_EQ(kept.kind, RoomKind::Hall);
    EXPECT_EQ(kept.distance, RoomDistance::Far);
    EXPECT_EQ(kept.microphone, MicrophoneKind::BuiltIn);
    EXPECT_TRUE(entry("Hall")->isChecked());
    EXPECT_FALSE(entry("Rehearsal room")->isChecked());
    entry("Microphone an arm's length away")->trigger();
    entry("Bedroom")->trigger();
    EXPECT_EQ(p().settings.practiceRoom().kind, RoomKind::Bedroom);
    EXPECT_EQ(p().settings.practiceRoom().distance, RoomDistance::Near);
}

TEST_F(Preferences, AnotherLanguageIsAskedForOnceThePageHasClosed) {
    QSignalSpy asked(&p().window, &MainWindow::languageChosen);
    inPreferences([&](QDialog* dialog) {
        chooseIn(dialog, "prefLanguage", 2); // German
        EXPECT_EQ(asked.size(), 0);
    });
    ASSERT_EQ(asked.size(), 1);
    EXPECT_EQ(asked[0][0].toString(), QStringLiteral("de"));
}

TEST_F(Preferences, AKeyOfAFootSwitchGoesOn) {
    inPreferences([&](QDialog* dialog) {
        auto* key = dialog->findChild<QKeySequenceEdit*>(QStringLiteral("prefGoOn"));
        ASSERT_NE(key, nullptr);
        key->setKeySequence(QKeySequence(Qt::Key_F9));
        emit key->editingFinished();
    });
    EXPECT_EQ(p().settings.goOnKey(), Qt::Key_F9);
    p().click(QStringLiteral("station-0"));
    const Station before = p().session().station;
    p().press(Qt::Key_F9);
    EXPECT_NE(p().session().station, before) << "the big button of the drum goes on to the next station";
    inPreferences(
        [](QDialog* dialog) { dialog->findChild<QPushButton*>(QStringLiteral("prefGoOnNone"))->click(); });
    EXPECT_EQ(p().settings.goOnKey(), 0);
}

/// As another program would, while this one goes on.
bool askedFromElsewhere(const QString& book) {
    std::atomic<bool> isDone = false;
    bool answer = false;
    std::thread other([&] {
        answer = FirstWindow::askToRaise(book);
        isDone = true;
    });
    EXPECT_TRUE(QTest::qWaitFor([&] { return isDone.load(); }, 10000));
    other.join();
    return answer;
}

TEST(SecondStart, TheWindowThatHasTheWorkbookIsAskedForward) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("house.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    EXPECT_FALSE(FirstWindow::askToRaise(book)) << "nobody has it";
    EXPECT_FALSE(FirstWindow::askToRaise(folder.filePath(QStringLiteral("none.bombo"))));
    FirstWindow first;
    QSignalSpy raised(&first, &FirstWindow::raiseAsked);
    first.hold(book);
    // The same file, written another way.
    EXPECT_TRUE(askedFromElsewhere(folder.path() + QStringLiteral("/../") +
                                   QFileInfo(folder.path()).fileName() + QStringLiteral("/house.bombo")));
    EXPECT_EQ(raised.size(), 1);
    FirstWindow other; // a third one does not take it away
    other.hold(book);
    QSignalSpy stolen(&other, &FirstWindow::raiseAsked);
    EXPECT_TRUE(askedFromElsewhere(book));
    EXPECT_EQ(raised.size(), 2);
    EXPECT_EQ(stolen.size(), 0);
    // One that hangs keeps the connection and never answers: it does not keep the other start away.
    EXPECT_FALSE(FirstWindow::askToRaise(book));
    first.hold({});
    EXPECT_FALSE(FirstWindow::askToRaise(book));
}

TEST(FileOfSettings, ThatCannotBeReadIsNamed) {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("bombo.ini"));
    EXPECT_TRUE(Settings(path).problem().isEmpty()) << "none is nothing wrong";
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write("[view\nthis is no settings file = = \n\x01\x02");
    file.close();
    Settings damaged(path);
    damaged.theme();
    EXPECT_TRUE(damaged.problem().contains(path)) << damaged.problem().toStdString();
    EXPECT_EQ(damaged.theme(), ThemeChoice::System);
    Settings nowhere(QStringLiteral("/proc/bombo.ini"));
    EXPECT_FALSE(nowhere.problem().isEmpty());
    EXPECT_EQ(nowhere.wordsPercent(), 0);
}

TEST(FileOfSettings, OfANewerVersionKeepsWhatThisOneDoesNotKnow) {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("bombo.ini"));
    {
        QSettings newer(path, QSettings::IniFormat);
        newer.setValue(QStringLiteral("settings/format"), 7);
        newer.setValue(QStringLiteral("view/theme"), QStringLiteral("dawn"));
        newer.setValue(QStringLiteral("view/words"), 150);
        newer.setValue(QStringLiteral("view/of_next_year"), QStringLiteral("kept"));
    }
    {
        Settings settings(path);
        EXPECT_TRUE(settings.problem().contains(path)) << settings.problem().toStdString();
        EXPECT_EQ(settings.theme(), ThemeChoice::System);
        EXPECT_EQ(settings.wordsPercent(), 150);
        settings.setWordsPercent(125);
    }
    const QSettings after(path, QSettings::IniFormat);
    EXPECT_EQ(after.value(QStringLiteral("settings/format")).toInt(), 7);
    EXPECT_EQ(after.value(QStringLiteral("view/theme")).toString(), QStringLiteral("dawn"));
    EXPECT_EQ(after.value(QStringLiteral("view/of_next_year")).toString(), QStringLiteral("kept"));
    EXPECT_EQ(Settings(path).wordsPercent(), 125);

    const QString own = folder.filePath(QStringLiteral("own.ini"));
    Settings(own).setWordsPercent(125);
    EXPECT_TRUE(Settings(own).problem().isEmpty());
}

TEST(FileOfSettings, RememberWhatWasLeftOpen) {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("bombo.ini"));
    {
        Settings settings(path);
        settings.setLeftOpen(QStringLiteral("/home/x/drums.bombo"));
    }
    EXPECT_EQ(Settings(path).leftOpen(), QStringLiteral("/home/x/drums.bombo"));
    Settings(path).setLeftOpen({});
    EXPECT_TRUE(Settings(path).leftOpen().isEmpty());
}

} // namespace preferences_test
} // namespace bombo
