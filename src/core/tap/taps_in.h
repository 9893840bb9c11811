#pragma once
/// A sound that is there as a whole, cut into its taps.
#include "core/tap/tap_splitter.h"

namespace bombo {

/// As a TapSplitter cuts a stream, with the tap that is open at the end.
std::vector<Tap> tapsIn(std::span<const float> sound, double sampleRate = 48000);

} // namespace bombo
