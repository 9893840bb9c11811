/// The jobs at a head station beside the straight one, through the real window: the steps before the count, a
/// head as it stands, silence and a gauge, resistance, the ledger, minutes before a show, reminders.
#include "app/listening/ear.h"
#include "core/record/heads_say.h"
#include "core/record/stations.h"
#include "driver.h"

#include "app/head/hoop_view.h"
#include "app/reminder/calendar_file.h"
#include "app/reminder/reminder_dialog.h"
#include "store/demo.h"

#include "support/full_disk.h"

#include <QApplication>
#include <QComboBox>
#include <QDateTimeEdit>
#include <QLabel>
#include <QSpinBox>
#include <QTableWidget>
#include <QTimer>
#include <gtest/gtest.h>

namespace bombo {
namespace head_job_test {

using testing::Program;

class HeadJob : public ::testing::Test {
protected:
    HeadJob() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        open();
        p().controller.goTo(Station::Batter);
    }
    void open() { m_program = std::make_unique<Program>(book()); }
    void close() { m_program.reset(); }
    Program& p() { return *m_program; }
    const HeadWork& work() { return p().session().batter; }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("season.bombo")); }
    QString text(const char* label) { return p().find<QLabel>(QString::fromLatin1(label))->text(); }
    void choose(const char* name, int index) { p().choose(QString::fromLatin1(name), index); }
    void focusPrimary() { p().find<QPushButton>(QStringLiteral("primary"))->setFocus(); }
    void fingerTight() {
        p().click(QStringLiteral("fingerTight"));
        ASSERT_EQ(work().stage, HeadStage::Raising);
    }
    bool until(const std::function<bool(const HeadWork&)>& done) {
        focusPrimary();
        return p().spaceUntil(HeadSide::Batter, done);
    }
    static bool isDone(const HeadWork& w) { return w.stage == HeadStage::Done; }
    /// What is done in the dialog that the next action opens.
    template <class F> void inDialog(F act) {
        QTimer::singleShot(0, &p().window, [act] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            ASSERT_NE(dialog, nullptr);
            act(*dialog);
        });
    }
    static void click(QDialog& dialog, const char* name) {
        auto* button = dialog.findChild<QPushButton*>(QString::fromLatin1(name));
        ASSERT_NE(button, nullptr);
        QTest::mouseClick(button, Qt::LeftButton);
    }

private:
    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(HeadJob, EveryStepSaysWhatWhyAndWhenItIsDone) {
    focusPrimary();
    const int steps =
        static_cast<int>(preparationOf(work(), briefFor(p().session(), HeadSide::Batter)).size());
    QStringList figures;
    for (int step = 1; step <= steps; ++step) {
        EXPECT_EQ(text("count"), QStringLiteral("step %1 of %2").arg(step).arg(steps));
        EXPECT_GT(text("detail").size(), 60);
        figures << text("step");
        p().press(Qt::Key_Space);
    }
    EXPECT_EQ(figures.removeDuplicates(), 0);
    EXPECT_EQ(work().stage, HeadStage::Raising);
    p().press(Qt::Key_Z, Qt::ControlModifier); // each step can be taken back
    EXPECT_EQ(work().stage, HeadStage::FingerTight);
}

TEST_F(HeadJob, AnInterruptedPreparationIsFoundAgain) {
    focusPrimary();
    for (int i = 0; i < 3; ++i)
        p().press(Qt::Key_Space);
    const QString step = text("step");
    close();
    open();
    EXPECT_EQ(text("step"), step);
    EXPECT_EQ(work().prepared, 3);
}

TEST_F(HeadJob, AHeadAsItStandsIsTappedAtOnceAndEvened) {
    // A drum gone off: it stands a few turns up, and nobody counted them.
    p().click(QStringLiteral("changeBegin"));
    choose("beginWith", 2);
    EXPECT_EQ(work().condition, HeadCondition::AsItStands);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("fingerTight"))->isEnabled());
    focusPrimary();
    p().press(Qt::Key_Space);
    p().press(Qt::Key_Space);
    EXPECT_EQ(work().stage, HeadStage::Tapping);
    EXPECT_EQ(work().meanTurns(), Turns{});
    ASSERT_TRUE(until(isDone));
    EXPECT_TRUE(work().withinTolerance);
    EXPECT_LE(work().history.size(), 5U);
}

