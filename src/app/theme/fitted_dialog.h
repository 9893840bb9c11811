#pragma once
/// Dialogs that are never lower than their words.

class QDialog;

namespace bombo {

/// Makes a dialog as high as its wrapped words need at its width, whenever words, type or width change; as
/// high as the screen at most. Layouts alone do not: what they ask for at least knows nothing of wrapped
/// lines.
void keepWordsWhole(QDialog* dialog);

} // namespace bombo
