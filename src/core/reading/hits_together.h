#pragma once
/// What several whole strokes on one drum say together.
#include "core/reading/hit_portrait.h"

namespace bombo {

/// One portrait of several hits. The centre pitch is that of most of them; where they took different partials
/// for it, the lowest partial that most of them hold strongly, so that a stroke in which another one stood
/// out does not move it. The edge likewise, among what lies where an edge can; ring, buzz and brightness are
/// medians. Each error is what the hits show between them (1.48 times the median deviation over the root of
/// their number) together with half of the variance that a hit alone states: the place of the microphone and
/// of the stroke is common to them and does not average out. @pre not empty
HitPortrait together(const std::vector<HitPortrait>& hits);

} // namespace bombo
