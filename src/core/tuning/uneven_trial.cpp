#include "core/tuning/uneven_trial.h"

#include "core/acoustics/tension_field.h"
#include "core/drum/beds.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr std::size_t kMostNear = 3;

/// Neighbours round the hoop, in any order.
bool areNeighbours(std::vector<int> chosen, int rods) {
    if (chosen.size() < 2)
        return true;
    // From one of them all others follow step by step.
    for (const int first : chosen) {
        std::size_t reached = 1;
        while (reached < chosen.size() &&
               std::find(chosen.begin(), chosen.end(), (first + static_cast<int>(reached)) % rods) !=
                   chosen.end())
            ++reached;
        if (reached == chosen.size())
            return true;
    }
    return false;
}

Eigen::VectorXd turnsOf(const UnevenTrial& trial, int rods) {
    Eigen::VectorXd turned = Eigen::VectorXd::Zero(rods);
    for (const RodMove& move : trial.moves)
        for (const int rod : move.rods)
            turned[rod] += move.turns.value;
    return turned;
}

} // namespace

Result<UnevenTrial, TrialFault> planTrial(TrialKind kind, std::vector<int> rods, Turns amount,
                                          const std::vector<Turns>& rodTurns, const TurnResponse& response,
                                          const HeadSpec& head, Turns floor) {
    const int count = static_cast<int>(rodTurns.size());
    if (!(amount.value >= 0.125) || amount > kLargestTrial)
        return failure(TrialFault::TurnsOutOfRange);
    if (kind != TrialKind::SlackenNear)
        rods = rodsBesideBeds(count);
    std::sort(rods.begin(), rods.end());
    rods.erase(std::unique(rods.begin(), rods.end()), rods.end());
    if (rods.empty() || rods.front() < 0 || rods.back() >= count)
        return failure(TrialFault::NoSuchRod);
    if (kind == TrialKind::SlackenNear && rods.size() > kMostNear)
        return failure(TrialFault::TooManyRods);
    if (kind == TrialKind::SlackenNear && !areNeighbours(rods, count))
        return failure(TrialFault::RodsNotNeighbours);

    const Turns chosen = kind == TrialKind::TightenBeds ? amount : -amount;
    UnevenTrial trial{kind, rods, {}};
    for (const int rod : rods) {
        const Turns after = rodTurns[static_cast<std::size_t>(rod)] + chosen;
        if (after < floor)
            return failure(TrialFault::WouldBeSlack);
        trial.moves.push_back({{rod}, chosen});
    }
    // The others take up what the slack ones give, to the nearest eighth, so that the pitch stays near.
    const double others = static_cast<double>(count) - static_cast<double>(rods.size());
    const double each = kind == TrialKind::SlackenNear
                            ? std::round(8.0 * amount.value * static_cast<double>(rods.size()) / others) / 8.0
                            : 0.0;
    for (int rod = 0; rod < count && each > 0.0; ++rod)
        if (!std::binary_search(rods.begin(), rods.end(), rod))
            trial.moves.push_back({{rod}, Turns{each}});
    const Eigen::VectorXd turned = turnsOf(trial, count);
    for (int rod = 0; rod < count; ++rod) {
        const Tension own = response.at(rodTurns[static_cast<std::size_t>(rod)] + Turns{turned[rod]});
        if (turned[rod] > 0.0 && filmLoad(head, own) > kFilmLoadLimit)
            return failure(TrialFault::FilmLoad);
    }
    return trial;
}

std::vector<RodMove> wayBack(const UnevenTrial& trial) {
    std::vector<RodMove> back;
    for (auto move = trial.moves.rbegin(); move != trial.moves.rend(); ++move)
        back.push_back({move->rods, -move->turns});
    return back;
}

TrialPrediction predictTrial(const UnevenTrial& trial, int rods, Hertz edge, Turns meanTurns,
                             const TurnResponse& response, const EveningShare& evening) {
    const double tension = std::max(response.at(meanTurns).value, 0.5 * kFingerTight.value);
    const Eigen::VectorXd own = kCentsPerShare * response.perTurn().value / tension * turnsOf(trial, rods);
    const Eigen::VectorXd heard = heardKernel(rods, 1, evening.mean) * own;
    TrialPrediction prediction;
    prediction.meanShift = Cents{heard.mean()};
    for (const double cents : heard)
        prediction.heard.push_back(Cents{cents});
    prediction.pairSplit = Cents{2.0 * pairSplit(own.array() - own.mean(), 1, evening.mean).half.value};
    prediction.beat = moved(edge, prediction.pairSplit / 2.0) - moved(edge, -(prediction.pairSplit / 2.0));
    return prediction;
}

} // namespace bombo
