#include "core/units/fourier.h"

#include <algorithm>
#include <bit>
#include <fftw3.h>
#include <memory>

namespace bombo {
namespace {

struct Free {
    void operator()(void* memory) const { fftw_free(memory); }
};
struct DestroyPlan {
    void operator()(fftw_plan plan) const {
        const std::lock_guard lock(fourierPlanning());
        fftw_destroy_plan(plan);
    }
};
using Plan = std::unique_ptr<std::remove_pointer_t<fftw_plan>, DestroyPlan>;
using Reals = std::unique_ptr<double[], Free>;
using Complexes = std::unique_ptr<fftw_complex[], Free>;

} // namespace

std::mutex& fourierPlanning() {
    static std::mutex mutex;
    return mutex;
}

std::vector<double> convolved(std::span<const double> a, std::span<const double> b, std::size_t count) {
    const std::size_t length = std::bit_ceil(std::max<std::size_t>(2, a.size() + b.size()));
    const auto size = static_cast<int>(length);
    const Reals x(fftw_alloc_real(length));
    const Complexes first(fftw_alloc_complex(length / 2 + 1));
    const Complexes second(fftw_alloc_complex(length / 2 + 1));
    Plan forward;
    Plan back;
    {
        const std::lock_guard lock(fourierPlanning());
        forward.reset(fftw_plan_dft_r2c_1d(size, x.get(), first.get(), FFTW_ESTIMATE));
        back.reset(fftw_plan_dft_c2r_1d(size, first.get(), x.get(), FFTW_ESTIMATE));
    }
    const auto transform = [&](std::span<const double> sound, fftw_complex* into) {
        std::fill_n(x.get(), length, 0.0);
        std::copy(sound.begin(), sound.end(), x.get());
        fftw_execute_dft_r2c(forward.get(), x.get(), into);
    };
    transform(a, first.get());
    transform(b, second.get());
    for (std::size_t i = 0; i <= length / 2; ++i) {
        const double re = first[i][0] * second[i][0] - first[i][1] * second[i][1];
        first[i][1] = first[i][0] * second[i][1] + first[i][1] * second[i][0];
        first[i][0] = re;
    }
    fftw_execute(back.get());
    std::vector<double> result(std::min(count, length));
    for (std::size_t i = 0; i < result.size(); ++i)
        result[i] = x[i] / static_cast<double>(length);
    return result;
}

} // namespace bombo
