#include "tour.h"
#include "core/record/wires_say.h"

#include "app/card/card_dialog.h"
#include "app/drum/fit_dialog.h"
#include "app/drum/sessions_dialog.h"
#include "app/faults/causes_strip.h"
#include "app/faults/fault_drawing.h"
#include "app/faults/fault_words.h"
#include "app/head/ledger_dialog.h"
#include "app/help/help_window.h"
#include "app/hurry/hurry_dialog.h"
#include "app/listening/clock_dialog.h"
#include "app/listening/ear.h"
#include "app/listening/listening_strip.h"
#include "app/listening/microphone_dialog.h"
#include "app/logbook/bin_dialog.h"
#include "app/logbook/set_list_dialog.h"
#include "app/practice/practice_page.h"
#include "app/preferences/preferences_dialog.h"
#include "app/proof/proof_sheet.h"
#include "app/reminder/reminder_dialog.h"
#include "store/resources.h"

#include <QApplication>
#include <QLineEdit>
#include <QPainter>
#include <QPixmap>
#include <QTabBar>
#include <QTabWidget>

namespace bombo::testing {
namespace {

/// The pitch card half heard and full, on the drum as it stands.
void takeCard(Program& p, Visitor& visitor) {
    CardDialog dialog(p.controller, &p.window);
    dialog.show();
    int taps = 0;
    while (nextPlace(p.session().card)) {
        dialog.findChild<QPushButton*>(QStringLiteral("cardTap"))->click();
        if (!p.waitFor([&] { return !p.controller.ear().listener().isReading(); }))
            throw std::runtime_error("the card does not listen");
        if (++taps == 5)
            visitor.see(QStringLiteral("pitch-card-begun"), dialog);
    }
    visitor.see(QStringLiteral("pitch-card"), dialog);
}

void takeClock(Program& p, Visitor& visitor) {
    ClockDialog dialog(p.controller, &p.window);
    dialog.show();
    visitor.see(QStringLiteral("clock"), dialog);
}

ListeningStrip* visibleStrip(Program& p) {
    QApplication::processEvents();
    for (auto* strip : p.window.findChildren<ListeningStrip*>())
        if (strip->isVisible())
            return strip;
    throw std::runtime_error("no listening strip in front");
}

/// The strip after a clear tap and after a rough one, in a hall from afar; the microphone checked there and
/// nearby.
void takeListening(Program& p, Visitor& visitor) {
    const auto strip = [&] {
        visitor.glance(*visibleStrip(p));
        return visibleStrip(p)->grab();
    };
    const QPixmap clear = strip();
    const PracticeRoom usual = p.settings.practiceRoom();
    PracticeRoom hall = usual;
    hall.kind = RoomKind::Hall;
    hall.distance = RoomDistance::Far;
    p.settings.setPracticeRoom(hall);
    const auto rough = [&] {
        return p.controller.ear().lastReading() &&
               p.controller.ear().lastReading()->verdict == Verdict::Rough;
    };
    for (int tap = 0; tap < 30 && !rough(); ++tap) {
        p.click(QStringLiteral("primary"));
        p.waitFor([&] { return !p.controller.ear().listener().isReading(); });
    }
    const QPixmap blurred = strip();
    const auto check = [&] {
        MicrophoneDialog dialog(p.controller, &p.window);
        dialog.show();
        auto* device = dialog.findChild<QComboBox*>(QStringLiteral("checkDevice"));
        device->setCurrentIndex(device->count() - 1);
        emit device->activated(device->count() - 1);
        auto* strike = dialog.findChild<QPushButton*>(QStringLiteral("checkStrike"));
        while (strike->isEnabled()) {
            strike->click();
            p.waitFor([&] { return !p.controller.ear().listener().isReading(); });
            QApplication::processEvents();
        }
        visitor.glance(dialog);
        return dialog.grab();
    };
    const QPixmap far = check();
    p.settings.setPracticeRoom(usual);
    const QPixmap near = check();
    constexpr int gap = 16;
    QPixmap all(clear.width() + far.width() + 3 * gap,
                std::max(clear.height() + blurred.height(), far.height() + near.height()) + 3 * gap);
    all.fill(ink().paper);
    QPainter painter(&all);
    painter.drawPixmap(gap, gap, clear);
    painter.drawPixmap(gap, 2 * gap + clear.height(), blurred);
    painter.drawPixmap(2 * gap + clear.width(), gap, near);
    painter.drawPixmap(2 * gap + clear.width(), 2 * gap + near.height(), far);
    painter.end();
    visitor.keep(QStringLiteral("listening"), all);
}

/// Fit and buzz, as a player of the picture house would fill them.
void takeWires(Program& p, Visitor& visitor) {
    auto* views = p.find<QTabBar>(QStringLiteral("wireViews"));
    views->setCurrentIndex(0);
    visitor.see(QStringLiteral("wires-fit-unmeasured"), p.window);
    WireLayout layout = p.session().layout.value_or(WireLayout{});
    layout.strands = Metres{0.288};
    layout.plate = Metres{0.018};
    layout.travel = Turns{8.0};
    layout.strainerGap = Metres{0.0065};
    layout.buttGap = Metres{0.0005};
    p.controller.perform(MeasureWires{layout});
    visitor.see(QStringLiteral("wires-fit"), p.window);
    views->setCurrentIndex(2);
    p.controller.perform(SetNeighbours{{neighbourAt("high tom", NeighbourKind::Tom, Hertz{185}),
                                        neighbourAt("low tom", NeighbourKind::Tom, Hertz{98}),
                                        neighbourAt("big drum", NeighbourKind::BassDrum, Hertz{58}),
                                        neighbourAt("organ pedal", NeighbourKind::BassNote, Hertz{82.4})}});
    visitor.see(QStringLiteral("wires-buzz"), p.window);
    views->setCurrentIndex(1);
}

/// So many strokes at a station that hears them.
void strike(Program& p, int strokes) {
    for (int i = 0; i < strokes; ++i) {
        const int before = p.session().clock;
        p.click(QStringLiteral("stroke"));
        p.waitFor([&] { return p.session().clock != before && !p.controller.ear().listener().isReading(); });
    }
}

/// Open ring, what would shorten it, things laid, a microphone, a thing of one's own.
void takeMuffling(Program& p, Visitor& visitor) {
    strike(p, 3);
    auto* views = p.find<QTabBar>(QStringLiteral("mufflingViews"));
    views->setCurrentIndex(1);
    visitor.see(QStringLiteral("muffling-ways"), p.window);
    views->setCurrentIndex(0);
    p.click(QStringLiteral("addPad"));
    p.choose(QStringLiteral("padKind"), 11);
    p.click(QStringLiteral("addPad"));
    p.click(QStringLiteral("closeMicrophone"));
    strike(p, 2);
    visitor.see(QStringLiteral("muffling"), p.window);
    views->setCurrentIndex(2);
    visitor.see(QStringLiteral("muffling-own"), p.window);
    views->setCurrentIndex(0);
    p.controller.perform(RemovePad{1});
    p.find<QPushButton>(QStringLiteral("primary"))->setFocus();
}

void takeProof(Program& p, Visitor& visitor) {
    p.controller.setNote(QStringLiteral("Dry and quick. The chase scene stays apart even in the back row."));
    strike(p, 20);
    p.click(QStringLiteral("star4"));
    visitor.see(QStringLiteral("proof"), p.window);
    auto* views = p.find<QTabBar>(QStringLiteral("proofViews"));
    views->setCurrentIndex(1);
    visitor.see(QStringLiteral("proof-strokes"), p.window);
    views->setCurrentIndex(2);
    p.controller.perform(BeginExperiment{"knob a quarter looser"});
    p.controller.ear().keepStrokeSound(Take::Before);
    p.controller.perform(SetStrainer{p.session().wires.strainer - Turns{0.25}});
    strike(p, 3);
    visitor.see(QStringLiteral("proof-one-change"), p.window);
    p.click(QStringLiteral("experimentBack"));
    views->setCurrentIndex(0);
    QPixmap page(1240, 1754);
    page.fill(Qt::white);
    QPainter painter(&page);
    paintSheet(painter, QRectF(90, 90, 1060, 1574),
               sheetOf(p.controller.reckoned(), QStringLiteral("26 November 2026")));
    painter.end();
    visitor.keep(QStringLiteral("proof-page"), page);
    const std::vector<Entry> entries = p.controller.entries();
    page.fill(Qt::white);
    painter.begin(&page);
    paintSheet(painter, QRectF(90, 90, 1060, 1574),
               sheetOf(entries.back(), p.session().drum, QStringLiteral("Chase"), p.session(),
                       QStringLiteral("26 November 2026")));
    painter.end();
    visitor.keep(QStringLiteral("entry-page"), page);
}

void takeDialogs(Program& p, Visitor& visitor) {
    LedgerDialog ledger(p.controller, HeadSide::SnareSide, &p.window);
    ledger.show();
    visitor.see(QStringLiteral("ledger"), ledger);
    ledger.close();
    HurryDialog hurry(p.controller, &p.window);
    hurry.show();
    visitor.see(QStringLiteral("hurry"), hurry);
    hurry.close();
    ReminderDialog reminder(p.controller, &p.window);
    reminder.show();
    visitor.see(QStringLiteral("reminder"), reminder);
    reminder.close();
    SessionsDialog sessions(p.controller, &p.window);
    sessions.show();
    visitor.see(QStringLiteral("sessions"), sessions);
    sessions.close();
    p.controller.deleteEntries({p.controller.entries().front().id}, true);
    BinDialog bin(p.controller, &p.window);
    bin.show();
    visitor.see(QStringLiteral("bin"), bin);
    bin.close();
    p.controller.deleteEntries({p.controller.bin().front().id}, false);
    FitDialog fit(p.session().drum, HeadSide::Batter, {}, {}, &p.window);
    fit.show();
    visitor.see(QStringLiteral("new-head"), fit);
    fit.close();
}

/// Every drawing of what to do, on one sheet.
QPixmap allDrawings() {
    constexpr int across = 8;
    constexpr int side = 200;
    const std::vector<FaultTest>& tests = faultNet().tests;
    const int rows = (static_cast<int>(tests.size()) + across - 1) / across;
    QPixmap sheet(across * side, rows * side);
    sheet.fill(ink().card);
    QPainter painter(&sheet);
    for (int i = 0; i < static_cast<int>(tests.size()); ++i)
        paintFaultDrawing(painter,
                          QRectF(i % across * side + 10, i / across * side + 10, side - 20, side - 20),
                          tests[static_cast<std::size_t>(i)].drawing, 8, 20);
    return sheet;
}

/// From a complaint by a few answers to a cause, its remedy, and that it helped.
void takeFaults(Program& p, Visitor& visitor) {
    visitor.keep(QStringLiteral("fault-drawings"), allDrawings());
    p.click(QStringLiteral("faults"));
    visitor.see(QStringLiteral("faults-complaints"), p.window);
    p.click(QStringLiteral("complaint-buzz_always"));
    visitor.see(QStringLiteral("faults-question"), p.window);
    const QSize size = p.window.size();
    p.window.activateWindow(); // a dialog was in front before
    p.waitFor([&] { return p.window.isActiveWindow(); });
    p.press(Qt::Key_F11);
    p.window.showNormal(); // the screen of the offscreen platform is smaller
    p.window.resize(size);
    visitor.see(QStringLiteral("faults-stand"), p.window);
    p.press(Qt::Key_F11);
    p.window.resize(size);
    p.press(Qt::Key_2);
    p.press(Qt::Key_1);
    p.waitFor([&] { return !p.window.findChild<CausesStrip*>()->isMoving(); });
    visitor.see(QStringLiteral("faults"), p.window);
    for (int answers = 0;
         answers < 10 && p.window.findChild<QWidget*>(QStringLiteral("faultNotSure"))->isVisible(); ++answers)
        p.press(answers % 2 == 0 ? Qt::Key_1 : Qt::Key_Space);
    visitor.see(QStringLiteral("faults-cause"), p.window);
    p.press(Qt::Key_Space);
    visitor.see(QStringLiteral("faults-remedy"), p.window);
    p.click(QStringLiteral("helped-0"));
    visitor.see(QStringLiteral("faults-gone"), p.window);
}

/// The exercises, a round for the ear right down to twelve cents, and a drum to put right.
void takePractice(Program& p, Visitor& visitor) {
    for (const auto& [day, threshold] : {std::pair{0, 31.0}, {3, 24.0}, {9, 18.0}, {16, 15.0}})
        p.controller.perform(KeepEarResult{{1'790'000'000 + day * 86400, "", "higher", threshold, 0.2, 30}});
    for (const auto& [day, off] : {std::pair{1, 27.0}, {4, 14.0}, {11, 6.0}}) {
        TuningResult result;
        result.at = 1'790'000'000 + day * 86400;
        result.task = "one_rod";
        result.help = "figures";
        result.widestAfter = off;
        result.placements = 4;
        p.controller.perform(KeepTuningResult{result});
    }
    p.click(QStringLiteral("practice"));
    visitor.see(QStringLiteral("practice"), p.window);
    p.click(QStringLiteral("ear-higher"));
    EarRound& ear = p.window.findChild<PracticePage*>()->ear();
    for (int pair = 0; pair < 16; ++pair)
        ear.takeKey((ear.due() == 1) == (ear.difference() > 12.0 || pair % 2 == 0) ? Qt::Key_2 : Qt::Key_1);
    const auto dismissNotices = [&] { // where there is no output it says so
        for (auto* dismiss : p.window.noticeBar()->findChildren<QPushButton*>())
            dismiss->click();
    };
    dismissNotices();
    visitor.see(QStringLiteral("practice-ear"), p.window);
    p.click(QStringLiteral("earStop"));
    p.find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(1);
    visitor.see(QStringLiteral("practice-drums"), p.window);
    p.click(QStringLiteral("task-uneven"));
    dismissNotices();
    const TuningBench& bench = p.window.findChild<PracticePage*>()->bench();
    for (int taps = 0; taps < 40 && !bench.job().isRoundWhole(); ++taps)
        p.press(Qt::Key_Space);
    dismissNotices();
    visitor.see(QStringLiteral("practice-drum"), p.window);
    p.find<HoopView>(QStringLiteral("tuningHoop"))->select(0);
    const TuningScore score = bench.job().score(Cents{8.0});
    for (std::size_t rod = 0; rod < score.best.size(); ++rod) {
        const int steps = static_cast<int>(score.best[rod].value * 16.0);
        for (int step = 0; step < std::abs(steps) && rod != 2; ++step)
            p.press(steps > 0 ? Qt::Key_Up : Qt::Key_Down);
        p.press(Qt::Key_Right);
    }
    p.press(Qt::Key_D);
    visitor.see(QStringLiteral("practice-score"), p.window);
    p.click(QStringLiteral("tuningLeave"));
    p.click(QStringLiteral("task-choked_wires"));
    p.press(Qt::Key_Space);
    p.press(Qt::Key_L);
    dismissNotices();
    visitor.see(QStringLiteral("practice-wires"), p.window);
    p.click(QStringLiteral("tuningLeave"));
    p.click(QStringLiteral("task-worn_head"));
    for (int taps = 0; taps < 40 && !bench.job().isRoundWhole(); ++taps)
        p.press(Qt::Key_Space);
    dismissNotices();
    visitor.see(QStringLiteral("practice-worn"), p.window);
    p.click(QStringLiteral("tuningLeave"));
    p.click(QStringLiteral("task-buzzing_tom"));
    p.press(Qt::Key_Space);
    dismissNotices();
    visitor.see(QStringLiteral("practice-tom"), p.window);
    p.press(Qt::Key_D);
    visitor.see(QStringLiteral("practice-tom-score"), p.window);
    p.click(QStringLiteral("tomLeave"));
    p.find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(0);
    p.click(QStringLiteral("ear-interval"));
    dismissNotices();
    visitor.see(QStringLiteral("practice-interval"), p.window);
    p.click(QStringLiteral("earStop"));
    p.find<QTabBar>(QStringLiteral("practiceTabs"))->setCurrentIndex(2);
    visitor.see(QStringLiteral("practice-hands"), p.window);
    for (const auto& [exercise, view, strokes] :
         {std::tuple{"turn_by_feel", "practice-feel", kTurnsByFeel + 1},
          {"even_backbeats", "practice-backbeats", 12}}) {
        p.click(QStringLiteral("hands-%1").arg(QLatin1String(exercise)));
        for (int stroke = 0; stroke < strokes; ++stroke) {
            p.press(Qt::Key_Space);
            p.waitFor([&] { return !p.controller.ear().isReading(); });
        }
        dismissNotices();
        visitor.see(QLatin1String(view), p.window);
        p.click(QStringLiteral("handsStop"));
    }
}

/// The page of settings, and the line that walks along.
void takeSettings(Program& p, Visitor& visitor) {
    PreferencesDialog settings(p.controller, &p.window);
    settings.show();
    settle();
    visitor.see(QStringLiteral("settings"), settings);
    settings.close();
    p.settings.setGuide(true);
    p.click(QStringLiteral("station-3"));
    visitor.see(QStringLiteral("guide"), p.window);
    p.click(QStringLiteral("guideDismiss"));
    for (auto* dismiss : p.window.noticeBar()->findChildren<QPushButton*>())
        dismiss->click();
}

/// The manual is in English whatever the window speaks: its pages are kept, their words not looked at.
void takeHelp(Program& p, Visitor& visitor) {
    HelpWindow help(&p.window);
    help.open(QStringLiteral("faults.md"));
    settle();
    visitor.keep(QStringLiteral("help"), help.grab());
    help.findChild<QLineEdit*>(QStringLiteral("helpSearch"))->setText(QStringLiteral("choked"));
    settle();
    const QPixmap found = help.grab();
    PreferencesDialog settings(p.controller, &p.window);
    settings.show();
    settle();
    const QPixmap page = settings.grab();
    constexpr int gap = 16;
    QPixmap both(found.width() + page.width() + 3 * gap, std::max(found.height(), page.height()) + 2 * gap);
    both.fill(ink().line);
    QPainter painter(&both);
    painter.drawPixmap(gap, gap, found);
    painter.drawPixmap(2 * gap + found.width(), gap, page);
    painter.end();
    visitor.keep(QStringLiteral("help-settings"), both);
}

/// A drum of one's own, and the start page at last.
void takeFirstDrum(Program& p, Visitor& visitor) {
    p.click(QStringLiteral("station-0"));
    for (auto* dismiss : p.window.noticeBar()->findChildren<QPushButton*>())
        dismiss->click(); // a note of before is none of these pages
    p.click(QStringLiteral("addDrum"));
    visitor.see(QStringLiteral("my-drum"), p.window);
    p.click(QStringLiteral("rods-2"));
    p.click(QStringLiteral("head-3"));
    p.click(QStringLiteral("primary"));
    visitor.see(QStringLiteral("purpose"), p.window);
    p.controller.closeWorkbook();
    visitor.see(QStringLiteral("start"), p.window);
}

} // namespace

void settle() {
    constexpr int levels = 8;
    for (int level = 0; level < levels; ++level)
        QApplication::processEvents();
}

void tour(Program& p, Visitor& visitor, QSize size) {
    visitor.see(QStringLiteral("drum"), p.window);
    p.click(QStringLiteral("station-1"));
    p.click(QStringLiteral("tone-chase"));
    visitor.see(QStringLiteral("tone"), p.window);
    auto* tabs = p.find<QTabWidget>(QStringLiteral("toneTabs"));
    tabs->setCurrentIndex(1);
    p.controller.perform(ChooseSchool{{.level = SnareSideLevel::Matched}});
    visitor.see(QStringLiteral("tone-schools"), p.window);
    p.controller.perform(ChooseSchool{});
    tabs->setCurrentIndex(2);
    p.click(QStringLiteral("motionAgainst"));
    visitor.see(QStringLiteral("tone-weather"), p.window);
    p.click(QStringLiteral("motionStill"));
    tabs->setCurrentIndex(3);
    visitor.see(QStringLiteral("tone-both-heads"), p.window);
    tabs->setCurrentIndex(0);
    p.press(Qt::Key_Space);
    visitor.see(QStringLiteral("snare-side-first-step"), p.window);
    for (int step = 0; step < 2; ++step)
        p.press(Qt::Key_Space);
    visitor.see(QStringLiteral("snare-side-let-down"), p.window);
    p.click(QStringLiteral("fingerTight"));
    p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.round == 1 && w.group == 2; });
    visitor.see(QStringLiteral("snare-side-raising"), p.window);
    p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.stage == HeadStage::Done; });
    takeDialogs(p, visitor);
    p.window.activateWindow();
    if (!QTest::qWaitForWindowActive(&p.window))
        throw std::runtime_error("the window is not in front");
    p.press(Qt::Key_Space);
    p.spaceUntil(HeadSide::Batter,
                 [](const HeadWork& w) { return w.stage == HeadStage::Tapping && w.rodsHeard() == 4; });
    visitor.see(QStringLiteral("batter-listening"), p.window);
    takeListening(p, visitor);
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Turning; });
    visitor.see(QStringLiteral("batter-evening"), p.window);
    p.controller.setNearestRod(5);
    visitor.see(QStringLiteral("batter-from-nearest"), p.window);
    p.controller.setNearestRod(std::nullopt);
    p.click(QStringLiteral("listenNow"));
    p.choose(QStringLiteral("tapKind"), 3);
    p.find<QPushButton>(QStringLiteral("primary"))->setFocus();
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.rodsHeard() == 3; });
    visitor.see(QStringLiteral("batter-hoop-gap"), p.window);
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Turning; });
    p.press(Qt::Key_F11);
    p.window.showNormal(); // the screen of the offscreen platform is smaller
    p.window.resize(size);
    visitor.see(QStringLiteral("stand-view"), p.window);
    p.press(Qt::Key_F11);
    p.window.resize(size);
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Done; });
    p.click(QStringLiteral("station-1"));
    tabs->setCurrentIndex(3);
    visitor.see(QStringLiteral("tone-heard"), p.window);
    tabs->setCurrentIndex(0);
    p.click(QStringLiteral("station-3"));
    visitor.see(QStringLiteral("batter-done"), p.window);
    takeCard(p, visitor);
    takeClock(p, visitor);
    p.press(Qt::Key_Space);
    p.spaceUntil([&] { return p.session().wires.tests.size() == 5; });
    visitor.see(QStringLiteral("wires"), p.window);
    takeWires(p, visitor);
    p.spaceUntil([&] {
        return !nextStroke(sweepOf(p.session())) &&
               nextStopOf(wireAdviceOf(p.session()), sweepOf(p.session())) == p.session().wires.strainer;
    });
    visitor.see(QStringLiteral("wires-set"), p.window);
    p.spaceUntil([&] { return p.session().station == Station::Muffling; });
    takeMuffling(p, visitor);
    p.press(Qt::Key_Space);
    takeProof(p, visitor);
    p.click(QStringLiteral("primary"));
    p.click(QStringLiteral("logbook"));
    for (auto* dismiss : p.window.noticeBar()->findChildren<QPushButton*>())
        dismiss->click();
    for (int back = 0; back < 4; ++back)
        QTest::keyClick(p.find<QWidget>(QStringLiteral("season")), Qt::Key_Left);
    visitor.see(QStringLiteral("logbook"), p.window);
    {
        SetListDialog show(p.controller);
        show.show();
        visitor.see(QStringLiteral("the-show"), show);
        show.findChild<QPushButton*>(QStringLiteral("playShow"))->click();
        auto* stand = show.findChild<QWidget*>(QStringLiteral("stand"));
        show.showNormal(); // the screen of the offscreen platform is smaller
        show.resize(size);
        const std::string inFront = p.session().drum.id;
        int presses = 0;
        for (; presses < 20 && !stand->accessibleDescription().contains(QStringLiteral("1/4")); ++presses)
            QTest::keyClick(stand, Qt::Key_Space);
        visitor.see(QStringLiteral("the-show-stand"), show);
        for (; presses > 0; --presses) // what was counted is taken back
            QTest::keyClick(stand, Qt::Key_Backspace);
        QTest::keyClick(stand, Qt::Key_Escape);
        p.controller.chooseDrum(inFront);
    }
    auto* log = p.find<QTabBar>(QStringLiteral("logTabs"));
    log->setCurrentIndex(1);
    visitor.see(QStringLiteral("logbook-differs"), p.window);
    log->setCurrentIndex(2);
    QTest::keyClick(p.find<QWidget>(QStringLiteral("season")),
                    Qt::Key_Right); // of the tone that is played most
    visitor.see(QStringLiteral("logbook-works"), p.window);
    QTest::keyClick(p.find<QWidget>(QStringLiteral("season")), Qt::Key_Left);
    log->setCurrentIndex(3);
    visitor.see(QStringLiteral("logbook-words"), p.window);
    p.click(QStringLiteral("asList"));
    visitor.see(QStringLiteral("logbook-list"), p.window);
    takeFaults(p, visitor);
    takePractice(p, visitor);
    takeHelp(p, visitor);
    takeSettings(p, visitor);
    takeFirstDrum(p, visitor);
}

} // namespace bombo::testing
