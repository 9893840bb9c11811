#include "core/reading/driven_partial.h"

#include "core/dense/dense.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

using Complex = std::complex<double>;
using Eigen::Index;
using Eigen::VectorXd;

constexpr std::size_t kMostStates = 4;

// What is believed before a tap is heard: logarithms and their standard deviations.
constexpr double kUsualRate = 22.0; // of a partial's decay, 1/s
constexpr double kRateSpread = 0.9;
constexpr double kUsualRoom = 4.0; // power of the pushes, 1/s
constexpr double kRoomSpread = 2.5;
constexpr double kUsualFall = 15.0; // of the room's decay, 1/s
constexpr double kFallSpread = 0.5;
constexpr double kNoiseSpread = 0.7; // of the floor against what was heard before
constexpr double kGlideSpread =
    20.0; // cents upwards, with a long tail: soft taps do not glide, loud ones may by far
constexpr double kGlideDown = 8.0; // a partial hardly rises
constexpr double kUsualGlide = 8.0;
constexpr double kOffsetSpread = 20.0; // Hz, of a partial about where it is looked for
constexpr double kPairLastsAlike = 0.3;
constexpr double kPairApart = 5.0; // Hz

// What a room can hide of a pair (see partialFrom): Hz, and share of the distance.
constexpr double kSplitUnknown = 0.5;
constexpr double kShareUnknown = 0.3;

// Neighbouring means share half of their sound. From one to the next, random pushes look weaker by the first
// factor, and noise by the second, than they are over many: for a Hann window of twice the step.
constexpr double kPushesShared = 2.2;
constexpr double kNoiseShared = 1.33;

/// Products by hand: the library's look after infinities each time.
Complex times(Complex a, Complex b) {
    return {a.real() * b.real() - a.imag() * b.imag(), a.real() * b.imag() + a.imag() * b.real()};
}
Complex timesConjugate(Complex a, Complex b) {
    return {a.real() * b.real() + a.imag() * b.imag(), a.imag() * b.real() - a.real() * b.imag()};
}

/// The band brought down to slow samples, each a Hann mean; neighbours overlap by half.
struct Band {
    std::vector<Complex> samples;
    std::vector<double> window; ///< adds up to 1
    double sampleRate = 0;
    double step = 0;    ///< seconds
    double firstAt = 0; ///< seconds after the onset, middle of the first mean
    double noise = 0;   ///< power of a slow sample's noise, by what was heard before
};

Band bandOf(std::span<const float> after, double rate, const DrivenOptions& options) {
    const double width = std::clamp(0.36 * options.centre.value, 50.0, 100.0); // Hz
    const auto length = 2 * static_cast<std::size_t>(rate / width);
    const auto step = length / 2;
    const auto start = static_cast<std::size_t>(options.start.value * rate);
    const auto stop = std::min(after.size(), start + static_cast<std::size_t>(options.longest.value * rate));
    Band band;
    band.sampleRate = rate;
    band.step = static_cast<double>(step) / rate;
    band.firstAt = (static_cast<double>(start) + 0.5 * static_cast<double>(length - 1)) / rate;
    double sum = 0.0;
    double squares = 0.0;
    for (std::size_t i = 0; i < length; ++i) {
        band.window.push_back(
            0.5 - 0.5 * std::cos(kTwoPi * (static_cast<double>(i) + 0.5) / static_cast<double>(length)));
        sum += band.window.back();
    }
    for (double& w : band.window) {
        w /= sum;
        squares += w * w;
    }
    band.noise = 4.0 * options.noise * squares; // samples count twice
    if (stop < start + length)
        return band;
    std::vector<double> re(stop - start);
    std::vector<double> im(stop - start);
    const double angle = -kTwoPi * options.centre.value / rate;
    Complex turn = std::polar(1.0, angle * static_cast<double>(start));
    const Complex by = std::polar(1.0, angle);
    for (std::size_t i = 0; i < re.size(); ++i) {
        const double sample = 2.0 * static_cast<double>(after[start + i]);
        re[i] = sample * turn.real();
        im[i] = sample * turn.imag();
        turn = times(turn, by);
    }
    const Eigen::Map<const VectorXd> window(band.window.data(), static_cast<Index>(length));
    for (std::size_t at = 0; at + length <= re.size(); at += step)
        band.samples.emplace_back(
            window.dot(Eigen::Map<const VectorXd>(re.data() + at, static_cast<Index>(length))),
            window.dot(Eigen::Map<const VectorXd>(im.data() + at, static_cast<Index>(length))));
    return band;
}

