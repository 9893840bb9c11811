#pragma once
/// What one tap says: a figure that can be trusted, or why it must be asked again.
#include "core/reading/name_partials.h"
#include "core/tap/tap_splitter.h"

#include <numbers>
#include <optional>
#include <string>

namespace bombo {

enum class Verdict {
    Clear,
    Rough,       ///< a figure with a wide error
    TooQuiet,    ///< does not stand out of the noise
    Clipped,     ///< the input overloaded
    StruckTwice, ///< a second hit while the first still sounded
    WiresOn,     ///< the wires hide the tone
    NoTone,      ///< nothing that decays: talk, hum, a knock
    Ambiguous,   ///< two partials could be the wanted one
    NotThisHead, ///< a tone, but nowhere near where this head can be
    Drowned,     ///< the other partials say where the wanted one is, and a steady sound lies just there
};

/// What is to be said beside a figure.
enum class Caution {
    None,
    WiresOn, ///< they rattled along; with the lever off the figure would be finer
    Gated,   ///< the microphone's driver cut the tail off; with its noise suppression off it would be finer
    GainFollows, ///< the driver turned its gain with the sound: the pitch holds, how long it rang is not
                 ///< known
};

/// Stable name for files and the command line, e.g. "clear", "too_quiet".
const char* verdictName(Verdict verdict);
/// Likewise; "none" and so on.
const char* cautionName(Caution caution);

/// What one tap says.
struct Reading {
    Verdict verdict = Verdict::NoTone;
    Caution caution = Caution::None;
    std::optional<Hertz> frequency;     ///< the chosen partial; weighted mean if it is a close pair
    std::optional<Hertz> standardError; ///< with what the room adds in it
    std::optional<Seconds> t60;         ///< of the chosen partial
    std::optional<Hertz> beat;          ///< distance of a close pair
    std::optional<Cents> glide;  ///< the chosen partial began so far above where it settled; then `frequency`
                                 ///< is where it settled
    std::optional<Hertz> second; ///< the (2,1) pair, if an expectation was given and it was found
    std::optional<Hertz> secondError; ///< standard error of `second`
    double levelDb = -120.0;          ///< peak, dB full scale
    std::vector<Partial> partials;    ///< 80 to 2000 Hz, ascending in frequency

    /// Clear or rough.
    bool hasFigure() const { return verdict == Verdict::Clear || verdict == Verdict::Rough; }
    /// One standard error of `frequency`. @pre hasFigure()
    Cents error() const { return errorInCents(*standardError, *frequency); }
};

/// A standard error up to this is clear.
inline constexpr Cents kClear{8.0};

struct ReadingOptions {
    std::optional<Expectation> expected; ///< from the model of this head; the reading works without it
    int mostPartials = 8;
    Cents clear = kClear; ///< a wider standard error is rough
};

/// One estimate from the whole decay: which partial is meant is told by the pattern of all of them, where it
/// lies by a partial that the room keeps pushing (see drivenPartial). Source: docs/physics.md, section 9.
Reading readTap(const Tap& tap, const ReadingOptions& options = {});

} // namespace bombo
