/// The same tap again, on the practice drum: steady hands are finer than hurried ones; kept, and there after
/// a restart.
#include "answer_next.h"

#include "app/listening/ear.h"
#include "app/practice/practice_page.h"
#include "driver.h"

#include "app/files/file_questions.h"
#include "store/demo.h"
#include "store/exchange/practice_csv.h"

#include <gtest/gtest.h>

#include <QFile>
#include <QFileDialog>
#include <QLabel>
#include <QStandardPaths>
#include <QTabBar>

namespace bombo {
namespace hands_test {

using testing::Program;

class Hands : public ::testing::Test {
protected:
    Hands() : m_book(m_folder.filePath(QStringLiteral("house.bombo"))) {
        EXPECT_TRUE(createDemoWorkbook(m_book));
        m_program = std::make_unique<Program>(m_book);
        PrimaryButton::setBounce(0);
    }
    ~Hands() override { PrimaryButton::setBounce(PrimaryButton::kBounce); }
    Program& p() { return *m_program; }
    void toHands() {
        p().click(QStringLiteral("practice"));
        p().find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(2);
        p().click(QStringLiteral("hands-same_tap"));
    }
    QString said() { return p().find<QLabel>(QStringLiteral("handsSaid"))->text(); }
    /// Taps until the round is over, and no more. @return what was found
    double aRound() {
        const std::size_t before = p().session().earResults.size();
        for (int taps = 0; taps < 3 * kTapsOfAHand && p().session().earResults.size() == before; ++taps) {
            p().press(Qt::Key_Space);
            p().waitFor([&] { return !p().controller.ear().isReading(); });
        }
        return p().session().earResults.size() == before ? -1.0 : p().session().earResults.back().threshold;
    }

    QTemporaryDir m_folder;
    QString m_book;
    std::unique_ptr<Program> m_program;
};

TEST_F(Hands, SteadyOnesAreFinerThanHurriedOnesAndBothAreKept) {
    p().settings.setPracticeSloppiness(0.0);
    toHands();
    EXPECT_TRUE(said().contains(QStringLiteral("practice drum")));
    const double steady = aRound();
    ASSERT_GE(steady, 0.0);
    EXPECT_TRUE(said().contains(QStringLiteral("cents"))) << said().toStdString();
    p().settings.setPracticeSloppiness(3.0);
    p().press(Qt::Key_Space); // another round
    const double hurried = aRound();
    EXPECT_GT(hurried, steady);
    m_program.reset();
    m_program = std::make_unique<Program>(m_book);
    ASSERT_EQ(p().session().earResults.size(), 2U);
    EXPECT_EQ(p().session().earResults[0].exercise, kSameTap);
    EXPECT_GT(p().session().earResults[0].trials, 6);
}

// By the practice drum: the goal is of the best day, and the figures are those of the round.
TEST_F(Hands, BackbeatsHaveAGoalThatGrowsFiner) {
    p().settings.setPracticeSloppiness(1.0);
    p().click(QStringLiteral("practice"));
    p().find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(2);
    p().click(QStringLiteral("hands-even_backbeats"));
    EXPECT_TRUE(said().contains(testing::shown(QStringLiteral("within 3.0 dB")))) << said().toStdString();
    const double spread = aRound();
    ASSERT_GT(spread, 0.0);
    EXPECT_TRUE(said().contains(QStringLiteral("level ±"))) << said().toStdString();
    EXPECT_EQ(p().session().earResults.back().exercise, kEvenBackbeats);
    EXPECT_TRUE(p().session().strokes.empty()) << "practice is not the work";
    EXPECT_LE(backbeatGoal(p().session(), {}).levelDb, std::max(1.0, 0.91 * spread));
    p().click(QStringLiteral("handsStop"));
    m_program.reset();
    m_program = std::make_unique<Program>(m_book);
    ASSERT_EQ(p().session().earResults.size(), 1U);
}

// What the drum says of the hand is what the hand did, within what is stated.
TEST_F(Hands, AQuarterTurnByFeelIsToldByTheDrum) {
    p().settings.setPracticeSloppiness(1.0);
    p().click(QStringLiteral("practice"));
    p().find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(2);
    p().click(QStringLiteral("hands-turn_by_feel"));
    ASSERT_GE(aRound(), 0.0) << said().toStdString();
    EXPECT_EQ(p().session().earResults.back().exercise, kTurnByFeel);
    EXPECT_TRUE(said().contains(QStringLiteral("Your quarter is"))) << said().toStdString();
    double mean = 0.0;
    const auto& truth = p().window.findChild<PracticePage*>()->feel().truth();
    ASSERT_EQ(truth.size(), static_cast<std::size_t>(kTurnsByFeel));
    for (const Turns one : truth)
        mean += one.value / kTurnsByFeel;
    const EarResult& kept = p().session().earResults.back();
    const double error = kept.threshold * kept.error;
    EXPECT_NEAR(kept.threshold, std::abs(mean - 0.25), 3.0 * error + 0.01);
    EXPECT_LT(error, 0.15);
    EXPECT_FALSE(p().controller.undoStack().canUndo()) << "the drum's own rods stand as they stood";
}

TEST_F(Hands, LeftHalfWayTheEarGoesBackToTheWork) {
    toHands();
    p().press(Qt::Key_Space);
    p().click(QStringLiteral("station-3"));
    EXPECT_TRUE(p().session().earResults.empty());
    p().controller.goTo(Station::Batter);
    ASSERT_TRUE(p().controller.perform(ChooseCondition{HeadSide::Batter, HeadCondition::AsItStands}));
    while (p().session().batter.stage == HeadStage::FingerTight)
        ASSERT_TRUE(p().controller.perform(Prepared{HeadSide::Batter}));
    EXPECT_TRUE(p().controller.ear().isTapDue()) << "a tap is for the head again";
    p().click(QStringLiteral("practice"));
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("hands-same_tap"))->isVisible()) << "begun anew";
}

