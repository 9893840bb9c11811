#include "store/sound_file.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <fmt/format.h>
#include <fstream>
#include <memory>
#include <sndfile.h>

namespace bombo {
namespace {

constexpr int kLowestRate = 8000;
constexpr sf_count_t kBlockFrames = 8192;

struct SndClose {
    void operator()(SNDFILE* file) const { sf_close(file); }
};
using SndFile = std::unique_ptr<SNDFILE, SndClose>;

/// A RIFF file whose data chunk claims more bytes than follow it was cut off.
bool isCutOff(const std::filesystem::path& path) {
    std::ifstream in(path, std::ios::binary);
    char id[4]{};
    const auto size = std::filesystem::file_size(path);
    in.seekg(12);
    while (in.read(id, 4)) {
        unsigned char bytes[4]{};
        if (!in.read(reinterpret_cast<char*>(bytes), 4))
            return true;
        const std::uint64_t length =
            bytes[0] | bytes[1] << 8U | bytes[2] << 16U | static_cast<std::uint64_t>(bytes[3]) << 24U;
        const auto at = static_cast<std::uint64_t>(in.tellg());
        if (std::string_view(id, 4) == "data")
            return at + length > size;
        in.seekg(static_cast<std::streamoff>(at + length + (length & 1U)));
    }
    return false;
}

} // namespace

std::string problemText(const SoundProblem& problem) {
    switch (problem.fault) {
    case SoundFault::NotFound:
        return fmt::format("{} is not there or cannot be read; check the name and your rights", problem.path);
    case SoundFault::Empty:
        return fmt::format("{} is empty; record it again", problem.path);
    case SoundFault::RateTooLow:
        return fmt::format("{} has {} samples a second; record with {} or more", problem.path, problem.detail,
                           kLowestRate);
    case SoundFault::NoSamples:
        return fmt::format("{} holds no sound after its header; record it again", problem.path);
    case SoundFault::CannotWrite:
        return fmt::format("{} cannot be written ({}); choose another folder", problem.path, problem.detail);
    case SoundFault::NotSound:
        break;
    }
    return fmt::format("{} is not a sound file that can be read ({}); give a WAV or FLAC file", problem.path,
                       problem.detail);
}

namespace {

/// Silence put before the file's own first sample: recordings are often cut at the blow itself.
constexpr Seconds kLeadIn{0.15};

/// A file that begins in the middle of a sound looks like a blow there; only one that dies away is one.
bool diesAway(const Tap& tap) {
    const std::size_t part = tap.after.size() / 4;
    auto energy = [&](std::size_t from) {
        double sum = 0.0;
        for (std::size_t i = from; i < from + part; ++i)
            sum += static_cast<double>(tap.after[i]) * tap.after[i];
        return sum;
    };
    return energy(0) > 10.0 * energy(3 * part);
}

} // namespace

Result<SoundSummary, SoundProblem> splitSoundFile(const std::filesystem::path& path,
                                                  const std::function<bool(Tap&&)>& onTap) {
    const std::string name = path.string();
    std::error_code error;
    if (!std::filesystem::is_regular_file(path, error) || !std::ifstream(path))
        return failure(SoundProblem{SoundFault::NotFound, name, {}});
    if (std::filesystem::file_size(path, error) == 0)
        return failure(SoundProblem{SoundFault::Empty, name, {}});
    SF_INFO info{};
    const SndFile file(sf_open(path.c_str(), SFM_READ, &info));
    if (!file)
        return failure(SoundProblem{SoundFault::NotSound, name, sf_strerror(nullptr)});
    if (info.samplerate < kLowestRate)
        return failure(SoundProblem{SoundFault::RateTooLow, name, std::to_string(info.samplerate)});

    SoundSummary summary;
    summary.sampleRate = info.samplerate;
    summary.channels = info.channels;
    TapSplitter splitter(info.samplerate);
    const std::vector<float> silence(static_cast<std::size_t>(kLeadIn.value * info.samplerate), 0.0F);
    static_cast<void>(splitter.push(silence)); // no tap can end in it
    auto deliver = [&](Tap&& tap) {
        tap.onset = Seconds{std::max(0.0, tap.onset.value - kLeadIn.value)};
        constexpr double atTheStart = 0.03;
        if (tap.onset.value > atTheStart || diesAway(tap))
            summary.stopped = summary.stopped || !onTap(std::move(tap));
    };
    std::vector<float> block(static_cast<std::size_t>(kBlockFrames * info.channels));
    std::vector<float> mono;
    sf_count_t total = 0;
    sf_count_t frames = 0;
    while (!summary.stopped && (frames = sf_readf_float(file.get(), block.data(), kBlockFrames)) > 0) {
        mono.clear();
        for (sf_count_t f = 0; f < frames; ++f) {
            float sum = 0.0F;
            for (int c = 0; c < info.channels; ++c) {
                const float sample = block[static_cast<std::size_t>(f * info.channels + c)];
                if (std::isfinite(sample))
                    sum += sample;
                else
                    ++summary.invalidSamples;
            }
            mono.push_back(sum / static_cast<float>(info.channels));
        }
        total += frames;
        for (Tap& tap : splitter.push(mono))
            deliver(std::move(tap));
    }
    for (Tap& tap : splitter.finish())
        deliver(std::move(tap));
    if (total == 0)
        return failure(SoundProblem{SoundFault::NoSamples, name, {}});
    summary.length = Seconds{static_cast<double>(total) / info.samplerate};
    if (summary.stopped)
        return summary;
    summary.endsEarly =
        total < info.frames || ((info.format & SF_FORMAT_TYPEMASK) == SF_FORMAT_WAV && isCutOff(path));
    return summary;
}

Result<std::vector<HitPortrait>, SoundProblem> hitsOf(const std::filesystem::path& path) {
    std::vector<HitPortrait> hits;
    const auto summary = splitSoundFile(path, [&](Tap&& tap) {
        if (auto portrait = portraitOf(tap))
            hits.push_back(std::move(portrait).value());
        return true;
    });
    if (!summary)
        return failure(summary.fault());
    return hits;
}

Result<SoundSummary, SoundProblem> writeSoundFile(const std::filesystem::path& path,
                                                  const std::vector<float>& samples, double sampleRate) {
    SF_INFO info{};
    info.samplerate = static_cast<int>(std::lround(sampleRate));
    info.channels = 1;
    info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_24;
    const SndFile file(sf_open(path.c_str(), SFM_WRITE, &info));
    if (!file)
        return failure(SoundProblem{SoundFault::CannotWrite, path.string(), sf_strerror(nullptr)});
    const auto count = static_cast<sf_count_t>(samples.size());
    if (sf_writef_float(file.get(), samples.data(), count) != count)
        return failure(SoundProblem{SoundFault::CannotWrite, path.string(), sf_strerror(file.get())});
    return SoundSummary{sampleRate, 1, Seconds{static_cast<double>(count) / sampleRate}, 0, false};
}

} // namespace bombo
