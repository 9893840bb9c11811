#include "core/wires/wire_sweep.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kSlope = 0.12; // turns: width of the logistic step
constexpr double kSlips = 0.08; // share of answers ticked wrongly
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

Belief beliefFrom(const Drum& drum, double snareSideFilmLoad, const std::vector<WireTest>& tests,
                  const std::vector<RattleTest>& rattles) {
    // A tighter snare-side head throws the wires harder: the span widens. Stretched strands eat up turns.
    const double load = std::clamp(snareSideFilmLoad, 0.02, 0.8);
    const double chokeMean = 1.9 + 2.0 * load + drum.wires.slackTurns;
    const double rattleMean = 0.7 + drum.wires.slackTurns;
    Belief belief;
    for (std::size_t i = 0; i < kChokeCount; ++i) {
        double p = normalDensity(chokeAt(i), chokeMean, 0.9);
        for (const WireTest& test : tests) {
            const double distance =
                chokeTurns(Turns{chokeAt(i)}, test.place, test.dynamic).value - test.turns.value;
            p *= test.answered ? soft(distance) : 1.0 - soft(distance);
        }
        belief.choke.push_back(p);
    }
    for (std::size_t i = 0; i < kRattleCount; ++i) {
        double p = normalDensity(rattleAt(i), rattleMean, 0.5);
        for (const RattleTest& test : rattles) {
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

double informationAt(const Belief& belief, double turns) {
    double sum = information(belief.rattle, [&](std::size_t i) { return soft(turns - rattleAt(i)); });
    for (StrokePlace place : kPlaces)
        for (Dynamic dynamic : {Dynamic::Whisper, Dynamic::Soft}) // the strokes that are asked for first
            sum += information(belief.choke, [&](std::size_t i) {
                return soft(chokeTurns(Turns{chokeAt(i)}, place, dynamic).value - turns);
            });
    return sum;
}

double inEighths(double turns) {
    return std::round(turns * 8.0) / 8.0;
}

} // namespace

WireAdvice adviseWires(const Drum& drum, double snareSideFilmLoad, double margin, Turns current,
                       const std::vector<WireTest>& tests, const std::vector<RattleTest>& rattles) {
    constexpr double guard = 0.125; // turns kept from either end of the span
    const Belief belief = beliefFrom(drum, snareSideFilmLoad, tests, rattles);
    const Moments choke = momentsOf(belief.choke, chokeAt);
    const Moments rattle = momentsOf(belief.rattle, rattleAt);

    WireAdvice advice;
    advice.rattleBelow = Turns{std::max(0.0, rattle.mean)};
    advice.chokeAbove = Turns{std::max(0.0, choke.mean - kTurnsLostAtEdge)};
    const double low = advice.rattleBelow.value + guard;
    const double high = advice.chokeAbove.value - guard;
    advice.noUsableSpan = high < low;
    const double place = std::clamp(margin, 0.0, 1.0);
    const double wanted = advice.noUsableSpan ? 0.5 * (low + high) : low + place * (high - low);
    advice.recommended = Turns{std::max(0.0, inEighths(wanted))};
    advice.error = Turns{std::hypot((1.0 - place) * rattle.spread, place * choke.spread)};

    // A stop is worth its strokes while the setting is not known to a fifth of a turn, and only near the
    // span: nobody learns about a whisper from wires that are choked.
    constexpr double sureEnough = 0.2;
    double bestInformation = advice.error.value > sureEnough ? 0.15 : 1e9; // nats
    for (double turns = 0.25; turns <= std::max(1.0, advice.chokeAbove.value + 0.25); turns += 0.25) {
        const double here = informationAt(belief, turns);
        if (here > bestInformation) {
            bestInformation = here;
            advice.nextTest = Turns{turns};
        }
    }
    if (tests.empty())
        advice.advice = StrainerAdvice::TestMore;
    else if (std::abs(advice.recommended.value - current.value) <= 0.125 + 1e-9)
        advice.advice = StrainerAdvice::Leave;
    else
        advice.advice = advice.recommended > current ? StrainerAdvice::Tighten : StrainerAdvice::Loosen;
    return advice;
}

std::optional<Stroke> nextStroke(Turns current, const std::vector<WireTest>& tests,
                                 const std::vector<RattleTest>& rattles) {
    // Ascending turns at which each stroke chokes: once one answers, the later ones would too.
    static constexpr std::array order{
        Stroke{StrokePlace::Edge, Dynamic::Whisper}, Stroke{StrokePlace::Middle, Dynamic::Whisper},
        Stroke{StrokePlace::Edge, Dynamic::Soft}, Stroke{StrokePlace::Middle, Dynamic::Soft},
        Stroke{StrokePlace::Edge, Dynamic::Medium}};
    for (const Stroke& stroke : order) {
        const auto known = std::find_if(tests.begin(), tests.end(), [&](const WireTest& t) {
            return t.turns == current && t.place == stroke.place && t.dynamic == stroke.dynamic;
        });
        if (known == tests.end())
            return stroke;
        if (known->answered)
            break;
    }
    const bool rattleKnown =
        std::any_of(rattles.begin(), rattles.end(), [&](const RattleTest& t) { return t.turns == current; });
    return rattleKnown ? std::nullopt : std::optional(Stroke{StrokePlace::Middle, Dynamic::Loud, true});
}

} // namespace bombo
