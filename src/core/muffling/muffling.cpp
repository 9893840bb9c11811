#include "core/muffling/muffling.h"

#include "core/muffling/heard_level.h"
#include "core/muffling/padded_modes.h"

#include "core/muffling/ringed_modes.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <span>

namespace bombo {
namespace {

constexpr int kCoupled = 5;           // of each m
constexpr int kTold = 3;              // of them
constexpr double kStrikeRadius = 0.2; // of the head's radius: a backbeat seldom hits the very middle
constexpr double kContact = 0.002;    // s of a stick
constexpr double kStart = 0.010;      // s: what is heard as the stroke itself
constexpr double kStickStays = 0.007; // s on the head
constexpr double kThrowsBack = 300.0; // Hz: modes much faster than the contact give the stick nothing back

/// One member of a mode as it is heard.
struct Decay {
    double energy;
    double first; ///< rate until what was thrown off is back, 1/s
    double later;
};

double energyAt(const std::vector<Decay>& decays, double delay, double time) {
    double sum = 0.0;
    for (const Decay& d : decays)
        sum += d.energy *
               std::exp(-2.0 * (d.first * std::min(time, delay) + d.later * std::max(0.0, time - delay)));
    return sum;
}

double timeToFall(const std::vector<Decay>& decays, double delay, double db) {
    const double wanted = energyAt(decays, delay, 0.0) * std::pow(10.0, -db / 10.0);
    double low = 0.0;
    double high = 20.0;
    for (int i = 0; i < 28; ++i) { // to a ten-millionth of a second
        const double middle = 0.5 * (low + high);
        (energyAt(decays, delay, middle) > wanted ? low : high) = middle;
    }
    return 0.5 * (low + high);
}

Seconds ringTime(const std::vector<Decay>& decays, double delay) {
    return {2.0 * (timeToFall(decays, delay, 35.0) - timeToFall(decays, delay, 5.0))};
}

double delayOf(const std::vector<Pad>& pads) {
    double delay = 0.0;
    for (const Pad& pad : pads)
        delay = std::max(delay, pad.kind.delay.value);
    return delay;
}

double startEnergy(double energy, double rate) {
    return energy * (1.0 - std::exp(-2.0 * rate * kStart)) / (2.0 * rate);
}

/// How strongly a blow drives shapes that move together. Strokes wander round the middle, so that it comes
/// from any direction.
/// @param reach of a stroke by mode
double struckBy(std::span<const Motion> motions, const std::vector<double>& reach) {
    double power = 0.0;
    for (int m = 0; m <= kHighestM; ++m) {
        Eigen::Vector2cd sum = Eigen::Vector2cd::Zero();
        for (std::size_t k = 0; k < reach.size(); ++k)
            if (motions[k].m == m)
                sum += motions[k].by * reach[k];
        power += sum.squaredNorm() * (m == 0 ? 1.0 : 0.5);
    }
    return std::sqrt(power);
}

} // namespace

double stickGives(Hertz partial) {
    const double x = partial.value * kContact;
    const double pole = 1.0 - 4.0 * x * x;
    return std::abs(pole) < 1e-6 ? 0.25 * std::numbers::pi : std::abs(std::cos(std::numbers::pi * x) / pole);
}

/// One of a mode under the pads.
struct Muffler::Member {
    const DampedMode& bare;
    double struck = 0;    ///< amplitude of its deflection after a blow of 1 N s, without pads
    double amplitude = 0; ///< as it is heard, without pads
    double heard = 0;     ///< with those that lie there from the start
    double firstRate = 0; ///< until what was thrown off is back, 1/s
    double lastRate = 0;
    double lastOmega = 0; ///< rad/s
    double heavier = 1;   ///< of the mode with the pads that lie there from the start
    double antinode = 0;  ///< rad
};

Muffler::Muffler(const Drum& drum, const DrumState& state, const HearingPoint& point, double damping)
    : m_state(state), m_point(point),
      m_modes(dampedModes(coupledModes(state, {.perM = 2 * kRadialShapes}), drum, damping)),
      m_own(shapesOf(m_modes)) {}

Muffler::Shapes Muffler::Shapes::upTo(int order) const {
    Shapes lowest;
    for (std::size_t k = 0; k < modes.size(); ++k)
        if (modes[k].mode.order <= order) {
            lowest.modes.push_back(modes[k]);
            lowest.parts.push_back(parts[k]);
            lowest.reach.push_back(reach[k]);
        }
    return lowest;
}

Muffler::Shapes Muffler::shapesOf(const std::vector<DampedMode>& modes) const {
    Shapes shapes;
    for (const DampedMode& own : modes) {
        if (own.mode.order > kCoupled)
            continue;
        shapes.modes.push_back(own);
        shapes.parts.push_back(heardParts(own.mode, m_state, m_point));
        shapes.reach.push_back(shapeAt(own.mode.m, own.mode.batterShape, kStrikeRadius));
    }
    return shapes;
}

template <class Each> void Muffler::eachMember(const std::vector<Pad>& pads, Care care, Each each) const {
    const int order = care == Care::Rough ? kTold : kCoupled;
    const Laid all = laidOut(pads, m_state);
    const Shapes own = m_own.upTo(order);
    const Shapes ringed =
        all.rings.empty() ? own : shapesOf(withRings(m_modes, all.rings, m_state)).upTo(order);
    const auto motionOf = [&](const Shapes& shapes, std::size_t k, const Eigen::Vector2cd& by) {
        return Motion{shapes.modes[k].mode.m, &shapes.parts[k], by};
    };
    const auto heardOf = [&](const PaddedMember& member) {
        std::vector<Motion> motions;
        for (std::size_t k = 0; k < member.moves.size(); ++k)
            motions.push_back(motionOf(ringed, k, member.moves[k]));
        return stickGives(Hertz{member.omega / kTwoPi}) * member.answers * struckBy(motions, ringed.reach) *
               heardLevel(motions, member.omega, m_point);
    };
    std::vector<std::size_t> told;
    for (std::size_t k = 0; k < own.modes.size(); ++k)
        if (own.modes[k].mode.order <= kTold)
            told.push_back(k);
    const auto withAll = PaddedModes(ringed.modes, all.things, m_state).membersOf(told, care);
    auto atOnce = withAll;
    if (delayOf(pads) > 0.0) {
        std::vector<Pad> lying = pads;
        std::erase_if(lying, [](const Pad& pad) { return pad.kind.delay.value > 0.0; });
        atOnce = PaddedModes(ringed.modes, laidOut(lying, m_state).things, m_state).membersOf(told, care);
    }
    for (std::size_t t = 0; t < told.size(); ++t) {
        const std::size_t k = told[t];
        const DampedMode& bare = own.modes[k];
        const int m = bare.mode.m;
        const double answers = 1.0 / (bare.mode.modalMass.value * bare.omega);
        const double struck = answers * (m == 0 ? 1.0 : std::sqrt(0.5)) * std::abs(own.reach[k]);
        for (std::size_t i = 0; i < withAll[t].size(); ++i) {
            const PaddedMember& later = withAll[t][i];
            const PaddedMember& now = atOnce[t][i];
            const Motion alone =
                motionOf(own, k, {std::cos(m * later.antinode), std::sin(m * later.antinode)});
            const double amplitude =
                stickGives(bare.mode.frequency) * struck * heardLevel({&alone, 1}, bare.omega, m_point);
            each(Member{bare, struck, amplitude, heardOf(now), now.rate, later.rate, later.omega,
                        answers / now.answers, later.antinode});
        }
    }
}

MufflingPrediction Muffler::with(const std::vector<Pad>& pads) const {
    const double delay = delayOf(pads);
    MufflingPrediction prediction;
    std::vector<Decay> before;
    std::vector<Decay> after;
    double startBefore = 0.0;
    double startAfter = 0.0;
    double thrownBack = 0.0;
    double ofBlow = 0.0;
    eachMember(pads, Care::Apart, [&](const Member& member) {
        const DampedMode& own = member.bare;
        const double energy = member.amplitude * member.amplitude;
        const double energyAfter = member.heard * member.heard;
        before.push_back({energy, own.rate, own.rate});
        after.push_back({energyAfter, member.firstRate, member.lastRate});
        startBefore += startEnergy(energy, own.rate);
        // By what the mode itself takes of the blow: by way of the others it gets it later.
        startAfter += startEnergy(energy / std::max(1.0, member.heavier), member.firstRate);
        const double blow = own.mode.modalMass.value * std::pow(member.struck * own.omega, 2) *
                            std::exp(-std::pow(own.mode.frequency.value / kThrowsBack, 2));
        ofBlow += blow;
        thrownBack += blow * std::exp(-2.0 * (member.firstRate - own.rate) * kStickStays) /
                      std::max(1.0, member.heavier);
        const double fallen = member.firstRate * delay; // by when all is back
        const double t60 = fallen > kRateOf60Db ? kRateOf60Db / member.firstRate
                                                : delay + (kRateOf60Db - fallen) / member.lastRate;
        prediction.partials.push_back({own.mode.m, own.mode.order, own.mode.frequency,
                                       Hertz{member.lastOmega / kTwoPi}, t60OfRate(own.rate), Seconds{t60},
                                       member.amplitude, member.heard, Radians{member.antinode}});
    });
    std::sort(prediction.partials.begin(), prediction.partials.end(),
              [](const auto& a, const auto& b) { return a.frequencyBefore < b.frequencyBefore; });
    prediction.ringBefore = ringTime(before, 0.0);
    prediction.ringAfter = pads.empty() ? prediction.ringBefore : ringTime(after, delay);
    prediction.startDb = 10.0 * std::log10(startAfter / startBefore);
    prediction.reboundLoss = 1.0 - std::sqrt(thrownBack / ofBlow); // of its speed
    return prediction;
}

Seconds Muffler::ringOf(const std::vector<Pad>& pads, Care care) const {
    std::vector<Decay> after;
    eachMember(pads, care, [&](const Member& member) {
        after.push_back({member.heard * member.heard, member.firstRate, member.lastRate});
    });
    return ringTime(after, delayOf(pads));
}

Seconds Muffler::ringWith(const std::vector<Pad>& pads) const {
    return ringOf(pads, Care::Apart);
}

Seconds Muffler::roughRing(const std::vector<Pad>& pads) const {
    return ringOf(pads, Care::Rough);
}

MufflingPrediction predictMuffling(const Drum& drum, const DrumState& state, const std::vector<Pad>& pads,
                                   const HearingPoint& point, double damping) {
    return Muffler(drum, state, point, damping).with(pads);
}

} // namespace bombo
