#pragma once
/// Sounds for the ear from a stroke of one's own: the same one a little higher, or ringing a little shorter.
#include "core/practice/ear_exercise.h"

namespace bombo {

/// Of which exercises one recorded stroke makes two sounds; the rest need a drum that is turned.
bool canUseRecording(EarExercise exercise);

/// @param recorded a stroke, full scale = 1, with what was heard before and after it @param sampleRate Hz
/// @param difference in the exercise's unit. Half of it is resampled up and half down; or a ring is shortened
/// by an envelope of its own rate of decay (Schroeder, J. Acoust. Soc. Am. 37, 1965: backward integration,
/// -5 to -25 dB), never made longer, so that the noise of the room does not grow.
/// @return empty where the recording holds no stroke that dies away, or the exercise cannot use one
std::optional<EarSounds> earSoundsOf(EarExercise exercise, const std::vector<float>& recorded,
                                     double sampleRate, double difference, std::uint64_t seed);

} // namespace bombo
