#pragma once
/// Time played, from strokes as they are heard: who plays goes on, who tries a stroke stops.
#include "core/units/quantities.h"

namespace bombo {

class PlayTime {
public:
    static constexpr Seconds kLongestPause{3.0}; ///< two and four of the slowest ballad lie closer. Estimate.
    static constexpr int kFewestStrokes = 16;    ///< of a stretch that counts; fewer are tries. Estimate.

    /// @param at growing, from any beginning
    void stroke(Seconds at) {
        const Seconds pause = at - m_last;
        const bool goesOn = m_stretch > 0 && pause.value >= 0.0 && pause <= kLongestPause;
        m_last = at;
        m_stretch = goesOn ? m_stretch + 1 : 1;
        m_stretchTook = goesOn ? m_stretchTook + pause : Seconds{};
        if (m_stretch == kFewestStrokes) {
            m_strokes += m_stretch;
            m_played = m_played + m_stretchTook;
        } else if (m_stretch > kFewestStrokes) {
            ++m_strokes;
            m_played = m_played + pause;
        }
    }
    Seconds played() const { return m_played; }
    int strokes() const { return m_strokes; }

private:
    Seconds m_last;
    Seconds m_stretchTook;
    Seconds m_played;
    int m_stretch = 0;
    int m_strokes = 0;
};

} // namespace bombo
