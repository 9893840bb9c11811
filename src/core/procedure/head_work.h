#pragma once
/// The work on one head: finger-tight, counted rounds, taps, moves, done. A value with pure transitions.
#include "core/acoustics/weather.h"
#include "core/procedure/paths.h"
#include "core/procedure/preparation.h"
#include "core/reading/rod_reading.h"
#include "core/tuning/evenness.h"
#include "core/tuning/gauge.h"
#include "core/tuning/targets.h"
#include "core/tuning/uneven_trial.h"

#include <optional>
#include <string>
#include <vector>

namespace bombo {

enum class HeadStage { FingerTight, Raising, Tapping, Turning, Done };

/// A light finger on the middle of the head that is tapped takes the body tone away; or it is left free. In
/// silence something is read beside each rod instead: the mark of a tension gauge, the gap from hoop to shell
/// in mm, or how it feels (see localFromFeel).
enum class TapKind { FingerDamped, Open, Gauge, HoopGap, Feel };
inline bool isSilent(TapKind kind) {
    return kind != TapKind::FingerDamped && kind != TapKind::Open;
}
/// What can be read beside a rod in silence, of the kind's own unit. @pre isSilent(kind)
struct MarkRange {
    double lowest;
    double highest;
};
MarkRange marksOf(TapKind kind);

/// How the rounds on a head are tapped. Taps of two kinds never meet in one comparison.
struct RoundWay {
    TapKind kind = TapKind::FingerDamped;
    bool half = false;  ///< half the rods; the others are taken to read as their opposites. Even counts only
    int tapsPerRod = 1; ///< that agree before the next rod is due, 1..kMostTapsPerRod
    bool operator==(const RoundWay&) const = default;
};
inline constexpr int kMostTapsPerRod = 3;

/// A finished round of taps and how far the rods stood then.
struct FinishedRound {
    std::vector<Turns> rodTurns;
    std::vector<std::optional<RodReading>> readings; ///< by rod; empty where a half round did not tap
    std::vector<Cents>
        predicted;     ///< what the moves before this round promised, against the target; may be empty
    Weather weather{}; ///< in which it was heard
    RoundWay way{};
    std::string gauge{}; ///< with which it was read, where it was; else empty
    bool operator==(const FinishedRound&) const = default;
};

/// Why rods were turned.
enum class TurnCause { Round, Move, BothHeads, Correction, Trial };

/// A line of the ledger.
struct LedgerLine {
    std::vector<int> rods; ///< 0-based
    Turns turns;           ///< of each of them
    TurnCause cause = TurnCause::Round;
    int round = 0; ///< rounds of taps that were finished before it
    bool operator==(const LedgerLine&) const = default;
};

struct HeadWork {
    HeadStage stage = HeadStage::FingerTight;
    HeadCondition condition = HeadCondition::New;
    int skip = 1;                ///< from rod to rod, where the path is the user's own
    int prepared = 0;            ///< steps of the preparation that are done
    bool above = false;          ///< taken above pitch to be seated there: it has not rested yet
    bool resists = false;        ///< the knob of resistance rose sharply: no more turns upwards until cleared
    std::vector<Turns> rodTurns; ///< net since finger-tight, or since it was found standing; one a rod
    std::vector<LedgerLine> ledger; ///< every turn that led there, in order of time

    std::vector<Turns> countedRounds; ///< amounts of the rounds that raise the head
    int round = 0;                    ///< 0-based place in countedRounds
    int group = 0;                    ///< 0-based place in the turning order

    int startRod = 0; ///< of the round of taps
    Direction direction = Direction::CounterClockwise;
    RoundWay way{};
    std::vector<std::vector<RodReading>> taps; ///< by rod, those of the round under way
    std::optional<int> askedAgain;             ///< rod that is due out of turn, 0-based
    std::optional<int> tapsPerRodBefore{};     ///< of the way, to go on with once a rod asked again is heard

