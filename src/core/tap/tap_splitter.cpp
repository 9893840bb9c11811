#include "core/tap/tap_splitter.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace bombo {
namespace {

constexpr double kHopSeconds = 0.001;
constexpr double kFrameSeconds = 0.008;
constexpr std::size_t kHistory = 64;    // frames kept
constexpr std::size_t kRecentFrom = 20; // frames back where "just before" begins
constexpr std::size_t kRecentTo = 9;    // and ends: past the frame that holds the onset
constexpr double kDoubleHitSeconds = 0.12;
constexpr double kOverrideDb = 10.0;
constexpr double kBrightFrom = 3000.0;       // Hz
constexpr double kBrightRiseDb = 8.0;        // of a second blow over what still sounds of the first
constexpr double kBrightBelowFirstDb = 20.0; // a second blow weaker than this does no harm
constexpr double kSameBlowSeconds = 0.03;    // the room's first answer is not a blow

double fromDb(double db) {
    return std::pow(10.0, db / 10.0);
}

} // namespace

BrightPart::BrightPart(double sampleRate)
    : m_pole(std::exp(-2.0 * std::numbers::pi * kBrightFrom / sampleRate)) {}

void BrightPart::push(float sample) {
    double x = sample;
    for (std::size_t i = 0; i < m_in.size(); ++i) {
        m_out[i] = 0.5 * (1.0 + m_pole) * (x - m_in[i]) + m_pole * m_out[i];
        m_in[i] = x;
        x = m_out[i];
    }
    m_sum += x * x;
    ++m_count;
}

void BrightPart::mark() {
    std::copy_backward(m_past.begin(), m_past.end() - 1, m_past.end());
    m_past.front() = m_sum / std::max(1, m_count);
    m_sum = 0;
    m_count = 0;
}

double BrightPart::now() const {
    return (m_past[0] + m_past[1] + m_past[2]) / 3.0;
}

double BrightPart::justBefore() const {
    return std::accumulate(m_past.begin() + 5, m_past.end(), 0.0) / 11.0;
}

TapSplitter::TapSplitter(double sampleRate, SplitterOptions options)
    : m_rate(sampleRate), m_options(options), m_hop(std::lround(kHopSeconds * sampleRate)),
      m_frame(std::lround(kFrameSeconds * sampleRate)), m_bright(sampleRate) {
    m_next = m_frame;
    m_floor = fromDb(m_options.quietestDb);
}

double TapSplitter::levelDb() const {
    return m_energy.empty() ? -120.0 : 10.0 * std::log10(m_energy.back() + 1e-12);
}

std::vector<Tap> TapSplitter::push(std::span<const float> samples) {
    std::vector<Tap> done;
    // One-pole high-pass at 60 Hz takes away direct current and rumble before energies are compared.
    const auto pole = static_cast<float>(std::exp(-2.0 * std::numbers::pi * 60.0 / m_rate));
    for (float sample : samples) {
        const float clean = std::isfinite(sample) ? sample : 0.0F;
        m_lastOut = clean - m_lastIn + pole * m_lastOut;
        m_lastIn = clean;
        m_buffer.push_back(clean);
        m_filtered.push_back(m_lastOut);
        m_bright.push(clean);
        if (m_bufferStart + static_cast<long>(m_buffer.size()) >= m_next) {
            m_bright.mark();
            frame(done);
            m_next += m_hop;
        }
    }
    forget();
    return done;
}

std::vector<Tap> TapSplitter::finish() {
    std::vector<Tap> done;
    if (m_open)
        close(m_bufferStart + static_cast<long>(m_buffer.size()), done);
    return done;
}

