#include "core/muffling/padded_modes.h"

#include "core/dense/dense.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

using Complex = std::complex<double>;
constexpr int kMostTurns = 30;
constexpr double kSettled = 1e-9; // of its pitch, so that light things are told from none
constexpr double kRoughly = 1e-5;

/// An eigenvalue of a symmetric (not Hermitian) 2 x 2 matrix with its vector.
struct Branch {
    Complex value;
    Eigen::Vector2cd along;
};

std::array<Branch, 2> branchesOf(const Eigen::Matrix2cd& load) {
    const Complex mean = 0.5 * (load(0, 0) + load(1, 1));
    const Complex half = 0.5 * (load(0, 0) - load(1, 1));
    const Complex across = load(0, 1);
    if (std::norm(half) + std::norm(across) < 1e-18 * std::norm(mean) + 1e-300)
        return {Branch{load(0, 0), Eigen::Vector2cd::UnitX()}, Branch{load(1, 1), Eigen::Vector2cd::UnitY()}};
    const Complex root = std::sqrt(half * half + across * across);
    std::array<Branch, 2> found;
    for (std::size_t i = 0; i < 2; ++i) {
        const Complex value = i == 0 ? root : -root;
        // (half - value) x + across y = 0 and across x - (half + value) y = 0; the larger row tells more.
        Eigen::Vector2cd v = std::norm(half - value) > std::norm(half + value)
                                 ? Eigen::Vector2cd(-across, half - value)
                                 : Eigen::Vector2cd(half + value, across);
        v.normalize();
        found[i] = {mean + value, v};
    }
    return found;
}

double antinodeOf(int m, const Eigen::Vector2cd& along) {
    if (m == 0)
        return 0.0;
    const Eigen::Matrix2d moves = (along * along.adjoint()).real();
    return 0.5 * std::atan2(2.0 * moves(0, 1), moves(0, 0) - moves(1, 1)) / m;
}

/// Force over deflection of a mode left to itself.
Complex ownStiffness(const DampedMode& own, Complex omega) {
    constexpr Complex i(0.0, 1.0);
    return own.mode.modalMass.value *
           (own.omega * own.omega + own.rate * own.rate - omega * omega + 2.0 * i * own.rate * omega);
}

constexpr double kSame = 1e-5;
constexpr double kNearlySame = 0.01; ///< as two ways of solving may differ

/// Whether the secants ended at what a drum can do.
bool isMotion(const PaddedMember& member) {
    return std::isfinite(member.omega) && member.omega > 0.0 && std::isfinite(member.rate) &&
           member.rate > 0.0;
}

bool isOneMotion(const PaddedMember& a, const PaddedMember& b, double share) {
    if (std::hypot(a.omega - b.omega, a.rate - b.rate) > share * a.omega)
        return false;
    Complex both = 0.0;
    double one = 0.0;
    double other = 0.0;
    for (std::size_t k = 0; k < a.moves.size(); ++k) {
        both += a.moves[k].dot(b.moves[k]);
        one += a.moves[k].squaredNorm();
        other += b.moves[k].squaredNorm();
    }
    return std::norm(both) > 0.8 * one * other;
}

Eigen::Index columnOf(std::size_t index) {
    return 2 * static_cast<Eigen::Index>(index);
}

/// Both members of every mode at every point, points by columns.
Eigen::MatrixXd shapesAt(const std::vector<DampedMode>& modes, const std::vector<FacePoint>& points) {
    Eigen::MatrixXd shapes(static_cast<Eigen::Index>(points.size()), columnOf(modes.size()));
    for (std::size_t p = 0; p < points.size(); ++p) {
        std::array<ShapeVector, kHighestM + 1> values;
        for (int m = 0; m <= kHighestM; ++m)
            values[static_cast<std::size_t>(m)] = shapeValues(m, points[p].radius);
        std::array<double, kHighestM + 1> cosine;
        std::array<double, kHighestM + 1> sine;
        for (int m = 0; m <= kHighestM; ++m) {
            cosine[static_cast<std::size_t>(m)] = std::cos(m * points[p].angle);
            sine[static_cast<std::size_t>(m)] = std::sin(m * points[p].angle);
        }
        for (std::size_t k = 0; k < modes.size(); ++k) {
            const auto m = static_cast<std::size_t>(modes[k].mode.m);
            double shape = 0.0;
            for (std::size_t n = 0; n < kRadialShapes; ++n)
                shape += modes[k].mode.batterShape[n] * values[m][n];
            const auto row = static_cast<Eigen::Index>(p);
            shapes(row, columnOf(k)) = shape * cosine[m];
            shapes(row, columnOf(k) + 1) = shape * sine[m];
        }
    }
    return shapes;
}

} // namespace

