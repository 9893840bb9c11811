#include "core/log/liked.h"

#include "core/units/dice.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <numeric>

namespace bombo {
namespace {

constexpr int kDraws = 4000;

bool isPitch(Differs what) {
    return what == Differs::BatterPitch || what == Differs::SnareSidePitch;
}

/// Where sums of it make sense: pitches in cents above 1 Hz.
double onScale(Differs what, double value) {
    return isPitch(what) ? centsBetween(Hertz{1.0}, Hertz{value}).value : value;
}

/// Liked entries of one sort of evening, or of all others.
class LikedSide {
public:
    void add(double value) { m_values.push_back(value); }
    const std::vector<double>& values() const { return m_values; }
    int count() const { return static_cast<int>(m_values.size()); }
    double sum() const { return std::accumulate(m_values.begin(), m_values.end(), 0.0); }
    double mean() const { return sum() / count(); }
    /// Of the mean, squared. @pre two values
    double variance() const {
        double squares = 0.0;
        for (const double value : m_values)
            squares += (value - mean()) * (value - mean());
        return squares / (count() - 1.0) / count();
    }

private:
    std::vector<double> m_values;
};

struct ShiftSeen {
    LikedShift shift;
    double chance = 1.0; ///< that groups drawn at random lie as far apart
};

constexpr double kRareEnough = 0.05; // that chance alone would have anything said

/// The smaller side drawn anew from all, again and again; no longer than it may still be rare enough.
double chanceByDrawing(const LikedSide& small, const LikedSide& large, double by) {
    std::vector<double> all = small.values();
    all.insert(all.end(), large.values().begin(), large.values().end());
    const double total = small.sum() + large.sum();
    Dice dice(0x11CEDULL);
    int asFar = 1;
    for (int draw = 0; draw < kDraws && asFar <= kRareEnough * (kDraws + 1); ++draw) {
        double drawn = 0.0;
        for (std::size_t i = 0; i < small.values().size(); ++i) {
            const auto left = static_cast<double>(all.size() - i);
            const auto other = i + static_cast<std::size_t>(dice.uniform(0.0, left));
            std::swap(all[i], all[std::min(other, all.size() - 1)]);
            drawn += all[i];
        }
        const double apart = drawn / small.count() - (total - drawn) / large.count();
        asFar += std::abs(apart) >= std::abs(by) - 1e-9 ? 1 : 0;
    }
    return static_cast<double>(asFar) / (kDraws + 1);
}

/// Empty where there are too few on one side.
std::optional<ShiftSeen> compared(const LikedSide& there, const LikedSide& others, LikedShift shift) {
    constexpr int many = 20; // from there on a mean is as good as normal
    const LikedSide& small = there.count() < others.count() ? there : others;
    const LikedSide& large = &small == &there ? others : there;
    if (small.count() < kFewestInGroup)
        return std::nullopt;
    shift.there = there.count();
    shift.others = others.count();
    shift.by = there.mean() - others.mean();
    shift.error = std::sqrt(there.variance() + others.variance());
    if (small.count() < many)
        return ShiftSeen{shift, chanceByDrawing(small, large, shift.by)};
    return ShiftSeen{shift, shift.error > 0.0
                                ? std::erfc(std::abs(shift.by) / shift.error / std::numbers::sqrt2)
                                : (shift.by == 0.0 ? 1.0 : 0.0)};
}

struct LikedGroup {
    LikedShift::When when;
    std::string name;
    /// Empty where the entry does not say.
    std::function<std::optional<bool>(const Entry&)> holds;
};

std::vector<LikedGroup> groupsIn(std::span<const Entry> entries) {
    std::vector<LikedGroup> groups{
        {LikedShift::When::Cold, {}, [](const Entry& entry) -> std::optional<bool> {
             const auto& said = entry.figures.weather.temperature;
             return said ? std::optional(*said < kColdBelow) : std::nullopt;
         }}};
    const auto byName = [&](LikedShift::When when, const std::vector<std::string>& names,
                            std::string EntryWords::*word) {
        for (const std::string& name : names)
            groups.push_back({when, name, [name, word](const Entry& entry) -> std::optional<bool> {
                                  const std::string& said = entry.figures.words.*word;
                                  return said.empty() ? std::nullopt : std::optional(said == name);
                              }});
    };
    byName(LikedShift::When::WithPlayer, playersIn(entries), &EntryWords::player);
    byName(LikedShift::When::InPlace, placesIn(entries), &EntryWords::place);
    return groups;
}

LikedFigure figureOver(std::span<const Entry> entries, Differs what) {
    LikedFigure figure{what, {}, 0, 0, 0, 0};
    std::vector<double> liked;
    for (const Entry& entry : entries)
        if (const auto value = figureOf(entry.figures, what); value && entry.figures.words.stars > 0) {
            figure.points.push_back({*value, entry.figures.words.stars});
            if (figure.points.back().isLiked())
                liked.push_back(*value);
        }
    figure.liked = static_cast<int>(liked.size());
    if (!liked.empty()) {
        std::sort(liked.begin(), liked.end());
        figure.low = liked.front();
        figure.high = liked.back();
        figure.middle = 0.5 * (liked[(liked.size() - 1) / 2] + liked[liked.size() / 2]);
    }
    return figure;
}

} // namespace

const LikedFigure* Liked::range(Differs what) const {
    const auto found = std::find_if(figures.begin(), figures.end(), [what](const LikedFigure& one) {
        return one.what == what && one.isRange();
    });
    return found == figures.end() ? nullptr : &*found;
}

Liked likedRanges(std::span<const Entry> entries) {
    Liked found;
    for (const Entry& entry : entries)
        found.starred += entry.figures.words.stars > 0 ? 1 : 0;
    for (const Differs what : kLikedFigures)
        if (LikedFigure figure = figureOver(entries, what); !figure.points.empty())
            found.figures.push_back(std::move(figure));
    return found;
}

Liked likedOf(std::span<const Entry> entries) {
    Liked found = likedRanges(entries);
    std::vector<ShiftSeen> seen;
    for (const LikedGroup& group : groupsIn(entries))
        for (const Differs what : kLikedFigures) {
            LikedSide there;
            LikedSide others;
            for (const Entry& entry : entries) {
                const auto value = figureOf(entry.figures, what);
                const auto isThere = group.holds(entry);
                if (value && isThere && entry.figures.words.stars >= kLikedStars)
                    (*isThere ? there : others).add(onScale(what, *value));
            }
            if (auto one = compared(there, others, {group.when, group.name, what, 0, 0, 0, 0}))
                seen.push_back(std::move(*one));
        }
    std::stable_sort(seen.begin(), seen.end(),
                     [](const ShiftSeen& a, const ShiftSeen& b) { return a.chance < b.chance; });
    // Holm's steps: as many chances to be deceived as were looked at and not yet believed.
    for (std::size_t i = 0; i < seen.size(); ++i) {
        if (seen[i].chance * static_cast<double>(seen.size() - i) >= kRareEnough)
            break;
        const Differs what = seen[i].shift.what; // a player who plays in one place only is said once
        if (std::none_of(found.shifts.begin(), found.shifts.end(),
                         [what](const LikedShift& said) { return said.what == what; }))
            found.shifts.push_back(seen[i].shift);
    }
    return found;
}

std::optional<Tone> likedTone(const Liked& liked, const Tone& tone, Metres diameter) {
    constexpr Cents narrowest{20.0}; // finer than that nobody sets a drum
    constexpr double narrowestRing = 1.1;
    const LikedFigure* pitch = liked.range(Differs::BatterPitch);
    const LikedFigure* interval = liked.range(Differs::Interval);
    const LikedFigure* ring = liked.range(Differs::Ring);
    if (pitch == nullptr && ring == nullptr)
        return std::nullopt;
    Tone made = tone;
    made.id.clear();
    made.name.clear();
    made.origin = "own";
    made.buzz.reset();
    made.brightness.reset();
    if (pitch != nullptr) {
        made.batterEdgeAt14 = Hertz{pitch->middle} * (diameter / inches(14));
        made.pitchSpan =
            Cents{std::max({narrowest.value, centsBetween(Hertz{pitch->low}, Hertz{pitch->middle}).value,
                            centsBetween(Hertz{pitch->middle}, Hertz{pitch->high}).value})};
    }
    if (interval != nullptr) {
        made.snareSideAbove = Cents{interval->middle};
        made.intervalSpan = Cents{
            std::max({narrowest.value, interval->middle - interval->low, interval->high - interval->middle})};
    }
    if (ring != nullptr) {
        made.ring = Seconds{ring->middle};
        made.ringSpan = std::max({narrowestRing, ring->middle / ring->low, ring->high / ring->middle});
    }
    return made;
}

} // namespace bombo
