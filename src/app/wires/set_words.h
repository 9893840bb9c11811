#pragma once
/// What is said of wires that are set: the room they have, what one more eighth would bring, what they do to
/// the head.
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QString>

namespace bombo {

/// Line by line.
QString setWords(const Reckoned& reckoned, const WireAdvice& advice);

} // namespace bombo
