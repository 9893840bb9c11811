#include "core/muffling/kinds.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

constexpr std::array kGauss{-0.7745966692414834, 0.0, 0.7745966692414834};
constexpr std::array kGaussWeights{5.0 / 18.0, 8.0 / 18.0, 5.0 / 18.0};

PadKind disc(const char* id, double grams, double loss, double radiusMm) {
    PadKind kind;
    kind.id = id;
    kind.mass = Kilograms{1e-3 * grams};
    kind.lossFactor = loss;
    kind.lossRises = 0.0;
    kind.radius = Metres{1e-3 * radiusMm};
    return kind;
}
PadKind gel(PadKind kind) { // softer things lose more the faster they are bent; estimate
    kind.lossRises = 0.25;
    return kind;
}
PadKind dragging(PadKind kind, double resistance) {
    kind.resistance = resistance;
    return kind;
}
PadKind shaped(PadKind kind, Footprint footprint) {
    kind.footprint = footprint;
    return kind;
}
PadKind late(PadKind kind, double seconds) {
    kind.delay = Seconds{seconds};
    return kind;
}
PadKind trapped(PadKind kind) {
    kind.withTension = true;
    return kind;
}
PadKind inside(PadKind kind, double stiffness) {
    kind.beneath = true;
    kind.stiffness = stiffness;
    return kind;
}
PadKind ofHead(PadKind kind) {
    kind.partOfHead = true;
    return kind;
}

const std::array<PadKind, 15>& shipped() {
    static const std::array kinds{
        gel(disc("gel-pad", 2.2, 0.55, 12.5)),
        gel(disc("gel-pad-half", 1.1, 0.55, 8.8)),
        gel(disc("gel-pad-quarter", 0.55, 0.55, 6.3)),
        gel(disc("gel-pad-doubled", 4.4, 0.60, 12.5)),
        shaped(disc("film-ring", 6.5, 0.35, 25.0), Footprint::Ring),
        dragging(disc("tape-tissue", 1.2, 0.40, 22.0), 1.2),
        dragging(disc("felt-piece", 3.0, 0.45, 20.0), 2.0),
        shaped(dragging(inside(disc("felt-strip", 6.0, 0.30, 20.0), 0.0), 1.2), Footprint::Across),
        dragging(disc("cloth", 14.0, 0.50, 40.0), 2.0),
        disc("wallet", 70.0, 0.35, 45.0),
        late(dragging(disc("loose-weight", 6.0, 0.30, 12.0), 2.0), 0.030),
        trapped(shaped(dragging(disc("hoop-cloth", 3.0, 0.40, 50.0), 1.5), Footprint::Arc)),
        inside(dragging(disc("inner-damper", 0.5, 0.40, 20.0), 2.5), 1500.0),
        ofHead(shaped(disc("ringed-head", 9.0, 0.30, 30.0), Footprint::Ring)),
        ofHead(shaped(dragging(disc("vented-head", 0.01, 0.0, 20.0), 3.0), Footprint::Ring)),
    };
    return kinds;
}

double distance(const Pad& a, const Pad& b) {
    return std::hypot(
        a.fromCentre.value * std::cos(a.angle.value) - b.fromCentre.value * std::cos(b.angle.value),
        a.fromCentre.value * std::sin(a.angle.value) - b.fromCentre.value * std::sin(b.angle.value));
}

/// Whether a point of the head lies under the pad's face.
bool covers(const Pad& pad, double radius, double angle, double hoop) {
    switch (pad.kind.footprint) {
    case Footprint::Ring:
        return radius > hoop - pad.kind.radius.value;
    case Footprint::Across:
        return std::abs(radius * std::sin(angle - pad.angle.value)) < pad.kind.radius.value;
    case Footprint::Arc:
        return radius > hoop - pad.kind.radius.value &&
               std::abs(std::remainder(angle - pad.angle.value, 2.0 * std::numbers::pi)) < kArcHalf;
    case Footprint::Disc:
        break;
    }
    return distance(pad, {Metres{radius}, Radians{angle}, {}}) < pad.kind.radius.value;
}

/// The outline of a pad as points to be tried against another.
bool touches(const Pad& a, const Pad& b, double hoop) {
    if (a.kind.footprint == Footprint::Disc && b.kind.footprint == Footprint::Disc)
        return distance(a, b) < a.kind.radius.value + b.kind.radius.value;
    if (a.kind.footprint == b.kind.footprint && a.kind.footprint != Footprint::Arc)
        return true; // two rings, or two strips that cross in the middle
    const auto anyOf = [hoop](const Pad& from, const Pad& to) {
        const Metres radius{hoop};
        for (const FacePoint& point : facePoints(from, radius))
            if (covers(to, point.radius * hoop, point.angle, hoop))
                return true;
        if (from.kind.footprint != Footprint::Disc)
            return false;
        for (int i = 0; i < 12; ++i) { // its rim
            const double turn = 2.0 * std::numbers::pi * i / 12.0;
            const double x = from.fromCentre.value * std::cos(from.angle.value) +
                             0.98 * from.kind.radius.value * std::cos(turn);
            const double y = from.fromCentre.value * std::sin(from.angle.value) +
                             0.98 * from.kind.radius.value * std::sin(turn);
            if (covers(to, std::hypot(x, y), std::atan2(y, x), hoop))
                return true;
        }
        return false;
    };
    return anyOf(a, b) || anyOf(b, a);
}

