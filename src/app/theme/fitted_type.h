#pragma once
/// Type that gives way where a language needs more room.
#include "app/theme/palette.h"

namespace bombo {

/// As typeface(), smaller where the text would not fit a width; never below 11.
QFont typefaceFor(const QString& text, double width, int pixels, QFont::Weight weight = QFont::Normal);

} // namespace bombo
