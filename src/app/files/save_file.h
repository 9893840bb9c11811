#pragma once
#include <QByteArray>
#include <QString>

namespace bombo {

class SessionController;

/// Writes a file whole or not at all; one that cannot be written is said in the notice. @return whether it
/// was written
bool saveFile(SessionController& controller, const QString& file, const QByteArray& bytes);

} // namespace bombo
