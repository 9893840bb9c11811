/// A drum to put right, at the station Practice: tapped, turned, ended and kept; a test ends after a restart.
#include "app/practice/practice_page.h"
#include "driver.h"
#include "store/demo.h"

#include <gtest/gtest.h>

#include <QComboBox>
#include <QLineEdit>
#include <QTabBar>

namespace bombo {
namespace tuning_test {

using testing::Program;

class Tuning : public ::testing::Test {
protected:
    Tuning() : m_book(m_folder.filePath(QStringLiteral("house.bombo"))) {
        EXPECT_TRUE(createDemoWorkbook(m_book));
        m_program = std::make_unique<Program>(m_book);
        PrimaryButton::setBounce(0);
    }
    ~Tuning() override { PrimaryButton::setBounce(PrimaryButton::kBounce); }
    Program& p() { return *m_program; }
    TuningBench& bench() { return p().window.findChild<PracticePage*>()->bench(); }
    QString said() { return p().find<QLabel>(QStringLiteral("tuningSaid"))->text(); }

    void begin(const char* task, TuningHelp help) {
        p().click(QStringLiteral("practice"));
        p().find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(1);
        p().find<QComboBox>(QStringLiteral("tuningHelp"))->setCurrentIndex(static_cast<int>(help));
        p().click(QStringLiteral("task-%1").arg(QLatin1String(task)));
        ASSERT_NE(p().window.findChild<PracticePage*>(), nullptr);
    }
    /// By keys: from the rod at hand all round, by who knows what was planted.
    void takeShortestWay() {
        const std::vector<Turns> best = bench().job().score(p().session().tolerance).best;
        const int rods = static_cast<int>(best.size());
        p().find<HoopView>(QStringLiteral("tuningHoop"))->select(0);
        for (int rod = 0; rod < rods; ++rod) {
            const int steps = static_cast<int>(std::lround(best[static_cast<std::size_t>(rod)].value * 16.0));
            for (int step = 0; step < std::abs(steps); ++step)
                p().press(steps > 0 ? Qt::Key_Up : Qt::Key_Down);
            p().press(Qt::Key_Right);
        }
    }

