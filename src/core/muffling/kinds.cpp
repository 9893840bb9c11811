#include "core/muffling/kinds.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace bombo {
namespace {

PadKind disc(const char* id, double grams, double loss, double radiusMm) {
    PadKind kind;
    kind.id = id;
    kind.mass = Kilograms{1e-3 * grams};
    kind.lossFactor = loss;
    kind.radius = Metres{1e-3 * radiusMm};
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
        disc("gel-pad", 2.2, 0.55, 12.5),
        disc("gel-pad-half", 1.1, 0.55, 8.8),
        disc("gel-pad-quarter", 0.55, 0.55, 6.3),
        disc("gel-pad-doubled", 4.4, 0.60, 12.5),
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
    // Seven points, exact to the fifth degree.
    const double out = pad.kind.radius.value * std::sqrt(2.0 / 3.0);
    const double x = pad.fromCentre.value * std::cos(pad.angle.value);
    const double y = pad.fromCentre.value * std::sin(pad.angle.value);
    std::vector<FacePoint> points{{pad.fromCentre.value / headRadius, pad.angle.value, 0.25}};
    for (int i = 0; i < 6; ++i) {
        const double turn = pad.angle.value + std::numbers::pi * i / 3.0; // turned with its place
        const double px = x + out * std::cos(turn);
        const double py = y + out * std::sin(turn);
        points.push_back({std::hypot(px, py) / headRadius, std::atan2(py, px), 0.125});
    }
    return points;
}

/// Along the hoop, `width` deep, from one angle to another.
std::vector<FacePoint> hoopPoints(double width, double from, double to, int angles) {
    constexpr std::array gauss{-0.7745966692414834, 0.0, 0.7745966692414834};
    constexpr std::array weights{5.0 / 18.0, 8.0 / 18.0, 5.0 / 18.0};
    std::vector<FacePoint> points;
    double sum = 0.0;
    for (std::size_t i = 0; i < gauss.size(); ++i) {
        const double radius = 1.0 - 0.5 * width * (1.0 - gauss[i]);
        for (int k = 0; k < angles; ++k) {
            points.push_back({radius, from + (to - from) * (k + 0.5) / angles, weights[i] * radius});
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

PadProblem checkPad(const Pad& pad, const std::vector<Pad>& others, const Shell& shell) {
    const double hoop = shell.radius().value;
    const double radius = pad.kind.radius.value;
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
        return hoopPoints(width, pad.angle.value - kArcHalf, pad.angle.value + kArcHalf, 5);
    case Footprint::Across: {
        constexpr int count = 12; // a side
        std::vector<FacePoint> points;
        for (int i = 0; i < count; ++i)
            for (const double side : {0.0, std::numbers::pi})
                points.push_back({(i + 0.5) / count, pad.angle.value + side, 0.5 / count});
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

namespace {

/// What a partial heard both times says.
struct CalibrationRow {
    double s = 0;     ///< mean squared shape under the face over the modal mass, 1/kg
    double omega = 0; ///< rad/s
    double falls = 0; ///< by how much faster, 1/s
    double sank = 0;  ///< (f / f')^2 - 1 = m s
};

std::vector<CalibrationRow> rowsOf(const DrumState& state, const Pad& pad,
                                   const std::vector<HeardBoth>& partials) {
    std::vector<CalibrationRow> rows;
    const std::vector<CoupledMode> modes = coupledModes(state);
    for (const HeardBoth& heard : partials) {
        const auto mode = std::find_if(modes.begin(), modes.end(), [&](const CoupledMode& candidate) {
            return candidate.m == heard.m && candidate.order == heard.order;
        });
        if (mode == modes.end() || !(heard.t60With.value > 0.0) || !(heard.t60Without.value > 0.0))
            continue;
        double under = 0.0;
        for (const FacePoint& point : facePoints(pad, state.radius)) {
            const double shape = shapeAt(mode->m, mode->batterShape, point.radius) *
                                 std::cos(mode->m * (point.angle - pad.angle.value));
            under += point.weight * shape * shape;
        }
        rows.push_back({under / mode->modalMass.value, 2.0 * std::numbers::pi * heard.without.value,
                        kRateOf60Db * (1.0 / heard.t60With.value - 1.0 / heard.t60Without.value),
                        std::pow(heard.without / heard.with, 2) - 1.0});
    }
    return rows;
}

std::optional<double> massOf(const std::vector<CalibrationRow>& rows) {
    double top = 0.0;
    double bottom = 0.0;
    for (const CalibrationRow& row : rows) {
        top += row.s * row.sank;
        bottom += row.s * row.s;
    }
    return bottom > 0.0 ? std::optional(std::max(1e-5, top / bottom)) : std::nullopt;
}

} // namespace

std::optional<Kilograms> massFrom(const DrumState& state, const Pad& pad,
                                  const std::vector<HeardBoth>& partials) {
    const auto mass = massOf(rowsOf(state, pad, partials));
    return mass ? std::optional(Kilograms{*mass}) : std::nullopt;
}

Result<PadKind, CalibrationFault> calibrateKind(const DrumState& state, const Pad& pad,
                                                const std::vector<HeardBoth>& partials) {
    const std::vector<CalibrationRow> rows = rowsOf(state, pad, partials);
    const auto mass = massOf(rows);
    if (rows.size() < 2 || !mass)
        return failure(CalibrationFault::TooFewPartials);
    // Added rate (1 + m s) = s (h w m + R) / 2, linear in m h and in R.
    Eigen::Matrix2d normal = Eigen::Matrix2d::Zero();
    Eigen::Vector2d right = Eigen::Vector2d::Zero();
    for (const CalibrationRow& row : rows) {
        const Eigen::Vector2d each = 0.5 * row.s * Eigen::Vector2d(row.omega, 1.0);
        normal += each * each.transpose();
        right += each * (row.falls * (1.0 + *mass * row.s));
    }
    // Where both would have to be fitted against each other, the one that alone explains it is taken.
    const double alone = right[0] / normal(0, 0);   // m h
    const double dragged = right[1] / normal(1, 1); // R
    Eigen::Vector2d found = normal.fullPivLu().solve(right);
    if (found[0] < 0.0)
        found = {0.0, dragged};
    if (found[1] < 0.0)
        found = {alone, 0.0};
    if (found[0] <= 0.0 && found[1] <= 0.0)
        return failure(CalibrationFault::NothingChanged);
    PadKind kind = pad.kind;
    kind.mass = Kilograms{*mass};
    kind.lossFactor = std::min(2.0, std::max(0.0, found[0]) / *mass);
    kind.resistance = std::max(0.0, found[1]);
    return kind;
}

} // namespace bombo
