#include "core/muffling/calibration.h"

#include "core/muffling/padded_modes.h"
#include "core/muffling/ringed_modes.h"
#include "core/units/median.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace bombo {
namespace {

/// What the thing did to a partial.
struct Change {
    double moved = 0; ///< ln of with over without
    double falls = 0; ///< by how much faster, 1/s
};

/// Logarithm of the mass, loss factor and drag.
using Figures = Eigen::Vector3d;

class Fit {
public:
    Fit(const DrumState& state, const Pad& pad, const std::vector<HeardBoth>& partials,
        const std::vector<Pad>& others)
        : m_state(state), m_pad(pad), m_others(others) {
        for (CoupledMode& mode : coupledModes(state, {.perM = kRadialShapes})) {
            const double omega = kTwoPi * mode.frequency.value;
            m_modes.push_back({std::move(mode), omega, 4.0 + 0.0025 * omega});
        }
        for (const HeardBoth& heard : partials) {
            const auto found = std::find_if(m_modes.begin(), m_modes.end(), [&](const DampedMode& own) {
                return own.mode.m == heard.m && own.mode.order == heard.order;
            });
            if (found == m_modes.end() || !(heard.t60With.value > 0.0) || !(heard.t60Without.value > 0.0) ||
                !(heard.with.value > 0.0) || !(heard.without.value > 0.0))
                continue;
            found->rate = kRateOf60Db / heard.t60Without.value;
            m_heard.push_back({std::log(heard.with / heard.without),
                               kRateOf60Db * (1.0 / heard.t60With.value - 1.0 / heard.t60Without.value)});
            m_indices.push_back(static_cast<std::size_t>(found - m_modes.begin()));
        }
        m_without = membersUnder(others);
    }
    const std::vector<Change>& heard() const { return m_heard; }

    std::vector<Change> with(const Figures& at) const {
        Pad pad = m_pad;
        pad.kind.mass = Kilograms{std::exp(at[0])};
        pad.kind.lossFactor = at[1];
        pad.kind.lossRises = 0.0;
        pad.kind.resistance = at[2];
        std::vector<Pad> all = m_others;
        all.push_back(pad);
        const std::vector<PaddedMember> members = membersUnder(all);
        std::vector<Change> changes;
        for (std::size_t i = 0; i < members.size(); ++i)
            changes.push_back(
                {std::log(members[i].omega / m_without[i].omega), members[i].rate - m_without[i].rate});
        return changes;
    }

    /// The mass with which these figures explain most, of forty from the lightest to the heaviest.
    Figures withBestMass(double loss, double drag) const {
        constexpr int walk = 40;
        const double lowest = std::log(kLightestThing.value);
        const double step = (std::log(kHeaviestThing.value) - lowest) / walk;
        Figures best;
        double least = std::numeric_limits<double>::max();
        for (int i = 0; i <= walk; ++i) {
            const Figures at(lowest + i * step, loss, drag);
            if (const double now = residuals(at).squaredNorm(); now < least) {
                least = now;
                best = at;
            }
        }
        return best;
    }

    struct Found {
        Figures at;
        double left = 0; ///< weighted sum of squares
    };
    /// By Levenberg's damped steps. @param withLoss else the loss stays as it is
    Found best(Figures at, bool withLoss) const {
        Eigen::VectorXd here = residuals(at);
        double damping = 1e-3;
        for (int step = 0; step < 40 && damping < 1e6; ++step) {
            const Figures by(1e-4, 1e-4 + 1e-3 * at[1], 1e-3 + 1e-3 * at[2]);
            Eigen::MatrixXd slope = Eigen::MatrixXd::Zero(here.size(), 3);
            for (int k = 0; k < 3; ++k) {
                if (k == 1 && !withLoss)
                    continue;
                Figures moved = at;
                moved[k] += by[k];
                slope.col(k) = (residuals(moved) - here) / by[k];
                if (k > 0 && at[k] <= 0.0 && slope.col(k).dot(here) > 0.0)
                    slope.col(k).setZero(); // at its bound, and it would go below
            }
            Eigen::Matrix3d normal = slope.transpose() * slope;
            normal.diagonal() += damping * normal.diagonal().cwiseMax(1e-12);
            Figures next = at - Figures(normal.ldlt().solve(slope.transpose() * here));
            next[0] = std::clamp(next[0], std::log(kLightestThing.value), std::log(kHeaviestThing.value));
            next[1] = std::clamp(next[1], 0.0, 2.0);
            next[2] = std::clamp(next[2], 0.0, 500.0);
            const Eigen::VectorXd there = residuals(next);
            if (!(there.squaredNorm() < here.squaredNorm())) {
                damping *= 5.0;
                continue;
            }
            const bool settled = here.squaredNorm() - there.squaredNorm() < 1e-10 * here.squaredNorm();
            at = next;
            here = there;
            damping *= 0.2;
            if (settled)
                break;
        }
        return {at, here.squaredNorm()};
    }

