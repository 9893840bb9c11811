/// A larger window has larger words, strokes and targets; a small one with large words is scrolled.
#include "app/head/hoop_view.h"
#include "app/theme/fitted_pages.h"
#include "app/theme/scale.h"
#include "driver.h"
#include "store/demo.h"

#include <QLabel>
#include <QLayout>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <gtest/gtest.h>

namespace bombo {
namespace scale_test {

using testing::Program;

class Scale : public ::testing::Test {
protected:
    Scale() { EXPECT_TRUE(createDemoWorkbook(book())); }
    ~Scale() override { setScale(*qApp, 1.0); }
    QString book() const { return m_folder.filePath(QStringLiteral("season.bombo")); }

    static QAction* choice(Program& p, const QString& name) {
        for (QAction* action : p.window.menuBar()->findChildren<QAction*>())
            if (action->text() == name)
                return action;
        throw std::runtime_error("no choice " + name.toStdString());
    }

private:
    QTemporaryDir m_folder;
};

/// What a page looks like: place and type of everything on it.
QStringList lookOf(const QWidget& page) {
    QStringList look;
    for (const QWidget* part : page.findChildren<QWidget*>())
        if (part->isVisible() && part->objectName() != QLatin1String("qt_scrollarea_viewport"))
            look << QStringLiteral("%1 %2,%3 %4x%5 %6")
                        .arg(QLatin1String(part->metaObject()->className()))
                        .arg(part->x())
                        .arg(part->y())
                        .arg(part->width())
                        .arg(part->height())
                        .arg(part->font().pixelSize());
    return look;
}

TEST(ScaleFor, IsThatOfTheShorterSideAndOneInUsualWindows) {
    EXPECT_EQ(scaleFor({1280, 800}), 1.0);
    EXPECT_EQ(scaleFor({1160, 700}), 1.0);
    EXPECT_EQ(scaleFor({1024, 700}), 0.875); // 1024 of 1160 is 0.883
    EXPECT_EQ(scaleFor({1024, 600}), 0.84375);
    EXPECT_EQ(scaleFor({300, 200}), kSmallestScale);
    EXPECT_EQ(scaleFor({1920, 1080}), 1.34375); // 1080 of 800 is 1.35
    EXPECT_EQ(scaleFor({2560, 800}), 1.0);      // wide and low: no taller words
    EXPECT_EQ(scaleFor({2560, 1440}), 1.78125);
    EXPECT_EQ(scaleFor({20000, 20000}), kLargestScale);
}

TEST_F(Scale, GrowsWithTheWindowAndComesBackToTheDot) {
    Program p(book());
    p.controller.goTo(Station::Batter);
    const auto title = [&] { return p.find<QLabel>(QStringLiteral("title"))->font().pixelSize(); };
    ASSERT_TRUE(p.waitFor([&] { return p.find<HoopView>(QStringLiteral("hoop"))->height() > 100; }));
    QApplication::processEvents();
    const QStringList before = lookOf(*p.window.page(Station::Batter));
    const int small = title();
    const int target = p.find<QPushButton>(QStringLiteral("primary"))->height();

    p.window.resize(2560, 1600);
    ASSERT_TRUE(p.waitFor([] { return scale() == 2.0; }));
    ASSERT_TRUE(p.waitFor([&] { return title() == 2 * small; }));
    EXPECT_NEAR(p.find<QPushButton>(QStringLiteral("primary"))->height(), 2 * target, 0.05 * 2 * target);
    EXPECT_TRUE(p.window.findChild<PageFrame*>()->fits());

    // What is drawn twice as large is hit where it is seen.
    auto* hoop = p.find<HoopView>(QStringLiteral("hoop"));
    const QPointF peg{hoop->map().xOf(5), hoop->map().strip().center().y()};
    p.clickAt(hoop, 2.0 * peg);
    EXPECT_EQ(hoop->picture().selected, std::optional(5));
    hoop->select(std::nullopt);

    p.window.resize(1280, 800);
    ASSERT_TRUE(p.waitFor([] { return scale() == 1.0; }));
    ASSERT_TRUE(p.waitFor([&] { return title() == small; }));
    EXPECT_TRUE(p.waitFor([&] { return lookOf(*p.window.page(Station::Batter)) == before; }));
    const QStringList after = lookOf(*p.window.page(Station::Batter));
    for (qsizetype i = 0; i < std::min(before.size(), after.size()); ++i)
        EXPECT_EQ(after[i].toStdString(), before[i].toStdString());
}

TEST_F(Scale, ChosenLargeStaysAndTheNextStepIsInSight) {
    Program p(book());
    choice(p, QStringLiteral("200 %"))->trigger();
    EXPECT_EQ(scale(), 2.0);
    EXPECT_EQ(p.settings.wordsPercent(), 200);
    auto* frame = p.window.findChild<PageFrame*>();
    for (const Station station : {Station::Tone, Station::Batter, Station::Proof}) {
        p.controller.goTo(station);
        EXPECT_TRUE(p.waitFor([&] { return !frame->fits(); })); // scrolled, not cut
        EXPECT_EQ(p.window.size(), QSize(1280, 800));
        const QPushButton* primary = p.window.page(station)->primary();
        EXPECT_TRUE(p.waitFor([&] {
            const QRect seen(primary->mapTo(frame->viewport(), QPoint()), primary->size());
            return frame->viewport()->rect().contains(seen);
        })) << static_cast<int>(station);
    }
    setScale(*qApp, 1.0); // a new start
    MainWindow next(p.controller);
    EXPECT_EQ(scale(), 2.0);
    choice(p, QStringLiteral("As the &window affords"))->trigger();
    EXPECT_EQ(scale(), 1.0);
}

TEST_F(Scale, AWindowLeftLargeOpensLargeAtOnce) {
    Program p(book());
    p.window.resize(1920, 1200);
    ASSERT_TRUE(p.waitFor([] { return scale() == 1.5; }));
    p.window.close();     // keeps its place
    setScale(*qApp, 1.0); // a new start
    MainWindow next(p.controller);
    EXPECT_EQ(next.size(), QSize(1920, 1200));
    EXPECT_EQ(scale(), 1.5);
    next.show();
    p.controller.goTo(Station::Batter);
    ASSERT_TRUE(p.waitFor([&] { return next.page(Station::Batter)->isVisible(); }));
    EXPECT_EQ(next.page(Station::Batter)->primary()->font().pixelSize(), 27); // 18 in the usual window
    EXPECT_TRUE(next.findChild<PageFrame*>()->fits());
}

TEST_F(Scale, KeysOfTheFootAreNotTakenByTheScrolledPage) {
    Program p(book());
    choice(p, QStringLiteral("200 %"))->trigger();
    p.controller.goTo(Station::Tone);
    p.press(Qt::Key_PageDown); // this is the tone
    EXPECT_EQ(p.session().station, Station::SnareSide);
}

} // namespace scale_test
} // namespace bombo
