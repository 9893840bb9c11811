/// The whole job on the practice drum with real clicks and keys, closed and opened again.
#include "app/listening/ear.h"
#include "driver.h"

#include "app/muffling/head_from_above.h"
#include "app/proof/proof_picture.h"
#include "app/tone/cutaway_view.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "core/record/proof.h"
#include "core/record/stations.h"
#include "store/demo.h"
#include "support/sessions.h"

#include <QTableWidget>
#include <gtest/gtest.h>

namespace bombo {
namespace journey_test {

using testing::Program;

class Journey : public ::testing::Test {
protected:
    Journey() { EXPECT_TRUE(createDemoWorkbook(book())); }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("season.bombo")); }

    /// Drum, tone, and on to the snare side.
    static void chooseChase(Program& p) {
        p.click(QStringLiteral("drum-plover"));
        p.press(Qt::Key_Space);
        ASSERT_EQ(p.session().station, Station::Tone);
        p.click(QStringLiteral("tone-chase"));
        p.press(Qt::Key_Space);
        ASSERT_EQ(p.session().station, Station::SnareSide);
    }

private:
    QTemporaryDir m_folder;
};

bool isDone(const HeadWork& work) {
    return work.stage == HeadStage::Done;
}

TEST_F(Journey, WholeJobWithTheSpaceBar) {
    std::string finished;
    qint64 id = 0;
    {
        Program p(book());
        chooseChase(p);
        EXPECT_EQ(p.session().tone.id, "chase");
        auto* cutaway = p.window.findChild<CutawayView*>();
        EXPECT_TRUE(cutaway->accessibleDescription().contains(testing::shown(QStringLiteral("301.5 Hz"))));
        EXPECT_TRUE(cutaway->accessibleDescription().contains(QStringLiteral("film load 47 percent")));

        ASSERT_TRUE(p.spaceUntil(HeadSide::SnareSide, isDone));
        EXPECT_GE(p.session().snareSide.history.size(), 2U); // the uneven start needed evening
        p.press(Qt::Key_Space);
        ASSERT_EQ(p.session().station, Station::Batter);
        ASSERT_TRUE(p.spaceUntil(HeadSide::Batter, isDone));
        for (HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
            const HeadWork& work = p.session().head(side);
            std::vector<std::optional<RodPitches>> heard;
            for (const auto& x : work.history.front().readings)
                heard.push_back(RodPitches{x->frequency, x->second});
            const auto first = estimateEvenness(heard);
            EXPECT_LT(lastEstimate(work)->widest, first.widest); // the rounds sounded different
            EXPECT_NEAR(centsBetween(briefFor(p.session(), side).target, lastEstimate(work)->mean).value, 0.0,
                        8.5);
        }

        p.press(Qt::Key_Space);
        ASSERT_EQ(p.session().station, Station::Wires);
        ASSERT_TRUE(p.spaceUntil([&] { return p.session().station == Station::Muffling; }));
        EXPECT_GE(p.session().wires.tests.size(), 2U);
        EXPECT_GE(p.session().wires.rattles.size(), 1U);

        auto* figure = p.find<QLabel>(QStringLiteral("ringFigure"));
        const QString open = figure->text();
        p.click(QStringLiteral("addPad"));
        p.click(QStringLiteral("addPad"));
        EXPECT_EQ(p.session().pads.size(), 2U);
        EXPECT_NE(figure->text(), open);              // the predicted ring time changed
        EXPECT_TRUE(figure->text().startsWith(open)); // "0.42 s → 0.28 s"

        p.press(Qt::Key_Space);
        ASSERT_EQ(p.session().station, Station::Proof);
        auto* note = p.find<QPlainTextEdit>(QStringLiteral("note"));
        note->setFocus();
        QTest::keyClicks(note, QStringLiteral("dry and quick"));
        EXPECT_EQ(p.session().note, "dry and quick");
        EXPECT_TRUE(p.find<ProofPicture>(QStringLiteral("proofPicture"))
                        ->accessibleDescription()
                        .contains(QStringLiteral("Batter edge pitch: wanted")));
        p.click(QStringLiteral("asTable"));
        EXPECT_EQ(p.find<QTableWidget>(QStringLiteral("proof"))->rowCount(), 10);
        p.find<QPushButton>(QStringLiteral("primary"))->setFocus(); // in the note a T is a T
        p.press(Qt::Key_T);
        EXPECT_TRUE(p.find<ProofPicture>(QStringLiteral("proofPicture"))->isVisible());
        p.click(QStringLiteral("primary"));
        EXPECT_EQ(stationState(p.session(), Station::Proof), StationState::Done);
        finished = testing::textOf(p.session());
        id = p.controller.sessionId();
    }
    Program again(book());
    EXPECT_EQ(again.controller.sessionId(), id);
    EXPECT_EQ(testing::textOf(again.session()), finished); // everything is there
    again.click(QStringLiteral("logbook"));
    again.click(QStringLiteral("asList"));
    const QAbstractItemModel* log = again.find<QTableView>(QStringLiteral("log"))->model();
    EXPECT_EQ(log->index(0, 1).data().toString(), QStringLiteral("Plover"));
    EXPECT_EQ(log->index(0, 8).data().toString(), QStringLiteral("dry and quick"));
    again.click(QStringLiteral("openAsItWas"));
    EXPECT_NE(again.controller.sessionId(), id);
    EXPECT_EQ(again.session().pads.size(), 2U);
    EXPECT_EQ(again.session().station, Station::Proof);
}

