#include "core/record/own_kind.h"

#include "core/record/heads_say.h"
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

Result<PadKind, CalibrationFault> calibratedKind(const Session& session, const std::string& id,
                                                 const std::vector<HeardStroke>& without) {
    const auto pad = std::find_if(session.pads.rbegin(), session.pads.rend(),
                                  [&](const Pad& p) { return p.kind.id == id; });
    std::vector<Pad> others;
    for (const Pad& other : session.pads)
        if (other != *pad)
            others.push_back(other);
    return calibrateKind(knownState(session), *pad, heardBoth(without, session.strokes), others);
}

} // namespace bombo
