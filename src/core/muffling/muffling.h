#pragma once
/// What pads on the batter do to every partial.
#include "core/acoustics/coupled_modes.h"

#include <string>
#include <vector>

namespace bombo {

/// A soft gel pad, 25 mm across, whole. Mass weighed, loss an estimate; see docs/physics.md, section 12.
struct PadKind {
    std::string id = "gel-pad";
    Kilograms mass{0.0022};
    double lossFactor = 0.55;
    Metres radius{0.0125};
    bool operator==(const PadKind&) const = default;
};

/// A pad on the batter, seen from above.
struct Pad {
    Metres fromCentre;
    Radians angle; ///< counter-clockwise from the strainer
    PadKind kind{};
    bool operator==(const Pad&) const = default;
};

enum class PadProblem { None, BeyondHoop, OnLandingArea, Overlaps };
/// Sticks land within this share of the radius.
inline constexpr double kLandingArea = 0.25;
/// Whether `pad` may lie there beside `others`.
PadProblem checkPad(const Pad& pad, const std::vector<Pad>& others, const Shell& shell);

struct MuffledPartial {
    int m = 0;
    int order = 1;
    Hertz frequencyBefore;
    Hertz frequencyAfter;
    Seconds t60Before;
    Seconds t60After;
    double amplitude = 0; ///< relative, of a backbeat slightly off the middle
};

struct MufflingPrediction {
    std::vector<MuffledPartial> partials; ///< ascending in frequency; both members of a pair
    Seconds ringBefore;                   ///< of the whole tone
    Seconds ringAfter;
};

/// First-order perturbation: a pad adds its mass and loss by the square of the mode shape under it; a pair
/// (m >= 1) turns so that one member lies under the pads and the other avoids them (2 x 2 eigenproblem).
/// Ring time: 60 dB fall extrapolated from -5 to -35 dB of the summed energy.
/// Source: docs/physics.md, section 12.
MufflingPrediction predictMuffling(const Drum& drum, const DrumState& state, const std::vector<Pad>& pads);

} // namespace bombo
