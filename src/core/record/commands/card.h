#pragma once
/// The pitch card.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// A clear tap for the place of the pitch card that is due.
struct CardTapHeard {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "card_tap";
    RodReading reading;
    Outcome carryOut(Session session) const;
};

/// The card's last tap was no good: its place is due again.
struct TakeBackCardTap {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "card_tap_back";
    Outcome carryOut(Session session) const;
};

/// The pitch card is begun anew.
struct StartCard {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "start_card";
    Outcome carryOut(Session session) const;
};

} // namespace bombo
