#include "support/exercise.h"

#include "core/record/commands/command.h"
#include "core/record/drum_now.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "core/record/muffling_says.h"
#include "core/record/proof.h"
#include "core/record/session_sound.h"
#include "core/record/stations.h"
#include "core/record/strokes_say.h"
#include "core/record/ticket.h"
#include "core/record/wires_say.h"

namespace bombo::testing {
namespace {

void askHead(const Reckoned& reckoned, HeadSide side) {
    const Session& session = reckoned.session();
    const HeadWork& work = session.head(side);
    const HeadBrief brief = briefFor(reckoned, side);
    plannedRounds(work, brief);
    preparationOf(work, brief);
    nextRodToTap(work);
    rodsOfRound(work);
    halfRoundIsEnough(work);
    strayRod(work);
    moveAtHand(work, session.path);
    lastEstimate(work);
    tensionNow(work, brief);
    slackFloor(work, brief);
    isProvisional(work);
    gaugePointsOf(work, brief);
    expectationNow(work, brief);
    if (work.trial)
        trialPrediction(reckoned, side, *work.trial);
}

void ask(const Reckoned& reckoned) {
    const Session& session = reckoned.session();
    for (const Station station : kStations) {
        stationState(reckoned, station);
        stationAfter(session, station);
        Session there = session;
        there.station = station;
        dueNow(there, Attention{.card = station == Station::Proof});
    }
    askHead(reckoned, HeadSide::Batter);
    askHead(reckoned, HeadSide::SnareSide);
    if (session.hurry)
        quickPlanOf(session);
    knownState(reckoned);
    wireAdviceOf(reckoned);
    calmingsOf(reckoned);
    gaugesFound(session);
    strokesSay(session);
    mufflingOf(reckoned);
    ringEvidence(reckoned);
    scatterOf(session);
    strokeExpectation(reckoned);
    cardSays(session);
    proofLines(reckoned);
    setupSummary(session);
    wantedStroke(session);
    presentStroke(session);
    if (session.experiment)
        changedSince(session);
    workText(session);
    // The logbook: an entry as it stands, the way back to it from a day later, what moved it.
    constexpr std::int64_t at = 1'790'000'000;
    const std::vector<Entry> entries{entryOf(reckoned, at)};
    const DrumNow now = drumNow(reckoned, entries, at + 86400);
    for (const SameAs same : {SameAs::Pitches, SameAs::Tensions, SameAs::Counts})
        backTo(now, entries.front(), same, {}, padKinds());
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        movedSince(reckoned, side, entries, at + 86400);
}

} // namespace

void exercise(const Session& session) {
    ask(session);
    RodReading heard;
    heard.frequency = Hertz{300};
    std::vector<Command> all{BeginHurry{5.0}, EndHurry{}, StartCard{}, SetStrainer{Turns{1.0}}, MarkSaved{}};
    for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter})
        all.insert(all.end(), {Prepared{side}, FingerTight{side}, GroupTurned{side}, MoveMade{side},
                               TapHeard{side, heard}, GaugeRead{side, 1.0}, RetraceHead{side}, EndTrial{side},
                               CorrectCount{side, 0, Turns{0.125}},
                               BeginTapping{side, 0, Direction::Clockwise}, StartHeadAgain{side}});
    for (const Command& command : all)
        if (const auto after = apply(session, command))
            workText(*after);
}

} // namespace bombo::testing
