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

Seconds buzzAt(double wireMargin, Seconds ring) {
    return ring * (1.0 - (wireMargin - 0.3) / 0.75);
}

double wireMarginFor(Seconds buzz, Seconds ring) {
    return std::clamp(0.3 + 0.75 * (1.0 - buzz / ring), 0.0, 1.0);
}

} // namespace bombo
