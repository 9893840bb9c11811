#pragma once
/// What the rounds and turns of a head say is wrong, named while the work goes on.
#include "core/procedure/head_work.h"

namespace bombo {

enum class HeadFault {
    FallsBack,              ///< lower in pitch than before though no rod was turned: settling, seating, creep
    PitchStaysBehind,       ///< turned up, but the pitch hardly followed: friction, or the film gives way
    EqualTurnsUnequalPitch, ///< every rod counted alike, pitches far apart: hoop, edge, friction or film
    RodStands,              ///< it was turned, but what is read beside it hardly moved: burr, dry, bent
    BedsDiffer              ///< the rods beside the snare beds read otherwise than the rest, as they should
};

struct HeadFinding {
    HeadFault fault = HeadFault::FallsBack;
    std::vector<int> rods; ///< 0-based, where it concerns some of them
    Cents amount;          ///< how far: fallen, missing, apart
    Cents usual{}; ///< of BedsDiffer: what beds a millimetre deep make before any rod evens it, downwards
    bool operator==(const HeadFinding&) const = default;
};

/// The same as figures, for whoever weighs them: what the last rounds cannot say is empty.
struct HeadSigns {
    std::optional<Cents> fell; ///< in the mean, between two rounds with no turn between them; < 0: it rose
    std::optional<double> followed; ///< share of the cents that the turns between two rounds should bring
    double followedError = 0;       ///< what two means of taps leave open
    std::optional<Cents> apart;     ///< the widest rod of the first round, every rod turned alike before it
    /// Share of its own turn that the most lazy rod did not follow, by a gauge's marks beside it.
    std::optional<double> lazy;
    double lazyError = 0;
};
HeadSigns headSigns(const HeadWork& work, const HeadBrief& brief);

/// From the last rounds that were heard; empty while there are too few. The gravest first.
std::vector<HeadFinding> headFindings(const HeadWork& work, const HeadBrief& brief);

} // namespace bombo
