#pragma once
/// A session that knows what a stroke at this stop of the knob said of the wires.
#include "core/record/session.h"

namespace bombo {

/// The same stroke at the same stop again: the newer answer counts.
Session withAnswer(Session session, const WireAnswer& answer);

} // namespace bombo
