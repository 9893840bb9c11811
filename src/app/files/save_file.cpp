#include "app/files/save_file.h"

#include "app/session/session_controller.h"

#include "store/exchange/written_file.h"

namespace bombo {
bool saveFile(SessionController& controller, const QString& file, const QByteArray& bytes) {
    const auto problem = writeFile(file, bytes, Overwrite::IfAsked); // the dialog has asked
    if (problem)
        controller.tell(problem->text);
    return !problem;
}

} // namespace bombo
