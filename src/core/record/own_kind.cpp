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

std::optional<double> ringOf(const std::vector<HeardStroke>& strokes) {
    std::vector<double> rings;
    for (const HeardStroke& stroke : strokes)
        if (!stroke.wires && stroke.tone)
            rings.push_back(stroke.tone->value);
    return rings.empty() ? std::nullopt : std::optional(medianOf(std::move(rings)));
}

} // namespace

Result<PadKind, CalibrationFault> calibratedKind(const Session& session, const std::string& id,
                                                 const std::vector<HeardStroke>& without) {
    constexpr double mostDrag = 100.0; // N s/m
    const auto pad = std::find_if(session.pads.rbegin(), session.pads.rend(),
                                  [&](const Pad& p) { return p.kind.id == id; });
    const DrumState state = knownState(session);
    const auto mass = massFrom(state, *pad, heardBoth(without, session.strokes));
    const auto ringWithout = ringOf(without);
    const auto ringWith = ringOf(session.strokes);
    if (!mass || !ringWithout || !ringWith)
        return failure(CalibrationFault::TooFewPartials);
    std::vector<Pad> others;
    for (const Pad& other : session.pads)
        if (other != *pad)
            others.push_back(other);
    const double damping = predictMuffling(session.drum, state, others).ringAfter.value / *ringWithout;
    const Muffler muffler(session.drum, state, {}, damping);
    Pad tried = *pad;
    tried.kind.mass = *mass;
    tried.kind.lossFactor = 0.0;
    const auto ringAt = [&](double drag) {
        tried.kind.resistance = drag;
        std::vector<Pad> all = others;
        all.push_back(tried);
        return muffler.ringWith(all).value;
    };
    if (ringAt(0.0) <= *ringWith)
        return failure(CalibrationFault::NothingChanged);
    double low = 0.0;
    double high = mostDrag;
    for (int i = 0; i < 30; ++i) {
        const double middle = 0.5 * (low + high);
        (ringAt(middle) > *ringWith ? low : high) = middle;
    }
    tried.kind.resistance = high;
    return tried.kind;
}

} // namespace bombo
