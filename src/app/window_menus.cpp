/// The menus of the main window, and what in them is chosen once for all.
#include "app/main_window.h"

#include "app/files/file_questions.h"
#include "app/help/help_window.h"
#include "app/help/report.h"
#include "app/help/what_is_this.h"
#include "app/hurry/hurry_dialog.h"
#include "app/language/language.h"
#include "app/listening/listen_menu.h"
#include "app/logbook/exchange_dialogs.h"
#include "app/logbook/set_list_dialog.h"
#include "app/preferences/preferences_dialog.h"
#include "app/reminder/reminder_dialog.h"
#include "app/session/wording.h"
#include "app/theme/scale.h"

#include <QActionGroup>
#include <QApplication>
#include <QFileInfo>
#include <QInputDialog>
#include <QMenuBar>
#include <QMessageBox>
#include <QPushButton>
#include <QWhatsThis>

namespace bombo {

void MainWindow::saveCopy() {
    QString path = askWhereToSave(m_controller.settings(), FileKind::Workbook, this, tr("Save a copy"), {},
                                  tr("Bombo workbooks (*.bombo);;All files (*)"));
    if (!path.isEmpty() && QFileInfo(path).suffix().isEmpty())
        path += QStringLiteral(".bombo");
    if (!path.isEmpty())
        m_controller.saveCopy(path);
}

/// The open workbook was moved, replaced or deleted by something else; all of it up to the last step is still
/// here.
void MainWindow::askWhereToGoOn(const QString& path) {
    QMessageBox ask(
        QMessageBox::Warning, tr("Workbook moved"),
        tr("%1 was moved, replaced or deleted while it was open. Your last step was not kept; everything "
           "before it is still here.")
            .arg(QFileInfo(path).fileName()),
        QMessageBox::NoButton, this);
    ask.setTextFormat(Qt::PlainText);
    ask.setObjectName(QStringLiteral("movedWorkbook"));
    QPushButton* back = nullptr;
    if (!QFileInfo::exists(path)) {
        back = ask.addButton(tr("Write it back"), QMessageBox::AcceptRole);
        back->setObjectName(QStringLiteral("writeBack"));
    }
    QPushButton* copy = ask.addButton(tr("Save a copy…"), QMessageBox::ActionRole);
    ask.addButton(tr("Cancel"), QMessageBox::RejectRole);
    ask.exec();
    if (back != nullptr && ask.clickedButton() == back)
        m_controller.writeAgain();
    else if (ask.clickedButton() == copy)
        saveCopy();
}

void MainWindow::fillMenus() {
    const QString filter = tr("Bombo workbooks (*.bombo);;All files (*)");
    QMenu* workbook = menuBar()->addMenu(tr("&Workbook"));
    workbook->addAction(tr("&New…"), QKeySequence::New, this, [this, filter] {
        QString path =
            askWhereToSave(m_controller.settings(), FileKind::Workbook, this, tr("New workbook"), {}, filter);
        if (!path.isEmpty() && QFileInfo(path).suffix().isEmpty())
            path += QStringLiteral(".bombo");
        if (!path.isEmpty())
            m_controller.newWorkbook(path);
    });
    workbook->addAction(tr("&Open…"), QKeySequence::Open, this, [this, filter] {
        const QString path =
            askWhichFile(m_controller.settings(), FileKind::Workbook, this, tr("Open a workbook"), filter);
        if (!path.isEmpty())
            m_controller.openWorkbook(path);
    });
    workbook->addAction(tr("Open the &demo"), this, [this] { m_controller.openDemo(); });
    workbook->addAction(tr("Save a &copy…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), this,
                        &MainWindow::saveCopy);
    workbook->addSeparator();
    const auto withWorkbook = [this](auto act) {
        return [this, act] {
            if (m_controller.hasWorkbook())
                act(m_controller, this);
            else
                m_controller.tell(tr("Open a workbook first."));
        };
    };
    workbook->addAction(tr("&Export the logbook…"), this, withWorkbook(exportLogbook));
    workbook->addAction(tr("&Import a logbook…"), this, withWorkbook(importLogbook));
    workbook->addSeparator();
    workbook->addAction(tr("C&lose"), QKeySequence::Close, this, [this] { m_controller.closeWorkbook(); });
    workbook->addSeparator();
    workbook->addAction(tr("&Quit"), QKeySequence::Quit, this, &QWidget::close);

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = m_controller.undoStack().createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = m_controller.undoStack().createRedoAction(this, tr("Redo"));
    redo->setShortcut(QKeySequence::Redo);
    edit->addAction(undo);
    edit->addAction(redo);
    edit->addSeparator();
    edit->addAction(tr("Se&ttings…"), QKeySequence(Qt::CTRL | Qt::Key_Comma), this,
                    &MainWindow::showPreferences);
    addActions({undo, redo}); // the window's own too: the stand view hides the menus

    QMenu* view = menuBar()->addMenu(tr("&View"));
    addAction(view->addAction(tr("&Stand view"), QKeySequence(Qt::Key_F11), this, &MainWindow::toggleStand));
    view->addSeparator();
    auto* themes = new QActionGroup(this);
    const std::pair<QString, ThemeChoice> choices[]{{tr("As the &system"), ThemeChoice::System},
                                                    {tr("&Day"), ThemeChoice::Day},
                                                    {tr("&Night"), ThemeChoice::Night}};
    for (const auto& [name, choice] : choices) {
        QAction* action = view->addAction(name, this, [this, choice = choice] { setTheme(choice); });
        themes->addAction(followed(
            *view, action, [this, choice = choice] { return m_controller.settings().theme() == choice; }));
    }
    fillWordSizes(*view->addMenu(tr("Si&ze of words")));
    fillLanguages(*view->addMenu(tr("Lan&guage")));
    view->addSeparator();
    QAction* millimetres = view->addAction(tr("Lengths in &millimetres"), this, [this](bool on) {
        UnitsShown units = unitsShown();
        units.millimetres = on;
        setUnits(units);
    });
    followed(*view, millimetres, [] { return unitsShown().millimetres; });
    QAction* details = view->addAction(tr("&Tensions in N/m"), this, [this](bool on) {
        UnitsShown units = unitsShown();
        units.details = on;
        setUnits(units);
    });
    followed(*view, details, [] { return unitsShown().details; });
    QAction* left = view->addAction(tr("&Left-handed: rounds run clockwise"), this,
                                    [this](bool on) { m_controller.setLeftHanded(on); });
    followed(*view, left, [this] { return m_controller.settings().leftHanded(); });
    view->addAction(tr("&Reference pitch…"), this, [this] {
        bool taken = false;
        UnitsShown units = unitsShown();
        units.a4.value =
            QInputDialog::getDouble(this, tr("Reference pitch"), tr("The note A4, in Hz:"), units.a4.value,
                                    kLowestA4.value, kHighestA4.value, 1, &taken);
        if (taken)
            setUnits(units);
    });
    fillListenMenu(*menuBar()->addMenu(tr("&Listen")), m_controller, this);

    QMenu* go = menuBar()->addMenu(tr("&Go"));
    for (const Station station : kStations)
        go->addAction(stationName(station),
                      QKeySequence(Qt::CTRL | static_cast<Qt::Key>(Qt::Key_1 + static_cast<int>(station))),
                      this, [this, station] { goTo(station); });
    go->addSeparator();
    go->addAction(tr("&Minutes before the show\u2026"), QKeySequence(Qt::CTRL | Qt::Key_M), this, [this] {
        if (m_controller.hasSession())
            HurryDialog(m_controller, this).exec();
    });
    go->addAction(tr("&Remind me\u2026"), QKeySequence(Qt::CTRL | Qt::Key_R), this, [this] {
        if (m_controller.hasSession())
            ReminderDialog(m_controller, this).exec();
    });
    go->addSeparator();
    go->addAction(tr("The show…"), QKeySequence(Qt::CTRL | Qt::Key_E), this, [this] {
        if (m_controller.hasSession())
            SetListDialog(m_controller, this).exec();
        else
            m_controller.tell(tr("Open a workbook first."));
    });
    go->addAction(tr("Logbook"), QKeySequence(Qt::CTRL | Qt::Key_L), this, [this] { showLogbook(true); });
    go->addAction(tr("Faults"), QKeySequence(Qt::CTRL | Qt::Key_F), this, [this] { showFaults(true); });
    go->addAction(tr("Practice"), QKeySequence(Qt::CTRL | Qt::Key_T), this, &MainWindow::showPractice);

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    addAction(help->addAction(tr("&The manual"), QKeySequence::HelpContents, this,
                              [this] { showHelp(helpPage()); }));
    help->addAction(tr("W&hat is this?"), QKeySequence::WhatsThis, this, [this] {
        explainAll(*this);
        QWhatsThis::enterWhatsThisMode();
    });
    help->addAction(tr("Every &key"), this, [this] { showHelp(QStringLiteral("keys.md")); });
    help->addAction(tr("Take &care"), this, [this] { showHelp(QStringLiteral("care.md")); });
    followed(*help, help->addAction(tr("&Walk me through"), this, &MainWindow::setGuide),
             [this] { return m_controller.settings().guide().value_or(false); });
    help->addSeparator();
    help->addAction(tr("Save a &report…"), this, [this] { saveReport(m_controller, this); });
    help->addAction(tr("&About Bombo…"), this, [this] { showAbout(this); });
}

void MainWindow::showPreferences() {
    PreferencesDialog dialog(m_controller, this);
    connect(&dialog, &PreferencesDialog::themeChosen, this, &MainWindow::setTheme);
    connect(&dialog, &PreferencesDialog::unitsChosen, this, &MainWindow::setUnits);
    connect(&dialog, &PreferencesDialog::guideChosen, this, &MainWindow::setGuide);
    connect(&dialog, &PreferencesDialog::wordsChosen, this, &MainWindow::setWords);
    dialog.exec();
    if (dialog.languageChosen() != m_controller.settings().language())
        emit languageChosen(dialog.languageChosen());
}

/// Checked as the settings are, which the page of settings changes, too.
QAction* MainWindow::followed(QMenu& menu, QAction* action, const std::function<bool()>& isOn) {
    action->setCheckable(true);
    action->setChecked(isOn());
    connect(&menu, &QMenu::aboutToShow, action, [action, isOn] { action->setChecked(isOn()); });
    return action;
}

void MainWindow::setWords(int percent) {
    m_controller.settings().setWordsPercent(percent);
    fitWords();
}

void MainWindow::fillLanguages(QMenu& menu) {
    auto* choices = new QActionGroup(this);
    const auto add = [&](const QString& name, const QString& code) {
        QAction* action = menu.addAction(name, this, [this, code] { emit languageChosen(code); });
        action->setCheckable(true);
        action->setChecked(m_controller.settings().language() == code);
        choices->addAction(action);
    };
    add(tr("As the system"), {});
    for (const Language& language : languages())
        add(language.name, language.code);
}

void MainWindow::fillWordSizes(QMenu& menu) {
    auto* choices = new QActionGroup(this);
    for (const int percent : kWordSizes) {
        const QString name = percent == 0 ? tr("As the &window affords") : tr("%1 %").arg(percent);
        QAction* action = menu.addAction(name, this, [this, percent] { setWords(percent); });
        choices->addAction(followed(
            menu, action, [this, percent] { return m_controller.settings().wordsPercent() == percent; }));
    }
}

void MainWindow::setUnits(const UnitsShown& units) {
    m_controller.settings().setUnits(units);
    setUnitsShown(units);
    refresh();
    update();
}

void MainWindow::setTheme(ThemeChoice choice) {
    m_controller.settings().setTheme(choice);
    applyTheme(*qApp, choice);
    refresh();
    update();
}

} // namespace bombo
