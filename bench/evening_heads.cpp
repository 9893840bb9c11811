/// How fast heads come even and to pitch: practice drums that the advice has never seen, with friction, an
/// out-of-round hoop or a sticking rod, beside the hand rule "bring each rod to the reference". A table for
/// docs/performance.md. Run: build/release/bench/bombo-evening [drums a row]
/// [dry, bedroom, rehearsal or hall]
#include "core/practice/practice_session.h"
#include "core/procedure/head_work.h"
#include "core/reading/read_tap.h"
#include "core/record/heads_say.h"
#include "core/tap/taps_in.h"
#include "support/sessions.h"

#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace bombo;

constexpr Cents kTolerance{5.0};
constexpr int kMostRounds = 9;
constexpr HeadSide kSide = HeadSide::Batter;
RoomKind g_room = RoomKind::Dry; ///< where all the drums of a run stand

struct Trouble {
    const char* name;
    int rods;
    double oval = 1.0;     ///< of the hidden unevenness
    double sticking = 0.0; ///< share of a turn that rod 3 loses
};

HiddenNature natureOf(const Trouble& trouble, const Session& session) {
    HiddenNature nature = drawNature(session.drum, session.practiceSeed);
    for (double& turns : nature.batter.unevenTurns)
        turns *= trouble.oval;
    if (trouble.sticking > 0.0)
        nature.batter.friction[2] = trouble.sticking;
    return nature;
}

struct Truth {
    double widest = 0; ///< cents from the target at the worst rod, as a perfect ear would hear it
};

Truth truthOf(const HiddenNature& nature, const Session& session) {
    const PracticeState state = practiceStateOf(session);
    const DrumState drum = drumState(session.drum, Tension{trueMeanTension(nature, state, kSide)},
                                     knownState(session).snareSide.tension, airAt(kPracticeWeather));
    // No drum is the model's: its own pitch lies beside what the tension gives there.
    const Hertz edge = edgePitch(drum, kSide) * (1.0 + nature.head(kSide).pitchOff);
    const double mean = centsBetween(briefFor(session, kSide).target, edge).value;
    Truth truth;
    for (const Cents c : trueEdgeDeviation(nature, state, kSide))
        truth.widest = std::max(truth.widest, std::abs(mean + c.value));
    return truth;
}

/// Taps the whole round through the sound of the drum; false if a rod could not be read in six taps.
bool tapRound(Session& session, const HiddenNature& nature, std::uint64_t& stroke) {
    const std::size_t rounds = session.head(kSide).history.size();
    int unread = 0;
    while (session.head(kSide).history.size() == rounds) {
        const auto rod = nextRodToTap(session.head(kSide));
        PracticeSound sound;
        sound.room = {.kind = g_room, .seed = session.practiceSeed};
        const auto taps =
            tapsIn(practiceTap(session.drum, nature, practiceStateOf(session),
                               {.side = kSide, .rod = rod, .stroke = stroke++}, kPracticeWeather, sound));
        const Expectation expected = expectationNow(session.head(kSide), briefFor(session, kSide));
        const Reading reading = taps.empty() ? Reading{} : readTap(taps[0], {.expected = expected});
        if (reading.hasFigure())
            session = bombo::testing::done(session, TapHeard{kSide, rodReadingFrom(reading)});
        else if (++unread > 6 * session.drum.rods)
            return false;
    }
    return true;
}

/// What a careful hand does: each rod by what it lacks, in eighths, at the response that is usual.
int handMoves(Session& session) {
    const HeadWork& work = session.head(kSide);
    const HeadBrief brief = briefFor(session, kSide);
    const double tension = tensionFromHeard(brief.drum, kSide, lastEstimate(work)->mean, airAt({})).value;
    const double centsPerTurn =
        600.0 / std::log(2.0) * tensionPerTurnPrior(brief.drum, kSide).value / tension;
    const FinishedRound round = work.history.back();
    int moves = 0;
    for (std::size_t rod = 0; rod < round.readings.size(); ++rod) {
        const double lacks = centsBetween(round.readings[rod]->frequency, brief.target).value;
        const double turns = std::clamp(std::round(8.0 * lacks / centsPerTurn) / 8.0, -0.75, 0.75);
        if (turns == 0.0)
            continue;
        session.batter.rodTurns[rod] += Turns{turns}; // by nobody's plan: no command turns a rod so
        session.batter.ledger.push_back({{static_cast<int>(rod)}, Turns{turns}, TurnCause::Move, 0});
        ++moves;
    }
    session = bombo::testing::done(session, BeginTapping{kSide, 0, Direction::CounterClockwise});
    return moves;
}