/// Gain of the Hann mean for exp(s t) about its middle.
Complex gainOf(const Band& band, Complex s) {
    const double middle = 0.5 * static_cast<double>(band.window.size() - 1);
    const Complex step = std::exp(s / band.sampleRate);
    Complex value = std::exp(-s * (middle / band.sampleRate));
    Complex sum{};
    for (const double w : band.window) {
        sum += w * value;
        value *= step;
    }
    return sum;
}

/// One pole of the model. Members of the wanted pair are free; neighbours stay where they are.
struct State {
    double offset = 0;    ///< Hz from the centre
    double rate = 0;      ///< 1/s; of a free one where the search starts
    double share = 1;     ///< of a free one: its share of the first slow sample
    double amplitude = 0; ///< of a neighbour: in the slow samples, at the onset
};

/// Everything that can vary: for each free state its offset and log rate; then glide (Hz at the start), log
/// room power, log room decay, log noise.
struct Model {
    std::vector<State> states; ///< free ones first
    double centre = 0;         ///< Hz
    int freeStates = 1;
    Index size() const { return 2 * freeStates + 4; }
};

class Likelihood {
public:
    Likelihood(const Band& band, Model model) : m_band(band), m_model(std::move(model)) {}

    VectorXd start() const {
        VectorXd x(m_model.size());
        for (int k = 0; k < m_model.freeStates; ++k) {
            x[2 * k] = m_model.states[static_cast<std::size_t>(k)].offset;
            x[2 * k + 1] = std::log(m_model.states[static_cast<std::size_t>(k)].rate);
        }
        x.tail(4) << 0.0, std::log(kUsualRoom), std::log(kUsualFall), std::log(m_band.noise);
        return x;
    }

    /// Steps for the differences of each parameter.
    VectorXd scale() const {
        VectorXd h(m_model.size());
        for (int k = 0; k < m_model.freeStates; ++k) {
            h[2 * k] = 0.02;
            h[2 * k + 1] = 0.01;
        }
        h.tail(4) << 0.05, 0.05, 0.03, 0.05;
        return h;
    }

