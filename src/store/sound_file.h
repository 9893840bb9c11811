#pragma once
/// Sound files in, taps out, in bounded memory.
#include "core/reading/hit_portrait.h"
#include "core/units/result.h"

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

namespace bombo {

enum class SoundFault { NotFound, Empty, NotSound, RateTooLow, NoSamples, CannotWrite };
struct SoundProblem {
    SoundFault fault = SoundFault::NotSound;
    std::string path;
    std::string detail;
};
/// English sentence that names the file and says what to do.
std::string problemText(const SoundProblem& problem);

struct SoundSummary {
    double sampleRate = 0;
    int channels = 0;
    Seconds length;
    long invalidSamples = 0; ///< NaN or infinite, taken as silence
    bool endsEarly = false;  ///< the header promised more than the file holds
    bool stopped = false;    ///< onTap had enough before the end; length is what was read
};

/// Reads WAV, FLAC and whatever else libsndfile knows, mixed to one channel, block by block.
/// @param onTap called for every tap in order of time; returns false to read no further
Result<SoundSummary, SoundProblem> splitSoundFile(const std::filesystem::path& path,
                                                  const std::function<bool(Tap&&)>& onTap);

/// Portraits of the hits in a file that can be read; empty when none can.
Result<std::vector<HitPortrait>, SoundProblem> hitsOf(const std::filesystem::path& path);

/// Writes 24-bit mono WAV.
Result<SoundSummary, SoundProblem> writeSoundFile(const std::filesystem::path& path,
                                                  const std::vector<float>& samples, double sampleRate);

} // namespace bombo
