#include "core/acoustics/film.h"
#include "core/acoustics/hoop_field.h"
#include "core/dense/dense.h"
#include "support/drums.h"
#include "support/quadrature.h"

#include <Eigen/LU>
#include <cmath>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace hoop_field_test {

using testing::gauss;
using testing::plover;

constexpr int kPowers = 9;     ///< of r in the film's displacement, outwards and along
constexpr int kHarmonics = 24; ///< of hoop and edge

/// A film in plane stress by Ritz: displacements r^k cos(n theta) outwards and r^k sin(n theta) along, strain
/// energy by quadrature, held to unit displacement outwards and none along at the edge. Not Airy's function.
struct RitzFilm {
    Eigen::VectorXd out = Eigen::VectorXd::Zero(kPowers);
    Eigen::VectorXd along = Eigen::VectorXd::Zero(kPowers);
    double energy = 0; ///< twice, over pi: pull over displacement at the edge times radius, Pa

    struct Strain {
        double r = 0, t = 0, s = 0;
    };
    static Strain strain(int n, int k, bool isOut, double r) {
        const double p = std::pow(r, k - 1);
        return isOut ? Strain{k * p, p, -n * p} : Strain{0.0, n * p, (k - 1) * p};
    }
    Strain at(int n, double r) const {
        Strain sum;
        for (int k = 0; k < kPowers; ++k)
            for (const bool isOut : {true, false}) {
                const Strain one = strain(n, k + 1, isOut, r);
                const double by = isOut ? out[k] : along[k];
                sum.r += by * one.r;
                sum.t += by * one.t;
                sum.s += by * one.s;
            }
        return sum;
    }
    RitzFilm(int n, double modulus, double poisson) {
        const double plate = modulus / (1.0 - poisson * poisson);
        const double shear = 0.5 * modulus / (1.0 + poisson);
        Eigen::MatrixXd stiffness = Eigen::MatrixXd::Zero(2 * kPowers, 2 * kPowers);
        const auto rule = gauss(40);
        for (std::size_t i = 0; i < rule.at.size(); ++i)
            for (int a = 0; a < 2 * kPowers; ++a)
                for (int b = 0; b < 2 * kPowers; ++b) {
                    const Strain x = strain(n, a % kPowers + 1, a < kPowers, rule.at[i]);
                    const Strain y = strain(n, b % kPowers + 1, b < kPowers, rule.at[i]);
                    stiffness(a, b) += rule.weight[i] * rule.at[i] *
                                       (plate * (x.r * y.r + x.t * y.t + poisson * (x.r * y.t + x.t * y.r)) +
                                        shear * x.s * y.s);
                }
        // Both edge conditions by multipliers.
        Eigen::MatrixXd system = Eigen::MatrixXd::Zero(2 * kPowers + 2, 2 * kPowers + 2);
        system.topLeftCorner(2 * kPowers, 2 * kPowers) = stiffness / modulus;
        for (int k = 0; k < kPowers; ++k) {
            system(2 * kPowers, k) = system(k, 2 * kPowers) = 1.0;
            system(2 * kPowers + 1, kPowers + k) = system(kPowers + k, 2 * kPowers + 1) = 1.0;
        }
        Eigen::VectorXd right = Eigen::VectorXd::Zero(2 * kPowers + 2);
        right[2 * kPowers] = 1.0;
        const Eigen::VectorXd found = system.fullPivLu().solve(right);
        out = found.head(kPowers);
        along = found.segment(kPowers, kPowers);
        energy = found.head(2 * kPowers).dot(stiffness * found.head(2 * kPowers));
    }
};

/// Frequency shift of (m,1) with its antinode at angle 0, by the film's own stresses in the field, per unit
/// of edge displacement: integral of stress on slopes over the integral of squared slopes, on a grid of both
/// coordinates.
double shiftBy(int m, const RitzFilm& film, double modulus, double poisson) {
    const double zero = m == 1 ? 3.8317059702 : 5.1356223018;
    const double plate = modulus / (1.0 - poisson * poisson);
    const double shear = 0.5 * modulus / (1.0 + poisson);
    double felt = 0.0;
    double whole = 0.0;
    constexpr int radii = 120;
    constexpr int angles = 48;
    for (int i = 0; i < radii; ++i)
        for (int k = 0; k < angles; ++k) {
            const double r = (i + 0.5) / radii;
            const double theta = 2.0 * std::numbers::pi * k / angles;
            const auto e = film.at(2 * m, r);
            const double rr = plate * (e.r + poisson * e.t) * std::cos(2 * m * theta);
            const double tt = plate * (e.t + poisson * e.r) * std::cos(2 * m * theta);
            const double rt = shear * e.s * std::sin(2 * m * theta);
            const double h = 1e-4;
            const auto shape = [&](double at, double angle) {
                return std::cyl_bessel_j(static_cast<double>(m), zero * at) * std::cos(m * angle);
            };
            const double wr = (shape(r + h, theta) - shape(r - h, theta)) / (2.0 * h);
            const double wt = (shape(r, theta + h) - shape(r, theta - h)) / (2.0 * h * r);
            felt += r * (rr * wr * wr + tt * wt * wt + 2.0 * rt * wr * wt);
            whole += r * (wr * wr + wt * wt);
        }
    return felt / whole;
}

