#include "core/tuning/inverse.h"

#include "core/tuning/targets.h"

#include <Eigen/Cholesky>
#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <functional>

namespace bombo {
namespace {

/// Logarithms of both tensions within a box.
struct Box {
    Eigen::Array2d low;
    Eigen::Array2d high;

    static Box of(Tension lowBatter, Tension lowSnareSide, Tension highBatter, Tension highSnareSide) {
        return {Eigen::Array2d(std::log(lowBatter.value), std::log(lowSnareSide.value)),
                Eigen::Array2d(std::log(highBatter.value), std::log(highSnareSide.value))};
    }
    static Box allowed(const Drum& drum) {
        return of(kFingerTight, kFingerTight, tensionAtLoad(drum.batterHead, kFilmLoadLimit),
                  tensionAtLoad(drum.snareSideHead, kFilmLoadLimit));
    }
    Eigen::Vector2d within(const Eigen::Vector2d& x) const { return x.array().max(low).min(high).matrix(); }
};

/// Logarithmic distance from the wish at a place in the box; empty where the wish has no meaning.
using Misses = std::function<std::optional<Eigen::Vector2d>(const Eigen::Vector2d&)>;

struct Found {
    Eigen::Vector2d at;
    double miss; ///< length of the remaining distance
};

/// Damped Gauss-Newton from the best of a few starts, kept in the box; a step into meaningless ground is
/// shortened.
std::optional<Found> nearestTo(const Misses& misses, const Box& box) {
    std::optional<Found> best;
    std::optional<Eigen::Vector2d> miss;
    constexpr int starts = 4;
    for (int i = 0; i < starts; ++i)
        for (int k = 0; k < starts; ++k) {
            const Eigen::Array2d share((i + 0.5) / starts, (k + 0.5) / starts);
            const Eigen::Vector2d at = (box.low + share * (box.high - box.low)).matrix();
            const auto here = misses(at);
            if (here && (!best || here->norm() < best->miss)) {
                best = Found{at, here->norm()};
                miss = here;
            }
        }
    if (!best)
        return std::nullopt;
    double damping = 1e-4;
    for (int step = 0; step < 40 && best->miss > 1e-7; ++step) {
        Eigen::Matrix2d slope;
        for (int i = 0; i < 2; ++i) {
            Eigen::Vector2d aside = best->at;
            const double by = aside[i] + 2e-4 > box.high[i] ? -1e-4 : 1e-4;
            aside[i] += by;
            auto there = misses(aside);
            if (!there) {
                aside[i] -= 2.0 * by;
                there = misses(aside);
            }
            if (!there)
                return best;
            slope.col(i) = (*there - *miss) / (aside[i] - best->at[i]);
        }
        // Coordinates pressed against a bound stay there.
        const Eigen::Vector2d gradient = slope.transpose() * *miss;
        for (int i = 0; i < 2; ++i)
            if ((best->at[i] <= box.low[i] && gradient[i] > 0.0) ||
                (best->at[i] >= box.high[i] && gradient[i] < 0.0))
                slope.col(i).setZero();
        bool better = false;
        for (int attempt = 0; attempt < 12 && !better; ++attempt) {
            const Eigen::Matrix2d normal = slope.transpose() * slope + damping * Eigen::Matrix2d::Identity();
            const Eigen::Vector2d to = box.within(best->at - normal.ldlt().solve(slope.transpose() * *miss));
            const auto there = misses(to);
            if (there && there->norm() < best->miss) {
                const double gain = best->miss - there->norm();
                best = Found{to, there->norm()};
                miss = there;
                damping = std::max(1e-9, damping * 0.1);
                better = true;
                if (gain < 1e-9)
                    return best;
            } else {
                damping *= 10.0;
            }
        }
        if (!better)
            return best;
    }
    return best;
}

struct OpenPitches {
    Hertz centre;
    Hertz edge;         ///< the batter's own (1,1)
    bool edgeIsBatters; ///< the lowest (1,1) is that
};

OpenPitches openPitches(const DrumState& state) {
    const CoupledMode edge = coupledModes(state, {.lowestM = 1, .highestM = 1, .perM = 1}).front();
    const Hertz centre = coupledModes(state, {.lowestM = 0, .highestM = 0, .perM = 1}).front().frequency;
    if (edge.batterShare >= 0.5)
        return {centre, edge.frequency, true};
    return {centre, coupledModes(state, {.lowestM = 1, .highestM = 1, .perM = 2})[1].frequency, false};
}

double logOf(Hertz is, Hertz wished) {
    return std::log(is / wished);
}

class Solver {
public:
    Solver(const Drum& drum, const Air& air, const TurnModel& turns)
        : m_drum(drum), m_air(air), m_turns(turns), m_box(Box::allowed(drum)) {}

