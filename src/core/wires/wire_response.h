#pragma once
/// How hard a stroke on the batter throws the wires, from the drum's own modes, and what tuning does to it.
#include "core/acoustics/coupled_modes.h"
#include "core/wires/wire_sweep.h"

#include <array>
#include <vector>

namespace bombo {

/// Share of the strands' mass that the head carries; an estimate.
inline constexpr double kWiresThatPress = 0.15;

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

/// How long the wires are thrown off and strike again after a stroke that it would take so much more pull to
/// choke: thrown off, they bounce on until the acceleration of the head under them, a sum of decaying modes,
/// has fallen below what keeps a bouncing body going (0.15 of their pull: periodic bouncing, restitution
/// 0.91). 0 s when the stroke is choked. Monotonic: never longer for a tighter knob. Source: docs/physics.md,
/// section 11.
/// @param modes  of the stroke, see strokeModes
/// @param belowChokeDb  of the pull against that which chokes the stroke, see pullDb
Seconds strikeLength(const std::vector<StrokeMode>& modes, double belowChokeDb);

/// What the strands do to the head they are pulled onto.
struct WirePull {
    double force = 0;   ///< on the head, N
    double strands = 0; ///< tension of all of them together, N
    Metres bend;        ///< of the head in the middle, inward
    Cents raised;       ///< of its own centre pitch, while they lie on it
};
/// The pull grows in a straight line from contact; what a whisper in the middle throws is known from its
/// choke point (kWhisperPull). The head bends as a membrane under a line load; the strands' own tension adds
/// its stiffness to the (0,1) mode for the half of each swing in which they lie on it. Estimates in absolute
/// size, docs/physics.md, section 11.
WirePull wirePull(const Drum& drum, Tension snareSide, Turns knob, Turns whisperChoke, Turns contact);
/// m/s^2 that a whisper in the middle overcomes: 8 mN s of a stick on a mode of 20 g at 200 Hz. Estimate.
inline constexpr double kWhisperPull = 500.0;

inline constexpr Turns kEasySpan{1.0}; ///< that a hand finds without counting

/// Snare-side tension from which on the clean span is so wide that a knob finds it; empty when the film's
/// limit comes first. At least the present one when that is enough.
/// @param span of now, from loosest clean to tightest
/// @param reach of now, from contact to the choke of a whisper near the edge
std::optional<Tension> tightEnough(const Drum& drum, const DrumState& state, Turns span, Turns reach,
                                   Turns wanted = kEasySpan);
/// How the lengths of buzz and tone compare at a stop.
struct LengthPoint {
    Turns turns;
    Seconds buzz;
    Seconds tone;
};
/// Where both last alike: ln(buzz / tone) falls along the knob on a straight line, its prior from the span
/// (equal at 0.3 of it, a third at 0.8), then from what was heard. Bayesian regression.
KnobPlace whereLengthsMeet(const std::vector<LengthPoint>& points, Turns rattle, Turns choke);

/// By how much further the knob may be tightened until the same stroke chokes, when the drum is tuned from
/// one state to another: its reach, from contact to the choke, grows as the drive does.
Turns chokeShift(const Drum& drum, const DrumState& from, const DrumState& to, StrokePlace place,
                 Turns reach);

/// One more eighth on every rod of the snare side.
struct EighthMore {
    Turns room;         ///< more of it until a whisper near the edge chokes
    double loadNow = 0; ///< film load, share of yield
    double loadThen = 0;
    Cents raised; ///< the snare side's own edge pitch
};
/// @param perTurn what a turn does to the snare side's tension, N/m
/// @param reach  from contact to the choke of that whisper now
EighthMore eighthMore(const Drum& drum, const DrumState& state, Tension perTurn, Turns reach);

} // namespace bombo
