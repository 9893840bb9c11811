#pragma once
/// The page of a setup kept as a PDF: from the proof, and of an entry of the logbook.
#include "app/proof/sheet_content.h"
#include "app/session/session_controller.h"

class QWidget;

namespace bombo {

/// @return false after a notice
bool saveSetupCard(SessionController& controller, const SheetContent& content, const QString& path);
/// Asks where to.
void askForSetupCard(SessionController& controller, const SheetContent& content, QWidget* parent);

} // namespace bombo
