#include "core/tuning/evenness.h"

#include "core/acoustics/tension_field.h"
#include "core/dense/dense.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <numeric>

namespace bombo {

namespace {

struct WeightedMean {
    double sum = 0;
    double weight = 0;
    std::size_t count = 0;
    void add(double value, double by) {
        sum += by * value;
        weight += by;
        ++count;
    }
    double value() const { return count == 0 ? 0.0 : sum / weight; }
};

} // namespace

EvennessEstimate estimateEvenness(const std::vector<std::optional<RodPitches>>& readings,
                                  const std::vector<LocalReadings>& local, const EveningShare& evening) {
    constexpr double priorSpread = 60.0;
    constexpr double readingSpread = 2.0;
    constexpr double besideTheField =
        3.0; // cents by which a place may differ from what the field there should give
    const int rods = static_cast<int>(readings.size());

    const auto precisionOf = [](double spread, Cents error) {
        return 1.0 / (spread * spread + error.value * error.value);
    };
    WeightedMean edgeLogs;
    WeightedMean secondLogs;
    for (const auto& reading : readings) {
        if (!reading)
            continue;
        edgeLogs.add(std::log2(reading->edge.value), precisionOf(besideTheField, reading->error));
        if (reading->second)
            secondLogs.add(std::log2(reading->second->value),
                           precisionOf(besideTheField, reading->secondError));
    }
    const double edgeMean = edgeLogs.value();
    // The (2,1) pair has a reference of its own; with too few readings it says nothing.
    const bool useSecond =
        rods != 6 && evening.second >= kSecondHeard && secondLogs.count * 4 >= edgeLogs.count * 3;
    const double secondMean = secondLogs.value();

    const Eigen::MatrixXd uniform = Eigen::MatrixXd::Constant(rods, rods, 1.0 / rods);
    const Eigen::MatrixXd edgeKernel = heardKernel(rods, 1, evening.mean) - uniform;
    const Eigen::MatrixXd secondKernel = heardKernel(rods, 2, evening.second) - uniform;
    // Unknown beside the rods' deviations: by how much the mean of each mode lies beside that of its
    // readings. Readings of unlike errors lean on the rods that are known best, which need not lie about the
    // mean.
    const int edgeOffset = rods;
    const int secondOffset = rods + 1;
    Eigen::MatrixXd precision = Eigen::MatrixXd::Identity(rods + 2, rods + 2) / (priorSpread * priorSpread);
    Eigen::VectorXd weighted = Eigen::VectorXd::Zero(rods + 2);
    const auto observe = [&](const Eigen::MatrixXd& kernel, int rod, int offset, double heard,
                             double weight) {
        Eigen::RowVectorXd row = Eigen::RowVectorXd::Zero(rods + 2);
        row.head(rods) = kernel.row(rod);
        row[offset] = 1.0;
        precision += weight * row.transpose() * row;
        weighted += weight * row.transpose() * heard;
    };

    EvennessEstimate estimate;
    for (int i = 0; i < rods; ++i) {
        const auto& own = readings[static_cast<std::size_t>(i)];
        if (!own)
            continue;
        observe(edgeKernel, i, edgeOffset, 1200.0 * (std::log2(own->edge.value) - edgeMean),
                precisionOf(readingSpread, own->error));
        if (useSecond && own->second)
            observe(secondKernel, i, secondOffset, 1200.0 * (std::log2(own->second->value) - secondMean),
                    precisionOf(readingSpread, own->secondError));
    }
    for (const LocalReadings& beside : local) {
        const double weight = 1.0 / (beside.spread.value * beside.spread.value);
        const bool everyRod = std::all_of(beside.deviation.begin(), beside.deviation.end(),
                                          [](const auto& d) { return bool(d); });
        estimate.oddPartKnown = estimate.oddPartKnown || everyRod;
        for (int i = 0; i < rods; ++i)
            if (const auto& own = beside.deviation[static_cast<std::size_t>(i)]) {
                Eigen::RowVectorXd row = Eigen::RowVectorXd::Zero(rods + 2);
                row.head(rods) = -uniform.row(i);
                row[i] += 1.0;
                precision += weight * row.transpose() * row;
                weighted += weight * row.transpose() * own->value;
            }
    }
    const Eigen::VectorXd known = solvedSymmetric(precision, weighted);
    estimate.deviation.assign(known.data(), known.data() + rods);
    const double mean = edgeMean + known[edgeOffset] / 1200.0;
    estimate.mean = Hertz{std::exp2(mean)};
    estimate.fourthHarmonicKnown = useSecond;
    for (int i = 0; i < rods; ++i) {
        const auto& own = readings[static_cast<std::size_t>(i)];
        const auto& reading = own ? own : readings[static_cast<std::size_t>((i + rods / 2) % rods)];
        const double field = edgeKernel.row(i).dot(known.head(rods));
        const double itself =
            besideTheField * besideTheField * (reading ? precisionOf(besideTheField, reading->error) : 0.0);
        const double heard = reading ? 1200.0 * (std::log2(reading->edge.value) - mean) : field;
        estimate.heard.push_back(Cents{field + itself * (heard - field)});
        estimate.widest = std::max(estimate.widest, Cents{std::abs(estimate.heard.back().value)});
    }
    return estimate;
}

EvennessEstimate estimateFromGauge(const std::vector<Hertz>& implied) {
    double sum = 0.0;
    for (const Hertz pitch : implied)
        sum += std::log2(pitch.value);
    EvennessEstimate estimate;
    estimate.mean = Hertz{std::exp2(sum / static_cast<double>(implied.size()))};
    for (const Hertz pitch : implied) {
        const Cents own = centsBetween(estimate.mean, pitch);
        estimate.deviation.push_back(own.value);
        estimate.heard.push_back(own);
        estimate.widest = std::max(estimate.widest, Cents{std::abs(own.value)});
    }
    estimate.oddPartKnown = true;
    estimate.isLocal = true;
    return estimate;
}

std::optional<int> strayReading(const std::vector<std::optional<RodPitches>>& readings) {
    constexpr double othersFit = 6.0; // cents, root mean square
    constexpr double standsOff = 20.0;
    const auto rods = static_cast<Eigen::Index>(readings.size());
    const bool full = std::all_of(readings.begin(), readings.end(), [](const auto& r) { return bool(r); });
    if (rods < 7 || !full)
        return std::nullopt;
    Eigen::MatrixXd shape(rods, 3);
    Eigen::VectorXd heard(rods);
    for (Eigen::Index i = 0; i < rods; ++i) {
        const double angle = rodAngle(static_cast<int>(i), static_cast<int>(rods)).value;
        shape.row(i) << 1.0, std::cos(2.0 * angle), std::sin(2.0 * angle);
        heard[i] = 1200.0 * std::log2(readings[static_cast<std::size_t>(i)]->edge.value);
    }
    std::optional<int> stray;
    for (Eigen::Index left = 0; left < rods; ++left) {
        // Without the one left out: its row and figure at zero weight.
        Eigen::VectorXd weight = Eigen::VectorXd::Ones(rods);
        weight[left] = 0.0;
        const Eigen::VectorXd fit =
            leastSquares(Eigen::MatrixXd(weight.asDiagonal() * shape), weight.asDiagonal() * heard);
        const Eigen::VectorXd off = heard - shape * fit;
        const double others = std::sqrt(weight.dot(off.cwiseAbs2()) / static_cast<double>(rods - 4));
        if (others > othersFit || std::abs(off[left]) < standsOff)
            continue;
        if (stray)
            return std::nullopt;
        stray = static_cast<int>(left);
    }
    return stray;
}

namespace {

/// Rods that one move turns together: opposite pairs; single rods when the count is odd or each one's own
/// deviation is known.
std::vector<std::vector<int>> handlesOf(int rods, bool singly) {
    std::vector<std::vector<int>> handles;
    if (rods % 2 == 0 && !singly)
        for (int i = 0; i < rods / 2; ++i)
            handles.push_back({i, i + rods / 2});
    else
        for (int i = 0; i < rods; ++i)
            handles.push_back({i});
    return handles;
}

constexpr double kSecondWeight = 0.5;  // the (2,1) pair guides; the edge pitch decides
constexpr double kHalfAPair = 0.03125; // turns of both; done by one of them a sixteenth
constexpr double kFinishWithin = 45.0; // cents from target at the farthest rod

/// The search over integer steps of the handles.
class MoveSearch {
public:
    MoveSearch(const EvennessEstimate& now, Hertz target, const std::vector<Turns>& rodTurns,
               const TurnResponse& response, const HeadSpec& head, const MoveLimits& limits)
        : m_limits(limits), m_rodTurns(rodTurns), m_rods(static_cast<int>(rodTurns.size())),
          m_singly(now.oddPartKnown), m_handles(handlesOf(m_rods, now.oddPartKnown)) {
        // Blocks of rows: what is heard of the edge, then of the (2,1) pair or of each rod by itself.
        const bool lower = now.fourthHarmonicKnown || (now.oddPartKnown && !now.isLocal);
        const int rows = lower ? 2 * m_rods : m_rods;
        const Eigen::MatrixXd ownKernel = Eigen::MatrixXd::Identity(m_rods, m_rods) / kLocalTolerance;
        const Eigen::MatrixXd edgeKernel =
            now.isLocal ? ownKernel : heardKernel(m_rods, 1, limits.evening.mean);
        const Eigen::MatrixXd lowerKernel =
            now.oddPartKnown ? ownKernel
                             : Eigen::MatrixXd(kSecondWeight * heardKernel(m_rods, 2, limits.evening.second));
        m_edgeShare = edgeKernel.row(0).sum();
        const double lowerShare = lowerKernel.row(0).sum();
        const double offset = centsBetween(target, now.mean).value;
        const Eigen::Map<const Eigen::VectorXd> deviation(now.deviation.data(), m_rods);

        // Turns add tension, and pitch goes with its root: all is reckoned in tension over the target's, in
        // cents to first order there, so that far corrections do not fall short.
        const double scale = std::exp2(offset / 600.0); // tension now over that of the target
        const double offsetThere = kCentsPerShare * (scale - 1.0);
        m_start.resize(rows);
        m_effect.resize(rows, static_cast<Eigen::Index>(m_handles.size()));
        // What each tap will hear now, from the estimate: noise of single readings is already smoothed.
        m_start.head(m_rods) =
            scale * edgeKernel * deviation + Eigen::VectorXd::Constant(m_rods, m_edgeShare * offsetThere);
        if (lower)
            m_start.tail(m_rods) =
                scale * lowerKernel * deviation + Eigen::VectorXd::Constant(m_rods, lowerShare * offsetThere);
        m_wish = -(scale * deviation + Eigen::VectorXd::Constant(m_rods, offsetThere));

        const double meanTurns = meanOf(rodTurns);
        const double tension = std::max(response.at(Turns{meanTurns}).value, 0.5 * kFingerTight.value);
        m_centsPerTurn = kCentsPerShare * response.perTurn().value / (tension / scale);
        m_perTurnSpread = response.perTurnShare();
        for (std::size_t h = 0; h < m_handles.size(); ++h) {
            Eigen::VectorXd turned = Eigen::VectorXd::Zero(m_rods);
            for (int rod : m_handles[h])
                turned[rod] = m_centsPerTurn;
            const auto column = static_cast<Eigen::Index>(h);
            m_effect.col(column).head(m_rods) = edgeKernel * turned;
            if (lower)
                m_effect.col(column).tail(m_rods) = lowerKernel * turned;
        }
        m_wish /= m_centsPerTurn;
        setBounds(now, rodTurns, response, head, tension);
    }

