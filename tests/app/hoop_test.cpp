#include "app/head/head_page.h"
#include "app/head/hoop_view.h"
#include "app/muffling/head_map.h"
#include "app/theme/palette.h"
#include "core/record/heads_say.h"
#include "support/sessions.h"

#include <QImage>
#include <QPainter>
#include <QSignalSpy>
#include <QTest>
#include <gtest/gtest.h>

namespace bombo {
namespace hoop_test {

using testing::done;
using testing::fresh;

RodReading at(double hz) {
    RodReading r;
    r.frequency = Hertz{hz};
    return r;
}

Session tapping() {
    Session s = done(done(fresh(), ChooseTone{testing::chase()}), FingerTight{HeadSide::Batter});
    return done(s, BeginTapping{HeadSide::Batter, 0, Direction::CounterClockwise});
}

Session turning() {
    Session s = tapping();
    const double target = briefFor(s, HeadSide::Batter).target.value;
    for (int rod = 0; rod < 8; ++rod)
        s = done(s, TapHeard{HeadSide::Batter, at(rod % 4 == 1 ? 0.975 * target : target)});
    return s;
}

int pixelsOf(const QImage& image, const QColor& colour) {
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            count += image.pixelColor(x, y) == colour;
    return count;
}

QImage painted(const HoopPicture& picture) {
    QImage image(1000, 350, QImage::Format_RGB32);
    image.fill(ink().card);
    QPainter painter(&image);
    paintHoop(painter, hoopMap(picture, QRectF(0, 0, 1000, 350)), picture);
    return image;
}

TEST(HoopMapTest, RodsLieInOrderInsideTheField) {
    for (int rods : {5, 6, 8, 10, 12}) {
        const HoopMap map(QRectF(0, 0, 900, 300), HoopLayout{rods, false, {}}, -50, 50);
        double before = map.field().left();
        for (int rod = 0; rod < rods; ++rod) {
            EXPECT_GT(map.xOf(rod), before);
            before = map.xOf(rod);
            EXPECT_EQ(map.rodAt({map.xOf(rod), map.strip().center().y()}), rod); // there and back
        }
        EXPECT_LT(before, map.field().right());
        EXPECT_FALSE(map.rodAt({-5, 100}));
        EXPECT_FALSE(map.rodAt({map.field().left() - 10, 100}));
    }
}

TEST(HoopMapTest, HigherValuesLieHigherAndStayInside) {
    const HoopMap map(QRectF(0, 0, 900, 300), HoopLayout{8, false, {}}, -50, 50);
    EXPECT_LT(map.yOf(20), map.yOf(-20));
    EXPECT_DOUBLE_EQ(map.yOf(500), map.field().top());
    EXPECT_DOUBLE_EQ(map.yOf(-500), map.field().bottom());
}

TEST(HoopPictureTest, ShowsTurnsWhileRaisingAndCentsAfterwards) {
    Session s = done(fresh(), FingerTight{HeadSide::Batter});
    HoopPicture picture = hoopPicture(s, HeadSide::Batter);
    EXPECT_FALSE(picture.showsCents);
    EXPECT_GT(picture.countedTotal.value, 1.0);
    EXPECT_EQ(
        std::count_if(picture.pegs.begin(), picture.pegs.end(), [](const HoopPeg& p) { return p.inMove; }),
        2);
    s = done(s, GroupTurned{HeadSide::Batter});
    picture = hoopPicture(s, HeadSide::Batter);
    EXPECT_EQ(picture.pegs[0].turned, Turns{0.5});
    EXPECT_FALSE(picture.pegs[0].inMove);

    picture = hoopPicture(tapping(), HeadSide::Batter);
    EXPECT_TRUE(picture.showsCents);
    EXPECT_TRUE(picture.pegs[0].due);
    EXPECT_FALSE(picture.pegs[0].heard);
}

TEST(HoopPictureTest, StraysAndTheNextMoveAreSeen) {
    const Session s = turning();
    const HoopPicture picture = hoopPicture(s, HeadSide::Batter);
    EXPECT_NEAR(picture.pegs[1].heard->value, -43.8, 0.1);
    EXPECT_NEAR(picture.pegs[0].heard->value, 0.0, 0.1);
    EXPECT_TRUE(picture.pegs[1].inMove);
    EXPECT_TRUE(picture.pegs[5].inMove);
    EXPECT_TRUE(picture.pegs[1].expected);
    const HoopPicture after = hoopPicture(done(s, MoveMade{HeadSide::Batter}), HeadSide::Batter);
    if (after.stage == HeadStage::Turning) {
        EXPECT_TRUE(after.pegs[1].moved);
    }
}

TEST(HoopPictureTest, SummarySaysEverythingThatIsPainted) {
    const QString summary = hoopSummary(hoopPicture(turning(), HeadSide::Batter));
    EXPECT_TRUE(summary.contains(QStringLiteral("rod 2: ")));
    EXPECT_TRUE(summary.contains(QStringLiteral("\u221244 cents")));
    EXPECT_EQ(summary.count(QStringLiteral("turn it now")), 2);
    const QString summaryOfTapping = hoopSummary(hoopPicture(tapping(), HeadSide::Batter));
    EXPECT_TRUE(summaryOfTapping.contains(QStringLiteral("tap it now")));
}

TEST(HoopPaint, AccentMarksOnlyTheNextThing) {
    const HoopPicture turn = hoopPicture(turning(), HeadSide::Batter);
    EXPECT_GT(pixelsOf(painted(turn), ink().accent), 1500); // two large pegs, two ears, an arc
    HoopPicture nothing = turn;
    for (HoopPeg& peg : nothing.pegs)
        peg.inMove = peg.due = false;
    EXPECT_EQ(pixelsOf(painted(nothing), ink().accent), 0);
    EXPECT_GT(pixelsOf(painted(nothing), ink().batter), 300);
    nothing.side = HeadSide::SnareSide;
    EXPECT_EQ(pixelsOf(painted(nothing), ink().batter), 0);
}

TEST(HoopViewTest, KeysAndClicksChooseARod) {
    HoopView view;
    view.resize(900, 320);
    view.show(hoopPicture(turning(), HeadSide::Batter));
    QSignalSpy spy(&view, &HoopView::rodSelected);
    QTest::keyClick(&view, Qt::Key_Right);
    EXPECT_EQ(view.selected(), 0);
    QTest::keyClick(&view, Qt::Key_Left);
    EXPECT_EQ(view.selected(), 7); // round the hoop
    QTest::keyClick(&view, Qt::Key_Escape);
    EXPECT_FALSE(view.selected());
    const QPointF third(view.map().xOf(2), view.map().strip().center().y());
    QTest::mouseClick(&view, Qt::LeftButton, Qt::NoModifier, third.toPoint());
    EXPECT_EQ(view.selected(), 2);
    QTest::mouseClick(&view, Qt::LeftButton, Qt::NoModifier, third.toPoint());
    EXPECT_FALSE(view.selected()); // a second click lets go
    EXPECT_EQ(spy.count(), 5);
}

TEST(StepWordsTest, CountIsNeverLost) {
    Session s = done(fresh(), FingerTight{HeadSide::SnareSide});
    EXPECT_EQ(stepWords(s, HeadSide::SnareSide).count.section(QLatin1Char('\n'), 0, 0),
              QStringLiteral("pair 1 of 4"));
    s = done(done(s, GroupTurned{HeadSide::SnareSide}), GroupTurned{HeadSide::SnareSide});
    EXPECT_EQ(stepWords(s, HeadSide::SnareSide).count.section(QLatin1Char('\n'), 0, 0),
              QStringLiteral("pair 3 of 4"));
    s = done(s, BeginTapping{HeadSide::SnareSide, 3, Direction::Clockwise});
    EXPECT_EQ(stepWords(s, HeadSide::SnareSide).figure, QStringLiteral("Rod 4"));
    s = done(s, TapHeard{HeadSide::SnareSide, at(380)});
    EXPECT_EQ(stepWords(s, HeadSide::SnareSide).figure, QStringLiteral("Rod 3"));
    EXPECT_EQ(stepWords(s, HeadSide::SnareSide).count, QStringLiteral("rod 2 of 8"));
}

TEST(StepWordsTest, TheButtonFollowsTheSource) {
    Session s = tapping();
    EXPECT_EQ(stepWords(s, HeadSide::Batter).button, QStringLiteral("Tap"));
    s.source = SoundSource::Microphone;
    EXPECT_EQ(stepWords(s, HeadSide::Batter).button, QStringLiteral("Listening"));
    const StepWords turn = stepWords(turning(), HeadSide::Batter);
    EXPECT_EQ(turn.kind, StepKind::Turn);
    EXPECT_TRUE(turn.figure.endsWith(QStringLiteral("tighter")));
    EXPECT_EQ(turn.now, QStringLiteral("Now both rods 2 and 6"));
}

TEST(HeadMapTest, PixelsRoundTripAndTheClockReadsRight) {
    const HeadMap map(QRectF(0, 0, 500, 400), Metres{0.165});
    for (double r : {0.05, 0.10, 0.15})
        for (double angle : {-2.5, -1.0, 0.0, 0.7, 3.0}) {
            const Pad pad = map.padAt(Pad{}, map.toPixel(Metres{r}, Radians{angle}));
            EXPECT_NEAR(pad.fromCentre.value, r, 1e-9);
            EXPECT_NEAR(std::remainder(pad.angle.value - angle, 2.0 * std::numbers::pi), 0.0, 1e-9);
        }
    EXPECT_NEAR(clockHour(Radians{0.0}), 9.0, 1e-9); // the strainer
    EXPECT_NEAR(clockHour(Radians{std::numbers::pi / 2}), 6.0, 1e-9);
    EXPECT_NEAR(clockHour(Radians{std::numbers::pi}), 3.0, 1e-9);
    EXPECT_NEAR(clockHour(Radians{1.5 * std::numbers::pi}), 12.0, 1e-9);
    EXPECT_LT(map.toPixel(Metres{0.1}, Radians{0.0}).x(), map.centre().x());
    EXPECT_GT(map.toPixel(Metres{0.1}, Radians{1.57}).y(), map.centre().y());
}

TEST(HoopPictureTest, MarksTheRodBesideTheBadgeOnBothHeads) {
    Session s = tapping();
    const HoopPicture plain = hoopPicture(Reckoned(s), HeadSide::Batter);
    s.drum.markedRod = 3;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        const HoopPicture picture = hoopPicture(Reckoned(s), side);
        EXPECT_EQ(picture.marked, 2);
        EXPECT_TRUE(rodSummary(picture, 2).contains(QStringLiteral("badge")));
        EXPECT_FALSE(rodSummary(picture, 1).contains(QStringLiteral("badge")));
        // A strip of tape in the ink's colour on the hoop, right of the ear, and nowhere else.
        const HoopMap map = hoopMap(picture, QRectF(0, 0, 1000, 350));
        const QImage image = painted(picture);
        const auto tape = [&](int rod) {
            return image.pixelColor(QPointF(map.xOf(rod) + 27, map.strip().center().y()).toPoint()) ==
                   ink().ink;
        };
        for (int rod = 0; rod < 8; ++rod)
            EXPECT_EQ(tape(rod), rod == 2) << rod;
    }
    EXPECT_FALSE(plain.marked.has_value());
}

} // namespace hoop_test
} // namespace bombo
