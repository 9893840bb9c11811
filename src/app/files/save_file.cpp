#include "app/files/save_file.h"

#include "app/session/session_controller.h"

#include <QCoreApplication>
#include <QSaveFile>

namespace bombo {
namespace {

struct SaveFileText {
    Q_DECLARE_TR_FUNCTIONS(SaveFile)
};

} // namespace

bool saveFile(SessionController& controller, const QString& file, const QByteArray& bytes) {
    QSaveFile out(file);
    // commit alone does not notice that the last of it found no room
    if (out.open(QIODevice::WriteOnly) && out.write(bytes) == bytes.size() && out.flush() && out.commit())
        return true;
    controller.tell(
        SaveFileText::tr("%1 cannot be written: %2. Choose another folder.").arg(file, out.errorString()));
    return false;
}

} // namespace bombo
