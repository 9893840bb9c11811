#pragma once
/// Does the microphone hear the drum as it should? A few taps tell.
#include "core/reading/read_tap.h"

#include <optional>
#include <span>
#include <vector>

namespace bombo {

/// What one tap shows of the microphone, its driver and its place.
struct TapAtMicrophone {
    double peakDb = -200.0;  ///< dB full scale
    double floorDb = -200.0; ///< mean square of what sounded before, dB full scale
    bool clipped = false;
    bool gated = false;
    bool gainFollows = false;
    std::optional<Hertz> mains; ///< 50 or 60 Hz, where it or one of its multiples hums before the tap
    std::optional<Cents> error; ///< one standard error of the pitch; empty where there is no figure
    std::optional<Hertz> pitch; ///< of the strongest partial, likewise
    double clarityDb = 99.0; ///< of the blow's own first 6 ms over what follows from 8 to 100 ms, above 4 kHz
};

/// @param reading of the same tap, made without any drum being expected
TapAtMicrophone lookAt(const Tap& tap, const Reading& reading);

/// In the order in which they are mended: what distorts or cuts before what only blurs.
enum class MicrophoneFault { TooLoud, TooQuiet, Gated, GainFollows, Hum, Noisy, TooFar };

struct MicrophoneCheck {
    std::vector<MicrophoneFault> faults; ///< empty: it hears well
    double peakDb = 0;                   ///< median, dB full scale
    double overFloorDb = 0;              ///< median of the peak over the floor
    std::optional<Hertz> mains;
    std::optional<Cents> error; ///< median; empty where most taps had no figure
    double clarityDb = 0;       ///< median
    int taps = 0;

    bool isGood() const { return faults.empty(); }
    bool has(MicrophoneFault fault) const;
};

inline constexpr int kTapsOfACheck = 5;

/// A fault counts when it shows in at least two taps, so that one clumsy tap accuses nobody; level, floor and
/// error are medians. Too far is where the room answers the blow's click as loudly as from beyond an arm's
/// length, or where most taps are not read or rough. Limits: docs/physics.md, section 9. @pre not empty
MicrophoneCheck checkMicrophone(std::span<const TapAtMicrophone> taps);

} // namespace bombo