std::vector<FacePoint> discPoints(const Pad& pad, double headRadius) {
    const double x = pad.fromCentre.value * std::cos(pad.angle.value);
    const double y = pad.fromCentre.value * std::sin(pad.angle.value);
    std::vector<FacePoint> points;
    const auto add = [&](double out, double turn, double weight) { // turned with its place
        const double px = x + out * std::cos(pad.angle.value + turn);
        const double py = y + out * std::sin(pad.angle.value + turn);
        points.push_back({std::hypot(px, py) / headRadius, std::atan2(py, px), weight});
    };
    if (pad.kind.radius.value <= kSmallDisc.value) { // seven points, exact to the fifth degree
        points.push_back({pad.fromCentre.value / headRadius, pad.angle.value, 0.25});
        for (int i = 0; i < 6; ++i)
            add(pad.kind.radius.value * std::sqrt(2.0 / 3.0), std::numbers::pi * i / 3.0, 0.125);
        return points;
    }
    for (std::size_t i = 0; i < kGauss.size(); ++i) // by the square of the radius; exact to the fifth degree
        for (int k = 0; k < 8; ++k)
            add(pad.kind.radius.value * std::sqrt(0.5 * (1.0 + kGauss[i])), 0.25 * std::numbers::pi * k,
                kGaussWeights[i] / 8.0);
    return points;
}

/// Along the hoop, `width` deep, from one angle to another.
std::vector<FacePoint> hoopPoints(double width, double from, double to, int angles) {
    std::vector<FacePoint> points;
    double sum = 0.0;
    for (std::size_t i = 0; i < kGauss.size(); ++i) {
        const double radius = 1.0 - 0.5 * width * (1.0 - kGauss[i]);
        for (int k = 0; k < angles; ++k) {
            points.push_back({radius, from + (to - from) * (k + 0.5) / angles, kGaussWeights[i] * radius});
            sum += points.back().weight;
        }
    }
    for (FacePoint& point : points)
        point.weight /= sum;
    return points;
}

} // namespace

std::span<const PadKind> padKinds() {
    return shipped();
}

std::optional<PadKind> padKindNamed(const std::string& id) {
    for (const PadKind& kind : shipped())
        if (kind.id == id)
            return kind;
    return std::nullopt;
}

bool isPlate(const PadKind& kind) {
    constexpr double heavy = 5.0; // kg/m^2; estimate
    return kind.footprint == Footprint::Disc && kind.radius > kSmallDisc &&
           kind.mass.value > heavy * std::numbers::pi * kind.radius.value * kind.radius.value;
}

PadProblem checkPad(const Pad& pad, const std::vector<Pad>& others, const Shell& shell) {
    const double hoop = shell.radius().value;
    const double radius = pad.kind.radius.value;
    if (!(pad.fromCentre.value >= 0.0 && pad.fromCentre.value <= hoop))
        return PadProblem::BeyondHoop;
    if (pad.kind.footprint == Footprint::Disc) {
        if (pad.fromCentre.value + radius > hoop)
            return PadProblem::BeyondHoop;
        if (!pad.kind.beneath && pad.fromCentre.value - radius < kLandingArea * hoop)
            return PadProblem::OnLandingArea;
    } else if (pad.kind.footprint != Footprint::Across && radius > (1.0 - kLandingArea) * hoop)
        return PadProblem::OnLandingArea;
    for (const Pad& other : others)
        if (other.kind.beneath == pad.kind.beneath && other.kind.partOfHead == pad.kind.partOfHead &&
            touches(pad, other, hoop))
            return PadProblem::Overlaps;
    return PadProblem::None;
}

std::vector<FacePoint> facePoints(const Pad& pad, Metres headRadius) {
    constexpr double round = 2.0 * std::numbers::pi;
    const double width = pad.kind.radius / headRadius;
    switch (pad.kind.footprint) {
    case Footprint::Ring:
        return hoopPoints(width, pad.angle.value, pad.angle.value + round, 12);
    case Footprint::Arc:
        return hoopPoints(width, pad.angle.value - kArcHalf, pad.angle.value + kArcHalf, 9);
    case Footprint::Across: {
        constexpr int count = 24;
        std::vector<FacePoint> points;
        for (int i = 0; i < count; ++i)
            for (const double side : {-1.0, 1.0}) { // exact to the third degree across
                const double along = -1.0 + 2.0 * (i + 0.5) / count;
                const double aside = side * width / std::sqrt(3.0);
                points.push_back({std::min(1.0, std::hypot(along, aside)),
                                  pad.angle.value + std::atan2(aside, along), 0.5 / count});
            }
        return points;
    }
    case Footprint::Disc:
        break;
    }
    return discPoints(pad, headRadius.value);
}

Kilograms massOn(const PadKind& kind, Metres headRadius) {
    const bool grows = kind.footprint == Footprint::Ring || kind.footprint == Footprint::Across;
    return grows ? kind.mass * (headRadius / kKindRadius) : kind.mass;
}

} // namespace bombo
