#include "core/record/backbeats.h"

#include "core/units/median.h"

#include <algorithm>

namespace bombo {
namespace {

/// Of the lowest (1,1) against the lowest (0,1) partial, dB.
std::optional<double> balanceOf(const HeardStroke& stroke) {
    std::optional<double> middle;
    std::optional<double> edge;
    for (const StrokePartial& partial : stroke.partials) {
        if (partial.order != 1 || partial.m > 1)
            continue;
        std::optional<double>& level = partial.m == 0 ? middle : edge;
        level = std::max(level.value_or(-200.0), partial.levelDb);
    }
    return middle && edge ? std::optional(*edge - *middle) : std::nullopt;
}

} // namespace

std::vector<Backbeat> backbeatsFrom(const std::vector<HeardStroke>& strokes) {
    if (strokes.empty())
        return {};
    const HeardStroke& last = strokes.back();
    std::vector<HeardStroke> alike;
    std::vector<double> balances;
    for (const HeardStroke& stroke : strokes) {
        if (stroke.wires != last.wires || (last.wires && stroke.strainer != last.strainer))
            continue;
        alike.push_back(stroke);
        if (const auto balance = balanceOf(stroke))
            balances.push_back(*balance);
    }
    const double usual = balances.empty() ? 0.0 : medianOf(balances);
    std::vector<Backbeat> backbeats;
    for (const HeardStroke& stroke : alike) {
        Backbeat backbeat{stroke.levelDb, {}, stroke.tone};
        if (const auto balance = balanceOf(stroke))
            backbeat.place = placeFromBalance(*balance - usual);
        backbeats.push_back(backbeat);
    }
    return backbeats;
}

} // namespace bombo
