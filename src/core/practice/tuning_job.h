#pragma once
/// A practice drum with something planted in it, to be put right by hand: what was done to it, and how that
/// compares with the shortest way.
#include "core/practice/practice_drum.h"
#include "core/reading/rod_reading.h"
#include "core/tuning/evenness.h"

#include <array>
#include <optional>
#include <vector>

namespace bombo {

/// From the easiest on.
enum class TuningTask {
    OneRod,         ///< one rod of the batter is low
    Uneven,         ///< all rods of the batter stand as they like
    ChokedWires,    ///< the strainer is drawn too far
    SlackSnareSide, ///< a turn too low, and uneven
    StickingRod,    ///< one rod is low, and half of what it is turned gets lost in its thread
    WornHead,       ///< dull: now of a worn head, now only too low and uneven
    FiveMinutes,    ///< uneven and too low, before the show begins
};
inline constexpr std::array kTuningTasks{
    TuningTask::OneRod,      TuningTask::Uneven,   TuningTask::ChokedWires, TuningTask::SlackSnareSide,
    TuningTask::StickingRod, TuningTask::WornHead, TuningTask::FiveMinutes};
/// Stored names: "one_rod", "uneven", "choked_wires", "slack_snare_side", "sticking_rod", "worn_head",
/// "five_minutes".
const char* tuningTaskName(TuningTask task);

/// What is shown meanwhile.
enum class TuningHelp {
    Advice,  ///< figures, and what Bombo would turn
    Figures, ///< what the ear of the program hears
    Ear,     ///< nothing: it is all in the listener's ear
};
inline constexpr std::array kTuningHelps{TuningHelp::Advice, TuningHelp::Figures, TuningHelp::Ear};
/// Stored names: "advice", "figures", "ear".
const char* tuningHelpName(TuningHelp help);

inline constexpr Seconds kFiveMinutes{300.0};
/// Of rods and knob, here.
inline constexpr Turns kSmallestTurn{1.0 / 16.0};

/// One placement of the key: turns at one rod without another in between.
struct KeyPlacement {
    int rod = 0;
    Turns turns;
    bool beginsPass = false; ///< the first after listening
};

struct TuningScore {
    Cents widestBefore; ///< of a rod as it sounds against the mean
    Cents widestAfter;
    Cents offAfter;            ///< mean pitch from the goal
    int passes = 0;            ///< bouts of turning between bouts of listening
    int placements = 0;        ///< of the key
    int fewest = 0;            ///< placements that would have done, by who knows what was planted
    double load = 0;           ///< highest at any rod, share of what the film bears
    std::vector<Turns> turned; ///< net, by rod; of the knob alone at the wires
    std::vector<Turns> best;   ///< of the shortest way, likewise; where all of it is turned
    bool answers = false;      ///< wires: a whisper near the edge
    bool rattles = false;      ///< wires: after a loud stroke
    bool isWires = false;
    bool wasWorn = false;     ///< the head that the task began with
    bool isFreshHead = false; ///< another was fitted
    bool isDone = false; ///< widest rod and mean within the tolerance, on a head that is not worn out; or
                         ///< answers and does not rattle
};

/// How long the taps of a round rang, and how long a fresh head rings at their pitch.
struct RoundRing {
    Seconds heard; ///< the median
    Seconds fresh; ///< as the model has it, with usual losses
    bool isWorn() const { return heard < 0.6 * fresh; }
};

class TuningJob {
public:
    /// @param batter, snareSide tensions to end at, N/m, as the user's own drum stands
    TuningJob(TuningTask task, const Drum& drum, Tension batter, Tension snareSide, std::uint64_t seed);

    TuningTask task() const { return m_task; }
    bool isWires() const { return m_task == TuningTask::ChokedWires; }
    HeadSide side() const {
        return m_task == TuningTask::SlackSnareSide ? HeadSide::SnareSide : HeadSide::Batter;
    }
    const Drum& drum() const { return m_drum; }
    Hertz goal() const { return m_goal; } ///< edge pitch, other head muted
    std::optional<Seconds> within() const;

