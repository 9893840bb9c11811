#include "app/listening/tap_reader.h"

#include "core/tap/taps_in.h"

#include <utility>

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

HeardTap TapReader::read(const Tap& tap) const {
    HeardTap heard{readTap(tap, m_options), std::nullopt, m_task};
    if (m_task == EarTask::WholeStroke)
        if (auto stroke = portraitFrom(tap, heard.reading, m_options.expected)) {
            heard.stroke = std::move(stroke).value();
            heard.sound = tap.after;
            heard.sampleRate = tap.sampleRate;
        }
    if (m_task == EarTask::Check)
        heard.look = lookAt(tap, heard.reading);
    return heard;
}

void TapReader::readSamples(const std::vector<float>& samples, double sampleRate) {
    const std::vector<Tap> taps = tapsIn(samples, sampleRate);
    for (const Tap& tap : taps)
        emit heard(read(tap));
    emit samplesDone(static_cast<int>(taps.size()));
}

void TapReader::readFile(const QString& path, int mostClear) {
    FileReport report;
    report.path = path;
    const auto summary =
        splitSoundFile(path.toStdString(), [&](Tap&& tap, const std::optional<Marker>& marker) {
            HeardTap found = read(tap);
            const bool taken = m_task == EarTask::Tap ? found.reading.hasFigure() : found.stroke.has_value();
            if (taken)
                ++report.clear;
            else
                report.unclear.push_back(found.reading.verdict);
            if (const auto rod = marker ? rodNamed(*marker) : std::nullopt)
                found.rod = *rod - 1;
            emit heard(found);
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
    m_rate = sampleRate;
    m_lostBefore = m_ring.dropped();
    m_splitter = std::make_unique<TapSplitter>(sampleRate);
    if (m_gathering)
        m_gathering->samples.clear();
    m_timer.start();
}

void TapReader::stopStream() {
    m_timer.stop();
    m_splitter.reset();
    emit level(-120.0);
}

void TapReader::measureTone(Hertz near, Seconds length) {
    m_gathering = Gathering{
        static_cast<std::size_t>(length.value * m_rate), [this, near](const std::vector<float>& samples) {
            const auto tone = steadyTone(samples, m_rate, near);
            emit toneMeasured(tone ? ToneReport{*tone, {}} : ToneReport{std::nullopt, tone.fault()});
        }};
}

void TapReader::hearVoice(Seconds length) {
    m_gathering = Gathering{
        static_cast<std::size_t>(length.value * m_rate), [this](const std::vector<float>& samples) {
            const auto hiss = hissOverVoice(samples, m_rate);
            emit voiceHeard(hiss ? VoiceReport{*hiss, {}} : VoiceReport{std::nullopt, hiss.fault()});
        }};
}

void TapReader::gather(std::span<const float> samples) {
    m_gathering->samples.insert(m_gathering->samples.end(), samples.begin(), samples.end());
    if (m_gathering->samples.size() < m_gathering->wanted)
        return;
    const Gathering done = *std::exchange(m_gathering, std::nullopt);
    done.whole(done.samples);
}

/// What lies before the gap and what comes after it do not belong together: a splice would sound like a tap.
void TapReader::noticeLoss() {
    const std::size_t dropped = m_ring.dropped();
    const std::size_t lost = dropped - std::exchange(m_lostBefore, dropped);
    if (lost == 0)
        return;
    m_splitter = std::make_unique<TapSplitter>(m_rate);
    if (m_gathering)
        m_gathering->samples.clear();
    emit soundLost(Seconds{static_cast<double>(lost) / m_rate});
}

void TapReader::drain() {
    while (const std::size_t count = m_ring.pop(m_block)) {
        const auto samples = std::span(m_block).first(count);
        const std::vector<Tap> taps = m_splitter->push(samples); // the level comes from it, too
        if (m_gathering) {
            gather(samples);
            continue;
        }
        for (const Tap& tap : taps)
            emit heard(read(tap));
    }
    noticeLoss();
    if (++m_sinceLevel >= kDrainsPerLevel) {
        m_sinceLevel = 0;
        emit level(m_splitter->levelDb());
    }
}

} // namespace bombo
