#pragma once
/// Sound files in, taps out, in bounded memory.
#include "core/reading/hit_portrait.h"
#include "core/units/result.h"

#include <filesystem>
#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace bombo {

enum class SoundFault {
    NotFound,
    Empty,
    NotSound,
    RateTooLow,
    RateTooHigh,
    TooManyChannels,
    NoSamples,
    Exists,
    CannotWrite
};
struct SoundProblem {
    SoundFault fault = SoundFault::NotSound;
    std::string path;
    std::string detail;
};
/// One sentence that names the file and says what to do, in the language of the program.
std::string problemText(const SoundProblem& problem);

/// A mark that was set in the file, at a hit: "rod 3", "3" or anything else.
struct Marker {
    Seconds at;
    std::string name; ///< UTF-8; may be empty
};
/// The rod a marker names, 1-based; empty if its name holds no number.
std::optional<int> rodNamed(const Marker& marker);

struct SoundSummary {
    double sampleRate = 0;
    int channels = 0;
    Seconds length;
    long invalidSamples = 0;     ///< NaN or infinite, taken as silence
    bool endsEarly = false;      ///< the header promised more than the file holds
    std::vector<Marker> markers; ///< in order of time
    int unmarkedHits = 0;        ///< left out because the file has markers, and none at them
    bool oneChannelOnly = false; ///< the channels were of opposite phase: the louder one was read
    bool stopped = false;        ///< onTap had enough before the end; length is what was read
};

/// Reads WAV, FLAC and whatever else libsndfile knows, mixed to one channel, block by block.
/// In a file with markers (WAV cue points, AIFF markers) only the hits within 60 ms of one count.
/// @param clock by how much the clock of the recording device reads sharp
/// @param onTap called for every tap in order of time, with its marker if it has one; returns false to read
/// no further
using OnTap = std::function<bool(Tap&&, const std::optional<Marker>&)>;
Result<SoundSummary, SoundProblem> splitSoundFile(const std::filesystem::path& path, const OnTap& onTap,
                                                  Cents clock = {});

/// All samples of a file, mixed to one channel; for tones of some seconds, at most a minute.
struct WholeSound {
    std::vector<float> samples;
    double sampleRate = 0;
};
Result<WholeSound, SoundProblem> readSoundFile(const std::filesystem::path& path);

/// Portraits of the hits in a file that can be read; empty when none can.
Result<std::vector<HitPortrait>, SoundProblem> hitsOf(const std::filesystem::path& path);

enum class Replace { Yes, No };
/// Writes 24-bit mono WAV, whole or not at all.
/// @param markers at most 100
Result<SoundSummary, SoundProblem> writeSoundFile(const std::filesystem::path& path,
                                                  const std::vector<float>& samples, double sampleRate,
                                                  const std::vector<Marker>& markers = {},
                                                  Replace replace = Replace::Yes);

} // namespace bombo
