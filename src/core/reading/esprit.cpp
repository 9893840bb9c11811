#include "core/reading/esprit.h"

#include "core/dense/dense.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>
#include <numbers>

namespace bombo {
namespace {

using Complex = std::complex<double>;
using Eigen::Index;
using Eigen::MatrixXcd;
using Eigen::VectorXcd;

struct Baseband {
    std::vector<Complex> samples;
    double rate = 0;    ///< Hz
    double firstAt = 0; ///< seconds after the onset of samples[0]
    double gainAtCentre = 1;
};

/// Hann-windowed sinc low-pass, cut-off in cycles per sample.
std::vector<double> lowPass(int taps, double cutOff) {
    std::vector<double> h(static_cast<std::size_t>(taps));
    double sum = 0.0;
    for (int i = 0; i < taps; ++i) {
        const double t = i - 0.5 * (taps - 1);
        const double sinc = std::abs(t) < 1e-12
                                ? 2.0 * cutOff
                                : std::sin(2.0 * std::numbers::pi * cutOff * t) / (std::numbers::pi * t);
        const double hann = 0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (i + 0.5) / taps);
        h[static_cast<std::size_t>(i)] = sinc * hann;
        sum += h[static_cast<std::size_t>(i)];
    }
    for (double& value : h)
        value /= sum;
    return h;
}

Baseband toBaseband(std::span<const float> after, double rate, const BandOptions& options,
                    const std::vector<double>& filter, int decimation) {
    const auto start = static_cast<std::size_t>(options.start.value * rate);
    const auto longest = static_cast<std::size_t>(options.longest.value * rate);
    Baseband band;
    band.rate = rate / decimation;
    if (after.size() < start + filter.size())
        return band;
    const std::size_t stop = std::min(after.size(), start + longest + filter.size());
    // Real and imaginary part apart, so that the filter is two plain dot products.
    const auto count = static_cast<Index>(stop - start);
    Eigen::VectorXd real(count);
    Eigen::VectorXd imaginary(count);
    // The rotation by hand: the library's complex product looks after infinities at each sample.
    const double angle = -2.0 * std::numbers::pi * options.centre.value / rate;
    const double turnRe = std::cos(angle);
    const double turnIm = std::sin(angle);
    double re = std::cos(angle * static_cast<double>(start));
    double im = std::sin(angle * static_cast<double>(start));
    for (Index i = 0; i < count; ++i) {
        const double sample = after[start + static_cast<std::size_t>(i)];
        real[i] = sample * re;
        imaginary[i] = sample * im;
        const double next = re * turnRe - im * turnIm;
        im = re * turnIm + im * turnRe;
        re = next;
    }
    const auto length = static_cast<Index>(filter.size());
    const Eigen::Map<const Eigen::VectorXd> h(filter.data(), length);
    for (Index i = 0; i + length <= count; i += decimation)
        band.samples.emplace_back(h.dot(real.segment(i, length)), h.dot(imaginary.segment(i, length)));
    band.firstAt = (static_cast<double>(start) + 0.5 * static_cast<double>(filter.size() - 1)) / rate;
    return band;
}

/// Complex gain of the filter for exp(s t), s relative to the centre, so that amplitudes come out right.
Complex filterGain(const std::vector<double>& filter, Complex s, double rate) {
    const double middle = 0.5 * static_cast<double>(filter.size() - 1);
    const Complex step = std::exp(s / rate);
    Complex value = std::exp(-s * (middle / rate));
    Complex sum{};
    for (const double h : filter) {
        sum += h * value;
        value *= step;
    }
    return sum;
}

/// Number of eigenvalues that stand out of the noise, at most `most`.
Index signalOrder(const Eigen::VectorXd& ascending, int most) {
    const Index n = ascending.size();
    const double noise = std::max(ascending[n / 3], 1e-300);
    const double strongest = ascending[n - 1];
    Index order = 0;
    while (order < most && order < n - 1) {
        const double value = ascending[n - 1 - order];
        if (value < 30.0 * noise || value < 1e-9 * strongest)
            break;
        ++order;
    }
    return order;
}

/// Rows of the Hankel matrix: more cost the cube and bring no accuracy (docs/performance.md).
constexpr Index kMostRows = 24;

/// Hankel matrix times its adjoint, lower half: along a diagonal one product leaves the sum and one enters.
MatrixXcd covarianceOf(const std::vector<Complex>& samples, Index rows, Index columns) {
    const Eigen::Map<const VectorXcd> x(samples.data(), static_cast<Index>(samples.size()));
    MatrixXcd covariance = MatrixXcd::Zero(rows, rows);
    for (Index i = 0; i < rows; ++i)
        covariance(i, 0) = x.segment(0, columns).dot(x.segment(i, columns));
    for (Index j = 1; j < rows; ++j)
        for (Index i = j; i < rows; ++i)
            covariance(i, j) = covariance(i - 1, j - 1) - x[i - 1] * std::conj(x[j - 1]) +
                               x[i - 1 + columns] * std::conj(x[j - 1 + columns]);
    return covariance;
}

/// Poles z = exp(s / rate) of the samples.
VectorXcd poles(const std::vector<Complex>& samples, int most) {
    const auto count = static_cast<Index>(samples.size());
    const Index rows = std::min<Index>(count / 3, kMostRows);
    const Index columns = count - rows + 1;
    const HermitianAxes axes = hermitianAxes(covarianceOf(samples, rows, columns));
    const Index order = signalOrder(axes.values, most);
    if (order == 0)
        return {};
    const MatrixXcd signal = axes.vectors.rightCols(order);
    const MatrixXcd upper = signal.topRows(rows - 1);
    const MatrixXcd lower = signal.bottomRows(rows - 1);
    const MatrixXcd shift = solvedSymmetric(MatrixXcd(upper.adjoint() * upper), upper.adjoint() * lower);
    return complexEigenvalues(shift);
}

/// Standard errors of the frequencies: inverse Fisher matrix of all amplitudes, phases, rates and
/// frequencies.
std::vector<double> frequencyErrors(const VectorXcd& amplitudes, const MatrixXcd& basis, double rate,
                                    double noiseVariance) {
    const Index count = basis.cols();
    const Index length = basis.rows();
    Eigen::MatrixXd jacobian(2 * length, 4 * count);
    for (Index t = 0; t < length; ++t) {
        const double time = static_cast<double>(t) / rate;
        for (Index k = 0; k < count; ++k) {
            const Complex e = basis(t, k);
            const std::array<Complex, 4> columns{e, Complex(0, 1) * e, amplitudes[k] * time * e,
                                                 Complex(0, 1) * amplitudes[k] * time * e};
            for (Index c = 0; c < 4; ++c) {
                jacobian(2 * t, 4 * k + c) = columns[static_cast<std::size_t>(c)].real();
                jacobian(2 * t + 1, 4 * k + c) = columns[static_cast<std::size_t>(c)].imag();
            }
        }
    }
    // Columns differ by orders of magnitude (amplitude against rate): scale before inverting.
    const Eigen::VectorXd scale = jacobian.colwise().norm().cwiseMax(1e-300).transpose();
    const Eigen::MatrixXd scaled = jacobian * scale.cwiseInverse().asDiagonal();
    const Eigen::MatrixXd covariance = pseudoInverted(scaled.transpose() * scaled);
    std::vector<double> errors;
    for (Index k = 0; k < count; ++k) {
        const Index column = 4 * k + 3;
        const double variance =
            0.5 * noiseVariance * covariance(column, column) / (scale[column] * scale[column]);
        errors.push_back(std::sqrt(std::max(0.0, variance)) / (2.0 * std::numbers::pi));
    }
    return errors;
}

} // namespace

