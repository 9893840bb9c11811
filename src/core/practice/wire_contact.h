#pragma once
/// Wires as bodies that lie on the moving snare-side head: they are thrown off, fall back and strike.
#include <array>
#include <complex>
#include <cstdint>
#include <vector>

namespace bombo {

/// Where the wires are looked at, along the diameter from bed to bed, in radii.
inline constexpr std::array kWirePlaces{-0.7, -0.25, 0.25, 0.7};

/// A mode of the drum, as it moves the head under the wires.
struct ContactMode {
    double frequency = 0;                           ///< Hz
    double rate = 0;                                ///< of decay of its amplitude, 1/s
    double mass = 0;                                ///< kg
    double blow = 0;                                ///< velocity that the blow gives it, m/s
    std::array<double, kWirePlaces.size()> under{}; ///< deflection of the snare-side head at the places
};

/// The modes that move it most; further ones would be stepped for nothing.
inline constexpr std::size_t kContactModes = 8;

struct WireBodies {
    double mass = 0;        ///< of all that takes part, kg
    double pull = 0;        ///< towards the head, as an acceleration, m/s^2; > 0
    std::uint64_t seed = 0; ///< strands differ a little in pull
};

/// A sound from elsewhere that sets the modes going: a sine that dies away.
struct ContactDrive {
    double frequency = 0; ///< Hz
    double rate = 0;      ///< of decay, 1/s
    /// At the beginning, on each mode, m/s^2, as Re(push exp(i omega t)): it reaches them at different times.
    std::array<std::complex<double>, kContactModes> push{};
};

struct WireContact {
    std::vector<double> head;  ///< angular frequency times deflection, summed over the modes, m/s
    std::vector<double> wires; ///< change of the contact acceleration from sample to sample, mean, m/s^2
    double apart = 0;          ///< share of the first 50 ms for which the bodies were off the head, 0 to 1
    double lastStrike = 0;     ///< s after the blow; 0 if they never left
};

/// Time stepping of modes and bodies, three at each place, from the blow or the first sound from elsewhere
/// on: exact rotation of each mode, a spring with loss between head and body while they touch, force and
/// counterforce. At rest the pull bends the head; deflections are from there. Source: docs/physics.md,
/// section 10.
/// @pre sampleRate >= 20 kHz, which the contact's own frequency needs; frequencies and masses > 0
WireContact wireContact(const std::array<ContactMode, kContactModes>& modes, const WireBodies& wires,
                        double sampleRate, double seconds, const std::vector<ContactDrive>& drives = {});

} // namespace bombo
