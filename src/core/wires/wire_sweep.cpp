#include "core/wires/wire_sweep.h"

#include <algorithm>
#include <cmath>
#include <functional>

namespace bombo {
namespace {

constexpr double kSlope = 0.12; // turns: width of the logistic step
constexpr double kSlips = 0.15; // share of answers ticked wrongly
constexpr double kChokeFrom = -0.5;
constexpr double kRattleFrom = -1.0;
constexpr double kGridStep = 0.05;
constexpr int kChokeCount = 130;
constexpr int kRattleCount = 70;

/// Probability of "answered" (or of "clean"): a step with soft shoulders and honest slips.
double soft(double distance) {
    return kSlips + (1.0 - 2.0 * kSlips) / (1.0 + std::exp(-distance / kSlope));
}

struct Belief {
    std::vector<double> choke;  ///< probability over the whisper-middle choke point
    std::vector<double> rattle; ///< probability over the rattle point
};

double chokeAt(std::size_t i) {
    return kChokeFrom + kGridStep * static_cast<double>(i);
}
double rattleAt(std::size_t i) {
    return kRattleFrom + kGridStep * static_cast<double>(i);
}

void normalise(std::vector<double>& p) {
    double sum = 0.0;
    for (double value : p)
        sum += value;
    for (double& value : p)
        value /= sum;
}

double normalDensity(double x, double mean, double spread) {
    const double z = (x - mean) / spread;
    return std::exp(-0.5 * z * z);
}

Belief beliefFrom(const Sweep& sweep) {
    // A tighter snare-side head throws the wires harder: the span widens. Stretched strands eat up turns.
    const double load = std::clamp(sweep.snareSideFilmLoad, 0.02, 0.8);
    const double chokeMean = 1.9 + 2.0 * load + sweep.slackTurns;
    const double rattleMean = 0.7 + sweep.slackTurns;
    Belief belief;
    for (std::size_t i = 0; i < kChokeCount; ++i) {
        double p = normalDensity(chokeAt(i), chokeMean, 0.9);
        for (const WireTest& test : sweep.tests) {
            const double distance =
                chokeTurns(Turns{chokeAt(i)}, test.place, test.dynamic).value - test.turns.value;
            p *= test.answered ? soft(distance) : 1.0 - soft(distance);
        }
        belief.choke.push_back(p);
    }
    for (std::size_t i = 0; i < kRattleCount; ++i) {
        double p = normalDensity(rattleAt(i), rattleMean, 0.5);
        for (const RattleTest& test : sweep.rattles) {
            const double clean = soft(test.turns.value - rattleAt(i));
            p *= test.rattled ? 1.0 - clean : clean;
        }
        belief.rattle.push_back(p);
    }
    normalise(belief.choke);
    normalise(belief.rattle);
    return belief;
}

struct Moments {
    double mean = 0;
    double spread = 0;
};

template <class At> Moments momentsOf(const std::vector<double>& p, At at) {
    Moments m;
    for (std::size_t i = 0; i < p.size(); ++i)
        m.mean += p[i] * at(i);
    double variance = 0.0;
    for (std::size_t i = 0; i < p.size(); ++i)
        variance += p[i] * std::pow(at(i) - m.mean, 2);
    m.spread = std::sqrt(variance);
    return m;
}

double binaryEntropy(double p) {
    const double q = std::clamp(p, 1e-9, 1.0 - 1e-9);
    return -q * std::log(q) - (1.0 - q) * std::log(1.0 - q);
}

/// Expected information of one yes/no answer about a threshold.
template <class Probability> double information(const std::vector<double>& p, Probability probability) {
    double mean = 0.0;
    double conditional = 0.0;
    for (std::size_t i = 0; i < p.size(); ++i) {
        const double yes = probability(i);
        mean += p[i] * yes;
        conditional += p[i] * binaryEntropy(yes);
    }
    return binaryEntropy(mean) - conditional;
}

/// What matters for the setting: near the loose end of the span the rattle, near the tight end the choke.
struct Weights {
    double choke;
    double rattle;
};
Weights weightsOf(double margin) {
    constexpr double least = 0.2; // both ends are told to the user in any case
    const double place = std::clamp(margin, 0.0, 1.0);
    return {std::max(least, place), std::max(least, 1.0 - place)};
}

double informationOf(const Belief& belief, const Stroke& stroke, double turns, const Weights& weights) {
    if (stroke.asksRattle)
        return weights.rattle *
               information(belief.rattle, [&](std::size_t i) { return soft(turns - rattleAt(i)); });
    return weights.choke * information(belief.choke, [&](std::size_t i) {
               return soft(chokeTurns(Turns{chokeAt(i)}, stroke.place, stroke.dynamic).value - turns);
           });
}

std::vector<Stroke> allStrokes() {
    std::vector<Stroke> strokes;
    for (const Dynamic dynamic : kDynamics)
        for (const StrokePlace place : {StrokePlace::Edge, StrokePlace::Middle})
            strokes.push_back({place, dynamic, false});
    strokes.push_back({StrokePlace::Middle, Dynamic::Loud, true});
    return strokes;
}

/// Of the strokes that would be asked for at a stop.
double informationAt(const Belief& belief, double turns, const Weights& weights) {
    std::vector<double> each;
    for (const Stroke& stroke : allStrokes())
        each.push_back(informationOf(belief, stroke, turns, weights));
    std::sort(each.begin(), each.end(), std::greater<>());
    double sum = 0.0;
    for (int i = 0; i < 3; ++i) // answers at one stop repeat each other
        sum += each[static_cast<std::size_t>(i)];
    return sum;
}

/// Stops at which a stroke was tried.
std::vector<Turns> triedStops(const Sweep& sweep) {
    std::vector<Turns> stops;
    for (const WireTest& test : sweep.tests)
        stops.push_back(test.turns);
    for (const RattleTest& test : sweep.rattles)
        stops.push_back(test.turns);
    std::sort(stops.begin(), stops.end());
    stops.erase(std::unique(stops.begin(), stops.end()), stops.end());
    return stops;
}

double inEighths(double turns) {
    return std::round(turns * 8.0) / 8.0;
}

} // namespace

namespace {

/// Two answers that cannot both be right: more than half a turn past each other.
bool contradict(const std::vector<WireTest>& tests) {
    constexpr double past = 0.5; // turns
    double tightestAnswered = -1e9;
    double loosestSilent = 1e9;
    for (const WireTest& test : tests) {
        const double at = test.turns.value - chokeTurns(Turns{}, test.place, test.dynamic).value;
        if (test.answered)
            tightestAnswered = std::max(tightestAnswered, at);
        else
            loosestSilent = std::min(loosestSilent, at);
    }
    return tightestAnswered > loosestSilent + past;
}

bool isOnePlaceOnly(const std::vector<WireTest>& tests) {
    return tests.size() >= 2 && std::all_of(tests.begin(), tests.end(), [&](const WireTest& test) {
               return test.place == tests.front().place;
           });
}

} // namespace

WireAdvice adviseWires(const Sweep& sweep) {
    constexpr double guard = 0.125; // turns kept from either end of the span
    const Belief belief = beliefFrom(sweep);
    const Moments choke = momentsOf(belief.choke, chokeAt);
    const Moments rattle = momentsOf(belief.rattle, rattleAt);

    WireAdvice advice;
    advice.rattleBelow = Turns{std::max(0.0, rattle.mean)};
    advice.chokeAbove = Turns{std::max(0.0, choke.mean - kTurnsLostAtEdge)};
    const double low = advice.rattleBelow.value + guard;
    const double high = advice.chokeAbove.value - guard;
    advice.noUsableSpan = high < low;
    advice.contradictory = contradict(sweep.tests);
    advice.onePlaceOnly = isOnePlaceOnly(sweep.tests);
    const double place = std::clamp(sweep.margin, 0.0, 1.0);
    const double wanted = advice.noUsableSpan ? 0.5 * (low + high) : low + place * (high - low);
    advice.recommended = Turns{std::max(0.0, inEighths(wanted))};
    advice.error = Turns{std::hypot((1.0 - place) * rattle.spread, place * choke.spread)};

    // A stop is worth its strokes while the setting is not known to an eighth of a turn, and only near the
    // span: nobody learns about a whisper from wires that are choked.
    constexpr double sureEnough = 0.125;
    const std::vector<Turns> tried = triedStops(sweep);
    const bool enough = advice.error.value <= sureEnough || static_cast<int>(tried.size()) >= kMostTestStops;
    double bestInformation = enough ? 1e9 : 0.05; // nats
    for (double turns = 0.25; turns <= std::max(1.0, advice.chokeAbove.value + 0.5); turns += 0.25) {
        if (std::find(tried.begin(), tried.end(), Turns{turns}) != tried.end())
            continue;
        const double here = informationAt(belief, turns, weightsOf(sweep.margin));
        if (here > bestInformation) {
            bestInformation = here;
            advice.nextTest = Turns{turns};
        }
    }
    if (sweep.tests.empty())
        advice.advice = StrainerAdvice::TestMore;
    else if (std::abs(advice.recommended.value - sweep.current.value) <= 0.125 + 1e-9)
        advice.advice = StrainerAdvice::Leave;
    else
        advice.advice = advice.recommended > sweep.current ? StrainerAdvice::Tighten : StrainerAdvice::Loosen;
    return advice;
}

std::optional<Stroke> nextStroke(const Sweep& sweep) {
    constexpr double worthAsking = 0.02; // nats
    const auto wasTried = [&](const Stroke& stroke) {
        if (stroke.asksRattle)
            return std::any_of(sweep.rattles.begin(), sweep.rattles.end(),
                               [&](const RattleTest& t) { return t.turns == sweep.current; });
        return std::any_of(sweep.tests.begin(), sweep.tests.end(), [&](const WireTest& t) {
            return t.turns == sweep.current && t.place == stroke.place && t.dynamic == stroke.dynamic;
        });
    };
    const std::vector<Turns> stops = triedStops(sweep);
    const bool isNew = std::find(stops.begin(), stops.end(), sweep.current) == stops.end();
    if (isNew && static_cast<int>(stops.size()) >= kMostTestStops)
        return std::nullopt;
    const Belief belief = beliefFrom(sweep);
    std::optional<Stroke> best;
    double most = worthAsking;
    int tried = 0;
    for (const Stroke& stroke : allStrokes()) {
        if (wasTried(stroke)) {
            ++tried;
            continue;
        }
        const double here = informationOf(belief, stroke, sweep.current.value, weightsOf(sweep.margin));
        if (here > most) {
            most = here;
            best = stroke;
        }
    }
    return tried < kMostStrokesAStop ? best : std::nullopt;
}

Turns nextStopOf(const WireAdvice& advice, const Sweep& sweep) {
    if (advice.nextTest)
        return *advice.nextTest;
    constexpr double near = 0.13; // turns
    return std::abs(advice.recommended.value - sweep.current.value) < near ? sweep.current
                                                                           : advice.recommended;
}

} // namespace bombo