std::vector<Partial> partialsInBand(std::span<const float> after, double sampleRate,
                                    const BandOptions& options) {
    constexpr double oversampling = 2.6; // of the two-sided band, so that the filter's skirt does not fold in
    const int decimation =
        std::max(1, static_cast<int>(sampleRate / (oversampling * 2.0 * options.halfWidth.value)));
    const int taps = 4 * decimation + 1;
    const std::vector<double> filter = lowPass(taps, 1.15 * options.halfWidth.value / sampleRate);
    const Baseband band = toBaseband(after, sampleRate, options, filter, decimation);
    if (band.samples.size() < 12)
        return {};

    VectorXcd z = poles(band.samples, options.mostPartials);
    std::vector<Complex> kept;
    for (Index k = 0; k < z.size(); ++k)
        if (std::abs(z[k]) > 1e-3)
            kept.push_back(std::log(z[k]) * band.rate);
    if (kept.empty())
        return {};
    const VectorXcd rates = Eigen::Map<const VectorXcd>(kept.data(), static_cast<Index>(kept.size()));

    const auto length = static_cast<Index>(band.samples.size());
    MatrixXcd basis(length, rates.size());
    for (Index k = 0; k < rates.size(); ++k) {
        const Complex step = std::exp(rates[k] / band.rate);
        Complex value = 1.0;
        for (Index t = 0; t < length; ++t, value *= step)
            basis(t, k) = value;
    }
    const Eigen::Map<const VectorXcd> samples(band.samples.data(), length);
    const VectorXcd amplitudes = leastSquares(basis, samples);
    const double residual = (samples - basis * amplitudes).squaredNorm() /
                            std::max<double>(1.0, static_cast<double>(length - rates.size()));
    // The filter passes less than the reduced rate could carry, so that neighbouring samples share their
    // noise: what counts is its density in the band, not the variance of a sample.
    double filterEnergy = 0.0;
    for (double h : filter)
        filterEnergy += h * h;
    const double density = residual / (decimation * filterEnergy);
    const std::vector<double> errors = frequencyErrors(amplitudes, basis, band.rate, density);

    std::vector<Partial> partials;
    for (Index k = 0; k < rates.size(); ++k) {
        const double offset = rates[k].imag() / (2.0 * std::numbers::pi);
        const double decay = -rates[k].real();
        if (std::abs(offset) > options.halfWidth.value || decay <= 2.0 || decay > 400.0)
            continue; // outside the band, not decaying (hum), or gone before it could be a tone
        const Complex gain = filterGain(filter, rates[k], sampleRate);
        const double amplitude = 2.0 * std::abs(amplitudes[k] / gain) * std::exp(decay * band.firstAt);
        partials.push_back({options.centre + Hertz{offset}, Hertz{errors[static_cast<std::size_t>(k)]},
                            t60OfRate(decay), amplitude, std::nullopt});
    }
    std::sort(partials.begin(), partials.end(),
              [](const Partial& a, const Partial& b) { return a.amplitude > b.amplitude; });
    return partials;
}

} // namespace bombo
