#pragma once
/// A tom beside the practice drum, whose sound sets the wires going.
#include "core/practice/practice_drum.h"
#include "core/wires/sympathy.h"

namespace bombo {

/// The drum as it stands under the tom: its own modes, found once for all strokes.
struct DrumUnderTom {
    const Drum& drum;
    const HiddenNature& nature;
    const PracticeState& state;
    DrumState heads;
    std::vector<CoupledMode> modes;

    DrumUnderTom(const Drum& drum, const HiddenNature& nature, const PracticeState& state);
};

struct PracticeTomStroke {
    std::vector<float> samples;
    Seconds buzz; ///< until the wires strike for the last time; 0 where they lie still
};

/// How loud the tom is and from where its sound comes.
struct TomBeside {
    Neighbour tom;
    double loudness = 1.0; ///< sound pressure on the heads at the beginning, Pa, of its strongest partial
    double bearing = 0.0;  ///< from the wires' own diameter, rad
};

/// A stroke on the tom with the snare drum's wires on. The pressure of each partial moves every mode of the
/// drum as a plane wave from beside and a little above does, integrated over both heads point by point; the
/// wires are thrown as bodies (see wire_contact.h). It shares no formula with sympathy.h.
PracticeTomStroke practiceTom(const DrumUnderTom& under, const TomBeside& beside, std::uint64_t stroke,
                              const PracticeSound& sound);

/// The same without the sound, for as long as wires are set going: how long they buzz.
Seconds tomBuzz(const DrumUnderTom& under, const TomBeside& beside);
/// Acceleration of the head under the wires at its highest while they lie on it, m/s^2. Only for planting: it
/// takes the modes with the wires on as sympathy.h does, which the strokes above do not.
double tomThrow(const DrumUnderTom& under, const TomBeside& beside);

} // namespace bombo