TEST_F(Journey, AnInterruptedRoundIsFoundAgain) {
    {
        Program p(book());
        chooseChase(p);
        p.click(QStringLiteral("fingerTight"));
        p.press(Qt::Key_Space);
        p.press(Qt::Key_Space);
        EXPECT_EQ(p.session().snareSide.group, 2);
        EXPECT_EQ(p.find<QLabel>(QStringLiteral("count"))->text(),
                  QStringLiteral("pair 3 of 4\nround 1 of 8"));
    }
    {
        Program p(book());
        EXPECT_EQ(p.find<QLabel>(QStringLiteral("count"))->text(),
                  QStringLiteral("pair 3 of 4\nround 1 of 8"));
        p.settings.setPracticeRoom(
            {.kind = RoomKind::Dry}); // a head two pairs up from slack hardly sounds in a room
        p.click(QStringLiteral("listenNow"));
        auto* hoop = p.find<HoopView>(QStringLiteral("hoop"));
        p.clickAt(hoop, {hoop->map().xOf(4), hoop->map().strip().center().y()});
        p.click(QStringLiteral("startHere"));
        p.click(QStringLiteral("otherWay"));
        EXPECT_EQ(p.session().snareSide.startRod, 4);
        ASSERT_TRUE(p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.rodsHeard() == 2; }));
    }
    Program p(book());
    const HeadWork& work = p.session().snareSide;
    EXPECT_EQ(work.rodsHeard(), 2);
    EXPECT_EQ(work.direction, Direction::Clockwise);
    EXPECT_EQ(nextRodToTap(work), 2); // 5, 4, then rod 3
    EXPECT_EQ(p.find<QLabel>(QStringLiteral("step"))->text(), QStringLiteral("Rod 3"));
}

TEST_F(Journey, UndoGoesBackOverTheWholeSessionEvenAfterReopening) {
    {
        Program p(book());
        chooseChase(p);
        p.click(QStringLiteral("fingerTight"));
        for (int i = 0; i < 4; ++i)
            p.press(Qt::Key_Space);
        EXPECT_EQ(p.session().snareSide.rodTurns[0], Turns{0.5});
    }
    Program p(book());
    p.click(QStringLiteral("undo"));
    p.press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(p.session().snareSide.group, 2);
    for (int i = 0; i < 10 && p.controller.undoStack().canUndo(); ++i)
        p.controller.undoStack().undo();
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::FingerTight);
    EXPECT_EQ(p.session().toneAt, 0);
    while (p.controller.undoStack().canRedo())
        p.controller.undoStack().redo();
    EXPECT_EQ(p.session().snareSide.rodTurns[0], Turns{0.5});
}