// Without a workbook nothing listens on for a round that was under way.
TEST_F(Hands, AClosedWorkbookEndsTheRound) {
    toHands();
    EXPECT_TRUE(
        p().find<QLabel>(QStringLiteral("practiceWhat"))->text().contains(QStringLiteral("microphone")));
    p().press(Qt::Key_Space);
    p().controller.closeWorkbook();
    ASSERT_TRUE(p().controller.openWorkbook(m_book));
    p().click(QStringLiteral("practice"));
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("hands-same_tap"))->isVisible());
    EXPECT_TRUE(p().session().earResults.empty());
}

// What was practised goes out as a table, with units and in order of time; a folder that is not there is
// said.
TEST_F(Hands, WhatWasPractisedGoesOutAsATable) {
    p().controller.perform(KeepEarResult{{1'790'086'400, "Ida, the drummer", "longer", 0.25, 0.2, 30}});
    TuningResult task;
    task.at = 1'790'000'000;
    task.who = "Max";
    task.task = "uneven";
    task.help = "ear";
    task.isDone = true;
    task.widestAfter = 6.5;
    task.passes = 2;
    p().controller.perform(KeepTuningResult{task});
    p().click(QStringLiteral("practice"));
    const auto saveAs = [&](const QString& path) {
        testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
            dialog.selectFile(path);
            QMetaObject::invokeMethod(&dialog, "accept");
        });
        p().click(QStringLiteral("practiceTable"));
    };
    saveAs(p().path(QStringLiteral("mine.csv")));
    QFile file(p().path(QStringLiteral("mine.csv")));
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QStringList lines = QString::fromUtf8(file.readAll()).trimmed().split(QLatin1Char('\n'));
    ASSERT_EQ(lines.size(), 3);
    const qsizetype columns = lines[0].count(QLatin1Char(','));
    EXPECT_TRUE(lines[1].contains(QStringLiteral("Max,uneven,ear,6.5"))) << lines[1].toStdString();
    EXPECT_EQ(lines[1].count(QLatin1Char(',')), columns);
    EXPECT_TRUE(lines[2].contains(QStringLiteral("\"Ida, the drummer\",longer,,25.000")))
        << lines[2].toStdString();
    EXPECT_EQ(lines[2].count(QLatin1Char(',')), columns + 1); // one within the quotes
    EXPECT_TRUE(practiceCsv({}).startsWith(QStringLiteral("date,"))) << "nothing practised: the head alone";
}

TEST_F(Hands, ADialogBeginsInTheFolderWhereTheLastFileOfItsKindWent) {
    p().click(QStringLiteral("practice"));
    QString began;
    const auto saveIn = [&](const QString& path) {
        testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
            began = dialog.directory().absolutePath();
            if (!path.isEmpty())
                dialog.selectFile(path);
            QMetaObject::invokeMethod(&dialog, path.isEmpty() ? "reject" : "accept");
        });
        p().click(QStringLiteral("practiceTable"));
    };
    QDir(p().path({})).mkdir(QStringLiteral("tables"));
    const QString tables = QDir(p().path(QStringLiteral("tables"))).absolutePath();
    saveIn(tables + QStringLiteral("/mine.csv"));
    EXPECT_NE(began, tables);
    EXPECT_TRUE(QFile::exists(tables + QStringLiteral("/mine.csv")));
    saveIn({}); // given up
    EXPECT_EQ(began, tables);
    const QString settings = p().path(QStringLiteral("settings.ini"));
    EXPECT_TRUE(p().waitFor([&] { // on the disk, not only in this program's memory
        QFile file(settings);
        return file.open(QIODevice::ReadOnly) && file.readAll().contains("table=" + tables.toUtf8());
    }));
    Settings afterRestart(settings);
    EXPECT_EQ(folderFor(afterRestart, FileKind::Table), tables);
    EXPECT_NE(folderFor(afterRestart, FileKind::Workbook), tables) << "every kind has its own";
    ASSERT_TRUE(QDir(tables).removeRecursively());
    EXPECT_EQ(folderFor(afterRestart, FileKind::Table),
              QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation));
    saveIn({});
    EXPECT_NE(began, tables) << "it is gone";
}

} // namespace hands_test
} // namespace bombo
