#include "core/life/life.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace bombo {
namespace {

// Where a part says nothing of itself, hours tell: middle and spread of its life, as a factor (estimates).
constexpr double kBatterLife = 60.0; // hours
constexpr double kSnareSideLife = 220.0;
constexpr double kWiresLife = 180.0;
constexpr double kLifeFactor = 1.6;
constexpr double kRingScatter = 0.07;  // of one evening's ring against its prediction
constexpr double kSlackScatter = 0.06; // knob turns

double lifeOfPart(Part part) {
    return part == Part::Batter ? kBatterLife : part == Part::SnareSide ? kSnareSideLife : kWiresLife;
}

std::int64_t fittedAt(const FittedAt& fitted, Part part) {
    return part == Part::Batter ? fitted.batter : part == Part::SnareSide ? fitted.snareSide : fitted.wires;
}

double playedBefore(const Drum& drum, Part part) {
    return part == Part::Batter      ? drum.playedBefore.batter
           : part == Part::SnareSide ? drum.playedBefore.snareSide
                                     : 0.0;
}

struct Seen {
    double hours; ///< played on the part
    double value;
    double weight = 1.0; ///< evenings that it stands for
};
constexpr std::size_t kMostSeen = 100; // more evenings are taken together

/// Neighbours taken together until they are few enough to go through often.
std::vector<Seen> thinned(std::vector<Seen> seen) {
    while (seen.size() > kMostSeen) {
        std::vector<Seen> half;
        for (std::size_t i = 0; i + 1 < seen.size(); i += 2)
            half.push_back({0.5 * (seen[i].hours + seen[i + 1].hours),
                            0.5 * (seen[i].value + seen[i + 1].value), seen[i].weight + seen[i + 1].weight});
        if (seen.size() % 2 == 1)
            half.push_back(seen.back());
        seen = std::move(half);
    }
    return seen;
}

/// Ring against its prediction, or slack of the wires, while this very part was on.
/// @param hours played on it before that
std::vector<Seen> seenOf(Part part, std::span<const Entry> entries, std::span<const Play> plays,
                         std::int64_t since, double hours) {
    std::vector<Seen> seen; // both are in order of time
    auto play = plays.begin();
    for (const Entry& entry : entries) {
        if (entry.at < since)
            continue;
        for (; play != plays.end() && play->at < entry.at; ++play)
            hours += play->at >= since ? play->hours : 0.0;
        const EntryFigures& figures = entry.figures;
        if (part == Part::Batter && figures.ringHeard && figures.ringPredicted &&
            figures.ringPredicted->value > 0.0)
            seen.push_back({hours, *figures.ringHeard / *figures.ringPredicted});
        if (part == Part::Wires && figures.wiresSlack)
            seen.push_back({hours, figures.wiresSlack->value});
    }
    return thinned(std::move(seen));
}

/// The newest look at a batter since it was put on.
struct LookSeen {
    HeadLook look;
    double coatingHours = 0; ///< played on it by then
    double dishHours = 0;

