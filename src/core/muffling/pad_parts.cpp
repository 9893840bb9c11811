#include "core/muffling/pad_parts.h"

#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

/// Area of what a thing covers over that of the head's radius squared.
double areaOf(const Pad& pad, double size) {
    switch (pad.kind.footprint) {
    case Footprint::Ring:
        return std::numbers::pi * size * (2.0 - size);
    case Footprint::Arc:
        return kArcHalf * size * (2.0 - size);
    case Footprint::Across:
        return 4.0 * size;
    case Footprint::Disc:
        break;
    }
    return std::numbers::pi * size * size;
}

std::vector<std::array<int, 2>> upTo(int along, int across) {
    std::vector<std::array<int, 2>> powers;
    for (int i = 0; i <= along; ++i)
        for (int k = 0; k <= across; ++k)
            powers.push_back({i, k});
    return powers;
}

/// Powers of the two coordinates along and across a thing in which its face moves.
std::vector<std::array<int, 2>> powersOf(const PadKind& kind) {
    switch (kind.footprint) {
    case Footprint::Across:
        return upTo(6, 1);
    case Footprint::Ring:
    case Footprint::Arc:
        return upTo(2, 3);
    case Footprint::Disc:
        break;
    }
    if (kind.radius <= kSmallDisc || isPlate(kind))
        return {{0, 0}, {1, 0}, {0, 1}};
    return {{0, 0}, {1, 0}, {0, 1}, {2, 0}, {1, 1}, {0, 2}, {3, 0}, {2, 1}, {1, 2}, {0, 3}};
}

/// Along the thing and across it: from its middle, or from the middle of the head.
std::array<double, 2> coordinatesOf(const Pad& pad, const FacePoint& point, double headRadius) {
    const double turn = point.angle - pad.angle.value;
    const double outward = point.radius * std::cos(turn);
    const double aside = point.radius * std::sin(turn);
    switch (pad.kind.footprint) {
    case Footprint::Across:
        return {outward, aside};
    case Footprint::Ring:
    case Footprint::Arc:
        return {1.0 - point.radius, std::remainder(turn, 2.0 * std::numbers::pi)};
    case Footprint::Disc:
        break;
    }
    return {outward - pad.fromCentre.value / headRadius, aside};
}

/// Of a clamped disc of radius and tension 1, times 2 pi. @param p where it is pressed, @param q where it
/// gives way
double greensFunction(const FacePoint& p, const FacePoint& q) {
    const double across = p.radius * q.radius * std::cos(p.angle - q.angle);
    const double apart = p.radius * p.radius + q.radius * q.radius - 2.0 * across;
    const double mirrored = 1.0 + std::pow(p.radius * q.radius, 2) - 2.0 * across;
    return 0.5 * std::log(mirrored / apart);
}
double underItself(const FacePoint& p, double patch) {
    return std::log((1.0 - p.radius * p.radius) / patch) + 0.25;
}

Eigen::MatrixXd between(const PadParts& a, const PadParts& b) {
    Eigen::MatrixXd bends(static_cast<Eigen::Index>(a.points.size()),
                          static_cast<Eigen::Index>(b.points.size()));
    for (std::size_t i = 0; i < a.points.size(); ++i)
        for (std::size_t j = 0; j < b.points.size(); ++j) {
            const bool itself = &a == &b && i == j;
            // A point of more weight stands for a larger patch.
            const double patch =
                a.patch * std::sqrt(a.points[i].weight * static_cast<double>(a.points.size()));
            bends(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(j)) =
                itself ? underItself(a.points[i], patch) : greensFunction(a.points[i], b.points[j]);
        }
    return a.moves * bends * b.moves.transpose();
}

} // namespace

