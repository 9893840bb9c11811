#pragma once
/// The drum itself: described anew, or a part of it replaced.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// Its description was wrong or is better known now. Another size, or another count of rods, is another drum
/// under the hands: both heads begin anew.
struct DescribeDrum {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "describe_drum";
    Drum drum; ///< of the same id
    Outcome carryOut(Session session) const;
};

/// Another head is on, new or used: the work on that side begins anew; turns and what they taught stay with
/// the old one.
struct FitHead {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "fit_head";
    HeadSide side = HeadSide::Batter;
    HeadSpec head;
    std::int64_t at = 0;    ///< seconds since 1970
    double hoursBefore = 0; ///< played elsewhere, of a used one
    Outcome carryOut(Session session) const;
};

/// A new set of strands hangs under the drum.
struct FitWires {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "fit_wires";
    WireSet wires;
    std::int64_t at = 0;
    Outcome carryOut(Session session) const;
};

/// The session of an earlier day on the drum as it is now. Work on a part that was replaced since does not
/// hold for the new one, and begins anew.
Session onDrumAsItIs(Session session, const Drum& now);

} // namespace bombo
