#pragma once
/// How hard a stroke on the batter throws the wires, from the drum's own modes, and what tuning does to it.
#include "core/acoustics/coupled_modes.h"
#include "core/wires/wire_sweep.h"

#include <array>
#include <vector>

namespace bombo {

/// Where the head is looked at under the wires, along the diameter from bed to bed, in radii.
inline constexpr std::array kUnderWires{-0.7, -0.25, 0.25, 0.7};

/// A mode as a stroke of 1 N s on the batter sets it going.
struct StrokeMode {
    Hertz frequency;
    double rate = 0;                                ///< of decay, 1/s
    Kilograms mass;                                 ///< modal, air included
    double velocity = 0;                            ///< of its amplitude after the blow, m/s
    std::array<double, kUnderWires.size()> under{}; ///< deflection of the snare-side head at the places
};

/// Ascending in frequency, below 1.5 kHz. A soft tip feeds high modes less: exp(-(f / 1800 Hz)^2).
std::vector<StrokeMode> strokeModes(const Drum& drum, const DrumState& state, StrokePlace place);

/// Highest acceleration with which the snare-side head falls back under the wires within 30 ms after a stroke
/// of 1 N s, m/s^2, mean over the places: strands stay on the film while their pull gives them more than
/// that. Source: docs/physics.md, section 11.
double wireDrive(const Drum& drum, const DrumState& state, StrokePlace place);

/// By how much further the knob may be tightened until the same stroke chokes, when the drum is tuned from
/// one state to another; the ratio of the drives, 10 dB of it for kTurnsPerDynamic.
Turns chokeShift(const Drum& drum, const DrumState& from, const DrumState& to, StrokePlace place);

/// One more eighth on every rod of the snare side.
struct EighthMore {
    Turns room;         ///< more of it until a whisper near the edge chokes
    double loadNow = 0; ///< film load, share of yield
    double loadThen = 0;
    Cents raised; ///< the snare side's own edge pitch
};
/// @param perTurn what a turn does to the snare side's tension, N/m
EighthMore eighthMore(const Drum& drum, const DrumState& state, Tension perTurn);

} // namespace bombo