    /// Minus the log of the posterior density.
    double operator()(const VectorXd& x) const {
        switch (m_model.states.size()) {
        case 1:
            return misfit<1>(x) + prior(x);
        case 2:
            return misfit<2>(x) + prior(x);
        case 3:
            return misfit<3>(x) + prior(x);
        default:
            return misfit<kMostStates>(x) + prior(x);
        }
    }

private:
    /// A Kalman filter over the slow samples, the number of poles known when it is compiled.
    template <std::size_t count> double misfit(const VectorXd& x) const {
        const auto free = static_cast<std::size_t>(m_model.freeStates);
        const double glide = x[x.size() - 4];
        const double room = std::exp(x[x.size() - 3]);
        const double fall = std::exp(x[x.size() - 2]);
        const double noise = std::exp(x[x.size() - 1]);
        const double step = m_band.step;
        const double first = std::abs(m_band.samples.front());
        const double roomAtFirst = room * std::exp(-2.0 * fall * m_band.firstAt) * step;
        std::array<Complex, count> pole{};
        std::array<double, count> push{};
        std::array<std::array<Complex, count>, count> p{};
        std::array<Complex, count> state{};
        for (std::size_t k = 0; k < count; ++k) {
            const State& s = m_model.states[k];
            const double offset = k < free ? x[static_cast<Index>(2 * k)] : s.offset;
            const double rate = k < free ? std::exp(x[static_cast<Index>(2 * k + 1)]) : s.rate;
            const double atOnset = k < free ? s.share * first * std::exp(rate * m_band.firstAt) : s.amplitude;
            pole[k] = std::polar(std::exp(-rate * step), kTwoPi * offset * step);
            push[k] = roomAtFirst * atOnset * atOnset;
            p[k][k] = 25.0 * (k < free ? first * first : s.amplitude * s.amplitude);
        }
        std::array<std::array<Complex, count>, count> turned{};
        for (std::size_t j = 0; j < count; ++j)
            for (std::size_t k = 0; k < count; ++k)
                turned[j][k] = timesConjugate(pole[j], pole[k]);
        // Extra tension goes with the square of the amplitude.
        constexpr double stillDrifts = 1e-6; // rad
        const double rate = std::exp(x[1]);
        const double fading = std::exp(-2.0 * fall * step);
        const double driftFades = std::exp(-2.0 * rate * step);
        double drift =
            kTwoPi * glide * std::exp(-2.0 * rate * m_band.firstAt) * (1.0 - driftFades) / (2.0 * rate);
        double sum = 0.0;
        double variances = 1.0; // against the noise; their logarithm is taken a few at a time
        int multiplied = 0;
        const double perNoise = 1.0 / noise;
        for (const Complex& seen : m_band.samples) {
            double variance = noise;
            Complex expected{};
            std::array<Complex, count> row{};
            for (std::size_t j = 0; j < count; ++j) {
                expected += state[j];
                for (std::size_t k = 0; k < count; ++k)
                    row[j] += p[j][k];
                variance += row[j].real();
            }
            const Complex off = seen - expected;
            const double certainty = 1.0 / variance;
            sum += std::norm(off) * certainty;
            variances *= variance * perNoise;
            if (++multiplied == 8 || variances > 1e100) {
                sum += std::log(variances);
                variances = 1.0;
                multiplied = 0;
            }
            const bool drifts = std::abs(drift) > stillDrifts;
            const Complex glided = drifts ? std::polar(1.0, drift) : Complex(1.0);
            drift *= driftFades;
            const Complex gain = off * certainty;
            for (std::size_t j = 0; j < count; ++j) {
                state[j] = times(state[j] + times(row[j], gain), pole[j]);
                if (drifts)
                    state[j] = times(state[j], glided);
                for (std::size_t k = 0; k < count; ++k)
                    p[j][k] = times(p[j][k] - timesConjugate(row[j], row[k]) * certainty, turned[j][k]);
                p[j][j] += push[j];
                push[j] *= fading;
            }
        }
        return sum + std::log(variances) + static_cast<double>(m_band.samples.size()) * std::log(noise);
    }

    static double square(double value) { return 0.5 * value * value; }

    double prior(const VectorXd& x) const {
        double sum = 0.0;
        for (int k = 0; k < m_model.freeStates; ++k) {
            sum += square((x[2 * k]) / kOffsetSpread);
            sum += square((x[2 * k + 1] - std::log(kUsualRate)) / kRateSpread);
            if (k > 0)
                sum +=
                    square((x[2 * k + 1] - x[1]) / kPairLastsAlike) + square((x[2 * k] - x[0]) / kPairApart);
        }
        const double glideCents = kCentsOfFrequency * x[x.size() - 4] / m_model.centre;
        const double over = glideCents - kUsualGlide;
        sum += over > 0.0 ? std::hypot(1.0, over / kGlideSpread) - 1.0 : square(over / kGlideDown);
        sum += square((x[x.size() - 3] - std::log(kUsualRoom)) / kRoomSpread);
        sum += square((x[x.size() - 2] - std::log(kUsualFall)) / kFallSpread);
        sum += square((x[x.size() - 1] - std::log(m_band.noise)) / kNoiseSpread);
        return sum;
    }

    const Band& m_band;
    Model m_model;
};

/// Value, slope and curvature in units of the steps `h`, by differences.
struct Slope {
    double value = 0;
    VectorXd first;
    VectorXd up; ///< values one step up, which the curvature needs again
    VectorXd second;
};

