#pragma once
/// What went on sounding through a tap, as hum does, taken away from it.
#include "core/tap/tap_splitter.h"

#include <vector>

namespace bombo {

/// A tone that neither grew nor died in the 100 ms before a tap.
struct SteadyLine {
    Hertz frequency;
    double cosine = 0; ///< full scale = 1; of cos(2 pi f t), t in seconds since the onset
    double sine = 0;
};

/// The steady lines of what sounded before a tap, between 30 and 2000 Hz, strongest first, at most 12: the
/// highest peak of the spectrum is fitted by least squares, taken away, and all are fitted again in turn
/// beside the others. A line stands 20 dB over the middle of the spectrum and has the same amplitude and
/// phase in both halves; empty where less than 50 ms are known. Source: docs/physics.md, section 9.
std::vector<SteadyLine> steadyLinesBefore(const Tap& tap);

/// The tap without those of the lines that were still sounding at its end: what is left there must be weaker
/// without the line than with it.
Tap withoutLines(const Tap& tap, const std::vector<SteadyLine>& lines);

} // namespace bombo
