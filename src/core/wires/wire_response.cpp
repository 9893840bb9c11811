#include "core/wires/wire_response.h"

#include "core/acoustics/bessel.h"
#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr Hertz kHighestFelt{1500.0};
constexpr Hertz kSoftTip{1800.0};
// A body that bounces on a swinging head with restitution e goes on while the head's acceleration is above pi
// (1 - e) / (1 + e) of its pull; a coil on film, 3 % of critical damping in the contact: e = 0.91.
constexpr double kRestitution = 0.91;
constexpr double kKeepsBouncing = std::numbers::pi * (1.0 - kRestitution) / (1.0 + kRestitution);
constexpr Metres kStrandBend{0.2e-3}; // by which the strands are bent over the head at rest; estimate
constexpr double kStrandsReach = 0.8; // of the radius, to either side of the middle

double radiusOf(StrokePlace place) {
    return place == StrokePlace::Edge ? 0.75 : 0.08;
}

} // namespace

std::vector<StrokeMode> strokeModes(const Drum& drum, const DrumState& state, StrokePlace place) {
    std::vector<StrokeMode> modes;
    for (const CoupledMode& mode : coupledModes(state)) {
        if (mode.frequency > kHighestFelt)
            continue;
        const double softTip = std::exp(-std::pow(mode.frequency / kSoftTip, 2));
        StrokeMode stroke{mode.frequency, decayRate(mode, drum), mode.modalMass,
                          shapeAt(mode.m, mode.batterShape, radiusOf(place)) * softTip /
                              mode.modalMass.value};
        for (std::size_t i = 0; i < kUnderWires.size(); ++i) // the stroke lies over the wires
            stroke.under[i] = shapeAt(mode.m, mode.snareSideShape, std::abs(kUnderWires[i])) *
                              (kUnderWires[i] < 0.0 && mode.m % 2 != 0 ? -1.0 : 1.0);
        modes.push_back(stroke);
    }
    std::sort(modes.begin(), modes.end(),
              [](const StrokeMode& a, const StrokeMode& b) { return a.frequency < b.frequency; });
    return modes;
}

namespace {

/// Highest acceleration with which the head falls back under the wires, mean over the places.
double driveOf(const std::vector<StrokeMode>& modes) {
    constexpr double step = 5e-5; // s: thirteen to a period of the highest mode
    constexpr double until = 0.03;
    std::array<double, kUnderWires.size()> highest{};
    for (double t = step; t < until; t += step) {
        std::array<double, kUnderWires.size()> falling{};
        for (const StrokeMode& mode : modes) {
            const double omega = 2.0 * std::numbers::pi * mode.frequency.value;
            // From rest with that velocity: the deflection is v/w sin(w t), the acceleration -v w sin(w t).
            const double acceleration =
                mode.velocity * omega * std::exp(-mode.rate * t) * std::sin(omega * t);
            for (std::size_t i = 0; i < falling.size(); ++i)
                falling[i] += acceleration * mode.under[i];
        }
        for (std::size_t i = 0; i < falling.size(); ++i)
            highest[i] = std::max(highest[i], falling[i]);
    }
    double sum = 0.0;
    for (const double one : highest)
        sum += one;
    return sum / static_cast<double>(highest.size());
}

} // namespace

double wireDrive(const Drum& drum, const DrumState& state, StrokePlace place) {
    return driveOf(strokeModes(drum, state, place));
}

Turns chokeShift(const Drum& drum, const DrumState& from, const DrumState& to, StrokePlace place,
                 Turns reach) {
    const double ratio = wireDrive(drum, to, place) / wireDrive(drum, from, place);
    return (ratio - 1.0) * reach;
}

EighthMore eighthMore(const Drum& drum, const DrumState& state, Tension perTurn, Turns reach) {
    DrumState then = state;
    then.snareSide.tension = state.snareSide.tension + 0.125 * perTurn;
    EighthMore more;
    more.room = chokeShift(drum, state, then, StrokePlace::Edge, reach);
    more.loadNow = filmLoad(drum.snareSideHead, state.snareSide.tension);
    more.loadThen = filmLoad(drum.snareSideHead, then.snareSide.tension);
    more.raised = Cents{600.0 * std::log2(then.snareSide.tension / state.snareSide.tension)};
    return more;
}