Slope slopeAt(const Likelihood& cost, const VectorXd& x, const VectorXd& h, double here) {
    const Index n = x.size();
    Slope slope{here, VectorXd(n), VectorXd(n), VectorXd(n)};
    VectorXd y = x;
    for (Index i = 0; i < n; ++i) {
        y[i] = x[i] + h[i];
        slope.up[i] = cost(y);
        y[i] = x[i] - h[i];
        const double down = cost(y);
        y[i] = x[i];
        slope.first[i] = 0.5 * (slope.up[i] - down);
        slope.second[i] = slope.up[i] - 2.0 * here + down;
    }
    return slope;
}

Eigen::MatrixXd curvatureAt(const Likelihood& cost, const VectorXd& x, const VectorXd& h,
                            const Slope& slope) {
    const Index n = x.size();
    Eigen::MatrixXd curvature = slope.second.asDiagonal();
    VectorXd y = x;
    for (Index i = 0; i < n; ++i)
        for (Index j = 0; j < i; ++j) {
            y[i] = x[i] + h[i];
            y[j] = x[j] + h[j];
            curvature(i, j) = curvature(j, i) = cost(y) - slope.up[i] - slope.up[j] + slope.value;
            y[i] = x[i];
            y[j] = x[j];
        }
    return curvature;
}

/// Newton's step where the curvature is positive, down the slope elsewhere.
VectorXd stepDown(const SymmetricAxes& axes, const VectorXd& slope, double damping) {
    constexpr double farthest = 60.0; // steps of the differences
    const VectorXd inverse = (axes.values.cwiseAbs().array() + damping).max(1e-9).inverse();
    const VectorXd change = -(axes.vectors * inverse.asDiagonal() * axes.vectors.transpose() * slope);
    return change.cwiseMax(-farthest).cwiseMin(farthest);
}

struct Peak {
    VectorXd at;
    Eigen::MatrixXd covariance;
    double logDensity = 0;
};

/// The posterior's peak and, as its spread, the inverse of the curvature there.
Peak peakOf(const Likelihood& cost) {
    constexpr int mostSteps = 24;
    constexpr int curvatureHolds = 3; // steps
    constexpr double settled = 1e-3;  // of the log density
    VectorXd x = cost.start();
    const VectorXd h = cost.scale();
    const Index n = x.size();
    double here = cost(x);
    double damping = 1e-4;
    SymmetricAxes axes;
    for (int step = 0; step < mostSteps; ++step) {
        const Slope slope = slopeAt(cost, x, h, here);
        const bool fresh = step % curvatureHolds == 0;
        if (fresh)
            axes = symmetricAxes(curvatureAt(cost, x, h, slope));
        double gained = 0.0;
        for (int attempt = 0; attempt < 6 && gained <= 0.0; ++attempt) {
            const VectorXd y = x + stepDown(axes, slope.first, damping).cwiseProduct(h);
            const double there = cost(y);
            if (std::isfinite(there) && there < here) {
                gained = here - there;
                x = y;
                here = there;
                damping *= 0.2;
            } else {
                damping = std::max(1e-3, damping * 20.0);
            }
        }
        if (fresh && gained < settled)
            break;
    }
    VectorXd wide = x;
    wide[n - 3] += std::log(kPushesShared);
    wide[n - 1] += std::log(kNoiseShared);
    axes = symmetricAxes(curvatureAt(cost, wide, h, slopeAt(cost, wide, h, cost(wide))));
    constexpr double flattest = 1e-4; // a hundred difference steps are the widest spread there is
    const VectorXd values = axes.values.cwiseAbs().cwiseMax(flattest);
    Peak peak;
    peak.at = x;
    peak.covariance = h.asDiagonal() * axes.vectors * values.cwiseInverse().asDiagonal() *
                      axes.vectors.transpose() * h.asDiagonal();
    peak.logDensity = -here;
    return peak;
}