    QTemporaryDir m_folder;
    QString m_book;
    std::unique_ptr<Program> m_program;
};

TEST_F(Tuning, FromTheFirstTapToTheScoreAndItIsThereAfterARestart) {
    p().click(QStringLiteral("practice"));
    p().find<QLineEdit>(QStringLiteral("practiceWho"))->setText(QStringLiteral("Ida"));
    begin("uneven", TuningHelp::Figures);
    p().press(Qt::Key_Space);
    EXPECT_TRUE(said().contains(QStringLiteral("Hz"))) << said().toStdString();
    takeShortestWay();
    EXPECT_TRUE(said().contains(QStringLiteral("turn")));
    p().press(Qt::Key_D);
    EXPECT_TRUE(said().startsWith(QStringLiteral("Done"))) << said().toStdString();
    EXPECT_FALSE(p().controller.undoStack().canUndo()) << "a practice drum is not the user's work";
    m_program.reset();
    m_program = std::make_unique<Program>(m_book);
    ASSERT_EQ(p().session().tuningResults.size(), 1U);
    const TuningResult& kept = p().session().tuningResults[0];
    EXPECT_EQ(kept.who, "Ida");
    EXPECT_EQ(kept.task, "uneven");
    EXPECT_EQ(kept.help, "figures");
    EXPECT_TRUE(kept.isDone);
    EXPECT_EQ(kept.passes, 1);
    EXPECT_EQ(kept.placements, kept.fewest);
    EXPECT_GE(kept.widestBefore, 20.0);
    EXPECT_LE(kept.widestAfter, p().session().tolerance.value);
}

TEST_F(Tuning, AdviceComesAfterTheRoundAndMarksTheRods) {
    begin("uneven", TuningHelp::Advice);
    for (int taps = 0; taps < 40 && !bench().job().isRoundWhole(); ++taps)
        p().press(Qt::Key_Space);
    ASSERT_TRUE(bench().job().isRoundWhole());
    EXPECT_TRUE(said().contains(QStringLiteral("Bombo would turn"))) << said().toStdString();
    const HoopPicture& hoop = p().find<HoopView>(QStringLiteral("tuningHoop"))->picture();
    EXPECT_TRUE(
        std::any_of(hoop.pegs.begin(), hoop.pegs.end(), [](const HoopPeg& peg) { return peg.inMove; }));
}

TEST_F(Tuning, ByEarNothingIsShownUntilTheEnd) {
    begin("one_rod", TuningHelp::Ear);
    const auto pegs = [&] { return p().find<HoopView>(QStringLiteral("tuningHoop"))->picture().pegs; };
    for (int rod = 0; rod < 8; ++rod) {
        p().press(Qt::Key_Space);
        p().press(Qt::Key_Right);
    }
    for (const HoopPeg& peg : pegs())
        EXPECT_FALSE(peg.frequency || peg.heard || peg.wanted);
    EXPECT_FALSE(said().contains(QStringLiteral("Hz")));
    p().press(Qt::Key_D);
    EXPECT_TRUE(pegs()[0].wanted) << "at the end the shortest way is to be seen";
    // There is no output here: what nobody heard is not kept.
    EXPECT_TRUE(said().contains(QStringLiteral("nothing is kept"))) << said().toStdString();
    EXPECT_TRUE(p().session().tuningResults.empty());
}

TEST_F(Tuning, WiresAreTurnedUntilTheySpeak) {
    begin("choked_wires", TuningHelp::Figures);
    p().press(Qt::Key_Space);
    EXPECT_EQ(said(), QStringLiteral("No answer."));
    const Turns way = bench().job().score(p().session().tolerance).best.front();
    for (int step = 0; step < std::lround(-way.value * 16.0); ++step)
        p().press(Qt::Key_Down);
    p().press(Qt::Key_Space);
    EXPECT_EQ(said(), QStringLiteral("The wires answer."));
    p().press(Qt::Key_L);
    EXPECT_TRUE(said().startsWith(QStringLiteral("Clean")));
    p().click(QStringLiteral("tuningDone"));
    ASSERT_EQ(p().session().tuningResults.size(), 1U);
    EXPECT_TRUE(p().session().tuningResults[0].isDone);
}

TEST_F(Tuning, TheShowBeginsAfterFiveMinutes) {
    begin("five_minutes", TuningHelp::Figures);
    EXPECT_TRUE(p().find<QLabel>(QStringLiteral("tuningClock"))->text().contains(QStringLiteral("left")));
    bench().finish(); // as the clock does
    ASSERT_EQ(p().session().tuningResults.size(), 1U);
    EXPECT_FALSE(p().session().tuningResults[0].isDone);
    p().press(Qt::Key_Up); // over is over
    EXPECT_EQ(bench().job().placements().size(), 0U);
    p().press(Qt::Key_Space); // another one
    EXPECT_EQ(p().session().tuningResults.size(), 1U);
    p().click(QStringLiteral("tuningLeave"));
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("task-one_rod"))->isVisible());
    EXPECT_EQ(p().session().tuningResults.size(), 1U) << "left half way, nothing is kept";
}

// Dull for one of two reasons: the ring tells which, and a fresh head is fitted by a key.
TEST_F(Tuning, AWornHeadIsToldByItsRingAndReplaced) {
    begin("worn_head", TuningHelp::Advice);
    for (int again = 0; again < 40 && !bench().job().score(p().session().tolerance).wasWorn; ++again) {
        p().click(QStringLiteral("tuningLeave"));
        p().click(QStringLiteral("task-worn_head"));
    }
    ASSERT_TRUE(bench().job().score(p().session().tolerance).wasWorn);
    for (int taps = 0; taps < 40 && !bench().job().isRoundWhole(); ++taps)
        p().press(Qt::Key_Space);
    ASSERT_TRUE(bench().job().isRoundWhole());
    EXPECT_TRUE(said().contains(QStringLiteral("a fresh head rings about"))) << said().toStdString();
    EXPECT_TRUE(said().contains(QStringLiteral("Bombo would fit a fresh head"))) << said().toStdString();
    p().press(Qt::Key_F);
    EXPECT_TRUE(bench().job().isFreshHead());
    EXPECT_FALSE(p().window.findChild<QPushButton*>(QStringLiteral("tuningFreshHead"))->isVisible());
    takeShortestWay();
    p().press(Qt::Key_D);
    EXPECT_TRUE(said().contains(QStringLiteral("worn out: a fresh one was the answer")))
        << said().toStdString();
    ASSERT_EQ(p().session().tuningResults.size(), 1U);
    EXPECT_TRUE(p().session().tuningResults[0].isDone);
}

