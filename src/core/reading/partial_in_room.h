#pragma once
/// One partial of a tap, measured with all that sounds around it.
#include "core/reading/driven_partial.h"
#include "core/reading/spectrum.h"
#include "core/reading/steady_sound.h"
#include "core/tap/tap_splitter.h"

#include <optional>
#include <vector>

namespace bombo {

/// Amplitude of a steady tone in a stretch of sound, full scale = 1.
double amplitudeAt(std::span<const float> sound, double sampleRate, Hertz frequency);

/// What sounded before the tap; empty where that is too short to tell.
PowerSpectrum spectrumBefore(const Tap& tap);

/// Borrows what it is given.
class PartialInRoom {
public:
    /// @param before spectrum of what sounded before the tap; may be empty
    /// @param partials all that was found in the tap
    PartialInRoom(const Tap& tap, const PowerSpectrum& before, const std::vector<Partial>& partials)
        : m_tap(tap), m_before(before), m_partials(partials) {}

    /// The partial near `chosen`, or the close pair that it is; empty if too little sound is left.
    /// @param chosen one of the partials
    /// @param mayBePair else it is taken for one, however it looks
    std::optional<DrivenPartial> measured(const Partial& chosen, bool mayBePair = true) const;
    /// Whether what was measured sounded before the tap and goes on.
    /// @param taken lines that were taken away from the tap
    bool goesOn(const DrivenPartial& found, const std::vector<SteadyLine>& taken) const;

private:
    DrivenOptions optionsAt(Hertz centre) const;
    std::vector<Partial> besides(Hertz centre) const;
    std::optional<std::pair<Partial, Partial>> pairAt(const Partial& base) const;
    double noiseAt(Hertz centre) const;

    const Tap& m_tap;
    const PowerSpectrum& m_before;
    const std::vector<Partial>& m_partials;
};

} // namespace bombo
