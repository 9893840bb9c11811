#pragma once
/// Which other instruments set the wires going, and what calms them with least harm to the snare sound.
#include "core/acoustics/coupled_modes.h"

#include "core/units/result.h"

#include <optional>
#include <string>
#include <vector>

namespace bombo {

enum class NeighbourKind { Tom, BassDrum, BassNote, Voice, Other };

/// One partial of another instrument as it arrives at the drum.
struct NeighbourPartial {
    Hertz frequency;
    Seconds t60;
    double levelDb = 0; ///< against the strongest of a usual stroke or note
    bool operator==(const NeighbourPartial&) const = default;
};

struct Neighbour {
    std::string name; ///< the user's
    NeighbourKind kind = NeighbourKind::Tom;
    std::vector<NeighbourPartial> partials; ///< the lowest first
    bool operator==(const Neighbour&) const = default;
};

/// The first figure that no instrument has, with its limits.
std::optional<InputProblem> checkNeighbour(const Neighbour& neighbour);

/// What an instrument of a kind sounds at a pitch where only that is known: the lowest circular and (1,1)
/// modes of drums in air, harmonics of strings and voices; usual lengths and levels (estimates).
Neighbour neighbourAt(std::string name, NeighbourKind kind, Hertz pitch);
/// All of its partials moved by an interval, or shortened by a factor of time.
Neighbour retuned(Neighbour neighbour, Cents by);
Neighbour shortened(Neighbour neighbour, double factor);

/// A partial of a neighbour beside a mode of the snare drum.
struct Meeting {
    int neighbour = 0; ///< index of it
    int partial = 0;   ///< of its partials
    int m = 0;         ///< of the drum's mode
    int order = 1;
    Hertz theirs;
    Hertz ours;        ///< with the wires on
    double energy = 0; ///< that the wires get, relative; any unit, the same for all
};

/// A mode while the wires lie on the snare-side film and move with it: heavier by what the film carries of
/// them, times the mean square of its shape along them (Rayleigh, to first order); of a pair the half that
/// lies along the wires, the only one that throws them.
CoupledMode withWiresOn(CoupledMode mode, const Drum& drum);

/// Time integral of the squared envelope of a mode that a dying sound drives: (a + b) / (2 a b (d^2 +
/// (a + b)^2)) for decay rates a and b, 1/s, d rad/s apart; both start from rest together. Exact for the
/// envelope equation u' = -(a + i d) u + exp(-b t).
double drivenEnergy(double modeRate, double soundRate, double apart);

/// Every partial beside every mode below 1 kHz, the strongest first. A mode is driven by the sound pressure
/// on both heads (plane waves from anywhere above, so that modes with diameters take little at low pitch, and
/// modes whose heads move together take the difference), and counts by the acceleration of the snare-side
/// head along the wires, a pair by the mean over all bearings. Source: docs/physics.md, section 18.
std::vector<Meeting> meetings(const Drum& drum, const DrumState& state,
                              const std::vector<Neighbour>& neighbours);

/// Energy that the wires get of all of them.
double wireEnergy(const std::vector<Meeting>& meetings);

/// In the order of harm to the snare sound, the least first.
enum class CalmingKind {
    RetuneNeighbour,
    ShortenNeighbour,
    TightenWires,
    RetuneBoth,
    SlackenBedRods,
    LeverOff
};

struct Calming {
    CalmingKind kind = CalmingKind::LeverOff;
    int neighbour = -1; ///< that it concerns; -1 where it is the snare drum's own
    Cents by;           ///< of pitch: of the neighbour, or of both heads
    Hertz to;           ///< its lowest partial then, or the batter's lowest mode
    Turns turns;        ///< of the knob, or of each bed rod
    double factor = 1;  ///< of the neighbour's length
    double gainDb = 0;  ///< by which the wires get less: of that neighbour, or of all where it is the snare
                        ///< drum's own; predicted, not measured
};

struct CalmingLimits {
    Turns tighter{};          ///< room to choke: what the knob may still be tightened
    Turns pulled{1.0};        ///< where it stands, from where the pull begins, > 0
    Cents furthest{300.0};    ///< that a neighbour is moved
    Cents furthestOwn{100.0}; ///< and this drum
    double enoughDb = 10.0;   ///< nothing further is looked for
    double leastDb = 3.0;     ///< less is not worth it
};
/// The smallest change of each kind that calms the wires enough, or the best there is; what gains less than
/// leastDb is left out. The lever is always last. Empty without neighbours.
std::vector<Calming> calmings(const Drum& drum, const DrumState& state,
                              const std::vector<Neighbour>& neighbours, const CalmingLimits& limits);

} // namespace bombo