    MovePlan best() {
        if (m_singly) {
            for (const double step : {0.125, 0.0625})
                if (!m_bestMeets)
                    takeWishes(step);
            return plan();
        }
        searchWith(0.125);
        // Sixteenths only to finish: before that the next round will move the rods again anyway.
        if (!m_bestMeets && m_start.cwiseAbs().maxCoeff() <= kFinishWithin)
            searchWith(0.0625);
        if (!m_bestMeets && m_rods % 2 == 0 && m_start.cwiseAbs().maxCoeff() <= kFinishWithin)
            searchWith(kHalfAPair);
        return plan();
    }

private:
    static double meanOf(const std::vector<Turns>& turns) {
        double sum = 0.0;
        for (Turns t : turns)
            sum += t.value;
        return sum / static_cast<double>(turns.size());
    }

    bool mayTighten() const { return m_limits.mayTighten && m_limits.strays != StrayRule::LowerOnly; }

    /// How far each handle may go: finger-tight below, film load above, one pass either way.
    void setBounds(const EvennessEstimate& now, const std::vector<Turns>& rodTurns,
                   const TurnResponse& response, const HeadSpec& head, double tension) {
        const double ceiling = mayTighten() ? tensionAtLoad(head, m_limits.filmLoad).value : 0.0;
        for (const auto& handle : m_handles) {
            double lowest = -m_limits.largestMove.value;
            double highest = m_limits.largestMove.value;
            for (int rod : handle) {
                const double own = tension * std::exp2(now.deviation[static_cast<std::size_t>(rod)] / 600.0);
                const double room = (ceiling - own) / response.perTurn().value;
                const double slack = (m_limits.floor - rodTurns[static_cast<std::size_t>(rod)]).value;
                m_filmBinds = m_filmBinds || (mayTighten() && room < highest);
                m_fingerBinds = m_fingerBinds || slack > lowest;
                highest = std::min(highest, std::max(0.0, room));
                lowest =
                    m_limits.strays != StrayRule::RaiseOnly ? std::max(lowest, std::min(0.0, slack)) : 0.0;
            }
            m_lowest.push_back(lowest);
            m_highest.push_back(highest);
        }
    }

