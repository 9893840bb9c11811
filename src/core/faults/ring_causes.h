#pragma once
/// Ring that is a fault, told from ring that is taste.
#include "core/units/quantities.h"

#include <optional>
#include <vector>

namespace bombo {

enum class RingCause {
    SplitPair,        ///< uneven tension: two close partials beat
    WornHead,         ///< it rings longer than its film should, or was found dished
    OffCentreStrokes, ///< the edge sounds with every stroke
    CloseMicrophone,  ///< the microphone stands where one member of a pair is loudest
    LowTuning,        ///< one distinct boom, exposed by a low pitch: tune it out, or muffle
    Taste             ///< nothing is wrong with it
};

/// What is known; what is not is left empty and never held against the drum.
struct RingEvidence {
    Seconds ring; ///< heard or predicted
    Seconds wanted;
    std::optional<Cents> widest; ///< of the batter's last round
    Cents tolerance{8.0};
    std::optional<Hertz> beat;           ///< of the strongest close pair
    std::optional<double> damping;       ///< heard over predicted decay rate of the open drum
    bool dished = false;                 ///< slackened, the film stayed dished
    std::optional<double> meanPlace;     ///< of the strokes, share of the radius
    std::optional<Seconds> atMicrophone; ///< predicted there
    std::optional<Seconds> inRoom;       ///< predicted in the room
    Hertz centre;                        ///< pitch of the middle
};
struct RingFinding {
    RingCause cause = RingCause::Taste;
    double weight = 0;            ///< 0 to 1: how much speaks for it
    std::optional<double> figure; ///< cents, share of the radius, ratio or Hz, by cause
    bool operator==(const RingFinding&) const = default;
};
/// Likeliest first; Taste alone when nothing else speaks, and nothing at all when the ring is as wanted.
std::vector<RingFinding> ringCauses(const RingEvidence& evidence);

} // namespace bombo
