/// The station Practice where there is no sound output: it says so and keeps nothing. What is heard is tested
/// beside a sound server.
#include "app/practice/ears_words.h"
#include "app/practice/practice_page.h"
#include "driver.h"
#include "store/demo.h"

#include <gtest/gtest.h>

#include <QImage>
#include <QLineEdit>
#include <QPainter>

namespace bombo {
namespace {

using testing::Program;

class Ears : public ::testing::Test {
protected:
    Ears() {
        EXPECT_TRUE(createDemoWorkbook(m_folder.filePath(QStringLiteral("house.bombo"))));
        m_program = std::make_unique<Program>(m_folder.filePath(QStringLiteral("house.bombo")));
        PrimaryButton::setBounce(0);
    }
    ~Ears() override { PrimaryButton::setBounce(PrimaryButton::kBounce); }
    Program& p() { return *m_program; }

    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(Ears, WithoutAnOutputItSaysSoAndKeepsNothing) {
    p().press(Qt::Key_T, Qt::ControlModifier);
    p().click(QStringLiteral("ear-longer"));
    auto* page = p().window.findChild<PracticePage*>();
    ASSERT_NE(page, nullptr);
    ASSERT_TRUE(p().find<QLabel>(QStringLiteral("earSaid"))->text().contains(QStringLiteral("loudspeaker")));
    for (int pair = 0; pair < kMostTrials; ++pair)
        p().press(page->ear().due() == 1 ? Qt::Key_2 : Qt::Key_1);
    EXPECT_TRUE(p().session().earResults.empty());
    EXPECT_EQ(p().find<QLabel>(QStringLiteral("earQuestion"))->text(), QStringLiteral("Done."));
    p().click(QStringLiteral("earStop"));
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("ear-higher"))->isVisible());
}

TEST_F(Ears, ARoundLeftHalfWayKeepsNothingAndHarmsNothing) {
    p().click(QStringLiteral("practice"));
    p().press(Qt::Key_1);
    p().press(Qt::Key_2);
    p().click(QStringLiteral("station-1"));
    EXPECT_EQ(p().session().station, Station::Tone);
    p().click(QStringLiteral("practice"));
    p().press(Qt::Key_1); // goes on where it was
    p().click(QStringLiteral("earStop"));
    EXPECT_TRUE(p().session().earResults.empty());
    EXPECT_FALSE(p().controller.undoStack().canUndo());
}

TEST_F(Ears, EachListenerSeesTheirOwn) {
    const auto add = [&](const char* who, double threshold) {
        p().controller.perform(KeepEarResult{{1'790'000'000, who, "higher", threshold, 0.2, 30}});
    };
    add("Ida", 9.5);
    add("Max", 31.0);
    p().click(QStringLiteral("practice"));
    auto* who = p().find<QLineEdit>(QStringLiteral("practiceWho"));
    const auto says = [&] {
        return p().find<QPushButton>(QStringLiteral("ear-higher"))->accessibleDescription();
    };
    EXPECT_FALSE(says().contains(QStringLiteral("Last time")));
    who->setFocus();
    QTest::keyClicks(who, QStringLiteral("Ida"));
    EXPECT_TRUE(says().contains(testing::shown(QStringLiteral("9.5 cents")))) << says().toStdString();
    who->clear();
    QTest::keyClicks(who, QStringLiteral("Max"));
    EXPECT_TRUE(says().contains(QStringLiteral("31 cents")));
}

TEST_F(Ears, TheNameIsRefusedWhereItIsTooLong) {
    EarResult result{0, std::string(200, 'x'), "higher", 9, 0.2, 30};
    EXPECT_FALSE(p().controller.perform(KeepEarResult{result}));
    EXPECT_TRUE(p().session().earResults.empty());
}

} // namespace
} // namespace bombo
