/// The station Practice where there is no sound output: it says so and keeps nothing. What is heard is tested
/// beside a sound server.
#include "app/listening/ear.h"
#include "app/practice/ears_words.h"
#include "app/practice/practice_page.h"
#include "driver.h"
#include "store/demo.h"

#include <gtest/gtest.h>

#include <QComboBox>
#include <QImage>
#include <QLineEdit>
#include <QPainter>

namespace bombo {
namespace ears_test {

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

TEST_F(Ears, IntervalsAreAnsweredByTheirNames) {
    p().click(QStringLiteral("practice"));
    p().click(QStringLiteral("ear-interval"));
    auto* page = p().window.findChild<PracticePage*>();
    const std::vector<QString> names{
        QStringLiteral("unison"), QStringLiteral("fourth"),  QStringLiteral("fifth"),
        QStringLiteral("octave"), QStringLiteral("third"),   QStringLiteral("second"),
        QStringLiteral("sixth"),  QStringLiteral("seventh"), QStringLiteral("tritone")};
    for (int trial = 0; trial < kMostTrials; ++trial) {
        for (int which = 1; which <= 3; ++which) {
            const QString text = p().find<QPushButton>(QStringLiteral("earAnswer-%1").arg(which))->text();
            EXPECT_TRUE(std::any_of(names.begin(), names.end(), [&](const QString& name) {
                return text.contains(name);
            })) << text.toStdString();
        }
        EXPECT_FALSE(p().window.findChild<QPushButton*>(QStringLiteral("earAnswer-4"))->isVisible());
        p().press(Qt::Key_4); // no such answer
        p().press(static_cast<Qt::Key>(Qt::Key_1 + page->ear().due()));
        if (p().find<QLabel>(QStringLiteral("earQuestion"))->text() == QStringLiteral("Done."))
            break;
    }
    EXPECT_EQ(p().find<QLabel>(QStringLiteral("earQuestion"))->text(), QStringLiteral("Done."));
}

// A stroke that was recorded in Proof can be asked of as well; without one nothing of it is shown.
TEST_F(Ears, AnOwnStrokeIsOfferedOnceItWasRecorded) {
    p().click(QStringLiteral("practice"));
    auto* source = p().window.findChild<QComboBox*>(QStringLiteral("earSource"));
    EXPECT_FALSE(source->isVisible());
    Recording stroke{44100.0, {}, QStringLiteral("2026-11-30T10:00:00+01:00")};
    for (int i = 0; i < 88200; ++i)
        stroke.samples.push_back(static_cast<float>(0.5 * std::exp(-i / 5000.0) * std::sin(0.045 * i)));
    ASSERT_TRUE(p().controller.workbook()->keepRecording(p().controller.sessionId(), Take::After, stroke));
    p().click(QStringLiteral("station-1"));
    emit p().controller.ear().strokeSoundKept();
    p().click(QStringLiteral("practice"));
    ASSERT_TRUE(source->isVisible());
    ASSERT_EQ(source->count(), 2);
    source->setCurrentIndex(1);
    emit source->activated(1);
    EXPECT_TRUE(
        p().find<QLabel>(QStringLiteral("practiceWhat"))->text().contains(QStringLiteral("your own stroke")));
    p().click(QStringLiteral("ear-higher"));
    auto* page = p().window.findChild<PracticePage*>();
    EXPECT_EQ(page->ear().rate(), 44100.0);
    p().click(QStringLiteral("earStop"));
    p().click(QStringLiteral("ear-looser_wires")); // needs a drum that is turned
    EXPECT_EQ(page->ear().rate(), kPracticeRate);
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

} // namespace ears_test
} // namespace bombo
