#include "core/muffling/padded_modes.h"

#include "core/acoustics/bessel.h"

#include <Eigen/Dense>
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
Complex ownStiffness(const OwnMode& own, Complex omega) {
    constexpr Complex i(0.0, 1.0);
    return own.mode.modalMass.value *
           (own.omega * own.omega + own.rate * own.rate - omega * omega + 2.0 * i * own.rate * omega);
}

constexpr double kSame = 1e-5;
constexpr double kNearlySame = 0.01; ///< as two ways of solving may differ

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

} // namespace

namespace {

/// Both members of every mode at every point, points by columns.
Eigen::MatrixXd shapesAt(const std::vector<OwnMode>& modes, const std::vector<FacePoint>& points) {
    Eigen::MatrixXd shapes(static_cast<Eigen::Index>(points.size()), columnOf(modes.size()));
    for (std::size_t p = 0; p < points.size(); ++p) {
        std::array<ShapeVector, kHighestM + 1> bessel;
        for (int m = 0; m <= kHighestM; ++m)
            for (std::size_t n = 0; n < kRadialShapes; ++n)
                bessel[static_cast<std::size_t>(m)][n] = besselJ(m, shapeZeros(m)[n] * points[p].radius);
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
                shape += modes[k].mode.batterShape[n] * bessel[m][n];
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

PaddedModes::PaddedModes(const std::vector<OwnMode>& modes, const std::vector<PadParts>& things,
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
    load.forces = system.partialPivLu().solve(forces);
    load.onPair = m_reach.middleCols<2>(columnOf(index)).transpose().cast<Complex>() * load.forces;
    return load;
}

PaddedMember PaddedModes::follow(std::size_t index, std::size_t member, double settled) const {
    constexpr Complex i(0.0, 1.0);
    const OwnMode& own = m_modes[index];
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
    const OwnMode& own = m_modes[index];
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
    const Eigen::MatrixXd spring = gives.inverse();
    Eigen::MatrixXcd stiffness = Eigen::MatrixXcd::Zero(modes + ways, modes + ways);
    stiffness.topLeftCorner(modes, modes) = (m_reach.transpose() * spring * m_reach).cast<Complex>();
    stiffness.topRightCorner(modes, ways) = -(m_reach.transpose() * spring).cast<Complex>();
    stiffness.bottomLeftCorner(ways, modes) = -(spring * m_reach).cast<Complex>();
    stiffness.bottomRightCorner(ways, ways) = spring.cast<Complex>();
    Eigen::VectorXcd mass(modes + ways);
    for (std::size_t k = 0; k < m_modes.size(); ++k)
        for (Eigen::Index at = columnOf(k); at < columnOf(k) + 2; ++at) {
            const OwnMode& own = m_modes[k];
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
    const Eigen::ComplexEigenSolver<Eigen::MatrixXcd> solved(system);
    std::vector<PaddedMember> motions;
    for (Eigen::Index r = 0; r < system.rows(); ++r) {
        const Complex pitch = std::sqrt(solved.eigenvalues()[r]);
        Eigen::VectorXcd v = solved.eigenvectors().col(r);
        v /= std::sqrt((v.transpose() * mass.asDiagonal() * v)(0, 0));
        PaddedMember motion{std::abs(pitch.real()), std::abs(pitch.imag()), 0.0, 1.0 / std::abs(pitch), {}};
        for (std::size_t k = 0; k < m_modes.size(); ++k)
            motion.moves.emplace_back(v.segment<2>(columnOf(k)));
        motions.push_back(std::move(motion));
    }
    return motions;
}

void PaddedModes::tellApart(std::vector<Followed>& followed) const {
    const auto partOf = [&](const PaddedMember& motion, std::size_t index) {
        double sum = 0.0;
        for (std::size_t k = 0; k < m_modes.size(); ++k)
            sum += m_modes[k].mode.modalMass.value * motion.moves[k].squaredNorm();
        return m_modes[index].mode.modalMass.value * motion.moves[index].squaredNorm() / sum;
    };
    std::vector<PaddedMember> motions; // all there are, once they are needed
    for (std::size_t a = 0; a < followed.size(); ++a)
        for (std::size_t b = 0; b < a; ++b) {
            if (!isOneMotion(followed[a].found, followed[b].found, kSame))
                continue;
            // The one that has less part in it takes of those that nobody was led to where it has most.
            Followed& lesser =
                partOf(followed[a].found, followed[a].index) < partOf(followed[b].found, followed[b].index)
                    ? followed[a]
                    : followed[b];
            if (motions.empty())
                motions = motionsAt(m_modes[lesser.index].omega);
            double most = 0.0;
            PaddedMember next = lesser.found;
            for (const PaddedMember& motion : motions) {
                const double part = partOf(motion, lesser.index);
                const bool taken = std::any_of(followed.begin(), followed.end(), [&](const Followed& other) {
                    return isOneMotion(motion, other.found, kNearlySame);
                });
                if (!taken && part > most) {
                    most = part;
                    next = motion;
                }
            }
            next.antinode = antinodeOf(m_modes[lesser.index].mode.m, next.moves[lesser.index]);
            lesser.found = next;
        }
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
    if (care == Care::Apart)
        tellApart(followed);
    for (Followed& one : followed)
        all[one.place].push_back(std::move(one.found));
    return all;
}

namespace {

/// Of the modes of one m.
using Square = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, 2 * kRadialShapes, 2 * kRadialShapes>;
using Column = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, 2 * kRadialShapes, 1>;

/// The modes of one m with the rings on, in place.
void mixUnderRings(const std::vector<OwnMode*>& modes, const std::vector<Pad>& rings,
                   const DrumState& state) {
    const auto count = static_cast<Eigen::Index>(modes.size());
    const auto at = [&](Eigen::Index i) -> OwnMode& { return *modes[static_cast<std::size_t>(i)]; };
    const int m = at(0).mode.m;
    Square stiffness = Square::Zero(count, count);
    Square mass = stiffness;
    Square loss = stiffness; // of what lies on it: mass times loss factor
    Square drag = stiffness;
    for (const Pad& ring : rings) {
        const PadKind& kind = ring.kind;
        const double weight = massOn(kind, state.radius).value;
        Square under = Square::Zero(count, count);
        for (const FacePoint& point : facePoints(ring, state.radius)) {
            Column shape(count);
            for (Eigen::Index i = 0; i < count; ++i)
                shape[i] = shapeAt(m, at(i).mode.batterShape, point.radius);
            under += shape * shape.transpose() * (point.weight * (m == 0 ? 1.0 : 0.5));
        }
        mass += weight * under;
        stiffness += kind.stiffness * under;
        loss += weight * kind.lossFactor * under;
        drag += kind.resistance * under;
    }
    Column rates(count);
    Column own(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        own[i] = at(i).mode.modalMass.value;
        mass(i, i) += own[i];
        stiffness(i, i) += own[i] * at(i).omega * at(i).omega;
        rates[i] = own[i] * at(i).rate;
    }
    const Eigen::GeneralizedSelfAdjointEigenSolver<Square> solved(stiffness, mass);
    std::vector<OwnMode> mixed;
    std::vector<bool> taken(modes.size(), false);
    for (Eigen::Index i = 0; i < count; ++i) {
        Column v = solved.eigenvectors().col(i); // v' M v = 1
        Eigen::Index most = -1;
        for (Eigen::Index k = 0; k < count; ++k)
            if (!taken[static_cast<std::size_t>(k)] &&
                (most < 0 || own[k] * v[k] * v[k] > own[most] * v[most] * v[most]))
                most = k;
        taken[static_cast<std::size_t>(most)] = true;
        const double size = v[most]; // its own shape by 1
        v /= size;
        OwnMode mode = at(most);
        mode.mode.modalMass = Kilograms{1.0 / (size * size)};
        mode.omega = std::sqrt(solved.eigenvalues()[i]);
        mode.rate = (v.dot(rates.cwiseProduct(v)) + 0.5 * (mode.omega * v.dot(loss * v) + v.dot(drag * v))) *
                    size * size;
        mode.mode.batterShape = {};
        mode.mode.snareSideShape = {};
        for (Eigen::Index k = 0; k < count; ++k)
            for (std::size_t n = 0; n < kRadialShapes; ++n) {
                mode.mode.batterShape[n] += v[k] * at(k).mode.batterShape[n];
                mode.mode.snareSideShape[n] += v[k] * at(k).mode.snareSideShape[n];
            }
        mixed.push_back(std::move(mode));
    }
    for (OwnMode& mode : mixed)
        for (OwnMode* place : modes)
            if (place->mode.order == mode.mode.order)
                *place = mode;
}

} // namespace

std::vector<OwnMode> withRings(const std::vector<OwnMode>& modes, const std::vector<Pad>& rings,
                               const DrumState& state) {
    std::vector<OwnMode> mixed = modes;
    if (rings.empty())
        return mixed;
    for (int m = 0; m <= kHighestM; ++m) {
        std::vector<OwnMode*> these;
        for (OwnMode& mode : mixed)
            if (mode.mode.m == m)
                these.push_back(&mode);
        if (!these.empty())
            mixUnderRings(these, rings, state);
    }
    return mixed;
}

} // namespace bombo
