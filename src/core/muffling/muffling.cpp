#include "core/muffling/muffling.h"

#include "core/acoustics/damping.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <complex>

namespace bombo {
namespace {

constexpr double kStrikeRadius = 0.2; // of the head's radius: a backbeat seldom hits the very middle
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

/// What pads put on the two members of a pair, in the basis cos(m theta), sin(m theta).
struct Load {
    Eigen::Matrix2d mass = Eigen::Matrix2d::Zero();      ///< over the mode's own
    Eigen::Matrix2d rate = Eigen::Matrix2d::Zero();      ///< 1/s
    Eigen::Matrix2d stiffness = Eigen::Matrix2d::Zero(); ///< over the mode's own

    Load& operator+=(const Load& other) {
        mass += other.mass;
        rate += other.rate;
        stiffness += other.stiffness;
        return *this;
    }
};

Load loadOf(const CoupledMode& mode, double omega, const Pad& pad, const DrumState& state) {
    Eigen::Matrix2d under = Eigen::Matrix2d::Zero(); // mean of the squared shape over the face
    for (const FacePoint& point : facePoints(pad, state.radius)) {
        const double shape = shapeAt(mode.m, mode.batterShape, point.radius);
        const Eigen::Vector2d place(std::cos(mode.m * point.angle), std::sin(mode.m * point.angle));
        under += point.weight * shape * shape * place * place.transpose();
    }
    const PadKind& kind = pad.kind;
    const double own = mode.modalMass.value;
    const double mass = massOn(kind, state.radius).value;
    const double drag = kind.resistance * (kind.withTension ? state.batter.tension / kKindTension : 1.0);
    Load load;
    load.mass = under * (mass / own);
    load.rate = under * (0.5 * (kind.lossFactor * omega * mass + drag) / own);
    load.stiffness = under * (kind.stiffness / (own * omega * omega));
    return load;
}

} // namespace

struct Muffler::Member {
    double mass = 0;
    double rate = 0;
    double stiffness = 0;
    double laterMass = 0; ///< with what was thrown off at first
    double laterRate = 0;
    double antinode = 0; ///< rad

