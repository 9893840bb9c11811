#include "core/faults/fault_search.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

/// What the net's shares count for against cases that were found out, in cases.
constexpr double kSharesCountFor = 20.0;
constexpr double kThisDrum = 3.0;
/// Chance that a remedy does not help although its cause was at work: it was done badly, or another is too.
constexpr double kRemedyFails = 0.12;
/// Seconds that a question costs beside the trying: reading it, walking up to the drum.
constexpr double kReading = 25.0;
/// How much effort counts: bits are divided by its power. 1 asks the quickest, 0 the most telling.
constexpr double kEffort = 0.3;
constexpr double kContradicts = 1.0; ///< log-likelihood from which on both speak up

/// At most two causes at work together.
struct State {
    std::array<std::size_t, 2> causes{};
    int count = 0;
    double weight = 0;

    std::span<const std::size_t> active() const { return {causes.data(), static_cast<std::size_t>(count)}; }
};

std::vector<State> statesOf(std::size_t causes) {
    std::vector<State> states{State{}};
    for (std::size_t i = 0; i < causes; ++i) {
        states.push_back({{i, 0}, 1, 0.0});
        for (std::size_t k = 0; k < i; ++k)
            states.push_back({{k, i}, 2, 0.0});
    }
    return states;
}

std::vector<double> sharesOf(const FaultNet& net, std::span<const FoundCause> found,
                             const std::string& drumId) {
    std::vector<double> cases(net.causes.size(), 0.0);
    double all = kSharesCountFor;
    for (const FoundCause& one : found)
        if (const auto cause = indexOf(net.causes, one.cause)) {
            const double counts = !drumId.empty() && one.drumId == drumId ? kThisDrum : 1.0;
            cases[*cause] += counts;
            all += counts;
        }
    for (std::size_t i = 0; i < cases.size(); ++i)
        cases[i] = (net.causes[i].share * kSharesCountFor + cases[i]) / all;
    return cases;
}

/// Chance of every answer with these causes at work, slips of the one who answers included.
void answerChances(const FaultTest& test, double slip, std::span<const std::size_t> active,
                   std::vector<double>& chances) {
    const std::size_t levels = test.usual.size();
    chances.assign(levels, 0.0);
    double below = 0.0;
    double usual = 0.0;
    std::array<double, 2> up{};
    for (std::size_t level = 0; level < levels; ++level) {
        usual += test.usual[level];
        double upTo = usual;
        for (std::size_t i = 0; i < active.size(); ++i)
            if (const auto& under = test.under[active[i]]; !under.empty()) {
                up.at(i) += under[level];
                upTo *= up.at(i);
            }
        chances[level] = upTo - below;
        below = upTo;
    }
    const double others = slip / static_cast<double>(levels - 1);
    for (double& chance : chances)
        chance = chance * (1.0 - slip) + (1.0 - chance) * others;
}

/// Logarithm of the density of a figure, but for a constant.
double logFigure(const FaultMeasure& measure, const FaultFigure& figure,
                 std::span<const std::size_t> active) {
    double mean = measure.usual;
    double variance = measure.spread * measure.spread + figure.error * figure.error;
    for (const std::size_t cause : active)
        if (const auto& moved = measure.under[cause]) {
            mean += moved->shift;
            variance += moved->spread * moved->spread;
        }
    // A figure far out of any range says that the figure is wrong, not that a cause is certain.
    constexpr double wild = 0.02;
    const double off = figure.value - mean;
    const double density = std::exp(-0.5 * off * off / variance) / std::sqrt(variance);
    return std::log(density * (1.0 - wild) + wild / (measure.spread * 20.0));
}

double broughtBy(const Complaint& complaint, std::span<const std::size_t> active) {
    double not_brought = 1.0 - complaint.unexplained;
    for (const std::size_t cause : active)
        not_brought *= 1.0 - complaint.by[cause];
    return 1.0 - not_brought;
}

/// Chance that each cause, and at the end none of them, is what is complained of.
std::vector<double> oddsOf(const std::vector<State>& states, const Complaint& complaint, std::size_t causes) {
    std::vector<double> odds(causes + 1, 0.0);
    double all = 0.0;
    for (const State& state : states) {
        double alone = complaint.unexplained;
        for (const std::size_t cause : state.active())
            alone += complaint.by[cause];
        if (!(alone > 0.0) || !(state.weight > 0.0))
            continue;
        for (const std::size_t cause : state.active())
            odds[cause] += state.weight * complaint.by[cause] / alone;
        odds[causes] += state.weight * complaint.unexplained / alone;
        all += state.weight;
    }
    for (double& one : odds)
        one = all > 0.0 ? one / all : 0.0;
    if (!(all > 0.0))
        odds[causes] = 1.0;
    return odds;
}

