#include "core/reading/read_tap.h"
#include "store/sound_file.h"
#include "support/synthesis.h"

#include <QDir>
#include <QTemporaryDir>
#include <csignal>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <gtest/gtest.h>
#include <limits>
#include <sndfile.h>
#include <sys/resource.h>

namespace bombo {
namespace {

using testing::addTones;
using testing::edgeTap;
using testing::silence;

std::vector<float> threeTaps(double rate) {
    auto sound = silence(2.6, rate);
    for (int i = 0; i < 3; ++i)
        addTones(sound, edgeTap(300.0, 0.3, 0.3), 0.3 + 0.75 * i, rate);
    return sound;
}

class SoundFile : public ::testing::Test {
protected:
    std::string path(const char* name) const {
        return QDir(m_folder.path()).filePath(QLatin1String(name)).toStdString();
    }

    std::string write(const char* name, const std::vector<float>& mono, int rate, int format,
                      int channels = 1) const {
        SF_INFO info{};
        info.samplerate = rate;
        info.channels = channels;
        info.format = format;
        SNDFILE* file = sf_open(path(name).c_str(), SFM_WRITE, &info);
        EXPECT_NE(file, nullptr) << sf_strerror(nullptr);
        std::vector<float> frames;
        for (float s : mono)
            for (int c = 0; c < channels; ++c)
                frames.push_back(s);
        sf_writef_float(file, frames.data(), static_cast<sf_count_t>(mono.size()));
        sf_close(file);
        return path(name);
    }

    static std::vector<double> pitches(const std::string& file, SoundSummary* summary = nullptr) {
        std::vector<double> found;
        const auto read = splitSoundFile(file, [&](Tap&& tap, const auto&) {
            const Reading reading = readTap(tap);
            if (reading.verdict == Verdict::Clear)
                found.push_back(reading.frequency->value);
            return true;
        });
        EXPECT_TRUE(read) << (read ? "" : problemText(read.fault()));
        if (read && summary != nullptr)
            *summary = *read;
        return found;
    }

