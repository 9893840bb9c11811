/// Day one: from an empty home to the first even head of one's own drum, by clicks and keys alone; and the
/// drum over time.
#include "answer_next.h"
#include "driver.h"

#include "app/drum/drum_maker.h"
#include "app/drum/fit_dialog.h"
#include "app/listening/ear.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "store/resources.h"
#include "store/usual_drum.h"

#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QDateEdit>
#include <QFile>
#include <QFileDialog>
#include <QLabel>
#include <QLineEdit>
#include <QTimer>
#include <gtest/gtest.h>

namespace bombo {
namespace first_drum_test {

using testing::answerNext;
using testing::Program;

class FirstDrum : public ::testing::Test {
protected:
    FirstDrum() : m_before(qgetenv("HOME")) { qputenv("HOME", m_home.path().toUtf8()); }
    ~FirstDrum() override { qputenv("HOME", m_before); }

    static void name(Program& p, const QString& text) {
        auto* line = p.find<QLineEdit>(QStringLiteral("name"));
        line->selectAll();
        if (text.isEmpty())
            QTest::keyClick(line, Qt::Key_Delete);
        QTest::keyClicks(line, text);
    }
    static QString says(Program& p, const char* label) {
        return p.find<QLabel>(QLatin1String(label))->text();
    }
    /// From the start page to a drum of ten rods, named.
    static void makeKestrel(Program& p) {
        p.press(Qt::Key_Space);
        p.click(QStringLiteral("wide-2")); // 13 inches
        p.click(QStringLiteral("rods-2")); // ten
        p.click(QStringLiteral("head-0")); // white, rough
        name(p, QStringLiteral("Kestrel"));
        p.click(QStringLiteral("primary"));
    }
    QTemporaryDir m_home;

private:
    QByteArray m_before;
};

TEST_F(FirstDrum, AfterATileWasClickedTheSpaceBarIsStillTheButtons) {
    Program p;
    p.press(Qt::Key_Space);
    p.click(QStringLiteral("wide-2")); // 13 inches
    p.press(Qt::Key_Space);
    ASSERT_TRUE(p.controller.hasSession());
    EXPECT_NEAR(p.session().drum.shell.diameter.value, 0.3302, 1e-4);
}

TEST_F(FirstDrum, FromAnEmptyHomeToTheFirstEvenHeadWithoutOneDialog) {
    QString own;
    {
        Program p;
        int dialogs = 0;
        QTimer watch;
        QObject::connect(&watch, &QTimer::timeout,
                         [&] { dialogs += QApplication::activeModalWidget() != nullptr; });
        watch.start(5);
        EXPECT_EQ(says(p, "startTitle"), QStringLiteral("Bombo"));
        own = SessionController::ownWorkbookPath();
        ASSERT_TRUE(own.startsWith(m_home.path())) << own.toStdString();
        EXPECT_TRUE(says(p, "ownPlace").contains(own)); // its place is named before it is made
        EXPECT_FALSE(QFile::exists(own));
        p.press(Qt::Key_Space);
        EXPECT_TRUE(says(p, "makerSentence").contains(QStringLiteral("8 rods")));
        EXPECT_TRUE(says(p, "assumed").contains(QStringLiteral("Batter taken as")));
        p.click(QStringLiteral("rods-2"));
        p.click(QStringLiteral("head-0"));
        EXPECT_TRUE(says(p, "makerSentence").contains(QStringLiteral("10 rods")));
        EXPECT_FALSE(says(p, "assumed").contains(QStringLiteral("Batter taken as")));
        name(p, QStringLiteral("Kestrel"));
        EXPECT_FALSE(QFile::exists(own)); // nothing is made before it is wanted
        p.click(QStringLiteral("primary"));
        ASSERT_TRUE(p.controller.hasSession());
        EXPECT_EQ(p.controller.workbookPath(), own);
        EXPECT_TRUE(says(p, "purposeTitle").contains(QStringLiteral("Kestrel")));
        p.press(Qt::Key_Space); // tune it now
        EXPECT_EQ(p.session().station, Station::Tone);
        EXPECT_EQ(p.session().drum.rods, 10);
        EXPECT_FALSE(p.session().drum.guessed.batter);
        EXPECT_TRUE(p.session().drum.guessed.wires);
        // The practice drum stands in for it, in the rehearsal room.
        EXPECT_EQ(p.settings.practiceRoom().kind, RoomKind::Rehearsal);
        p.press(Qt::Key_Space);
        EXPECT_EQ(p.session().station, Station::SnareSide);
        p.click(QStringLiteral("fingerTight"));
        ASSERT_TRUE(
            p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.stage == HeadStage::Done; }));
        EXPECT_EQ(dialogs, 0);
    }
    Program again(own);
    EXPECT_EQ(again.session().drum.name, "Kestrel");
    EXPECT_EQ(again.session().snareSide.stage, HeadStage::Done);
    EXPECT_FALSE(again.session().snareSide.history.empty());
}

