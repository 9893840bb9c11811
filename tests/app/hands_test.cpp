/// The same tap again, on the practice drum: steady hands are finer than hurried ones; kept, and there after
/// a restart.
#include "app/listening/ear.h"
#include "app/practice/practice_page.h"
#include "driver.h"
#include "store/demo.h"

#include <gtest/gtest.h>

#include <QLabel>
#include <QTabBar>

namespace bombo {
namespace {

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
        for (int taps = 0; taps < 2 * kTapsOfAHand && p().session().earResults.size() == before; ++taps) {
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

} // namespace
} // namespace bombo
