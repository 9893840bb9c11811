#include "support/padded_head.h"

#include "core/dense/dense.h"
#include "support/quadrature.h"

#include <algorithm>
#include <cmath>
#include <complex>
#include <numbers>

namespace bombo::testing {
namespace {

using Complex = std::complex<double>;

/// A shape of the drum: what the head does in it, and how it swings by itself.
struct Shape {
    int m = 0;
    int order = 0;
    bool known = false; ///< one of the drum's with its air; else of the head alone
    ShapeVector mix{};
    std::vector<double> zeros{}; ///< of a shape of the head alone
    Eigen::VectorXd parts{};     ///< of each of these in it
    double mass = 0;
    double omega = 0;
    double at(double radius) const {
        if (known)
            return shapeAt(m, mix, radius);
        double value = 0.0;
        for (std::size_t n = 0; n < zeros.size(); ++n)
            value += parts[static_cast<Eigen::Index>(n)] * std::cyl_bessel_j(double(m), zeros[n] * radius);
        return value;
    }
};

double bessel(int m, double x) {
    return std::cyl_bessel_j(static_cast<double>(m), x);
}

std::vector<double> zerosBelow(int m, double finest) {
    std::vector<double> zeros;
    for (double x = m + 0.5; x < finest; x += 0.1)
        if (bessel(m, x) * bessel(m, x + 0.1) < 0.0) {
            double low = x;
            double high = x + 0.1;
            for (int i = 0; i < 50; ++i) {
                const double middle = 0.5 * (low + high);
                (bessel(m, low) * bessel(m, middle) > 0.0 ? low : high) = middle;
            }
            zeros.push_back(low);
        }
    return zeros;
}

/// The head's own shapes of one m beyond those that the drum's modes are made of: Bessel shapes from the
/// fourth on, orthogonal to the one beside them that the modes have too (it is made of the same).
void addFurther(std::vector<Shape>& shapes, const DrumState& state, int m, std::vector<double> zeros) {
    const double a = state.radius.value;
    const double speed = std::sqrt(state.batter.tension.value / state.batter.arealDensity.value);
    const bool known = m <= kHighestM;
    if (known)
        zeros.erase(zeros.begin(), zeros.begin() + kBesselShapes);
    const auto count = static_cast<Eigen::Index>(zeros.size());
    if (count == 0)
        return;
    Eigen::VectorXd norm(count);
    Eigen::VectorXd stiffness(count);
    Eigen::VectorXd last = Eigen::VectorXd::Zero(count); // the modes' own last shape, in root-norm terms
    const Rule rule = gauss(64);
    for (Eigen::Index n = 0; n < count; ++n) {
        const double zero = zeros[static_cast<std::size_t>(n)];
        norm[n] = 0.5 * std::pow(bessel(m + 1, zero), 2);
        stiffness[n] = std::pow(zero * speed / a, 2);
        for (std::size_t i = 0; known && i < rule.at.size(); ++i)
            last[n] += rule.weight[i] * rule.at[i] * shapeAt(m, {0.0, 0.0, 0.0, 1.0}, rule.at[i]) *
                       bessel(m, zero * rule.at[i]) / std::sqrt(norm[n]);
    }
    Eigen::MatrixXd across = Eigen::MatrixXd::Identity(count, count);
    if (known) { // all directions but that one: a mirror that lays it on the first
        Eigen::VectorXd mirror = last.normalized();
        mirror[0] += mirror[0] < 0.0 ? -1.0 : 1.0;
        across -= mirror * (2.0 / mirror.squaredNorm() * mirror.transpose());
    }
    const Eigen::MatrixXd left = across.rightCols(known ? count - 1 : count);
    const SymmetricAxes eigen = symmetricAxes(left.transpose() * stiffness.asDiagonal() * left);
    const double area = kTwoPi * a * a * (m == 0 ? 1.0 : 0.5);
    for (Eigen::Index k = 0; k < left.cols(); ++k)
        shapes.push_back({m,
                          static_cast<int>(k) + 1 + (known ? kRadialShapes : 0),
                          false,
                          {},
                          zeros,
                          (left * eigen.vectors.col(k)).cwiseQuotient(norm.cwiseSqrt()),
                          state.batter.arealDensity.value * area,
                          std::sqrt(eigen.values[k])});
}

std::vector<Shape> shapesOf(const DrumState& state, double finest) {
    std::vector<Shape> shapes;
    for (const CoupledMode& mode : coupledModes(state, {.perM = 2 * kRadialShapes}))
        shapes.push_back({mode.m,
                          mode.order,
                          true,
                          mode.batterShape,
                          {},
                          {},
                          mode.modalMass.value,
                          kTwoPi * mode.frequency.value});
    for (int m = 0; m < static_cast<int>(finest); ++m)
        addFurther(shapes, state, m, zerosBelow(m, finest));
    return shapes;
}

/// Points of a face with shares that sum to 1, by Gauss's rule.
std::vector<FacePoint> finelySpread(const Pad& pad, double a) {
    const Rule rule = gauss(8);
    const Rule along = gauss(24);
    const double size = pad.kind.radius.value / a;
    std::vector<FacePoint> points;
    double sum = 0.0;
    const auto add = [&](double x, double y, double weight) {
        points.push_back({std::hypot(x, y), std::atan2(y, x), weight});
        sum += weight;
    };
    switch (pad.kind.footprint) {
    case Footprint::Disc: {
        const double x = pad.fromCentre.value / a * std::cos(pad.angle.value);
        const double y = pad.fromCentre.value / a * std::sin(pad.angle.value);
        for (std::size_t i = 0; i < rule.at.size(); ++i)
            for (int k = 0; k < 16; ++k) {
                const double r = size * rule.at[i];
                const double turn = kTwoPi * (k + 0.5) / 16;
                add(x + r * std::cos(turn), y + r * std::sin(turn), r * rule.weight[i]);
            }
        break;
    }
    case Footprint::Ring:
    case Footprint::Arc: {
        const double half = pad.kind.footprint == Footprint::Ring ? std::numbers::pi : kArcHalf;
        const int count = pad.kind.footprint == Footprint::Ring ? 60 : 24;
        for (std::size_t i = 0; i < rule.at.size(); ++i)
            for (int k = 0; k < count; ++k) {
                const double r = 1.0 - size * rule.at[i];
                const double turn = pad.angle.value + half * (2.0 * (k + 0.5) / count - 1.0);
                add(r * std::cos(turn), r * std::sin(turn), r * rule.weight[i]);
            }
        break;
    }
    case Footprint::Across:
        for (std::size_t i = 0; i < along.at.size(); ++i)
            for (std::size_t k = 0; k < rule.at.size(); ++k) {
                const double x = 2.0 * along.at[i] - 1.0;
                const double y = size * (2.0 * rule.at[k] - 1.0);
                if (std::hypot(x, y) < 1.0)
                    add(x * std::cos(pad.angle.value) - y * std::sin(pad.angle.value),
                        x * std::sin(pad.angle.value) + y * std::cos(pad.angle.value),
                        along.weight[i] * rule.weight[k]);
            }
        break;
    }
    for (FacePoint& point : points)
        point.weight /= sum;
    return points;
}

/// Members of one kind at one pitch, at which losses that depend on it are taken.
std::vector<PaddedPartial> partialsOf(const std::vector<Shape>& shapes, const DrumState& state,
                                      const std::vector<Pad>& pads, double (*rate)(double), bool sine,
                                      double reference) {
    const Complex i(0.0, 1.0);
    const auto count = static_cast<Eigen::Index>(shapes.size());
    Eigen::MatrixXcd mass = Eigen::MatrixXcd::Zero(count, count);
    Eigen::MatrixXcd stiffness = mass;
    for (const Pad& pad : pads) {
        const PadKind& kind = pad.kind;
        const double weight = massOn(kind, state.radius).value;
        const double drag = kind.resistance * (kind.withTension ? state.batter.tension / kKindTension : 1.0);
        const double loss = kind.lossFactor * std::pow(reference / (kTwoPi * kLossAt.value), kind.lossRises);
        const bool plate = isPlate(kind); // then only its lift and tilts move it
        Eigen::MatrixXcd lifts = Eigen::MatrixXcd::Zero(count, 3);
        double spread = 0.0;
        const Complex moves = weight * (1.0 - i * loss) - i * drag / reference;
        const std::vector<FacePoint> face = finelySpread(pad, state.radius.value);
        Eigen::MatrixXd under(count,
                              static_cast<Eigen::Index>(face.size())); // with the root of each point's share
        for (std::size_t p = 0; p < face.size(); ++p) {
            const FacePoint& point = face[p];
            for (Eigen::Index k = 0; k < count; ++k) {
                const Shape& shape = shapes[static_cast<std::size_t>(k)];
                under(k, static_cast<Eigen::Index>(p)) =
                    std::sqrt(point.weight) * shape.at(point.radius) *
                    (sine ? std::sin(shape.m * point.angle) : std::cos(shape.m * point.angle));
            }
            const double x = point.radius * std::cos(point.angle) -
                             pad.fromCentre / state.radius * std::cos(pad.angle.value);
            const double y = point.radius * std::sin(point.angle) -
                             pad.fromCentre / state.radius * std::sin(pad.angle.value);
            const Eigen::VectorXcd here =
                (std::sqrt(point.weight) * under.col(static_cast<Eigen::Index>(p))).cast<Complex>();
            lifts.col(0) += here;
            lifts.col(1) += x * here;
            lifts.col(2) += y * here;
            spread += point.weight * x * x;
        }
        if (!plate) {
            const Eigen::MatrixXd squares = under * under.transpose();
            mass += moves * squares;
            stiffness += (kind.stiffness * squares).cast<Complex>();
        }
        if (plate) {
            lifts.rightCols<2>() /= std::sqrt(spread);
            mass += moves * (lifts * lifts.transpose());
        }
    }
    Eigen::VectorXd root(count);
    for (Eigen::Index k = 0; k < count; ++k) {
        const Shape& shape = shapes[static_cast<std::size_t>(k)];
        mass(k, k) += shape.mass;
        stiffness(k, k) +=
            shape.mass * (shape.omega * shape.omega + 2.0 * i * rate(shape.omega) * shape.omega);
        root[k] = std::sqrt(shape.mass);
    }
    // (K - w^2 M) v = 0 as M^-1 K v = w^2 v.
    const ComplexAxes eigen = complexAxes(solved(mass, stiffness));
    std::vector<PaddedPartial> partials;
    for (Eigen::Index r = 0; r < count; ++r) {
        Eigen::VectorXcd v = eigen.vectors.col(r);
        v /= std::sqrt((v.transpose() * mass * v)(0, 0));
        const Complex omega = std::sqrt(eigen.values[r]);
        Eigen::Index most = 0;
        const Eigen::VectorXd energy = v.cwiseAbs().cwiseProduct(root).cwiseAbs2();
        energy.maxCoeff(&most);
        double struck = 0.0;
        double moves = 0.0;
        for (int m = 0; m <= static_cast<int>(shapes.back().m); ++m) {
            Complex all = 0.0; // cos^2 of the stroke's direction comes to a half
            for (Eigen::Index k = 0; k < count; ++k)
                if (shapes[static_cast<std::size_t>(k)].m == m)
                    all += v[k] * shapes[static_cast<std::size_t>(k)].at(0.2);
            struck += std::norm(all) * (m == 0 ? 1.0 : 0.5);
        }
        for (Eigen::Index k = 0; k < count; ++k)
            moves += std::norm(v[k]);
        const Shape& shape = shapes[static_cast<std::size_t>(most)];
        partials.push_back({shape.m, shape.order, sine, energy[most] / energy.sum(),
                            std::abs(omega.real()) / kTwoPi, std::abs(omega.imag()), struck * moves});
    }
    return partials;
}

} // namespace

std::vector<PaddedPartial> paddedPartials(const DrumState& state, const std::vector<Pad>& pads,
                                          double (*rate)(double omega), double below, double finest) {
    const std::vector<Shape> all = shapesOf(state, finest);
    std::vector<Shape> turned;
    std::copy_if(all.begin(), all.end(), std::back_inserter(turned), [](const Shape& s) { return s.m > 0; });
    std::vector<PaddedPartial> partials;
    double from = 0.0;
    for (const double reference : {150.0, 250.0, 400.0, 650.0, 1000.0, 1600.0}) {
        if (from > below)
            break;
        const double to = std::min(below, reference * 1.28);
        for (const bool sine : {false, true})
            for (const PaddedPartial& partial :
                 partialsOf(sine ? turned : all, state, pads, rate, sine, kTwoPi * reference))
                if (partial.hertz >= from && partial.hertz < to)
                    partials.push_back(partial);
        from = to;
    }
    return partials;
}

double ringOf(const std::vector<PaddedPartial>& partials, double below) {
    const auto left = [&](double time) {
        double sum = 0.0;
        for (const PaddedPartial& partial : partials)
            if (partial.hertz < below)
                sum += partial.energy * std::exp(-2.0 * partial.rate * time);
        return sum;
    };
    const auto fallsBy = [&](double db) {
        const double wanted = left(0.0) * std::pow(10.0, -db / 10.0);
        double time = 0.0;
        while (left(time) > wanted)
            time += 1e-4;
        return time;
    };
    return 2.0 * (fallsBy(35.0) - fallsBy(5.0));
}

} // namespace bombo::testing
