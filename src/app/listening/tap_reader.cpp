#include "app/listening/tap_reader.h"

namespace bombo {
namespace {

constexpr int kDrainMilliseconds = 10;
constexpr int kDrainsPerLevel = 5;

} // namespace

TapReader::TapReader(SampleRing& ring) : m_ring(ring), m_block(4096), m_timer(this) {
    m_timer.setInterval(kDrainMilliseconds);
    m_timer.setTimerType(Qt::PreciseTimer);
    connect(&m_timer, &QTimer::timeout, this, &TapReader::drain);
}

void TapReader::read(const Tap& tap) {
    emit heard(readTap(tap, m_options));
}

void TapReader::readSamples(const std::vector<float>& samples, double sampleRate) {
    TapSplitter splitter(sampleRate);
    std::vector<Tap> taps = splitter.push(samples);
    for (Tap& tap : splitter.finish())
        taps.push_back(std::move(tap));
    for (const Tap& tap : taps)
        read(tap);
    emit samplesDone(static_cast<int>(taps.size()));
}

void TapReader::readFile(const QString& path, int mostClear) {
    FileReport report;
    report.path = path;
    const auto summary = splitSoundFile(path.toStdString(), [&](Tap&& tap) {
        const Reading reading = readTap(tap, m_options);
        if (reading.verdict == Verdict::Clear)
            ++report.clear;
        else
            report.unclear.push_back(reading.verdict);
        emit heard(reading);
        return report.clear < mostClear;
    });
    if (summary)
        report.summary = *summary;
    else
        report.problem = summary.fault();
    emit fileDone(report);
}

void TapReader::readHits(const QString& path) {
    HitReport report{path, std::nullopt, {}};
    auto hits = hitsOf(path.toStdString());
    if (hits)
        report.hits = std::move(hits).value();
    else
        report.problem = hits.fault();
    emit hitsDone(report);
}

void TapReader::startStream(double sampleRate) {
    while (m_ring.pop(m_block) > 0) { // what is left of an earlier stream
    }
    m_splitter = std::make_unique<TapSplitter>(sampleRate);
    m_timer.start();
}

void TapReader::stopStream() {
    m_timer.stop();
    m_splitter.reset();
    emit level(-120.0);
}

void TapReader::drain() {
    while (const std::size_t count = m_ring.pop(m_block))
        for (const Tap& tap : m_splitter->push(std::span(m_block).first(count)))
            read(tap);
    if (++m_sinceLevel >= kDrainsPerLevel) {
        m_sinceLevel = 0;
        emit level(m_splitter->levelDb());
    }
}

} // namespace bombo