    static SoundFault faultOf(const std::string& file) {
        const auto read = splitSoundFile(file, [](Tap&&, const auto&) { return true; });
        EXPECT_FALSE(read);
        if (read)
            return SoundFault::CannotWrite;
        EXPECT_NE(problemText(read.fault()).find(file), std::string::npos)
            << problemText(read.fault()); // names the file
        return read.fault().fault;
    }

private:
    QTemporaryDir m_folder;
};

TEST_F(SoundFile, EveryFormatGivesTheSamePitches) {
    struct Row {
        const char* name;
        int rate, format, channels;
    };
    for (const Row& row : {Row{"u8.wav", 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_U8, 1},
                           Row{"s16.wav", 44100, SF_FORMAT_WAV | SF_FORMAT_PCM_16, 1},
                           Row{"s24.wav", 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_24, 1},
                           Row{"f32.wav", 96000, SF_FORMAT_WAV | SF_FORMAT_FLOAT, 2},
                           Row{"low.wav", 8000, SF_FORMAT_WAV | SF_FORMAT_PCM_16, 1},
                           Row{"high.wav", 192000, SF_FORMAT_WAV | SF_FORMAT_PCM_24, 2},
                           Row{"six.wav", 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_16, 6},
                           Row{"tap.flac", 48000, SF_FORMAT_FLAC | SF_FORMAT_PCM_16, 1}}) {
        SoundSummary summary;
        const auto found =
            pitches(write(row.name, threeTaps(row.rate), row.rate, row.format, row.channels), &summary);
        ASSERT_EQ(found.size(), 3U) << row.name;
        for (double hz : found)
            EXPECT_NEAR(hz, 300.0, 0.3) << row.name; // 8 bits: quantisation noise at -48 dB
        EXPECT_EQ(summary.channels, row.channels);
        EXPECT_EQ(summary.sampleRate, row.rate);
        EXPECT_FALSE(summary.endsEarly) << row.name;
    }
}

TEST_F(SoundFile, BrokenSamplesAreCountedAndSilent) {
    auto sound = threeTaps(48000);
    sound[100] = std::numeric_limits<float>::quiet_NaN();
    sound[101] = std::numeric_limits<float>::infinity();
    sound[20000] = -std::numeric_limits<float>::infinity();
    SoundSummary summary;
    EXPECT_EQ(pitches(write("nan.wav", sound, 48000, SF_FORMAT_WAV | SF_FORMAT_FLOAT), &summary).size(), 3U);
    EXPECT_EQ(summary.invalidSamples, 3);
}

TEST_F(SoundFile, ATruncatedFileIsReadAsFarAsItGoes) {
    const std::string whole = write("whole.wav", threeTaps(48000), 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_16);
    std::ifstream in(whole, std::ios::binary);
    std::string bytes((std::istreambuf_iterator<char>(in)), {});
    std::ofstream(path("cut.wav"), std::ios::binary) << bytes.substr(0, bytes.size() * 6 / 10);
    SoundSummary summary;
    EXPECT_EQ(pitches(path("cut.wav"), &summary).size(), 2U);
    EXPECT_TRUE(summary.endsEarly);
}

TEST_F(SoundFile, FilesThatAreNoSound) {
    std::ofstream(path("empty.wav")).flush();
    EXPECT_EQ(faultOf(path("empty.wav")), SoundFault::Empty);
    std::ofstream(path("letter.wav")) << "Dear band, the projector is mended.";
    EXPECT_EQ(faultOf(path("letter.wav")), SoundFault::NotSound);
    std::ofstream(path("header.wav"), std::ios::binary) << std::string("RIFF\x24\0\0\0WAVE", 12);
    EXPECT_EQ(faultOf(path("header.wav")), SoundFault::NotSound);
    EXPECT_EQ(faultOf(path("missing.wav")), SoundFault::NotFound);
    EXPECT_EQ(faultOf(QDir(QString::fromStdString(path("."))).path().toStdString()),
              SoundFault::NotFound); // a folder
    EXPECT_EQ(
        faultOf(write("slow.wav", std::vector<float>(400, 0.1F), 4000, SF_FORMAT_WAV | SF_FORMAT_PCM_16)),
        SoundFault::RateTooLow);
    EXPECT_EQ(faultOf(write("none.wav", {}, 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_16)), SoundFault::NoSamples);
}

TEST_F(SoundFile, AnHourIsReadInBoundedMemory) {
    SF_INFO info{};
    info.samplerate = 8000;
    info.channels = 1;
    info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_16;
    SNDFILE* file = sf_open(path("hour.wav").c_str(), SFM_WRITE, &info);
    ASSERT_NE(file, nullptr);
    auto minute = silence(60.0, 8000);
    addTones(minute, edgeTap(300.0, 0.3, 0.3), 30.0, 8000);
    for (int i = 0; i < 60; ++i)
        sf_writef_float(file, minute.data(), static_cast<sf_count_t>(minute.size()));
    sf_close(file);
    rusage before{};
    getrusage(RUSAGE_SELF, &before);
    int taps = 0;
    ASSERT_TRUE(splitSoundFile(path("hour.wav"), [&](Tap&&, const auto&) { return ++taps > 0; }));
    rusage after{};
    getrusage(RUSAGE_SELF, &after);
    EXPECT_EQ(taps, 60);
    EXPECT_LT(after.ru_maxrss - before.ru_maxrss,
              30 * 1024); // KiB; as floats the hour alone would be 112 MiB
}

TEST_F(SoundFile, AFileThatBeginsWithTheBlowIsHeard) {
    auto sound = testing::silence(1.0);
    testing::addTones(sound, testing::edgeTap(262.0), 0.004);
    int taps = 0;
    ASSERT_TRUE(writeSoundFile(path("cut.wav"), sound, 48000));
    ASSERT_TRUE(splitSoundFile(path("cut.wav"), [&](Tap&& tap, const auto&) {
        ++taps;
        EXPECT_NEAR(tap.onset.value, 0.004, 0.002);
        EXPECT_EQ(readTap(tap).verdict, Verdict::Clear);
        return true;
    }));
    EXPECT_EQ(taps, 1);
}

TEST_F(SoundFile, AFileThatBeginsInTheMiddleOfASoundHasNoBlowThere) {
    auto steady = testing::silence(1.0);
    testing::addSteady(steady, 220.0, 0.2);
    testing::addNoise(steady, 0.05, 3);
    int taps = 0;
    ASSERT_TRUE(writeSoundFile(path("steady.wav"), steady, 48000));
    ASSERT_TRUE(splitSoundFile(path("steady.wav"), [&](Tap&&, const auto&) {
        ++taps;
        return true;
    }));
    EXPECT_EQ(taps, 0);
}

TEST_F(SoundFile, StopsWhenEnoughWasHeard) {
    int taps = 0;
    const auto read =
        splitSoundFile(write("three.wav", threeTaps(48000), 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_16),
                       [&](Tap&&, const auto&) { return ++taps < 2; });
    ASSERT_TRUE(read);
    EXPECT_TRUE(read->stopped);
    EXPECT_EQ(taps, 2);
}

TEST_F(SoundFile, WritesWhatItReads) {
    const auto sound = threeTaps(48000);
    ASSERT_TRUE(writeSoundFile(path("out.wav"), sound, 48000));
    EXPECT_EQ(pitches(path("out.wav")).size(), 3U);
    const auto refused = writeSoundFile("/no/such/folder/out.wav", sound, 48000);
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.fault().fault, SoundFault::CannotWrite);
}

TEST_F(SoundFile, MarkersComeBackAndChooseTheHits) {
    const auto sound = threeTaps(48000);
    std::vector<Seconds> onsets;
    ASSERT_TRUE(writeSoundFile(path("plain.wav"), sound, 48000));
    ASSERT_TRUE(splitSoundFile(path("plain.wav"), [&](Tap&& tap, const auto& marker) {
        EXPECT_FALSE(marker);
        onsets.push_back(tap.onset);
        return true;
    }));
    ASSERT_EQ(onsets.size(), 3U);
    const std::vector<Marker> markers{{onsets[0], "rod 4"}, {onsets[2] + Seconds{0.03}, "the last"}};
    ASSERT_TRUE(writeSoundFile(path("marked.wav"), sound, 48000, markers));
    std::vector<std::string> names;
    const auto read = splitSoundFile(path("marked.wav"), [&](Tap&&, const auto& marker) {
        names.push_back(marker ? marker->name : "none");
        return true;
    });
    ASSERT_TRUE(read);
    EXPECT_EQ(names, (std::vector<std::string>{"rod 4", "the last"}));
    EXPECT_EQ(read->unmarkedHits, 1);
    ASSERT_EQ(read->markers.size(), 2U);
    EXPECT_NEAR(read->markers[0].at.value, onsets[0].value, 1.0 / 48000);
}

TEST(Markers, NameTheRod) {
    EXPECT_EQ(rodNamed({{}, "rod 4"}), 4);
    EXPECT_EQ(rodNamed({{}, "12"}), 12);
    EXPECT_EQ(rodNamed({{}, "Take 2, rod"}), 2);
    for (const char* none : {"", "rod", "0", "edge", "99999999999999"})
        EXPECT_FALSE(rodNamed({{}, none})) << none;
}

TEST_F(SoundFile, AClockThatReadsSharpIsCorrected) {
    ASSERT_TRUE(writeSoundFile(path("taps.wav"), threeTaps(48000), 48000));
    auto firstPitch = [&](Cents clock) {
        double hz = 0.0;
        EXPECT_TRUE(splitSoundFile(
            path("taps.wav"),
            [&](Tap&& tap, const auto&) {
                hz = readTap(tap).frequency->value;
                return false;
            },
            clock));
        return Hertz{hz};
    };
    EXPECT_NEAR(centsBetween(firstPitch({}), firstPitch(Cents{12.0})).value, -12.0, 0.1);
}

TEST_F(SoundFile, WholeSoundForTones) {
    const auto sound = threeTaps(48000);
    ASSERT_TRUE(writeSoundFile(path("whole.wav"), sound, 48000));
    const auto whole = readSoundFile(path("whole.wav"));
    ASSERT_TRUE(whole);
    EXPECT_EQ(whole->samples.size(), sound.size());
    EXPECT_EQ(whole->sampleRate, 48000);
    EXPECT_EQ(readSoundFile(path("missing.wav")).fault().fault, SoundFault::NotFound);
}

TEST_F(SoundFile, TwoChannelsOfOppositePhaseAreHeardAllTheSame) {
    const auto mono = threeTaps(48000);
    SF_INFO info{};
    info.samplerate = 48000;
    info.channels = 2;
    info.format = SF_FORMAT_WAV | SF_FORMAT_PCM_24;
    SNDFILE* file = sf_open(path("opposite.wav").c_str(), SFM_WRITE, &info);
    ASSERT_NE(file, nullptr);
    std::vector<float> frames;
    for (const float sample : mono) {
        frames.push_back(0.5F * sample);
        frames.push_back(-0.5F * sample);
    }
    sf_writef_float(file, frames.data(), static_cast<sf_count_t>(mono.size()));
    sf_close(file);
    int taps = 0;
    const auto summary = splitSoundFile(path("opposite.wav"), [&](Tap&&, const auto&) { return ++taps > 0; });
    ASSERT_TRUE(summary);
    EXPECT_EQ(taps, 3);
    EXPECT_TRUE(summary->oneChannelOnly);
    // Channels that agree are mixed as ever.
    write("same.wav", mono, 48000, SF_FORMAT_WAV | SF_FORMAT_PCM_24, 2);
    EXPECT_FALSE(splitSoundFile(path("same.wav"), [](Tap&&, const auto&) { return true; })->oneChannelOnly);
}

TEST_F(SoundFile, MarkersOfEveryNameComeBack) {
    const auto sound = silence(2.0, 48000);
    for (const char* name : {"", "r", "rod 3", "rod 10", "rod 100, tapped twice"}) {
        ASSERT_TRUE(
            writeSoundFile(path("named.wav"), sound, 48000, {{Seconds{0.5}, name}, {Seconds{1.0}, "rod 12"}}))
            << name;
        const auto summary = splitSoundFile(path("named.wav"), [](Tap&&, const auto&) { return true; });
        ASSERT_TRUE(summary) << name << ": " << problemText(summary.fault());
        ASSERT_EQ(summary->markers.size(), 2U) << name;
        EXPECT_EQ(summary->markers[0].name, name);
        EXPECT_EQ(rodNamed(summary->markers[1]), 12);
    }
}

void putNumber(std::string& bytes, std::uint32_t number) {
    for (int shift = 0; shift < 32; shift += 8)
        bytes.push_back(static_cast<char>(number >> shift & 0xFFU));
}

TEST_F(SoundFile, MoreThanAHundredMarkersAreAllRead) {
    // By hand: libsndfile itself writes a hundred at most.
    constexpr std::uint32_t count = 250;
    constexpr std::uint32_t frames = 48000;
    std::string fmt = "fmt ";
    putNumber(fmt, 16);
    fmt += std::string("\1\0\1\0", 4);
    putNumber(fmt, 48000);
    putNumber(fmt, 96000);
    fmt += std::string("\2\0\20\0", 4);
    std::string cue = "cue ";
    putNumber(cue, 4 + 24 * count);
    putNumber(cue, count);
    for (std::uint32_t i = 0; i < count; ++i) {
        putNumber(cue, i + 1);
        putNumber(cue, 100 * i);
        cue += "data";
        putNumber(cue, 0);
        putNumber(cue, 0);
        putNumber(cue, 100 * i);
    }
    std::string data = "data";
    putNumber(data, 2 * frames);
    data += std::string(2 * frames, '\0');
    std::string riff = "RIFF";
    putNumber(riff, static_cast<std::uint32_t>(4 + fmt.size() + cue.size() + data.size()));
    std::ofstream(path("many.wav"), std::ios::binary) << riff << "WAVE" << fmt << cue << data;
    const auto summary = splitSoundFile(path("many.wav"), [](Tap&&, const auto&) { return true; });
    ASSERT_TRUE(summary) << problemText(summary.fault());
    EXPECT_EQ(summary->markers.size(), count);
}

TEST_F(SoundFile, AHeaderThatPromisesTheImpossibleIsRefusedCheaply) {
    ASSERT_TRUE(writeSoundFile(path("plain.wav"), silence(0.5, 48000), 48000));
    std::fstream file(path("plain.wav"), std::ios::binary | std::ios::in | std::ios::out);
    std::string rate;
    putNumber(rate, 2000000000U);
    file.seekp(24); // the rate of the fmt chunk
    file << rate;
    file.close();
    const auto summary = splitSoundFile(path("plain.wav"), [](Tap&&, const auto&) { return true; });
    ASSERT_FALSE(summary);
    EXPECT_EQ(summary.fault().fault, SoundFault::RateTooHigh);
    EXPECT_FALSE(readSoundFile(path("plain.wav")));
}

TEST_F(SoundFile, IsWrittenWholeAndOverAnotherOnlyWhenTold) {
    const auto sound = threeTaps(48000);
    ASSERT_TRUE(writeSoundFile(path("out.wav"), sound, 48000, {}, Replace::No));
    const auto again = writeSoundFile(path("out.wav"), silence(0.5, 48000), 48000, {}, Replace::No);
    ASSERT_FALSE(again);
    EXPECT_EQ(again.fault().fault, SoundFault::Exists);
    EXPECT_NEAR(static_cast<double>(readSoundFile(path("out.wav"))->samples.size()),
                static_cast<double>(sound.size()), 0.5);
    // A disk that is full: what was there stays, and no stump is left.
    const rlimit unlimited = [] {
        rlimit now{};
        getrlimit(RLIMIT_FSIZE, &now);
        return now;
    }();
    rlimit small = unlimited;
    small.rlim_cur = 20000;
    signal(SIGXFSZ, SIG_IGN);
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &small), 0);
    const auto full = writeSoundFile(path("out.wav"), sound, 48000);
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &unlimited), 0);
    ASSERT_FALSE(full);
    EXPECT_EQ(full.fault().fault, SoundFault::CannotWrite);
    EXPECT_NEAR(static_cast<double>(readSoundFile(path("out.wav"))->samples.size()),
                static_cast<double>(sound.size()), 0.5);
    EXPECT_FALSE(std::filesystem::exists(path("out.wav") + ".making"));
}

} // namespace
} // namespace bombo
