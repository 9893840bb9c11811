/// A sound file: read in bounded memory, or refused.
#include "store/sound_file.h"

#include "core/reading/read_tap.h"

#include <QCoreApplication>
#include <QFile>
#include <QTemporaryDir>
#include <cmath>
#include <cstdlib>
#include <cstring>
#include <random>

extern "C" std::size_t LLVMFuzzerMutate(std::uint8_t* data, std::size_t size, std::size_t maxSize);

namespace {

using namespace bombo;

std::filesystem::path place(const char* name) {
    static const QTemporaryDir folder;
    return folder.filePath(QLatin1String(name)).toStdString();
}

/// A short file of two taps, with markers.
const QByteArray& seed() {
    static const QByteArray bytes = [] {
        const double rate = 8000.0;
        std::vector<float> samples(4000);
        for (std::size_t i = 0; i < samples.size(); ++i) {
            const double t = std::fmod(static_cast<double>(i) / rate, 0.25);
            samples[i] = static_cast<float>(0.5 * std::exp(-12.0 * t) * std::sin(2.0 * M_PI * 310.0 * t));
        }
        const auto path = place("seed.wav");
        (void)writeSoundFile(path, samples, rate, {{Seconds{0.0}, "rod 1"}, {Seconds{0.25}, "rod 2"}});
        QFile file(QString::fromStdString(path.string()));
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }();
    return bytes;
}

} // namespace

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t maxSize,
                                               unsigned random) {
    std::mt19937 dice(random);
    if (size < 44 || dice() % 200 == 0) {
        size = std::min(static_cast<std::size_t>(seed().size()), maxSize);
        std::memcpy(data, seed().constData(), size);
    }
    // The header and the chunks after the sound decide; the samples are changed less often.
    switch (dice() % 3) {
    case 0: {
        const std::uint32_t values[]{0, 1, 0xFFFFFFFFU, 0x7FFFFFFFU, 2000000000U, 0xFFFFU, 65536U, 3U};
        const std::uint32_t value = values[dice() % 8];
        std::memcpy(data + dice() % std::min<std::size_t>(size - 3, 60), &value, dice() % 2 == 0 ? 4 : 2);
        return size;
    }
    case 1:
        data[dice() % size] ^= static_cast<std::uint8_t>(1U << (dice() % 8));
        return size;
    default:
        return LLVMFuzzerMutate(data, size, maxSize);
    }
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static int argc = 0;
    static const QCoreApplication application(argc, nullptr);
    const auto path = place("sound");
    {
        QFile file(QString::fromStdString(path.string()));
        if (!file.open(QIODevice::WriteOnly) ||
            file.write(reinterpret_cast<const char*>(data), static_cast<qint64>(size)) !=
                static_cast<qint64>(size))
            return 0;
    }
    int taps = 0;
    const auto summary = splitSoundFile(path, [&taps](Tap&& tap, const std::optional<Marker>& marker) {
        if (marker)
            (void)rodNamed(*marker);
        (void)readTap(tap, {});
        return ++taps < 3;
    });
    if (summary && !(std::isfinite(summary->length.value) && summary->length.value >= 0.0))
        std::abort();
    (void)readSoundFile(path);
    return 0;
}
