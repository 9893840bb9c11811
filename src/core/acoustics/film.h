#pragma once
/// What the film of a head bears, and what a rod turn does to it.
#include "core/drum/drum.h"

#include <numbers>

namespace bombo {

/// Share of yield up to which Bombo lets a head be tuned; the rest is margin for uneven pull and playing.
inline constexpr double kFilmLoadLimit = 0.70;

/// Pitch goes with the root of tension: cents for a small share of tension more.
inline constexpr double kCentsPerShare = 600.0 / std::numbers::ln2;

/// Film load = T / thickness over the film's yield; 1 is where it creeps. Source: docs/physics.md, section 5.
inline double filmLoad(const HeadSpec& head, Tension tension) {
    return tension.value / head.thickness.value / head.yield.value;
}
inline Tension tensionAtLoad(const HeadSpec& head, double load) {
    return {load * head.yield.value * head.thickness.value};
}

/// Lowest tension that counts as a tuned head: below it the film wrinkles. Estimate.
inline constexpr Tension kFingerTight{250.0};
inline constexpr Tension kFingerTightSpread{90.0}; ///< standard deviation of the estimate above

inline constexpr Metres kThreadPitch{0.0254 / 24.0}; ///< of a tension rod, a turn: 24 threads an inch

/// Tension that the film alone would gain a turn: its stiffness E t / (1 - nu) stretched by one thread pitch
/// over the radius.
Tension filmPerTurn(const HeadSpec& head, const Shell& shell);
/// Tension gained when every rod of the head is turned once, N/m per turn, before anything was learned of
/// this drum: the film in series with hoop, collar and lugs. Source: docs/physics.md, section 5.
Tension tensionPerTurnPrior(const Drum& drum, HeadSide side);
/// Relative standard deviation of that figure.
inline constexpr double kTensionPerTurnSpread = 0.35;

} // namespace bombo