TEST_F(FirstDrum, AnEmptyWorkbookSaysSoAndTakesTheDrum) {
    QTemporaryDir folder;
    const QString own = folder.filePath(QStringLiteral("own.bombo"));
    {
        Program p;
        ASSERT_TRUE(p.controller.newWorkbook(own));
        EXPECT_TRUE(says(p, "startTitle").contains(QStringLiteral("no drum yet")));
        makeKestrel(p);
        ASSERT_TRUE(p.controller.hasSession());
        EXPECT_EQ(p.controller.workbookPath(), own);
        p.click(QStringLiteral("logbook"));
        const auto* calendar = p.find<QPushButton>(QStringLiteral("dueCalendar"));
        EXPECT_FALSE(calendar->isEnabled()) << "nothing was played yet";
        EXPECT_FALSE(calendar->toolTip().isEmpty());
        p.click(QStringLiteral("station-0"));
        EXPECT_NE(p.find<QPushButton>(QStringLiteral("addDrum")), nullptr); // the drum page is in front
        EXPECT_EQ(p.settings.practiceRoom().kind, RoomKind::Rehearsal);
        p.click(QStringLiteral("station-3"));
        p.click(QStringLiteral("fingerTight"));
        ASSERT_TRUE(
            p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Done; }));
        EXPECT_FALSE(p.session().batter.history.empty());
    }
    EXPECT_FALSE(QFile::exists(SessionController::ownWorkbookPath()));
    Program again(own);
    ASSERT_TRUE(again.controller.hasSession());
    EXPECT_EQ(again.session().drum.name, "Kestrel");
    EXPECT_EQ(again.session().batter.stage, HeadStage::Done);
    EXPECT_FALSE(again.session().batter.history.empty());
}

TEST_F(FirstDrum, TheSameWorkbookIsFoundAgainAndStandsAmongTheRecent) {
    Program p;
    makeKestrel(p);
    p.press(Qt::Key_Space);
    p.controller.closeWorkbook();
    EXPECT_FALSE(p.controller.hasSession());
    EXPECT_TRUE(p.window.isVisible());
    EXPECT_EQ(p.find<QAbstractButton>(QStringLiteral("recent-0"))->text(), QStringLiteral("Kestrel"));
    EXPECT_TRUE(p.find<QAbstractButton>(QStringLiteral("recent-0"))
                    ->accessibleDescription()
                    .contains(QStringLiteral("at Tone")));
    p.press(Qt::Key_Space); // my drums: the same workbook, not a second one
    EXPECT_EQ(p.session().drum.name, "Kestrel");
    p.controller.closeWorkbook();
    p.press(Qt::Key_3);
    ASSERT_TRUE(p.waitFor([&] { return p.controller.drums().size() == 3; })); // the demo
    p.controller.closeWorkbook();
    p.press(Qt::Key_6); // two stand there now, the demo first
    ASSERT_TRUE(p.waitFor([&] { return p.controller.hasSession(); }));
    EXPECT_EQ(p.session().drum.name, "Kestrel");
}

TEST_F(FirstDrum, APracticeDrumOpensAtOnceAndIsTheSameNextTime) {
    std::uint64_t seed = 0;
    {
        Program p;
        p.press(Qt::Key_2);
        ASSERT_TRUE(p.controller.hasSession());
        seed = p.session().practiceSeed;
        EXPECT_EQ(p.session().source, SoundSource::Practice);
        p.controller.perform(SetStars{2});
    }
    Program again;
    again.press(Qt::Key_2);
    EXPECT_EQ(again.session().practiceSeed, seed);
    EXPECT_EQ(again.session().stars, 2);
}

