#include "support/rooms.h"

#include "core/units/dice.h"

#include <Eigen/Core>
#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>
#include <unsupported/Eigen/FFT>

namespace bombo::testing {
namespace {

constexpr double kTwoPi = 2.0 * std::numbers::pi;

struct Ratio {
    Mode mode;
    double ratio;
    double level;
    double lasts; ///< against the (1,1)
};
constexpr std::array<Ratio, 7> kRatios{{{{0, 1}, 0.64, 0.15, 0.4},
                                        {{1, 1}, 1.0, 1.0, 1.0},
                                        {{2, 1}, 1.43, 0.8, 0.9},
                                        {{0, 2}, 1.72, 0.15, 0.4},
                                        {{3, 1}, 1.86, 0.5, 0.8},
                                        {{1, 2}, 2.0, 0.3, 0.8},
                                        {{4, 1}, 2.27, 0.4, 0.7}}};

/// Adds a partial whose pitch falls with the square of its own amplitude.
void addPartial(std::vector<double>& sound, double rate, double hz, double t60, double level,
                double glideCents, double phase) {
    const double decay = std::log(1000.0) / t60;
    const double extra = hz * (std::exp2(glideCents / 1200.0) - 1.0);
    double angle = phase;
    double envelope = level;
    double bent = extra;
    const double fades = std::exp(-decay / rate);
    for (double& s : sound) {
        s += envelope * std::sin(angle);
        angle += kTwoPi * (hz + bent) / rate;
        envelope *= fades;
        bent *= fades * fades;
    }
}

/// Sparse early arrivals, then noise that dies, both with the bass lasting a little longer; the direct sound
/// is 1.
std::vector<double> response(const TestRoom& room) {
    Dice dice(room.seed * 7919 + 17);
    const auto count = static_cast<std::size_t>(std::min(1.2, 1.1 * room.rt60) * room.rate);
    std::vector<double> h(count, 0.0);
    const double fall = std::log(1000.0) / room.rt60;
    const auto from = static_cast<std::size_t>(0.012 * room.rate);
    double slow = 0.0;
    for (int i = 0; i < 8; ++i) {
        const double t = dice.uniform(0.001, 0.02);
        h[static_cast<std::size_t>(t * room.rate)] +=
            dice.uniform(-1.0, 1.0) * 0.02 * std::sqrt(room.rate / 40.0) * std::exp(-fall * t);
    }
    for (std::size_t i = from; i < count; ++i) {
        const double noise = dice.rough();
        slow += 0.15 * (noise - slow);
        h[i] += (0.6 * noise + slow) * std::exp(-fall * static_cast<double>(i) / room.rate);
    }
    // The direct sound over the tail is stated for broad sound; the tail is darker, so that it is measured
    // below 1 kHz.
    double low = 0.0;
    double state = 0.0;
    const double pole = std::exp(-kTwoPi * 1000.0 / room.rate);
    double unit = (1.0 - pole) * (1.0 - pole) / (1.0 - pole * pole);
    for (const double v : h) {
        state = pole * state + (1.0 - pole) * v;
        low += state * state;
    }
    const double gain = std::sqrt(unit / low) * std::pow(10.0, -room.directDb / 20.0);
    for (double& v : h)
        v *= gain;
    h[0] += 1.0;
    return h;
}

std::vector<double> convolved(const std::vector<double>& a, const std::vector<double>& b, std::size_t count) {
    std::size_t size = 1;
    while (size < a.size() + b.size())
        size *= 2;
    std::vector<double> x(size, 0.0);
    std::vector<double> y(size, 0.0);
    std::copy(a.begin(), a.end(), x.begin());
    std::copy(b.begin(), b.end(), y.begin());
    Eigen::FFT<double> fft;
    fft.SetFlag(Eigen::FFT<double>::HalfSpectrum);
    std::vector<std::complex<double>> fx;
    std::vector<std::complex<double>> fy;
    fft.fwd(fx, x);
    fft.fwd(fy, y);
    for (std::size_t i = 0; i < fx.size(); ++i)
        fx[i] *= fy[i];
    fft.inv(x, fx, static_cast<Eigen::Index>(size));
    x.resize(count);
    return x;
}

} // namespace

std::vector<float> tapInRoom(const RoomTap& tap, const TestRoom& room, double length) {
    Dice dice(tap.seed * 104729 + 3);
    const auto count = static_cast<std::size_t>(length * room.rate);
    std::vector<double> dry(count, 0.0);
    for (const Ratio& r : kRatios) {
        const bool edge = r.mode == Mode{1, 1};
        const double hz =
            edge ? tap.edge
                 : tap.edge * r.ratio * std::exp2((tap.secondCents + 12.0 * dice.normal()) / 1200.0);
        const double t60 = edge ? tap.t60 : tap.t60 * r.lasts * std::exp(0.15 * dice.normal());
        const double level = r.level * std::pow(10.0, dice.uniform(-4.0, 4.0) / 20.0);
        if (edge && tap.pair > 0.0) {
            const double share = dice.uniform(0.3, 0.7);
            const double phase = dice.uniform(0.0, kTwoPi); // one blow starts both
            addPartial(dry, room.rate, hz - (1.0 - share) * tap.pair, t60, share * level, tap.glide, phase);
            addPartial(dry, room.rate, hz + share * tap.pair, t60, (1.0 - share) * level, tap.glide, phase);
        } else {
            addPartial(dry, room.rate, hz, t60, level, tap.glide, dice.uniform(0.0, kTwoPi));
        }
    }
    const auto contact = static_cast<std::size_t>(0.004 * room.rate);
    for (std::size_t i = 0; i < contact && i < count; ++i)
        dry[i] += 0.6 * dice.normal() *
                  std::sin(std::numbers::pi * static_cast<double>(i) / static_cast<double>(contact));
    std::vector<double> wet = convolved(dry, response(room), count);
    double power = 0.0;
    const auto first = static_cast<std::size_t>(0.05 * room.rate);
    for (std::size_t i = 0; i < first; ++i)
        power += wet[i] * wet[i] / static_cast<double>(first);
    const auto lead = static_cast<std::size_t>(kRoomLead * room.rate);
    std::vector<float> sound(lead + count);
    double peak = 0.0;
    for (const double v : wet)
        peak = std::max(peak, std::abs(v));
    const double gain = 0.3 / peak;
    const double floor = std::sqrt(power) * std::pow(10.0, -room.snrDb / 20.0);
    double slow = 0.0;
    for (std::size_t i = 0; i < sound.size(); ++i) { // a floor with more bass, as fans and streets have
        const double noise = dice.rough();
        slow = 0.97 * slow + 0.243 * noise;
        const double hiss = floor * (0.5 * noise + 0.866 * slow);
        sound[i] = static_cast<float>(gain * (hiss + (i >= lead ? wet[i - lead] : 0.0)));
    }
    return sound;
}

Expectation expectingInRoom(double edge, double off) {
    Expectation expected;
    for (const Ratio& r : kRatios)
        expected.modes.push_back({r.mode, Hertz{edge * r.ratio * std::exp2(off / 1200.0)}});
    return expected;
}

double hannPeak(const Tap& tap, double near) {
    const std::size_t size = 1 << 17;
    const auto count = std::min(tap.after.size(), static_cast<std::size_t>(0.5 * tap.sampleRate));
    std::vector<double> x(size, 0.0);
    for (std::size_t i = 0; i < count; ++i)
        x[i] = tap.after[i] *
               (0.5 - 0.5 * std::cos(kTwoPi * (static_cast<double>(i) + 0.5) / static_cast<double>(count)));
    Eigen::FFT<double> fft;
    fft.SetFlag(Eigen::FFT<double>::HalfSpectrum);
    std::vector<std::complex<double>> f;
    fft.fwd(f, x);
    const double bin = tap.sampleRate / static_cast<double>(size);
    const auto from = static_cast<std::size_t>(near * std::exp2(-120.0 / 1200.0) / bin);
    const auto to = static_cast<std::size_t>(near * std::exp2(120.0 / 1200.0) / bin);
    std::size_t best = from;
    for (std::size_t i = from; i <= to; ++i)
        if (std::norm(f[i]) > std::norm(f[best]))
            best = i;
    const double a = std::log(std::abs(f[best - 1]));
    const double b = std::log(std::abs(f[best]));
    const double c = std::log(std::abs(f[best + 1]));
    return (static_cast<double>(best) + std::clamp(0.5 * (a - c) / (a - 2.0 * b + c), -0.5, 0.5)) * bin;
}

} // namespace bombo::testing
