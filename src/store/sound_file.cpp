#include "store/sound_file.h"

#include "core/reading/steady_tone.h"

#include <algorithm>
#include <charconv>
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

/// An open file that is known to be sound.
struct OpenSound {
    SF_INFO info{};
    SndFile file;
};

Result<OpenSound, SoundProblem> openSound(const std::filesystem::path& path) {
    const std::string name = path.string();
    std::error_code error;
    if (!std::filesystem::is_regular_file(path, error) || !std::ifstream(path))
        return failure(SoundProblem{SoundFault::NotFound, name, {}});
    if (std::filesystem::file_size(path, error) == 0)
        return failure(SoundProblem{SoundFault::Empty, name, {}});
    OpenSound sound;
    sound.file.reset(sf_open(path.c_str(), SFM_READ, &sound.info));
    if (!sound.file)
        return failure(SoundProblem{SoundFault::NotSound, name, sf_strerror(nullptr)});
    if (sound.info.samplerate < kLowestRate)
        return failure(SoundProblem{SoundFault::RateTooLow, name, std::to_string(sound.info.samplerate)});
    return sound;
}

/// The next block, mixed to one channel; empty at the end.
std::vector<float> nextBlock(OpenSound& sound, long& invalidSamples) {
    const int channels = sound.info.channels;
    std::vector<float> block(static_cast<std::size_t>(kBlockFrames * channels));
    const sf_count_t frames = sf_readf_float(sound.file.get(), block.data(), kBlockFrames);
    std::vector<float> mono;
    for (sf_count_t f = 0; f < frames; ++f) {
        float sum = 0.0F;
        for (int c = 0; c < channels; ++c) {
            const float sample = block[static_cast<std::size_t>(f * channels + c)];
            if (std::isfinite(sample))
                sum += sample;
            else
                ++invalidSamples;
        }
        mono.push_back(sum / static_cast<float>(channels));
    }
    return mono;
}

std::vector<Marker> markersIn(const OpenSound& sound) {
    auto cues = std::make_unique<SF_CUES>();
    std::vector<Marker> markers;
    if (sf_command(sound.file.get(), SFC_GET_CUE, cues.get(), sizeof(SF_CUES)) != SF_TRUE)
        return markers;
    const std::size_t count = std::min<std::size_t>(cues->cue_count, std::size(cues->cue_points));
    for (std::size_t i = 0; i < count; ++i) {
        SF_CUE_POINT& cue = cues->cue_points[i];
        cue.name[std::size(cue.name) - 1] = '\0';
        markers.push_back(
            {Seconds{static_cast<double>(cue.sample_offset) / sound.info.samplerate}, cue.name});
    }
    std::sort(markers.begin(), markers.end(), [](const Marker& a, const Marker& b) { return a.at < b.at; });
    return markers;
}

std::optional<Marker> markerAt(const std::vector<Marker>& markers, Seconds onset) {
    constexpr double farthest = 0.06;
    std::optional<Marker> best;
    for (const Marker& marker : markers) {
        const double away = std::abs(marker.at.value - onset.value);
        if (away <= farthest && (!best || away < std::abs(best->at.value - onset.value)))
            best = marker;
    }
    return best;
}

} // namespace

std::optional<int> rodNamed(const Marker& marker) {
    const auto first = marker.name.find_first_of("0123456789");
    int number = 0;
    if (first == std::string::npos)
        return std::nullopt;
    const char* end = marker.name.data() + marker.name.size();
    const auto read = std::from_chars(marker.name.data() + first, end, number);
    return read.ec == std::errc() && number > 0 ? std::optional(number) : std::nullopt;
}

Result<SoundSummary, SoundProblem> splitSoundFile(const std::filesystem::path& path, const OnTap& onTap,
                                                  Cents clock) {
    auto opened = openSound(path);
    if (!opened)
        return failure(opened.fault());
    OpenSound& sound = opened.value();
    SoundSummary summary;
    summary.sampleRate = sound.info.samplerate;
    summary.channels = sound.info.channels;
    summary.markers = markersIn(sound);
    TapSplitter splitter(trueRate(summary.sampleRate, clock));
    const std::vector<float> silence(static_cast<std::size_t>(kLeadIn.value * summary.sampleRate), 0.0F);
    static_cast<void>(splitter.push(silence)); // no tap can end in it
    auto deliver = [&](Tap&& tap) {
        tap.onset = Seconds{std::max(0.0, tap.onset.value - kLeadIn.value)};
        constexpr double atTheStart = 0.03;
        if (tap.onset.value <= atTheStart && !diesAway(tap))
            return;
        const auto marker = markerAt(summary.markers, tap.onset);
        if (!marker && !summary.markers.empty())
            ++summary.unmarkedHits;
        else
            summary.stopped = summary.stopped || !onTap(std::move(tap), marker);
    };
    sf_count_t total = 0;
    while (!summary.stopped) {
        const std::vector<float> mono = nextBlock(sound, summary.invalidSamples);
        if (mono.empty())
            break;
        total += static_cast<sf_count_t>(mono.size());
        for (Tap& tap : splitter.push(mono))
            deliver(std::move(tap));
    }
    for (Tap& tap : splitter.finish())
        deliver(std::move(tap));
    if (total == 0)
        return failure(SoundProblem{SoundFault::NoSamples, path.string(), {}});
    summary.length = Seconds{static_cast<double>(total) / summary.sampleRate};
    if (summary.stopped)
        return summary;
    summary.endsEarly = total < sound.info.frames ||
                        ((sound.info.format & SF_FORMAT_TYPEMASK) == SF_FORMAT_WAV && isCutOff(path));
    return summary;
}