    double widestAfter(const Eigen::VectorXd& turns) const {
        return (m_start + m_effect * turns).cwiseAbs().maxCoeff();
    }
    double squaresAfter(const Eigen::VectorXd& turns) const {
        return (m_start + m_effect * turns).squaredNorm();
    }

    /// Where each rod's own deviation is known every rod simply gets its own, farthest first, until all is
    /// within tolerance.
    void takeWishes(double step) {
        std::vector<Eigen::Index> farthest(static_cast<std::size_t>(m_rods));
        std::iota(farthest.begin(), farthest.end(), Eigen::Index{0});
        std::stable_sort(farthest.begin(), farthest.end(), [this](Eigen::Index a, Eigen::Index b) {
            return std::abs(m_wish[a]) > std::abs(m_wish[b]);
        });
        Eigen::VectorXd turns = Eigen::VectorXd::Zero(m_rods);
        consider(turns, 0);
        int moves = 0;
        for (const Eigen::Index rod : farthest) {
            if (m_bestMeets || moves >= m_limits.mostMoves)
                return;
            turns[rod] = onGrid(m_wish[rod], rod, step);
            moves += turns[rod] != 0.0;
            consider(turns, moves);
        }
    }

    void searchWith(double step) {
        const auto count = m_handles.size();
        consider(Eigen::VectorXd::Zero(static_cast<Eigen::Index>(count)), 0);
        for (int size = 1; size <= std::min(static_cast<int>(count), m_limits.mostMoves) && !m_bestMeets;
             ++size)
            for (unsigned subset = 1; subset < (1U << count); ++subset)
                if (std::popcount(subset) == size)
                    consider(bestWithin(subset, step), size);
    }

