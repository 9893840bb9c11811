#include "core/acoustics/coupled_modes.h"

#include "core/acoustics/bessel.h"
#include "core/acoustics/exterior.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr int kCavityModes = 12;
constexpr int kLargestSize = 2 * kRadialShapes;
using Matrix = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, kLargestSize, kLargestSize>;
using Vector = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, kLargestSize, 1>;

constexpr int kPeakPoints = 41;

Eigen::Map<ShapeColumn> column(ShapeVector& shape) {
    return Eigen::Map<ShapeColumn>(shape.data());
}
Eigen::Map<const ShapeColumn> column(const ShapeVector& shape) {
    return Eigen::Map<const ShapeColumn>(shape.data());
}

/// Integrals of the head shapes and their values from the middle to the hoop; depend on m only.
struct HeadBasis {
    ShapeColumn norm;
    ShapeColumn strain;
    Eigen::Matrix<double, kPeakPoints, kRadialShapes> atPoints;

    explicit HeadBasis(int m) : norm(shapeNorms(m).data()), strain(shapeStrains(m).data()) {
        for (int i = 0; i < kPeakPoints; ++i) {
            const ShapeVector values = shapeValues(m, i / (kPeakPoints - 1.0));
            atPoints.row(i) = column(values).transpose();
        }
    }
};

const HeadBasis& headBasis(int m) {
    static const std::array<HeadBasis, kHighestM + 1> all{HeadBasis(0), HeadBasis(1), HeadBasis(2),
                                                          HeadBasis(3), HeadBasis(4)};
    return all[static_cast<std::size_t>(m)];
}

/// Projections of the head shapes on the cavity's radial modes; depend on m only.
struct CavityBasis {
    std::array<double, kCavityModes> zeros{};
    std::array<ShapeMatrix, kCavityModes> products; ///< overlap_n overlap_n' / norm

    explicit CavityBasis(int m) {
        const auto found = besselPrimeZeros(m, kCavityModes);
        for (std::size_t k = 0; k < kCavityModes; ++k) {
            const double q = found[k];
            zeros[k] = q;
            const double edge = besselJ(m, q);
            const double norm = q == 0.0 ? 0.5 : 0.5 * (1.0 - m * m / (q * q)) * edge * edge;
            const ShapeVector transforms = shapeTransforms(m, q);
            const auto overlap = column(transforms);
            products[k] = overlap * overlap.transpose() / norm;
        }
    }
};

const CavityBasis& cavityBasis(int m) {
    static const std::array<CavityBasis, kHighestM + 1> all{CavityBasis(0), CavityBasis(1), CavityBasis(2),
                                                            CavityBasis(3), CavityBasis(4)};
    return all[static_cast<std::size_t>(m)];
}

/// What one factorisation of D tells: the number of natural frequencies below and the sign of det D.
struct Probe {
    double omega = 0;
    int below = 0;          ///< natural frequencies below omega
    int poles = 0;          ///< of the rigid-walled cavity below omega
    double determinant = 0; ///< of D, scaled; changes sign at each natural frequency
};

/// The dynamic stiffness of one m-family, D(omega) q = 0, divided by the azimuthal factor.
class Family {
public:
    Family(const DrumState& drum, int m, const ModeOptions& options)
        : m_drum(drum), m_m(m), m_air(options.air), m_held(options.held), m_norm(headBasis(m).norm),
          m_strain(headBasis(m).strain), m_outside(m, drum.depth / drum.radius) {}

    Eigen::Index size() const { return m_held == Held::Neither ? kLargestSize : kRadialShapes; }
    bool batterMoves() const { return m_held != Held::Batter; }
    bool snareSideMoves() const { return m_held != Held::SnareSide; }

    Matrix dynamicStiffness(double omega) const {
        Matrix d = Matrix::Zero(size(), size());
        if (batterMoves())
            addHead(d, 0, m_drum.batter, omega);
        if (snareSideMoves())
            addHead(d, snareSideAt(), m_drum.snareSide, omega);
        if (hasOutside())
            addOutside(d, omega);
        if (m_air != AirCoupling::None)
            addCavity(d, omega);
        return d;
    }

    /// Natural frequencies below omega: those of the rigid-walled cavity plus the negative pivots of D.
    Probe probe(double omega) const {
        Probe found{omega, 0, cavityPolesBelow(omega), 1.0};
        const Vector pivots = factorised(dynamicStiffness(omega)).diagonal();
        for (Eigen::Index i = 0; i < pivots.size(); ++i) {
            found.below += pivots[i] < 0.0 ? 1 : 0;
            found.determinant *= pivots[i] / m_drum.batter.tension.value;
        }
        found.below += found.poles;
        return found;
    }

