#pragma once
/// What the check of a microphone found, and what to do about it.
#include "app/listening/heard_words.h"
#include "core/reading/microphone_check.h"

namespace bombo {

/// The first fault with its remedy, or that it hears well.
HeardWords microphoneWords(const MicrophoneCheck& check);
/// The other faults, to be mended after the first; empty without any.
QString furtherFaults(const MicrophoneCheck& check);
/// For the settings file: "good" or the fault that is mended first.
QString storedCheck(const MicrophoneCheck& check);

} // namespace bombo
