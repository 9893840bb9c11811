#pragma once
/// Damped sinusoids of a narrow band by a subspace method.
#include "core/units/quantities.h"

#include <compare>
#include <optional>
#include <span>
#include <vector>

namespace bombo {

/// Mode (m,n) of a head: m nodal diameters, n nodal circles, the hoop counted.
struct Mode {
    int m = 0;
    int n = 1;
    auto operator<=>(const Mode&) const = default;
};

/// A measured damped sinusoid.
struct Partial {
    Hertz frequency;
    Hertz standardError; ///< from the Cramer-Rao bound at the residual noise
    Seconds t60;
    double amplitude = 0;     ///< peak at the onset, full scale = 1
    std::optional<Mode> mode; ///< which mode it is, where that is known
};

struct BandOptions {
    Hertz centre;
    Hertz halfWidth{70.0};
    Seconds start{0.005};  ///< after the onset
    Seconds longest{0.35}; ///< of the analysed stretch
    int mostPartials = 5;
};

/// Partials of `after` (a tap from its onset on) within the band, strongest first; empty if nothing decays
/// there. Heterodyne to the centre, low-pass in valid mode (which keeps sums of exponentials exact),
/// decimate, ESPRIT with the order from the eigenvalue gap, amplitudes by least squares. Source:
/// docs/physics.md, section 9.
std::vector<Partial> partialsInBand(std::span<const float> after, double sampleRate,
                                    const BandOptions& options);

} // namespace bombo
