#pragma once
/// All that is known while one works on a drum: three kinds of state side by side, and what follows from
/// them.
#include "core/faults/player_or_drum.h"
#include "core/faults/ring_causes.h"
#include "core/procedure/quick_plan.h"
#include "core/procedure/ring_plans.h"
#include "core/record/context.h"
#include "core/record/refusal.h"
#include "core/record/rig.h"
#include "core/record/work.h"

#include <memory>

namespace bombo {

enum class StationState { Open, Doing, Done, Stale };

/// A value, changed only by commands (see commands/command.h). The journal keeps its parts apart.
struct Session : Work, Context, Rig {
    bool operator==(const Session&) const = default;
};

/// A session with what was reckoned from it so far: targets, tensions and advice are computed once, when they
/// are first asked for. Whatever wants one takes a plain session as well; who asks for several things keeps
/// one. Holds a reference: the session must stay as it is meanwhile. Not for two threads at once.
class Reckoned {
public:
    Reckoned(const Session& session); // NOLINT(google-explicit-constructor): see above
    ~Reckoned();
    Reckoned(const Reckoned&) = delete;
    Reckoned& operator=(const Reckoned&) = delete;

    const Session& session() const { return *m_session; }
    struct Memo;
    Memo& memo() const { return *m_memo; }

private:
    const Session* m_session;
    std::unique_ptr<Memo> m_memo;
};

Session newSession(Drum drum, Tone tone, std::uint64_t practiceSeed);

// Derived, never stored.
inline ToneBrief briefOf(const Session& session) {
    return {session.tone, session.wish, session.school};
}
/// What turns do on both heads, as learned in this session.
TurnModel turnModelOf(const Reckoned& reckoned);
Result<Targets, OutOfReach> targetsOf(const Reckoned& reckoned);
/// @pre the tone is within reach of the drum (see targetsOf)
HeadBrief briefFor(const Reckoned& reckoned, HeadSide side);
/// What is to be done before the show. @pre session.hurry
std::vector<QuickStep> quickPlanOf(const Session& session);
TrialPrediction trialPrediction(const Reckoned& reckoned, HeadSide side, const UnevenTrial& trial);
/// Where the work goes on after a station, by the school's order of the heads; the last one follows itself.
Station stationAfter(const Session& session, Station station);
StationState stationState(const Reckoned& reckoned, Station station);
/// Both heads as far as is known now.
DrumState knownState(const Reckoned& reckoned);
/// What is known of the wires.
Sweep sweepOf(const Reckoned& reckoned);
WireAdvice wireAdviceOf(const Reckoned& reckoned);
/// What calms the wires beside the session's neighbours; see calmings().
std::vector<Calming> calmingsOf(const Reckoned& reckoned);
/// What is known of the gauge at hand, from other sessions and this one.
std::vector<GaugePoint> gaugePoints(const Session& session);
/// What this session found of each gauge that was used in it; those without a name count for the one at hand.
std::vector<GaugeRecord> gaugesFound(const Session& session);
/// Whether the strokes heard are of the drum as it stands: neither heads nor pads were moved since.
bool strokesHold(const Session& session);
/// Empty throughout when none was heard, or they no longer hold.
StrokesSay strokesSay(const Session& session);
/// Factor on the batter's own decay rates that its open ring teaches, 1 before one was heard, or when the
/// heads were turned since.
double dampingLearned(const Session& session);
/// What lies on the batter and what it does, by all that is known.
MufflingPrediction mufflingOf(const Reckoned& reckoned, HeardFrom from = HeardFrom::Head);
/// Where the wish of a plan comes from: the session as it stands.
std::vector<RingPlan> ringPlansOf(const Reckoned& reckoned);
RingEvidence ringEvidence(const Reckoned& reckoned);
/// The strokes of the drum as it stands, as backbeats, in order of time; empty when they no longer hold.
std::vector<Backbeat> backbeatsOf(const Session& session);
StrokeScatter scatterOf(const Session& session);
/// What differs from when the experiment began. @pre session.experiment
Changed changedSince(const Session& session);
/// Where the model expects the partials of a whole stroke, both heads free.
Expectation strokeExpectation(const Reckoned& reckoned);
/// Where the model expects the partials of the next tap of the pitch card. @pre a place is due
Expectation cardExpectation(const Reckoned& reckoned);
/// What the pitch card says, compared in the weather of its taps; empty while neither edge was heard.
std::optional<CardSays> cardSays(const Session& session);

inline constexpr Celsius kColdest{-20.0};
inline constexpr Celsius kHottest{50.0};
inline constexpr Metres kHighest{6000.0}; ///< above the sea

} // namespace bombo