TEST_F(Journey, MiscountedRodIsCorrected) {
    Program p(book());
    chooseChase(p);
    p.click(QStringLiteral("fingerTight"));
    for (int i = 0; i < 4; ++i)
        p.press(Qt::Key_Space);
    auto* hoop = p.find<HoopView>(QStringLiteral("hoop"));
    p.clickAt(hoop, {hoop->map().xOf(4), hoop->map().strip().center().y()});
    EXPECT_TRUE(p.find<QLabel>(QStringLiteral("rodText"))->text().startsWith(QStringLiteral("rod 5")));
    p.click(QStringLiteral("moreTurned"));
    EXPECT_EQ(p.session().snareSide.rodTurns[4], Turns{0.625});
}

TEST_F(Journey, AnotherDrumHasAnotherSessionAndBothAreKept) {
    Program p(book());
    chooseChase(p);
    p.click(QStringLiteral("fingerTight"));
    p.click(QStringLiteral("station-0"));
    p.click(QStringLiteral("drum-wren"));
    EXPECT_EQ(p.session().drum.name, "Wren");
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::FingerTight);
    EXPECT_EQ(p.session().snareSide.rodTurns.size(), 6U);
    p.click(QStringLiteral("drum-plover"));
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::Raising);
    p.click(QStringLiteral("startFresh"));
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::FingerTight);
}

TEST_F(Journey, AnotherToneAsksForAnotherRound) {
    Program p(book());
    chooseChase(p);
    ASSERT_TRUE(p.spaceUntil(HeadSide::SnareSide, isDone));
    p.click(QStringLiteral("station-1"));
    p.click(QStringLiteral("tone-storm"));
    p.click(QStringLiteral("station-2"));
    EXPECT_EQ(stationState(p.session(), Station::SnareSide), StationState::Stale);
    EXPECT_EQ(p.find<QLabel>(QStringLiteral("step"))->text(), QStringLiteral("Tap the round"));
    p.press(Qt::Key_Space);
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::Tapping);
    ASSERT_TRUE(p.spaceUntil(HeadSide::SnareSide, isDone));
    EXPECT_EQ(stationState(p.session(), Station::SnareSide), StationState::Done);
}

TEST_F(Journey, AHeadIsStartedAgainAndUndoBringsItBack) {
    Program p(book());
    chooseChase(p);
    p.click(QStringLiteral("fingerTight"));
    for (int i = 0; i < 3; ++i)
        p.press(Qt::Key_Space);
    QTimer::singleShot(0, &p.window, [&p] {
        auto* ledger = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        ASSERT_NE(ledger, nullptr);
        EXPECT_EQ(ledger->findChild<QTableWidget*>(QStringLiteral("lines"))->rowCount(), 3);
        p.click(QStringLiteral("again"));
    });
    p.click(QStringLiteral("ledgerButton"));
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::FingerTight);
    p.click(QStringLiteral("undo"));
    EXPECT_EQ(p.session().snareSide.group, 3);
}

TEST_F(Journey, StandViewGoesOnWithTheSpaceBarAndPageTurner) {
    Program p(book());
    chooseChase(p);
    p.press(Qt::Key_F11);
    ASSERT_TRUE(p.waitFor([&] { return p.window.isStandViewOpen(); }));
    auto* stand = p.find<StandView>(QStringLiteral("stand"));
    EXPECT_TRUE(stand->accessibleDescription().contains(QStringLiteral("Off and away")));
    while (p.session().snareSide.stage == HeadStage::FingerTight)
        QTest::keyClick(stand, Qt::Key_Space);
    EXPECT_EQ(p.session().snareSide.stage, HeadStage::Raising);
    QTest::keyClick(stand, Qt::Key_PageDown);
    EXPECT_EQ(p.session().snareSide.group, 1);
    EXPECT_TRUE(stand->accessibleDescription().contains(QStringLiteral("1/2 turn tighter")));
    QTest::keyClick(stand, Qt::Key_Escape);
    ASSERT_TRUE(p.waitFor([&] { return !p.window.isStandViewOpen(); }));
}

