#include "app/help/report.h"

#include "app/files/file_questions.h"
#include "app/files/save_file.h"
#include "app/theme/scale.h"

#include <QAudioDevice>
#include <QDateTime>
#include <QFileInfo>
#include <QGuiApplication>
#include <QLocale>
#include <QMediaDevices>
#include <QScreen>
#include <QSysInfo>

namespace bombo {
namespace {

struct ReportText {
    Q_DECLARE_TR_FUNCTIONS(Report)
};

constexpr int kLastSteps = 40;

QStringList machineLines() {
    QStringList lines{QStringLiteral("Bombo %1, Qt %2")
                          .arg(QCoreApplication::applicationVersion(), QLatin1String(qVersion())),
                      QStringLiteral("%1, %2, %3")
                          .arg(QSysInfo::prettyProductName(), QSysInfo::kernelVersion(),
                               QSysInfo::currentCpuArchitecture()),
                      QStringLiteral("platform %1, locale %2")
                          .arg(QGuiApplication::platformName(), QLocale::system().name()),
                      QStringLiteral("microphones %1, outputs %2")
                          .arg(QMediaDevices::audioInputs().size())
                          .arg(QMediaDevices::audioOutputs().size())};
    for (const QScreen* screen : QGuiApplication::screens())
        lines << QStringLiteral("screen %1x%2 at %3")
                     .arg(screen->size().width())
                     .arg(screen->size().height())
                     .arg(screen->devicePixelRatio());
    return lines;
}

QString headLine(const char* name, const HeadWork& work) {
    return QStringLiteral("%1: stage %2, round %3, rounds heard %4, turns entered %5")
        .arg(QLatin1String(name))
        .arg(static_cast<int>(work.stage))
        .arg(work.round)
        .arg(work.history.size())
        .arg(work.ledger.size());
}

} // namespace

QString reportText(SessionController& controller) {
    QStringList lines = machineLines();
    const Settings& settings = controller.settings();
    lines << QStringLiteral("language \"%1\", theme %2, words %3 %, scale %4")
                 .arg(settings.language())
                 .arg(static_cast<int>(settings.theme()))
                 .arg(settings.wordsPercent())
                 .arg(scale());
    if (!controller.hasWorkbook()) {
        lines << QStringLiteral("no workbook open");
    } else {
        lines << QStringLiteral("workbook: %1 bytes%2, drums %3, own tones %4, entries %5")
                     .arg(QFileInfo(controller.workbookPath()).size())
                     .arg(controller.isReadOnly() ? QStringLiteral(", read only") : QString())
                     .arg(controller.drums().size())
                     .arg(controller.ownTones())
                     .arg(controller.entries().size());
    }
    if (controller.hasSession()) {
        const Session& session = controller.session();
        lines << QStringLiteral("session: station %1, source %2, clock %3, rods %4")
                     .arg(static_cast<int>(session.station))
                     .arg(static_cast<int>(session.source))
                     .arg(session.clock)
                     .arg(session.drum.rods)
              << headLine("snare side", session.snareSide) << headLine("batter", session.batter)
              << QStringLiteral("wires: strainer %1, tests %2, rattles %3; pads %4, strokes %5")
                     .arg(session.wires.strainer.value)
                     .arg(session.wires.tests.size())
                     .arg(session.wires.rattles.size())
                     .arg(session.pads.size())
                     .arg(session.strokes.size());
        const QUndoStack& steps = controller.undoStack();
        QStringList last;
        for (int i = std::max(0, steps.index() - kLastSteps); i < steps.index(); ++i)
            last << steps.text(i);
        lines << QStringLiteral("last steps: %1").arg(last.join(QStringLiteral(", ")));
    }
    return lines.join(QLatin1Char('\n')) + QLatin1Char('\n');
}

void saveReport(SessionController& controller, QWidget* parent) {
    const QString file =
        askWhereToSave(controller.settings(), FileKind::Report, parent, ReportText::tr("Save a report"),
                       QStringLiteral("bombo-report.txt"), ReportText::tr("Text (*.txt)"));
    if (file.isEmpty())
        return;
    if (!saveFile(controller, file, reportText(controller).toUtf8()))
        return;
    controller.say(
        ReportText::tr(
            "The report was written to %1. It holds no sound and no names; read it before you send it.")
            .arg(file));
}

} // namespace bombo