TEST_F(Tuning, ATomIsSilencedByItsOwnRodsAndItIsThereAfterARestart) {
    begin("buzzing_tom", TuningHelp::Figures);
    const auto tomSaid = [&] { return p().find<QLabel>(QStringLiteral("tomSaid"))->text(); };
    TomBench& tom = p().window.findChild<PracticePage*>()->tomBench();
    p().press(Qt::Key_Space);
    EXPECT_TRUE(tomSaid().contains(QStringLiteral("buzz for"))) << tomSaid().toStdString();
    p().press(Qt::Key_W);
    EXPECT_EQ(tomSaid(), QStringLiteral("The wires answer."));
    const double least = tom.job().score().least->value;
    for (int step = 0; step < std::lround(std::abs(least) * 16.0); ++step)
        p().press(least > 0.0 ? Qt::Key_Up : Qt::Key_Down);
    p().press(Qt::Key_Space);
    EXPECT_EQ(tomSaid(), QStringLiteral("They lie still."));
    p().press(Qt::Key_D);
    EXPECT_TRUE(tomSaid().startsWith(QStringLiteral("Right"))) << tomSaid().toStdString();
    m_program.reset();
    m_program = std::make_unique<Program>(m_book);
    ASSERT_EQ(p().session().tuningResults.size(), 1U);
    EXPECT_EQ(p().session().tuningResults[0].task, "buzzing_tom");
    EXPECT_TRUE(p().session().tuningResults[0].isDone);
    EXPECT_EQ(p().session().tuningResults[0].placements, 1);
    p().click(QStringLiteral("practice"));
    p().find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(1);
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("task-buzzing_tom"))
                    ->accessibleDescription()
                    .contains(QStringLiteral("Last time right")));
}

TEST_F(Tuning, WithAdviceTheTomIsRetunedFirstAndTheHandlesAreChosenByArrows) {
    begin("buzzing_tom", TuningHelp::Advice);
    const auto tomSaid = [&] { return p().find<QLabel>(QStringLiteral("tomSaid"))->text(); };
    p().press(Qt::Key_Space);
    EXPECT_TRUE(tomSaid().contains(QStringLiteral("Bombo would first try: the tom to")))
        << tomSaid().toStdString();
    const TomJob& job = p().window.findChild<PracticePage*>()->tomBench().job();
    p().press(Qt::Key_Left); // round to the knob
    p().press(Qt::Key_Up);
    EXPECT_EQ(job.turned(TomHandle::Knob), kSmallestTurn);
    p().press(Qt::Key_Left);
    p().press(Qt::Key_Down, Qt::ShiftModifier);
    EXPECT_EQ(job.turned(TomHandle::DrumRods), Turns{-0.25});
    EXPECT_EQ(job.turned(TomHandle::TomRods), Turns{});
    p().click(QStringLiteral("tomLeave"));
    EXPECT_TRUE(p().session().tuningResults.empty());
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("task-one_rod"))->isVisible());
}

// What is under way belongs to its workbook: another one, or none, ends it, and no clock keeps a result
// elsewhere.
TEST_F(Tuning, AnotherWorkbookEndsWhatIsUnderWay) {
    begin("five_minutes", TuningHelp::Figures);
    p().press(Qt::Key_Space);
    TuningBench& there = bench();
    p().controller.closeWorkbook();
    there.finish(); // as its clock would
    const QString other = m_folder.filePath(QStringLiteral("other.bombo"));
    ASSERT_TRUE(createDemoWorkbook(other));
    ASSERT_TRUE(p().controller.openWorkbook(other));
    there.finish();
    EXPECT_TRUE(p().session().tuningResults.empty());
    p().click(QStringLiteral("practice"));
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("task-one_rod"))->isVisible());
    ASSERT_TRUE(p().controller.openWorkbook(m_book));
    EXPECT_TRUE(p().session().tuningResults.empty());
}

TEST_F(Tuning, AHeadThatIsPulledTooFarTears) {
    begin("one_rod", TuningHelp::Figures);
    for (int turns = 0; turns < 200 && !bench().job().isTorn(); ++turns)
        p().press(Qt::Key_Up, Qt::ShiftModifier);
    ASSERT_TRUE(bench().job().isTorn());
    EXPECT_TRUE(said().contains(QStringLiteral("torn")));
    ASSERT_EQ(p().session().tuningResults.size(), 1U);
    EXPECT_FALSE(p().session().tuningResults[0].isDone);
}

} // namespace tuning_test
} // namespace bombo