TEST_F(HeadJob, ResistanceStopsTheTightening) {
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.round == 4; })); // a clear tone, far from the target
    p().click(QStringLiteral("resists"));
    EXPECT_TRUE(work().resists);
    EXPECT_EQ(work().stage, HeadStage::Tapping);
    EXPECT_TRUE(text("rodText").contains(QStringLiteral("nothing is tightened")));
    ASSERT_TRUE(until(isDone));
    EXPECT_TRUE(text("detail").contains(QStringLiteral("resists")));
    p().click(QStringLiteral("resists")); // the cause is cleared
    EXPECT_FALSE(work().resists);
    p().click(QStringLiteral("listenNow"));
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Turning; }));
}

TEST_F(HeadJob, TheLedgerCorrectsAndRetraces) {
    fingerTight();
    focusPrimary();
    for (int i = 0; i < 6; ++i)
        p().press(Qt::Key_Space);
    std::vector<Turns> stood;
    inDialog([&](QDialog& ledger) {
        auto* net = ledger.findChild<QTableWidget*>(QStringLiteral("net"));
        auto* lines = ledger.findChild<QTableWidget*>(QStringLiteral("lines"));
        ASSERT_EQ(lines->rowCount(), 6);
        net->setCurrentCell(4, 0);
        click(ledger, "countMore"); // "I did one too many on rod 5"
        EXPECT_EQ(lines->rowCount(), 7);
        EXPECT_TRUE(lines->item(0, 2)->text().contains(QStringLiteral("corrected")));
        EXPECT_EQ(net->currentRow(), 4);
        stood = work().rodTurns;
        click(ledger, "retrace");
    });
    p().click(QStringLiteral("ledgerButton"));
    EXPECT_EQ(work().rodTurns[4], Turns{});
    EXPECT_EQ(work().stage, HeadStage::Raising);
    // Dropped off its stand: finger-tight, equal rounds, then what rods have more.
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    EXPECT_EQ(work().rodTurns, stood);
    EXPECT_EQ(work().rodTurns[4], work().rodTurns[0] + Turns{0.125});
}

TEST_F(HeadJob, InSilenceByGaugeAndProvisionalUntilHeard) {
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    choose("tapKind", 2);
    EXPECT_TRUE(text("conditions").contains(QStringLiteral("provisional")));
    ASSERT_TRUE(until(isDone));
    EXPECT_TRUE(isProvisional(work()));
    EXPECT_EQ(stationState(p().session(), Station::Batter), StationState::Doing);
    EXPECT_TRUE(text("detail").contains(QStringLiteral("never read beside a pitch")));
    // Then it may be heard: the same turns by ear, and the gauge is worth something from now on.
    p().click(QStringLiteral("listenNow"));
    choose("tapKind", 0);
    ASSERT_TRUE(until([](const HeadWork& w) { return !isProvisional(w) && w.stage != HeadStage::Tapping; }));
    EXPECT_EQ(gaugePoints(p().session()).size(), 1U);
    EXPECT_EQ(p().controller.gaugeNames().size(), 1);
    // Its scale waits in the workbook for the next drum.
    p().controller.chooseDrum("wren");
    EXPECT_EQ(gaugePoints(p().session()).size(), 1U);
    p().controller.chooseGauge(QStringLiteral("another"));
    EXPECT_TRUE(gaugePoints(p().session()).empty());
    p().controller.chooseDrum("plover");
    EXPECT_EQ(gaugePoints(p().session()).size(), 1U); // its own, counted once
    // The reading is taken back: it is gone from the workbook as well.
    while (!gaugePoints(p().session()).empty())
        p().controller.undoStack().undo();
    EXPECT_TRUE(p().controller.gaugeNames().empty());
    p().controller.undoStack().redo();
    EXPECT_EQ(p().controller.gaugeNames().size(), 1);
}

