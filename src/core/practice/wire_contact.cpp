#include "core/practice/wire_contact.h"

#include "core/units/dice.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <numbers>

namespace bombo {
namespace {

constexpr double kContactHz = 2500.0; ///< a coil on film: strikes of a fifth of a millisecond; estimate
constexpr double kContactLoss = 0.03; ///< share of critical damping in it; estimate
constexpr double kBend = 0.2e-3;      ///< how far the strands are bent over the head at rest, m: their pull
                                      ///< doubles when they are thrown as far; estimate
constexpr std::size_t kBodiesAPlace = 3;
constexpr double kPullScatter = 0.15; ///< from strand to strand

constexpr double kContactStiffness =
    (2.0 * std::numbers::pi * kContactHz) * (2.0 * std::numbers::pi * kContactHz);
constexpr double kContactDamping = 2.0 * kContactLoss * 2.0 * std::numbers::pi * kContactHz;

constexpr std::size_t kContactPlaces = kWirePlaces.size();
constexpr std::size_t kHalves = kContactModes / kContactPlaces;
static_assert(kContactPlaces == 4 && kContactModes % 4 == 0);

/// Four numbers, one of each place or of four modes, as two pairs that every processor of this kind takes
/// together.
using Two = double __attribute__((vector_size(2 * sizeof(double))));
struct Four {
    Two low{};
    Two high{};

    static Four all(double value) { return {Two{value, value}, Two{value, value}}; }
    void set(std::size_t i, double value) {
        std::memcpy(reinterpret_cast<char*>(this) + i * sizeof value, &value, sizeof value);
    }
    double operator[](std::size_t i) const {
        double value = 0;
        std::memcpy(&value, reinterpret_cast<const char*>(this) + i * sizeof value, sizeof value);
        return value;
    }
    friend Four operator+(const Four& a, const Four& b) { return {a.low + b.low, a.high + b.high}; }
    friend Four operator-(const Four& a, const Four& b) { return {a.low - b.low, a.high - b.high}; }
    friend Four operator*(const Four& a, const Four& b) { return {a.low * b.low, a.high * b.high}; }
    friend Four operator*(double a, const Four& b) { return {a * b.low, a * b.high}; }
    Four& operator+=(const Four& other) { return *this = *this + other; }
    /// `value` where `sign` is above 0, else 0.
    static Four where(const Four& sign, const Four& value) {
        return {sign.low > 0.0 ? value.low : Two{}, sign.high > 0.0 ? value.high : Two{}};
    }
};
using EveryMode = std::array<Four, kHalves>;

/// All bodies, those of the four places side by side.
struct Bodies {
    std::array<Four, kBodiesAPlace> pull{};     ///< m/s^2
    std::array<Four, kBodiesAPlace> position{}; ///< m, outward
    std::array<Four, kBodiesAPlace> velocity{};
    std::array<Four, kBodiesAPlace> contact{}; ///< acceleration that the head gives it
    std::array<Four, kBodiesAPlace> off{};     ///< 1 while it is off the head, else 0
    Four struck{};                             ///< bodies that came back with this sample
    Four change{};                             ///< of the contact accelerations with this sample
    Four pushed{};                             ///< contact beyond what it is at rest
    Four away{};                               ///< bodies off the head

    /// One sample on, over a head that stands and moves so at the places.
    void advance(const Four& head, const Four& headVelocity, double dt) {
        const Four one = Four::all(1.0);
        struck = change = pushed = away = Four{};
        for (std::size_t b = 0; b < kBodiesAPlace; ++b) {
            const Four pressed = head - position[b];
            const Four spring = kContactStiffness * pressed + kContactDamping * (headVelocity - velocity[b]);
            const Four pushes = Four::where(pressed, Four::where(spring, spring));
            const Four lifted = Four::where(position[b], position[b]);
            const Four pulled = pull[b] * (one + (1.0 / kBend) * lifted);
            change += pushes - contact[b];
            pushed += pushes - pull[b];
            contact[b] = pushes;
            velocity[b] += dt * (pushes - pulled);
            position[b] += dt * velocity[b];
            const Four touches = Four::where(pushes, one);
            struck += off[b] * touches;
            off[b] = one - touches;
            away += off[b];
        }
    }
};

double sumOf(const Four& four) {
    return (four[0] + four[1]) + (four[2] + four[3]);
}

Bodies bodiesAtRest(const WireBodies& wires) {
    Dice dice(wires.seed);
    Bodies bodies;
    for (std::size_t k = 0; k < kContactPlaces; ++k)
        for (std::size_t b = 0; b < kBodiesAPlace; ++b) {
            bodies.pull[b].set(k, wires.pull * std::exp(kPullScatter * dice.normal()));
            bodies.position[b].set(k, -bodies.pull[b][k] / kContactStiffness);
            bodies.contact[b].set(k, bodies.pull[b][k]);
        }
    return bodies;
}

/// A sound from elsewhere as a phasor that turns and dies from sample to sample.
struct Pusher {
    std::complex<double> now{1.0, 0.0};
    std::complex<double> turn;
    EveryMode inPhase{}; ///< velocity that it gives with one sample
    EveryMode quarter{};

