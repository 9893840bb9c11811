#pragma once
/// All that is known while one works on a drum: three kinds of state side by side. What follows from them is
/// in heads_say.h, wires_say.h, muffling_says.h, strokes_say.h and stations.h.
#include "core/record/context.h"
#include "core/record/refusal.h"
#include "core/record/rig.h"
#include "core/record/work.h"

namespace bombo {

/// A value, changed only by commands (see commands/command.h). The journal keeps its parts apart.
struct Session : Work, Context, Rig {
    bool operator==(const Session&) const = default;
};

/// The note of the setup at hand. One that went into an entry belongs to that entry once the next setup has
/// begun; it is there again when that is undone.
const std::string& noteNow(const Session& session);
Session newSession(Drum drum, Tone tone, std::uint64_t practiceSeed);

inline constexpr Celsius kColdest{-20.0};
inline constexpr Celsius kHottest{50.0};
inline constexpr Metres kHighest{6000.0}; ///< above the sea

} // namespace bombo