    using Outcome = Result<TensionPair, Impossible>;

    Outcome operator()(const BothEdges& wish) {
        const auto batter = tensionForEdgePitch(m_drum, HeadSide::Batter, wish.batter, m_air);
        const auto snareSide = tensionForEdgePitch(m_drum, HeadSide::SnareSide, wish.snareSide, m_air);
        const Tension t1 = batter ? *batter : tensionAtLimit(m_drum, batter.fault().limit);
        const Tension t2 = snareSide ? *snareSide : tensionAtLimit(m_drum, snareSide.fault().limit);
        const TensionPair pair = pairAt(t1, t2, wish);
        if (!batter)
            return failure(Impossible{batter.fault().limit, pair});
        if (!snareSide)
            return failure(Impossible{snareSide.fault().limit, pair});
        return pair;
    }
    Outcome operator()(const EdgeAndInterval& wish) {
        return (*this)(BothEdges{wish.batterEdge, moved(wish.batterEdge, wish.snareSideAbove)});
    }
    Outcome operator()(const EdgeAndFilmLoad& wish) {
        const auto batter = tensionForEdgePitch(m_drum, HeadSide::Batter, wish.batterEdge, m_air);
        const Tension t1 = batter ? *batter : tensionAtLimit(m_drum, batter.fault().limit);
        const Tension wished = tensionAtLoad(m_drum.snareSideHead, wish.snareSideLoad);
        const Tension highest = tensionAtLoad(m_drum.snareSideHead, kFilmLoadLimit);
        const Tension t2 = std::clamp(wished, kFingerTight, highest);
        const TensionPair pair = pairAt(t1, t2, wish);
        if (!batter)
            return failure(Impossible{batter.fault().limit, pair});
        if (t2 != wished)
            return failure(Impossible{
                wished > highest ? TargetLimit::SnareSideFilm : TargetLimit::SnareSideFingerTight, pair});
        return pair;
    }
    Outcome operator()(const CentreAndRatio& wish) {
        const auto missesWhere = [&](bool isBatters) {
            return [this, &wish, isBatters](const Eigen::Vector2d& x) -> std::optional<Eigen::Vector2d> {
                const OpenPitches is = openPitches(stateAt(x));
                if (is.edgeIsBatters != isBatters)
                    return std::nullopt;
                return Eigen::Vector2d(logOf(is.centre, wish.centre),
                                       std::log(is.edge / is.centre / wish.edgeOverCentre));
            };
        };
        Outcome outcome = searched(wish, missesWhere(true));
        if (outcome || (outcome.fault().limit != TargetLimit::NoSuchPair &&
                        outcome.fault().limit != TargetLimit::RatioReversed))
            return outcome;
        // Perhaps a pair has it whose lowest (1,1) is the snare side's: it is offered, not taken.
        const auto other = nearestTo(missesWhere(false), m_box);
        if (!other || other->miss >= 1e-5)
            return outcome;
        return failure(Impossible{TargetLimit::RatioReversed, pairAt(Tension{std::exp(other->at[0])},
                                                                     Tension{std::exp(other->at[1])}, wish)});
    }
    Outcome operator()(const CentreAndInterval& wish) {
        return searched(wish, [&](const Eigen::Vector2d& x) -> std::optional<Eigen::Vector2d> {
            const DrumState state = stateAt(x);
            const Hertz centre =
                coupledModes(state, {.lowestM = 0, .highestM = 0, .perM = 1}).front().frequency;
            const Hertz above = moved(edgePitch(state, HeadSide::Batter), wish.snareSideAbove);
            return Eigen::Vector2d(logOf(centre, wish.centre),
                                   logOf(edgePitch(state, HeadSide::SnareSide), above));
        });
    }
    Outcome operator()(const CountedTurns& wish) {
        const Tension t1 = m_turns.batter.at(wish.batter);
        const Tension t2 = m_turns.snareSide.at(wish.snareSide);
        const Eigen::Vector2d x(std::log(std::max(t1.value, 1.0)), std::log(std::max(t2.value, 1.0)));
        const Eigen::Vector2d inside = m_box.within(x);
        TensionPair pair =
            tensionPairAt(m_drum, Tension{std::exp(inside[0])}, Tension{std::exp(inside[1])}, m_air);
        pair.batterError = m_turns.batter.spreadAt(wish.batter);
        pair.snareSideError = m_turns.snareSide.spreadAt(wish.snareSide);
        const TargetLimit limit = limitBetween(x);
        if (limit != TargetLimit::None)
            return failure(Impossible{limit, pair});
        return pair;
    }

private:
    DrumState stateAt(const Eigen::Vector2d& x) const {
        return drumState(m_drum, Tension{std::exp(x[0])}, Tension{std::exp(x[1])}, m_air);
    }

