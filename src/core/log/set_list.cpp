#include "core/log/set_list.h"

#include "core/acoustics/film.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace bombo {
namespace {

constexpr double kFinestTurn = 1.0 / 16.0;

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

/// Ways that are gone on with after each number: every one of them in a show of a few numbers or drums.
constexpr std::size_t kWaysKept = 1000;

/// What a plan is judged by, the worst first.
struct Cost {
    int misfits = 0;
    int off = 0;
    int guessed = 0; ///< numbers on a drum that nobody heard
    double seconds = 0;
    double turns = 0; ///< of every rod, both heads together: each makes what follows less sure
    auto operator<=>(const Cost&) const = default;
};

/// Which tones of the show a drum stands in, each head and all else of it; -1: as it is before the show.
struct InTones {
    int batter = -1; ///< knob and mufflers as well
    int snareSide = -1;
    auto operator<=>(const InTones&) const = default;
};
using Standing = std::vector<InTones>;

/// The best way to a standing: its last step, and where the one before is found.
struct ShowWay {
    Standing standing;
    Cost cost;
    ShowStep step;
    std::size_t before = 0;
};

DrumInTone standingIn(const DrumInShow& drum, const InTones& in) {
    const auto tone = [&](int index) -> const DrumInTone& {
        return index < 0 ? drum.now : *drum.tones[static_cast<std::size_t>(index)];
    };
    DrumInTone stands = tone(in.batter);
    stands.snareSide = tone(in.snareSide).snareSide;
    return stands;
}

/// The ways that lead on from one number to the next, the best to each standing.
class OpenWays {
public:
    void offer(ShowWay way) {
        const auto [known, isNew] = m_at.try_emplace(way.standing, m_ways.size());
        if (isNew)
            m_ways.push_back(std::move(way));
        else if (way.cost < m_ways[known->second].cost)
            m_ways[known->second] = std::move(way);
    }
    /// The cheapest so far, at most so many.
    std::vector<ShowWay> take(std::size_t most) {
        if (m_ways.size() > most) {
            std::nth_element(m_ways.begin(), m_ways.begin() + static_cast<std::ptrdiff_t>(most), m_ways.end(),
                             [](const ShowWay& one, const ShowWay& other) { return one.cost < other.cost; });
            m_ways.erase(m_ways.begin() + static_cast<std::ptrdiff_t>(most), m_ways.end());
        }
        return std::move(m_ways);
    }

private:
    std::map<Standing, std::size_t> m_at;
    std::vector<ShowWay> m_ways;
};

/// A drum brought into the tone of a number.
ShowWay onwards(const ShowWay& way, std::size_t from, const DrumInShow& drum, std::size_t index,
                const ShowNumber& number) {
    const InTones in = way.standing[index];
    const DrumInTone& wanted = *drum.tones[number.tone];
    ShowWay on = way;
    on.before = from;
    on.step = {index, changeBetween(drum, standingIn(drum, in), wanted, Seconds{60.0 * number.minutes}),
               true};
    const ToneChange& change = on.step.change;
    on.step.fits = change.takes.value <= 60.0 * number.minutes;
    on.cost.misfits += on.step.fits ? 0 : 1;
    on.cost.off += isOffInterval(change) ? 1 : 0;
    on.cost.guessed += drum.isGuessed ? 1 : 0;
    on.cost.seconds += change.takes.value;
    on.cost.turns += std::abs(change.batter.value) + std::abs(change.snareSide.value);
    const int tone = static_cast<int>(number.tone);
    on.standing[index] = {tone, change.snareSideStays ? in.snareSide : tone};
    return on;
}

/// A plan with what it costs.
struct CostedPlan {
    std::vector<ShowStep> steps;
    Cost cost;
};

CostedPlan planned(const std::vector<DrumInShow>& drums, const std::vector<ShowNumber>& numbers,
                   std::size_t waysKept) {
    std::vector<std::vector<ShowWay>> after{{ShowWay{Standing(drums.size()), {}, {}, 0}}};
    for (const ShowNumber& number : numbers) {
        OpenWays next;
        for (std::size_t from = 0; from < after.back().size(); ++from) {
            const ShowWay& way = after.back()[from];
            bool hasAny = false;
            for (std::size_t i = 0; i < drums.size(); ++i) {
                if (!drums[i].tones[number.tone])
                    continue;
                hasAny = true;
                next.offer(onwards(way, from, drums[i], i, number));
            }
            if (!hasAny) {
                ShowWay without = way;
                without.before = from;
                ++without.cost.misfits;
                without.step = {};
                next.offer(std::move(without));
            }
        }
        after.push_back(next.take(waysKept));
    }
    const auto least =
        std::min_element(after.back().begin(), after.back().end(),
                         [](const ShowWay& one, const ShowWay& other) { return one.cost < other.cost; });
    std::vector<ShowStep> steps(numbers.size());
    auto at = static_cast<std::size_t>(least - after.back().begin());
    for (std::size_t number = numbers.size(); number > 0; --number) {
        steps[number - 1] = after[number][at].step;
        at = after[number][at].before;
    }
    return {std::move(steps), least->cost};
}

/// Tries to exchange, to move and to reverse, as long as something helps or a number of tries is used up.
class OrderSearch {
public:
    OrderSearch(const std::vector<DrumInShow>& drums, const std::vector<ShowNumber>& numbers,
                const std::vector<bool>& stays)
        : m_drums(drums), m_numbers(numbers) {
        for (std::size_t i = 0; i < numbers.size(); ++i) {
            m_best.push_back(i);
            if (i >= stays.size() || !stays[i])
                m_free.push_back(i);
        }
        m_cost = costOf(m_best, kWaysTried);
    }