    void consider(const Eigen::VectorXd& turns, int moves) {
        const double widest = widestAfter(turns);
        const bool meets = widest <= m_limits.tolerance.value;
        // A move more must earn its keep: a tenth narrower, unless it is what meets the tolerance.
        const bool better = m_bestTurns.size() == 0 || (meets && !m_bestMeets) ||
                            (meets == m_bestMeets &&
                             (moves == m_bestMoves ? widest < m_bestWidest : widest < 0.9 * m_bestWidest));
        if (!better)
            return;
        m_bestTurns = turns;
        m_bestWidest = widest;
        m_bestMoves = moves;
        m_bestMeets = meets;
    }

    /// Least squares on the chosen handles, rounded to whole steps, then improved one step at a time.
    Eigen::VectorXd bestWithin(unsigned subset, double step) const {
        std::vector<Eigen::Index> chosen;
        for (std::size_t h = 0; h < m_handles.size(); ++h)
            if ((subset >> h & 1U) != 0)
                chosen.push_back(static_cast<Eigen::Index>(h));
        Eigen::MatrixXd effect(m_effect.rows(), static_cast<Eigen::Index>(chosen.size()));
        for (std::size_t i = 0; i < chosen.size(); ++i)
            effect.col(static_cast<Eigen::Index>(i)) = m_effect.col(chosen[i]);
        const Eigen::MatrixXd normal =
            effect.transpose() * effect +
            1e-6 * m_centsPerTurn * m_centsPerTurn * Eigen::MatrixXd::Identity(effect.cols(), effect.cols());
        const Eigen::VectorXd wish = solvedSymmetric(normal, -effect.transpose() * m_start);

        Eigen::VectorXd turns = Eigen::VectorXd::Zero(m_effect.cols());
        for (std::size_t i = 0; i < chosen.size(); ++i)
            turns[chosen[i]] = onGrid(wish[static_cast<Eigen::Index>(i)], chosen[i], step);
        improve(turns, chosen, step);
        return turns;
    }

