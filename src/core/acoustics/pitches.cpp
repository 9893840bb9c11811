#include "core/acoustics/pitches.h"

#include <algorithm>

namespace bombo {

namespace {

Held otherHeld(HeadSide side) {
    return side == HeadSide::Batter ? Held::SnareSide : Held::Batter;
}

} // namespace

Hertz edgePitch(const DrumState& drum, HeadSide side) {
    return coupledModes(drum, {.lowestM = 1, .highestM = 1, .perM = 1, .held = otherHeld(side)})
        .front()
        .frequency;
}

std::vector<CoupledMode> mutedModes(const DrumState& drum, HeadSide side) {
    return coupledModes(drum, {.held = otherHeld(side)});
}

NamedPitches namedPitches(const DrumState& drum) {
    const auto open = coupledModes(drum, {.lowestM = 0, .highestM = 1, .perM = 2});
    const auto firstOfOne = std::find_if(open.begin(), open.end(), [](const auto& m) { return m.m == 1; });
    const auto secondOfOne = firstOfOne + 1;
    const bool batterIsLower = firstOfOne->batterShare >= 0.5;

    NamedPitches pitches;
    pitches.batterEdge = edgePitch(drum, HeadSide::Batter);
    pitches.snareSideEdge = edgePitch(drum, HeadSide::SnareSide);
    pitches.batterEdgeOpen = (batterIsLower ? firstOfOne : secondOfOne)->frequency;
    pitches.snareSideEdgeOpen = (batterIsLower ? secondOfOne : firstOfOne)->frequency;
    pitches.centre = open.front().frequency;
    pitches.edgeOverCentre = pitches.batterEdgeOpen / pitches.centre;
    pitches.ratioReversed = !batterIsLower;
    return pitches;
}

} // namespace bombo
