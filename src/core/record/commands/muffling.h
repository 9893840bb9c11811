#pragma once
/// What lies on the batter head.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

struct AddPad {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "add_pad";
    Pad pad;
    Outcome carryOut(Session session) const;
};

struct MovePad {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "move_pad";
    int index = 0;
    Pad pad;
    Outcome carryOut(Session session) const;
};

struct RemovePad {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "remove_pad";
    int index = 0;
    Outcome carryOut(Session session) const;
};

/// All that lies on the batter at once, e.g. as a plan says.
struct LayPads {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "lay_pads";
    std::vector<Pad> pads;
    Outcome carryOut(Session session) const;
};

} // namespace bombo
