#pragma once
/// What pads on the batter do to every partial.
#include "core/acoustics/damping.h"
#include "core/muffling/hearing_point.h"
#include "core/muffling/kinds.h"

namespace bombo {

enum class Care;

struct MuffledPartial {
    int m = 0;
    int order = 1;
    Hertz frequencyBefore;
    Hertz frequencyAfter;
    Seconds t60Before;
    Seconds t60After;
    double amplitude = 0; ///< relative, of a backbeat slightly off the middle, as it is heard there
    double amplitudeAfter = 0;
    Radians antinode{}; ///< direction in which it moves most; m = 0 does without
};

struct MufflingPrediction {
    std::vector<MuffledPartial> partials; ///< ascending in frequency; both members of a pair
    Seconds ringBefore;                   ///< of the whole tone
    Seconds ringAfter;
    double startDb = 0;     ///< energy of the first 10 ms against that without pads
    double reboundLoss = 0; ///< share of the speed with which the stick comes back that is lost, 0..1
};

/// What the contact of a stick of some 2 ms gives to a partial, over what it would give to a slow one: half a
/// sine's spectrum, |cos(pi f t) / (1 - (2 f t)^2)|. The time is an estimate; of recorded drums partials near
/// 530 Hz lie 15 to 25 dB below the lowest.
double stickGives(Hertz partial);

/// A drum as it stands and where it is heard from: what all pads have in common is computed once. Modes
/// coupled by what lies on the head, see PaddedModes: a pair (m >= 1) turns so that one member lies under the
/// pads, a pad resonates on the film under it, and a stroke reaches a mode by way of others. Ring time: 60 dB
/// fall extrapolated from -5 to -35 dB of the summed energy. Source: docs/physics.md, section 12.
class Muffler {
public:
    /// @param damping factor on the drum's own decay rates, as learned from its open ring; > 0
    Muffler(const Drum& drum, const DrumState& state, const HearingPoint& point = {}, double damping = 1.0);

    MufflingPrediction with(const std::vector<Pad>& pads) const;
    Seconds ringWith(const std::vector<Pad>& pads) const;
    /// The same some ten times as fast, for a search: of strongly coupled motions one may count for two,
    /// which makes a few hundredths of the ring.
    Seconds roughRing(const std::vector<Pad>& pads) const;
    Metres headRadius() const { return m_state.radius; }
    const HearingPoint& point() const { return m_point; }

private:
    struct Member; ///< one of a mode under the pads
    /// Modes with what of them is heard at the point, and how far a stroke moves with them.
    struct Shapes {
        std::vector<DampedMode> modes;
        std::vector<HeardParts> parts;
        std::vector<double> reach;
        Shapes upTo(int order) const;
    };
    Shapes shapesOf(const std::vector<DampedMode>& modes) const;
    Seconds ringOf(const std::vector<Pad>& pads, Care care) const;
    template <class Each> void eachMember(const std::vector<Pad>& pads, Care care, Each each) const;

    DrumState m_state;
    HearingPoint m_point;
    std::vector<DampedMode> m_modes; ///< all that rings mix
    Shapes m_own;                    ///< of those that are coupled
};

MufflingPrediction predictMuffling(const Drum& drum, const DrumState& state, const std::vector<Pad>& pads,
                                   const HearingPoint& point = {}, double damping = 1.0);

} // namespace bombo
