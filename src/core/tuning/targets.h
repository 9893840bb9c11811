#pragma once
/// From the tone wanted to both head tensions.
#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"

#include <string>

namespace bombo {

/// A tone by what it does. Pitch is stated for a 14 in drum and scales with 1/diameter.
struct Tone {
    std::string id;              ///< stored name, untranslated
    std::string name;            ///< ear words
    std::string reason;          ///< why these figures
    Hertz batterEdgeAt14{290.0}; ///< batter edge pitch, snare side muted
    Cents snareSideAbove{500.0}; ///< snare-side edge pitch above the batter's
    Seconds ring{0.6};           ///< ring time wanted of the whole tone
    double wireMargin = 0.5;     ///< 0: as loose as clean allows; 1: as tight as still answers

    bool operator==(const Tone&) const = default;
};

enum class TargetLimit { None, SnareSideFilm, BatterFilm, BatterFingerTight, SnareSideFingerTight };

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

/// The same without the limits, for reading a measured pitch back; clamped to 20 N/m .. yield.
Tension tensionFromHeard(const Drum& drum, HeadSide side, Hertz heard, const Air& air);

/// Both targets of a tone on this drum. The batter must be reachable; the snare side is capped by film load.
Result<Targets, OutOfReach> targetsFor(const Drum& drum, const Tone& tone, const Air& air = {});
/// The same from wished edge pitches.
Result<Targets, OutOfReach> targetsForPitches(const Drum& drum, Hertz batterEdge, Hertz snareSideEdge,
                                              const Air& air = {});

Hertz batterEdgeWish(const Tone& tone, const Shell& shell);

} // namespace bombo