TEST_F(FirstDrum, NamesThatWillNotDoAreToldAndLeavingMakesNothing) {
    Program p;
    p.press(Qt::Key_Space);
    name(p, {});
    p.click(QStringLiteral("primary"));
    EXPECT_TRUE(says(p, "problem").contains(QStringLiteral("a name")));
    name(p, QString(500, u'w'));
    EXPECT_LE(p.find<QLineEdit>(QStringLiteral("name"))->text().size(), 80);
    p.find<QDoubleSpinBox>(QStringLiteral("depth"))->setValue(20.0);
    p.find<QDoubleSpinBox>(QStringLiteral("diameter"))->setValue(23.0);
    p.click(QStringLiteral("leaveMaker"));
    EXPECT_EQ(says(p, "startTitle"), QStringLiteral("Bombo"));
    EXPECT_FALSE(QFile::exists(SessionController::ownWorkbookPath()));
    makeKestrel(p);
    p.click(QStringLiteral("station-0"));
    p.click(QStringLiteral("addDrum"));
    name(p, QStringLiteral("kestrel")); // the same to whoever looks for it
    p.click(QStringLiteral("primary"));
    EXPECT_TRUE(says(p, "problem").contains(QStringLiteral("of that name")));
    EXPECT_EQ(p.controller.drums().size(), 1U);
}

TEST_F(FirstDrum, AHomeThatCannotBeWrittenIsToldAndTheDescriptionStays) {
    QFile inTheWay(QFileInfo(SessionController::ownWorkbookPath()).path());
    ASSERT_TRUE(inTheWay.open(QIODevice::WriteOnly));
    inTheWay.close();
    Program p;
    makeKestrel(p);
    EXPECT_FALSE(p.controller.hasSession());
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("cannot be made")))
        << p.window.noticeBar()->text().toStdString();
    EXPECT_EQ(p.find<QLineEdit>(QStringLiteral("name"))->text(), QStringLiteral("Kestrel"));
    ASSERT_TRUE(inTheWay.remove());
    p.click(QStringLiteral("primary")); // once it is out of the way, the same drum goes in
    EXPECT_EQ(p.session().drum.rods, 10);
}

TEST_F(FirstDrum, ANewHeadIsAnEventWithADayAndIsUndone) {
    Program p;
    makeKestrel(p);
    p.press(Qt::Key_Space);
    p.press(Qt::Key_Space);
    p.click(QStringLiteral("fingerTight"));
    ASSERT_TRUE(p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.round >= 1; }));
    const HeadWork before = p.session().snareSide;
    p.click(QStringLiteral("station-0"));
    EXPECT_EQ(says(p, "newSnareSideSince"), QStringLiteral("since when: not known"));
    answerNext<FitDialog>([](FitDialog& dialog) {
        dialog.findChild<QComboBox*>(QStringLiteral("fitKind"))->setCurrentIndex(0);
        dialog.findChild<QDateEdit*>(QStringLiteral("fitDay"))->setDate(QDate::currentDate().addDays(-12));
        QTest::keyClick(&dialog, Qt::Key_Return); // not the button that leaves it
    });
    p.click(QStringLiteral("newSnareSide"));
    EXPECT_EQ(p.session().drum.snareSideHead.id, "snare-film-51");
    EXPECT_TRUE(says(p, "newSnareSideSince").contains(QStringLiteral("12 days")))
        << says(p, "newSnareSideSince").toStdString();
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::FingerTight);
    EXPECT_EQ(p.session().snareSide.condition, HeadCondition::New);
    const QString file = p.controller.workbookPath();
    {
        Program again(file);
        EXPECT_EQ(again.session().drum.snareSideHead.id, "snare-film-51");
        EXPECT_EQ(again.controller.drums().front().drum, again.session().drum);
        again.controller.undoStack().undo();
        EXPECT_EQ(again.session().drum.snareSideHead.id, kUsualSnareSide);
        EXPECT_EQ(again.session().snareSide, before); // with its turns
    }
    // The drum's own row went back as well.
    EXPECT_EQ(Workbook::open(file).value()->drums()->front().drum.snareSideHead.id, kUsualSnareSide);
    Program later(file);
    later.controller.undoStack().redo();
    EXPECT_EQ(Workbook::open(file).value()->drums()->front().drum.snareSideHead.id, "snare-film-51");
}