DrivenPartial partialFrom(const Peak& peak, const Model& model, const Band& band) {
    DrivenPartial found;
    const Index n = peak.at.size();
    VectorXd weight = VectorXd::Zero(n);
    for (int k = 0; k < model.freeStates; ++k)
        weight[2 * k] = model.states[static_cast<std::size_t>(k)].share;
    const double offset = weight.dot(peak.at);
    const double rate = std::exp(peak.at[1]);
    found.frequency = Hertz{model.centre + offset};
    // Where a room pushes, a split of the pair hides in it: of what is taken for one its distance, of what is
    // taken for two how much each has to say.
    const double room = std::exp(peak.at[n - 3]);
    const double hides = room / (1.0 + room);
    const double split = model.freeStates > 1 ? kShareUnknown * (peak.at[0] - peak.at[2]) : kSplitUnknown;
    found.standardError = Hertz{std::sqrt(weight.dot(peak.covariance * weight) + hides * split * split)};
    found.t60 = t60OfRate(rate);
    const double perHertz = kCentsOfFrequency / model.centre;
    found.glide = Cents{peak.at[n - 4] * perHertz};
    found.glideError = Cents{std::sqrt(peak.covariance(n - 4, n - 4)) * perHertz};
    found.roomPower = room;
    found.amplitude = std::abs(band.samples.front()) * std::exp(rate * band.firstAt) /
                      std::abs(gainOf(band, Complex(-rate, kTwoPi * offset)));
    if (model.freeStates > 1)
        found.beat = Hertz{std::abs(peak.at[0] - peak.at[2])};
    found.logDensity = peak.logDensity;
    return found;
}

/// By how much the first samples turn from one to the next, Hz: the direct sound before the room has its say.
double earlyOffset(const Band& band) {
    constexpr std::size_t early = 4;
    Complex sum{};
    for (std::size_t i = 0; i + 1 < std::min(early, band.samples.size()); ++i)
        sum += timesConjugate(band.samples[i + 1], band.samples[i]);
    return std::arg(sum) / (kTwoPi * band.step);
}

State stateOf(const Partial& partial, const Band& band, double centre) {
    State state;
    state.offset = partial.frequency.value - centre;
    state.rate = rateOfT60(partial.t60);
    state.amplitude = partial.amplitude * std::abs(gainOf(band, Complex(-state.rate, kTwoPi * state.offset)));
    return state;
}

} // namespace

std::optional<DrivenPartial> drivenPartial(std::span<const float> after, double sampleRate,
                                           const DrivenOptions& options) {
    constexpr std::size_t fewest = 3;  // slow samples
    constexpr double elsewhere = 2.0;  // Hz; a start so far off may find another peak
    constexpr double quietest = 1e-10; // of the strongest sample's power: rounding
    Band band = bandOf(after, sampleRate, options);
    if (band.samples.size() < fewest)
        return std::nullopt;
    double strongest = 0.0;
    for (const Complex& z : band.samples)
        strongest = std::max(strongest, std::abs(z));
    if (strongest <= 0.0)
        return std::nullopt;
    band.noise = std::max(band.noise, quietest * strongest * strongest);

    Model model;
    model.centre = options.centre.value;
    model.freeStates = options.pair ? 2 : 1;
    if (options.pair) {
        const double both = options.pair->first.amplitude + options.pair->second.amplitude;
        for (const Partial& member : {options.pair->first, options.pair->second}) {
            State state = stateOf(member, band, model.centre);
            state.share = member.amplitude / both;
            model.states.push_back(state);
        }
    } else {
        model.states.push_back({0.0, kUsualRate});
    }
    for (const Partial& neighbour : options.neighbours)
        if (model.states.size() < kMostStates)
            model.states.push_back(stateOf(neighbour, band, model.centre));
    Peak best = peakOf(Likelihood(band, model));
    if (const double early = earlyOffset(band); !options.pair && std::abs(early) > elsewhere) {
        Model other = model;
        other.states.front().offset = early;
        if (Peak peak = peakOf(Likelihood(band, other)); peak.logDensity > best.logDensity)
            best = std::move(peak);
    }
    return partialFrom(best, model, band);
}

} // namespace bombo
