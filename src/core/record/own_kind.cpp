#include "core/record/own_kind.h"

#include "core/units/median.h"

#include <algorithm>
#include <map>

namespace bombo {
namespace {

struct HeardRing {
    std::vector<double> hertz;
    std::vector<double> t60;
};

std::map<int, HeardRing> circularOf(const std::vector<HeardStroke>& strokes) {
    std::map<int, HeardRing> byOrder;
    for (const HeardStroke& stroke : strokes) {
        if (stroke.wires)
            continue;
        for (const StrokePartial& partial : stroke.partials)
            if (partial.m == 0) {
                byOrder[partial.order].hertz.push_back(partial.frequency.value);
                byOrder[partial.order].t60.push_back(partial.t60.value);
            }
    }
    return byOrder;
}

} // namespace

std::vector<HeardBoth> heardBoth(const std::vector<HeardStroke>& without,
                                 const std::vector<HeardStroke>& with) {
    std::vector<HeardBoth> both;
    const auto before = circularOf(without);
    for (const auto& [order, after] : circularOf(with)) {
        const auto found = before.find(order);
        if (found != before.end())
            both.push_back({0, order, Hertz{medianOf(found->second.hertz)}, Hertz{medianOf(after.hertz)},
                            Seconds{medianOf(found->second.t60)}, Seconds{medianOf(after.t60)}});
    }
    return both;
}

namespace {

/// Ring of a circular partial with these pads on.
Seconds circularRing(const Muffler& muffler, const std::vector<Pad>& pads, int order) {
    for (const MuffledPartial& partial : muffler.with(pads).partials)
        if (partial.m == 0 && partial.order == order)
            return partial.t60After;
    return {};
}

} // namespace

Result<PadKind, CalibrationFault> calibratedKind(const Session& session, const std::string& id,
                                                 const std::vector<HeardStroke>& without) {
    constexpr double mostDrag = 100.0; // N s/m
    const auto pad = std::find_if(session.pads.rbegin(), session.pads.rend(),
                                  [&](const Pad& p) { return p.kind.id == id; });
    const DrumState state = knownState(session);
    const auto both = heardBoth(without, session.strokes);
    const auto mass = massFrom(state, *pad, both);
    if (!mass || both.front().t60Without.value <= 0.0 || both.front().t60With.value <= 0.0)
        return failure(CalibrationFault::TooFewPartials);
    const HeardBoth& lowest = both.front();
    std::vector<Pad> others;
    for (const Pad& other : session.pads)
        if (other != *pad)
            others.push_back(other);
    // What it adds to the decay rate is its own; what the drum loses by itself is in both.
    const auto added = [](Seconds with, Seconds bare) { return 1.0 / with.value - 1.0 / bare.value; };
    const double heard = added(lowest.t60With, lowest.t60Without);
    const Muffler muffler(session.drum, state);
    const Seconds bare = circularRing(muffler, others, lowest.order);
    Pad tried = *pad;
    tried.kind.mass = *mass;
    tried.kind.lossFactor = 0.0;
    const auto addedBy = [&](double drag) {
        tried.kind.resistance = drag;
        std::vector<Pad> all = others;
        all.push_back(tried);
        return added(circularRing(muffler, all, lowest.order), bare);
    };
    if (addedBy(0.0) >= heard)
        return failure(CalibrationFault::NothingChanged);
    double low = 0.0;
    double high = mostDrag;
    for (int i = 0; i < 30; ++i) {
        const double middle = 0.5 * (low + high);
        (addedBy(middle) < heard ? low : high) = middle;
    }
    tried.kind.resistance = high;
    return tried.kind;
}

} // namespace bombo