    std::vector<std::size_t> run() {
        bool helped = true;
        while (helped && m_tries < kMostTries) {
            helped = false;
            for (std::size_t i = 0; i < m_free.size(); ++i)
                for (std::size_t j = i + 1; j < m_free.size() && m_tries < kMostTries; ++j)
                    helped = tryAll(i, j) || helped;
        }
        return m_best;
    }

    Cost costOf(const std::vector<std::size_t>& order, std::size_t waysKept) const {
        return planned(m_drums, inOrder(order), waysKept).cost;
    }

private:
    static constexpr std::size_t kWaysTried = 6;
    static constexpr int kMostTries = 1500;

    std::vector<ShowNumber> inOrder(const std::vector<std::size_t>& order) const {
        std::vector<ShowNumber> numbers = m_numbers;
        for (std::size_t place = 0; place < order.size(); ++place)
            numbers[place].tone = m_numbers[order[place]].tone;
        return numbers;
    }
    /// Between two of the places that are free.
    bool tryAll(std::size_t i, std::size_t j) {
        const auto numbersAt = [&] {
            std::vector<std::size_t> numbers;
            for (std::size_t place = i; place <= j; ++place)
                numbers.push_back(m_best[m_free[place]]);
            return numbers;
        };
        bool helped = false;
        const auto attempt = [&](auto change) {
            std::vector<std::size_t> numbers = numbersAt();
            change(numbers);
            std::vector<std::size_t> order = m_best;
            for (std::size_t place = i; place <= j; ++place)
                order[m_free[place]] = numbers[place - i];
            ++m_tries;
            if (const Cost cost = costOf(order, kWaysTried); cost < m_cost) {
                m_cost = cost;
                m_best = std::move(order);
                helped = true;
            }
        };
        attempt([](auto& n) { std::swap(n.front(), n.back()); });
        if (j > i + 1) {
            attempt([](auto& n) { std::rotate(n.begin(), n.begin() + 1, n.end()); });
            attempt([](auto& n) { std::rotate(n.begin(), n.end() - 1, n.end()); });
            attempt([](auto& n) { std::reverse(n.begin(), n.end()); });
        }
        return helped;
    }

    const std::vector<DrumInShow>& m_drums;
    const std::vector<ShowNumber>& m_numbers;
    std::vector<std::size_t> m_best; ///< by place
    std::vector<std::size_t> m_free; ///< places whose number may go elsewhere
    Cost m_cost;
    int m_tries = 0;
};

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
    std::vector<ShowStep> steps = planned(drums, numbers, kWaysKept).steps;
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

ShowOrder leastOrder(const std::vector<DrumInShow>& drums, const std::vector<ShowNumber>& numbers,
                     const std::vector<bool>& stays) {
    OrderSearch search(drums, numbers, stays);
    ShowOrder order;
    for (std::size_t i = 0; i < numbers.size(); ++i)
        order.numbers.push_back(i);
    const std::vector<std::size_t> found = search.run();
    const Cost before = search.costOf(order.numbers, kWaysKept);
    const Cost after = search.costOf(found, kWaysKept); // few ways were looked at on the way
    if (after < before) {
        order.numbers = found;
        order.misfitsLess = before.misfits - after.misfits;
        order.offLess = before.off - after.off;
        order.less = Seconds{before.seconds - after.seconds};
        order.turnsLess = Turns{before.turns - after.turns};
    }
    return order;
}

std::vector<ShowMove> showMoves(const std::vector<ShowStep>& steps) {
    std::vector<ShowMove> moves;
    for (std::size_t number = 0; number < steps.size(); ++number) {
        const ToneChange& change = steps[number].change;
        if (change.snareSide.value != 0.0) // the drum is turned over for it, so it comes first
            moves.push_back({number, ShowMoveKind::SnareSide, change.snareSide});
        if (change.batter.value != 0.0)
            moves.push_back({number, ShowMoveKind::Batter, change.batter});
        if (change.strainer)
            moves.push_back({number, ShowMoveKind::Strainer, *change.strainer});
        if (change.padsMoved > 0)
            moves.push_back({number, ShowMoveKind::Pads, {}});
        moves.push_back({number, ShowMoveKind::Play, {}});
    }
    return moves;
}

} // namespace bombo
