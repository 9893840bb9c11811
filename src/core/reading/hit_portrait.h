#pragma once
/// What one full stroke sounds like as a whole: body, edge, ring, wires, brightness.
#include "core/reading/read_tap.h"
#include "core/units/result.h"

namespace bombo {

/// Every figure with one standard error, of this drum struck so: what one stroke leaves open, or what several
/// of them show (see together).
struct HitPortrait {
    Hertz centre; ///< both heads moving together: the lowest strong partial, or the one
                  ///< nearest to where it is expected
    Hertz centreError;
    bool centreFound = true;   ///< false: nothing sounds where it is expected; the stroke lay near the edge
    std::optional<Hertz> edge; ///< the strongest partial 1.2 to 1.85 times above it; both heads free
    std::optional<Hertz> edgeError;
    std::optional<Seconds> ring; ///< of the whole tone, 80 to 2000 Hz; empty if noise hides the decay
    std::optional<Seconds> ringError;
    std::optional<Seconds> buzz; ///< of the wires, 2.5 to 9.5 kHz, likewise; empty without wires
    std::optional<Seconds> buzzError;
    bool wires = false;            ///< they were heard, even where the length of their buzz is not known
    Hertz brightness;              ///< centre of the power spectrum from 80 Hz to 12 kHz, first 150 ms
    std::vector<Partial> partials; ///< 80 to 2000 Hz, ascending in frequency
    int hits = 1;
};

enum class PortraitFault { TooQuiet, Clipped, StruckTwice, NoTone };

/// How long a hit sounds; empty where noise hides the decay.
struct HitLengths {
    std::optional<Seconds> tone; ///< 80 to 2000 Hz
    std::optional<Seconds> toneError;
    std::optional<Seconds> buzz; ///< 2.5 to 9.5 kHz; also empty without wires
    std::optional<Seconds> buzzError;
    bool wires = false; ///< they stand out of the noise, if only for a moment
};
HitLengths lengthsOf(const Tap& hit);

/// Ring and buzz: 60 dB fall of the band's power in 12 ms frames, extrapolated from the last frames above
/// -5 and -35 dB (-5 and -20 where noise is nearer, or where the whole fall is half as long again: then a
/// room is heard after the drum). Source: docs/physics.md, section 14.
Result<HitPortrait, PortraitFault> portraitOf(const Tap& hit);
/// The same from a reading that was made already; wires on are no fault.
/// @param expected of the drum that was struck, both heads free: what strikes and wires add is not taken for
/// the centre then
Result<HitPortrait, PortraitFault> portraitFrom(const Tap& hit, const Reading& reading,
                                                const std::optional<Expectation>& expected = std::nullopt);

/// The energy a listener gets from a partial.
double loudness(const Partial& partial);
/// Of the loudest partial's loudness: 20 dB below is still the body of the sound.
inline constexpr double kBodyShare = 0.01;
/// Edge over centre of a drum with both heads free.
inline constexpr double kLowestEdgeRatio = 1.2;
inline constexpr double kHighestEdgeRatio = 1.85;

} // namespace bombo
