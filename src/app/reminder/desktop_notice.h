#pragma once
#include <QString>

namespace bombo {

/// Asks the desktop to show a notice. Where there is no desktop that does, nothing happens.
void notifyDesktop(const QString& title, const QString& text);

} // namespace bombo
