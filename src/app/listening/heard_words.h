#pragma once
/// What the listening strip says of the last tap, and what to do about it.
#include "core/reading/read_tap.h"
#include "core/record/session.h"

#include <QString>

namespace bombo {

struct HeardWords {
    QString verdict;
    QString remedy; ///< empty when nothing need be done
};

HeardWords heardWords(const Reading& reading, SoundSource source);
/// Nothing was heard yet.
HeardWords silentWords(SoundSource source);
/// The microphone was pulled and is waited for.
HeardWords waitingWords(const QString& microphone);

} // namespace bombo
