/// How well taps are read: synthetic edge taps with known truth, beside two simple methods and the
/// Cramer-Rao bound, as a table for docs/performance.md. Run: build/release/bench/bombo-accuracy [taps a row]
#include "core/reading/bands.h"
#include "core/reading/hit_portrait.h"
#include "support/synthesis.h"

#include <Eigen/Dense>
#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace bombo;
using bombo::testing::addNoise;
using bombo::testing::addSteady;
using bombo::testing::addTones;
using bombo::testing::edgeTap;
using bombo::testing::expecting;
using bombo::testing::silence;
using bombo::testing::tapOf;
using bombo::testing::Tone1;

constexpr double kRate = 48000;
constexpr double kOnset = 0.3;
constexpr double kLength = 1.2;
constexpr double kLevel = 0.3;

struct Truth {
    double edge;
    double t60;
    std::vector<Tone1> tones;
};

/// The bound on the standard deviation of the first tone's frequency, Hz: inverse Fisher matrix of the
/// amplitude, phase, decay and frequency of all tones in white noise of this standard deviation. Sums at a
/// sixth of the rate stand for the integral.
double boundHz(const std::vector<Tone1>& tones, double noiseRms) {
    constexpr double rate = kRate / 6.0;
    const auto count = static_cast<Eigen::Index>(4 * tones.size());
    Eigen::MatrixXd fisher = Eigen::MatrixXd::Zero(count, count);
    Eigen::VectorXd slope(count);
    for (int i = 0; i < (kLength - kOnset) * rate; ++i) {
        const double t = i / rate;
        for (std::size_t k = 0; k < tones.size(); ++k) {
            const Tone1& tone = tones[k];
            const double envelope = std::exp(-std::log(1000.0) / tone.t60 * t);
            const double angle = 2.0 * std::numbers::pi * tone.hz * t + tone.phase;
            const auto at = static_cast<Eigen::Index>(4 * k);
            slope[at] = envelope * std::sin(angle);
            slope[at + 1] = tone.amplitude * envelope * std::cos(angle);
            slope[at + 2] = -t * tone.amplitude * envelope * std::sin(angle);
            slope[at + 3] = 2.0 * std::numbers::pi * t * tone.amplitude * envelope * std::cos(angle);
        }
        fisher += slope * slope.transpose();
    }
    fisher *= 6.0 / (noiseRms * noiseRms);
    const Eigen::VectorXd scale = fisher.diagonal().cwiseSqrt().cwiseInverse();
    const Eigen::MatrixXd scaled = scale.asDiagonal() * fisher * scale.asDiagonal();
    return std::sqrt(scaled.inverse()(3, 3)) * scale[3];
}

/// Highest bin of a plain spectrum with a parabola through its neighbours.
double spectrumPeak(const Tap& tap) {
    const PowerSpectrum s = powerSpectrum(tap.after, tap.sampleRate, 65536, 0.0);
    auto best = static_cast<std::size_t>(kLowestPartial.value / s.binWidth);
    for (std::size_t i = best; i < static_cast<std::size_t>(kHighestPartial.value / s.binWidth); ++i)
        if (s.power[i] > s.power[best])
            best = i;
    const double a = std::log(s.power[best - 1]);
    const double b = std::log(s.power[best]);
    const double c = std::log(s.power[best + 1]);
    return (static_cast<double>(best) + 0.5 * (a - c) / (a - 2.0 * b + c)) * s.binWidth;
}

/// Lag of the highest peak of the normalised autocorrelation between 80 and 800 Hz, likewise refined.
double autocorrelationPeak(const Tap& tap) {
    const std::span<const float> x = stretch(tap, 0.005, 0.2);
    const int shortest = static_cast<int>(kRate / 800.0);
    const int longest = static_cast<int>(kRate / 80.0);
    std::vector<double> r;
    for (int lag = shortest - 1; lag <= longest + 1; ++lag) {
        double sum = 0.0;
        double first = 1e-12;
        double second = 1e-12;
        for (std::size_t i = 0; i + static_cast<std::size_t>(lag) < x.size(); ++i) {
            const double a = x[i];
            const double b = x[i + static_cast<std::size_t>(lag)];
            sum += a * b;
            first += a * a;
            second += b * b;
        }
        r.push_back(sum / std::sqrt(first * second));
    }
    std::size_t best = 1;
    for (std::size_t i = 1; i + 1 < r.size(); ++i)
        if (r[i] > r[i - 1] && r[i] >= r[i + 1] && (r[i] > r[best] + 0.02 || best == 1))
            best = i;
    const double shift = 0.5 * (r[best - 1] - r[best + 1]) / (r[best - 1] - 2.0 * r[best] + r[best + 1]);
    return kRate / (static_cast<double>(best) + shortest - 1 + shift);
}