Result<WholeSound, SoundProblem> readSoundFile(const std::filesystem::path& path) {
    constexpr double longest = 60.0; // s
    auto opened = openSound(path);
    if (!opened)
        return failure(opened.fault());
    OpenSound& sound = opened.value();
    WholeSound whole;
    whole.sampleRate = sound.info.samplerate;
    long invalid = 0;
    while (static_cast<double>(whole.samples.size()) < longest * whole.sampleRate) {
        const std::vector<float> mono = nextBlock(sound, invalid);
        if (mono.empty())
            break;
        whole.samples.insert(whole.samples.end(), mono.begin(), mono.end());
    }
    if (whole.samples.empty())
        return failure(SoundProblem{SoundFault::NoSamples, path.string(), {}});
    return whole;
}

Result<std::vector<HitPortrait>, SoundProblem> hitsOf(const std::filesystem::path& path) {
    std::vector<HitPortrait> hits;
    const auto summary = splitSoundFile(path, [&](Tap&& tap, const auto&) {
        if (auto portrait = portraitOf(tap))
            hits.push_back(std::move(portrait).value());
        return true;
    });
    if (!summary)
        return failure(summary.fault());
    return hits;
}

namespace {

void appendNumber(std::string& bytes, std::size_t number) {
    for (int shift = 0; shift < 32; shift += 8)
        bytes.push_back(static_cast<char>(number >> shift & 0xFF));
}

/// Cue points, and their names as the labels of an associated-data list: libsndfile reads names but does not
/// write them.
void writeMarkers(SNDFILE& file, const std::vector<Marker>& markers, double sampleRate) {
    if (markers.empty())
        return;
    auto cues = std::make_unique<SF_CUES>();
    std::string labels = "adtl";
    for (const Marker& marker : markers) {
        if (cues->cue_count == std::size(cues->cue_points))
            break;
        SF_CUE_POINT& cue = cues->cue_points[cues->cue_count++];
        cue.indx = static_cast<int>(cues->cue_count);
        cue.fcc_chunk = 0x61746164; // "data"
        cue.position = static_cast<std::uint32_t>(std::lround(marker.at.value * sampleRate));
        cue.sample_offset = cue.position;
        labels += "labl";
        appendNumber(labels, sizeof(std::uint32_t) + marker.name.size() + 1);
        appendNumber(labels, cues->cue_count);
        labels += marker.name;
        labels.append(marker.name.size() % 2 == 0 ? 2 : 1, '\0'); // terminated, and even
    }
    sf_command(&file, SFC_SET_CUE, cues.get(), sizeof(SF_CUES));
    SF_CHUNK_INFO chunk{};
    std::copy_n("LIST", 4, chunk.id);
    chunk.id_size = 4;
    chunk.datalen = static_cast<unsigned>(labels.size());
    chunk.data = labels.data();
    sf_set_chunk(&file, &chunk);
}

} // namespace

Result<SoundSummary, SoundProblem> writeSoundFile(const std::filesystem::path& path,
                                                  const std::vector<float>& samples, double sampleRate,
                                                  const std::vector<Marker>& markers) {
    SF_INFO info{};
    info.samplerate = static_cast<int>(std::lround(sampleRate));
    info.channels = 1;
    info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_24;
    const SndFile file(sf_open(path.c_str(), SFM_WRITE, &info));
    if (!file)
        return failure(SoundProblem{SoundFault::CannotWrite, path.string(), sf_strerror(nullptr)});
    writeMarkers(*file, markers, sampleRate);
    const auto count = static_cast<sf_count_t>(samples.size());
    if (sf_writef_float(file.get(), samples.data(), count) != count)
        return failure(SoundProblem{SoundFault::CannotWrite, path.string(), sf_strerror(file.get())});
    SoundSummary summary;
    summary.sampleRate = sampleRate;
    summary.channels = 1;
    summary.length = Seconds{static_cast<double>(count) / sampleRate};
    summary.markers = markers;
    return summary;
}

} // namespace bombo
