#include "support/reference_drum.h"

#include "core/dense/dense.h"
#include "support/quadrature.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

namespace bombo::testing {
namespace {

double chebyshev(int k, double x) {
    return std::cos(k * std::acos(std::clamp(x, -1.0, 1.0)));
}
double chebyshevSlope(int k, double x) {
    const double t = std::acos(std::clamp(x, -1.0 + 1e-14, 1.0 - 1e-14));
    return k * std::sin(k * t) / std::sin(t);
}

/// r^m T_k(2 r^2 - 1), and with the factor 1 - r^2 for a clamped head.
struct Polynomial {
    int m;
    bool clamped;
    double value(int k, double r) const {
        return std::pow(r, m) * chebyshev(k, 2 * r * r - 1) * (clamped ? 1 - r * r : 1);
    }
    double slope(int k, double r) const {
        const double t = chebyshev(k, 2 * r * r - 1);
        const double bent = std::pow(r, m) * 4 * r * chebyshevSlope(k, 2 * r * r - 1);
        const double powered = m == 0 ? 0.0 : m * std::pow(r, m - 1) * t;
        return clamped ? (powered + bent) * (1 - r * r) - 2 * r * std::pow(r, m) * t : powered + bent;
    }
};

/// The integral's points and the values of the clamped polynomials there; the same for every frequency.
struct SpaceGrid {
    Rule field = gauss(36);
    std::vector<std::vector<double>> distance; ///< [field point][source sample]
    std::vector<Eigen::MatrixXd> source;       ///< [field point](sample, k), weights included
    Eigen::MatrixXd felt;                      ///< (field point, k), weights included

    SpaceGrid(int m, int count, const std::function<double(int, double)>& shape) : felt(36, count) {
        const Rule angle = gauss(56);
        const Rule ray = gauss(20);
        for (std::size_t i = 0; i < field.at.size(); ++i) {
            const double r = field.at[i];
            for (int k = 0; k < count; ++k)
                felt(static_cast<Eigen::Index>(i), k) = field.weight[i] * r * shape(k, r);
            std::vector<double> distances;
            Eigen::MatrixXd values(56 * 20, count);
            for (std::size_t j = 0; j < angle.at.size(); ++j) {
                const double psi = std::numbers::pi * angle.at[j];
                const double reach = -r * std::cos(psi) + std::sqrt(1 - std::pow(r * std::sin(psi), 2));
                for (std::size_t s = 0; s < ray.at.size(); ++s) {
                    const double away = reach * ray.at[s];
                    const double x = r + away * std::cos(psi);
                    const double y = away * std::sin(psi);
                    // Both halves of the plane: twice; the element is R dR dpsi, the kernel 1/(2 pi R).
                    const double weight = 2 * std::numbers::pi * angle.weight[j] * reach * ray.weight[s] /
                                          (2 * std::numbers::pi) * std::cos(m * std::atan2(y, x));
                    for (int k = 0; k < count; ++k)
                        values(static_cast<Eigen::Index>(distances.size()), k) =
                            weight * shape(k, std::hypot(x, y));
                    distances.push_back(away);
                }
            }
            distance.push_back(std::move(distances));
            source.push_back(std::move(values));
        }
    }

