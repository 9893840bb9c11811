#pragma once
/// A partial as a room returns it: one pole that reflections and tail keep on pushing.
#include "core/reading/esprit.h"

#include <complex>
#include <optional>
#include <span>
#include <utility>
#include <vector>

namespace bombo {

/// What is asked of one narrow band.
struct DrivenOptions {
    Hertz centre;          ///< near the wanted partial
    Seconds start{0.004};  ///< after the onset: the contact itself is not listened to
    Seconds longest{0.55}; ///< of the analysed stretch
    std::optional<std::pair<Partial, Partial>> pair; ///< the wanted one is taken for these two
    std::vector<Partial> neighbours; ///< others that sound within reach of the band, with their amplitudes
    double noise = 0.0; ///< mean square that white noise would have which is as dense in the band as what
                        ///< sounded before
};

struct DrivenPartial {
    Hertz frequency; ///< where it settles
    Hertz standardError;
    Seconds t60;
    double amplitude = 0; ///< at the onset, full scale = 1
    std::optional<Hertz>
        beat;    ///< distance of the pair that it turned out to be; `frequency` is its weighted mean
    Cents glide; ///< by which it began higher
    Cents glideError;
    double roomPower =
        0; ///< of the pushing against the partial, 1/s; about 2 x the room's decay rate over the direct sound
    double logDensity = 0; ///< of the posterior at its peak; of the same band only to be compared
};

/// Frequency of the strongest partial near the centre, with an error that holds the room: a complex
/// oscillator with the partial's pole, pushed at random by a room whose pushes die with its reverberation,
/// seen through a narrow filter in noise. Posterior mode over pole, glide, room and noise; the error from its
/// curvature. Empty if too little sound is left. Source: docs/physics.md, section 9.
std::optional<DrivenPartial> drivenPartial(std::span<const float> after, double sampleRate,
                                           const DrivenOptions& options);

} // namespace bombo
