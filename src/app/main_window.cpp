#include "app/main_window.h"

#include "app/listening/ear.h"
#include "app/logbook/exchange_dialogs.h"

#include "app/drum/drum_maker.h"
#include "app/drum/drum_page.h"
#include "app/faults/faults_page.h"
#include "app/guide/guide_bar.h"
#include "app/help/help_window.h"
#include "app/listening/listen_menu.h"
#include "app/practice/practice_page.h"
#include "app/session/wording.h"
#include "app/start/damaged_dialog.h"
#include "app/start/purpose_page.h"
#include "app/start/start_page.h"
#include "app/theme/fitted_pages.h"
#include "app/theme/movement.h"
#include "app/theme/parts.h"
#include "app/theme/plain_words.h"
#include "app/theme/scale.h"
#include "store/usual_drum.h"

#include <QApplication>
#include <QFileInfo>
#include <QKeyEvent>
#include <QMenuBar>
#include <QMimeData>
#include <QVBoxLayout>

namespace bombo {

MainWindow::MainWindow(SessionController& controller, QWidget* parent)
    : QMainWindow(parent), m_controller(controller) {
    showWordsPlainly(*QCoreApplication::instance());
    setUnitsShown(controller.settings().units());
    setPicturesMove(controller.settings().picturesMove());
    resize(1280, 800);
    if (const QByteArray geometry = controller.settings().windowGeometry(); !geometry.isEmpty())
        restoreGeometry(geometry);
    fitWords(); // before there are pages, each of which would have to be dressed twice
    auto* central = new QWidget;
    auto* row = new QHBoxLayout(central);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    m_rail = new RouteRail(controller);
    row->addWidget(m_rail);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    m_notice = new NoticeBar;
    right->addWidget(m_notice);
    m_guide = new GuideBar;
    right->addWidget(m_guide);
    m_stack = new PageStack;
    right->addWidget(m_stack, 1);
    row->addLayout(right, 1);
    m_frame = new PageFrame(central);
    setCentralWidget(m_frame);
    setMinimumSize(640, 480);

    m_stand = new StandView(m_frame);

    connect(m_guide, &GuideBar::moreWanted, this, [this] { showHelp(helpPage()); });
    connect(m_guide, &GuideBar::dismissed, this, [this] {
        setGuide(false);
        m_controller.tell(tr("Help, Walk me through brings the line back."));
    });
    connect(m_rail, &RouteRail::stationChosen, this, &MainWindow::goTo);
    connect(m_rail, &RouteRail::logbookChosen, this, [this] { showLogbook(true); });
    connect(m_rail, &RouteRail::practiceChosen, this, &MainWindow::showPractice);
    connect(m_rail, &RouteRail::faultsChosen, this, [this] { showFaults(true); });
    connect(&controller, &SessionController::sessionChanged, this, &MainWindow::refresh);
    connect(&controller, &SessionController::workbookChanged, this, [this] {
        if (m_beside == Beside::Maker || m_beside == Beside::Purpose)
            m_beside = Beside::Nothing; // another workbook, another drum
        refresh();
    });
    connect(&controller.ear(), &Ear::readingHeard, this, [this] {
        if (m_stand->isVisible())
            refresh();
    });
    connect(&controller, &SessionController::notice, m_notice, &NoticeBar::show);
    connect(&controller, &SessionController::workbookMoved, this, &MainWindow::askWhereToGoOn,
            Qt::QueuedConnection); // not in the middle of the step that found it
    connect(
        &controller, &SessionController::damageFound, this,
        [this](const QString& path) { DamagedDialog(m_controller, path, this).exec(); },
        Qt::QueuedConnection);
    connect(m_stand, &StandView::goOn, this, &MainWindow::pressPrimary);
    connect(m_stand, &StandView::leave, this, &MainWindow::toggleStand);

    setAcceptDrops(true);
    fillMenus();
    constexpr int pulling = 150; // ms
    m_resized.setSingleShot(true);
    m_resized.setInterval(pulling);
    connect(&m_resized, &QTimer::timeout, this, &MainWindow::fitWords);
    refresh();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls() && event->mimeData()->urls().size() == 1 &&
        event->mimeData()->urls().front().isLocalFile())
        event->acceptProposedAction();
}