struct PaddedModes::Load {
    Eigen::Matrix2cd onPair;
    Eigen::MatrixXcd forces; ///< along every way, by 1 m of either member
};

PaddedModes::PaddedModes(const std::vector<DampedMode>& modes, const std::vector<PadParts>& things,
                         const DrumState& state)
    : m_modes(modes), m_things(things), m_film(filmGivesWay(things, state)) {
    m_reach.resize(m_film.rows(), columnOf(m_modes.size()));
    Eigen::Index row = 0;
    for (std::size_t t = 0; t < things.size(); ++t) {
        const Eigen::Index ways = things[t].moves.rows();
        m_thingOf.insert(m_thingOf.end(), static_cast<std::size_t>(ways), t);
        m_reach.middleRows(row, ways) = things[t].moves * shapesAt(m_modes, things[t].points);
        row += ways;
    }
    for (std::size_t k = 0; k < m_modes.size(); ++k) {
        const auto reach = m_reach.middleCols<2>(columnOf(k));
        m_film -= reach * reach.transpose() / ownStiffness(m_modes[k], 0.0).real();
    }
    // What is left is small where the modes say nearly all; rounding and the mean over patches may leave less
    // than nothing.
    m_film.diagonal() = m_film.diagonal().cwiseMax(0.0);
}

PaddedModes::Load PaddedModes::load(std::size_t index, Complex omega) const {
    const Eigen::Index ways = m_reach.rows();
    Eigen::MatrixXcd given(ways, m_reach.cols()); // by the other modes
    for (std::size_t k = 0; k < m_modes.size(); ++k) {
        const Complex stiffness = ownStiffness(m_modes[k], omega);
        const Complex gives = k == index ? 0.0 : std::conj(stiffness) / std::norm(stiffness);
        given.middleCols<2>(columnOf(k)) = gives * m_reach.middleCols<2>(columnOf(k));
    }
    Eigen::MatrixXcd system(ways, ways);
    system.real() = m_film + given.real() * m_reach.transpose();
    system.imag() = given.imag() * m_reach.transpose();
    std::vector<Complex> stiff;
    for (const PadParts& thing : m_things)
        stiff.push_back(dynamicStiffness(thing, omega));
    Eigen::MatrixXcd forces = m_reach.middleCols<2>(columnOf(index)).cast<Complex>();
    for (Eigen::Index i = 0; i < ways; ++i) {
        system.row(i) *= stiff[m_thingOf[static_cast<std::size_t>(i)]];
        forces.row(i) *= stiff[m_thingOf[static_cast<std::size_t>(i)]];
        system(i, i) += 1.0;
    }
    Load load;
    load.forces = solved(system, forces);
    load.onPair = m_reach.middleCols<2>(columnOf(index)).transpose().cast<Complex>() * load.forces;
    return load;
}