TEST_F(FirstDrum, AUsedHeadComesFromAnotherDrumWithItsHours) {
    QString file;
    {
        Program p;
        makeKestrel(p);
        file = p.controller.workbookPath();
        p.click(QStringLiteral("station-0"));
        answerNext<FitDialog>([](FitDialog& dialog) {
            auto* kind = dialog.findChild<QComboBox*>(QStringLiteral("fitKind"));
            for (int i = 0; i < kind->count(); ++i)
                EXPECT_FALSE(kind->itemText(i).contains(QStringLiteral("played"))); // nothing used yet
            kind->setCurrentIndex(1);
            dialog.findChild<NumberBox*>(QStringLiteral("playedBefore"))->setValue(40.0);
            QTest::keyClick(&dialog, Qt::Key_Return);
        });
        p.click(QStringLiteral("newBatter"));
        EXPECT_TRUE(says(p, "newBatterSince").contains(QStringLiteral("played 40 hours before")))
            << says(p, "newBatterSince").toStdString();
        const std::string kind = p.session().drum.batterHead.id;
        // Another drum of the same size takes it.
        p.click(QStringLiteral("copyDrum"));
        name(p, QStringLiteral("Merlin"));
        p.click(QStringLiteral("primary"));
        p.click(QStringLiteral("station-0"));
        ASSERT_EQ(p.session().drum.name, "Merlin");
        EXPECT_EQ(p.session().drum.playedBefore, PlayedBefore{}); // a copy has heads of its own
        answerNext<FitDialog>([](FitDialog& dialog) {
            auto* kinds = dialog.findChild<QComboBox*>(QStringLiteral("fitKind"));
            const QString last = kinds->itemText(kinds->count() - 1);
            EXPECT_TRUE(last.contains(QStringLiteral("from Kestrel, played 40 hours"))) << last.toStdString();
            kinds->setCurrentIndex(kinds->count() - 1);
            EXPECT_EQ(dialog.findChild<NumberBox*>(QStringLiteral("playedBefore"))->value(), 40.0);
            QTest::keyClick(&dialog, Qt::Key_Return);
        });
        p.click(QStringLiteral("newBatter"));
        EXPECT_EQ(p.session().drum.batterHead.id, kind);
        EXPECT_EQ(p.session().drum.playedBefore.batter, 40.0);
    }
    Program later(file);
    EXPECT_EQ(later.session().drum.name, "Merlin");
    EXPECT_EQ(later.session().drum.playedBefore.batter, 40.0);
    later.controller.undoStack().undo();
    EXPECT_EQ(later.session().drum.playedBefore.batter, 0.0);
}

TEST_F(FirstDrum, ADrumIsEditedCopiedRetiredAndBroughtBack) {
    QString file;
    {
        Program p;
        makeKestrel(p);
        p.click(QStringLiteral("station-0"));
        p.click(QStringLiteral("retireDrum"));
        EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("only drum")));
        p.click(QStringLiteral("editDrum"));
        name(p, QStringLiteral("Kestrel the loud"));
        p.click(QStringLiteral("shell-1")); // metal
        p.choose(QStringLiteral("markedRod"), 3);
        p.click(QStringLiteral("primary"));
        EXPECT_EQ(p.session().drum.name, "Kestrel the loud");
        EXPECT_EQ(p.session().drum.shell.material, "steel");
        EXPECT_EQ(p.session().drum.markedRod, 3);
        EXPECT_NE(p.find<QAbstractButton>(QStringLiteral("addDrum")), nullptr); // back on the drum's page
        p.click(QStringLiteral("copyDrum"));
        EXPECT_EQ(p.find<QLineEdit>(QStringLiteral("name"))->text(), QStringLiteral("Kestrel the loud 2"));
        p.click(QStringLiteral("rods-1"));
        p.click(QStringLiteral("primary"));
        EXPECT_EQ(p.controller.drums().size(), 2U);
        EXPECT_EQ(p.session().drum.rods, 8);
        EXPECT_EQ(p.session().drum.shell.material, "steel");
        const std::string copy = p.session().drum.id;
        p.click(QStringLiteral("station-0"));
        p.click(QStringLiteral("retireDrum"));
        EXPECT_NE(p.session().drum.id, copy);
        QApplication::processEvents(); // the list is made anew
        p.click(QStringLiteral("unretire-%1").arg(QString::fromStdString(copy)));
        ASSERT_TRUE(p.waitFor([&] { return p.session().drum.id == copy; }));
        p.click(QStringLiteral("retireDrum"));
        file = p.controller.workbookPath();
    }
    Program again(file);
    EXPECT_EQ(again.session().drum.name, "Kestrel the loud");
    ASSERT_EQ(again.controller.drums().size(), 2U);
    EXPECT_TRUE(again.controller.drums()[1].isRetired);
    again.controller.undoStack().undo(); // the edit
    EXPECT_EQ(again.session().drum.name, "Kestrel");
    EXPECT_EQ(Workbook::open(file).value()->drums()->front().drum.name, "Kestrel");
}