double entropy(const std::vector<double>& odds) {
    double bits = 0.0;
    for (const double one : odds)
        if (one > 0.0)
            bits -= one * std::log2(one);
    return bits;
}

void weigh(std::vector<State>& states, const FaultTest& test, double slip, int level) {
    std::vector<double> chances;
    for (State& state : states) {
        answerChances(test, slip, state.active(), chances);
        state.weight *= chances.at(static_cast<std::size_t>(level));
    }
}

double bitsOf(const FaultNet& net, const FaultTest& test, const std::vector<State>& states,
              const Complaint& complaint, double now) {
    std::vector<std::vector<State>> after(test.answers.size(), states);
    std::vector<double> chances;
    std::vector<double> mass(test.answers.size(), 0.0);
    double all = 0.0;
    for (std::size_t s = 0; s < states.size(); ++s) {
        answerChances(test, net.slip, states[s].active(), chances);
        for (std::size_t level = 0; level < chances.size(); ++level) {
            after[level][s].weight *= chances[level];
            mass[level] += after[level][s].weight;
        }
        all += states[s].weight;
    }
    double left = 0.0;
    for (std::size_t level = 0; level < after.size(); ++level)
        if (mass[level] > 0.0)
            left += mass[level] / all * entropy(oddsOf(after[level], complaint, net.causes.size()));
    return std::max(now - left, 0.0);
}

/// The test that an answer is about; empty for one of another program's net.
const FaultTest* testOf(const FaultNet& net, const FaultAnswer& answer) {
    const auto test = indexOf(net.tests, answer.test);
    if (!test || !answer.level || *answer.level < 0 ||
        static_cast<std::size_t>(*answer.level) >= net.tests[*test].answers.size())
        return nullptr;
    return &net.tests[*test];
}

struct Known {
    std::vector<State> states;
    std::vector<double> odds;
};

/// The answers from one to before another.
void hearAnswers(const FaultNet& net, const Complaint& complaint, const FaultCase& faultCase,
                 std::size_t from, std::size_t to, Known& known) {
    for (std::size_t i = from; i < to; ++i)
        if (const FaultTest* test = testOf(net, faultCase.answers[i]))
            weigh(known.states, *test, net.slip, *faultCase.answers[i].level);
    known.odds = oddsOf(known.states, complaint, net.causes.size());
}

Known whatIsKnown(const FaultNet& net, const Complaint& complaint, const FaultCase& faultCase,
                  std::size_t answers, std::span<const FaultFigure> figures,
                  const std::vector<double>& shares) {
    Known known{statesOf(net.causes.size()), {}};
    for (State& state : known.states) {
        double logWeight = std::log(broughtBy(complaint, state.active()));
        for (const std::size_t cause : state.active())
            logWeight += std::log(shares[cause] / (1.0 - shares[cause]));
        for (const FaultFigure& figure : figures)
            if (const auto measure = indexOf(net.measures, figure.measure))
                logWeight += logFigure(net.measures[*measure], figure, state.active()) -
                             logFigure(net.measures[*measure], figure, {});
        for (const std::string& tried : faultCase.tried)
            if (const auto cause = indexOf(net.causes, tried);
                cause &&
                std::find(state.active().begin(), state.active().end(), *cause) != state.active().end())
                logWeight += std::log(kRemedyFails);
        state.weight = std::exp(logWeight);
    }
    hearAnswers(net, complaint, faultCase, 0, answers, known);
    return known;
}

std::vector<FaultReason> reasonsFor(const FaultNet& net, std::size_t cause, const FaultCase& faultCase,
                                    std::span<const FaultFigure> figures) {
    constexpr double nothing = 0.1;
    std::vector<FaultReason> reasons;
    const std::array only{cause};
    std::vector<double> with;
    std::vector<double> without;
    for (std::size_t i = 0; i < faultCase.answers.size(); ++i) {
        const FaultTest* test = testOf(net, faultCase.answers[i]);
        if (test == nullptr)
            continue;
        answerChances(*test, net.slip, only, with);
        answerChances(*test, net.slip, {}, without);
        const auto level = static_cast<std::size_t>(*faultCase.answers[i].level);
        reasons.push_back({false, i, std::log(with.at(level) / without.at(level))});
    }
    for (std::size_t i = 0; i < figures.size(); ++i)
        if (const auto measure = indexOf(net.measures, figures[i].measure))
            reasons.push_back({true, i,
                               logFigure(net.measures[*measure], figures[i], only) -
                                   logFigure(net.measures[*measure], figures[i], {})});
    std::erase_if(reasons, [](const FaultReason& r) { return std::abs(r.weight) < nothing; });
    std::stable_sort(reasons.begin(), reasons.end(), [](const FaultReason& a, const FaultReason& b) {
        return std::abs(a.weight) > std::abs(b.weight);
    });
    return reasons;
}

