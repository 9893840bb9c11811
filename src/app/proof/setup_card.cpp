#include "app/proof/setup_card.h"

#include "app/files/file_questions.h"
#include "app/proof/proof_sheet.h"
#include "store/exchange/written_file.h"

#include <QPdfWriter>
#include <QSaveFile>

namespace bombo {
namespace {

struct SetupCardText {
    Q_DECLARE_TR_FUNCTIONS(SetupCard)
};

} // namespace

bool saveSetupCard(SessionController& controller, const SheetContent& content, const QString& path) {
    if (const auto problem = whyNotWriteTo(path, Overwrite::IfAsked)) { // the dialog has asked
        controller.tell(problem->text);
        return false;
    }
    QSaveFile file(path); // beside it first: a full disk leaves no half page under the name
    bool isWritten = file.open(QIODevice::WriteOnly);
    if (isWritten) {
        QPdfWriter writer(&file);
        writer.setTitle(content.title);
        isWritten = printSheet(writer, content);
    }
    if (isWritten && file.flush() && file.commit()) // commit alone does not notice a full disk at the end
        return true;
    controller.tell(
        SetupCardText::tr("%1 cannot be written. Choose another folder, or make room on the disk.")
            .arg(path));
    return false;
}

void askForSetupCard(SessionController& controller, const SheetContent& content, QWidget* parent) {
    QString name = content.title;
    for (const QChar bad : {QLatin1Char(':'), QLatin1Char('/')})
        name.replace(bad, QLatin1Char(','));
    const QString path = askWhereToSave(controller.settings(), FileKind::Card, parent,
                                        SetupCardText::tr("Save the setup card"),
                                        name + QLatin1String(".pdf"), SetupCardText::tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        saveSetupCard(controller, content, path);
}

} // namespace bombo