TEST_F(FirstDrum, ASetupFromBeforeANewHeadBringsNoTurnsOfTheOldOne) {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(file));
    Program p(file);
    p.controller.chooseDrum("plover");
    p.controller.perform(ChooseTone{p.controller.tones().front()});
    p.controller.goTo(Station::Batter);
    p.click(QStringLiteral("fingerTight"));
    ASSERT_TRUE(p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.round >= 2; }));
    ASSERT_GT(p.session().batter.meanTurns(), Turns{0.1});
    ASSERT_TRUE(p.controller.saveToLog());
    const HeadSpec other = catalogue().heads.front();
    ASSERT_TRUE(p.controller.perform(FitHead{HeadSide::Batter, other, 1760000000}));
    ASSERT_TRUE(p.controller.openLogEntry(p.controller.logEntries(std::string("plover"), 1).front().id));
    EXPECT_EQ(p.session().drum.batterHead, other);
    EXPECT_EQ(p.session().batter.meanTurns(), Turns{});
    EXPECT_EQ(p.session().batter.condition, HeadCondition::New);
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("A head was changed since")))
        << p.window.noticeBar()->text().toStdString();
}

TEST_F(FirstDrum, ClosingWhileATapIsReadLosesTheTapAndNothingElse) {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(file));
    Program p(file);
    p.controller.goTo(Station::Batter);
    p.click(QStringLiteral("fingerTight"));
    ASSERT_TRUE(
        p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    const Work before = p.session();
    p.press(Qt::Key_Space); // a tap is on its way
    p.controller.closeWorkbook();
    EXPECT_EQ(says(p, "startTitle"), QStringLiteral("Bombo"));
    EXPECT_TRUE(p.waitFor([&] { return !p.controller.ear().listener().isReading(); }));
    QApplication::processEvents();
    EXPECT_FALSE(p.controller.hasSession());
    ASSERT_TRUE(p.controller.openWorkbook(file));
    EXPECT_EQ(static_cast<const Work&>(p.session()), before);
}

TEST_F(FirstDrum, TheKeysOfWhatForDoWhatTheySay) {
    Program p;
    makeKestrel(p);
    bool isCard = false;
    answerNext<QDialog>([&](QDialog& dialog) {
        isCard = dialog.findChild<QPushButton*>(QStringLiteral("cardTap")) != nullptr;
        dialog.reject();
    });
    p.press(Qt::Key_2);
    EXPECT_TRUE(isCard);
    EXPECT_NE(p.find<QAbstractButton>(QStringLiteral("addDrum")), nullptr); // and then the drum's page
}

TEST(DrumSights, EveryHeadOfTheCatalogueIsToldAndCanBeChosen) {
    std::set<HeadSight> seen;
    for (const HeadSpec& head : catalogue().heads)
        if (head.thickness >= kThinnestBatter)
            seen.insert(sightOf(head));
    EXPECT_EQ(seen.size(), std::size(kHeadSights)); // a tile for each, none that leads nowhere
    for (const ShellKind& kind : catalogue().shells)
        EXPECT_EQ(sightOf(kind.id) == ShellSight::Metal, kind.expansionPerHumidity == 0.0) << kind.id;
}

TEST(Assumed, SaysWhatIsTakenAndNothingWhereAllIsKnown) {
    Drum drum = usualDrum();
    const QString all = assumedText(drum, catalogue());
    for (const char* part :
         {"Batter taken as", "Snare side taken as", "Hoops taken as", "Shell taken as", "strands"})
        EXPECT_TRUE(all.contains(QLatin1String(part))) << part << "\n" << all.toStdString();
    drum.guessed = {};
    EXPECT_TRUE(assumedText(drum, catalogue()).isEmpty());
}

} // namespace first_drum_test
} // namespace bombo
