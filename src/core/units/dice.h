#pragma once
#include <cmath>
#include <cstdint>
#include <numbers>
#include <random>

namespace bombo {

/// Same numbers on every machine: the generator is fixed by the standard, the distributions are ours.
class Dice {
public:
    explicit Dice(std::uint64_t seed) : m_engine(seed) {}
    double uniform(double low, double high) {
        return low + (high - low) * (static_cast<double>(m_engine() >> 11) * 0x1.0p-53);
    }
    double normal() {
        const double radius = std::sqrt(-2.0 * std::log(uniform(1e-12, 1.0)));
        return radius * std::cos(2.0 * std::numbers::pi * uniform(0.0, 1.0));
    }

    /// Sum of four uniform numbers with the mean and variance of normal(), never beyond 3.5: noise for the
    /// ear at a tenth of the cost.
    double rough() {
        const std::uint64_t four = m_engine();
        const std::uint64_t sum =
            (four & 0xFFFFU) + (four >> 16 & 0xFFFFU) + (four >> 32 & 0xFFFFU) + (four >> 48);
        return (static_cast<double>(sum) * 0x1.0p-16 - 2.0) * 1.7320508075688772; // sqrt(12 / 4)
    }

private:
    std::mt19937_64 m_engine;
};

} // namespace bombo