    double onGrid(double wish, Eigen::Index handle, double step) const {
        const auto h = static_cast<std::size_t>(handle);
        const double lowest = std::ceil(m_lowest[h] / step - 1e-9) * step;
        const double highest = std::floor(m_highest[h] / step + 1e-9) * step;
        const double rounded = std::clamp(std::round(wish / step) * step, lowest, highest);
        // Of a pair only one rod can be turned for half the effect; more than that is done by both.
        if (step == kHalfAPair && std::abs(rounded) > 1.5 * step)
            return std::trunc(rounded / (2.0 * step)) * 2.0 * step;
        return rounded;
    }

    void improve(Eigen::VectorXd& turns, const std::vector<Eigen::Index>& chosen, double step) const {
        double widest = widestAfter(turns);
        double squares = squaresAfter(turns);
        bool changed = true;
        while (changed) {
            changed = false;
            for (Eigen::Index h : chosen)
                for (const double delta : {-step, step}) {
                    Eigen::VectorXd trial = turns;
                    trial[h] = onGrid(turns[h] + delta, h, step);
                    const double trialWidest = widestAfter(trial);
                    const double trialSquares = squaresAfter(trial);
                    if (trialWidest < widest - 1e-9 ||
                        (trialWidest < widest + 1e-9 && trialSquares < squares - 1e-9)) {
                        turns = trial;
                        widest = trialWidest;
                        squares = trialSquares;
                        changed = true;
                    }
                }
        }
    }

    /// The rod of a pair that lags behind in what is to be done, so that the two do not drift apart.
    int oneOf(const std::vector<int>& pair, bool tighten) const {
        const Turns first = m_rodTurns[static_cast<std::size_t>(pair[0])];
        const Turns second = m_rodTurns[static_cast<std::size_t>(pair[1])];
        return (tighten ? second < first : second > first) ? pair[1] : pair[0];
    }

    MovePlan plan() const {
        MovePlan plan;
        double moved = 0.0;
        for (std::size_t h = 0; h < m_handles.size(); ++h) {
            const double turns = m_bestTurns[static_cast<Eigen::Index>(h)];
            if (turns == 0.0)
                continue;
            if (std::abs(turns) == kHalfAPair && m_handles[h].size() == 2)
                plan.moves.push_back({{oneOf(m_handles[h], turns > 0.0)}, Turns{2.0 * turns}});
            else
                plan.moves.push_back({m_handles[h], Turns{turns}});
            moved = std::max(moved, std::abs(turns));
        }
        // The largest correction first, so that stopping early leaves the least undone.
        std::stable_sort(plan.moves.begin(), plan.moves.end(), [](const RodMove& a, const RodMove& b) {
            return std::abs(a.turns.value) > std::abs(b.turns.value);
        });
        const Eigen::VectorXd after = m_start + m_effect * m_bestTurns;
        for (int i = 0; i < m_rods; ++i)
            plan.predicted.push_back(
                Cents{600.0 * std::log2(1.0 + std::max(-0.9, after[i] / m_edgeShare / kCentsPerShare))});
        pairUp(plan.moves);
        const Eigen::VectorXd change = (m_effect * m_bestTurns).head(m_rods) / m_edgeShare;
        const double shift = change.cwiseAbs().maxCoeff();
        const double uneven = (change.array() - change.mean()).abs().maxCoeff();
        plan.predictedError =
            Cents{std::hypot(3.0, shift * m_perTurnSpread, uneven * m_limits.evening.spread)};
        plan.predictedWidest = Cents{m_bestWidest / m_edgeShare};
        plan.reachesTolerance = m_bestMeets;
        plan.heldByFilm = m_filmBinds && !m_bestMeets && m_start.mean() < 0.0;
        plan.heldByFingerTight = m_fingerBinds && !m_bestMeets && m_start.mean() > 0.0;
        return plan;
    }