TEST_F(HeadJob, AMarkIsTypedWhereTheDrumIsReal) {
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    p().controller.ear().chooseSource(SoundSource::Microphone);
    choose("tapKind", 2);
    auto* mark = p().find<QDoubleSpinBox>(QStringLiteral("mark"));
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("primary"))->isEnabled());
    mark->setFocus();
    mark->selectAll();
    QTest::keyClicks(mark, QStringLiteral("72.5"));
    QTest::keyClick(mark, Qt::Key_Return);
    ASSERT_EQ(work().rodsHeard(), 1);
    EXPECT_EQ(work().taps[0][0].gauge, 72.5);
    EXPECT_TRUE(mark->hasFocus()); // the next one can be typed at once
    EXPECT_EQ(text("step"), QStringLiteral("Rod 2"));
}

TEST_F(HeadJob, TheHoopGapTellsOppositeRodsApart) {
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Turning; }));
    p().click(QStringLiteral("listenNow"));
    choose("tapKind", 3);
    EXPECT_EQ(text("now"), QStringLiteral("Now measure the hoop gap"));
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage != HeadStage::Tapping; }));
    EXPECT_EQ(work().history.back().way.kind, TapKind::HoopGap);
    EXPECT_FALSE(isProvisional(work())); // the taps before it still hold
    const auto& moves = work().moves;
    EXPECT_TRUE(std::any_of(moves.begin(), moves.end(), [](const RodMove& m) { return m.rods.size() == 1; }));
    ASSERT_TRUE(until(isDone)); // the next rounds are heard again
    EXPECT_TRUE(work().withinTolerance);
}

TEST_F(HeadJob, GapAndFeelAreEnteredWhereTheDrumIsReal) {
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    p().controller.ear().chooseSource(SoundSource::Microphone);
    choose("tapKind", 3);
    auto* gap = p().find<QDoubleSpinBox>(QStringLiteral("mark"));
    EXPECT_EQ(gap->suffix(), QStringLiteral(" mm"));
    gap->setFocus();
    gap->selectAll();
    QTest::keyClicks(gap, QStringLiteral("9.25"));
    QTest::keyClick(gap, Qt::Key_Return);
    ASSERT_EQ(work().rodsHeard(), 1);
    EXPECT_EQ(work().taps[0][0].gauge, 9.25);
    choose("tapKind", 4); // another kind begins the round again
    EXPECT_EQ(work().rodsHeard(), 0);
    choose("feel", 1);
    p().click(QStringLiteral("primary"));
    ASSERT_EQ(work().rodsHeard(), 1);
    EXPECT_EQ(work().taps[0][0].gauge, -1.0);
    EXPECT_EQ(text("step"), QStringLiteral("Rod 2"));
}

