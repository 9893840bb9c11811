#pragma once
/// The two short sounds for hands that are busy: that tap was heard; again.
#include <vector>

namespace bombo {

enum class Cue { Heard, Again };
inline constexpr double kCueRate = 48000; ///< Hz

/// Heard: one short high note. Again: two low ones, falling. Soft at both ends, at most -12 dB full scale;
/// 0.08 and 0.3 s long, so that they do not fall into the next tap.
std::vector<float> cueSound(Cue cue);

} // namespace bombo