    /// Opposite rods that get the same are turned together.
    void pairUp(std::vector<RodMove>& moves) const {
        for (std::size_t i = 0; i < moves.size() && m_rods % 2 == 0; ++i)
            for (std::size_t j = i + 1; j < moves.size(); ++j)
                if (moves[i].rods.size() == 1 && moves[j].rods.size() == 1 &&
                    moves[i].turns == moves[j].turns &&
                    std::abs(moves[i].rods[0] - moves[j].rods[0]) == m_rods / 2) {
                    const auto [low, high] = std::minmax(moves[i].rods[0], moves[j].rods[0]);
                    moves[i].rods = {low, high};
                    moves.erase(moves.begin() + static_cast<std::ptrdiff_t>(j));
                    break;
                }
    }

    MoveLimits m_limits;
    std::vector<Turns> m_rodTurns;
    int m_rods;
    bool m_singly;
    std::vector<std::vector<int>> m_handles;
    Eigen::VectorXd m_start;  ///< cents against the target, block by block
    Eigen::VectorXd m_wish;   ///< turns that each rod's own deviation asks for
    double m_edgeShare = 1;   ///< of a deviation that all rods share, in the first block
    Eigen::MatrixXd m_effect; ///< cents per turn of each handle
    double m_centsPerTurn = 0;
    double m_perTurnSpread = 0;
    std::vector<double> m_lowest;
    std::vector<double> m_highest;
    bool m_filmBinds = false;
    bool m_fingerBinds = false;

    Eigen::VectorXd m_bestTurns;
    double m_bestWidest = 0;
    int m_bestMoves = 0;
    bool m_bestMeets = false;
};

} // namespace

namespace {

/// Where the head can come to under the rule: the rods that may not be turned back count as within tolerance
/// there.
Hertz aimOf(const EvennessEstimate& now, Hertz target, const MoveLimits& limits) {
    if (limits.strays == StrayRule::ToTarget)
        return target;
    const double up = limits.strays == StrayRule::RaiseOnly ? 1.0 : -1.0;
    double farthest = 0.0; // beyond the target, the way that may not be turned back
    for (const Cents heard : now.heard)
        farthest = std::max(farthest, up * (centsBetween(target, now.mean) + heard).value);
    const double tolerance = (now.isLocal ? kLocalTolerance : 1.0) * limits.tolerance.value;
    return moved(target, Cents{up * std::max(0.0, farthest - 0.5 * tolerance)});
}

} // namespace

MovePlan planMoves(const EvennessEstimate& now, Hertz target, const std::vector<Turns>& rodTurns,
                   const TurnResponse& response, const HeadSpec& head, const MoveLimits& limits) {
    const Hertz aim = aimOf(now, target, limits);
    MovePlan plan = MoveSearch(now, aim, rodTurns, response, head, limits).best();
    for (Cents& predicted : plan.predicted)
        predicted += centsBetween(target, aim);
    return plan;
}

Cents widestOwn(const EvennessEstimate& estimate) {
    double widest = 0.0;
    for (const double own : estimate.deviation)
        widest = std::max(widest, std::abs(own));
    return {widest};
}

Cents farthestHeard(const EvennessEstimate& estimate, Hertz target) {
    const Cents mean = centsBetween(target, estimate.mean);
    Cents farthest;
    for (const Cents heard : estimate.heard)
        farthest = std::max(farthest, Cents{std::abs((mean + heard).value)});
    return farthest;
}

} // namespace bombo
