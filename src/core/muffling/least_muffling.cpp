#include "core/muffling/least_muffling.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

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

/// One thing more, everywhere it may lie, by its rough ring.
std::vector<MufflingPlan> withOneMore(const std::vector<Pad>& pads, const std::vector<PadKind>& kinds,
                                      const Muffler& muffler, const Shell& shell) {
    std::vector<MufflingPlan> tried;
    for (const PadKind& kind : kinds)
        for (const Pad& pad : placesFor(kind, pads, muffler, shell)) {
            MufflingPlan next{pads, {}, false};
            next.pads.push_back(pad);
            next.ring = muffler.roughRing(next.pads);
            tried.push_back(std::move(next));
        }
    return tried;
}

/// Of those that reach the wish the one that takes least; else the one that takes most.
MufflingPlan bestOf(std::vector<MufflingPlan> tried, const Muffler& muffler, double highest) {
    MufflingPlan best =
        *std::min_element(tried.begin(), tried.end(),
                          [](const MufflingPlan& a, const MufflingPlan& b) { return a.ring < b.ring; });
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
    return best;
}

/// Down to the shortest ring nearby: each thing that was not laid already inward and outward, the later ones
/// round the head too. The places above are far apart beside a thing's own pitch on the film.
MufflingPlan movedALittle(const MufflingPlan& plan, std::size_t laid, const Muffler& muffler,
                          const Shell& shell) {
    constexpr int most = 2; // rounds
    const bool firstTurns = muffler.point().from == HeardFrom::Microphone;
    std::vector<Pad> pads = plan.pads;
    double shortest = muffler.roughRing(pads).value;
    for (int round = 0; round < most; ++round) {
        const double step = 0.011 / (1 << round);
        const double turn = std::numbers::pi / (8 << round);
        for (std::size_t i = laid; i < pads.size(); ++i) {
            if (pads[i].kind.footprint != Footprint::Disc)
                continue;
            std::vector<std::pair<double, double>> ways{{step, 0.0}, {-step, 0.0}};
            if (i > 0 || firstTurns) {
                ways.emplace_back(0.0, turn);
                ways.emplace_back(0.0, -turn);
            }
            for (const auto& [inward, aside] : ways) {
                std::vector<Pad> others = pads;
                others.erase(others.begin() + static_cast<std::ptrdiff_t>(i));
                Pad there = pads[i];
                there.fromCentre = there.fromCentre - Metres{inward};
                there.angle = Radians{std::remainder(there.angle.value + aside, 2.0 * std::numbers::pi)};
                if (checkPad(there, others, shell) != PadProblem::None)
                    continue;
                std::vector<Pad> next = pads;
                next[i] = there;
                const double ring = muffler.roughRing(next).value;
                if (ring < shortest) {
                    shortest = ring;
                    pads = std::move(next);
                }
            }
        }
    }
    MufflingPlan moved{std::move(pads), {}, false};
    moved.ring = muffler.ringWith(moved.pads);
    return moved;
}

} // namespace

MufflingPlan leastMuffling(const Muffler& muffler, const Shell& shell, const MufflingWish& wish) {
    const std::vector<PadKind> kinds = wish.kinds.empty() ? usualKinds() : wish.kinds;
    const double highest = wish.ring.value * kRingReached;
    MufflingPlan plan{wish.laid, muffler.ringWith(wish.laid), false};
    plan.reaches = plan.ring.value <= highest;
    for (int item = 0; item < wish.mostItems && !plan.reaches; ++item) {
        std::vector<MufflingPlan> tried = withOneMore(plan.pads, kinds, muffler, shell);
        if (std::none_of(tried.begin(), tried.end(),
                         [&](const MufflingPlan& one) { return one.ring < plan.ring; }))
            break; // nothing more shortens it
        plan = bestOf(std::move(tried), muffler, highest);
        if (item == 0 || plan.reaches)
            continue;
        // Before another thing is asked for, those that lie there are moved a little.
        MufflingPlan moved = movedALittle(plan, wish.laid.size(), muffler, shell);
        if (moved.ring < plan.ring) {
            moved.reaches = moved.ring.value <= highest;
            plan = std::move(moved);
        }
    }
    return plan;
}

} // namespace bombo
