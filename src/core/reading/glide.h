#pragma once
/// A partial that starts sharp and settles, because a hard stroke stretches the film.
#include "core/reading/esprit.h"
#include "core/tap/tap_splitter.h"

#include <optional>

namespace bombo {

struct Glide {
    Hertz settled;
    Hertz standardError; ///< of `settled`
    Cents by;            ///< initial above settled, > 0
};

/// Nothing else may sound within this distance of a partial whose glide is looked for.
inline constexpr Hertz kGlideWidest{90.0};

/// The glide of one partial, if there is one: phase fitted with f(t) = settled + extra exp(-2 rate t), the
/// extra tension going with the square of the amplitude. Reported where `extra` is at least 4 cents, four
/// standard errors, and the phase follows the fit to 0.2 rad; empty otherwise, also where the partial is
/// not alone within 0.3 of its pitch. Source: docs/physics.md, section 9.
/// @pre partial.t60 > 0
std::optional<Glide> glideOf(const Tap& tap, const Partial& partial);

} // namespace bombo