PaddedMember PaddedModes::follow(std::size_t index, std::size_t member, double settled) const {
    constexpr Complex i(0.0, 1.0);
    const DampedMode& own = m_modes[index];
    const double mass = own.mode.modalMass.value;
    const double square = own.omega * own.omega + own.rate * own.rate;
    Complex before = i * own.rate + own.omega;
    Eigen::Vector2cd along = Eigen::Vector2cd::UnitX();
    if (own.mode.m > 0)
        along = branchesOf(load(index, before).onPair)[member].along;
    Eigen::VectorXcd forces;
    Complex value;
    // What is left of the force at a pitch, along the member that lies most as it did.
    const auto left = [&](Complex omega) {
        const Load things = load(index, omega);
        value = things.onPair(0, 0);
        if (own.mode.m > 0) {
            double overlap = -1.0;
            Eigen::Vector2cd nearest = along;
            for (const Branch& branch : branchesOf(things.onPair))
                if (const double o = std::abs(branch.along.dot(along)); o > overlap) {
                    overlap = o;
                    nearest = branch.along;
                    value = branch.value;
                }
            along = nearest;
        }
        forces = things.forces * along;
        return ownStiffness(own, omega) + value;
    };
    Complex leftBefore = left(before);
    Complex omega = before * (1.0 + 1e-6 * (1.0 + i));
    // As if the things were a mass of this size, which is what they mostly are.
    const Complex share = 1.0 - value / (mass * before * before);
    const Complex guess = (i * own.rate + std::sqrt(share * square - own.rate * own.rate)) / share;
    if (std::abs(guess - before) > 1e-7 * own.omega && guess.real() > 0.2 * own.omega)
        omega = guess;
    Complex slope;
    for (int turn = 0; turn < kMostTurns; ++turn) {
        const Complex now = left(omega);
        slope = (now - leftBefore) / (omega - before);
        Complex step = -now / slope;
        if (const double longest = 0.3 * own.omega; std::abs(step) > longest)
            step *= longest / std::abs(step);
        before = omega;
        leftBefore = now;
        omega += step;
        if (std::abs(step) < settled * own.omega)
            break;
    }
    PaddedMember found{omega.real(), omega.imag(), antinodeOf(own.mode.m, along), 2.0 / std::abs(slope), {}};
    for (std::size_t k = 0; k < m_modes.size(); ++k)
        found.moves.push_back(
            k == index ? along
                       : Eigen::Vector2cd(-(m_reach.middleCols<2>(columnOf(k)).transpose() * forces) /
                                          ownStiffness(m_modes[k], omega)));
    return found;
}

std::vector<PaddedMember> PaddedModes::alone(std::size_t index) const {
    const DampedMode& own = m_modes[index];
    std::vector<PaddedMember> members;
    for (int member = 0; member < (own.mode.m == 0 ? 1 : 2); ++member) {
        members.push_back({own.omega, own.rate, member * 0.5 * std::numbers::pi / std::max(1, own.mode.m),
                           1.0 / (own.mode.modalMass.value * own.omega),
                           std::vector<Eigen::Vector2cd>(m_modes.size(), Eigen::Vector2cd::Zero())});
        members.back().moves[index][member] = 1.0;
    }
    return members;
}

