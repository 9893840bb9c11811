#pragma once
/// A microphone whose driver shuts when it grows quiet, or turns its gain with what it hears.
#include "core/tap/tap_splitter.h"

#include <optional>

namespace bombo {

/// When the sound goes dead after the onset: the power falls by 30 dB within 24 ms and never comes back,
/// which no head and no room does. Empty where it fades.
std::optional<Seconds> goesDeadAt(const Tap& tap);

/// Whether the floor is 6 dB lower somewhere after the tap than it was before it: the driver turned its gain
/// down for the blow and lets it rise again. Told by what lies above 1 kHz, where a head is silent again
/// first and a short stretch of noise has a sure level. False where nothing sounded before.
bool floorSinks(const Tap& tap);

} // namespace bombo
