#pragma once
/// The least that reaches a ring time.
#include "core/muffling/muffling.h"

namespace bombo {

struct MufflingWish {
    Seconds ring;               ///< wanted of the whole tone, > 0
    std::vector<PadKind> kinds; ///< at hand; empty: gel pads in all sizes, a film ring, tape
    std::vector<Pad> laid{};    ///< stay where they are
    int mostItems = 3;
};

struct MufflingPlan {
    std::vector<Pad> pads; ///< those laid among them
    Seconds ring;
    bool reaches = false; ///< else it is the shortest ring that was found
};

/// Fewest things first; among as many the ring nearest to the wish, so that the least loss is added. Places
/// off the landing area and off each other; where a close microphone listens their direction counts, else the
/// first lies on the far side. Before a third thing is asked for those that lie there are moved a
/// little. Deterministic; some 150 ms for three things.
MufflingPlan leastMuffling(const Muffler& muffler, const Shell& shell, const MufflingWish& wish);

/// A ring counts as reached up to this share above the wish.
inline constexpr double kRingReached = 1.06;

} // namespace bombo
