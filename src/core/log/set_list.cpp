#include "core/log/set_list.h"

#include "core/acoustics/film.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace bombo {
namespace {

constexpr double kFinestTurn = 1.0 / 16.0;
constexpr Cents kOffFrom{25.0}; // of a snare side that stays: from here on it is another interval

Turns counted(Tension from, Tension to, const TurnResponse& response) {
    return {std::round((to - from) / response.perTurn() / kFinestTurn) * kFinestTurn + 0.0};
}

/// One standard error of the pitch after so many turns by the count.
Cents errorOf(Turns turns, Tension there, const TurnResponse& response) {
    const double tension = std::abs(turns.value) * response.line.slopeSpread();
    const double rounding = 0.29 * kFinestTurn * response.perTurn().value; // of a uniform step
    return {kCentsPerShare * std::hypot(tension, rounding) / std::max(1.0, there.value)};
}

int padsMoved(const std::optional<std::vector<Pad>>& from, const std::optional<std::vector<Pad>>& to) {
    if (!from || !to)
        return 0;
    int same = 0;
    for (const Pad& pad : *to)
        same += std::find(from->begin(), from->end(), pad) != from->end() ? 1 : 0;
    return static_cast<int>(from->size() + to->size()) - 2 * same;
}

/// What a plan is judged by, the worst first.
struct Cost {
    int misfits = 0;
    int off = 0;
    int guessed = 0; ///< numbers on a drum that nobody heard
    double seconds = 0;
    auto operator<=>(const Cost&) const = default;
};

struct Route {
    Cost cost;
    std::vector<ShowStep> steps;
};

/// In which tone each drum stands; -1: as it is before the show.
using Standing = std::vector<int>;

} // namespace

ToneChange changeBetween(const DrumInShow& drum, const DrumInTone& from, const DrumInTone& to,
                         Seconds seconds) {
    ToneChange change;
    change.batter = counted(from.batter, to.batter, drum.turns.batter);
    change.snareSide = counted(from.snareSide, to.snareSide, drum.turns.snareSide);
    change.padsMoved = padsMoved(from.pads, to.pads);
    if (from.strainer && to.strainer && std::abs((*to.strainer - *from.strainer).value) >= kFinestTurn)
        change.strainer = *to.strainer - *from.strainer;
    const double pairs = std::ceil(0.5 * drum.drum.rods);
    double takes = change.padsMoved * kPadTakes.value + (change.strainer ? kKnobTakes.value : 0.0);
    if (change.batter.value != 0.0)
        takes += pairs * kPairTakes.value;
    const double below =
        change.snareSide.value != 0.0 ? kTurnOverTakes.value + pairs * kPairTakes.value : 0.0;
    if (takes + below > seconds.value && below > 0.0) {
        change.snareSideStays = true;
        change.snareSideOff = Cents{0.5 * kCentsOfFrequency * std::log(from.snareSide / to.snareSide)};
        change.snareSide = Turns{};
    } else {
        takes += below;
    }
    change.takes = Seconds{takes};
    change.batterError = errorOf(change.batter, to.batter, drum.turns.batter);
    change.snareSideError = errorOf(change.snareSide, to.snareSide, drum.turns.snareSide);
    return change;
}

std::vector<ShowStep> planShow(const std::vector<DrumInShow>& drums, const std::vector<ShowNumber>& numbers) {
    std::map<Standing, Route> best{{Standing(drums.size(), -1), {}}};
    for (const ShowNumber& number : numbers) {
        std::map<Standing, Route> next;
        const auto offer = [&](Standing standing, Route route) {
            const auto known = next.find(standing);
            if (known == next.end() || route.cost < known->second.cost)
                next[std::move(standing)] = std::move(route);
        };
        for (const auto& [standing, route] : best) {
            bool hasAny = false;
            for (std::size_t i = 0; i < drums.size(); ++i) {
                const auto& wanted = drums[i].tones[number.tone];
                if (!wanted)
                    continue;
                hasAny = true;
                const int in = standing[i];
                const DrumInTone& from =
                    in < 0 ? drums[i].now : *drums[i].tones[static_cast<std::size_t>(in)];
                ShowStep step{i, changeBetween(drums[i], from, *wanted, Seconds{60.0 * number.minutes}),
                              true};
                step.fits = step.change.takes.value <= 60.0 * number.minutes;
                const bool isOff =
                    step.change.snareSideStays && std::abs(step.change.snareSideOff.value) > kOffFrom.value;
                Route on = route;
                on.cost.misfits += step.fits ? 0 : 1;
                on.cost.off += isOff ? 1 : 0;
                on.cost.guessed += drums[i].isGuessed ? 1 : 0;
                on.cost.seconds += step.change.takes.value;
                on.steps.push_back(step);
                Standing then = standing;
                then[i] = static_cast<int>(number.tone);
                offer(std::move(then), std::move(on));
            }
            if (!hasAny) {
                Route on = route;
                ++on.cost.misfits;
                on.steps.push_back({});
                offer(standing, std::move(on));
            }
        }
        best = std::move(next);
    }
    const auto least = std::min_element(best.begin(), best.end(), [](const auto& one, const auto& other) {
        return one.second.cost < other.second.cost;
    });
    std::vector<ShowStep> steps = least->second.steps;
    // A count is trusted less each time it is gone on with: errors since a drum was heard add up.
    std::map<std::size_t, std::pair<double, double>> squares;
    for (ShowStep& step : steps)
        if (step.drum) {
            auto& [batter, snareSide] = squares[*step.drum];
            batter += step.change.batterError.value * step.change.batterError.value;
            snareSide += step.change.snareSideError.value * step.change.snareSideError.value;
            step.change.batterError = Cents{std::sqrt(batter)};
            step.change.snareSideError = Cents{std::sqrt(snareSide)};
        }
    return steps;
}

} // namespace bombo
