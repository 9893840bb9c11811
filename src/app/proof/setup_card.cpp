#include "app/proof/setup_card.h"

#include "app/language/language.h"
#include "app/proof/proof_sheet.h"

#include <QFileDialog>
#include <QPdfWriter>
#include <QSaveFile>

namespace bombo {
namespace {

struct SetupCardText {
    Q_DECLARE_TR_FUNCTIONS(SetupCard)
};

} // namespace

bool saveSetupCard(SessionController& controller, const Session& session, const QString& made,
                   const QString& path) {
    QSaveFile file(path); // beside it first: a full disk leaves no half page under the name
    bool isWritten = file.open(QIODevice::WriteOnly);
    if (isWritten) {
        QPdfWriter writer(&file);
        writer.setTitle(
            SetupCardText::tr("%1 on %2")
                .arg(catalogueText(session.tone.name), QString::fromStdString(session.drum.name)));
        isWritten = printSheet(writer, session, made);
    }
    if (isWritten && file.flush() && file.commit()) // commit alone does not notice a full disk at the end
        return true;
    controller.tell(
        SetupCardText::tr("%1 cannot be written. Choose another folder, or make room on the disk.")
            .arg(path));
    return false;
}

void askForSetupCard(SessionController& controller, const Session& session, const QString& made,
                     QWidget* parent) {
    const QString name = QString::fromStdString(session.drum.name + " " + session.tone.name);
    const QString path = QFileDialog::getSaveFileName(
        parent, SetupCardText::tr("Save the setup card"),
        QString(name).replace(QLatin1Char(':'), QLatin1Char(',')) + QLatin1String(".pdf"),
        SetupCardText::tr("PDF (*.pdf)"));
    if (!path.isEmpty())
        saveSetupCard(controller, session, made, path);
}

} // namespace bombo
