#pragma once
/// A microphone whose driver shuts when it grows quiet.
#include "core/tap/tap_splitter.h"

#include <optional>

namespace bombo {

/// When the sound goes dead after the onset: the power falls by 30 dB within 24 ms and never comes back,
/// which no head and no room does. Empty where it fades.
std::optional<Seconds> goesDeadAt(const Tap& tap);

} // namespace bombo
