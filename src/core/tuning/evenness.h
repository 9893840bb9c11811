#pragma once
/// From a round of edge taps to the state of the head, and on to the fewest key moves.
#include "core/tuning/evening_share.h"
#include "core/tuning/gauge.h"
#include "core/tuning/turn_response.h"

#include <optional>
#include <vector>

namespace bombo {

/// What was heard in front of one rod.
struct RodPitches {
    Hertz edge;                  ///< the (1,1) pair, weighted mean if split
    std::optional<Hertz> second; ///< the (2,1) pair, if it was heard
    Cents error{};               ///< standard error of `edge`, the room's share in it; 0 where none is stated
    Cents secondError{};         ///< likewise of `second`
};

struct EvennessEstimate {
    Hertz mean;               ///< geometric mean of the edge pitches, by their errors
    std::vector<Cents> heard; ///< edge pitch at each rod against `mean`, as the whole round tells it: of a
                              ///< tap with a wide error mostly what the others say of its place; as its
                              ///< opposite where not tapped
    std::vector<double> deviation; ///< each rod's own in cents of pitch, sums to 0; its odd part is 0 unless
                                   ///< something was measured beside each rod
    Cents widest;                  ///< largest |heard|
    bool fourthHarmonicKnown = false; ///< enough (2,1) readings to see every second rod high
    bool oddPartKnown = false;        ///< gauge or hoop gap at every rod: opposite rods are told apart
    bool isLocal = false;             ///< nothing was heard: `heard` is each rod's own deviation
};

/// The largest own deviation of a rod, without its sign.
Cents widestOwn(const EvennessEstimate& estimate);

/// How far from the target the rod is heard that is heard farthest from it.
Cents farthestHeard(const EvennessEstimate& estimate, Hertz target);

/// Gaussian estimate from all paired partials: prior 60 cents a rod, readings trusted to 2 cents and their
/// own error. The (1,1) hears only the mean and the second harmonic of the tension, so that eight readings
/// tell three figures and a room that scatters them by 8 cents leaves 5.
/// @param readings by rod; of two opposite rods one may be empty, since both hear the same to first order
/// @pre readings.size() >= 3, all pitches > 0
/// @param local what was measured beside the rods as well; each of as many rods
/// @param evening how much of unequal rods is heard on this head; the moves that are planned from the
/// estimate must be reckoned with the same. On six rods the (2,1) hears the same pattern as the (1,1), so
/// that it tells nothing new and is left out, and so it is where less than kSecondHeard of it is heard.
EvennessEstimate estimateEvenness(const std::vector<std::optional<RodPitches>>& readings,
                                  const std::vector<LocalReadings>& local = {},
                                  const EveningShare& evening = {});

/// The same where nothing could be heard: `implied` is the pitch that each rod's own tension stands for, by a
/// gauge. @pre size >= 3, all > 0
EvennessEstimate estimateFromGauge(const std::vector<Hertz>& implied);

/// A rod's own deviation may be so much larger than the tolerance for what is heard: one rod of eight that is
/// x off is heard as x/4 at most (see heardKernel), and a gauge does not repeat better.
inline constexpr double kLocalTolerance = 3.0;

/// The rod whose edge pitch does not fit the others: they lie within 6 cents (root mean square) of what a
/// tension field can sound like at first order, mean + a cos 2x + b sin 2x over the angle x, and it lies more
/// than 20 cents off. Empty on half rounds, on heads of fewer than seven rods (with six a rod and its
/// opposite cannot be told apart), and where more than one stands out.
std::optional<int> strayReading(const std::vector<std::optional<RodPitches>>& readings);

struct RodMove {
    std::vector<int> rods; ///< 0-based; one rod, or an opposite pair
    Turns turns;           ///< of each of them, positive tightens
    bool operator==(const RodMove&) const = default;
};

struct MovePlan {
    std::vector<RodMove> moves;   ///< in the order to make them; empty when nothing need be turned
    std::vector<Cents> predicted; ///< edge pitch at each rod against the target afterwards
    Cents predictedError;         ///< one standard error of `predicted`
    Cents predictedWidest;
    bool reachesTolerance = false;
    bool heldByFilm = false;        ///< the full correction would have passed the film load limit
    bool heldByFingerTight = false; ///< a rod would have gone below finger-tight
};

/// Which way strays are brought to the rest. Where rods may only be raised, those that stand above the target
/// set where the head ends, and the other way about.
enum class StrayRule { ToTarget, RaiseOnly, LowerOnly };

struct MoveLimits {
    Cents tolerance{10.0};
    Turns largestMove{0.75}; ///< of one rod in one pass
    double filmLoad = kFilmLoadLimit;
    int mostMoves = 100;    ///< in one pass
    EveningShare evening{}; ///< as learned on this head
    StrayRule strays = StrayRule::ToTarget;
    bool mayTighten = true; ///< false once the resistance jumped
    Turns floor{0.0};       ///< net count below which a rod would be slack
};

/// Fewest moves of opposite pairs (single rods on odd counts) in eighths that bring every rod's predicted
/// reading within tolerance of `target`; sixteenths when eighths cannot and no rod is further off than 45
/// cents, and then one rod of a pair by a sixteenth where a pair would do too much. Corrections are else
/// split equally between opposite rods, since taps cannot tell them apart; where the odd part is known each
/// rod gets its own, kLocalTolerance times as coarse. Reckoned in tension, so that far corrections do not
/// fall short.
/// @param rodTurns net turns since finger-tight, one for each rod
MovePlan planMoves(const EvennessEstimate& now, Hertz target, const std::vector<Turns>& rodTurns,
                   const TurnResponse& response, const HeadSpec& head, const MoveLimits& limits = {});

} // namespace bombo
