#include "core/acoustics/bessel.h"

#include <cmath>
#include <functional>

namespace bombo {
namespace {

double bisect(const std::function<double(double)>& f, double low, double high) {
    const bool lowNegative = f(low) < 0.0;
    for (int i = 0; i < 80; ++i) {
        const double middle = 0.5 * (low + high);
        ((f(middle) < 0.0) == lowNegative ? low : high) = middle;
    }
    return 0.5 * (low + high);
}

/// Sign changes of f on a walk from `start`; the zeros of J_m and J'_m are more than 1 apart.
std::vector<double> zerosFrom(const std::function<double(double)>& f, double start, int count) {
    constexpr double step = 0.2;
    std::vector<double> zeros;
    double x = start;
    while (static_cast<int>(zeros.size()) < count) {
        if ((f(x) < 0.0) != (f(x + step) < 0.0))
            zeros.push_back(bisect(f, x, x + step));
        x += step;
    }
    return zeros;
}

} // namespace

double besselJ(int m, double x) {
    return ::jn(m, x);
}

double besselJPrime(int m, double x) {
    return m == 0 ? -::j1(x) : 0.5 * (::jn(m - 1, x) - ::jn(m + 1, x));
}

std::vector<double> besselZeros(int m, int count) {
    return zerosFrom([m](double x) { return besselJ(m, x); }, 0.5 + m, count);
}

std::vector<double> besselPrimeZeros(int m, int count) {
    auto prime = [m](double x) { return besselJPrime(m, x); };
    if (m > 0)
        return zerosFrom(prime, 0.3, count);
    std::vector<double> zeros = zerosFrom(prime, 0.3, count - 1);
    zeros.insert(zeros.begin(), 0.0);
    return zeros;
}

double besselOverlap(int m, double p, double q) {
    const double edge = besselJ(m + 1, p);
    if (std::abs(p - q) < 1e-6 * p)
        return 0.5 * edge * edge;
    return p * edge * besselJ(m, q) / (p * p - q * q);
}

} // namespace bombo