    int cavityPolesBelow(double omega) const {
        if (m_air == AirCoupling::None)
            return 0;
        const double c = m_drum.air.soundSpeed;
        int count = 0;
        for (double zero : cavityBasis(m_m).zeros) {
            const double axial2 = std::pow(omega / c, 2) - std::pow(zero / m_drum.radius.value, 2);
            if (axial2 <= 0.0)
                break;
            const int halfWaves = static_cast<int>(std::sqrt(axial2) * m_drum.depth.value / std::numbers::pi);
            count += zero == 0.0 ? halfWaves : halfWaves + 1; // the plane-wave spring is no pole
        }
        return count;
    }

    CoupledMode describe(double omega, int order) const {
        const Vector q = nullVector(omega);

        CoupledMode mode;
        mode.m = m_m;
        mode.order = order;
        mode.frequency = Hertz{omega / kTwoPi};
        if (batterMoves())
            column(mode.batterShape) = q.head<kRadialShapes>();
        if (snareSideMoves())
            column(mode.snareSideShape) = q.tail<kRadialShapes>();
        normalise(mode);
        shareEnergy(mode);
        massAndRadiation(mode, omega);
        return mode;
    }

private:
    /// L and D of the triangular factorisation A = L D L', without exchanges: D on the diagonal, L below it.
    /// A pivot that happens to vanish is nudged; its sign is then that of a frequency a hair away.
    static Matrix factorised(Matrix a) {
        const Eigen::Index n = a.rows();
        for (Eigen::Index k = 0; k < n; ++k) {
            if (std::abs(a(k, k)) < 1e-14)
                a(k, k) = 1e-14;
            const double pivot = a(k, k);
            for (Eigen::Index i = k + 1; i < n; ++i) {
                const double factor = a(i, k) / pivot;
                for (Eigen::Index j = i; j < n; ++j)
                    a(j, i) -= factor * a(j, k);
            }
            for (Eigen::Index i = k + 1; i < n; ++i)
                a(i, k) /= pivot;
        }
        return a;
    }

    /// The shape at a natural frequency: two inverse iterations, as D is singular but for rounding.
    Vector nullVector(double omega) const {
        const Eigen::PartialPivLU<Matrix> lu(dynamicStiffness(omega * (1.0 + 1e-10)));
        Vector q = Vector::LinSpaced(size(), 1.0, 0.5);
        for (int i = 0; i < 3; ++i)
            q = lu.solve(q).normalized();
        return q;
    }

    Eigen::Index snareSideAt() const { return batterMoves() ? kRadialShapes : 0; }

    void addHead(Matrix& d, Eigen::Index at, const HeadState& head, double omega) const {
        const double a = m_drum.radius.value;
        auto block = d.block<kRadialShapes, kRadialShapes>(at, at);
        block.diagonal() +=
            head.tension.value * m_strain - omega * omega * head.arealDensity.value * a * a * m_norm;
    }

    bool hasOutside() const { return m_air == AirCoupling::InBaffle || m_air == AirCoupling::Both; }

    ExteriorLoad outsideAt(double ka) const {
        if (m_air == AirCoupling::Both)
            return m_outside.at(ka);
        return {{radiationMass(m_m, ka), radiationResistance(m_m, ka)},
                {ShapeMatrix::Zero(), ShapeMatrix::Zero()}};
    }

    /// Outside each head is loaded by its own motion and by the other's; an upward motion is outward at the
    /// batter and inward at the snare side.
    void addOutside(Matrix& d, double omega) const {
        const double a = m_drum.radius.value;
        const double scale = omega * omega * m_drum.air.density * a * a * a;
        const ExteriorLoad load = outsideAt(omega * a / m_drum.air.soundSpeed);
        if (batterMoves())
            d.block<kRadialShapes, kRadialShapes>(0, 0) -= scale * load.own.mass;
        if (snareSideMoves())
            d.block<kRadialShapes, kRadialShapes>(snareSideAt(), snareSideAt()) -= scale * load.own.mass;
        if (m_held == Held::Neither) {
            d.block<kRadialShapes, kRadialShapes>(0, kRadialShapes) += scale * load.across.mass;
            d.block<kRadialShapes, kRadialShapes>(kRadialShapes, 0) += scale * load.across.mass;
        }
    }

