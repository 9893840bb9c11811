#pragma once
/// What pads on the batter do to every partial.
#include "core/muffling/hearing_point.h"
#include "core/muffling/kinds.h"

namespace bombo {

struct MuffledPartial {
    int m = 0;
    int order = 1;
    Hertz frequencyBefore;
    Hertz frequencyAfter;
    Seconds t60Before;
    Seconds t60After;
    double amplitude = 0; ///< relative, of a backbeat slightly off the middle, as it is heard there
    Radians antinode{};   ///< direction in which it moves most; m = 0 does without
};

struct MufflingPrediction {
    std::vector<MuffledPartial> partials; ///< ascending in frequency; both members of a pair
    Seconds ringBefore;                   ///< of the whole tone
    Seconds ringAfter;
    double startDb = 0;     ///< energy of the first 10 ms against that without pads
    double reboundLoss = 0; ///< share of the speed with which the stick comes back that is lost, 0..1
};

/// A drum as it stands and where it is heard from: what all pads have in common is computed once. First-order
/// perturbation: a pad adds its mass, loss and spring by the square of the mode shape under its face; a pair
/// (m >= 1) turns so that one member lies under the pads and the other avoids them (2 x 2 complex symmetric
/// eigenproblem). Ring time: 60 dB fall extrapolated from -5 to -35 dB of the summed energy.
/// Source: docs/physics.md, section 12.
class Muffler {
public:
    /// @param damping factor on the drum's own decay rates, as learned from its open ring; > 0
    Muffler(const Drum& drum, const DrumState& state, const HearingPoint& point = {}, double damping = 1.0);

    MufflingPrediction with(const std::vector<Pad>& pads) const;
    Seconds ringWith(const std::vector<Pad>& pads) const;
    Metres headRadius() const { return m_state.radius; }
    const HearingPoint& point() const { return m_point; }

private:
    struct OwnMode {
        CoupledMode mode;
        double omega = 0;
        double rate = 0;      ///< of decay, 1/s
        double amplitude = 0; ///< of one member's deflection
    };
    struct Member; ///< one of a mode under the pads
    /// @param each called with the mode, the member and its amplitude as it is heard there
    template <class Each> void eachMember(const std::vector<Pad>& pads, Each each) const;
    DrumState m_state;
    HearingPoint m_point;
    std::vector<OwnMode> m_modes;
};

MufflingPrediction predictMuffling(const Drum& drum, const DrumState& state, const std::vector<Pad>& pads,
                                   const HearingPoint& point = {}, double damping = 1.0);

} // namespace bombo