void findContradictions(FaultsSay& say) {
    for (const CauseOdds& one : say.causes)
        for (const FaultReason& answer : one.reasons)
            for (const FaultReason& figure : one.reasons)
                if (!answer.isFigure && figure.isFigure && answer.weight * figure.weight < 0.0 &&
                    std::min(std::abs(answer.weight), std::abs(figure.weight)) > kContradicts)
                    say.contradictions.push_back({one.cause, answer.index, figure.index});
}

/// What can be asked now, the best first.
std::vector<NextTest> rankedTests(const FaultNet& net, const Complaint& complaint, std::size_t complaintIndex,
                                  const FaultCase& faultCase, std::span<const FaultFigure> figures,
                                  const Known& known) {
    const double now = entropy(known.odds);
    std::vector<NextTest> gentle;
    std::vector<NextTest> hard;
    for (std::size_t i = 0; i < net.tests.size(); ++i) {
        const FaultTest& test = net.tests[i];
        const bool isKnown = std::any_of(figures.begin(), figures.end(), [&](const FaultFigure& figure) {
            return figure.measure == test.knownBy;
        });
        if (!test.asked[complaintIndex] || isKnown ||
            std::any_of(faultCase.answers.begin(), faultCase.answers.end(),
                        [&](const FaultAnswer& a) { return a.test == test.id; }))
            continue;
        const double bits = bitsOf(net, test, known.states, complaint, now);
        if (bits >= kFewestBits)
            (test.harm == Harm::Irreversible ? hard : gentle).push_back({i, bits});
    }
    // Nothing that cannot be taken back before everything that can.
    std::vector<NextTest>& asked = gentle.empty() ? hard : gentle;
    std::stable_sort(asked.begin(), asked.end(), [&](const NextTest& a, const NextTest& b) {
        const auto worth = [&](const NextTest& n) {
            return n.bits / std::pow(net.tests[n.test].seconds + kReading, kEffort);
        };
        return worth(a) > worth(b);
    });
    return asked;
}

int questionsToGo(const std::vector<double>& odds, const std::optional<NextTest>& next, std::size_t asked) {
    if (!next)
        return 0;
    // Where a cause stands about one bit is left; later questions tell less than the next one.
    const double bits = entropy(odds) - 1.1;
    const int most = std::max(1, static_cast<int>(kMostQuestions) - static_cast<int>(asked));
    return std::clamp(static_cast<int>(std::lround(bits / (1.05 * next->bits))), 1, most);
}

} // namespace

FaultsSay faultsSay(const FaultNet& net, const FaultCase& faultCase, std::span<const FaultFigure> figures,
                    std::span<const FoundCause> found, const std::string& drumId) {
    const std::size_t complaintIndex = indexOf(net.complaints, faultCase.complaint).value();
    const Complaint& complaint = net.complaints[complaintIndex];
    const std::vector<double> shares = sharesOf(net, found, drumId);
    const std::size_t last = faultCase.answers.empty() ? 0 : faultCase.answers.size() - 1;
    const Known before = whatIsKnown(net, complaint, faultCase, last, figures, shares);
    Known known = before;
    hearAnswers(net, complaint, faultCase, last, faultCase.answers.size(), known);

    FaultsSay say;
    say.unexplained = known.odds.back();
    for (std::size_t i = 0; i < net.causes.size(); ++i)
        say.causes.push_back({i, known.odds[i], before.odds[i], reasonsFor(net, i, faultCase, figures)});
    std::stable_sort(say.causes.begin(), say.causes.end(),
                     [](const CauseOdds& a, const CauseOdds& b) { return a.odds > b.odds; });
    findContradictions(say);
    const auto answered = static_cast<std::size_t>(
        std::count_if(faultCase.answers.begin(), faultCase.answers.end(),
                      [](const FaultAnswer& answer) { return answer.level.has_value(); }));
    std::vector<NextTest> ranked;
    if (answered < kMostQuestions)
        ranked = rankedTests(net, complaint, complaintIndex, faultCase, figures, known);
    if (!ranked.empty()) {
        say.next = ranked.front();
        ranked.erase(ranked.begin());
        ranked.resize(std::min<std::size_t>(ranked.size(), 3));
        say.after = std::move(ranked);
    }
    const CauseOdds& first = say.causes.front();
    if (first.odds > say.unexplained && (first.odds >= kStandsFrom || !say.next))
        say.stands = first.cause;
    say.toGo = say.stands ? 0 : questionsToGo(known.odds, say.next, faultCase.answers.size());
    return say;
}

std::vector<CauseOdds> priorOdds(const FaultNet& net, const std::string& complaint) {
    FaultCase none;
    none.complaint = complaint;
    return faultsSay(net, none, {}).causes;
}

} // namespace bombo
