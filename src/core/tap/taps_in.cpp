#include "core/tap/taps_in.h"

namespace bombo {

std::vector<Tap> tapsIn(std::span<const float> sound, double sampleRate) {
    TapSplitter splitter(sampleRate);
    std::vector<Tap> taps = splitter.push(sound);
    for (Tap& tap : splitter.finish())
        taps.push_back(std::move(tap));
    return taps;
}

} // namespace bombo
