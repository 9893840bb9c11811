#pragma once
#include "cli/verbs.h"
#include "core/tuning/targets.h"

namespace bombo::cli {

/// A drum at the targets of a tone: what wires, buzz and muffle are asked of.
struct TunedDrum {
    Drum drum;
    Tone tone;
    Targets targets;
    DrumState state;
};
/// "drum" and "tone"; without a tone the drum's usual one, where the shelf knows it. Fault: what the verb
/// answers.
Result<TunedDrum, Answer> tunedDrumAt(const Json& in, const Shelf& shelf);

} // namespace bombo::cli