    std::vector<RodMove> moves;
    int movesDone = 0;
    std::vector<Cents> predicted; ///< edge pitch at each rod against the target once the moves are made
    Cents predictedError;
    bool withinTolerance = false; ///< every tap of the last round was within tolerance of the target
    bool heldByFilm = false;
    std::optional<UnevenTrial> trial; ///< uneven on purpose: heard, and not evened

    std::vector<FinishedRound> history;
    bool operator==(const HeadWork&) const = default;

    int rodsHeard() const;  ///< of the round under way, settled
    int rodsToHear() const; ///< in a round of this way
    int tapsAtMost() const; ///< that can still be asked for until the round is full
    Turns meanTurns() const;
};

/// What the advice needs to know beside the work itself.
struct HeadBrief {
    Drum drum;
    HeadSide side = HeadSide::Batter;
    Hertz target;
    Tension targetTension;
    Path path = Path::OppositePairs;
    Cents tolerance{8.0};
    StrayRule strays = StrayRule::ToTarget;
    Weather weather{};
    Turns largestStep{0.5}; ///< of the rounds that raise the head
    Seating seating = Seating::Palm;
    GaugeScale gauge{}; ///< of the gauge at hand
    std::string gaugeName{};
    int mostMoves = 100; ///< in one pass, and how far a rod is turned in one: few and little before a show
    Turns largestMove{0.75};
};

enum class StepRefusal {
    WrongStage,
    NoSuchRod,
    RoundFull,
    HalfNeedsEvenRods,
    TapsOutOfRange,
    NotByGauge,       ///< this round is tapped, or the other way about
    MarkOutOfRange,   ///< no gauge shows that
    HeadResists,      ///< the resistance jumped: nothing may be tightened
    NothingToRetrace, ///< no turn was counted yet
    TrialUnderWay,    ///< take the one at hand back first
    NotStretched      ///< nothing was taken above pitch, or it is not even there yet
};

/// A head that is stretched stands this much over its target, in pitch, as far as the film allows.
inline constexpr Cents kStretch{300.0};
/// The same for a head that is above pitch to be seated there: its target stands higher until it has rested.
HeadBrief stretched(HeadBrief brief);

HeadWork freshHead(int rods);
/// Every rod turned by the same, in rounds of the path of which none goes further than the largest step.
std::vector<RodMove> movesOfAll(const HeadWork& work, Path path, Turns by, Turns largestStep);
/// Rounds that would raise the head from finger-tight to a little short of its target.
std::vector<Turns> plannedRounds(const HeadWork& work, const HeadBrief& brief);
/// Steps before the count starts on this head.
std::vector<PrepStep> preparationOf(const HeadWork& work, const HeadBrief& brief);
/// Another beginning. Only before the count has started.
Result<HeadWork, StepRefusal> chooseCondition(HeadWork work, HeadCondition condition);
/// The step of the preparation that is at hand is done; after the last the count starts, by counted rounds
/// or, on a head that stands at tension, with a round of taps.
Result<HeadWork, StepRefusal> markPrepared(HeadWork work, const HeadBrief& brief);
/// All rods finger-tight: the ledger starts at zero, the counted rounds are planned.
Result<HeadWork, StepRefusal> markFingerTight(HeadWork work, const HeadBrief& brief);
/// The group of rods at hand was turned by the round's amount.
Result<HeadWork, StepRefusal> markGroupTurned(HeadWork work, const HeadBrief& brief);
/// Skip what is left of the counted rounds and listen now.
Result<HeadWork, StepRefusal> beginTapping(HeadWork work, int startRod, Direction direction);
/// Another way of tapping, from now on. What was heard in the round under way is kept, but not across a
/// change of kind: then the round starts again.
Result<HeadWork, StepRefusal> chooseWay(HeadWork work, const RoundWay& way);
/// A round of which every tap was heard is closed, e.g. after a way was chosen that asks for fewer.
HeadWork closedIfFull(HeadWork work, const HeadBrief& brief);
/// A rod is due once more, out of turn: its figure becomes the middle of its taps. A round that has just been
/// finished, with no move made since, is opened again for it.
Result<HeadWork, StepRefusal> askAgain(HeadWork work, int rod);
/// The tap at the next rod of the round, or at the one that is named. The last one closes the round and plans
/// the moves.
Result<HeadWork, StepRefusal> hearTap(HeadWork work, const HeadBrief& brief, const RodReading& reading,
                                      std::optional<int> namedRod = std::nullopt);
/// The move at hand was made.
Result<HeadWork, StepRefusal> markMoved(HeadWork work);
/// Every rod was turned by `by` outside a plan; a head that was being evened is to be heard again, one that
/// was not begun is counted from how it stands.
Result<HeadWork, StepRefusal> turnAll(HeadWork work, Turns by);
/// The ledger was wrong: this rod stands `by` further than counted, ever since it was turned last.
Result<HeadWork, StepRefusal> correctCount(HeadWork work, int rod, Turns by);
/// Moves that were reckoned elsewhere are at hand; none: a round of taps. A head that was not begun is taken
/// as it stands. Not in the middle of a trial or of counted rounds.
Result<HeadWork, StepRefusal> beginMoves(HeadWork work, std::vector<RodMove> moves);
/// What was read beside the rod that is due. @pre the round is a silent one, else NotByGauge
Result<HeadWork, StepRefusal> readGauge(HeadWork work, const HeadBrief& brief, double mark);
/// The resistance jumped, or it was found out why and is over. While it stands no rod may be tightened.
Result<HeadWork, StepRefusal> setResists(HeadWork work, bool resists);
/// Makes a head that was heard uneven on purpose: its moves are at hand now, and afterwards a round of taps.
Result<HeadWork, StepRefusal> beginTrial(HeadWork work, const HeadBrief& brief, const UnevenTrial& trial);
/// The way back: what was turned for the trial so far is turned back, then the head is evened as before.
Result<HeadWork, StepRefusal> endTrial(HeadWork work);
/// The night is over: all rods come down by the same turns to a little below pitch, so that the last ones go
/// upwards, and are then heard. @pre the head was stretched and stands even there, else NotStretched
/// @param brief the true one
Result<HeadWork, StepRefusal> markRested(HeadWork work, const HeadBrief& brief);
/// From finger-tight back to where every rod stands by the ledger: equal rounds, then what each rod has more,
/// then taps. For a drum that was dropped, or whose head was let down.
/// @pre the count began at finger-tight
Result<HeadWork, StepRefusal> retrace(HeadWork work);

/// Rod (0-based) whose tap is expected next; empty unless tapping.
std::optional<int> nextRodToTap(const HeadWork& work);
/// Rods of a round in the order they are due, those of a half round only.
std::vector<int> rodsOfRound(const HeadWork& work);
/// Opposite rods read alike in the last full round: half a round says as much.
bool halfRoundIsEnough(const HeadWork& work);
/// A rod whose last reading fits no head that a tension field can make: a slip of the tap, or edge or hoop.
std::optional<int> strayRod(const HeadWork& work);
/// Rods to turn now and by how much; empty unless raising or turning.
std::optional<RodMove> moveAtHand(const HeadWork& work, Path path);
/// What turns do on this head, learned from its rounds; of the brief only drum, side and weather count.
TurnResponse turnResponseOf(const HeadWork& work, const HeadBrief& brief);
/// Estimate from what was last heard as the rods stand, else from the last silent round; empty before there
/// is one.
std::optional<EvennessEstimate> lastEstimate(const HeadWork& work);
/// Tension as far as is known, in the weather of the brief: from the last round and the turns since, else
/// from the turns alone.
Tension tensionNow(const HeadWork& work, const HeadBrief& brief);
/// Net count below which the rods of a head would hang loose.
Turns slackFloor(const HeadWork& work, const HeadBrief& brief);
/// The last finished round was silent, and no round of taps since the last turn was heard before it.
bool isProvisional(const HeadWork& work);
/// Marks of the brief's gauge beside tensions that were heard with no turn in between.
std::vector<GaugePoint> gaugePointsOf(const HeadWork& work, const HeadBrief& brief);
/// Where the model expects this head's partials now.
Expectation expectationNow(const HeadWork& work, const HeadBrief& brief);

} // namespace bombo
