#include "core/acoustics/coupled_modes.h"

#include "core/acoustics/bessel.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr int kCavityModes = 14;
constexpr int kLargestSize = 2 * kRadialShapes;
using Matrix = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, kLargestSize, kLargestSize>;
using Vector = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, kLargestSize, 1>;
constexpr double kTwoPi = 2.0 * std::numbers::pi;

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
            Eigen::Vector3d overlap;
            for (int n = 0; n < kRadialShapes; ++n)
                overlap[n] = besselOverlap(m, shapeZeros(m)[static_cast<std::size_t>(n)], q);
            products[k] = overlap * overlap.transpose() / norm;
        }
    }
};

const CavityBasis& cavityBasis(int m) {
    static const std::array<CavityBasis, kHighestM + 1> all{CavityBasis(0), CavityBasis(1), CavityBasis(2),
                                                            CavityBasis(3), CavityBasis(4)};
    return all[static_cast<std::size_t>(m)];
}

/// The dynamic stiffness of one m-family, D(omega) q = 0, divided by the azimuthal factor.
class Family {
public:
    Family(const DrumState& drum, int m, const ModeOptions& options)
        : m_drum(drum), m_m(m), m_air(options.air), m_held(options.held) {
        for (int n = 0; n < kRadialShapes; ++n) {
            const double zero = shapeZeros(m)[static_cast<std::size_t>(n)];
            const double edge = besselJ(m + 1, zero);
            m_norm[n] = 0.5 * edge * edge;
            m_strain[n] = zero * zero * m_norm[n];
        }
    }

    Eigen::Index size() const { return m_held == Held::Neither ? kLargestSize : kRadialShapes; }
    bool batterMoves() const { return m_held != Held::Batter; }
    bool snareSideMoves() const { return m_held != Held::SnareSide; }

    Matrix dynamicStiffness(double omega) const {
        Matrix d = Matrix::Zero(size(), size());
        if (batterMoves())
            addHead(d, 0, m_drum.batter, omega);
        if (snareSideMoves())
            addHead(d, snareSideAt(), m_drum.snareSide, omega);
        if (m_air != AirCoupling::None)
            addCavity(d, omega);
        return d;
    }

    /// Natural frequencies below omega: those of the rigid-walled cavity plus the negative eigenvalues of D.
    int countBelow(double omega) const {
        return cavityPolesBelow(omega) + negativeCount(dynamicStiffness(omega));
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
        const Eigen::SelfAdjointEigenSolver<Matrix> solver(dynamicStiffness(omega));
        Eigen::Index smallest = 0;
        solver.eigenvalues().cwiseAbs().minCoeff(&smallest);
        const Vector q = solver.eigenvectors().col(smallest);

        CoupledMode mode;
        mode.m = m_m;
        mode.order = order;
        mode.frequency = Hertz{omega / kTwoPi};
        if (batterMoves())
            mode.batterShape = q.head<kRadialShapes>();
        if (snareSideMoves())
            mode.snareSideShape = q.tail<kRadialShapes>();
        normalise(mode);
        shareEnergy(mode);
        massAndRadiation(mode, omega);
        return mode;
    }

    static int negativeCount(const Matrix& d) {
        const Eigen::LDLT<Matrix> ldlt(d);
        return static_cast<int>((ldlt.vectorD().array() < 0.0).count());
    }

private:
    Eigen::Index snareSideAt() const { return batterMoves() ? kRadialShapes : 0; }

