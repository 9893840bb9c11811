#include "cli/tuned_drum.h"

namespace bombo::cli {
namespace {

/// The usual tone of a drum that the shelf knows.
std::optional<Tone> usualTone(const Drum& drum, const Shelf& shelf) {
    for (const DrumRow& row : shelf.drums)
        if (row.drum.id == drum.id)
            for (const Tone& tone : shelf.tones)
                if (tone.id == row.toneId)
                    return tone;
    return std::nullopt;
}

} // namespace

Result<TunedDrum, Answer> tunedDrumAt(const Json& in, const Shelf& shelf) {
    const auto drum = drumAt(in, shelf);
    if (!drum)
        return failure(Answer(drum.fault()));
    const auto usual = in.contains("tone") ? std::nullopt : usualTone(*drum, shelf);
    const auto tone = usual ? Result<Tone, InputProblem>(*usual) : toneAt(in, shelf);
    if (!tone)
        return failure(Answer(tone.fault()));
    const auto targets = targetsFor(*drum, *tone);
    if (!targets)
        return failure(Answer(Cannot{"this drum cannot reach the tone; see plan"}));
    return TunedDrum{*drum, *tone, *targets, tunedState(*drum, *targets)};
}

} // namespace bombo::cli
