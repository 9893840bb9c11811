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

struct Body {
    double pull = 0;     ///< m/s^2
    double position = 0; ///< m, outward
    double velocity = 0;
    double contact = 0; ///< acceleration that the head gives it
    bool isOff = false;
    bool struck = false; ///< came back with this sample

    /// One sample on, over a head that stands and moves so.
    void advance(double head, double headVelocity, double dt) {
        const double pressed = head - position;
        contact =
            pressed > 0.0
                ? std::max(0.0, kContactStiffness * pressed + kContactDamping * (headVelocity - velocity))
                : 0.0;
        const double pulled = pull * (1.0 + std::max(0.0, position) * (1.0 / kBend));
        velocity += (contact - pulled) * dt;
        position += velocity * dt;
        struck = isOff && contact > 0.0;
        isOff = contact == 0.0;
    }
};
using Strands = std::array<Body, kBodiesAPlace>;

std::array<Strands, kWirePlaces.size()> strandsAtRest(const WireBodies& wires) {
    Dice dice(wires.seed);
    std::array<Strands, kWirePlaces.size()> all;
    for (Strands& strands : all)
        for (Body& body : strands) {
            body.pull = wires.pull * std::exp(kPullScatter * dice.normal());
            body.position = -body.pull / kContactStiffness;
            body.contact = body.pull;
        }
    return all;
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
    constexpr std::size_t places = kWirePlaces.size();
    const double dt = 1.0 / sampleRate;
    constexpr double count = static_cast<double>(places * kBodiesAPlace);
    const double bodyMass = wires.mass / count;
    auto strands = strandsAtRest(wires);
    Swings swings = swingsOf(modes, dt);

    WireContact result;
    const auto steps = static_cast<std::size_t>(seconds * sampleRate);
    const auto early = static_cast<std::size_t>(0.05 * sampleRate);
    result.head.reserve(steps);
    result.wires.reserve(steps);
    long off = 0;
    for (std::size_t step = 0; step < steps; ++step) {
        std::array<double, places> force{}; // on the head, beyond what bends it at rest
        double change = 0;
        for (std::size_t k = 0; k < places; ++k) {
            const double head = dot(swings.deflects[k], swings.deflection);
            const double velocity = dot(swings.moves[k], swings.velocity);
            for (Body& body : strands[k]) {
                const double before = body.contact;
                body.advance(head, velocity, dt);
                change += body.contact - before;
                force[k] -= bodyMass * (body.contact - body.pull);
                off += step < early && body.isOff;
                if (body.struck)
                    result.lastStrike = static_cast<double>(step) * dt;
            }
        }
        result.head.push_back(dot(swings.deflection, kOnes));
        result.wires.push_back(change / count);
        advance(swings, force);
    }
    result.apart = static_cast<double>(off) /
                   (static_cast<double>(std::max<std::size_t>(1, std::min(steps, early))) * count);
    return result;
}

} // namespace bombo
