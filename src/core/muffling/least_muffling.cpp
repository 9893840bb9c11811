#include "core/muffling/least_muffling.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr double kRough = 1.02;      // what a rough ring may be above the true one
constexpr std::size_t kLookedAt = 4; // of those that seem to reach, closely

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
    // To one thing alone both sides are alike.
    const bool mirrored = muffler.point().from != HeardFrom::Microphone && laid.size() == 1 &&
                          laid.front().angle == Radians{std::remainder(farSide, 2.0 * std::numbers::pi)};
    const int depths = kind.footprint == Footprint::Disc ? 3 : 1;
    std::vector<Pad> places;
    for (int depth = 0; depth < depths; ++depth)
        for (int turn = 0; turn < (mirrored ? turns / 2 + 1 : turns); ++turn) {
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
        std::vector<MufflingPlan> tried;
        for (const PadKind& kind : kinds)
            for (const Pad& pad : placesFor(kind, plan.pads, muffler, shell)) {
                MufflingPlan next{plan.pads, {}, false};
                next.pads.push_back(pad);
                next.ring = muffler.roughRing(next.pads);
                tried.push_back(std::move(next));
            }
        const auto shortest =
            std::min_element(tried.begin(), tried.end(),
                             [](const MufflingPlan& a, const MufflingPlan& b) { return a.ring < b.ring; });
        if (shortest == tried.end() || shortest->ring >= plan.ring)
            break; // nothing more shortens it
        // Of those that reach the wish the one that takes least; else the one that takes most, and go on.
        MufflingPlan best = *shortest;
        std::erase_if(tried, [&](const MufflingPlan& one) { return one.ring.value > kRough * highest; });
        std::stable_sort(tried.begin(), tried.end(),
                         [](const MufflingPlan& a, const MufflingPlan& b) { return a.ring > b.ring; });
        for (std::size_t i = 0; i < std::min(tried.size(), kLookedAt) && !best.reaches; ++i) {
            tried[i].ring = muffler.ringWith(tried[i].pads);
            tried[i].reaches = tried[i].ring.value <= highest;
            if (tried[i].reaches)
                best = std::move(tried[i]);
        }
        if (!best.reaches) {
            best.ring = muffler.ringWith(best.pads);
            best.reaches = best.ring.value <= highest;
        }
        plan = std::move(best);
    }
    return plan;
}

} // namespace bombo
