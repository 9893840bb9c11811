#include "core/practice/padded_drum.h"

#include "core/dense/dense.h"

#include <algorithm>
#include <cmath>
#include <complex>

namespace bombo {
namespace {

using Complex = std::complex<double>;
constexpr Complex kI(0.0, 1.0);
constexpr Kilograms kSponge{0.006}; ///< what a user's own thing weighs in truth
constexpr double kSpongeLoss = 0.45;
constexpr double kGone = 350.0; // 1/s: 60 dB within 20 ms

/// A piece of a thing.
struct Body {
    Eigen::VectorXd under; ///< how the modes move the film there
    Complex mass;          ///< with its losses
    double spring = 0;     ///< of the film under it, N/m
    double held = 0;       ///< spring from a fixed place, N/m
};

std::vector<Body> bodiesOf(const std::vector<DampedMode>& modes, const HiddenNature& nature,
                           const std::vector<Pad>& pads, const DrumState& heads, double omega) {
    std::vector<Body> bodies;
    const double hertz = omega / kTwoPi;
    const double losses = nature.padLoss * std::pow(hertz / kLossAt.value, nature.padLossSlope);
    for (Pad pad : pads) {
        if (isOwnKind(pad.kind) && pad.kind.mass.value == 0.0) { // the user's own, not calibrated yet
            pad.kind.mass = kSponge;
            pad.kind.lossFactor = kSpongeLoss;
            pad.kind.lossRises = 0.0;
        }
        const double mass = massOn(pad.kind, heads.radius).value;
        const double drag =
            pad.kind.resistance * (pad.kind.withTension ? heads.batter.tension / kKindTension : 1.0);
        const double loss = pad.kind.lossFactor * std::pow(hertz / kLossAt.value, pad.kind.lossRises);
        const std::vector<FacePoint> face = facePoints(pad, heads.radius);
        for (const FacePoint& point : face) {
            Body body;
            body.under.resize(2 * static_cast<Eigen::Index>(modes.size()));
            for (std::size_t k = 0; k < modes.size(); ++k) {
                const CoupledMode& mode = modes[k].mode;
                const double shape = shapeAt(mode.m, mode.batterShape, std::min(1.0, point.radius));
                body.under[2 * static_cast<Eigen::Index>(k)] = shape * std::cos(mode.m * point.angle);
                body.under[2 * static_cast<Eigen::Index>(k) + 1] = shape * std::sin(mode.m * point.angle);
            }
            body.mass = point.weight * (mass * (1.0 - kI * losses * loss) - kI * losses * drag / omega);
            body.held = point.weight * pad.kind.stiffness;
            // A ring of film from the rim of the thing to a sixth of the head, which its pieces share: beyond
            // it the modes tell what the film does. Film under what is wide gives way by them alone.
            const double outward = pad.kind.footprint == Footprint::Disc
                                       ? std::log(0.18 * heads.radius.value / pad.kind.radius.value)
                                       : 0.0;
            body.spring = nature.filmGives * kTwoPi * heads.batter.tension.value * point.weight /
                          std::max(0.03, outward);
            bodies.push_back(std::move(body));
        }
    }
    return bodies;
}

std::vector<PaddedMotion> motionsAt(const std::vector<DampedMode>& modes, const HiddenNature& nature,
                                    const std::vector<Pad>& pads, const DrumState& heads, double omega) {
    const std::vector<Body> bodies = bodiesOf(modes, nature, pads, heads, omega);
    const auto count = 2 * static_cast<Eigen::Index>(modes.size());
    const Eigen::Index all = count + static_cast<Eigen::Index>(bodies.size());
    Eigen::VectorXcd mass = Eigen::VectorXcd::Zero(all);
    Eigen::MatrixXcd stiffness = Eigen::MatrixXcd::Zero(all, all);
    for (std::size_t k = 0; k < modes.size(); ++k)
        for (Eigen::Index i = 2 * static_cast<Eigen::Index>(k); i < 2 * static_cast<Eigen::Index>(k) + 2;
             ++i) {
            const DampedMode& own = modes[k];
            mass[i] = own.mode.modalMass.value;
            stiffness(i, i) = mass[i] * (own.omega * own.omega + 2.0 * kI * own.rate * own.omega);
        }
    for (std::size_t b = 0; b < bodies.size(); ++b) {
        const Eigen::Index row = count + static_cast<Eigen::Index>(b);
        const Body& body = bodies[b];
        mass[row] = body.mass;
        stiffness(row, row) += body.spring + body.held;
        stiffness.topLeftCorner(count, count) += body.spring * body.under * body.under.transpose();
        stiffness.col(row).head(count) -= (body.spring * body.under).cast<Complex>();
        stiffness.row(row).head(count) -= (body.spring * body.under).transpose().cast<Complex>();
    }
    const Eigen::MatrixXcd system = mass.cwiseInverse().asDiagonal() * stiffness;
    const ComplexAxes axes = complexAxes(system);
    std::vector<PaddedMotion> motions;
    for (Eigen::Index r = 0; r < all; ++r) {
        Complex pitch = std::sqrt(axes.values[r]);
        if (pitch.real() < 0.0)
            pitch = -pitch;
        if (std::abs(pitch.imag()) > kGone)
            continue;
        Eigen::VectorXcd v = axes.vectors.col(r);
        v /= std::sqrt((v.transpose() * mass.asDiagonal() * v)(0, 0));
        motions.push_back({pitch.real(), std::abs(pitch.imag()), v.head(count).real()});
    }
    return motions;
}

} // namespace

std::vector<PaddedMotion> paddedMotions(const std::vector<DampedMode>& modes, const HiddenNature& nature,
                                        const std::vector<Pad>& pads, const DrumState& heads) {
    std::vector<PaddedMotion> motions;
    for (const double hertz : {250.0, 600.0})
        for (PaddedMotion& motion : motionsAt(modes, nature, pads, heads, kTwoPi * hertz))
            if ((motion.omega < kTwoPi * 400.0) == (hertz < 400.0))
                motions.push_back(std::move(motion));
    return motions;
}

} // namespace bombo