    bool explains(const Figures& at) const {
        const std::vector<Change> told = with(at);
        std::vector<double> left;
        std::vector<double> moved;
        for (std::size_t i = 0; i < told.size(); ++i) {
            left.push_back(std::abs(told[i].moved - m_heard[i].moved));
            moved.push_back(std::abs(m_heard[i].moved));
        }
        return std::exp(at[0]) > 1.05 * kLightestThing.value && medianOf(left) < 0.5 * medianOf(moved);
    }

private:
    /// Of every heard partial the member that lies under the thing.
    std::vector<PaddedMember> membersUnder(const std::vector<Pad>& pads) const {
        const Laid laid = laidOut(pads, m_state);
        const std::vector<DampedMode> modes = withRings(m_modes, laid.rings, m_state);
        std::vector<PaddedMember> under;
        // Told apart or not: a jump from one motion to another would end every search.
        for (const auto& members :
             PaddedModes(modes, laid.things, m_state).membersOf(m_indices, Care::Smooth)) {
            const int m = m_modes[m_indices[under.size()]].mode.m;
            under.push_back(*std::max_element(
                members.begin(), members.end(), [&](const PaddedMember& a, const PaddedMember& b) {
                    const auto facing = [&](const PaddedMember& member) {
                        return std::abs(std::cos(m * (member.antinode - m_pad.angle.value)));
                    };
                    return facing(a) < facing(b);
                }));
        }
        return under;
    }

    /// Intervals to 3 cents, added rates to a twentieth of what there is: what hearing a stroke or two
    /// leaves. Beyond eight times that it is another partial, and counts no more.
    Eigen::VectorXd residuals(const Figures& at) const {
        constexpr double stray = 8.0;
        const auto bounded = [](double x) { return stray * std::atan(x / stray); };
        const std::vector<Change> told = with(at);
        Eigen::VectorXd left(2 * static_cast<Eigen::Index>(told.size()));
        for (std::size_t i = 0; i < told.size(); ++i) {
            const double rate = m_modes[m_indices[i]].rate + std::abs(m_heard[i].falls);
            const auto row = 2 * static_cast<Eigen::Index>(i);
            left[row] = bounded((told[i].moved - m_heard[i].moved) / 0.0017);
            left[row + 1] = bounded((told[i].falls - m_heard[i].falls) / (0.05 * rate));
        }
        return left;
    }

    DrumState m_state;
    Pad m_pad;
    std::vector<Pad> m_others;
    std::vector<DampedMode> m_modes;
    std::vector<Change> m_heard;
    std::vector<std::size_t> m_indices; ///< of the modes that were heard
    std::vector<PaddedMember> m_without;
};

} // namespace

Result<PadKind, CalibrationFault> calibrateKind(const DrumState& state, const Pad& pad,
                                                const std::vector<HeardBoth>& partials,
                                                const std::vector<Pad>& others) {
    const Fit fit(state, pad, partials, others);
    if (fit.heard().empty())
        return failure(CalibrationFault::TooFewPartials);
    if (std::all_of(fit.heard().begin(), fit.heard().end(),
                    [](const Change& change) { return change.falls <= 0.0; }))
        return failure(CalibrationFault::NothingChanged);
    // Cloth, gel and what is both: the best of what they lead to.
    const bool withLoss = fit.heard().size() > 1;
    Fit::Found found{{}, std::numeric_limits<double>::max()};
    for (const std::array<double, 2>& from :
         {std::array{0.0, 0.3}, std::array{0.0, 3.0}, std::array{0.3, 0.0}, std::array{0.1, 1.0}}) {
        if (from[0] > 0.0 && !withLoss)
            continue;
        const Fit::Found one = fit.best(fit.withBestMass(from[0], from[1]), withLoss);
        if (one.left < found.left)
            found = one;
    }
    if (found.at[1] <= 0.0 && found.at[2] <= 0.0)
        return failure(CalibrationFault::NothingChanged);
    if (!fit.explains(found.at))
        return failure(CalibrationFault::DoesNotFit);
    PadKind kind = pad.kind;
    kind.mass = Kilograms{std::exp(found.at[0])};
    kind.lossFactor = found.at[1];
    kind.lossRises = 0.0;
    kind.resistance = found.at[2];
    return kind;
}

} // namespace bombo
