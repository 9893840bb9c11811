#pragma once
/// A head made uneven on purpose: what it takes, what it should do, what it costs, and the way back.
#include "core/tuning/evenness.h"

namespace bombo {

enum class TrialKind {
    SlackenNear, ///< two or three neighbouring rods slackened, the others a little up: low, short and dead
    SlackenBeds, ///< the rods beside the snare beds: less buzz from other drums
    TightenBeds  ///< the same rods up: more snap
};

struct UnevenTrial {
    TrialKind kind = TrialKind::SlackenNear;
    std::vector<int> rods;      ///< 0-based, those that are chosen
    std::vector<RodMove> moves; ///< in the order to make them; pairs are not kept together on purpose
    bool operator==(const UnevenTrial&) const = default;
};

/// What a trial should do, to first order.
struct TrialPrediction {
    Cents meanShift;          ///< of the edge pitch, mean over the rods
    std::vector<Cents> heard; ///< change at each rod
    Cents pairSplit;          ///< between the two partials of the edge pair
    Hertz beat;               ///< how often a second the ring then wavers
};

inline constexpr Turns kLargestTrial{1.0}; ///< of a chosen rod

enum class TrialFault { NoSuchRod, RodsNotNeighbours, TooManyRods, TurnsOutOfRange, WouldBeSlack, FilmLoad };

/// @param rods   of SlackenNear, one to three neighbours, 0-based; else taken from where the beds are
/// @param amount how far each chosen rod is turned, > 0, in eighths
/// @param rodTurns net, and `floor` the count at which a rod would hang loose
Result<UnevenTrial, TrialFault> planTrial(TrialKind kind, std::vector<int> rods, Turns amount,
                                          const std::vector<Turns>& rodTurns, const TurnResponse& response,
                                          const HeadSpec& head, Turns floor);
/// The same turns the other way, last first.
std::vector<RodMove> wayBack(const UnevenTrial& trial);
/// @param edge pitch now, mean
/// @param evening how much of unequal rods is heard on this head
TrialPrediction predictTrial(const UnevenTrial& trial, int rods, Hertz edge, Turns meanTurns,
                             const TurnResponse& response, const EveningShare& evening);

} // namespace bombo
