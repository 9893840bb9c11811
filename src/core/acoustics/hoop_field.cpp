#include "core/acoustics/hoop_field.h"

#include "core/acoustics/bessel.h"
#include "core/acoustics/film.h"
#include "core/acoustics/head_shapes.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

/// A film of unit radius whose edge is drawn outwards by cos(n theta): Airy's function (a r^n + b r^(n + 2))
/// cos(n theta). Stresses over the displacement, Pa per radius.
class EdgeField {
public:
    EdgeField(int n, double modulus, double poisson) : m_n(n) {
        const double twiceShear = modulus / (1.0 + poisson);
        const double kappa = (3.0 - poisson) / (1.0 + poisson);
        // Outwards -n a + (kappa - n - 1) b = 2 mu, along the edge n a + (kappa + n + 1) b = 0.
        const double determinant = -n * (kappa + n + 1.0) - n * (kappa - n - 1.0);
        m_a = twiceShear * (kappa + n + 1.0) / determinant;
        m_b = -twiceShear * n / determinant;
    }
    double outward(double r) const {
        return -m_n * (m_n - 1.0) * m_a * std::pow(r, m_n - 2) -
               (m_n - 2.0) * (m_n + 1.0) * m_b * std::pow(r, m_n);
    }
    double around(double r) const {
        return m_n * (m_n - 1.0) * m_a * std::pow(r, m_n - 2) +
               (m_n + 2.0) * (m_n + 1.0) * m_b * std::pow(r, m_n);
    }
    double shear(double r) const {
        return m_n * (m_n - 1.0) * m_a * std::pow(r, m_n - 2) + m_n * (m_n + 1.0) * m_b * std::pow(r, m_n);
    }

private:
    int m_n;
    double m_a = 0;
    double m_b = 0;
};

/// How strongly the shape J_m(j r) cos(m theta) feels that field with n = 2 m, over an even field as strong
/// at the edge.
double feltBy(int m, const EdgeField& field) {
    constexpr int steps = 200;
    const double zero = shapeZeros(m)[0];
    double felt = 0.0;
    double whole = 0.0;
    for (int i = 0; i < steps; ++i) {
        const double r = (i + 0.5) / steps;
        const double slope = zero * besselJPrime(m, zero * r);
        const double turning = m * besselJ(m, zero * r) / r;
        // Over the angle cos^2 cos(2 m) and sin cos sin(2 m) come to a quarter, sin^2 cos(2 m) to less a
        // quarter.
        felt += 0.5 * r *
                (field.outward(r) * slope * slope - field.around(r) * turning * turning -
                 2.0 * field.shear(r) * slope * turning);
        whole += r * (slope * slope + turning * turning);
    }
    return felt / (whole * field.outward(1.0));
}

} // namespace

HoopBeam hoopBeam(const std::string& kind) {
    if (kind == "cast")
        return {3700.0, 290.0};
    if (kind == "wood")
        return {1500.0, 120.0};
    if (kind == "thin pressed steel")
        return {700.0, 8.0};
    if (kind == "pressed brass")
        return {550.0, 10.0};
    return {1000.0, 20.0};
}

double heardShare(const Drum& drum, HeadSide side, int m) {
    return heardShare(drum, side, m, hoopBeam(drum.hoop.kind));
}

double heardShare(const Drum& drum, HeadSide side, int m, const HoopBeam& hoop) {
    const HeadSpec& head = drum.head(side);
    const double a = drum.shell.radius().value;
    const double film =
        head.thickness.value / a; // from stress over displacement to pull over a length of edge
    const double evenly = film * head.modulus.value / (1.0 - head.poisson);
    const auto filmStiffness = [&](int n) {
        if (n == 0)
            return evenly;
        // A film drawn to one side moves as a whole between edge and edge; n = 1 has no field of its own in
        // Michell's form and is taken as n = 2.
        return film * EdgeField(std::max(n, 2), head.modulus.value, head.poisson).outward(1.0);
    };
    const auto hoopStiffness = [&](int n) {
        const double bends = std::pow(n * n - 1.0, 2) / std::pow(a, 4);
        return n < 2 || hoop.bending <= 0.0 ? 0.0
                                            : bends / (1.0 / hoop.bending + 1.0 / (hoop.torsion * n * n));
    };
    const double perLength = drum.rods / (2.0 * std::numbers::pi * a);
    const double rod = drum.hoop.perTurn.value / kThreadPitch.value / perLength; // N/m
    /// Force of a rod by its own turn, where all turn by the same pattern.
    const auto pull = [&](int n) {
        constexpr int aliases = 30;
        double gives = 0.0;
        for (int k = -aliases; k <= aliases; ++k) {
            const int other = std::abs(n + k * drum.rods);
            gives += perLength / (filmStiffness(other) + hoopStiffness(other));
        }
        return rod / (1.0 + rod * gives);
    };
    const int n = 2 * m;
    const double pattern = pull(n) / (filmStiffness(n) + hoopStiffness(n)) * filmStiffness(n);
    return 2.0 * feltBy(m, EdgeField(n, head.modulus.value, head.poisson)) * pattern / pull(0);
}

} // namespace bombo
