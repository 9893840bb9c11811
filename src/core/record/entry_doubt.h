#pragma once
/// Whether what an entry says can be of its drum at all: 29 for 290 Hz is a slip of the finger.
#include "core/log/entry.h"
#include "core/units/result.h"

namespace bombo {

/// Edge pitches that a head of a drum can have: from far below finger-tight to where its film gives way.
struct PitchSpan {
    Hertz lowest;
    Hertz highest;
    bool holds(Hertz pitch) const { return pitch >= lowest && pitch <= highest; }
};
PitchSpan pitchSpanOf(const Drum& drum, HeadSide side);

/// @param spans of both heads of the entry's drum
/// @return the figure that cannot be, with what it could be
std::optional<InputProblem> doubtIn(const EntryFigures& figures, const Drum& drum, const PitchSpan& batter,
                                    const PitchSpan& snareSide);

} // namespace bombo
