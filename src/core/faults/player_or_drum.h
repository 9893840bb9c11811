#pragma once
/// The same stroke again and again: is it the drum that changes, or the hands?
#include "core/units/quantities.h"

#include <optional>
#include <vector>

namespace bombo {

/// One backbeat, as far as it tells of the hands.
struct Backbeat {
    double levelDb = 0;          ///< dB full scale
    std::optional<double> place; ///< share of the radius from the middle at which it landed
    std::optional<Seconds> ring;
};
inline constexpr std::size_t kBackbeats = 20;      ///< asked for
inline constexpr std::size_t kFewestBackbeats = 8; ///< from which on something is said

enum class PlayerOrDrum {
    TooFew,
    Steady,        ///< neither wanders: what is heard is the drum
    StrokesWander, ///< place or level scatter, and the ring no more than that explains
    Unclear,       ///< the ring wanders, and where the strokes land could not be heard
    DrumWanders,   ///< the strokes are alike and the ring is not: rods, wires, a loose part
    OffMiddle      ///< steady, but away from the middle: rings longer than it need
};

/// Spreads are standard deviations, from the median deviation, so that one slip does not count.
struct StrokeScatter {
    std::size_t strokes = 0;
    double levelDb = 0;
    std::optional<double> place;       ///< share of the radius
    std::optional<double> meanPlace;   ///< likewise
    std::optional<double> ring;        ///< share of the mean ring
    std::optional<double> ringByPlace; ///< correlation of ring and place, -1 to 1
    PlayerOrDrum verdict = PlayerOrDrum::TooFew;
};
// Steady hands, and a steady ring: within these (estimates, docs/physics.md section 19).
inline constexpr double kSteadyLevel = 3.0;  ///< dB
inline constexpr double kSteadyPlace = 0.10; ///< of the radius
inline constexpr double kSteadyRing = 0.08;  ///< of the mean ring
StrokeScatter scatterOf(const std::vector<Backbeat>& strokes);

/// Where a stroke landed, from the balance of the lowest (1,1) against the lowest (0,1) partial. The balance
/// of a stroke at `usual` is taken to be the middle one of many, since no microphone is alike: J1(3.83 r) /
/// J0(2.40 r) is compared with its value there.
/// @param balanceDb that of the stroke less the median of all
/// @return share of the radius, 0 to 0.95
double placeFromBalance(double balanceDb, double usual = 0.2);

} // namespace bombo
