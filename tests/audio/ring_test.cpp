#include "audio/microphone.h"
#include "audio/sample_ring.h"

#include <gtest/gtest.h>
#include <numeric>
#include <thread>

namespace bombo {
namespace {

std::vector<float> ramp(std::size_t count, float from = 0.0F) {
    std::vector<float> samples(count);
    std::iota(samples.begin(), samples.end(), from);
    return samples;
}

TEST(SampleRing, GivesBackWhatWasPutInInOrder) {
    SampleRing ring(1000);
    EXPECT_EQ(ring.capacity(), 1024U);
    std::vector<float> out(700);
    float expected = 0.0F;
    for (int turn = 0; turn < 10; ++turn) { // wraps several times
        EXPECT_EQ(ring.push(ramp(700, 700.0F * static_cast<float>(turn))), 700U);
        ASSERT_EQ(ring.pop(out), 700U);
        for (float value : out)
            ASSERT_EQ(value, expected++);
    }
    EXPECT_EQ(ring.pop(out), 0U);
    EXPECT_EQ(ring.dropped(), 0U);
}

TEST(SampleRing, DropsAndCountsWhatDoesNotFit) {
    SampleRing ring(16);
    EXPECT_EQ(ring.push(ramp(20)), 16U);
    EXPECT_EQ(ring.push(ramp(3)), 0U);
    EXPECT_EQ(ring.dropped(), 7U);
    std::vector<float> out(16);
    EXPECT_EQ(ring.pop(out), 16U);
    EXPECT_EQ(out.back(), 15.0F); // the older samples are kept whole
}

TEST(SampleRing, OneWriterOneReaderLoseNothing) {
    constexpr std::size_t total = 2'000'000;
    SampleRing ring(4096);
    std::thread writer([&] {
        std::size_t sent = 0;
        std::vector<float> block(257);
        while (sent < total) {
            const std::size_t count = std::min(block.size(), total - sent);
            for (std::size_t i = 0; i < count; ++i)
                block[i] = static_cast<float>((sent + i) % 65536);
            std::size_t done = 0;
            while (done < count) {
                const std::size_t taken = ring.push(std::span(block).subspan(done, count - done));
                done += taken;
                if (taken == 0)
                    std::this_thread::yield();
            }
            sent += count;
        }
    });
    std::size_t got = 0;
    std::size_t wrong = 0;
    std::vector<float> out(311);
    while (got < total) {
        const std::size_t count = ring.pop(out);
        for (std::size_t i = 0; i < count; ++i)
            wrong += out[i] != static_cast<float>((got + i) % 65536);
        got += count;
        if (count == 0)
            std::this_thread::yield();
    }
    writer.join();
    EXPECT_EQ(wrong, 0U);
}

QAudioFormat format(QAudioFormat::SampleFormat sample, int channels) {
    QAudioFormat f;
    f.setSampleRate(48000);
    f.setChannelCount(channels);
    f.setSampleFormat(sample);
    return f;
}

template <class T>
std::vector<float> through(const std::vector<T>& frames, QAudioFormat::SampleFormat sample, int channels) {
    SampleRing ring(4096);
    RingDevice device(ring, format(sample, channels));
    device.write(reinterpret_cast<const char*>(frames.data()),
                 static_cast<qint64>(frames.size() * sizeof(T)));
    std::vector<float> out(frames.size());
    out.resize(ring.pop(out));
    return out;
}

TEST(RingDeviceTest, ConvertsEveryFormatToMonoFloats) {
    EXPECT_EQ(through<float>({0.5F, -0.25F}, QAudioFormat::Float, 1), (std::vector<float>{0.5F, -0.25F}));
    EXPECT_EQ(through<float>({0.5F, -0.5F, 1.0F, 0.5F}, QAudioFormat::Float, 2),
              (std::vector<float>{0.0F, 0.75F}));
    const auto s16 = through<qint16>({32767, -32767, 0}, QAudioFormat::Int16, 1);
    EXPECT_NEAR(s16[0], 1.0F, 1e-6);
    EXPECT_NEAR(s16[1], -1.0F, 1e-6);
    const auto u8 = through<quint8>({128, 255, 0}, QAudioFormat::UInt8, 1);
    EXPECT_NEAR(u8[0], 0.0F, 1e-6);
    EXPECT_NEAR(u8[2], -1.0F, 1e-6);
    const auto s32 = through<qint32>({1 << 30}, QAudioFormat::Int32, 1);
    EXPECT_NEAR(s32[0], 0.5F, 1e-6);
}

TEST(RingDeviceTest, LongWritesArriveWhole) {
    std::vector<float> samples(3000);
    std::iota(samples.begin(), samples.end(), 0.0F);
    EXPECT_EQ(through<float>(samples, QAudioFormat::Float, 1), samples);
}

} // namespace
} // namespace bombo