    Eigen::MatrixXd load(double ka, double (*wave)(double)) const {
        Eigen::MatrixXd sum = Eigen::MatrixXd::Zero(felt.cols(), felt.cols());
        for (std::size_t i = 0; i < source.size(); ++i) {
            Eigen::VectorXd kernel(static_cast<Eigen::Index>(distance[i].size()));
            for (std::size_t s = 0; s < distance[i].size(); ++s)
                kernel[static_cast<Eigen::Index>(s)] = wave(ka * distance[i][s]);
            const Eigen::RowVectorXd heard = kernel.transpose() * source[i];
            sum += felt.row(static_cast<Eigen::Index>(i)).transpose() * heard;
        }
        return 0.5 * (sum + sum.transpose());
    }
};

const SpaceGrid& polynomialGrid(int m, int count) {
    static std::map<std::pair<int, int>, SpaceGrid> made;
    const auto found = made.find({m, count});
    if (found != made.end())
        return found->second;
    const Polynomial clamped{m, true};
    return made
        .emplace(std::pair{m, count},
                 SpaceGrid(m, count, [&](int k, double r) { return clamped.value(k, r); }))
        .first->second;
}

double cosine(double x) {
    return std::cos(x);
}
double sine(double x) {
    return std::sin(x);
}

int negatives(const Eigen::MatrixXd& symmetric) {
    return static_cast<int>((symmetricAxes(symmetric).values.array() < 0.0).count());
}

} // namespace

SpaceLoad rayleighInSpace(int m, double ka, int count, const std::function<double(int, double)>& shape) {
    const SpaceGrid grid(m, count, shape);
    return {grid.load(ka, cosine), grid.load(ka, sine)};
}

ReferenceDrum::ReferenceDrum(const DrumState& state, int m, AirCoupling air, int size, int axial)
    : m_state(state), m_m(m), m_air(air) {
    const Polynomial head{m, true};
    const Polynomial inside{m, false};
    const Rule rule = gauss(48);
    const int radial = size + 2;
    m_stiffness = m_mass = Eigen::MatrixXd::Zero(size, size);
    Eigen::MatrixXd radialStiffness = Eigen::MatrixXd::Zero(radial, radial);
    Eigen::MatrixXd radialMass = radialStiffness;
    Eigen::MatrixXd overlap = Eigen::MatrixXd::Zero(size, radial);
    for (std::size_t q = 0; q < rule.at.size(); ++q) {
        const double r = rule.at[q];
        const double weight = rule.weight[q] * r;
        for (int i = 0; i < radial; ++i)
            for (int k = 0; k < radial; ++k) {
                const double product = inside.value(i, r) * inside.value(k, r);
                radialMass(i, k) += weight * product;
                radialStiffness(i, k) +=
                    weight * (inside.slope(i, r) * inside.slope(k, r) + m * m / (r * r) * product);
                if (i >= size)
                    continue;
                overlap(i, k) += weight * head.value(i, r) * inside.value(k, r);
                if (k >= size)
                    continue;
                const double both = head.value(i, r) * head.value(k, r);
                m_mass(i, k) += weight * both;
                m_stiffness(i, k) += weight * (head.slope(i, r) * head.slope(k, r) + m * m / (r * r) * both);
            }
    }
    // Along the shell: T_j(2 z/h - 1).
    const double a = state.radius.value;
    const double h = state.depth.value;
    Eigen::MatrixXd along = Eigen::MatrixXd::Zero(axial, axial);
    Eigen::MatrixXd slopes = along;
    for (std::size_t q = 0; q < rule.at.size(); ++q) {
        const double x = 2 * rule.at[q] - 1;
        for (int i = 0; i < axial; ++i)
            for (int k = 0; k < axial; ++k) {
                along(i, k) += rule.weight[q] * h * chebyshev(i, x) * chebyshev(k, x);
                slopes(i, k) +=
                    rule.weight[q] * h * chebyshevSlope(i, x) * chebyshevSlope(k, x) * 4 / (h * h);
            }
    }
    // The cavity alone: (stiffness - k^2 mass) p = rho omega^2 (w2 at z = h - w1 at z = 0), in units of a.
    Eigen::MatrixXd stiffness(radial * axial, radial * axial);
    Eigen::MatrixXd mass(radial * axial, radial * axial);
    Eigen::MatrixXd atBatter = Eigen::MatrixXd::Zero(size, radial * axial);
    Eigen::MatrixXd atSnareSide = atBatter;
    for (int i = 0; i < radial; ++i)
        for (int j = 0; j < axial; ++j) {
            for (int k = 0; k < radial; ++k)
                for (int l = 0; l < axial; ++l) {
                    stiffness(i * axial + j, k * axial + l) =
                        radialStiffness(i, k) * along(j, l) + a * a * radialMass(i, k) * slopes(j, l);
                    mass(i * axial + j, k * axial + l) = a * a * radialMass(i, k) * along(j, l);
                }
            atBatter.col(i * axial + j) = -overlap.col(i) * (j % 2 == 0 ? 1.0 : -1.0);
            atSnareSide.col(i * axial + j) = overlap.col(i);
        }
    const SymmetricAxes cavity = symmetricAxes(stiffness, mass);
    m_cavity = cavity.values;
    m_batterCoupling = a * a * atBatter * cavity.vectors;
    m_snareSideCoupling = a * a * atSnareSide * cavity.vectors;
}

int ReferenceDrum::countBelow(double omega) const {
    const Eigen::Index n = m_stiffness.rows();
    const double a = m_state.radius.value;
    const double k2 = std::pow(omega / m_state.air.soundSpeed, 2);
    const double inertia = m_state.air.density * omega * omega;
    Eigen::MatrixXd d = Eigen::MatrixXd::Zero(2 * n, 2 * n);
    const Eigen::MatrixXd outside =
        m_air == AirCoupling::InBaffle
            ? Eigen::MatrixXd(inertia * a * a * a *
                              polynomialGrid(m_m, static_cast<int>(n)).load(std::sqrt(k2) * a, cosine))
            : Eigen::MatrixXd(Eigen::MatrixXd::Zero(n, n));
    auto head = [&](const HeadState& h) {
        return h.tension.value * m_stiffness - omega * omega * h.arealDensity.value * a * a * m_mass -
               outside;
    };
    d.topLeftCorner(n, n) = head(m_state.batter);
    d.bottomRightCorner(n, n) = head(m_state.snareSide);
    int below = 0;
    if (m_air != AirCoupling::None) {
        Eigen::MatrixXd coupling(2 * n, m_cavity.size());
        coupling << m_batterCoupling, m_snareSideCoupling;
        const Eigen::VectorXd answer = (inertia / (m_cavity.array() - k2)).matrix();
        d -= coupling * answer.asDiagonal() * coupling.transpose();
        below += static_cast<int>((m_cavity.array() < k2).count()) - (m_m == 0 ? 1 : 0); // not the still air
    }
    return below + negatives(d);
}

std::vector<double> ReferenceDrum::lowestHz(int count) const {
    std::vector<double> found;
    double from = 10.0;
    for (int wanted = 1; wanted <= count; ++wanted) {
        double low = from;
        double high = 1.3 * low;
        while (countBelow(2 * std::numbers::pi * high) < wanted) {
            low = high;
            high *= 1.3;
        }
        while (high - low > 1e-5 * high) {
            const double middle = 0.5 * (low + high);
            (countBelow(2 * std::numbers::pi * middle) >= wanted ? high : low) = middle;
        }
        found.push_back(0.5 * (low + high));
        from = low;
    }
    return found;
}

} // namespace bombo::testing
