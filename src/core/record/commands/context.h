#pragma once
/// Where one is and what one notes; nothing of it is undone.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

struct GoTo {
    static constexpr Touches touches = Touches::Context;
    static constexpr const char* name = "go_to";
    Station station = Station::Drum;
    Outcome carryOut(Session session) const;
};

struct ChooseSource {
    static constexpr Touches touches = Touches::Context;
    static constexpr const char* name = "choose_source";
    SoundSource source = SoundSource::Practice;
    Outcome carryOut(Session session) const;
};

struct SetNote {
    static constexpr Touches touches = Touches::Context;
    static constexpr const char* name = "set_note";
    std::string note;
    Outcome carryOut(Session session) const;
};

struct SetNearestRod {
    static constexpr Touches touches = Touches::Context;
    static constexpr const char* name = "nearest_rod";
    std::optional<int> rod; ///< 0-based; empty: the hoop is laid out from the strainer
    Outcome carryOut(Session session) const;
};

struct SetReminder {
    static constexpr Touches touches = Touches::Context;
    static constexpr const char* name = "reminder";
    std::optional<Reminder> reminder;
    Outcome carryOut(Session session) const;
};

} // namespace bombo