TEST_F(HeadJob, BothAsOneAreRaisedBeforeEitherIsEvened) {
    School both = p().session().school;
    both.order = HeadOrder::BothAsOne;
    p().controller.perform(ChooseSchool{both});
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    EXPECT_EQ(text("step"), QStringLiteral("Raise the snare side"));
    p().press(Qt::Key_Space);
    EXPECT_EQ(p().session().station, Station::SnareSide);
    p().click(QStringLiteral("fingerTight"));
    focusPrimary();
    ASSERT_TRUE(
        p().spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    EXPECT_EQ(text("step"), QStringLiteral("Rod 1")); // both are up: now they are heard
    p().controller.goTo(Station::Batter);
    EXPECT_EQ(text("step"), QStringLiteral("Rod 1"));
}

TEST_F(HeadJob, StretchedOvernightAndBroughtDown) {
    p().click(QStringLiteral("changeBegin"));
    choose("seating", 3);
    choose("largestStep", 2);
    fingerTight();
    EXPECT_LE(work().countedRounds.front(), Turns{0.25});
    ASSERT_TRUE(until(isDone));
    EXPECT_TRUE(work().above);
    EXPECT_EQ(stationState(p().session(), Station::Batter), StationState::Doing);
    EXPECT_TRUE(text("detail").contains(QStringLiteral("overnight")));
    close(); // the night
    open();
    EXPECT_TRUE(work().above);
    EXPECT_EQ(p().find<QPushButton>(QStringLiteral("primary"))->text(), QStringLiteral("It has rested"));
    focusPrimary();
    p().press(Qt::Key_Space);
    ASSERT_EQ(work().stage, HeadStage::Turning);
    EXPECT_LT(work().moves.front().turns, Turns{});
    ASSERT_TRUE(until(isDone));
    EXPECT_FALSE(work().above);
    EXPECT_TRUE(work().withinTolerance);
    EXPECT_EQ(stationState(p().session(), Station::Batter), StationState::Done);
}

TEST_F(HeadJob, FiveMinutesBeforeTheShow) {
    inDialog([](QDialog& dialog) {
        auto* plan = dialog.findChild<QTableWidget*>(QStringLiteral("plan"));
        EXPECT_GE(plan->rowCount(), 4);
        auto* minutes = dialog.findChild<QDoubleSpinBox*>(QStringLiteral("minutes"));
        minutes->setValue(15);
        EXPECT_TRUE(plan->item(0, 2)->text().contains(QStringLiteral("snare side")));
        minutes->setValue(5);
        EXPECT_TRUE(plan->item(0, 2)->text().contains(QStringLiteral("batter")));
        click(dialog, "beginHurry");
    });
    p().press(Qt::Key_M, Qt::ControlModifier);
    ASSERT_TRUE(p().session().hurry);
    EXPECT_EQ(p().session().station, Station::Batter);
    EXPECT_EQ(work().stage, HeadStage::Tapping);
    EXPECT_TRUE(text("conditions").contains(QStringLiteral("stop by")));
    ASSERT_TRUE(until([](const HeadWork& w) { return !w.history.empty(); }));
    EXPECT_LE(work().moves.size(), 5U);
    for (const RodMove& move : work().moves)
        EXPECT_LE(std::abs(move.turns.value), 0.25);
    p().window.activateWindow(); // nobody does it here when a dialog goes
    ASSERT_TRUE(QTest::qWaitForWindowActive(&p().window));
    inDialog([](QDialog& dialog) { click(dialog, "endHurry"); });
    p().press(Qt::Key_M, Qt::ControlModifier);
    EXPECT_FALSE(p().session().hurry);
}

TEST_F(HeadJob, TheHoopIsLaidOutFromTheNearestRod) {
    fingerTight();
    auto* hoop = p().find<HoopView>(QStringLiteral("hoop"));
    const double before = hoop->map().xOf(6);
    p().clickAt(hoop, {before, hoop->map().strip().center().y()});
    p().click(QStringLiteral("nearest"));
    EXPECT_EQ(p().session().nearestRod, 6);
    EXPECT_NE(hoop->map().xOf(6), before);
    EXPECT_NEAR(hoop->map().xOf(6), hoop->map().field().center().x(), 0.6 * hoop->map().field().width() / 8);
    // The arrows walk as the rods lie: to the right of rod 7 comes rod 8, and after it rod 1.
    hoop->setFocus();
    QTest::keyClick(hoop, Qt::Key_Right);
    EXPECT_EQ(hoop->selected(), 7);
    QTest::keyClick(hoop, Qt::Key_Right);
    EXPECT_EQ(hoop->selected(), 0);
    // The upturned snare side lies the other way.
    p().controller.goTo(Station::SnareSide);
    auto* other = p().find<HoopView>(QStringLiteral("hoop"));
    EXPECT_GT(other->map().xOf(5), other->map().xOf(6));
    EXPECT_LT(other->map().xOf(7), other->map().xOf(6));
}

TEST_F(HeadJob, UnevenOnPurposeAndTheWayBack) {
    p().settings.setPracticeRoom({.kind = RoomKind::Dry}); // the words compare cents that a room would blur
    fingerTight();
    ASSERT_TRUE(until(isDone));
    const auto before = work().rodTurns;
    inDialog([](QDialog& dialog) {
        EXPECT_TRUE(dialog.findChild<QLabel*>(QStringLiteral("trialDoes"))
                        ->text()
                        .contains(QStringLiteral("wavers")));
        auto* first = dialog.findChild<QSpinBox*>(QStringLiteral("trialFirst"));
        first->setValue(8); // rods 8 and 1: neighbours round the strainer
        click(dialog, "beginTrial");
    });
    p().click(QStringLiteral("trial"));
    ASSERT_TRUE(work().trial);
    EXPECT_EQ(work().trial->rods, (std::vector<int>{0, 7}));
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    ASSERT_TRUE(until(isDone));
    EXPECT_EQ(text("now"), QStringLiteral("Uneven on purpose"));
    EXPECT_TRUE(text("detail").contains(QStringLiteral("of the prediction")));
    p().click(QStringLiteral("trial")); // the way back
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping; }));
    EXPECT_EQ(work().rodTurns, before);
}