struct Result1 {
    std::vector<double> start, afterOne, afterTwo, last; ///< widest, cents
    std::vector<int> passes, moves;                      ///< until within tolerance
    int reached = 0;
    int unread = 0;
};

void job(const Trouble& trouble, std::uint64_t seed, bool byHand, Result1& result) {
    Drum drum = bombo::testing::plover();
    drum.rods = trouble.rods;
    Session session = newSession(drum, bombo::testing::chase(), seed);
    session.tolerance = kTolerance;
    const HiddenNature nature = natureOf(trouble, session);
    session = bombo::testing::done(session, FingerTight{kSide});
    while (session.head(kSide).stage == HeadStage::Raising)
        session = bombo::testing::done(session, GroupTurned{kSide});
    std::uint64_t stroke = 0;
    int moves = 0;
    int passes = 0;
    std::vector<double> widest{truthOf(nature, session).widest};
    bool reached = false;
    for (int round = 0; round < kMostRounds; ++round) {
        if (!tapRound(session, nature, stroke)) {
            ++result.unread;
            return;
        }
        const HeadWork& work = session.head(kSide);
        reached = work.withinTolerance;
        if (reached || (!byHand && work.stage == HeadStage::Done))
            break;
        ++passes;
        if (byHand) {
            moves += handMoves(session);
        } else {
            while (session.head(kSide).stage == HeadStage::Turning) {
                moves += static_cast<int>(moveAtHand(session.head(kSide), session.path)->rods.size());
                session = bombo::testing::done(session, MoveMade{kSide});
            }
        }
        widest.push_back(truthOf(nature, session).widest);
    }
    auto after = [&](std::size_t pass) { return widest[std::min(pass, widest.size() - 1)]; };
    result.start.push_back(after(0));
    result.afterOne.push_back(after(1));
    result.afterTwo.push_back(after(2));
    result.last.push_back(widest.back());
    result.passes.push_back(passes);
    result.moves.push_back(moves);
    result.reached += reached;
}

