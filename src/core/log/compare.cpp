#include "core/log/compare.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace bombo {
namespace {

std::optional<Hertz> pitchOf(const HeadFigures& head) {
    return head.left ? std::optional(head.left->edge) : std::nullopt;
}

/// Of a figure that changed by so much, in just noticeable differences.
Difference measured(Differs what, double from, double to) {
    Difference d{what, from, to, to - from, 0.0};
    switch (what) {
    case Differs::BatterPitch:
    case Differs::SnareSidePitch:
        d.by = centsBetween(Hertz{from}, Hertz{to}).value;
        d.steps = std::abs(d.by) / kPitchJnd.value;
        break;
    case Differs::Interval:
        d.steps = std::abs(d.by) / (2.0 * kPitchJnd.value); // the ear follows it less than either pitch
        break;
    case Differs::Evenness:
        d.steps = std::abs(d.by) / kEvennessJnd.value;
        break;
    case Differs::Strainer:
        d.steps = std::abs(d.by) / kStrainerJnd.value;
        break;
    case Differs::Ring:
        d.by = from > 0.0 ? to / from - 1.0 : 0.0;
        d.steps = std::abs(d.by) / kRingJnd;
        break;
    default:
        break;
    }
    return d;
}

/// What the figures are rounded by: less is no difference.
double rounding(Differs what) {
    switch (what) {
    case Differs::BatterPitch:
    case Differs::SnareSidePitch:
        return 1.0; // cents
    case Differs::Interval:
        return 2.0;
    case Differs::Evenness:
    case Differs::Temperature:
        return 0.5;
    case Differs::Ring:
        return 0.02;
    default:
        return 0.01;
    }
}

constexpr std::array kMeasured{Differs::BatterPitch, Differs::SnareSidePitch, Differs::Interval,
                               Differs::Evenness,    Differs::Strainer,       Differs::Ring,
                               Differs::Temperature};

bool samePads(const EntryFigures& a, const EntryFigures& b) {
    const auto near = [](const LaidPad& one, const LaidPad& other) {
        constexpr double place = 0.02; // m
        return one.kind == other.kind &&
               std::hypot(one.fromCentre.value * std::cos(one.angle.value) -
                              other.fromCentre.value * std::cos(other.angle.value),
                          one.fromCentre.value * std::sin(one.angle.value) -
                              other.fromCentre.value * std::sin(other.angle.value)) < place;
    };
    return std::is_permutation(a.pads.begin(), a.pads.end(), b.pads.begin(), b.pads.end(), near);
}

} // namespace

std::optional<double> figureOf(const EntryFigures& of, Differs what) {
    const auto value = [](const auto& known) {
        return known ? std::optional<double>(known->value) : std::nullopt;
    };
    switch (what) {
    case Differs::BatterPitch:
        return value(pitchOf(of.batter));
    case Differs::SnareSidePitch:
        return value(pitchOf(of.snareSide));
    case Differs::Interval:
        if (of.batter.left && of.snareSide.left)
            return centsBetween(of.batter.left->edge, of.snareSide.left->edge).value;
        return std::nullopt;
    case Differs::Evenness:
        return value(of.batter.evenTo);
    case Differs::Strainer:
        return value(of.strainer);
    case Differs::Ring:
        return value(of.ringHeard ? of.ringHeard : of.ringPredicted);
    case Differs::Temperature:
        return value(of.weather.temperature);
    default:
        return std::nullopt;
    }
}

std::vector<Difference> differences(const EntryFigures& from, const EntryFigures& to) {
    std::vector<Difference> found;
    for (const Differs what : kMeasured) {
        const auto a = figureOf(from, what);
        const auto b = figureOf(to, what);
        if (!a || !b)
            continue;
        const Difference d = measured(what, *a, *b);
        if (std::abs(d.by) >= rounding(what))
            found.push_back(d);
    }
    if (from.padsKnown && to.padsKnown && !samePads(from, to))
        found.push_back({Differs::Pads, static_cast<double>(from.pads.size()),
                         static_cast<double>(to.pads.size()),
                         static_cast<double>(to.pads.size()) - static_cast<double>(from.pads.size()), 1.0});
    const auto changed = [](const HeadFigures& a, const HeadFigures& b) {
        return (!a.kind.empty() && !b.kind.empty() && a.kind != b.kind) ||
               (a.fittedAt > 0 && b.fittedAt > 0 && a.fittedAt != b.fittedAt);
    };
    if (changed(from.batter, to.batter))
        found.push_back({Differs::BatterHead});
    if (changed(from.snareSide, to.snareSide))
        found.push_back({Differs::SnareSideHead});
    if ((from.wiresFittedAt > 0 && to.wiresFittedAt > 0 && from.wiresFittedAt != to.wiresFittedAt) ||
        (!from.wires.empty() && !to.wires.empty() && from.wires != to.wires))
        found.push_back({Differs::Wires});
    std::stable_sort(found.begin(), found.end(),
                     [](const Difference& a, const Difference& b) { return a.steps > b.steps; });
    return found;
}

std::vector<Difference> differences(const Entry& from, const Entry& to) {
    if (from.drumId == to.drumId)
        return differences(from.figures, to.figures);
    const auto undated = [](EntryFigures figures) {
        figures.batter.fittedAt = figures.snareSide.fittedAt = figures.wiresFittedAt = 0;
        return figures;
    };
    return differences(undated(from.figures), undated(to.figures));
}

std::optional<ExplainsStars> explainsStars(std::span<const Entry> entries) {
    constexpr int fewest = 5;
    std::optional<ExplainsStars> best;
    int looked = 0;
    for (const Differs what : kMeasured) {
        std::vector<std::pair<double, double>> points; // figure, stars
        int most = 0;
        for (const Entry& entry : entries)
            if (const auto value = figureOf(entry.figures, what); value && entry.figures.words.stars > 0) {
                points.push_back({*value, entry.figures.words.stars});
                most = std::max(most, entry.figures.words.stars);
            }
        if (static_cast<int>(points.size()) < fewest)
            continue;
        ++looked;
        std::vector<double> liked;
        for (const auto& [value, stars] : points)
            if (stars == most)
                liked.push_back(value);
        std::nth_element(liked.begin(), liked.begin() + static_cast<std::ptrdiff_t>(liked.size() / 2),
                         liked.end());
        const double middle = liked[liked.size() / 2];
        double sx = 0, sy = 0, sxx = 0, syy = 0, sxy = 0;
        const double n = static_cast<double>(points.size());
        for (const auto& [value, stars] : points) {
            const double x = measured(what, middle, value).steps;
            sx += x;
            sy += stars;
            sxx += x * x;
            syy += stars * stars;
            sxy += x * stars;
        }
        const double spread = (sxx - sx * sx / n) * (syy - sy * sy / n);
        if (spread <= 1e-12)
            continue;
        const double r = (sxy - sx * sy / n) / std::sqrt(spread);
        if (!best || r < best->correlation)
            best = ExplainsStars{what, middle, r, static_cast<int>(n)};
    }
    if (!best || best->correlation >= 0.0)
        return std::nullopt;
    // Fisher: atanh r is nearly normal with variance 1/(n - 3); the middle was chosen by the stars as well.
    const double z = -std::atanh(std::max(best->correlation, -0.999)) * std::sqrt(best->entries - 3.0);
    const double oneSided = 0.5 * std::erfc(z / std::numbers::sqrt2);
    return oneSided * 2 * looked < 0.05 ? best : std::nullopt;
}

} // namespace bombo
