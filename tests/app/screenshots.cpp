/// Draws every main view from the demo: bombo-screenshots FOLDER [day|night] [WIDTHxHEIGHT]. Used to refresh
/// docs/screenshots and to look at the program without a monitor.
#include "app/card/card_dialog.h"
#include "app/head/ledger_dialog.h"
#include "app/hurry/hurry_dialog.h"
#include "app/listening/clock_dialog.h"
#include "app/listening/ear.h"
#include "app/listening/listening_strip.h"
#include "app/listening/microphone_dialog.h"
#include "app/proof/proof_sheet.h"
#include "app/reminder/reminder_dialog.h"
#include "driver.h"

#include "store/demo.h"

#include <QApplication>
#include <QPainter>
#include <QPixmap>
#include <QTabBar>
#include <QTabWidget>
#include <iostream>

using namespace bombo;
using bombo::testing::Program;

namespace {

class Album {
public:
    Album(Program& program, QString folder) : m_program(program), m_folder(std::move(folder)) {}
    void take(const QString& name) { take(name, m_program.window); }
    void take(const QString& name, QWidget& window) {
        QApplication::processEvents();
        keep(name, window.grab());
    }

    void keep(const QString& name, const QPixmap& picture) {
        const QString path = QDir(m_folder).filePath(name + QStringLiteral(".png"));
        if (!picture.save(path))
            throw std::runtime_error("cannot write " + path.toStdString());
        std::cout << path.toStdString() << '\n';
    }

private:
    Program& m_program;
    QString m_folder;
};

/// The pitch card half heard and full, on the drum as it stands.
void takeCard(Program& p, Album& album) {
    CardDialog dialog(p.controller, &p.window);
    dialog.show();
    int taps = 0;
    while (nextPlace(p.session().card)) {
        dialog.findChild<QPushButton*>(QStringLiteral("cardTap"))->click();
        if (!p.waitFor([&] { return !p.controller.ear().listener().isReading(); }))
            throw std::runtime_error("the card does not listen");
        if (++taps == 5)
            album.take(QStringLiteral("pitch-card-begun"), dialog);
    }
    album.take(QStringLiteral("pitch-card"), dialog);
}

void takeClock(Program& p, Album& album) {
    ClockDialog dialog(p.controller, &p.window);
    dialog.show();
    album.take(QStringLiteral("clock"), dialog);
}

QPixmap visibleStrip(Program& p) {
    QApplication::processEvents();
    for (auto* strip : p.window.findChildren<ListeningStrip*>())
        if (strip->isVisible())
            return strip->grab();
    throw std::runtime_error("no listening strip in front");
}

/// The strip after a clear tap and after a rough one, in a hall from afar; the microphone checked there and
/// nearby.
void takeListening(Program& p, Album& album) {
    const QPixmap clear = visibleStrip(p);
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
    const QPixmap blurred = visibleStrip(p);
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
    album.keep(QStringLiteral("listening"), all);
}

/// Fit and buzz, as a player of the picture house would fill them.
void takeWires(Program& p, Album& album) {
    auto* views = p.find<QTabBar>(QStringLiteral("wireViews"));
    views->setCurrentIndex(0);
    album.take(QStringLiteral("wires-fit-unmeasured"));
    WireLayout layout = p.session().layout.value_or(WireLayout{});
    layout.strands = Metres{0.288};
    layout.plate = Metres{0.018};
    layout.travel = Turns{8.0};
    layout.strainerGap = Metres{0.0065};
    layout.buttGap = Metres{0.0005};
    p.controller.perform(MeasureWires{layout});
    album.take(QStringLiteral("wires-fit"));
    views->setCurrentIndex(2);
    p.controller.perform(SetNeighbours{{neighbourAt("high tom", NeighbourKind::Tom, Hertz{185}),
                                        neighbourAt("low tom", NeighbourKind::Tom, Hertz{98}),
                                        neighbourAt("bass drum", NeighbourKind::BassDrum, Hertz{58}),
                                        neighbourAt("organ pedal", NeighbourKind::BassNote, Hertz{82.4})}});
    album.take(QStringLiteral("wires-buzz"));
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
void takeMuffling(Program& p, Album& album) {
    strike(p, 3);
    auto* views = p.find<QTabBar>(QStringLiteral("mufflingViews"));
    views->setCurrentIndex(1);
    album.take(QStringLiteral("muffling-ways"));
    views->setCurrentIndex(0);
    p.click(QStringLiteral("addPad"));
    p.choose(QStringLiteral("padKind"), 11);
    p.click(QStringLiteral("addPad"));
    p.click(QStringLiteral("closeMicrophone"));
    strike(p, 2);
    album.take(QStringLiteral("muffling"));
    views->setCurrentIndex(2);
    album.take(QStringLiteral("muffling-own"));
    views->setCurrentIndex(0);
    p.controller.perform(RemovePad{1});
    p.find<QPushButton>(QStringLiteral("primary"))->setFocus();
}

void takeProof(Program& p, Album& album) {
    p.controller.setNote(QStringLiteral("Dry and quick. The chase scene stays apart even in the back row."));
    strike(p, 20);
    p.click(QStringLiteral("star4"));
    album.take(QStringLiteral("proof"));
    auto* views = p.find<QTabBar>(QStringLiteral("proofViews"));
    views->setCurrentIndex(1);
    album.take(QStringLiteral("proof-strokes"));
    views->setCurrentIndex(2);
    p.controller.perform(BeginExperiment{"knob a quarter looser"});
    p.controller.ear().keepStrokeSound(Take::Before);
    p.controller.perform(SetStrainer{p.session().wires.strainer - Turns{0.25}});
    strike(p, 3);
    album.take(QStringLiteral("proof-one-change"));
    p.click(QStringLiteral("experimentBack"));
    views->setCurrentIndex(0);
    QPixmap page(1240, 1754);
    page.fill(Qt::white);
    QPainter painter(&page);
    paintSheet(painter, QRectF(90, 90, 1060, 1574), p.session(), QStringLiteral("26 November 2026"));
    painter.end();
    album.keep(QStringLiteral("proof-page"), page);
}

void takeDialogs(Program& p, Album& album) {
    LedgerDialog ledger(p.controller, HeadSide::SnareSide, &p.window);
    ledger.show();
    album.take(QStringLiteral("ledger"), ledger);
    ledger.close();
    HurryDialog hurry(p.controller, &p.window);
    hurry.show();
    album.take(QStringLiteral("hurry"), hurry);
    hurry.close();
    ReminderDialog reminder(p.controller, &p.window);
    reminder.show();
    album.take(QStringLiteral("reminder"), reminder);
    reminder.close();
}

/// Before any workbook is open.
void takeStart(const QString& folder, QSize size) {
    Program p({}, size);
    Album(p, folder).take(QStringLiteral("start"));
}

void drive(Program& p, Album& album, QSize size) {
    album.take(QStringLiteral("drum"));
    p.click(QStringLiteral("station-1"));
    p.click(QStringLiteral("tone-chase"));
    album.take(QStringLiteral("tone"));
    auto* tabs = p.find<QTabWidget>(QStringLiteral("toneTabs"));
    tabs->setCurrentIndex(1);
    p.controller.perform(ChooseSchool{{.level = SnareSideLevel::Matched}});
    album.take(QStringLiteral("tone-schools"));
    p.controller.perform(ChooseSchool{});
    tabs->setCurrentIndex(2);
    p.click(QStringLiteral("motionAgainst"));
    album.take(QStringLiteral("tone-weather"));
    p.click(QStringLiteral("motionStill"));
    tabs->setCurrentIndex(3);
    album.take(QStringLiteral("tone-both-heads"));
    tabs->setCurrentIndex(0);
    p.press(Qt::Key_Space);
    album.take(QStringLiteral("snare-side-first-step"));
    for (int step = 0; step < 2; ++step)
        p.press(Qt::Key_Space);
    album.take(QStringLiteral("snare-side-let-down"));
    p.click(QStringLiteral("fingerTight"));
    p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.round == 1 && w.group == 2; });
    album.take(QStringLiteral("snare-side-raising"));
    p.spaceUntil(HeadSide::SnareSide, [](const HeadWork& w) { return w.stage == HeadStage::Done; });
    takeDialogs(p, album);
    p.window.activateWindow();
    if (!QTest::qWaitForWindowActive(&p.window))
        throw std::runtime_error("the window is not in front");
    p.press(Qt::Key_Space);
    p.spaceUntil(HeadSide::Batter,
                 [](const HeadWork& w) { return w.stage == HeadStage::Tapping && w.rodsHeard() == 4; });
    album.take(QStringLiteral("batter-listening"));
    takeListening(p, album);
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Turning; });
    album.take(QStringLiteral("batter-evening"));
    p.controller.setNearestRod(5);
    album.take(QStringLiteral("batter-from-nearest"));
    p.controller.setNearestRod(std::nullopt);
    p.click(QStringLiteral("listenNow"));
    p.choose(QStringLiteral("tapKind"), 3);
    p.find<QPushButton>(QStringLiteral("primary"))->setFocus();
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.rodsHeard() == 3; });
    album.take(QStringLiteral("batter-hoop-gap"));
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Turning; });
    p.press(Qt::Key_F11);
    p.window.showNormal(); // the screen of the offscreen platform is smaller
    p.window.resize(size);
    album.take(QStringLiteral("stand-view"));
    p.press(Qt::Key_F11);
    p.window.resize(size);
    p.spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return w.stage == HeadStage::Done; });
    p.click(QStringLiteral("station-1"));
    tabs->setCurrentIndex(3);
    album.take(QStringLiteral("tone-heard"));
    tabs->setCurrentIndex(0);
    p.click(QStringLiteral("station-3"));
    album.take(QStringLiteral("batter-done"));
    takeCard(p, album);
    takeClock(p, album);
    p.press(Qt::Key_Space);
    p.spaceUntil([&] { return p.session().wires.tests.size() == 5; });
    album.take(QStringLiteral("wires"));
    takeWires(p, album);
    p.spaceUntil([&] {
        return !nextStroke(sweepOf(p.session())) &&
               nextStopOf(wireAdviceOf(p.session()), sweepOf(p.session())) == p.session().wires.strainer;
    });
    album.take(QStringLiteral("wires-set"));
    p.spaceUntil([&] { return p.session().station == Station::Muffling; });
    takeMuffling(p, album);
    p.press(Qt::Key_Space);
    takeProof(p, album);
    p.click(QStringLiteral("primary"));
    p.click(QStringLiteral("logbook"));
    album.take(QStringLiteral("logbook"));
}

} // namespace

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    const QStringList arguments = QApplication::arguments();
    if (arguments.size() < 2) {
        std::cerr << "bombo-screenshots FOLDER [day|night] [WIDTHxHEIGHT]\n";
        return 2;
    }
    const bool night = arguments.value(2) == QStringLiteral("night");
    const QStringList sides = arguments.value(3, QStringLiteral("1280x800")).split(QLatin1Char('x'));
    try {
        applyTheme(application, night ? ThemeChoice::Night : ThemeChoice::Day);
        QTemporaryDir folder;
        const QString book = folder.filePath(QStringLiteral("picture-house.bombo"));
        if (!createDemoWorkbook(book))
            throw std::runtime_error("cannot make the demo workbook");
        const QSize size(sides.value(0).toInt(), sides.value(1).toInt());
        takeStart(arguments[1], size);
        Program program(book, size);
        Album album(program, arguments[1]);
        drive(program, album, size);
    } catch (const std::exception& problem) {
        std::cerr << problem.what() << '\n';
        return 1;
    }
    return 0;
}
