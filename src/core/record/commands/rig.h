#pragma once
/// What is at hand for the work: gauge, wires as measured, instruments beside the drum, own mufflers, hands.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// Rounds of taps run the other way with the left hand.
struct SetHand {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "set_hand";
    bool left = false;
    Outcome carryOut(Session session) const;
};

/// Another gauge: what is known of it comes along.
struct ChooseGauge {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "choose_gauge";
    GaugeRecord gauge;
    Outcome carryOut(Session session) const;
};

/// Where the wires lie, by a rule.
struct MeasureWires {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "measure_wires";
    WireLayout layout;
    Outcome carryOut(Session session) const;
};

/// The instruments around the drum.
struct SetNeighbours {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "set_neighbours";
    std::vector<Neighbour> neighbours;
    Outcome carryOut(Session session) const;
};
inline constexpr std::size_t kMostNeighbours = 12;

/// Where the close microphone stands; empty: there is none.
struct PlaceMicrophone {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "microphone";
    std::optional<MicrophonePlace> microphone;
    Outcome carryOut(Session session) const;
};

/// What an ear could tell apart in the practice room. Names are up to kLongestWho letters.
struct KeepEarResult {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "keep_ear_result";
    EarResult result;
    Outcome carryOut(Session session) const;
};
inline constexpr std::size_t kLongestWho = 60;

/// How a practice drum was put right.
struct KeepTuningResult {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "keep_tuning_result";
    TuningResult result;
    Outcome carryOut(Session session) const;
};

/// A thing of the user's own, calibrated; one of the same name is replaced.
struct KeepKind {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "keep_kind";
    PadKind kind;
    Outcome carryOut(Session session) const;
};

} // namespace bombo
