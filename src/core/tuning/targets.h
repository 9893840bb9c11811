#pragma once
/// From the tone wanted to both head tensions.
#include "core/tuning/inverse.h"
#include "core/tuning/tone.h"

namespace bombo {

struct HeadTarget {
    Hertz edgePitch; ///< with the other head muted
    Tension tension;
    double filmLoad = 0; ///< share of yield
};

struct Targets {
    HeadTarget batter;
    HeadTarget snareSide;
    NamedPitches pitches;
    TargetLimit limit = TargetLimit::None; ///< what stood in the way of the wish, if anything
    Hertz snareSideWished;                 ///< before the limit

    const HeadTarget& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
};

struct OutOfReach {
    TargetLimit limit;
    Hertz wished;
    Hertz nearest; ///< the nearest edge pitch that can be had
};

/// Tension at which one head, the other muted, has this edge pitch. Film limit and finger-tight bound it.
Result<Tension, OutOfReach> tensionForEdgePitch(const Drum& drum, HeadSide side, Hertz wished,
                                                const Air& air);
/// The tension of the head that a limit speaks of, at the limit. @pre a film or finger-tight limit
Tension tensionAtLimit(const Drum& drum, TargetLimit limit);

/// The same without the limits, for reading a measured pitch back; clamped to 20 N/m .. yield.
Tension tensionFromHeard(const Drum& drum, HeadSide side, Hertz heard, const Air& air);

/// Both targets of a brief on this drum. The batter must be reachable; the snare side is capped by its
/// limits. The tone and "how high" give the batter's edge pitch, the school the snare side; "feel" then moves
/// the batter's tension by up to a quarter of an octave (19 %) and the snare side against it, so that the
/// centre pitch stays.
Result<Targets, OutOfReach> targetsFor(const Drum& drum, const ToneBrief& brief, const Air& air,
                                       const TurnModel& turns);
Result<Targets, OutOfReach> targetsFor(const Drum& drum, const ToneBrief& brief, const Air& air = {});
Result<Targets, OutOfReach> targetsFor(const Drum& drum, const Tone& tone, const Air& air = {});

/// The same for two edge pitches given outright.
Result<Targets, OutOfReach> targetsForPitches(const Drum& drum, Hertz batterEdge, Hertz snareSideEdge,
                                              const Air& air = {});
/// The drum with both heads at their targets.
DrumState tunedState(const Drum& drum, const Targets& targets, const Air& air = {});

/// Batter edge pitch a tone asks of a shell.
Hertz batterEdgeWish(const ToneBrief& brief, const Shell& shell);

} // namespace bombo
