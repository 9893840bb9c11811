#pragma once
/// A drum of the shelf as a show needs it: how it stands, and what each tone of the show asks of it.
#include "core/log/set_list.h"
#include "core/record/drum_now.h"
#include "core/record/reckoned.h"

namespace bombo {

/// Tones are asked in the weather of the session. Knob and mufflers of a tone are those of the newest entry
/// in it; a head of which nothing is known is taken to stand where the session's own tone wants it.
/// @param entries of this drum, in order of time @param at now, seconds since 1970, UTC
DrumInShow drumInShow(const Reckoned& reckoned, std::span<const Entry> entries, std::span<const Tone> tones,
                      std::int64_t at);

} // namespace bombo