    bool isAny() const { return look.coating || look.isDished; }
    /// As DueBecause::Looks counts; 0: nothing bad was seen.
    int worst() const { return look.isDished.value_or(false) ? 3 : look.coating.value_or(0); }
};

LookSeen lookSeen(Part part, std::span<const Entry> entries, std::span<const Play> plays, std::int64_t since,
                  double hoursBefore) {
    LookSeen seen;
    if (part != Part::Batter)
        return seen;
    for (const Entry& entry : entries) {
        const HeadLook& look = entry.figures.batter.look;
        if (entry.at < since || (!look.coating && !look.isDished))
            continue;
        const double hours = hoursBefore + hoursPlayed(plays, since, entry.at);
        if (look.coating) {
            seen.look.coating = look.coating;
            seen.coatingHours = hours;
        }
        if (look.isDished) {
            seen.look.isDished = look.isDished;
            seen.dishHours = hours;
        }
    }
    return seen;
}

/// How well a life in hours goes with what was seen: chances as in data/faults.json of a good head and of a
/// worn one, and between them by the share of its life that was over (estimate).
double logChanceOf(const LookSeen& seen, double life) {
    constexpr std::array good{0.62, 0.33, 0.05};
    constexpr std::array worn{0.08, 0.42, 0.5};
    constexpr double goodDished = 0.1;
    constexpr double wornDished = 0.88;
    const auto share = [life](double hours) {
        const double used = std::pow(hours / life, 4.0);
        return used / (1.0 + used);
    };
    double log = 0.0;
    if (seen.look.coating) {
        const auto level = static_cast<std::size_t>(std::clamp(*seen.look.coating, 0, 2));
        const double w = share(seen.coatingHours);
        log += std::log((1.0 - w) * good[level] + w * worn[level]);
    }
    if (seen.look.isDished) {
        const double w = share(seen.dishHours);
        const double dished = (1.0 - w) * goodDished + w * wornDished;
        log += std::log(*seen.look.isDished ? dished : 1.0 - dished);
    }
    return log;
}

/// What can be said of a part's life in hours, and of how much it has changed since it was new.
struct Wear {
    double low, middle, high; ///< hours in all; the middle 68 of a hundred
    double change;            ///< share of ring, or knob turns, as it is now
};

/// Weight of the new part's own value being anything near the usual, given what was seen: a Gaussian in that
/// value with the rest of the model fixed. Ring: value (1 + change); slack: value + change.
struct WearFit {
    double logWeight = 0;
    double start = 0;
};
WearFit fitted(Part part, const std::vector<Seen>& seen, double life, double power) {
    const bool isRing = part == Part::Batter;
    const double scatter = isRing ? kRingScatter : kSlackScatter;
    const double usual = isRing ? 1.0 : 0.0;
    const double spread = isRing ? 0.15 : 0.1; // a drum rings as it likes
    const double worn = isRing ? kWornRing - 1.0 : kWornSlack.value;
    double precision = 1.0 / (spread * spread);
    double weighted = usual * precision;
    double squares = usual * usual * precision;
    for (const Seen& one : seen) {
        const double change = worn * std::pow(one.hours / life, power);
        const double gain = isRing ? 1.0 + change : 1.0;
        const double value = isRing ? one.value : one.value - change;
        const double w = one.weight / (scatter * scatter);
        precision += gain * gain * w;
        weighted += gain * value * w;
        squares += value * value * w;
    }
    return {-0.5 * (squares - weighted * weighted / precision) - 0.5 * std::log(precision),
            weighted / precision};
}

/// Over a grid of lives and of powers of the hours: film and strands give quickly first, or slowly.
std::optional<Wear> wearOf(Part part, const std::vector<Seen>& seen, const LookSeen& look, double hoursNow) {
    if (part == Part::SnareSide || (seen.size() < 2 && !look.isAny()))
        return std::nullopt;
    constexpr int steps = 61;
    const std::array<double, 4> powers =
        part == Part::Batter ? std::array{0.8, 1.0, 1.2, 1.4} : std::array{0.5, 0.65, 0.8, 1.0};
    const double worn = part == Part::Batter ? kWornRing - 1.0 : kWornSlack.value;
    const double sigma = std::log(kLifeFactor);
    std::array<double, steps> weight{};
    double largest = -1e300;
    std::vector<WearFit> fits;
    const auto lifeAt = [&](int i) { return lifeOfPart(part) * std::exp(sigma * 3.0 * (i - 30) / 30.0); };
    for (int i = 0; i < steps; ++i)
        for (const double power : powers) {
            fits.push_back(fitted(part, seen, lifeAt(i), power));
            const double prior = 3.0 * (i - 30) / 30.0;
            fits.back().logWeight += logChanceOf(look, lifeAt(i)) - 0.5 * prior * prior;
            largest = std::max(largest, fits.back().logWeight);
        }
    double sum = 0.0;
    double changed = 0.0;
    double start = 0.0;
    std::size_t at = 0;
    for (int i = 0; i < steps; ++i)
        for (const double power : powers) {
            start += std::exp(fits[at].logWeight - largest) * fits[at].start;
            const double w = std::exp(fits[at++].logWeight - largest);
            weight[static_cast<std::size_t>(i)] += w;
            changed += w * worn * std::pow(hoursNow / lifeAt(i), power);
            sum += w;
        }
    const auto quantile = [&](double wanted) {
        double reached = 0.0;
        for (int i = 0; i < steps; ++i) {
            const double here = weight[static_cast<std::size_t>(i)] / sum;
            if (reached + here >= wanted) {
                const double share = here > 0.0 ? (wanted - reached) / here - 0.5 : 0.0;
                return lifeAt(i) * std::exp(sigma * 0.1 * share);
            }
            reached += here;
        }
        return lifeAt(steps - 1);
    };
    // Rings scatter, so that the line through them tells more than the last of them; a knob is read off.
    const double change =
        part == Part::Batter ? changed / sum : std::max(0.0, seen.back().value - start / sum);
    return Wear{quantile(0.16), quantile(0.5), quantile(0.84), change};
}

} // namespace

namespace {

/// Saved by the program before anything was measured: a slip of the key, no show.
bool saysNothing(const Entry& entry) {
    const EntryFigures& figures = entry.figures;
    return entry.isRestorable && !figures.batter.left && !figures.snareSide.left && !figures.ringHeard &&
           !figures.words.hours;
}

} // namespace

