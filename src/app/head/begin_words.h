#pragma once
/// How the work on a head begins, as a sentence.
#include "core/record/session.h"

#include <QString>

namespace bombo {

/// "A new head, the wires lifted, seated by palm. Turned in pairs with two keys, at most 1/2 turn at a time,
/// corrected both ways, until it is even to ±8 cents."
QString beginSentence(const Session& session, HeadSide side);

} // namespace bombo