double median(std::vector<double> values) {
    if (values.empty())
        return 0.0;
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}

/// Noise that falls by 3 dB an octave: white noise through three one-pole shelves.
void addPink(std::vector<float>& sound, double rms, unsigned seed) {
    std::vector<float> white(sound.size(), 0.0F);
    addNoise(white, 1.0, seed);
    double b0 = 0;
    double b1 = 0;
    double b2 = 0;
    std::vector<double> pink;
    double sum = 0;
    for (float w : white) {
        b0 = 0.99765 * b0 + w * 0.0990460;
        b1 = 0.96300 * b1 + w * 0.2965164;
        b2 = 0.57000 * b2 + w * 1.0526913;
        pink.push_back(b0 + b1 + b2 + w * 0.1848);
        sum += pink.back() * pink.back();
    }
    const double gain = rms / std::sqrt(sum / static_cast<double>(pink.size()));
    for (std::size_t i = 0; i < sound.size(); ++i)
        sound[i] += static_cast<float>(gain * pink[i]);
}

struct Row {
    const char* name;
    double snrDb; ///< of the (1,1) at its start, over white noise
    bool pink = false;
    double doubletLow = 0; ///< distance of a split pair, Hz; 0 none
    double doubletHigh = 0;
    void (*disturb)(std::vector<float>&, unsigned) = nullptr;
};

void hum(std::vector<float>& sound, unsigned seed) {
    for (int k = 1; k <= 8; ++k)
        addSteady(sound, 50.0 * k + 0.01 * seed, 0.04 / k);
}
void bleed(std::vector<float>& sound, unsigned seed) {
    addSteady(sound, 180.0 + 7.0 * (seed % 40), 0.05);
    addSteady(sound, 331.0, 0.04);
}
/// Syllables: a buzz of 120 Hz harmonics that swells and falls four times a second.
void talk(std::vector<float>& sound, unsigned seed) {
    for (std::size_t i = 0; i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / kRate + 0.01 * seed;
        double s = 0;
        for (int k = 1; k <= 12; ++k)
            s += std::sin(2.0 * std::numbers::pi * (118.0 + seed % 9) * k * t) / k;
        sound[i] += static_cast<float>(0.02 * s * std::pow(std::sin(2.0 * std::numbers::pi * 2.0 * t), 2));
    }
}