    /// The bound that `x` lies beyond.
    TargetLimit limitBetween(const Eigen::Vector2d& x) const {
        constexpr double hair = 1e-9;
        if (x[0] > m_box.high[0] + hair)
            return TargetLimit::BatterFilm;
        if (x[1] > m_box.high[1] + hair)
            return TargetLimit::SnareSideFilm;
        if (x[0] < m_box.low[0] - hair)
            return TargetLimit::BatterFingerTight;
        if (x[1] < m_box.low[1] - hair)
            return TargetLimit::SnareSideFingerTight;
        return TargetLimit::None;
    }

    /// The bound that `x` lies against.
    TargetLimit limitAt(const Eigen::Vector2d& x, const Misses& misses) const {
        constexpr double close = 1e-3;
        if (x[1] > m_box.high[1] - close)
            return TargetLimit::SnareSideFilm;
        if (x[0] > m_box.high[0] - close)
            return TargetLimit::BatterFilm;
        if (x[0] < m_box.low[0] + close)
            return TargetLimit::BatterFingerTight;
        if (x[1] < m_box.low[1] + close)
            return TargetLimit::SnareSideFingerTight;
        for (const Eigen::Vector2d& aside : {Eigen::Vector2d(0.02, 0.0), Eigen::Vector2d(0.0, -0.02)})
            if (!misses(x + aside))
                return TargetLimit::RatioReversed;
        return TargetLimit::NoSuchPair;
    }

    template <class Wish> Outcome searched(const Wish& wish, const Misses& misses) {
        const auto found = nearestTo(misses, m_box);
        if (!found) // the whole box lies beyond the reversal
            return failure(
                Impossible{TargetLimit::RatioReversed,
                           pairAt(kFingerTight, tensionAtLoad(m_drum.snareSideHead, kFilmLoadLimit), wish)});
        const TensionPair pair =
            pairAt(Tension{std::exp(found->at[0])}, Tension{std::exp(found->at[1])}, wish);
        if (found->miss < 1e-5)
            return pair;
        return failure(Impossible{limitAt(found->at, misses), pair});
    }

    /// Logarithms of the two quantities that a wish fixes, at any state.
    static Eigen::Vector2d fixedBy(const DrumState& state, const PitchWish& wish) {
        auto edges = [&] {
            return Eigen::Vector2d(std::log(edgePitch(state, HeadSide::Batter).value),
                                   std::log(edgePitch(state, HeadSide::SnareSide).value));
        };
        if (std::holds_alternative<CentreAndRatio>(wish)) {
            const OpenPitches open = openPitches(state);
            return {std::log(open.centre.value), std::log(open.edge / open.centre)};
        }
        if (std::holds_alternative<CentreAndInterval>(wish)) {
            const Eigen::Vector2d both = edges();
            return {std::log(openPitches(state).centre.value), both[1] - both[0]};
        }
        if (std::holds_alternative<EdgeAndFilmLoad>(wish))
            return {edges()[0], std::log(state.snareSide.tension.value)};
        return edges();
    }

    /// How far the model may be off in what fixedBy gives.
    static Eigen::Vector2d spreadsOf(const PitchWish& wish) {
        if (std::holds_alternative<CentreAndRatio>(wish))
            return {kCentrePitchSpread, std::hypot(kCentrePitchSpread, kModelPitchSpread)};
        if (std::holds_alternative<CentreAndInterval>(wish))
            return {kCentrePitchSpread, std::sqrt(2.0) * kModelPitchSpread};
        return {kModelPitchSpread, kModelPitchSpread};
    }

    /// Standard errors of the tensions that meet a wish: what the wish fixes is certain, the heads' mass and
    /// the model are not.
    TensionPair pairAt(Tension batter, Tension snareSide, const PitchWish& wish) const {
        TensionPair pair = tensionPairAt(m_drum, batter, snareSide, m_air);
        const DrumState at = drumState(m_drum, batter, snareSide, m_air);
        const Eigen::Vector2d here = fixedBy(at, wish);
        constexpr double step = 1e-3;
        Eigen::Matrix2d byTension;
        Eigen::Matrix2d byMass;
        for (int i = 0; i < 2; ++i) {
            DrumState tighter = at;
            DrumState heavier = at;
            HeadState& tight = i == 0 ? tighter.batter : tighter.snareSide;
            HeadState& heavy = i == 0 ? heavier.batter : heavier.snareSide;
            tight.tension = tight.tension * std::exp(step);
            heavy.arealDensity = heavy.arealDensity * std::exp(step);
            byTension.col(i) = (fixedBy(tighter, wish) - here) / step;
            byMass.col(i) = (fixedBy(heavier, wish) - here) / step;
        }
        if (std::abs(byTension.determinant()) < 1e-9)
            return pair;
        const Eigen::Matrix2d back = byTension.inverse();
        const Eigen::Matrix2d fromMass = back * byMass * kArealDensitySpread;
        const Eigen::Matrix2d fromModel = back * spreadsOf(wish).asDiagonal();
        pair.batterError = batter * std::hypot(fromMass.row(0).norm(), fromModel.row(0).norm());
        pair.snareSideError = snareSide * std::hypot(fromMass.row(1).norm(), fromModel.row(1).norm());
        return pair;
    }

