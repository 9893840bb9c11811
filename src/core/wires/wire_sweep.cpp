#include "core/wires/wire_sweep.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>

namespace bombo {
namespace {

constexpr double kSlope = 0.12; // turns: width of the logistic step
constexpr double kSlips = 0.15; // share of answers ticked wrongly
constexpr double kGridStep = 0.05;

// Choke of a whisper near the edge, turns a dynamic, turns that the middle has more: all on one lattice, so
// that every threshold lies on it.
constexpr double kChokeFrom = -1.0;
constexpr int kChokeCount = 130;
constexpr std::array kSweepSteps{12, 14, 16, 18, 20}; ///< in lattice steps: 0.6 to 1.0 turns
constexpr std::array kLosses{6, 9, 12, 15, 18};       ///< likewise: 0.3 to 0.9
constexpr double kStepSpread = 0.12;                  ///< turns, from drum to drum; estimate
constexpr double kLossSpread = 0.2;
constexpr int kThresholds = kChokeCount + 20 * 3 + 18;

constexpr double kRattleFrom = -1.0;
constexpr int kRattleCount = 70;

using Lattice = std::vector<double>; ///< one value a place on the lattice

/// Probability of "answered" (or of "clean"): a step with soft shoulders and honest slips.
double soft(double distance) {
    return kSlips + (1.0 - 2.0 * kSlips) / (1.0 + std::exp(-distance / kSlope));
}

double chokeAt(std::size_t i) {
    return kChokeFrom + kGridStep * static_cast<double>(i);
}
double rattleAt(std::size_t i) {
    return kRattleFrom + kGridStep * static_cast<double>(i);
}

/// How likely a stroke at a stop is answered, by where its threshold lies on the lattice.
Lattice answeredAt(double turns) {
    Lattice answered(kThresholds);
    for (std::size_t i = 0; i < answered.size(); ++i)
        answered[i] = soft(chokeAt(i) - turns);
    return answered;
}

void normalise(Lattice& p) {
    double sum = 0.0;
    for (const double value : p)
        sum += value;
    for (double& value : p)
        value /= sum;
}

double normalDensity(double x, double mean, double spread) {
    const double z = (x - mean) / spread;
    return std::exp(-0.5 * z * z);
}

/// How one drum's strokes choke beside each other.
struct Shape {
    int step = 0; ///< lattice steps a dynamic
    int loss = 0; ///< lattice steps that the middle has more

    std::size_t above(StrokePlace place, Dynamic dynamic) const { ///< a whisper near the edge
        return static_cast<std::size_t>(step * static_cast<int>(dynamic) +
                                        (place == StrokePlace::Middle ? loss : 0));
    }
};

struct Belief {
    std::vector<Shape> shapes;
    std::vector<Lattice> choke; ///< by shape: probability over the choke of a whisper near the edge
    Lattice rattle;             ///< probability over the rattle point
};

Lattice rattleBelief(const Sweep& sweep) {
    Lattice rattle;
    for (std::size_t i = 0; i < kRattleCount; ++i) {
        double p = normalDensity(rattleAt(i), 0.7 + sweep.slackTurns, 0.5);
        for (const RattleTest& test : sweep.rattles) {
            const double clean = soft(test.turns.value - rattleAt(i));
            p *= test.rattled ? 1.0 - clean : clean;
        }
        rattle.push_back(p);
    }
    normalise(rattle);
    return rattle;
}

Belief beliefFrom(const Sweep& sweep) {
    // A tighter snare-side head throws the wires harder: the span widens. Stretched strands eat up turns.
    const double load = std::clamp(sweep.snareSideFilmLoad, 0.02, 0.8);
    const double whisperMiddle = 1.9 + 2.0 * load + sweep.slackTurns;
    std::vector<Lattice> answered;
    for (const WireTest& test : sweep.tests)
        answered.push_back(answeredAt(test.turns.value));
    Belief belief;
    belief.rattle = rattleBelief(sweep);
    double sum = 0.0;
    for (const int step : kSweepSteps)
        for (const int loss : kLosses) {
            const Shape shape{step, loss};
            const double usual = normalDensity(kGridStep * step, kTurnsPerDynamic, kStepSpread) *
                                 normalDensity(kGridStep * loss, kTurnsLostAtEdge, kLossSpread);
            Lattice choke(kChokeCount);
            for (std::size_t i = 0; i < choke.size(); ++i) {
                double p = usual * normalDensity(chokeAt(i) + kGridStep * loss, whisperMiddle, 0.9);
                for (std::size_t t = 0; t < sweep.tests.size(); ++t) {
                    const WireTest& test = sweep.tests[t];
                    const double yes = answered[t][i + shape.above(test.place, test.dynamic)];
                    p *= test.answered ? yes : 1.0 - yes;
                }
                choke[i] = p;
                sum += p;
            }
            belief.shapes.push_back(shape);
            belief.choke.push_back(std::move(choke));
        }
    for (Lattice& choke : belief.choke)
        for (double& p : choke)
            p /= sum;
    return belief;
}

struct SweepMoments {
    double sum = 0;
    double squares = 0;

