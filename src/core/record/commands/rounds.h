#pragma once
/// Rounds of taps, and of what is read beside the rods in silence.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

struct BeginTapping {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "begin_tapping";
    HeadSide side = HeadSide::Batter;
    int startRod = 0;
    Direction direction = Direction::CounterClockwise;
    Outcome carryOut(Session session) const;
};

struct TapHeard {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "tap_heard";
    HeadSide side = HeadSide::Batter;
    RodReading reading;
    std::optional<int> rod = std::nullopt; ///< 0-based, where a marker names it; else the one that is due
    Outcome carryOut(Session session) const;
};

/// The mark of the gauge beside the rod that is due.
struct GaugeRead {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "gauge_read";
    HeadSide side = HeadSide::Batter;
    double mark = 0;
    Outcome carryOut(Session session) const;
};

/// Another way of tapping the rounds on a head.
struct ChooseWay {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "choose_way";
    HeadSide side = HeadSide::Batter;
    RoundWay way;
    Outcome carryOut(Session session) const;
};

/// One more tap at this rod, out of turn.
struct AskAgain {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "ask_again";
    HeadSide side = HeadSide::Batter;
    int rod = 0;
    Outcome carryOut(Session session) const;
};

} // namespace bombo
