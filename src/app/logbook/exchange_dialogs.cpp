#include "app/logbook/exchange_dialogs.h"

#include "app/files/file_questions.h"

#include "store/exchange/exchange.h"

#include <QCoreApplication>
#include <QMessageBox>
#include <QPushButton>

namespace bombo {
namespace {

struct ExchangeText {
    Q_DECLARE_TR_FUNCTIONS(Exchange)
};

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
    if (const auto problem = exportTo(file, *controller.workbook(), std::nullopt,
                                      kind == readings ? Exported::Readings : Exported::ByEnding))
        return controller.tell(problem->text);
    controller.say(ExchangeText::tr("The logbook was written to %1.").arg(file));
}

void importLogbook(SessionController& controller, QWidget* parent) {
    const QString file =
        askWhichFile(controller.settings(), FileKind::Logbook, parent, ExchangeText::tr("Take in a logbook"),
                     ExchangeText::tr("Logbooks and tables (*.json *.csv);;All files (*)"));
    if (!file.isEmpty())
        importFile(file, controller, parent);
}

QString importText(const ImportPlan& plan) {
    QStringList said;
    if (plan.addsNothing()) {
        said << ExchangeText::tr("Nothing in it is new.");
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
        said << ExchangeText::tr("There already, word for word: %1.").arg(plan.same);
    if (!plan.differs.isEmpty())
        said << ExchangeText::tr("There already but said otherwise; what is here stays: %1.")
                    .arg(few(plan.differs));
    if (!plan.refused.isEmpty())
        said << ExchangeText::tr("Cannot be taken in: %1.").arg(few(plan.refused));
    return said.join(QStringLiteral("\n\n"));
}

void importFile(const QString& file, SessionController& controller, QWidget* parent) {
    const auto plan = importPlanOf(file, *controller.workbook());
    if (!plan)
        return controller.tell(plan.fault().text);
    QMessageBox ask(QMessageBox::Question, ExchangeText::tr("Take in a logbook"), importText(*plan),
                    QMessageBox::NoButton, parent);
    ask.setTextFormat(Qt::PlainText);
    QPushButton* take = nullptr;
    if (!plan->addsNothing()) {
        take = ask.addButton(ExchangeText::tr("Take it in"), QMessageBox::AcceptRole);
        take->setObjectName(QStringLiteral("takeIn"));
    }
    ask.addButton(plan->addsNothing() ? ExchangeText::tr("Close") : ExchangeText::tr("Leave it"),
                  QMessageBox::RejectRole)
        ->setObjectName(QStringLiteral("leaveIt"));
    ask.exec();
    if (take != nullptr && ask.clickedButton() == take)
        controller.takeIn(plan->adds);
}

} // namespace bombo