TEST_F(HeadJob, ASkipThatMissesRodsIsNamed) {
    p().click(QStringLiteral("changeBegin"));
    auto* path = p().find<QComboBox>(QStringLiteral("turnPath"));
    const auto give = [&](const QString& skip) {
        QTimer::singleShot(0, &p().window, [skip] {
            auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
            ASSERT_NE(dialog, nullptr);
            auto* box = dialog->findChild<QSpinBox*>();
            box->selectAll();
            QTest::keyClicks(box, skip);
            QTest::keyClick(box, Qt::Key_Return);
        });
        path->setFocus();
        QTest::keyClick(path, Qt::Key_End);
    };
    give(QStringLiteral("2"));
    EXPECT_EQ(p().session().path, Path::OppositePairs);
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("rods 2, 4, 6 and 8")));
    give(QStringLiteral("3"));
    EXPECT_EQ(p().session().path, Path::OwnSkip);
    fingerTight();
    focusPrimary();
    QStringList order;
    for (int i = 0; i < 8; ++i) {
        order << text("now").section(QLatin1Char(' '), -1);
        p().press(Qt::Key_Space);
    }
    EXPECT_EQ(order, (QStringList{"1", "4", "7", "2", "5", "8", "3", "6"}));
}

TEST_F(HeadJob, ALeftHandGoesRoundTheOtherWay) {
    p().controller.setLeftHanded(true);
    p().click(QStringLiteral("station-0"));
    p().click(QStringLiteral("drum-wren")); // a session that begins now
    EXPECT_EQ(p().session().batter.direction, Direction::Clockwise);
    p().click(QStringLiteral("drum-plover"));
    EXPECT_EQ(work().direction, Direction::Clockwise);
    p().controller.goTo(Station::Batter);
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return w.stage == HeadStage::Tapping && w.rodsHeard() == 1; }));
    EXPECT_EQ(text("step"), QStringLiteral("Rod 8"));
}

TEST_F(HeadJob, AReminderIsKeptAndShownWhenItIsDue) {
    inDialog([](QDialog& dialog) {
        click(dialog, "inDays7");
        click(dialog, "setReminder");
    });
    p().press(Qt::Key_R, Qt::ControlModifier);
    ASSERT_TRUE(p().session().reminder);
    const qint64 days = (p().session().reminder->due - QDateTime::currentSecsSinceEpoch()) / 86400;
    EXPECT_GE(days, 5);
    EXPECT_LE(days, 7);
    const qint64 past = QDateTime::currentSecsSinceEpoch() - 60;
    p().controller.perform(SetReminder{Reminder{ReminderKind::RestOver, past}});
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("has rested")));
    // At the next start, too, with another drum in front.
    p().controller.chooseDrum("wren");
    close();
    open();
    EXPECT_EQ(p().session().drum.id, "wren");
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("has rested")));
    // The round it asked for makes it quiet.
    p().controller.chooseDrum("plover");
    p().controller.goTo(Station::Batter);
    fingerTight();
    ASSERT_TRUE(until([](const HeadWork& w) { return !w.history.empty(); }));
    EXPECT_FALSE(p().session().reminder);
}

