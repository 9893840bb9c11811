#include "app/listening/tap_reader.h"

#include "core/tap/taps_in.h"

#include <utility>

namespace bombo {
namespace {

constexpr int kDrainMilliseconds = 10;
constexpr int kDrainsPerLevel = 5;
/// From the air through the device to here; nobody strikes as soon as this after a key.
constexpr Seconds kOnItsWay{0.15};

} // namespace

TapReader::TapReader(SampleRing& ring) : m_ring(ring), m_block(4096), m_timer(this) {
    m_timer.setInterval(kDrainMilliseconds);
    m_timer.setTimerType(Qt::PreciseTimer);
    connect(&m_timer, &QTimer::timeout, this, &TapReader::drain);
}

void TapReader::setOrder(const EarOrder& order) {
    const bool elsewhere = !isStillDue(m_order.ticket.due, order.ticket.due, false) ||
                           m_order.ticket.session != order.ticket.session || m_order.task != order.task;
    if (elsewhere) { // the next rod of a round is no new place: there the newest expectation counts
        m_earlier = std::exchange(m_order, order);
        m_orderSince = Seconds{static_cast<double>(m_pushed) / m_rate};
    } else {
        m_order = order;
    }
}

/// What was struck before the user went on is heard a moment after it.
const EarOrder& TapReader::orderOf(const Tap& tap) const {
    return tap.onset < m_orderSince + kOnItsWay ? m_earlier : m_order;
}

HeardTap TapReader::read(const Tap& tap, const EarOrder& order) const {
    HeardTap found;
    found.ticket = order.ticket;
    found.task = order.task;
    found.heard.reading = readTap(tap, order.options);
    if (order.task == EarTask::WholeStroke)
        if (auto stroke = portraitFrom(tap, found.heard.reading, order.options.expected)) {
            found.heard.stroke = std::move(stroke).value();
            found.sound = tap.after;
            found.sampleRate = tap.sampleRate;
        }
    if (order.task == EarTask::Check)
        found.look = lookAt(tap, found.heard.reading);
    return found;
}

void TapReader::readSamples(const std::vector<float>& samples, double sampleRate,
                            const std::optional<WireAnswer>& known) {
    const std::vector<Tap> taps = tapsIn(samples, sampleRate);
    for (const Tap& tap : taps) {
        HeardTap found = read(tap, m_order);
        found.rodIsSure = true;
        found.heard.known = known;
        emit heard(found);
    }
    emit samplesDone({m_order.ticket, static_cast<int>(taps.size()), known});
}

void TapReader::readFile(const QString& path, int mostClear) {
    FileReport report;
    report.ticket = m_order.ticket;
    report.path = path;
    const auto summary =
        splitSoundFile(path.toStdString(), [&](Tap&& tap, const std::optional<Marker>& marker) {
            HeardTap found = read(tap, m_order);
            const Reading& reading = found.heard.reading;
            const bool taken =
                m_order.task == EarTask::Tap ? reading.hasFigure() : found.heard.stroke.has_value();
            if (taken)
                ++report.clear;
            else
                report.unclear.push_back(reading.verdict);
            if (const auto rod = marker ? rodNamed(*marker) : std::nullopt)
                found.heard.rod = *rod - 1;
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
    HitReport report{m_order.ticket, path, std::nullopt, {}};
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
    m_pushed = 0;
    m_orderSince = -kOnItsWay; // the stream begins after it
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
    m_gathering = Gathering{static_cast<std::size_t>(length.value * m_rate),
                            [this, ticket = m_order.ticket](const std::vector<float>& samples) {
                                const auto hiss = hissOverVoice(samples, m_rate);
                                emit voiceHeard(hiss ? VoiceReport{ticket, *hiss, {}}
                                                     : VoiceReport{ticket, std::nullopt, hiss.fault()});
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
    m_splitter = std::make_unique<TapSplitter>(m_rate); // its time begins anew
    m_orderSince = m_orderSince - Seconds{static_cast<double>(std::exchange(m_pushed, 0)) / m_rate};
    if (m_gathering)
        m_gathering->samples.clear();
    emit soundLost(Seconds{static_cast<double>(lost) / m_rate});
}

void TapReader::drain() {
    while (const std::size_t count = m_ring.pop(m_block)) {
        const auto samples = std::span(m_block).first(count);
        const std::vector<Tap> taps = m_splitter->push(samples); // the level comes from it, too
        m_pushed += count;
        if (m_gathering) {
            gather(samples);
            continue;
        }
        for (const Tap& tap : taps)
            emit heard(read(tap, orderOf(tap)));
    }
    noticeLoss();
    if (++m_sinceLevel >= kDrainsPerLevel) {
        m_sinceLevel = 0;
        emit level(m_splitter->levelDb());
    }
}

} // namespace bombo
