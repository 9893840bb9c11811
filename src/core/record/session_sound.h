#pragma once
/// The session as a sound: what is wanted, and what there is.
#include "core/preview/stroke_sound.h"
#include "core/record/session.h"

namespace bombo {

/// The drum at its targets with the ring and wires that were wished.
/// @pre the tone is within reach of the drum
PreviewStroke wantedStroke(const Session& session);
/// The drum as far as it is known now: heads as heard or counted, pads as laid, wires as set. Empty while
/// neither head was touched.
std::optional<PreviewStroke> presentStroke(const Session& session);

/// Where the strainer stands in the clean span, 0 loose to 1 tight; what is wanted before it was set.
double wireMarginNow(const Session& session);

/// The tone that the drum has now: measured where it was, wished elsewhere. Id and name are empty.
/// @pre the tone is within reach of the drum
Tone toneOfSetup(const Session& session);

} // namespace bombo
