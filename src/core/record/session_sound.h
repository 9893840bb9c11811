#pragma once
/// The session as a sound: what is wanted, and what there is.
#include "core/log/entry.h"
#include "core/preview/stroke_sound.h"
#include "core/record/session.h"

namespace bombo {

/// The drum at its targets with the ring and wires that were wished.
/// @pre the tone is within reach of the drum
PreviewStroke wantedStroke(const Session& session);
/// The drum as far as it is known now: heads as heard or counted, pads as laid, wires as set. Empty while
/// neither head was touched.
std::optional<PreviewStroke> presentStroke(const Session& session);

/// Whether an entry says how high both heads were, and no other kinds of head were on: those cannot be had to
/// sound on the drum of the session.
bool canSound(const Session& session, const EntryFigures& then);
/// The drum of the session as an entry left it: heads at its pitches, its mufflers, its knob and ring where
/// they were written down, else those of today. Empty where it cannot sound.
std::optional<PreviewStroke> strokeThen(const Session& session, const EntryFigures& then);

/// Where the strainer stands in the clean span, 0 loose to 1 tight; what is wanted before it was set.
double wireMarginNow(const Session& session);

/// The tone that the drum has now: measured where it was, wished elsewhere. Id and name are empty.
/// @pre the tone is within reach of the drum
Tone toneOfSetup(const Session& session);

} // namespace bombo
