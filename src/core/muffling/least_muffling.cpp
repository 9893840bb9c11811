#include "core/muffling/least_muffling.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

std::vector<PadKind> usualKinds() {
    std::vector<PadKind> kinds;
    for (const char* id : {"gel-pad-quarter", "gel-pad-half", "gel-pad", "gel-pad-doubled", "film-ring"})
        kinds.push_back(padKindNamed(id).value());
    return kinds;
}

/// Places worth trying for one more thing of a kind.
std::vector<Pad> placesFor(const PadKind& kind, const std::vector<Pad>& laid, const Muffler& muffler,
                           const Shell& shell) {
    constexpr double farSide = 1.5 * std::numbers::pi;
    const bool turnMatters = muffler.point().from == HeardFrom::Microphone || !laid.empty();
    const int turns = kind.footprint == Footprint::Ring || !turnMatters ? 1 : 8;
    const int depths = kind.footprint == Footprint::Disc ? 3 : 1;
    std::vector<Pad> places;
    for (int depth = 0; depth < depths; ++depth)
        for (int turn = 0; turn < turns; ++turn) {
            // From 10 mm off the hoop inward: near it for a trim, further in for more.
            const double inward = 0.010 + 0.022 * depth;
            Pad pad{shell.radius() - kind.radius - Metres{inward},
                    Radians{std::remainder(farSide + 2.0 * std::numbers::pi * turn / turns,
                                           2.0 * std::numbers::pi)},
                    kind};
            if (kind.footprint != Footprint::Disc)
                pad.fromCentre = Metres{};
            if (checkPad(pad, laid, shell) == PadProblem::None)
                places.push_back(pad);
        }
    return places;
}

} // namespace

MufflingPlan leastMuffling(const Muffler& muffler, const Shell& shell, const MufflingWish& wish) {
    const std::vector<PadKind> kinds = wish.kinds.empty() ? usualKinds() : wish.kinds;
    const double highest = wish.ring.value * kRingReached;
    MufflingPlan plan{wish.laid, muffler.ringWith(wish.laid), false};
    plan.reaches = plan.ring.value <= highest;
    for (int item = 0; item < wish.mostItems && !plan.reaches; ++item) {
        // Of those that reach the wish the one that takes least; else the one that takes most, and go on.
        MufflingPlan best = plan;
        for (const PadKind& kind : kinds)
            for (const Pad& pad : placesFor(kind, plan.pads, muffler, shell)) {
                MufflingPlan next{plan.pads, {}, false};
                next.pads.push_back(pad);
                next.ring = muffler.ringWith(next.pads);
                next.reaches = next.ring.value <= highest;
                const bool better = next.reaches != best.reaches ? next.reaches
                                    : next.reaches               ? next.ring > best.ring
                                                                 : next.ring < best.ring;
                if (better)
                    best = std::move(next);
            }
        if (best.pads.size() == plan.pads.size())
            break; // nothing more shortens it
        plan = std::move(best);
    }
    return plan;
}

} // namespace bombo
