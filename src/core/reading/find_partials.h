#pragma once
/// The partials of a tap: where its spectrum stands out of what sounded before, and what decays there.
#include "core/reading/esprit.h"
#include "core/reading/spectrum.h"
#include "core/tap/tap_splitter.h"

#include <optional>

namespace bombo {

/// Peaks of the spectrum between 80 and 2000 Hz, each measured as damped sinusoids; ascending in frequency. A
/// room that rings longer than a partial shows it as several.
/// @param before spectrum of what sounded before; may be empty
/// @param most of the peaks
/// @param near where one is looked for: the strongest peak about there is measured, however high others are
std::vector<Partial> findPartials(const Tap& tap, const PowerSpectrum& before, int most,
                                  std::optional<Hertz> near = std::nullopt);

} // namespace bombo