/// A workbook is opened, anything else taken in.
void MainWindow::dropEvent(QDropEvent* event) {
    const QString file = event->mimeData()->urls().front().toLocalFile();
    event->acceptProposedAction();
    if (QFileInfo(file).suffix() == QLatin1String("bombo"))
        m_controller.openWorkbook(file);
    else if (m_controller.hasWorkbook())
        QTimer::singleShot(0, this,
                           [this, file] { importFile(file, m_controller, this); }); // not while it is dragged
    else
        m_controller.tell(tr("Open a workbook first."));
}

void MainWindow::resizeEvent(QResizeEvent* event) {
    QMainWindow::resizeEvent(event);
    m_resized.start();
}

void MainWindow::fitWords() {
    const int percent = m_controller.settings().wordsPercent();
    setScale(*qApp, percent > 0 ? percent / 100.0 : scaleFor(size()));
}

void MainWindow::showTitle() {
    const QString file = QFileInfo(m_controller.workbookPath()).completeBaseName();
    setWindowTitle(file.isEmpty()              ? tr("Bombo")
                   : m_controller.isReadOnly() ? tr("%1 (read only) – Bombo").arg(file)
                                               : tr("%1 – Bombo").arg(file));
}

void MainWindow::refresh() {
    showTitle();
    const bool ready = m_controller.hasSession();
    showGuide();
    m_rail->setVisible(ready && m_beside != Beside::Maker);
    QWidget* const before = m_stack->currentWidget();
    const auto bring = [&](QWidget* page) {
        m_stack->setCurrentWidget(page);
        if (page != before)
            m_frame->keepInSight(primaryInFront());
        if (PrimaryButton* primary = primaryInFront(); page != before && primary != nullptr)
            primary->setFocus(Qt::OtherFocusReason); // the space bar is the foot's key
    };
    if (m_beside == Beside::Maker)
        return bring(m_maker);
    if (!ready && m_beside != Beside::Faults) {
        m_beside = Beside::Nothing;
        start()->refresh();
        return bring(m_start);
    }
    if (ready)
        m_rail->refresh(m_beside == Beside::Logbook    ? RouteRail::Beside::Logbook
                        : m_beside == Beside::Faults   ? RouteRail::Beside::Faults
                        : m_beside == Beside::Practice ? RouteRail::Beside::Practice
                                                       : RouteRail::Beside::Nothing);
    if (m_beside == Beside::Logbook)
        return bring(logbook());
    if (m_beside == Beside::Faults) {
        m_faults->refresh();
        bring(m_faults);
        if (m_stand->isVisible()) {
            m_stand->show(m_faults->standWords());
            m_stand->setFocus();
        }
        return;
    }
    if (m_beside == Beside::Practice) {
        m_practice->refresh();
        return bring(m_practice);
    }
    if (m_beside == Beside::Purpose) {
        purpose()->refresh();
        return bring(m_purpose);
    }
    StationPage* station = page(m_controller.session().station);
    station->refresh();
    bring(station);
    if (m_stand->isVisible())
        m_stand->show(
            standWords(m_controller.reckoned(), m_controller.ear().lastReading(), station->primary()));
}

/// Of what is in front; null where nothing has one.
PrimaryButton* MainWindow::primaryInFront() {
    switch (m_beside) {
    case Beside::Logbook:
        return logbook()->primary();
    case Beside::Faults:
        return m_faults->primary();
    case Beside::Practice:
        return m_practice->primary();
    case Beside::Maker:
        return m_maker->primary();
    case Beside::Purpose:
        return purpose()->primary();
    case Beside::Nothing:
        break;
    }
    return m_controller.hasSession() ? page(m_controller.session().station)->primary() : start()->primary();
}