/// Of film and hoop by harmonics of displacement down the edge, the film's alone.
struct Springs {
    Eigen::VectorXd film = Eigen::VectorXd::Zero(kHarmonics);
    Eigen::MatrixXd all = Eigen::MatrixXd::Zero(kHarmonics, kHarmonics);
};
Springs springsOf(const Drum& drum, HeadSide side, const HoopBeam& hoop) {
    const HeadSpec& head = drum.head(side);
    const double a = drum.shell.radius().value;
    const double thick = head.thickness.value;
    const double e = head.modulus.value;
    const double nu = head.poisson;
    Springs springs;
    for (int n = 0; n < kHarmonics; ++n) {
        double stiff =
            n == 0 ? thick / a * e / (1.0 - nu) * 2.0 : thick / a * RitzFilm(std::max(n, 2), e, nu).energy;
        springs.film[n] = std::numbers::pi * a * stiff;
        if (n > 1 && hoop.bending > 0.0) {
            // A ring out of its plane: deflection W and twist P in balance, both eliminated by their own 2
            // x 2.
            Eigen::Matrix2d ring;
            const double n2 = n * n;
            ring << hoop.bending * n2 * n2 + hoop.torsion * n2, (hoop.bending + hoop.torsion) * n2,
                (hoop.bending + hoop.torsion) * n2, hoop.bending + hoop.torsion * n2;
            stiff += (ring(0, 0) - ring(0, 1) * ring(1, 0) / ring(1, 1)) / std::pow(a, 4);
        }
        springs.all(n, n) = std::numbers::pi * a * stiff;
    }
    return springs;
}
double rodSpring(const Drum& drum) {
    return drum.hoop.perTurn.value / kThreadPitch.value * 2.0 * std::numbers::pi * drum.shell.radius().value /
           drum.rods; // N/m
}

/// The whole by unknowns of its own: film and hoop by harmonics as one matrix with the rods' springs at their
/// places.
double shareByRitz(const Drum& drum, HeadSide side, int m, const HoopBeam& hoop) {
    const double e = drum.head(side).modulus.value;
    const double nu = drum.head(side).poisson;
    const double rod = rodSpring(drum);
    Eigen::MatrixXd system = springsOf(drum, side, hoop).all; // cosines
    Eigen::VectorXd even = Eigen::VectorXd::Zero(kHarmonics);
    Eigen::VectorXd pattern = even;
    for (int j = 0; j < drum.rods; ++j) {
        const double angle = 2.0 * std::numbers::pi * j / drum.rods;
        Eigen::VectorXd here(kHarmonics);
        for (int n = 0; n < kHarmonics; ++n)
            here[n] = std::cos(n * angle);
        system += rod * here * here.transpose();
        even += rod * here;
        pattern += rod * here * std::cos(2 * m * angle);
    }
    const Eigen::VectorXd evenly = solvedSymmetric(system, even);
    const Eigen::VectorXd unequal = solvedSymmetric(system, pattern);
    // Heard in front of a rod of the pattern, over what the kernel with g = 1 makes of it: half of the same
    // tension all round, or all of it where the rods take turns up and down.
    const double full = 4 * m % drum.rods == 0 ? 1.0 : 0.5;
    return shiftBy(m, RitzFilm(2 * m, e, nu), e, nu) * unequal[2 * m] / (e / (1.0 - nu) * evenly[0]) / full;
}

TEST(HeardShare, ByAnIndependentSolution) {
    // 0.1 is promised; aliases beyond 24 harmonics and the grid leave 0.02.
    for (const int rods : {6, 8, 10})
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
            for (const char* kind : {"pressed steel", "wood", "cast"}) {
                const Drum drum = plover(rods);
                EXPECT_NEAR(heardShare(drum, side, 1, hoopBeam(kind)),
                            shareByRitz(drum, side, 1, hoopBeam(kind)), 0.03)
                    << kind << ' ' << rods;
                EXPECT_NEAR(heardShare(drum, side, 2, hoopBeam(kind)),
                            shareByRitz(drum, side, 2, hoopBeam(kind)), 0.03)
                    << kind << ' ' << rods;
            }
}

