#pragma once
/// Going back to an entry of the logbook.
#include "core/log/back_to.h"
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// The moves of the plan are at hand on both heads, the tone asks for the pitches of the entry, and where
/// knob and pads were is remembered for their stations. A head that nothing was said of stays as it is; one
/// that needs no move is heard once more.
struct GoBack {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "go_back";
    BackTo plan;
    Tone tone;      ///< of the entry; its pitches are put in place of this one's
    std::string to; ///< what the user knows the entry by
    Outcome carryOut(Session session) const;
};

/// The tone that asks for the plan's pitches on this drum.
Tone toneOf(const BackTo& plan, Tone tone, const Shell& shell);

} // namespace bombo