/// @param but id of a drum that does not count
QStringList MainWindow::drumNames(const std::string& but) const {
    QStringList names;
    for (const DrumRow& row : m_controller.drums())
        if (row.drum.id != but)
            names << QString::fromStdString(row.drum.name);
    return names;
}

/// With a number where a drum of the workbook is called so already.
std::string MainWindow::freeName(const QString& name) const {
    const QStringList taken = drumNames({});
    QString one = name;
    for (int count = 2; taken.contains(one, Qt::CaseInsensitive); ++count)
        one = QStringLiteral("%1 %2").arg(name).arg(count);
    return one.toStdString();
}

void MainWindow::describeDrum(Describe what) {
    if (m_maker == nullptr) { // drawn tiles by the dozen, which most starts of the program never show
        m_maker = new DrumMaker;
        m_stack->addWidget(m_maker);
        connect(m_maker, &DrumMaker::made, this, &MainWindow::takeDrum);
        connect(m_maker, &DrumMaker::left, this, &MainWindow::backToWork);
    }
    m_describing = what;
    const QStringList taken =
        drumNames(what == Describe::Edit ? m_controller.session().drum.id : std::string());
    Drum drum = what == Describe::New ? usualDrum() : m_controller.session().drum;
    switch (what) {
    case Describe::New:
        drum.name = freeName(tr("My drum"));
        m_maker->begin(drum, taken, tr("What does it look like?"), tr("This is it"));
        break;
    case Describe::Copy:
        drum.id = newDrumId();
        drum.name = freeName(QString::fromStdString(drum.name));
        drum.fittedAt = {};
        drum.playedBefore = {};
        drum.wires.slackTurns = 0.0; // stretched strands are the other drum's
        m_maker->begin(drum, taken, tr("Where does the other one differ?"), tr("Add it"));
        break;
    case Describe::Edit:
        m_maker->begin(drum, taken, tr("What is to be put right?"), tr("This is it"));
        break;
    }
    m_beside = Beside::Maker;
    refresh();
}

/// With a practice drum of a nature of its own beside it.
bool MainWindow::addDrum(const Drum& drum) {
    DrumRow row;
    row.drum = drum;
    row.practiceSeed = std::hash<std::string>{}(drum.id) % 100000 + 1;
    return m_controller.addDrum(row);
}

void MainWindow::takeDrum(const Drum& drum) {
    if (m_describing == Describe::Edit) {
        if (drum == m_controller.session().drum || m_controller.perform(DescribeDrum{drum}))
            backToWork();
        return;
    }
    if (!m_controller.hasWorkbook() && !m_controller.openOwn())
        return;
    if (!addDrum(drum))
        return;
    m_beside = Beside::Purpose;
    refresh();
}

void MainWindow::backToWork() {
    m_beside = Beside::Nothing;
    refresh();
}

void MainWindow::goTo(Station station) {
    m_beside = Beside::Nothing;
    m_controller.goTo(station);
    refresh(); // also when the station stays the same and only what stood beside it goes
}

void MainWindow::showLogbook(bool inFront) {
    m_beside = inFront && m_controller.hasSession() ? Beside::Logbook : Beside::Nothing;
    if (m_beside == Beside::Logbook)
        logbook()->refresh();
    refresh();
}

/// Without a workbook too: then the questions alone have to tell.
void MainWindow::showFaults(bool inFront) {
    if (inFront && m_faults == nullptr) {
        m_faults = new FaultsPage(m_controller);
        m_stack->addWidget(m_faults);
        connect(m_faults, &FaultsPage::stationChosen, this, [this](Station station) {
            if (m_controller.hasSession())
                goTo(station);
            else
                m_controller.tell(tr("Open a workbook first."));
        });
        connect(m_faults, &FaultsPage::left, this, [this] { showFaults(false); });
    }
    m_beside = inFront ? Beside::Faults : Beside::Nothing;
    refresh();
}

void MainWindow::showPractice() {
    if (!m_controller.hasSession())
        return m_controller.tell(tr("Open a workbook first, or try the practice drum."));
    if (m_practice == nullptr) {
        m_practice = new PracticePage(m_controller);
        m_stack->addWidget(m_practice);
        connect(m_practice, &PracticePage::lessonWanted, this, &MainWindow::beginLesson);
    }
    m_beside = Beside::Practice;
    refresh();
}