    double firstRate(double own) const { return own + rate / (1.0 + mass); }
    double lastRate(double own) const { return own + (rate + laterRate) / (1.0 + mass + laterMass); }
    double lastPitch() const { return std::sqrt((1.0 + stiffness) / (1.0 + mass + laterMass)); }
};

namespace {

double along(const Eigen::Vector2cd& v, const Eigen::Matrix2d& what) {
    return (v.adjoint() * what.cast<std::complex<double>>() * v)(0, 0).real();
}

template <class Member>
std::vector<Member> membersOf(int m, double omega, const Load& now, const Load& later) {
    const auto member = [&](const Eigen::Vector2cd& v, double antinode) {
        return Member{along(v, now.mass),   along(v, now.rate),   along(v, now.stiffness),
                      along(v, later.mass), along(v, later.rate), antinode};
    };
    if (m == 0)
        return {member(Eigen::Vector2cd::UnitX(), 0.0)};
    // Shift of the complex frequency to first order, -w/2 (mass - stiffness) + i rate: symmetric, not
    // Hermitian.
    Load all = now;
    all += later;
    const Eigen::Matrix2cd shift = (-0.5 * omega * (all.mass - all.stiffness)).cast<std::complex<double>>() +
                                   std::complex<double>(0.0, 1.0) * all.rate.cast<std::complex<double>>();
    const std::complex<double> half = 0.5 * (shift(0, 0) - shift(1, 1));
    const std::complex<double> across = shift(0, 1);
    if (std::norm(half) + std::norm(across) < 1e-18)
        return {member(Eigen::Vector2cd::UnitX(), 0.0),
                member(Eigen::Vector2cd::UnitY(), 0.5 * std::numbers::pi / m)};
    const std::complex<double> root = std::sqrt(half * half + across * across);
    std::vector<Member> members;
    for (const std::complex<double> value : {root, -root}) {
        // (half - value) x + across y = 0 and across x - (half + value) y = 0; the larger row tells more.
        Eigen::Vector2cd v = std::norm(half - value) > std::norm(half + value)
                                 ? Eigen::Vector2cd(-across, half - value)
                                 : Eigen::Vector2cd(half + value, across);
        v.normalize();
        const Eigen::Matrix2d moves = (v * v.adjoint()).real();
        const double antinode = 0.5 * std::atan2(2.0 * moves(0, 1), moves(0, 0) - moves(1, 1));
        members.push_back(member(v, antinode / m));
    }
    return members;
}

} // namespace

Muffler::Muffler(const Drum& drum, const DrumState& state, const HearingPoint& point, double damping)
    : m_state(state), m_point(point) {
    for (CoupledMode& mode : coupledModes(state)) {
        OwnMode own;
        own.omega = 2.0 * std::numbers::pi * mode.frequency.value;
        own.rate = damping * decayRate(mode, drum);
        // Strokes wander round the middle, so that on average both members of a pair get the same.
        const double share = mode.m == 0 ? 1.0 : std::sqrt(0.5);
        own.amplitude = std::abs(shapeAt(mode.m, mode.batterShape, kStrikeRadius)) * share /
                        (mode.modalMass.value * own.omega);
        own.mode = std::move(mode);
        m_modes.push_back(std::move(own));
    }
}

template <class Each> void Muffler::eachMember(const std::vector<Pad>& pads, Each each) const {
    for (const OwnMode& own : m_modes) {
        Load now;
        Load later;
        for (const Pad& pad : pads)
            (pad.kind.delay.value > 0.0 ? later : now) += loadOf(own.mode, own.omega, pad, m_state);
        for (const Member& member : membersOf<Member>(own.mode.m, own.omega, now, later))
            each(own, member, own.amplitude * hearingGain(own.mode, m_state, m_point, member.antinode));
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
    eachMember(pads, [&](const OwnMode& own, const Member& member, double amplitude) {
        const double first = member.firstRate(own.rate);
        const double last = member.lastRate(own.rate);
        const double energy = amplitude * amplitude;
        before.push_back({energy, own.rate, own.rate});
        after.push_back({energy / (1.0 + member.mass), first, last});
        startBefore += startEnergy(energy, own.rate);
        startAfter += startEnergy(energy / (1.0 + member.mass), first);
        const double blow = own.mode.modalMass.value * std::pow(own.amplitude * own.omega, 2) *
                            std::exp(-std::pow(own.mode.frequency.value / kThrowsBack, 2));
        ofBlow += blow;
        thrownBack += blow * std::exp(-2.0 * (first - own.rate) * kStickStays) / (1.0 + member.mass);
        const double fallen = first * delay; // by when all is back
        const double t60 = fallen > kRateOf60Db ? kRateOf60Db / first : delay + (kRateOf60Db - fallen) / last;
        prediction.partials.push_back({own.mode.m, own.mode.order, own.mode.frequency,
                                       own.mode.frequency * member.lastPitch(), t60OfRate(own.rate),
                                       Seconds{t60}, amplitude, Radians{member.antinode}});
    });
    std::sort(prediction.partials.begin(), prediction.partials.end(),
              [](const auto& a, const auto& b) { return a.frequencyBefore < b.frequencyBefore; });
    prediction.ringBefore = ringTime(before, 0.0);
    prediction.ringAfter = pads.empty() ? prediction.ringBefore : ringTime(after, delay);
    prediction.startDb = 10.0 * std::log10(startAfter / startBefore);
    prediction.reboundLoss = 1.0 - std::sqrt(thrownBack / ofBlow); // of its speed
    return prediction;
}

Seconds Muffler::ringWith(const std::vector<Pad>& pads) const {
    std::vector<Decay> after;
    eachMember(pads, [&](const OwnMode& own, const Member& member, double amplitude) {
        after.push_back({amplitude * amplitude / (1.0 + member.mass), member.firstRate(own.rate),
                         member.lastRate(own.rate)});
    });
    return ringTime(after, delayOf(pads));
}

MufflingPrediction predictMuffling(const Drum& drum, const DrumState& state, const std::vector<Pad>& pads,
                                   const HearingPoint& point, double damping) {
    return Muffler(drum, state, point, damping).with(pads);
}

} // namespace bombo