    void addCavity(Matrix& d, double omega) const {
        const double a = m_drum.radius.value;
        const double h = m_drum.depth.value;
        const CavityBasis& basis = cavityBasis(m_m);
        const double scale = a * a * m_drum.air.density * omega * omega;
        ShapeMatrix own = ShapeMatrix::Zero();
        ShapeMatrix across = ShapeMatrix::Zero();
        for (std::size_t k = 0; k < kCavityModes; ++k) {
            const double axial2 =
                std::pow(omega / m_drum.air.soundSpeed, 2) - std::pow(basis.zeros[k] / a, 2);
            const double axial = std::sqrt(std::abs(axial2));
            if (axial2 > 0.0) {
                own += basis.products[k] / (axial * std::tan(axial * h));
                across -= basis.products[k] / (axial * std::sin(axial * h));
            } else { // 1/tanh and 1/sinh from one exponential
                const double e = std::exp(-axial * h);
                const double scaled = 1.0 / (axial * (1.0 - e * e));
                own -= (1.0 + e * e) * scaled * basis.products[k];
                across += 2.0 * e * scaled * basis.products[k];
            }
        }
        if (batterMoves())
            d.block<kRadialShapes, kRadialShapes>(0, 0) += scale * own;
        if (snareSideMoves())
            d.block<kRadialShapes, kRadialShapes>(snareSideAt(), snareSideAt()) += scale * own;
        if (m_held == Held::Neither) {
            d.block<kRadialShapes, kRadialShapes>(0, kRadialShapes) += scale * across;
            d.block<kRadialShapes, kRadialShapes>(kRadialShapes, 0) += scale * across;
        }
    }

    double peak(const ShapeVector& shape) const {
        const Eigen::Matrix<double, kPeakPoints, 1> values = headBasis(m_m).atPoints * column(shape);
        Eigen::Index at = 0;
        values.cwiseAbs().maxCoeff(&at);
        return values[at];
    }

    void normalise(CoupledMode& mode) const {
        const double batterPeak = peak(mode.batterShape);
        const double snareSidePeak = peak(mode.snareSideShape);
        const double scale = std::abs(batterPeak) >= std::abs(snareSidePeak) ? batterPeak : snareSidePeak;
        column(mode.batterShape) /= scale;
        column(mode.snareSideShape) /= scale;
        mode.relativePhaseDeg = batterPeak * snareSidePeak < 0.0 ? 180.0 : 0.0;
        mode.amplitudeRatio = std::abs(snareSidePeak) / std::max(std::abs(batterPeak), 1e-9);
    }

    void shareEnergy(CoupledMode& mode) const {
        const double batter =
            m_drum.batter.tension.value * m_strain.dot(column(mode.batterShape).cwiseAbs2());
        const double snareSide =
            m_drum.snareSide.tension.value * m_strain.dot(column(mode.snareSideShape).cwiseAbs2());
        mode.batterShare = batter / (batter + snareSide);
        mode.snareSideShare = 1.0 - mode.batterShare;
    }

    /// Modal mass from the slope of D: q' dD/d(omega^2) q = -(effective mass). Decay = q'Cq / (2 mass).
    void massAndRadiation(CoupledMode& mode, double omega) const {
        Vector q(size());
        if (batterMoves())
            q.head<kRadialShapes>() = column(mode.batterShape);
        if (snareSideMoves())
            q.tail<kRadialShapes>() = column(mode.snareSideShape);
        const double step = 1e-4 * omega;
        const Matrix slope =
            (dynamicStiffness(omega + step) - dynamicStiffness(omega - step)) / (4.0 * step * omega);
        const double mass = -q.dot(slope * q);
        mode.modalMass = Kilograms{mass * (m_m == 0 ? kTwoPi : std::numbers::pi)};
        if (!hasOutside())
            return;
        const double a = m_drum.radius.value;
        const ExteriorLoad load = outsideAt(omega * a / m_drum.air.soundSpeed);
        const auto batter = column(mode.batterShape);
        const auto snareSide = column(mode.snareSideShape);
        const double loss =
            m_drum.air.density * a * a * a * omega *
            (batter.dot(load.own.resistance * batter) + snareSide.dot(load.own.resistance * snareSide) -
             2.0 * batter.dot(load.across.resistance * snareSide));
        const double decay = 0.5 * loss / mass;
        if (decay > 1e-6)
            mode.radiationT60 = t60OfRate(decay);
    }

