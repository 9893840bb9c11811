#include "core/wires/wire_sweep.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <utility>

namespace bombo {
namespace {

constexpr double kSlips = 0.10;       // share of answers ticked wrongly
constexpr double kSlope = 0.12;       // turns: width of the logistic step of a rattle,
constexpr double kChokeSlope = 0.05;  // and of a choke, with as much of its reach (no two strokes are alike)
constexpr double kGridStep = 0.05;    // turns, of the rattle's lattice
constexpr double kNearContact = 0.05; // turns: below, strands are drawn by what the film bends them

// Reach, in dB over a turn, from contact to the choke of a whisper near the edge; how many dB more a dynamic
// and the middle take. All on one lattice, so that every threshold lies on it.
constexpr double kStepDb = 1.0 / 3.0;
constexpr double kReachFromDb = -14.0;
constexpr int kReachCount = 104;                        // to 10 turns
constexpr std::array kDynamicSteps{18, 24, 30, 36, 42}; // 6 to 14 dB
constexpr std::array kEdgeSteps{9, 16, 23, 30, 37};     // 3 to 12 dB
constexpr double kDynamicSpread = 2.0;                  // dB, from drum to drum and hand to hand; estimates
constexpr double kEdgeSpread = 2.5;
constexpr double kReachSpread = 3.5;
constexpr std::array kContacts{-0.25, 0.0, 0.25}; // turns off where first contact was counted
constexpr double kContactSpread = 0.2;
constexpr int kThresholds = kReachCount + 42 * 3 + 37;

constexpr double kRattleFrom = -1.0;
constexpr int kRattleCount = 70;

using Lattice = std::vector<double>; ///< one value a place on the lattice

/// Probability of "answered" (or of "clean"): a step with soft shoulders and honest slips.
double soft(double distance, double slope = kSlope) {
    return kSlips + (1.0 - 2.0 * kSlips) / (1.0 + std::exp(-distance / slope));
}

/// Turns from contact to a threshold.
double reachAt(std::size_t i) {
    static const auto reaches = [] {
        std::array<double, kThresholds> all{};
        for (std::size_t k = 0; k < all.size(); ++k)
            all[k] = std::pow(10.0, (kReachFromDb + kStepDb * static_cast<double>(k)) / 20.0);
        return all;
    }();
    return reaches[i];
}
double rattleAt(std::size_t i) {
    return kRattleFrom + kGridStep * static_cast<double>(i);
}

/// How likely a stroke at so many turns from contact is answered, by where its threshold lies on the lattice.
Lattice answeredAt(double turns) {
    Lattice answered(kThresholds);
    for (std::size_t i = 0; i < answered.size(); ++i)
        answered[i] = soft(reachAt(i) - turns, kChokeSlope * (1.0 + reachAt(i)));
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
    std::size_t contact = 0; ///< of kContacts
    int step = 0;            ///< lattice steps a dynamic
    int loss = 0;            ///< lattice steps that the middle has more

    std::size_t above(StrokePlace place, Dynamic dynamic) const { ///< a whisper near the edge
        return static_cast<std::size_t>(step * static_cast<int>(dynamic) +
                                        (place == StrokePlace::Middle ? loss : 0));
    }
};

std::vector<Shape> allShapes() {
    std::vector<Shape> shapes;
    for (std::size_t contact = 0; contact < kContacts.size(); ++contact)
        for (const int step : kDynamicSteps)
            for (const int loss : kEdgeSteps)
                shapes.push_back({contact, step, loss});
    return shapes;
}

struct Belief {
    double contact = 0; ///< as counted, turns
    std::vector<Shape> shapes;
    std::vector<Lattice> choke; ///< by shape: probability over the reach of a whisper near the edge
    Lattice rattle;             ///< probability over the rattle point

