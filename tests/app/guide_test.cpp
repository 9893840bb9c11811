/// The line that walks along with a first job: begun from the start page, dismissed, brought back, there
/// after a restart; and the first lesson to an even head.
#include "answer_next.h"
#include "driver.h"

#include "app/guide/guide_words.h"
#include "app/listening/ear.h"
#include "app/practice/practice_page.h"
#include "store/demo.h"
#include "store/usual_drum.h"
#include "store/workbook.h"

#include <gtest/gtest.h>

#include <QDir>
#include <QLabel>
#include <QStandardPaths>
#include <QTabBar>
#include <set>

namespace bombo {
namespace guide_test {

using testing::Program;

class Guide : public ::testing::Test {
protected:
    Guide() : m_before(qgetenv("HOME")) {
        qputenv("HOME", m_home.path().toUtf8());
        PrimaryButton::setBounce(0);
    }
    ~Guide() override {
        PrimaryButton::setBounce(PrimaryButton::kBounce);
        qputenv("HOME", m_before);
    }
    static QString gesture(Program& p) { return p.find<QLabel>(QStringLiteral("guideGesture"))->text(); }
    static bool isShown(Program& p) {
        return p.window.findChild<QWidget*>(QStringLiteral("guide"))->isVisible();
    }
    static QString words(GuideStep step) { return guideWords(step).gesture; }

    QTemporaryDir m_home;

private:
    QByteArray m_before;
};

TEST_F(Guide, EveryStepHasAGestureAndAReasonOfItsOwn) {
    std::set<QString> gestures;
    for (int step = 0; step < kGuideSteps; ++step) {
        const GuideWords words = guideWords(static_cast<GuideStep>(step));
        EXPECT_FALSE(words.reason.isEmpty());
        EXPECT_LE(words.gesture.size(), 90) << "one sentence: " << words.gesture.toStdString();
        gestures.insert(words.gesture);
    }
    EXPECT_EQ(gestures.size(), static_cast<std::size_t>(kGuideSteps));
}

TEST_F(Guide, WhoOpensAWorkbookOfBeforeIsNotGuided) {
    const QString book = m_home.filePath(QStringLiteral("house.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    EXPECT_FALSE(isShown(p));
}

TEST_F(Guide, WalksTheWholeJobOnThePracticeDrum) {
    const QDir data(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation));
    ASSERT_TRUE(data.mkpath(QStringLiteral(".")));
    // The drum that the program would make, of the same nature each time.
    ASSERT_TRUE(Workbook::create(data.filePath(QStringLiteral("practice.bombo")), [](Workbook& made) {
        DrumRow row;
        row.drum = usualDrum();
        row.practiceSeed = 7;
        const auto added = made.addDrum(row);
        return added ? std::nullopt : std::optional(added.fault());
    }));
    Program p;
    p.click(QStringLiteral("openPractice"));
    ASSERT_TRUE(p.controller.hasSession());
    EXPECT_EQ(gesture(p), words(GuideStep::Drum));
    std::set<QString> seen;
    const auto look = [&] {
        if (isShown(p))
            seen.insert(gesture(p));
    };
    p.click(QStringLiteral("station-1"));
    look();
    EXPECT_EQ(gesture(p), words(GuideStep::ChooseTone));
    p.click(QStringLiteral("tone-backbeat"));
    EXPECT_EQ(gesture(p), words(GuideStep::ToneChosen));
    for (int station : {2, 3}) {
        p.click(QStringLiteral("station-%1").arg(station));
        const HeadSide side = station == 2 ? HeadSide::SnareSide : HeadSide::Batter;
        EXPECT_EQ(gesture(p),
                  words(side == HeadSide::Batter ? GuideStep::PrepareBatter : GuideStep::PrepareSnareSide));
        ASSERT_TRUE(p.spaceUntil(side, [&](const HeadWork& work) {
            look();
            return work.stage == HeadStage::Done;
        }));
    }
    look();
    EXPECT_TRUE(seen.contains(words(GuideStep::Raise)));
    EXPECT_TRUE(seen.contains(words(GuideStep::Tap)));
    EXPECT_TRUE(seen.contains(words(GuideStep::Turn)));
    EXPECT_TRUE(seen.contains(words(GuideStep::BatterEven)) || seen.contains(words(GuideStep::NotEven)));
    p.click(QStringLiteral("station-4"));
    EXPECT_EQ(gesture(p), words(GuideStep::WiresTouch));
    p.click(QStringLiteral("station-5"));
    EXPECT_EQ(gesture(p), words(GuideStep::Strike));
    p.click(QStringLiteral("station-6"));
    EXPECT_EQ(gesture(p), words(GuideStep::Prove));
    p.click(QStringLiteral("logbook"));
    EXPECT_FALSE(isShown(p)) << "nothing is to be done there";
}

TEST_F(Guide, IsDismissedAndBroughtBackAndKept) {
    const QString book = m_home.filePath(QStringLiteral("house.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    p.settings.setGuide(true);
    p.click(QStringLiteral("station-6"));
    ASSERT_TRUE(isShown(p));
    p.click(QStringLiteral("guideDismiss"));
    EXPECT_FALSE(isShown(p));
    EXPECT_EQ(p.settings.guide(), false);
    p.click(QStringLiteral("station-1"));
    EXPECT_FALSE(isShown(p));
    const auto actions = p.window.findChildren<QAction*>();
    const auto walk = std::find_if(actions.begin(), actions.end(), [](const QAction* action) {
        return action->text().remove(QLatin1Char('&')) == QStringLiteral("Walk me through");
    });
    ASSERT_NE(walk, actions.end());
    (*walk)->trigger();
    EXPECT_TRUE(isShown(p));
    EXPECT_EQ(p.settings.guide(), true);
    MainWindow again(p.controller); // as after another language
    again.show();
    EXPECT_TRUE(again.findChild<QWidget*>(QStringLiteral("guide"))->isVisible());
}

// The lesson begins on the practice drum at the tone; left half way it goes on where it was, and one that is
// through begins anew on another drum.
TEST_F(Guide, TheFirstLessonGoesOnWhereItWasLeft) {
    const QString book = m_home.filePath(QStringLiteral("house.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    const auto lesson = [&] {
        p.click(QStringLiteral("practice"));
        p.find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(1);
        p.click(QStringLiteral("firstLesson"));
    };
    lesson();
    EXPECT_NE(p.controller.workbookPath(), book);
    EXPECT_EQ(p.session().station, Station::Tone);
    EXPECT_TRUE(isShown(p));
    p.click(QStringLiteral("tone-backbeat"));
    p.click(QStringLiteral("station-3"));
    const std::string drum = p.session().drum.id;
    lesson();
    EXPECT_EQ(p.session().drum.id, drum);
    EXPECT_EQ(p.session().station, Station::Batter) << "where it was left";
    ASSERT_TRUE(
        p.spaceUntil(HeadSide::Batter, [](const HeadWork& work) { return work.stage == HeadStage::Done; }));
    lesson();
    EXPECT_NE(p.session().drum.id, drum);
    EXPECT_EQ(p.session().station, Station::Tone);
    EXPECT_EQ(p.session().batter.stage, HeadStage::FingerTight);
}

} // namespace guide_test
} // namespace bombo
