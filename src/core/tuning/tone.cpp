#include "core/tuning/tone.h"

#include <algorithm>
#include <cmath>

namespace bombo {

Seconds ringWanted(const ToneBrief& brief) {
    return brief.tone.ring * std::pow(brief.tone.ringSpan, brief.wish.longer);
}

double wireMarginWanted(const ToneBrief& brief) {
    return std::clamp(brief.tone.wireMargin - brief.tone.wireSpan * brief.wish.wire, 0.0, 1.0);
}

} // namespace bombo
