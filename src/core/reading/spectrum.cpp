#include "core/reading/spectrum.h"

#include "core/units/fourier.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <fftw3.h>
#include <map>
#include <memory>

namespace bombo {
namespace {

struct PlanDeleter {
    void operator()(fftw_plan plan) const { fftw_destroy_plan(plan); }
};
using Plan = std::unique_ptr<std::remove_pointer_t<fftw_plan>, PlanDeleter>;

/// Plans by length, made once and kept: planning costs more than the transform. FFTW makes plans one at a
/// time; executing them is free of locks.
fftw_plan planFor(std::size_t length, double* in, fftw_complex* out) {
    static std::map<std::size_t, Plan> plans;
    const std::lock_guard lock(fourierPlanning());
    Plan& plan = plans[length];
    if (!plan)
        plan.reset(fftw_plan_dft_r2c_1d(static_cast<int>(length), in, out, FFTW_ESTIMATE));
    return plan.get();
}

struct FftwDeleter {
    void operator()(void* memory) const { fftw_free(memory); }
};

} // namespace

double PowerSpectrum::at(Hertz frequency) const {
    const auto bin = static_cast<std::size_t>(std::lround(frequency.value / binWidth));
    return bin < power.size() ? power[bin] : 0.0;
}

PowerSpectrum powerSpectrum(std::span<const float> samples, double sampleRate, std::size_t size,
                            double fallDb) {
    const std::size_t length = std::bit_ceil(std::max(size, samples.size()));
    const std::unique_ptr<double[], FftwDeleter> in(fftw_alloc_real(length));
    const std::unique_ptr<fftw_complex[], FftwDeleter> out(fftw_alloc_complex(length / 2 + 1));
    const fftw_plan plan = planFor(length, in.get(), out.get());

    std::fill_n(in.get(), length, 0.0);
    double windowSquares = 0.0;
    const auto count = static_cast<double>(samples.size());
    const double rise = std::max(1.0, 0.01 * count);
    double fallen = 1.0;
    const double step = std::pow(10.0, -fallDb / 20.0 / std::max(1.0, count));
    for (std::size_t i = 0; i < samples.size(); ++i, fallen *= step) {
        const double t = static_cast<double>(i);
        double window = fallen;
        if (fallDb <= 0.0) {
            window = 0.5 - 0.5 * std::cos(2.0 * std::numbers::pi * (t + 0.5) / count);
        } else {
            if (t < rise)
                window *= 0.5 - 0.5 * std::cos(std::numbers::pi * (t + 0.5) / rise);
        }
        in[i] = window * static_cast<double>(samples[i]);
        windowSquares += window * window;
    }
    fftw_execute_dft_r2c(plan, in.get(), out.get()); // arrays of fftw_alloc: aligned as the plan wants

    PowerSpectrum spectrum;
    spectrum.binWidth = sampleRate / static_cast<double>(length);
    spectrum.power.resize(length / 2 + 1);
    for (std::size_t i = 0; i < spectrum.power.size(); ++i)
        spectrum.power[i] = (out[i][0] * out[i][0] + out[i][1] * out[i][1]) / std::max(windowSquares, 1e-12);
    return spectrum;
}

double middlePower(const PowerSpectrum& spectrum, std::size_t first, std::size_t last) {
    std::vector<double> all(spectrum.power.begin() + static_cast<std::ptrdiff_t>(first),
                            spectrum.power.begin() + static_cast<std::ptrdiff_t>(last));
    const auto middle = all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2);
    std::nth_element(all.begin(), middle, all.end());
    return *middle;
}

} // namespace bombo
