#pragma once
/// What all users of FFTW share.
#include <mutex>
#include <span>
#include <vector>

namespace bombo {

/// Plans are made and destroyed one at a time; executing them is free of locks.
std::mutex& fourierPlanning();

/// Linear convolution of two sounds, the first `count` values of it. Cost: three transforms.
std::vector<double> convolved(std::span<const double> a, std::span<const double> b, std::size_t count);

} // namespace bombo