    const Drum& m_drum;
    const Air& m_air;
    const TurnModel& m_turns;
    Box m_box;
};

} // namespace

TurnModel turnModelPrior(const Drum& drum) {
    return {learnTurnResponse(drum, HeadSide::Batter, {}), learnTurnResponse(drum, HeadSide::SnareSide, {})};
}

Sensitivities sensitivitiesAt(const DrumState& state) {
    constexpr double step = 1e-3;
    const NamedPitches here = namedPitches(state);
    Sensitivities found;
    for (std::size_t i = 0; i < 2; ++i) {
        DrumState tighter = state;
        HeadState& head = i == 0 ? tighter.batter : tighter.snareSide;
        head.tension = head.tension * std::exp(step);
        const NamedPitches there = namedPitches(tighter);
        found.batterEdge[i] = logOf(there.batterEdge, here.batterEdge) / step;
        found.snareSideEdge[i] = logOf(there.snareSideEdge, here.snareSideEdge) / step;
        found.centre[i] = logOf(there.centre, here.centre) / step;
        found.edgeOverCentre[i] = std::log(there.edgeOverCentre / here.edgeOverCentre) / step;
    }
    return found;
}

TensionPair tensionPairAt(const Drum& drum, Tension batter, Tension snareSide, const Air& air) {
    const DrumState state = drumState(drum, batter, snareSide, air);
    TensionPair pair;
    pair.batter = batter;
    pair.snareSide = snareSide;
    pair.batterLoad = filmLoad(drum.batterHead, batter);
    pair.snareSideLoad = filmLoad(drum.snareSideHead, snareSide);
    pair.pitches = namedPitches(state);
    pair.ratioReversed = pair.pitches.ratioReversed;
    pair.sensitivities = sensitivitiesAt(state);
    return pair;
}

Result<TensionPair, Impossible> solveTensions(const Drum& drum, const PitchWish& wish, const Air& air,
                                              const TurnModel& turns) {
    return std::visit(Solver(drum, air, turns), wish);
}

Result<TensionPair, Impossible> solveTensions(const Drum& drum, const PitchWish& wish, const Air& air) {
    return solveTensions(drum, wish, air, turnModelPrior(drum));
}

std::optional<std::pair<Tension, Tension>> tensionsFromHeard(const Drum& drum, const HeardPair& heard,
                                                             const Air& air) {
    const Tension slack{20.0};
    Box box =
        Box::of(slack, slack, tensionAtLoad(drum.batterHead, 1.0), tensionAtLoad(drum.snareSideHead, 1.0));
    if (!heard.edgeHeardOpen) { // muted: the batter's tension is known by itself
        const double known = std::log(tensionFromHeard(drum, HeadSide::Batter, heard.batterEdge, air).value);
        box.low[0] = known - 1e-6;
        box.high[0] = known + 1e-6;
    }
    const auto found = nearestTo(
        [&](const Eigen::Vector2d& x) -> std::optional<Eigen::Vector2d> {
            const DrumState state = drumState(drum, Tension{std::exp(x[0])}, Tension{std::exp(x[1])}, air);
            const OpenPitches is = openPitches(state);
            if (!heard.edgeHeardOpen)
                return Eigen::Vector2d(0.0, logOf(is.centre, heard.centre));
            if (!is.edgeIsBatters)
                return std::nullopt;
            return Eigen::Vector2d(logOf(is.edge, heard.batterEdge), logOf(is.centre, heard.centre));
        },
        box);
    if (!found || found->miss > 3e-3) // 5 cents: more than hearing and model explain
        return std::nullopt;
    return std::pair{Tension{std::exp(found->at[0])}, Tension{std::exp(found->at[1])}};
}

const char* limitName(TargetLimit limit) {
    switch (limit) {
    case TargetLimit::None:
        return "none";
    case TargetLimit::SnareSideFilm:
        return "snare_side_film";
    case TargetLimit::BatterFilm:
        return "batter_film";
    case TargetLimit::BatterFingerTight:
        return "batter_finger_tight";
    case TargetLimit::SnareSideFingerTight:
        return "snare_side_finger_tight";
    case TargetLimit::RatioReversed:
        return "ratio_reversed";
    case TargetLimit::NoSuchPair:
        return "no_such_pair";
    }
    return "none";
}

} // namespace bombo
