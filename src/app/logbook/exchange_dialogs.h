#pragma once
/// The logbook as a file for others, and others' files taken in, each said before it is done.
#include "app/session/session_controller.h"

class QWidget;

namespace bombo {

struct ImportPlan;

/// Asks for a file and writes it. @pre a workbook is open
void exportLogbook(SessionController& controller, QWidget* parent);
/// Asks for a file, says what it would add, and takes it in when told to. @pre likewise
void importLogbook(SessionController& controller, QWidget* parent);
/// The same of a file that was chosen or dragged here.
void importFile(const QString& file, SessionController& controller, QWidget* parent);
/// What a plan would do, in sentences.
QString importText(const ImportPlan& plan);

} // namespace bombo
