#pragma once
/// What is at hand for the work, today and in sessions to come: of the drum, of the place, of the user's
/// hands.
#include "core/faults/fault_case.h"
#include "core/muffling/kinds.h"
#include "core/muffling/muffling.h"
#include "core/tuning/gauge.h"
#include "core/wires/sympathy.h"
#include "core/wires/wire_fit.h"

#include <optional>
#include <string>
#include <vector>

namespace bombo {

/// A tension gauge and what is known of it.
struct GaugeRecord {
    std::string name;               ///< the user's
    std::vector<GaugePoint> points; ///< from earlier sessions
    bool operator==(const GaugeRecord&) const = default;
};

/// Kept by drum.
struct DrumRig {
    std::optional<WireLayout> layout;          ///< of the wires, as measured; empty until someone took a rule
    std::optional<MicrophonePlace> microphone; ///< close to the batter, if one is set up
    GaugeRecord gauge;                         ///< the one at hand
    bool operator==(const DrumRig&) const = default;
};

/// What somebody's ear could tell apart one day, in the practice room.
struct EarResult {
    std::int64_t at = 0;  ///< seconds since 1970, UTC
    std::string who;      ///< the user's word
    std::string exercise; ///< stored name
    double threshold = 0; ///< that is told in three of four, in the exercise's unit
    double error = 0;     ///< one standard error of its natural logarithm
    int trials = 0;
    bool operator==(const EarResult&) const = default;
};
inline constexpr std::size_t kMostEarResults = 2000;

/// How a practice drum was put right.
struct TuningResult {
    std::int64_t at = 0;     ///< seconds since 1970, UTC
    std::string who;         ///< the user's word
    std::string task;        ///< stored name
    std::string help;        ///< stored name of what was shown meanwhile
    bool isDone = false;     ///< within the tolerance at the end
    double widestBefore = 0; ///< cents; 0 at the wires
    double widestAfter = 0;
    double offAfter = 0; ///< cents from the goal
    int passes = 0;
    int placements = 0; ///< of the key
    int fewest = 0;     ///< that would have done
    double load = 0;    ///< highest, share of what the film bears
    double seconds = 0; ///< it took
    bool operator==(const TuningResult&) const = default;
};
inline constexpr std::size_t kMostTuningResults = 2000;

/// Kept by workbook.
struct PlaceRig {
    std::vector<PadKind> ownKinds;             ///< mufflers calibrated by the user, newest last
    std::vector<Neighbour> neighbours;         ///< instruments that may set the wires going
    bool leftHanded = false;                   ///< rounds of taps run clockwise, as a left hand goes on
    std::vector<EarResult> earResults{};       ///< the newest last
    std::vector<TuningResult> tuningResults{}; ///< likewise
    std::vector<FoundCause> foundCauses{};     ///< what was wrong with the house's drums, the newest last
    bool operator==(const PlaceRig&) const = default;
};

struct Rig : DrumRig, PlaceRig {
    bool operator==(const Rig&) const = default;
};

} // namespace bombo