    void addHead(Matrix& d, Eigen::Index at, const HeadState& head, double omega) const {
        const double a = m_drum.radius.value;
        auto block = d.block<kRadialShapes, kRadialShapes>(at, at);
        block.diagonal() +=
            head.tension.value * m_strain - omega * omega * head.arealDensity.value * a * a * m_norm;
        if (m_air == AirCoupling::Both) {
            const RadiationLoad load = radiationLoad(m_m, omega * a / m_drum.air.soundSpeed);
            block -= omega * omega * m_drum.air.density * a * a * a * load.mass;
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
            } else {
                own -= basis.products[k] / (axial * std::tanh(axial * h));
                across += basis.products[k] / (axial * std::sinh(axial * h));
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

    static double peak(int m, const Eigen::Vector3d& shape) {
        double highest = 0.0;
        for (int i = 0; i <= 40; ++i) {
            const double value = shapeAt(m, shape, i / 40.0);
            if (std::abs(value) > std::abs(highest))
                highest = value;
        }
        return highest;
    }

    void normalise(CoupledMode& mode) const {
        const double batterPeak = peak(m_m, mode.batterShape);
        const double snareSidePeak = peak(m_m, mode.snareSideShape);
        const double scale = std::abs(batterPeak) >= std::abs(snareSidePeak) ? batterPeak : snareSidePeak;
        mode.batterShape /= scale;
        mode.snareSideShape /= scale;
        mode.relativePhaseDeg = batterPeak * snareSidePeak < 0.0 ? 180.0 : 0.0;
        mode.amplitudeRatio = std::abs(snareSidePeak) / std::max(std::abs(batterPeak), 1e-9);
    }

    void shareEnergy(CoupledMode& mode) const {
        const double batter = m_drum.batter.tension.value * m_strain.dot(mode.batterShape.cwiseAbs2());
        const double snareSide =
            m_drum.snareSide.tension.value * m_strain.dot(mode.snareSideShape.cwiseAbs2());
        mode.batterShare = batter / (batter + snareSide);
        mode.snareSideShare = 1.0 - mode.batterShare;
    }

    /// Modal mass from the slope of D: q' dD/d(omega^2) q = -(effective mass). Decay = q'Cq / (2 mass).
    void massAndRadiation(CoupledMode& mode, double omega) const {
        Vector q(size());
        if (batterMoves())
            q.head<kRadialShapes>() = mode.batterShape;
        if (snareSideMoves())
            q.tail<kRadialShapes>() = mode.snareSideShape;
        const double step = 1e-4 * omega;
        const Matrix slope =
            (dynamicStiffness(omega + step) - dynamicStiffness(omega - step)) / (4.0 * step * omega);
        const double mass = -q.dot(slope * q);
        mode.modalMass = Kilograms{mass * (m_m == 0 ? kTwoPi : std::numbers::pi)};
        if (m_air != AirCoupling::Both)
            return;
        const double a = m_drum.radius.value;
        const ShapeMatrix c = m_drum.air.density * a * a * a * omega *
                              radiationLoad(m_m, omega * a / m_drum.air.soundSpeed).resistance;
        const double loss =
            mode.batterShape.dot(c * mode.batterShape) + mode.snareSideShape.dot(c * mode.snareSideShape);
        const double decay = 0.5 * loss / mass;
        if (decay > 1e-6)
            mode.radiationT60 = Seconds{std::log(1000.0) / decay};
    }

    DrumState m_drum;
    int m_m;
    AirCoupling m_air;
    Held m_held;
    Eigen::Vector3d m_norm;
    Eigen::Vector3d m_strain;
};

/// One root between `low` and `high`; false position on det D when no cavity pole lies between, else
/// bisection.
double refine(const Family& family, double low, double high, int below) {
    constexpr double tolerance = 1e-9;
    if (family.cavityPolesBelow(low) == family.cavityPolesBelow(high)) {
        double fLow = family.dynamicStiffness(low).determinant();
        double fHigh = family.dynamicStiffness(high).determinant();
        if ((fLow < 0.0) != (fHigh < 0.0)) {
            for (int i = 0; i < 60 && high - low > tolerance * high; ++i) {
                const double x = (low * fHigh - high * fLow) / (fHigh - fLow);
                const double f = family.dynamicStiffness(x).determinant();
                if (std::abs(f) == 0.0)
                    return x;
                if ((f < 0.0) == (fHigh < 0.0)) { // Illinois: halve the end that stays
                    if (std::abs(x - high) < tolerance * high)
                        return x;
                    high = x;
                    fHigh = f;
                    fLow *= 0.5;
                } else {
                    if (std::abs(x - low) < tolerance * high)
                        return x;
                    low = x;
                    fLow = f;
                    fHigh *= 0.5;
                }
            }
            return 0.5 * (low + high);
        }
    }
    for (int i = 0; i < 60 && high - low > tolerance * high; ++i) {
        const double middle = 0.5 * (low + high);
        (family.countBelow(middle) > below ? high : low) = middle;
    }
    return 0.5 * (low + high);
}

/// The roots between two frequencies with `below` and `upTo` roots beneath them, split until each is alone.
void isolate(const Family& family, double low, double high, int below, int upTo, int wanted,
             std::vector<double>& roots) {
    if (below >= upTo || static_cast<int>(roots.size()) >= wanted)
        return;
    const bool narrow = high - low < 0.02 * high;
    if (upTo - below == 1 && narrow) {
        roots.push_back(refine(family, low, high, below));
        return;
    }
    const double middle = 0.5 * (low + high);
    if (high - low < 1e-8 * high) { // a true double root
        roots.insert(roots.end(), static_cast<std::size_t>(upTo - below), middle);
        return;
    }
    const int inMiddle = family.countBelow(middle);
    isolate(family, low, middle, below, inMiddle, wanted, roots);
    isolate(family, middle, high, inMiddle, upTo, wanted, roots);
}

} // namespace

double shapeAt(int m, const Eigen::Vector3d& shape, double radius) {
    double value = 0.0;
    for (int n = 0; n < kRadialShapes; ++n)
        value += shape[n] * besselJ(m, shapeZeros(m)[static_cast<std::size_t>(n)] * radius);
    return value;
}

std::vector<CoupledMode> coupledModes(const DrumState& drum, const ModeOptions& options) {
    std::vector<CoupledMode> modes;
    for (int m = options.lowestM; m <= options.highestM; ++m) {
        const Family family(drum, m, options);
        const int wanted = std::min<int>(options.perM, static_cast<int>(family.size()));
        double high = kTwoPi * 100.0;
        while (family.countBelow(high) < wanted)
            high *= 1.5;
        std::vector<double> roots;
        isolate(family, kTwoPi * 1.0, high, 0, family.countBelow(high), wanted, roots);
        roots.resize(std::min(roots.size(), static_cast<std::size_t>(wanted)));
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
