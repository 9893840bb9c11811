#pragma once
/// What the listening strip says of the last tap, and what to do about it.
#include "core/reading/hit_portrait.h"
#include "core/record/ticket.h"

#include <QString>

namespace bombo {

struct HeardWords {
    QString verdict;
    QString remedy; ///< empty when nothing need be done
};

HeardWords heardWords(const Reading& reading, SoundSource source);
/// Nothing was heard yet.
HeardWords silentWords(SoundSource source, bool wasHeard = false);
/// A whole stroke with the wires as they are set; the ring is told as the figure.
HeardWords strokeWords(const HitPortrait& stroke, const Session& session);
/// None was heard yet, at the station at hand.
HeardWords noStrokeWords(const Session& session);
/// The microphone was pulled and is waited for.
HeardWords waitingWords(const QString& microphone);

} // namespace bombo