    double contactOf(const Shape& shape) const { return contact + kContacts[shape.contact]; }
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
    const double usualDb = 20.0 * std::log10(1.3 + 2.0 * load);
    Belief belief;
    belief.contact = sweep.slackTurns;
    belief.shapes = allShapes();
    belief.rattle = rattleBelief(sweep);
    std::vector<std::array<Lattice, kContacts.size()>> answered(sweep.tests.size());
    for (std::size_t t = 0; t < sweep.tests.size(); ++t)
        for (std::size_t c = 0; c < kContacts.size(); ++c)
            answered[t][c] = answeredAt(sweep.tests[t].turns.value - belief.contact - kContacts[c]);
    double sum = 0.0;
    for (const Shape& shape : belief.shapes) {
        const double usual = normalDensity(kStepDb * shape.step, kDynamicDb, kDynamicSpread) *
                             normalDensity(kStepDb * shape.loss, kEdgeDb, kEdgeSpread) *
                             normalDensity(kContacts[shape.contact], 0.0, kContactSpread);
        Lattice choke(kReachCount);
        for (std::size_t i = 0; i < choke.size(); ++i) {
            double p =
                usual * normalDensity(kReachFromDb + kStepDb * static_cast<double>(i), usualDb, kReachSpread);
            for (std::size_t t = 0; t < sweep.tests.size(); ++t) {
                const WireTest& test = sweep.tests[t];
                const double yes = answered[t][shape.contact][i + shape.above(test.place, test.dynamic)];
                p *= test.answered ? yes : 1.0 - yes;
            }
            choke[i] = p;
            sum += p;
        }
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

ChokePlace chokePlace(const Belief& belief, StrokePlace place, Dynamic dynamic) {
    std::array<Lattice, kContacts.size()> over;
    over.fill(Lattice(kThresholds));
    for (std::size_t s = 0; s < belief.shapes.size(); ++s) {
        const Shape& shape = belief.shapes[s];
        for (std::size_t i = 0; i < kReachCount; ++i)
            over[shape.contact][i + shape.above(place, dynamic)] += belief.choke[s][i];
    }
    SweepMoments m;
    std::vector<std::pair<double, double>> places; // turns, probability
    for (std::size_t c = 0; c < kContacts.size(); ++c)
        for (std::size_t i = 0; i < kThresholds; ++i) {
            const double turns = belief.contact + kContacts[c] + reachAt(i);
            m.add(over[c][i], turns);
            places.emplace_back(turns, over[c][i]);
        }
    std::sort(places.begin(), places.end());
    auto quantile = [&](double share) {
        double sum = 0.0;
        for (const auto& [turns, p] : places)
            if ((sum += p) >= share)
                return Turns{turns};
        return Turns{places.back().first};
    };
    return {m.place(), quantile(1.0 / 6.0), quantile(5.0 / 6.0)};
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
        : m_belief(belief), m_turns(turns), m_weights(weights) {
        for (std::size_t c = 0; c < kContacts.size(); ++c)
            m_answered[c] = answeredAt(turns - belief.contact - kContacts[c]);
    }

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
    /// About the choke of a whisper near the edge, however the other strokes lie beside it.
    double ofChoke(const Stroke& stroke) const {
        double mean = 0.0;
        double conditional = 0.0;
        const std::size_t each = m_belief.shapes.size() / kContacts.size();
        for (std::size_t c = 0; c < kContacts.size(); ++c)
            for (std::size_t i = 0; i < kReachCount; ++i) {
                double p = 0.0;
                double yes = 0.0;
                for (std::size_t s = c * each; s < (c + 1) * each; ++s) {
                    const double here = m_belief.choke[s][i];
                    p += here;
                    yes += here * m_answered[c][i + m_belief.shapes[s].above(stroke.place, stroke.dynamic)];
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
    std::array<Lattice, kContacts.size()> m_answered;
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
bool contradict(const Sweep& sweep) {
    constexpr double past = 0.5; // turns
    for (const Shape& shape : allShapes()) {
        double tightestAnswered = -1e9;
        double loosestSilent = 1e9;
        for (const WireTest& test : sweep.tests) { // each as if it were a whisper near the edge
            const double above = kStepDb * static_cast<double>(shape.above(test.place, test.dynamic));
            const double turns = (test.turns.value - sweep.slackTurns - kContacts[shape.contact]) *
                                 std::pow(10.0, -above / 20.0);
            double& end = test.answered ? tightestAnswered : loosestSilent;
            end = test.answered ? std::max(end, turns) : std::min(end, turns);
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

double pullDb(Turns knob, Turns other, Turns contact) {
    auto reach = [&](Turns turns) { return std::max(kNearContact, (turns - contact).value); };
    return 20.0 * std::log10(reach(knob) / reach(other));
}

Turns chokeTurns(Turns whisperMiddle, StrokePlace place, Dynamic dynamic, Turns contact, double dynamicDb,
                 double edgeDb) {
    const double db = dynamicDb * static_cast<int>(dynamic) - (place == StrokePlace::Edge ? edgeDb : 0.0);
    const double reach = std::max(kNearContact, (whisperMiddle - contact).value);
    return contact + Turns{reach * std::pow(10.0, db / 20.0)};
}

WireAdvice adviseWires(const Sweep& sweep) {
    constexpr double guard = 0.125; // turns kept from either end of the span
    constexpr double wetter = 0.25; // turns below the clean span
    const Belief belief = beliefFrom(sweep);

    WireAdvice advice;
    for (const StrokePlace place : kPlaces)
        for (const Dynamic dynamic : kDynamics)
            advice.chokes[static_cast<std::size_t>(place)][static_cast<std::size_t>(dynamic)] =
                chokePlace(belief, place, dynamic);
    const ChokePlace& choke = advice.choke(StrokePlace::Edge, Dynamic::Whisper);
    for (std::size_t s = 0; s < belief.shapes.size(); ++s)
        for (const double p : belief.choke[s])
            advice.contact += p * Turns{belief.contactOf(belief.shapes[s])};
    advice.rattle = rattlePlace(belief);
    advice.rattleBelow = Turns{std::max(0.0, advice.rattle.turns.value)};
    advice.chokeAbove = Turns{std::max(0.0, choke.turns.value)};
    const double low = advice.rattleBelow.value + guard;
    const double high = advice.chokeAbove.value - guard;
    advice.noUsableSpan = high < low;
    advice.contradictory = contradict(sweep);
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
    for (double turns = 0.25; turns <= std::clamp(advice.chokeAbove.value + 0.5, 1.0, kFarthestStrainer);
         turns += 0.25) {
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