    void add(double p, double x) {
        sum += p * x;
        squares += p * x * x;
    }
    KnobPlace place() const { return {Turns{sum}, Turns{std::sqrt(std::max(0.0, squares - sum * sum))}}; }
};

KnobPlace rattlePlace(const Belief& belief) {
    SweepMoments m;
    for (std::size_t i = 0; i < belief.rattle.size(); ++i)
        m.add(belief.rattle[i], rattleAt(i));
    return m.place();
}

KnobPlace chokePlace(const Belief& belief, StrokePlace place, Dynamic dynamic) {
    SweepMoments m;
    for (std::size_t s = 0; s < belief.shapes.size(); ++s)
        for (std::size_t i = 0; i < belief.choke[s].size(); ++i)
            m.add(belief.choke[s][i], chokeAt(i + belief.shapes[s].above(place, dynamic)));
    return m.place();
}

double binaryEntropy(double p) {
    const double q = std::clamp(p, 1e-9, 1.0 - 1e-9);
    return -q * std::log(q) - (1.0 - q) * std::log(1.0 - q);
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

/// Expected information of strokes at one stop.
class StopInformation {
public:
    StopInformation(const Belief& belief, double turns, const Weights& weights)
        : m_belief(belief), m_turns(turns), m_weights(weights), m_answered(answeredAt(turns)) {}

    double of(const Stroke& stroke) const {
        return stroke.asksRattle ? m_weights.rattle * ofRattle() : m_weights.choke * ofChoke(stroke);
    }

private:
    double ofRattle() const {
        double mean = 0.0;
        double conditional = 0.0;
        for (std::size_t i = 0; i < m_belief.rattle.size(); ++i) {
            const double yes = soft(m_turns - rattleAt(i));
            mean += m_belief.rattle[i] * yes;
            conditional += m_belief.rattle[i] * binaryEntropy(yes);
        }
        return binaryEntropy(mean) - conditional;
    }
    /// About the choke of a whisper near the edge, whatever the shape.
    double ofChoke(const Stroke& stroke) const {
        double mean = 0.0;
        double conditional = 0.0;
        for (std::size_t i = 0; i < kChokeCount; ++i) {
            double p = 0.0;
            double yes = 0.0;
            for (std::size_t s = 0; s < m_belief.shapes.size(); ++s) {
                const double here = m_belief.choke[s][i];
                p += here;
                yes += here * m_answered[i + m_belief.shapes[s].above(stroke.place, stroke.dynamic)];
            }
            mean += yes;
            if (p > 1e-12)
                conditional += p * binaryEntropy(yes / p);
        }
        return binaryEntropy(mean) - conditional;
    }
    const Belief& m_belief;
    double m_turns;
    Weights m_weights;
    Lattice m_answered;
};

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
    const StopInformation information(belief, turns, weights);
    std::vector<double> each;
    for (const Stroke& stroke : allStrokes())
        each.push_back(information.of(stroke));
    std::sort(each.begin(), each.end(), std::greater<>());
    double sum = 0.0;
    for (std::size_t i = 0; i < 3; ++i) // answers at one stop repeat each other
        sum += each[i];
    return sum;
}

/// So far into the clean span the setting is wanted.
double marginOf(const Sweep& sweep) {
    switch (sweep.judging) {
    case WireJudging::LoosestClean:
    case WireJudging::Wet:
        return 0.0;
    case WireJudging::Dry:
        return 1.0;
    case WireJudging::EqualLengths: // by the rule of thumb, until both were heard
        return 0.3;
    case WireJudging::AsTone:
        break;
    }
    return std::clamp(sweep.margin, 0.0, 1.0);
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

/// Two answers that cannot both be right: more than half a turn past each other, on whatever drum.
bool contradict(const std::vector<WireTest>& tests) {
    constexpr double past = 0.5; // turns
    for (const int step : kSweepSteps)
        for (const int loss : kLosses) {
            double tightestAnswered = -1e9;
            double loosestSilent = 1e9;
            for (const WireTest& test : tests) {
                const double above =
                    kGridStep * static_cast<double>(Shape{step, loss}.above(test.place, test.dynamic));
                double& end = test.answered ? tightestAnswered : loosestSilent;
                end = test.answered ? std::max(end, test.turns.value - above)
                                    : std::min(end, test.turns.value - above);
            }
            if (tightestAnswered <= loosestSilent + past)
                return false;
        }
    return true;
}

bool isOnePlaceOnly(const std::vector<WireTest>& tests) {
    return tests.size() >= 2 && std::all_of(tests.begin(), tests.end(), [&](const WireTest& test) {
               return test.place == tests.front().place;
           });
}

} // namespace

WireAdvice adviseWires(const Sweep& sweep) {
    constexpr double guard = 0.125; // turns kept from either end of the span
    constexpr double wetter = 0.25; // turns below the clean span
    const Belief belief = beliefFrom(sweep);

    WireAdvice advice;
    for (const StrokePlace place : kPlaces)
        for (const Dynamic dynamic : kDynamics)
            advice.chokes[static_cast<std::size_t>(place)][static_cast<std::size_t>(dynamic)] =
                chokePlace(belief, place, dynamic);
    const KnobPlace choke = chokePlace(belief, StrokePlace::Edge, Dynamic::Whisper);
    advice.rattle = rattlePlace(belief);
    advice.rattleBelow = Turns{std::max(0.0, advice.rattle.turns.value)};
    advice.chokeAbove = Turns{std::max(0.0, choke.turns.value)};
    const double low = advice.rattleBelow.value + guard;
    const double high = advice.chokeAbove.value - guard;
    advice.noUsableSpan = high < low;
    advice.contradictory = contradict(sweep.tests);
    advice.onePlaceOnly = isOnePlaceOnly(sweep.tests);
    const double margin = marginOf(sweep);
    double wanted = advice.noUsableSpan ? 0.5 * (low + high) : low + margin * (high - low);
    double error = std::hypot((1.0 - margin) * advice.rattle.error.value, margin * choke.error.value);
    if (sweep.judging == WireJudging::Wet)
        wanted -= wetter;
    if (sweep.judging == WireJudging::EqualLengths && sweep.equalLengths) {
        wanted = sweep.equalLengths->turns.value;
        error = sweep.equalLengths->error.value;
    }
    advice.recommended = Turns{std::clamp(inEighths(wanted), 0.0, kFarthestStrainer)};
    advice.error = Turns{error};

    // A stop is worth its strokes while the setting is not known to an eighth of a turn, and only near the
    // span: nobody learns about a whisper from wires that are choked.
    constexpr double sureEnough = 0.125;
    const std::vector<Turns> tried = triedStops(sweep);
    const bool enough = advice.error.value <= sureEnough || static_cast<int>(tried.size()) >= kMostTestStops;
    double bestInformation = enough ? 1e9 : 0.05; // nats
    for (double turns = 0.25; turns <= std::max(1.0, advice.chokeAbove.value + 0.5); turns += 0.25) {
        if (std::find(tried.begin(), tried.end(), Turns{turns}) != tried.end())
            continue;
        const double here = informationAt(belief, turns, weightsOf(margin));
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
    const StopInformation information(belief, sweep.current.value, weightsOf(marginOf(sweep)));
    std::optional<Stroke> best;
    double most = worthAsking;
    int tried = 0;
    for (const Stroke& stroke : allStrokes()) {
        if (wasTried(stroke)) {
            ++tried;
            continue;
        }
        const double here = information.of(stroke);
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