PadParts partsOf(const Pad& pad, const DrumState& state) {
    const PadKind& kind = pad.kind;
    const double a = state.radius.value;
    const std::vector<FacePoint> face = facePoints(pad, state.radius);
    const auto count = static_cast<Eigen::Index>(face.size());
    Eigen::VectorXd share(count);
    for (Eigen::Index i = 0; i < count; ++i)
        share[i] = face[static_cast<std::size_t>(i)].weight;
    std::vector<Eigen::VectorXd> polynomials; // by Gram and Schmidt
    for (const auto& [along, across] : powersOf(kind)) {
        Eigen::VectorXd value(count);
        for (Eigen::Index i = 0; i < count; ++i) {
            const auto at = coordinatesOf(pad, face[static_cast<std::size_t>(i)], a);
            value[i] = std::pow(at[0], along) * std::pow(at[1], across);
        }
        const double before = std::sqrt(share.dot(value.cwiseAbs2()));
        for (const Eigen::VectorXd& other : polynomials)
            value -= other * share.dot(value.cwiseProduct(other));
        const double left = std::sqrt(share.dot(value.cwiseAbs2()));
        if (left > 1e-6 * before) // else the points of the face do not tell it from the others
            polynomials.push_back(value / left);
    }
    PadParts parts{.points = face,
                   .patch = std::sqrt(areaOf(pad, kind.radius.value / a) / std::numbers::pi /
                                      static_cast<double>(face.size())),
                   .moves = Eigen::MatrixXd(static_cast<Eigen::Index>(polynomials.size()), count),
                   .mass = massOn(kind, state.radius).value,
                   .loss = kind.lossFactor,
                   .lossRises = kind.lossRises,
                   .drag = kind.resistance * (kind.withTension ? state.batter.tension / kKindTension : 1.0),
                   .stiffness = kind.stiffness};
    for (std::size_t i = 0; i < polynomials.size(); ++i)
        parts.moves.row(static_cast<Eigen::Index>(i)) = polynomials[i].cwiseProduct(share).transpose();
    return parts;
}

Laid laidOut(const std::vector<Pad>& pads, const DrumState& state) {
    Laid laid;
    for (const Pad& pad : pads)
        if (pad.kind.footprint == Footprint::Ring)
            laid.rings.push_back(pad);
        else
            laid.things.push_back(partsOf(pad, state));
    return laid;
}

std::complex<double> dynamicStiffness(const PadParts& parts, std::complex<double> omega) {
    constexpr std::complex<double> i(0.0, 1.0);
    double loss = parts.loss;
    if (parts.lossRises != 0.0)
        loss *= std::pow(omega.real() / (2.0 * std::numbers::pi * kLossAt.value), parts.lossRises);
    return parts.stiffness + i * omega * parts.drag - omega * omega * parts.mass * (1.0 - i * loss);
}

Eigen::MatrixXd filmGivesWay(const std::vector<PadParts>& things, const DrumState& state) {
    const double a = state.radius.value;
    const double tension = state.batter.tension.value;
    Eigen::Index count = 0;
    for (const PadParts& thing : things)
        count += thing.moves.rows();
    // Air shut in: a force bends the head by a volume of (a^2 - r^2) / (4 T) a newton, which raises the
    // pressure in the shell, which lifts both heads by pi a^4 p / (8 T).
    const double stiff = state.air.density * state.air.soundSpeed * state.air.soundSpeed /
                         (std::numbers::pi * a * a * state.depth.value);
    const double heads =
        std::numbers::pi * std::pow(a, 4) / 8.0 * (1.0 / tension + 1.0 / state.snareSide.tension.value);
    const double pressure = stiff / (1.0 + stiff * heads);
    Eigen::VectorXd volume(count);
    Eigen::MatrixXd gives(count, count);
    Eigen::Index row = 0;
    for (const PadParts& one : things) {
        Eigen::VectorXd bulges(static_cast<Eigen::Index>(one.points.size()));
        for (std::size_t i = 0; i < one.points.size(); ++i)
            bulges[static_cast<Eigen::Index>(i)] =
                a * a * (1.0 - one.points[i].radius * one.points[i].radius) / (4.0 * tension);
        volume.segment(row, one.moves.rows()) = one.moves * bulges;
        Eigen::Index column = 0;
        for (const PadParts& other : things) {
            if (column > row)
                break;
            const Eigen::MatrixXd bends = between(one, other) / (2.0 * std::numbers::pi * tension);
            gives.block(row, column, bends.rows(), bends.cols()) = bends;
            gives.block(column, row, bends.cols(), bends.rows()) = bends.transpose();
            column += other.moves.rows();
        }
        row += one.moves.rows();
    }
    return gives - pressure * volume * volume.transpose();
}

} // namespace bombo
