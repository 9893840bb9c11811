#pragma once
/// Both heads at once: from what is heard to the moves that reach pitch and ratio in one go.
#include "core/tuning/inverse.h"

namespace bombo {

/// Centre pitch and edges that differ by more than the model may be off (twice kCentrePitchSpread) do not
/// belong to one drum, or one of them was misread.
inline constexpr Cents kCentresDisagree{42.0};

/// What was heard of the drum as it is. The batter's edge pitch and one of the other two are needed; with
/// both, the snare-side edge pitch is used and the centre pitch serves as a check.
struct HeardDrum {
    Hertz batterEdge;
    bool edgeHeardOpen = false;         ///< the snare side was free when the edges were tapped
    std::optional<Hertz> snareSideEdge; ///< batter muted
    std::optional<Hertz> centre;        ///< both heads free
};

struct CorrectionStep {
    Turns turns;        ///< every rod of the head, positive tightens; in sixteenths
    Turns exact;        ///< before rounding
    Turns error;        ///< standard error, from what a turn does on this head
    NamedPitches alone; ///< what is to be expected if only this head is turned
};

struct Correction {
    Tension batterNow;
    Tension snareSideNow;
    NamedPitches now;
    CorrectionStep batter;
    CorrectionStep snareSide;
    NamedPitches after; ///< with both steps, as rounded
    std::optional<Cents>
        disagrees; ///< heard centre pitch against the one the edges imply, if both were heard
};

enum class CorrectionFault {
    NothingToGoBy, ///< neither the snare-side edge nor the centre pitch was heard
    DoNotFit,      ///< no pair of tensions sounds like that: a tap was misread, or the wrong drum is chosen
};

/// @param turns  what turns do on each head, as learned so far; only its slope is used, as the tensions are
/// heard
/// @pre frequencies > 0
Result<Correction, CorrectionFault> correctBoth(const Drum& drum, const HeardDrum& heard,
                                                Tension batterWanted, Tension snareSideWanted,
                                                const TurnModel& turns, const Air& air);

} // namespace bombo