Seconds strikeLength(const std::vector<StrokeMode>& modes, double belowChokeDb) {
    if (belowChokeDb <= 0.0 || modes.empty())
        return {};
    // Envelope of the acceleration at each place, mean over them.
    const auto envelopeAt = [&](double t) {
        double sum = 0.0;
        for (std::size_t i = 0; i < kUnderWires.size(); ++i) {
            double squares = 0.0;
            for (const StrokeMode& mode : modes)
                squares += std::pow(2.0 * std::numbers::pi * mode.frequency.value * mode.velocity *
                                        mode.under[i] * std::exp(-mode.rate * t),
                                    2);
            sum += std::sqrt(squares);
        }
        return sum / static_cast<double>(kUnderWires.size());
    };
    const double pull = driveOf(modes) * std::pow(10.0, -belowChokeDb / 20.0);
    const double least = pull * kKeepsBouncing;
    double low = 0.0;
    double high = 20.0;
    for (int i = 0; i < 45; ++i) {
        const double middle = 0.5 * (low + high);
        (envelopeAt(middle) > least ? low : high) = middle;
    }
    return {low};
}

WirePull wirePull(const Drum& drum, Tension snareSide, Turns knob, Turns whisperChoke, Turns contact) {
    const double a = drum.shell.radius().value;
    const double reach = kStrandsReach * a;
    WirePull pull;
    pull.force = kWhisperPull * std::pow(10.0, pullDb(knob, whisperChoke, contact) / 20.0) * kWiresThatPress *
                 drum.wires.mass.value;
    // A string of length 2 l bent by h under an even load F pulls with F 2 l / (8 h).
    pull.strands = pull.force * 2.0 * reach / (8.0 * kStrandBend.value);
    // Green's function of the disc, ln(a / x) / (2 pi T) from x to the middle, over the line.
    pull.bend = Metres{pull.force / (2.0 * std::numbers::pi * snareSide.value) * (1.0 + std::log(a / reach))};
    // Rayleigh: strands S integral of (dw/dx)^2 dx against T integral of (grad w)^2 dA for w = J0(j r / a).
    const double zero = besselZeros(0, 1).front();
    constexpr int steps = 200;
    double along = 0.0;
    for (int i = 0; i < steps; ++i)
        along +=
            2.0 * kStrandsReach / steps * std::pow(besselJ(1, zero * kStrandsReach * (i + 0.5) / steps), 2);
    const double head = snareSide.value * a * std::numbers::pi * std::pow(besselJ(1, zero), 2);
    constexpr double lyingOnIt = 0.5; // of each swing
    pull.raised = Cents{600.0 * std::log2(1.0 + lyingOnIt * pull.strands * along / head)};
    return pull;
}

std::optional<Tension> tightEnough(const Drum& drum, const DrumState& state, Turns span, Turns reach,
                                   Turns wanted) {
    if (span >= wanted)
        return state.snareSide.tension;
    const auto spanAt = [&](Tension tension) {
        DrumState there = state;
        there.snareSide.tension = tension;
        return span + chokeShift(drum, state, there, StrokePlace::Edge, reach);
    };
    // Not monotonic: where the lowest modes of both heads cross, the wires get more than on either side of
    // it.
    constexpr int steps = 20;
    const Tension high = tensionAtLoad(drum.snareSideHead, kFilmLoadLimit);
    const Tension step = (1.0 / steps) * (high - state.snareSide.tension);
    for (int i = 1; i <= steps && step.value > 0.0; ++i) {
        const Tension there = state.snareSide.tension + static_cast<double>(i) * step;
        if (spanAt(there) >= wanted)
            return there;
    }
    return std::nullopt;
}

KnobPlace whereLengthsMeet(const std::vector<LengthPoint>& points, Turns rattle, Turns choke) {
    constexpr double scatter = 0.25;    // of ln(buzz / tone) from stroke to stroke; estimate
    constexpr double levelSpread = 0.5; // of it at 0.3 of the span, before anything was heard
    const double span = std::max(0.5, (choke - rattle).value);
    const double equal = rattle.value + 0.3 * span;
    const Eigen::Vector2d usual(0.0, -std::log(3.0) / (0.5 * span));
    Eigen::Matrix2d certainty = Eigen::Matrix2d::Zero();
    certainty(0, 0) = 1.0 / (levelSpread * levelSpread);
    certainty(1, 1) = 1.0 / std::pow(0.5 * usual[1], 2);
    Eigen::Vector2d right = certainty * usual;
    for (const LengthPoint& point : points) {
        const Eigen::Vector2d row(1.0, point.turns.value - equal);
        certainty += row * row.transpose() / (scatter * scatter);
        right += row * std::log(point.buzz / point.tone) / (scatter * scatter);
    }
    const Eigen::Matrix2d covariance = certainty.inverse();
    const Eigen::Vector2d line = covariance * right;
    const double slope = std::min(line[1], 0.2 * usual[1]); // a tighter knob never buzzes longer
    const double at = equal - line[0] / slope;
    const Eigen::Vector2d row(1.0, at - equal);
    return {Turns{at}, Turns{std::sqrt(row.dot(covariance * row)) / -slope}};
}

} // namespace bombo