/// Each rod's own pitch against the mean of all, cents, its odd part: what opposite rods differ by, halved.
/// From the gauge's own law, its noise averaged away.
double oddPart(const HiddenNature& nature, const Session& session) {
    const auto rods = static_cast<std::size_t>(session.drum.rods);
    std::vector<double> own(rods);
    for (std::size_t rod = 0; rod < rods; ++rod)
        for (std::uint64_t again = 0; again < 64; ++again)
            own[rod] += 600.0 / 64.0 / nature.gaugePower *
                        std::log2(practiceGauge(nature, practiceStateOf(session), kSide,
                                                static_cast<int>(rod), 900'000 + again));
    double widest = 0.0;
    for (std::size_t rod = 0; rod < rods / 2; ++rod)
        widest = std::max(widest, 0.5 * std::abs(own[rod] - own[rod + rods / 2]));
    return widest;
}

/// Before every round of taps the gauge is read all round, or not.
struct Leaning {
    std::vector<double> oddBefore, oddAfter, heardAfter;
};

void leaningJob(std::uint64_t seed, bool withGauge, Leaning& result) {
    Session session = newSession(bombo::testing::plover(), bombo::testing::chase(), seed);
    session.tolerance = kTolerance;
    HiddenNature nature = drawNature(session.drum, seed);
    for (int rod = 0; rod < session.drum.rods; ++rod) // the hoop pulled down on the strainer's side
        nature.batter.unevenTurns[static_cast<std::size_t>(rod)] +=
            0.2 * std::cos(rodAngle(rod, session.drum.rods).value);
    session = bombo::testing::done(session, FingerTight{kSide});
    while (session.head(kSide).stage == HeadStage::Raising)
        session = bombo::testing::done(session, GroupTurned{kSide});
    result.oddBefore.push_back(oddPart(nature, session));
    std::uint64_t stroke = 0;
    for (int pass = 0; pass < 4; ++pass) {
        if (withGauge) {
            RoundWay way = session.head(kSide).way;
            way.kind = TapKind::Gauge;
            session = bombo::testing::done(session, ChooseWay{kSide, way});
            const std::size_t rounds = session.head(kSide).history.size();
            while (session.head(kSide).history.size() == rounds) {
                const int rod = *nextRodToTap(session.head(kSide));
                session = bombo::testing::done(
                    session,
                    GaugeRead{kSide, practiceGauge(nature, practiceStateOf(session), kSide, rod, stroke++)});
            }
            way.kind = TapKind::FingerDamped;
            session = bombo::testing::done(session, ChooseWay{kSide, way});
            session = bombo::testing::done(session, BeginTapping{kSide, 0, Direction::CounterClockwise});
        }
        if (!tapRound(session, nature, stroke) || session.head(kSide).stage == HeadStage::Done)
            break;
        if (pass == 3)
            break;
        while (session.head(kSide).stage == HeadStage::Turning)
            session = bombo::testing::done(session, MoveMade{kSide});
    }
    result.oddAfter.push_back(oddPart(nature, session));
    result.heardAfter.push_back(truthOf(nature, session).widest);
}

template <class T> double quantile(std::vector<T> values, double share) {
    if (values.empty())
        return 0.0;
    std::sort(values.begin(), values.end());
    return static_cast<double>(values[std::min(
        values.size() - 1, static_cast<std::size_t>(share * static_cast<double>(values.size())))]);
}

} // namespace

int main(int argc, char** argv) {
    const int drums = argc > 1 ? std::max(1, std::atoi(argv[1])) : 40;
    if (argc > 2) {
        const auto kind = std::find(kRoomNames.begin(), kRoomNames.end(), std::string_view(argv[2]));
        if (kind == kRoomNames.end()) {
            std::fprintf(stderr, "the room must be dry, bedroom, rehearsal or hall\n");
            return 2;
        }
        g_room = static_cast<RoomKind>(kind - kRoomNames.begin());
    }
    std::printf("| drums | by | widest before, cents | after one pass | after two | at the end, median and "
                "nine in ten "
                "| passes, median and nine in ten | rods turned | within 5 cents "
                "|\n|---|---|---|---|---|---|---|---|---|\n");
    for (const Trouble& trouble : {Trouble{"6 rods", 6},
                                   {"8 rods", 8},
                                   {"10 rods", 10},
                                   {"8 rods, hoop out of round", 8, 1.6},
                                   {"8 rods, one sticks", 8, 1.0, 0.5}})
        for (const bool byHand : {false, true}) {
            Result1 all;
            for (int i = 0; i < drums; ++i)
                job(trouble, 5000 + static_cast<std::uint64_t>(i), byHand, all);
            std::printf("| %s | %s | %.0f | %.1f | %.1f | %.1f, %.1f | %.0f, %.0f | %.0f | %d of %zu%s |\n",
                        trouble.name, byHand ? "hand rule" : "Bombo", quantile(all.start, 0.5),
                        quantile(all.afterOne, 0.5), quantile(all.afterTwo, 0.5), quantile(all.last, 0.5),
                        quantile(all.last, 0.9), quantile(all.passes, 0.5), quantile(all.passes, 0.9),
                        quantile(all.moves, 0.5), all.reached, all.passes.size(),
                        all.unread > 0 ? ", some unread" : "");
            std::fflush(stdout);
        }
    std::printf(
        "\n| 8 rods, hoop pulled to one side | odd part before, cents, median | after at most three passes, "
        "median and nine in ten | heard from target at the worst rod, median and nine in ten "
        "|\n|---|---|---|---|\n");
    for (const bool withGauge : {true, false}) {
        Leaning all;
        for (int i = 0; i < drums; ++i)
            leaningJob(7000 + static_cast<std::uint64_t>(i), withGauge, all);
        std::printf("| %s | %.0f | %.1f, %.1f | %.1f, %.1f |\n", withGauge ? "taps and gauge" : "taps alone",
                    quantile(all.oddBefore, 0.5), quantile(all.oddAfter, 0.5), quantile(all.oddAfter, 0.9),
                    quantile(all.heardAfter, 0.5), quantile(all.heardAfter, 0.9));
    }
    return 0;
}
