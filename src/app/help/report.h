#pragma once
/// What helps to find a fault of the program, in a text that its sender can read first: no sound, no names.
#include "app/session/session_controller.h"

namespace bombo {

/// English, for whoever mends it.
QString reportText(SessionController& controller);
/// Asks for a file and writes it there.
void saveReport(SessionController& controller, QWidget* parent);

} // namespace bombo