/// Only beside the work at a station: elsewhere nothing is to be done next.
void MainWindow::showGuide() {
    if (m_beside == Beside::Nothing && m_controller.hasSession() &&
        m_controller.settings().guide().value_or(false))
        m_guide->show(guideStepOf(m_controller.reckoned()));
    else
        m_guide->hide();
}

void MainWindow::setGuide(bool on) {
    m_controller.settings().setGuide(on);
    showGuide();
}

/// On the practice drum, from the tone on, with the line that walks along; one that was left half way goes on
/// where it was.
void MainWindow::beginLesson() {
    if (!m_controller.openPractice())
        return;
    setGuide(true);
    if (m_controller.session().batter.stage == HeadStage::Done) {
        Drum next = m_controller.session().drum;
        next.id = newDrumId();
        next.name = freeName(QString::fromStdString(next.name));
        if (!addDrum(next))
            return;
    }
    goTo(m_controller.session().station == Station::Drum ? Station::Tone : m_controller.session().station);
}

QString MainWindow::helpPage() const {
    switch (m_beside) {
    case Beside::Logbook:
        return QStringLiteral("logbook.md");
    case Beside::Faults:
        return QStringLiteral("faults.md");
    case Beside::Practice:
        return QStringLiteral("practice.md");
    case Beside::Maker:
        return QStringLiteral("drum.md");
    case Beside::Purpose:
        return QStringLiteral("first-job.md");
    case Beside::Nothing:
        break;
    }
    if (!m_controller.hasSession())
        return QStringLiteral("first-job.md");
    switch (m_controller.session().station) {
    case Station::Drum:
        return QStringLiteral("drum.md");
    case Station::Tone:
        return QStringLiteral("tone.md");
    case Station::SnareSide:
    case Station::Batter:
        return QStringLiteral("heads.md");
    case Station::Wires:
        return QStringLiteral("wires.md");
    case Station::Muffling:
        return QStringLiteral("muffling.md");
    case Station::Proof:
        break;
    }
    return QStringLiteral("proof.md");
}

void MainWindow::showHelp(const QString& page) {
    if (m_help == nullptr)
        m_help = new HelpWindow(this);
    m_help->open(page);
}

void MainWindow::toggleStand() {
    if (!m_controller.hasSession())
        return;
    const bool opening = !m_stand->isVisible();
    menuBar()->setVisible(!opening);
    if (opening) {
        m_wasMaximised = isMaximized();
        showFullScreen();
    } else if (m_wasMaximised) {
        showMaximized();
    } else {
        showNormal();
    }
    if (opening && m_beside != Beside::Faults)
        m_beside = Beside::Nothing;
    m_stand->setGeometry(centralWidget()->rect());
    m_stand->setVisible(opening);
    if (opening) {
        m_stand->raise();
        m_stand->setFocus();
    }
    refresh();
    if (!opening)
        if (QPushButton* primary = primaryInFront())
            primary->setFocus(Qt::OtherFocusReason);
}

void MainWindow::pressPrimary() {
    if (PrimaryButton* primary = primaryInFront())
        primary->press();
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    // Reaches us only when the widget with the focus has no use for the key itself.
    const int own = m_controller.settings().goOnKey();
    if (event->key() == Qt::Key_Space || event->key() == Qt::Key_PageDown ||
        (own != 0 && event->keyCombination().toCombined() == own)) {
        if (!event->isAutoRepeat())
            pressPrimary();
        return;
    }
    if (!event->isAutoRepeat() &&
        ((m_beside == Beside::Faults && m_faults->takeKey(event->key())) ||
         (m_beside == Beside::Practice && m_practice->takeKey(event->key(), event->modifiers()))))
        return;
    QMainWindow::keyPressEvent(event);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    m_controller.settings().setWindowGeometry(saveGeometry());
    QMainWindow::closeEvent(event);
}

} // namespace bombo
