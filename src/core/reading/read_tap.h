#pragma once
/// What one tap says: a figure that can be trusted, or why it must be asked again.
#include "core/reading/name_partials.h"
#include "core/tap/tap_splitter.h"

#include <optional>
#include <string>

namespace bombo {

enum class Verdict {
    Clear,
    TooQuiet,    ///< does not stand out of the noise
    Clipped,     ///< the input overloaded
    StruckTwice, ///< a second hit while the first still sounded
    WiresOn,     ///< broad rattle beside the tone
    NoTone,      ///< nothing that decays: talk, hum, a knock
    Unsteady,    ///< the windows do not agree
    NotThisHead, ///< a tone, but nowhere near where this head can be
    Drowned,     ///< the other partials say where the wanted one is, and a steady sound lies just there
};

/// Stable name for files and the command line, e.g. "clear", "too_quiet".
const char* verdictName(Verdict verdict);

/// What one tap says.
struct Reading {
    Verdict verdict = Verdict::NoTone;
    std::optional<Hertz> frequency; ///< the chosen partial; weighted mean if it is a close pair
    std::optional<Hertz> standardError;
    std::optional<Seconds> t60;  ///< of the chosen partial
    std::optional<Hertz> beat;   ///< distance of a close pair
    std::optional<Cents> glide;  ///< the chosen partial began so far above where it settled; then `frequency`
                                 ///< is where it settled
    std::optional<Hertz> second; ///< the (2,1) pair, if an expectation was given and it was found
    double levelDb = -120.0;     ///< peak, dB full scale
    std::vector<Partial> partials; ///< 80 to 2000 Hz, ascending in frequency
};

struct ReadingOptions {
    std::optional<Expectation> expected; ///< from the model of this head; the reading works without it
    int mostPartials = 8;
};

Reading readTap(const Tap& tap, const ReadingOptions& options = {});

} // namespace bombo
