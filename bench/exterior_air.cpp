/// The air around a drum that stands in no baffle: added mass and radiated power of both heads of a rigid
/// closed cylinder, each alone and through the air around the shell. Makes
/// src/core/acoustics/exterior_table.inc and shows how far it can be trusted.
///   bombo-exterior table > src/core/acoustics/exterior_table.inc      some minutes
///   bombo-exterior check                                              convergence, power balance
///
/// Method of fundamental solutions: rings of sources cos(m phi) inside the body, nearer to the surface the
/// nearer it is to the rim, their strengths by least squares on the given normal displacement. Lengths in
/// radii.
#include "core/acoustics/bessel.h"
#include "core/acoustics/exterior.h"
#include "core/acoustics/radiation.h"
#include "support/quadrature.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <complex>
#include <cstdio>
#include <cstring>
#include <numbers>
#include <vector>

namespace {

using namespace bombo;
using Complex = std::complex<double>;
constexpr double kPi = std::numbers::pi;

struct Place {
    double r = 0, z = 0;   ///< on or in the body
    double nr = 0, nz = 0; ///< outward
    double weight = 0;     ///< of the surface, per 2 pi
};

struct Sampling {
    double step = 0.05;    ///< between sources away from the rim, radii
    double nearRim = 0.25; ///< the same near it, in distances from the rim
    double closest = 3e-4; ///< to the rim
    double offset = 2.5;   ///< of a source below the surface, in steps
    int pointsPerSource = 3;
    double rim = 0.02; ///< nearer than this to the rim a point weighs less
};

/// Distances from the rim and the width each stands for, up to a length; steps of a share of the distance
/// near the rim.
std::vector<std::pair<double, double>> graded(double length, const Sampling& s, double finer) {
    std::vector<std::pair<double, double>> at;
    double edge = 0.0;
    while (edge < length) {
        const double step = std::max(s.closest, std::min(s.step, s.nearRim * edge)) / finer;
        const double next = edge + 1.5 * step > length ? length : edge + step;
        at.emplace_back(0.5 * (edge + next), next - edge);
        edge = next;
    }
    return at;
}

/// The upper half of the cylinder: a head at z = h/2 and half the shell. At the rim itself the air moves
/// without bound (as the cube root of the distance), which no ring follows: what is asked there weighs
/// little.
std::vector<Place> surface(double depth, const Sampling& s) {
    std::vector<Place> all;
    for (const auto& [d, width] : graded(1.0, s, s.pointsPerSource))
        all.push_back({1.0 - d, 0.5 * depth, 0.0, 1.0, (1.0 - d) * width});
    for (const auto& [d, width] : graded(0.5 * depth, s, s.pointsPerSource))
        all.push_back({1.0, 0.5 * depth - d, 1.0, 0.0, width});
    return all;
}

std::vector<Place> sourcesUnder(double depth, const Sampling& s) {
    std::vector<Place> all;
    const auto under = [&](double d, double width) {
        return std::min({s.offset * width, 0.9 * d, 0.35 * depth});
    };
    for (const auto& [d, width] : graded(1.0, s, 1.0))
        all.push_back({1.0 - d, 0.5 * depth - under(d, width), 0, 0, 0});
    for (const auto& [d, width] : graded(0.5 * depth, s, 1.0))
        all.push_back({1.0 - under(d, width), 0.5 * depth - d, 0, 0, 0});
    return all;
}

struct Field {
    Complex value;
    Complex normal; ///< outward derivative
};

/// Ring of strength cos(m phi) at (r0, z0), heard at a place. The angle runs from 0 to pi, densely where the
/// ring is near: phi = e sinh(t asinh(pi / e)).
Field ring(int m, double k, double r0, double z0, const Place& at) {
    static const auto rule = testing::gauss(48);
    Field f{};
    const double near = std::clamp(std::hypot(at.r - r0, at.z - z0), 1e-6, 3.0);
    const double stretch = std::asinh(kPi / near);
    for (std::size_t i = 0; i < rule.at.size(); ++i) {
        const double phi = near * std::sinh(rule.at[i] * stretch);
        const double c = std::cos(phi);
        const double dr = at.r - r0 * c;
        const double dz = at.z - z0;
        const double half = std::sin(0.5 * phi);
        const double distance =
            std::sqrt((at.r - r0) * (at.r - r0) + dz * dz + 4.0 * at.r * r0 * half * half);
        const Complex wave = std::exp(Complex(0.0, -k * distance)) / distance;
        const double weight =
            rule.weight[i] * near * stretch * std::cosh(rule.at[i] * stretch) / kPi * std::cos(m * phi);
        const Complex slope = wave * Complex(-1.0 / distance, -k);
        f.value += weight * wave;
        f.normal += weight * slope * (dr * at.nr + dz * at.nz) / distance;
    }
    return f;
}

/// Pressure on the upper head for each shape, in units of rho omega^2 a times the displacement: with both
/// heads moving outward alike (parity 1) or the one out as the other goes in (-1).
struct Solved {
    Eigen::MatrixXcd load; ///< shape by shape, per azimuthal factor
    double residual = 0;   ///< of the normal displacement, of its largest
    double powerError = 0; ///< radiated far away against done at the surface, of the first shape
};

Solved solve(int m, double k, double depth, int parity, const Sampling& s, int shapes) {
    const auto places = surface(depth, s);
    const auto rings = sourcesUnder(depth, s);
    const auto rows = static_cast<Eigen::Index>(places.size());
    const auto columns = static_cast<Eigen::Index>(rings.size());
    Eigen::MatrixXcd value(rows, columns), normal(rows, columns);
    for (Eigen::Index j = 0; j < columns; ++j)
        for (Eigen::Index i = 0; i < rows; ++i) {
            const Place& at = places[static_cast<std::size_t>(i)];
            const Place& from = rings[static_cast<std::size_t>(j)];
            const Field up = ring(m, k, from.r, from.z, at);
            const Field down = ring(m, k, from.r, -from.z, at);
            value(i, j) = up.value + static_cast<double>(parity) * down.value;
            normal(i, j) = up.normal + static_cast<double>(parity) * down.normal;
        }
    Eigen::MatrixXcd wanted = Eigen::MatrixXcd::Zero(rows, shapes);
    Eigen::VectorXd weights(rows);
    for (Eigen::Index i = 0; i < rows; ++i) {
        const Place& at = places[static_cast<std::size_t>(i)];
        const double fromRim = at.nz > 0.0 ? 1.0 - at.r : 0.5 * depth - at.z;
        weights[i] = std::sqrt(at.weight * std::min(1.0, std::pow(fromRim / s.rim, 2)));
        if (at.nz > 0.0)
            for (int n = 0; n < shapes; ++n)
                wanted(i, n) = besselJ(m, shapeZeros(m)[static_cast<std::size_t>(n)] * at.r);
    }
    // Columns of like size, then a rank-revealing solution: neighbouring rings near the rim are alike.
    Eigen::MatrixXcd scaled = weights.asDiagonal() * normal;
    const Eigen::VectorXd sizes = scaled.colwise().norm();
    scaled = scaled * sizes.cwiseInverse().asDiagonal();
    Eigen::ColPivHouseholderQR<Eigen::MatrixXcd> qr(scaled);
    qr.setThreshold(1e-11);
    const Eigen::MatrixXcd strengths =
        sizes.cwiseInverse().asDiagonal() * qr.solve(weights.asDiagonal() * wanted);
    const Eigen::MatrixXcd pressure = value * strengths;
    Solved result;
    result.load = Eigen::MatrixXcd::Zero(shapes, shapes);
    for (Eigen::Index i = 0; i < rows; ++i)
        if (places[static_cast<std::size_t>(i)].nz > 0.0)
            result.load +=
                places[static_cast<std::size_t>(i)].weight * wanted.row(i).transpose() * pressure.row(i);
    result.residual = ((weights.asDiagonal() * (normal * strengths - wanted)).colwise().norm().array() /
                       (weights.asDiagonal() * wanted).colwise().norm().array())
                          .maxCoeff();
    // Far away: |p|^2 over a large sphere against the work at the surface.
    constexpr double far = 60.0;
    double out = 0.0;
    constexpr int angles = 60;
    for (int i = 0; i < angles; ++i) {
        const double theta = 0.5 * kPi * (i + 0.5) / angles;
        const Place at{far * std::sin(theta), far * std::cos(theta), 0, 0, 0};
        Complex p = 0.0;
        for (Eigen::Index j = 0; j < columns; ++j) {
            const Place& from = rings[static_cast<std::size_t>(j)];
            p += strengths(j, 0) * (ring(m, k, from.r, from.z, at).value +
                                    static_cast<double>(parity) * ring(m, k, from.r, -from.z, at).value);
        }
        out += std::norm(p) * k * far * far * std::sin(theta) * 0.5 * kPi / angles;
    }
    result.powerError = result.load(0, 0).imag() / out - 1.0;
    return result;
}

struct Both {
    Eigen::MatrixXcd own, across;
    double residual = 0, powerError = 0;
};

Both both(int m, double k, double depth, const Sampling& s, int shapes) {
    const Solved alike = solve(m, k, depth, 1, s, shapes);
    const Solved against = solve(m, k, depth, -1, s, shapes);
    return {0.5 * (alike.load + against.load), 0.5 * (alike.load - against.load),
            std::max(alike.residual, against.residual),
            std::max(std::abs(alike.powerError), std::abs(against.powerError))};
}

/// The table of src/core/acoustics/exterior.cpp: [m][part][depth][ka] in millionths.
void table() {
    constexpr int depths = kExteriorDepths, steps = kExteriorTerms, parts = kExteriorParts;
    for (int m = 0; m <= kHighestM; ++m) {
        std::vector<double> values(static_cast<std::size_t>(parts * depths * steps));
        const auto at = [&](int part, int depth, int step) -> double& {
            return values[static_cast<std::size_t>((part * depths + depth) * steps + step)];
        };
        for (int d = 0; d < depths; ++d)
            for (int i = 0; i < steps; ++i) {
                const double x = std::cos(kPi * (d + 0.5) / depths);
                const double depth = kLeastDepth * std::pow(kMostDepth / kLeastDepth, 0.5 * (1.0 + x));
                const double ka = 0.5 * kLargestExteriorKa * (1.0 + std::cos(kPi * (i + 0.5) / steps));
                const Both solved = both(m, ka, depth, {}, kExteriorShapes);
                const RadiationLoad baffled = radiationLoadByQuadrature(m, ka);
                int part = 0;
                for (int one = 0; one < kExteriorShapes; ++one)
                    for (int two = one; two < kExteriorShapes; ++two) {
                        const Complex own = 0.5 * (solved.own(one, two) + solved.own(two, one));
                        const Complex across = 0.5 * (solved.across(one, two) + solved.across(two, one));
                        at(part, d, i) = -own.real() - baffled.mass(one, two);
                        at(part + 6, d, i) = -across.real();
                        at(part + 12, d, i) = own.imag() - baffled.resistance(one, two);
                        at(part + 18, d, i) = across.imag();
                        ++part;
                    }
                std::fprintf(stderr, "m %d depth %.3f ka %.3f residual %.1e power %.1e\n", m, depth, ka,
                             solved.residual, solved.powerError);
            }
        for (int part = 0; part < parts; ++part) {
            for (int d = 0; d < depths; ++d)
                for (int i = 0; i < steps; ++i) {
                    double sum = 0.0;
                    for (int dd = 0; dd < depths; ++dd)
                        for (int ii = 0; ii < steps; ++ii)
                            sum += at(part, dd, ii) * std::cos(kPi * d * (dd + 0.5) / depths) *
                                   std::cos(kPi * i * (ii + 0.5) / steps);
                    sum *= (d == 0 ? 1.0 : 2.0) / depths * (i == 0 ? 1.0 : 2.0) / steps;
                    std::printf("%ld,", std::lround(1e6 * sum));
                }
            std::puts("");
        }
    }
}

void check() {
    std::puts("m, ka, depth: mass of the first shape, resistance; baffled; across; residual, power; other "
              "sampling");
    for (const double depth : {0.45, 0.9})
        for (const int m : {0, 1, 2})
            for (const double k : {0.3, 0.65, 1.3, 3.0}) {
                const Both one = both(m, k, depth, {}, 3);
                const Sampling finer{0.035, 0.18, 1e-4, 2.5, 3};
                const Both two = both(m, k, depth, finer, 3);
                const RadiationLoad baffled = radiationLoadByQuadrature(m, k);
                std::printf("%d %.2f %.2f  mass %.5f (finer %.5f, baffled %.5f) across %.5f  res %.6f (finer "
                            "%.6f, baffled %.6f) "
                            "across %.6f  residual %.1e power %.1e\n",
                            m, k, depth, -one.own(0, 0).real(), -two.own(0, 0).real(), baffled.mass(0, 0),
                            -one.across(0, 0).real(), one.own(0, 0).imag(), two.own(0, 0).imag(),
                            baffled.resistance(0, 0), one.across(0, 0).imag(), one.residual, one.powerError);
                std::fflush(stdout);
            }
}

} // namespace

int main(int argc, char** argv) {
    if (argc == 2 && std::strcmp(argv[1], "check") == 0) {
        check();
        return 0;
    }
    if (argc == 2 && std::strcmp(argv[1], "table") == 0) {
        table();
        return 0;
    }
    std::fputs("bombo-exterior table|check\n", stderr);
    return 2;
}
