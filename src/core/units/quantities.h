#pragma once
/// Typed quantities, SI inside. Conversions to inches, cents and turns happen at the edges.
#include <cmath>
#include <compare>
#include <numbers>

namespace bombo {

/// A double that knows what it measures. Two different quantities cannot be swapped by mistake.
template <class Tag> struct Quantity {
    double value{};

    friend constexpr auto operator<=>(const Quantity&, const Quantity&) = default;
    friend constexpr Quantity operator+(Quantity a, Quantity b) { return {a.value + b.value}; }
    friend constexpr Quantity operator-(Quantity a, Quantity b) { return {a.value - b.value}; }
    friend constexpr Quantity operator-(Quantity a) { return {-a.value}; }
    friend constexpr Quantity operator*(Quantity a, double k) { return {a.value * k}; }
    friend constexpr Quantity operator*(double k, Quantity a) { return {a.value * k}; }
    friend constexpr Quantity operator/(Quantity a, double k) { return {a.value / k}; }
    friend constexpr double operator/(Quantity a, Quantity b) { return a.value / b.value; }
    constexpr Quantity& operator+=(Quantity b) {
        value += b.value;
        return *this;
    }
};

using Hertz = Quantity<struct HertzTag>;
using Seconds = Quantity<struct SecondsTag>;
using Metres = Quantity<struct MetresTag>;
using Tension = Quantity<struct TensionTag>;           ///< N/m, force per length of the head's rim
using ArealDensity = Quantity<struct ArealDensityTag>; ///< kg/m^2
using Pascal = Quantity<struct PascalTag>;
using Celsius = Quantity<struct CelsiusTag>;
using Cents = Quantity<struct CentsTag>;     ///< 1200 log2(f / reference)
using Turns = Quantity<struct TurnsTag>;     ///< of a tension rod or strainer knob; positive tightens
using Radians = Quantity<struct RadiansTag>; ///< angle, counter-clockwise seen from above
using Kilograms = Quantity<struct KilogramsTag>;

inline constexpr double kTwoPi = 2.0 * std::numbers::pi;

inline constexpr Metres inches(double count) {
    return {count * 0.0254};
}
inline constexpr double toInches(Metres length) {
    return length.value / 0.0254;
}

/// Interval from `reference` to `frequency`; both > 0.
inline Cents centsBetween(Hertz reference, Hertz frequency) {
    return {1200.0 * std::log2(frequency / reference)};
}
/// `reference` moved by `interval`.
inline Hertz moved(Hertz reference, Cents interval) {
    return reference * std::exp2(interval.value / 1200.0);
}
/// A small error `hz` of a frequency `at`, as an interval: the slope of `centsBetween` (1200 / ln 2 per unit
/// of share).
inline constexpr double kCentsOfFrequency = 1200.0 / std::numbers::ln2;
inline Cents errorInCents(Hertz hz, Hertz at) {
    return {kCentsOfFrequency * (hz / at)};
}
/// Amplitude e^(-rate t) falls by 60 dB, a factor of 1000, in T60.
inline constexpr double kRateOf60Db = 6.907755278982137; ///< ln 1000
inline constexpr Seconds t60OfRate(double rate) {
    return {kRateOf60Db / rate};
}
inline constexpr double rateOfT60(Seconds t60) {
    return kRateOf60Db / t60.value;
}

} // namespace bombo
