#include "app/logbook/exchange_dialogs.h"

#include "app/files/file_questions.h"

#include "store/exchange/exchange.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QMessageBox>
#include <QProgressDialog>
#include <QPushButton>

namespace bombo {
namespace {

struct ExchangeText {
    Q_DECLARE_TR_FUNCTIONS(Exchange)
};

constexpr int kShown = 1000; ///< steps of a progress bar

/// Shows how far it is once it takes long; its button gives up. The window goes on being painted meanwhile.
Progress shownIn(QProgressDialog& dialog) {
    dialog.setWindowModality(Qt::ApplicationModal);
    dialog.setMinimumDuration(300);
    return [&dialog](double share) {
        dialog.setValue(std::min(kShown - 1, static_cast<int>(share * kShown)));
        QCoreApplication::processEvents();
        return !dialog.wasCanceled();
    };
}

/// The first few, and how many more.
QString few(const QStringList& lines) {
    constexpr qsizetype most = 4;
    QString text = lines.mid(0, most).join(QStringLiteral("; "));
    if (lines.size() > most)
        text += ExchangeText::tr("; and %n more", nullptr, static_cast<int>(lines.size() - most));
    return text;
}

} // namespace

void exportLogbook(SessionController& controller, QWidget* parent) {
    const QString readings = ExchangeText::tr("Readings of every rod, for a spreadsheet (*.csv)");
    const QString kinds =
        ExchangeText::tr("Everything, for another workbook (*.json);;Entries, for a spreadsheet (*.csv)") +
        QStringLiteral(";;") + readings;
    QString kind;
    const QString file =
        askWhereToSave(controller.settings(), FileKind::Logbook, parent,
                       ExchangeText::tr("Export the logbook"), QStringLiteral("logbook.json"), kinds, &kind);
    if (file.isEmpty())
        return;
    const auto done =
        exportTo(file, *controller.workbook(), std::nullopt,
                 kind == readings ? Exported::Readings : Exported::ByEnding, Overwrite::IfAsked);
    if (!done)
        return controller.tell(done.fault().text);
    if (done->leftOut.isEmpty())
        return controller.say(ExchangeText::tr("Logbook exported to %1. It holds your notes and the names of "
                                               "players and places.")
                                  .arg(file));
    controller.tell(
        ExchangeText::tr("Logbook exported to %1. Some of it is damaged: %2.").arg(file, few(done->leftOut)));
}

void importLogbook(SessionController& controller, QWidget* parent) {
    const QString file =
        askWhichFile(controller.settings(), FileKind::Logbook, parent, ExchangeText::tr("Import a logbook"),
                     ExchangeText::tr("Logbooks and tables (*.json *.csv);;All files (*)"));
    if (!file.isEmpty())
        importFile(file, controller, parent);
}

QString importText(const ImportPlan& plan) {
    QStringList said;
    if (plan.addsNothing()) {
        said << ExchangeText::tr("Nothing new to import.");
    } else {
        QStringList adds;
        if (!plan.adds.drums.empty())
            adds << ExchangeText::tr("%n drums", nullptr, static_cast<int>(plan.adds.drums.size()));
        if (!plan.adds.tones.empty())
            adds << ExchangeText::tr("%n tones", nullptr, static_cast<int>(plan.adds.tones.size()));
        if (!plan.adds.entries.empty())
            adds << ExchangeText::tr("%n entries", nullptr, static_cast<int>(plan.adds.entries.size()));
        said << ExchangeText::tr("It adds: %1.").arg(adds.join(QStringLiteral(", ")));
    }
    if (plan.same > 0)
        said << ExchangeText::tr("Already here: %1.").arg(plan.same);
    if (!plan.differs.isEmpty())
        said << ExchangeText::tr("Already here with different details (yours are kept): %1.")
                    .arg(few(plan.differs));
    if (!plan.refused.isEmpty())
        said << ExchangeText::tr("Left out: %1.").arg(few(plan.refused));
    return said.join(QStringLiteral("\n\n"));
}

void importFile(const QString& file, SessionController& controller, QWidget* parent) {
    const auto here = controller.workbook()->parcel(std::nullopt, Setups::LeftOut);
    if (!here)
        return controller.tell(problemText(here.fault()));
    QProgressDialog reading(ExchangeText::tr("Reading %1").arg(QFileInfo(file).fileName()),
                            ExchangeText::tr("Cancel"), 0, kShown, parent);
    const auto plan = importPlanOf(file, *here, shownIn(reading));
    reading.reset();
    if (!plan)
        return plan.fault().isGivenUp ? void() : controller.tell(plan.fault().text);
    QMessageBox ask(QMessageBox::Question, ExchangeText::tr("Import a logbook"), importText(*plan),
                    QMessageBox::NoButton, parent);
    ask.setTextFormat(Qt::PlainText);
    QPushButton* take = nullptr;
    if (!plan->addsNothing()) {
        take = ask.addButton(ExchangeText::tr("Import"), QMessageBox::AcceptRole);
        take->setObjectName(QStringLiteral("takeIn"));
    }
    ask.addButton(plan->addsNothing() ? ExchangeText::tr("Close") : ExchangeText::tr("Cancel"),
                  QMessageBox::RejectRole)
        ->setObjectName(QStringLiteral("leaveIt"));
    ask.exec();
    if (take == nullptr || ask.clickedButton() != take)
        return;
    QProgressDialog writing(ExchangeText::tr("Importing %1").arg(QFileInfo(file).fileName()),
                            ExchangeText::tr("Cancel"), 0, kShown, parent);
    controller.takeIn(plan->adds, shownIn(writing));
}

} // namespace bombo
