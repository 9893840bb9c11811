#include "store/sound_file.h"

#include "core/reading/steady_tone.h"

#include <QCoreApplication>
#include <algorithm>
#include <charconv>
#include <cmath>
#include <cstdint>
#include <cstring>
#include <fstream>
#include <memory>
#include <sndfile.h>

namespace bombo {
namespace {

constexpr int kLowestRate = 8000;
constexpr int kHighestRate = 768000;
constexpr int kMostChannels = 64;
constexpr std::uint32_t kMostMarkers = 10000;
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

/// The library prints on its own of damaged files of that format, and no recorder makes them.
bool isSampleDump(const std::filesystem::path& path) {
    std::ifstream in(path, std::ios::binary);
    return in.get() == 0xF0 && in.get() == 0x7E;
}

struct SoundText {
    Q_DECLARE_TR_FUNCTIONS(SoundText)
};

} // namespace

std::string problemText(const SoundProblem& problem) {
    const QString path = QString::fromStdString(problem.path);
    const QString detail = QString::fromStdString(problem.detail);
    const auto text = [&]() -> QString {
        switch (problem.fault) {
        case SoundFault::NotFound:
            return SoundText::tr("%1 is not there or cannot be read; check the name and your rights")
                .arg(path);
        case SoundFault::Empty:
            return SoundText::tr("%1 is empty; record it again").arg(path);
        case SoundFault::RateTooLow:
            return SoundText::tr("%1 has %2 samples a second; record with %3 or more")
                .arg(path, detail)
                .arg(kLowestRate);
        case SoundFault::RateTooHigh:
            return SoundText::tr("%1 says that it has %2 samples a second, which no recorder makes; save it "
                                 "anew with %3 or fewer")
                .arg(path, detail)
                .arg(kHighestRate);
        case SoundFault::TooManyChannels:
            return SoundText::tr("%1 has %2 channels; save it with one or two").arg(path, detail);
        case SoundFault::Exists:
            return SoundText::tr("%1 exists already; choose another name, or say that it may be replaced")
                .arg(path);
        case SoundFault::NoSamples:
            return SoundText::tr("%1 holds no sound after its header; record it again").arg(path);
        case SoundFault::CannotWrite:
            return SoundText::tr("%1 cannot be written (%2); choose another folder").arg(path, detail);
        case SoundFault::NotSound:
            break;
        }
        return SoundText::tr("%1 is not a sound file that can be read (%2); give a WAV or FLAC file")
            .arg(path, detail);
    };
    return text().toStdString();
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
    std::optional<int> only; ///< the one channel that is read, where the mix of all would cancel out
};

/// Two microphones of opposite phase leave nothing of the drum when they are mixed: then the louder one is
/// read.
/// @return whether the file stands at its beginning again
bool chooseChannel(OpenSound& sound) {
    constexpr double longest = 30.0; // s
    constexpr double leaves = 0.1;   // of the energy of a channel
    const auto channels = static_cast<std::size_t>(sound.info.channels);
    std::vector<double> energy(channels, 0.0);
    double mixed = 0.0;
    std::vector<float> block(static_cast<std::size_t>(kBlockFrames) * channels);
    for (double at = 0.0; at < longest * sound.info.samplerate; at += kBlockFrames) {
        const sf_count_t frames = sf_readf_float(sound.file.get(), block.data(), kBlockFrames);
        if (frames <= 0)
            break;
        for (std::size_t f = 0; f < static_cast<std::size_t>(frames); ++f) {
            double sum = 0.0;
            for (std::size_t c = 0; c < channels; ++c) {
                const double sample = block[f * channels + c];
                if (!std::isfinite(sample))
                    continue;
                energy[c] += sample * sample;
                sum += sample;
            }
            mixed += sum * sum / static_cast<double>(channels * channels);
        }
    }
    const auto loudest = std::max_element(energy.begin(), energy.end());
    double mean = 0.0;
    for (const double each : energy)
        mean += each / static_cast<double>(channels * channels); // what unrelated channels would leave
    if (mixed < leaves * mean)
        sound.only = static_cast<int>(loudest - energy.begin());
    return sf_seek(sound.file.get(), 0, SEEK_SET) == 0;
}

Result<OpenSound, SoundProblem> openSound(const std::filesystem::path& path) {
    const std::string name = path.string();
    std::error_code error;
    if (!std::filesystem::is_regular_file(path, error) || !std::ifstream(path))
        return failure(SoundProblem{SoundFault::NotFound, name, {}});
    if (std::filesystem::file_size(path, error) == 0)
        return failure(SoundProblem{SoundFault::Empty, name, {}});
    if (isSampleDump(path))
        return failure(SoundProblem{SoundFault::NotSound, name, "MIDI sample dump"});
    OpenSound sound;
    sound.file.reset(sf_open(path.c_str(), SFM_READ, &sound.info));
    if (!sound.file)
        return failure(SoundProblem{SoundFault::NotSound, name, sf_strerror(nullptr)});
    if (sound.info.samplerate < kLowestRate)
        return failure(SoundProblem{SoundFault::RateTooLow, name, std::to_string(sound.info.samplerate)});
    if (sound.info.samplerate > kHighestRate)
        return failure(SoundProblem{SoundFault::RateTooHigh, name, std::to_string(sound.info.samplerate)});
    if (sound.info.channels > kMostChannels)
        return failure(SoundProblem{SoundFault::TooManyChannels, name, std::to_string(sound.info.channels)});
    if (sound.info.channels > 1 && !chooseChannel(sound))
        sound.file.reset(sf_open(path.c_str(), SFM_READ, &sound.info)); // what cannot go back is opened anew
    if (!sound.file)
        return failure(SoundProblem{SoundFault::NotSound, name, sf_strerror(nullptr)});
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
        for (int c = sound.only.value_or(0); c < (sound.only ? *sound.only + 1 : channels); ++c) {
            const float sample = block[static_cast<std::size_t>(f * channels + c)];
            if (std::isfinite(sample))
                sum += sample;
            else
                ++invalidSamples;
        }
        mono.push_back(sound.only ? sum : sum / static_cast<float>(channels));
    }
    return mono;
}

