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

/// What film, hoop and rods oppose to a pattern cos(n theta) of displacement down the edge, N/m^2: pull on a
/// length of edge over displacement.
class EdgeSprings {
public:
    EdgeSprings(const Drum& drum, HeadSide side, const HoopBeam& hoop)
        : m_head(drum.head(side)), m_radius(drum.shell.radius().value), m_hoop(hoop), m_count(drum.rods),
          m_perLength(drum.rods / (2.0 * std::numbers::pi * m_radius)),
          m_rod(drum.hoop.perTurn.value / kThreadPitch.value / m_perLength) {}

    EdgeField field(int n) const { return {n, m_head.modulus.value, m_head.poisson}; }
    double film(int n) const {
        const double thin = m_head.thickness.value / m_radius;
        if (n == 0)
            return thin * m_head.modulus.value / (1.0 - m_head.poisson);
        // A film drawn to one side moves as a whole between edge and edge; n = 1 has no field of its own in
        // Michell's form and is taken as n = 2.
        return thin * field(std::max(n, 2)).outward(1.0);
    }
    double hoop(int n) const {
        const double bends = std::pow(n * n - 1.0, 2) / std::pow(m_radius, 4);
        return n < 2 || m_hoop.bending <= 0.0
                   ? 0.0
                   : bends / (1.0 / m_hoop.bending + 1.0 / (m_hoop.torsion * n * n));
    }
    double rods() const { return m_perLength * m_rod; }
    /// Force of a rod by its own turn, where all turn by the same pattern, N/m.
    double pull(int n) const {
        constexpr int aliases = 30;
        double gives = 0.0;
        for (int k = -aliases; k <= aliases; ++k) {
            const int other = std::abs(n + k * m_count);
            gives += m_perLength / (film(other) + hoop(other));
        }
        return m_rod / (1.0 + m_rod * gives);
    }

private:
    const HeadSpec& m_head;
    double m_radius;
    HoopBeam m_hoop;
    int m_count;
    double m_perLength; ///< rods, 1/m
    double m_rod;       ///< give of hoop, collar and lugs at one, N/m
};

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
    const EdgeSprings edge(drum, side, hoop);
    const int n = 2 * m;
    const double pattern = edge.pull(n) / (edge.film(n) + edge.hoop(n)) * edge.film(n);
    return 2.0 * feltBy(m, edge.field(n)) * pattern / edge.pull(0);
}

Cents bedsLower(const Drum& drum, Tension tension, Metres depth, Radians half, const HoopBeam& hoop) {
    const EdgeSprings edge(drum, HeadSide::SnareSide, hoop);
    // Second harmonic of two troughs (1 + cos(pi theta / half)) / 2 across from each other.
    const double turns = std::numbers::pi / half.value;
    const double wide = std::sin(2.0 * half.value);
    const double trough =
        depth.value / std::numbers::pi * wide * (1.0 - 1.0 / (turns + 2.0) + 1.0 / (turns - 2.0));
    // The film gives way where the edge sinks, and the hoop follows it down as far as rods and ring let it.
    const double held = edge.hoop(2) + edge.rods();
    const double slacker = edge.film(2) * trough * held / (edge.film(2) + held); // N/m at the edge
    return {2.0 * kCentsPerShare * feltBy(1, edge.field(2)) * slacker / tension.value};
}

} // namespace bombo