void TapSplitter::frame(std::vector<Tap>& done) {
    double energy = 0.0;
    const auto end = static_cast<std::size_t>(m_next - m_bufferStart);
    for (std::size_t i = end - static_cast<std::size_t>(m_frame); i < end; ++i)
        energy += static_cast<double>(m_filtered[i]) * m_filtered[i];
    energy /= static_cast<double>(m_frame);
    m_energy.push_back(energy);
    if (m_energy.size() > kHistory)
        m_energy.erase(m_energy.begin());
    if (m_energy.size() <= kRecentFrom)
        return;

    double recent = 0.0;
    for (std::size_t back = kRecentTo; back <= kRecentFrom; ++back)
        recent += m_energy[m_energy.size() - 1 - back] / static_cast<double>(kRecentFrom - kRecentTo + 1);
    // The floor follows quiet at once and loudness slowly (about 3 dB a second), so that a tail is not a
    // floor.
    m_floor = std::max(1e-12, std::min(m_floor * 1.0007, std::max(energy, 1e-12)));

    const bool rises = energy > recent * fromDb(m_options.riseDb) &&
                       energy > m_floor * fromDb(m_options.overFloorDb) &&
                       energy > fromDb(m_options.quietestDb);
    if (!m_open) {
        if (rises)
            open(m_next, energy, false);
        return;
    }
    const double since = static_cast<double>(m_next - m_open->onset) / m_rate;
    if (brightBlow(since)) {
        m_open->struckTwice = true;
        m_open->secondBlow = since;
    }
    if (since < 0.02) { // still the same blow: follow it up to its peak
        m_open->peakEnergy = std::max(m_open->peakEnergy, energy);
        return;
    }
    const bool farStronger = rises && energy > m_open->peakEnergy * fromDb(kOverrideDb);
    if (farStronger && since < kDoubleHitSeconds) { // the first was a touch, this is the tap
        open(m_next, energy, false);
        return;
    }
    if (rises && since > m_options.shortest.value) {
        if (since < kDoubleHitSeconds || since - m_open->secondBlow < kSameBlowSeconds) {
            m_open->struckTwice = true;
            m_open->peakEnergy = std::max(m_open->peakEnergy, energy);
            return;
        }
        close(m_next - m_frame, done);
        open(m_next, energy, false);
        return;
    }
    const bool over = energy < m_open->peakEnergy * fromDb(-50.0) || energy < m_floor * fromDb(3.0);
    if (since >= m_options.longest.value || (over && since > 0.25))
        close(m_next, done);
}

/// A blow into a loud tail does not raise the level by much, or even lowers it; but it starts with the stick.
bool TapSplitter::brightBlow(double since) {
    const double now = m_bright.now();
    if (since < kSameBlowSeconds) {
        m_open->brightPeak = std::max(m_open->brightPeak, now);
        return false;
    }
    return since < kDoubleHitSeconds && now > m_bright.justBefore() * fromDb(kBrightRiseDb) &&
           now > m_open->brightPeak * fromDb(-kBrightBelowFirstDb);
}

void TapSplitter::open(long onsetNear, double energy, bool struckTwice) {
    m_open = Open{refineOnset(onsetNear), energy, struckTwice, m_bright.now()};
}

/// First sample of the blow: where the filtered signal first passes a tenth of the frame's peak.
long TapSplitter::refineOnset(long near) const {
    const long from = std::max(m_bufferStart, near - m_frame - m_hop);
    const long to = std::min(near, m_bufferStart + static_cast<long>(m_filtered.size()));
    float peak = 0.0F;
    for (long i = from; i < to; ++i)
        peak = std::max(peak, std::abs(m_filtered[static_cast<std::size_t>(i - m_bufferStart)]));
    for (long i = from; i < to; ++i)
        if (std::abs(m_filtered[static_cast<std::size_t>(i - m_bufferStart)]) > 0.2F * peak)
            return i;
    return from;
}

void TapSplitter::close(long end, std::vector<Tap>& done) {
    const long longest = std::lround(m_options.longest.value * m_rate);
    const long stop =
        std::min({end, m_open->onset + longest, m_bufferStart + static_cast<long>(m_buffer.size())});
    const long beforeFrom = std::max(m_bufferStart, m_open->onset - std::lround(0.1 * m_rate));
    if (static_cast<double>(stop - m_open->onset) / m_rate >= m_options.shortest.value) {
        Tap tap;
        tap.sampleRate = m_rate;
        tap.onset = Seconds{static_cast<double>(m_open->onset) / m_rate};
        tap.struckTwice = m_open->struckTwice;
        for (long i = beforeFrom; i < m_open->onset; ++i)
            tap.before.push_back(at(i));
        for (long i = m_open->onset; i < stop; ++i)
            tap.after.push_back(at(i));
        done.push_back(std::move(tap));
    }
    m_open.reset();
}

void TapSplitter::forget() {
    const long keepFrom = (m_open ? m_open->onset : m_next) - std::lround(0.15 * m_rate) - m_frame;
    const long surplus = keepFrom - m_bufferStart;
    if (surplus < std::lround(0.5 * m_rate))
        return;
    m_buffer.erase(m_buffer.begin(), m_buffer.begin() + surplus);
    m_filtered.erase(m_filtered.begin(), m_filtered.begin() + surplus);
    m_bufferStart += surplus;
}

} // namespace bombo