std::vector<Marker> markersIn(const OpenSound& sound) {
    std::vector<Marker> markers;
    std::uint32_t there = 0;
    if (sf_command(sound.file.get(), SFC_GET_CUE_COUNT, &there, sizeof(there)) != SF_TRUE || there == 0)
        return markers;
    // As SF_CUES, for as many as there are: their number, then the points.
    there = std::min(there, kMostMarkers);
    std::vector<std::uint32_t> bytes(1 + there * sizeof(SF_CUE_POINT) / sizeof(std::uint32_t), 0);
    if (sf_command(sound.file.get(), SFC_GET_CUE, bytes.data(),
                   static_cast<int>(bytes.size() * sizeof(std::uint32_t))) != SF_TRUE)
        return markers;
    const std::uint32_t count = std::min(bytes[0], there);
    for (std::uint32_t i = 0; i < count; ++i) {
        SF_CUE_POINT cue{};
        std::memcpy(&cue, reinterpret_cast<const char*>(bytes.data() + 1) + i * sizeof(SF_CUE_POINT),
                    sizeof(cue));
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
    summary.oneChannelOnly = sound.only.has_value();
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
        // Terminated, and a multiple of four by its own count: libsndfile pads the whole list to one and does
        // not read over what it added.
        const std::size_t ends = 4 - marker.name.size() % 4;
        appendNumber(labels, sizeof(std::uint32_t) + marker.name.size() + ends);
        appendNumber(labels, cues->cue_count);
        labels += marker.name;
        labels.append(ends, '\0');
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
                                                  const std::vector<Marker>& markers, Replace replace) {
    if (replace == Replace::No && std::filesystem::exists(path))
        return failure(SoundProblem{SoundFault::Exists, path.string(), {}});
    // Beside it first: a full disk leaves no stump under the name.
    std::filesystem::path making = path;
    making += ".making";
    const auto cannot = [&](const std::string& why) {
        std::error_code ignored;
        std::filesystem::remove(making, ignored);
        return failure(SoundProblem{SoundFault::CannotWrite, path.string(), why});
    };
    SF_INFO info{};
    info.samplerate = static_cast<int>(std::lround(sampleRate));
    info.channels = 1;
    info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_24;
    SndFile file(sf_open(making.c_str(), SFM_WRITE, &info));
    if (!file)
        return cannot(sf_strerror(nullptr));
    writeMarkers(*file, markers, sampleRate);
    const auto count = static_cast<sf_count_t>(samples.size());
    if (sf_writef_float(file.get(), samples.data(), count) != count)
        return cannot(sf_strerror(file.get()));
    if (sf_close(file.release()) != 0)
        return cannot("the disk may be full");
    std::error_code error;
    std::filesystem::rename(making, path, error);
    if (error)
        return cannot(error.message());
    SoundSummary summary;
    summary.sampleRate = sampleRate;
    summary.channels = 1;
    summary.length = Seconds{static_cast<double>(count) / sampleRate};
    summary.markers = markers;
    return summary;
}

} // namespace bombo