TEST_F(HeadJob, TheCalendarFileIsWhatCalendarsRead) {
    ReminderDialog dialog(p().controller, &p().window);
    dialog.findChild<QDateTimeEdit*>(QStringLiteral("reminderWhen"))
        ->setDateTime(QDateTime(QDate(2027, 1, 31), QTime(10, 0), Qt::UTC));
    const QString path = p().path(QStringLiteral("rest.ics"));
    ASSERT_TRUE(dialog.saveCalendar(path));
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray text = file.readAll();
    EXPECT_TRUE(text.startsWith("BEGIN:VCALENDAR\r\nVERSION:2.0\r\n"));
    EXPECT_TRUE(text.endsWith("END:VEVENT\r\nEND:VCALENDAR\r\n"));
    EXPECT_TRUE(text.contains("\r\nDTSTART:20270131T100000Z\r\n"));
    EXPECT_TRUE(text.contains("SUMMARY:Plover"));
    for (const QByteArray& line : text.split('\n'))
        EXPECT_LE(line.size(), 76); // 75 octets and the return
    {
        const testing::FullDisk full(100);
        EXPECT_FALSE(dialog.saveCalendar(path));
        EXPECT_FALSE(dialog.saveCalendar(p().path(QStringLiteral("other.ics"))));
    }
    ASSERT_TRUE(file.seek(0));
    EXPECT_EQ(file.readAll(), text);
    EXPECT_TRUE(QDir(p().folder.path()).entryList({QStringLiteral("other.ics*")}).isEmpty());
    EXPECT_FALSE(dialog.saveCalendar(QStringLiteral("/nowhere/at/all.ics")));
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("/nowhere/at/all.ics")));
}

TEST(CalendarFile, EscapesAndFoldsWithoutBreakingACharacter) {
    const QString drum = QStringLiteral("A; B, C\\ ") + QString(60, QChar(0x00E4));
    const QByteArray text =
        calendarFile({{1'800'000'000, reminderText({ReminderKind::Recheck, 1'800'000'000}, drum), {}, {}}},
                     QDateTime::fromSecsSinceEpoch(1'790'000'000));
    EXPECT_TRUE(text.contains("SUMMARY:A\\; B\\, C\\\\ "));
    QByteArray unfolded = text;
    unfolded.replace("\r\n ", "");
    EXPECT_TRUE(QString::fromUtf8(unfolded).contains(QString(60, QChar(0x00E4))));
    for (const QByteArray& line : text.split('\n'))
        EXPECT_LE(line.size(), 76);
}

TEST_F(HeadJob, StrokesAreHeardAtTheStationsAfterTheHeads) {
    for (const HeadSide side :
         {HeadSide::SnareSide, HeadSide::Batter}) { // slack heads ring longer than is listened
        ASSERT_TRUE(p().controller.perform(FingerTight{side}));
        while (p().session().head(side).stage == HeadStage::Raising)
            ASSERT_TRUE(p().controller.perform(GroupTurned{side}));
    }
    for (const Station station : {Station::Muffling, Station::Proof}) {
        p().controller.goTo(station);
        const int before = p().session().clock;
        p().click(QStringLiteral("stroke"));
        ASSERT_TRUE(p().waitFor([&] { return p().session().clock != before; }));
        EXPECT_TRUE(text("heardFigure").endsWith(QStringLiteral(" s")));
        EXPECT_TRUE(text("verdict").contains(QStringLiteral("centre"), Qt::CaseInsensitive));
    }
    EXPECT_EQ(p().session().strokes.size(), 2U);
    p().click(QStringLiteral("asTable"));
    const auto* table = p().find<QTableWidget>(QStringLiteral("proof"));
    bool measured = false;
    for (int row = 0; row < table->rowCount(); ++row)
        measured = measured || (table->item(row, 0)->text().startsWith(QStringLiteral("Ring")) &&
                                table->item(row, 3)->text() == QStringLiteral("measured"));
    EXPECT_TRUE(measured);
    p().controller.undoStack().undo(); // what was misheard is taken back
    EXPECT_EQ(p().session().strokes.size(), 1U);
    EXPECT_EQ(p().session().station, Station::Proof);
}

} // namespace head_job_test
} // namespace bombo