    DrumState m_drum;
    int m_m;
    AirCoupling m_air;
    Held m_held;
    ShapeColumn m_norm;
    ShapeColumn m_strain;
    ExteriorAir m_outside;
};

/// One root between two probes. On det D (Brent's method) when no cavity pole lies between, else bisection.
double refine(const Family& family, Probe low, Probe high) {
    constexpr double tolerance = 1e-8;
    const int below = low.below;
    while (low.poles != high.poles || (low.determinant < 0.0) == (high.determinant < 0.0)) {
        if (high.omega - low.omega < tolerance * high.omega)
            return 0.5 * (low.omega + high.omega);
        const Probe middle = family.probe(0.5 * (low.omega + high.omega));
        (middle.below > below ? high : low) = middle;
    }
    double a = low.omega, fa = low.determinant;
    double b = high.omega, fb = high.determinant;
    double c = a, fc = fa;
    double step = b - a, lastStep = step;
    for (int i = 0; i < 80; ++i) {
        if ((fb < 0.0) == (fc < 0.0)) {
            c = a, fc = fa;
            step = lastStep = b - a;
        }
        if (std::abs(fc) < std::abs(fb)) {
            a = b, fa = fb;
            b = c, fb = fc;
            c = a, fc = fa;
        }
        const double enough = 0.5 * tolerance * b;
        const double half = 0.5 * (c - b);
        if (std::abs(half) <= enough || std::abs(fb) == 0.0)
            return b;
        if (std::abs(lastStep) >= enough && std::abs(fa) > std::abs(fb)) {
            const double s = fb / fa;
            double p, q;
            if (a == c) {
                p = 2.0 * half * s;
                q = 1.0 - s;
            } else {
                const double u = fa / fc, r = fb / fc;
                p = s * (2.0 * half * u * (u - r) - (b - a) * (r - 1.0));
                q = (u - 1.0) * (r - 1.0) * (s - 1.0);
            }
            if (p > 0.0)
                q = -q;
            p = std::abs(p);
            if (2.0 * p < std::min(3.0 * half * q - std::abs(enough * q), std::abs(lastStep * q))) {
                lastStep = step;
                step = p / q;
            } else {
                step = lastStep = half;
            }
        } else {
            step = lastStep = half;
        }
        a = b, fa = fb;
        b += std::abs(step) > enough ? step : (half > 0.0 ? enough : -enough);
        fb = family.probe(b).determinant;
    }
    return b;
}

/// The lowest `wanted` roots between two probes, split until each is alone.
void isolate(const Family& family, const Probe& low, const Probe& high, int wanted,
             std::vector<double>& roots) {
    if (low.below >= high.below || static_cast<int>(roots.size()) >= wanted)
        return;
    if (high.below - low.below == 1) {
        roots.push_back(refine(family, low, high));
        return;
    }
    const double middle = 0.5 * (low.omega + high.omega);
    if (high.omega - low.omega < 1e-8 * high.omega) { // a true double root
        roots.insert(roots.end(), static_cast<std::size_t>(high.below - low.below), middle);
        return;
    }
    const Probe between = family.probe(middle);
    isolate(family, low, between, wanted, roots);
    isolate(family, between, high, wanted, roots);
}

} // namespace

std::vector<CoupledMode> coupledModes(const DrumState& drum, const ModeOptions& options) {
    std::vector<CoupledMode> modes;
    for (int m = options.lowestM; m <= options.highestM; ++m) {
        const Family family(drum, m, options);
        const int wanted = std::min<int>(options.perM, static_cast<int>(family.size()));
        // Upwards in steps until enough roots lie below; each step is searched as soon as it is known.
        std::vector<double> roots;
        Probe low = family.probe(kTwoPi);
        for (double omega = kTwoPi * 150.0; static_cast<int>(roots.size()) < wanted; omega *= 1.4) {
            const Probe high = family.probe(omega);
            isolate(family, low, high, wanted, roots);
            low = high;
        }
        roots.resize(static_cast<std::size_t>(wanted));
        for (std::size_t i = 0; i < roots.size(); ++i)
            modes.push_back(family.describe(roots[i], static_cast<int>(i) + 1));
    }
    return modes;
}

DrumState drumState(const Drum& drum, Tension batter, Tension snareSide, const Air& air) {
    return {drum.shell.radius(),
            drum.shell.depth,
            {drum.batterHead.arealDensity, batter},
            {drum.snareSideHead.arealDensity, snareSide},
            air};
}

} // namespace bombo
