#include "app/language/windows.h"
#include "app/numbers/numbers.h"
#include "app/settings.h"
#include "app/start/first_window.h"
#include "app/theme/palette.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QFileInfo>
#include <QIcon>
#include <algorithm>
#include <string_view>

namespace {

/// Version and help need no screen.
bool onlyAsks(int argc, char** argv) {
    return std::any_of(argv + 1, argv + argc, [](std::string_view word) {
        return word == "--version" || word == "-v" || word == "--help" || word == "-h" ||
               word == "--help-all";
    });
}

} // namespace

int main(int argc, char** argv) {
    QApplication::setApplicationName(QStringLiteral("bombo"));
    QApplication::setApplicationVersion(QStringLiteral(BOMBO_VERSION));
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QApplication::translate("main", "Tune a snare drum: heads, wires, muffling, record."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QApplication::translate("main", "Open the demo workbook."));
    parser.addOption(demo);
    const QCommandLineOption workbook(QStringLiteral("workbook"),
                                      QApplication::translate("main", "The same, as an option."),
                                      QApplication::translate("main", "file"));
    parser.addOption(workbook);
    parser.addPositionalArgument(QStringLiteral("workbook"),
                                 QApplication::translate("main", "Workbook to open."),
                                 QStringLiteral("[workbook]"));
    if (onlyAsks(argc, argv)) {
        const QCoreApplication asked(argc, argv);
        parser.process(asked);
    }
    QApplication application(argc, argv);
    QApplication::setDesktopFileName(QStringLiteral("bombo"));
    QIcon icon(QStringLiteral(":/icon/bombo-128.png"));
    icon.addFile(QStringLiteral(":/icon/bombo-32.png"));
    QApplication::setWindowIcon(icon);
    parser.process(application);

    bombo::useNumbersOf();
    bombo::Settings settings;
    const QStringList files = parser.positionalArguments() + parser.values(workbook);
    const QString wanted = !files.isEmpty()     ? files.front()
                           : parser.isSet(demo) ? bombo::SessionController::demoPath()
                                                : settings.lastWorkbook();
    if (bombo::FirstWindow::askToRaise(wanted)) {
        fputs(qPrintable(QApplication::translate(
                             "main", "That workbook is open already: its window comes to the front.") +
                         QLatin1Char('\n')),
              stderr);
        return 0;
    }
    const QString leftOpen = settings.leftOpen();
    bombo::applyTheme(application, settings.theme());
    bombo::SessionController controller(settings);
    bombo::Windows windows(application, controller);
    bombo::FirstWindow first;
    const auto hold = [&] {
        first.hold(controller.workbookPath());
        settings.setLeftOpen(controller.workbookPath());
    };
    QObject::connect(&controller, &bombo::SessionController::workbookChanged, &first, hold);
    QObject::connect(&first, &bombo::FirstWindow::raiseAsked, &application, [&] {
        bombo::MainWindow& window = windows.window();
        if (window.isMinimized())
            window.showNormal();
        window.raise();
        window.activateWindow();
    });
    if (!files.isEmpty())
        controller.openWorkbook(files.front());
    else if (parser.isSet(demo))
        controller.openDemo();
    else if (QFileInfo::exists(settings.lastWorkbook()))
        controller.openWorkbook(settings.lastWorkbook());
    if (controller.hasWorkbook() && !leftOpen.isEmpty() &&
        QFileInfo(leftOpen) == QFileInfo(controller.workbookPath()))
        controller.tell(controller.hasLeftOut()
                            ? QApplication::translate(
                                  "main", "Bombo didn't shut down properly last time. Everything that can "
                                          "be read is here.")
                            : QApplication::translate(
                                  "main", "Bombo didn't shut down properly last time. Nothing is lost: "
                                          "everything up to your last step is here."));
    if (const QString problem = settings.problem(); !problem.isEmpty())
        controller.tell(problem);
    QObject::connect(&application, &QApplication::aboutToQuit, &application,
                     [&] { settings.setLeftOpen({}); });
    return QApplication::exec();
}
