#include "app/language/windows.h"
#include "app/numbers/numbers.h"
#include "app/settings.h"
#include "app/theme/palette.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QFileInfo>
#include <QIcon>

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("bombo"));
    QApplication::setApplicationVersion(QStringLiteral(BOMBO_VERSION));
    QApplication::setDesktopFileName(QStringLiteral("bombo"));
    QIcon icon(QStringLiteral(":/icon/bombo-128.png"));
    icon.addFile(QStringLiteral(":/icon/bombo-32.png"));
    QApplication::setWindowIcon(icon);
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QApplication::translate("main", "Tune a snare drum: heads, wires, muffling, record."));
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"),
                                  QApplication::translate("main", "Open the demo workbook."));
    parser.addOption(demo);
    parser.addPositionalArgument(QStringLiteral("workbook"),
                                 QApplication::translate("main", "Workbook to open."),
                                 QStringLiteral("[workbook]"));
    parser.process(application);

    bombo::useSystemNumbers();
    bombo::Settings settings;
    bombo::applyTheme(application, settings.theme());
    bombo::SessionController controller(settings);
    bombo::Windows windows(application, controller);
    const QStringList files = parser.positionalArguments();
    if (!files.isEmpty())
        controller.openWorkbook(files.front());
    else if (parser.isSet(demo))
        controller.openDemo();
    else if (QFileInfo::exists(settings.lastWorkbook()))
        controller.openWorkbook(settings.lastWorkbook());
    return QApplication::exec();
}