std::vector<Play> playsOf(std::span<const Entry> entries, double showHours) {
    std::vector<Play> plays;
    std::int64_t evening = 0; // of the play at hand
    bool isSaid = false;
    for (const Entry& entry : entries) {
        if (saysNothing(entry))
            continue;
        if (plays.empty() || evening != eveningOf(entry)) {
            plays.push_back({entry.at, showHours});
            evening = eveningOf(entry);
            isSaid = false;
        }
        const auto& hours = entry.figures.words.hours;
        // Played after the last entry of an evening, so on what was on the drum by then; or when somebody
        // said.
        if (hours || !isSaid)
            plays.back().at = entry.at;
        if (hours) {
            plays.back().hours = *hours + (isSaid ? plays.back().hours : 0.0);
            isSaid = true;
        }
    }
    std::erase_if(plays, [](const Play& play) { return play.hours <= 0.0; }); // tuned, not played
    return plays;
}

double hoursPlayed(std::span<const Play> plays, std::int64_t from, std::int64_t to) {
    double hours = 0.0;
    for (const Play& play : plays)
        if (play.at >= from && play.at < to)
            hours += play.hours;
    return hours;
}

PartLife lifeOf(const Drum& drum, Part part, std::span<const Entry> entries, std::span<const Play> plays,
                std::int64_t now, double showHours) {
    PartLife life;
    life.part = part;
    std::int64_t since = fittedAt(drum.fittedAt, part);
    const bool isKnown = since > 0;
    if (!isKnown && !entries.empty())
        since = entries.front().at;
    const double before = playedBefore(drum, part);
    life.hours = before + hoursPlayed(plays, since, now + 1);
    life.shows = static_cast<int>(std::lround(before / showHours));
    for (const Play& play : plays)
        life.shows += play.at >= since && play.at <= now ? 1 : 0;

    double low = 0.0; // hours to go
    double high = 0.0;
    const std::vector<Seen> seen = seenOf(part, entries, plays, since, before);
    const LookSeen look = lookSeen(part, entries, plays, since, before);
    if (const auto wear = wearOf(part, seen, look, life.hours)) {
        low = wear->low - life.hours;
        high = wear->high - life.hours;
        life.used = life.hours / wear->middle;
        life.because = part == Part::Batter ? DueBecause::RingsLonger : DueBecause::Creeps;
        life.amount = wear->change;
        if (look.isAny() && (look.worst() >= 2 || seen.size() < 2)) {
            life.because = DueBecause::Looks;
            life.amount = look.worst();
        }
    } else {
        const double usual = lifeOfPart(part);
        low = usual / kLifeFactor - life.hours;
        high = usual * kLifeFactor - life.hours;
        life.used = life.hours / usual;
        life.because = isKnown ? DueBecause::Age : DueBecause::NotKnown;
        life.amount = life.hours;
    }
    if (!isKnown) // how long it was on before the first entry is not known
        life.because = DueBecause::NotKnown;
    life.low = std::max(0.0, low / showHours);
    life.high = std::max(0.0, high / showHours);
    return life;
}

std::optional<DueDays> daysUntilDue(const PartLife& life, std::span<const Play> plays, std::int64_t now) {
    if (life.because == DueBecause::NotKnown || plays.size() < 4 || now < plays.back().at)
        return std::nullopt;
    if (life.isDue())
        return DueDays{};
    const auto pace = plays.last(std::min(kPaceShows, plays.size()));
    const auto gaps = static_cast<double>(pace.size() - 1);
    const double middle = static_cast<double>(pace.back().at - pace.front().at) / gaps;
    if (middle <= 0.0)
        return std::nullopt;
    // How unlike the gaps are, against their middle; a few say little of it, hence four of a gap that comes
    // by chance.
    double squares = 4.0;
    for (std::size_t i = 1; i < pace.size(); ++i) {
        const double off = static_cast<double>(pace[i].at - pace[i - 1].at) / middle - 1.0;
        squares += off * off;
    }
    const double unlike = squares / (gaps + 4.0);
    // The night that has not come yet counts: after a long pause the pace is slower.
    const double gap = static_cast<double>(now - pace.front().at) / gaps / kSecondsADay;
    // A sum of so many gaps, at a middle gap known from so many; wider, for sums of few lean to one side and
    // nights come in bunches (tests/core/life: chance, weekends and tours).
    constexpr double wider = 1.25;
    const auto after = [&](double shows, double sign) {
        const double counted = std::max(1.0, shows);
        return counted * gap * std::exp(sign * wider * std::sqrt(unlike * (1.0 / gaps + 1.0 / counted)));
    };
    return DueDays{after(life.low, -1.0), after(life.high, 1.0)};
}

} // namespace bombo