    Pusher(const ContactDrive& drive, double dt)
        : turn(std::polar(std::exp(-drive.rate * dt), 2.0 * std::numbers::pi * drive.frequency * dt)) {
        for (std::size_t m = 0; m < kContactModes; ++m) {
            inPhase[m / kContactPlaces].set(m % kContactPlaces, dt * drive.push[m].real());
            quarter[m / kContactPlaces].set(m % kContactPlaces, dt * drive.push[m].imag());
        }
    }
};

/// All modes as rotating pairs.
struct Swings {
    EveryMode deflection{}; ///< times angular frequency
    EveryMode velocity{};
    EveryMode turnCos{}; ///< with the decay of one sample
    EveryMode turnSin{};
    std::array<Four, kContactModes> deflects{};     ///< the places' deflection by `deflection` of each mode
    std::array<Four, kContactModes> moves{};        ///< their velocity by `velocity`
    std::array<EveryMode, kContactPlaces> pushed{}; ///< velocity by a force at the place over one sample

    /// The head under the places.
    void under(Four& head, Four& headVelocity) const {
        head = headVelocity = Four{};
        for (std::size_t m = 0; m < kContactModes; ++m) {
            head += deflection[m / kContactPlaces][m % kContactPlaces] * deflects[m];
            headVelocity += velocity[m / kContactPlaces][m % kContactPlaces] * moves[m];
        }
    }
    /// One sample on, after these forces at the places.
    void advance(const Four& force) {
        for (std::size_t half = 0; half < kHalves; ++half) {
            Four v = velocity[half];
            for (std::size_t k = 0; k < kContactPlaces; ++k)
                v += force[k] * pushed[k][half];
            const Four d = deflection[half];
            deflection[half] = d * turnCos[half] + v * turnSin[half];
            velocity[half] = v * turnCos[half] - d * turnSin[half];
        }
    }
    /// Velocity by a sound from elsewhere.
    void push(const Pusher& sound) {
        for (std::size_t half = 0; half < kHalves; ++half)
            velocity[half] +=
                sound.now.real() * sound.inPhase[half] + -sound.now.imag() * sound.quarter[half];
    }
    double heard() const {
        Four sum{};
        for (const Four& half : deflection)
            sum += half;
        return sumOf(sum);
    }
};

Swings swingsOf(const std::array<ContactMode, kContactModes>& modes, double dt) {
    Swings swings;
    for (std::size_t m = 0; m < kContactModes; ++m) {
        const ContactMode& mode = modes[m];
        const std::size_t half = m / kContactPlaces;
        const std::size_t at = m % kContactPlaces;
        const double omega = 2.0 * std::numbers::pi * mode.frequency;
        const double decay = std::exp(-mode.rate * dt);
        swings.velocity[half].set(at, mode.blow);
        swings.turnCos[half].set(at, decay * std::cos(omega * dt));
        swings.turnSin[half].set(at, decay * std::sin(omega * dt));
        for (std::size_t k = 0; k < kContactPlaces; ++k) {
            swings.deflects[m].set(k, mode.under[k] / omega);
            swings.moves[m].set(k, mode.under[k]);
            swings.pushed[k][half].set(at, mode.under[k] * dt / mode.mass);
        }
    }
    return swings;
}

} // namespace

WireContact wireContact(const std::array<ContactMode, kContactModes>& modes, const WireBodies& wires,
                        double sampleRate, double seconds, const std::vector<ContactDrive>& drives) {
    const double dt = 1.0 / sampleRate;
    constexpr double count = static_cast<double>(kContactPlaces * kBodiesAPlace);
    const double bodyMass = wires.mass / count;
    Bodies bodies = bodiesAtRest(wires);
    Swings swings = swingsOf(modes, dt);
    std::vector<Pusher> pushers;
    for (const ContactDrive& drive : drives)
        pushers.emplace_back(drive, dt);

    WireContact result;
    const auto steps = static_cast<std::size_t>(seconds * sampleRate);
    const auto early = static_cast<std::size_t>(0.05 * sampleRate);
    result.head.resize(steps);
    result.wires.resize(steps);
    double off = 0;
    Four head{};
    Four velocity{};
    for (std::size_t step = 0; step < steps; ++step) {
        swings.under(head, velocity);
        bodies.advance(head, velocity, dt);
        if (step < early)
            off += sumOf(bodies.away);
        if (sumOf(bodies.struck) > 0.0)
            result.lastStrike = static_cast<double>(step) * dt;
        result.head[step] = swings.heard();
        result.wires[step] = sumOf(bodies.change) * (1.0 / count);
        for (Pusher& pusher : pushers) {
            swings.push(pusher);
            pusher.now *= pusher.turn;
        }
        swings.advance(-bodyMass * bodies.pushed); // on the head, beyond what bends it at rest
    }
    result.apart = off / (static_cast<double>(std::max<std::size_t>(1, std::min(steps, early))) * count);
    return result;
}

} // namespace bombo
