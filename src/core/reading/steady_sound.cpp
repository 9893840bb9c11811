#include "core/reading/steady_sound.h"

#include "core/reading/spectrum.h"

#include "core/dense/dense.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>
#include <span>
#include <utility>

namespace bombo {
namespace {

constexpr std::size_t kMostLines = 12;
constexpr double kLowest = 30.0;       // Hz
constexpr double kHighest = 2000.0;    // Hz
constexpr double kOverTheMiddle = 100; // in power
constexpr double kHalvesAgree = 0.15;  // of the amplitude
constexpr double kSlowRate = 12000.0;  // Hz, at which the lines are fitted

/// What sounded before, in means of a few samples each.
struct Slow {
    std::vector<float> samples;
    int each = 1;
    double rate = 0;  ///< Hz
    double first = 0; ///< time of the first mean, in slow samples since the onset
};

Slow slowed(const Tap& tap) {
    Slow slow;
    slow.each = std::max(1, static_cast<int>(tap.sampleRate / kSlowRate));
    slow.rate = tap.sampleRate / slow.each;
    const auto each = static_cast<std::size_t>(slow.each);
    const std::size_t count = tap.before.size() / each;
    const std::size_t skipped = tap.before.size() - count * each;
    for (std::size_t i = 0; i < count; ++i) {
        float sum = 0.0F;
        for (std::size_t k = 0; k < each; ++k)
            sum += tap.before[skipped + i * each + k];
        slow.samples.push_back(sum / static_cast<float>(each));
    }
    slow.first = -static_cast<double>(count) + 0.5 * (1.0 - 1.0 / slow.each);
    return slow;
}

/// By what the means have made a line weaker.
double gainOf(const Slow& slow, Hertz frequency) {
    const double half = std::numbers::pi * frequency.value / (slow.rate * slow.each);
    return slow.each == 1 ? 1.0 : std::sin(slow.each * half) / (slow.each * std::sin(half));
}

/// Walks exp(i w t) along the samples; `first` is the time of the first one in samples since the onset.
template <typename Visit> void walk(std::size_t count, double first, double angle, Visit visit) {
    std::complex<double> at = std::polar(1.0, angle * first);
    const std::complex<double> step = std::polar(1.0, angle);
    for (std::size_t i = 0; i < count; ++i) {
        visit(i, at.real(), at.imag());
        at = {at.real() * step.real() - at.imag() * step.imag(),
              at.real() * step.imag() + at.imag() * step.real()};
    }
}

double angleOf(const SteadyLine& line, double rate) {
    return 2.0 * std::numbers::pi * line.frequency.value / rate;
}

/// Adds `sign` times the line to the samples.
void addLine(std::vector<float>& samples, double first, double rate, const SteadyLine& line, double sign) {
    walk(samples.size(), first, angleOf(line, rate), [&](std::size_t i, double c, double s) {
        samples[i] += static_cast<float>(sign * (line.cosine * c + line.sine * s));
    });
}

/// Amplitudes of the line's frequency in a stretch of samples by least squares.
std::complex<double> amplitudeOf(std::span<const float> samples, double first, double angle) {
    Eigen::Matrix2d normal = Eigen::Matrix2d::Zero();
    Eigen::Vector2d right = Eigen::Vector2d::Zero();
    walk(samples.size(), first, angle, [&](std::size_t i, double c, double s) {
        const Eigen::Vector2d row(c, s);
        normal += row * row.transpose();
        right += row * static_cast<double>(samples[i]);
    });
    const Eigen::Vector2d fit = normal.inverse() * right;
    return {fit[0], fit[1]};
}

/// One line fitted to the samples, its frequency too: a step of Gauss and Newton from where it stands.
void refine(SteadyLine& line, const std::vector<float>& samples, const Slow& slow) {
    const double farthest = 0.5 * slow.rate / static_cast<double>(samples.size()); // Hz
    const auto amplitude = amplitudeOf(samples, slow.first, angleOf(line, slow.rate));
    line.cosine = amplitude.real();
    line.sine = amplitude.imag();
    Eigen::Matrix3d normal = Eigen::Matrix3d::Zero();
    Eigen::Vector3d right = Eigen::Vector3d::Zero();
    walk(samples.size(), slow.first, angleOf(line, slow.rate), [&](std::size_t i, double c, double s) {
        const double time = slow.first + static_cast<double>(i);
        const Eigen::Vector3d row(c, s, time * (line.sine * c - line.cosine * s));
        normal += row * row.transpose();
        right += row * (samples[i] - line.cosine * c - line.sine * s);
    });
    const Eigen::Vector3d change = normal.inverse() * right;
    const double hertz = change[2] * slow.rate / (2.0 * std::numbers::pi);
    if (!std::isfinite(hertz) || std::abs(hertz) > farthest)
        return;
    line.cosine += change[0];
    line.sine += change[1];
    line.frequency = line.frequency + Hertz{hertz};
}

/// All lines fitted beside each other, one step of Gauss and Newton; `rest` is what they leave of the sound.
void refineAll(std::vector<SteadyLine>& lines, const Slow& slow, std::vector<float>& rest) {
    const auto count = static_cast<Eigen::Index>(lines.size());
    const auto length = static_cast<Eigen::Index>(rest.size());
    Eigen::MatrixXd slope(length, 3 * count);
    for (Eigen::Index k = 0; k < count; ++k) {
        const SteadyLine& line = lines[static_cast<std::size_t>(k)];
        walk(rest.size(), slow.first, angleOf(line, slow.rate), [&](std::size_t i, double c, double s) {
            const auto at = static_cast<Eigen::Index>(i);
            slope(at, 3 * k) = c;
            slope(at, 3 * k + 1) = s;
            slope(at, 3 * k + 2) = (slow.first + static_cast<double>(i)) * (line.sine * c - line.cosine * s);
        });
    }
    Eigen::MatrixXd normal = Eigen::MatrixXd::Zero(3 * count, 3 * count);
    normal.selfadjointView<Eigen::Lower>().rankUpdate(slope.transpose());
    const Eigen::VectorXd right =
        slope.transpose() * Eigen::Map<const Eigen::VectorXf>(rest.data(), length).cast<double>();
    const Eigen::VectorXd change = solvedSymmetric(normal, right);
    const double farthest = 0.25 * slow.rate / static_cast<double>(length); // Hz
    for (Eigen::Index k = 0; k < count; ++k) {
        const double hertz = change[3 * k + 2] * slow.rate / (2.0 * std::numbers::pi);
        if (!std::isfinite(hertz) || std::abs(hertz) > farthest)
            return;
    }
    for (Eigen::Index k = 0; k < count; ++k) {
        SteadyLine& line = lines[static_cast<std::size_t>(k)];
        addLine(rest, slow.first, slow.rate, line, 1.0);
        line.cosine += change[3 * k];
        line.sine += change[3 * k + 1];
        line.frequency = line.frequency + Hertz{change[3 * k + 2] * slow.rate / (2.0 * std::numbers::pi)};
        addLine(rest, slow.first, slow.rate, line, -1.0);
    }
}

/// Peaks that stand out of the spectrum, strongest first; the window's side lobes beside a stronger one are
/// not among them.
std::vector<Hertz> peaksOf(const std::vector<float>& samples, double rate,
                           const std::vector<SteadyLine>& known) {
    constexpr double apart = 25.0; // Hz
    const PowerSpectrum spectrum = powerSpectrum(samples, rate, 4096, 0.0);
    const auto first = static_cast<std::size_t>(kLowest / spectrum.binWidth);
    const auto last =
        std::min(spectrum.power.size() - 1, static_cast<std::size_t>(kHighest / spectrum.binWidth));
    if (first < 1 || first >= last)
        return {};
    const double least = std::max(kOverTheMiddle * middlePower(spectrum, first, last), 1e-14);
    std::vector<std::pair<double, Hertz>> found;
    for (std::size_t bin = first; bin < last; ++bin)
        if (spectrum.power[bin] > least && spectrum.power[bin] > spectrum.power[bin - 1] &&
            spectrum.power[bin] >= spectrum.power[bin + 1])
            found.emplace_back(spectrum.power[bin], Hertz{static_cast<double>(bin) * spectrum.binWidth});
    std::sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    std::vector<Hertz> peaks;
    for (const auto& [power, frequency] : found) {
        const auto beside = [at = frequency.value](double other) { return std::abs(other - at) < apart; };
        if (std::none_of(peaks.begin(), peaks.end(), [&](Hertz p) { return beside(p.value); }) &&
            std::none_of(known.begin(), known.end(),
                         [&](const SteadyLine& l) { return beside(l.frequency.value); }))
            peaks.push_back(frequency);
    }
    return peaks;
}

/// Neither growing nor dying: both halves show the same.
bool isSteady(const SteadyLine& line, const std::vector<float>& samples, double first, double rate) {
    const std::size_t half = samples.size() / 2;
    const std::span<const float> all = samples;
    const double angle = angleOf(line, rate);
    const auto early = amplitudeOf(all.first(half), first, angle);
    const auto late = amplitudeOf(all.subspan(half), first + static_cast<double>(half), angle);
    return std::abs(early - late) < kHalvesAgree * std::hypot(line.cosine, line.sine);
}

} // namespace

std::vector<SteadyLine> steadyLinesBefore(const Tap& tap) {
    constexpr int looks = 3;
    constexpr int steps = 2;
    std::vector<SteadyLine> lines;
    if (static_cast<double>(tap.before.size()) < 0.05 * tap.sampleRate)
        return lines;
    const Slow slow = slowed(tap);
    std::vector<float> rest = slow.samples;
    // Weak lines show only when the strong ones are gone.
    for (int look = 0; look < looks && lines.size() < kMostLines; ++look) {
        const std::vector<Hertz> peaks = peaksOf(rest, slow.rate, lines);
        for (std::size_t i = 0; i < peaks.size() && lines.size() < kMostLines; ++i) {
            SteadyLine line{.frequency = peaks[i]};
            refine(line, rest, slow);
            addLine(rest, slow.first, slow.rate, line, -1.0);
            lines.push_back(line);
        }
        if (peaks.empty())
            break;
        for (int step = 0; step < steps; ++step)
            refineAll(lines, slow, rest);
    }
    std::vector<SteadyLine> steady;
    for (SteadyLine line : lines) {
        std::vector<float> alone = rest;
        addLine(alone, slow.first, slow.rate, line, 1.0);
        if (!isSteady(line, alone, slow.first, slow.rate))
            continue;
        const double gain = gainOf(slow, line.frequency);
        line.cosine /= gain;
        line.sine /= gain;
        steady.push_back(line);
    }
    std::sort(steady.begin(), steady.end(), [](const SteadyLine& a, const SteadyLine& b) {
        return std::hypot(a.cosine, a.sine) > std::hypot(b.cosine, b.sine);
    });
    return steady;
}

Tap withoutLines(const Tap& tap, const std::vector<SteadyLine>& lines) {
    Tap rest = tap;
    const double rate = tap.sampleRate;
    const double before = -static_cast<double>(tap.before.size());
    const std::size_t tail = std::min(tap.after.size(), static_cast<std::size_t>(0.1 * rate));
    const std::size_t tailFrom = tap.after.size() - tail;
    for (const SteadyLine& line : lines) {
        const std::span<const float> end = std::span<const float>(rest.after).subspan(tailFrom);
        const auto there = amplitudeOf(end, static_cast<double>(tailFrom), angleOf(line, rate));
        if (std::abs(there - std::complex<double>(line.cosine, line.sine)) >= std::abs(there))
            continue;
        addLine(rest.after, 0.0, rate, line, -1.0);
        addLine(rest.before, before, rate, line, -1.0);
    }
    return rest;
}

} // namespace bombo
