#include "core/record/entry_doubt.h"

#include "core/acoustics/pitches.h"
#include "core/tuning/turn_response.h"

#include <cmath>
#include <fmt/format.h>

namespace bombo {

PitchSpan pitchSpanOf(const Drum& drum, HeadSide side) {
    constexpr double slack = 0.3; // of finger-tight: a head that hangs loose says no clear pitch
    constexpr double hot = 1.12;  // of the pitch: other weather, another film of the same name
    const Air air{};
    const auto pitch = [&](Tension tension) {
        return edgePitch(drumState(drum, tension, tension, air), side);
    };
    return {pitch(kFingerTight * slack), pitch(tensionAtLoad(drum.head(side), 1.0)) * hot};
}

std::optional<InputProblem> doubtIn(const EntryFigures& figures, const Drum& drum, const PitchSpan& batter,
                                    const PitchSpan& snareSide) {
    // An entry of another size, from before the drum was described as it is now, is not judged by this one.
    if (figures.diameter && std::abs(figures.diameter->value - drum.shell.diameter.value) > 1e-3)
        return std::nullopt;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        const PitchSpan& span = side == HeadSide::Batter ? batter : snareSide;
        const HeadFigures& head = figures.head(side);
        for (const auto& heard : {head.left, head.found})
            if (heard && !span.holds(heard->edge))
                return InputProblem{side == HeadSide::Batter ? "batter_hz" : "snare_side_hz",
                                    fmt::format("{:g} Hz is no pitch of {} ({:.0f} to {:.0f} Hz); a slip?",
                                                heard->edge.value, drum.name, span.lowest.value,
                                                span.highest.value)};
    }
    return std::nullopt;
}

} // namespace bombo