    /// One rod, or the knob of the strainer where that is the task. @return false where it does not go: below
    /// finger-tight, or the head is torn
    bool turn(int rod, Turns turns);
    bool isTorn() const { return m_load >= 1.0; }
    Turns turnedAt(int rod) const; ///< since the beginning, or since a fresh head was fitted
    /// A fresh head in place of the one at hand, seated and brought near its pitch, all counts from there on.
    /// @return false where the task is another, or it was done already
    bool fitFreshHead();
    bool isFreshHead() const { return m_isFreshHead; }
    Turns knob() const { return m_state.strainer; }

    /// A tap in front of a rod; begins a new round if anything was turned since. @pre !isWires()
    std::vector<float> tap(int rod, const PracticeRoom& room, double sampleRate);
    /// The same head without a flaw and at its goal.
    std::vector<float> goalTap(const PracticeRoom& room, double sampleRate);
    /// A stroke with the wires on: softly near the edge or loud in the middle. @pre isWires()
    PracticeWireStroke strike(Dynamic dynamic, const PracticeRoom& room, double sampleRate);

    /// What the ear makes of the last tap, and kept for the round. @return empty where it reads nothing
    std::optional<RodReading> hear(std::span<const float> samples, double sampleRate);
    /// Of the round at hand, by rod.
    const std::vector<std::optional<RodReading>>& readings() const { return m_readings; }
    /// Every rod was heard, or after three taps its opposite was.
    bool isRoundWhole() const;
    /// Empty before four taps of the round told it.
    std::optional<RoundRing> ring() const;
    /// What Bombo would turn after this round. @pre isRoundWhole()
    MovePlan advice(Cents tolerance) const;

    /// What the strokes so far did, and what they say. @pre isWires()
    const Sweep& sweep() const { return m_sweep; }

    const std::vector<KeyPlacement>& placements() const { return m_placements; }
    TuningScore score(Cents tolerance) const;

private:
    void plant(std::uint64_t seed);
    std::vector<Turns> shortestWay(Cents tolerance) const;
    bool isWithin(const PracticeState& state, Cents tolerance) const;
    Cents offGoal(const PracticeState& state) const;
    Expectation expectation() const;
    bool isWhole() const;                     ///< every rod of the round at hand, or its opposite
    DrumState stateAt(Tension tension) const; ///< the head at hand so, the other as it is
    Hertz pitchAt(Tension tension) const;     ///< edge pitch of the head at hand
    Cents widestIn(const PracticeState& state) const;
    double highestLoad() const;

    TuningTask m_task;
    Drum m_drum;
    HiddenNature m_nature;
    PracticeState m_state;
    PracticeState m_begin; ///< where the shortest way starts
    PracticeState m_fresh; ///< with a fresh head
    Cents m_widestBefore;
    bool m_wasWorn = false;
    bool m_isFreshHead = false;
    Tension m_tension; ///< of the head at hand, to end at
    Tension m_other;   ///< of the other head
    Hertz m_goal;
    std::uint64_t m_stroke;
    int m_lastRod = 0;
    /// A whole round and how the rods stood then.
    struct Round {
        std::vector<std::optional<RodReading>> readings;
        std::vector<Turns> turned;
    };
    EveningShare learnedShare() const;
    void forgetRound();

    std::vector<Round> m_rounds; ///< those before the one at hand
    bool m_hasTurned = false;    ///< since the last tap
    bool m_hasTapped = true;     ///< since the last turn
    double m_load = 0;
    std::vector<Turns> m_turned;  ///< since the beginning
    std::vector<Turns> m_heardAt; ///< likewise, when the round at hand was heard
    std::vector<int> m_tries;     ///< taps of this round, by rod
    Sweep m_sweep{};
    std::vector<KeyPlacement> m_placements;
    std::vector<std::optional<RodReading>> m_readings;
};

} // namespace bombo