TEST(HeardShare, StifferHoopsHideMore) {
    const Drum drum = plover();
    const double none = heardShare(drum, HeadSide::Batter, 1, HoopBeam{});
    EXPECT_NEAR(none, 0.92, 0.03); // the film alone shares a little with the rods beside
    EXPECT_LT(heardShare(drum, HeadSide::Batter, 2, HoopBeam{}), 0.5);
    double last = none;
    for (const char* kind : {"thin pressed steel", "pressed steel", "wood", "cast"}) {
        const double share = heardShare(drum, HeadSide::Batter, 1, hoopBeam(kind));
        EXPECT_LT(share, last) << kind;
        EXPECT_GT(share, 0.1) << kind;
        EXPECT_LT(heardShare(drum, HeadSide::SnareSide, 1, hoopBeam(kind)), share) << kind; // thinner film
        last = share;
    }
}

/// Two troughs in the edge by all harmonics, rods as springs at their places: what the (1,1) pair hears of
/// the film's own stress, beds against a quarter round away, cents.
double bedsByRitz(const Drum& drum, double tension, double depth, double half, const HoopBeam& hoop) {
    const double e = drum.snareSideHead.modulus.value;
    const double nu = drum.snareSideHead.poisson;
    const double a = drum.shell.radius().value;
    const Springs springs = springsOf(drum, HeadSide::SnareSide, hoop);
    Eigen::VectorXd sinks = Eigen::VectorXd::Zero(kHarmonics);
    constexpr int steps = 4000;
    for (int i = 0; i < steps; ++i) {
        const double angle = 2.0 * std::numbers::pi * (i + 0.5) / steps;
        const double off = std::abs(std::remainder(angle, std::numbers::pi)); // from the nearer bed
        if (off < half)
            for (int n = 0; n < kHarmonics; ++n)
                sinks[n] += (n == 0 ? 1.0 : 2.0) / steps * depth * 0.5 *
                            (1.0 + std::cos(std::numbers::pi * off / half)) * std::cos(n * angle);
    }
    Eigen::MatrixXd system = springs.all;
    for (int j = 0; j < drum.rods; ++j) { // beds between rods or before one: as they are counted
        const double angle = 2.0 * std::numbers::pi * (j + 0.5) / drum.rods;
        Eigen::VectorXd here(kHarmonics);
        for (int n = 0; n < kHarmonics; ++n)
            here[n] = std::cos(n * angle);
        system += rodSpring(drum) * here * here.transpose();
    }
    const Eigen::VectorXd hoopDown = solvedSymmetric(system, springs.film.cwiseProduct(sinks));
    const double drawn = hoopDown[2] - sinks[2]; // of the film, second harmonic
    // shiftBy is per displacement over the radius, in stress; tension over tension.
    const double shift =
        shiftBy(1, RitzFilm(2, e, nu), e, nu) * drawn / a * drum.snareSideHead.thickness.value / tension;
    return -2.0 * kCentsPerShare * shift;
}

TEST(BedsLower, ByAnIndependentSolution) {
    for (const int rods : {8, 10})
        for (const char* kind : {"thin pressed steel", "pressed steel", "wood", "cast"})
            for (const double half : {0.2, 0.35}) {
                const Drum drum = plover(rods);
                const double ours =
                    bedsLower(drum, Tension{3600}, Metres{0.001}, Radians{half}, hoopBeam(kind)).value;
                const double ritz = bedsByRitz(drum, 3600, 0.001, half, hoopBeam(kind));
                EXPECT_NEAR(ours / ritz, 1.0, 0.03)
                    << rods << ' ' << kind << ' ' << half; // rods beyond the first order
            }
}

TEST(BedsLower, StifferHoopsFollowLess) {
    const Drum drum = plover();
    double last = 0.0;
    for (const char* kind : {"thin pressed steel", "pressed steel", "wood", "cast"}) {
        const double cents =
            bedsLower(drum, Tension{3600}, Metres{0.001}, Radians{0.3}, hoopBeam(kind)).value;
        EXPECT_GT(cents, last) << kind;
        last = cents;
    }
    // Twice as deep is twice as much, twice as tight half.
    EXPECT_NEAR(bedsLower(drum, Tension{3600}, Metres{0.002}, Radians{0.3}, hoopBeam("cast")).value,
                2.0 * last, 1e-9);
    EXPECT_NEAR(bedsLower(drum, Tension{7200}, Metres{0.001}, Radians{0.3}, hoopBeam("cast")).value,
                0.5 * last, 1e-9);
}

} // namespace hoop_field_test
} // namespace bombo