void run(const Row& row, int taps) {
    std::vector<double> cents;
    std::vector<double> overBound;
    std::vector<double> t60Error;
    std::vector<double> peakCents;
    std::vector<double> autoCents;
    int read = 0;
    int within = 0;
    int within2 = 0;
    int wrong = 0;
    int resolved = 0;
    double seconds = 0;
    std::mt19937 engine(2026);
    auto uniform = [&](double low, double high) {
        return low + (high - low) * (static_cast<double>(engine()) / 4294967296.0);
    };
    for (int i = 0; i < taps; ++i) {
        Truth truth{uniform(150, 450), std::exp(uniform(std::log(0.06), std::log(0.9))), {}};
        const bool doublet = row.doubletHigh > 0;
        if (doublet)
            truth.t60 = uniform(0.4, 0.9);
        truth.tones = edgeTap(truth.edge, truth.t60, kLevel);
        for (Tone1& tone : truth.tones)
            tone.phase = uniform(0, 2.0 * std::numbers::pi);
        double apart = 0;
        if (doublet) {
            apart = uniform(row.doubletLow, row.doubletHigh);
            Tone1 twin = truth.tones[0];
            truth.tones[0].hz -= 0.5 * apart;
            twin.hz += 0.5 * apart;
            twin.phase = uniform(0, 2.0 * std::numbers::pi);
            truth.tones.push_back(twin);
        }
        auto sound = silence(kLength);
        addTones(sound, truth.tones, kOnset);
        const double noise = kLevel / std::sqrt(2.0) * std::pow(10.0, -row.snrDb / 20.0);
        const auto seed = static_cast<unsigned>(1000 + i);
        row.pink ? addPink(sound, noise, seed) : addNoise(sound, noise, seed);
        if (row.disturb != nullptr)
            row.disturb(sound, seed);
        const Tap tap = tapOf(sound, kOnset);
        const auto before = std::chrono::steady_clock::now();
        const Reading reading = readTap(tap, {.expected = expecting(truth.edge, uniform(-200, 200))});
        seconds += std::chrono::duration<double>(std::chrono::steady_clock::now() - before).count();
        auto off = [&](double hz) { return 1200.0 * std::log2(hz / truth.edge); };
        peakCents.push_back(std::abs(off(spectrumPeak(tap))));
        autoCents.push_back(std::abs(off(autocorrelationPeak(tap))));
        if (!reading.hasFigure())
            continue;
        ++read;
        const double error = std::abs(off(reading.frequency->value));
        if (getenv("SHOW") && error > 50)
            printf("%s: edge %.1f t60 %.2f err %.1f se %.1f t60 %.2f\n", row.name, truth.edge, truth.t60,
                   off(reading.frequency->value), reading.error().value, reading.t60->value);
        within += error < reading.error().value;
        within2 += error < 2.0 * reading.error().value;
        wrong += error > 30.0 && reading.verdict == Verdict::Clear;
        cents.push_back(error);
        t60Error.push_back(std::abs(reading.t60->value / truth.t60 - 1.0));
        if (doublet)
            resolved += reading.beat && std::abs(reading.beat->value - apart) < 0.3;
        else
            overBound.push_back(std::abs(reading.frequency->value - truth.edge) /
                                boundHz(truth.tones, noise));
    }
    auto wrongShare = [&](const std::vector<double>& all) {
        return 100.0 *
               static_cast<double>(std::count_if(all.begin(), all.end(), [](double c) { return c > 50.0; })) /
               static_cast<double>(taps);
    };
    char bound[16] = "";
    if (!overBound.empty() && !row.pink && row.disturb == nullptr)
        std::snprintf(bound, sizeof bound, "%.2f", median(overBound));
    char pair[16] = "";
    if (row.doubletHigh > 0)
        std::snprintf(pair, sizeof pair, "%.0f %%", 100.0 * resolved / std::max(1, read));
    std::printf("| %s | %.0f %% | %.2f | %s | %.0f, %.0f %% | %.1f %% | %.0f %% | %s | %.1f | %.1f, %.0f %% "
                "| %.1f, %.0f %% |\n",
                row.name, 100.0 * read / taps, median(cents), bound, 100.0 * within / std::max(1, read),
                100.0 * within2 / std::max(1, read), 100.0 * wrong / std::max(1, read),
                100.0 * median(t60Error), pair, 1000.0 * seconds / taps, median(peakCents),
                wrongShare(peakCents), median(autoCents), wrongShare(autoCents));
}

} // namespace

int main(int argc, char** argv) {
    const int taps = argc > 1 ? std::max(1, std::atoi(argv[1])) : 200;
    std::printf("| taps with | read | median error, cents | over the bound | within one, two stated errors | "
                "wrong by 30 cents and clear | T60 off by | pair found "
                "| ms | spectrum peak: cents, wrong | autocorrelation: cents, wrong |\n"
                "|---|---|---|---|---|---|---|---|---|---|---|\n");
    const Row rows[] = {{"white noise, 40 dB", 40},
                        {"white noise, 30 dB", 30},
                        {"white noise, 20 dB", 20},
                        {"white noise, 10 dB", 10},
                        {"pink noise, 30 dB", 30, true},
                        {"pink noise, 20 dB", 20, true},
                        {"pink noise, 10 dB", 10, true},
                        {"hum with harmonics", 40, false, 0, 0, hum},
                        {"steady bleed", 40, false, 0, 0, bleed},
                        {"talk", 40, false, 0, 0, talk},
                        {"split pairs of 1.5 to 3 Hz", 40, false, 1.5, 3.0},
                        {"split pairs of 3 to 8 Hz", 40, false, 3.0, 8.0}};
    for (const Row& row : rows)
        run(row, taps);
    return 0;
}
