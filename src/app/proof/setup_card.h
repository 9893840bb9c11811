#pragma once
/// The page of a setup kept as a PDF: from the proof, and of an entry of the logbook.
#include "app/session/session_controller.h"

class QWidget;

namespace bombo {

/// @param made when it was, as the page says. @return false after a notice
bool saveSetupCard(SessionController& controller, const Session& session, const QString& made,
                   const QString& path);
/// Asks where to.
void askForSetupCard(SessionController& controller, const Session& session, const QString& made,
                     QWidget* parent);

} // namespace bombo