TEST_F(Journey, WiresOnARealDrumAreTicked) {
    Program p(book());
    chooseChase(p);
    p.controller.ear().chooseSource(SoundSource::File); // no practice drum: the user says what was heard
    p.click(QStringLiteral("station-4"));
    p.press(Qt::Key_Space);
    EXPECT_TRUE(p.session().wires.begun);
    p.press(Qt::Key_N); // the first stroke was not answered
    ASSERT_EQ(p.session().wires.tests.size(), 1U);
    EXPECT_FALSE(p.session().wires.tests[0].answered);
    p.press(Qt::Key_Space); // the next was
    ASSERT_EQ(p.session().wires.tests.size(), 2U);
    EXPECT_TRUE(p.session().wires.tests[1].answered);
    p.click(QStringLiteral("rattle")); // it rattles on, or does not
    ASSERT_EQ(p.session().wires.rattles.size(), 1U);
    EXPECT_FALSE(p.session().wires.rattles[0].rattled);
    p.click(QStringLiteral("rattle"));
    EXPECT_TRUE(p.session().wires.rattles[0].rattled);
    const Turns before = p.session().wires.strainer;
    p.click(QStringLiteral("knob2"));
    EXPECT_EQ(p.session().wires.strainer, before + Turns{0.125});
    p.click(QStringLiteral("answer-1-0"));
    EXPECT_TRUE(p.session().wires.tests.back().answered);
    p.click(QStringLiteral("answer-1-0"));
    EXPECT_FALSE(p.session().wires.tests.back().answered);
}

TEST_F(Journey, PadsByMouseAndKeyboard) {
    Program p(book());
    chooseChase(p);
    p.click(QStringLiteral("station-5"));
    auto* head = p.find<HeadFromAbove>(QStringLiteral("head"));
    const HeadMap map = head->map();
    p.clickAt(head, map.toPixel(Metres{0.12}, Radians{1.0}));
    ASSERT_EQ(p.session().pads.size(), 1U);
    EXPECT_NEAR(p.session().pads[0].fromCentre.value, 0.12, 0.001);
    // Drag it.
    const QPoint from = map.toPixel(p.session().pads[0].fromCentre, p.session().pads[0].angle).toPoint();
    const QPoint to = map.toPixel(Metres{0.10}, Radians{2.0}).toPoint();
    QTest::mousePress(head, Qt::LeftButton, Qt::NoModifier, from);
    QMouseEvent move(QEvent::MouseMove, to, head->mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                     Qt::NoModifier);
    QApplication::sendEvent(head, &move);
    QTest::mouseRelease(head, Qt::LeftButton, Qt::NoModifier, to);
    EXPECT_NEAR(p.session().pads[0].angle.value, 2.0, 0.02);
    // Nudge it, refuse the landing area, take it off.
    head->setFocus();
    QTest::keyClick(head, Qt::Key_Up);
    EXPECT_NEAR(p.session().pads[0].fromCentre.value, 0.105, 0.001);
    for (int i = 0; i < 15; ++i)
        QTest::keyClick(head, Qt::Key_Down);
    EXPECT_GT(p.session().pads[0].fromCentre.value, kLandingArea * 0.165);
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("stick lands")));
    QTest::keyClick(head, Qt::Key_Delete);
    EXPECT_TRUE(p.session().pads.empty());
}

} // namespace journey_test
} // namespace bombo
