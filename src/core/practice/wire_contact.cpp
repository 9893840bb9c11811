#include "core/practice/wire_contact.h"

#include "core/units/dice.h"

#include <algorithm>
#include <cmath>
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

constexpr std::size_t kPlaces = kWirePlaces.size();
using PerPlace = std::array<double, kPlaces>;
using PerBody = std::array<PerPlace, kBodiesAPlace>;

/// All bodies, a quantity at a time and without a branch, so that the compiler takes several places at once.
struct Bodies {
    PerBody pull{};     ///< m/s^2
    PerBody position{}; ///< m, outward
    PerBody velocity{};
    PerBody contact{}; ///< acceleration that the head gives it
    PerBody off{};     ///< 1 while it is off the head, else 0
    double struck = 0; ///< bodies that came back with this sample
    double change = 0; ///< of the contact accelerations with this sample, summed

    /// One sample on, over a head that stands and moves so at the places.
    void advance(const PerPlace& head, const PerPlace& headVelocity, double dt) {
        PerPlace strikes{};
        PerPlace changes{};
        for (std::size_t b = 0; b < kBodiesAPlace; ++b)
            for (std::size_t k = 0; k < kPlaces; ++k) {
                const double pressed = head[k] - position[b][k];
                const double spring =
                    kContactStiffness * pressed + kContactDamping * (headVelocity[k] - velocity[b][k]);
                const double pushes = std::max(0.0, pressed > 0.0 ? spring : 0.0);
                const double pulled = pull[b][k] * (1.0 + std::max(0.0, position[b][k]) * (1.0 / kBend));
                changes[k] += pushes - contact[b][k];
                contact[b][k] = pushes;
                velocity[b][k] += (pushes - pulled) * dt;
                position[b][k] += velocity[b][k] * dt;
                const double touches = pushes > 0.0 ? 1.0 : 0.0;
                strikes[k] += off[b][k] * touches;
                off[b][k] = 1.0 - touches;
            }
        struck = (strikes[0] + strikes[1]) + (strikes[2] + strikes[3]);
        change = (changes[0] + changes[1]) + (changes[2] + changes[3]);
    }
};

Bodies bodiesAtRest(const WireBodies& wires) {
    Dice dice(wires.seed);
    Bodies bodies;
    for (std::size_t k = 0; k < kPlaces; ++k)
        for (std::size_t b = 0; b < kBodiesAPlace; ++b) {
            bodies.pull[b][k] = wires.pull * std::exp(kPullScatter * dice.normal());
            bodies.position[b][k] = -bodies.pull[b][k] / kContactStiffness;
            bodies.contact[b][k] = bodies.pull[b][k];
        }
    return bodies;
}

using PerMode = std::array<double, kContactModes>;

/// All modes as rotating pairs, a quantity at a time, so that the compiler takes several modes at once.
struct Swings {
    PerMode deflection{}; ///< times angular frequency
    PerMode velocity{};
    PerMode turnCos{}; ///< with the decay of one sample
    PerMode turnSin{};
    std::array<PerMode, kWirePlaces.size()> deflects{}; ///< deflection of a place by `deflection`
    std::array<PerMode, kWirePlaces.size()> moves{};    ///< its velocity by `velocity`
    std::array<PerMode, kWirePlaces.size()> pushed{};   ///< velocity by a force at the place over one sample
};

Swings swingsOf(const std::array<ContactMode, kContactModes>& modes, double dt) {
    Swings swings;
    for (std::size_t m = 0; m < kContactModes; ++m) {
        const ContactMode& mode = modes[m];
        const double omega = 2.0 * std::numbers::pi * mode.frequency;
        const double decay = std::exp(-mode.rate * dt);
        swings.velocity[m] = mode.blow;
        swings.turnCos[m] = decay * std::cos(omega * dt);
        swings.turnSin[m] = decay * std::sin(omega * dt);
        for (std::size_t k = 0; k < kWirePlaces.size(); ++k) {
            swings.deflects[k][m] = mode.under[k] / omega;
            swings.moves[k][m] = mode.under[k];
            swings.pushed[k][m] = mode.under[k] * dt / mode.mass;
        }
    }
    return swings;
}

constexpr PerMode kOnes = [] {
    PerMode ones{};
    ones.fill(1.0);
    return ones;
}();

double dot(const PerMode& a, const PerMode& b) {
    double even = 0;
    double odd = 0;
    for (std::size_t m = 0; m < kContactModes; m += 2) {
        even += a[m] * b[m];
        odd += a[m + 1] * b[m + 1];
    }
    return even + odd;
}

/// One sample on, after these forces at the places.
void advance(Swings& swings, const std::array<double, kWirePlaces.size()>& force) {
    for (std::size_t m = 0; m < kContactModes; ++m) {
        double v = swings.velocity[m];
        for (std::size_t k = 0; k < force.size(); ++k)
            v += swings.pushed[k][m] * force[k];
        const double d = swings.deflection[m];
        swings.deflection[m] = d * swings.turnCos[m] + v * swings.turnSin[m];
        swings.velocity[m] = v * swings.turnCos[m] - d * swings.turnSin[m];
    }
}

} // namespace

WireContact wireContact(const std::array<ContactMode, kContactModes>& modes, const WireBodies& wires,
                        double sampleRate, double seconds) {
    const double dt = 1.0 / sampleRate;
    constexpr double count = static_cast<double>(kPlaces * kBodiesAPlace);
    const double bodyMass = wires.mass / count;
    Bodies bodies = bodiesAtRest(wires);
    Swings swings = swingsOf(modes, dt);

    WireContact result;
    const auto steps = static_cast<std::size_t>(seconds * sampleRate);
    const auto early = static_cast<std::size_t>(0.05 * sampleRate);
    result.head.reserve(steps);
    result.wires.reserve(steps);
    double off = 0;
    for (std::size_t step = 0; step < steps; ++step) {
        PerPlace head{};
        PerPlace velocity{};
        for (std::size_t k = 0; k < kPlaces; ++k) {
            head[k] = dot(swings.deflects[k], swings.deflection);
            velocity[k] = dot(swings.moves[k], swings.velocity);
        }
        bodies.advance(head, velocity, dt);
        PerPlace force{}; // on the head, beyond what bends it at rest
        for (std::size_t b = 0; b < kBodiesAPlace; ++b)
            for (std::size_t k = 0; k < kPlaces; ++k) {
                force[k] -= bodyMass * (bodies.contact[b][k] - bodies.pull[b][k]);
                off += step < early ? bodies.off[b][k] : 0.0;
            }
        if (bodies.struck > 0.0)
            result.lastStrike = static_cast<double>(step) * dt;
        result.head.push_back(dot(swings.deflection, kOnes));
        result.wires.push_back(bodies.change / count);
        advance(swings, force);
    }
    result.apart = off / (static_cast<double>(std::max<std::size_t>(1, std::min(steps, early))) * count);
    return result;
}

} // namespace bombo