std::vector<PaddedMember> PaddedModes::motionsAt(double omega) const {
    constexpr Complex i(0.0, 1.0);
    const Eigen::Index modes = m_reach.cols();
    const Eigen::Index ways = m_reach.rows();
    // The film under a way is a spring between the modes and the thing; where it hardly gives way, a stiff
    // one.
    Eigen::MatrixXd gives = m_film;
    gives.diagonal().array() += 1e-4 * m_film.diagonal().maxCoeff();
    const Eigen::MatrixXd spring = inverted(gives);
    Eigen::MatrixXcd stiffness = Eigen::MatrixXcd::Zero(modes + ways, modes + ways);
    stiffness.topLeftCorner(modes, modes) = (m_reach.transpose() * spring * m_reach).cast<Complex>();
    stiffness.topRightCorner(modes, ways) = -(m_reach.transpose() * spring).cast<Complex>();
    stiffness.bottomLeftCorner(ways, modes) = -(spring * m_reach).cast<Complex>();
    stiffness.bottomRightCorner(ways, ways) = spring.cast<Complex>();
    Eigen::VectorXcd mass(modes + ways);
    for (std::size_t k = 0; k < m_modes.size(); ++k)
        for (Eigen::Index at = columnOf(k); at < columnOf(k) + 2; ++at) {
            const DampedMode& own = m_modes[k];
            mass[at] = own.mode.modalMass.value;
            stiffness(at, at) += mass[at] * (own.omega * own.omega + 2.0 * i * own.rate * own.omega);
        }
    for (Eigen::Index w = 0; w < ways; ++w) {
        const PadParts& thing = m_things[m_thingOf[static_cast<std::size_t>(w)]];
        // What is without mass and loss still has to move.
        mass[modes + w] = (thing.stiffness - dynamicStiffness(thing, omega)) / (omega * omega) + 1e-9;
        stiffness(modes + w, modes + w) += thing.stiffness;
    }
    const Eigen::MatrixXcd system = mass.cwiseInverse().asDiagonal() * stiffness;
    const ComplexAxes axes = complexAxes(system);
    std::vector<PaddedMember> motions;
    for (Eigen::Index r = 0; r < system.rows(); ++r) {
        const Complex pitch = std::sqrt(axes.values[r]);
        Eigen::VectorXcd v = axes.vectors.col(r);
        v /= std::sqrt((v.transpose() * mass.asDiagonal() * v)(0, 0));
        PaddedMember motion{std::abs(pitch.real()), std::abs(pitch.imag()), 0.0, 1.0 / std::abs(pitch), {}};
        for (std::size_t k = 0; k < m_modes.size(); ++k)
            motion.moves.emplace_back(v.segment<2>(columnOf(k)));
        motions.push_back(std::move(motion));
    }
    return motions;
}

void PaddedModes::mend(std::vector<Followed>& followed, Care care) const {
    const auto partOf = [&](const PaddedMember& motion, std::size_t index) {
        double sum = 0.0;
        for (std::size_t k = 0; k < m_modes.size(); ++k)
            sum += m_modes[k].mode.modalMass.value * motion.moves[k].squaredNorm();
        return m_modes[index].mode.modalMass.value * motion.moves[index].squaredNorm() / sum;
    };
    std::vector<PaddedMember> motions; // all there are, once they are needed
    // Of those that nobody was led to the one in which its mode has most part.
    const auto leadOn = [&](Followed& lost) {
        if (motions.empty())
            motions = motionsAt(m_modes[lost.index].omega);
        double most = 0.0;
        PaddedMember next = lost.found;
        for (const PaddedMember& motion : motions) {
            const double part = partOf(motion, lost.index);
            const bool taken = std::any_of(followed.begin(), followed.end(), [&](const Followed& other) {
                return isOneMotion(motion, other.found, kNearlySame);
            });
            if (!taken && part > most) {
                most = part;
                next = motion;
            }
        }
        next.antinode = antinodeOf(m_modes[lost.index].mode.m, next.moves[lost.index]);
        lost.found = next;
    };
    for (Followed& one : followed)
        if (!isMotion(one.found))
            leadOn(one);
    if (care != Care::Apart)
        return;
    for (std::size_t a = 0; a < followed.size(); ++a)
        for (std::size_t b = 0; b < a; ++b)
            if (isOneMotion(followed[a].found, followed[b].found, kSame))
                leadOn(partOf(followed[a].found, followed[a].index) <
                               partOf(followed[b].found, followed[b].index)
                           ? followed[a]
                           : followed[b]);
}

std::vector<std::vector<PaddedMember>> PaddedModes::membersOf(const std::vector<std::size_t>& indices,
                                                              Care care) const {
    std::vector<std::vector<PaddedMember>> all(indices.size());
    std::vector<Followed> followed;
    for (std::size_t place = 0; place < indices.size(); ++place) {
        const std::size_t index = indices[place];
        if (m_things.empty()) {
            all[place] = alone(index);
            continue;
        }
        for (std::size_t member = 0; member < (m_modes[index].mode.m == 0 ? 1U : 2U); ++member)
            followed.push_back(
                {place, index, follow(index, member, care == Care::Rough ? kRoughly : kSettled)});
    }
    mend(followed, care);
    for (Followed& one : followed)
        all[one.place].push_back(std::move(one.found));
    return all;
}

} // namespace bombo
